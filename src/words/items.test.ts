/** What things are: every difference between a name and the catalogue from an example of it. */
import { describe, expect, it } from 'vitest'
import { aThing } from '../../tests/support/cover'
import { catalogue } from '../core/catalogue/catalogue'
import type { ItemFacts } from '../core/catalogue/itemFacts'
import { SPECIES } from '../core/household/species'
import type { Difference } from '../core/naming/differences'
import { items, matching, verdict } from './items'

const facts = (change: object): ItemFacts => {
  const [first] = catalogue().keys()
  return { ...aThing(first ?? '').facts, ...change } as ItemFacts
}
const says = (change: object, unit = 'pad') => items.countsAs(facts(change), unit)

describe('how many wait', () => {
  it.each([
    [0, 'Every thing is known', 'Every item is known'],
    [1, 'One thing waits for your word', 'One item is not matched yet'],
    [5, '5 things wait for your word', '5 items are not matched yet'],
  ])('%i', (open, thing, item) => {
    expect([items.headline(open), matching.headline(open)]).toEqual([thing, item])
  })
  it.each([
    [1, 'One is sure', 'Confirm this one', 'One is asked', 'One is not in the catalogue'],
    [3, '3 are sure', 'Confirm these 3', '3 are asked', '3 are not in the catalogue'],
  ])('%i of each kind', (count, ...said) => {
    expect([
      items.sure(count),
      items.confirmSure(count),
      items.asked(count),
      items.unknown(count),
    ]).toEqual(said)
  })
})

describe('what a thing counts as', () => {
  it.each([
    [{ species: [...SPECIES], fromMonths: 0 }, 'for everybody'],
    [{ species: SPECIES.filter((one) => one !== 'person'), fromMonths: 0 }, 'for animals only'],
    [{ species: ['person'], fromMonths: 0 }, 'for people'],
    [{ species: ['dog', 'cat'], fromMonths: 0 }, 'for dogs, cats'],
    [{ species: ['person'], fromMonths: 24 }, 'for people from 2 years'],
    [{ species: ['person'], fromMonths: 6 }, 'for people from 6 months'],
  ])('%j', (madeFor, said) => {
    expect(says({ madeFor })[1]).toBe(said)
  })
  it('how many uses one gives, where somebody knows and it is not one', () => {
    const uses = (change: object, unit?: string) =>
      says(change, unit).find((line) => line.startsWith('one '))
    expect(uses({ uses: 7.05, usesKnown: true })).toBe('one pad gives 7.1 uses')
    expect(uses({ uses: 12.9, usesKnown: true })).toBe('one pad gives 12 uses')
    expect(uses({ uses: 7, usesKnown: true }, '')).toBe('one piece gives 7 uses')
    expect(uses({ uses: 7, usesKnown: false })).toBeUndefined()
    expect(uses({ uses: 1, usesKnown: true })).toBeUndefined()
  })
  it('what is in it, for whoever must not have it', () => {
    expect(says({ substances: ['ibuprofen'] })).toContain('contains ibuprofen')
    expect(says({ substances: [] }).join()).not.toContain('contains')
  })
})

describe('why a name is asked about', () => {
  const DIFFERENCES: Readonly<Record<Difference['code'], readonly [object, string]>> = {
    substance_missing: [{ substance: 'ibuprofen' }, 'the name does not say ibuprofen'],
    strength_missing: [{}, 'the name does not say how strong it is'],
    strength_unlisted: [{}, 'this strength is not listed'],
    size: [{}, 'another size'],
    size_missing: [{}, 'the name does not say how much it holds'],
    material_missing: [{}, 'the name does not say whether it holds latex'],
    doubtful: [{}, 'the name says that it is old, opened or doubtful'],
    word: [{ word: 'zing' }, '“zing” is not understood'],
    says_less: [{ word: 'sterile' }, 'the name does not say “sterile”'],
    substance: [{ substance: 'ibuprofen' }, 'it names ibuprofen'],
    mixture: [{ word: 'caffeine' }, 'it is mixed with “caffeine”'],
    strength: [{}, 'it is another strength'],
    form: [{ form: 'syrup' }, 'its form is another one: syrup'],
    route: [{ route: 'eye' }, 'it is used another way: eye'],
    species: [{}, 'it is made for somebody else'],
    age: [{ word: 'infant' }, 'it is made for another age: “infant”'],
    without: [{ word: 'latex' }, 'it is without latex'],
    variant: [{ word: 'forte' }, '“forte” makes it another product'],
    no_evidence: [{}, 'it is a remedy without evidence'],
    not_real: [{}, 'it is for practice'],
  }
  it.each(Object.entries(DIFFERENCES))('%s', (code, [more, said]) => {
    expect(items.open({ code, ...more } as Difference)).toBe(said)
  })
  it.each([
    ['size-xl', 'the name does not say size XL'],
    ['is:sterile', 'the name does not say “sterile”'],
    ['not:latex', 'the name does not say “latex-free”'],
  ])('says less: %s', (word, said) => {
    expect(items.open({ code: 'says_less', word } as Difference)).toBe(said)
  })
  it('no two of them are said alike', () => {
    const said = Object.values(DIFFERENCES).map(([, words]) => words)
    expect(new Set(said).size).toBe(said.length)
  })
  it('a thing that is held says that it is', () => {
    expect(items.doubt.unidentified).toContain('it stays on hold')
    expect(items.doubt.left_over).toContain('it stays on hold')
    expect(items.scoredUnknown).toBe('nobody has looked: do not cut it')
  })
})

describe('what is asked and pressed', () => {
  it('names the thing', () => {
    expect(items.notOffered('Gauze', 'another size')).toBe('Not Gauze: another size.')
    expect(items.howManyUses('Gauze', '')).toBe('It is Gauze. How many uses does one piece give?')
    expect(items.usesLabel('pad')).toBe('Uses that one pad gives')
    expect(items.choose('Gauze', 'none')).toBe('Gauze: none')
    expect(matching.keeps(2, 8, true)).toBe('keeps at 2–8 °C, never frozen')
    expect(matching.keeps(15, 25, false)).toBe('keeps at 15–25 °C')
    expect(matching.matched(2)).toBe('2 items matched')
    expect(verdict.none).toBe('No complaint')
  })
})
