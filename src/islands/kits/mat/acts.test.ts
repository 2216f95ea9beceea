import { describe, expect, it } from 'vitest'
import { amount } from '../../../core/quantity/amount'
import { ITEM_KINDS } from '../../../core/stock/itemKind'
import { type Act, firstAct, hotkeyOf, offeredActs, usualAmount } from './acts'

const tag = (state: string, opened: 'sealed' | 'opened' = 'sealed') =>
  ({ judged: { state }, lot: { opened: { kind: opened } } }) as Parameters<typeof offeredActs>[1]

describe('what a lot is offered', () => {
  it.each([
    ['lent', 'takeBack'],
    ['unclean', 'clean'],
    ['missing', 'found'],
    ['spent', 'discard'],
    ['sound', 'use'],
    ['turning', 'use'],
    ['held', 'use'],
  ])('%s: first %s', (state, act) => {
    expect(firstAct({ kind: 'supply' }, tag(state))).toBe(act)
  })
  it('an instrument is used and cleaned, and never decanted', () => {
    expect(firstAct({ kind: 'instrument' }, tag('sound'))).toBe('reuse')
    expect(offeredActs({ kind: 'instrument' }, tag('sound')).rare).not.toContain('decant')
    expect(offeredActs({ kind: 'medicine' }, tag('sound')).rare).toContain('decant')
  })
  it('what is not there cannot be used, opened or lent', () => {
    for (const state of ['lent', 'missing']) {
      const { usual, rare } = offeredActs({ kind: 'supply' }, tag(state))
      for (const act of ['use', 'open', 'lend', 'give'] as const)
        expect([...usual, ...rare]).not.toContain(act)
    }
  })
  it('each act once, and no key for two of them', () => {
    for (const kind of ITEM_KINDS)
      for (const state of ['sound', 'turning', 'spent', 'held', 'lent', 'unclean', 'missing'])
        for (const opened of ['sealed', 'opened'] as const) {
          const first = firstAct({ kind }, tag(state, opened))
          const { usual, rare } = offeredActs({ kind }, tag(state, opened))
          const all: readonly Act[] = [first, ...usual, ...rare]
          expect(new Set(all).size).toBe(all.length)
          expect(new Set(all.map((act) => hotkeyOf(act))).size).toBe(all.length)
        }
  })
})

describe('how many a press usually means', () => {
  it('a container that is counted by what it holds is opened whole', () => {
    expect(usualAmount('open', amount(200_000), 'mL')).toBe('200')
    expect(usualAmount('open', amount(4000), 'bottle')).toBe('1')
    expect(usualAmount('use', amount(200_000), 'mL')).toBe('1')
    expect(usualAmount('discard', amount(4000), 'bottle')).toBe('4')
  })
})
