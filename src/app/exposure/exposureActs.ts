/** Readings come in, and what has met too much is put on hold with the act that brought them. */
import { addDays, type PlainDate } from '../../core/calendar/plainDate'
import { localReader } from '../../core/calendar/zoneOffset'
import type { Spot } from '../../core/exposure/household'
import type { YearOfPlace } from '../../core/exposure/model'
import { merged, minuteAt, type Series, type Source } from '../../core/exposure/readings'
import type { PlaceId, TemperatureLogId } from '../../core/ids'
import {
  linesIn,
  logColumns,
  readingsOf,
  readLogs,
  readYears,
} from '../../db/exposure/temperatures'
import { createRecord, editRecord, removeRecord } from '../../db/frame/records'
import { type Acting, act, mustEdit } from '../frame/act'
import type { Keyed } from '../frame/asked'
import { mustHave } from '../frame/mustHave'
import { notFound, Refusal } from '../frame/refusal'
import { type Caller, surveyNow, type World } from '../frame/world'
import { holdHarmed } from './holdHarmed'
import { learnMonths } from './learnMonths'

/** As it comes over the wire: steps from the first minute. */
interface Packed {
  readonly from: number
  readonly steps: readonly number[]
  readonly hundredths: readonly number[]
}

/**
 * Each reading counts once; what was read already adds nothing.
 * @throws {Refusal} `not_found`, `readings_in_future`
 */
export const addReadings = (
  world: World,
  caller: Caller,
  {
    key,
    spot,
    name,
    readings,
  }: Keyed & { readonly spot: Spot; readonly name: string; readonly readings: Packed },
) =>
  act(
    world,
    caller,
    {
      key,
      kind: 'readings_added',
      why: name,
      // Who sends the same again sends as many readings of the same time.
      request: { spot, name, from: readings.from, count: readings.steps.length },
    },
    async (acting) => {
      await mustHave(acting.trx, spot.kind, spot.id)
      const series = unpacked(readings)
      mustBePast(acting, series.minutes.at(-1) ?? 0)
      const { added, differing } = await take(acting, spot, name, 'file', series)
      if (spot.kind === 'place') await learnMonths(acting, spot.id)
      return { added, differing, held: added > 0 ? await holdHarmed(acting) : 0 }
    },
  )

/** @throws {Refusal} `not_found`, `readings_in_future` */
export const typeReadings = (
  world: World,
  caller: Caller,
  {
    key,
    spot,
    from,
    to,
    lowest,
    highest,
  }: Keyed & {
    readonly spot: Spot
    readonly from: PlainDate
    readonly to: PlainDate
    readonly lowest: number
    readonly highest: number
  },
) =>
  act(
    world,
    caller,
    { key, kind: 'readings_typed', request: { spot, from, to, lowest, highest } },
    async (acting) => {
      await mustHave(acting.trx, spot.kind, spot.id)
      const begin = localReader(acting.household.timeZone)
      const at = (day: PlainDate) => begin(Date.parse(`${day}T00:00:00Z`) / 60_000, null)
      mustBePast(acting, at(from))
      await createRecord(
        acting,
        'temperature_log',
        logColumns(spot, {
          name: 'Minimum and maximum',
          source: 'typed',
          from: at(from),
          to: Math.max(
            at(from) + 1,
            Math.min(at(addDays(to, 1)), Math.ceil(acting.at.getTime() / 60_000)),
          ),
          readings: 2,
          body: { low: lowest, high: highest },
        }),
      )
      return { held: await holdHarmed(acting) }
    },
  )

/** Tells one place from another for what is simulated. */
export const seedOf = (placeId: PlaceId): number => Number.parseInt(placeId.slice(0, 8), 16)

/** So far back a logger that was just put there remembers. */
const REMEMBERS_MINUTES = 365 * 24 * 60

