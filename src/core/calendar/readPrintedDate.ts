/**
 * Reads a date as people write it or as a pack prints it.
 *
 * A text that can be read in two ways is answered with both readings, never with a guess.
 * "2099-01!" says that a date far off is meant. Two-digit years follow the century rule of the GS1 General Specifications (7.12).
 */
import { type Expiry, formatExpiry } from './expiry'
import { dayOf, lastDayOfMonth, monthOf, type PlainDate } from './plainDate'

/** In which order the household writes a date: decides only which reading is offered first. */
export type DateOrder = 'day-first' | 'month-first'

export type DateRefusal =
  /** 31 February, month 13. */
  | { readonly code: 'no_such_day' }
  | { readonly code: 'not_a_date' }
  /** Before 1900 or after 2199. */
  | { readonly code: 'out_of_range' }

export type DateReading =
  | { readonly kind: 'read'; readonly expiry: Expiry }
  /** More than one sense, or one that is more than 20 years off and wants a second look. */
  | {
      readonly kind: 'ask'
      readonly readings: readonly Expiry[]
      readonly why: 'two_ways' | 'far_off'
    }
  | { readonly kind: 'refused'; readonly refusal: DateRefusal }

/** A reading further than this from today is asked about. */
export const FAR_OFF_YEARS = 20

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']
const NONE = new Set([
  'none',
  'no',
  'no date',
  'n/a',
  'na',
  '-',
  '–',
  '—',
  'never',
  'does not expire',
  'nil',
  'x',
])
/** After a date: it is meant, however far off it lies. */
const MEANT = '!'
const LEAD =
  /^(?:exp(?:iry|ires|iration)?(?:\s*date)?|use\s*by|best\s*before(?:\s*end)?|bbe?|end|until|till|by|verw\.?\s*bis)\b[\s.:]*/i

/**
 * The four-digit year meant by two digits: 51–99 ahead of today's two digits is the past
 * century, 50–99 behind is the next.
 * @example fullYear(27, '2026-11-25') === 2027
 */
export function fullYear(twoDigits: number, today: PlainDate): number {
  const year = Number(today.slice(0, 4))
  const century = year - (year % 100)
  const ahead = twoDigits - (year % 100)
  if (ahead >= 51) return century - 100 + twoDigits
  if (ahead <= -50) return century + 100 + twoDigits
  return century + twoDigits
}

/**
 * Reads one written date.
 * @param written as found, e.g. "03/27", "2027-03", "15 MAR 2027", "EXP 27.03.2027", "none"
 * @param today settles the century of two-digit years
 * @returns the reading, the readings to ask about, or why it is refused; "" is `unknown`
 * @example readPrintedDate('03/27', options) // month 2027-03
 * @example readPrintedDate('03/04/27', options) // asks: 3 April or 4 March 2027
 */
export function readPrintedDate(
  written: string,
  options: { readonly order: DateOrder; readonly today: PlainDate },
): DateReading {
  const trimmed = written.trim().replace(/\s+/g, ' ')
  if (trimmed === '' || trimmed === '?') return { kind: 'read', expiry: { kind: 'unknown' } }
  if (NONE.has(trimmed.toLowerCase())) return { kind: 'read', expiry: { kind: 'none' } }
  const meant = trimmed.endsWith(MEANT)
  const bare = (meant ? trimmed.slice(0, -MEANT.length) : trimmed).replace(LEAD, '').trim()
  const settled = (candidates: readonly Candidate[]) => settle(candidates, options.today, meant)
  if (/^\d{6}(\d{2})?$/.test(bare)) return settled(unseparated(bare, options.today))

  const words = bare
    .toLowerCase()
    .replace(/(\d)(st|nd|rd|th)\b/g, '$1')
    .split(/[\s./,\-–]+/)
    .filter((part) => part !== '')
  const monthAt = words.findIndex((word) => monthNamed(word) !== null)
  if (monthAt >= 0) return settled(withNamedMonth(words, monthAt, options.today))
  if (words.length < 2 || words.length > 3 || !words.every((word) => /^\d{1,4}$/.test(word)))
    return { kind: 'refused', refusal: { code: 'not_a_date' } }
  return settled(
    words.length === 2
      ? monthAndYear(words as [string, string], options.today)
      : threeNumbers(words as [string, string, string], options),
  )
}

/**
 * The text that reads back to this date without a question: a far-off one gets a "!" after it.
 * @example writePrintedDate({ kind: 'month', month: '2099-01' }, '2026-11-25') === '2099-01!'
 */
export const writePrintedDate = (expiry: Expiry, today: PlainDate): string =>
  farOff(expiry, today) ? `${formatExpiry(expiry)}${MEANT}` : formatExpiry(expiry)

function monthNamed(word: string): number | null {
  if (!/^[a-z]{3,9}$/.test(word)) return null
  const at = MONTHS.indexOf(word.slice(0, 3))
  const full = [
    'january',
    'february',
    'march',
    'april',
    'may',
    'june',
    'july',
    'august',
    'september',
    'october',
    'november',
    'december',
  ][at]
  if (full === undefined) return null
  return word.length === 3 || full.startsWith(word) || word === 'sept' ? at + 1 : null
}

