/** What becomes of each line of the list if it is brought in now. */
import type { Known, Site } from '../../core/interchange/known'
import { type PlannedLine, planImport } from '../../core/interchange/planImport'
import type {
  Cells,
  LineFault,
  LineQuestion,
  LineRemark,
  ListLine,
} from '../../core/interchange/readLine'
import type { ReadRow } from '../../core/interchange/readList'
import { type NameAnswers, type NameQuestion, resolveSites } from '../../core/interchange/sites'
import type { OpenList } from './useList'

export type Fate =
  | { readonly kind: 'left_out' }
  | { readonly kind: 'ask'; readonly questions: readonly LineQuestion[] }
  | { readonly kind: 'fault'; readonly faults: readonly LineFault[] }
  /** Its place, kit or pocket is new: asked once for all lines that name it. */
  | { readonly kind: 'name' }
  | {
      readonly kind: 'read'
      readonly value: ListLine
      readonly plan: PlannedLine
      readonly remarks: readonly LineRemark[]
    }

type Counted = 'ready' | 'ask' | 'fault' | 'already' | 'differ'

export interface Sorted {
  readonly fates: ReadonlyMap<number, Fate>
  readonly counts: Readonly<Record<Counted, number>>
  readonly newPlaces: readonly string[]
  readonly newKits: readonly string[]
  readonly newPockets: readonly string[]
  readonly names: readonly NameQuestion[]
  /** What is sent of each line that is ready. */
  readonly cells: ReadonlyMap<number, Cells>
}

export type Show = 'all' | 'needs' | 'ready' | 'already'

/** Sorts the lines that are not left out by what is asked, wrong, new or there already. */
export function sortList(
  list: Pick<OpenList, 'rows' | 'leftOut'>,
  known: Known,
  fallback: Site,
  answers: NameAnswers = new Map(),
): Sorted {
  const taken = list.rows.filter(
    ({ line, reading }) => reading.kind === 'ready' && !list.leftOut.has(line),
  )
  const sites = resolveSites(taken, known, answers, fallback)
  const ready = taken.flatMap(({ line, reading }) => {
    const cells = sites.cells.get(line)
    if (reading.kind !== 'ready' || !cells) return []
    const { place = '', kit = '', pocket = '' } = cells
    return [{ line, value: { ...reading.value, place, kit, pocket } }]
  })
  const plan = planImport(ready, known, fallback)
  const values = new Map(ready.map(({ line, value }) => [line, value]))
  const planned = new Map(plan.lines.map((line) => [line.line, line]))
  const fates = new Map<number, Fate>()
  const counts = { ready: 0, ask: 0, fault: 0, already: 0, differ: 0 }
  for (const row of list.rows) {
    const fate: Fate = list.leftOut.has(row.line)
      ? { kind: 'left_out' }
      : sites.asking.has(row.line)
        ? { kind: 'name' }
        : fateOf(row, planned.get(row.line), values.get(row.line))
    fates.set(row.line, fate)
    if (fate.kind !== 'left_out') counts[countedAs(fate)] += 1
  }
  return {
    fates,
    counts,
    newPlaces: plan.newPlaces,
    newKits: plan.newKits,
    newPockets: plan.newPockets,
    names: sites.questions,
    cells: new Map(
      plan.lines.flatMap(({ kind, line }) =>
        kind === 'new_lot' || kind === 'only_par' ? [[line, sites.cells.get(line) ?? {}]] : [],
      ),
    ),
  }
}

function fateOf(
  { line, reading }: ReadRow,
  plan: PlannedLine | undefined,
  value: ListLine | undefined,
): TakenFate {
  if (reading.kind === 'ask') return { kind: 'ask', questions: reading.questions }
  if (reading.kind === 'fault') return { kind: 'fault', faults: reading.faults }
  if (!plan || !value) throw new Error(`Line ${line} was read and not planned`)
  return { kind: 'read', value, plan, remarks: reading.remarks }
}

type TakenFate = Exclude<Fate, { kind: 'left_out' }>

function countedAs(fate: TakenFate): Counted {
  if (fate.kind === 'name') return 'ask'
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
