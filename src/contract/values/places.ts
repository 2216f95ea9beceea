/** Places, visits and pockets as they are answered. */
import { z } from 'zod'
import { FIRST_STEPS } from '../../core/household/beginning'
import {
  CLIMATES,
  HUES,
  PLACE_TRAIT_IDS,
  type PlaceTrait,
  SIGNALS,
} from '../../core/household/places'
import { ROLES } from '../../core/people/role'
import { TRAVELS } from '../../core/trips/trip'
import * as wire from '../primitives'

export const signal = wire.oneOf(SIGNALS)

export const climate = wire.oneOf(CLIMATES)

export const minutes = z.int().min(0).max(10_000)

export const hue = z.enum(HUES)

export const rhythm = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('always') }),
  z.object({
    kind: z.literal('weekdays'),
    days: z.array(wire.weekday).min(1, 'Pick a day').max(7),
  }),
  z.object({
    kind: z.literal('season'),
    days: z.array(wire.weekday).min(1, 'Pick a day').max(7),
    fromMonth: z.int().min(1).max(12),
    toMonth: z.int().min(1).max(12),
  }),
  z.object({ kind: z.literal('visits') }),
])

export const placeTraits = z
  .array(z.enum(PLACE_TRAIT_IDS as [PlaceTrait, ...PlaceTrait[]]))
  .max(PLACE_TRAIT_IDS.length)
  .readonly()

export const nextThere = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('now'), label: z.string() }),
  z.object({ kind: z.literal('on'), day: wire.plainDate, label: z.string() }),
  z.object({ kind: z.literal('unknown') }),
])

export const visitValue = z.object({
  id: wire.visitId,
  startsOn: wire.plainDate,
  endsOn: wire.plainDate,
  label: z.string(),
})

/** So many problems are answered for everybody expected there; those that are not, life-saving first. */
export const readyFor = z.object({
  ready: z.int(),
  of: z.int(),
  missing: z.array(z.object({ id: z.string(), name: z.string(), isLife: z.boolean() })),
})

/** A place on the strap. */
export const strapPlace = z.object({
  id: wire.placeId,
  name: z.string(),
  hue,
  next: nextThere,
  /** Life-saving and urgent problems that it is ready for; null where nobody is expected. */
  ready: readyFor.nullable().default(null),
})

export const strap = z.object({
  today: wire.plainDate,
  /** What the household is called. */
  household: z.string(),
  /** What whoever asks is in it. */
  role: z.enum(ROLES),
  /** How the household writes dates and money. */
  habits: z.object({
    dateOrder: wire.dateOrder,
    weekStart: z.enum(['monday', 'sunday']),
    currency: z.string(),
    units: z.enum(['metric', 'us']),
    timeZone: z.string(),
  }),
  places: z.array(strapPlace),
  /** Trips under way or to come, the next first, and the members, places and kits that belong to each. */
  trips: z
    .array(
      z.object({
        id: wire.tripId,
        name: z.string(),
        from: wire.plainDate,
        to: wire.plainDate,
        about: z.array(z.string()),
      }),
    )
    .default([]),
  /** The first steps of a new household; null where they are over. */
  beginning: z
    .object({ done: z.array(z.enum(FIRST_STEPS)).readonly(), next: z.enum(FIRST_STEPS) })
    .nullable()
    .default(null),
  /** When the household is deleted, and who asked for it; null where it stays. */
  deletion: z.object({ askedBy: z.string(), dueAt: z.string() }).nullable().default(null),
})

export const pocketRef = z.object({
  id: wire.pocketId,
  name: z.string(),
  kitId: wire.kitId,
  kit: z.string(),
  placeId: wire.placeId,
  place: z.string(),
})

/** What a vehicle takes along. */
export const vehicle = z.object({
  seats: z.int().min(1).max(60).nullable(),
  animals: z.int().min(0).max(60).nullable(),
  isAway: z.boolean(),
})

/** A stop of a trip: where some of the household are for some days. Incidents name one too. */
export const stop = z
  .object({
    id: wire.stopId,
    name: wire.givenName,
    placeId: wire.placeId.nullable(),
    vehicleId: wire.placeId.nullable().optional(),
    from: wire.plainDate,
    to: wire.plainDate,
    members: z.array(wire.memberId).max(60).readonly(),
    travel: z.enum(TRAVELS),
    minutesToHelp: minutes.nullable(),
    minutesToVet: minutes.nullable(),
    signal: signal.nullable(),
    traits: placeTraits,
    country: z.string().regex(/^(?:[A-Z]{2})?$/, 'Choose a country'),
    note: wire.longText,
  })
  .readonly()
