/**
 * Twelve lists as twelve keepers would type them, each line with what a careful person makes of it
 * behind "###". Reads them as the application does and compares: lines, amounts, dates, matches.
 */
import { readdirSync, readFileSync } from 'node:fs'
import { formatExpiry } from '../../src/core/calendar/expiry'
import { plainDate } from '../../src/core/calendar/plainDate'
import type { DateOrder } from '../../src/core/calendar/readPrintedDate'
import type { ItemId } from '../../src/core/ids'
import { questionsOf } from '../../src/core/interchange/columns'
import { type Columns, KEPT } from '../../src/core/interchange/headings'
import { type ReadRow, readList, writtenOnce } from '../../src/core/interchange/readList'
import { readTable } from '../../src/core/interchange/table'
import { sayingOf } from '../../src/core/naming/saying'

const FOLDER = new URL('./lists/', import.meta.url)
const TODAY = plainDate('2026-11-28')

export interface Result {
  readonly list: string
  readonly keeper: string
  readonly lines: number
  readonly lost: readonly string[]
  /** Not as a careful person would have it. */
  readonly wrong: readonly string[]
  readonly wronglySure: readonly string[]
  readonly sure: number
  readonly asked: number
  readonly unknown: number
  readonly amounts: number
  readonly dates: number
}

type Expected = ReadonlyMap<string, string>

const expectedIn = (text: string): Expected =>
  new Map(
    text
      .trim()
      .split(/\s+/)
      .filter(Boolean)
      .map((one) => one.split('=', 2) as [string, string]),
  )

export const acceptance = (): readonly Result[] => readdirSync(FOLDER).sort().map(tryList)

function tryList(file: string): Result {
  const [head = '', body = ''] = readFileSync(new URL(file, FOLDER), 'utf8').split('\n----\n')
  const keeper = /^keeper: (.*)$/m.exec(head)?.[1] ?? ''
  const order = (/^order: (.*)$/m.exec(head)?.[1] ?? 'day-first') as DateOrder
  const written = body.split('\n').filter((line) => line.trim() !== '')
  const text = written.map((line) => line.replace(/ ### .*$/, '')).join('\n')
  const expected = new Map(
    written.map((line, at) => [at + 1, expectedIn(/ ### (.*)$/.exec(line)?.[1] ?? '')]),
  )
  const reading = readTable(text)
  if (reading.kind === 'refused') throw new Error(`${file}: ${reading.code}`)
  const { table } = reading
  // A keeper answers what is asked about a column with the first that is offered.
  const columns: Columns = questionsOf(table.columns, table.rows, new Set(), TODAY).reduce(
    (all, { column, fields }) =>
      all.map((meaning, at) => (at === column ? (fields[0] ?? KEPT) : meaning)),
    table.columns,
  )
  const listing = readList(table, columns, {
    order,
    today: TODAY,
    carried: writtenOnce(table, columns),
  })
  const rows = new Map(listing.rows.map((row) => [row.line, row]))
  const left = new Map(listing.left.map((row) => [row.line, row.why as string]))
  const result = {
    list: file,
    keeper,
    lines: 0,
    lost: [] as string[],
    wrong: [] as string[],
    wronglySure: [] as string[],
    sure: 0,
    asked: 0,
    unknown: 0,
    amounts: 0,
    dates: 0,
  }
  for (const [line, wanted] of expected) {
    const said = written[line - 1]?.replace(/ ### .*$/, '') ?? ''
    const row = rows.get(line)
    const why = left.get(line)
    if (!row && why === undefined) result.lost.push(`${line}: ${said}`)
    const wantedRow = wanted.get('row')
    if (wantedRow !== undefined && wantedRow !== why)
      result.wrong.push(`${line}: ${said}: is a ${why ?? 'line'}, not ${wantedRow}`)
    if (wantedRow !== undefined) continue
    result.lines += 1
    if (!row) {
      result.wrong.push(`${line}: ${said}: left out as ${why}`)
      continue
    }
    checkValues(row, wanted, (what) => result.wrong.push(`${line}: ${said}: ${what}`), result)
    const { item = '', strength = '' } = row.cells
    const unit = row.reading.kind === 'ready' ? row.reading.value.unit : ''
    const found = sayingOf({
      id: '' as ItemId,
      name: item,
      strength,
      unit,
      kind: 'supply',
      own: {},
    })
    result[found.kind === 'uses' ? 'asked' : found.kind] += 1
    const may = (wanted.get('is') ?? '?').split('|')
    if (found.kind === 'sure' && !may.includes(found.entry.id))
      result.wronglySure.push(`${line}: ${item} ${strength} → ${found.entry.id}`)
  }
  return result
}

function checkValues(
  { reading }: ReadRow,
  wanted: Expected,
  wrong: (what: string) => void,
  counts: { amounts: number; dates: number },
): void {
  const asks = (field: string): boolean =>
    reading.kind === 'ask' && reading.questions.some((one) => one.field === field)
  const faulty = (field: string): boolean =>
    reading.kind === 'fault' && reading.faults.some((one) => one.field === field)
  const amount = wanted.get('amount')
  if (amount === 'ask') {
    if (!asks('amount')) wrong('its amount is not asked')
  } else if (amount !== undefined && reading.kind === 'ready') {
    counts.amounts += 1
    if (reading.value.amount !== Number(amount) * 1000)
      wrong(`amount ${reading.value.amount / 1000}, not ${amount}`)
  } else if (amount !== undefined && (asks('amount') || faulty('amount')))
    wrong(`its amount ${amount} is not read`)
  const expiry = wanted.get('exp')
  if (expiry === 'ask') {
    if (!asks('expiry')) wrong('its date is not asked')
  } else if (expiry === 'fault') {
    if (!faulty('expiry')) wrong('its date is not refused')
  } else if (expiry !== undefined) {
    counts.dates += 1
    const read =
      reading.kind === 'ready' ? formatExpiry(reading.value.expiry) || 'unknown' : 'not read'
    if (read !== expiry) wrong(`date ${read}, not ${expiry}`)
  }
  if (wanted.get('opened') === 'ask' && !asks('opened')) wrong('the day it was opened is not asked')
  if (wanted.get('ask') === 'par' && !asks('par')) wrong('how many belong is not asked')
  if (wanted.get('hold') === 'yes' && !(reading.kind === 'ready' && reading.value.hold !== null))
    wrong('does not start on hold')
  if (wanted.get('hold') === undefined && reading.kind === 'ready' && reading.value.hold !== null)
    wrong(`starts on hold: ${reading.value.hold}`)
  if (
    wanted.get('carried') === 'yes' &&
    !(reading.kind === 'ready' && reading.remarks.includes('carried_down'))
  )
    wrong('its kit is not carried down')
}
