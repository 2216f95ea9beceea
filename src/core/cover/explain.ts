/** A cell of the board in full: which lots, where, what is held back and why, what would close the gap. */
import type { PlainDate } from '../calendar/plainDate'
import type { KitId, LotId, MemberId, PlaceId } from '../ids'
import { Asking, type Question, waysOf } from './asking'
import { type Cell, demandsOf, isTool, judgeNeed } from './board'
import type { Bounds } from './candidates'
import { isReadyState } from './cellState'
import { type Closing, closingsOf } from './closing'
import { promise } from './joint'
import type { Need, Part, Way } from './need'
import type { CoverPocket, Pantry, Shelf } from './pantry'
import { isAtHand, minutesBeyondHand, reachedFirst } from './reaching'
import { SCHOOLS, schoolAnswer } from './schools'
import { type HeldBack, heldBack } from './spoken'
import type { Patient } from './suitability'
import { turnsFirst } from './taking'

/** So much of a lot, and where it lies. */
export interface Source {
  readonly lotId: LotId
  readonly title: string
  /** Uses taken of it, and what one is called. */
  readonly uses: number
  readonly kitId: KitId
  readonly placeId: PlaceId
  readonly pocket: CoverPocket
  /** Until it is in the hand; null where nobody has said. */
  readonly seconds: number | null
  readonly through: PlainDate | null
}

export interface PartAnswer {
  readonly part: Part | null
  readonly patient: Patient | null
  readonly uses: number
  readonly sources: readonly Source[]
  /** How many minutes away the nearest lies, for what saves a life and is not at hand. */
  readonly minutesAway: number | null
  /** Uses that nothing here gives. */
  readonly missing: number
  readonly held: readonly HeldBack[]
}

export interface WayAnswer {
  readonly way: Way
  /** Parts that need nothing from a kit where clean water runs. */
  readonly fromTap: readonly Part[]
  readonly first: boolean
  readonly parts: readonly PartAnswer[]
}

export interface Explanation {
  readonly cell: Omit<Cell, 'needId' | 'memberId'>
  readonly ways: readonly WayAnswer[]
  /** Cheapest first. */
  readonly closings: readonly Closing[]
  readonly cautions: readonly string[]
}

/** Explains one cell. @param memberId null for what concerns the party */
export function explain(
  pantry: Pantry,
  question: Question,
  need: Need,
  memberId: MemberId | null,
): Explanation {
  const asking = new Asking(pantry, question)
  const patient =
    memberId === null
      ? null
      : (asking.patients.find(({ member }) => member.id === memberId) ?? null)
  const ways = waysOf(need, pantry.stock.schools)
  const cell = judgeNeed(asking, need, [patient])
  const answers = ways.map((way, position) =>
    answerOf(asking, need, way, [patient], position === 0),
  )
  return {
    cell,
    ways: answers,
    closings: cell.state === 'covered' ? [] : closingsOf(asking, need, cell, answers, [patient]),
    cautions: cautionsOf(need, cell.way, pantry),
  }
}

function cautionsOf(need: Need, way: number | null, { stock }: Pantry): readonly string[] {
  const chosen = way === null ? undefined : need.ways[way]?.caution
  return [
    ...(chosen ? [chosen] : []),
    ...need.schools.flatMap((question) => {
      const { caution, name } = schoolAnswer(question, stock.schools)
      return caution === '' ? [] : [`${SCHOOLS[question].name} (${name.toLowerCase()}): ${caution}`]
    }),
  ]
}

/**
 * How a need is met for several at once, nothing promised twice: by the way that the judgement counts,
 * else by the first.
 */
export function answerFor(
  asking: Asking,
  need: Need,
  patients: readonly (Patient | null)[],
): WayAnswer & Pick<Explanation, 'cell'> {
  const cell = judgeNeed(asking, need, patients)
  const [first, ...others] = waysOf(need, asking.pantry.stock.schools)
  const chosen = cell.way === null ? undefined : need.ways[cell.way]
  const way = [...others, first].find((one) => one === chosen) ?? first ?? need.ways[0]
  return { cell, ...answerOf(asking, need, way, patients, way === first) }
}

/** The lots by which a way is met for a patient. */
export const sourcesOfWay = (
  asking: Asking,
  need: Need,
  way: Way,
  patient: Patient | null,
): readonly Source[] =>
  answerOf(asking, need, way, [patient], true).parts.flatMap(({ sources }) => sources)

