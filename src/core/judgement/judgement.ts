/**
 * The one judgement of a household: for each problem that can happen at a place, and each member who
 * is expected there, whether it is ready, today and until somebody looks there again, and what ends
 * it. Every screen reads this; none judges for itself.
 */
import type { PlainDate } from '../calendar/plainDate'
import { behind, rolesOf } from '../cover/leaning'
import type { Need, Tier } from '../cover/need'
import type { CoverPlace, Pantry, Shelf } from '../cover/pantry'
import { PatientBook } from '../cover/patientBook'
import { expectedAt } from '../cover/scene'
import type { LotId, MemberId, PlaceId } from '../ids'
import { ClosingBook } from './closingBook'
import { askersOf, type Stretch, stretches } from './days'
import { isCounted, membersOf, type Problem, type Readiness, readinessOf } from './readiness'

export interface PlaceJudgement {
  readonly place: CoverPlace
  readonly expected: ReadonlySet<MemberId>
  /** Nothing that happens here is found out before this day: the next check. */
  readonly until: PlainDate
  readonly today: Readiness
  /** What is ready today and is not on a day until then, the soonest first. */
  readonly lapses: readonly Lapse[]
}

/** A problem that a place is ready for today ceases to be answered. */
export interface Lapse {
  readonly problemId: string
  readonly name: string
  readonly tier: Tier
  readonly from: PlainDate
  /** For whom; empty for whoever is there. */
  readonly members: readonly MemberId[]
  /** What ends then; empty where it is not a lot: a skill, a course, a season. */
  readonly ended: readonly LotId[]
}

export interface Judgement {
  readonly today: PlainDate
  readonly places: readonly PlaceJudgement[]
  readonly of: ReadonlyMap<PlaceId, PlaceJudgement>
  /** Whom what suits, as it was found for this. */
  readonly book: PatientBook
  /** What closes its gaps, as far as it was looked for. */
  readonly closings: ClosingBook
}

/** What was judged, with what it was judged from. */
export interface Judged {
  readonly pantry: Pantry
  readonly judgement: Judgement
}

/**
 * Judges every place; linear in what there is and in the changes until the next checks.
 * @param until the next check of each place; today where it has none
 */
export function judge(
  pantry: Pantry,
  today: PlainDate,
  until: ReadonlyMap<PlaceId, PlainDate>,
): Judgement {
  const book = new PatientBook(pantry)
  const places = pantry.stock.places.map((place) =>
    judgePlace(pantry, place, { from: today, to: until.get(place.id) ?? today }, book),
  )
  return {
    today,
    places,
    of: new Map(places.map((one) => [one.place.id, one])),
    book,
    closings: new ClosingBook(),
  }
}

/** One place, from today to its next check. @param needs only these, where not all are asked for */
export function judgePlace(
  pantry: Pantry,
  place: CoverPlace,
  days: { readonly from: PlainDate; readonly to: PlainDate },
  book?: PatientBook,
  needs?: readonly Need[],
): PlaceJudgement {
  const [first, ...later] = stretches(pantry, place, days, book, needs)
  const now = readinessOf(first?.rows ?? [])
  return {
    place,
    expected: expectedAt(place, pantry.stock, days.from),
    until: days.to,
    today: now,
    lapses: lapsesOf(pantry, now, later),
  }
}

function lapsesOf(pantry: Pantry, now: Readiness, later: readonly Stretch[]): readonly Lapse[] {
  const ready = new Map(now.problems.filter(readyAndCounted).map((one) => [one.id, one]))
  const lapses: Lapse[] = []
  for (const { from, rows, ended } of later)
    for (const problem of readinessOf(rows).problems) {
      if (problem.isReady || !ready.delete(problem.id)) continue
      lapses.push({
        problemId: problem.id,
        name: problem.name,
        tier: problem.tier,
        from,
        members: membersOf(problem),
        ended: endedFor(pantry, problem, ended),
      })
    }
  return lapses
}

/** Of what ends that day, the lots that the problem asks for. */
function endedFor(pantry: Pantry, { rows }: Problem, ended: readonly Shelf[]): readonly LotId[] {
  const askers = askersOf(
    pantry,
    rows.map(({ need }) => need),
  )
  return ended.flatMap((shelf) =>
    askers([shelf], behind(pantry, rolesOf(pantry, [shelf]))).length > 0 ? [shelf.lotId] : [],
  )
}

const readyAndCounted = (problem: Problem): boolean => problem.isReady && isCounted(problem)
