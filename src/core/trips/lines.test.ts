/** Every line of a packing says what it is there for, and for whom. */
import { beforeAll, describe, expect, it } from 'vitest'
import { ALL_TOLD, aPerson } from '../../../tests/support/cover'
import { type Gone, goneOut } from '../../../tests/support/trips'
import { highsSolver } from '../../solver/highs'
import type { Solver } from '../solving/program'
import { planTripFrom } from './plan'

let solver: Solver
beforeAll(async () => {
  solver = await highsSolver()
})

const tove = aPerson(66, { name: 'Tove', kg: 70, facts: { told: ALL_TOLD } })
const ned = aPerson(9, {
  name: 'Ned',
  kg: 30,
  facts: { conditions: ['asthma'], told: ALL_TOLD },
})

/** @param plays false: what is taken every day is known for nothing else */
const linesOf = (gone: Gone, plays = true) => {
  const { stock, trip, rooms } = goneOut(gone)
  const items = stock.items.map((one) =>
    plays ? one : { ...one, facts: { ...one.facts, roles: [] } },
  )
  const plan = planTripFrom({ ...stock, items }, trip, rooms, solver, { seconds: 20, gap: 0 })
  return new Map(plan.lines.map((line) => [line.title, line.reasons]))
}
const ida = aPerson(11, { name: 'Ida', kg: 35, facts: { told: ALL_TOLD } })
const TABLETS = 'Cetirizine 10 mg'
const packed: Gone = {
  scene: {
    members: [tove, ned, ida],
    put: [
      { of: 'cetirizine-10', count: 60 },
      { of: 'reliever-inhaler', count: 1 },
      { of: 'spacer', count: 1 },
    ],
    courses: [{ member: tove, of: 'cetirizine-10' }],
  },
  bags: [{ litres: 6, grams: 4000, carrier: tove.id }],
  stops: [{ members: [tove.id, ned.id, ida.id] }],
}
const ofOwn = (gone: Gone, plays?: boolean) =>
  linesOf(gone, plays)
    .get(TABLETS)
    ?.filter(({ need }) => need === 'Own regular medicine')

describe('why something comes along', () => {
  it('a regular medicine: because somebody takes it, whatever else it may be for', () => {
    expect(ofOwn(packed)).toMatchObject([{ members: [tove.id], scene: 0 }])
    expect(ofOwn(packed, false)).toMatchObject([{ members: [tove.id], scene: 0 }])
  })
  it('for one of them, although another lacks hers anyhow', () => {
    const { scene } = packed
    const courses = [...(scene.courses ?? []), { member: ida, of: 'ibuprofen-200' }]
    expect(ofOwn({ ...packed, scene: { ...scene, courses } })).toMatchObject([
      { members: [tove.id] },
    ])
  })
  it('nothing stands there without a reason that the keeper did not ask for', () => {
    for (const [title, reasons] of linesOf(packed))
      expect([title, reasons]).not.toEqual([title, []])
  })
})
