/** What Watch says: headline, errands and states, from one of every case and the figures handed in. */
import { describe, expect, it } from 'vitest'
import { plainDate } from '../core/calendar/plainDate'
import type { NextThere } from '../core/calendar/presence'
import { type Total, units } from '../core/quantity/amount'
import type { LotState } from '../core/stock/judge'
import { words } from '.'

const today = plainDate('2026-11-26')
const day = plainDate('2026-12-05')
const later = plainDate('2027-03-31')
const total = (count: number): Total => units(count)
type Headline = Parameters<typeof words.watch.headline>[0]
type Reason = Parameters<typeof words.watch.reason>[0]

describe('the headline', () => {
  it.each<readonly [Headline, string, string]>([
    [
      { code: 'nothing_kept' },
      'Nothing is kept here yet',
      'Bring in the list you have, or add a kit and put things into it.',
    ],
    [
      { code: 'essentials_bare', count: 1, place: 'Hill cottage', title: 'Adrenaline pen' },
      'Adrenaline pen is missing at the hill cottage',
      'An essential is something a person may need within minutes. Put it back first.',
    ],
    [
      { code: 'essentials_bare', count: 2, place: 'Hill cottage', title: 'Adrenaline pen' },
      'Two essentials are missing at the hill cottage',
      'An essential is something a person may need within minutes. Put it back first.',
    ],
    [
      { code: 'turns_before_back', count: 1, place: 'Hill cottage', visit: day },
      'One thing turns before anyone is back at the hill cottage',
      'Carry replacements on Saturday 5 December. The rest can wait for its next visit.',
    ],
    [
      { code: 'turns_before_back', count: 3, place: 'Hill cottage', visit: day },
      'Three things turn before anyone is back at the hill cottage',
      'Carry replacements on Saturday 5 December. The rest can wait for its next visit.',
    ],
    [
      { code: 'spent', count: 1, places: ['Row house'] },
      'One thing is spent at the row house',
      'Throw them away safely; what they leave bare is on the list below.',
    ],
    [
      { code: 'turning', count: 4, places: ['Row house', 'Estate car'] },
      'Four things turn soon at the row house and the estate car',
      'Replace them before they turn, or use them up where they are needed.',
    ],
    [
      { code: 'below_par', count: 2, places: ['Row house', 'Estate car', 'Cargo bike'] },
      'Two things are short at the row house, the estate car and the cargo bike',
      'What belongs there is not all there. The restock list has the packs.',
    ],
    [{ code: 'all_well', nextDay: null }, 'All is sound', 'Nothing has a date that runs out.'],
    [
      { code: 'all_well', nextDay: plainDate('2026-11-27') },
      'All is sound',
      'The next thing turns 27 Nov 2026, tomorrow.',
    ],
    [
      { code: 'all_well', nextDay: plainDate('2026-11-28') },
      'All is sound',
      'The next thing turns 28 Nov 2026, in 2 days.',
    ],
  ])('%o', (told, headline, under) => {
    expect(words.watch.headline(told)).toBe(headline)
    expect(words.watch.under(told, today)).toBe(under)
  })
})

