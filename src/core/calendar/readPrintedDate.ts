/**
 * Reads a date as people write it or as a pack prints it.
 *
 * A text that can be read in two ways is answered with both readings, never with a guess.
 * "2099-01!" says that a date far off is meant. Two-digit years follow the century rule of the GS1 General Specifications (7.12).
 */
import { type Expiry, formatExpiry } from './expiry'
import { addDays, dayOf, lastDayOfMonth, monthOf, type PlainDate, plainDate } from './plainDate'

/** In which order the household writes a date: decides only which reading is offered first. */
export const DATE_ORDERS = ['day-first', 'month-first', 'year-first'] as const
export type DateOrder = (typeof DATE_ORDERS)[number]

export type DateRefusal =
  /** 31 February, month 13. */
  | { readonly code: 'no_such_day' }
  | { readonly code: 'not_a_date' }
  /** Before 1900 or after 2199. */
  | { readonly code: 'out_of_range' }

/** Why a date is asked about: two senses, far from today, or a day without its year. */
export type DateDoubt = 'two_ways' | 'far_off' | 'no_year'

export type DateReading =
  | { readonly kind: 'read'; readonly expiry: Expiry }
  /** More than one sense, or one that is more than 20 years off and wants a second look. */
  | {
      readonly kind: 'ask'
      readonly readings: readonly Expiry[]
      readonly why: DateDoubt
    }
  | { readonly kind: 'refused'; readonly refusal: DateRefusal }

