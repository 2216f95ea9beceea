/** Who must not have what, case by case, by name. */
import { describe, expect, it } from 'vitest'
import { aMember, aPerson, whyNot } from '../../../tests/support/cover'
import { plainDate } from '../calendar/plainDate'
import type { AnimalFacts, Member, PersonFacts } from '../household/member'
import { RULES, ruleFaults } from './rules'
import { allergyFaults } from './suitability'

const adult = (facts: Partial<PersonFacts> = {}) => aPerson(40, { kg: 70, facts })
const agreed = (
  substance: AnimalFacts['agreed'][number]['substance'],
  confirmedAgainstWarning = false,
): Partial<AnimalFacts> => ({
  agreed: [
    {
      substance,
      words: 'As written',
      vet: 'Dr Fenwick',
      on: plainDate('2026-05-03'),
      confirmedAgainstWarning,
    },
  ],
})

/** What, for whom, and the reasons that must be among those given; an empty list means that it suits. */
const CASES: readonly (readonly [string, string, Member, readonly string[]])[] = [
  ['aspirin, a fifteen-year-old', 'aspirin-325', aPerson(15), ['aspirin-young', 'too_young']],
  ['aspirin, an adult', 'aspirin-325', adult(), []],
  [
    'aspirin, with a blood thinner',
    'aspirin-325',
    adult({ bloodThinner: true }),
    ['aspirin-thinner'],
  ],
  [
    'bismuth subsalicylate, under twelve',
    'bismuth-262',
    aPerson(11),
    ['bismuth-young', 'too_young'],
  ],
  [
    'bismuth subsalicylate, aspirin allergy',
    'bismuth-262',
    adult({ allergies: [{ kind: 'substance', substance: 'aspirin' }] }),
    ['bismuth-aspirin-allergy'],
  ],
  [
    'ibuprofen liquid, a baby of five months',
    'ibuprofen-liquid',
    aPerson(0.4, { kg: 7 }),
    ['nsaid-infant', 'too_young'],
  ],
  [
    'ibuprofen, with a blood thinner',
    'ibuprofen-200',
    adult({ bloodThinner: true }),
    ['nsaid-thinner'],
  ],
  [
    'ibuprofen, kidney disease',
    'ibuprofen-200',
    adult({ conditions: ['kidney-disease'] }),
    ['nsaid-kidney'],
  ],
  [
    'naproxen, stomach ulcer',
    'naproxen-220',
    adult({ conditions: ['stomach-ulcer'] }),
    ['nsaid-ulcer'],
  ],
  [
    'ibuprofen, late pregnancy',
    'ibuprofen-200',
    adult({ pregnancy: 'late' }),
    ['nsaid-late-pregnancy'],
  ],
  [
    'ibuprofen, early pregnancy has no rule of ours',
    'ibuprofen-200',
    adult({ pregnancy: 'early' }),
    [],
  ],
  [
    'ibuprofen, asthma that aspirin sets off',
    'ibuprofen-200',
    adult({ conditions: ['aspirin-asthma'] }),
    ['nsaid-asthma'],
  ],
  [
    'ibuprofen, plain asthma: the label asks first',
    'ibuprofen-200',
    adult({ conditions: ['asthma'] }),
    ['ask-nsaid-asthma'],
  ],
  ['ibuprofen liquid, a three-year-old of 14 kg', 'ibuprofen-liquid', aPerson(3, { kg: 14 }), []],
  [
    'ibuprofen liquid, a two-year-old of 10 kg',
    'ibuprofen-liquid',
    aPerson(2.5, { kg: 10 }),
    ['too_light'],
  ],
  [
    'acetaminophen liquid, a one-year-old',
    'acetaminophen-liquid',
    aPerson(1.5, { kg: 11 }),
    ['too_young'],
  ],
  ['acetaminophen tablets, a ten-year-old', 'acetaminophen-500', aPerson(10), ['too_young']],
  [
    'acetaminophen tablets, who cannot swallow them',
    'acetaminophen-500',
    adult({ swallowsTablets: false }),
    ['cannot_swallow'],
  ],
  [
    'acetaminophen, with a blood thinner',
    'acetaminophen-500',
    adult({ bloodThinner: true }),
    ['ask-acetaminophen-thinner'],
  ],
  [
    'decongestant tablets, high blood pressure',
    'decongestant-tablet',
    adult({ conditions: ['high-blood-pressure'] }),
    ['decongestant-pressure'],
  ],
  [
    'decongestant spray, high blood pressure',
    'nose-spray-oxymetazoline',
    adult({ conditions: ['high-blood-pressure'] }),
    ['decongestant-pressure'],
  ],
  [
    'diphenhydramine liquid, a five-year-old',
    'diphenhydramine-liquid',
    aPerson(5),
    ['sedating-young', 'too_young'],
  ],
  ['cetirizine syrup, a three-year-old', 'cetirizine-syrup', aPerson(3), []],
  ['loperamide, a five-year-old', 'loperamide-2', aPerson(5), ['loperamide-young', 'too_young']],
  ['loperamide, a seven-year-old', 'loperamide-2', aPerson(7), []],
  [
    'benzocaine gel, a one-year-old',
    'numbing-gel',
    aPerson(1.5),
    ['benzocaine-young', 'too_young'],
  ],
  ['honey, ten months', 'honey', aPerson(0.83), ['honey-infant', 'too_young']],
  ['honey, two years', 'honey', aPerson(2), []],
  [
    'latex gloves, latex allergy',
    'gloves-latex',
    adult({ allergies: [{ kind: 'substance', substance: 'latex' }] }),
    ['allergy'],
  ],
  [
    'wrap with latex, latex allergy',
    'cohesive-wrap-latex',
    adult({ allergies: [{ kind: 'substance', substance: 'latex' }] }),
    ['allergy'],
  ],
  [
    'latex-free wrap, latex allergy',
    'cohesive-wrap',
    adult({ allergies: [{ kind: 'substance', substance: 'latex' }] }),
    [],
  ],
  [
    'plasters, adhesive allergy',
    'plasters',
    aPerson(2, { facts: { allergies: [{ kind: 'substance', substance: 'adhesive' }] } }),
    ['allergy'],
  ],
  [
    'plasters for sensitive skin, adhesive allergy',
    'plasters-sensitive',
    adult({ allergies: [{ kind: 'substance', substance: 'adhesive' }] }),
    [],
  ],
  [
    'energy bars, nut allergy',
    'energy-bars',
    aPerson(8, { facts: { allergies: [{ kind: 'substance', substance: 'nuts' }] } }),
    ['allergy'],
  ],
  [
    'energy bars, peanut allergy',
    'energy-bars',
    aPerson(8, { facts: { allergies: [{ kind: 'substance', substance: 'peanut' }] } }),
    ['allergy'],
  ],
  [
    'energy bars, another word that only sounds alike',
    'energy-bars',
    aPerson(8, { facts: { allergies: [{ kind: 'named', name: 'gybars' }] } }),
    [],
  ],
  [
    'energy bars, an allergy in other words',
    'energy-bars',
    aPerson(8, { facts: { allergies: [{ kind: 'named', name: 'Bars' }] } }),
    ['allergy'],
  ],
  ['acetaminophen, a cat', 'acetaminophen-500', aMember('cat'), ['cat-acetaminophen', 'unsigned']],
  ['ibuprofen, a cat', 'ibuprofen-liquid', aMember('cat'), ['cat-nsaid']],
  ['aspirin, a cat', 'aspirin-325', aMember('cat'), ['cat-nsaid']],
  ['permethrin on clothes, a cat', 'permethrin-clothing', aMember('cat'), ['cat-permethrin']],
  [
    'permethrin drops for dogs, a cat',
    'permethrin-spot-on',
    aMember('cat'),
    ['cat-permethrin', 'species'],
  ],
  ['benzocaine, a cat', 'throat-lozenges-numbing', aMember('cat'), ['cat-benzocaine']],
  ['tea tree oil, a cat', 'tea-tree-oil', aMember('cat'), ['cat-dog-tea-tree']],
  ['bismuth, a cat', 'bismuth-262', aMember('cat'), ['cat-bismuth']],
  ['decongestant, a dog', 'decongestant-tablet', aMember('dog'), ['cat-dog-decongestant']],
  ['ibuprofen, a dog', 'ibuprofen-200', aMember('dog'), ['dog-nsaid']],
  ['naproxen, a dog', 'naproxen-220', aMember('dog'), ['dog-nsaid']],
  ['acetaminophen, a dog', 'acetaminophen-500', aMember('dog'), ['dog-acetaminophen']],
  ['cough syrup with xylitol, a dog', 'cough-syrup', aMember('dog'), ['dog-xylitol']],
  [
    'loperamide, a collie type its vet agreed for',
    'loperamide-2',
    aMember('dog', { facts: { traits: ['collie-type'], ...agreed('loperamide') } }),
    ['collie-loperamide', 'not_confirmed'],
  ],
  [
    'loperamide, a collie type, confirmed a second time',
    'loperamide-2',
    aMember('dog', { facts: { traits: ['collie-type'], ...agreed('loperamide', true) } }),
    [],
  ],
  [
    'loperamide, another dog its vet agreed for',
    'loperamide-2',
    aMember('dog', { facts: agreed('loperamide') }),
    [],
  ],
  ['cetirizine, a dog without its vet’s rule', 'cetirizine-10', aMember('dog'), ['unsigned']],
  [
    'cetirizine, a dog with its vet’s rule',
    'cetirizine-10',
    aMember('dog', { facts: agreed('cetirizine') }),
    [],
  ],
  ['sweetened liquid, a rabbit', 'acetaminophen-liquid', aMember('rabbit'), ['rodent-sweetener']],
  [
    'antibiotic ointment, a guinea pig',
    'antibiotic-ointment',
    aMember('guinea pig'),
    ['rodent-ointment'],
  ],
  ['permethrin, a hamster', 'permethrin-spot-on', aMember('hamster'), ['rodent-permethrin']],
  ['petroleum jelly, a bird', 'petroleum-jelly', aMember('bird'), ['bird-oily']],
  ['tea tree oil, a bird', 'tea-tree-oil', aMember('bird'), ['bird-fumes']],
  ['saline, a rabbit', 'saline-pods', aMember('rabbit'), []],
  ['peroxide to bring up a poison, a rabbit', 'peroxide-fresh', aMember('rabbit'), ['species']],
  ['peroxide to bring up a poison, a cat', 'peroxide-fresh', aMember('cat'), ['species']],
  ['people’s thermometer, a dog', 'thermometer', aMember('dog'), ['made_for_others']],
  ['animals’ thermometer, a child', 'pet-thermometer', aPerson(4), ['made_for_others']],
  ['gloves of another size', 'gloves-l', adult({ gloveSize: 'S' }), ['wrong_size']],
  ['gloves of the right size', 'gloves-s', adult({ gloveSize: 'S' }), []],
  [
    'aspirin, age unknown: the rule holds',
    'aspirin-325',
    aPerson(null),
    ['aspirin-young', 'age_unknown'],
  ],
  ['baby formula, a nine-year-old', 'baby-formula', aPerson(9), ['too_old']],
]

