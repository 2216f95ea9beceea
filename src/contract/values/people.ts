/** Who belongs to a household, and who is invited. */
import { z } from 'zod'
import { ROLES } from '../../core/people/role'
import * as wire from '../primitives'

export const role = z.enum(ROLES)

export const person = z.object({
  id: wire.personId,
  name: z.string(),
  role,
  since: z.string(),
  isYou: z.boolean(),
})

export const invitation = z.object({
  id: wire.invitationId,
  role,
  forName: z.string(),
  madeBy: z.string(),
  endsAt: z.string(),
  state: z.enum(['open', 'used', 'over', 'withdrawn']),
  usedBy: z.string().nullable(),
  /** To be read aloud; null once it opens nothing any more. */
  code: z.string().nullable(),
})

/** A household as it is seen from outside: what it is called, one's role there, how ready it is. */
export const householdSeen = z.object({
  householdId: z.uuid(),
  household: z.string(),
  role,
  /** Whether it is the one that this page shows. */
  isThis: z.boolean(),
  /** Whether it can be opened; an overseer sees figures only. */
  opens: z.boolean(),
  /** Null for a role that does not see it. */
  places: z
    .array(
      z.object({
        name: z.string(),
        /** Null where nobody is expected. */
        ready: z.object({ ready: z.int(), of: z.int(), missingLife: z.int() }).nullable(),
      }),
    )
    .nullable(),
})
