import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { firstHouseholdName } from './householdName'

describe('what a household is called at first', () => {
  it('is its owner’s', () => expect(firstHouseholdName('Nadia')).toBe('Nadia’s household'))
  it('fits the record whatever the owner is called, and is never blank', () => {
    expect(firstHouseholdName('N'.repeat(109))).toHaveLength(120)
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 400 }), (owner) => {
        const name = firstHouseholdName(owner)
        expect(name.length).toBeLessThanOrEqual(120)
        expect(name.trim()).not.toBe('')
        expect(name).toMatch(/household$/)
      }),
    )
  })
})
