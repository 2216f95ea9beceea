/**
 * The board of a place from one day to another: cut where something changes (a lot ends, somebody
 * comes or goes, a skill or a course runs out, a month begins), and judged again only where what
 * changed matters. A year is a few dozen boards.
 */
import { addDays, addMonths, LAST_YEAR, type PlainDate } from '../calendar/plainDate'
import type { RoleId } from '../catalogue/roles'
import { Asking, OWN_MEDICINE, type Question } from '../cover/asking'
import { type Row, rowOf } from '../cover/board'
import type { Need } from '../cover/need'
import { NEEDS } from '../cover/needs'
import type { CoverPlace, Pantry, Shelf } from '../cover/pantry'
import { questionAt } from '../cover/scene'
import { lastDayOfWord } from '../cover/suitability'
import type { Course } from '../household/course'
import type { Member } from '../household/member'
import { weightOn } from '../household/weight'
import type { ItemId, LotId } from '../ids'

/** What holds from a day until the next stretch begins. */
export interface Stretch {
  readonly from: PlainDate
  readonly rows: readonly Row[]
  /** Lots that end as it begins; empty for the first. */
  readonly ended: readonly LotId[]
}

/** Something changes on a day. */
interface Cut {
  readonly day: PlainDate
  readonly roles: Set<RoleId>
  readonly items: Set<ItemId>
  readonly ended: LotId[]
  /** Members, what they take, what they have been taught, the month: all is judged again. */
  everything: boolean
}

/** Between these two days, both included; the first stretch begins on the first. */
export function stretches(
  pantry: Pantry,
  place: CoverPlace,
  from: PlainDate,
  to: PlainDate,
  needs: readonly Need[] = NEEDS,
): readonly Stretch[] {
  let asking = new Asking(pantry, questionAt(pantry.stock, place, from))
  let rows = new Map(needs.map((need) => [need, rowOf(asking, need)]))
  const made: Stretch[] = [{ from, rows: present(rows), ended: [] }]
  for (const cut of cutsOf(pantry, asking.question, from, to)) {
    asking = new Asking(
      pantry,
      cut.everything
        ? questionAt(pantry.stock, place, cut.day)
        : { ...asking.question, date: cut.day },
      cut.everything ? undefined : asking,
    )
    const touched = needs.filter((need) => cut.everything || dependsOn(pantry, need, cut))
    if (touched.length === 0) continue
    rows = new Map(rows)
    for (const need of touched) rows.set(need, rowOf(asking, need))
    made.push({ from: cut.day, rows: present(rows), ended: cut.ended })
  }
  return made
}

const present = (rows: ReadonlyMap<Need, Row | null>): readonly Row[] =>
  [...rows.values()].filter((row) => row !== null)

/** Whether a need may be answered otherwise once these have ended. */
function dependsOn(pantry: Pantry, need: Need, { roles, items }: Cut): boolean {
  if (need.id === OWN_MEDICINE)
    return pantry.stock.courses.some(({ itemId }) => items.has(itemId)) || roles.size > 0
  return [...rolesBehind(pantry, need)].some((role) => roles.has(role))
}

const known = new WeakMap<Pantry, Map<Need, ReadonlySet<RoleId>>>()

/** The roles of a need's parts, and of what the things that play them go with. */
export function rolesBehind(pantry: Pantry, need: Need): ReadonlySet<RoleId> {
  const of = known.get(pantry) ?? new Map<Need, ReadonlySet<RoleId>>()
  known.set(pantry, of)
  const before = of.get(need)
  if (before) return before
  const parts = need.ways.flatMap((way) => way.parts.flatMap(({ any }) => any))
  const roles = new Set<RoleId>([...parts, 'lick-guard'])
  for (const role of parts)
    for (const thing of pantry.byRole.get(role) ?? [])
      for (const { role: companion } of pantry.things[thing]?.facts.companions ?? [])
        roles.add(companion)
  of.set(need, roles)
  return roles
}

