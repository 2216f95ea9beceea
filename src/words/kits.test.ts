/** Kits in words: what they weigh and hold, whether they close, what a better layout would change. */

import { describe, expect, it } from 'vitest'
import { plainDate } from '../core/calendar/plainDate'
import type { Gain, Reason } from '../core/layout/moves'
import * as words from '.'
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
    [1, 1, '1 pocket · 1 thing'],
    [5, 19, '5 pockets · 19 things'],
  ])('%i pockets, %i lots', (pockets, lots, said) => expect(kits.summary(pockets, lots)).toBe(said))
  it.each([
    [0, 0, 0, 'all good'],
    [1, 0, 0, '1 not usable'],
    [0, 2, 3, '2 expires soon · 3 short'],
    [1, 2, 3, '1 not usable · 2 expires soon · 3 short'],
  ])('%i spent, %i turning, %i short', (spent, turning, short, said) =>
    expect(kits.counts(spent, turning, short)).toBe(said),
  )
  it('who looked it through, and when; never is said too', () => {
    expect(kits.look({ kind: 'whole', on: plainDate('2026-10-13'), by: 'Ilse' }, today)).toBe(
      'checked 13 Oct by Ilse',
    )
    const partly = {
      kind: 'partly',
      since: plainDate('2026-10-01'),
      on: plainDate('2026-10-13'),
      of: 7,
    } as const
    expect(kits.look({ ...partly, seen: 3 }, today)).toBe('3 of 7 things looked at, last on 13 Oct')
    expect(kits.look({ ...partly, seen: 7 }, today)).toBe('every thing looked at since 1 Oct')
    expect(kits.look({ kind: 'never' }, today)).toBe('not checked yet')
    expect(mat.nextCheck(plainDate('2027-01-05'), today)).toBe('must last to 5 Jan 2027')
  })
})

describe('a better layout', () => {
  const { arrange } = words.kits
  it.each([
    [1, 0, 'One thing is better kept elsewhere', 'Move this one', 'One thing moved'],
    [9, 0, '9 things are better kept elsewhere', 'Move these 9', '9 things moved'],
    [1, 1, null, 'Move this one and write a label', 'One thing moved, one label changed'],
    [2, 3, null, 'Move these 2 and write 3 labels', '2 things moved, 3 labels changed'],
    [0, 0, null, 'Nothing is chosen', ''],
    [0, 1, null, 'Write this label', 'one label changed'],
    [0, 2, null, 'Write these 2 labels', '2 labels changed'],
  ])('of %i and %i labels', (count, labels, title, take, done) => {
    if (title) expect(arrange.title(count)).toBe(title)
    expect([arrange.take(count, labels), arrange.done(count, labels)]).toEqual([take, done])
  })
  it.each<[Reason, string]>([
    [{ kind: 'sooner', from: 15, to: 3 }, 'in 3 s instead of 15 s'],
    [{ kind: 'closes', bay: 'Pouch C' }, 'Pouch C is too full now'],
    [{ kind: 'beside', title: 'Inhaler spacer' }, 'beside Inhaler spacer'],
    [{ kind: 'group', title: 'Gauze' }, 'beside Gauze'],
    [{ kind: 'fewer', from: 9, to: 3 }, 'among 3 instead of 9 other things'],
    [{ kind: 'fewer', from: 9, to: 0 }, 'alone there'],
    [{ kind: 'label' }, 'the label there names it'],
    [{ kind: 'whom' }, 'where it is now is for others'],
    [{ kind: 'room' }, 'makes room for others'],
  ])('because of %o', (reason, told) => {
    expect(arrange.why([reason])).toBe(told)
  })
  it('says at most two reasons', () => {
    const reasons: readonly Reason[] = [{ kind: 'fits' }, { kind: 'damp' }, { kind: 'light' }]
    expect(arrange.why(reasons)).toBe('it fits in there; in the dry')
  })
  it.each<[Gain, string]>([
    [
      { kind: 'sooner', title: 'Reliever inhaler', from: 15, to: 3 },
      'Reliever inhaler in 3 seconds instead of 15.',
    ],
    [{ kind: 'closes', bay: 'Pouch C' }, 'Pouch C closes.'],
    [{ kind: 'fuller', bay: 'Lid' }, 'Lid does not close then.'],
    [{ kind: 'beside', title: 'Lamp cells', with: 'Head lamp' }, 'Lamp cells: beside Head lamp.'],
    [{ kind: 'labelled', count: 1 }, 'One more thing is under a label that names it.'],
    [{ kind: 'labelled', count: 4 }, '4 more things are under a label that names them.'],
  ])('gains %o', (gain, told) => {
    expect(arrange.gain(gain)).toBe(told)
  })
})
