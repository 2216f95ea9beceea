/** The kind of thing, as against one purchase of it. */
import type { OwnFacts } from '../catalogue/ownFacts'
import type { ItemId, PocketId } from '../ids'
import type { Amount } from '../quantity/amount'
import type { OpenedClock } from '../shelf-life/openedClock'
import type { ItemKind } from './itemKind'
import type { Verdict } from './verdict'

export interface Item {
  readonly id: ItemId
  readonly name: string
  /** Strength or size as on the pack: "100 mg/5 mL", "7.5 cm"; "" when it has none. */
  readonly strength: string
  /** What one of it is called: "tablet", "pair", "bottle"; "" for plain pieces. */
  readonly unit: string
  readonly kind: ItemKind
  readonly purpose: string
  readonly forWhom: string
  readonly essential: boolean
  readonly openedClock: OpenedClock
  readonly packSize: Amount | null
  /** Price of one pack in the currency's smallest unit. */
  readonly packPriceMinor: number | null
  readonly shop: string
  readonly note: string
  /** The catalogue entry it is one of; null for a plain item. */
  readonly catalogueId: string | null
  /** What the household adds to or overrules in the catalogue. */
  readonly own: OwnFacts
  /** Null where nobody complains. */
  readonly verdict: Verdict | null
  readonly version: number
}

/** How many of an item belong in a pocket. */
export interface Par {
  readonly itemId: ItemId
  readonly pocketId: PocketId
  readonly amount: Amount
}

/** Name with strength, the way it stands on a tag. */
export const itemTitle = (item: Pick<Item, 'name' | 'strength'>): string =>
  item.strength === '' ? item.name : `${item.name} ${item.strength}`
