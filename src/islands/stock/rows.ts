/** Which lots a view of the stock shows, in which order and under which headings. */
import type { z } from 'zod'
import { stockFilter, type stockRow } from '../../contract/values/stock'
import { STORAGE_CLASSES } from '../../core/catalogue/storageClass'

export type StockRow = z.infer<typeof stockRow>
export type StockFilter = z.infer<typeof stockFilter>

export const EVERYTHING: StockFilter = {
  words: '',
  place: null,
  states: [],
  kinds: [],
  patient: null,
  storage: null,
  group: 'none',
  sort: 'title',
  down: false,
}

/** A filter as the address has it: what differs from everything; null where nothing does. */
export function filterInAddress(filter: StockFilter): string | null {
  const differs = Object.entries(filter).filter(
    ([name, value]) =>
      JSON.stringify(value) !== JSON.stringify(EVERYTHING[name as keyof StockFilter]),
  )
  return differs.length === 0 ? null : JSON.stringify(Object.fromEntries(differs))
}

/** The filter that an address asks for; everything where it asks for none, or for nothing that there is. */
export function filterFromAddress(text: string | null): StockFilter {
  try {
    const read = stockFilter.partial().safeParse(JSON.parse(text ?? '{}'))
    return read.success ? ({ ...EVERYTHING, ...read.data } as StockFilter) : EVERYTHING
  } catch {
    return EVERYTHING
  }
}

export const rowKey = ({ lotId, pocketId }: Pick<StockRow, 'lotId' | 'pocketId'>): string =>
  `${lotId}/${pocketId}`

const names = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })
const whereOf = ({ place, kit, pocket }: StockRow): string => `${place} ${kit} ${pocket}`

/** All words must be found somewhere in the line; the rest must be as chosen. */
export function filtered(
  rows: readonly StockRow[],
  filter: StockFilter,
  place: string | null,
): readonly StockRow[] {
  const wanted = filter.words.toLowerCase().split(/\s+/).filter(Boolean)
  return rows.filter((row) => {
    if (place !== null && row.placeId !== place) return false
    if (filter.place !== null && row.placeId !== filter.place) return false
    if (filter.states.length > 0 && !filter.states.includes(row.judged.state)) return false
    if (filter.kinds.length > 0 && !filter.kinds.includes(row.kind)) return false
    if (filter.patient !== null && row.forMember !== filter.patient) return false
    if (filter.storage !== null && !isKept(row, filter.storage)) return false
    if (wanted.length === 0) return true
    const kept = row.keeping.storage ? STORAGE_CLASSES[row.keeping.storage] : ''
    const text = `${row.title} ${whereOf(row)} ${row.batch} ${row.boughtAt} ${kept}`.toLowerCase()
    return wanted.every((word) => text.includes(word))
  })
}

function isKept({ keeping }: StockRow, how: NonNullable<StockFilter['storage']>): boolean {
  if (how === 'frost') return keeping.frostHarms
  return keeping.storage === (how === 'unknown' ? null : how)
}

/** The day on which a lot ends; what never ends comes last, what is over already first. */
export function endOf({ judged }: StockRow): string {
  switch (judged.state) {
    case 'spent':
      return judged.why.kind === 'date' ? judged.why.day : '0'
    case 'turning':
      return judged.day
    default:
      return judged.lastGood.kind === 'day' ? judged.lastGood.day : '9'
  }
}

const ORDER: Readonly<Record<StockFilter['sort'], (a: StockRow, b: StockRow) => number>> = {
  title: (a, b) => names.compare(a.title, b.title),
  end: (a, b) => endOf(a).localeCompare(endOf(b)),
  where: (a, b) => names.compare(whereOf(a), whereOf(b)),
  sure: (a, b) => a.sure - b.sure,
  worth: (a, b) => (a.worthMinor ?? -1) - (b.worthMinor ?? -1),
}

/** Ties go by name, then place, so that the order never jumps. */
export function sorted(
  rows: readonly StockRow[],
  { sort, down }: Pick<StockFilter, 'sort' | 'down'>,
): readonly StockRow[] {
  const sign = down ? -1 : 1
  return [...rows].sort(
    (a, b) =>
      sign * ORDER[sort](a, b) ||
      ORDER.title(a, b) ||
      ORDER.where(a, b) ||
      rowKey(a).localeCompare(rowKey(b)),
  )
}

export type StockLine =
  | {
      readonly kind: 'heading'
      readonly key: string
      readonly title: string
      readonly count: number
    }
  | { readonly kind: 'row'; readonly key: string; readonly row: StockRow }

/** Headings with their rows below; without a grouping rows alone. */
export function grouped(
  rows: readonly StockRow[],
  headingOf: ((row: StockRow) => string) | null,
): readonly StockLine[] {
  const line = (row: StockRow): StockLine => ({ kind: 'row', key: rowKey(row), row })
  if (!headingOf) return rows.map(line)
  const groups = new Map<string, StockRow[]>()
  for (const row of rows) {
    const title = headingOf(row)
    const known = groups.get(title)
    if (known) known.push(row)
    else groups.set(title, [row])
  }
  return [...groups]
    .sort(([a], [b]) => names.compare(a, b))
    .flatMap(([title, of]) => [
      { kind: 'heading' as const, key: `heading ${title}`, title, count: of.length },
      ...of.map(line),
    ])
}
