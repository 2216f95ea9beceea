/** The first screen in words: each headline and each reason, with the numbers that were handed in. */
import { describe, expect, it } from 'vitest'
import { plainDate } from '../core/calendar/plainDate'
import type { Total } from '../core/quantity/amount'
import { ITEM_KINDS } from '../core/stock/itemKind'
import { watchText } from './watch'

const today = plainDate('2026-11-26')
const soon = plainDate('2026-12-05')
const total = (many: number): Total => (many * 1000) as Total
type Headline = Parameters<typeof watchText.headline>[0]
type Reason = Parameters<typeof watchText.reason>[0]

describe('the headline', () => {
  const cases: readonly (readonly [Headline, string, string])[] = [
    [
      { code: 'nothing_kept' },
      'Nothing is kept here yet',
      'Bring in the list you have, or add a kit and put things into it.',
    ],
    [
      { code: 'essentials_bare', count: 1, place: 'Hill cottage', title: 'Tourniquet' },
      'Tourniquet is missing at the hill cottage',
      'An essential is something a person may need within minutes. Put it back first.',
    ],
    [
      { code: 'essentials_bare', count: 2, place: 'Hill cottage', title: 'Tourniquet' },
      'Two essentials are missing at the hill cottage',
      'An essential is something a person may need within minutes. Put it back first.',
    ],
    [
      { code: 'turns_before_back', count: 1, place: 'Hill cottage', visit: soon },
      'One thing turns before anyone is back at the hill cottage',
      'Carry replacements on Saturday 5 December. The rest can wait for its next visit.',
    ],
    [
      { code: 'turns_before_back', count: 12, place: 'Hill cottage', visit: soon },
      '12 things turn before anyone is back at the hill cottage',
      'Carry replacements on Saturday 5 December. The rest can wait for its next visit.',
    ],
    [
      { code: 'spent', count: 1, places: ['Row house'] },
      'One thing is spent at the row house',
      'Throw them away safely; what they leave bare is on the list below.',
    ],
    [
      { code: 'spent', count: 3, places: ['Row house', 'Estate car'] },
      'Three things are spent at the row house and the estate car',
      'Throw them away safely; what they leave bare is on the list below.',
    ],
    [
      { code: 'turning', count: 1, places: ['Row house'] },
      'One thing turns soon at the row house',
      'Replace them before they turn, or use them up where they are needed.',
    ],
    [
      { code: 'turning', count: 2, places: ['Row house'] },
      'Two things turn soon at the row house',
      'Replace them before they turn, or use them up where they are needed.',
    ],
    [
      { code: 'below_par', count: 1, places: ['Row house'] },
      'One thing is short at the row house',
      'What belongs there is not all there. The restock list has the packs.',
    ],
    [
      { code: 'below_par', count: 4, places: ['Row house'] },
      'Four things are short at the row house',
      'What belongs there is not all there. The restock list has the packs.',
    ],
    [{ code: 'all_well', nextDay: null }, 'All is sound', 'Nothing has a date that runs out.'],
    [
      { code: 'all_well', nextDay: soon },
      'All is sound',
      'The next thing turns 5 Dec 2026, in 9 days.',
    ],
  ]
  it.each(cases)('%j', (headline, said, under) => {
    expect([watchText.headline(headline), watchText.under(headline, today)]).toEqual([said, under])
  })
})

