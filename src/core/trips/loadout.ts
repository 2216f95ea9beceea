/**
 * What goes into which bag: the lightest that makes every part of the party ready on every day, drawn
 * from what lies on the household's shelves, with those who stay as ready as before. Exact: a whole
 * program whose solution is proven; what it cannot meet is left out last-saving first, and said.
 */

import type { Need } from '../cover/need'
import type { KitId, LotId, PlaceId, PocketId } from '../ids'
import { type Amount, amount } from '../quantity/amount'
import type { Solver, Stopped } from '../solving/program'
import { type PackingProgram, packingProgram } from './packing'
import type { LoadoutProblem, Piece } from './problem'
import type { AskedFor, Requirement, Unmet } from './requirements'

/** So much of a lot goes from its pocket into a bag. */
export interface Taken {
  readonly thing: number
  readonly lotId: LotId
  readonly from: PocketId
  readonly placeId: PlaceId
  readonly bag: KitId
  readonly amount: Amount
  /** What it adds to what is carried: nothing where it only changes its bag. */
  readonly grams: number
}

/** Left out because the bags, a limit or the keeper's wishes leave no room for it. */
export interface LeftBehind extends AskedFor {
  readonly scene: number
  /** Only the first choice is: another way to be ready comes along. */
  readonly isFirstChoice: boolean
  /** Those who stay need it where it is; else there is no room for it. */
  readonly isForHome: boolean
}

export interface Loadout {
  readonly taken: readonly Taken[]
  /** What is put in; the bags themselves and what lies in them already come on top. */
  readonly grams: number
  /** Nothing lighter than this meets the same; equal to `grams` where that is proven. */
  readonly provenGrams: number
  readonly isProven: boolean
  /** What nothing that the household has would meet. */
  readonly unmet: readonly Unmet[]
  readonly leftBehind: readonly LeftBehind[]
  /** Wishes to keep a thing that no bag takes. */
  readonly notTaken: readonly number[]
  /** Of the bags that may stay, those that come along, by their positions. */
  readonly chosen: readonly number[]
}

export interface LoadoutLimits {
  readonly seconds: number
  /** Relative distance to what is proven at which to stop. */
  readonly gap: number
}

/** How much it counts that a problem is left out: one life outweighs everything urgent. */
const WEIGHT_OF: Readonly<Record<Need['tier'], number>> = { life: 10_000, urgent: 100, comfort: 1 }

/**
 * Packs the bags. First with everything that can be met met; where the bags are too small for that,
 * what is left out weighs as little as possible, and then the lightest is found for the rest.
 * @throws {UnsolvedError} where the solver has no answer in the time that it has
 */
export function packBags(problem: LoadoutProblem, solver: Solver, limits: LoadoutLimits): Loadout {
  const whole = packingProgram(problem, { kind: 'all' })
  const everything = solver.best(whole.program, limits)
  if (everything) return loadoutOf(problem, whole, everything, NOTHING_LEFT)
  const cheapest = packingProgram(problem, { kind: 'least_missing', weightOf: WEIGHT_OF })
  const missing = solver.best(cheapest.program, limits)
  if (!missing) return nothingFits(problem)
  const without = missedIn(problem, cheapest, missing)
  const dropped = problem.kept.filter((_, at) => (missing.values[cheapest.dropped(at)] ?? 0) > 0.5)
  const lightest = packingProgram(problem, {
    kind: 'without',
    without,
    dropped: new Set(dropped),
  })
  const rest = solver.best(lightest.program, limits)
  return loadoutOf(problem, rest ? lightest : cheapest, rest ?? missing, {
    without,
    notTaken: dropped,
    atHome: forHome(problem, without, solver, limits),
  })
}

/** What a packing leaves out, by positions; and what of it those who stay need. */
interface Left {
  readonly without: ReadonlySet<number>
  readonly notTaken: readonly number[]
  readonly atHome: ReadonlySet<number>
}

