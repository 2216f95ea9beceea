/** A member's cover sheet: what each place holds for them, what is held back and why, their medicines. */
import type { PlainDate } from '../calendar/plainDate'
import { type Course, type CourseState, courseState } from '../household/course'
import type { Member } from '../household/member'
import type { KitId, MemberId, PlaceId } from '../ids'
import { type Total, total } from '../quantity/amount'
import { Asking, arises, type Question, skillsAmong } from './asking'
import { type Cell, judgeNeed } from './board'
import { type Source, sourcesOfWay } from './explain'
import type { Need } from './need'
import { NEEDS } from './needs'
import type { Pantry } from './pantry'
import { type HeldBack, heldBack } from './spoken'

export interface SheetLine {
  readonly need: Need
  /** By which lots it is met; empty where it is not. */
  readonly sources: readonly Source[]
  readonly cell: Omit<Cell, 'needId' | 'memberId'>
}

export interface PlacePart {
  readonly placeId: PlaceId
  readonly lines: readonly SheetLine[]
  /** 0–100: life-saving needs count three times, urgent ones twice; null when there are none. */
  readonly readiness: number | null
  /** Things here that are not for this member, each once a kit. */
  readonly held: readonly HeldBack[]
}

export interface CourseLine {
  readonly course: Course
  readonly title: string
  readonly unit: string
  readonly there: Total
  readonly state: CourseState
}

export interface MemberSheet {
  readonly member: Member
  readonly places: readonly PlacePart[]
  readonly courses: readonly CourseLine[]
}

const WORTH = { life: 3, urgent: 2, comfort: 1 } as const
const SHARE = { covered: 1, plan_b: 0.8, thin: 0.4, held: 0, none: 0 } as const

/** How a member stands: for a card, without the lots behind it. */
export interface MemberCard {
  readonly member: Member
  readonly places: readonly Pick<PlacePart, 'placeId' | 'readiness'>[]
  readonly courses: readonly CourseLine[]
}

/** A member's needs at a place, judged for one day. */
interface JudgedPlace {
  readonly placeId: PlaceId
  readonly asking: Asking
  readonly lines: readonly Pick<SheetLine, 'need' | 'cell'>[]
}

/** Everybody of the household is taken to be there, for their skills. */
export function memberSheet(
  pantry: Pantry,
  memberId: MemberId,
  date: PlainDate,
): MemberSheet | null {
  const member = pantry.stock.members.find(({ id }) => id === memberId)
  if (!member) return null
  const places = judgedPlaces(pantry, memberId, date).map(
    ({ placeId, asking, lines }): PlacePart => ({
      placeId,
      lines: lines.map((line) => ({ ...line, sources: sourcesOfLine(asking, line) })),
      readiness: readinessOf(lines),
      held: heldAt(
        asking,
        lines.map(({ need }) => need),
      ),
    }),
  )
  return { member, places, courses: coursesOf(pantry, memberId, date) }
}

/** Every member's card. */
export const memberCards = (pantry: Pantry, date: PlainDate): readonly MemberCard[] =>
  pantry.stock.members.map((member) => ({
    member,
    places: judgedPlaces(pantry, member.id, date).map(({ placeId, lines }) => ({
      placeId,
      readiness: readinessOf(lines),
    })),
    courses: coursesOf(pantry, member.id, date),
  }))

function judgedPlaces(pantry: Pantry, memberId: MemberId, date: PlainDate): readonly JudgedPlace[] {
  const { stock } = pantry
  const skills = skillsAmong(stock.members, new Set(stock.members.map(({ id }) => id)), date)
  return stock.places.map((place) => {
    const kits = new Set<KitId>(
      stock.kits.flatMap(({ id, placeId }) => (placeId === place.id ? [id] : [])),
    )
    const question: Question = {
      date,
      place,
      kits,
      members: new Set([memberId]),
      skills,
      without: new Set(),
      days: 1,
    }
    const asking = new Asking(pantry, question)
    const lines = NEEDS.flatMap((need) => {
      if (need.scope !== 'each' || !arises(need, place, asking.month)) return []
      const patients = asking.concernedBy(need)
      return patients.length === 0 ? [] : [{ need, cell: judgeNeed(asking, need, patients) }]
    })
    return {
      placeId: place.id,
      asking,
      lines,
    }
  })
}

function sourcesOfLine(
  asking: Asking,
  { need, cell }: Pick<SheetLine, 'need' | 'cell'>,
): readonly Source[] {
  const way = cell.way === null ? undefined : need.ways[cell.way]
  return way ? sourcesOfWay(asking, need, way, asking.patients[0] ?? null) : []
}

function readinessOf(lines: JudgedPlace['lines']): number | null {
  let worth = 0
  let met = 0
  for (const { need, cell } of lines) {
    worth += WORTH[need.tier]
    met += WORTH[need.tier] * SHARE[cell.state]
  }
  return worth === 0 ? null : Math.floor((100 * met) / worth + 1e-9)
}

function heldAt(asking: Asking, needs: readonly Need[]): readonly HeldBack[] {
  const [patient] = asking.patients
  const seen = new Map<string, HeldBack>()
  for (const need of needs)
    for (const { parts } of need.ways)
      for (const part of parts)
        for (const one of heldBack(asking, part, patient ?? null)) {
          // Only what speaks against this member: what is spent for everybody stands in Watch.
          if (!one.why.some(({ code }) => !FOR_EVERYBODY.has(code))) continue
          seen.set(`${one.kitId}/${one.title}`, one)
        }
  return [...seen.values()]
}
const FOR_EVERYBODY: ReadonlySet<string> = new Set([
  'spent',
  'condition',
  'opened_over',
  'lent',
  'unclean',
  'missing',
  'no_companion',
  'no_skill',
  'species',
])

/** A member's courses with what is there for them, wherever it lies. */
export function coursesOf(
  pantry: Pantry,
  memberId: MemberId,
  date: PlainDate,
): readonly CourseLine[] {
  return pantry.stock.courses
    .filter((course) => course.memberId === memberId)
    .map((course) => {
      const at = pantry.thingOf.get(course.itemId)
      const ended = course.endsOn !== null && course.endsOn < date
      const there = total(
        pantry.shelves.reduce(
          (sum, shelf) =>
            shelf.thing === at &&
            (shelf.through === null || shelf.through >= date) &&
            (shelf.barred === null || (ended && shelf.barred.code === 'held'))
              ? sum + shelf.amount
              : sum,
          0,
        ),
      )
      return {
        course,
        title: at === undefined ? '' : (pantry.things[at]?.title ?? ''),
        unit: at === undefined ? '' : (pantry.known[at]?.item.unit ?? ''),
        there,
        state: courseState(course, there, date),
      }
    })
}
