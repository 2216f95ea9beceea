/**
 * Reads the file of a temperature logger as people have them: any headings, order and unit, lines of
 * words above the readings, local time with and without a zone, gaps, doubled and reversed rows. What
 * cannot be read is named with its line, and holds nothing else up.
 */
import Papa from 'papaparse'
import { dayOf } from '../calendar/plainDate'
import type { DateOrder } from '../calendar/readPrintedDate'
import { localReader } from '../calendar/zoneOffset'
import { delimiterOf } from '../interchange/table'
import { isPossible, type Minute, MOST_READINGS, type Series } from './readings'
import { type Gap, gapsOf, stuckIn } from './spans'

export const UNITS = ['C', 'F', 'K'] as const
export type Unit = (typeof UNITS)[number]

export interface LoggerOptions {
  /** What the keeper says; null: as the file says, else as its values suggest. */
  readonly unit: Unit | null
  /** Settles 3/4/2026 where no line of the file does. */
  readonly order: DateOrder
  /** IANA name, for times without a zone. */
  readonly zone: string
  readonly now: Minute
  /** The logger's clock was wrong by so much: added to every time. */
  readonly shiftMinutes: number
}

export const ROW_FAULTS = ['no_time', 'no_temperature', 'impossible', 'future'] as const
export type RowFault = (typeof ROW_FAULTS)[number]

export interface LoggerReport {
  readonly rows: number
  /** The first few lines that were left out, 1-based. */
  readonly refused: readonly { readonly line: number; readonly fault: RowFault }[]
  readonly refusedCount: number
  /** The same minute again, with the same value. */
  readonly repeated: number
  /** The same minute with another value: the first stays. */
  readonly differing: number
  /** Lines that are earlier than the one above them. */
  readonly reversed: number
  readonly gaps: readonly Gap[]
  readonly stuck: readonly Gap[]
  readonly unit: Unit
  /** Nobody said the unit: it is what the values suggest. */
  readonly isUnitGuessed: boolean
  readonly columns: { readonly time: string; readonly temperature: string }
}

export type LoggerFileRefusal = 'empty' | 'no_time' | 'no_temperature' | 'too_many'

export type LoggerFileReading =
  | { readonly kind: 'refused'; readonly code: LoggerFileRefusal }
  | { readonly kind: 'read'; readonly series: Series; readonly report: LoggerReport }

const MOST_NAMED = 20
/** So many lines decide what a column is. */
const LOOKED_AT = 300

/** @param text of the whole file */
export function readLoggerFile(text: string, options: LoggerOptions): LoggerFileReading {
  const { data } = Papa.parse<string[]>(text, {
    delimiter: delimiterOf(text),
    skipEmptyLines: false,
  })
  const rows = data.map((cells) => cells.map((cell) => cell.trim()))
  const sample = rows.filter((cells) => cells.some(Boolean)).slice(0, LOOKED_AT)
  if (sample.length === 0) return { kind: 'refused', code: 'empty' }
  const time = timeColumns(sample)
  if (!time) return { kind: 'refused', code: 'no_time' }
  const head = headingsIn(rows, time)
  const temperature = temperatureColumn(sample, head, time)
  if (temperature === null) return { kind: 'refused', code: 'no_temperature' }
  return readRows(rows, { time, head, temperature }, options)
}

// ---- which column is what ----------------------------------------------------------------------

interface TimeColumns {
  readonly date: number
  /** Of the time of day where it stands apart; null where the date has it. */
  readonly clock: number | null
}

const STAMP =
  /^(\d{1,4})[-/.](\d{1,2})[-/.](\d{1,4})(?:[T ,]+(\d{1,2})[:.](\d{2})(?:[:.](\d{2})(?:[.,]\d+)?)?\s*([ap]\.?m\.?)?)?\s*(Z|UTC|[+-]\d{2}:?\d{2})?$/i
