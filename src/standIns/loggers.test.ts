import { describe, expect, it } from 'vitest'
import { simulatedLoggers as network } from './loggers'

const DAY = 24 * 60
const from = Date.parse('2026-01-01T00:00:00Z') / 60_000
const asked = {
  from,
  to: from + 365 * DAY,
  climate: 'unheated',
  year: { coldestMonth: 1, coldest: -3, hottestMonth: 7, hottest: 17 },
  seed: 4711,
} as const

describe('the simulated loggers', () => {
  it('tell the same whenever they are asked, however the time is cut', () => {
    const [logger = ''] = network.loggers
    const all = network.tell({ ...asked, logger })
    const half = from + 180 * DAY
    const parts = [
      network.tell({ ...asked, logger, to: half }),
      network.tell({ ...asked, logger, from: half + 1 }),
    ]
    expect(parts.flatMap(({ minutes }) => minutes)).toEqual(all.minutes)
    expect(parts.flatMap(({ hundredths }) => hundredths)).toEqual(all.hundredths)
  })
  it('tell nothing while a battery is empty, and drop a signal now and then', () => {
    for (const logger of network.loggers) {
      const { minutes } = network.tell({ ...asked, logger })
      const empty = Array.from({ length: 365 }, (_, n) => from + n * DAY).filter(
        (at) => network.battery({ logger, at, seed: asked.seed }) === 0,
      )
      expect(empty.length).toBeGreaterThan(0)
      expect(minutes.some((at) => empty.some((day) => at >= day && at < day + DAY))).toBe(false)
      const told = minutes.length / ((365 - empty.length) * 24)
      expect(told).toBeGreaterThan(0.97)
      expect(told).toBeLessThan(1)
    }
  })
  it('the old one drifts away from the other and is set right with its battery', () => {
    const [steady = '', old = ''] = network.loggers
    const right = network.tell({ ...asked, logger: steady })
    const by = new Map(right.minutes.map((at, n) => [at, right.hundredths[n] ?? 0]))
    const told = network.tell({ ...asked, logger: old })
    const apart = told.minutes.flatMap((at, n) => {
      const other = by.get(at)
      return other === undefined ? [] : [(told.hundredths[n] ?? 0) - other]
    })
    expect(Math.max(...apart)).toBeGreaterThan(300)
    expect(Math.min(...apart)).toBeLessThan(20)
  })
})
