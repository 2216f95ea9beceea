/** Several sources for one ingredient and patient: held against each other. */
import type { Patient } from '../cover/suitability'
import { exact } from '../quantity/exact'
import type { Measure } from '../quantity/measure'
import { usualMeasure } from './amounts'
import { type DoseCard, ingredientKey, isLabel } from './card'
import type { DoseRefusal } from './refusal'

export const isFor = (card: DoseCard, patient: Patient): boolean =>
  card.for.kind === 'people'
    ? patient.member.species === 'person'
    : card.for.memberIds.includes(patient.member.id)

/** Ten times off another source for the same ingredient and patient, or null. */
export function sourceGap(
  card: DoseCard,
  cards: readonly DoseCard[],
  patient: Patient,
): Extract<DoseRefusal, { code: 'ten_times_off' }> | null {
  if (isLabel(card)) return null
  const here = usualMeasure(card, patient)
  if (!here) return null
  const key = ingredientKey(card.about)
  for (const other of cards) {
    if (other.id === card.id || ingredientKey(other.about) !== key || !isFor(other, patient))
      continue
    const there = usualMeasure(other, patient)
    if (!there || there.unit !== here.unit) continue
    const ratio = exact(here.thousandths, there.thousandths)
    if (ratio.compare(10) >= 0 || ratio.mul(10).compare(1) <= 0)
      return { code: 'ten_times_off', here, other: there, otherSource: other.source.who }
  }
  return null
}

/** Other cards for the same ingredient and patient that come to another amount. */
export function disagreeing(
  card: DoseCard,
  cards: readonly DoseCard[],
  patient: Patient,
): readonly { readonly card: DoseCard; readonly measure: Measure }[] {
  const here = usualMeasure(card, patient)
  const key = ingredientKey(card.about)
  return cards.flatMap((other) => {
    if (other.id === card.id || ingredientKey(other.about) !== key || !isFor(other, patient))
      return []
    const measure = usualMeasure(other, patient)
    const differs =
      measure !== null &&
      (here === null || measure.unit !== here.unit || measure.thousandths !== here.thousandths)
    return differs ? [{ card: other, measure }] : []
  })
}
