/** How far a kit was last looked through: as a whole, in parts, or never. */
import type { PlainDate } from '../calendar/plainDate'
import type { Kit } from '../household/places'
import type { JudgedHolding } from '../watch/survey'
import type { Confirmation } from './certainty'
import { confirmationKey } from './nextLook'

export type KitLook =
  /** All of it, on that day or since: noted so, signed as a round, or each thing counted by then. */
  | { readonly kind: 'whole'; readonly on: PlainDate; readonly by: string }
  /** So many of the lots in it were ever counted, one of them last on that day. */
  | { readonly kind: 'partly'; readonly on: PlainDate; readonly seen: number; readonly of: number }
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
  const isWhole = oldest !== undefined && seen.length === holdings.length
  if (isWhole && (!lastCheck || lastCheck.on < oldest.on))
    return { kind: 'whole', on: oldest.on, by: oldest.by }
  if (lastCheck) return { kind: 'whole', ...lastCheck }
  return latest
    ? { kind: 'partly', on: latest.on, seen: seen.length, of: holdings.length }
    : { kind: 'never' }
}
