/** One line of a list into what it says, with what must be asked and what cannot be read. */
import type { Expiry } from '../calendar/expiry'
import type { PlainDate } from '../calendar/plainDate'
import {
  type DateDoubt,
  type DateOrder,
  type DateRefusal,
  readPrintedDate,
} from '../calendar/readPrintedDate'
import { readName } from '../naming/readName'
import { type Amount, NOTHING, units } from '../quantity/amount'
import { type AmountRefusal, MEANT, readAmount } from '../quantity/readAmount'
import { readPrice } from '../quantity/readPrice'
import { HOLDING, type HoldingDoubt } from '../stock/holding'
import type { Field } from './headings'
import { siteWords } from './known'

/** The text of each field of one line, as written or as mended. */
export type Cells = Readonly<Partial<Record<Field, string>>>

export interface ListLine {
  readonly item: string
  readonly strength: string
  readonly unit: string
  readonly purpose: string
  readonly forWhom: string
  readonly amount: Amount
  readonly par: Amount | null
  readonly expiry: Expiry
  readonly openedOn: PlainDate | null
  readonly place: string
  readonly kit: string
  readonly pocket: string
  readonly priceMinor: number | null
  readonly shop: string
  readonly packSize: Amount | null
  readonly batch: string
  readonly note: string
  /** Why it starts on hold; null when nothing speaks against it. */
  readonly hold: HoldingDoubt | null
}

export type LineFault =
  | {
      readonly field: Field
      readonly code: 'missing' | 'too_long' | 'not_a_price' | 'not_a_day' | 'in_future'
    }
  | { readonly field: Field; readonly code: 'date'; readonly refusal: DateRefusal }
  | { readonly field: Field; readonly code: 'amount'; readonly refusal: AmountRefusal }

export type LineQuestion =
  | {
      readonly field: 'expiry' | 'opened'
      readonly why: DateDoubt
      readonly readings: readonly Expiry[]
    }
  /** How many, where the list does not say so that it could be counted on. */
  | {
      readonly field: 'amount' | 'par' | 'pack'
      readonly why: 'vague' | 'several' | 'between' | 'very_many'
      /** Texts that answer it. */
      readonly answers: readonly string[]
    }
  /** None there, and nobody says how many belong: nothing would be left of the line. */
  | { readonly field: 'par'; readonly why: 'none_there'; readonly answers: readonly string[] }

export type LineReading =
  | { readonly kind: 'ready'; readonly value: ListLine; readonly remarks: readonly LineRemark[] }
  | { readonly kind: 'ask'; readonly questions: readonly LineQuestion[] }
  | { readonly kind: 'fault'; readonly faults: readonly LineFault[] }

/** What was supplied for the keeper and is shown to be checked. */
export type LineRemark =
  | 'amount_taken_as_one'
  /** The place, kit or pocket was written once, above. */
  | 'carried_down'
  /** Starts on hold: its words say that nobody knows what it is, or that it was left over. */
  | 'on_hold'
  /** "?" for how many belong there. */
  | 'par_not_known'

const LONGEST: Partial<Record<Field, number>> = { note: 2000, purpose: 300 }
const MOST_CHARACTERS = 120

export interface ReadingOptions {
  readonly order: DateOrder
  readonly today: PlainDate
}

