/** The plan in words: how many, by when, and how sure it is. */
import { describe, expect, it } from 'vitest'
import { addDays, plainDate } from '../../core/calendar/plainDate'
import type { Lack } from '../../core/restock/replay'
import { type PlanFault, plan } from './plan'

const today = plainDate('2026-11-26')
const soon = plainDate('2026-12-05')
const nextYear = plainDate('2027-03-31')

describe('the headline of a plan', () => {
  it.each<readonly [number, number, number, number, number, string]>([
    [0, 0, 0, 0, 1, 'The targets ask for nothing now; one thing is missing'],
    [0, 0, 0, 2, 2, 'The targets ask for nothing now; two things are missing'],
    [0, 0, 0, 0, 0, 'Nothing to carry, nothing to buy'],
    [0, 0, 0, 2, 0, 'Nothing to do for two weeks'],
    [1, 0, 0, 0, 0, 'In two weeks: carry one thing'],
    [0, 2, 0, 0, 0, 'In two weeks: buy two packs'],
    [0, 1, 3, 0, 0, 'In two weeks: buy one pack and take out three'],
    [2, 1, 1, 0, 0, 'In two weeks: carry two things, buy one pack and take out one'],
  ])(
    '%i to carry, %i to buy, %i to take out, %i later, %i gaps',
    (carries, packs, outs, later, gaps, text) =>
      expect(plan.headline(carries, packs, outs, later, gaps)).toBe(text),
  )
})

describe('how good it is', () => {
  it.each<readonly [number, boolean, string]>([
    [0, false, 'Proven: no plan costs less.'],
    [0.0004, false, 'Proven: no plan costs less.'],
    [0.0005, false, 'Proven: no plan costs more than 0.1 % less.'],
    [0.02, false, 'Proven: no plan costs more than 2 % less.'],
    [0.02, true, 'Stopped before it was proven: at most 2 % above the best.'],
    [1, true, 'Stopped before a best plan was found: this is the plain one, shelf by shelf.'],
  ])('a gap of %f, stopped: %s', (gap, stopped, text) => expect(plan.gap(gap, stopped)).toBe(text))

  it.each<readonly [number, string]>([
    [90, 'Every target is kept for three months, over all places, at the least cost.'],
    [182, 'Every target is kept for half a year, over all places, at the least cost.'],
    [365, 'Every target is kept for a year, over all places, at the least cost.'],
    [730, 'Every target is kept for two years, over all places, at the least cost.'],
  ])('%i days', (days, text) => expect(plan.under(days, 0, null)).toBe(text))
  it.each([
    [1, null, 'One target stays short within half a year. They are named below.'],
    [
      1,
      '€5.40',
      'One target stays short within half a year; about €5.40 more keeps it. They are named below.',
    ],
    [
      11,
      '€107.00',
      '11 targets stay short within half a year; about €107.00 more keeps them. They are named below.',
    ],
  ])('%i stay short', (short, more, text) => expect(plan.under(182, short, more)).toBe(text))

  it.each([
    [0.4, 'none'],
    [0.5, '1'],
    [3.4, '3'],
  ])('%f days short', (days, text) => expect(plan.days(days)).toBe(text))
})

