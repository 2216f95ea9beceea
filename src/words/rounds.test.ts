/** Rounds in words: what was found against what was recorded, what a code refuses, what to bring. */
import { describe, expect, it } from 'vitest'
import { type PlainMonth, plainDate } from '../core/calendar/plainDate'
import type { CodeRefusal } from '../core/codes/readCode'
import { units } from '../core/quantity/amount'
import type { Bring } from '../core/rounds/bring'
import type { Finding } from '../core/rounds/report'
import { rounds } from './rounds'

const today = plainDate('2026-11-26')
const expiry = { kind: 'month', month: '2027-03' as PlainMonth } as const
const was = { kind: 'day', day: plainDate('2026-12-31') } as const

describe('what was found', () => {
  const fewer = { kind: 'fewer', found: units(3), recorded: units(5) } as const
  it.each<readonly [Finding, string]>([
    [{ ...fewer, gone: 'unknown' }, '3 found, 5 recorded'],
    [{ kind: 'more', found: units(6), recorded: units(5) }, '6 found, 5 recorded'],
    [{ kind: 'other_date', expiry, was }, 'Mar 2027 on the pack, 31 Dec 2026 recorded'],
    [{ kind: 'worse', amount: units(1), condition: 'torn' }, '1 strip torn'],
    [{ kind: 'opened', amount: units(2) }, '2 strips opened'],
    [{ kind: 'taken_out', amount: units(1) }, '1 strip taken out'],
    [{ kind: 'back', amount: units(1) }, '1 strip back again'],
    [{ kind: 'note', note: 'The zip sticks' }, 'The zip sticks'],
  ])('%o', (finding, text) => expect(rounds.end.finding(finding, 'strip')).toBe(text))

  it('says what became of what is gone', () => {
    const told = (['used', 'thrown_away', 'missing', 'still_away'] as const).map((gone) =>
      rounds.end.finding({ ...fewer, gone }, 'strip'),
    )
    expect(new Set(told).size).toBe(4)
    for (const text of told) expect(text).toMatch(/^3 found, 5 recorded/)
  })
})

describe('what a round asks and brings', () => {
  const none = { count: 0, date: 0, seal: 0, battery: 0, take_out: 0, here_again: 0 }
  const toll = (asks: Partial<typeof none>) =>
    rounds.toll({ things: 1, asks: { ...none, ...asks } })
  it('counts what it asks', () => {
    expect(toll({})).toBe('nothing: all of it was looked at today')
    expect(toll({ count: 1, date: 1, seal: 1, battery: 1 })).toBe(
      '1 count, 1 date to read, 1 seal, 1 battery to try',
    )
    expect(toll({ count: 12, date: 3, seal: 2, battery: 2, take_out: 4, here_again: 1 })).toBe(
      '12 counts, 3 dates to read, 2 seals, 2 batteries to try, 4 to take out, 1 perhaps back',
    )
  })
  it.each<readonly [Bring, string]>([
    [
      {
        kind: 'bought',
        title: 'Gauze',
        amount: units(2),
        unit: 'pad',
        pocket: 'Lid',
      },
      'Gauze, 2 pads: bought for Lid',
    ],
    [
      {
        kind: 'carry',
        title: 'Gauze',
        amount: units(1),
        unit: 'pad',
        from: 'Row house',
      },
      'Gauze: Row house has 1 pad to spare',
    ],
    [{ kind: 'spare_batteries' }, 'Spare batteries'],
    [{ kind: 'pen' }, 'A pen that writes on packs'],
    [{ kind: 'bag' }, 'A bag for what goes out'],
  ])('%o', (bring, text) => expect(rounds.bring(bring)).toBe(text))

  it.each([
    [rounds.due(today, today), 'due now'],
    [rounds.due(plainDate('2026-11-25'), today), 'due now'],
    [rounds.due(plainDate('2026-11-27'), today), 'due 27 Nov'],
    [rounds.why('used', null, today), 'something was used'],
    [
      rounds.why('used', plainDate('2026-05-01'), today),
      'something was used, last looked at 1 May',
    ],
    [rounds.pocketsOf(1, 1), '1 pocket'],
    [rounds.pocketsOf(2, 2), '2 pockets'],
    [rounds.pocketsOf(1, 2), '1 of 2 pockets'],
    [rounds.end.notLooked(1), '1 thing was not looked at; the kit stays due'],
    [rounds.end.notLooked(2), '2 things were not looked at; the kit stays due'],
    [rounds.end.differs(1), '1 thing was different'],
    [
      rounds.end.against('Tove', '3', 'Ilse', '5'),
      'Ilse counted 5, Tove counted 3 later: the later count stands',
    ],
    [rounds.end.overtaken('Tove'), 'Tove counted it later; that count stands'],
    [rounds.end.sheetOld(today, today), 'The lid sheet of 26 Nov is out of date'],
    [rounds.end.sheetCurrent(today, today), 'The lid sheet of 26 Nov still says what is in it'],
    [rounds.pocket.there(['Tove']), 'Tove has it open'],
    [rounds.pocket.there(['Tove', 'Odd']), 'Tove and Odd have it open'],
    [rounds.card.goneAsk('2'), '2 fewer than recorded. What became of it?'],
    [rounds.card.dateAsk({ kind: 'unknown' }), 'Which date is printed on it?'],
    [rounds.card.dateAsk(expiry), 'Does it say Mar 2027?'],
    [rounds.waiting.count(1), '1 answer waits to be sent'],
    [rounds.waiting.count(3), '3 answers wait to be sent'],
    [rounds.waiting.refused(1), '1 was not taken'],
    [rounds.waiting.refused(2), '2 were not taken'],
  ])('%s', (text, expected) => expect(text).toBe(expected))
})

describe('a code that is refused', () => {
  const EVERY: readonly CodeRefusal[] = [
    { code: 'empty' },
    { code: 'not_a_code' },
    { code: 'not_digits', ai: '30', found: 'x' },
    { code: 'not_a_number', ai: '01' },
    { code: 'wrong_length', ai: '01', digits: 11 },
    { code: 'check_digit', ai: '01', expected: 4, found: 7 },
    { code: 'unknown_identifier', rest: '99X' },
    { code: 'too_short', ai: '17', wanted: 6, found: 4 },
    { code: 'too_long', ai: '10', wanted: 20, found: 31 },
    { code: 'bad_character', ai: '10', found: 'é' },
    { code: 'no_such_date', ai: '17', found: '270231' },
    { code: 'said_twice', ai: '17' },
    { code: 'goes_with', ai: '02', other: '37' },
  ]
  it.each(EVERY)('$code: says why, and what to do', (refusal) => {
    expect(rounds.scan.refused(refusal)).toMatch(/^[A-Z“0-9].*\.$/)
    expect(rounds.scan.refused(refusal)).not.toMatch(/undefined|NaN/)
  })
  it.each<readonly [CodeRefusal, string]>([
    [
      { code: 'check_digit', ai: '01', expected: 4, found: 7 },
      'One digit is wrong: the last one should be 4, not 7. Type it again.',
    ],
    [
      { code: 'wrong_length', ai: '01', digits: 11 },
      '11 digits are none of the lengths of an article number: 8, 12, 13 or 14.',
    ],
    [
      { code: 'too_short', ai: '17', wanted: 6, found: 4 },
      'Part (17) has 4 characters and should have 6. Scan it again.',
    ],
    [
      { code: 'no_such_date', ai: '17', found: '270231' },
      'The date in the code (270231) does not exist. Read it off the pack.',
    ],
  ])('%o', (refusal, text) => expect(rounds.scan.refused(refusal)).toBe(text))
})
