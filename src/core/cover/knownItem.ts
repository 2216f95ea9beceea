/** An item with what is known of it: from the catalogue where it is matched, and from its keeper. */
import { catalogue } from '../catalogue/catalogue'
import { itemFacts } from '../catalogue/itemFacts'
import type { Item } from '../stock/item'
import type { KnownItem } from './pantry'

/** The same for an item of which nothing changed since it was read last. */
export function knownItem(item: Item): KnownItem {
  const said = JSON.stringify(item)
  const before = read.get(said)
  if (before) return before
  const known: KnownItem = {
    item,
    facts: itemFacts(
      item,
      item.catalogueId === null ? null : (catalogue().get(item.catalogueId) ?? null),
      item.own,
    ),
  }
  if (read.size >= MOST_READ) read.clear()
  read.set(said, known)
  return known
}

/** Items change seldom, and are read after every act. */
const read = new Map<string, KnownItem>()
const MOST_READ = 10_000
