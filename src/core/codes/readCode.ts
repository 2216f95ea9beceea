/**
 * Reads what a scanner sends or what stands under a code: a plain article number, or a GS1
 * element string with item, date and batch. Nothing is repaired: a code that does not check is
 * refused with the reason, because the date in it decides what is thrown away.
 */
import type { Expiry } from '../calendar/expiry'
import { addDays, dayOf, monthOf, type PlainDate } from '../calendar/plainDate'
import { fullYear } from '../calendar/readPrintedDate'
import { type Gtin, type GtinRefusal, readGtin } from './gtin'
import { type Identifier, identifierAt } from './identifiers'

export interface CodeFields {
  readonly gtin?: Gtin
  /** AI 17. A day of 00 is the last day of the month, hence a month. */
  readonly expiry?: Expiry
  /** AI 15. */
  readonly bestBefore?: Expiry
  /** AI 11. */
  readonly madeOn?: Expiry
  readonly batch?: string
  readonly serial?: string
  /** AI 30 or 37: how many are in it. */
  readonly count?: number
  /** AI 7003: the hour at which it ends, "14:00"; its last whole day is the day before. */
  readonly endsAt?: string
  /** AI 02: the article that a box holds, as many times as the count says. */
  readonly holds?: Gtin
  /** AI 310n: net weight in grams. */
  readonly grams?: number
}

export type CodeRefusal =
  | { readonly code: 'empty' }
  | { readonly code: 'not_a_code' }
  | ({ readonly ai: string } & GtinRefusal)
  | { readonly code: 'unknown_identifier'; readonly rest: string }
  | {
      readonly code: 'too_short' | 'too_long'
      readonly ai: string
      readonly found: number
      readonly wanted: number
    }
  | { readonly code: 'not_digits' | 'bad_character'; readonly ai: string; readonly found: string }
  | { readonly code: 'no_such_date'; readonly ai: string; readonly found: string }
  /** The same identifier twice with different data. */
  | { readonly code: 'said_twice'; readonly ai: string }
  /** What a box holds says nothing without how many, and how many says nothing without what. */
  | { readonly code: 'goes_with'; readonly ai: string; readonly other: string }

export type CodeReading =
  | { readonly kind: 'read'; readonly fields: CodeFields }
  | { readonly kind: 'refused'; readonly refusal: CodeRefusal }

