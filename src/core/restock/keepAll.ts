/** What it would take to keep what a plan lets run short for its price. */
import type { BareLine } from './board'
import type { RestockProblem } from './problem'

export interface StaysShort {
  /** Lines that stay short; those that wait for a visit or for better weather are left out. */
  readonly lines: number
  /** What packs for all of them cost, where it is only a matter of money; null where it is not. */
  readonly moreMinor: number | null
}

const IS_MONEY: ReadonlySet<BareLine['why']> = new Set(['budget', 'not_worth'])

/**
 * The lines that a plan leaves short. What several lines lack of one thing is bought together, in the
 * packs that are cheapest a unit.
 */
export function staysShort(
  { lines, offers }: Pick<RestockProblem, 'lines' | 'offers'>,
  bare: readonly BareLine[],
): StaysShort {
  const short = bare.filter(({ why }) => why !== 'until_the_visit' && why !== 'weather')
  const lacking = new Map<number, number>()
  for (const { line, short: units, why } of short) {
    if (!IS_MONEY.has(why)) continue
    const thing = lines[line]?.thing ?? -1
    lacking.set(thing, (lacking.get(thing) ?? 0) + units)
  }
  let more: number | null = lacking.size === 0 ? null : 0
  for (const [thing, units] of lacking) {
    const [cheapest] = offers
      .filter((offer) => offer.thing === thing && offer.units > 0)
      .sort((a, b) => a.priceMinor / a.units - b.priceMinor / b.units)
    if (!cheapest || more === null) return { lines: short.length, moreMinor: null }
    more += Math.ceil(units / cheapest.units - 1e-9) * cheapest.priceMinor
  }
  return { lines: short.length, moreMinor: more }
}
