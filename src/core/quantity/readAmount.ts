/** Reads a count as people write it on a list: "2 x 10", "1 roll", "half a bottle", "1½", "6 of 8". */
import { type Amount, amount, MOST, NOTHING, THOUSAND } from './amount'

export type AmountRefusal =
  | { readonly code: 'no_number' }
  | { readonly code: 'negative' }
  | { readonly code: 'too_many' }
  /** "1,000" is one or a thousand. */
  | { readonly code: 'comma_two_ways'; readonly readings: readonly [string, string] }
  /** Finer than a thousandth. */
  | { readonly code: 'too_fine' }
  /** "some", "a handful", "?": somebody has to count. */
  | { readonly code: 'vague' }
  /** "3 S, 2 M": several things in one cell. */
  | { readonly code: 'several'; readonly parts: readonly string[] }
  /** "5-6" */
  | { readonly code: 'between'; readonly low: string; readonly high: string }
  /** More than a household has of anything, unless a "!" says that it is meant. */
  | { readonly code: 'very_many' }

export type AmountReading =
  | {
      readonly kind: 'read'
      readonly amount: Amount
      /** The word after the number, as written; "" when there is none. */
      readonly unit: string
      /** What one pack holds, when the text says so ("2 x 10"). */
      readonly packSize: Amount | null
      /** How many belong there, when the text says so ("6 of 8", "6/8"). */
      readonly par: Amount | null
    }
  | { readonly kind: 'refused'; readonly refusal: AmountRefusal }

const WORDS: Readonly<Record<string, number>> = {
  no: 0,
  zero: 0,
  nil: 0,
  half: 0.5,
  quarter: 0.25,
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  dozen: 12,
  doz: 12,
  couple: 2,
  full: 1,
  none: 0,
  empty: 0,
  out: 0,
}
const GLYPHS: Readonly<Record<string, number>> = {
  '¼': 250,
  '½': 500,
  '¾': 750,
  '⅓': 333,
  '⅔': 667,
  '⅛': 125,
}
const NUMBER = /^(\d+(?:[.,]\d+)?)?\s*([¼½¾⅓⅔⅛])?/

type Taken =
  | { readonly thousandths: number; readonly rest: string }
  | { readonly refusal: AmountRefusal }
  | null

/** More than this of anything that is counted is asked about. */
export const VERY_MANY = 1000 * THOUSAND
/** After a number: it is meant, however large. */
export const MEANT = '!'

const VAGUE =
  /^(?:\?+|some|a ?few|few|several|many|lots?(?: of)?|a lot|plenty|enough|a ?bit|a little|little|(?:a )?handful|various|loads|yes|y|x|ok|✓|✔|tbd|check|unknown|not sure|full bag|assorted|half (?:full|empty)|(?:nearly|almost|about) (?:full|empty)|low)(?:$| [a-z ]*$)/
const MEASURED = /^(?:mls?|millilit|cl|dl|l\b|lit|µg|ug|mg|g\b|gram|kg)/

/**
 * Reads one written amount; the unit is kept as written.
 * @param careful where a list is read: what is vague, very many or several things is not taken
 * @example readAmount('2 x 10') // 20, pack of 10
 * @example readAmount('half a bottle') // 0.5, unit "bottle"
 * @example readAmount('6 of 8 pairs') // 6, par 8, unit "pairs"
 */
export function readAmount(written: string, careful = false): AmountReading {
  const trimmed = written.trim().replace(/\s+/g, ' ')
  const meant = careful && trimmed.endsWith(MEANT)
  const text = (meant ? trimmed.slice(0, -MEANT.length) : trimmed)
    .toLowerCase()
    .replace(/^(?:~|≈|ca\.?|about|approx\.?(?:imately)?|around|at least|min\.?|>|≥)\s*/, '')
    .replace(/^\((.*)\)$/, '$1')
    // "pack of 10", "tub of 20": one of them.
    .replace(
      /^((?:pack(?:et)?|box|tub|tin|jar|bag|set|bottle|roll|card|strip|blister)s? of \d)/,
      '1 $1',
    )
  if (careful) {
    if (VAGUE.test(text)) return refused({ code: 'vague' })
    const between = /^(\d+)\s*(?:-|–|to)\s*(\d+)(?:\s|$)/.exec(text)
    if (between) return refused({ code: 'between', low: between[1] ?? '', high: between[2] ?? '' })
    const parts = severalIn(text)
    if (parts) return refused({ code: 'several', parts })
  }
  const sum = /^(\d+(?:\.\d+)?(?:\s*\+\s*\d+(?:\.\d+)?)+)(?=\s|$|[a-z])/.exec(text)
  if (sum?.[1]) {
    const total = sum[1].split('+').reduce((all, part) => all + Number(part), 0)
    return readOne(`${total}${text.slice(sum[1].length)}`, careful && !meant)
  }
  return readOne(text.replace(/(\d)\+(?=\s|$)/, '$1'), careful && !meant)
}

/** "3 s, 2 m, 5 l", "2x5cm; 3x10cm": each part names a size of its own. */
function severalIn(text: string): readonly string[] | null {
  const parts = text.split(/\s*(?:,|;|\/| and | & |\+)\s*/).filter((part) => part !== '')
  const named = parts.filter((part) => /^\d+\s*(?:x\s*)?[a-z\d]/.test(part) && /[a-z]/.test(part))
  const units = new Set(named.map((part) => part.replace(/^[\d.]+\s*(?:x\s*)?/, '')))
  return parts.length > 1 && named.length === parts.length && units.size > 1 ? parts : null
}

