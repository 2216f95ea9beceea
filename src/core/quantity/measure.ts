/**
 * Amounts of what acts, volumes and strengths, in whole smallest units: thousandths of a
 * milligram or of an international unit, microlitres. What is typed is read or refused; a unit
 * is never guessed.
 */
import { assertNever, type Brand } from '../brand'
import { type Exact, exact, thousandthsText } from './exact'

export const MEASURE_UNITS = ['mg', 'IU'] as const
export type MeasureUnit = (typeof MEASURE_UNITS)[number]

/** So much of what acts. */
export interface Measure {
  readonly unit: MeasureUnit
  /** Whole thousandths: micrograms where the unit is mg. */
  readonly thousandths: number
}

export type Microlitres = Brand<number, 'Microlitres'>

/** How much acts in so much of the thing. */
export type Strength =
  | { readonly kind: 'liquid'; readonly holds: Measure; readonly in: Microlitres }
  /** In one tablet, capsule, sachet, puff. */
  | { readonly kind: 'each'; readonly holds: Measure }

export type MeasureFault =
  | { readonly code: 'no_number' }
  | { readonly code: 'no_unit' }
  | { readonly code: 'unit'; readonly unit: string }
  | { readonly code: 'negative' }
  | { readonly code: 'too_fine' }
  | { readonly code: 'too_much' }
  /** Nobody has that in this unit, and it fits the other one: is it that? */
  | { readonly code: 'other_unit'; readonly unit: '°C' | '°F'; readonly as: Temperature }
  /** "1,000" is one or a thousand. */
  | { readonly code: 'comma_two_ways' }
  | { readonly code: 'nothing' }

export type Read<T> =
  | { readonly kind: 'read'; readonly value: T }
  | { readonly kind: 'refused'; readonly fault: MeasureFault }

const read = <T>(value: T): Read<T> => ({ kind: 'read', value })
const refused = (
  fault: MeasureFault,
): { readonly kind: 'refused'; readonly fault: MeasureFault } => ({
  kind: 'refused',
  fault,
})

/** A kilogram of something, or a thousand litres: nobody doses that. */
const MOST = 1_000_000_000

/** A number as written, exactly, with the unit that follows it. */
function numberAndUnit(written: string): Read<{ readonly value: Exact; readonly unit: string }> {
  const text = written.trim().replace(/\s+/g, ' ')
  if (/^[-−–]/.test(text)) return refused({ code: 'negative' })
  const parts = /^(\d+(?:[.,]\d+)?)\s*(.*)$/.exec(text)
  const digits = parts?.[1]
  if (digits === undefined) return refused({ code: 'no_number' })
  if (/^[1-9]\d{0,2},\d{3}$/.test(digits)) return refused({ code: 'comma_two_ways' })
  const [whole = '0', decimals = ''] = digits.replace(',', '.').split('.')
  if (whole.length > 9) return refused({ code: 'too_much' })
  if (decimals.length > 9) return refused({ code: 'too_fine' })
  return read({
    value: exact(BigInt(`${whole}${decimals}`), 10n ** BigInt(decimals.length)),
    unit: (parts?.[2] ?? '').trim(),
  })
}

/** The value in whole smallest units, or why not. */
function wholeUnits(value: Exact, unitsInOne: Exact): Read<number> {
  const units = value.mul(unitsInOne)
  if (units.d !== 1n) return refused({ code: 'too_fine' })
  if (units.compare(MOST) > 0) return refused({ code: 'too_much' })
  const whole = Number(units.n)
  return whole === 0 ? refused({ code: 'nothing' }) : read(whole)
}

/** Thousandths of the unit in one as written. */
const MEASURES: Readonly<Record<string, readonly [MeasureUnit, Exact]>> = {
  g: ['mg', exact(1_000_000)],
  gram: ['mg', exact(1_000_000)],
  grams: ['mg', exact(1_000_000)],
  mg: ['mg', exact(1000)],
  µg: ['mg', exact(1)],
  μg: ['mg', exact(1)],
  ug: ['mg', exact(1)],
  mcg: ['mg', exact(1)],
  iu: ['IU', exact(1000)],
  ie: ['IU', exact(1000)],
}

/**
 * Reads an amount of what acts.
 * @example readMeasure('250 µg') // { unit: 'mg', thousandths: 250 }
 */
export function readMeasure(written: string): Read<Measure> {
  const number = numberAndUnit(written)
  if (number.kind === 'refused') return number
  const { value, unit } = number.value
  if (unit === '') return refused({ code: 'no_unit' })
  const known = MEASURES[unit.toLowerCase()]
  if (!known) return refused({ code: 'unit', unit })
  const units = wholeUnits(value, known[1])
  return units.kind === 'refused' ? units : read({ unit: known[0], thousandths: units.value })
}

/** Microlitres in one as written. A spoon is a dosing spoon: 5 mL, or 15 for the large one. */
const VOLUMES: Readonly<Record<string, Exact>> = {
  l: exact(1_000_000),
  litre: exact(1_000_000),
  litres: exact(1_000_000),
  liter: exact(1_000_000),
  liters: exact(1_000_000),
  dl: exact(100_000),
  cl: exact(10_000),
  ml: exact(1000),
  mls: exact(1000),
  cc: exact(1000),
  µl: exact(1),
  μl: exact(1),
  tsp: exact(5000),
  teaspoon: exact(5000),
  teaspoons: exact(5000),
  tbsp: exact(15_000),
  tablespoon: exact(15_000),
  tablespoons: exact(15_000),
  cup: exact(236_600),
  cups: exact(236_600),
  'fl oz': exact(29_570),
}

