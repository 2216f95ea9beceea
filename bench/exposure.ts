/**
 * Heat and frost: a year of hourly readings of twelve places, with frost and heat every day, and three thousand
 * lots judged by them.
 */

import { plainDate } from '../src/core/calendar/plainDate'
import { yearChart } from '../src/core/exposure/chart'
import { judgeHousehold, type Log, linesOf, type PocketSite } from '../src/core/exposure/household'
import type { TimedMovement } from '../src/core/exposure/path'
import type { KitId, LotId, PlaceId, PocketId } from '../src/core/ids'
import { units } from '../src/core/quantity/amount'
import { idOf } from '../tests/support/ids'

const PLACES = 12
const LOTS = 3000
const HOURS = 365 * 24

export interface ExposureTimes {
  readonly places: number
  readonly lots: number
  /** Milliseconds to lay the lines and judge every lot, and to draw one place's year. */
  readonly judged: number
  readonly drawn: number
}

export function timeExposure(): ExposureTimes {
  const logs = Array.from({ length: PLACES }, (_, place): Log => {
    const minutes = Array.from({ length: HOURS }, (_, hour) => hour * 60)
    return {
      kind: 'logger',
      spot: { kind: 'place', id: idOf<PlaceId>(1, place + 1) },
      name: 'Logger',
      series: {
        minutes,
        hundredths: minutes.map((at) => Math.round(1500 + 2200 * Math.sin(at / 229 + place))),
      },
    }
  })
  const pockets = Array.from(
    { length: PLACES * 5 },
    (_, n): PocketSite => ({
      id: idOf<PocketId>(3, n + 1),
      kitId: idOf<KitId>(2, n + 1),
      placeId: idOf<PlaceId>(1, (n % PLACES) + 1),
      sort: 'inside',
      spot: null,
      isCarried: false,
    }),
  )
  const pocketOf = (n: number): PocketId => pockets[n % pockets.length]?.id as PocketId
  const movements = Array.from({ length: LOTS }, (_, lot): readonly TimedMovement[] => [
    {
      lotId: idOf<LotId>(5, lot + 1),
      minute: 100 + lot,
      fact: { kind: 'received', to: pocketOf(lot), amount: units(4) },
    },
    {
      lotId: idOf<LotId>(5, lot + 1),
      minute: 250_000 + lot,
      fact: { kind: 'moved', from: pocketOf(lot), to: pocketOf(lot + 7), amount: units(2) },
    },
  ]).flat()
  const keeping = {
    storage: 'room',
    source: 'label',
    frostHarms: true,
    millilitres: 10,
  } as const
  const begin = performance.now()
  const lines = linesOf(logs, pockets)
  judgeHousehold(lines, movements, () => keeping, HOURS * 60)
  const judged = performance.now() - begin
  const spans = [...lines.values()][0]?.spans ?? []
  const from = performance.now()
  yearChart(spans, { from: plainDate('1970-01-01'), days: 365 }, (local) => local, null)
  return { places: PLACES, lots: LOTS, judged, drawn: performance.now() - from }
}
