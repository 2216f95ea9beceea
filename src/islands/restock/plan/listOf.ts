/** A plan's purchases as lines of a shopping list. */
import type { makeList } from '../../../contract/restock'
import { addDays } from '../../../core/calendar/plainDate'
import { nearest } from '../../../core/quantity/amount'
import type { RestockPlan } from '../../../core/restock/restockPlan'
import { toBuySoon } from '../../../core/restock/toBuy'
import { inAll } from '../../../core/shopping/purchase'
import type { PlanView } from './usePlan'

export type Asked = (typeof makeList)['body']['_zod']['input']['lines'][number]

/** What a plan buys soon, as lines of a list. */
export function listOf(view: PlanView, { board }: RestockPlan): Asked[] {
  const { problem } = view
  return toBuySoon(board, view.coming).flatMap((buy): Asked[] => {
    const offer = problem.offers[buy.offer]
    const thing = view.things[offer?.thing ?? -1]
    if (!offer || !thing) return []
    return [
      {
        itemId: thing.itemId,
        shop: problem.shops[offer.shop] ?? '',
        packs: buy.packs,
        packSize: nearest(offer.units),
        priceMinor: offer.priceMinor,
        wantedBy: addDays(problem.today, buy.by),
        goesTo: inAll(
          buy.goesTo.flatMap(({ line, amount }) => {
            const pocket = view.lines[line]
            return pocket ? [{ pocketId: pocket.pocketId, amount: nearest(amount) }] : []
          }),
        ),
      },
    ]
  })
}
