import { describe, expect, it } from 'vitest'
import { AN_ID, faulty, sent } from '../../../tests/support/forms'
import type { Weekday } from '../../core/calendar/plainDate'
import {
  EMPTY_VISIT,
  onDays,
  type PlaceDraft,
  placeDraft,
  readPlaceDraft,
  readVisitDraft,
} from './placeDraft'

const place = {
  id: AN_ID(3),
  name: 'Hill cottage',
  hue: 'fern',
  note: '',
  minutesToHelp: 45,
  minutesToVet: null,
  signal: 'patchy',
  climate: null,
  usuallyThere: [AN_ID(4)],
  rhythm: { kind: 'season', days: [6, 7] as Weekday[], fromMonth: 4, toMonth: 10 },
  visits: [],
  version: 7,
} as unknown as Parameters<typeof placeDraft>[0]
const read = (change: Partial<PlaceDraft> = {}) =>
  readPlaceDraft({ ...placeDraft(place), ...change }, place)

describe('what is known of a place', () => {
  it('goes back as it came where nothing was changed', () => {
    const { to, params, body } = sent(read())
    expect([to, params]).toEqual(['PATCH /api/places/{placeId}', { placeId: place.id }])
    expect(body).toEqual({
      seenVersion: 7,
      name: 'Hill cottage',
      minutesToHelp: 45,
      minutesToVet: null,
      signal: 'patchy',
      climate: null,
      usuallyThere: [AN_ID(4)],
      rhythm: { kind: 'season', days: [6, 7], fromMonth: 4, toMonth: 10 },
    })
  })
  it('minutes that are wiped out are not known; nought is next door', () => {
    expect(sent(read({ minutesToHelp: ' ' })).body.minutesToHelp).toBeNull()
    expect(sent(read({ minutesToHelp: '0' })).body.minutesToHelp).toBe(0)
  })
  it.each(['-5', '2.5', '10001', 'an hour'])('%j minutes are none', (minutesToHelp) => {
    expect(faulty(read({ minutesToHelp }))).toEqual({
      minutesToHelp: 'Give whole minutes up to 10000',
    })
    expect(faulty(read({ minutesToVet: minutesToHelp }))).toEqual({
      minutesToVet: 'Give whole minutes up to 10000',
    })
  })
  it('only where days matter must one be picked', () => {
    for (const rhythm of ['weekdays', 'season'] as const) {
      expect(onDays({ rhythm })).toBe(true)
      expect(faulty(read({ rhythm, days: [] }))).toEqual({ days: 'Pick a day' })
    }
    for (const rhythm of ['always', 'visits'] as const) {
      expect(onDays({ rhythm })).toBe(false)
      expect(sent(read({ rhythm, days: [] })).body.rhythm).toEqual({ kind: rhythm })
    }
  })
  it('a season is its months, and weekdays have none', () => {
    expect(sent(read({ fromMonth: '12', toMonth: '2' })).body.rhythm).toEqual({
      kind: 'season',
      days: [6, 7],
      fromMonth: 12,
      toMonth: 2,
    })
    expect(sent(read({ rhythm: 'weekdays' })).body.rhythm).toEqual({
      kind: 'weekdays',
      days: [6, 7],
    })
  })
  it('a place is called something', () => {
    expect(faulty(read({ name: '' }))).toEqual({ name: 'This is still missing.' })
  })
})

describe('a visit', () => {
  const visit = (change: Partial<typeof EMPTY_VISIT>) =>
    readVisitDraft({ ...EMPTY_VISIT, ...change }, place.id)

  it('of one day where nobody says until when', () => {
    expect(sent(visit({ from: '2026-12-05', label: 'Advent' })).body).toEqual({
      startsOn: '2026-12-05',
      endsOn: '2026-12-05',
      label: 'Advent',
    })
    expect(sent(visit({ from: '2026-12-05', to: '2026-12-07' })).body.endsOn).toBe('2026-12-07')
  })
  it.each([
    [{}, { from: 'This is still missing.' }],
    [{ from: '5.12.' }, { from: 'Write a whole day, like 28 Nov 2026.' }],
    [
      { from: '2026-12-05', to: '2026-12-04' },
      { to: 'A visit ends on or after the day it starts' },
    ],
    [{ from: '2026-12-05', to: 'later' }, { to: 'Write a whole day, like 28 Nov 2026.' }],
  ])('%j is not sent', (draft, faults) => {
    expect(faulty(visit(draft))).toEqual(faults)
  })
})
