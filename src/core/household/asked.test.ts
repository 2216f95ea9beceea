/** What is known, known to be nothing, and not asked; and what a note speaks of. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aMember, aPerson, DAY } from '../../../tests/support/cover'
import { SUBSTANCE_IDS, substanceName } from '../catalogue/substances'
import { knowledgeOf, notAsked, signed, toldNone } from './asked'
import { blankFacts, type Member } from './member'
import { type Noted, noteAnswered, notedKey, noteSays } from './noteSays'
import { TOPICS } from './told'

const unasked = (facts: object = {}): Member => aPerson(40, { facts: { told: {}, ...facts } })
const noted = (note: string, facts: object = {}): readonly string[] =>
  noteSays({ ...unasked(facts), note }).map(notedKey)

describe('what is known', () => {
  it('an empty list is not asked until somebody says that there is nothing', () => {
    const member = unasked()
    expect(notAsked(member, false)).toEqual(['allergies', 'conditions', 'medicines'])
    expect(knowledgeOf(member, 'allergies', false)).toEqual({ kind: 'not_asked' })
    const told = { by: 'Ilse', on: DAY }
    expect(knowledgeOf(unasked({ told: { allergies: told } }), 'allergies', false)).toEqual({
      kind: 'none',
      told,
    })
  })
  it('a prescription or a blood thinner is an answer about medicines', () => {
    expect(knowledgeOf(unasked(), 'medicines', true).kind).toBe('known')
    expect(knowledgeOf(unasked({ bloodThinner: true }), 'medicines', false).kind).toBe('known')
  })
  it('facts of before anybody could be asked say nothing', () => {
    for (const species of ['person', 'dog'] as const)
      expect(notAsked({ facts: blankFacts(species) }, false)).toEqual([...TOPICS])
  })
  it('what is said anew is signed; what stood keeps its own name and day', () => {
    const before = { by: 'Tove', on: DAY }
    const facts = signed(
      {
        ...blankFacts('person'),
        told: { allergies: { by: 'anybody', on: DAY }, conditions: { by: 'anybody', on: DAY } },
      },
      { allergies: before },
      'Ilse',
      DAY,
    )
    expect(facts.told).toEqual({ allergies: before, conditions: { by: 'Ilse', on: DAY } })
  })
})

describe('a note', () => {
  it.each<[string, readonly string[]]>([
    ['Takes a blood thinner since spring', ['thinner']],
    ['on warfarin', ['thinner']],
    ['no blood thinner any more', []],
    ['had a stroke in 2019; diabetic', ['condition:diabetes', 'condition:stroke']],
    ['High blood pressure, controlled', ['condition:high-blood-pressure']],
    ['Does not have asthma.', []],
    ['Allergic to penicillin and latex', ['allergy:penicillin', 'allergy:latex']],
    ['nut allergy', ['allergy:nuts']],
    ['not allergic to nuts', []],
    ['Carries his own plan in the satchel', []],
    ['', []],
  ])('"%s" speaks of %j', (note, keys) => {
    expect([...noted(note)].sort()).toEqual([...keys].sort())
  })
  it('says nothing that is recorded, or that the keeper has said is not so', () => {
    expect(noted('takes a blood thinner', { bloodThinner: true })).toEqual([])
    expect(noted('takes a blood thinner', { noteNotSo: ['thinner'] })).toEqual([])
    expect(noted('asthma', { conditions: ['asthma'] })).toEqual([])
  })
  it('of an animal speaks of its own conditions', () => {
    const cat = { ...aMember('cat'), note: 'diabetic, insulin twice a day' }
    expect(noteSays(cat).map(notedKey)).toEqual(['condition:diabetes'])
  })
  it('names an allergy whatever stands before and after it', () => {
    const word = fc.constantFrom('Ilse says', 'since a child', 'careful', 'the school knows')
    fc.assert(
      fc.property(
        fc.constantFrom(...SUBSTANCE_IDS.filter((id) => id !== 'bee-venom')),
        word,
        word,
        (substance, before, after) => {
          const found: readonly Noted[] = noteSays({
            ...unasked(),
            note: `${before}. Allergic to ${substanceName(substance)}. ${after}`,
          })
          expect(found.map(notedKey)).toContain(`allergy:${substance}`)
        },
      ),
      { seed: 20261128 },
    )
  })
})

describe('an answer', () => {
  it('that there is nothing is kept beside the others', () => {
    const one = toldNone(unasked().facts, 'allergies', DAY)
    const both = toldNone(one, 'conditions', DAY, 'Tove')
    expect(notAsked({ facts: both }, false)).toEqual(['medicines'])
    expect(both.told?.conditions?.by).toBe('Tove')
  })
  it.each(['takes a blood thinner', 'has asthma', 'allergic to penicillin'])(
    'about "%s" ends the question, so or not so',
    (note) => {
      const before = { ...unasked(), note }
      const [first] = noteSays(before)
      if (!first) throw new Error('The note says nothing')
      for (const isSo of [true, false]) {
        const facts = noteAnswered(before.facts, first, isSo)
        expect(noteSays({ note, facts })).toEqual([])
        // Only what is so changes what the rules see.
        const { noteNotSo: _, ...rest } = facts
        expect(JSON.stringify(rest) === JSON.stringify(before.facts)).toBe(!isSo)
      }
    },
  )
})
