/** Why a kit or some of its pockets are to be looked at, in words. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { DueCode } from '../../core/rounds/pace'
import { several, shortDay } from './format'

export const because: Readonly<Record<DueCode, string>> = {
  never: 'nobody has counted it yet',
  used: 'something was used',
  opened: 'something is opened',
  exposed: 'heat and frost reach it',
  drops: 'drops',
  battery: 'batteries',
  medicine: 'medicines',
  trip: 'before a trip',
  season: 'before the season',
  visit_ends: 'before you leave',
  yearly: 'its own interval',
}

export const pocketsOf = (some: number, all: number): string =>
  some === all
    ? several(all, 'pocket', 'pockets')
    : `${some} of ${several(all, 'pocket', 'pockets')}`

export const why = (code: DueCode, since: PlainDate | null, today: PlainDate): string =>
  since === null ? because[code] : `${because[code]}, last looked at ${shortDay(since, today)}`
