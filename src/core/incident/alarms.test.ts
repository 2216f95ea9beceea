/** Every alarm line on, just under and just over; what stands, what is asked, what falls. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { NOON } from '../../../tests/support/care'
import { aMember, DAY } from '../../../tests/support/cover'
import { minutesAfter } from '../dosing/given'
import type { AlarmLine } from '../household/member'
import type { Species } from '../household/species'
import { monthsSaid, type SaidAge } from '../household/weight'
import type { Temperature } from '../quantity/measure'
import { type AlarmQuestion, type AlarmState, alarmOf, type Urgency } from './alarms'
import type { Seen, Site } from './entry'
import { normalFor } from './readings'

interface Scene {
  readonly species?: Species
  readonly months?: number | null
  readonly grownUp?: boolean
  readonly site?: Site
  readonly seen?: readonly (readonly [number, Seen])[]
  readonly isHeat?: boolean
  readonly alarm?: AlarmLine
  /** Minutes after the last reading at which it is asked. */
  readonly later?: number
}

const read = (readings: readonly (readonly [number, number])[], scene: Scene = {}): AlarmState => {
  const { species = 'person', months = 30 * 12, site = 'rectal', seen = [], later = 0 } = scene
  const member = aMember(species, {
    years: months === null ? null : months / 12,
    ...(scene.alarm && { facts: { alarm: scene.alarm } }),
  })
  const last = Math.max(0, ...readings.map(([minute]) => minute))
  const question: AlarmQuestion = {
    patient: member,
    months,
    grownUp: scene.grownUp ?? false,
    normal: (of) => normalFor({ ...member, born: months === null ? null : member.born }, of, DAY),
    readings: readings.map(([minute, celsius]) => ({
      at: minutesAfter(NOON, minute),
      reading: {
        of: 'temperature' as const,
        value: Math.round(celsius * 100) as Temperature,
        site,
      },
    })),
    seen: seen.map(([minute, one]) => ({ at: minutesAfter(NOON, minute), seen: [one] })),
    isHeat: scene.isHeat ?? false,
    now: minutesAfter(NOON, last + later),
  }
  return alarmOf(question)
}
const urgencyAt = (celsius: number, scene: Scene = {}): Urgency | null =>
  read([[0, celsius]], scene).told?.urgency ?? null
const kinds = (state: AlarmState): readonly string[] => state.advice.map(({ kind }) => kind)

/** Who, which line, and what is said on it; just under (or over) it something else, or nothing. */
const HOT: readonly (readonly [string, Scene, number, Urgency, Urgency | null])[] = [
  ['a baby of ten weeks', { months: monthsSaid({ count: 10, unit: 'weeks' }) }, 38, 'now', null],
  ['a newborn', { months: 0 }, 38, 'now', null],
  ['a baby of three months', { months: 3 }, 39, 'today', null],
  ['a baby of five months', { months: 5 }, 39, 'today', null],
  ['a baby of six months', { months: 6 }, 40, 'today', null],
  ['a child', { months: 84 }, 40, 'today', null],
  ['a grown-up', {}, 40, 'today', null],
  ['a grown-up, after heat', { isHeat: true }, 40, 'emergency', null],
  ['a grown-up, confused', { seen: [[0, 'confused']] }, 40, 'emergency', null],
  ['a grown-up, seizing', { seen: [[0, 'seizure']] }, 40, 'emergency', null],
  ['a baby, after heat', { months: 2, isHeat: true }, 40, 'emergency', 'now'],
  ['anybody', {}, 41.5, 'emergency', 'today'],
  ['a baby of ten weeks, very hot', { months: 2 }, 41.5, 'emergency', 'now'],
  ['a dog', { species: 'dog' }, 40.5, 'today', null],
  ['a dog, at once', { species: 'dog' }, 41.1, 'emergency', 'today'],
  ['a cat', { species: 'cat' }, 40, 'today', null],
  ['a cat, at once', { species: 'cat' }, 41, 'emergency', 'today'],
  ['a rabbit', { species: 'rabbit' }, 40.5, 'today', null],
  ['a rabbit, at once', { species: 'rabbit' }, 41, 'emergency', 'today'],
  ['a guinea pig', { species: 'guinea pig' }, 40.5, 'today', null],
  ['a guinea pig, at once', { species: 'guinea pig' }, 41, 'emergency', 'today'],
  ['a horse', { species: 'horse' }, 39.5, 'today', null],
  ['a horse, at once', { species: 'horse' }, 41, 'emergency', 'today'],
  ['a hamster, as anybody', { species: 'hamster' }, 41.5, 'emergency', null],
  ['a ferret, as anybody', { species: 'ferret' }, 41.5, 'emergency', null],
]
const COLD: readonly (readonly [string, Scene, number, Urgency, Urgency | null])[] = [
  ['a baby of ten weeks', { months: 2 }, 36, 'now', null],
  ['a baby of four months', { months: 4 }, 35.5, 'today', null],
  ['a child', { months: 84 }, 35, 'today', null],
  ['a grown-up', {}, 35, 'today', null],
  ['a grown-up, deeply chilled', {}, 32, 'emergency', 'today'],
  ['a baby, deeply chilled', { months: 1 }, 32, 'emergency', 'now'],
  ['a dog', { species: 'dog' }, 37.2, 'today', null],
  ['a dog, deeply chilled', { species: 'dog' }, 35, 'emergency', 'today'],
  ['a cat', { species: 'cat' }, 37.2, 'today', null],
  ['a cat, deeply chilled', { species: 'cat' }, 35, 'emergency', 'today'],
  ['a rabbit', { species: 'rabbit' }, 38, 'emergency', null],
  ['a guinea pig', { species: 'guinea pig' }, 36.5, 'emergency', null],
  ['a horse', { species: 'horse' }, 36.5, 'today', null],
]

