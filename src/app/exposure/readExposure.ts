/** Heat and frost as a page: a year of one spot, what it did to the things, and what is to come. */
import type { z } from 'zod'
import type * as contract from '../../contract/exposure'
import { addDays } from '../../core/calendar/plainDate'
import { localReader } from '../../core/calendar/zoneOffset'
import { yearChart } from '../../core/exposure/chart'
import { boxChange } from '../../core/exposure/coolBox'
import { linesOf, type PocketSite, type Spot } from '../../core/exposure/household'
import { modelOf } from '../../core/exposure/placeModel'
import type { Series } from '../../core/exposure/readings'
import type { KitId, PlaceId, PocketId, TemperatureLogId } from '../../core/ids'
import type { Survey } from '../../core/watch/survey'
import { type KeptYear, readLogs, seriesOf } from '../../db/exposure/temperatures'
import { notFound } from '../frame/refusal'
import { type Caller, reading, surveyOf, type World } from '../frame/world'
import { seedOf } from './exposureActs'
import { exposureOf, type HouseholdExposure } from './exposureOf'
import { judgedLots } from './judgedLots'
import { comingAt, unfitAt, unfitView } from './marksOf'

export type ExposureView = z.infer<(typeof contract.readExposure)['result']>

interface Asked {
  readonly place?: PlaceId | undefined
  readonly kit?: KitId | undefined
  readonly pocket?: PocketId | undefined
}

const YEAR_DAYS = 365

export const readExposure = (world: World, caller: Caller, asked: Asked): Promise<ExposureView> =>
  reading(world, caller, async (at) => {
    const survey = await surveyOf(at)
    const now = world.now().getTime() / 60_000
    const exposure = await exposureOf(at, now)
    const { years } = exposure
    const lots = judgedLots(survey, exposure)
    const spot = spotAsked(survey, exposure, asked, lots)
    const placeId = spot && placeOf(survey, spot)
    const site = spot && placeId ? pseudoSite(survey, spot, placeId) : null
    const line = site && linesOf(exposure.told, [site]).get(site.id)
    const place = survey.places.find(({ id }) => id === placeId)
    const model = modelOf(place, years)
    return {
      today: at.today,
      places: survey.places.map(({ id, name, climate }) => ({
        id,
        name,
        climate,
        year: plainYear(years.find((one) => one.placeId === id)),
        isMeasured: exposure.logs.some((log) => placeOf(survey, log.spot) === id),
      })),
      placeId,
      spot,
      spots: placeId ? spotsAt(survey, exposure, placeId) : [],
      chart: site
        ? yearChart(
            line?.spans ?? [],
            { from: addDays(at.today, 1 - YEAR_DAYS), days: YEAR_DAYS },
            onward(localReader(at.household.timeZone)),
            isOpenAir(site) ? modelOf(place, years) : null,
          )
        : null,
      logs: exposure.logs
        .filter((log) => placeOf(survey, log.spot) === placeId)
        .map(({ id, spot: where, name, source, from, to, readings }) => ({
          id,
          where: spotName(survey, where),
          name,
          source,
          from,
          to,
          readings,
        })),
      visits: (place?.presence.visits ?? [])
        .filter(({ startsOn }) => startsOn <= at.today)
        .map(({ startsOn, label }) => ({ on: startsOn, label })),
      radio: world.services.loggers.loggers
        .filter((name) =>
          exposure.logs.some(
            (log) => log.source === 'simulated' && log.name === name && log.spot.id === placeId,
          ),
        )
        .map((name) => ({
          name,
          battery: world.services.loggers.battery({
            logger: name,
            at: now,
            seed: seedOf(placeId as PlaceId),
          }),
        })),
      apartMinutes: line?.apartMinutes ?? 0,
      box: model && model.climate !== 'heated' ? boxChange(model) : null,
      lots,
      ahead: (await comingAt(at, now)).map(({ place: { id }, ...coming }) => ({
        placeId: id,
        ...coming,
      })),
      shelters: [...survey.sites.values()]
        .filter(({ pocket, place: at }) => at.climate === 'heated' && pocket.sort !== 'elsewhere')
        .map(({ pocket, kit, place: at }) => ({
          id: pocket.id,
          name: `${pocket.name}, ${kit.name} (${at.name})`,
        })),
      unfit: (await unfitAt(at, now)).map((one) => unfitView(one, null)),
    } as ExposureView
  })

