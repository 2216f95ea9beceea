import { describe, expect, it } from 'vitest'
import {
  lookedAt,
  onDay,
  onePocket,
  surveyed,
  TODAY,
  visits,
} from '../../../tests/support/household'
import { idOf } from '../../../tests/support/ids'
import { knownOf } from '../../../tests/support/known'
import { plainDate } from '../calendar/plainDate'
import type { MemberId, StopId, TripId } from '../ids'
import { kitRounds } from '../rounds/due'
import { calendarEntries } from './calendarEntries'
import { errands } from './errands'

const cottage = visits(['2026-12-05', '2026-12-07', 'A weekend'], ['2020-01-01', '2020-01-02'])
const entries = (...lots: Parameters<typeof onePocket>[2][number][]) => {
  const stock = onePocket(cottage, 1, lots)
  const survey = surveyed(stock)
  const rounds = kitRounds(survey, lookedAt(stock, 0), 'calm', new Map())
  return calendarEntries(survey, rounds, [], [], { trips: [], open: [], followUps: [], coming: [] })
}

describe('the dates that matter', () => {
  it('are visits to come, checks due and what ends, soonest first', () => {
    const found = entries({ units: 1, expiry: onDay('2026-12-24') })
    expect(found.map(({ kind, day }) => [kind, day])).toEqual([
      ['visit', '2026-12-05'],
      // Would fall due while nobody is there, so it is looked at before leaving.
      ['check', '2026-12-07'],
      ['turns', '2026-12-24'],
    ])
  })
  it('hold each stop of a trip that is not over, with who is there', () => {
    const survey = surveyed(onePocket(cottage, 1, []))
    const ned = { id: idOf<MemberId>(6, 1), name: 'Ned' }
    const stop = (n: number, from: string, to: string) =>
      ({ id: idOf<StopId>(21, n), name: `Stop ${n}`, from, to, members: [ned.id] }) as never
    const trip = {
      id: idOf<TripId>(20, 1),
      name: 'Lake week',
      stops: [stop(1, '2026-11-01', '2026-11-02'), stop(2, '2026-12-12', '2026-12-19')],
    }
    const found = calendarEntries(survey, [], [], [ned], {
      trips: [trip],
      open: [],
      followUps: [],
      coming: [],
    })
    expect(found.filter(({ kind }) => kind === 'stop')).toEqual([
      {
        key: `stop-${idOf<StopId>(21, 2)}`,
        kind: 'stop',
        day: '2026-12-12',
        lastDay: '2026-12-19',
        trip: 'Lake week',
        stop: 'Stop 2',
        who: ['Ned'],
      },
    ])
  })
  it('put what ends on one day at one place together, each thing once', () => {
    const found = entries(
      { units: 1, expiry: onDay('2026-12-24') },
      { units: 2, expiry: onDay('2026-12-24') },
    ).filter(({ kind }) => kind === 'turns')
    expect(found).toMatchObject([{ titles: ['Item 1'] }])
  })
  it('leave out what is over, lent or further off than anybody plans', () => {
    const found = entries(
      { units: 1, expiry: onDay('2026-01-01') },
      { units: 1, expiry: onDay('2033-01-01') },
      {
        units: 1,
        expiry: onDay('2026-12-24'),
        standing: { kind: 'lent', to: 'Grete', since: TODAY },
      },
    )
    expect(found.filter(({ kind }) => kind === 'turns')).toEqual([])
  })
  it('keep their keys when the file is written again', () => {
    const keys = () => entries({ units: 1, expiry: onDay('2026-12-24') }).map(({ key }) => key)
    expect(keys()).toEqual(keys())
    expect(new Set(keys()).size).toBe(keys().length)
  })
  it('hold what Watch lists for a place, on the day on which somebody is there, and the third day', () => {
    const known = knownOf({
      places: [{ name: 'Cottage', presence: cottage }],
      laid: [{ of: 'gauze', there: 0, par: 4 }],
      followUps: [
        {
          key: 'again:1',
          incidentId: '1' as never,
          on: plainDate('2026-12-01'),
          why: 'look_again',
          what: 'Day 3: better?',
          who: 'Ned',
          memberId: null,
          placeId: null,
        },
      ],
    })
    const open = errands(known)
    const found = calendarEntries(known.survey, [], [], [], {
      trips: [],
      open,
      followUps: known.followUps,
      coming: known.coming,
    })
    const listed = found.find(({ kind }) => kind === 'errands')
    expect(listed).toMatchObject({ day: '2026-12-05', place: 'Cottage' })
    expect(listed?.kind === 'errands' && listed.errands.map(({ act }) => act)).toEqual(
      open.map(({ act }) => act),
    )
    expect(found).toContainEqual({
      key: 'follow-up-again:1',
      kind: 'follow_up',
      day: '2026-12-01',
      lastDay: '2026-12-01',
      who: 'Ned',
      what: 'Day 3: better?',
    })
  })
})