describe('the hot lines', () => {
  it.each(HOT)('%s', (_, scene, line, on, under) => {
    expect([urgencyAt(line, scene), urgencyAt(line + 0.01, scene)]).toEqual([on, on])
    expect(urgencyAt(line - 0.01, scene)).toBe(under)
  })
})

describe('the cold lines', () => {
  it.each(COLD)('%s', (_, scene, line, under, on) => {
    expect([urgencyAt(line - 0.01, scene), urgencyAt(line - 0.5, scene)]).toEqual([under, under])
    expect(urgencyAt(line, scene)).toBe(on)
  })
  it('drowsy outside the normal range is an emergency at every age', () => {
    for (const months of [1, 4, 84, 400])
      for (const celsius of [35.9, 38.2])
        expect([months, celsius, urgencyAt(celsius, { months, seen: [[0, 'drowsy']] })]).toEqual([
          months,
          celsius,
          'emergency',
        ])
    expect(urgencyAt(37, { seen: [[0, 'drowsy']] })).toBeNull()
    expect(
      urgencyAt(38.2, {
        seen: [
          [0, 'drowsy'],
          [1, 'awake'],
        ],
        later: 2,
      }),
    ).toBeNull()
  })
})

describe('an age that nobody has said', () => {
  it('is asked for, and the strictest line holds until then', () => {
    const state = read([[0, 38.1]], { months: null })
    expect(state.told?.urgency).toBe('now')
    expect(kinds(state)).toContain('ask_age')
    expect(urgencyAt(38.1, { months: null, grownUp: true })).toBeNull()
    expect(kinds(read([[0, 38.1]], { months: null, grownUp: true }))).not.toContain('ask_age')
  })
  it.each<readonly [SaidAge, Urgency | null]>([
    [{ count: 90, unit: 'days' }, 'now'],
    [{ count: 91, unit: 'days' }, null],
    [{ count: 12, unit: 'weeks' }, 'now'],
    [{ count: 13, unit: 'weeks' }, null],
    [{ count: 2, unit: 'months' }, 'now'],
    [{ count: 0, unit: 'years' }, 'now'],
  ])('of %o, 38.5 °C says %s', (age, urgency) => {
    expect(urgencyAt(38.5, { months: monthsSaid(age) })).toBe(urgency)
  })
})

describe('where it was taken', () => {
  it('an armpit of people counts half a degree more for the hot lines', () => {
    expect(urgencyAt(37.5, { months: 2, site: 'armpit' })).toBe('now')
    expect(urgencyAt(37.49, { months: 2, site: 'armpit' })).toBeNull()
    expect(urgencyAt(39.5, { site: 'armpit' })).toBe('today')
  })
  it('an armpit of an animal counts 1.1 more', () => {
    expect(urgencyAt(39.4, { species: 'dog', site: 'armpit' })).toBe('today')
    expect(urgencyAt(39.39, { species: 'dog', site: 'armpit' })).toBeNull()
  })
  it('a low armpit asks for another site, and alarms nobody by itself', () => {
    for (const species of ['person', 'dog', 'cat', 'rabbit'] as const) {
      const state = read([[0, 34.5]], { species, site: 'armpit' })
      expect([species, state.told]).toEqual([species, null])
      expect(kinds(state)).toContain('other_site')
    }
  })
  it('an ear under six months asks for another site', () => {
    expect(kinds(read([[0, 37]], { months: 5, site: 'ear' }))).toContain('other_site')
    expect(kinds(read([[0, 37]], { months: 6, site: 'ear' }))).not.toContain('other_site')
    expect(urgencyAt(38, { months: 2, site: 'ear' })).toBe('now')
  })
})

