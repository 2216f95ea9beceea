import { describe, expect, it } from 'vitest'
import type { CareEntry, CareFact, Incident } from './entry'
import { type FollowUp, followUpsOf } from './followUps'

const HOUR = 3_600_000
const START = Date.parse('2026-11-20T10:00:00Z')
const incident: Incident = {
  id: 'i' as Incident['id'],
  kind: 'bleeding',
  patient: { kind: 'member', memberId: 'ned' as never },
  placeId: 'home' as never,
  startedAt: START as never,
  startedBy: 'Ilse',
}
let count = 0
const entry = (fact: CareFact, hours = 0): CareEntry => {
  count += 1
  return {
    id: `e${count}` as CareEntry['id'],
    incidentId: incident.id,
    memberId: null,
    at: (START + hours * HOUR) as CareEntry['at'],
    by: 'Ilse',
    fact,
    outcome: null,
  }
}
const timer = (minutes: number): CareEntry => entry({ kind: 'timer', what: 'better?', minutes })
const ended = entry({ kind: 'ended' }, 1)
const found = (...entries: readonly CareEntry[]): readonly FollowUp[] =>
  followUpsOf([incident], entries, 'Europe/Oslo', () => 'Ned')
const brief = (...entries: readonly CareEntry[]) =>
  found(...entries).map(({ why, on, what }) => [why, on, what])

describe('what is still to be looked at', () => {
  it('is the third and the tenth day, also of what is over', () => {
    expect(brief(timer(3 * 24 * 60), timer(10 * 24 * 60), ended)).toEqual([
      ['look_again', '2026-11-23', 'better?'],
      ['look_again', '2026-11-30', 'better?'],
    ])
  })
  it('is nothing of the same day: that is looked at while one stands beside the patient', () => {
    expect(brief(timer(5), timer(12 * 60), ended)).toEqual([])
  })
  it('is over once somebody has looked', () => {
    const third = timer(3 * 24 * 60)
    const looked = entry({ kind: 'timer_done', timer: third.id }, 70)
    expect(brief(third, looked, ended)).toEqual([])
  })
  it('is what nobody ended, from the day after the last word', () => {
    expect(brief()).toEqual([['not_ended', '2026-11-21', '']])
    expect(brief(entry({ kind: 'note', words: 'sleeps' }, 30))).toEqual([
      ['not_ended', '2026-11-22', ''],
    ])
    expect(found()[0]).toMatchObject({ who: 'Ned', memberId: 'ned', placeId: 'home' })
  })
  it('says which day that is where the household lives', () => {
    const late = entry({ kind: 'timer', what: 'better?', minutes: 24 * 60 + 13 * 60 + 30 })
    expect(brief(late, ended)).toEqual([['look_again', '2026-11-22', 'better?']])
  })
})
