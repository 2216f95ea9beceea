/** Endpoints of places and visits. */
import { z } from 'zod'
import { endpoint, file } from './endpoint'
import * as wire from './primitives'
import * as places from './values/places'

const placeFacts = {
  minutesToVet: places.minutes.nullable().optional(),
  signal: places.signal.nullable().optional(),
  climate: places.climate.nullable().optional(),
  usuallyThere: z.array(wire.memberId).max(60).optional(),
  vehicle: places.vehicle.nullable().optional(),
}

export const readStrap = endpoint(
  'GET',
  '/api/places',
  'Places with their state and when somebody is next there',
  { right: 'find' },
  places.strap,
)

export const createPlace = endpoint(
  'POST',
  '/api/places',
  'Add a place',
  {
    records: ['place_added'],
    body: z.object({
      name: wire.givenName,
      rhythm: places.rhythm,
      minutesToHelp: places.minutes.nullable().default(null),
      ...placeFacts,
      note: wire.longText.default(''),
      traits: places.placeTraits
        .optional()
        .describe('What can happen there; guessed from the name when left out'),
    }),
  },
  wire.done.extend({ placeId: wire.placeId }),
)

export const changePlace = endpoint(
  'PATCH',
  '/api/places/{placeId}',
  'Change a place',
  {
    records: ['place_changed'],
    params: wire.ofPlace,
    body: z.object({
      ...wire.seen,
      name: wire.givenName.optional(),
      hue: places.hue.optional(),
      rhythm: places.rhythm.optional(),
      minutesToHelp: places.minutes.nullable().optional(),
      ...placeFacts,
      note: wire.longText.optional(),
      traits: places.placeTraits.optional(),
    }),
  },
  wire.done,
)

export const addVisit = endpoint(
  'POST',
  '/api/places/{placeId}/visits',
  'Add a dated visit',
  {
    records: ['visit_added'],
    params: wire.ofPlace,
    body: z
      .object({
        startsOn: wire.plainDate,
        endsOn: wire.plainDate,
        label: wire.shortText.default(''),
      })
      .refine(
        ({ startsOn, endsOn }) => startsOn <= endsOn,
        'A visit ends on or after the day it starts',
      ),
  },
  wire.done.extend({ visitId: wire.visitId }),
)

export const removeVisit = endpoint(
  'DELETE',
  '/api/visits/{visitId}',
  'Take a visit away',
  { records: ['visit_removed'], params: z.object({ visitId: wire.visitId }) },
  wire.done,
)

export const importVisits = endpoint(
  'POST',
  '/api/places/{placeId}/visits/import',
  'Add visits read from a calendar; those read before are brought up to date',
  {
    records: ['visits_imported'],
    params: z.object({ placeId: wire.placeId }),
    body: z.object({
      visits: z
        .array(
          z
            .object({
              uid: wire.typed(500).min(1),
              startsOn: wire.plainDate,
              endsOn: wire.plainDate,
              label: wire.shortText,
            })
            .refine(
              ({ startsOn, endsOn }) => startsOn <= endsOn,
              'A visit ends on or after the day it starts',
            ),
        )
        .min(1, 'Choose a visit')
        .max(200),
    }),
  },
  wire.done.extend({ added: z.int(), changed: z.int(), already: z.int() }),
)

export const calendarFile = file(
  '/api/calendar.ics',
  'Everything with a date, as a calendar',
  {},
  'text/calendar; charset=utf-8',
)
