/** The label of a pack as it is typed line by line, read into a dose card or told what is missing. */
import type { PlainDate } from '../../../core/calendar/plainDate'
import { type SubstanceId, substanceNamed } from '../../../core/catalogue/substances'
import {
  type Band,
  type DoseAmount,
  type DoseCard,
  hours,
  type PortionUnit,
} from '../../../core/dosing/card'
import { type CardFault, cardFaults } from '../../../core/dosing/cardFaults'
import type { MemberId } from '../../../core/ids'
import { readStrength } from '../../../core/quantity/measure'
import { readAmount } from '../../../core/quantity/readAmount'

export interface PackLine {
  readonly ageFrom: string
  /** The last one that is meant, as printed: "2–3 years" ends with 3. */
  readonly ageTo: string
  readonly ageUnit: 'months' | 'years'
  readonly weightFrom: string
  readonly weightTo: string
  readonly weightUnit: 'kg' | 'lb'
  readonly amount: string
  readonly upTo: string
}

export type PackDraft = {
  readonly memberIds: readonly string[]
  readonly name: string
  readonly substance: string
  readonly strength: string
  readonly unit: PortionUnit
  readonly lines: readonly PackLine[]
  readonly again: string
  readonly mostDoses: string
  readonly days: string
  readonly purpose: string
  readonly stop: string
}

export const EMPTY_LINE: PackLine = {
  ageFrom: '',
  ageTo: '',
  ageUnit: 'years',
  weightFrom: '',
  weightTo: '',
  weightUnit: 'kg',
  amount: '',
  upTo: '',
}

export const emptyPack = (memberIds: readonly string[]): PackDraft => ({
  memberIds,
  name: '',
  substance: '',
  strength: '',
  unit: 'mL',
  lines: [EMPTY_LINE],
  again: '',
  mostDoses: '',
  days: '',
  purpose: '',
  stop: '',
})

/** What is wrong with the draft: a field by its name, or a line by its position. */
export type PackFault =
  | {
      readonly kind: 'field'
      readonly field: 'name' | 'substance' | 'strength' | 'again' | 'mostDoses' | 'days'
    }
  | {
      readonly kind: 'line'
      readonly at: number
      readonly field: 'age' | 'weight' | 'amount' | 'empty'
    }

type CardBody = Omit<DoseCard, 'id' | 'version' | 'for'>
export type PackReading =
  | { readonly kind: 'read'; readonly body: CardBody; readonly faults: readonly CardFault[] }
  | { readonly kind: 'unread'; readonly faults: readonly PackFault[] }

const POUND = 453.592
const number = (text: string): number | null | 'wrong' => {
  if (text.trim() === '') return null
  const value = Number(text.trim().replace(',', '.'))
  return Number.isFinite(value) && value >= 0 ? value : 'wrong'
}

interface Range {
  readonly from: number | null
  readonly to: number | null
}
const range = (from: string, to: string): Range | 'wrong' => {
  const [low, high] = [number(from), number(to)]
  if (low === 'wrong' || high === 'wrong') return 'wrong'
  return low !== null && high !== null && high < low ? 'wrong' : { from: low, to: high }
}

/** "2–3 years", "from 12 years", "up to 5 kg" */
const printed = ({ from, to }: Range, unit: string): string =>
  from === null && to === null
    ? ''
    : to === null
      ? `from ${from} ${unit}`
      : from === null
        ? `up to ${to} ${unit}`
        : from === to
          ? `${from} ${unit}`
          : `${from}–${to} ${unit}`

/** The largest weight that a person has: a line without an end. */
const MOST_GRAMS = 300_000

interface Reading {
  readonly band: Omit<Band, 'again' | 'mostDoses'> | null
  readonly faults: readonly PackFault[]
}

