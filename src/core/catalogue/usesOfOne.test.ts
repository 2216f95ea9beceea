/** Uses follow the unit that the household counts in; over-counting is false cover. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE, catalogue } from './catalogue'
import { itemFacts } from './itemFacts'
import { usesOfOne } from './usesOfOne'

const entry = (id: string) => {
  const found = catalogue().get(id)
  if (!found) throw new Error(id)
  return found
}
const uses = (id: string, unit: string, name = entry(id).name, strength = entry(id).strength) =>
  usesOfOne({ name, strength, unit }, entry(id), {})

describe('how many uses one gives', () => {
  it('is the entry’s own where the unit is', () => {
    for (const one of CATALOGUE)
      expect([one.id, uses(one.id, one.unit)]).toEqual([
        one.id,
        expect.objectContaining({ uses: one.uses, isKnown: true }),
      ])
  })
  it('of a bottle counted in millilitres is a millilitre’s part of it', () => {
    const { uses: whole, millilitres } = entry('saline-bottle')
    const { uses: one } = uses('saline-bottle', 'mL')
    expect(one * (millilitres ?? 500)).toBeCloseTo(whole)
    expect(uses('peroxide', 'mL').uses * 200).toBeCloseTo(24)
  })
  it('the millilitres of a rinse are no wipes', () => {
    const { uses: one, isKnown } = uses('antiseptic-wipes', 'mL')
    expect(isKnown).toBe(false)
    expect(one * 100).toBeLessThan(1)
  })
  it('litres of water lose nothing', () => {
    expect(uses('water-bottle', 'L')).toMatchObject({ uses: 1, isKnown: true })
    expect(uses('water-bottle', 'bottle').uses).toBe(0.5)
    expect(uses('water-bottle', 'bottle', 'Water', '1 L').uses).toBe(1)
  })
  it('a larger bottle gives more, in proportion', () => {
    const small = uses('acetaminophen-liquid', 'bottle', 'Paracetamol liquid 60 mL', '160 mg/5 mL')
    expect(small).toMatchObject({ uses: 6, millilitres: 60 })
  })
  it('a larger syringe or bag gives no more: its litres are its size', () => {
    for (const [id, strength] of [
      ['oral-syringe-5', '10 mL'],
      ['zip-bags', '3 L'],
    ] as const)
      expect(uses(id, '', entry(id).name, strength)).toMatchObject({
        uses: entry(id).uses,
        millilitres: null,
      })
  })
  it('a box of pieces is at least one, and asked about', () => {
    expect(uses('plasters', 'box')).toMatchObject({ isKnown: false, uses: 1 })
    expect(uses('dog-food', '').isKnown).toBe(false)
  })
  it('is what the household says, whatever the unit', () => {
    expect(
      usesOfOne({ name: 'Pads', strength: '', unit: 'box' }, entry('gauze'), { uses: 25 }),
    ).toMatchObject({
      uses: 25,
      isKnown: true,
    })
  })
  it('an unknown unit never gives more than the entry’s own', () => {
    fc.assert(
      fc.property(fc.constantFrom(...CATALOGUE), fc.stringMatching(/^[a-z]{3,9}$/), (one, unit) => {
        const found = uses(one.id, unit)
        if (!found.isKnown) expect(found.uses).toBeLessThanOrEqual(Math.max(1, one.uses))
      }),
    )
  })
})

describe('what a name says is in it', () => {
  it('counts as contained until the keeper says otherwise', () => {
    const item = {
      kind: 'medicine',
      name: 'Throat drops with honey and xylitol',
      strength: '',
      unit: '',
    } as const
    expect(itemFacts(item, null, {}).substances).toEqual(['honey', 'xylitol'])
    expect(itemFacts(item, null, { contains: ['honey'] }).substances).toEqual(['honey'])
    expect(itemFacts({ ...item, name: 'Gloves, latex-free' }, null, {}).substances).toEqual([])
  })
  it('beside its entry is told apart from what the entry holds', () => {
    const facts = itemFacts(
      { kind: 'medicine', name: 'Paracetamol and codeine', strength: '500 mg', unit: 'tablet' },
      entry('acetaminophen-500'),
      {},
    )
    expect(facts.acting).toEqual(['acetaminophen'])
    expect(facts.named).toEqual(['codeine'])
  })
})
