import { describe, expect, it } from 'vitest'
import { visits } from '../../../tests/support/household'
import { plainDate } from '../calendar/plainDate'
import { chancesAt } from './chances'
import { timeline } from './timeline'

describe('chances', () => {
  const today = plainDate('2026-11-26')
  it('are all visits, from the present one on, left on their last day', () => {
    const presence = visits(
      ['2026-11-20', '2026-11-28'],
      ['2026-12-05', '2026-12-07'],
      ['2028-01-01', '2028-01-02'],
    )
    expect(chancesAt(presence, today, 365)).toEqual([
      { day: 0, leaves: 2 },
      { day: 9, leaves: 11 },
    ])
    expect(chancesAt(visits(), today, 365)).toEqual([])
  })
  it('keep to the days of the week and to the season, thinned out far ahead', () => {
    const saturdays = { rhythm: { kind: 'weekdays', days: [6] }, visits: [] } as const
    expect(chancesAt(saturdays, today, 60).map(({ day }) => day)).toEqual([2, 9, 16, 23, 30, 58])
    const summer = {
      rhythm: { kind: 'season', days: [6], fromMonth: 6, toMonth: 8 },
      visits: [],
    } as const
    const [first] = chancesAt(summer, today, 365)
    // The first Saturday of June 2027.
    expect(first?.day).toBe(191)
    expect(chancesAt(summer, today, 100)).toEqual([])
  })
})

describe('the line of time', () => {
  const problem = {
    stops: [],
    offers: [],
    lines: [
      { key: '', thing: 0, stop: 1, par: 1, room: null, tier: 'urgent', uses: [] },
      { key: '', thing: 0, stop: 0, par: 1, room: null, tier: 'urgent', uses: [] },
    ],
    shelves: [
      { key: '', thing: 0, stop: 0, line: 1, amount: 1, lastDay: null, here: null, stays: null },
    ],
  } as const
  const carry = {
    kind: 'carry',
    shelf: 0,
    line: 0,
    amount: 1,
    takeOn: 3,
    putOn: 9,
    meets: null,
    savesMinor: 0,
    turnsOn: null,
    before: null,
  } as const
  const buy = (by: number, costMinor: number) =>
    ({
      kind: 'buy',
      offer: 0,
      packs: 1,
      by,
      orderBy: by,
      costMinor,
      goesTo: [{ line: 0, amount: 1, putOn: by, meets: null }],
      leftOver: 0,
    }) as const
  it('tells a carry where it begins and where it ends, and sums what is spent', () => {
    const told = timeline(problem, {
      carries: [carry],
      buys: [buy(20, 300), buy(9, 500)],
      takeOuts: [],
    })
    expect(
      told.map(({ day, stop, takes, puts, spentMinor }) => [
        day,
        stop,
        takes.length,
        puts.length,
        spentMinor,
      ]),
    ).toEqual([
      [3, 0, 1, 0, 0],
      [9, 1, 0, 1, 500],
      [20, 1, 0, 0, 800],
    ])
  })
  it('tells what is carried on one day once', () => {
    const told = timeline(problem, { carries: [{ ...carry, takeOn: 9 }], buys: [], takeOuts: [] })
    expect(told).toHaveLength(1)
  })
  it('has no visit for what nobody can take out', () => {
    const out = {
      kind: 'throw_away',
      shelf: 0,
      thing: 0,
      line: 0,
      stop: 1,
      amount: 1,
      on: null,
      turnsOn: 4,
      by: 'date',
      worthMinor: 0,
    } as const
    expect(timeline(problem, { carries: [], buys: [], takeOuts: [out] })).toEqual([])
  })
})
