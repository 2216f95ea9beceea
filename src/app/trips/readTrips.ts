/** Trips, and one trip with what is to be packed for it. */
import type { z } from 'zod'
import type * as contract from '../../contract/trips'
import { catalogue } from '../../core/catalogue/catalogue'
import { keepingOfItem } from '../../core/exposure/storage'
import type { TripId } from '../../core/ids'
import { NOTHING } from '../../core/quantity/amount'
import { itemTitle } from '../../core/stock/item'
import { numbersAt } from '../../core/trips/numbers'
import { roomOf } from '../../core/trips/room'
import { firstDay, lastDay, type Trip, travellers } from '../../core/trips/trip'
import { harmsOnTheWay, stopWeather } from '../../core/trips/weather'
import { readYears } from '../../db/exposure/temperatures'
import { readMembers } from '../../db/members/members'
import { readKeptTrips, readTripLines } from '../../db/trips/trips'
import { notFound } from '../frame/refusal'
import { type Caller, type Reading, reading, surveyOf, type World } from '../frame/world'

export type TripsView = z.infer<(typeof contract.readTrips)['result']>
export type TripView = z.infer<(typeof contract.readTrip)['result']>

/** What is under way or to come first, the next first; then what is over, the latest first. */
export const readTrips = (world: World, caller: Caller): Promise<TripsView> =>
  reading(world, caller, async ({ trx, today }) => {
    const lines = await readTripLines(trx)
    const trips = (await readKeptTrips(trx)).map(({ trip, overOn }) => {
      const own = lines.filter(({ tripId }) => tripId === trip.id)
      return {
        id: trip.id,
        name: trip.name,
        from: firstDay(trip),
        to: lastDay(trip),
        stops: trip.stops,
        toPack: own.filter(({ state }) => state === 'to_pack').length,
        packed: own.filter(({ state }) => state === 'packed').length,
        overOn,
      }
    })
    const open = trips.filter(({ overOn }) => overOn === null)
    const over = trips.filter(({ overOn }) => overOn !== null)
    return {
      today,
      trips: [
        ...open.sort((a, b) => (a.from < b.from ? -1 : 1)),
        ...over.sort((a, b) => (a.to > b.to ? -1 : 1)),
      ],
    } as TripsView
  })

export const readTrip = (
  world: World,
  caller: Caller,
  { tripId }: { readonly tripId: TripId },
): Promise<TripView> =>
  reading(world, caller, async (at) => {
    const { trx, household, today } = at
    const kept = await readKeptTrips(trx)
    const found = kept.find(({ trip }) => trip.id === tripId)
    if (!found) throw notFound()
    const { trip } = found
    const { stock } = await surveyOf(at)
    const lots = new Map(stock.lots.map((lot) => [lot.id, lot]))
    const items = new Map(stock.items.map((item) => [item.id, item]))
    const held = new Map(stock.holdings.map((one) => [`${one.lotId}/${one.pocketId}`, one.amount]))
    const going = new Set(travellers(trip))
    const along = new Set(trip.bags.map(({ kitId }) => kitId))
    const places = new Map(stock.places.map(({ id, name }) => [id, name]))
    const kits = new Map(stock.kits.map((kit) => [kit.id, kit]))
    return {
      trip,
      today,
      overOn: found.overOn,
      missed: found.missed,
      cursed: found.cursed,
      lines: (await readTripLines(trx, tripId)).flatMap((line) => {
        const lot = lots.get(line.lotId)
        const item = lot && items.get(lot.itemId)
        if (!item) return []
        const pocket = line.state === 'packed' ? line.into : line.from
        return [
          {
            id: line.id,
            lotId: line.lotId,
            itemId: item.id,
            title: itemTitle(item),
            unit: item.unit,
            directions: lot.directions,
            from: line.from,
            into: line.into,
            amount: line.amount,
            state: line.state,
            there: held.get(`${line.lotId}/${pocket}`) ?? NOTHING,
          },
        ]
      }),
      rooms: stock.kits
        .filter(({ id, container }) => along.has(id) || container?.carryGrams != null)
        .map((kit) => roomOf(kit, stock.pockets)),
      pockets: stock.pockets.flatMap(({ id, name, kitId }) => {
        const kit = kits.get(kitId)
        return kit
          ? [
              {
                id,
                name,
                kitId,
                kit: kit.name,
                placeId: kit.placeId,
                place: places.get(kit.placeId) ?? '',
              },
            ]
          : []
      }),
      people: (await readMembers(trx, today)).flatMap(({ id, name, species }) =>
        species === 'person' && going.has(id) ? [{ id, name }] : [],
      ),
      numbers: trip.stops.map((stop) => {
        const numbers = numbersAt(stop, household)
        return { stop: stop.id, emergency: numbers.emergency ?? '', poison: numbers.poison ?? '' }
      }),
      ...(await weatherOf(at, trip)),
      lessons: kept
        .filter(({ trip: { id } }) => id !== tripId)
        .sort((a, b) => ((a.overOn ?? '') > (b.overOn ?? '') ? -1 : 1))
        .flatMap(({ trip: { name }, missed, cursed, said }) =>
          [{ memberId: null, missed, cursed }, ...said].map((one) => ({ trip: name, ...one })),
        )
        .filter(({ missed, cursed }) => (missed || cursed) !== ''),
      others: kept.flatMap(({ trip: { id, name, stops, bags }, overOn }) =>
        id === tripId || overOn !== null ? [] : [{ id, name, stops, bags }],
      ),
    } as TripView
  })

/** What heat and frost on the way would harm of what lies in the bags and what is to go in. */
async function weatherOf(
  at: Reading,
  trip: Trip,
): Promise<Pick<TripView, 'weather' | 'weatherUnknown'>> {
  const { holdings, places } = await surveyOf(at)
  const bags = new Set(trip.bags.map(({ kitId }) => kitId))
  const toPack = new Set(
    (await readTripLines(at.trx, trip.id)).flatMap(({ lotId, from, state }) =>
      state === 'to_pack' ? [`${lotId}/${from}`] : [],
    ),
  )
  const along = holdings
    .filter(
      ({ lot, site, judged }) =>
        judged.state !== 'spent' &&
        (bags.has(site.kit.id) || toPack.has(`${lot.id}/${site.pocket.id}`)),
    )
    .map(({ item }) => ({ title: itemTitle(item), keeping: keepingOfItem(item, catalogue()) }))
  const years = await readYears(at.trx)
  const weather = trip.stops.flatMap((stop) => {
    const met = stopWeather(stop, places, years)
    return met ? [{ ...met, harms: harmsOnTheWay(met, along) }] : []
  })
  return {
    weather: weather.filter(({ harms }) => harms.length > 0),
    weatherUnknown:
      weather.length === 0 &&
      along.some(({ keeping }) => keeping.frostHarms || keeping.storage !== 'no-limit'),
  } as Pick<TripView, 'weather' | 'weatherUnknown'>
}
