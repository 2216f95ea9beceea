/** Lots and the review in words: every state, every act, every count from one to several. */
import { describe, expect, it } from 'vitest'
import { plainDate } from '../../core/calendar/plainDate'
import type { Total } from '../../core/quantity/amount'
import type { LotState } from '../../core/stock/judge'
import { VERDICTS } from '../../core/stock/verdict'
import { keepsFor } from '../frame/keepsFor'
import { lotActs, lotActsText, lotText, reviewText, state, stockListText } from './stock'

const today = plainDate('2026-11-26')
const soon = plainDate('2026-12-05')
const total = (many: number): Total => (many * 1000) as Total
const openEnded = { kind: 'open_ended', why: 'none_printed' } as never

describe('the state of a lot', () => {
  const cases: readonly (readonly [LotState, string])[] = [
    [{ state: 'sound', lastGood: { kind: 'day', day: soon, clock: 'printed' } as never }, '5 Dec'],
    [
      {
        state: 'sound',
        lastGood: { kind: 'day', day: plainDate('2028-05-31'), clock: 'printed' } as never,
      },
      'May 2028',
    ],
    [
      { state: 'sound', lastGood: { kind: 'day', day: soon, clock: 'opened' } as never },
      'opened, to 5 Dec',
    ],
    [
      { state: 'sound', lastGood: { kind: 'open_ended', why: 'not_recorded' } as never },
      'date not looked',
    ],
    [{ state: 'sound', lastGood: openEnded }, 'no date'],
    [{ state: 'turning', day: soon, clock: 'printed' }, 'expires 5 Dec'],
    [{ state: 'turning', day: soon, clock: 'opened' }, 'opened, expires 5 Dec'],
    [
      { state: 'spent', why: { kind: 'date', day: plainDate('2026-11-04'), clock: 'printed' } },
      'expired 4 Nov',
    ],
    [{ state: 'spent', why: { kind: 'opened' } as never }, 'not usable: opened'],
    [
      { state: 'spent', why: { kind: 'condition', condition: 'caked' } as never },
      'not usable: caked',
    ],
    [
      { state: 'held', because: { kind: 'said', reason: 'ask first' }, lastGood: openEnded },
      'on hold: ask first',
    ],
    [{ state: 'lent', to: 'Bo', since: today, lastGood: openEnded }, 'lent to Bo'],
    [{ state: 'unclean', since: today, lastGood: openEnded }, 'to be cleaned'],
    [{ state: 'missing', since: soon, lastGood: openEnded }, 'not found 5 Dec'],
  ]
  it.each(cases)('%j', (judged, said) => expect(state(judged, today)).toBe(said))
})

describe('how long it keeps once open', () => {
  it.each([
    [{ kind: 'days', days: 1 }, 'one day'],
    [{ kind: 'days', days: 28 }, '28 days'],
    [{ kind: 'months', months: 1 }, 'one month'],
    [{ kind: 'months', months: 6 }, '6 months'],
    [{ kind: 'hours', hours: 24 }, '24 hours'],
    [{ kind: 'that_day' }, 'until the end of the day'],
    [{ kind: 'at_once' }, 'used up at once'],
    [{ kind: 'printed' }, 'to the printed date'],
    [{ kind: 'course' }, 'until the course ends'],
  ] as const)('%j', (period, said) => expect(keepsFor(period)).toBe(said))
  it('and who says so', () => {
    const own = { kind: 'own', period: { kind: 'days', days: 14 }, source: 'the leaflet' } as never
    expect([lotText.clockRule(own), lotText.clockSource(own)]).toEqual([
      '14 days (the leaflet)',
      'the leaflet',
    ])
    const none = { kind: 'none' } as never
    expect([lotText.clockRule(none), lotText.clockSource(none)]).toEqual([
      'no period set',
      'Read the label and set the days.',
    ])
  })
})