describe('heat', () => {
  it('is cooled and read every five minutes, down to where it stops', () => {
    for (const [species, from, to] of [
      ['person', 40.2, 38.9],
      ['dog', 40.6, 39.4],
      ['cat', 40.3, 39.4],
      ['horse', 39.9, 39.4],
      ['rabbit', 40.6, 40],
      ['guinea pig', 40.6, 40],
    ] as const) {
      const scene: Scene = { species, isHeat: true }
      const hot = read([[0, from]], scene)
      expect([species, kinds(hot)]).toEqual([species, ['cool', 'read_again', 'seen_today']])
      expect(hot.advice[1]).toMatchObject({ minutes: 5, due: minutesAfter(NOON, 5) })
      const falling = read(
        [
          [0, from],
          [6, to + 0.1],
        ],
        scene,
      )
      expect(falling.advice[0]).toMatchObject({ kind: 'cool', falling: true })
      const cooled = read(
        [
          [0, from],
          [6, to + 0.1],
          [11, to],
        ],
        scene,
      )
      expect([species, kinds(cooled)]).toEqual([
        species,
        ['stop_cooling', 'read_again', 'seen_today'],
      ])
    }
  })
  it('that does not fall within five minutes is an emergency', () => {
    const minutesOn = (minute: number, celsius: number) =>
      read(
        [
          [0, 40.6],
          [minute, celsius],
        ],
        { species: 'dog', isHeat: true },
      ).told
    expect(minutesOn(5, 40.41)?.cause.kind).toBe('not_falling')
    expect(minutesOn(5, 40.4)?.urgency).toBe('today')
    expect(minutesOn(4, 40.6)?.urgency).toBe('today')
    expect(minutesOn(5, 40.9)?.urgency).toBe('emergency')
    // Against the highest since, not the first.
    const spell: readonly (readonly [number, number])[] = [
      [0, 40.6],
      [5, 41],
      [11, 40.9],
    ]
    expect(read(spell, { species: 'dog', isHeat: true }).told?.urgency).toBe('emergency')
  })
  it('a dog is asked about, where nobody has said', () => {
    const state = read([[0, 40.7]], { species: 'dog' })
    expect(kinds(state)).toEqual(['ask_heat', 'do_not_cool', 'read_again'])
    expect(state.advice.at(-1)).toMatchObject({ minutes: 30 })
    expect(kinds(read([[0, 40.7]], { species: 'dog', seen: [[0, 'in-heat']] }))).toContain('cool')
    expect(kinds(read([[0, 40.7]], { species: 'dog', seen: [[0, 'not-in-heat']] }))).not.toContain(
      'ask_heat',
    )
  })
  it('an animal over its emergency line is cooled, whatever was said', () => {
    for (const species of ['dog', 'cat', 'rabbit', 'guinea pig', 'horse'] as const)
      expect([species, kinds(read([[0, 41.2]], { species }))]).toEqual([
        species,
        ['cool', 'read_again', 'seen_today'],
      ])
    expect(kinds(read([[0, 41.6]], {}))).not.toContain('cool')
  })
})

describe('fever', () => {
  it('is not cooled, and read again after half an hour', () => {
    const state = read([[0, 40.1]])
    expect(kinds(state)).toEqual(['do_not_cool', 'read_again'])
    expect(state.advice.at(-1)).toMatchObject({ minutes: 30 })
  })
  it('that falls and never reached a line needs nothing', () => {
    expect(
      read([
        [0, 39.4],
        [30, 38.9],
      ]),
    ).toMatchObject({ told: null, advice: [] })
  })
  it('that was told stands for a day, although it is lower', () => {
    const state = read([
      [0, 40.1],
      [30, 38.6],
    ])
    expect(state.told?.urgency).toBe('today')
    expect(kinds(state)).toEqual(['read_again', 'seen_today'])
    expect(
      read([
        [0, 40.1],
        [30, 37],
      ]).told?.urgency,
    ).toBe('today')
    expect(
      read([
        [0, 40.1],
        [24 * 60, 37],
      ]).told,
    ).toBeNull()
    expect(
      read([
        [0, 40.1],
        [24 * 60 - 1, 37],
      ]).told?.urgency,
    ).toBe('today')
  })
  it('ends when a doctor or vet has looked, not by one lower reading', () => {
    expect(
      read(
        [
          [0, 41.2],
          [10, 39],
        ],
        { species: 'cat' },
      ).told?.urgency,
    ).toBe('emergency')
    const looked = { species: 'cat' as const, seen: [[20, 'looked-at' as const]] as const }
    expect(
      read(
        [
          [0, 41.2],
          [10, 39],
          [25, 39],
        ],
        looked,
      ).told,
    ).toBeNull()
    expect(
      read(
        [
          [0, 41.2],
          [10, 39],
          [25, 40.2],
        ],
        looked,
      ).told?.urgency,
    ).toBe('today')
  })
})

