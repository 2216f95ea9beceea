/** What a stranger with skills is shown: what helps, where, how many; no medicine and nobody's name. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aPerson } from '../../../tests/support/cover'
import { TODAY } from '../../../tests/support/household'
import { household, PEOPLE } from '../../../tests/support/households'
import { type Household, knownOf } from '../../../tests/support/known'
import { addDays } from '../calendar/plainDate'
import { catalogue } from '../catalogue/catalogue'
import { formatAmount } from '../quantity/amount'
import { errands } from '../watch/errands'
import { takenOn } from '../watch/ofRoadside'
import { CLINICAL_ROLES, type ClinicalRole, roadside } from './roadside'

function seen(of: Household, day = TODAY) {
  const { pantry } = knownOf(of).judged
  return roadside(pantry, new Set(pantry.stock.kits.map(({ id }) => id)), day)
}
const things = (view: ReturnType<typeof seen>, role: ClinicalRole) =>
  (view.groups.find((one) => one.role === role)?.things ?? []).map(
    ({ title, amount }) => `${title}: ${formatAmount(amount)}`,
  )

describe('what a professional sees at a roadside', () => {
  it('is what plays a part, what is for it before what else serves, with what ends first to be taken', () => {
    const view = seen({
      laid: [
        { of: 'tourniquet-windlass', there: 1 },
        { of: 'pressure-dressing', there: 3, until: addDays(TODAY, 400) },
        { of: 'pressure-dressing', there: 1, until: addDays(TODAY, 30) },
        { of: 'chest-seal', there: 2 },
      ],
    })
    expect(things(view, 'bleeding')).toEqual([
      'Pressure dressing 10 cm: 4',
      expect.stringMatching(/tourniquet.*: 1$/i),
    ])
    expect(things(view, 'breathing')).toHaveLength(1)
    expect(view.none).toContain('animals')
    const [dressing] = view.groups[0]?.things ?? []
    // The third that was laid: it ends in thirty days.
    expect(dressing?.take).toMatchObject({ amount: 1000 })
    expect(dressing?.take.lotId).toMatch(/3$/)
  })
  it('is nothing that is spent, held, missing, got for somebody, or that nobody has matched', () => {
    const one = { of: 'pressure-dressing', there: 1 }
    for (const bad of [
      { ...one, until: addDays(TODAY, -1) },
      { ...one, lot: { standing: { kind: 'held', reason: 'ask' } as const } },
      { ...one, lot: { standing: { kind: 'missing', since: TODAY } as const } },
      { ...one, lot: { forMember: PEOPLE[0]?.id ?? null } },
      { ...one, item: { catalogueId: null } },
      { ...one, item: { own: { contains: ['ibuprofen'] as const } } },
    ])
      expect([bad, seen({ members: [...PEOPLE], laid: [bad] }).groups]).toEqual([bad, []])
    expect(seen({ laid: [one] }).groups.map(({ role }) => role)).toEqual(['bleeding', 'dressing'])
  })
  it('names nobody, whatever a keeper called a kit or a thing', () => {
    const view = seen({
      members: [aPerson(8, { name: 'Runa' })],
      places: [{ kit: { name: 'Runa’s red bag' } }],
      laid: [{ of: 'pressure-dressing', there: 1, item: { name: 'Dressing of Runa' } }],
    })
    expect(JSON.stringify(view)).not.toContain('Runa')
    expect(view.groups[0]?.things[0]).toMatchObject({ kit: expect.stringContaining('ed bag') })
  })
  it('never offers a medicine: of each thing of the catalogue, and of any household', () => {
    for (const { id, ingredients, route } of catalogue().values()) {
      const { groups } = seen({ laid: [{ of: id, there: 1 }] })
      if (ingredients.length > 0 || route !== 'none') expect([id, groups]).toEqual([id, []])
    }
    fc.assert(
      fc.property(household, ({ judged: { pantry } }) => {
        const all = new Set(pantry.stock.kits.map(({ id }) => id))
        for (const { things: shown } of roadside(pantry, all, TODAY).groups)
          for (const { take } of shown) {
            const shelf = pantry.shelves.find(({ lotId }) => lotId === take.lotId)
            const facts = shelf && pantry.things[shelf.thing]?.facts
            expect(facts?.isMedicine).toBe(false)
            expect(facts?.acting).toEqual([])
          }
      }),
      { numRuns: 30 },
    )
  })
  it('has for every clinical role something in the catalogue', () => {
    for (const role of Object.keys(CLINICAL_ROLES) as ClinicalRole[]) {
      const found = [...catalogue().keys()].some((id) =>
        seen({ laid: [{ of: id, there: 1 }] }).groups.some((one) => one.role === role),
      )
      expect([role, found]).toEqual([role, true])
    }
  })
})

describe('what was given away at a roadside', () => {
  const taking = (known: ReturnType<typeof knownOf>, byLid: boolean) => {
    const [line] = known.survey.lines
    const [item] = known.survey.stock.items
    const [pocket] = known.survey.stock.pockets
    if (!item || !pocket) throw new Error('made above')
    return {
      line,
      of: {
        id: '1',
        itemId: item.id,
        pocketId: pocket.id,
        amount: 2000 as never,
        on: TODAY,
        byLid,
      },
    }
  }
  const errandsWith = (par: number, there: number) => {
    const laid = [{ of: 'pressure-dressing', there, par }]
    const known = knownOf({ laid })
    return errands({ ...known, takings: [taking(known, false).of] }).filter(
      ({ act }) => act === 'make_up' || act === 'top_up',
    )
  }
  it('is an errand of its own where no target asks for it', () => {
    expect(errandsWith(0, 1)).toMatchObject([
      { act: 'make_up', amount: 2000, reason: { code: 'given_away', on: TODAY, byLid: false } },
    ])
    // Also when the last one went.
    expect(errandsWith(0, 0)).toHaveLength(1)
  })
  it('is told by the errand of the target, once; a target that is met asks for nothing', () => {
    expect(errandsWith(3, 1)).toMatchObject([
      { act: 'top_up', amount: 2000, reason: { code: 'below_par', takenOn: TODAY } },
    ])
    expect(errandsWith(1, 1)).toEqual([])
  })
  it('is of that thing in that pocket and of no other', () => {
    const known = knownOf({
      laid: [
        { of: 'pressure-dressing', there: 1 },
        { of: 'gauze', there: 1 },
      ],
    })
    const { of } = taking(known, true)
    expect(known.survey.lines.map((line) => takenOn([of], line))).toEqual([TODAY, null])
  })
})