const CLOCK = /^(\d{1,2}):(\d{2})(?::(\d{2})(?:[.,]\d+)?)?\s*([ap]\.?m\.?)?$/i
/** Seconds or milliseconds since 1970, of this century. */
const EPOCH = /^\d{10}(?:\d{3})?(?:\.\d+)?$/

const widthOf = (rows: readonly string[][]): number =>
  rows.reduce((most, cells) => Math.max(most, cells.length), 0)

/** The column in which most cells are of a kind, where at least half of the lines have one. */
function mostly(
  sample: readonly string[][],
  is: (cell: string) => boolean,
  but: readonly (number | null)[] = [],
): number | null {
  let [best, most] = [null as number | null, 0]
  for (let column = 0; column < widthOf(sample); column++) {
    if (but.includes(column)) continue
    const count = sample.filter((cells) => is(cells[column] ?? '')).length
    if (count > most) [best, most] = [column, count]
  }
  return most * 2 >= sample.length || most >= 20 ? best : null
}

function timeColumns(sample: readonly string[][]): TimeColumns | null {
  const whole = mostly(sample, (cell) => STAMP.exec(cell)?.[4] !== undefined || EPOCH.test(cell))
  if (whole !== null) return { date: whole, clock: null }
  const date = mostly(sample, (cell) => STAMP.test(cell))
  const clock = mostly(sample, (cell) => CLOCK.test(cell), [date])
  return date === null || clock === null ? null : { date, clock }
}

/** The line above the first one that has a time. */
function headingsIn(rows: readonly string[][], { date }: TimeColumns): readonly string[] {
  const first = rows.findIndex(
    (cells) => STAMP.test(cells[date] ?? '') || EPOCH.test(cells[date] ?? ''),
  )
  const above = rows
    .slice(0, Math.max(0, first))
    .findLast((cells) => cells.filter(Boolean).length > 1)
  return above ?? []
}

const WARMTH = /temp|°|celsius|fahrenheit|kelvin|^t$|\(c\)|\(f\)|\(k\)/i
const OTHER = /humid|rh|%|dew|batter|volt|signal|rssi|press|index|alarm|limit|min\b|max\b/i

function temperatureColumn(
  sample: readonly string[][],
  head: readonly string[],
  { date, clock }: TimeColumns,
): number | null {
  const isNumber = (cell: string): boolean => readWarmth(cell) !== null
  const named = head.flatMap((name, column) =>
    WARMTH.test(name) && !OTHER.test(name) ? [column] : [],
  )
  const counts = named.map((column) => ({
    column,
    count: sample.filter((cells) => isNumber(cells[column] ?? '')).length,
  }))
  const best = counts.reduce<(typeof counts)[number] | null>(
    (most, one) => (one.count > (most?.count ?? 0) ? one : most),
    null,
  )
  if (best) return best.column
  const others = [
    date,
    clock,
    ...head.flatMap((name, column) => (OTHER.test(name) ? [column] : [])),
    ...Array.from({ length: widthOf(sample) }, (_, column) =>
      countsUp(sample, column) ? column : -1,
    ),
  ]
  return mostly(sample, isNumber, others)
}

/** A column of line numbers. */
function countsUp(sample: readonly string[][], column: number): boolean {
  const numbers = sample
    .map((cells) => cells[column] ?? '')
    .filter((cell) => /^\d+$/.test(cell))
    .map(Number)
  return (
    numbers.length > 2 && numbers.every((one, at) => at === 0 || one === (numbers[at - 1] ?? 0) + 1)
  )
}

// ---- one cell -----------------------------------------------------------------------------------

const WARMTH_CELL = /^([-−+]?\d+(?:[.,]\d+)?|[-−+]?[.,]\d+)\s*(?:°\s*)?([CFK])?$/i

