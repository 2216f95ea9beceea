/** Rounds in words: what is due and why, every finding, every refusal of a code, one and several. */
import { describe, expect, it } from 'vitest'
import { plainDate } from '../core/calendar/plainDate'
import type { CodeRefusal } from '../core/codes/readCode'
import { type Amount, amount, type Total } from '../core/quantity/amount'
import type { Bring } from '../core/rounds/bring'
import type { Finding } from '../core/rounds/report'
import { waiting } from './frame/waiting'
import { rounds } from './rounds'

const today = plainDate('2026-11-26')
const may = plainDate('2026-05-01')
const some = (many: number): Amount => amount(many * 1000)
const total = (many: number): Total => (many * 1000) as Total

describe('how long it takes', () => {
  it.each([
    [10, 'half a minute', '0:10'],
    [29, 'half a minute', '0:29'],
    [31, '1 minute', '0:31'],
    [250, '4 minutes', '4:10'],
    [3599, '1 h 0 min', '59:59'],
    [4200, '1 h 10 min', '70:00'],
  ])('%i seconds', (seconds, told, clock) => {
    expect([rounds.duration(seconds), rounds.clock(seconds)]).toEqual([told, clock])
    expect(rounds.takes(seconds)).toBe(`about ${told}`)
  })
})

describe('what is due', () => {
  it.each([
    [0, 'No kit is due for a check now'],
    [1, 'One kit is due for a check'],
    [5, 'Five kits are due for a check'],
  ])('%i kits', (due, said) => expect(rounds.headline(due)).toBe(said))
  it.each([
    [1, 1, '1 pocket'],
    [4, 4, '4 pockets'],
    [1, 4, '1 of 4 pockets'],
  ])('%i of %i', (part, all, said) => expect(rounds.pocketsOf(part, all)).toBe(said))
  it('why, and since when', () => {
    expect(rounds.why('medicine', may, today)).toBe('medicines, last looked at 1 May')
    expect(rounds.why('never', null, today)).toBe('nobody has counted it yet')
    const reasons = Object.values(rounds.because)
    expect(new Set(reasons).size).toBe(reasons.length)
  })
  it('today and before is now, any later day is named', () => {
    expect([
      rounds.due(today, today),
      rounds.due(may, today),
      rounds.due(plainDate('2026-11-27'), today),
    ]).toEqual(['due now', 'due now', 'due 27 Nov'])
    expect(rounds.signed('Ilse', may, today)).toBe('signed by Ilse, 1 May')
  })
  it.each([
    [{}, 'nothing: all of it was looked at today'],
    [{ count: 1 }, '1 count'],
    [
      { count: 29, date: 17, seal: 7, battery: 2, take_out: 1, here_again: 3 },
      '29 counts, 17 dates to read, 7 seals, 2 batteries to try, 1 to take out, 3 perhaps back',
    ],
    [{ date: 1, seal: 1, battery: 1 }, '1 date to read, 1 seal, 1 battery to try'],
  ])('%j is asked', (asks, said) => {
    const none = { count: 0, date: 0, seal: 0, battery: 0, take_out: 0, here_again: 0 }
    expect(rounds.toll({ things: 1, asks: { ...none, ...asks } })).toBe(said)
  })
})

describe('what to bring', () => {
  const cases: readonly (readonly [Bring, string])[] = [
    [
      { kind: 'bought', title: 'Gauze', unit: 'pad', amount: total(4), pocket: 'Wounds' },
      'Gauze, 4 pads: bought for Wounds',
    ],
    [
      { kind: 'carry', title: 'Gauze', unit: 'pad', amount: total(1), from: 'Row house' },
      'Gauze: Row house has 1 pad to spare',
    ],
    [{ kind: 'spare_batteries' }, 'Spare batteries'],
    [{ kind: 'pen' }, 'A pen that writes on packs'],
    [{ kind: 'bag' }, 'A bag for what goes out'],
  ]
  it.each(cases)('%j', (bring, said) => expect(rounds.bring(bring)).toBe(said))
})

