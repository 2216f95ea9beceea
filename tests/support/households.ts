/** Random households: people and animals, three places, things of the catalogue in every state. */
import fc from 'fast-check'
import { addDays } from '../../src/core/calendar/plainDate'
import { CATALOGUE } from '../../src/core/catalogue/catalogue'
import type { Member } from '../../src/core/household/member'
import type { Known } from '../../src/core/watch/errands'
import { aMember, aPerson } from './cover'
import { ALWAYS, TODAY, visits } from './household'
import { knownOf, type Laid } from './known'

export const PEOPLE: readonly Member[] = [
  aPerson(41, {
    helper: true,
    facts: {
      gloveSize: 'S',
      skills: [{ skill: 'tourniquet', until: addDays(TODAY, 40), by: 'School' }],
    },
  }),
  aPerson(8, { kg: 26, facts: { conditions: ['asthma', 'anaphylaxis'] } }),
  aPerson(2, { kg: 12 }),
  aPerson(75, {
    facts: { bloodThinner: true, allergies: [{ kind: 'substance', substance: 'latex' }] },
  }),
  aMember('dog', { kg: 14 }),
  aMember('cat', { kg: 4 }),
  aMember('bird', { kg: 0.1 }),
  aPerson(6, {
    kg: 21,
    guestUntil: addDays(TODAY, 60),
    guestDays: [6, 7],
    facts: { allergies: [{ kind: 'substance', substance: 'latex' }] },
  }),
]

export const laidOf = (places: number): fc.Arbitrary<Laid> =>
  fc.record({
    of: fc.constantFrom(...CATALOGUE.map(({ id }) => id)),
    at: fc.integer({ min: 0, max: places - 1 }),
    there: fc.integer({ min: 0, max: 6 }),
    par: fc.integer({ min: 0, max: 4 }),
    until: fc.option(
      fc.integer({ min: -10, max: 80 }).map((ahead) => addDays(TODAY, ahead) as string),
      { nil: undefined },
    ),
    lot: fc.constantFrom<Laid['lot']>(
      {},
      {},
      {},
      { standing: { kind: 'held', reason: 'ask' } },
      { standing: { kind: 'missing', since: TODAY } },
      { standing: { kind: 'unclean', since: TODAY } },
      { condition: 'torn' },
    ),
  }) as fc.Arbitrary<Laid>

export const drawn = fc.record({
  members: fc.subarray([...PEOPLE]),
  laid: fc.array(laidOf(3), { minLength: 1, maxLength: 30 }),
  ranges: fc.tuple(
    ...[0, 1, 2].map(() => fc.constantFrom(null, 'body', 'bag', 'vehicle', 'home', 'away')),
  ),
  course: fc.option(fc.integer({ min: 0, max: 29 }), { nil: undefined }),
  usual: fc.subarray([...PEOPLE]),
})

type Drawn = typeof drawn extends fc.Arbitrary<infer Of> ? Of : never

export function laidOut({ members, laid, ranges, course, usual }: Drawn): Known {
  // One lot of an item in a pocket: what belongs there is said once.
  const once = [...new Map(laid.map((one) => [`${one.of}/${one.at}`, one])).values()]
  const taken = course === undefined ? undefined : once[course % once.length]
  const [first] = members
  return knownOf({
    members,
    laid: once,
    places: [
      { presence: ALWAYS, traits: ['tap', 'night'], kit: { range: ranges[0] ?? null } },
      {
        presence: { rhythm: { kind: 'weekdays', days: [1, 2, 3] }, visits: [] },
        traits: ['vehicle'],
        kit: { range: ranges[1] ?? null },
        usuallyThere: usual.map(({ id }) => id),
      },
      {
        presence: visits(['2026-12-05', '2026-12-07'], ['2027-02-01', '2027-02-03']),
        traits: ['night', 'cold', 'ticks'],
        minutesToHelp: 90,
        kit: { range: ranges[2] ?? null },
      },
    ],
    courses: taken && first ? [{ member: first, of: taken.of }] : [],
  })
}

export const household: fc.Arbitrary<Known> = drawn.map(laidOut)