function readOne(text: string, careful: boolean): AmountReading {
  const reading = readPlain(text)
  return careful &&
    reading.kind === 'read' &&
    reading.amount > VERY_MANY &&
    !MEASURED.test(reading.unit)
    ? refused({ code: 'very_many' })
    : reading
}

function readPlain(text: string): AmountReading {
  if (/^[-−–]\s*\d/.test(text)) return refused({ code: 'negative' })
  const first = take(text)
  if (first === null) return refused({ code: 'no_number' })
  if ('refusal' in first) return refused(first.refusal)

  const times = /^(?:x|×|\*|(?:[a-z]+ )?(?:of|à))\s*(?=[\d¼½¾])/.exec(first.rest)
  const isPar = /^(?:of|\/|out of)\s*(?=[\d¼½¾])/.exec(first.rest)
  if (isPar) {
    const par = take(first.rest.slice(isPar[0].length))
    if (par && 'refusal' in par) return refused(par.refusal)
    if (par) return read(first.thousandths, unitIn(par.rest), null, par.thousandths)
  }
  if (times) {
    const each = take(first.rest.slice(times[0].length))
    if (each && 'refusal' in each) return refused(each.refusal)
    if (each && isStrength(each.rest))
      return read(first.thousandths, unitIn(times[0].replace(/^[x×*]/, '')), null, null)
    if (each) {
      const total = (first.thousandths * each.thousandths) / THOUSAND
      return read(total, unitIn(each.rest), each.thousandths, null)
    }
  }
  return read(first.thousandths, unitIn(first.rest), null, null)
}

/** Takes a leading number; null when there is none. */
function take(text: string): Taken {
  const fraction = /^(?:(\d+)\s+)?([1-9]\d?)\/([2-9]|1\d)(?![\d/])\s*/.exec(text)
  if (
    fraction &&
    (fraction[1] !== undefined || Number(fraction[2]) < Number(fraction[3])) &&
    isCommonFraction(fraction)
  ) {
    const part = Math.round((Number(fraction[2]) * THOUSAND) / Number(fraction[3]))
    return bounded(Number(fraction[1] ?? 0) * THOUSAND + part, text.slice(fraction[0].length))
  }
  const match = NUMBER.exec(text)
  if (match && match[0] !== '' && (match[1] !== undefined || match[2] !== undefined)) {
    const digits = match[1] ?? '0'
    const glyph = match[2] === undefined ? 0 : (GLYPHS[match[2]] ?? 0)
    if (/^[1-9]\d{0,2},\d{3}$/.test(digits)) {
      const [left = '', right = ''] = digits.split(',')
      return { refusal: { code: 'comma_two_ways', readings: [left, `${left}${right}`] } }
    }
    const [whole = '0', decimals = ''] = digits.replace(',', '.').split('.')
    if (decimals.replace(/0+$/, '').length > 3) return { refusal: { code: 'too_fine' } }
    if (whole.length > 9) return { refusal: { code: 'too_many' } }
    const thousandths = Number(whole) * THOUSAND + Number(decimals.padEnd(3, '0').slice(0, 3))
    return bounded(thousandths + glyph, text.slice(match[0].length).trimStart())
  }
  return takeWord(text, /^an? ([a-z]+)(?:\s+|$)/) ?? takeWord(text, /^([a-z]+)(?:\s+|$)/)
}

/** "half a bottle", "a dozen strips", "a pair". */
function takeWord(text: string, pattern: RegExp): Taken {
  const word = pattern.exec(text)
  const value = word?.[1] === undefined ? undefined : WORDS[word[1]]
  if (!word || value === undefined) return null
  return bounded(value * THOUSAND, text.slice(word[0].length).replace(/^(?:an?|of) /, ''))
}

/** "1/2", "3/4" are parts; "6/8" is six where eight belong. */
const isCommonFraction = (match: RegExpExecArray): boolean =>
  ['1/2', '1/3', '2/3', '1/4', '3/4'].includes(`${match[2]}/${match[3]}`)

/** "10 tablets of 500 mg" are ten, not five thousand. */
const isStrength = (rest: string): boolean => /^(?:mg|mcg|µg|μg|g|iu|%)(?![a-z])/.test(rest)

const bounded = (thousandths: number, rest: string): Taken =>
  thousandths > MOST ? { refusal: { code: 'too_many' } } : { thousandths, rest }

const unitIn = (rest: string): string =>
  rest
    .replace(/^(?:an?|of)\s+/, '')
    .replace(/\s+of\s*$/, '')
    .replace(/\(.*\)$/, '')
    .replace(/[.;,]+$/, '')
    .trim()
    .slice(0, 40)

function read(
  thousandths: number,
  unit: string,
  packSize: number | null,
  par: number | null,
): AmountReading {
  if (!Number.isInteger(thousandths)) return refused({ code: 'too_fine' })
  if (thousandths > MOST) return refused({ code: 'too_many' })
  return {
    kind: 'read',
    amount: thousandths === 0 ? NOTHING : amount(thousandths),
    unit,
    packSize: packSize === null || packSize === 0 ? null : amount(packSize),
    par: par === null ? null : amount(par),
  }
}

const refused = (refusal: AmountRefusal): AmountReading => ({ kind: 'refused', refusal })
