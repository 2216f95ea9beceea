/** An item with what is known of it: from the catalogue where it is matched, and from its keeper. */
import { catalogue } from '../catalogue/catalogue'
import { itemFacts } from '../catalogue/itemFacts'
import type { Item } from '../stock/item'
import type { KnownItem } from './pantry'

export const knownItem = (item: Item): KnownItem => ({
  item,
  facts: itemFacts(
    item,
    item.catalogueId === null ? null : (catalogue().get(item.catalogueId) ?? null),
    item.own,
  ),
})