describe('a line of it', () => {
  it.each<readonly [string, string]>([
    [plan.packs(1, 1, 'bottle'), '1 bottle'],
    [plan.packs(2, 10, 'strip'), '2 packs of 10 strips'],
    [plan.packs(1, 10, 'strip'), '1 pack of 10 strips'],
    [plan.day(today, today), 'Today'],
    [plan.day(soon, today), 'Sat 5 Dec'],
    [plan.orderBy(soon, today), 'order by 5 Dec'],
    [plan.later(1), 'One visit later'],
    [plan.later(3), 'Three visits later'],
    [plan.goesTo(2, 'Lid'), '2 for Lid'],
    [plan.leftOver(4), '4 left over for later'],
    [plan.meets({ short: 2, from: 0 } as never, () => soon, today), '2 lacking there now'],
    [plan.meets({ short: 2, from: 9 } as never, () => soon, today), '2 lacking there from 5 Dec'],
    [plan.wouldLapse(nextYear, today), 'would expire 31 Mar 2027 otherwise'],
    [plan.spent(today, today), 'expired'],
    [plan.spent(soon, today), 'expires 5 Dec'],
    [plan.swapWhy(soon, today), 'makes room; good until 5 Dec, use it up at home'],
    [plan.untilVisit(1), 'One line is short until the next visit there, and full from then on.'],
    [plan.untilVisit(2), 'Two lines are short until the next visit there, and full from then on.'],
    [plan.ofBudget('€4', '€20'), '€4 of €20'],
    [plan.ofBudget('€4', null), '€4 in all'],
    [plan.soFar('€4', '€20'), '€4 of €20 so far'],
    [plan.soFar('€4', null), '€4 so far'],
    [plan.wish.carry(2, 'Gauze', 'Lid'), 'Carry 2 Gauze to Lid'],
    [plan.wish.no_carry('Gauze', 'Lid'), 'Gauze does not go to Lid'],
    [plan.wish.buy(1, 'Gauze'), 'Buy 1 pack of Gauze'],
    [plan.wish.buy(2, 'Gauze'), 'Buy 2 packs of Gauze'],
    [plan.wish.no_buy('Gauze'), 'Buy no Gauze'],
  ])('%s', (text, expected) => expect(text).toBe(expected))
})

describe('what stays short is told by its days', () => {
  const day = (offset: number) => addDays(today, offset)
  const told = (...stretches: readonly Lack[]) =>
    plan.bareLine(stretches, 4, day, { today, days: 365 })
  it.each<readonly [readonly Lack[], string]>([
    [[{ from: 0, until: 365, short: 4 }], '4 of 4 lacking all the time'],
    [[{ from: 0, until: 9, short: 2 }], '2 of 4 lacking until 4 Dec'],
    [[{ from: 5, until: 6, short: 1 }], '1 of 4 lacking on 1 Dec'],
    [[{ from: 5, until: 9, short: 1 }], '1 of 4 lacking 1 Dec to 4 Dec'],
    [
      [
        { from: 5, until: 9, short: 1 },
        { from: 300, until: 365, short: 3 },
      ],
      '1 of 4 lacking 1 Dec to 4 Dec; 3 of 4 lacking from 22 Sept 2027 on',
    ],
  ])('%j', (stretches, said) => expect(told(...stretches)).toBe(said))
  it('three stretches, and how many more', () => {
    const one = (from: number) => ({ from, until: from + 1, short: 1 })
    expect(told(one(1), one(3), one(5), one(7))).toMatch(/^1 of 4.*; and one time more$/)
  })
})

describe('what it does not know', () => {
  it.each<readonly [PlanFault, string]>([
    [
      { code: 'no_price', item: 'Gauze' },
      'Gauze: no price. Enter a pack and a price below, and it is planned.',
    ],
    [
      { code: 'guide_price', item: 'Gauze' },
      'Gauze: planned at the catalogue’s guide price until you enter one.',
    ],
    [
      { code: 'not_there', item: 'Gauze', shop: 'Corner' },
      'Gauze: Corner had none lately, so it is looked for elsewhere.',
    ],
    [
      { code: 'not_there', item: 'Gauze', shop: '' },
      'Gauze: not available lately, so it is looked for elsewhere.',
    ],
    [
      { code: 'pack_of_nothing', item: 'Gauze', shop: 'Corner' },
      'Gauze at Corner: a pack holds nothing. Enter how many are in it.',
    ],
    [
      { code: 'pack_of_nothing', item: 'Gauze', shop: '' },
      'Gauze: a pack holds nothing. Enter how many are in it.',
    ],
    [
      { code: 'no_next_visit', place: 'Hill cottage' },
      'Hill cottage: no next visit is known. Add one on the household’s page.',
    ],
    [
      { code: 'no_room', item: 'Gauze', pocket: 'Lid', par: 12, room: 5 },
      'Gauze: 12 belong in Lid, which has room for 5.',
    ],
  ])('%o', (fault, text) => expect(plan.fault(fault)).toBe(text))
})
