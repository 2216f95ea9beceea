/**
 * What a place is ready for: problems that can happen there, each ready or not for whoever is
 * expected. Life-saving ones are named, never averaged; comfort is not counted.
 */
import type { Cell, Row } from '../cover/board'
import { isReadyState, worst } from '../cover/cellState'
import { type Need, TIERS, type Tier } from '../cover/need'
import { NEEDS } from '../cover/needs'
import type { MemberId } from '../ids'

/** Needs of one name are one problem: a wound is a wound, whoever has it. */
export interface Problem {
  /** Of the first need that is called so: the same whoever is there. */
  readonly id: string
  readonly name: string
  readonly tier: Tier
  readonly rows: readonly Row[]
  readonly isReady: boolean
  /** Those for whom it is not, with the need that befalls them. */
  readonly missing: readonly Missing[]
}

export interface Missing {
  readonly need: Need
  readonly cell: Cell
}

export interface Readiness {
  /** Life-saving before urgent before comfort, each as the needs come. */
  readonly problems: readonly Problem[]
  /** Of the life-saving and urgent ones. */
  readonly ready: number
  readonly of: number
}

export const isReady = ({ state }: Pick<Cell, 'state'>): boolean => isReadyState(state)

/** Whether a problem counts in what a place is ready for. */
export const isCounted = ({ tier }: Pick<Problem, 'tier'>): boolean => tier !== 'comfort'

export function problemsOf(rows: readonly Row[]): readonly Problem[] {
  const byName = new Map<string, Row[]>()
  for (const row of rows) {
    const key = problemId(row.need)
    const known = byName.get(key)
    if (known) known.push(row)
    else byName.set(key, [row])
  }
  return [...byName].flatMap(([id, of]) => problemOf(id, of) ?? [])
}

const called = ({ name, tier }: Need): string => `${tier}/${name}`
const FIRST_CALLED = new Map([...NEEDS].reverse().map((need) => [called(need), need.id]))

export const problemId = (need: Need): string => FIRST_CALLED.get(called(need)) ?? need.id

function problemOf(id: string, rows: readonly Row[]): Problem | null {
  const [first] = rows
  if (!first) return null
  const { name, tier } = first.need
  const missing = rows.flatMap(missingOf)
  return { id, name, tier, rows, missing, isReady: missing.length === 0 }
}

/** Those who lack it; where each alone would have enough and all at once would not, the row as a whole. */
function missingOf({ need, cells, together }: Row): readonly Missing[] {
  const lacking = cells.filter((cell) => !isReady(cell))
  const all = lacking.length === 0 && together && !isReady(together) ? [together] : lacking
  return all.map((cell) => ({ need, cell }))
}

export function readinessOf(rows: readonly Row[]): Readiness {
  const problems = [...problemsOf(rows)].sort(
    (a, b) => TIERS.indexOf(a.tier) - TIERS.indexOf(b.tier),
  )
  const counted = problems.filter(isCounted)
  return { problems, ready: counted.filter((one) => one.isReady).length, of: counted.length }
}

/** What is not ready, the life-saving first; comfort left out. */
export const missingIn = ({ problems }: Readiness): readonly Problem[] =>
  problems.filter((one) => isCounted(one) && !one.isReady)

/** The worst that a problem comes to for anybody. */
export const stateOf = ({ rows }: Pick<Problem, 'rows'>): Cell['state'] | null =>
  worst(
    rows.flatMap(({ cells, together }) =>
      [...cells, ...(together ? [together] : [])].map(({ state }) => state),
    ),
  )

/** For whom a problem is not ready; empty where it is for whoever is there. */
export const membersOf = ({ missing }: Pick<Problem, 'missing'>): readonly MemberId[] => [
  ...new Set(missing.flatMap(({ cell }) => cell.memberId ?? [])),
]
