/** A kit that goes with somebody covers them where they are, and nobody else. */
import { describe, expect, it } from 'vitest'
import { ALL_TOLD, aPantry, aPerson, DAY, type Put, type Scene } from '../../../tests/support/cover'
import { idOf } from '../../../tests/support/ids'
import { addDays } from '../calendar/plainDate'
import type { GoesWith } from '../household/goesWith'
import type { KitId, MemberId, PlaceId } from '../ids'
import { atHand } from '../incident/atHand'
import { judgeAgain } from '../judgement/again'
import { judge } from '../judgement/judgement'
import { Asking } from './asking'
import { rowOf } from './board'
import { explain } from './explain'
import { NEEDS } from './needs'
import { expectedAt, kitsAt, questionAt, usesOfKits } from './scene'

const ida = aPerson(9, { name: 'Ida', kg: 30, facts: { conditions: ['asthma'], told: ALL_TOLD } })
const per = aPerson(40, { name: 'Per', kg: 80, facts: { conditions: ['asthma'], told: ALL_TOLD } })
const HOUSE = idOf<PlaceId>(1, 1)
const SCHOOL = idOf<PlaceId>(1, 2)
const BAG = idOf<KitId>(2, 1)
const RELIEVER = 'reliever-inhaler'

const goesWith = (memberId: MemberId, to: readonly PlaceId[] = []): GoesWith => ({
  memberId,
  to,
  since: null,
})
const inBag: readonly Put[] = [
  { of: RELIEVER, count: 1 },
  { of: 'spacer', count: 1 },
]
const scene = (whose: GoesWith | null, more: Partial<Scene> = {}): Scene => ({
  members: [ida, per],
  put: inBag,
  kits: [{ goesWith: whose }],
  usuallyThere: [ida.id, per.id],
  ...more,
})
const need = (id: string) => {
  const found = NEEDS.find((one) => one.id === id)
  if (!found) throw new Error(`No need ${id}`)
  return found
}
const stateAt = (of: Scene, placeId: PlaceId, member: MemberId, id = 'asthma') => {
  const pantry = aPantry(of)
  const place = pantry.stock.places.find((one) => one.id === placeId)
  if (!place) throw new Error('No such place')
  const { expected: _all, ...question } = questionAt(pantry.stock, place, DAY)
  return rowOf(new Asking(pantry, question), need(id))?.cells.find(
    ({ memberId }) => memberId === member,
  )?.state
}

describe('a kit that goes with somebody', () => {
  it('covers them and not the others at the same place', () => {
    expect(stateAt(scene(null), HOUSE, ida.id)).toBe('covered')
    expect(stateAt(scene(null), HOUSE, per.id)).toBe('covered')
    expect(stateAt(scene(goesWith(ida.id)), HOUSE, ida.id)).toBe('covered')
    expect(stateAt(scene(goesWith(ida.id)), HOUSE, per.id)).toBe('held')
  })
  it('says why it does not count for another: it goes with Ida', () => {
    const pantry = aPantry(scene(goesWith(ida.id)))
    const [place] = pantry.stock.places
    if (!place) throw new Error('No place')
    const told = explain(pantry, questionAt(pantry.stock, place, DAY), need('asthma'), per.id)
    const why = told.ways.flatMap(({ parts }) => parts.flatMap(({ held }) => held))
    expect(why.flatMap((one) => one.why)).toContainEqual({ code: 'goes_with', whose: 'Ida' })
  })
  it('covers them at every other place they go to, or only where it is carried to', () => {
    const split = { usuallyThere: [per.id] }
    expect(stateAt(scene(goesWith(ida.id), split), SCHOOL, ida.id)).toBe('covered')
    expect(stateAt(scene(goesWith(ida.id, [SCHOOL]), split), SCHOOL, ida.id)).toBe('covered')
    expect(stateAt(scene(goesWith(ida.id, [HOUSE]), split), SCHOOL, ida.id)).toBe('none')
  })
  it('of somebody nobody knows any more it is nowhere', () => {
    expect(stateAt(scene(goesWith(idOf<MemberId>(6, 999))), HOUSE, ida.id)).toBe('none')
  })
  it('counts as the regular medicine of who carries it', () => {
    const of = RELIEVER
    const courses = [ida, per].map((member) => ({ member, of: member === ida ? of : 'spacer' }))
    const asked = scene(goesWith(ida.id), { courses, put: [{ of, count: 100 }] })
    expect(stateAt(asked, HOUSE, ida.id, 'own-medicine')).toBe('covered')
    const pers = scene(goesWith(per.id), { courses, put: [{ of, count: 100 }] })
    expect(stateAt(pers, HOUSE, ida.id, 'own-medicine')).toBe('none')
  })
  it('holds nothing back for whom something else is prescribed', () => {
    const scenes = [1, 0].map((count) =>
      scene(goesWith(per.id), {
        courses: [{ member: ida, of: 'spacer' }],
        put: [{ of: 'nitroglycerin', count }],
      }),
    )
    expect(scenes.map((asked) => stateAt(asked, HOUSE, ida.id, 'own-medicine'))).toEqual([
      'none',
      'none',
    ])
  })
  it('of two kits each counts for its own, and what lies in the house for both', () => {
    const asked = scene(goesWith(ida.id), {
      put: [...inBag, { of: RELIEVER, count: 1, kit: 1 }, { of: 'spacer', count: 1, kit: 1 }],
      kits: [{ goesWith: goesWith(ida.id) }, { placeId: HOUSE }],
    })
    expect(stateAt(asked, HOUSE, per.id)).toBe('covered')
    expect(aPantry(asked).things).toHaveLength(4)
  })
})

