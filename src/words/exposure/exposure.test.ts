/** Heat and frost in words: every harm, every remark, every errand of the weather, held against its numbers. */
import { describe, expect, it } from 'vitest'
import { plainDate } from '../../core/calendar/plainDate'
import { STORAGE_CLASS_IDS } from '../../core/catalogue/storageClass'
import { holdReason } from '../../core/exposure/reason'
import type { Harm, Told, Verdict } from '../../core/exposure/verdict'
import { exposure, harmsSaid, toldText, verdictText } from './exposure'
import { storage as storageWords } from './storage'

const { said, short } = storageWords

const HARMS: Readonly<Record<Harm['code'], readonly [Harm, string]>> = {
  too_long: [{ code: 'too_long', above: 3000, minutes: 1620 }, '27 hours above 30 °C'],
  too_hot: [{ code: 'too_hot', above: 4000, hundredths: 4750 }, 'met 47.5 °C'],
  mean: [{ code: 'mean', most: 2500, hundredths: 2634 }, 'a mean kinetic temperature of 26.3 °C'],
  may_have_frozen: [
    { code: 'may_have_frozen', minutes: 60, hundredths: -210 },
    'may have frozen: 60 minutes at 0 °C or below',
  ],
  froze: [{ code: 'froze', minutes: 360, hundredths: -740 }, 'froze at −7.4 °C'],
  frost_typed: [{ code: 'frost_typed', hundredths: -150 }, 'may have frozen: −1.5 °C was read'],
}
const TOLD: Readonly<Record<Told['code'], readonly [Told, string]>> = {
  above: [{ code: 'above', above: 800, minutes: 25 }, '25 minutes above 8 °C'],
  above_typed: [
    { code: 'above_typed', above: 3000, hundredths: 3500 },
    '35 °C was read, and nobody knows for how long',
  ],
  below: [{ code: 'below', below: 1500, hundredths: 320 }, 'below 15 °C, down to 3.2 °C'],
}

describe('what is said of heat and frost', () => {
  it.each(Object.values(HARMS))('%j', (harm, text) => {
    const reason = holdReason([harm])
    expect(reason.toLowerCase()).toBe(`${text}: ask the pharmacist, vet or maker`.toLowerCase())
    expect(verdictText({ kind: 'beyond', harms: [harm] }).toLowerCase()).toContain(
      text.toLowerCase(),
    )
  })
  it('a reason is never longer than it may be, and never loses whom to ask', () => {
    const all = Object.values(HARMS).map(([harm]) => harm)
    const reason = holdReason(all)
    expect(reason.length).toBeLessThanOrEqual(120)
    expect(reason).toMatch(
      /^27 hours above 30 °C, met 47\.5 °C.*: ask the pharmacist, vet or maker$/,
    )
  })
  it.each(Object.values(TOLD))('%j', (told, text) => {
    expect(toldText(told)).toBe(text)
  })
  it.each<[Verdict, RegExp]>([
    [{ kind: 'within' }, /^Within/],
    [{ kind: 'excursion' }, /not for longer than its class allows/],
    [{ kind: 'unknown', because: 'heat' }, /names no highest temperature/],
    [{ kind: 'unknown', because: 'class' }, /look at its label/],
    [{ kind: 'unknown', because: 'unmeasured' }, /Less than half .* nobody knows/],
  ])('%j', (verdict, text) => {
    expect(verdictText(verdict)).toMatch(text)
    // Nobody is told that something is still good.
    expect(verdictText(verdict)).not.toMatch(/good|safe/i)
  })
  it('for how long nobody knows is not said to be allowed', () => {
    const [typed] = TOLD.above_typed
    expect(verdictText({ kind: 'excursion' }, [typed])).toMatch(/nobody knows for how long/)
    expect(verdictText({ kind: 'excursion' }, [typed])).not.toMatch(/allows/)
  })
  it('a year by the model names heat and frost, whichever there is', () => {
    const said = (hot: number, frost: number) => exposure.headlineModel('Bike', hot, frost)
    expect(said(0, 88)).toBe('Bike, by the model: frost on 88 days in a year')
    expect(said(1, 2)).toBe(
      'Bike, by the model: above 30 °C on one day and frost on 2 days in a year',
    )
    expect(said(0, 0)).toBe('Bike, by the model: neither frost nor more than 30 °C in a year')
  })
  it('what is read out to a pharmacist is a whole sentence for every harm', () => {
    const said = Object.values(HARMS).map(([harm]) =>
      exposure.lots.saying('a pen', 'cold', harmsSaid([harm]), 19.24),
    )
    for (const text of said) {
      expect(text).toMatch(/^I have a pen\. To be kept: cold\. It (?:was|had|met|froze|may have) /)
      expect(text).toMatch(/ Its mean kinetic temperature is 19\.2 °C\. May it still be used\?$/)
    }
    expect(said.join(' ')).toContain('It was above 30 °C for 27 hours.')
    expect(exposure.lots.saying('a pen', 'cold', 'met 41 °C', null)).not.toContain('mean')
  })
  it('every class is named with who says so', () => {
    for (const storage of STORAGE_CLASS_IDS) {
      const kept = { storage, frostHarms: true }
      expect(said({ ...kept, source: 'label' })).toMatch(/, says its label$/)
      expect(said({ ...kept, source: 'catalogue' })).toMatch(/its label may say otherwise$/)
      // Said once, whatever the class says itself.
      expect(short(kept).split('no frost').length - 1).toBe(storage === 'fridge' ? 0 : 1)
    }
    expect(said({ storage: null, source: null, frostHarms: false })).toMatch(/nobody has said/)
    expect(said({ storage: null, source: null, frostHarms: true })).toMatch(/no frost; nobody/)
    // Unknown is never printed as though it might lie anywhere.
    expect(short({ storage: null, frostHarms: false })).toBe('')
  })
  it('what is not known is counted apart from what is within', () => {
    expect(exposure.lots.rest(40, 11)).toBe('11 things not known, 40 things within')
    expect(exposure.lots.rest(1, 0)).toBe('One thing within')
    expect(exposure.lots.rest(0, 2)).toBe('Two things not known')
    expect(exposure.file.guessed('F')).toContain('read as °F')
  })
  it('the headline names what matters most', () => {
    expect(exposure.harmed(2)).toMatch(/^Two things met more heat or frost/)
    expect(exposure.harmed(1)).toMatch(/than it is made for$/)
    expect(exposure.headline('Cottage', 0, 1)).toBe('Cottage had frost on one day of this year')
    expect(exposure.headline('Cottage', 2, 3)).toBe(
      'Cottage was above 30 °C on 2 days of this year, and had frost on 3 days',
    )
    expect(exposure.headline('Estate car', 61, 0)).toBe(
      'Estate car was above 30 °C on 61 days of this year',
    )
    expect(exposure.headline('Estate car', 0, 0)).toMatch(/neither frost nor more than 30 °C/)
    expect(exposure.headlineModel('Estate car', 1, 0)).toBe(
      'Estate car, by the model: above 30 °C on one day in a year',
    )
  })
  it('what comes is said with its day and its figure', () => {
    const today = plainDate('2026-11-28')
    expect(exposure.ahead.frost('Cottage', plainDate('2026-12-04'), today, -330)).toBe(
      'Cottage: frost from 4 Dec, about −3.3 °C',
    )
    expect(exposure.ahead.heat('Car', today, today, 3210)).toBe(
      'Car: above 30 °C from today, about 32.1 °C',
    )
  })
})
