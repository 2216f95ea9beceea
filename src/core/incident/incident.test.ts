/** Incidents: one line of time on every phone, timers, readings, what can be used. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { hoursLater, measure, minutes, NOON } from '../../../tests/support/care'
import { aMember, aPerson, aStock, DAY } from '../../../tests/support/cover'
import { idOf } from '../../../tests/support/ids'
import { pantry } from '../cover/pantry'
import type { IngredientKey } from '../dosing/card'
import { minutesAfter } from '../dosing/given'
import { GUIDE_CARDS, guideFaults, guidesFor } from '../guide/guide'
import { SPECIES } from '../household/species'
import type { MemberId, PlaceId } from '../ids'
import type { Temperature } from '../quantity/measure'
import { atHand, offeredLots } from './atHand'
import type { CareEntry, CareEntryId, CareFact, Incident, IncidentId, Reading } from './entry'
import { handoverOf } from './handover'
import { INCIDENT_KIND_IDS } from './kindNames'
import { INCIDENT_KINDS, kindsFor } from './kinds'
import { memberOf } from './patient'
import { correctedReading, normalFor, standingOf, tapRate } from './readings'
import { timelineOf } from './timeline'

const dog = aMember('dog', {
  name: 'Bracken',
  years: 11,
  kg: 13.4,
  facts: {
    normal: { temperature: { from: 37.9, to: 38.9 }, pulse: null, breathing: null },
  },
})
const incident: Incident = {
  id: 'i' as IncidentId,
  kind: null,
  patient: { kind: 'member', memberId: dog.id },
  placeId: null,
  startedAt: NOON,
  startedBy: 'Ilse',
}

let entries = 0
const entry = (fact: CareFact, minute: number, by = 'Ilse'): CareEntry => {
  entries += 1
  return {
    id: `e${String(entries).padStart(4, '0')}` as CareEntryId,
    incidentId: incident.id,
    memberId: dog.id,
    at: minutesAfter(NOON, minute),
    by,
    fact,
    outcome: null,
  }
}
const dose = (minute: number, milligrams = 5, by = 'Ilse'): CareEntry =>
  entry(
    {
      kind: 'dose',
      cardId: null,
      title: 'Cetirizine',
      portion: { unit: 'tablet', thousandths: 500 },
      holds: [{ key: 'cetirizine' as IngredientKey, measure: measure(`${milligrams} mg`) }],
      rule: {
        key: 'cetirizine' as IngredientKey,
        again: minutes(720),
        mostDoses: 2,
        most: measure('10 mg'),
      },
      takes: [],
      anyway: '',
    },
    minute,
    by,
  )
const temperature = (celsius: number, site: 'rectal' | 'armpit' = 'rectal'): Reading => ({
  of: 'temperature',
  value: Math.round(celsius * 100) as Temperature,
  site,
})

describe('an incident', () => {
  it('is the same in whatever order its entries are heard of', () => {
    const all = [
      entry({ kind: 'about', what: 'sting' }, 0),
      entry({ kind: 'about', what: 'other' }, 1, 'Tove'),
      dose(2),
      dose(4, 5, 'Tove'),
      entry({ kind: 'timer', what: 'Look again', minutes: 5 }, 3),
      entry({ kind: 'tourniquet', where: 'left leg' }, 6),
      entry({ kind: 'note', words: 'same moment' }, 6),
    ]
    const known = JSON.stringify(timelineOf(incident, all))
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: all.length }), (order) => {
        expect(JSON.stringify(timelineOf(incident, order))).toBe(known)
      }),
      { seed: 20261126 },
    )
    const { incident: now, entries: line } = timelineOf(incident, all)
    expect(now.kind).toBe('other')
    // Both phones gave it: the later one is flagged, and both stay in the record.
    expect(
      line.filter(({ fact }) => fact.kind === 'dose').map(({ beyond }) => beyond.length > 0),
    ).toEqual([false, true])
  })
  it('keeps what was struck out, and does not count it', () => {
    const given = dose(0)
    const struck = timelineOf(incident, [given, entry({ kind: 'struck', entryId: given.id }, 1)])
    expect(struck.doses).toEqual([])
    expect(struck.entries[0]?.struck).toBe(true)
    expect(struck.timers).toEqual([])
  })
  it('counts doses that were given outside it', () => {
    const before = { ...dose(-60), incidentId: null }
    const { entries: line } = timelineOf(incident, [dose(0)], [before])
    expect(line[0]?.beyond.map(({ code }) => code)).toEqual(['interval_not_over'])
  })
  it('ends, and goes on when it is opened again', () => {
    const ended = entry({ kind: 'ended' }, 5)
    expect(timelineOf(incident, [ended]).ended?.by).toBe('Ilse')
    expect(timelineOf(incident, [ended, entry({ kind: 'reopened' }, 6)]).ended).toBeNull()
  })
})

describe('timers', () => {
  it('speak up when they are due and are answered once, on whichever phone', () => {
    const timer = entry({ kind: 'timer', what: 'Look again', minutes: 5 }, 0)
    expect(timelineOf(incident, [timer]).timers).toEqual([
      { key: timer.id, kind: 'set', what: 'Look again', due: minutesAfter(NOON, 5) },
    ])
    expect(
      timelineOf(incident, [timer, entry({ kind: 'timer_done', timer: timer.id }, 6, 'Tove')])
        .timers,
    ).toEqual([])
  })
  it('name the time from which the next dose may be given: after the last', () => {
    const last = dose(720)
    const { timers } = timelineOf(incident, [dose(0), last])
    expect(timers.map(({ key, due }) => [key, due])).toEqual([[`dose:${last.id}`, hoursLater(24)]])
  })
  it('throw a mixture away', () => {
    const mixed = entry(
      { kind: 'mixed', title: 'Rehydration drink', words: '', keepHours: 24, takes: [] },
      0,
    )
    expect(timelineOf(incident, [mixed]).timers[0]).toMatchObject({
      kind: 'throw_away',
      due: hoursLater(24),
    })
  })
})

describe('readings', () => {
  it('stand against the patient’s own normal first', () => {
    const normal = normalFor(dog, 'temperature', DAY)
    expect(normal?.own).toBe(true)
    expect(standingOf(temperature(39.0), normal)).toBe('above')
    expect(normalFor(dog, 'pulse', DAY)).toEqual({ own: false, range: { from: 60, to: 140 } })
    expect(standingOf(temperature(37), normalFor(aMember('bird'), 'temperature', DAY))).toBe(
      'unknown',
    )
    expect(standingOf(temperature(37.8), normalFor(aPerson(7), 'temperature', DAY))).toBe('within')
  })
  it('of an animal’s armpit are corrected by 1.1 K, of a person’s are not', () => {
    expect(correctedReading(temperature(38, 'armpit'), true)).toMatchObject({ value: 3910 })
    expect(correctedReading(temperature(38, 'armpit'), false)).toMatchObject({ value: 3800 })
    expect(correctedReading(temperature(38), true)).toMatchObject({ value: 3800 })
  })
  it('by tapping: the middle interval, whatever one slip does', () => {
    const every = (milliseconds: number, count: number) =>
      Array.from({ length: count }, (_, at) => at * milliseconds)
    expect(tapRate(every(1000, 3))).toBeNull()
    expect(tapRate(every(600, 12))).toEqual({ perMinute: 100, beats: 12, steady: true })
    const missed = every(600, 12).filter((_, at) => at !== 5)
    expect(tapRate(missed)).toMatchObject({ perMinute: 100, steady: true })
    expect(tapRate([0, 600, 1900, 2100, 3900, 4000])).toMatchObject({ steady: false })
  })
  it('by tapping evenly are right to one beat', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 6, max: 240 }),
        fc.integer({ min: 6, max: 30 }),
        (rate, count) => {
          const taps = Array.from({ length: count }, (_, at) => (at * 60_000) / rate)
          expect(Math.abs((tapRate(taps)?.perMinute ?? 0) - rate)).toBeLessThanOrEqual(1)
        },
      ),
    )
  })
})

describe('what can be used', () => {
  const child = aPerson(7, { kg: 22.4, facts: { swallowsTablets: false } })
  const here = idOf<PlaceId>(1, 1)
  const question = { patient: child, kind: 'fever' as const, here, date: DAY }
  it('is what suits, what lies here before what lies elsewhere', () => {
    const stock = pantry(
      aStock({
        members: [child],
        put: [
          { of: 'acetaminophen-liquid', days: 300, kit: 1 },
          { of: 'acetaminophen-liquid', days: 400 },
          { of: 'oral-syringe-10' },
          { of: 'aspirin-325', days: 100, count: 20 },
        ],
      }),
    )
    const answer = atHand(stock, question)
    const [first] = offeredLots(answer).filter(({ title }) => title.startsWith('Acetaminophen'))
    expect([first?.placeId, first?.isHere]).toEqual([here, true])
    const aspirin = answer.setAside.find(({ title }) => title.startsWith('Aspirin'))
    expect([aspirin?.grade, aspirin?.why.map(({ code }) => code)]).toEqual([
      'forbidden',
      expect.arrayContaining(['rule']),
    ])
  })
  it('is nothing for a stranger’s dog from people’s medicine', () => {
    const guest = memberOf(
      { kind: 'guest', name: 'A dog', species: 'dog', years: 4, grams: 20_000, allergies: '' },
      [],
      DAY,
    )
    if (!guest) throw new Error('A guest is always somebody')
    const stock = pantry(
      aStock({ members: [child], put: [{ of: 'cetirizine-10', days: 300, count: 10 }] }),
    )
    const answer = atHand(stock, { patient: guest, kind: 'sting', here, date: DAY })
    expect(offeredLots(answer).filter(({ title }) => title.startsWith('Cetirizine'))).toEqual([])
    expect(answer.setAside.find(({ title }) => title.startsWith('Cetirizine'))?.grade).toBe(
      'ask_first',
    )
    expect(answer.calls.join(' ')).toContain('vet')
  })
})

describe('the handover', () => {
  it('says who, what was given when, and leaves the household’s own out', () => {
    const line = timelineOf(incident, [
      entry({ kind: 'about', what: 'sting' }, 0),
      dose(1),
      entry({ kind: 'reading', reading: temperature(39.4) }, 2),
      entry({ kind: 'seen', seen: ['swollen'], words: '' }, 3),
      entry({ kind: 'timer', what: 'Look', minutes: 5 }, 3),
    ])
    const page = handoverOf(line, dog, [], () => '', DAY)
    expect([
      page.kind,
      page.doses.length,
      page.readings[0]?.standing,
      page.happened.length,
    ]).toEqual(['sting', 1, 'above', 1])
  })
  it('knows a guest by what was written down', () => {
    const guest = memberOf(
      {
        kind: 'guest',
        name: 'A friend',
        species: 'person',
        years: 8,
        grams: null,
        allergies: 'nuts, latex',
      },
      [],
      DAY,
    )
    expect([guest?.facts.allergies.length, guest?.guestUntil]).toEqual([2, DAY])
    expect(memberOf({ kind: 'member', memberId: idOf<MemberId>(6, 999) }, [], DAY)).toBeNull()
  })
})

describe('guided cards', () => {
  it('hang together: a call, a stop, steps, an end, a guideline', () => {
    expect(guideFaults()).toEqual([])
    expect(GUIDE_CARDS.length).toBeGreaterThanOrEqual(30)
  })
  it('find a fault', () => {
    const [first] = GUIDE_CARDS
    if (!first) throw new Error('There are cards')
    expect(guideFaults([first, { ...first, guideline: '' }])).toEqual([
      `${first.id}: twice`,
      `${first.id}: names no guideline`,
    ])
  })
  it('say what uses something up in few enough words to be noted whole', () => {
    const [first] = GUIDE_CARDS
    const step = first?.steps[0]
    if (!first || !step) throw new Error('There are cards')
    const long = { ...step, text: 'a'.repeat(101), takes: ['gloves'] as const }
    expect(guideFaults([{ ...first, steps: [long] }])).toEqual([`${first.id}: too long`])
  })
  it('are there for every kind of incident and every species', () => {
    for (const kind of INCIDENT_KIND_IDS)
      for (const id of INCIDENT_KINDS[kind].guides)
        expect([kind, id, GUIDE_CARDS.some((card) => card.id === id)]).toEqual([kind, id, true])
    for (const species of SPECIES) {
      expect([species, guidesFor(species).length > 2]).toEqual([species, true])
      expect(kindsFor(species).length).toBeGreaterThan(8)
    }
  })
  it('give no number of a medicine', () => {
    for (const card of GUIDE_CARDS)
      for (const { text } of card.steps)
        expect([card.id, /\b\d+ ?(mg|mL|tablets?)\b/.exec(text)]).toEqual([card.id, null])
  })
})
