/** Packing a large trip: how long it takes to one per cent and to proven, and what a hand packer would carry. */
import { addDays } from '../src/core/calendar/plainDate'
import { catalogue } from '../src/core/catalogue/catalogue'
import type { MemberId } from '../src/core/ids'
import { packGreedily } from '../src/core/trips/greedy'
import { layOutTrip } from '../src/core/trips/layOut'
import { packBags } from '../src/core/trips/loadout'
import { highsSolver } from '../src/solver/highs'
import { aMember, aPerson, DAY } from '../tests/support/cover'
import { goneOut } from '../tests/support/trips'

export interface PackingTimes {
  readonly lots: number
  readonly members: number
  readonly days: number
  readonly bags: number
  /** Milliseconds to lay it out, to one per cent, and to proven. */
  readonly laidOut: number
  readonly toOnePercent: number
  readonly toProven: number
  readonly grams: number
  /** By hand, with so many things that it could not meet. */
  readonly byHandGrams: number
  readonly byHandMissed: number
}

const LOTS = 3000
const SECONDS = 60

/** Six people and three animals, two weeks, five bags, a party that splits. */
export async function timePacking(): Promise<PackingTimes> {
  const solver = await highsSolver()
  const taught = { skills: [{ skill: 'tourniquet', until: null, by: 'Course' }] } as never
  const ill = { conditions: ['asthma', 'anaphylaxis'] } as never
  const members = [
    aPerson(40, { helper: true, facts: taught }),
    aPerson(38, { helper: true, facts: taught }),
    aPerson(9, { facts: ill }),
    aPerson(14),
    aPerson(2, { kg: 12 }),
    aPerson(71, { helper: true }),
    aMember('dog', { kg: 14 }),
    aMember('cat', { kg: 4 }),
    aMember('bird', { kg: 0.1 }),
  ]
  const ids = members.map(({ id }) => id)
  const who = (...at: readonly number[]): readonly MemberId[] => at.flatMap((one) => ids[one] ?? [])
  const entries = [...catalogue().keys()]
  const day = (after: number) => addDays(DAY, 7 + after)
  const out = goneOut({
    scene: {
      members,
      put: Array.from({ length: LOTS }, (_, at) => ({
        of: entries[at % entries.length] ?? '',
        count: 1 + ((at * 7) % 4),
        days: 60 + ((at * 13) % 700),
      })),
    },
    bags: [0, 1, 3, 5, 1].map((carrier, at) => ({
      litres: 6 + at * 3,
      grams: 2500 + at * 1000,
      carrier: ids[carrier] as MemberId,
      ...(at === 4 && { more: { stowage: 'cabin' as const } }),
    })),
    stops: [
      { members: ids, from: day(0), to: day(4), travel: 'car' },
      { members: who(0, 2, 6), from: day(4), to: day(8), minutesToHelp: 180, traits: ['ticks'] },
      { members: who(1, 3, 4, 5, 7, 8), from: day(4), to: day(8), minutesToHelp: 40 },
      { members: ids, from: day(8), to: day(13) },
    ],
  })
  const timed = <T>(work: () => T): readonly [T, number] => {
    const start = performance.now()
    const done = work()
    return [done, performance.now() - start]
  }
  const [{ problem }, laidOut] = timed(() => layOutTrip(out.laid, out.trip, out.rooms))
  const [, toOnePercent] = timed(() => packBags(problem, solver, { seconds: SECONDS, gap: 0.01 }))
  const [found, toProven] = timed(() => packBags(problem, solver, { seconds: SECONDS, gap: 0 }))
  const byHand = packGreedily(problem)
  return {
    lots: LOTS,
    members: members.length,
    days: 14,
    bags: out.trip.bags.length,
    laidOut,
    toOnePercent,
    toProven,
    grams: found.grams,
    byHandGrams: byHand.grams,
    byHandMissed: byHand.missed.length - found.leftBehind.length,
  }
}
