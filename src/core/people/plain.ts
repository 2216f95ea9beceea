/** What a child who helps may find: things that hold nothing and go into nobody. */
import type { CatalogueEntry } from '../catalogue/entry'
import type { SubstanceId } from '../catalogue/substances'
import type { ItemKind } from '../stock/itemKind'

const KINDS: readonly ItemKind[] = ['sterile', 'supply', 'instrument', 'battery', 'paper', 'food']
/** What a thing is made of, not what is in it to be taken up. */
const MATERIALS: readonly SubstanceId[] = ['adhesive', 'latex', 'colophony', 'acrylate', 'nickel']

/** Whether an entry of the catalogue is no medicine whatever; everything else counts as one. */
export const isPlain = (
  entry: Pick<CatalogueEntry, 'kind' | 'route' | 'ingredients' | 'contains'>,
): boolean =>
  KINDS.includes(entry.kind) &&
  entry.route === 'none' &&
  entry.ingredients.length === 0 &&
  entry.contains.every((substance) => MATERIALS.includes(substance))
