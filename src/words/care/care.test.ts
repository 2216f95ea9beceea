/** Doses, times and handovers in words. */
import { describe, expect, it } from 'vitest'
import { NOON } from '../../../tests/support/care'
import { aMember, DAY } from '../../../tests/support/cover'
import type { Instant } from '../../core/dosing/given'
import { minutesAfter } from '../../core/dosing/given'
import type { CareEntry, Incident } from '../../core/incident/entry'
import { handoverOf } from '../../core/incident/handover'
import { timelineOf } from '../../core/incident/timeline'
import * as care from '.'
import { handoverParts, readAloud } from './handover'

describe('portions', () => {
  it.each([
    ['mL', 7500, '7.5 mL'],
    ['tablet', 500, '½ tablet'],
    ['tablet', 1000, '1 tablet'],
    ['tablet', 1500, '1½ tablets'],
    ['tablet', 2250, '2¼ tablets'],
    ['drop', 3000, '3 drops'],
  ] as const)('%s %d', (unit, thousandths, text) => {
    expect(care.portion({ unit, thousandths })).toBe(text)
  })
})

describe('times', () => {
  const at = (iso: string): Instant => Date.parse(iso) as Instant
  it('are those of the household, with the day where it is another', () => {
    expect(care.time(at('2026-11-26T16:05:00Z'), NOON, 'Europe/Oslo')).toBe('17:05')
    expect(care.time(at('2026-11-27T06:00:00Z'), NOON, 'Europe/Oslo')).toBe('Fri 07:00')
    expect(care.time(at('2026-10-26T10:00:00Z'), NOON, 'Europe/Oslo')).toBe('Mon 26 Oct 11:00')
  })
  it('spans are rounded up, so that nobody is too early', () => {
    expect(care.span(61_000)).toBe('2 min')
    expect(care.span(4_320_000)).toBe('1 h 12 min')
    expect(care.span(3 * 86_400_000)).toBe('3 days')
  })
})

describe('a handover', () => {
  const dog = aMember('dog', { name: 'Bracken', years: 11, kg: 13.4 })
  const incident = {
    id: 'i',
    kind: 'sting',
    patient: { kind: 'member', memberId: dog.id },
    placeId: null,
    startedAt: NOON,
    startedBy: 'Ilse',
  } as unknown as Incident
  const entry = (fact: CareEntry['fact'], minute: number): CareEntry =>
    ({
      id: `e${minute}`,
      incidentId: 'i',
      memberId: dog.id,
      at: minutesAfter(NOON, minute),
      by: 'Ilse',
      fact,
      outcome: null,
    }) as unknown as CareEntry
  const page = handoverOf(
    timelineOf(incident, [
      entry({ kind: 'tourniquet', where: 'left leg' }, 1),
      entry({ kind: 'seen', seen: ['swollen'], words: '' }, 2),
    ]),
    dog,
    [],
    () => '',
    DAY,
  )
  const at = { now: NOON, today: DAY, timeZone: 'Europe/Oslo', units: 'metric' } as const
  it('has the tourniquet’s time by itself, and says what is not there', () => {
    const parts = handoverParts(page, at)
    expect(parts.find(({ title }) => title === 'Tourniquet on at')?.lines).toEqual([
      '13:01 left leg',
    ])
    expect(parts.find(({ title }) => title === 'Given')?.lines).toEqual(['nothing'])
  })
  it('is read aloud in short sentences', () => {
    expect(readAloud(page, at)).toBe(
      'Bracken, dog, 11 years, 13.4 kg. Sting or bite since 13:00. Tourniquet on at 13:01, left leg. Allergies: none, said Ilse on 26 Nov 2026. Conditions: none, said Ilse on 26 Nov 2026. Takes every day: none, said Ilse on 26 Nov 2026. Given: nothing. Tourniquet on: left leg, 13:01. swollen, 13:02.',
    )
  })
})
