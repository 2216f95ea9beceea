/** A stop of a trip, as incidents name it too: without what a whole trip takes along. */
import { z } from 'zod'
import { TRAVELS } from '../../core/trips/trip'
import * as wire from '../primitives'
import * as places from './places'

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
    minutesToHelp: places.minutes.nullable(),
    minutesToVet: places.minutes.nullable(),
    signal: places.signal.nullable(),
    traits: places.placeTraits,
    country: z.string().regex(/^(?:[A-Z]{2})?$/, 'Choose a country'),
    note: wire.longText,
  })
  .readonly()
