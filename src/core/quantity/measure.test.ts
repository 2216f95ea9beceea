/** Units as people write them, exactly or not at all. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { exact, exactText, thousandthsText } from './exact'
import {
  measureText,
  readMeasure,
  readStrength,
  readTemperature,
  readVolume,
  type Strength,
  sameStrength,
  strengthText,
  temperatureText,
} from './measure'

const strength = (written: string): Strength => {
  const reading = readStrength(written)
  if (reading.kind === 'refused') throw new Error(reading.fault.code)
  return reading.value
}

describe('amounts of what acts', () => {
  it.each([
    ['500 mg', 'mg', 500_000],
    ['0.15 mg', 'mg', 150],
    ['250 µg', 'mg', 250],
    ['250 mcg', 'mg', 250],
    ['1 g', 'mg', 1_000_000],
    ['2,5 mg', 'mg', 2500],
    ['400 IU', 'IU', 400_000],
  ] as const)('%s', (written, unit, thousandths) => {
    expect(readMeasure(written)).toEqual({ kind: 'read', value: { unit, thousandths } })
  })
  it.each([
    ['', 'no_number'],
    ['mg', 'no_number'],
    ['5', 'no_unit'],
    ['5 mL', 'unit'],
    ['5 tablets', 'unit'],
    ['-5 mg', 'negative'],
    ['1,000 mg', 'comma_two_ways'],
    ['0.0001 mg', 'too_fine'],
    ['5 kg', 'unit'],
    ['9999999 g', 'too_much'],
    ['0 mg', 'nothing'],
  ])('%s is refused: %s', (written, code) => {
    const reading = readMeasure(written)
    expect(reading.kind === 'refused' && reading.fault.code).toBe(code)
  })
  it('are read back from what is shown', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 900_000_000 }), (thousandths) => {
        expect(readMeasure(measureText({ unit: 'mg', thousandths }))).toEqual({
          kind: 'read',
          value: { unit: 'mg', thousandths },
        })
      }),
    )
  })
})

describe('volumes', () => {
  it.each([
    ['5 mL', 5000],
    ['2.5 cc', 2500],
    ['1 tsp', 5000],
    ['1 tbsp', 15_000],
    ['1 L', 1_000_000],
    ['1 cup', 236_600],
    ['0.3 ml', 300],
  ])('%s is %d µL', (written, microlitres) => {
    expect(readVolume(written)).toEqual({ kind: 'read', value: microlitres })
  })
  it('are no weights', () => {
    expect(readVolume('5 mg').kind).toBe('refused')
  })
})

describe('strengths', () => {
  it.each(['160 mg/5 mL', '100 mg / 5 ml', '12.5 mg/5 mL', '1 mg/mL', '500 mg', '100 µg/puff'])(
    '%s',
    (written) => {
      expect(readStrength(written).kind).toBe('read')
    },
  )
  it.each(['', '7.5 cm', '2 %', '5 mL', '160 mg/5 kg'])('%s is none', (written) => {
    expect(readStrength(written).kind).toBe('refused')
  })
  it('are the same where they say the same', () => {
    expect(sameStrength(strength('160 mg/5 mL'), strength('32 mg/mL'))).toBe(true)
    expect(sameStrength(strength('160 mg/5 mL'), strength('100 mg/5 mL'))).toBe(false)
    expect(sameStrength(strength('500 mg'), strength('0.5 g'))).toBe(true)
    expect(sameStrength(strength('500 mg'), strength('500 IU'))).toBe(false)
    expect(strengthText(strength('160 mg/5 mL'))).toBe('160 mg in 5 mL')
  })
})

describe('temperatures', () => {
  it.each([
    ['39.2', 'metric', 3920],
    ['102.6 F', 'metric', 3922],
    ['98.6', 'us', 3700],
    ['40,5 °C', 'us', 4050],
  ] as const)('%s in %s', (written, units, hundredths) => {
    expect(readTemperature(written, units)).toEqual({ kind: 'read', value: hundredths })
  })
  it('a number that only the other unit can mean is asked about', () => {
    const asked = (written: string, units: 'metric' | 'us') => {
      const reading = readTemperature(written, units)
      return reading.kind === 'refused' ? reading.fault : reading
    }
    expect(asked('102', 'metric')).toEqual({ code: 'other_unit', unit: '°F', as: 3889 })
    expect(asked('38.5', 'us')).toEqual({ code: 'other_unit', unit: '°C', as: 3850 })
    // What was written with its unit is a slip, and is never read as the other one.
    expect(asked('102 °C', 'metric')).toMatchObject({ code: 'too_much' })
    expect(asked('60', 'metric')).toMatchObject({ code: 'other_unit' })
  })
  it('that no body has are another unit, or a slip', () => {
    for (const written of ['102', '4', '392'])
      expect(readTemperature(written, 'metric').kind).toBe('refused')
    expect(temperatureText(3922 as never, 'us')).toBe('102.6 °F')
    expect(temperatureText(3920 as never, 'metric')).toBe('39.2 °C')
  })
})

describe('exact numbers', () => {
  it('do not drift', () => {
    expect(exact(1, 10).add(exact(2, 10)).equals(exact(3, 10))).toBe(true)
    expect(exactText(exact(1, 3), 3)).toBe('0.333…')
    expect(exactText(exact(22_400, 1000), 2)).toBe('22.4')
    expect(exactText(exact(7), 2)).toBe('7')
    expect(thousandthsText(12_500)).toBe('12.5')
  })
})

describe('a liquid in every measure that a label prints', () => {
  it.each([
    ['1 dl', 100_000],
    ['1 l', 1_000_000],
    ['2 litres', 2_000_000],
    ['2 liters', 2_000_000],
    ['33 cl', 330_000],
    ['5 mls', 5000],
    ['2.5 mL', 2500],
    ['10 cc', 10_000],
    ['500 µl', 500],
    ['1 tsp', 5000],
    ['2 teaspoons', 10_000],
    ['1 tbsp', 15_000],
    ['1 cup', 236_600],
    ['1 fl oz', 29_570],
  ])('%s', (written, microlitres) => {
    expect(readVolume(written)).toEqual({ kind: 'read', value: microlitres })
  })
})
