/** The household as it is answered. */
import { z } from 'zod'
import { BEGINNINGS } from '../../core/household/beginning'
import { LABEL_SETS } from '../../core/household/labelSet'
import { PACES } from '../../core/rounds/pace'
import * as wire from '../primitives'
import * as evacuation from './evacuation'
import * as members from './members'

export const feed = z.object({ id: z.uuid(), name: z.string(), path: z.string() })

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
  evacuation: evacuation.evacuation,
  version: wire.version,
})