describe('acts on a lot', () => {
  it('no two presses say the same', () => {
    const presses = Object.values(lotActs).map(({ press }) => press)
    expect(new Set(presses).size).toBe(presses.length)
  })
  it('what is said afterwards is in the past and names no number', () => {
    for (const { did } of Object.values(lotActs)) expect(did).not.toMatch(/\d|\.$/)
  })
  it.each([
    ['opened', 'Opened out of a pack of several'],
    ['lent', 'Lent out of a pack of several'],
    ['unclean', 'Used out of several'],
    ['decanted', 'Filled in from another container'],
    ['split', 'Parted from the others'],
    ['rejoined', 'Parted from the others'],
  ] as const)('a part that was %s', (way, said) => expect(lotActsText.origin(way)).toBe(said))
  it('what goes on the new container leaves out what is not known', () => {
    expect(lotActsText.label('Saline', '4 Dec 2026', 'L-77')).toBe(
      'Saline · good until 4 Dec 2026 · batch L-77',
    )
    expect(lotActsText.label('Saline', '4 Dec 2026', '')).toBe('Saline · good until 4 Dec 2026')
  })
})

describe('the list of the stock', () => {
  it('says how many of all are shown', () => {
    expect([stockListText.title(3, 3), stockListText.title(2, 3)]).toEqual([
      '3 things',
      '2 of 3 things',
    ])
  })
  it('says how sure a count is, and since when', () => {
    expect(stockListText.sure(88, { on: plainDate('2026-10-13'), by: 'Ilse' }, today)).toBe(
      '88 %, last confirmed 13 Oct by Ilse',
    )
    expect(stockListText.sure(40, null, today)).toBe('never confirmed')
  })
  it.each([
    [1, 'One chosen', 'Throw away one thing?', 'one thing moved'],
    [4, '4 chosen', 'Throw away 4 things?', '4 things moved'],
  ])('%i', (count, chosen, sure, moved) => {
    expect([
      stockListText.chosen(count),
      stockListText.sureDiscard(count),
      stockListText.did.move(count),
    ]).toEqual([chosen, sure, moved])
  })
  it('each act on several says what was done', () => {
    expect(Object.values(stockListText.did).map((said) => said(2))).toEqual([
      '2 things moved',
      '2 things confirmed',
      '2 things on hold',
      '2 things noted as not found',
      '2 things thrown away',
    ])
  })
})

describe('the review', () => {
  it.each([
    [0, 'Nothing is carried without need', ''],
    [1, 'One thing to think about', 'One more was decided to be kept.'],
    [5, '5 things to think about', '5 more were decided to be kept.'],
  ])('of %i', (count, title, kept) => {
    expect([reviewText.title(count), reviewText.kept(count)]).toEqual([title, kept])
  })
  it('why a thing is in it', () => {
    expect(reviewText.duplicate(total(2), 3, 'bottle')).toBe(
      '2 bottles more than belong in 3 kits together',
    )
    expect(reviewText.idle(plainDate('2025-09-01'))).toBe(
      'here since 1 Sept 2025, and no use of it is recorded',
    )
    for (const kind of Object.keys(VERDICTS) as (keyof typeof VERDICTS)[]) {
      expect(reviewText.verdict(kind, '')).toBe(VERDICTS[kind])
      expect(reviewText.verdict(kind, 'it stung')).toBe(`${VERDICTS[kind]} (it stung)`)
    }
  })
  it.each([
    [1, 1, 'one thing, about one minute'],
    [3, 2, '3 things, about 2 minutes'],
  ])('a look at %i lots in %i minutes', (lots, minutes, said) =>
    expect(reviewText.look(lots, minutes)).toBe(said),
  )
  it('how old the oldest count is, and when one is there', () => {
    expect(reviewText.oldest(plainDate('2026-05-21'), today)).toBe('oldest count 21 May')
    expect(reviewText.oldest(null, today)).toBe('never counted')
    expect(reviewText.next({ kind: 'now', label: '' }, today)).toBe('')
    expect(reviewText.next({ kind: 'on', day: soon, label: 'x' }, today)).toBe('there 5 Dec')
  })
})
