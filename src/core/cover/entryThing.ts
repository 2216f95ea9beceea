/** An entry of the catalogue as a thing that the household does not have yet. */
import type { CatalogueEntry } from '../catalogue/entry'
import { itemFacts } from '../catalogue/itemFacts'
import type { Thing } from './suitability'

export function entryThing(entry: CatalogueEntry): Thing {
  const before = entryThings.get(entry)
  if (before) return before
  const thing: Thing = {
    itemId: null,
    title: entry.strength === '' ? entry.name : `${entry.name} ${entry.strength}`,
    strength: entry.strength,
    facts: itemFacts(entry, entry, {}),
  }
  entryThings.set(entry, thing)
  return thing
}
/** The catalogue does not change: what an entry is as a thing is worked out once. */
const entryThings = new WeakMap<CatalogueEntry, Thing>()
