/**
 * The board of a place from one day to another: cut where something changes (a lot ends, somebody
 * comes or goes, a skill or a course runs out, a month begins), and judged again only where what
 * changed matters. A year is a few dozen boards.
 */
import { addDays, addMonths, LAST_YEAR, type PlainDate } from '../calendar/plainDate'
import type { RoleId } from '../catalogue/roles'
import { concerns } from '../cover/arising'
import { Asking, OWN_MEDICINE, type Question } from '../cover/asking'
import { type Row, rowOf } from '../cover/board'
import { behind, rolesOf } from '../cover/leaning'
import type { Need } from '../cover/need'
import { NEEDS } from '../cover/needs'
import type { CoverPlace, Pantry, Shelf } from '../cover/pantry'
import { MONTHS_MATTER_UNTIL, PatientBook } from '../cover/patientBook'
import { questionAt } from '../cover/scene'
import { lastDayOfWord } from '../cover/suitability'
import type { Course } from '../household/course'
import { comesOn, type Member } from '../household/member'
import { weightOn } from '../household/weight'

/** What holds from a day until the next stretch begins. */
export interface Stretch {
  readonly from: PlainDate
  readonly rows: readonly Row[]
  /** Shelves that end as it begins; empty for the first. */
  readonly ended: readonly Shelf[]
}

/** Shelves that end before a day, or a day on which something about somebody changes. */
interface Cut {
  readonly day: PlainDate
  readonly ended: Shelf[]
  /** A month begins, or something about a member changes. */
  isAboutMembers: boolean
}

/**
 * Between these two days, both included; the first stretch begins on the first.
 * @param book shared with the other places of the same judgement
 */
export function stretches(
  pantry: Pantry,
  place: CoverPlace,
  { from, to }: { readonly from: PlainDate; readonly to: PlainDate },
  book: PatientBook = new PatientBook(pantry),
  needs: readonly Need[] = NEEDS,
): readonly Stretch[] {
  const askers = askersOf(pantry, needs)
  let asking = new Asking(pantry, questionAt(pantry.stock, place, from), book)
  let rows = new Map(needs.map((need) => [need, rowOf(asking, need)]))
  const made: Stretch[] = [{ from, rows: present(rows), ended: [] }]
  /** Ended since the question that stands was asked: it is asked anew only where somebody asks. */
  let pending: Shelf[] = []
  for (const { day, ended, isAboutMembers } of cutsOf(pantry, asking.question, from, to)) {
    pending.push(...ended)
    const touched = new Set(askers(ended, behind(pantry, rolesOf(pantry, ended))))
    if (!isAboutMembers && touched.size === 0) continue
    const before = asking
    asking = isAboutMembers
      ? before.afterwards(questionAt(pantry.stock, place, day), pending)
      : before.after(day, pending)
    pending = []
    if (isAboutMembers)
      for (const need of needs) if (isTouched(before, asking, need)) touched.add(need)
    if (touched.size === 0) continue
    rows = new Map(rows)
    for (const need of touched) rows.set(need, rowOf(asking, need))
    made.push({ from: day, rows: present(rows), ended })
  }
  return made
}

/** Whether a need may be answered otherwise because somebody changed, came or went, or a month began. */
function isTouched(before: Asking, after: Asking, need: Need): boolean {
  const isSame =
    before.patients.length === after.patients.length &&
    before.question.skills.size === after.question.skills.size &&
    before.patients.every(({ member }, at) => after.patients[at]?.member.id === member.id)
  if (!isSame || (need.months !== undefined && before.month !== after.month)) return true
  return before.patients.some((patient, at) => {
    const now = after.patients[at]
    return now !== undefined && now !== patient && (concerns(need, patient) || concerns(need, now))
  })
}

const present = (rows: ReadonlyMap<Need, Row | null>): readonly Row[] =>
  [...rows.values()].filter((row) => row !== null)

