import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { plainText, slipsAllowed, slipsWithin, stem } from './plainText'
import { spellingOf } from './spelling'

describe('a name as it is compared', () => {
  it.each([
    ['Paracetamol 250mg/5mls, sugar-free', 'paracetamol 250 mg/5 ml, sugar-free'],
    ['Crème 2,5%', 'creme 2.5 %'],
    ['10 × 10 cm', '10 x 10 cm'],
    ['100 µg', '100 ug'],
    ['50 micrograms', '50 ug'],
    ['5 millilitres', '5 ml'],
    ['5 c.c.', '5 ml'],
    ['500 milligrammes', '500 mg'],
    ['70 per cent', '70 %'],
    ['70 pct', '70 %'],
    ['child’s', 'childs'],
    ['1–2', '1-2'],
    ['12,500', '12,500'],
    ['  a   b ', 'a b'],
  ])('%j is %j', (written, plain) => {
    expect(plainText(written)).toBe(plain)
  })
  it('is the same when it is made plain once more', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 40 }), (text) => {
        const once = plainText(text)
        expect(plainText(once)).toBe(once)
      }),
    )
  })
})

describe('one and many', () => {
  it.each([
    ['tablets', 'tablet'],
    ['batteries', 'battery'],
    ['patches', 'patch'],
    ['boxes', 'box'],
    ['dressings', 'dressing'],
    ['gas', 'gas'],
    ['gauzes', 'gauze'],
    ['virus', 'virus'],
    ['glass', 'glass'],
    ['tourniquet', 'tourniquet'],
    ['bus', 'bus'],
    ['ties', 'tie'],
  ])('%s: %s', (word, one) => {
    expect(stem(word)).toBe(one)
  })
})

describe('slips of spelling', () => {
  it.each([
    ['paracetamol', 'paracetamol', 0, true],
    ['paracetmol', 'paracetamol', 1, true],
    ['paracetamoll', 'paracetamol', 1, true],
    ['paracetanol', 'paracetamol', 1, true],
    ['praacetamol', 'paracetamol', 1, true],
    ['paracetmol', 'paracetamol', 0, false],
    ['parcetmol', 'paracetamol', 1, false],
    ['parcetmol', 'paracetamol', 2, true],
    ['', 'ab', 2, true],
    ['', 'abc', 2, false],
  ])('%s for %s within %i: %s', (a, b, most, within) => {
    expect(slipsWithin(a, b, most)).toBe(within)
    expect(slipsWithin(b, a, most)).toBe(within)
  })
  it.each([
    ['gauze', 0],
    ['gauzes', 1],
    ['dressing', 1],
    ['tourniquet', 2],
  ])('%s may have %i', (word, most) => {
    expect(slipsAllowed(word)).toBe(most)
  })
  it('one letter taken away is one slip, wherever it stood', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[a-z]{2,12}$/), fc.nat(11), (word, at) => {
        const shorter = word.slice(0, at % word.length) + word.slice((at % word.length) + 1)
        expect(slipsWithin(shorter, word, 1)).toBe(true)
        expect(slipsWithin(shorter, word, 0)).toBe(false)
      }),
    )
  })
})

describe('words brought back to the catalogue', () => {
  const spelling = spellingOf(
    new Set(['paracetamol', 'dressing', 'wound', 'eye', 'wash', 'plaster', 'blaster']),
  )
  it.each([
    ['paracetamol', ['paracetamol']],
    ['paracetmol', ['paracetamol']],
    ['dresing', ['dressing']],
    ['eyewash', ['eye', 'wash']],
    ['zzzzzzzz', ['zzzzzzzz']],
    ['500', ['500']],
    ['eye', ['eye']],
  ])('%s: %j', (word, words) => {
    expect(spelling.corrected(word)).toEqual(words)
    // What was found once is found again.
    expect(spelling.corrected(word)).toEqual(words)
  })
  it('a slip that leads to two words leads to none', () => {
    expect(spelling.corrected('tlaster')).toEqual(['tlaster'])
  })
  it('knows which words are right as they stand', () => {
    expect([spelling.has('wound'), spelling.has('wounds')]).toEqual([true, false])
  })
})
