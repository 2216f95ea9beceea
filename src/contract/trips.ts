/** Endpoints of trips: who goes where, what they carry, packing and unpacking. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as wire from './primitives'
import * as trips from './values/trips'

const ofTrip = z.object({ tripId: wire.tripId })

export const readTrips = endpoint(
  'GET',
  '/api/trips',
  'Trips, the next first',
  {},
  z.object({ today: wire.plainDate, trips: z.array(trips.tripCard).readonly() }),
)

export const readTrip = endpoint(
  'GET',
  '/api/trips/{tripId}',
  'A trip with what is to be packed for it',
  { params: ofTrip },
  trips.tripView,
)

export const createTrip = endpoint(
  'POST',
  '/api/trips',
  'Plan a trip',
  { records: ['trip_added'], body: trips.tripFields },
  wire.done.extend({ tripId: wire.tripId }),
)

export const changeTrip = endpoint(
  'PATCH',
  '/api/trips/{tripId}',
  'Change a trip: who goes, when, with which bags, by which wishes',
  {
    records: ['trip_changed'],
    params: ofTrip,
    body: z.object({ ...wire.seen, ...trips.tripFields.partial().shape }),
  },
  wire.done,
)

export const removeTrip = endpoint(
  'DELETE',
  '/api/trips/{tripId}',
  'Take a trip away of which nothing is packed',
  { records: ['trip_removed'], params: ofTrip },
  wire.done,
)

export const planTrip = endpoint(
  'POST',
  '/api/trips/{tripId}/lines',
  'Write down what is to be packed; what was packed already stays',
  {
    records: ['trip_planned'],
    params: ofTrip,
    body: z.object({
      lines: z
        .array(
          z.object({
            lotId: wire.lotId,
            from: wire.pocketId,
            into: wire.pocketId,
            amount: wire.someAmount,
          }),
        )
        .max(2000)
        .readonly(),
    }),
  },
  wire.done.extend({ lines: z.int() }),
)

export const packTrip = endpoint(
  'POST',
  '/api/trips/{tripId}/pack',
  'Note what was put into its bag, or was not where it should be',
  {
    right: 'use',
    records: ['trip_packed'],
    offline: 'adds_up',
    params: ofTrip,
    body: z
      .object({
        packed: z.array(wire.tripLineId).max(2000).default([]),
        notThere: z.array(wire.tripLineId).max(2000).default([]),
      })
      .refine(({ packed, notThere }) => packed.length + notThere.length > 0, 'Choose a line'),
  },
  wire.done.extend({ done: z.int() }),
)

export const unpackTrip = endpoint(
  'POST',
  '/api/trips/{tripId}/unpack',
  'Put back what was packed: what is left, what was used, lost or spoilt',
  {
    right: 'use',
    records: ['trip_unpacked'],
    params: ofTrip,
    body: z
      .object({
        lines: z
          .array(
            z.object({
              lineId: wire.tripLineId,
              /** So much goes back to where it came from. */
              back: wire.amount,
              used: wire.amount,
              lost: wire.amount,
              given: wire.amount,
              /** What goes back was opened or got damp: it is looked at before it is used. */
              state: z.enum(['as_packed', 'opened', 'damp']).default('as_packed'),
            }),
          )
          .max(2000),
        missed: wire.longText.default(''),
        cursed: wire.longText.default(''),
        said: z.array(trips.tripSaid).max(60).readonly().default([]),
      })
      .refine(
        ({ lines, missed, cursed, said }) =>
          lines.length + said.length > 0 || missed !== '' || cursed !== '',
        'Say what comes back',
      ),
  },
  wire.done.extend({ done: z.int() }),
)
