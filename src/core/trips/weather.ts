/** Heat and frost on the way: what a bag meets at each stop by the model, and what that would harm. */
import { addDays, daysBetween } from '../calendar/plainDate'
import { dayOfYear } from '../exposure/chart'
import { coolBagHours } from '../exposure/coolBag'
import { FROST, HEAT, LIMITS } from '../exposure/limits'
import { modelled, outdoors } from '../exposure/model'
import type { PlaceYear } from '../exposure/placeModel'
import type { Keeping } from '../exposure/storage'
import type { Place } from '../household/places'
import type { StopId } from '../ids'
import type { Stop } from './trip'

/** Two cold packs, as most people own. */
export const ICE_GRAMS = 400
const HOURS = Array.from({ length: 24 }, (_, hour) => hour)

export interface StopWeather {
  readonly stop: StopId
  /** The place whose year it is reckoned from. */
  readonly like: string
  /** Somebody has told the year of the very place. */
  readonly isThere: boolean
  /** Hundredths of °C. */
  readonly low: number
  readonly high: number
  /** In a closed car in the sun; null where they have none with them. */
  readonly inCar: number | null
}

/** @returns null where nobody has told the year of any place */
export function stopWeather(
  stop: Pick<Stop, 'id' | 'placeId' | 'from' | 'to' | 'travel' | 'vehicleId'>,
  places: readonly Pick<Place, 'id' | 'name' | 'presence'>[],
  years: readonly PlaceYear[],
): StopWeather | null {
  const told = (place: Pick<Place, 'id'> | undefined) =>
    years.find(({ placeId }) => placeId === place?.id)
  const there = places.find(({ id }) => id === stop.placeId)
  const like = [
    there,
    ...places.filter(({ presence }) => presence.rhythm.kind === 'always'),
    ...places,
  ].find((place) => told(place) !== undefined)
  const year = told(like)
  if (!like || !year) return null
  const days = Array.from({ length: daysBetween(stop.from, stop.to) + 1 }, (_, n) =>
    dayOfYear(addDays(stop.from, n)),
  )
  const open = days.flatMap((day) => HOURS.map((hour) => outdoors(year, day, hour)))
  const hasCar = stop.travel === 'car' || stop.vehicleId != null
  const closed = hasCar
    ? days.flatMap((day) => HOURS.map((hour) => modelled({ climate: 'car', year }, day, hour)))
    : []
  return {
    stop: stop.id,
    like: like.name,
    isThere: like.id === stop.placeId,
    low: Math.round(Math.min(...open) * 100),
    high: Math.round(Math.max(...open) * 100),
    inCar: hasCar ? Math.round(Math.max(...closed) * 100) : null,
  }
}

export type OnTheWay =
  /** Not to be left in the closed car. */
  | { readonly code: 'car'; readonly hundredths: number; readonly titles: readonly string[] }
  | { readonly code: 'heat'; readonly hundredths: number; readonly titles: readonly string[] }
  | { readonly code: 'frost'; readonly hundredths: number; readonly titles: readonly string[] }
  /** Hot, and nobody has said how these are to be kept. */
  | { readonly code: 'unknown'; readonly hundredths: number; readonly titles: readonly string[] }
  /** Only between 2 and 8 °C: so many hours in a cool bag, without ice and with {@link ICE_GRAMS}. */
  | {
      readonly code: 'cold'
      readonly hundredths: number
      readonly titles: readonly string[]
      readonly hours: number
      readonly hoursWithIce: number
    }

/** What comes along, and how it is to be kept. */
export interface Along {
  readonly title: string
  readonly keeping: Pick<Keeping, 'storage' | 'frostHarms'>
}

/** The gravest first; nothing where nothing that comes along minds. */
export function harmsOnTheWay(
  { low, high, inCar }: StopWeather,
  along: readonly Along[],
): readonly OnTheWay[] {
  const titles = (minds: (of: Along['keeping']) => boolean): readonly string[] => [
    ...new Set(along.flatMap(({ title, keeping }) => (minds(keeping) ? [title] : []))),
  ]
  const cold = titles(({ storage }) => storage === 'fridge')
  const mindsHeat = titles(({ storage }) => {
    const limits = storage && LIMITS[storage]
    return limits != null && storage !== 'fridge' && limits.above <= HEAT
  })
  const mindsFrost = titles(({ frostHarms }) => frostHarms)
  const found: OnTheWay[] = []
  if (cold.length > 0)
    found.push({
      code: 'cold',
      hundredths: high,
      titles: cold,
      hours: coolBagHours(high, 0),
      hoursWithIce: coolBagHours(high, ICE_GRAMS),
    })
  if (inCar !== null && inCar > HEAT && mindsHeat.length > 0)
    found.push({ code: 'car', hundredths: inCar, titles: mindsHeat })
  else if (high > HEAT && mindsHeat.length > 0)
    found.push({ code: 'heat', hundredths: high, titles: mindsHeat })
  const unknown = titles(({ storage }) => storage === null)
  const hottest = Math.max(high, inCar ?? high)
  if (hottest > HEAT && unknown.length > 0)
    found.push({ code: 'unknown', hundredths: hottest, titles: unknown })
  if (low <= FROST && mindsFrost.length > 0)
    found.push({ code: 'frost', hundredths: low, titles: mindsFrost })
  return found
}