/** Whether a need asks for any of these roles; a member's own medicine may be anything. */
export const asksFor = (need: Need, roles: ReadonlySet<RoleId>): boolean =>
  roles.size > 0 &&
  (need.id === OWN_MEDICINE ||
    need.ways.some(({ parts }) => parts.some(({ any }) => any.some((role) => roles.has(role)))))

/** The same for what ended: only what is prescribed to somebody is their own medicine. */
export function askersOf({ stock, things }: Pantry, needs: readonly Need[]) {
  const own = new Set(stock.courses.map(({ itemId }) => itemId))
  return (ended: readonly Shelf[], roles: ReadonlySet<RoleId>): readonly Need[] => {
    const isOwn = ended.some(({ thing }) => {
      const id = things[thing]?.itemId
      return id !== undefined && id !== null && own.has(id)
    })
    return needs.filter((need) => (need.id === OWN_MEDICINE ? isOwn : asksFor(need, roles)))
  }
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
    const made: Cut = { day, ended: [], isAboutMembers: false }
    cuts.set(day, made)
    return made
  }
  for (const day of daysOfMembers(pantry, from, to)) {
    const cut = at(day)
    if (cut) cut.isAboutMembers = true
  }
  for (const shelf of pantry.shelves) {
    if (!isIn(pantry, kits, shelf) || shelf.through === null || shelf.barred) continue
    at(dayAfter(shelf.through))?.ended.push(shelf)
  }
  return [...cuts.values()].sort((a, b) => (a.day < b.day ? -1 : 1))
}

/** Whether a shelf stands in one of the kits. */
export const isIn = ({ stock }: Pantry, kits: Question['kits'], { kit }: Shelf): boolean => {
  const id = stock.kits[kit]?.id
  return id !== undefined && kits.has(id)
}

/** Null where nothing comes after it: our calendar ends. */
const dayAfter = (day: PlainDate | null): PlainDate | null =>
  day === null || day >= `${LAST_YEAR}-12-31` ? null : addDays(day, 1)

/** Days on which something about the members themselves changes, and the first of each month. */
export function daysOfMembers(
  { stock }: Pantry,
  from: PlainDate,
  to: PlainDate,
): readonly (PlainDate | null)[] {
  return [
    ...firstsOfMonth(from, to),
    ...stock.members.flatMap((member) => daysOfMember(member, from, to)),
    ...stock.courses.flatMap(({ startsOn, endsOn }: Course) => [startsOn, dayAfter(endsOn)]),
    ...stock.signed.map(({ until }) => dayAfter(until)),
    ...stock.places.flatMap(({ elsewhere = [] }) =>
      elsewhere.flatMap((days) => [days.from, dayAfter(days.to)]),
    ),
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

function daysOfMember(
  member: Member,
  from: PlainDate,
  to: PlainDate,
): readonly (PlainDate | null)[] {
  const { born, facts, guestUntil, species, weighings } = member
  const weight = weightOn(species, born, weighings, from)
  return [
    dayAfter(guestUntil),
    ...comingsAndGoings(member, from, guestUntil !== null && guestUntil < to ? guestUntil : to),
    ...(facts.kind === 'person' ? facts.skills.map(({ until }) => dayAfter(until)) : []),
    ...(facts.settled ?? []).map((word) => dayAfter(lastDayOfWord(word))),
    ...(born === null ? [] : birthdays(born, from, to)),
    weight.kind === 'fresh' ? dayAfter(weight.until) : null,
  ]
}

/** The days on which a guest of every week comes, and those after they have gone. */
function comingsAndGoings(
  guest: Pick<Member, 'guestUntil' | 'guestDays'>,
  from: PlainDate,
  to: PlainDate,
): readonly PlainDate[] {
  if (!guest.guestDays) return []
  const days: PlainDate[] = []
  for (let day = addDays(from, 1); day <= to; day = addDays(day, 1))
    if (comesOn(guest, day) !== comesOn(guest, addDays(day, -1))) days.push(day)
  return days
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
