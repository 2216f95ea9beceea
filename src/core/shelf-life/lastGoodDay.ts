/** Both clocks together: the last day on which a lot is good, and which clock says so. */
import { type Expiry, printedLastDay } from '../calendar/expiry'
import type { PlainDate } from '../calendar/plainDate'
import { type Opened, type OpenedClock, openedEnd } from './openedClock'

export type LastGood =
  | { readonly kind: 'day'; readonly day: PlainDate; readonly clock: 'printed' | 'opened' }
  /** Over since it was opened (a sterile pack). */
  | { readonly kind: 'over' }
  /** No clock runs: nothing printed, or nobody has looked. */
  | { readonly kind: 'open_ended'; readonly why: 'none_printed' | 'not_recorded' }

/**
 * The earlier of the printed date and the opened clock; a tie goes to the printed date.
 * Good until the end of that day in the household's time zone.
 */
export function lastGoodDay(
  lot: { readonly expiry: Expiry; readonly opened: Opened },
  clock: OpenedClock,
): LastGood {
  const end = openedEnd(lot.opened, clock)
  if (end.kind === 'over') return { kind: 'over' }
  const printed = printedLastDay(lot.expiry)
  if (end.kind === 'day' && (printed === null || end.lastDay < printed))
    return { kind: 'day', day: end.lastDay, clock: 'opened' }
  if (printed !== null) return { kind: 'day', day: printed, clock: 'printed' }
  return { kind: 'open_ended', why: lot.expiry.kind === 'none' ? 'none_printed' : 'not_recorded' }
}
