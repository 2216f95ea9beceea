import { describe, expect, it } from 'vitest'
import {
  lookedAt,
  onDay,
  onePocket,
  surveyed,
  TODAY,
  visits,
} from '../../../tests/support/household'
import { knownOf } from '../../../tests/support/known'
import { plainDate } from '../calendar/plainDate'
import { kitRounds } from '../rounds/due'
import { calendarEntries } from './calendarEntries'
import { errands } from './errands'

const cottage = visits(['2026-12-05', '2026-12-07', 'A weekend'], ['2020-01-01', '2020-01-02'])
const entries = (...lots: Parameters<typeof onePocket>[2][number][]) => {
  const stock = onePocket(cottage, 1, lots)
  const survey = surveyed(stock)
  const rounds = kitRounds(survey, lookedAt(stock, 0), 'calm', new Map())
  return calendarEntries(survey, rounds, [], [], { open: [], followUps: [] })
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
    const found = calendarEntries(known.survey, [], [], [], { open, followUps: known.followUps })
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
