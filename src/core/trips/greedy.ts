/**
 * How people pack by hand: problem after problem, the gravest first, each time what is lightest for
 * it now. Kept to be beaten: the measure of what an exact packing saves.
 */
import type { LoadoutProblem } from './problem'
import { isPossible, type Requirement, type Supply } from './requirements'

export interface GreedyPacking {
  /** Count of each piece in each bag. */
  readonly counts: readonly (readonly number[])[]
  readonly grams: number
  /** Positions of requirements that it did not meet. */
  readonly missed: readonly number[]
}

const ORDER = { life: 0, urgent: 1, comfort: 2 } as const

/** @returns what is taken, or less than everything where the bags are full */
export function packGreedily(problem: LoadoutProblem): GreedyPacking {
  const counts = problem.pieces.map(() => problem.bags.map(() => 0))
  const order = problem.requirements
    .map((requirement, at) => ({ requirement, at }))
    .filter(({ requirement }) => requirement.scene < problem.sceneCount)
    .sort((a, b) => ORDER[a.requirement.tier] - ORDER[b.requirement.tier])
  const missed: number[] = []
  for (const { requirement, at } of order) if (!meet(problem, counts, requirement)) missed.push(at)
  return { counts, grams: gramsOf(problem, counts), missed }
}

const gramsOf = ({ pieces }: LoadoutProblem, counts: readonly (readonly number[])[]): number =>
  pieces.reduce(
    (sum, { grams }, at) => sum + grams * (counts[at] ?? []).reduce((all, one) => all + one, 0),
    0,
  )

/** Whether a packing meets a requirement. */
export function isMet(
  problem: LoadoutProblem,
  counts: readonly (readonly number[])[],
  requirement: Requirement,
): boolean {
  const supply = supplyIn(problem, counts, requirement.scene)
  return requirement.options.some((option) => isPossible(option, supply))
}

function supplyIn(
  { pieces, bags, fixed, sceneCount }: LoadoutProblem,
  counts: readonly (readonly number[])[],
  scene: number,
): Supply {
  const more = new Map<number, number>()
  for (const [at, piece] of pieces.entries()) {
    let count = 0
    for (const [bag, some] of (counts[at] ?? []).entries())
      if (scene >= sceneCount ? piece.stay === scene : bags[bag]?.scenes.includes(scene))
        count += scene >= sceneCount ? -some : some
    more.set(piece.thing, (more.get(piece.thing) ?? 0) + count * piece.tenths)
  }
  return {
    good: (thing) => (fixed[scene]?.good[thing] ?? 0) + (more.get(thing) ?? 0),
    second: (thing) => fixed[scene]?.second[thing] ?? 0,
  }
}

/** Adds piece by piece what fits and is lightest until the first way of it is met; else takes it back. */
function meet(problem: LoadoutProblem, counts: number[][], requirement: Requirement): boolean {
  for (const option of requirement.options) {
    const one: Requirement = { ...requirement, options: [option] }
    const before = counts.map((row) => [...row])
    const wanted = new Set(
      option.demands.flatMap(({ from }) =>
        from.flatMap(({ thing, leansOn }) => [thing, ...leansOn.flat()]),
      ),
    )
    const pieces = problem.pieces
      .map((piece, at) => ({ piece, at }))
      // By hand nobody unpacks one bag into another.
      .filter(({ piece }) => wanted.has(piece.thing) && piece.fromBag === null)
      .sort((a, b) => a.piece.grams - b.piece.grams)
    let isDone = isMet(problem, counts, one)
    for (const demand of option.demands) {
      for (const { piece, at } of pieces) {
        const serves = demand.from.some(
          ({ thing, leansOn }) =>
            thing === piece.thing || leansOn.some((group) => group.includes(piece.thing)),
        )
        while (!isDone && serves && add(problem, counts, at, requirement.scene))
          isDone = isMet(problem, counts, one) || demandIsMet(problem, counts, one, demand)
        isDone = isMet(problem, counts, one)
        if (demandIsMet(problem, counts, one, demand)) break
      }
      if (isDone) break
    }
    if (isDone) return true
    for (const [at, row] of before.entries()) counts[at] = row
  }
  return false
}

const demandIsMet = (
  problem: LoadoutProblem,
  counts: readonly (readonly number[])[],
  one: Requirement,
  demand: Requirement['options'][0]['demands'][number],
): boolean =>
  isMet(problem, counts, { ...one, options: [{ ...one.options[0], demands: [demand] }] })

/** One more of a piece in the first bag of the scene that takes it; those who stay keep their own. */
function add(problem: LoadoutProblem, counts: number[][], at: number, scene: number): boolean {
  const { pieces, bags, requirements, sceneCount } = problem
  const piece = pieces[at]
  const row = counts[at]
  if (!piece || !row || row.reduce((sum, one) => sum + one, 0) >= piece.count) return false
  for (const bag of piece.bags) {
    const { scenes, freeGrams, freeVolume, liquidMl } = bags[bag] ?? {}
    if (!scenes?.includes(scene)) continue
    const used = (of: (one: (typeof pieces)[number]) => number): number =>
      pieces.reduce((sum, one, index) => sum + of(one) * (counts[index]?.[bag] ?? 0), of(piece))
    if (freeGrams != null && used(({ grams }) => grams) > freeGrams) continue
    if (freeVolume != null && used(({ volume }) => volume) > freeVolume) continue
    if (liquidMl != null && used((one) => one.liquidMl) > liquidMl) continue
    row[bag] = (row[bag] ?? 0) + 1
    const isKept = requirements.every(
      (one) => one.scene < sceneCount || piece.stay !== one.scene || isMet(problem, counts, one),
    )
    if (isKept) return true
    row[bag] = (row[bag] ?? 0) - 1
  }
  return false
}
