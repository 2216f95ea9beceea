import { withAdded } from './added'
import type { Asking } from './asking'
import { type Cell, judgeNeed } from './board'
import { type Bounds, type Candidate, candidatesFor, type Step } from './candidates'
import { rank } from './cellState'
import type { Need, Part, Way } from './need'
import { isShared } from './pantry'
import type { Patient } from './suitability'

/** What would make one way whole, for so much, and what the cell is then. */
export interface Closing {
  readonly way: string
  readonly first: boolean
  readonly steps: readonly Step[]
  readonly costMinor: number
  readonly becomes: Pick<Cell, 'state' | 'have' | 'need'>
}

/** A way with what of each of its parts nothing here gives. */
export interface Lacking {
  readonly way: Way
  readonly first: boolean
  readonly parts: readonly {
    readonly part: Part | null
    readonly patient: Patient | null
    readonly missing: number
  }[]
}

const MOST_SHOWN = 2

/** At most two, each tried: what makes the cell best first, of that the cheapest. */
export function closingsOf(
  asking: Asking,
  need: Need,
  cell: Pick<Cell, 'state' | 'have' | 'need'>,
  answers: readonly Lacking[],
  patients: readonly (Patient | null)[],
  bounds?: Bounds,
): readonly Closing[] {
  const closings = new Map<string, Closing>()
  for (const { way, first, parts } of answers) {
    const lacking = parts.filter(({ missing }) => missing > 0)
    if (lacking.length === 0) continue
    for (const candidates of together(
      gathered(lacking).flatMap((wanted) => candidatesOf(asking, wanted, bounds)),
    )) {
      const becomes = tried(asking, need, candidates, patients)
      if (!isBetter(becomes, cell)) continue
      const steps = onceEach(candidates.map(({ step }) => step))
      const key = JSON.stringify(steps)
      if (!closings.has(key))
        closings.set(key, { way: way.name, first, steps, costMinor: costOf(steps), becomes })
      break
    }
  }
  return [...closings.values()]
    .sort(
      (a, b) =>
        rank(b.becomes.state) - rank(a.becomes.state) ||
        a.costMinor - b.costMinor ||
        Number(b.first) - Number(a.first),
    )
    .slice(0, MOST_SHOWN)
}

/** So much of a part, for all of these. */
interface Wanted {
  readonly part: Part | null
  readonly missing: number
  readonly patients: readonly (Patient | null)[]
}

/** What several lack of one part is got together; a tool serves one after the other. */
function gathered(lacking: Lacking['parts']): readonly Wanted[] {
  const byPart = new Map<Part | null, Wanted>()
  for (const { part, patient, missing } of lacking) {
    const known = byPart.get(part)
    const isTool = part?.any.every(isShared) ?? false
    byPart.set(part, {
      part,
      missing: known && !isTool ? known.missing + missing : missing,
      patients: [...(known?.patients ?? []), patient],
    })
  }
  return [...byPart.values()]
}

/** One thing for all where one suits all, else for each their own. */
function candidatesOf(
  asking: Asking,
  { part, missing, patients }: Wanted,
  bounds: Bounds | undefined,
): readonly (readonly (readonly Candidate[])[])[] {
  if (part === null) return [[]]
  const forAll = candidatesFor(asking, part, missing, patients, bounds)
  if (forAll.length > 0 || patients.length < 2) return [forAll]
  return patients.map((patient) =>
    candidatesFor(asking, part, missing / patients.length, [patient], bounds),
  )
}

/** Candidates of each part together: the best of all, then one part at a time the next best. */
function together(
  ofParts: readonly (readonly (readonly Candidate[])[])[],
): readonly (readonly Candidate[])[] {
  if (ofParts.some((choices) => choices.length === 0)) return []
  const best = ofParts.map((choices) => choices[0] ?? [])
  const others = ofParts.flatMap((choices, at) =>
    choices.slice(1).map((choice) => best.map((one, part) => (part === at ? choice : one))),
  )
  return [best, ...others].map((choice) => choice.flat())
}

const isBetter = (
  after: Pick<Cell, 'state' | 'have' | 'need'>,
  before: Pick<Cell, 'state' | 'have' | 'need'>,
): boolean => rank(after.state) > rank(before.state)

const onceEach = (steps: readonly Step[]): readonly Step[] => {
  const seen = new Set<string>()
  return steps.filter((step) => {
    const key = JSON.stringify(step)
    return !seen.has(key) && seen.add(key)
  })
}

const costOf = (steps: readonly Step[]): number =>
  steps.reduce((sum, step) => sum + (step.kind === 'buy' ? (step.costMinor ?? 0) : 0), 0)

/** Judges the need with everything that the candidates bring. */
function tried(
  asking: Asking,
  need: Need,
  candidates: readonly Candidate[],
  patients: readonly (Patient | null)[],
): Pick<Cell, 'state' | 'have' | 'need'> {
  const { pantry, question } = asking
  const added = candidates.flatMap(({ adds }) => (adds ? [adds] : []))
  const taught = candidates.flatMap(({ teaches }) => (teaches ? [teaches] : []))
  const kit = pantry.stock.kits.findIndex(({ id }) => question.kits.has(id))
  return judgeNeed(asking.withMore(withAdded(pantry, kit, added), taught), need, patients)
}
