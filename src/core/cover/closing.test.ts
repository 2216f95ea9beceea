/** What would close a gap is tried before it is shown. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aMember, aPantry, aPerson, aQuestion, DAY, type Put } from '../../../tests/support/cover'
import { plainDate } from '../calendar/plainDate'
import { CATALOGUE } from '../catalogue/catalogue'
import type { Member } from '../household/member'
import { rank } from './cellState'
import { explain } from './explain'
import { NEEDS } from './needs'

const ilse = aPerson(40, {
  helper: true,
  facts: {
    skills: [
      { skill: 'auto-injector', until: null, by: 'School' },
      { skill: 'tourniquet', until: null, by: 'School' },
    ],
  },
})
const ned = aPerson(8, { kg: 26, facts: { conditions: ['anaphylaxis'] } })
const closings = (
  needId: string,
  put: readonly Put[],
  {
    members = [ilse],
    who = members[0] ?? null,
    traits = [],
  }: {
    readonly members?: readonly Member[]
    readonly who?: Member | null
    readonly traits?: readonly ('night' | 'tap' | 'water' | 'blades')[]
  } = {},
) => {
  const need = NEEDS.find(({ id }) => id === needId)
  if (!need) throw new Error(`No need ${needId}`)
  const laid = aPantry({ members, put, traits })
  const memberId = need.scope === 'party' ? null : (who?.id ?? null)
  return explain(laid, aQuestion(laid), need, memberId)
}
const steps = (of: ReturnType<typeof closings>) =>
  of.closings.flatMap((one) => one.steps.map((step) => step.title))

describe('what would close it', () => {
  it('is no candle for light with both hands free', () => {
    expect(steps(closings('light', [], { traits: ['night'] })).join()).not.toContain('Candle')
  })
  it('is nothing that somebody of the household must not touch, where anything else would do', () => {
    const medium = aPerson(40, { helper: true, facts: { gloveSize: 'M' } })
    const allergic = aPerson(70, {
      facts: { allergies: [{ kind: 'substance', substance: 'latex' }] },
    })
    const gloves = (members: readonly Member[]) => {
      const need = NEEDS.find(({ id }) => id === 'gloves')
      if (!need) throw new Error('Gloves are needed')
      const laid = aPantry({ members, put: [] })
      const [first] = explain(laid, aQuestion(laid), need, medium.id).closings
      return first?.steps.map((step) => (step.kind === 'buy' ? step.entryId : step.kind))
    }
    // The cheapest are of latex.
    expect(gloves([medium])).toEqual(['gloves-latex'])
    expect(gloves([medium, allergic])).toEqual(['gloves-m'])
  })
  it('is no ice picks for a lake in summer', () => {
    expect(steps(closings('in-water', [], { traits: ['water'] })).join()).not.toContain('Ice picks')
  })
  it('is no new tourniquet where a pen lacks, and no new thermometer for want of covers', () => {
    expect(
      closings('bleed-limb', [
        { of: 'tourniquet-windlass', count: 1 },
        { of: 'pressure-dressing', count: 2 },
      ]).closings,
    ).toEqual([])
    expect(
      closings('fever-pain', [
        { of: 'thermometer', count: 1 },
        { of: 'acetaminophen-500', count: 20, days: 300 },
      ]).closings,
    ).toEqual([])
  })
  it('is the second pen where the second pen lacks, not a lesson', () => {
    const { closings: found } = closings(
      'anaphylaxis',
      [{ of: 'adrenaline-015', count: 1, days: 90 }],
      {
        members: [ned, ilse],
      },
    )
    expect(found.flatMap(({ steps: all }) => all.map(({ kind }) => kind))).toEqual(['buy'])
    expect(found[0]?.becomes.state).toBe('covered')
  })
  it('is a lesson where only the skill lacks', () => {
    const untaught = aPerson(30, { helper: true })
    const { closings: found } = closings(
      'anaphylaxis',
      [{ of: 'adrenaline-015', count: 2, days: 90 }],
      { members: [ned, untaught] },
    )
    expect(found[0]?.steps).toEqual([
      expect.objectContaining({ kind: 'learn', skill: 'auto-injector' }),
    ])
  })
  it('is the wrap where a splint is unsafe without one', () => {
    const taught = aPerson(30, {
      helper: true,
      facts: { skills: [{ skill: 'splinting', until: null, by: 'School' }] },
    })
    const of = closings(
      'broken-limb',
      [
        { of: 'splint-foldable', count: 1 },
        { of: 'triangular-bandage', count: 1 },
      ],
      { members: [taught], traits: ['blades'] },
    )
    expect(steps(of).some((title) => title.startsWith('Folding splint'))).toBe(false)
    expect(of.closings[0]?.becomes.state).toBe('covered')
  })
})

describe('every proposal', () => {
  const aPut = fc.record({
    of: fc.constantFrom(...CATALOGUE.map(({ id }) => id)),
    count: fc.integer({ min: 1, max: 3 }),
    kit: fc.constantFrom(0, 1),
    days: fc.constantFrom(-5, 200),
  })
  it('really betters its cell, and none stands twice', () => {
    const members = [ilse, ned, aMember('dog', { kg: 14 }), aMember('horse', { kg: 500 })]
    fc.assert(
      fc.property(
        fc.uniqueArray(aPut, { selector: ({ of }) => of, maxLength: 12 }),
        fc.constantFrom(
          ...NEEDS.filter(({ scope, id }) => scope === 'each' && id !== 'own-medicine'),
        ),
        fc.constantFrom(...members),
        (put, need, who) => {
          const laid = aPantry({ members, put, traits: ['night', 'cold'] })
          const question = aQuestion(laid, { date: plainDate(DAY) })
          const { cell, closings: found } = explain(laid, question, need, who.id)
          for (const one of found) expect(rank(one.becomes.state)).toBeGreaterThan(rank(cell.state))
          const keys = found.map(({ steps: all }) => JSON.stringify(all))
          expect(new Set(keys).size).toBe(keys.length)
          for (const { steps: all } of found)
            expect(new Set(all.map((step) => JSON.stringify(step))).size).toBe(all.length)
        },
      ),
      { seed: 20261128, numRuns: 120 },
    )
  })
  it('held back is said only where something lies that is held', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(aPut, { selector: ({ of }) => of, maxLength: 10 }),
        fc.constantFrom(
          ...NEEDS.filter(({ scope, id }) => scope === 'each' && id !== 'own-medicine'),
        ),
        (put, need) => {
          const laid = aPantry({ members: [ilse], put, traits: ['night', 'cold'] })
          const { cell, ways } = explain(laid, aQuestion(laid), need, ilse.id)
          if (cell.state !== 'held') return
          const held = ways.flatMap(({ parts }) => parts.flatMap((part) => part.held))
          expect([need.id, held.length > 0]).toEqual([need.id, true])
        },
      ),
      { seed: 20261128, numRuns: 150 },
    )
  })
})
