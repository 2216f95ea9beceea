/** A round on paper: the lines of the tally sheet, and what was written on one of them. */
import type { PlainDate } from '../calendar/plainDate'
import { type DateOrder, readPrintedDate } from '../calendar/readPrintedDate'
import { type Amount, NOTHING, THOUSAND } from '../quantity/amount'
import { readAmount } from '../quantity/readAmount'
import type { Condition } from '../stock/lot'
import { pocketsOf } from './asks'
import type { Contents, Thing } from './contents'
import { type DateLook, type Gone, type Look, type Proof, plainLook, type Round } from './round'

export interface TallyLine {
  readonly number: number
  readonly pocket: string
  readonly thing: Thing
}

/** Every thing of the round, also those that nothing is asked about: paper does not know what was seen. */
export function tallyLines(
  contents: Contents,
  round: Pick<Round, 'pocketIds'>,
): readonly TallyLine[] {
  const things = pocketsOf(contents, round.pocketIds).flatMap((pocket) =>
    pocket.things.map((thing) => ({ pocket: pocket.name, thing })),
  )
  return things.map((line, index) => ({ number: index + 1, ...line }))
}

/** Letters that stand for states, as the sheet explains them. */
export const MARKS: Readonly<
  Record<
    string,
    | { readonly condition: Condition }
    | { readonly proof: Proof }
    | { readonly gone: Gone }
    | 'opened'
  >
> = {
  T: { condition: 'torn' },
  C: { condition: 'caked' },
  L: { condition: 'leaked' },
  F: { condition: 'faded' },
  Z: { condition: 'frozen' },
  S: { condition: 'no longer sterile' },
  O: 'opened',
  B: { proof: 'battery' },
  K: { proof: 'seal' },
  U: { gone: 'used' },
  X: { gone: 'thrown_away' },
}

/** What stands on a line of the sheet, as it was written. */
export interface WrittenLine {
  readonly count: string
  readonly date: string
  readonly marks: string
}

export type TallyFault =
  | { readonly code: 'bad_count' }
  | { readonly code: 'bad_date' }
  /** 03/04/27 is in March or in April. */
  | { readonly code: 'date_two_ways' }
  | { readonly code: 'bad_mark'; readonly mark: string }

export type TallyReading =
  /** Nothing is written on it: nobody looked. */
  | { readonly kind: 'blank' }
  | { readonly kind: 'read'; readonly look: Look }
  | { readonly kind: 'refused'; readonly fault: TallyFault }

const refused = (fault: TallyFault): TallyReading => ({ kind: 'refused', fault })

/**
 * Reads one line. "=" for the count or the date means: as recorded. A mark is said of one, or of
 * so many as stand before it: "2T". A line with marks and no count was found as recorded.
 */
export function readTallyLine(
  thing: Pick<Thing, 'recorded' | 'expiry'>,
  { count, date, marks }: WrittenLine,
  settings: { readonly today: PlainDate; readonly order: DateOrder },
): TallyReading {
  if ([count, date, marks].every((text) => text.trim() === '')) return { kind: 'blank' }
  const found = readFound(count, thing.recorded)
  if (found === null) return refused({ code: 'bad_count' })
  const looked = readDate(date, settings)
  if ('code' in looked) return refused(looked)
  let look: Look = { ...plainLook(found), date: looked }
  for (const written of marks.toUpperCase().match(/\d*\s*[^\s\d,]|\d+/g) ?? []) {
    const [, digits = '', letter = ''] = /^(\d*)\s*(.*)$/.exec(written) ?? []
    const mark = MARKS[letter]
    if (!mark) return refused({ code: 'bad_mark', mark: written })
    const some = Math.min(found, digits === '' ? THOUSAND : Number(digits) * THOUSAND) as Amount
    look = withMark(look, mark, some)
  }
  return { kind: 'read', look }
}

function withMark(look: Look, mark: (typeof MARKS)[string], some: Amount): Look {
  if (mark === 'opened') return { ...look, opened: some }
  if ('gone' in mark) return { ...look, gone: mark.gone }
  if ('proof' in mark) return { ...look, proofs: [...new Set([...look.proofs, mark.proof])] }
  return some === NOTHING ? look : { ...look, worse: { condition: mark.condition, amount: some } }
}

function readFound(text: string, recorded: Amount): Amount | null {
  if (text.trim() === '' || text.trim() === '=') return recorded
  const reading = readAmount(text)
  return reading.kind === 'read' ? reading.amount : null
}

function readDate(
  text: string,
  settings: { readonly today: PlainDate; readonly order: DateOrder },
): DateLook | TallyFault {
  if (text.trim() === '') return { kind: 'not_read' }
  if (text.trim() === '=') return { kind: 'as_recorded' }
  const reading = readPrintedDate(text, settings)
  if (reading.kind === 'ask') return { code: 'date_two_ways' }
  return reading.kind === 'read' ? { kind: 'other', expiry: reading.expiry } : { code: 'bad_date' }
}
