import { describe, expect, it } from 'vitest'
import { plainDate } from '../../core/calendar/plainDate'
import type { HeldBecause } from '../../core/stock/judge'
import { strap, undo } from './frame'
import { heldBecause } from './heldBecause'

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
    [null, '–', 'no pars set'],
    [0, '0', '0 of 100 ready'],
    [94, '94', '94 of 100 ready'],
  ])('%s', (value, short, long) => {
    expect([strap.readiness(value), strap.readinessLong(value)]).toEqual([short, long])
  })
  it.each([
    [0, 'nothing to do'],
    [1, '1 to do'],
    [12, '12 to do'],
  ])('%i errands', (count, said) => {
    expect(strap.todo(count)).toBe(said)
  })
  it('what is put off says until when', () => {
    expect(undo.did.later(plainDate('2026-12-05'))).toBe('Put off to 5 Dec 2026')
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