describe('why something is to be done', () => {
  const spare = { place: 'Row house', amount: total(4) }
  const cases: readonly (readonly [Reason, string])[] = [
    [
      { code: 'spent', why: { kind: 'date', day: plainDate('2026-11-16'), clock: 'opened' } },
      'its time after opening ended 16 Nov; the printed date no longer counts',
    ],
    [
      { code: 'spent', why: { kind: 'date', day: plainDate('2025-10-31'), clock: 'printed' } },
      'past its date, 31 Oct 2025',
    ],
    [{ code: 'spent', why: { kind: 'opened' } as never }, 'opened, so no longer sterile'],
    [{ code: 'spent', why: { kind: 'condition', condition: 'torn' } as never }, 'torn'],
    [
      { code: 'held', because: { kind: 'said', reason: 'no written rule from the vet yet' } },
      'on hold: no written rule from the vet yet',
    ],
    [
      { code: 'held', because: { kind: 'left_over', prescriber: 'Dr Fenwick' } },
      'on hold: left over: ask Dr Fenwick before it is used',
    ],
    [
      { code: 'held', because: { kind: 'left_over', prescriber: '' } },
      'on hold: left over: ask the prescriber before it is used',
    ],
    [
      { code: 'held', because: { kind: 'opened_no_period', on: plainDate('2026-11-25') } },
      'on hold: opened on 25 Nov 2026, and nobody has said how long it keeps',
    ],
    [
      { code: 'held', because: { kind: 'not_judged' } },
      'on hold: its dates make no sense: look at the pack and correct them',
    ],
    [
      { code: 'lent', to: 'the neighbour', since: plainDate('2026-11-02') },
      'the neighbour has it since 2 Nov',
    ],
    [
      { code: 'unclean', since: plainDate('2026-11-25') },
      'used 25 Nov; does not count until it is clean',
    ],
    [{ code: 'missing', since: plainDate('2025-12-24') }, 'was not found 24 Dec 2025'],
    [{ code: 'turns', day: soon, clock: 'printed', spare: null }, 'good to 5 Dec'],
    [
      { code: 'turns', day: soon, clock: 'opened', spare },
      'opened, good to 5 Dec; the row house has 4 to spare',
    ],
    [{ code: 'below_par', good: total(1), par: total(3), spare: null }, '1 of 3 there'],
    [
      { code: 'below_par', good: total(0), par: total(3), spare },
      '0 of 3 there; the row house has 4 to spare',
    ],
    [
      { code: 'round_due', why: 'never', since: null, pockets: 1, allPockets: 1 },
      '1 pocket: nobody has counted it yet',
    ],
    [
      {
        code: 'round_due',
        why: 'battery',
        since: plainDate('2026-05-01'),
        pockets: 2,
        allPockets: 5,
      },
      '2 of 5 pockets: batteries, last looked at 1 May',
    ],
    [{ code: 'dates_missing', count: 1 }, 'One pack has no date recorded; read it off the pack'],
    [
      { code: 'dates_missing', count: 3 },
      'Three packs have no date recorded; read it off the pack',
    ],
  ]
  it.each(cases)('%j', (reason, said) => expect(watchText.reason(reason, today)).toBe(said))
})

describe('when somebody is there next', () => {
  it.each([
    [{ kind: 'now', label: '' } as const, 'Row house, now'],
    [
      { kind: 'on', day: plainDate('2026-11-27'), label: 'Weekend' } as const,
      'Row house, tomorrow',
    ],
    [{ kind: 'on', day: soon, label: 'Weekend' } as const, 'Row house, Sat 5 Dec'],
    [{ kind: 'never' } as never, 'Row house'],
  ])('%j', (next, said) => expect(watchText.group('Row house', next, today)).toBe(said))
})

describe('what must not go into the bin', () => {
  it('is said for what can hurt, and nothing for what cannot', () => {
    expect(ITEM_KINDS.filter((kind) => watchText.safeWay(kind) !== '')).toEqual(
      ITEM_KINDS.filter((kind) =>
        ['medicine', 'sharp', 'battery', 'pressurised', 'paper'].includes(kind),
      ),
    )
    expect(watchText.safeWay(null)).toBe('')
    expect(watchText.safeWay('sharp')).toContain('never loose in a bin')
    expect(watchText.safeWay('medicine')).toContain('not in the sink, not in the bin')
  })
})

describe('what is put aside', () => {
  it.each([
    [0, 0, ''],
    [2, 0, '2 put off'],
    [0, 3, '3 on the shopping list'],
    [1, 1, '1 put off · 1 on the shopping list'],
  ])('%i put off, %i listed', (later, listed, said) =>
    expect(watchText.aside(later, listed)).toBe(said),
  )
  it('one lot is one lot', () => {
    expect([watchText.ribbonLots(1), watchText.ribbonLots(2), watchText.more(3)]).toEqual([
      '1 lot turns',
      '2 lots turn',
      '+3',
    ])
  })
})
