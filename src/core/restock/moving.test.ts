import { describe, expect, it } from 'vitest'
import { countsOn, daysToPut, departure, lastOf } from './moving'
import type { RestockProblem } from './problem'

const chance = (day: number, leaves = day) => ({ day, leaves }) as never
const from = (stop: number, ...chances: never[]) => ({ stop, chances })

describe('the last visit from which a thing is somewhere by a day', () => {
  const weekends = [chance(2, 4), chance(9, 11), chance(16, 18)] as never[]
  it.each([
    [3, null],
    [4, 2],
    [10, 2],
    [11, 9],
    [99, 16],
  ])('elsewhere by day %i: the visit of day %s', (day, found) => {
    expect(departure(from(0, ...weekends), { stop: 1, day })?.day ?? null).toBe(found)
  })
  it('at the same place it is there from the first day of the visit', () => {
    expect(departure(from(0, ...weekends), { stop: 0, day: 9 })?.day).toBe(9)
    expect(departure(from(0, ...weekends), { stop: 0, day: 8 })?.day).toBe(2)
  })
  it('without a visit there is none', () => {
    expect(departure(from(0), { stop: 1, day: 99 })).toBeNull()
  })
})

describe('what counts on a line', () => {
  const problem = {
    lines: [{ thing: 0 }],
    things: [{ standIns: [2] }, { standIns: [] }, { standIns: [] }],
  } as unknown as RestockProblem
  it('is what belongs there, or what may stand in', () => {
    expect([0, 1, 2].map((thing) => countsOn(problem, 0, thing))).toEqual([true, false, true])
    expect(countsOn(problem, 7, 0)).toBe(false)
  })
})

describe('until when, and when', () => {
  it('what never turns has no end', () => {
    expect(lastOf({ lastDay: 40 } as never)).toBe(40)
    expect(lastOf({ lastDay: null } as never)).toBe(Number.POSITIVE_INFINITY)
  })
  it('a line is filled on any visit within what is looked ahead', () => {
    const problem = {
      days: 16,
      lines: [{ stop: 0 }],
      stops: [{ chances: [{ day: 2 }, { day: 15 }, { day: 16 }] }],
    } as unknown as RestockProblem
    expect(daysToPut(problem, 0)).toEqual([2, 15])
    expect(daysToPut(problem, 3)).toEqual([])
  })
})
