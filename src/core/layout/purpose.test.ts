import { describe, expect, it } from 'vitest'
import { goodsOfEntry } from '../../../tests/support/layout'
import { catalogue } from '../catalogue/catalogue'
import { isForOthers, type Named, purposeOf, saysNothing, underLabel } from './purpose'

const MEMBERS: readonly Named[] = [
  { id: 'm', name: 'Moth', species: 'cat' },
  { id: 'r', name: 'Ruben', species: 'person' },
  { id: 'o', name: 'Old Tom', species: 'horse' },
]

const goods = (id: string) => {
  const entry = catalogue().get(id)
  if (!entry) throw new Error(`The catalogue has no ${id}`)
  return goodsOfEntry(entry)
}

describe('a label says', () => {
  it.each([
    ['Pouch B · fever, pain', 'ibuprofen-200', 'named'],
    ['Pouch B · fever, pain', 'thermometer', 'named'],
    ['Pouch B · fever, pain', 'gauze', 'other'],
    ['Small WOUNDS', 'plasters', 'named'],
    ['Cuts', 'tourniquet-windlass', 'named'],
    // First of all a sling, though it may hold a dressing.
    ['Wounds', 'triangular-bandage', 'other'],
    ['Tray 2', 'gauze', 'plain'],
    ['Drops and creams', 'hydrocortisone-1', 'named'],
    ['Drops and creams', 'eye-drops-lubricating', 'named'],
    ['Medicines', 'loperamide-2', 'named'],
    ['Medicines', 'plasters', 'other'],
    // Words of needs and roles, which no table of topics lists.
    ['Whistle', 'whistle', 'named'],
    ['Spare muzzle', 'muzzle', 'named'],
    ['Foot · animals', 'muzzle', 'named'],
    ['Foot · animals', 'gauze', 'plain'],
    ['Moth', 'gauze', 'plain'],
    // The cat's own, and what serves every animal.
    ['Moth', 'cat-muzzle', 'named'],
    ['Moth', 'tick-guard', 'plain'],
    ['Moth', 'recovery-food', 'plain'],
  ] as const)('“%s” of %s: %s', (label, id, standing) => {
    expect(underLabel(goods(id), [], purposeOf(label, MEMBERS))).toBe(standing)
  })
  it('whom it is for: a member by the whole name, a species, an age', () => {
    expect(purposeOf('Moth and Ruben', MEMBERS)).toMatchObject({
      members: ['m', 'r'],
      species: ['cat', 'person'],
    })
    expect(purposeOf('Old Tom', MEMBERS).members).toEqual(['o'])
    expect(purposeOf('Old things', MEMBERS).members).toEqual([])
    expect(purposeOf('Mothballs', MEMBERS).members).toEqual([])
    expect(purposeOf('Top shelf · children').ages).toBe('children')
    expect(purposeOf('Grown-ups').ages).toBe('adults')
    expect(purposeOf('Children and grown-ups').ages).toBeNull()
  })
  it.each([
    'Waiting for an answer',
    'To return',
    'Expired',
    'On hold',
    'Ask the vet',
    'Out of date',
  ])('“%s” keeps what waits', (label) => {
    expect(purposeOf(label).waits).toBe(true)
  })
  it.each(['Hand-held things', 'Masks and baskets', 'Cabinet', 'Wounds'])(
    '“%s” keeps nothing that waits',
    (label) => {
      expect(purposeOf(label).waits).toBe(false)
    },
  )
  it('nothing, where it only says which pocket it is', () => {
    expect(['Tray 2', 'Lid', 'Main room', 'Drawer 1', 'B'].every(saysNothing)).toBe(true)
    expect(['Pouch B · fever', 'Moth', 'Comfort'].some(saysNothing)).toBe(false)
  })
})

describe('for others', () => {
  const isFor = (id: string, label: string, whose: readonly string[] = []): boolean =>
    !isForOthers(goods(id), whose, purposeOf(label, MEMBERS))
  it.each([
    ['a people’s thing among the animals’', 'spacer', 'Foot · animals', false],
    ['an animal’s thing among the people’s', 'muzzle', 'People', false],
    ['a thing for both', 'gauze', 'Foot · animals', true],
    ['a dog’s thing in the cat’s pocket, where it harms nobody', 'recovery-food', 'Moth', true],
    ['a grown-up’s medicine among the children’s', 'naproxen-220', 'Children', false],
    ['tablets of a schoolchild among the children’s', 'cetirizine-10', 'Children', false],
    ['a syrup among the grown-ups’', 'ibuprofen-liquid', 'Grown-ups', false],
    ['plasters among the children’s', 'plasters', 'Children', true],
  ])('%s: %s in “%s” is at home: %s', (_, id, label, home) => {
    expect(isFor(id, label)).toBe(home)
  })
  it('one member’s own in another’s pocket, and nobody’s in anybody’s', () => {
    expect(isFor('gauze', 'Ruben', ['r'])).toBe(true)
    expect(isFor('gauze', 'Ruben', ['m'])).toBe(false)
    expect(isFor('gauze', 'Ruben')).toBe(true)
  })
})
