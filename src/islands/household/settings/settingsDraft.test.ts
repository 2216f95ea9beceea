import { describe, expect, it } from 'vitest'
import { faulty, sent } from '../../../../tests/support/forms'
import { readSettingsDraft, type SettingsDraft, settingsDraft } from './settingsDraft'

const household = {
  name: 'Marrow & Quill',
  timeZone: 'Europe/Oslo',
  dateOrder: 'day-first',
  weekStart: 'monday',
  units: 'metric',
  country: 'NO',
  labels: null,
  emergencyNumber: '',
  poisonNumber: '',
  currency: 'EUR',
  lookaheadDays: 30,
  roundPace: 'calm',
  pharmacyDays: [6],
  schools: {},
  version: 4,
} as unknown as Parameters<typeof settingsDraft>[0]
const from = settingsDraft(household)
const read = (change: Partial<SettingsDraft> = {}) =>
  readSettingsDraft({ ...from, ...change }, from, household)

describe('how the household writes', () => {
  it('is sent with the version that was seen', () => {
    const { body } = sent(read({ weekStart: 'sunday', units: 'us', lookahead: '14' }))
    // What was not touched is not sent: somebody else may have changed it since.
    expect(body).toEqual({ seenVersion: 4, weekStart: 'sunday', units: 'us', lookaheadDays: 14 })
  })
  it('sends nothing where nothing was changed', () => {
    expect(read()).toEqual({ kind: 'unchanged' })
  })
  it('may go back to what its country says', () => {
    const own = { ...from, labels: 'uk', emergencyNumber: '999' } as const
    expect(
      sent(readSettingsDraft({ ...own, labels: null, emergencyNumber: '' }, own, household)).body,
    ).toEqual({ seenVersion: 4, labels: null, emergencyNumber: '' })
  })
  it.each(['', '0', '367', '7.5', 'a month'])('looks %j days ahead: not sent', (lookahead) => {
    expect(Object.keys(faulty(read({ lookahead })))).toEqual(['lookahead'])
  })
  it('has a name', () => {
    expect(faulty(read({ name: ' ' }))).toEqual({ name: 'This is still missing.' })
  })
})
