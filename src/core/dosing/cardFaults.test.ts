import { describe, expect, it } from 'vitest'
import { plainDate } from '../calendar/plainDate'
import type { Species } from '../household/species'
import type { Band, DoseAmount, DoseCard } from './card'
import { cardFaults } from './cardFaults'

const today = plainDate('2026-11-28')
const mg = (thousandths: number): DoseAmount =>
  ({ kind: 'measure', measure: { unit: 'mg', thousandths } }) as DoseAmount
const tablets = (thousandths: number, unit = 'tablet'): DoseAmount =>
  ({ kind: 'portion', portion: { unit, thousandths } }) as DoseAmount
const rate = (thousandths: number): DoseAmount =>
  ({ kind: 'rate', perKg: { unit: 'mg', thousandths } }) as DoseAmount
const poundRate = (thousandths: number): DoseAmount =>
  ({ kind: 'pound_rate', perPound: { unit: 'mg', thousandths } }) as DoseAmount

const band = (change: Partial<Band> = {}): Band =>
  ({
    printed: 'adults',
    grams: null,
    months: null,
    amount: mg(5000),
    upTo: null,
    afterFirst: null,
    again: 480,
    mostDoses: 3,
    most: null,
    ...change,
  }) as Band
type Card = Omit<DoseCard, 'id' | 'version'>
const card = (change: object = {}): Card =>
  ({
    about: { kind: 'substance', substance: 'cetirizine' },
    for: { kind: 'members', memberIds: ['x'] },
    name: 'Itch tablets',
    unit: 'tablet',
    strength: { kind: 'piece', holds: { unit: 'mg', thousandths: 10_000 } },
    cuts: 1,
    bands: [band()],
    largest: null,
    purpose: '',
    days: null,
    notWith: [],
    notWithUnderYears: null,
    stop: [],
    directions: '',
    source: { kind: 'doctor', who: 'Dr Aske', on: today },
    reviewOn: null,
    endsOn: null,
    confirmed: null,
    ...change,
  }) as unknown as Card
const codes = (change: object = {}, species: readonly Species[] = ['person']) =>
  cardFaults(card(change), species, today).map(({ code }) => code)
const ofBand = (change: Partial<Band>, more: object = {}) =>
  codes({ bands: [band(change)], ...more })
const said = (change: object) => ({
  source: { kind: 'doctor', who: 'Dr Aske', on: today, ...change },
})

describe('a rule without a fault', () => {
  it('has none', () => {
    expect(codes()).toEqual([])
    expect(codes(said({ kind: 'vet' }), ['dog'])).toEqual([])
    expect(codes(said({ kind: 'vet' }), ['dog', 'dog'])).toEqual([])
  })
})

describe('for whom, and who says so', () => {
  it.each([
    ['nobody', {}, [], ['nobody']],
    ['a vet for a person', said({ kind: 'vet' }), ['person'], ['vet_for_person']],
    ['a doctor for a dog', {}, ['dog'], ['needs_vet']],
    ['a dog and a cat', said({ kind: 'vet' }), ['dog', 'cat'], ['mixed_species']],
    ['a dog and a person', said({ kind: 'vet' }), ['dog', 'person'], ['mixed_species']],
    ['a label of our own', said({ kind: 'label' }), ['person'], ['labels_ship']],
    ['everybody', { for: { kind: 'people' } }, ['person'], ['labels_ship']],
    ['nobody who says it', said({ who: ' ' }), ['person'], ['who_says']],
    ['no day', said({ on: null }), ['person'], ['said_when']],
    ['a day to come', said({ on: '2026-11-29' }), ['person'], ['said_in_future']],
    ['an end before it was said', { endsOn: '2026-11-27' }, ['person'], ['ends_before_said']],
  ] as const)('%s', (_, change, species, faults) => {
    expect(codes(change, species)).toEqual(faults)
  })
  it('an end on the day it was said is an end', () => {
    expect(codes({ endsOn: today })).toEqual([])
    expect(codes(said({ on: today }))).toEqual([])
  })
  it('a word against a warning is whose and why', () => {
    const confirmed = { who: 'Dr Aske', on: today, why: 'watched' }
    expect(codes({ confirmed })).toEqual([])
    expect(codes({ confirmed: { ...confirmed, who: ' ' } })).toEqual(['confirmation_incomplete'])
    expect(codes({ confirmed: { ...confirmed, why: '' } })).toEqual(['confirmation_incomplete'])
  })
})

