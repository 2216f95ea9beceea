/** What of a plan goes onto the shopping list: what has to be bought or ordered soon. */
import type { BuyLine, RestockBoard } from './board'

/** A list is made for so many days. */
export const LIST_DAYS = 14

/** Bought or ordered within the days of a list, without what comes already. */
export const toBuySoon = (
  { buys }: Pick<RestockBoard, 'buys'>,
  coming: readonly { readonly offer: number }[],
): readonly BuyLine[] =>
  buys.filter(
    ({ offer, orderBy }) => orderBy < LIST_DAYS && !coming.some((one) => one.offer === offer),
  )
