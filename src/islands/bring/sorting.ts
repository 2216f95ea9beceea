/** What becomes of each line of the list if it is brought in now. */
import {
  type Known,
  type PlannedLine,
  planImport,
  type Site,
} from '../../core/interchange/planImport'
import type { LineFault, LineQuestion, ListLine } from '../../core/interchange/readLine'
import type { ReadRow } from '../../core/interchange/readList'
import type { OpenList } from './useList'

export type Fate =
  | { readonly kind: 'left_out' }
  | { readonly kind: 'ask'; readonly questions: readonly LineQuestion[] }
  | { readonly kind: 'fault'; readonly faults: readonly LineFault[] }
  | {
      readonly kind: 'read'
      readonly value: ListLine
      readonly plan: PlannedLine
      readonly takenAsOne: boolean
    }

type Counted = 'ready' | 'ask' | 'fault' | 'already' | 'differ'

export interface Sorted {
  readonly fates: ReadonlyMap<number, Fate>
  readonly counts: Readonly<Record<Counted, number>>
  readonly newPlaces: readonly string[]
  readonly newKits: readonly string[]
}

export type Show = 'all' | 'needs' | 'ready' | 'already'

/** Sorts the lines that are not left out by what is asked, wrong, new or there already. */
export function sortList(
  list: Pick<OpenList, 'rows' | 'leftOut'>,
  known: Known,
  fallback: Site,
): Sorted {
  const ready = list.rows.flatMap(({ line, reading }) =>
    reading.kind === 'ready' && !list.leftOut.has(line) ? [{ line, value: reading.value }] : [],
  )
  const plan = planImport(ready, known, fallback)
  const planned = new Map(plan.lines.map((line) => [line.line, line]))
  const fates = new Map<number, Fate>()
  const counts = { ready: 0, ask: 0, fault: 0, already: 0, differ: 0 }
  for (const row of list.rows) {
    const fate: Fate = list.leftOut.has(row.line)
      ? { kind: 'left_out' }
      : fateOf(row, planned.get(row.line))
    fates.set(row.line, fate)
    if (fate.kind !== 'left_out') counts[countedAs(fate)] += 1
  }
  return { fates, counts, newPlaces: plan.newPlaces, newKits: plan.newKits }
}

function fateOf({ line, reading }: ReadRow, plan: PlannedLine | undefined): TakenFate {
  if (reading.kind === 'ask') return { kind: 'ask', questions: reading.questions }
  if (reading.kind === 'fault') return { kind: 'fault', faults: reading.faults }
  if (!plan) throw new Error(`Line ${line} was read and not planned`)
  const takenAsOne = reading.remarks.includes('amount_taken_as_one')
  return { kind: 'read', value: reading.value, plan, takenAsOne }
}

type TakenFate = Exclude<Fate, { kind: 'left_out' }>

function countedAs(fate: TakenFate): Counted {
  if (fate.kind !== 'read') return fate.kind
  const { kind } = fate.plan
  if (kind === 'already_there') return 'already'
  return kind === 'new_lot' || kind === 'only_par' ? 'ready' : 'differ'
}

export function isShown(fate: Fate, show: Show): boolean {
  if (show === 'all') return true
  if (fate.kind === 'left_out') return false
  const counted = countedAs(fate)
  return show === 'needs'
    ? counted === 'ask' || counted === 'fault' || counted === 'differ'
    : counted === show
}