function readLine(line: PackLine, at: number, unit: PortionUnit): Reading {
  const faults: PackFault[] = []
  const ages = range(line.ageFrom, line.ageTo)
  const weights = range(line.weightFrom, line.weightTo)
  const amount = portionOf(line.amount, unit)
  const upTo = line.upTo.trim() === '' ? null : portionOf(line.upTo, unit)
  if (ages === 'wrong') faults.push({ kind: 'line', at, field: 'age' })
  if (weights === 'wrong') faults.push({ kind: 'line', at, field: 'weight' })
  if (amount === null || (line.upTo.trim() !== '' && upTo === null))
    faults.push({ kind: 'line', at, field: 'amount' })
  if (ages === 'wrong' || weights === 'wrong' || amount === null) return { band: null, faults }
  const hasAge = ages.from !== null || ages.to !== null
  const hasWeight = weights.from !== null || weights.to !== null
  if (!hasAge && !hasWeight) faults.push({ kind: 'line', at, field: 'empty' })
  const months = line.ageUnit === 'years' ? 12 : 1
  const grams = line.weightUnit === 'lb' ? POUND : 1000
  return {
    band: {
      printed: [printed(ages, line.ageUnit), printed(weights, line.weightUnit)]
        .filter(Boolean)
        .join(', '),
      months: hasAge
        ? {
            from: Math.round((ages.from ?? 0) * months),
            below: ages.to === null ? null : Math.round((ages.to + 1) * months),
          }
        : null,
      grams: hasWeight
        ? {
            from: Math.round((weights.from ?? 0) * grams),
            to: weights.to === null ? MOST_GRAMS : Math.round(weights.to * grams),
          }
        : null,
      ...(hasAge && hasWeight && { both: true as const }),
      amount,
      upTo,
      afterFirst: null,
      most: null,
    },
    faults,
  }
}

function portionOf(text: string, unit: PortionUnit): DoseAmount | null {
  const reading = readAmount(text.replace(/\s*(?:mL|ml|tablets?)$/i, ''))
  return reading.kind === 'read' && reading.amount > 0
    ? { kind: 'portion', portion: { unit, thousandths: reading.amount } }
    : null
}

const lightest = ({ months, grams }: Pick<Band, 'months' | 'grams'>): number =>
  (months?.from ?? 0) * 1_000_000 + (grams?.from ?? 0)

/** Reads the label of a pack; every field and line that cannot be read is named. */
export function readPack(draft: PackDraft, today: PlainDate): PackReading {
  const faults: PackFault[] = []
  const field = (name: Extract<PackFault, { kind: 'field' }>['field']): void =>
    void faults.push({ kind: 'field', field: name })
  const substance = substanceNamed(draft.substance)
  if (substance === null) field('substance')
  if (draft.name.trim() === '') field('name')
  const strength = readStrength(draft.strength)
  if (strength.kind === 'refused') field('strength')
  const again = number(draft.again)
  if (again === null || again === 'wrong' || again <= 0) field('again')
  const whole = (name: 'mostDoses' | 'days'): number | null => {
    const value = number(draft[name])
    if (value === null) return null
    if (value === 'wrong' || !Number.isInteger(value) || value === 0) {
      field(name)
      return null
    }
    return value
  }
  const mostDoses = whole('mostDoses')
  const days = whole('days')
  const lines = draft.lines.map((line, at) => readLine(line, at, draft.unit))
  faults.push(...lines.flatMap((line) => line.faults))
  const [first, ...more] = lines
    .flatMap(({ band }) => (band ? [band] : []))
    .sort((a, b) => lightest(a) - lightest(b))
    .map((band): Band => ({ ...band, again: hours(Number(again)), mostDoses }))
  if (faults.length > 0 || !first || strength.kind === 'refused') return { kind: 'unread', faults }
  const body: CardBody = {
    about: { kind: 'substance', substance: substance as SubstanceId },
    name: draft.name.trim(),
    unit: draft.unit,
    strength: strength.value,
    // A label's table is no leave to cut: the tablet in the hand decides.
    cuts: draft.unit === 'tablet' ? 2 : 1,
    bands: [first, ...more],
    largest: null,
    purpose: draft.purpose.trim(),
    days,
    notWith: [],
    notWithUnderYears: null,
    stop: draft.stop
      .split('\n')
      .map((line) => line.trim())
      .filter((line) => line !== ''),
    directions: '',
    source: { kind: 'pack', who: draft.name.trim(), on: today },
    reviewOn: null,
    endsOn: null,
    confirmed: null,
  }
  const memberIds = draft.memberIds as readonly string[] as readonly MemberId[]
  return {
    kind: 'read',
    body,
    faults: cardFaults(
      { ...body, for: { kind: 'members', memberIds } },
      memberIds.map(() => 'person' as const),
      today,
    ),
  }
}
