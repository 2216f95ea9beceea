/** What may lie in a line for what belongs there. */
import type { CatalogueEntry } from '../catalogue/entry'
import type { Goods } from '../layout/goods'
import { type Entries, entryOf } from '../layout/ofKit'
import type { Item } from '../stock/item'

/**
 * Things of the household that may stand in: the catalogue names them. Of what acts only the
 * same, in the same strength and form; the same again under another name is no danger, another
 * strength is.
 */
export function standInsOf(
  item: Item,
  items: readonly Item[],
  goods: readonly Goods[],
  entries: Entries,
): readonly number[] {
  const entry = entryOf(item, entries)
  if (!entry) return []
  return items.flatMap((other, index) => {
    const instead = entryOf(other, entries)
    if (other.id === item.id || !instead) return []
    if (instead.id !== entry.id && !entry.standIns.includes(instead.id)) return []
    return isSafeInstead(entry, instead, item, other) &&
      goods[index]?.cold === entry.storage.to <= 8
      ? [index]
      : []
  })
}

const isSafeInstead = (
  entry: CatalogueEntry,
  instead: CatalogueEntry,
  item: Item,
  other: Item,
): boolean =>
  entry.ingredients.length === 0 && instead.ingredients.length === 0
    ? instead.madeFor.species.join() === entry.madeFor.species.join()
    : instead.id === entry.id && other.strength === item.strength
