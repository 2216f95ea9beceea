/** Trips as they are asked and answered. */
import { z } from 'zod'
import { NEEDS } from '../../core/cover/needs'
import { CABIN_RULES_IDS, type CabinRulesId } from '../../core/trips/cabin'
import { LINE_STATES, MOST_BAGS, MOST_STOPS, STOWAGES } from '../../core/trips/trip'
import * as wire from '../primitives'
import { stop } from './places'

export const bag = z
  .object({
    kitId: wire.kitId,
    carrier: wire.memberId,
    stowage: z.enum(STOWAGES),
    filled: z.boolean(),
  })
  .readonly()

export const wishes = z
  .object({
    keep: z.array(wire.itemId).max(200).readonly(),
    leave: z.array(wire.itemId).max(500).readonly(),
    without: z.array(wire.typed(80)).max(NEEDS.length).readonly(),
    mostGrams: z.int().min(1).max(1_000_000).nullable(),
    marginDays: z.int().min(0).max(365),
    bareHome: z.boolean(),
  })
  .readonly()

/** What a trip is, beside its id. */
export const tripFields = z.object({
  name: wire.givenName,
  stops: z.array(stop).max(MOST_STOPS).readonly(),
  bags: z.array(bag).max(MOST_BAGS).readonly(),
  sources: z.array(wire.placeId).max(60).readonly(),
  wishes,
  cabinRules: z.enum(CABIN_RULES_IDS as [CabinRulesId, ...CabinRulesId[]]),
})

export const trip = tripFields.extend({ id: wire.tripId, version: wire.version })

export const tripLine = z.object({
  id: wire.tripLineId,
  lotId: wire.lotId,
  itemId: wire.itemId,
  title: z.string(),
  unit: z.string(),
  /** What whoever packs it copied from the carton. */
  directions: z.string(),
  from: wire.pocketId,
  into: wire.pocketId,
  amount: wire.someAmount,
  state: z.enum(LINE_STATES),
  /** Of the lot in that bag now; in the pocket it comes from while it is to be packed. */
  there: wire.amount,
})

export const bagRoom = z.object({
  kitId: wire.kitId,
  name: z.string(),
  pockets: z
    .array(z.object({ id: wire.pocketId, name: z.string(), inner: wire.millimetres.nullable() }))
    .readonly(),
  carryGrams: z.int().nullable(),
  ownGrams: z.int().nullable(),
})

/** What one of them says of a trip that is over. */
export const tripSaid = z
  .object({ memberId: wire.memberId, missed: wire.longText, cursed: wire.longText })
  .readonly()

/** A trip among others. */
export const tripCard = z.object({
  id: wire.tripId,
  name: z.string(),
  from: wire.plainDate,
  to: wire.plainDate,
  stops: z.array(stop).readonly(),
  toPack: z.int(),
  packed: z.int(),
  overOn: wire.plainDate.nullable(),
})

export const pocketAt = z.object({
  id: wire.pocketId,
  name: z.string(),
  kitId: wire.kitId,
  kit: z.string(),
  placeId: wire.placeId,
  place: z.string(),
})

export const callThere = z.object({
  stop: wire.stopId,
  emergency: z.string(),
  poison: z.string(),
})

const onTheWay = { hundredths: z.int(), titles: z.array(z.string()).readonly() }

export const tripView = z.object({
  trip,
  today: wire.plainDate,
  overOn: wire.plainDate.nullable(),
  missed: z.string(),
  cursed: z.string(),
  lines: z.array(tripLine).readonly(),
  /** Of every kit that has a container to be carried in, and of those that come along. */
  rooms: z.array(bagRoom).readonly(),
  pockets: z.array(pocketAt).readonly(),
  numbers: z.array(callThere).readonly(),
  /** People who go, to be asked what they missed. */
  people: z.array(z.object({ id: wire.memberId, name: z.string() })).readonly(),
  /** What earlier trips taught, the latest first. */
  lessons: z
    .array(
      z.object({
        trip: z.string(),
        /** Null: all of them. */
        memberId: wire.memberId.nullable(),
        missed: z.string(),
        cursed: z.string(),
      }),
    )
    .readonly(),
  /** Heat and frost at each stop by the model, with what of the bags would mind. */
  weather: z
    .array(
      z.object({
        stop: wire.stopId,
        like: z.string(),
        isThere: z.boolean(),
        harms: z
          .array(
            z.discriminatedUnion('code', [
              z.object({ code: z.enum(['car', 'heat', 'frost', 'unknown']), ...onTheWay }),
              z.object({
                code: z.literal('cold'),
                ...onTheWay,
                hours: z.number(),
                hoursWithIce: z.number(),
              }),
            ]),
          )
          .readonly(),
      }),
    )
    .readonly(),
  /** Nobody has said how cold and hot it gets anywhere, and something in the bags would mind. */
  weatherUnknown: z.boolean(),
  /** The other trips, to see who is in two at once. */
  others: z.array(trip.pick({ id: true, name: true, stops: true, bags: true })).readonly(),
})