/** With what counts fully; what is second-grade is named only where that is not enough. */
function answerOf(
  asking: Asking,
  need: Need,
  way: Way,
  patients: readonly (Patient | null)[],
  first: boolean,
): WayAnswer {
  const sound = answerWith(asking, need, way, patients, { first, withSecond: false })
  return sound.parts.every(({ missing }) => missing === 0)
    ? sound
    : answerWith(asking, need, way, patients, { first, withSecond: true })
}

/** What would close a gap of these patients at once, each tried; the best first. */
export function closingsFor(
  asking: Asking,
  need: Need,
  patients: readonly (Patient | null)[],
  bounds?: Bounds,
): readonly Closing[] {
  const cell = judgeNeed(asking, need, patients)
  if (isReadyState(cell.state)) return []
  const answers = waysOf(need, asking.pantry.stock.schools).map((way, position) =>
    answerOf(asking, need, way, patients, position === 0),
  )
  return closingsOf(asking, need, cell, answers, patients, bounds)
}

function answerWith(
  asking: Asking,
  need: Need,
  way: Way,
  patients: readonly (Patient | null)[],
  { first, withSecond }: { readonly first: boolean; readonly withSecond: boolean },
): WayAnswer {
  const demands = demandsOf(asking, need, way, patients, withSecond)
  const things = [...new Set(demands.flatMap(({ from }) => from))]
  const at = new Map(things.map((thing, position) => [thing, position]))
  const tenths = things.map((thing) => asking.tenthsThere(thing, withSecond))
  const given = promise(
    demands.map((one) => ({
      uses: isTool(one) ? 0 : Math.ceil(one.uses * 10),
      from: one.from.map((thing) => at.get(thing) ?? 0),
    })),
    tenths,
  )
  return {
    way,
    first,
    fromTap: way.parts.filter((part) => asking.comesFromTap(part)),
    parts: demands.map((one, position) => {
      const takes: readonly (readonly [thing: number, uses: number])[] = isTool(one)
        ? one.from.slice(0, 1).map((thing) => [thing, one.uses] as const)
        : [...(given[position] ?? [])].map(
            ([local, uses]) => [things[local] ?? 0, uses / 10] as const,
          )
      const had = takes.reduce((sum, [, uses]) => sum + uses, 0)
      return {
        part: one.part,
        patient: one.patient,
        uses: one.uses,
        sources: takes.flatMap(([thing, uses]) =>
          sourcesOf(asking, thing, uses, { withSecond, isLife: need.tier === 'life' }),
        ),
        minutesAway:
          need.tier === 'life'
            ? minutesBeyondHand(
                takes.flatMap(([thing]) => usableShelves(asking, thing, withSecond)),
              )
            : null,
        missing: Math.max(0, Math.round((one.uses - had) * 10) / 10),
        held: one.part ? heldBack(asking, one.part, one.patient) : [],
      }
    }),
  }
}

const usableShelves = (asking: Asking, thing: number, withSecond: boolean): readonly Shelf[] =>
  (asking.pantry.shelvesOf[thing] ?? []).filter((shelf) => {
    const grade = asking.gradeOf(shelf)
    return grade === 'good' || (withSecond && grade === 'second')
  })

/**
 * What counts fully first, of that the soonest to turn, then what is reached first; where it saves a
 * life, what is at hand before what has to be fetched.
 */
function sourcesOf(
  asking: Asking,
  thing: number,
  uses: number,
  { withSecond, isLife }: { readonly withSecond: boolean; readonly isLife: boolean },
): Source[] {
  const { pantry } = asking
  const isSecond = (shelf: Shelf): number => Number(asking.gradeOf(shelf) === 'second')
  const shelves = [...usableShelves(asking, thing, withSecond)].sort(
    (a, b) =>
      isSecond(a) - isSecond(b) ||
      (isLife ? Number(isAtHand(b)) - Number(isAtHand(a)) : 0) ||
      turnsFirst(a, b) ||
      reachedFirst(a, b),
  )
  const sources: Source[] = []
  let left = uses
  for (const shelf of shelves) {
    if (left <= 0) break
    const taken = Math.min(left, shelf.uses)
    left -= taken
    const kit = pantry.stock.kits[shelf.kit]
    if (kit)
      sources.push({
        lotId: shelf.lotId,
        title: pantry.things[thing]?.title ?? '',
        uses: taken,
        kitId: kit.id,
        placeId: kit.placeId,
        pocket: shelf.pocket,
        seconds: shelf.seconds,
        through: shelf.through,
      })
  }
  return sources
}
