import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ALWAYS, onDay, onePocket, surveyed, TODAY, visits } from '../../../tests/support/household'
import { addDays } from '../calendar/plainDate'
import { ITEM_KINDS } from '../stock/itemKind'
import { certainty, HALF_LIFE } from './certainty'
import { kitLook } from './kitLook'
import { confirmationKey, nextLooks } from './nextLook'

const cottage = {
  place: { presence: visits(['2026-12-05', '2026-12-07']), traits: [] },
  pocket: { sort: 'inside' },
} as const
const confirmed = (daysAgo: number, changesSince = 0) => ({
  on: addDays(TODAY, -daysAgo),
  by: 'Ilse',
  changesSince,
  changedOn: null,
})

describe('certainty', () => {
  it('is whole on the day of the count, half after the half-life, none without a count', () => {
    for (const kind of ITEM_KINDS) {
      expect(certainty({ kind }, cottage, confirmed(0), TODAY)).toBe(1)
      expect(certainty({ kind }, cottage, confirmed(HALF_LIFE[kind]), TODAY)).toBeCloseTo(0.5)
    }
    expect(certainty({ kind: 'supply' }, cottage, null, TODAY)).toBe(0)
  })
  it('only falls with days and with uses, and faster where many hands are', () => {
    fc.assert(
      fc.property(fc.nat(2000), fc.nat(300), fc.nat(20), (days, more, changes) => {
        const now = certainty({ kind: 'supply' }, cottage, confirmed(days, changes), TODAY)
        expect(
          certainty({ kind: 'supply' }, cottage, confirmed(days + more, changes), TODAY),
        ).toBeLessThanOrEqual(now)
        expect(
          certainty({ kind: 'supply' }, cottage, confirmed(days, changes + 1), TODAY),
        ).toBeLessThan(now + 1e-12)
        const home = { ...cottage, place: { ...cottage.place, presence: ALWAYS } }
        expect(
          certainty({ kind: 'supply' }, home, confirmed(days, changes), TODAY),
        ).toBeLessThanOrEqual(now)
      }),
    )
  })
})

describe('where to look next', () => {
  it('is the pocket that nobody confirmed; essentials count three times', () => {
    const stock = onePocket(ALWAYS, 1, [{ units: 1, expiry: onDay('2028-01-01') }, { units: 2 }])
    const survey = surveyed(stock)
    const [first, second] = survey.holdings
    if (!first || !second) throw new Error('two lots')
    const known = new Map([[confirmationKey(first.lot.id, first.site.pocket.id), confirmed(0)]])
    const [look] = nextLooks(survey, known)
    expect(look).toMatchObject({ lots: 2, gain: 1, sure: 0.5, oldest: null })
    const all = new Map(
      survey.holdings.map(({ lot, site }) => [
        confirmationKey(lot.id, site.pocket.id),
        confirmed(0),
      ]),
    )
    expect(nextLooks(survey, all)[0]?.gain).toBe(0)
  })
})

describe('how far a kit was looked through', () => {
  const { holdings } = surveyed(onePocket(ALWAYS, 1, [{ units: 1 }, { units: 2 }, { units: 3 }]))
  const seen = (...daysAgo: readonly number[]) =>
    new Map(
      daysAgo.map((days, at) => {
        const holding = holdings[at]
        if (!holding) throw new Error('as many lots')
        return [
          confirmationKey(holding.lot.id, holding.site.pocket.id),
          { ...confirmed(days), by: `Nr ${days}` },
        ]
      }),
    )
  const ago = (days: number) => addDays(TODAY, -days)
  const noted = (days: number) => ({ lastCheck: { on: ago(days), by: 'Tove' } })
  const never = { lastCheck: null }
  const partly = (oldest: number, latest: number) =>
    ({ kind: 'partly', since: ago(oldest), on: ago(latest), of: 3 }) as const
  it.each([
    ['nobody ever looked', never, [], { kind: 'never' }],
    ['some was counted', never, [9, 4], { ...partly(9, 4), seen: 2 }],
    ['all was, on three days', never, [9, 4, 30], { ...partly(30, 4), seen: 3 }],
    ['noted, and some since', noted(20), [9, 4], { kind: 'whole', on: ago(20), by: 'Tove' }],
    ['noted, and all since', noted(50), [9, 4, 30], { ...partly(30, 4), seen: 3 }],
    ['noted after all of it', noted(2), [9, 4, 30], { kind: 'whole', on: ago(2), by: 'Tove' }],
  ] as const)('%s', (_, kit, days, look) => {
    expect(kitLook(kit, holdings, seen(...days))).toEqual(look)
  })
  it('an empty kit as its keeper noted it', () => {
    expect(kitLook(never, [], new Map())).toEqual({ kind: 'never' })
    expect(kitLook(noted(3), [], new Map())).toMatchObject({ kind: 'whole', by: 'Tove' })
  })
})