/** Reads one line. Every fault of the line is listed, not only the first. */
export function readLine(cells: Cells, options: ReadingOptions): LineReading {
  const faults: LineFault[] = []
  const questions: LineQuestion[] = []
  const remarks: LineRemark[] = []
  const text = (field: Field): string => (cells[field] ?? '').trim()
  for (const field of Object.keys(cells) as Field[])
    if (text(field).length > (LONGEST[field] ?? MOST_CHARACTERS))
      faults.push({ field, code: 'too_long' })
  if (text('item') === '') faults.push({ field: 'item', code: 'missing' })

  const date = (field: 'expiry' | 'opened'): Expiry => {
    const reading = readPrintedDate(text(field), options)
    if (reading.kind === 'read') return reading.expiry
    if (reading.kind === 'ask')
      questions.push({ field, why: reading.why, readings: reading.readings })
    else faults.push({ field, code: 'date', refusal: reading.refusal })
    return { kind: 'unknown' }
  }
  const expiry = date('expiry')
  const openedOn = openedDay(date('opened'), options.today, faults)
  const count = amountIn(text('amount'), 'amount', faults, questions)
  const parNotKnown = /^(?:\?+|tbd|unknown|not sure)$/i.test(text('par'))
  if (parNotKnown) remarks.push('par_not_known')
  const par = parNotKnown ? null : amountIn(text('par'), 'par', faults, questions)
  const pack = amountIn(text('pack'), 'pack', faults, questions)
  if (text('amount') === '') remarks.push('amount_taken_as_one')
  if (count?.amount === NOTHING && par === null && count.par === null && !parNotKnown)
    questions.push({ field: 'par', why: 'none_there', answers: ['1', '2'] })
  const doubts = readName(`${text('item')} ; ${text('note')}`, text('strength')).doubts
  const hold = HOLDING.find((doubt) => doubts.has(doubt)) ?? null
  if (hold) remarks.push('on_hold')
  const priceMinor = price(text('price'), faults)
  if (faults.length > 0) return { kind: 'fault', faults }
  if (questions.length > 0) return { kind: 'ask', questions }
  const [place = '', kit = '', pocket = ''] = siteWords(cells)
  return {
    kind: 'ready',
    remarks,
    value: {
      item: text('item'),
      strength: text('strength'),
      unit: singular(count?.unit || par?.unit || pack?.unit || ''),
      purpose: text('purpose'),
      forWhom: text('forWhom'),
      amount: count?.amount ?? units(1),
      par: par?.amount ?? count?.par ?? null,
      expiry,
      openedOn,
      place,
      kit,
      pocket,
      priceMinor,
      shop: text('shop'),
      packSize: pack?.amount ?? count?.packSize ?? null,
      batch: text('batch'),
      note: text('note'),
      hold,
    },
  }
}

function openedDay(expiry: Expiry, today: PlainDate, faults: LineFault[]): PlainDate | null {
  if (expiry.kind === 'unknown' || expiry.kind === 'none') return null
  if (expiry.kind === 'month') {
    faults.push({ field: 'opened', code: 'not_a_day' })
    return null
  }
  if (expiry.day > today) faults.push({ field: 'opened', code: 'in_future' })
  return expiry.day
}

function amountIn(
  written: string,
  field: 'amount' | 'par' | 'pack',
  faults: LineFault[],
  questions: LineQuestion[],
) {
  if (written === '') return null
  const reading = readAmount(written, true)
  if (reading.kind === 'read') return reading
  const { refusal } = reading
  switch (refusal.code) {
    case 'vague':
      questions.push({ field, why: 'vague', answers: ['1'] })
      break
    case 'several':
      questions.push({ field, why: 'several', answers: [] })
      break
    case 'between':
      questions.push({ field, why: 'between', answers: [refusal.low, refusal.high] })
      break
    case 'very_many':
      questions.push({ field, why: 'very_many', answers: [`${written}${MEANT}`] })
      break
    default:
      faults.push({ field, code: 'amount', refusal })
  }
  return null
}

function price(written: string, faults: LineFault[]): number | null {
  const minor = readPrice(written)
  if (minor !== 'not_a_price') return minor
  faults.push({ field: 'price', code: 'not_a_price' })
  return null
}

const IRREGULAR: Readonly<Record<string, string>> = {
  boxes: 'box',
  pouches: 'pouch',
  patches: 'patch',
  inches: 'inch',
  doses: 'dose',
  leaves: 'leaf',
  batteries: 'battery',
  pcs: '',
  'pcs.': '',
  pc: '',
  pieces: '',
  piece: '',
  ea: '',
  each: '',
  units: '',
  unit: '',
  tabs: 'tablet',
  tab: 'tablet',
  pills: 'tablet',
  pill: 'tablet',
  caps: 'capsule',
  cap: 'capsule',
  pkt: 'pack',
  pkts: 'pack',
  packet: 'pack',
  packets: 'pack',
  ml: 'mL',
  mls: 'mL',
  millilitre: 'mL',
  millilitres: 'mL',
  milliliter: 'mL',
  milliliters: 'mL',
  cc: 'mL',
  l: 'L',
  litre: 'L',
  litres: 'L',
  liter: 'L',
  liters: 'L',
  gram: 'g',
  grams: 'g',
}

/** "tablets" → "tablet", "mls" → "mL"; units are kept in one way so that they compare. */
export function singular(unit: string): string {
  const word = unit.trim().toLowerCase()
  return (
    (Object.hasOwn(IRREGULAR, word) ? IRREGULAR[word] : undefined) ??
    (word.endsWith('s') && word.length > 3 && !word.endsWith('ss') ? word.slice(0, -1) : word)
  )
}
