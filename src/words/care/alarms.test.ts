/** What a reading means, in words: which line, on which side of it, whom to call and how soon. */
import { describe, expect, it } from 'vitest'
import { plainDate } from '../../core/calendar/plainDate'
import type { Instant } from '../../core/dosing/given'
import type { Advice, Told, Trend } from '../../core/incident/alarms'
import type { Temperature } from '../../core/quantity/measure'
import { adviceText, alarmText, causeText, ownLineText, trendText, urgencyText } from './alarms'

const value = 3_860 as Temperature
const how = {
  units: 'metric',
  time: (at: Instant): string => new Date(at).toISOString().slice(11, 16),
} as const
const due = Date.parse('2026-11-26T12:05:00Z') as Instant

describe('whom to call', () => {
  it.each<readonly [Pick<Told, 'urgency' | 'whom'>, string]>([
    [{ urgency: 'emergency', whom: 'doctor' }, 'Emergency: call the emergency number now.'],
    [
      { urgency: 'emergency', whom: 'vet' },
      'Emergency: call the vet or the animal clinic now, and go.',
    ],
    [{ urgency: 'now', whom: 'doctor' }, 'A doctor at once, day or night.'],
    [{ urgency: 'now', whom: 'vet' }, 'A vet at once, day or night.'],
    [{ urgency: 'today', whom: 'doctor' }, 'A doctor today.'],
    [{ urgency: 'today', whom: 'vet' }, 'A vet today.'],
  ])('%o', (told, text) => expect(urgencyText(told)).toBe(text))
})

describe('why', () => {
  it.each<readonly [Told['cause'], string]>([
    [{ kind: 'hot', line: 3_800 }, '38.6 °C: 38 °C or more.'],
    [{ kind: 'cold', line: 3_650 }, '38.6 °C: under 36.5 °C.'],
    [{ kind: 'hot_with', with: 'heat' }, '38.6 °C, after heat or running.'],
    [{ kind: 'hot_with', with: 'seizure' }, '38.6 °C, and a seizure.'],
    [{ kind: 'hot_with', with: 'confused' }, '38.6 °C, and confused.'],
    [{ kind: 'drowsy' }, '38.6 °C, and drowsy or hard to wake.'],
    [{ kind: 'not_falling' }, '38.6 °C: not falling after five minutes.'],
  ])('%o', (cause, text) => expect(causeText({ cause, value }, 'metric')).toBe(text))

  it('is told in the household’s units', () =>
    expect(causeText({ cause: { kind: 'hot', line: 3_800 }, value }, 'us')).toBe(
      '101.5 °F: 100.4 °F or more.',
    ))
})

describe('what to do', () => {
  it.each<readonly [Advice, string]>([
    [
      { kind: 'cool', to: 3_930, falling: false },
      'Cool: shade, water on the skin, fan, down to 39.3 °C.',
    ],
    [
      { kind: 'cool', to: 3_930, falling: true },
      'It falls, and is still too hot: go on cooling, down to 39.3 °C.',
    ],
    [{ kind: 'stop_cooling' }, 'Cool enough: stop cooling, dry, and go on reading.'],
    [{ kind: 'do_not_cool' }, 'A fever is not cooled with water.'],
    [
      { kind: 'warm' },
      'Warm slowly: dry, wrap, out of the wind. Nothing hot straight on the skin.',
    ],
    [{ kind: 'read_again', minutes: 5, due }, 'Read again in 5 minutes, at 12:05.'],
    [{ kind: 'seen_today', whom: 'doctor' }, 'To be seen by a doctor today, although it is lower.'],
    [{ kind: 'seen_today', whom: 'vet' }, 'To be seen by a vet today, although it is lower.'],
    [
      { kind: 'other_site', site: 'armpit' },
      'In the armpit this cannot be trusted: take it in another place.',
    ],
    [
      { kind: 'ask_age' },
      'How old? Under three months these figures mean a doctor at once. Until somebody says, the strictest hold.',
    ],
    [{ kind: 'ask_heat' }, 'Was it in the heat, or running?'],
    [
      { kind: 'watch_bird' },
      'No temperature is taken of a bird at home. Does it breathe with an open beak, sit fluffed up, or lie down? The vet.',
    ],
    [
      { kind: 'count_again', of: 'pulse', high: true },
      'The pulse is above normal. Count again, at rest.',
    ],
    [
      { kind: 'count_again', of: 'breathing', high: false },
      'Breathing is below normal. Count again, at rest.',
    ],
  ])('%o', (advice, text) => expect(adviceText(advice, how)).toBe(text))

  it('comes after whom to call', () => {
    const told: Told = {
      urgency: 'now',
      whom: 'doctor',
      cause: { kind: 'hot', line: 3_800 },
      value,
      at: due,
    }
    const trend: Trend = { five: null, fifteen: null }
    expect(alarmText({ told, advice: [{ kind: 'do_not_cool' }], trend }, how)).toEqual([
      'A doctor at once, day or night. 38.6 °C: 38 °C or more.',
      'A fever is not cooled with water.',
    ])
    expect(alarmText({ told: null, advice: [], trend }, how)).toEqual([])
  })
})

describe('how it goes', () => {
  it.each<readonly [Trend, 'metric' | 'us', string]>([
    [{ five: -30, fifteen: -80 }, 'metric', '−0.3 K in 5 min, −0.8 K in 15 min'],
    [{ five: 20, fifteen: null }, 'metric', '+0.2 K in 5 min'],
    [{ five: null, fifteen: 4 }, 'metric', 'no change in 15 min'],
    [{ five: null, fifteen: null }, 'metric', ''],
    [{ five: -50, fifteen: null }, 'us', '−0.9 °F in 5 min'],
  ])('%o in %s', (trend, units, text) => expect(trendText(trend, units)).toBe(text))
})

describe('lines of one’s own', () => {
  const said = { who: 'Dr Vale', on: plainDate('2026-03-04') }
  it.each([
    [{ ...said, hot: 3_900, cold: null }, 'from 39 °C (Dr Vale, 4 Mar 2026)'],
    [{ ...said, hot: null, cold: 3_600 }, 'under 36 °C (Dr Vale, 4 Mar 2026)'],
    [{ ...said, hot: 3_900, cold: 3_600 }, 'from 39 °C, under 36 °C (Dr Vale, 4 Mar 2026)'],
  ])('%o', (line, text) => expect(ownLineText(line, 'metric')).toBe(text))
})