function readWarmth(cell: string): { readonly value: number; readonly unit: Unit | null } | null {
  const read = WARMTH_CELL.exec(cell)
  if (!read?.[1]) return null
  const value = Number(read[1].replace('−', '-').replace(',', '.'))
  return Number.isFinite(value)
    ? { value, unit: (read[2]?.toUpperCase() as Unit | undefined) ?? null }
    : null
}

/** Hundredths of a degree Celsius. */
const inCelsius = (value: number, unit: Unit): number =>
  Math.round((unit === 'C' ? value : unit === 'F' ? (value - 32) / 1.8 : value - 273.15) * 100)

function unitIn(heading: string): Unit | null {
  if (/°\s*F|fahrenheit|\(F\)|deg\s*F|_f$/i.test(heading)) return 'F'
  if (/kelvin|\(K\)|\[K\]/i.test(heading)) return 'K'
  return /°\s*C|celsius|\(C\)|deg\s*C|_c$/i.test(heading) ? 'C' : null
}

/** What a household's values can be: nothing lives at 70 °C, and no shelf at 21 K. */
function likelyUnit(values: readonly number[]): Unit {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = sorted[Math.floor(sorted.length / 2)] ?? 20
  return middle > 180 ? 'K' : middle > 45 ? 'F' : 'C'
}

interface Stamp {
  /** Minutes, as if the written time were UTC. */
  readonly written: number
  /** Minutes from UTC, where the cell says so. */
  readonly offset: number | null
}

const EPOCH_DAY = Date.UTC(1970, 0, 1)
const minutesOf = (year: number, month: number, day: number): number | null =>
  dayOf(year, month, day) === null ? null : (Date.UTC(year, month - 1, day) - EPOCH_DAY) / 60_000

function clockMinutes(hours: string, minutes: string, half: string | undefined): number | null {
  const [h, m] = [Number(hours), Number(minutes)]
  if (h > 24 || m > 59 || (half && (h < 1 || h > 12))) return null
  return (half ? (h % 12) + (/^p/i.test(half) ? 12 : 0) : h) * 60 + m
}

function readStamp(date: string, clock: string | null, order: DateOrder): Stamp | null {
  if (clock === null && EPOCH.test(date)) {
    const seconds = Number(date) / (date.split('.')[0]?.length === 13 ? 1000 : 1)
    return { written: Math.floor(seconds / 60), offset: 0 }
  }
  const read = STAMP.exec(date)
  if (!read) return null
  const [a = '', b = '', c = ''] = read.slice(1, 4)
  const [year, month, day] =
    a.length === 4 ? [a, b, c] : order === 'month-first' ? [c, a, b] : [c, b, a]
  const whole = minutesOf(
    Number(year) + (String(year).length <= 2 ? 2000 : 0),
    Number(month),
    Number(day),
  )
  const apart = clock === null ? null : CLOCK.exec(clock)
  const time = apart
    ? clockMinutes(apart[1] ?? '', apart[2] ?? '', apart[4])
    : read[4] === undefined
      ? null
      : clockMinutes(read[4], read[5] ?? '', read[7])
  if (whole === null || time === null) return null
  return { written: whole + time, offset: offsetIn(read[8]) }
}

function offsetIn(text: string | undefined): number | null {
  if (text === undefined) return null
  if (/^(?:Z|UTC)$/i.test(text)) return 0
  const hours = Number(text.slice(1, 3))
  return (text.startsWith('-') ? -1 : 1) * (hours * 60 + Number(text.slice(-2)))
}

/** One line with a day above the twelfth settles all. */
function orderIn(rows: readonly string[][], column: number, usual: DateOrder): DateOrder {
  for (const cells of rows) {
    const read = STAMP.exec(cells[column] ?? '')
    if (!read || (read[1] ?? '').length === 4) continue
    if (Number(read[1]) > 12) return 'day-first'
    if (Number(read[2]) > 12) return 'month-first'
  }
  return usual === 'month-first' ? 'month-first' : 'day-first'
}

// ---- all lines ----------------------------------------------------------------------------------

