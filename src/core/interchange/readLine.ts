/** One line of a list into what it says, with what must be asked and what cannot be read. */
import type { Expiry } from '../calendar/expiry'
import type { PlainDate } from '../calendar/plainDate'
import { type DateOrder, type DateRefusal, readPrintedDate } from '../calendar/readPrintedDate'
import { type Amount, NOTHING, units } from '../quantity/amount'
import { type AmountRefusal, readAmount } from '../quantity/readAmount'
import { readPrice } from '../quantity/readPrice'
import type { Field } from './headings'

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
}

export type LineFault =
  | {
      readonly field: Field
      readonly code: 'missing' | 'too_long' | 'not_a_price' | 'not_a_day' | 'in_future'
    }
  | { readonly field: Field; readonly code: 'date'; readonly refusal: DateRefusal }
  | { readonly field: Field; readonly code: 'amount'; readonly refusal: AmountRefusal }

export interface LineQuestion {
  readonly field: 'expiry' | 'opened'
  readonly why: 'two_ways' | 'far_off'
  readonly readings: readonly Expiry[]
}

export type LineReading =
  | { readonly kind: 'ready'; readonly value: ListLine; readonly remarks: readonly LineRemark[] }
  | { readonly kind: 'ask'; readonly questions: readonly LineQuestion[] }
  | { readonly kind: 'fault'; readonly faults: readonly LineFault[] }

/** What was supplied for the keeper and is shown to be checked. */
export type LineRemark = 'amount_taken_as_one'

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
  const count = amountIn(text('amount'), 'amount', faults)
  const par = text('par') === '' ? null : amountIn(text('par'), 'par', faults)
  const pack = text('pack') === '' ? null : amountIn(text('pack'), 'pack', faults)
  if (text('amount') === '') remarks.push('amount_taken_as_one')
  const priceMinor = price(text('price'), faults)
  if (faults.length > 0) return { kind: 'fault', faults }
  if (questions.length > 0) return { kind: 'ask', questions }
  const [place = '', kit = '', pocket = ''] = sitePath(text('place'), text('kit'), text('pocket'))
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

function amountIn(written: string, field: Field, faults: LineFault[]) {
  if (written === '') return null
  const reading = readAmount(written)
  if (reading.kind === 'read') return reading
  faults.push({ field, code: 'amount', refusal: reading.refusal })
  return null
}

function price(written: string, faults: LineFault[]): number | null {
  const minor = readPrice(written)
  if (minor !== 'not_a_price') return minor
  faults.push({ field: 'price', code: 'not_a_price' })
  return null
}

/** "Car / boot box / lid" in one cell names place, kit and pocket. */
function sitePath(place: string, kit: string, pocket: string): readonly string[] {
  if (kit !== '' || pocket !== '' || !/[/>]/.test(place)) return [place, kit, pocket]
  return place.split(/\s*[/>]\s*/, 3)
}

const IRREGULAR: Readonly<Record<string, string>> = {
  boxes: 'box',
  pouches: 'pouch',
  patches: 'patch',
  inches: 'inch',
  doses: 'dose',
  leaves: 'leaf',
}

/** "tablets" → "tablet"; units are kept in the singular so that they compare. */
export function singular(unit: string): string {
  const word = unit.trim().toLowerCase()
  if (word === 'pcs' || word === 'pc' || word === 'pieces' || word === 'piece') return ''
  return (
    IRREGULAR[word] ??
    (word.endsWith('s') && word.length > 3 && !word.endsWith('ss') ? word.slice(0, -1) : word)
  )
}

/** A line with nothing lying there says only how many belong. */
export const isParOnly = (line: ListLine): boolean => line.amount === NOTHING
