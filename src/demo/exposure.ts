/** A year of readings that the demo household has imported: a frost at the cottage, a hot week in the car. */
import { addReadings, tellYear } from '../app/exposure/exposureActs'
import { type Caller, reading, surveyOf, type World } from '../app/frame/world'
import { amendLot } from '../app/stock/lotActs'
import { addDays, type PlainDate } from '../core/calendar/plainDate'
import { dayOfYear } from '../core/exposure/chart'
import { modelled, type YearOfPlace } from '../core/exposure/model'
import type { Climate } from '../core/household/places'
import type { PlaceId } from '../core/ids'
import { READY } from '../core/stock/lot'
import type { Stocked } from './stocked'

const YEARS: Readonly<Record<string, YearOfPlace>> = {
  house: { coldestMonth: 1, coldest: 1, hottestMonth: 7, hottest: 18 },
  car: { coldestMonth: 1, coldest: 1, hottestMonth: 7, hottest: 18 },
  // Locked in the yard, where it is a little colder.
  bike: { coldestMonth: 1, coldest: 0, hottestMonth: 7, hottest: 18 },
  cottage: { coldestMonth: 1, coldest: -4, hottestMonth: 7, hottest: 15 },
}

interface Line {
  readonly climate: Climate
  readonly year: YearOfPlace
  readonly least: number
  readonly most: number
  /** Days of which the weather is said, by days ago. */
  readonly says: (daysAgo: number, hour: number) => number | null
}

const HOT_WEEK = [120, 114] as const
const FROST_NIGHT = 310

/** Made up: by the model, with a little weather, kept within what such a place has. */
const LINES: Readonly<Record<'car' | 'cottage', Line>> = {
  car: {
    climate: 'car',
    year: YEARS.car as YearOfPlace,
    least: 1,
    most: 29.5,
    says: (daysAgo, hour) =>
      daysAgo <= HOT_WEEK[0] && daysAgo >= HOT_WEEK[1] && hour >= 13 && hour < 16
        ? 34 + ((daysAgo * 7) % 5)
        : null,
  },
  cottage: {
    climate: 'unheated',
    year: YEARS.cottage as YearOfPlace,
    least: 0.5,
    most: 29,
    says: (daysAgo, hour) => (daysAgo === FROST_NIGHT && hour < 6 ? -3.5 : null),
  },
}

/** Readings of every hour of the days from so many ago until so many. */
function told(
  { climate, year, least, most, says }: Line,
  today: PlainDate,
  fromAgo: number,
  toAgo: number,
) {
  const hundredths: number[] = []
  for (let daysAgo = fromAgo; daysAgo >= toAgo; daysAgo--) {
    const date = addDays(today, -daysAgo)
    for (let hour = 0; hour < 24; hour++) {
      const weather = 3 * Math.sin(daysAgo * 1.7) + 2 * Math.cos(daysAgo * 0.4)
      const usual = modelled({ climate, year }, dayOfYear(date), hour) + weather
      const value = says(daysAgo, hour) ?? Math.min(most, Math.max(least, usual))
      hundredths.push(Math.round(value * 10) * 10)
    }
  }
  return {
    from: Date.parse(`${addDays(today, -fromAgo)}T00:00:00Z`) / 60_000,
    steps: hundredths.map((_, at) => (at === 0 ? 0 : 60)),
    hundredths,
  }
}

export async function liveExposure(
  on: (daysAgo: number) => World,
  caller: Caller,
  { places }: Pick<Stocked, 'places'>,
  today: PlainDate,
): Promise<void> {
  const key = (name: string) => `demo-heat-${name}-${caller.householdId}`
  for (const [name, placeId] of places) {
    const year = YEARS[name]
    if (year) await tellYear(on(364), caller, { key: key(`year-${name}`), placeId, ...year })
  }
  const imported = (
    daysAgo: number,
    name: keyof typeof LINES,
    placeId: PlaceId,
    readings: ReturnType<typeof told>,
  ) =>
    addReadings(on(daysAgo), caller, {
      key: key(`${name}-${daysAgo}`),
      spot: { kind: 'place', id: placeId },
      name: name === 'car' ? 'Logger in the glovebox' : 'Logger by the window',
      readings,
    })
  const [car, cottage] = [places.get('car'), places.get('cottage')]
  if (!car || !cottage) return
  await imported(
    FROST_NIGHT - 2,
    'cottage',
    cottage,
    told(LINES.cottage, today, 363, FROST_NIGHT - 1),
  )
  await answered(on(FROST_NIGHT - 4), caller)
  await imported(1, 'cottage', cottage, told(LINES.cottage, today, FROST_NIGHT - 2, 2))
  await imported(1, 'car', car, told(LINES.car, today, 363, 2))
}

/** A pharmacist was asked about what may have frozen, and said that it may be used. */
async function answered(world: World, caller: Caller): Promise<void> {
  const { stock } = await reading(world, caller, surveyOf)
  for (const { id, version, standing } of stock.lots)
    if (standing.kind === 'held' && standing.exposure)
      await amendLot(world, caller, {
        key: `demo-heat-${id}`,
        lotId: id,
        seenVersion: version,
        details: { standing: READY },
      })
}
