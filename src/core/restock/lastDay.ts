/** The last day on which what lies somewhere is good, counted from today. */
import { daysBetween, type PlainDate } from '../calendar/plainDate'
import type { JudgedHolding } from '../watch/survey'

/** Null when it never turns, or nobody knows when. */
export function lastDayOf(
  { judged }: Pick<JudgedHolding, 'judged'>,
  today: PlainDate,
): number | null {
  if (judged.state === 'turning') return daysBetween(today, judged.day)
  if (judged.state === 'sound' && judged.lastGood.kind === 'day')
    return daysBetween(today, judged.lastGood.day)
  return null
}