describe('whose line', () => {
  it('the doctor’s or vet’s own moves an alarm, an own normal does not', () => {
    const own = (hot: number | null, cold: number | null): AlarmLine => ({
      hot,
      cold,
      who: 'Dr Fenwick',
      on: DAY,
    })
    expect(urgencyAt(39.6, { species: 'dog', alarm: own(3950, null) })).toBe('today')
    expect(urgencyAt(40.6, { species: 'dog', alarm: own(4080, null) })).toBeNull()
    expect(urgencyAt(41.1, { species: 'dog', alarm: own(4200, null) })).toBe('emergency')
    expect(urgencyAt(36.9, { species: 'dog', alarm: own(null, 3680) })).toBeNull()
    // A baby's stays "at once", day or night, from the doctor's line on.
    const baby = { months: 1, alarm: own(3750, 3620) }
    expect(urgencyAt(37.5, baby)).toBe('now')
    expect(urgencyAt(37.4, baby)).toBeNull()
    expect(urgencyAt(36.1, baby)).toBe('now')
    const warm = aMember('dog', {
      facts: { normal: { temperature: { from: 39, to: 40.6 }, pulse: null, breathing: null } },
    })
    expect(
      alarmOf({
        patient: warm,
        months: 60,
        grownUp: false,
        normal: (of) => normalFor(warm, of, DAY),
        readings: [
          {
            at: NOON,
            reading: { of: 'temperature', value: 4050 as Temperature, site: 'rectal' },
          },
        ],
        seen: [],
        isHeat: false,
        now: NOON,
      }).told?.urgency,
    ).toBe('today')
  })
})

describe('pulse, breaths, birds', () => {
  it('outside normal is told, and counted again at rest', () => {
    const state = (value: number) =>
      alarmOf({
        patient: aMember('horse', {}),
        months: 100,
        grownUp: false,
        normal: (of) => normalFor(aMember('horse', {}), of, DAY),
        readings: [{ at: NOON, reading: { of: 'pulse', value } }],
        seen: [],
        isHeat: false,
        now: NOON,
      })
    expect(state(70).advice).toEqual([{ kind: 'count_again', of: 'pulse', high: true }])
    expect(state(20).advice).toEqual([{ kind: 'count_again', of: 'pulse', high: false }])
    expect(state(36)).toMatchObject({ told: null, advice: [] })
  })
  it('of a bird how it breathes and sits is asked', () => {
    for (const species of ['bird', 'hen'] as const)
      expect(kinds(read([], { species }))).toEqual(['watch_bird'])
  })
})

describe('readings in any order', () => {
  const reading = fc.tuple(fc.integer({ min: 0, max: 600 }), fc.integer({ min: 3000, max: 4300 }))
  const species = fc.constantFrom<Species>('person', 'dog', 'cat', 'rabbit', 'guinea pig', 'horse')
  it('say the same', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(reading, { selector: ([minute]) => minute }),
        species,
        (all, one) => {
          const celsius = all.map(([minute, value]) => [minute, value / 100] as const)
          expect(read([...celsius].reverse(), { species: one })).toEqual(
            read(celsius, { species: one }),
          )
        },
      ),
      { seed: 20261128 },
    )
  })
  it('a higher fever is never told later', () => {
    const rank = (urgency: Urgency | null): number =>
      urgency === 'emergency' ? 3 : urgency === 'now' ? 2 : urgency === 'today' ? 1 : 0
    fc.assert(
      fc.property(
        species,
        fc.integer({ min: 0, max: 200 }),
        fc.integer({ min: 3800, max: 4400 }),
        fc.integer({ min: 0, max: 200 }),
        (one, months, value, more) => {
          const at = (hundredths: number) =>
            rank(urgencyAt(hundredths / 100, { species: one, months }))
          expect(at(value + more)).toBeGreaterThanOrEqual(at(value))
        },
      ),
      { seed: 20261128 },
    )
  })
  it('nothing that was told goes before a day is over', () => {
    fc.assert(
      fc.property(fc.array(reading, { minLength: 1, maxLength: 6 }), species, (all, one) => {
        const celsius = all.map(([minute, value]) => [minute, value / 100] as const)
        const before = read(celsius, { species: one }).told
        const after = read([...celsius, [601, 38.3]], { species: one }).told
        if (before?.urgency === 'emergency') expect(after?.urgency).toBe('emergency')
        if (before) expect(after).not.toBeNull()
      }),
      { seed: 20261128 },
    )
  })
})
