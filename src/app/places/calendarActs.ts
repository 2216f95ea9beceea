/** Visits read from a calendar, and the dates that matter written into one. */
import ical, { type ICalEventData } from 'ical-generator'
import type { PlainDate } from '../../core/calendar/plainDate'
import { addDays } from '../../core/calendar/plainDate'
import type { HouseholdId, PlaceId } from '../../core/ids'
import { type CalendarEntry, calendarEntries } from '../../core/watch/calendarEntries'
import { createRecord, editRecord } from '../../db/frame/records'
import { readCourses, readMembers } from '../../db/members/members'
import { visitsOf } from '../../db/places/visits'
import { readKeptTrips } from '../../db/trips/trips'
import { act } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { type Caller, reading, type World } from '../frame/world'
import { recallCount } from '../restock/recalls'
import { everything } from '../watch/readWatch'

export interface ImportedVisit {
  readonly uid: string
  readonly startsOn: PlainDate
  readonly endsOn: PlainDate
  readonly label: string
}

/**
 * Adds the visits of a calendar to a place. An entry that was read before is brought up to
 * date instead of being added again.
 */
export const importVisits = (
  world: World,
  caller: Caller,
  {
    key,
    placeId,
    visits,
  }: {
    readonly key: string
    readonly placeId: PlaceId
    readonly visits: readonly ImportedVisit[]
  },
) =>
  act(
    world,
    caller,
    { key, kind: 'visits_imported', why: String(visits.length), request: { placeId, visits } },
    async (acting) => {
      await mustHave(acting.trx, 'place', placeId)
      const known = await visitsOf(acting.trx, placeId)
      let added = 0
      let changed = 0
      for (const { uid, startsOn, endsOn, label } of visits) {
        const same =
          known.find((one) => one.source_uid === uid && one.starts_on === startsOn) ??
          known.find((one) => one.source_uid === uid)
        if (!same) {
          // The same days typed in by hand before are the same visit.
          if (known.some((one) => one.starts_on === startsOn && one.ends_on === endsOn)) continue
          await createRecord(acting, 'visit', {
            place_id: placeId,
            starts_on: startsOn,
            ends_on: endsOn,
            label,
            source_uid: uid,
          })
          added += 1
        } else if (same.starts_on !== startsOn || same.ends_on !== endsOn || same.label !== label) {
          const moved = { starts_on: startsOn, ends_on: endsOn, label }
          await editRecord(acting, 'visit', same.id, moved, null)
          changed += 1
        }
      }
      return { added, changed, already: visits.length - added - changed }
    },
  )

/** Says an entry in the reader's language. */
export type InWords = (entry: CalendarEntry) => {
  readonly summary: string
  readonly description: string
}

/** The dates that matter as an iCalendar file: visits, checks due, what turns, courses that end. */
export const readCalendarFile = async (
  world: World,
  of: Caller | HouseholdId,
  inWords: InWords,
): Promise<string> => {
  const recalled = await recallCount(world)
  return reading(world, of, async (at) => {
    const { looks, open } = await everything(at, recalled)
    const { survey, rounds, followUps, coming } = looks
    const courses = await readCourses(at.trx)
    const members = await readMembers(at.trx, at.today)
    const calendar = ical({
      name: at.household.name,
      prodId: { company: 'Vivid Satchel', product: 'dates that matter' },
    })
    for (const entry of calendarEntries(survey, rounds, courses, members, {
      trips: (await readKeptTrips(at.trx)).flatMap(({ trip, overOn }) =>
        overOn === null ? [trip] : [],
      ),
      open,
      followUps,
      coming,
    }))
      calendar.createEvent(eventOf(entry, inWords(entry), world.now()))
    return calendar.toString()
  })
}

const eventOf = (
  entry: CalendarEntry,
  { summary, description }: { readonly summary: string; readonly description: string },
  stamp: Date,
): ICalEventData => ({
  id: `${entry.key}@vivid-satchel`,
  stamp,
  start: utc(entry.day),
  // An all-day entry ends on the morning after its last day.
  end: utc(addDays(entry.lastDay, 1)),
  allDay: true,
  summary,
  description,
})

const utc = (day: PlainDate): Date => new Date(`${day}T00:00:00Z`)
