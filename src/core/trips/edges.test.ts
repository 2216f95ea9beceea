/** Days of stops are moved without anybody being in two places, and without a stop that ends before it begins. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DAY } from '../../../tests/support/cover'
import { idOf } from '../../../tests/support/ids'
import { addDays, daysBetween } from '../calendar/plainDate'
import type { MemberId, StopId, TripId } from '../ids'
import { type Edge, withEdgeOn } from './edges'
import { tripFaults } from './faults'
import { type Stop, UNSAID } from './trip'

const who = (n: number) => idOf<MemberId>(6, n)
const stop = (n: number, from: number, to: number, members: readonly number[]): Stop => ({
  id: idOf<StopId>(21, n),
  name: `Stop ${n}`,
  placeId: null,
  from: addDays(DAY, from),
  to: addDays(DAY, to),
  members: members.map(who),
  travel: 'car',
  ...UNSAID,
})
/** All together, then two halves, then together again. */
const week = [stop(1, 0, 3, [1, 2]), stop(2, 3, 5, [1]), stop(3, 3, 5, [2]), stop(4, 5, 7, [1, 2])]
const days = (stops: readonly Stop[]) =>
  stops.map(({ from, to }) => [from, to].map((day) => daysBetween(DAY, day)))
const moved = (n: number, edge: Edge, to: number) =>
  days(withEdgeOn(week, idOf<StopId>(21, n), edge, addDays(DAY, to)))

describe('an end of a stop', () => {
  it('where somebody goes on moves with the beginnings of both halves', () => {
    const both = [
      [0, 2],
      [2, 5],
      [2, 5],
      [5, 7],
    ]
    expect(moved(1, 'to', 2)).toEqual(both)
    expect(moved(2, 'from', 2)).toEqual(both)
    expect(moved(3, 'from', 2)).toEqual(both)
  })
  it('that is the trip’s own moves alone', () => {
    expect(moved(4, 'to', 9).at(-1)).toEqual([5, 9])
    expect(moved(1, 'from', 1)[0]).toEqual([1, 3])
  })
  it('goes no further than its stop, or the next one, lasts', () => {
    expect(moved(1, 'to', -4)[0]).toEqual([0, 1])
    expect(moved(1, 'to', 20)).toEqual([
      [0, 4],
      [4, 5],
      [4, 5],
      [5, 7],
    ])
  })
  it('never puts anybody in two places, nor an end before its beginning', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.integer({ min: 1, max: 4 }),
            fc.constantFrom<Edge>('from', 'to'),
            fc.integer({ min: -3, max: 12 }),
          ),
          { maxLength: 12 },
        ),
        (moves) => {
          const after = moves.reduce<readonly Stop[]>(
            (stops, [n, edge, to]) =>
              withEdgeOn(stops, idOf<StopId>(21, n), edge, addDays(DAY, to)),
            week,
          )
          const trip = { id: idOf<TripId>(20, 1), stops: after, bags: [] }
          const codes = tripFaults(trip, []).map(({ code }) => code)
          expect(codes).toEqual([])
        },
      ),
    )
  })
})
