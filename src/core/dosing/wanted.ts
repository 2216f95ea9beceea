/** How much a rule asks for, and in which form it is measured out. */
import type { Patient } from '../cover/suitability'
import { weightOn } from '../household/weight'
import { downTo, type Exact, exact, lesser } from '../quantity/exact'
import type { Strength } from '../quantity/measure'
import {
  type ExactMeasure,
  inPortion,
  inPounds,
  measureOf,
  portionHolding,
  wholeUp,
} from './amounts'
import { barrelById, drawUp, LEAST_OF_RULE, type Measuring, proposeBarrel } from './barrel'
import type { Band, DoseAmount, DoseCard, Portion, PortionUnit } from './card'
import { DAY_MILLISECONDS, type GivenDose, type Instant } from './given'
import type { Dose, DoseQuestion, Step } from './question'
import type { DoseRefusal } from './refusal'

/** The first, or what follows the first within a day; raised where that is chosen and allowed. */
export function amountAsked(
  band: Band,
  choice: 'lower' | 'upper',
  doses: readonly GivenDose[],
  at: Instant,
): DoseAmount {
  const lately = doses.some((dose) => dose.at <= at && dose.at > at - DAY_MILLISECONDS)
  if (band.afterFirst && lately) return band.afterFirst
  return choice === 'upper' && band.upTo ? band.upTo : band.amount
}

// ---- the sum -----------------------------------------------------------------------------------

const fitsForm = (unit: PortionUnit, strength: Strength): boolean =>
  strength.kind === 'liquid' ? unit === 'mL' : unit !== 'mL'

/** Clearly less than the rule: below nine tenths of it. */
const MUCH_LESS = exact(9, 10)

/** What the rule comes to before it is measured out, in thousandths of the portion's unit. */
export function wantedOf(
  amount: DoseAmount,
  card: DoseCard,
  patient: Patient,
  steps: Step[],
): { readonly wanted: Exact } | { readonly refusal: DoseRefusal } {
  const { strength, unit, largest } = card
  if (strength && !fitsForm(unit, strength))
    return {
      refusal: {
        code: 'form_differs',
        rule: unit,
        product: strength.kind === 'liquid' ? 'mL' : 'piece',
      },
    }
  let wanted: Exact
  if (amount.kind === 'portion') {
    if (amount.portion.unit !== unit)
      return { refusal: { code: 'form_differs', rule: amount.portion.unit, product: unit } }
    steps.push({ kind: 'fixed', amount })
    wanted = exact(amount.portion.thousandths)
    if (largest && strength) {
      const most = portionHolding(exact(largest.thousandths), strength)
      if (wanted.compare(most) > 0) {
        wanted = most
        steps.push({ kind: 'capped', to: largest })
      }
    }
  } else {
    if ((amount.kind === 'rate' || amount.kind === 'pound_rate') && patient.grams === null)
      return { refusal: weightRefusal(patient) }
    if (!strength) return { refusal: { code: 'no_strength' } }
    let measure = measureOf(amount, card, patient) as ExactMeasure
    if (measure.unit !== strength.holds.unit)
      return {
        refusal: { code: 'unit_differs', rule: measure.unit, strength: strength.holds.unit },
      }
    if (amount.kind === 'rate')
      steps.push({
        kind: 'rate',
        perKg: amount.perKg,
        grams: patient.grams ?? 0,
        comes: measure.thousandths,
      })
    else if (amount.kind === 'pound_rate')
      steps.push({
        kind: 'pound_rate',
        perPound: amount.perPound,
        pounds: inPounds(patient.grams ?? 0),
        comes: measure.thousandths,
      })
    else steps.push({ kind: 'fixed', amount })
    if (largest) {
      const capped = lesser(measure.thousandths, exact(largest.thousandths))
      if (capped.compare(measure.thousandths) < 0) steps.push({ kind: 'capped', to: largest })
      measure = { ...measure, thousandths: capped }
    }
    wanted = portionHolding(measure.thousandths, strength)
    steps.push({ kind: 'volume', measure: measure.thousandths, strength, comes: wanted })
  }
  return { wanted }
}

