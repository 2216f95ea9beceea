import { describe, expect, it } from 'vitest'
import { amount, units } from '../core/quantity/amount'
import { TELLING_KINDS } from '../core/stock/telling'
import { type ActTold, actAbout, type Told, told, undoes } from './record'

const entry = (more: Partial<Told>): Told => ({
  kind: 'used',
  undone: false,
  amount: units(2),
  from: 'Lid, Hall drawers',
  to: null,
  fields: [],
  about: '',
  overruled: false,
  ...more,
})

describe('a movement in words', () => {
  it.each([
    [entry({}), 'used 2 strips'],
    [entry({ overruled: true }), 'used 2 strips, although another ends sooner'],
    [entry({ undone: true, overruled: true }), 'undid: used 2 strips'],
    [entry({ kind: 'given', about: 'the neighbours' }), 'gave 2 strips to the neighbours'],
    [
      entry({ kind: 'moved', to: 'Roll, Pannier' }),
      'moved 2 strips from Lid, Hall drawers to Roll, Pannier',
    ],
    [entry({ kind: 'lent', amount: null, about: 'Grete' }), 'lent it to Grete'],
    [entry({ kind: 'worsened', amount: null, about: 'torn' }), 'noted it as torn'],
    [
      entry({ kind: 'amended', amount: null, fields: ['batch', 'note'] }),
      'changed the batch, the note',
    ],
    [entry({ kind: 'counted', amount: amount(500) }), 'counted ½ strip'],
  ])('%#: %s', (one, sentence) => {
    expect(told(one, 'strip')).toBe(sentence)
  })
  it('has words for every kind', () => {
    for (const kind of TELLING_KINDS)
      expect(told(entry({ kind, about: 'x', fields: ['note'] }), '')).not.toMatch(/undefined|null/)
  })
})

const act = (more: Partial<ActTold>): ActTold => ({
  moved: [],
  movedMore: false,
  touched: [],
  ...more,
})
const moved = (more: Partial<Told>, title = 'Gauze 7.5 cm') => ({
  ...entry(more),
  title,
  unit: 'strip',
})
const added = (...names: readonly string[]) =>
  ({ what: 'added', names, count: names.length }) as const

describe('an act that may be undone', () => {
  it.each([
    [act({ moved: [moved({})] }), 'Undo puts 2 strips back in Lid, Hall drawers.'],
    [act({ moved: [moved({ from: null })] }), 'Undo puts 2 strips back.'],
    [
      act({ moved: [moved({ kind: 'moved', to: 'Roll, Pannier' })] }),
      'Undo moves 2 strips back to Lid, Hall drawers.',
    ],
    [act({ moved: [moved({ kind: 'received' })] }), 'Undo takes 2 strips out again.'],
    [
      act({ moved: [moved({ kind: 'amended', fields: ['batch', 'note'] })] }),
      'Undo brings back the batch and the note from before.',
    ],
    [
      act({ moved: [moved({ kind: 'back', about: 'Grete' })] }),
      'Undo says that it is lent again to Grete.',
    ],
    [act({ touched: [added('Ottilie')] }), 'Undo removes Ottilie.'],
    [
      act({ touched: [{ what: 'removed', names: ['Hall drawers'], count: 1 }] }),
      'Undo brings back Hall drawers.',
    ],
    [
      act({ touched: [{ what: 'changed', names: ['Hall drawers'], count: 1 }] }),
      'Undo brings back the former details of Hall drawers.',
    ],
    [
      act({ touched: [{ what: 'added', names: ['a', 'b', 'c'], count: 40 }] }),
      'Undo removes all 40.',
    ],
    [
      act({ moved: [moved({}), moved({}, 'Tweezers')] }),
      'Undo brings everything back as it was before.',
    ],
    [
      act({ moved: [moved({})], touched: [added('Gauze')] }),
      'Undo brings everything back as it was before.',
    ],
    [act({}), 'Undo brings everything back as it was before.'],
  ])('%#: %s', (one, sentence) => {
    expect(undoes(one)).toBe(sentence)
  })
  it('says of every kind of movement what Undo does, without a hole', () => {
    for (const kind of TELLING_KINDS)
      for (const from of [null, 'Lid'])
        expect(
          undoes(act({ moved: [moved({ kind, from, about: 'x', fields: ['note'] })] })),
        ).toMatch(/^Undo [a-z].*\.$/)
  })
  it('is about what it names, each once, and more where there is more', () => {
    expect(actAbout(act({}))).toBe('')
    expect(actAbout(act({ moved: [moved({}), moved({ kind: 'opened' })] }))).toBe('Gauze 7.5 cm')
    expect(actAbout(act({ moved: [moved({})], movedMore: true, touched: [added('Lid')] }))).toBe(
      'Gauze 7.5 cm, Lid and more',
    )
    expect(actAbout(act({ touched: [{ what: 'added', names: ['a', 'b'], count: 9 }] }))).toBe(
      'a, b and more',
    )
  })
})
