/** Endpoints of the lists that are proposed for a place. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as wire from './primitives'

const lineKey = wire.typed(120).min(1)

export const decideLines = endpoint(
  'POST',
  '/api/places/{placeId}/list',
  'Accept, overrule or reopen proposed lines of a place’s list',
  {
    records: ['list_decided'],
    params: wire.ofPlace,
    body: z.object({
      lines: z
        .array(
          z.discriminatedUnion('decision', [
            z.object({
              decision: z.literal('accepted'),
              key: lineKey,
              thing: z.union([
                z.object({ itemId: wire.itemId }),
                z.object({ entryId: wire.catalogueId }),
              ]),
              par: wire.someAmount,
              pocketId: wire.pocketId,
            }),
            z.object({
              decision: z.literal('overruled'),
              key: lineKey,
              note: wire.longText.min(1, 'Say why: the next keeper will ask'),
            }),
            z.object({ decision: z.literal('open'), key: lineKey }),
          ]),
        )
        .min(1)
        .max(300),
    }),
  },
  wire.done.extend({ decided: z.int() }),
)