describe('strength and form', () => {
  const liquid = { kind: 'liquid', holds: { unit: 'mg', thousandths: 160_000 }, in: 5000 }
  it('a liquid is measured in millilitres, a piece is not', () => {
    expect(codes({ unit: 'mL' })).toContain('form_differs')
    expect(codes({ strength: liquid })).toContain('form_differs')
    expect(codes({ strength: liquid, unit: 'mL' })).toEqual([])
  })
  it('what is weighed out needs a strength, what is counted does not', () => {
    expect(codes({ strength: null })).toEqual(['needs_strength'])
    expect(ofBand({ amount: tablets(1000) }, { strength: null })).toEqual([])
    expect(ofBand({ amount: tablets(1000), most: tablets(4000) }, { strength: null })).toEqual([
      'needs_strength',
    ])
    expect(ofBand({ amount: rate(500) }, { strength: null })).toEqual(['needs_strength'])
    expect(ofBand({ amount: poundRate(500) }, { strength: null })).toEqual(['needs_strength'])
  })
  it('in the unit of the strength', () => {
    const iu = { kind: 'measure', measure: { unit: 'IU', thousandths: 5 } } as never
    expect(ofBand({ amount: iu })).toEqual(['unit_differs'])
  })
  it('a portion is of the card’s own form', () => {
    expect(ofBand({ amount: tablets(1000, 'mL') })).toEqual(['form_differs'])
  })
  it('is given again after some time', () => {
    expect(ofBand({ again: 0 as never })).toEqual(['no_interval'])
  })
})

describe('limits', () => {
  const KINDS = [
    ['mg', mg],
    ['tablets', tablets],
    ['mg a kilogram', rate],
    ['mg a pound', poundRate],
  ] as const
  it.each(KINDS)('%s: a limit is not below the dose; the same is no fault', (_, of) => {
    expect(ofBand({ amount: of(5000), most: of(4999) })).toEqual(['limit_below_dose'])
    expect(ofBand({ amount: of(5000), most: of(5000) })).toEqual([])
    expect(ofBand({ amount: of(5000), upTo: of(4999) })).toEqual(['raised_below_dose'])
    expect(ofBand({ amount: of(5000), upTo: of(5000) })).toEqual([])
  })
  it('what cannot be compared is not called less', () => {
    expect(ofBand({ amount: mg(5000), most: tablets(1) })).toEqual([])
    expect(ofBand({ amount: rate(5000), most: mg(1) })).toEqual([])
  })
  it('the largest ever is not below the dose', () => {
    const largest = { unit: 'mg', thousandths: 4999 }
    expect(codes({ largest })).toEqual(['largest_below_dose'])
    expect(codes({ largest: { unit: 'mg', thousandths: 5000 } })).toEqual([])
    expect(codes({ largest: { unit: 'g', thousandths: 1 } })).toEqual([])
  })
})

describe('lines that would both fit somebody', () => {
  const lines = (a: Partial<Band>, b: Partial<Band>) =>
    cardFaults(
      card({ bands: [band({ printed: 'first', ...a }), band({ printed: 'second', ...b })] }),
      ['person'],
      today,
    )
  const grams = (from: number, to: number) => ({ grams: { from, to } })
  const months = (from: number, below: number | null) => ({ months: { from, below } })
  it.each([
    ['weights apart', grams(5000, 9999), grams(10_000, 20_000), false],
    ['weights that touch', grams(5000, 10_000), grams(10_000, 20_000), true],
    ['one inside the other', grams(5000, 30_000), grams(10_000, 20_000), true],
    ['ages apart', months(24, 48), months(48, 72), false],
    ['ages that overlap by a month', months(24, 49), months(48, 72), true],
    ['an age without an end', months(24, null), months(48, 72), true],
    ['an age without an end, later', months(24, 48), months(48, null), false],
    ['no age and any age', {}, months(48, 72), true],
  ] as const)('%s: %s', (_, a, b, overlap) => {
    expect(lines(a, b)).toEqual(overlap ? [{ code: 'bands_overlap', printed: 'first' }] : [])
  })
})
