/** One line of the shopping list: packs of one item from one shop, on their way into pockets. */
import { addDays, type PlainDate } from '../calendar/plainDate'
import type { ItemId, PocketId, PurchaseId, ShopOrderId } from '../ids'
import { type Amount, less, NOTHING, sum, type Total, total, upToMost } from '../quantity/amount'
import type { ShopOffer } from '../restock/household'
import { sameShop } from '../restock/offers'

/** So much of what is bought goes into a pocket. */
export interface Target {
  readonly pocketId: PocketId
  readonly amount: Amount
}

export type PurchaseState =
  | { readonly kind: 'listed' }
  /** Bought, not yet put away. */
  | { readonly kind: 'in_bag' }
  /** The shop had none on this day. */
  | { readonly kind: 'not_there'; readonly on: PlainDate }
  | {
      readonly kind: 'ordered'
      readonly orderId: ShopOrderId
      readonly dueOn: PlainDate
      /** The shop did not have it when it was ordered. */
      readonly backOrdered: boolean
    }
  /** Delivered, not yet put away. */
  | { readonly kind: 'arrived'; readonly orderId: ShopOrderId }

export interface Purchase {
  readonly id: PurchaseId
  readonly itemId: ItemId
  /** "" where any shop will do. */
  readonly shop: string
  readonly packs: number
  readonly packSize: Amount
  /** What a pack is expected to cost; null when nobody knows. */
  readonly priceMinor: number | null
  /** To be had by this day; null when no visit waits for it. */
  readonly wantedBy: PlainDate | null
  /** Where it is to go; what is bought beyond that is for wherever it finds a place. */
  readonly goesTo: readonly Target[]
  /** Made by the plan and made again with it, or put there by hand. */
  readonly source: 'plan' | 'hand'
  readonly state: PurchaseState
}

export const boughtAmount = ({ packs, packSize }: Pick<Purchase, 'packs' | 'packSize'>): Total =>
  total(packs * packSize)

/** Paid for or promised: a plan reckons with it. */
export const isComing = ({ state }: Pick<Purchase, 'state'>): boolean =>
  state.kind === 'in_bag' || state.kind === 'ordered' || state.kind === 'arrived'

/** In hand: to be put away. */
export const isHere = ({ state }: Pick<Purchase, 'state'>): boolean =>
  state.kind === 'in_bag' || state.kind === 'arrived'

/** What was not to be had is looked for again after so many days. */
export const LOOK_AGAIN_DAYS = 14

/** Whether a shop had none of an item lately, so that a plan looks elsewhere. */
export const isMissingAt = (
  purchases: readonly Purchase[],
  itemId: ItemId,
  shop: string,
  today: PlainDate,
): boolean =>
  purchases.some(
    (one) =>
      one.itemId === itemId &&
      sameShop(one.shop, shop) &&
      one.state.kind === 'not_there' &&
      today < addDays(one.state.on, LOOK_AGAIN_DAYS),
  )

/**
 * Where everything that is known to sell an item had none, another shop may: at the same pack and
 * price, of no shop in particular and without waiting.
 */
export function elsewhere(
  offers: readonly ShopOffer[],
  isMissing: (offer: ShopOffer) => boolean,
): readonly ShopOffer[] {
  const there = offers.filter((offer) => !isMissing(offer))
  const gone = offers.filter(
    (offer, at) =>
      isMissing(offer) &&
      offer.shop !== '' &&
      !there.some(({ itemId }) => itemId === offer.itemId) &&
      offers.findIndex(({ itemId }) => itemId === offer.itemId) === at,
  )
  return [...there, ...gone.map((offer) => ({ ...offer, shop: '', leadDays: 0 }))]
}

/** Each pocket once, with all that is for it, in the order in which they first come. */
export function inAll(targets: readonly Target[]): Target[] {
  const pockets = [...new Set(targets.map(({ pocketId }) => pocketId))]
  return pockets.map((pocketId) => ({
    pocketId,
    amount: upToMost(
      sum(targets.filter((one) => one.pocketId === pocketId).map(({ amount }) => amount)),
    ),
  }))
}

/**
 * Parts the packs of a purchase, in the order in which pockets wait for them: the first part gets
 * the first pockets filled.
 * @returns one list of pockets for each count of packs
 */
export function partTargets(
  { packSize, goesTo }: Pick<Purchase, 'packSize' | 'goesTo'>,
  counts: readonly number[],
): readonly (readonly Target[])[] {
  const waiting = goesTo.map((target) => ({ ...target }))
  return counts.map((packs) => {
    let left: Total = total(packs * packSize)
    return waiting.flatMap((target) => {
      const amount = Math.min(left, target.amount) as Amount
      if (amount === NOTHING) return []
      left = less(left, amount)
      target.amount = less(target.amount, amount)
      return [{ pocketId: target.pocketId, amount }]
    })
  })
}

/** What pockets still wait for after so much was put; nothing below nothing. */
export function stillWaiting(goesTo: readonly Target[], put: readonly Target[]): readonly Target[] {
  return goesTo.flatMap(({ pocketId, amount }) => {
    const there = sum(put.filter((one) => one.pocketId === pocketId).map((one) => one.amount))
    const left = less(amount, there)
    return left === NOTHING ? [] : [{ pocketId, amount: left }]
  })
}