// ---- where something changes -------------------------------------------------------------------

function cutsOf(
  pantry: Pantry,
  { kits }: Pick<Question, 'kits'>,
  from: PlainDate,
  to: PlainDate,
): readonly Cut[] {
  const cuts = new Map<PlainDate, Cut>()
  const at = (day: PlainDate | null): Cut | null => {
    if (day === null || day <= from || day > to) return null
    const known = cuts.get(day)
    if (known) return known
    const made = {
      day,
      roles: new Set<RoleId>(),
      items: new Set<ItemId>(),
      ended: [],
      everything: false,
    }
    cuts.set(day, made)
    return made
  }
  for (const day of daysOfMembers(pantry, from, to)) {
    const cut = at(day)
    if (cut) cut.everything = true
  }
  for (const shelf of pantry.shelves) {
    if (!isIn(pantry, kits, shelf) || shelf.through === null || shelf.barred) continue
    const cut = at(dayAfter(shelf.through))
    const thing = pantry.things[shelf.thing]
    if (!cut || !thing) continue
    for (const role of thing.facts.roles) cut.roles.add(role)
    if (thing.itemId) cut.items.add(thing.itemId)
    cut.ended.push(shelf.lotId)
  }
  return [...cuts.values()].sort((a, b) => (a.day < b.day ? -1 : 1))
}

const isIn = ({ stock }: Pantry, kits: Question['kits'], { kit }: Shelf): boolean => {
  const id = stock.kits[kit]?.id
  return id !== undefined && kits.has(id)
}

/** Null where nothing comes after it: our calendar ends. */
const dayAfter = (day: PlainDate | null): PlainDate | null =>
  day === null || day >= `${LAST_YEAR}-12-31` ? null : addDays(day, 1)

/** Days on which something about the members themselves changes, and the first of each month. */
function daysOfMembers(
  { stock }: Pantry,
  from: PlainDate,
  to: PlainDate,
): readonly (PlainDate | null)[] {
  return [
    ...firstsOfMonth(from, to),
    ...stock.members.flatMap((member) => daysOfMember(member, from, to)),
    ...stock.courses.flatMap(({ startsOn, endsOn }: Course) => [startsOn, dayAfter(endsOn)]),
    ...stock.signed.map(({ until }) => dayAfter(until)),
  ]
}

function firstsOfMonth(from: PlainDate, to: PlainDate): readonly PlainDate[] {
  const days: PlainDate[] = []
  const first = `${from.slice(0, 7)}-01` as PlainDate
  for (let ahead = 1; ; ahead++) {
    const day = addMonths(first, ahead)
    if (day > to) return days
    days.push(day)
  }
}

/** Every age that a rule or a label names is a whole number of years from here on. */
export const MONTHS_MATTER_UNTIL = 48

function daysOfMember(
  { born, facts, guestUntil, species, weighings }: Member,
  from: PlainDate,
  to: PlainDate,
): readonly (PlainDate | null)[] {
  const weight = weightOn(species, born, weighings, from)
  return [
    dayAfter(guestUntil),
    ...(facts.kind === 'person' ? facts.skills.map(({ until }) => dayAfter(until)) : []),
    ...(facts.settled ?? []).map((word) => dayAfter(lastDayOfWord(word))),
    ...(born === null ? [] : birthdays(born, from, to)),
    weight.kind === 'fresh' ? dayAfter(weight.until) : null,
  ]
}

/** Months while they are few, years after that. */
function birthdays(born: PlainDate, from: PlainDate, to: PlainDate): readonly PlainDate[] {
  const days: PlainDate[] = []
  const months = (Number(from.slice(0, 4)) - Number(born.slice(0, 4))) * 12
  for (let age = Math.max(0, months - 12); ; age++) {
    const day = addMonths(born, age)
    if (day > to) return days
    if (day > from && (age <= MONTHS_MATTER_UNTIL || age % 12 === 0)) days.push(day)
  }
}
