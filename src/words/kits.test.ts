/** Kits in words: what they weigh and hold, whether they close, what a better layout would change. */
import { describe, expect, it } from 'vitest'
import { plainDate } from '../core/calendar/plainDate'
import { words } from '.'
import { grams, litres, load, mat, measures, pocketText } from './kits'

const today = plainDate('2026-11-26')

describe('weights and sizes', () => {
  it.each([
    [0, '0 g', '0 oz'],
    [310.4, '310 g', '11 oz'],
    [453, '453 g', '16 oz'],
    [453.6, '454 g', '1 lb'],
    [999.4, '999 g', '2.2 lb'],
    [1000, '1 kg', '2.2 lb'],
    [2449, '2.4 kg', '5.4 lb'],
  ])('%d grams', (value, metric, us) => {
    expect([grams(value), grams(value, 'metric')]).toEqual([metric, metric])
    // Just under a pound is told in ounces.
    expect(grams(value, 'us')).toBe(us)
  })
  it.each([
    [0, '0 L'],
    [40_000, '0.04 L'],
    [994_000, '0.99 L'],
    [1_000_000, '1 L'],
    [8_340_000, '8.3 L'],
  ])('%i cubic millimetres', (value, said) => expect(litres(value)).toBe(said))
  it('edges in centimetres', () => {
    expect(measures([300, 184, 61] as never)).toBe('30 × 18.4 × 6.1 cm')
    expect(pocketText.longest(284)).toBe('takes 28.4 cm')
  })
  it.each([
    [0, '0 % full'],
    [0.384, '38 % full'],
    [1, '100 % full'],
    [1.001, '101 % full'],
  ])('a pocket filled to %d', (share, said) => expect(pocketText.full(share)).toBe(said))
})

describe('whether it closes', () => {
  it.each([
    [{ kind: 'closes' }, 'closes'],
    [{ kind: 'unknown', unmeasured: 2 }, 'measure the pockets to know whether it closes'],
    [{ kind: 'unknown', unmeasured: 0 }, 'closes, as far as sizes are known'],
    [{ kind: 'does_not', pockets: ['Lid', 'Tray'] }, 'does not close: Lid and Tray'],
    [{ kind: 'does_not', pockets: [] }, 'does not close: too much in all'],
  ])('%j', (closing, said) => expect(load.closes(closing as never)).toBe(said))
  it('what it weighs too much, and what is not known of it', () => {
    expect(load.tooHeavy(1500, 'metric')).toBe('1.5 kg more than it may weigh')
    expect([load.unsized(1), load.unpriced(3)]).toEqual([
      'one thing without a size',
      '3 things without a price',
    ])
  })
})

describe('a kit among the others', () => {
  const { kits } = words
  it.each([
    [1, 1, '1 pocket · 1 lot'],
    [5, 19, '5 pockets · 19 lots'],
  ])('%i pockets, %i lots', (pockets, lots, said) => expect(kits.summary(pockets, lots)).toBe(said))
  it.each([
    [0, 0, 0, 'all sound'],
    [1, 0, 0, '1 spent'],
    [0, 2, 3, '2 turning · 3 short'],
    [1, 2, 3, '1 spent · 2 turning · 3 short'],
  ])('%i spent, %i turning, %i short', (spent, turning, short, said) =>
    expect(kits.counts(spent, turning, short)).toBe(said),
  )
  it('who looked it through, and when; never is said too', () => {
    expect(kits.lastCheck({ on: plainDate('2026-10-13'), by: 'Ilse' }, today)).toBe(
      'looked through 13 Oct by Ilse',
    )
    expect(kits.lastCheck(null, today)).toBe('not looked through yet')
    expect(mat.nextCheck(plainDate('2027-01-05'), today)).toBe('must last to 5 Jan 2027')
  })
})

describe('a better layout', () => {
  const { arrange } = words.kits
  it.each([
    [1, 'One thing would lie better elsewhere', 'Move this one', 'One thing moved'],
    [9, '9 things would lie better elsewhere', 'Move these 9', '9 things moved'],
  ])('of %i', (count, title, take, done) => {
    expect([arrange.title(count), arrange.take(count), arrange.done(count)]).toEqual([
      title,
      take,
      done,
    ])
  })
  it('tells the effort before and after, in that order', () => {
    expect(arrange.score(3954.6, 2725.2)).toBe(
      'Effort of reaching and minding: 3955 now, 2725 then.',
    )
  })
  it('says at most two reasons, and one where there is none of its own', () => {
    expect(arrange.why([])).toBe('makes room for others')
    expect(arrange.why(['reach'])).toBe('reached sooner')
    expect(arrange.why(['reach', 'digging', 'tooBig'])).toBe('reached sooner; less to dig through')
  })
})
