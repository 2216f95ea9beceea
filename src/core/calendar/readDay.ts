/**
 * Reads one day as somebody writes it into a field of the household's own.
 *
 * A pack may print a month or nothing, and may mean two days: that is `readPrintedDate`. Here a day is
 * asked for, and the household has said in which order it writes one.
 */
import { dayOf, isPlainDate, type PlainDate } from './plainDate'
import { type DateOrder, fullYear, monthNamed } from './readPrintedDate'

export type DayReading =
  | { readonly kind: 'read'; readonly day: PlainDate }
  /** Without a year, with a letter too many: not a day as the household writes them. */
  | { readonly kind: 'not_a_day' }
  /** 31 February, month 13. */
  | { readonly kind: 'no_such_day' }

interface Options {
  readonly order: DateOrder
  readonly today: PlainDate
  /** No day after this one can be meant: "12/03/51" of a birth is of the century before. */
  readonly latest?: PlainDate | undefined
}

/** Where year, month and day stand among three numbers. */
const PLACES: Readonly<Record<DateOrder, readonly [year: number, month: number, day: number]>> = {
  'day-first': [2, 1, 0],
  'month-first': [2, 0, 1],
  'year-first': [0, 1, 2],
}

/**
 * Reads a day.
 * @param written "2026-11-28", "28.11.26", "28 Nov 2026", "November 28, 2026"
 * @param options the household's order settles three numbers; a year of four figures settles itself
 * @returns the day, or why there is none
 * @example readDay('3/4/26', { order: 'month-first', today }) // 4 March 2026
 */
export function readDay(written: string, { order, today, latest }: Options): DayReading {
  const said = written.trim().toLowerCase()
  if (isPlainDate(said)) return { kind: 'read', day: said }
  const parts = said
    .replace(/(\d)(st|nd|rd|th)\b/g, '$1')
    .split(/[\s./,\-–]+/)
    .filter((part) => part !== '')
  if (parts.length !== 3) return { kind: 'not_a_day' }
  const named = parts.findIndex((part) => monthNamed(part) !== null)
  const numbers = parts.filter((_, at) => at !== named)
  if (!numbers.every((part) => /^(?:\d{1,2}|\d{4})$/.test(part))) return { kind: 'not_a_day' }
  const [year, month, day] = named < 0 ? byOrder(parts, order) : byName(numbers, parts[named] ?? '')
  if (year === undefined || month === undefined || day === undefined || day.length > 2)
    return { kind: 'not_a_day' }
  const whole = year.length === 4 ? Number(year) : fullYear(Number(year), today)
  const read = dayOf(whole, Number(month), Number(day))
  if (!read) return { kind: 'no_such_day' }
  const before = dayOf(whole - 100, Number(month), Number(day))
  return year.length < 4 && latest && read > latest && before
    ? { kind: 'read', day: before }
    : { kind: 'read', day: read }
}

/** Year, month and day among three numbers. */
function byOrder(parts: readonly string[], order: DateOrder): readonly (string | undefined)[] {
  // Four figures are the year wherever they stand; what is left keeps the household's order.
  if (parts[0]?.length === 4) return parts
  if (parts[2]?.length === 4 && order === 'year-first') return [parts[2], parts[1], parts[0]]
  return PLACES[order].map((at) => parts[at])
}

/** With the month in words a year of four figures stands where it likes; else the day comes first. */
function byName([first = '', second = '']: readonly string[], month: string): readonly string[] {
  const number = String(monthNamed(month) ?? 0)
  return first.length === 4 ? [first, number, second] : [second, number, first]
}
