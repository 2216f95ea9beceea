/** The household as it is answered. */
import { z } from 'zod'
import {
  LEAST_DAYS,
  MOST_DAYS,
  MOST_REFUGES,
  MOST_REHEARSALS,
  PLANS,
} from '../../core/evacuation/evacuation'
import { BEGINNINGS } from '../../core/household/beginning'
import { LABEL_SETS } from '../../core/household/labelSet'
import { PACES } from '../../core/rounds/pace'
import * as wire from '../primitives'
import * as members from './members'

export const rehearsal = z.object({
  on: wire.plainDate,
  plan: z.enum(PLANS),
  seconds: z.int().min(1).max(86_400),
  steps: z.record(z.string().max(80), z.int().min(1).max(86_400)),
})

export const feed = z.object({ id: z.uuid(), name: z.string(), path: z.string() })

/** What was said for leaving the house in a hurry. */
export const evacuation = z.object({
  goTo: z
    .array(
      z.object({
        name: wire.shortText.min(1, 'Name the place'),
        phone: wire.phone,
        address: wire.longText,
        takesAnimals: z.boolean().nullable(),
      }),
    )
    .max(MOST_REFUGES)
    .readonly(),
  tell: z
    .array(z.object({ name: wire.shortText.min(1, 'Name somebody'), phone: wire.phone }))
    .max(MOST_REFUGES)
    .readonly(),
  papers: wire.longText,
  leftHow: z.array(wire.shortText.min(1)).max(20).readonly(),
  days: z.int().min(LEAST_DAYS).max(MOST_DAYS),
  rehearsals: z.array(rehearsal).max(MOST_REHEARSALS).readonly(),
})

export const householdValue = z.object({
  name: z.string(),
  timeZone: z.string(),
  dateOrder: wire.dateOrder,
  weekStart: z.enum(['monday', 'sunday']),
  units: z.enum(['metric', 'us']),
  country: z.string(),
  labels: z.enum(LABEL_SETS).nullable(),
  emergencyNumber: z.string(),
  poisonNumber: z.string(),
  currency: z.string(),
  lookaheadDays: z.int(),
  roundPace: z.enum(PACES),
  pharmacyDays: z.array(wire.weekday).max(7).readonly(),
  schools: members.chosenSchools,
  beginning: z.enum(BEGINNINGS),
  evacuation,
  version: wire.version,
})
