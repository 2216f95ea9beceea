/** The shopping list, orders and recalls in words: every count, every answer of a shop. */
import { describe, expect, it } from 'vitest'
import { plainDate } from '../../core/calendar/plainDate'
import { SECTIONS } from '../../core/catalogue/entry'
import type { Total } from '../../core/quantity/amount'
import { forecast, rates } from './forecast'
import { recalls } from './recalls'
import { shopping } from './shopping'

const today = plainDate('2026-11-26')
const soon = plainDate('2026-12-05')
const total = (many: number): Total => (many * 1000) as Total

describe('the headline of the list', () => {
  it.each([
    [0, 0, 0, 0, 'Nothing on the list'],
    [0, 0, 0, 1, 'Nothing on the list yet; one thing is missing'],
    [0, 0, 0, 3, 'Nothing on the list yet; three things are missing'],
    [0, 0, 1, 0, 'One on its way'],
    [0, 0, 3, 2, 'Three on their way'],
    [1, 0, 3, 0, 'One to buy'],
    [0, 2, 3, 4, 'Two to put away'],
    [12, 2, 0, 0, '12 to buy and two to put away'],
  ])('%i to buy, %i to put away, %i on the way, %i gaps', (buy, away, coming, gaps, said) =>
    expect(shopping.headline(buy, away, coming, gaps)).toBe(said),
  )
  it.each([
    [0, 0, 'Nothing has to be bought in the next two weeks'],
    [0, 2, 'No target asks for anything in the next two weeks. See what the board lacks'],
    [1, 2, 'One line put on the list'],
    [4, 0, 'Four lines put on the list'],
  ])('%i lines made, %i gaps', (lines, gaps, said) => expect(shopping.made(lines, gaps)).toBe(said))
})

describe('a line', () => {
  it.each([
    [1, 1, 'tube', '1 tube'],
    [3, 1, 'tube', '3 tubes'],
    [1, 10, 'tablet', '1 pack of 10 tablets'],
    [2, 10, 'tablet', '2 packs of 10 tablets'],
    [2, 6, '', '2 packs of 6'],
    [2, 3, 'pack', '2 × 3 packs'],
  ])('%i packs of %d %s', (count, size, unit, said) =>
    expect(shopping.packs(count, total(size), unit)).toBe(said),
  )
  it('the sum says what it does not count', () => {
    expect([shopping.sum('€12.40', 0), shopping.sum('€12.40', 2)]).toEqual([
      'about €12.40',
      'about €12.40 and 2 without a price',
    ])
  })
  it('an aisle has the name that the shop has for it', () => {
    const [first] = Object.keys(SECTIONS) as (keyof typeof SECTIONS)[]
    expect(shopping.aisle(first as string)).toBe(SECTIONS[first as keyof typeof SECTIONS])
    expect([shopping.aisle('other_medicine'), shopping.aisle('whatever')]).toEqual([
      'Other medicine',
      'Other things',
    ])
  })
  it('what else would do is named with its size, where it has one', () => {
    expect([
      shopping.insteadOf('Gauze', '7.5 cm'),
      shopping.insteadOf('Gauze', ''),
      shopping.goesTo(total(2), 'Lid', 'Boot bag'),
      shopping.by(soon, today),
    ]).toEqual(['Gauze: 7.5 cm', 'Gauze', '2 for Lid, Boot bag', 'by Sat 5 Dec'])
  })
  it('a shop that had none is named, and until when one looks elsewhere', () => {
    expect(shopping.missingAt('Corner pharmacy', soon, today)).toBe(
      'Corner pharmacy had none; looked for elsewhere until Sat 5 Dec',
    )
    expect(shopping.missingAt('', soon, today)).toBe(
      'No shop had none; looked for elsewhere until Sat 5 Dec',
    )
    expect([shopping.replaced('', '2 packs'), shopping.replaced('Vet', '2 packs')]).toEqual([
      'On the list instead: 2 packs in any other shop',
      'On the list instead: 2 packs at Vet',
    ])
  })
})