/** @throws {Refusal} `not_found`, `no_year` */
export const fetchReadings = (
  world: World,
  caller: Caller,
  { key, placeId }: Keyed & { readonly placeId: PlaceId },
) =>
  act(world, caller, { key, kind: 'readings_fetched', request: { placeId } }, async (acting) => {
    const { places } = (await surveyNow(acting)).stock
    const place = places.find(({ id }) => id === placeId)
    if (!place) throw notFound()
    const year = (await readYears(acting.trx)).find((one) => one.placeId === placeId)
    if (!year || !place.climate) throw new Refusal({ code: 'no_year' })
    const spot = { kind: 'place', id: placeId } as const
    const { loggers } = world.services
    const now = minuteAt(acting.at.getTime())
    const logs = await readLogs(acting.trx)
    let added = 0
    for (const logger of loggers.loggers) {
      const before = logs.filter(
        (log) => log.source === 'simulated' && log.spot.id === placeId && log.name === logger,
      )
      const told = loggers.tell({
        logger,
        from: Math.max(0, now - REMEMBERS_MINUTES, ...before.map(({ to }) => to + 1)),
        to: now,
        climate: place.climate,
        year,
        seed: seedOf(placeId),
      })
      added += (await take(acting, spot, logger, 'simulated', told)).added
    }
    await learnMonths(acting, placeId)
    return { added, held: added > 0 ? await holdHarmed(acting) : 0 }
  })

/** @throws {Refusal} `not_found` */
export const removeReadings = (
  world: World,
  caller: Caller,
  { key, logId }: Keyed & { readonly logId: TemperatureLogId },
) =>
  act(world, caller, { key, kind: 'readings_removed', request: { logId } }, async (acting) => {
    const log = (await readLogs(acting.trx)).find(({ id }) => id === logId)
    if (!log || !(await removeRecord(acting, 'temperature_log', logId))) throw notFound()
    if (log.spot.kind === 'place') await learnMonths(acting, log.spot.id)
    return {}
  })

/** @throws {Refusal} `not_found` */
export const tellYear = (
  world: World,
  caller: Caller,
  { key, placeId, ...year }: Keyed & YearOfPlace & { readonly placeId: PlaceId },
) =>
  act(world, caller, { key, kind: 'year_told', request: { placeId, year } }, async (acting) => {
    await mustHave(acting.trx, 'place', placeId)
    const columns = {
      coldest_month: year.coldestMonth,
      coldest: year.coldest,
      hottest_month: year.hottestMonth,
      hottest: year.hottest,
    }
    const known = (await readYears(acting.trx)).find((one) => one.placeId === placeId)
    if (known) mustEdit(await editRecord(acting, 'temperature_year', known.id, columns, null))
    else await createRecord(acting, 'temperature_year', { place_id: placeId, ...columns })
    await learnMonths(acting, placeId)
    return {}
  })

/** A clock may be an hour ahead. */
const AHEAD_MINUTES = 60

/** @throws {Refusal} `readings_in_future` */
function mustBePast(acting: Acting, minute: number): void {
  if (minute > acting.at.getTime() / 60_000 + AHEAD_MINUTES)
    throw new Refusal({ code: 'readings_in_future' })
}

// ---- parts -------------------------------------------------------------------------------------

function unpacked({ from, steps, hundredths }: Packed): Series {
  let at = from
  return { minutes: steps.map((step) => (at += step)), hundredths }
}

/** Keeps what is new of it. */
async function take(
  acting: Acting,
  spot: Spot,
  name: string,
  source: Source,
  coming: Series,
): Promise<{ readonly added: number; readonly differing: number }> {
  const own = linesIn(
    (await readLogs(acting.trx)).filter(
      (log) => log.spot.kind === spot.kind && log.spot.id === spot.id && log.name === name,
    ),
  ).flatMap((log) => (log.kind === 'logger' ? [log.series] : []))[0]
  const { added, differing } = merged(own ?? { minutes: [], hundredths: [] }, coming)
  const [from, to] = [added.minutes[0], added.minutes.at(-1)]
  if (from === undefined || to === undefined) return { added: 0, differing }
  await createRecord(
    acting,
    'temperature_log',
    logColumns(spot, {
      name,
      source,
      from,
      to,
      readings: added.minutes.length,
      body: readingsOf(added),
    }),
  )
  return { added: added.minutes.length, differing }
}
