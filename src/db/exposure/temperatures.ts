/** What loggers told, and the year of each place. */
import type { Log, Spot } from '../../core/exposure/household'
import type { MonthsMet } from '../../core/exposure/model'
import type { TimedMovement } from '../../core/exposure/path'
import type { PlaceYear } from '../../core/exposure/placeModel'
import { merged, type Series, type Source } from '../../core/exposure/readings'
import type { LotId, PlaceId, TemperatureLogId } from '../../core/ids'
import type { Fact } from '../../core/stock/movement'
import type { Trx } from '../frame/connect'

/** Minutes as steps from the one before, the first from the log's beginning. */
interface Readings {
  readonly steps: readonly number[]
  readonly hundredths: readonly number[]
}
interface Typed {
  readonly low: number
  readonly high: number
}

/** What came in at once. */
export interface KeptLog {
  readonly id: TemperatureLogId
  readonly spot: Spot
  readonly name: string
  readonly source: Source
  readonly from: number
  readonly to: number
  readonly readings: number
  readonly body: Readings | Typed
}

export async function readLogs(trx: Trx): Promise<readonly KeptLog[]> {
  const rows = await trx
    .selectFrom('temperature_log')
    .select([
      'id',
      'place_id',
      'kit_id',
      'pocket_id',
      'name',
      'source',
      'from_minute',
      'to_minute',
      'readings',
      'body',
    ])
    .where('removed_by_act', 'is', null)
    .orderBy('from_minute')
    .orderBy('id')
    .execute()
  return rows.map((row) => ({
    id: row.id as TemperatureLogId,
    spot: spotOf(row),
    name: row.name,
    source: row.source as Source,
    from: row.from_minute,
    to: row.to_minute,
    readings: row.readings,
    body: row.body as Readings | Typed,
  }))
}

const spotOf = (row: {
  readonly place_id: string | null
  readonly kit_id: string | null
  readonly pocket_id: string | null
}): Spot =>
  (row.pocket_id !== null
    ? { kind: 'pocket', id: row.pocket_id }
    : row.kit_id !== null
      ? { kind: 'kit', id: row.kit_id }
      : { kind: 'place', id: row.place_id }) as Spot

export const logColumns = (
  spot: Spot,
  log: Pick<KeptLog, 'name' | 'source' | 'from' | 'to' | 'readings' | 'body'>,
) => ({
  place_id: spot.kind === 'place' ? spot.id : null,
  kit_id: spot.kind === 'kit' ? spot.id : null,
  pocket_id: spot.kind === 'pocket' ? spot.id : null,
  name: log.name,
  source: log.source,
  from_minute: log.from,
  to_minute: log.to,
  readings: log.readings,
  body: JSON.stringify(log.body),
})

export const readingsOf = ({ minutes, hundredths }: Series): Readings => ({
  steps: minutes.map((at, n) => at - (minutes[n - 1] ?? minutes[0] ?? at)),
  hundredths,
})

export function seriesOf({ from, body }: KeptLog): Series {
  if (!('steps' in body)) return { minutes: [], hundredths: [] }
  let at = from
  return { minutes: body.steps.map((step) => (at += step)), hundredths: body.hundredths }
}

/** Everything one logger told at one spot is one line, however many files it came in. */
export function linesIn(logs: readonly KeptLog[]): readonly Log[] {
  const typed = logs.flatMap(({ spot, from, to, body }): readonly Log[] =>
    'low' in body ? [{ kind: 'typed', spot, span: { from, to, ...body, of: 'typed' } }] : [],
  )
  const loggers = new Map<string, { spot: Spot; name: string; series: Series }>()
  for (const log of logs) {
    if ('low' in log.body) continue
    const key = `${log.spot.kind}/${log.spot.id}/${log.name}`
    const known = loggers.get(key)
    const series = seriesOf(log)
    loggers.set(key, {
      spot: log.spot,
      name: log.name,
      series: known ? merged(known.series, series) : series,
    })
  }
  return [...[...loggers.values()].map((one): Log => ({ kind: 'logger', ...one })), ...typed]
}

/** The database keeps the fields of an object in an order of its own. */
const monthsIn = (kept: unknown): PlaceYear['measured'] =>
  (kept as MonthsMet | null)?.map(
    (month) =>
      month && {
        low: month.low,
        high: month.high,
        days: month.days,
        frost: month.frost,
        hot: month.hot,
      },
  ) ?? null

export interface KeptYear extends PlaceYear {
  readonly id: string
}

export async function readYears(trx: Trx): Promise<readonly KeptYear[]> {
  const rows = await trx
    .selectFrom('temperature_year')
    .select(['id', 'place_id', 'coldest_month', 'coldest', 'hottest_month', 'hottest', 'measured'])
    .where('removed_by_act', 'is', null)
    .orderBy('id')
    .execute()
  return rows.map((row) => ({
    id: row.id,
    placeId: row.place_id as PlaceId,
    coldestMonth: row.coldest_month,
    coldest: row.coldest,
    hottestMonth: row.hottest_month,
    hottest: row.hottest,
    measured: monthsIn(row.measured),
  }))
}

/** What was written down later has lain there since the day on which the keeper says that it came. */
const minuteOf = ({ kind }: Fact, at: Date, receivedOn: string): number =>
  (kind === 'received'
    ? Math.min(at.getTime(), Date.parse(`${receivedOn}T12:00:00Z`))
    : at.getTime()) / 60_000

/** Every movement of the household with its minute, in the order of the record. */
export async function readTimedMovements(trx: Trx): Promise<readonly TimedMovement[]> {
  const rows = await trx
    .selectFrom('movement')
    .innerJoin('act', 'act.id', 'movement.act_id')
    .innerJoin('lot', 'lot.id', 'movement.lot_id')
    .select(['movement.lot_id', 'movement.fact', 'act.at', 'lot.received_on'])
    .orderBy('movement.position')
    .execute()
  return rows.map((row) => ({
    lotId: row.lot_id as LotId,
    fact: row.fact as Fact,
    minute: minuteOf(row.fact as Fact, row.at, row.received_on),
  }))
}
