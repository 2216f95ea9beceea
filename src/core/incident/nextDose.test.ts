/** One source of "from when again": a timer says what the bench says. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ask, given, hoursLater, labelCard, NOON } from '../../../tests/support/care'
import { aPerson, DAY } from '../../../tests/support/cover'
import { DEFAULT_SCHOOLS } from '../cover/schools'
import { patientOn } from '../cover/suitability'
import type { GivenDose, Instant } from '../dosing/given'
import { LABELS } from '../dosing/labels'
import { nextDoseAt } from './nextDose'

const child = aPerson(7, { kg: 22.4 })
const card = labelCard('acetaminophen-liquid')
const patient = patientOn(child, [], DAY)
const next = (doses: readonly GivenDose[]): Instant | null => {
  const last = [...doses].sort((a, b) => a.at - b.at).at(-1)
  if (!last) throw new Error('There is a dose')
  return nextDoseAt(last, card.id, {
    cards: LABELS.us,
    patient,
    schools: DEFAULT_SCHOOLS,
    labels: 'us',
    given: doses,
  })
}

describe('a timer for the next dose', () => {
  it('asks the day’s limit as the bench does, not the interval alone', () => {
    // Five doses in twenty hours: the fifth at noon. The interval ends at four, the day only later.
    const doses = [20, 15, 10, 5, 0].map((hours) => given('acetaminophen', '320 mg', hours))
    const due = next(doses)
    expect(due).toBe(hoursLater(4))
    const five = [12, 9, 6, 3, 0].map((hours) => given('acetaminophen', '320 mg', hours))
    expect(next(five)).toBe(hoursLater(12))
  })
  it('is the first moment at which the bench allows it', () => {
    const amount = fc.constantFrom('80 mg', '160 mg', '320 mg')
    const dose = fc.tuple(fc.integer({ min: 0, max: 23 * 60 }), amount)
    fc.assert(
      fc.property(fc.array(dose, { minLength: 1, maxLength: 7 }), (all) => {
        const doses = all.map(([minutes, of]) => given('acetaminophen', of, minutes / 60))
        const due = next(doses)
        const at = (when: Instant) => ask(card, child, { given: doses, at: when, now: when }).kind
        if (due === null) return
        expect(at(due)).toBe('give')
        expect(at((due - 60_000) as Instant)).not.toBe('give')
      }),
      { seed: 20261128, numRuns: 200 },
    )
  })
  it('counts the same ingredient in another product', () => {
    const doses = [given('acetaminophen', '320 mg', 6), given('acetaminophen', '500 mg', 1)]
    expect(next(doses)).toBe(hoursLater(3))
  })
  it('says nothing where time alone does not free it', () => {
    const diarrhoea = labelCard('loperamide-2')
    const doses = [
      given('loperamide', '2 mg', 50),
      given('loperamide', '2 mg', 30),
      given('loperamide', '2 mg', 10),
    ]
    const [last] = doses.slice(-1)
    if (!last) throw new Error('There is a dose')
    expect(
      nextDoseAt(last, diarrhoea.id, {
        cards: LABELS.us,
        patient: patientOn(aPerson(30), [], DAY),
        schools: DEFAULT_SCHOOLS,
        labels: 'us',
        given: doses,
      }),
    ).toBeNull()
  })
  it('of a card that nobody knows goes by the limits that it was given by', () => {
    const rule = { key: 'cetirizine' as never, again: 720 as never, mostDoses: null, most: null }
    const dose = given('cetirizine', '5 mg', 0, { rule })
    expect(
      nextDoseAt(dose, null, {
        cards: [],
        patient,
        schools: DEFAULT_SCHOOLS,
        labels: 'none',
        given: [dose],
      }),
    ).toBe(hoursLater(12, NOON))
  })
})
