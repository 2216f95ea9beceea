/** English for times of day and spans, where minutes count. */
import type { Instant } from '../../core/dosing/given'

/** A time of day in the household's zone, with the day where it is not today: "17:05", "Fri 07:10". */
export function timeText(at: Instant, now: Instant, timeZone: string): string {
  const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone })
  const date = new Intl.DateTimeFormat('en-CA', { timeZone })
  if (date.format(at) === date.format(now)) return clock.format(at)
  const day = new Intl.DateTimeFormat('en-GB', {
    timeZone,
    weekday: 'short',
    ...(Math.abs(at - now) > 6 * 86_400_000 && { day: 'numeric', month: 'short' }),
  })
  return `${day.format(at)} ${clock.format(at)}`
}

/** "1 h 12 min", "4 min", "now" */
export function spanText(milliseconds: number): string {
  const minutes = Math.ceil(Math.abs(milliseconds) / 60_000)
  if (minutes < 60) return `${minutes} min`
  const hours = Math.floor(minutes / 60)
  if (hours < 48) return minutes % 60 === 0 ? `${hours} h` : `${hours} h ${minutes % 60} min`
  return `${Math.round(hours / 24)} days`
}
