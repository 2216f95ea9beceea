/** What is said for leaving the house, as it is answered. */
import { z } from 'zod'
import {
  LEAST_DAYS,
  MOST_DAYS,
  MOST_REFUGES,
  MOST_REHEARSALS,
  PLANS,
} from '../../core/evacuation/evacuation'
import * as wire from '../primitives'

/** What is done, and about whom: "kit", "into_carrier/…". */
const stepKey = z.string().regex(/^[a-z_]{1,30}(?:\/[0-9a-f-]{36})?$/, 'Name a step of the plan')
const MOST_STEPS = 200

export const rehearsal = z.object({
  on: wire.plainDate,
  plan: z.enum(PLANS),
  seconds: z.int().min(1).max(86_400),
  steps: z
    .record(stepKey, z.int().min(1).max(86_400))
    .refine((steps) => Object.keys(steps).length <= MOST_STEPS, 'Note fewer steps'),
})

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
