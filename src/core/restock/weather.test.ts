import { beforeAll, describe, expect, it } from 'vitest'
import { highsSolver } from '../../solver/highs'
import { plainDate } from '../calendar/plainDate'
import type { Solver } from '../solving/program'
import { restockBoard } from './board'
import { Dealers } from './dealers'
import { Optimiser } from './optimise'
import { NO_DECISIONS } from './plan'
import type { RestockProblem } from './problem'
import { replay } from './replay'

let solver: Solver
beforeAll(async () => {
  solver = await highsSolver()
})
const TODAY = plainDate('2026-11-26')

describe('frost and heat', () => {
  const cold = {
    until: Array.from({ length: 60 }, (_, day) => (day < 40 ? day - 1 : null)),
    by: `${'f'.repeat(40)}${'.'.repeat(20)}`,
  }
  const pen = (chances: readonly number[], more: Partial<RestockProblem> = {}): RestockProblem => ({
    today: TODAY,
    days: 60,
    budgetMinor: null,
    comfortMinor: 100,
    stops: [{ chances: chances.map((day) => ({ day, leaves: day })) }],
    things: [{ freshDays: null, wornDays: 3650, standIns: [] }],
    lines: [{ key: 'box', thing: 0, stop: 0, par: 1, room: null, tier: 'comfort', uses: [] }],
    shelves: [
      {
        key: 'pen',
        thing: 0,
        stop: 0,
        line: 0,
        amount: 1,
        lastDay: null,
        here: { last: 9, by: 'frost', on: 10 },
        stays: 'own_medicine',
      },
    ],
    shops: [''],
    offers: [{ thing: 0, shop: 0, units: 1, priceMinor: 50_000, leadDays: 0 }],
    wishes: [],
    spells: [cold],
    spoils: [{ thing: 0, line: 0, spell: 0 }],
    ...more,
  })
  const told = (problem: RestockProblem) => {
    const { decisions } = new Optimiser(problem, new Dealers(solver)).plan(null, { within: 0 })
    return restockBoard(problem, decisions, false, replay(problem, NO_DECISIONS))
  }
  it('take what they would harm indoors at the last visit before, and back at the first after', () => {
    const { carries, takeOuts, buys, bare } = told(pen([0, 7, 14, 42]))
    expect(carries).toMatchObject([
      { line: 0, takeOn: 7, putOn: 42, before: { by: 'frost', day: 10 } },
    ])
    expect([buys, takeOuts]).toEqual([[], []])
    expect(bare).toMatchObject([{ why: 'weather', stretches: [{ from: 7, until: 42, short: 1 }] }])
  })
  it('are told as what is to be taken indoors where nobody comes back in time', () => {
    const { carries, takeOuts, bare } = told(pen([0, 7, 14]))
    expect(carries).toEqual([])
    expect(takeOuts).toMatchObject([{ kind: 'take_in', by: 'frost', on: 7, turnsOn: 10 }])
    expect(bare).toMatchObject([{ why: 'weather' }])
  })
  it('are no reason where it is money that lacks', () => {
    const dear = pen([0, 7, 42, 50], {
      shelves: [],
      offers: [{ thing: 0, shop: 0, units: 1, priceMinor: 10 ** 9, leadDays: 0 }],
    })
    const { bare } = told(dear)
    expect(bare).toMatchObject([{ why: 'not_worth' }])
  })
})
