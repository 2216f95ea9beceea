/** Where what was bought is put: into the pockets that wait for it, the rest where it is kept. */
import type { ItemId } from '../ids'
import { less, NOTHING, sum, upToMost } from '../quantity/amount'
import type { Line, Survey } from '../watch/survey'
import { boughtAmount, type Purchase, type Target } from './purchase'

/**
 * Proposes pockets for all of a purchase. What nobody waits for goes where the household lives
 * and keeps it already, else to the first pocket that waits, else to any that holds it.
 * @returns no pocket twice; empty where the item has no pocket at all
 */
export function proposePockets(
  purchase: Pick<Purchase, 'itemId' | 'packs' | 'packSize' | 'goesTo'>,
  { lines }: Pick<Survey, 'lines'>,
): readonly Target[] {
  const rest = less(boughtAmount(purchase), sum(purchase.goesTo.map(({ amount }) => amount)))
  if (rest === NOTHING) return purchase.goesTo
  const pocketId = storeOf(purchase.itemId, lines) ?? purchase.goesTo[0]?.pocketId
  if (!pocketId) return purchase.goesTo
  return purchase.goesTo.some((target) => target.pocketId === pocketId)
    ? purchase.goesTo.map((target) =>
        target.pocketId === pocketId
          ? { pocketId, amount: upToMost(sum([target.amount, rest])) }
          : target,
      )
    : [...purchase.goesTo, { pocketId, amount: upToMost(rest) }]
}

/** The pocket at home where most of it belongs, else where most of it lies. */
function storeOf(itemId: ItemId, lines: readonly Line[]) {
  const of = lines.filter(({ item }) => item.id === itemId)
  const atHome = of.filter(({ site }) => site.place.presence.rhythm.kind === 'always')
  const most = [...atHome].sort((a, b) => b.par - a.par || b.good - a.good)[0]
  return most?.site.pocket.id
}