export function amountOf(
  amount: DoseAmount,
  card: DoseCard,
  patient: Patient,
  question: Pick<DoseQuestion, 'barrel' | 'barrelsAtHand'>,
  steps: Step[],
): { readonly dose: Dose; readonly muchLess: boolean } | { readonly refusal: DoseRefusal } {
  const asked = wantedOf(amount, card, patient, steps)
  if ('refusal' in asked) return asked
  const { wanted } = asked
  const { strength } = card
  const measured = measuredOut(wanted, card, question)
  if ('refusal' in measured) return measured
  const { portion, step } = measured
  if (exact(portion.thousandths).compare(wanted) < 0)
    steps.push({ kind: 'rounded', from: wanted, to: portion, step })
  const holds = strength && wholeUp(inPortion(exact(portion.thousandths), strength))
  if (holds) steps.push({ kind: 'holds', portion, measure: holds })
  return {
    dose: { portion, measure: holds, measuring: measured.measuring, quarters: measured.quarters },
    muchLess: exact(portion.thousandths).compare(wanted.mul(MUCH_LESS)) < 0,
  }
}

const weightRefusal = ({ member, day }: Patient): DoseRefusal => {
  const weight = weightOn(member.species, member.born, member.weighings, day)
  return weight.kind === 'stale'
    ? { code: 'stale_weight', since: weight.since }
    : { code: 'no_weight' }
}

/** Microlitres, two fills of the largest; what cannot be drawn up above this is too much, not too little. */
const MOST_DRAWN = 40_000

type MeasuredOut =
  | {
      readonly portion: Portion
      readonly step: number
      readonly measuring: Measuring | null
      readonly quarters: number | null
    }
  | { readonly refusal: DoseRefusal }

function measuredOut(
  wanted: Exact,
  card: DoseCard,
  { barrel, barrelsAtHand }: Pick<DoseQuestion, 'barrel' | 'barrelsAtHand'>,
): MeasuredOut {
  const { unit, strength } = card
  if (unit === 'mL') {
    const measuring = barrel
      ? drawUp(wanted, barrelById(barrel))
      : proposeBarrel(wanted, { thick: false, atHand: barrelsAtHand })
    if (!measuring) return { refusal: notMeasured(wanted, strength) }
    if (strength && isTooFarBelow(measuring.total, wanted))
      return { refusal: roundsTooFar(wanted, measuring.total, strength) }
    return {
      portion: { unit, thousandths: measuring.total },
      step: measuring.barrel.mark,
      measuring,
      quarters: null,
    }
  }
  const cuts = unit === 'tablet' ? card.cuts : 1
  const step = 1000 / cuts
  const thousandths = downTo(wanted, step)
  if (thousandths > 0 && strength && isTooFarBelow(thousandths, wanted))
    return { refusal: roundsTooFar(wanted, thousandths, strength) }
  if (thousandths > 0)
    return {
      portion: { unit, thousandths },
      step,
      measuring: null,
      quarters: unit === 'tablet' ? (thousandths * 4) / 1000 : null,
    }
  return strength
    ? {
        refusal: {
          code: 'cannot_cut',
          wanted: wholeUp(inPortion(wanted, strength)),
          smallest: wholeUp(inPortion(exact(step), strength)),
        },
      }
    : { refusal: { code: 'too_little_to_measure' } }
}

/** Microlitres between two marks of the finest syringe. */
const FINEST_MARK = 10

function notMeasured(wanted: Exact, strength: Strength | null): DoseRefusal {
  if (wanted.compare(MOST_DRAWN) > 0) return { code: 'too_much_to_measure' }
  const comes = downTo(wanted, FINEST_MARK)
  return comes > 0 && strength
    ? roundsTooFar(wanted, comes, strength)
    : { code: 'too_little_to_measure' }
}

/** More than a fifth below the rule is not the dose any more. */
const isTooFarBelow = (thousandths: number, wanted: Exact): boolean =>
  exact(thousandths).compare(wanted.mul(LEAST_OF_RULE)) < 0

const roundsTooFar = (wanted: Exact, thousandths: number, strength: Strength): DoseRefusal => ({
  code: 'rounds_too_far',
  wanted: wholeUp(inPortion(wanted, strength)),
  comes: wholeUp(inPortion(exact(thousandths), strength)),
  atLeast:
    strength.kind === 'each' ? wholeUp(inPortion(wanted.mul(LEAST_OF_RULE), strength)) : null,
})
