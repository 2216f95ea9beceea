/** The dates of a household that belong into its calendar. */
import { addDays, byDay, later, type PlainDate } from '../calendar/plainDate'
import { nextThere } from '../calendar/presence'
import type { Weather } from '../exposure/ahead'
import type { HarmAhead } from '../exposure/harmsAhead'
import type { Course } from '../household/course'
import type { Member } from '../household/member'
import type { FollowUp } from '../incident/followUps'
import type { KitRound } from '../rounds/due'
import type { DueCode } from '../rounds/pace'
import { itemTitle } from '../stock/item'
import type { Trip } from '../trips/trip'
import type { Errand, ErrandAct } from './errand'
import type { Survey } from './survey'

export type CalendarEntry = {
  /** Stays the same when the file is written again. */
  readonly key: string
  readonly day: PlainDate
  readonly lastDay: PlainDate
} & (
  | { readonly kind: 'visit'; readonly place: string; readonly label: string }
  /** A stop of a trip. */
  | {
      readonly kind: 'stop'
      readonly trip: string
      readonly stop: string
      readonly who: readonly string[]
    }
  | {
      readonly kind: 'check'
      readonly place: string
      readonly kit: string
      readonly why: DueCode
      readonly pockets: readonly string[]
    }
  /** What ends that day at one place. */
  | { readonly kind: 'turns'; readonly place: string; readonly titles: readonly string[] }
  | { readonly kind: 'course'; readonly member: string; readonly title: string }
  /** What Watch lists for a place, on the day on which somebody is next there. */
  | {
      readonly kind: 'errands'
      readonly place: string
      readonly errands: readonly { readonly act: ErrandAct; readonly title: string }[]
    }
  /** Frost or heat by the model, with what it would harm. */
  | {
      readonly kind: 'weather'
      readonly what: Weather
      readonly place: string
      readonly titles: readonly string[]
    }
  /** To be looked at again after something happened. */
  | { readonly kind: 'follow_up'; readonly who: string; readonly what: string }
)

/** Further ahead nobody plans. */
const AHEAD_DAYS = 550

/** The same list that Watch shows, and what comes later. */
export interface ToDo {
  readonly trips: readonly Pick<Trip, 'id' | 'name' | 'stops'>[]
  readonly open: readonly Errand[]
  readonly followUps: readonly FollowUp[]
  readonly coming: readonly HarmAhead[]
}

/** From today on, soonest first. */
export function calendarEntries(
  survey: Survey,
  rounds: readonly KitRound[],
  courses: readonly Course[],
  members: readonly Pick<Member, 'id' | 'name'>[],
  { trips, open, followUps, coming }: ToDo,
): readonly CalendarEntry[] {
  const { today, places, holdings } = survey
  const until = addDays(today, AHEAD_DAYS)
  const ahead = (day: PlainDate): boolean => day >= today && day <= until
  const visits = places.flatMap(({ id, name, presence }) =>
    presence.visits
      .filter(({ startsOn, endsOn }) => endsOn >= today && startsOn <= until)
      .map(
        ({ startsOn, endsOn, label }): CalendarEntry => ({
          key: `visit-${id}-${startsOn}`,
          kind: 'visit',
          day: startsOn,
          lastDay: endsOn,
          place: name,
          label,
        }),
      ),
  )
  const checks = rounds.flatMap(({ kit, place, dueOn, chance, pockets }): CalendarEntry[] => {
    // What is due is done when somebody can.
    const day = later(later(today, dueOn), chance.kind === 'on' ? chance.day : today)
    const why = pockets[0]?.reasons[0]?.code
    return why && day <= until
      ? [
          {
            key: `check-${kit.id}`,
            kind: 'check',
            day,
            lastDay: day,
            place: place.name,
            kit: kit.name,
            why,
            pockets: pockets.map(({ site }) => site.pocket.name),
          },
        ]
      : []
  })
  const turning = new Map<string, CalendarEntry & { titles: string[] }>()
  for (const { item, site, judged } of holdings) {
    const day = lastDayOf(judged)
    if (!day || !ahead(day)) continue
    const key = `turns-${site.place.id}-${day}`
    const entry = turning.get(key) ?? {
      key,
      kind: 'turns' as const,
      day,
      lastDay: day,
      place: site.place.name,
      titles: [],
    }
    if (!entry.titles.includes(itemTitle(item))) entry.titles.push(itemTitle(item))
    turning.set(key, entry)
  }
  const names = new Map(members.map(({ id, name }) => [id, name]))
  const items = new Map(holdings.map(({ item }) => [item.id, item]))
  const ends = courses.flatMap((course): CalendarEntry[] => {
    const { endsOn } = course
    if (!endsOn || !ahead(endsOn)) return []
    const item = items.get(course.itemId)
    return [
      {
        key: `course-${course.id}`,
        kind: 'course',
        day: endsOn,
        lastDay: endsOn,
        member: names.get(course.memberId) ?? '',
        title: item ? itemTitle(item) : course.reason,
      },
    ]
  })
  const stops = trips.flatMap(({ name: trip, stops: all }) =>
    all
      .filter(({ from, to }) => to >= today && from <= until)
      .map(
        ({ id, name: stop, from, to, members: who }): CalendarEntry => ({
          key: `stop-${id}`,
          kind: 'stop',
          day: from,
          lastDay: to,
          trip,
          stop,
          who: who.flatMap((one) => names.get(one) ?? []),
        }),
      ),
  )
  const listed = places.flatMap(({ id, name, presence }): CalendarEntry[] => {
    // A round has its own day.
    const there = open.filter(({ place, act }) => place.id === id && act !== 'check')
    if (there.length === 0) return []
    const next = nextThere(presence, today)
    const day = next.kind === 'on' ? next.day : today
    const errands = there.map(({ act, title }) => ({ act, title }))
    return [{ key: `errands-${id}`, kind: 'errands', day, lastDay: day, place: name, errands }]
  })
  const again = followUps.flatMap(({ key, on, why, who, what }): CalendarEntry[] =>
    why === 'look_again' && ahead(on)
      ? [{ key: `follow-up-${key}`, kind: 'follow_up', day: on, lastDay: on, who, what }]
      : [],
  )
  const weather = coming.map(
    ({ place, code, on, things }): CalendarEntry => ({
      key: `weather-${place.id}-${code}`,
      kind: 'weather',
      day: on,
      lastDay: on,
      what: code,
      place: place.name,
      titles: [...new Set(things.map(({ title }) => title))],
    }),
  )
  return [
    ...visits,
    ...stops,
    ...checks,
    ...turning.values(),
    ...ends,
    ...listed,
    ...again,
    ...weather,
  ].sort((a, b) => byDay(a.day, b.day) || a.key.localeCompare(b.key))
}

type Judged = Survey['holdings'][number]['judged']
function lastDayOf(judged: Judged): PlainDate | null {
  if (judged.state === 'turning') return judged.day
  if (judged.state === 'sound') return judged.lastGood.kind === 'day' ? judged.lastGood.day : null
  return null
}
