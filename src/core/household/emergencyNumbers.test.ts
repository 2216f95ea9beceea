import { describe, expect, it } from 'vitest'
import { EMERGENCY_NUMBERS, numbersToCall } from './emergencyNumbers'

const household = (change: object) => ({
  country: 'NO',
  emergencyNumber: '',
  poisonNumber: '',
  ...change,
})

describe('whom to call', () => {
  it('is by the country, until the household says otherwise', () => {
    expect(numbersToCall(household({}))).toEqual({ emergency: '113', poison: '22 59 13 00' })
    expect(numbersToCall(household({ emergencyNumber: '112' }))).toEqual({
      emergency: '112',
      poison: '22 59 13 00',
    })
    expect(numbersToCall(household({ poisonNumber: '555' })).poison).toBe('555')
  })
  it('where no public line is known, none is made up', () => {
    expect(numbersToCall(household({ country: 'DE' }))).toEqual({ emergency: '112', poison: null })
  })
  it.each(['', 'XX'])('of country %j nobody knows a number', (country) => {
    expect(numbersToCall(household({ country }))).toEqual({ emergency: null, poison: null })
  })
  it('each country stands once, under two letters, with a number that can be dialled', () => {
    const codes = EMERGENCY_NUMBERS.map(({ country }) => country)
    expect(new Set(codes).size).toBe(codes.length)
    for (const { country, emergency, poison } of EMERGENCY_NUMBERS) {
      expect(country).toMatch(/^[A-Z]{2}$/)
      expect(emergency).toMatch(/^\d{2,3}(?: or \d{2,3})?$/)
      if (poison !== null) expect(poison).toMatch(/^[\d ]{3,}$/)
    }
  })
})
