/** Endpoints of places and visits. */
import { z } from 'zod'
import { endpoint, file } from './endpoint'
import * as v from './primitives'
import * as places from './values/places'

const placeFacts = {
  minutesToVet: places.minutes.nullable().optional(),
  signal: places.signal.nullable().optional(),
  climate: places.climate.nullable().optional(),
  usuallyThere: z.array(v.memberId).max(60).optional(),
}

export const readStrap = endpoint(
  'GET',
  '/api/places',
  'Places with their state and when somebody is next there',
  {},
  places.strap,
)

export const createPlace = endpoint(
  'POST',
  '/api/places',
  'Add a place',
  {
    records: ['place_added'],
    body: z.object({
      name: v.givenName,
      rhythm: places.rhythm,
      minutesToHelp: places.minutes.nullable().default(null),
      ...placeFacts,
      note: v.longText.default(''),
      traits: places.placeTraits
        .optional()
        .describe('What can happen there; guessed from the name when left out'),
    }),
  },
  v.done.extend({ placeId: v.placeId }),
)

export const changePlace = endpoint(
  'PATCH',
  '/api/places/{placeId}',
  'Change a place',
  {
    records: ['place_changed'],
    params: v.ofPlace,
    body: z.object({
      ...v.seen,
      name: v.givenName.optional(),
      hue: places.hue.optional(),
      rhythm: places.rhythm.optional(),
      minutesToHelp: places.minutes.nullable().optional(),
      ...placeFacts,
      note: v.longText.optional(),
      traits: places.placeTraits.optional(),
    }),
  },
  v.done,
)

export const addVisit = endpoint(
  'POST',
  '/api/places/{placeId}/visits',
  'Add a dated visit',
  {
    records: ['visit_added'],
    params: v.ofPlace,
    body: z
      .object({ startsOn: v.plainDate, endsOn: v.plainDate, label: v.shortText.default('') })
      .refine(
        ({ startsOn, endsOn }) => startsOn <= endsOn,
        'A visit ends on or after the day it starts',
      ),
  },
  v.done.extend({ visitId: v.visitId }),
)

export const removeVisit = endpoint(
  'DELETE',
  '/api/visits/{visitId}',
  'Take a visit away',
  { records: ['visit_removed'], params: z.object({ visitId: v.visitId }) },
  v.done,
)

export const importVisits = endpoint(
  'POST',
  '/api/places/{placeId}/visits/import',
  'Add visits read from a calendar; those read before are brought up to date',
  {
    records: ['visits_imported'],
    params: z.object({ placeId: v.placeId }),
    body: z.object({
      visits: z
        .array(
          z
            .object({
              uid: v.typed(500).min(1),
              startsOn: v.plainDate,
              endsOn: v.plainDate,
              label: v.shortText,
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
  v.done.extend({ added: z.int(), changed: z.int(), already: z.int() }),
)

export const calendarFile = file(
  '/api/calendar.ics',
  'Everything with a date, as a calendar',
  {},
  'text/calendar; charset=utf-8',
)
