/** What a step of a guided card takes off the count. */
import { describe, expect, it } from 'vitest'
import { aPerson, aStock, DAY, type Put } from '../../../tests/support/cover'
import { pantry } from '../cover/pantry'
import { patientOn } from '../cover/suitability'
import type { Member } from '../household/member'
import type { PlaceId } from '../ids'
import { takesOfStep } from './takes'

const adult = aPerson(40)
const took = (
  takes: Parameters<typeof takesOfStep>[1]['takes'],
  put: readonly Put[],
  { patient = adult, place = 0 }: { patient?: Member; place?: number | null } = {},
) => {
  const stock = aStock({ members: [patient], put })
  const here: PlaceId | null = place === null ? null : (stock.places[place]?.id ?? null)
  return takesOfStep(pantry(stock), { takes }, patientOn(patient, [], DAY), here).map(
    ({ lotId, amount }) => [stock.lots.findIndex(({ id }) => id === lotId), amount],
  )
}

describe('what a step takes', () => {
  it('is one of each thing that is used up', () => {
    expect(took(['plaster'], [{ of: 'plasters' }])).toEqual([[0, 1000]])
  })
  it('is nothing of what lies elsewhere, is spent, or is less than one use', () => {
    expect(took(['plaster'], [{ of: 'plasters', kit: 1 }])).toEqual([])
    expect(took(['plaster'], [{ of: 'plasters' }], { place: null })).toEqual([])
    expect(took(['plaster'], [{ of: 'plasters', days: -1 }])).toEqual([])
    expect(took(['plaster'], [{ of: 'plasters', count: 0.5 }])).toEqual([])
  })
  it('is the first to turn of what is reached alike', () => {
    const put = [
      { of: 'plasters', days: 400 },
      { of: 'plasters', days: 30 },
    ]
    expect(took(['plaster'], put)).toEqual([[1, 1000]])
  })
  it('is a part of a bottle that gives many', () => {
    const bottle = [{ of: 'chlorhexidine-wound', count: 1 }]
    expect(took(['dilute-antiseptic'], bottle)).toEqual([[0, 83]])
  })
  it('is no medicine that is swallowed: that goes by its card and its clock', () => {
    const tablets = aStock({ members: [], put: [{ of: 'acetaminophen-500' }] }).items[0]
    const roles = tablets?.facts.roles ?? []
    expect(roles.length).toBeGreaterThan(0)
    expect(took(roles, [{ of: 'acetaminophen-500' }])).toEqual([])
  })
  it('is nothing that must not touch the patient', () => {
    const allergic = aPerson(40, {
      facts: { allergies: [{ kind: 'substance', substance: 'chlorhexidine' }] },
    })
    const wipes = [{ of: 'antiseptic-wipes' }]
    expect(took(['dilute-antiseptic'], wipes)).toEqual([[0, 1000]])
    expect(took(['dilute-antiseptic'], wipes, { patient: allergic })).toEqual([])
  })
})
