/** A member's cover sheet: what each place holds for them, what is held back and why, their medicines. */
import type { PlainDate } from '../calendar/plainDate'
import { arises } from '../cover/arising'
import { Asking } from '../cover/asking'
import { type Cell, judgeNeed } from '../cover/board'
import { type Source, sourcesOfWay } from '../cover/explain'
import { type Need, TIERS } from '../cover/need'
import { NEEDS } from '../cover/needs'
import type { Pantry } from '../cover/pantry'
import { questionAt, withMember } from '../cover/scene'
import { type HeldBack, heldBack } from '../cover/spoken'
import type { Patient } from '../cover/suitability'
import { type Course, type CourseState, courseState } from '../household/course'
import type { Member } from '../household/member'
import type { MemberId, PlaceId } from '../ids'
import { type Total, total } from '../quantity/amount'
import { isCounted, isReady } from './readiness'

export interface SheetLine {
  readonly need: Need
  /** By which lots it is met; empty where it is not. */
  readonly sources: readonly Source[]
  readonly cell: Omit<Cell, 'needId' | 'memberId'>
}

export interface PlacePart {
  readonly placeId: PlaceId
  readonly lines: readonly SheetLine[]
  /** Whether they are usually there. */
  readonly isExpected: boolean
  /** Of the life-saving and urgent problems that can befall them there. */
  readonly ready: { readonly ready: number; readonly of: number }
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

/** How a member stands: for a card, without the lots behind it. */
export interface MemberCard {
  readonly member: Member
  /** Where they are usually, with what is not ready for them there: the life-saving first. */
  readonly places: readonly (Pick<PlacePart, 'placeId' | 'ready'> & {
    readonly missing: readonly Need[]
  })[]
  readonly courses: readonly CourseLine[]
}

/** A member's needs where somebody asks about them, judged for one day. */
type JudgedLine = Pick<SheetLine, 'need' | 'cell'>

/** Whoever is expected at a place is there with them, as in every other judgement. */
export function memberSheet(
  pantry: Pantry,
  memberId: MemberId,
  date: PlainDate,
): MemberSheet | null {
  const { stock } = pantry
  const member = stock.members.find(({ id }) => id === memberId)
  if (!member) return null
  const places = stock.places.map((place): PlacePart => {
    const usual = questionAt(stock, place, date)
    const asking = new Asking(pantry, withMember(stock, place, usual, memberId))
    const patient = asking.patients.find((one) => one.member.id === memberId) ?? null
    const lines = judgedLines(asking, memberId)
    return {
      placeId: place.id,
      isExpected: usual.members.has(memberId),
      lines: lines.map((line) => ({ ...line, sources: sourcesOfLine(asking, line, patient) })),
      ready: readyOf(lines),
      held: heldAt(asking, patient, lines),
    }
  })
  return { member, places, courses: coursesOf(pantry, memberId, date) }
}

/** Every member's card. */
export function memberCards(pantry: Pantry, date: PlainDate): readonly MemberCard[] {
  const { stock } = pantry
  const askings = stock.places.map((place) => ({
    placeId: place.id,
    asking: new Asking(pantry, questionAt(stock, place, date)),
  }))
  return stock.members.map((member) => ({
    member,
    places: askings
      .filter(({ asking }) => asking.question.members.has(member.id))
      .map(({ placeId, asking }) => {
        const lines = judgedLines(asking, member.id)
        return { placeId, ready: readyOf(lines), missing: missingOf(lines) }
      }),
    courses: coursesOf(pantry, member.id, date),
  }))
}

const judgedLines = (asking: Asking, memberId: MemberId): readonly JudgedLine[] =>
  NEEDS.flatMap((need) => {
    if (need.scope !== 'each' || !arises(need, asking.question.place, asking.month)) return []
    const patients = asking.concernedBy(need).filter(({ member }) => member.id === memberId)
    return patients.length === 0 ? [] : [{ need, cell: judgeNeed(asking, need, patients) }]
  })

/** What is not ready for them, the life-saving first; comfort left out. */
const missingOf = (lines: readonly JudgedLine[]): readonly Need[] =>
  lines
    .filter(({ need, cell }) => isCounted(need) && !isReady(cell))
    .map(({ need }) => need)
    .sort((a, b) => TIERS.indexOf(a.tier) - TIERS.indexOf(b.tier))

function sourcesOfLine(
  asking: Asking,
  { need, cell }: JudgedLine,
  patient: Patient | null,
): readonly Source[] {
  const way = cell.way === null ? undefined : need.ways[cell.way]
  return way ? sourcesOfWay(asking, need, way, patient) : []
}

/** Life-saving and urgent problems of one member, as they count at a place. */
function readyOf(lines: readonly JudgedLine[]): PlacePart['ready'] {
  const counted = lines.filter(({ need }) => isCounted(need))
  return { ready: counted.filter(({ cell }) => isReady(cell)).length, of: counted.length }
}

function heldAt(
  asking: Asking,
  patient: Patient | null,
  lines: readonly JudgedLine[],
): readonly HeldBack[] {
  const seen = new Map<string, HeldBack>()
  for (const { need } of lines)
    for (const { parts } of need.ways)
      for (const part of parts)
        for (const one of heldBack(asking, part, patient)) {
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
  'not_judged',
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
