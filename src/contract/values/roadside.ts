/** What a kit has for whoever comes with skills and no supplies. */
import { z } from 'zod'
import { LID_SHOWS } from '../../core/roadside/lid'
import { CLINICAL_ROLES, type ClinicalRole } from '../../core/roadside/roadside'
import * as wire from '../primitives'

const role = wire.oneOf(Object.keys(CLINICAL_ROLES) as ClinicalRole[])

/** How far a kit speaks for itself. */
export const lidSays = z.object({ shows: z.enum(LID_SHOWS), mayTake: z.boolean() })

export const roadside = z.object({
  groups: z
    .array(
      z.object({
        role,
        things: z
          .array(
            z.object({
              title: z.string(),
              unit: z.string(),
              amount: wire.amount,
              kit: z.string(),
              pocket: z.string(),
              take: z.object({
                lotId: wire.lotId,
                pocketId: wire.pocketId,
                amount: wire.someAmount,
              }),
            }),
          )
          .readonly(),
      }),
    )
    .readonly(),
  none: z.array(role).readonly(),
})