/**
 * What came in at once, as it is kept; of a lowest and a highest both, at the beginning and the end.
 * @throws {Refusal} `not_found`
 */
export const readReadings = (
  world: World,
  caller: Caller,
  logId: TemperatureLogId,
): Promise<{ readonly name: string; readonly series: Series }> =>
  reading(world, caller, async ({ trx }) => {
    const log = (await readLogs(trx)).find(({ id }) => id === logId)
    if (!log) throw notFound()
    return {
      name: log.name,
      series:
        'low' in log.body
          ? { minutes: [log.from, log.to], hundredths: [log.body.low, log.body.high] }
          : seriesOf(log),
    }
  })

/** Local hours in their order, so that the one that comes twice is taken once. */
function onward(reader: ReturnType<typeof localReader>): (local: number) => number {
  let last: number | null = null
  return (local) => {
    last = reader(local, last)
    return last
  }
}

const plainYear = (year: KeptYear | undefined) =>
  year
    ? {
        coldestMonth: year.coldestMonth,
        coldest: year.coldest,
        hottestMonth: year.hottestMonth,
        hottest: year.hottest,
      }
    : null

/** What the climate of a place says something of: no fridge, and nothing that is carried about. */
const isOpenAir = ({ sort, isCarried }: PocketSite): boolean => sort !== 'elsewhere' && !isCarried

function placeOf({ kits, sites }: Pick<Survey, 'kits' | 'sites'>, spot: Spot): PlaceId | null {
  if (spot.kind === 'place') return spot.id
  if (spot.kind === 'kit') return kits.find(({ id }) => id === spot.id)?.placeId ?? null
  return sites.get(spot.id)?.place.id ?? null
}

function spotName({ kits, places, sites }: Survey, spot: Spot): string {
  if (spot.kind === 'place') return places.find(({ id }) => id === spot.id)?.name ?? ''
  if (spot.kind === 'kit') return kits.find(({ id }) => id === spot.id)?.name ?? ''
  const site = sites.get(spot.id)
  return site ? `${site.pocket.name}, ${site.kit.name}` : ''
}

/** The place itself, and whatever in it has a logger of its own. */
function spotsAt(survey: Survey, { logs }: HouseholdExposure, placeId: PlaceId) {
  const own = new Map<string, Spot>([[placeId, { kind: 'place', id: placeId }]])
  for (const { spot } of logs) if (placeOf(survey, spot) === placeId) own.set(spot.id, spot)
  return [...own.values()].map((spot) => ({ spot, name: spotName(survey, spot) }))
}

/** As asked; else where most has been harmed, else where something was measured, else where it may be cold. */
function spotAsked(
  survey: Survey,
  { logs }: HouseholdExposure,
  { place, kit, pocket }: Asked,
  lots: ExposureView['lots'],
): Spot | null {
  const asked: Spot | null = pocket
    ? { kind: 'pocket', id: pocket }
    : kit
      ? { kind: 'kit', id: kit }
      : place
        ? { kind: 'place', id: place }
        : null
  if (asked && placeOf(survey, asked) !== null && spotName(survey, asked) !== '') return asked
  const harmed = lots.find(({ verdict }) => verdict.kind === 'beyond')?.placeId
  const measured = logs.map(({ spot }) => placeOf(survey, spot)).find((id) => id !== null)
  const open = survey.places.find(({ climate }) => climate === 'car' || climate === 'unheated')?.id
  const id = harmed ?? measured ?? open ?? survey.places[0]?.id
  return id ? { kind: 'place', id } : null
}

/** A pocket that is as warm as the spot. */
function pseudoSite({ kits, sites }: Survey, spot: Spot, placeId: PlaceId): PocketSite {
  const kit = spot.kind === 'kit' ? kits.find(({ id }) => id === spot.id) : undefined
  const site = spot.kind === 'pocket' ? sites.get(spot.id) : undefined
  const of = site?.kit ?? kit
  return {
    id: site?.pocket.id ?? (spot.id as string as PocketId),
    kitId: of?.id ?? ('' as KitId),
    placeId,
    sort: site?.pocket.sort ?? 'inside',
    spot: site?.pocket.spot ?? null,
    isCarried: of?.goesWith != null,
  }
}
