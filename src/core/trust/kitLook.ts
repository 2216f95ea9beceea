/** How far a kit was last looked through: as a whole, in parts, or never. */
import type { PlainDate } from '../calendar/plainDate'
import type { Kit } from '../household/places'
import type { JudgedHolding } from '../watch/survey'
import type { Confirmation } from './certainty'
import { confirmationKey } from './nextLook'

export type KitLook =
  /** All of it, on that day: noted so, or signed as a round that left nothing out. */
  | { readonly kind: 'whole'; readonly on: PlainDate; readonly by: string }
  /** So many of the lots in it were ever counted or put in, between these two days. */
  | {
      readonly kind: 'partly'
      readonly since: PlainDate
      readonly on: PlainDate
      readonly seen: number
      readonly of: number
    }
  | { readonly kind: 'never' }

/**
 * @param holdings what lies in the kit
 * @param confirmations who last looked at what (see {@link Confirmation})
 */
export function kitLook(
  { lastCheck }: Pick<Kit, 'lastCheck'>,
  holdings: readonly JudgedHolding[],
  confirmations: ReadonlyMap<string, Confirmation>,
): KitLook {
  const seen = holdings.flatMap(
    ({ lot, site }) => confirmations.get(confirmationKey(lot.id, site.pocket.id)) ?? [],
  )
  const byDay = [...seen].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))
  const [oldest] = byDay
  const latest = byDay.at(-1)
  if (!oldest || !latest) return lastCheck ? { kind: 'whole', ...lastCheck } : { kind: 'never' }
  const isAllSince = seen.length === holdings.length && (!lastCheck || lastCheck.on < oldest.on)
  return lastCheck && !isAllSince
    ? { kind: 'whole', ...lastCheck }
    : {
        kind: 'partly',
        since: oldest.on,
        on: latest.on,
        seen: seen.length,
        of: holdings.length,
      }
}
