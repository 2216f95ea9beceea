/** What is typed about heat and frost: read or refused beside its field. */
import { describe, expect, it } from 'vitest'
import { type PlainMonth, plainDate } from '../../core/calendar/plainDate'
import type { LotId, PlaceId } from '../../core/ids'
import { readAnswerDraft } from './answerDraft'
import {
  readFileDraft,
  readTypedDraft,
  readYearDraft,
  spotFrom,
  spotKey,
  yearDraft,
} from './drafts'
import { daysOf, frostDays, hotDays, monthsOf } from './view'

const PLACE = '00000000-0000-4000-8001-000000000001' as PlaceId
const SPOT = { kind: 'place', id: PLACE } as const

describe('the year of a place', () => {
  const year = { coldestMonth: '1', coldest: '-4', hottestMonth: '7', hottest: '16' }
  it('is read in whole degrees, with either minus', () => {
    for (const coldest of ['-4', '−4'])
      expect(readYearDraft({ ...year, coldest }, PLACE)).toMatchObject({
        kind: 'act',
        act: { asked: { body: { coldestMonth: 1, coldest: -4, hottestMonth: 7, hottest: 16 } } },
      })
    expect(yearDraft(null)).toEqual({
      coldestMonth: '1',
      coldest: '',
      hottestMonth: '7',
      hottest: '',
    })
  })
  it.each([
    [{ coldest: '' }, 'coldest'],
    [{ coldest: '2.5' }, 'coldest'],
    [{ hottest: '99' }, 'hottest'],
    [{ hottest: '-9' }, 'hottest'],
    [{ hottestMonth: '1' }, 'hottest'],
  ])('%j is marked at %s', (more, field) => {
    const read = readYearDraft({ ...year, ...more }, PLACE)
    expect(read.kind === 'faults' && read.faults).toHaveProperty(field)
  })
})

describe('a lowest and a highest', () => {
  const typed = { from: '2026-11-01', to: '2026-11-03', lowest: '-1,5', highest: '12' }
  it('is kept in hundredths', () => {
    expect(readTypedDraft(typed, SPOT)).toMatchObject({
      kind: 'act',
      act: { asked: { body: { spot: SPOT, lowest: -150, highest: 1200 } } },
    })
  })
  it.each([
    [{ from: '' }, 'from'],
    [{ to: '2026-10-01' }, 'to'],
    [{ lowest: 'cold' }, 'lowest'],
    [{ highest: '-3' }, 'highest'],
    [{ highest: '200' }, 'highest'],
  ])('%j is marked at %s', (more, field) => {
    const read = readTypedDraft({ ...typed, ...more }, SPOT)
    expect(read.kind === 'faults' && read.faults).toHaveProperty(field)
  })
})

describe('a file', () => {
  const series = { minutes: [100, 110, 125], hundredths: [2000, 2100, 2050] }
  it('goes as steps from its first minute', () => {
    expect(readFileDraft({ name: ' Window ', spot: spotKey(SPOT), series })).toMatchObject({
      kind: 'act',
      act: {
        asked: {
          body: {
            spot: SPOT,
            name: 'Window',
            readings: { from: 100, steps: [0, 10, 15], hundredths: [2000, 2100, 2050] },
          },
        },
      },
    })
    expect(spotFrom(spotKey(SPOT))).toEqual(SPOT)
  })
  it('without a name or without readings is not sent', () => {
    const read = (more: object) =>
      readFileDraft({ name: 'Window', spot: spotKey(SPOT), series, ...more })
    expect(read({ name: ' ' }).kind).toBe('faults')
    expect(read({ series: null }).kind).toBe('faults')
    expect(read({ series: { minutes: [], hundredths: [] } }).kind).toBe('faults')
  })
})

describe('a year month by month', () => {
  const chart = {
    from: plainDate('2026-01-31'),
    days: 2,
    tenths: [...Array(24).fill(-5), ...Array(20).fill(310), null, null, null, null],
    origin: `${'m'.repeat(24)}${'.'.repeat(24)}`,
  }
  it('counts hot and frosty days, and how much of it was measured', () => {
    expect(monthsOf(chart)).toEqual([
      { from: '2026-01-31', hottest: -5, coldest: -5, hotDays: 0, frostDays: 1, measured: 1 },
      { from: '2026-02-01', hottest: 310, coldest: 310, hotDays: 1, frostDays: 0, measured: 0 },
    ])
    expect([hotDays(chart, 'all'), hotDays(chart, 'measured')]).toEqual([1, 0])
    expect(frostDays(chart, 'measured')).toBe(1)
  })
})

describe('the days of a year', () => {
  it('are measured where an hour was, typed where one was, else by the model; the range is of those hours', () => {
    const hours = Array.from({ length: 72 }, (_, hour) => (hour < 48 ? hour : null))
    const chart = {
      from: plainDate('2026-01-01'),
      days: 3,
      tenths: hours,
      origin: `${'.'.repeat(10)}mm${'.'.repeat(12)}${'.'.repeat(72 - 24)}`,
    }
    expect(daysOf(chart)).toEqual([
      { on: '2026-01-01', range: { low: 100, high: 110 }, of: 'measured' },
      { on: '2026-01-02', range: { low: 240, high: 470 }, of: 'modelled' },
      { on: '2026-01-03', range: null, of: 'modelled' },
    ])
  })
})

describe('an answer', () => {
  const met = {
    lotId: 'lot' as LotId,
    version: 3,
    note: '',
    expiry: { kind: 'month', month: '2027-03' as PlainMonth },
    today: plainDate('2026-11-28'),
  } as const
  it('needs somebody who gave it, and a day that is neither past nor later than the printed one', () => {
    const faults = (who: string, until: string) => readAnswerDraft({ who, until }, met)
    expect(faults('', '')).toMatchObject({ kind: 'faults', faults: { who: expect.any(String) } })
    expect(faults('the pharmacy', '2026-11-27')).toMatchObject({ kind: 'faults' })
    expect(faults('the pharmacy', '2027-04-01')).toMatchObject({
      kind: 'faults',
      faults: { until: expect.stringMatching(/never makes a date longer/) },
    })
  })
  it('takes it off hold with a note, and shortens its date where it says so', () => {
    const asked = readAnswerDraft({ who: 'the pharmacy: yes', until: '2027-01-31' }, met)
    const bodyOf = (reading: typeof asked) =>
      reading.kind === 'act' ? reading.act.asked.body : reading.kind
    expect(bodyOf(asked)).toEqual({
      seenVersion: 3,
      standing: { kind: 'ready' },
      note: 'After heat or frost, 28 Nov 2026: the pharmacy: yes',
      expiry: { kind: 'day', day: '2027-01-31' },
    })
    const plain = readAnswerDraft({ who: 'the vet', until: '' }, { ...met, note: 'Pen of Ned' })
    expect(bodyOf(plain)).toEqual({
      seenVersion: 3,
      standing: { kind: 'ready' },
      note: 'Pen of Ned\nAfter heat or frost, 28 Nov 2026: the vet',
    })
  })
})
