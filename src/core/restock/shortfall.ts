/** What a pocket lacks, counting only what will still be good at the next check there. */
import type { LotId, PocketId } from '../ids'
import { type Amount, less, NOTHING, type Total } from '../quantity/amount'
import type { Line, Survey } from '../watch/survey'

export interface Shortfall {
  readonly line: Line
  /** Par less what lasts through the next check. */
  readonly missing: Amount
  /** Of that, what is still usable today and turns before the next check. */
  readonly turning: Amount
}

/** Lines below their par at the next check, in the survey's order. */
export function shortfalls(survey: Survey): readonly Shortfall[] {
  return survey.lines.flatMap((line) => {
    const missing = less(line.par, line.lasting)
    if (missing === NOTHING) return []
    const turning = Math.min(missing, line.good - line.lasting) as Amount
    return [{ line, missing, turning }]
  })
}

/** More than belongs there, lasting through the next check: could be carried to where it lacks. */
export interface Spare {
  readonly lotId: LotId
  readonly pocketId: PocketId
  readonly line: Line
  readonly amount: Total
}

/** For each item, the pocket with most to spare (item id → spare). */
export function spares(survey: Survey): ReadonlyMap<string, Spare> {
  const best = new Map<string, Spare>()
  for (const line of survey.lines) {
    const amount = less(line.lasting, line.par)
    const lot = line.holdings.find(({ judged }) => judged.state === 'sound')?.lot
    // A pocket without a par keeps what somebody put there on purpose; it has nothing to spare.
    if (amount === NOTHING || line.par === NOTHING || !lot) continue
    const known = best.get(line.item.id)
    if (!known || known.amount < amount)
      best.set(line.item.id, { lotId: lot.id, pocketId: line.site.pocket.id, line, amount })
  }
  return best
}
