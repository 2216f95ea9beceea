/** What one lot met, as a page, a sheet for the pharmacist and a file. */
import type { z } from 'zod'
import type * as contract from '../../contract/exposure'
import { addDays, dayAt, daysBetween, later, type PlainDate } from '../../core/calendar/plainDate'
import { localReader } from '../../core/calendar/zoneOffset'
import { type DayBegin, daysAlong } from '../../core/exposure/along'
import type { Spot } from '../../core/exposure/household'
import { FROST, LIMITS, THRESHOLDS } from '../../core/exposure/limits'
import type { Modelled } from '../../core/exposure/model'
import { isOpenAir, modelOf, type PlaceYear } from '../../core/exposure/placeModel'
import type { Keeping } from '../../core/exposure/storage'
import type { LotId, PocketId } from '../../core/ids'
import type { Site } from '../../core/watch/survey'
import { notFound } from '../frame/refusal'
import { type Caller, reading, surveyOf, type World } from '../frame/world'
import { exposureOf } from './exposureOf'
import { judgedLots } from './judgedLots'

export type LotExposureView = z.infer<(typeof contract.readLotExposure)['result']>

const YEAR_DAYS = 365

/**
 * Where it lies in several pockets, of the one that is asked for; else of the one that met most.
 * @throws {Refusal} `not_found` where nothing was ever measured on its way
 */
export const readLotExposure = (
  world: World,
  caller: Caller,
  lotId: LotId,
  pocketId?: PocketId,
): Promise<LotExposureView> =>
  reading(world, caller, async (at) => {
    const now = world.now().getTime() / 60_000
    const survey = await surveyOf(at)
    const exposure = await exposureOf(at, now)
    const [line] = judgedLots(survey, exposure).filter(
      (one) => one.lotId === lotId && (pocketId === undefined || one.pocketId === pocketId),
    )
    const judged = exposure.judged.find(
      (one) => one.lotId === lotId && one.pocketId === line?.pocketId,
    )
    const holding = survey.holdings.find(
      ({ lot, site }) => lot.id === lotId && site.pocket.id === line?.pocketId,
    )
    const keeping = exposure.keepings.get(lotId)
    if (!line || !judged || !holding || !keeping) throw notFound()
    const { years } = exposure
    const zone = at.household.timeZone
    const dayOf = (minute: number): PlainDate => dayAt(minute * 60_000, zone)
    const first = dayOf(judged.since)
    const from = later(first, addDays(at.today, 1 - YEAR_DAYS))
    return {
      today: at.today,
      ...line,
      place: holding.site.place.name,
      batch: holding.lot.batch,
      expiry: holding.lot.expiry,
      note: holding.lot.note,
      version: holding.lot.version,
      band: bandOf(keeping),
      outside: outsideOf(keeping),
      isHeldForThis: holding.lot.standing.kind === 'held' && holding.lot.standing.exposure === true,
      sinceOn: first,
      stays: judged.path.map(({ pocketId: id, ...stay }) => ({
        pocket: survey.sites.get(id)?.pocket.name ?? '',
        where: siteName(survey.sites.get(id)),
        ...stay,
        on: dayOf(stay.from),
        until: stay.to === null ? null : dayOf(stay.to),
      })),
      days: daysAlong(
        judged.path.map((stay) => ({ ...stay, from: Math.max(stay.from, judged.since) })),
        exposure.lines,
        beginsFrom(zone, from, daysBetween(from, at.today) + 1),
        now,
        (id) => modelAt(survey.sites.get(id), years),
      ),
      // Warmer than its class allows, and no cooler.
      above: THRESHOLDS.map((of, n) => ({ of, minutes: judged.figures.above[n] ?? 0 })).filter(
        ({ of }) => of >= (bandOf(keeping).to ?? THRESHOLDS[1]),
      ),
      frosts: judged.figures.frosts.map(({ from: begin, to, lowest }) => ({
        from: begin,
        to,
        lowest,
      })),
      loggers: [
        ...new Set(
          exposure.logs
            .filter(({ spot }) =>
              judged.path.some((stay) => isAt(survey.sites.get(stay.pocketId), spot)),
            )
            .map(({ name }) => name),
        ),
      ],
    } as LotExposureView
  })

/** Between which temperatures it may be, as far as its class or frost says. */
function bandOf({ storage, frostHarms }: Keeping): LotExposureView['band'] {
  const limits = (storage && LIMITS[storage]) ?? null
  return { from: limits?.below ?? (frostHarms ? FROST : null), to: limits?.above ?? null }
}

/** A fridge that was too cold, and frost where that harms; below a room is only cool. */
function outsideOf({ storage, frostHarms }: Keeping): LotExposureView['outside'] {
  const limits = (storage && LIMITS[storage]) ?? null
  const cold = storage === 'fridge' && limits?.below ? limits.below - 1 : null
  return { from: cold ?? (frostHarms ? FROST : null), to: limits?.above ?? null }
}

const siteName = (site: Site | undefined): string =>
  site ? `${site.pocket.name}, ${site.kit.name} (${site.place.name})` : ''

const isAt = (site: Site | undefined, { id }: Spot): boolean =>
  site !== undefined && [site.pocket.id, site.kit.id, site.place.id].some((one) => one === id)

function modelAt(site: Site | undefined, years: readonly PlaceYear[]): Modelled | null {
  return site && isOpenAir(site) ? modelOf(site.place, years) : null
}

/** So many local days in order, each with the minute at which it begins. */
function beginsFrom(zone: string, from: PlainDate, days: number): readonly DayBegin[] {
  const reader = localReader(zone)
  return Array.from({ length: days }, (_, n) => {
    const on = addDays(from, n)
    return { on, from: reader(Date.parse(`${on}T00:00:00Z`) / 60_000, null) }
  })
}
