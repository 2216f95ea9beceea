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

export const rehearsal = z.object({
  on: wire.plainDate,
  plan: z.enum(PLANS),
  seconds: z.int().min(1).max(86_400),
  steps: z.record(z.string().max(80), z.int().min(1).max(86_400)),
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
