/** An evening as it is planned, seen by the sitter, and handed back. */
import { z } from 'zod'
import type { EveningView } from '../../core/evenings/view'
import type { CareFact } from '../../core/incident/entry'
import * as wire from '../primitives'

const lines = (most: number) =>
  z.array(wire.longText.min(1, 'Write something, or leave the line out')).max(most)

const contact = z.object({ name: wire.typed(120), phone: wire.typed(60) })

export const eveningPlan = z.object({
  placeId: wire.placeId,
  members: z.array(wire.memberId).min(1, 'Choose who is in their care').max(60),
  kits: z.array(wire.kitId).max(40),
  know: lines(12),
  call: contact.extend({ phone: wire.typed(60).min(1, 'Give a number to call') }),
  address: wire.typed(300),
  mayNot: lines(12),
  gives: z.array(z.object({ memberId: wire.memberId, cardId: wire.cardId })).max(60),
  courses: z.array(wire.courseId).max(60),
})

export const eveningState = z.enum(['to_come', 'now', 'over'])

export const eveningLine = z.object({
  id: wire.eveningId,
  forName: z.string(),
  from: z.string(),
  to: z.string(),
  endedAt: z.string().nullable(),
  madeBy: z.string(),
  state: eveningState,
  members: z.array(z.string()),
  /** To be read aloud; null once it opens nothing any more. */
  code: z.string().nullable(),
})

/** Made by the core and read by the screen: only carried. */
export const seen = z.custom<EveningView>(
  (value) => typeof value === 'object' && value !== null && 'inCare' in value,
)

export const note = z.object({
  id: z.string(),
  at: z.number(),
  by: z.string(),
  memberId: wire.memberId.nullable(),
  fact: z.custom<CareFact>((value) => typeof value === 'object' && value !== null),
})

export const toReplace = z.object({
  title: z.string(),
  unit: z.string(),
  amount: wire.amount,
  kit: z.string(),
  pocket: z.string(),
})