describe('who must not have what', () => {
  it.each(CASES)('%s', (_, entryId, member, expected) => {
    const reasons = whyNot(entryId, member)
    if (expected.length === 0) expect(reasons).toEqual([])
    else expect(reasons).toEqual(expect.arrayContaining([...expected]))
  })
  it('the same ingredient in another product is held', () => {
    expect(whyNot('cold-remedy', adult(), {}, ['acetaminophen'])).toEqual(['taken_already'])
  })
  it('a household that asks each time is not told "unsigned", and never that it covers', () => {
    expect(whyNot('cetirizine-10', aMember('dog'), { 'animal-medicine': 'ask' })).toEqual([])
  })
  it('names at least forty cases', () => {
    expect(CASES.length).toBeGreaterThanOrEqual(40)
  })
  it('has rules that hold together, each with its reason and source', () => {
    expect(ruleFaults(RULES)).toEqual([])
    const [first] = RULES
    expect(
      ruleFaults([{ ...(first as (typeof RULES)[0]), id: 'x', whom: {}, reason: '' }]),
    ).toEqual(['x: is about nobody', 'x: gives no reason or source'])
  })
  it('names an allergy that stands twice', () => {
    expect(allergyFaults(['nuts', 'latex', 'Nuts'])).toEqual(['Nuts'])
    expect(allergyFaults(['acetaminophen', 'latex'])).toEqual([])
  })
})