/** A reading further than this from today is asked about. */
export const FAR_OFF_YEARS = 20

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']
/** Somebody looked, and nothing is printed. */
const NONE =
  /^(?:[-–—x∞/\\]|no|none|nil|never|n\.?\/?a\.?|not applicable|without(?: (?:a )?date| expiry)?|unlimited|indefinite(?:ly)?|forever|(?:keeps|good|lasts) (?:for ?ever|indefinitely|always)|no (?:date|exp(?:\.|iry|iration)?(?: date)?|expiry|limit|end)|non[- ]?(?:expiring|perishable)|(?:does not|doesn'?t|does'?nt|do not|don'?t|will not|won'?t|cannot|can'?t) expire|no expiry date|not dated|undated)$/
/** Nobody could tell: it is to be looked at. */
const ILLEGIBLE =
  /^(?:\?+|unknown|unk\.?|tbd|tbc|to (?:be )?check(?:ed)?|check|look|illegible|unreadable|not (?:legible|readable|sure|known|visible)|can(?:no|')?t (?:be )?(?:read|see|tell)(?: it)?|cannot (?:read|see|tell)|hard to read|worn(?: off| away)?|rubbed(?: off)?|smudged|faded|blurred|missing|cut off|torn off|(?:do not|don'?t|dont|no one|nobody) knows?|no idea|unsure|date (?:gone|missing|illegible|unreadable|rubbed off|worn off))$/
/** After a date: it is meant, however far off it lies. */
const MEANT = '!'
/** Words around a date that say nothing of when. */
const AROUND =
  /\b(?:exp(?:iry|ires|iration|ired)?(?:\s*date)?|use\s*by|use\s*before|best\s*(?:before|by)(?:\s*end)?|discard\s*(?:after|by)|good\s*(?:until|till|thru|through|to)|valid\s*(?:until|till|thru|through|to)|bbe?|bb|(?:the\s*)?end\s*(?:of)?|last\s*day\s*of|in|until|till|thru|through|by|of|the|approx|about|ca)(?=[\s.:\d]|$)[\s.:]*/g
/** Said with a month, they mean a part of it that no pack prints. */
const PART_OF_MONTH = /\b(?:early|start of|beginning of|begin of|mid(?:dle of)?|late)[\s-]*/

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
  if (trimmed === '') return { kind: 'read', expiry: { kind: 'unknown' } }
  const meant = trimmed.endsWith(MEANT)
  const said = (meant ? trimmed.slice(0, -MEANT.length) : trimmed)
    .toLowerCase()
    .replace(/[’‘`´]/g, "'")
    // A spreadsheet's day with the hour of midnight.
    .replace(/^(\d{4}-\d{2}-\d{2})[t ]\d{1,2}:\d{2}(?::\d{2}(?:\.\d+)?)?z?$/, '$1')
  if (NONE.test(said)) return { kind: 'read', expiry: { kind: 'none' } }
  if (ILLEGIBLE.test(said)) return { kind: 'read', expiry: { kind: 'unknown' } }
  const isPart = PART_OF_MONTH.test(said)
  const bare = said.replace(PART_OF_MONTH, '').replace(AROUND, ' ').trim()
  const settled = (candidates: readonly Candidate[]) => settle(candidates, options.today, meant)
  if (/^\d{5}$/.test(bare)) return settled([spreadsheetDay(Number(bare))])
  if (/^\d{6}(\d{2})?$/.test(bare)) return settled(unseparated(bare, options))
  if (/^(?:19|20|21)\d{2}$/.test(bare)) return settled([monthCandidate(Number(bare), 12)])

  const words = bare
    .replace(/(\d)(st|nd|rd|th)\b/g, '$1')
    .replace(/(\d)(?=[a-z])|([a-z])(?=\d)/g, '$1$2 ')
    .split(/[\s./,'\-–_]+/)
    .filter((part) => part !== '')
  const monthAt = words.findIndex((word) => monthNamed(word) !== null)
  if (monthAt >= 0) {
    const named = withNamedMonth(words, monthAt, options.today)
    const reading = settled(named.candidates)
    // "Early June" is no date that a pack prints; what is there is asked for.
    if (isPart && reading.kind === 'read')
      return { kind: 'ask', readings: [reading.expiry], why: 'two_ways' }
    return named.noYear && reading.kind === 'ask' ? { ...reading, why: 'no_year' } : reading
  }
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

/** The month of this name, whole or cut short ("mar", "sept"); null for no month. */
export function monthNamed(word: string): number | null {
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

/** Days since the last but one of 1899, as spreadsheets count them. */
function spreadsheetDay(days: number): Candidate {
  return { kind: 'day', day: addDays(plainDate('1900-01-01'), days - 2) }
}

/**
 * Figures without anything between them. Six: as packs and codes print them (YYMMDD, day 00 is the
 * month's end), in either order of day and month, or month and year. Eight: the year first or last.
 */
function unseparated(
  digits: string,
  { order, today }: { readonly order: DateOrder; readonly today: PlainDate },
): Candidate[] {
  const part = (from: number, to?: number): number => Number(digits.slice(from, to))
  const inOrder = (year: number, a: number, b: number): Candidate[] => {
    const dayFirst = dayCandidate(year, b, a)
    const monthFirst = dayCandidate(year, a, b)
    return order === 'month-first' ? [monthFirst, dayFirst] : [dayFirst, monthFirst]
  }
  if (digits.length === 8)
    return [
      dayCandidate(part(0, 4), part(4, 6), part(6)),
      ...inOrder(part(4), part(0, 2), part(2, 4)),
    ].filter((one) => one === null || !isExpiry(one) || isNearCentury(one))
  const yearFirst = fullYear(part(0, 2), today)
  if (part(4) === 0) return [monthCandidate(yearFirst, part(2, 4))]
  return [
    dayCandidate(yearFirst, part(2, 4), part(4)),
    ...inOrder(fullYear(part(4), today), part(0, 2), part(2, 4)),
    monthCandidate(part(2), part(0, 2)),
    monthCandidate(part(0, 4), part(4)),
  ]
}

/** "06072028" is no day of the year 607. */
const isNearCentury = (expiry: Expiry): boolean =>
  expiry.kind !== 'day' || /^(?:19|20|21)/.test(expiry.day)

interface NamedMonth {
  readonly candidates: Candidate[]
  /** A day is meant perhaps, and its year is missing. */
  readonly noYear: boolean
}

function withNamedMonth(words: readonly string[], at: number, today: PlainDate): NamedMonth {
  const month = monthNamed(words[at] ?? '') ?? 0
  const rest = words.filter((_, index) => index !== at)
  const found = (...candidates: Candidate[]): NamedMonth => ({ candidates, noYear: false })
  if (!rest.every((word) => /^\d{1,4}$/.test(word))) return found()
  const [first = '', second] = rest
  if (rest.length === 1) {
    const asYear = monthCandidate(year(first, today), month)
    // "12 June" may be a day; "June 28" is the way packs print a month and its year.
    if (at === 0 || first.length > 2 || Number(first) > 31) return found(asYear)
    const thisYear = Number(today.slice(0, 4))
    return {
      candidates: [
        asYear,
        dayCandidate(thisYear, month, Number(first)),
        dayCandidate(thisYear + 1, month, Number(first)),
      ].filter((one) => one === null || isExpiry(one)),
      noYear: true,
    }
  }
  if (rest.length !== 2 || second === undefined) return found()
  if (first.length === 4) return found(dayCandidate(Number(first), month, Number(second)))
  if (second.length === 4) return found(dayCandidate(Number(second), month, Number(first)))
  // With the month in words the order that remains is day, then year.
  return found(dayCandidate(year(second, today), month, Number(first)))
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
  const yearFirst =
    c.length === 4 ? null : dayCandidate(year(a, options.today), Number(b), Number(c))
  // 31 June stays wrong: it does not become a day of the year 31.
  const impossible = [dayFirst, monthFirst, yearFirst].find(isNoSuchDay)
  if (options.order === 'year-first')
    return impossible && c.length < 4 ? [impossible] : [yearFirst, dayFirst, monthFirst]
  const both = options.order === 'month-first' ? [monthFirst, dayFirst] : [dayFirst, monthFirst]
  if (both.some(isExpiry)) return both
  return both.some(isNoSuchDay) ? both : [...both, yearFirst]
}

const isNoSuchDay = (value: Candidate): boolean =>
  value !== null && !isExpiry(value) && value.code === 'no_such_day'

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
