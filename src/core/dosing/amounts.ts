/** What acts in an amount of a card, exactly; and the limits that follow from it. */
import { assertNever } from '../brand'
import type { Patient } from '../cover/suitability'
import { type Exact, exact } from '../quantity/exact'
import type { Measure, Strength } from '../quantity/measure'
import { bandFor } from './band'
import { type Band, type DoseAmount, type DoseCard, ingredientKey } from './card'
import type { DoseRule } from './given'

export interface ExactMeasure {
  readonly unit: Measure['unit']
  readonly thousandths: Exact
}

/** What acts in an amount, exactly; null where the card knows no strength or no weight. */
export function measureOf(
  amount: DoseAmount,
  { strength }: DoseCard,
  { grams }: Patient,
): ExactMeasure | null {
  switch (amount.kind) {
    case 'measure':
      return { unit: amount.measure.unit, thousandths: exact(amount.measure.thousandths) }
    case 'rate':
      return grams === null
        ? null
        : {
            unit: amount.perKg.unit,
            thousandths: exact(amount.perKg.thousandths).mul(grams).div(1000),
          }
    case 'pound_rate':
      return grams === null
        ? null
        : {
            unit: amount.perPound.unit,
            thousandths: exact(amount.perPound.thousandths).mul(inPounds(grams)),
          }
    case 'portion':
      return strength && inPortion(exact(amount.portion.thousandths), strength)
    default:
      return assertNever(amount)
  }
}

/** Milligrams in a pound, exactly: 453.592 g. */
const POUND_MILLIGRAMS = 453_592

/** Pounds, exactly. */
export const inPounds = (grams: number): Exact => exact(grams * 1000, POUND_MILLIGRAMS)

/** What acts in thousandths of a piece, or in microlitres. */
export const inPortion = (thousandths: Exact, strength: Strength): ExactMeasure => ({
  unit: strength.holds.unit,
  thousandths: thousandths
    .mul(strength.holds.thousandths)
    .div(strength.kind === 'liquid' ? strength.in : 1000),
})

/** Microlitres, or thousandths of a piece, that hold so much. */
export const portionHolding = (thousandths: Exact, strength: Strength): Exact =>
  thousandths.mul(strength.kind === 'liquid' ? strength.in : 1000).div(strength.holds.thousandths)

/** Accounts are kept in whole thousandths; what a portion holds is rounded up, so that no limit is passed unseen. */
export const wholeUp = ({ unit, thousandths }: ExactMeasure): Measure => ({
  unit,
  thousandths: Number(thousandths.ceil().valueOf()),
})

/** What a card comes to for a patient at once, before it is measured out; null where it says nothing. */
export function usualMeasure(card: DoseCard, patient: Patient): Measure | null {
  const fitting = bandFor(card, patient)
  if ('refusal' in fitting) return null
  const value = measureOf(fitting.band.amount, card, patient)
  if (!value) return null
  const thousandths = Number(value.thousandths.floor().valueOf())
  return thousandths > 0 ? { unit: value.unit, thousandths } : null
}

/** The limits of a line in what acts: the day's amount, and the doses at their largest. */
export function ruleOf(card: DoseCard, band: Band, patient: Patient): DoseRule {
  const stated = band.most && measureOf(band.most, card, patient)
  const largestDose = measureOf(band.upTo ?? band.amount, card, patient)
  const byDoses =
    band.mostDoses !== null && largestDose
      ? { ...largestDose, thousandths: largestDose.thousandths.ceil().mul(band.mostDoses) }
      : null
  const limits = [stated, byDoses].filter((one) => one !== null)
  const lowest = limits.reduce<ExactMeasure | null>(
    (low, one) => (low === null || one.thousandths.compare(low.thousandths) < 0 ? one : low),
    null,
  )
  return {
    key: ingredientKey(card.about),
    again: band.again,
    mostDoses: band.mostDoses,
    most: lowest && {
      unit: lowest.unit,
      thousandths: Number(lowest.thousandths.floor().valueOf()),
    },
  }
}