describe('what came of it', () => {
  const cases: readonly (readonly [Finding, string])[] = [
    [{ kind: 'more', recorded: some(2), found: some(3) }, '3 found, 2 recorded'],
    [
      {
        kind: 'other_date',
        was: { kind: 'none' },
        expiry: { kind: 'day', day: plainDate('2027-03-31') },
      },
      '31 Mar 2027 on the pack, no date recorded',
    ],
    [{ kind: 'worse', condition: 'torn', amount: some(2) }, '2 pads torn'],
    [{ kind: 'opened', amount: some(1) }, '1 pad opened'],
    [{ kind: 'taken_out', amount: some(2) }, '2 pads taken out'],
    [{ kind: 'back', amount: some(1) }, '1 pad back again'],
    [{ kind: 'note', note: 'smells odd' }, 'smells odd'],
  ]
  it.each(cases)('%j', (finding, said) => expect(rounds.end.finding(finding, 'pad')).toBe(said))
  it('fewer says what became of the rest, each in words of its own', () => {
    const told = (['unknown', 'used', 'thrown_away', 'missing', 'still_away'] as const).map(
      (gone) =>
        rounds.end.finding({ kind: 'fewer', recorded: some(3), found: some(1), gone }, 'pad'),
    )
    for (const sentence of told) expect(sentence).toMatch(/^1 found, 3 recorded/)
    expect(new Set(told).size).toBe(told.length)
  })
  it('one and several', () => {
    expect([1, 2].map(rounds.end.asRecorded)).toEqual([
      '1 thing as recorded',
      '2 things as recorded',
    ])
    expect([1, 2].map(rounds.end.differs)).toEqual([
      '1 thing was different',
      '2 things were different',
    ])
    expect([1, 2].map(rounds.end.notLooked)).toEqual([
      '1 thing was not looked at; the kit stays due',
      '2 things were not looked at; the kit stays due',
    ])
    expect([1, 2].map(rounds.pocket.left)).toEqual([
      '1 thing not answered',
      '2 things not answered',
    ])
    expect(rounds.pocket.there(['Bo'])).toBe('Bo has it open')
    expect(rounds.pocket.there(['Bo', 'Ilse'])).toBe('Bo and Ilse have it open')
  })
  it('two who counted differently are both named, with what each counted', () => {
    expect(rounds.end.against('Ilse', '3', 'Bo', '5')).toBe(
      'Bo counted 5, Ilse counted 3 later: the later count stands',
    )
  })
  it('a lid sheet is old, or still right', () => {
    expect(rounds.end.sheetOld(may, today)).toBe('The lid sheet of 1 May is out of date')
    expect(rounds.end.sheetCurrent(may, today)).toBe(
      'The lid sheet of 1 May still says what is in it',
    )
  })
})

describe('the card of a thing', () => {
  it('asks for the date that is recorded, or for the one that is not', () => {
    expect(rounds.card.dateAsk({ kind: 'unknown' })).toBe('Which date is printed on it?')
    expect(rounds.card.dateAsk({ kind: 'day', day: plainDate('2027-03-31') })).toBe(
      'Does it say 31 Mar 2027?',
    )
  })
  it.each([
    ['31 Mar 2027', 'L-7', 'The code says 31 Mar 2027, batch L-7'],
    ['31 Mar 2027', '', 'The code says 31 Mar 2027'],
    ['', 'L-7', 'batch L-7'],
    ['', '', 'The code says nothing of a date'],
  ])('a code with the date %s and the batch %s', (date, batch, said) =>
    expect(rounds.card.scanned(date, batch)).toBe(said),
  )
  it.each([
    [{}, ''],
    [{ endsAt: '23:59' }, ''],
    [{ endsAt: '06:00', grams: 40 }, 'it ends the day after at 06:00, 40 g'],
    [{ holds: '04000000000009', count: 12 }, 'it is a box of 12'],
    [{ holds: '04000000000009' }, 'it is a box of several'],
  ])('%j', (fields, said) => expect(rounds.card.scannedMore(fields as never)).toBe(said))
})

describe('a code that cannot be taken', () => {
  const cases: readonly (readonly [CodeRefusal, string])[] = [
    [{ code: 'empty' }, 'Nothing was scanned'],
    [{ code: 'not_a_code' }, 'not a code of a pack'],
    [{ code: 'not_digits', ai: '17', found: 'x' }, 'letters where digits belong'],
    [{ code: 'wrong_length', ai: '01', digits: 9 } as never, '9 digits are none of the lengths'],
    [
      { code: 'check_digit', ai: '01', expected: 4, found: 7 } as never,
      'the last one should be 4, not 7',
    ],
    [{ code: 'unknown_identifier', rest: '99zz' }, '“99zz” is not known'],
    [
      { code: 'too_short', ai: '17', found: 4, wanted: 6 },
      'Part (17) has 4 characters and should have 6',
    ],
    [
      { code: 'too_long', ai: '10', found: 24, wanted: 20 },
      'Part (10) has 24 characters and should have 20',
    ],
    [{ code: 'bad_character', ai: '10', found: 'é' }, 'Part (10) has a character'],
    [{ code: 'no_such_date', ai: '17', found: '270231' }, 'The date in the code (270231)'],
    [{ code: 'said_twice', ai: '10' }, 'Part (10) is there twice'],
    [{ code: 'goes_with', ai: '02', other: '37' }, 'Part (02) says what a box holds'],
  ]
  it.each(cases)('%j says what is wrong and what to do', (refusal, said) => {
    const sentence = rounds.scan.refused(refusal)
    expect(sentence).toContain(said)
    expect(sentence).toMatch(/\.$/)
  })
})

describe('what waits on the device', () => {
  it.each([
    [1, '1 answer waits to be sent', '1 was not taken', '1 answer is not sent yet.'],
    [3, '3 answers wait to be sent', '3 were not taken', '3 answers are not sent yet.'],
  ])('%i', (count, waits, refused, leaving) => {
    expect([waiting.count(count), waiting.refused(count)]).toEqual([waits, refused])
    expect(rounds.signOut(count)).toContain(leaving)
  })
  it('is named by what it is', () => {
    expect([
      waiting.notKept('Gauze: 3'),
      waiting.kept('Gauze: 3'),
      rounds.waiting.looked('Gauze', '3'),
      rounds.waiting.found('Tape', '1 roll'),
      rounds.tally.badMark('Q'),
    ]).toEqual([
      '“Gauze: 3” is not in the record.',
      'Kept on this device: Gauze: 3',
      'Gauze: 3',
      'Found 1 roll Tape',
      '“Q” is no mark of the sheet',
    ])
  })
})
