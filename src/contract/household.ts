/** Endpoints of the household and its calendar addresses. */
import { z } from 'zod'
import { isTimeZone } from '../core/calendar/plainDate'
import { LABEL_SETS } from '../core/household/labelSet'
import { endpoint } from './endpoint'
import * as wire from './primitives'
import * as household from './values/household'
import * as members from './values/members'
import * as places from './values/places'

export const readHousehold = endpoint(
  'GET',
  '/api/household',
  'The household, its members and places',
  {},
  z.object({
    household: household.householdValue,
    members: z.array(members.memberValue),
    /** Whose stay is over, who was here last first. */
    earlierGuests: z.array(
      z.object({
        id: wire.memberId,
        name: z.string(),
        species: wire.species,
        until: wire.plainDate,
        version: wire.version,
      }),
    ),
    places: z.array(
      z.object({
        id: wire.placeId,
        name: z.string(),
        hue: places.hue,
        minutesToHelp: z.int().nullable(),
        note: z.string(),
        traits: places.placeTraits,
        minutesToVet: z.int().nullable(),
        signal: places.signal.nullable(),
        climate: places.climate.nullable(),
        usuallyThere: z.array(wire.memberId).readonly(),
        vehicle: places.vehicle.nullable(),
        rhythm: places.rhythm,
        visits: z.array(places.visitValue),
        version: wire.version,
      }),
    ),
  }),
)

export const changeHousehold = endpoint(
  'PATCH',
  '/api/household',
  'Change the household',
  {
    right: 'settings',
    records: ['household_changed'],
    body: z.object({
      ...wire.seen,
      name: wire.givenName.optional(),
      timeZone: z
        .string()
        .max(60)
        .refine(isTimeZone, 'Give a time zone such as Europe/Oslo')
        .optional(),
      dateOrder: wire.dateOrder.optional(),
      weekStart: z.enum(['monday', 'sunday']).optional(),
      units: z.enum(['metric', 'us']).optional(),
      country: z
        .string()
        .regex(/^(?:[A-Z]{2})?$/, 'Give a country code of two letters')
        .optional(),
      labels: z.enum(LABEL_SETS).nullable().optional(),
      emergencyNumber: wire.phone.optional(),
      poisonNumber: wire.phone.optional(),
      currency: z
        .string()
        .regex(/^[A-Z]{3}$/, 'Give a currency code of three letters')
        .optional(),
      lookaheadDays: z.int().min(1).max(366).optional(),
      roundPace: household.householdValue.shape.roundPace.optional(),
      pharmacyDays: household.householdValue.shape.pharmacyDays.optional(),
      schools: members.chosenSchools.optional(),
      beginning: household.householdValue.shape.beginning
        .optional()
        .describe('Whether the first steps are still to be taken'),
    }),
  },
  wire.done,
)

export const readFeeds = endpoint(
  'GET',
  '/api/calendar-feeds',
  'Calendars that the dates go to',
  { right: 'settings' },
  z.object({ feeds: z.array(household.feed) }),
)

export const addFeed = endpoint(
  'POST',
  '/api/calendar-feeds',
  'Make an address for a calendar to subscribe to',
  { right: 'settings', records: ['feed_added'], body: z.object({ name: wire.givenName }) },
  wire.done.extend({ feedId: z.uuid() }),
)

export const removeFeed = endpoint(
  'DELETE',
  '/api/calendar-feeds/{feedId}',
  'Close a calendar’s address',
  { right: 'settings', records: ['feed_removed'], params: z.object({ feedId: z.uuid() }) },
  wire.done,
)
