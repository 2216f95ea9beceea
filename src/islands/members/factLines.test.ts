/** A member's sheet: what is known, what was asked and is nothing, what nobody has asked; never mixed up. */
import { describe, expect, it } from 'vitest'
import { aMember, aPerson } from '../../../tests/support/cover'
import { plainDate } from '../../core/calendar/plainDate'
import { SKILLS } from '../../core/catalogue/skills'
import { SUBSTANCE_IDS, substanceName } from '../../core/catalogue/substances'
import { allergyName } from '../../core/household/factNames'
import {
  type AnimalFacts,
  CONDITIONS_OF_PEOPLE,
  type Member,
  type PersonFacts,
} from '../../core/household/member'
import { SPECIES } from '../../core/household/species'
import { TOPICS } from '../../core/household/told'
import { VITALS_SOURCE } from '../../core/household/vitals'
import * as words from '../../words'
import { factLines } from './factLines'

const today = plainDate('2026-11-26')
const text = words.members
const person = (facts: Partial<PersonFacts>, years = 40): Member => {
  const blank = aPerson(years)
  return {
    ...blank,
    facts: { ...(blank.facts as PersonFacts), told: undefined, ...facts } as never,
  }
}
const animal = (facts: Partial<AnimalFacts>): Member => {
  const blank = aMember('dog')
  return {
    ...blank,
    facts: { ...(blank.facts as AnimalFacts), told: undefined, ...facts } as never,
  }
}
const sheet = (member: Member, takes = false, units: 'metric' | 'us' = 'metric') =>
  new Map(factLines(member, today, takes, units))

describe('what is asked of everybody', () => {
  it.each(SPECIES)('a new %s: nobody has asked, and it is said so', (species) => {
    const lines = sheet({
      ...aMember(species),
      facts: { ...aMember(species).facts, told: undefined } as never,
    })
    for (const name of [text.allergies, text.conditions, text.regular])
      expect([name, lines.get(name)]).toEqual([name, 'not asked yet'])
  })
  it('asked, and there is nothing: who said so, and when', () => {
    const told = Object.fromEntries(
      TOPICS.map((topic) => [topic, { by: 'Ilse', on: plainDate('2026-10-01') }]),
    )
    const lines = sheet(person({ told } as never))
    for (const name of [text.allergies, text.conditions, text.regular])
      expect(lines.get(name)).toBe('none, said Ilse on 1 Oct 2026')
  })
  it('what is known is named, substances and foods alike', () => {
    const [substance] = SUBSTANCE_IDS
    const allergies = [
      { kind: 'substance', substance },
      { kind: 'other', name: 'walnuts' },
    ] as never
    expect(sheet(person({ allergies })).get(text.allergies)).toBe(
      `${substanceName(substance as never)}, walnuts`,
    )
    expect(allergyName({ kind: 'other', name: 'walnuts' } as never)).toBe('walnuts')
  })
  it('who takes something is referred to where it stands', () => {
    expect(sheet(person({}), true).get(text.regular)).toBe('under Medicines')
    expect(sheet(animal({}), true).get(text.regular)).toBe('under Medicines')
  })
})

describe('a person', () => {
  it('conditions by their names', () => {
    const [first, second] = Object.keys(CONDITIONS_OF_PEOPLE) as never[]
    expect(sheet(person({ conditions: [first, second] as never })).get(text.conditions)).toBe(
      `${CONDITIONS_OF_PEOPLE[first as never]}, ${CONDITIONS_OF_PEOPLE[second as never]}`,
    )
  })
  it('a blood thinner is said twice: as what is taken, and by itself', () => {
    const lines = sheet(person({ bloodThinner: true }))
    expect(lines.get(text.regular)).toBe(text.thinner)
    expect(lines.get(text.thinner)).toBe('yes')
    expect(sheet(person({ bloodThinner: true }), true).get(text.regular)).toBe('under Medicines')
    expect(sheet(person({})).has(text.thinner)).toBe(false)
  })
  it.each([
    [true, 'yes'],
    [false, 'no'],
  ])('swallows tablets: %s', (swallowsTablets, said) =>
    expect(sheet(person({ swallowsTablets })).get(text.swallows)).toBe(said),
  )
  it('what nobody has said is left out, not said to be no', () => {
    const lines = sheet(person({ swallowsTablets: null, sex: 'unsaid', gloveSize: null }))
    for (const name of [text.swallows, text.sex, text.glove, text.skills, text.pregnancy])
      expect([name, lines.has(name)]).toEqual([name, false])
  })
  it.each(['early', 'late', 'breastfeeding'] as const)('%s is said', (pregnancy) =>
    expect(sheet(person({ pregnancy })).get(text.pregnancy)).toBe(text.pregnancies[pregnancy]),
  )
  it('what somebody was taught, and until when it holds', () => {
    const [one, two] = Object.keys(SKILLS) as (keyof typeof SKILLS)[]
    const skills = [
      { skill: one, until: plainDate('2027-03-31') },
      { skill: two, until: null },
    ] as never
    expect(sheet(person({ skills })).get(text.skills)).toBe(
      `${SKILLS[one as never as keyof typeof SKILLS].name} until 31 Mar 2027; ${SKILLS[two as never as keyof typeof SKILLS].name}`,
    )
  })
  it('what is normal goes by age, is called customary, and names its source', () => {
    const lines = sheet(person({}, 7))
    expect(lines.get(text.pulse)).toMatch(/^\d+–\d+ \(customary\)$/)
    expect([...lines.values()]).toContain(VITALS_SOURCE)
    expect(lines.get(text.pulse)).not.toBe(sheet(person({}, 40)).get(text.pulse))
  })
  it('of whom nobody knows the age nothing is said to be normal', () => {
    const lines = sheet({ ...person({}), born: null })
    expect(lines.has(text.pulse)).toBe(false)
    expect([...lines.values()]).not.toContain(VITALS_SOURCE)
  })
})

describe('an animal', () => {
  const own = { from: 60, to: 80 }
  it('its own range goes before the customary one', () => {
    const lines = sheet(animal({ normal: { temperature: null, pulse: own, breathing: null } }))
    expect(lines.get(text.pulse)).toBe('60–80 (its own)')
    expect(lines.get(text.breathing)).toMatch(/customary/)
    expect([...lines.values()]).toContain(VITALS_SOURCE)
  })
  it('where all are its own no source is named', () => {
    const lines = sheet(animal({ normal: { temperature: own, pulse: own, breathing: own } }))
    expect([...lines.values()]).not.toContain(VITALS_SOURCE)
  })
  it('a vet’s word stands in the vet’s own words, and a warning overruled is said', () => {
    const agreed = [
      {
        substance: SUBSTANCE_IDS[0],
        words: 'half a tablet, once',
        vet: 'Dr Aske',
        on: plainDate('2026-08-02'),
        confirmedAgainstWarning: true,
      },
    ] as never
    const lines = sheet(animal({ agreed }))
    const said = lines.get(`${text.agreed}: ${substanceName(SUBSTANCE_IDS[0] as never)}`)
    expect(said).toContain('“half a tablet, once” (Dr Aske, 2 Aug 2026)')
    expect(said).toContain(text.confirmed.toLowerCase())
  })
  it('coat and temperament as they were written, and nothing where they were not', () => {
    const lines = sheet(animal({ coat: 'thin', temperament: 'minds its ears' }))
    expect([lines.get(text.coat), lines.get(text.temperament)]).toEqual(['thin', 'minds its ears'])
    expect(sheet(animal({})).has(text.coat)).toBe(false)
  })
})
