/** How far a time zone is from UTC, minute by minute, across the changes of its clocks. */
import * as Instant from 'temporal-polyfill/fns/Instant'
import * as Zoned from 'temporal-polyfill/fns/ZonedDateTime'

const DAY = 24 * 60

/**
 * Minutes to add to UTC for the local time. Days on which no clock changes are looked up once.
 * @param zone IANA name
 * @throws {RangeError} when the zone is unknown
 * @example zoneOffset('Europe/Oslo')(minuteOfMidsummer) === 120
 */
export function zoneOffset(zone: string): (minute: number) => number {
  const known = new Map<number, number>()
  const exact = (minute: number): number => {
    const before = known.get(minute)
    if (before !== undefined) return before
    const there = Instant.toZonedDateTimeISO(Instant.fromEpochMilliseconds(minute * 60_000), zone)
    const offset = Math.round(Zoned.offsetNanoseconds(there) / 60e9)
    known.set(minute, offset)
    return offset
  }
  return (minute) => {
    const day = Math.floor(minute / DAY) * DAY
    const [first, next] = [exact(day), exact(day + DAY)]
    return first === next ? first : exact(Math.floor(minute))
  }
}

/**
 * Reads local times of a zone into minutes of UTC; an hour that no clock showed is taken as if it had not
 * been changed yet. It takes minutes as if the local time were UTC, and the minute that it is not before
 * where the hour comes twice; null: the earlier.
 */
export function localReader(zone: string): (local: number, after: number | null) => number {
  const offset = zoneOffset(zone)
  return (local, after) => {
    // A day before and after it: between them lies any change that could matter.
    const candidates = [...new Set([offset(local - DAY), offset(local + DAY)])]
      .map((one) => ({ minute: local - one, one }))
      .filter(({ minute, one }) => offset(minute) === one)
      .map(({ minute }) => minute)
      .sort((a, b) => a - b)
    const [early, late] = candidates
    if (early === undefined) return local - offset(local - DAY)
    return late !== undefined && after !== null && early <= after ? late : early
  }
}