/** FNC1 as it is transmitted. */
export const SEPARATOR = '\u001d'
/** "]d2", "]C1", "]Q3": which kind of symbol it came from. */
const SYMBOLOGY = /^\](?:d2|C1|Q3|e0|J1)/
/** Symbols that carry an article number alone. */
const ARTICLE = /^\](?:E[0-4]|I1)/
/** The characters that data may have (set 82, figure 7.11-1). */
const SET_82 = /^[!"%&'()*+,\-./0-9:;<=>?A-Z_a-z]*$/

/**
 * @param scanned as transmitted, with or without a symbology identifier, separators as ASCII 29;
 *   or typed with the identifiers in parentheses
 * @param today settles the century of two-digit years
 * @example readCode('(01)09520000000011(17)270300(10)A7', today) // expiry month 2027-03, batch A7
 */
export function readCode(scanned: string, today: PlainDate): CodeReading {
  const text = scanned.trim()
  if (text === '') return { kind: 'refused', refusal: { code: 'empty' } }
  if (ARTICLE.test(text)) return article(text.replace(ARTICLE, ''))
  if (/^\d{8}$|^\d{12,14}$/.test(text)) return article(text)
  const bare = text.replace(SYMBOLOGY, '')
  if (bare.startsWith(']')) return { kind: 'refused', refusal: { code: 'not_a_code' } }
  const elements = bare.startsWith('(') ? inParentheses(bare) : inARow(bare)
  return Array.isArray(elements) ? fieldsOf(elements, today) : elements
}

type Refused = Extract<CodeReading, { kind: 'refused' }>
const refused = (refusal: CodeRefusal): Refused => ({ kind: 'refused', refusal })

function article(digits: string): CodeReading {
  const read = readGtin(digits)
  if (read.kind === 'read') return { kind: 'read', fields: { gtin: read.gtin } }
  const { kind: _, ...refusal } = read
  return refused({ ai: '01', ...refusal })
}

interface Element {
  readonly identifier: Identifier
  readonly data: string
}

/** "(01)…(17)…": as printed under a symbol, for typing. */
function inParentheses(text: string): Element[] | Refused {
  const parts = [...text.matchAll(/\((\d{2,4})\)((?:(?!\(\d{2,4}\)).)*)/gs)]
  if (parts.map(([whole]) => whole).join('') !== text) return refused({ code: 'not_a_code' })
  const elements: Element[] = []
  for (const [whole, ai = '', data = ''] of parts) {
    const identifier = identifierAt(ai)
    if (!identifier || identifier.ai !== ai)
      return refused({ code: 'unknown_identifier', rest: whole })
    elements.push({ identifier, data: data.trim() })
  }
  return elements
}

/** Identifiers and data one after the other; what has no fixed length ends at a separator. */
function inARow(text: string): Element[] | Refused {
  const elements: Element[] = []
  let rest = text
  while (rest !== '') {
    // A separator is also allowed where none is needed, and in front.
    if (rest.startsWith(SEPARATOR)) {
      rest = rest.slice(1)
      continue
    }
    const identifier = identifierAt(rest)
    if (!identifier)
      return refused(
        elements.length === 0 && !/^\d\d/.test(rest)
          ? { code: 'not_a_code' }
          : { code: 'unknown_identifier', rest: rest.slice(0, 12) },
      )
    const after = rest.slice(identifier.ai.length)
    const end = after.indexOf(SEPARATOR)
    const open = end < 0 ? after : after.slice(0, end)
    const data = identifier.fixed ? open.slice(0, identifier.most) : open
    elements.push({ identifier, data })
    rest = after.slice(data.length)
  }
  return elements.length > 0 ? elements : refused({ code: 'empty' })
}

function fieldsOf(elements: readonly Element[], today: PlainDate): CodeReading {
  const seen = new Map<string, string>()
  let fields: CodeFields = {}
  for (const { identifier, data } of elements) {
    const fault = faultOf(identifier, data)
    if (fault) return refused(fault)
    const before = seen.get(identifier.ai)
    if (before !== undefined && before !== data)
      return refused({ code: 'said_twice', ai: identifier.ai })
    seen.set(identifier.ai, data)
    const more = meaning(identifier.ai, data, today)
    if ('code' in more) return refused(more)
    fields = { ...fields, ...more }
  }
  // GS1 General Specifications 4.14: 02 and 37 stand together.
  if (seen.has('02') && !seen.has('37'))
    return refused({ code: 'goes_with', ai: '02', other: '37' })
  return { kind: 'read', fields }
}

function faultOf({ ai, fewest, most, digitsOnly }: Identifier, data: string): CodeRefusal | null {
  if (data.length < fewest) return { code: 'too_short', ai, found: data.length, wanted: fewest }
  if (data.length > most) return { code: 'too_long', ai, found: data.length, wanted: most }
  if (digitsOnly && !/^\d*$/.test(data)) return { code: 'not_digits', ai, found: data }
  if (!SET_82.test(data)) return { code: 'bad_character', ai, found: data }
  return null
}

/** What an element says; most say nothing that a kit needs. */
function meaning(ai: string, data: string, today: PlainDate): CodeFields | CodeRefusal {
  switch (ai) {
    case '01': {
      const read = readGtin(data)
      if (read.kind === 'read') return { gtin: read.gtin }
      const { kind: _, ...refusal } = read
      return { ai, ...refusal }
    }
    case '02': {
      const read = readGtin(data)
      if (read.kind === 'read') return { holds: read.gtin }
      const { kind: _, ...refusal } = read
      return { ai, ...refusal }
    }
    case '7003':
      return endOf(data, today)
    case '10':
      return { batch: data }
    case '21':
      return { serial: data }
    case '30':
    case '37':
      return { count: Number(data) }
    case '11':
    case '15':
    case '17': {
      const date = dateOf(data, today)
      if (!date) return { code: 'no_such_date', ai, found: data }
      return ai === '17' ? { expiry: date } : ai === '15' ? { bestBefore: date } : { madeOn: date }
    }
    default:
      return /^310[0-5]$/.test(ai) ? { grams: (Number(data) * 1000) / 10 ** Number(ai[3]) } : {}
  }
}

/** YYMMDDHHMM: it may be used until that hour, so the day before is its last whole one. */
function endOf(data: string, today: PlainDate): CodeFields | CodeRefusal {
  const date = dateOf(data.slice(0, 6), today)
  const [hour, minute] = [Number(data.slice(6, 8)), Number(data.slice(8, 10))]
  if (date?.kind !== 'day' || hour > 23 || minute > 59)
    return { code: 'no_such_date', ai: '7003', found: data }
  const isWhole = hour === 23 && minute === 59
  return {
    expiry: isWhole ? date : { kind: 'day', day: addDays(date.day, -1) },
    endsAt: `${data.slice(6, 8)}:${data.slice(8, 10)}`,
  }
}

/** YYMMDD; a day of 00 means the last of the month. */
function dateOf(digits: string, today: PlainDate): Expiry | null {
  const year = fullYear(Number(digits.slice(0, 2)), today)
  const month = Number(digits.slice(2, 4))
  const day = Number(digits.slice(4, 6))
  if (day === 0) {
    const whole = monthOf(year, month)
    return whole && { kind: 'month', month: whole }
  }
  const date = dayOf(year, month, day)
  return date && { kind: 'day', day: date }
}