describe('an order', () => {
  it.each([
    [{ comes: 1, back_ordered: 0, refused: 0 }, 'Ordered as A-1: 1 pack confirmed'],
    [{ comes: 0, back_ordered: 2, refused: 0 }, 'Ordered as A-1: 2 packs back-ordered'],
    [
      { comes: 3, back_ordered: 1, refused: 2 },
      'Ordered as A-1: 3 packs confirmed, 1 pack back-ordered and 2 packs not available',
    ],
  ])('%j', (answer, said) => expect(shopping.ordered('A-1', answer)).toBe(said))
  it.each([
    [{ here: 0, later: 0, cancelled: 0 }, 'Nothing was due yet'],
    [{ here: 1, later: 0, cancelled: 0 }, '1 pack here'],
    [{ here: 0, later: 2, cancelled: 1 }, '2 packs later and 1 pack cancelled'],
    [{ here: 2, later: 2, cancelled: 1 }, '2 packs here, 2 packs later and 1 pack cancelled'],
  ])('%j', (answer, said) => expect(shopping.asked(answer)).toBe(said))
  it('on which days it delivers', () => {
    expect([shopping.delivers([1]), shopping.delivers([2, 4, 7])]).toEqual([
      'Takes orders; delivers on Mondays',
      'Takes orders; delivers on Tuesdays, Thursdays and Sundays',
    ])
    expect([shopping.order(1), shopping.order(3)]).toEqual(['Order this line', 'Order these 3'])
    expect(shopping.orderedOn('A-1', soon, today)).toBe('A-1, ordered Sat 5 Dec')
    expect(shopping.due(soon, today)).toBe('due Sat 5 Dec')
  })
  it('prices that a shop does not have now are told apart', () => {
    expect([shopping.priced(5, 0), shopping.priced(5, 2)]).toEqual([
      '5 prices taken over',
      '5 prices taken over; 2 it does not have now',
    ])
  })
  it('what is left over when it is put away', () => {
    expect(shopping.receive.rest(total(1), 'tube')).toBe('1 tube is left: another date, or')
    expect(shopping.receive.rest(total(3), 'tube')).toBe('3 tubes are left: another date, or')
    expect(shopping.receive.tooMuch(total(2), 'tube')).toContain('2 tubes more than was bought')
  })
})

describe('recalls', () => {
  it.each([
    [1, 4, false, 'One pack of yours is recalled'],
    [2, 0, false, 'Two packs of yours are recalled'],
    [0, 1, false, 'One pack to look at'],
    [0, 3, true, 'Three packs to look at'],
    [0, 0, true, 'Nothing of yours stands in the made-up bulletins'],
    [0, 0, false, 'Nothing of yours is recalled'],
  ])('%i recalled, %i to look at, made up: %s', (recalled, look, standIn, said) =>
    expect(recalls.headline(recalled, look, standIn)).toBe(said),
  )
  it.each([
    [1, 0, 'One pack put on hold'],
    [2, 1, 'Two packs put on hold; one to look at'],
  ])('%i held, %i to look at', (held, look, said) => expect(recalls.held(held, look)).toBe(said))
  it('one and several', () => {
    expect([recalls.hold(1), recalls.hold(3)]).toEqual(['Put it on hold', 'Put all 3 on hold'])
    expect([recalls.others(1), recalls.others(2)]).toEqual([
      'One bulletin is about nothing of yours',
      'Two bulletins are about nothing of yours',
    ])
    expect(recalls.unread(['X-1', 'X-2'])).toBe('Could not be read: X-1, X-2. Look there yourself.')
    expect(recalls.batches(['W1', 'W2–W9'])).toBe('Batches W1, W2–W9')
    expect(recalls.published('X-1', soon)).toBe('X-1, 5 Dec 2026')
  })
})

describe('the forecast and the use', () => {
  it.each([
    [0, 'never short'],
    [0.04, 'never short'],
    [1, '1 day short'],
    [0.98, '1 day short'],
    [1.26, '1.3 days short'],
    [42.4, '42 days short'],
  ])('%d days', (days, said) => expect(forecast.bareDays(days)).toBe(said))
  it.each([
    [0.04, ''],
    [1, '1 pad wanted and not there'],
    [2.5, '2½ pads wanted and not there'],
  ])('%d missing', (value, said) => expect(forecast.without(value, 'pad')).toBe(said))
  it('ranges and what is not counted', () => {
    expect(forecast.range('€1', '€5', '€9')).toBe('€5 (€1 to €9)')
    expect(forecast.headline('€90', '€30')).toBe('About €90 a year, of which €30 expires unused')
    expect(forecast.unpriced(['Gauze', 'Tape'])).toBe(
      'Without a price, and so not in the sums: Gauze, Tape. Enter one on the plan.',
    )
  })
  it.each([
    [0, 151, 'How much is used is still a guess'],
    [3, 151, 'How much is used: 3 of 151 learned'],
  ])('%i of %i learned', (learned, all, said) => expect(rates.headline(learned, all)).toBe(said))
  it('how often the record says so', () => {
    expect([rates.source.record(1, 420), rates.source.record(5, 420)]).toEqual([
      '1 time in 420 days',
      '5 times in 420 days',
    ])
    expect([rates.between(0, 2.64), rates.between(2.4, 10.3)]).toEqual(['0 and 2.6', '2.4 and 10'])
    expect(rates.year(5.66, 'strip')).toBe('5.7 strips')
  })
  it('a season is told by the months in which more is used', () => {
    const even = Array.from({ length: 12 }, () => 1)
    expect(rates.seasonTold(even)).toBe('no season to see')
    expect(
      rates.seasonTold(even.map((one, month) => (month === 0 || month === 3 ? 1.25 : one))),
    ).toBe('more in January, April')
    expect(rates.letters.join('')).toBe('JFMAMJJASOND')
  })
})
