/** Shelves of a shop in an order of our own, by what things are for. */
import { SECTIONS, type SectionId } from '../catalogue/entry'
import { type Entries, entryOf } from '../layout/ofKit'
import type { Item } from '../stock/item'
import type { ItemKind } from '../stock/itemKind'

export type Aisle = SectionId | 'other_medicine' | 'other'

/** In the order in which one walks. */
export const AISLES: readonly Aisle[] = [
  ...(Object.keys(SECTIONS) as SectionId[]),
  'other_medicine',
  'other',
]

const KIND_AISLE: Readonly<Partial<Record<ItemKind, Aisle>>> = {
  medicine: 'other_medicine',
  sterile: 'wounds',
  food: 'food',
  paper: 'information',
}

/** By its catalogue entry; of what the catalogue does not know, by its kind. */
export const aisleOf = (item: Pick<Item, 'catalogueId' | 'kind'>, entries: Entries): Aisle =>
  entryOf(item, entries)?.section ?? KIND_AISLE[item.kind] ?? 'other'
