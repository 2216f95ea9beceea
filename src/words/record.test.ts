import { describe, expect, it } from 'vitest'
import { amount, units } from '../core/quantity/amount'
import { TELLING_KINDS } from '../core/stock/telling'
import { type Told, told } from './record'

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
