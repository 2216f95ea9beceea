/** Endpoints of evenings: planning one, handing it over by a code, the sitter's own, what comes back. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as wire from './primitives'
import * as evenings from './values/evenings'

const ofEvening = z.object({ eveningId: wire.eveningId })
const byCode = z.object({ code: wire.typed(60).min(1) })

export const readEvenings = endpoint(
  'GET',
  '/api/evenings',
  'Evenings that were handed to a sitter: to come, going on, over',
  {},
  z.object({ evenings: z.array(evenings.eveningLine) }),
)

export const proposeEvening = endpoint(
  'GET',
  '/api/evenings/proposal',
  'For these members at this place: what there is to know, what a rule allows, what is taken regularly, whom to call',
  {
    right: 'arrange',
    query: z.object({
      placeId: wire.placeId,
      members: z
        .string()
        .max(3000)
        .transform((text) => text.split(',').filter((one) => one !== ''))
        .pipe(z.array(wire.memberId).max(60)),
    }),
  },
  z.object({
    know: z.array(z.object({ memberId: wire.memberId, words: z.string() })),
    /** What nobody has asked; the sitter is told so. */
    asks: z.array(z.string()),
    gives: z.array(
      z.object({
        memberId: wire.memberId,
        cardId: wire.cardId,
        who: z.string(),
        title: z.string(),
        source: z.string(),
      }),
    ),
    courses: z.array(
      z.object({ id: wire.courseId, who: z.string(), title: z.string(), directions: z.string() }),
    ),
    kits: z.array(z.object({ id: wire.kitId, name: z.string() })),
  }),
)

export const giveEvening = endpoint(
  'POST',
  '/api/evenings',
  'Hand an evening to a sitter: a code that opens on their phone, from then to then',
  {
    right: 'arrange',
    records: ['evening_given'],
    stays: true,
    body: z.object({
      forName: wire.givenName.min(1, 'Say who comes'),
      day: wire.plainDate,
      from: wire.typed(8),
      to: wire.typed(8),
      plan: evenings.eveningPlan,
    }),
  },
  wire.done.extend({ eveningId: wire.eveningId, code: z.string() }),
)

export const endEvening = endpoint(
  'DELETE',
  '/api/evenings/{eveningId}',
  'End an evening now',
  { right: 'arrange', records: ['evening_ended'], stays: true, params: ofEvening },
  wire.done,
)

export const readHandBack = endpoint(
  'GET',
  '/api/evenings/{eveningId}',
  'What happened in an evening, what was given, what to replace; and what the sitter saw',
  { params: ofEvening },
  z.object({
    evening: evenings.eveningLine,
    timeZone: z.string(),
    notes: z.array(evenings.note),
    names: z.record(z.string(), z.string()),
    replace: z.array(evenings.toReplace),
  }),
)

export const readEvening = endpoint(
  'GET',
  '/api/evening/{code}',
  'An evening as its sitter sees it, while it goes on',
  { door: 'open', params: byCode },
  z.object({
    forName: z.string(),
    from: z.number(),
    to: z.number(),
    now: z.number(),
    timeZone: z.string(),
    units: z.enum(['metric', 'us']),
    know: z.array(z.string()),
    asks: z.array(z.string()),
    call: z.array(z.object({ name: z.string(), phone: z.string() })),
    address: z.string(),
    mayNot: z.array(z.string()),
    seen: evenings.seen,
    notes: z.array(evenings.note),
  }),
)

export const noteEvening = endpoint(
  'POST',
  '/api/evening/{code}/notes',
  'Note what was given, used or seen; said again under the same id it is the same note',
  {
    door: 'open',
    params: byCode,
    body: z.object({
      entryId: wire.careEntryId,
      memberId: wire.memberId,
      note: z.discriminatedUnion('kind', [
        z.object({
          kind: z.literal('given'),
          cardId: wire.cardId,
          portion: z.object({
            unit: wire.typed(20),
            thousandths: z.int().min(1).max(100_000_000),
          }),
        }),
        z.object({
          kind: z.literal('used'),
          lotId: wire.lotId,
          pocketId: wire.pocketId,
          amount: wire.someAmount,
        }),
        z.object({ kind: z.literal('seen'), words: wire.longText.min(1, 'Write what you saw') }),
        z.object({ kind: z.literal('called'), whom: wire.shortText.min(1) }),
      ]),
    }),
  },
  z.object({ entryId: wire.careEntryId }),
)