function readRows(
  rows: readonly string[][],
  {
    time,
    head,
    temperature,
  }: { readonly time: TimeColumns; readonly head: readonly string[]; readonly temperature: number },
  { unit: said, order: usual, zone, now, shiftMinutes }: LoggerOptions,
): LoggerFileReading {
  const order = orderIn(rows, time.date, usual)
  const inZone = localReader(zone)
  const warmths = rows.map((cells) => readWarmth(cells[temperature] ?? ''))
  const told = said ?? unitIn(head[temperature] ?? '')
  const values = warmths.flatMap((one) => (one && one.unit === null ? [one.value] : []))
  const unit = told ?? likelyUnit(values)
  const refused: { line: number; fault: RowFault }[] = []
  let refusedCount = 0
  const refuse = (at: number, fault: RowFault): void => {
    refusedCount += 1
    if (refused.length < MOST_NAMED) refused.push({ line: at + 1, fault })
  }
  const found: { at: number; value: number }[] = []
  let [reversed, counted] = [0, 0]
  let last: number | null = null
  const begin = rows.findIndex(
    (cells) => readStamp(cells[time.date] ?? '', clockOf(cells, time), order) !== null,
  )
  const lines = [...rows.keys()].filter((line) => line >= begin && rows[line]?.some(Boolean))
  const stampOf = (line: number | undefined): number => {
    const cells = rows[line ?? -1] ?? []
    return readStamp(cells[time.date] ?? '', clockOf(cells, time), order)?.written ?? 0
  }
  // The newest first: read from below, so that an hour that comes twice comes in its order.
  const isNewestFirst = stampOf(lines[0]) > stampOf(lines.at(-1))
  for (const line of isNewestFirst ? lines.reverse() : lines) {
    const cells = rows[line] ?? []
    counted += 1
    const stamp = readStamp(cells[time.date] ?? '', clockOf(cells, time), order)
    const warmth = warmths[line]
    if (!stamp) refuse(line, 'no_time')
    else if (!warmth) refuse(line, 'no_temperature')
    else {
      const at: number =
        (stamp.offset === null ? inZone(stamp.written, last) : stamp.written - stamp.offset) +
        shiftMinutes
      const value = inCelsius(warmth.value, warmth.unit ?? unit)
      if (!isPossible(value)) refuse(line, 'impossible')
      else if (at > now + CLOCK_MINUTES) refuse(line, 'future')
      else {
        if (last !== null && at < last + shiftMinutes) reversed += 1
        found.push({ at, value })
      }
      last = at - shiftMinutes
    }
  }
  if (found.length > MOST_READINGS) return { kind: 'refused', code: 'too_many' }
  const { series, repeated, differing } = inOrder(found)
  return {
    kind: 'read',
    series,
    report: {
      rows: counted,
      refused,
      refusedCount,
      repeated,
      differing,
      reversed,
      gaps: gapsOf(series),
      stuck: stuckIn(series),
      unit,
      isUnitGuessed: told === null && values.length > 0,
      columns: { time: head[time.date] ?? '', temperature: head[temperature] ?? '' },
    },
  }
}

/** A clock may be a little ahead. */
const CLOCK_MINUTES = 60

const clockOf = (cells: readonly string[], { clock }: TimeColumns): string | null =>
  clock === null ? null : (cells[clock] ?? '')

function inOrder(found: readonly { readonly at: number; readonly value: number }[]) {
  const sorted = found
    .map((one, line) => ({ ...one, line }))
    .sort((a, b) => a.at - b.at || a.line - b.line)
  const minutes: number[] = []
  const hundredths: number[] = []
  let [repeated, differing] = [0, 0]
  for (const { at, value } of sorted) {
    if (minutes.at(-1) !== at) {
      minutes.push(at)
      hundredths.push(value)
    } else if (hundredths.at(-1) === value) repeated += 1
    else differing += 1
  }
  return { series: { minutes, hundredths }, repeated, differing }
}
