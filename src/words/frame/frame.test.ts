import { describe, expect, it } from 'vitest'
import { plainDate } from '../../core/calendar/plainDate'
import type { HeldBecause } from '../../core/stock/judge'
import { strap, undo } from './frame'
import { heldBecause } from './heldBecause'
import { ready } from './ready'

const today = plainDate('2026-11-28')

describe('when somebody is next at a place', () => {
  it.each([
    [{ kind: 'now', label: '' }, 'here now'],
    [{ kind: 'unknown' }, 'no visit planned'],
    [{ kind: 'on', day: '2026-11-29', label: '' }, 'tomorrow'],
    [{ kind: 'on', day: '2026-11-30', label: '' }, 'Mon 30 Nov'],
    [{ kind: 'on', day: '2027-01-02', label: '' }, 'Sat 2 Jan 2027'],
  ])('%j', (next, said) => {
    expect(strap.next(next as never, today)).toBe(said)
  })
})

describe('how ready a place is', () => {
  it.each([
    [{ ready: 0, of: 0, missing: [] }, '0 of 0', '0 of 0 ready: Car'],
    [
      { ready: 9, of: 11, missing: [{ name: 'Burn' }, { name: 'Tick' }] },
      '9 of 11',
      '9 of 11 ready: Car. Missing: Burn and Tick',
    ],
    [
      { ready: 6, of: 11, missing: ['A', 'B', 'C', 'D', 'E'].map((name) => ({ name })) },
      '6 of 11',
      '6 of 11 ready: Car. Missing: A, B, C and 2 more',
    ],
  ])('%j', (value, short, long) => {
    expect([ready.figure(value), ready.long('Car', value)]).toEqual([short, long])
  })
  it('of a place where nobody is expected is no figure', () => {
    expect([ready.figure(null), ready.nobody('Car')]).toEqual([
      '–',
      'Car: nobody is expected there',
    ])
  })
  it.each([
    [[], 'Nothing is missing'],
    [['Burn'], 'Missing: Burn'],
    [['A', 'B', 'C', 'D'], 'Missing: A, B, C and D'],
  ])('%j', (problems, said) => {
    expect(ready.missing(problems)).toBe(said)
  })
  it.each([
    [{ met: 0, of: 0 }, 'no targets set'],
    [{ met: 1, of: 1 }, '1 of 1 target'],
    [{ met: 14, of: 16 }, '14 of 16 targets'],
  ])('of a kit, %j', (targets, said) => {
    expect(ready.targets(targets)).toBe(said)
  })
  it('what is put off says until when', () => {
    expect(undo.did.later(plainDate('2026-12-05'))).toBe('Reminder set for 5 Dec 2026')
  })
})

describe('why nobody may use it yet', () => {
  it.each([
    [{ kind: 'said', reason: 'recall' }, 'recall'],
    [
      { kind: 'left_over', prescriber: 'Dr Fenwick' },
      'left over: ask Dr Fenwick before it is used',
    ],
    [{ kind: 'left_over', prescriber: '' }, 'left over: ask the prescriber before it is used'],
    [
      { kind: 'opened_no_period', on: today },
      'opened on 28 Nov 2026, and nobody has said how long it keeps',
    ],
    [{ kind: 'not_judged' }, 'its dates make no sense: look at the pack and correct them'],
  ])('%j', (because, said) => {
    expect(heldBecause(because as HeldBecause)).toBe(said)
  })
})