/** Reads a volume. @example readVolume('2.5 cc') // 2500 */
export function readVolume(written: string): Read<Microlitres> {
  const number = numberAndUnit(written)
  if (number.kind === 'refused') return number
  const { value, unit } = number.value
  if (unit === '') return refused({ code: 'no_unit' })
  const inOne = VOLUMES[unit.toLowerCase()]
  if (!inOne) return refused({ code: 'unit', unit })
  const units = wholeUnits(value, inOne)
  return units.kind === 'refused' ? units : read(units.value as Microlitres)
}

/** Thousandths of a per cent: 10 % is 10 000. */
export type Percent = number

/** Reads how strong a solution is. @example readPercent('0.05 %') // 50 */
export function readPercent(written: string): Read<Percent> {
  const number = numberAndUnit(written)
  if (number.kind === 'refused') return number
  const { value, unit } = number.value
  if (unit === '') return refused({ code: 'no_unit' })
  return unit === '%' ? wholeUnits(value, exact(1000)) : refused({ code: 'unit', unit })
}

/**
 * Reads how strong a solution is, as it is asked or printed: in per cent, or what acts in a volume.
 * 10 mg in 1 mL is 1 %.
 * @example readConcentration('20 mg/mL') // 2000
 */
export function readConcentration(written: string): Read<Percent> {
  if (!written.includes('/')) return readPercent(written)
  const strength = readStrength(written)
  if (strength.kind === 'refused') return strength
  const { value } = strength
  if (value.kind !== 'liquid' || value.holds.unit !== 'mg')
    return refused({ code: 'unit', unit: written })
  // Micrograms in a microlitre are grams in a litre; a tenth of that is per cent.
  return wholeUnits(exact(value.holds.thousandths, value.in).div(10), exact(1000))
}

export const millilitres = (count: number): Microlitres => (count * 1000) as Microlitres

/**
 * Reads a strength as it stands on packs: in a volume, or in one piece.
 * @example readStrength('160 mg/5 mL')
 * @example readStrength('500 mg')
 */
export function readStrength(written: string): Read<Strength> {
  const [left = '', right, more] = written.split('/')
  if (more !== undefined) return refused({ code: 'unit', unit: written })
  const holds = readMeasure(left)
  if (holds.kind === 'refused') return holds
  if (right === undefined) return read({ kind: 'each', holds: holds.value })
  const part = right.trim()
  if (/^(?:tablet|capsule|sachet|puff|piece|suppository|drop)$/i.test(part))
    return read({ kind: 'each', holds: holds.value })
  const volume = readVolume(/^\d/.test(part) ? part : `1 ${part}`)
  return volume.kind === 'refused'
    ? volume
    : read({ kind: 'liquid', holds: holds.value, in: volume.value })
}

/** Hundredths of a degree Celsius. */
export type Temperature = Brand<number, 'Temperature'>

/**
 * Reads a temperature in °C or °F; a number without a unit is in the household's.
 * What no living body has is refused as `too_much`: it is another unit, or a slip.
 * @example readTemperature('102.2', 'us') // 3900
 */
export function readTemperature(written: string, units: 'metric' | 'us'): Read<Temperature> {
  const number = numberAndUnit(written)
  if (number.kind === 'refused') return number
  const { value, unit } = number.value
  const letter = unit.replace('°', '').trim().toUpperCase() || (units === 'us' ? 'F' : 'C')
  if (letter !== 'C' && letter !== 'F') return refused({ code: 'unit', unit })
  const [asWritten, other] = [
    hundredthsOf(value, letter),
    hundredthsOf(value, letter === 'F' ? 'C' : 'F'),
  ]
  if (isPossible(asWritten)) return read(asWritten)
  const isSaid = unit.trim() !== ''
  return !isSaid && isPossible(other)
    ? refused({ code: 'other_unit', unit: letter === 'F' ? '°C' : '°F', as: other })
    : refused({ code: 'too_much' })
}

const hundredthsOf = (value: Exact, unit: 'C' | 'F'): Temperature =>
  Number(
    (unit === 'F' ? value.sub(32).mul(5).div(9) : value).mul(100).round().valueOf(),
  ) as Temperature

/** Hundredths of a degree that a living body can have; the rest is asked. */
const isPossible = (hundredths: Temperature): boolean => hundredths >= 1500 && hundredths <= 4600

/** "39.2 °C", "102.6 °F" */
export function temperatureText(value: Temperature, units: 'metric' | 'us'): string {
  const shown = units === 'us' ? exact(value, 100).mul(9).div(5).add(32) : exact(value, 100)
  return `${shown.round(1).toString()} °${units === 'us' ? 'F' : 'C'}`
}

/** "320 mg", "250 µg", "1000 IU": below a milligram in micrograms, as prescribers write it. */
export function measureText({ unit, thousandths }: Measure): string {
  if (unit === 'mg' && thousandths > 0 && thousandths < 1000) return `${thousandths} µg`
  return `${thousandthsText(thousandths)} ${unit}`
}

/** "160 mg in 5 mL", "500 mg" */
export function strengthText(strength: Strength): string {
  switch (strength.kind) {
    case 'liquid':
      return `${measureText(strength.holds)} in ${thousandthsText(strength.in)} mL`
    case 'each':
      return measureText(strength.holds)
    default:
      return assertNever(strength)
  }
}

/** Whether both say the same: 32 mg/mL is 160 mg/5 mL. */
export function sameStrength(a: Strength, b: Strength): boolean {
  if (a.kind !== b.kind || a.holds.unit !== b.holds.unit) return false
  if (a.kind === 'liquid' && b.kind === 'liquid')
    return exact(a.holds.thousandths, a.in).equals(exact(b.holds.thousandths, b.in))
  return a.holds.thousandths === b.holds.thousandths
}
