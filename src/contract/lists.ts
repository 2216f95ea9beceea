/** Endpoints of the lists that are proposed for a place. */

import { z } from 'zod'
import { endpoint } from './endpoint'
import * as v from './primitives'

const lineKey = v.typed(120).min(1)

export const decideLines = endpoint(
  'POST',
  '/api/places/{placeId}/list',
  'Accept, overrule or reopen proposed lines of a place’s list',
  {
    records: ['list_decided'],
    params: v.ofPlace,
    body: z.object({
      lines: z
        .array(
          z.discriminatedUnion('decision', [
            z.object({
              decision: z.literal('accepted'),
              key: lineKey,
              thing: z.union([
                z.object({ itemId: v.itemId }),
                z.object({ entryId: v.catalogueId }),
              ]),
              par: v.someAmount,
              pocketId: v.pocketId,
            }),
            z.object({
              decision: z.literal('overruled'),
              key: lineKey,
              note: v.longText.min(1, 'Say why: the next keeper will ask'),
            }),
            z.object({ decision: z.literal('open'), key: lineKey }),
          ]),
        )
        .min(1)
        .max(300),
    }),
  },
  v.done.extend({ decided: z.int() }),
)