/** A year as written, or null when the digits cannot be a year. */
function year(digits: string, today: PlainDate): number | null {
  if (digits.length === 4) return Number(digits)
  return digits.length === 2 ? fullYear(Number(digits), today) : null
}

type Candidate = Expiry | DateRefusal | null
const isExpiry = (value: Candidate): value is Expiry => value !== null && 'kind' in value

function dayCandidate(y: number | null, m: number, d: number): Candidate {
  if (y === null || m < 1 || m > 12 || d < 1 || d > 31) return null
  const day = dayOf(y, m, d)
  if (day) return { kind: 'day', day }
  return y < 1900 || y > 2199 ? { code: 'out_of_range' } : { code: 'no_such_day' }
}

function monthCandidate(y: number | null, m: number): Candidate {
  if (y === null || m < 1 || m > 12) return null
  const month = monthOf(y, m)
  return month ? { kind: 'month', month } : { code: 'out_of_range' }
}

/** GS1 "YYMMDD" (day 00 is the month's end), or "YYYYMMDD". */
function unseparated(digits: string, today: PlainDate): Candidate[] {
  const y =
    digits.length === 8 ? Number(digits.slice(0, 4)) : fullYear(Number(digits.slice(0, 2)), today)
  const m = Number(digits.slice(-4, -2))
  const d = Number(digits.slice(-2))
  const asMonthYear =
    digits.length === 6 && d !== 0
      ? monthCandidate(Number(digits.slice(2)), Number(digits.slice(0, 2)))
      : null
  return [d === 0 ? monthCandidate(y, m) : dayCandidate(y, m, d), asMonthYear]
}

function withNamedMonth(words: readonly string[], at: number, today: PlainDate): Candidate[] {
  const month = monthNamed(words[at] ?? '') ?? 0
  const rest = words.filter((_, index) => index !== at)
  if (!rest.every((word) => /^\d{1,4}$/.test(word))) return []
  const [first = '', second] = rest
  if (rest.length === 1) return [monthCandidate(year(first, today), month)]
  if (rest.length !== 2 || second === undefined) return []
  if (first.length === 4) return [dayCandidate(Number(first), month, Number(second))]
  if (second.length === 4) return [dayCandidate(Number(second), month, Number(first))]
  // With the month in words the order that remains is day, then year.
  return [dayCandidate(year(second, today), month, Number(first))]
}

/** "03/27", "3-2027", "2027-03", and "27/03" where the first number can be no month. */
function monthAndYear([a, b]: [string, string], today: PlainDate): Candidate[] {
  if (a.length === 4) return [monthCandidate(Number(a), Number(b))]
  if (b.length === 4) return [monthCandidate(Number(b), Number(a))]
  const monthThenYear = monthCandidate(year(b, today), Number(a))
  const yearThenMonth = monthCandidate(year(a, today), Number(b))
  return [monthThenYear, yearThenMonth]
}

function threeNumbers(
  [a, b, c]: [string, string, string],
  options: { readonly order: DateOrder; readonly today: PlainDate },
): Candidate[] {
  if (a.length === 4) return [dayCandidate(Number(a), Number(b), Number(c))]
  const y = year(c, options.today)
  const dayFirst = dayCandidate(y, Number(b), Number(a))
  const monthFirst = dayCandidate(y, Number(a), Number(b))
  const both = options.order === 'day-first' ? [dayFirst, monthFirst] : [monthFirst, dayFirst]
  if (both.some(isExpiry)) return both
  return [...both, dayCandidate(year(a, options.today), Number(b), Number(c))]
}

/** Keeps what is a date; asks when two differ or when the only one lies far off and is not said to be meant. */
function settle(candidates: readonly Candidate[], today: PlainDate, meant: boolean): DateReading {
  const distinct = new Map<string, Expiry>()
  for (const candidate of candidates)
    if (isExpiry(candidate)) distinct.set(formatExpiry(candidate), candidate)
  const all = [...distinct.values()]
  const near = meant ? all : all.filter((expiry) => !farOff(expiry, today))
  const [only] = near
  if (near.length === 1 && only) return { kind: 'read', expiry: only }
  if (near.length > 1) return { kind: 'ask', readings: near, why: 'two_ways' }
  if (all.length > 0) return { kind: 'ask', readings: all, why: 'far_off' }
  const refusal = candidates.find((candidate) => candidate !== null && !isExpiry(candidate))
  return {
    kind: 'refused',
    refusal: (refusal as DateRefusal | undefined) ?? nothingFits(candidates),
  }
}

/** Digits in the right places but no such month or day, as against no date at all. */
const nothingFits = (candidates: readonly Candidate[]): DateRefusal =>
  candidates.length > 0 ? { code: 'no_such_day' } : { code: 'not_a_date' }

function farOff(expiry: Expiry, today: PlainDate): boolean {
  const day =
    expiry.kind === 'day'
      ? expiry.day
      : expiry.kind === 'month'
        ? lastDayOfMonth(expiry.month)
        : today
  return Math.abs(Number(day.slice(0, 4)) - Number(today.slice(0, 4))) > FAR_OFF_YEARS
}
