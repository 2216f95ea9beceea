/** What to bring to a round: goods bought for the kit, what another place has to spare, tools. */
import type { KitId } from '../ids'
import type { Total } from '../quantity/amount'
import { itemTitle } from '../stock/item'
import type { Errand } from '../watch/errand'
import type { Toll } from './asks'
import type { RoundPocket } from './contents'

export type Bring =
  | {
      readonly kind: 'bought'
      readonly title: string
      readonly unit: string
      readonly amount: Total
      readonly pocket: string
    }
  | {
      readonly kind: 'carry'
      readonly title: string
      readonly unit: string
      readonly amount: Total
      readonly from: string
    }
  | { readonly kind: 'spare_batteries' }
  /** To write opened days and unreadable dates on the pack. */
  | { readonly kind: 'pen' }
  /** For what is to be taken out and thrown away safely. */
  | { readonly kind: 'bag' }

export interface Bought {
  readonly kitId: KitId
  readonly title: string
  readonly unit: string
  readonly amount: Total
  readonly pocket: string
}

export function bringing(
  kitId: KitId,
  pockets: readonly RoundPocket[],
  { asks }: Toll,
  errands: readonly Errand[],
  bought: readonly Bought[],
): readonly Bring[] {
  const here = errands.filter(({ kit }) => kit?.id === kitId)
  const carried = here.flatMap(({ item, reason }): Bring[] =>
    (reason.code === 'below_par' || reason.code === 'turns') && reason.spare && item
      ? [
          {
            kind: 'carry',
            title: itemTitle(item),
            unit: item.unit,
            amount: reason.spare.amount,
            from: reason.spare.place.name,
          },
        ]
      : [],
  )
  const things = pockets.flatMap((pocket) => pocket.things)
  const toWrite = things.some(
    ({ expiry, opened }) => expiry.kind === 'unknown' || opened.kind === 'opened',
  )
  return [
    ...bought
      .filter((one) => one.kitId === kitId)
      .map(({ kitId: _, ...one }): Bring => ({ kind: 'bought', ...one })),
    ...carried,
    ...(things.some(({ kind }) => kind === 'battery')
      ? [{ kind: 'spare_batteries' } as const]
      : []),
    ...(toWrite ? [{ kind: 'pen' } as const] : []),
    ...(asks.take_out > 0 ? [{ kind: 'bag' } as const] : []),
  ]
}