describe('who is on a trip', () => {
  const away = { memberId: ida.id, from: addDays(DAY, 1), to: addDays(DAY, 3) }
  const expectedOn = (days: number, usuallyThere: readonly MemberId[]) => {
    const { stock } = aPantry(scene(null, { usuallyThere }))
    const [place] = stock.places
    if (!place) throw new Error('No place')
    return [...expectedAt({ ...place, elsewhere: [away] }, stock, addDays(DAY, days))]
  }
  it.each([
    [0, [ida.id, per.id]],
    [1, [per.id]],
    [3, [per.id]],
    [4, [ida.id, per.id]],
  ])('after %i days', (days, there) => {
    expect(expectedOn(days, [ida.id, per.id])).toEqual(there)
    expect(expectedOn(days, [])).toEqual(there)
  })
  it('where only she usually is, nobody else is expected instead', () => {
    expect(expectedOn(0, [ida.id])).toContain(ida.id)
    expect(expectedOn(1, [ida.id])).not.toContain(ida.id)
  })
})

describe('what is expected of a place', () => {
  const usesAt = (whose: GoesWith | null, placeId: PlaceId) => {
    const { stock } = aPantry(scene(whose, { kits: [{ goesWith: whose }, { placeId: HOUSE }] }))
    const place = stock.places.find(({ id }) => id === placeId)
    return place ? usesOfKits(kitsAt(stock, place, DAY), place).map(({ range }) => range) : []
  }
  it('what is carried to it in particular is its kit; what is worn everywhere makes none ready', () => {
    expect(usesAt(goesWith(ida.id, [SCHOOL]), SCHOOL)).toEqual(['bag'])
    expect(usesAt(goesWith(ida.id), SCHOOL)).toEqual(['home'])
    expect(usesAt(goesWith(ida.id), HOUSE)).toEqual(['home'])
  })
})

describe('when it has happened', () => {
  const asked = (patient = per, placeId: PlaceId | null = HOUSE) =>
    atHand(aPantry(scene(goesWith(ida.id))), {
      patient,
      kind: 'breathing',
      here: placeId,
      date: DAY,
    }).ways.flatMap(({ parts }) => parts.flatMap(({ lots }) => lots))
  it('what goes with another is offered, with whom it is', () => {
    const [lot] = asked()
    expect(lot).toMatchObject({ kitId: BAG, isHere: true, carrier: 'Ida' })
    expect(lot?.remarks).toEqual([])
  })
  it('it is where its carrier is: with the patient who carries it, wherever that is', () => {
    expect(asked(ida, null)[0]).toMatchObject({ isHere: true, carrier: 'Ida' })
  })
})

describe('judged again', () => {
  it('after a bag got something it did not have, as if judged anew', () => {
    const until = new Map([HOUSE, SCHOOL].map((id) => [id, DAY] as const))
    const before = aPantry(scene(goesWith(ida.id), { put: [{ of: 'spacer', count: 1, kit: 1 }] }))
    const kits = [{ goesWith: goesWith(ida.id) }, { goesWith: goesWith(per.id) }]
    for (const put of [inBag, [...inBag, { of: RELIEVER, count: 1, kit: 1 }], []]) {
      const now = aPantry(scene(goesWith(ida.id), { put, kits }))
      const was = aPantry(scene(goesWith(ida.id), { put: inBag, kits }))
      for (const earlier of [before, was]) {
        const again = judgeAgain(
          { pantry: earlier, judgement: judge(earlier, DAY, until) },
          now,
          DAY,
          until,
        )
        const anew = judge(now, DAY, until)
        expect(again.places.map(({ today }) => today)).toEqual(
          anew.places.map(({ today }) => today),
        )
      }
    }
  })
})