describe('why there is something to do', () => {
  it.each<readonly [Reason, string]>([
    [
      { code: 'spent', why: { kind: 'date', day: plainDate('2026-11-01'), clock: 'printed' } },
      'past its date, 1 Nov',
    ],
    [
      { code: 'spent', why: { kind: 'date', day: plainDate('2026-11-01'), clock: 'opened' } },
      'its time after opening ended 1 Nov; the printed date no longer counts',
    ],
    [{ code: 'spent', why: { kind: 'opened' } }, 'opened, so no longer sterile'],
    [{ code: 'spent', why: { kind: 'condition', condition: 'leaked' } }, 'leaked'],
    [{ code: 'held', because: { kind: 'said', reason: 'looks cloudy' } }, 'on hold: looks cloudy'],
    [
      { code: 'held', because: { kind: 'left_over', prescriber: '' } },
      'on hold: left over: ask the prescriber before it is used',
    ],
    [
      { code: 'held', because: { kind: 'left_over', prescriber: 'Dr Vale' } },
      'on hold: left over: ask Dr Vale before it is used',
    ],
    [
      { code: 'held', because: { kind: 'opened_no_period', on: plainDate('2026-11-16') } },
      'on hold: opened on 16 Nov 2026, and nobody has said how long it keeps',
    ],
    [
      { code: 'held', because: { kind: 'not_judged' } },
      'on hold: its dates make no sense: look at the pack and correct them',
    ],
    [{ code: 'lent', to: 'Tove', since: plainDate('2026-11-02') }, 'Tove has it since 2 Nov'],
    [
      { code: 'unclean', since: plainDate('2026-11-02') },
      'used 2 Nov; does not count until it is clean',
    ],
    [{ code: 'missing', since: plainDate('2025-11-17') }, 'was not found 17 Nov 2025'],
    [{ code: 'turns', day: later, clock: 'printed', spare: null }, 'good to 31 Mar 2027'],
    [
      { code: 'turns', day, clock: 'opened', spare: { place: 'Row house', amount: total(4) } },
      'opened, good to 5 Dec; the row house has 4 to spare',
    ],
    [{ code: 'below_par', good: total(5), par: total(6), spare: null }, '5 of 6 there'],
    [
      {
        code: 'below_par',
        good: total(0),
        par: total(2),
        spare: { place: 'Row house', amount: total(1) },
      },
      '0 of 2 there; the row house has 1 to spare',
    ],
    [
      { code: 'round_due', why: 'never', since: null, pockets: 3, allPockets: 3 },
      '3 pockets: nobody has counted it yet',
    ],
    [
      {
        code: 'round_due',
        why: 'battery',
        since: plainDate('2026-05-01'),
        pockets: 1,
        allPockets: 3,
      },
      '1 of 3 pockets: batteries, last looked at 1 May',
    ],
    [{ code: 'dates_missing', count: 1 }, 'One pack has no date recorded; read it off the pack'],
    [{ code: 'dates_missing', count: 2 }, 'Two packs have no date recorded; read it off the pack'],
  ])('%o', (reason, text) => expect(words.watch.reason(reason, today)).toBe(text))
})

describe('the state of a lot', () => {
  const lastGood = { kind: 'day', day, clock: 'printed' } as const
  it.each<readonly [LotState, string]>([
    [{ state: 'sound', lastGood }, '5 Dec'],
    [{ state: 'sound', lastGood: { ...lastGood, day: later } }, 'Mar 2027'],
    [{ state: 'sound', lastGood: { ...lastGood, clock: 'opened' } }, 'opened, to 5 Dec'],
    [{ state: 'sound', lastGood: { kind: 'open_ended', why: 'none_printed' } }, 'no date'],
    [{ state: 'sound', lastGood: { kind: 'open_ended', why: 'not_recorded' } }, 'date not looked'],
    [{ state: 'turning', day, clock: 'printed' }, 'turns 5 Dec'],
    [{ state: 'turning', day, clock: 'opened' }, 'opened, turns 5 Dec'],
    [{ state: 'spent', why: { kind: 'date', day: today, clock: 'printed' } }, 'spent 26 Nov'],
    [{ state: 'spent', why: { kind: 'opened' } }, 'spent: opened'],
    [{ state: 'spent', why: { kind: 'condition', condition: 'leaked' } }, 'spent: leaked'],
    [
      { state: 'held', because: { kind: 'said', reason: 'looks cloudy' }, lastGood },
      'held: looks cloudy',
    ],
    [{ state: 'lent', to: 'Tove', since: today, lastGood }, 'lent to Tove'],
    [{ state: 'unclean', since: today, lastGood }, 'to be cleaned'],
    [{ state: 'missing', since: today, lastGood }, 'not found 26 Nov'],
  ])('%o', (judged, text) => expect(words.stock.state(judged, today)).toBe(text))
})

describe('when somebody is next there', () => {
  it.each<readonly [NextThere, string]>([
    [{ kind: 'now' } as NextThere, 'here now'],
    [{ kind: 'unknown' } as NextThere, 'no visit planned'],
    [{ kind: 'on', day: plainDate('2026-11-27'), label: '' } as NextThere, 'tomorrow'],
    [{ kind: 'on', day: plainDate('2026-11-28'), label: '' } as NextThere, 'Sat 28 Nov'],
    [{ kind: 'on', day: later, label: '' } as NextThere, 'Wed 31 Mar 2027'],
  ])('%o', (next, text) => expect(words.strap.next(next, today)).toBe(text))

  it('counts what is to do', () => {
    expect(words.strap.todo(0)).toBe('nothing to do')
    expect(words.strap.todo(1)).toBe('1 to do')
  })
})