const NOTHING_LEFT: Left = { without: new Set(), notTaken: [], atHome: new Set() }

const nothingFits = (problem: LoadoutProblem): Loadout => ({
  taken: [],
  grams: 0,
  provenGrams: 0,
  isProven: false,
  unmet: problem.unmet,
  leftBehind: problem.requirements.flatMap((one) => leftOf(one, false)),
  notTaken: problem.kept,
  chosen: [],
})

const leftOf = (
  { scene, isFirstChoice, askedBy }: Requirement,
  isForHome: boolean,
): readonly LeftBehind[] => askedBy.map((one) => ({ ...one, scene, isFirstChoice, isForHome }))

const missedIn = (
  { requirements }: LoadoutProblem,
  { missing }: ReturnType<typeof packingProgram>,
  { values }: Stopped,
): ReadonlySet<number> =>
  new Set(requirements.flatMap((_, at) => ((values[missing(at)] ?? 0) > 0.5 ? [at] : [])))

/** Of what is left out, what would come along if nobody stayed. */
function forHome(
  problem: LoadoutProblem,
  without: ReadonlySet<number>,
  solver: Solver,
  limits: LoadoutLimits,
): ReadonlySet<number> {
  const ours = problem.requirements.filter(({ scene }) => scene < problem.sceneCount)
  if (ours.length === problem.requirements.length) return new Set()
  // Requirements of the trip come first, so that their positions are the same.
  const alone = { ...problem, requirements: ours }
  const program = packingProgram(alone, { kind: 'least_missing', weightOf: WEIGHT_OF })
  const found = solver.best(program.program, limits)
  if (!found) return new Set()
  const still = missedIn(alone, program, found)
  return new Set([...without].filter((at) => at < ours.length && !still.has(at)))
}

function loadoutOf(
  problem: LoadoutProblem,
  { comes }: Pick<PackingProgram, 'comes'>,
  { values, bound, isOptimal }: Stopped,
  { without, notTaken, atHome }: Left,
): Loadout {
  const counts = problem.pieces.map((_, piece) =>
    problem.bags.map((_bag, bag) => Math.round(values[piece * problem.bags.length + bag] ?? 0)),
  )
  const taken = problem.pieces.flatMap((piece, at) => lotsFor(problem, piece, counts[at] ?? []))
  const grams = taken.reduce((sum, one) => sum + one.grams, 0)
  return {
    taken,
    grams,
    provenGrams: isOptimal ? grams : Math.max(0, Math.min(grams, Math.floor(bound))),
    isProven: isOptimal,
    unmet: problem.unmet,
    leftBehind: problem.requirements.flatMap((one, at) =>
      without.has(at) && one.scene < problem.sceneCount ? leftOf(one, atHome.has(at)) : [],
    ),
    notTaken,
    chosen: problem.bags.flatMap((_, at) => ((values[comes(at)] ?? 0) > 0.5 ? [at] : [])),
  }
}

/** From which shelves a piece comes: what expires first of what lasts long enough. */
function lotsFor(
  { bags }: LoadoutProblem,
  piece: Piece,
  counts: readonly number[],
): readonly Taken[] {
  const taken: Taken[] = []
  const left = piece.shelves.map((shelf) => ({ ...shelf, rest: shelf.amount as number }))
  for (const [at, count] of counts.entries()) {
    const bag = bags[at]
    if (!bag) continue
    let wanted = count * piece.each
    for (const shelf of left) {
      if (wanted <= 0) break
      const some = Math.min(wanted, Math.floor(shelf.rest / piece.each) * piece.each)
      if (some <= 0) continue
      shelf.rest -= some
      wanted -= some
      taken.push({
        thing: piece.thing,
        lotId: shelf.lotId,
        from: shelf.pocketId,
        placeId: piece.placeId,
        bag: bag.kitId,
        amount: amount(some),
        grams: piece.fromBag === null ? (some / piece.each) * piece.grams : 0,
      })
    }
  }
  return taken
}
