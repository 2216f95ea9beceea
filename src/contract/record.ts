/** Endpoints of what was done, and of taking it back. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as wire from './primitives'
import * as record from './values/record'

export const readActs = endpoint(
  'GET',
  '/api/acts',
  'What was done lately',
  {},
  z.object({ acts: z.array(record.actEntry) }),
)

export const undoAct = endpoint(
  'POST',
  '/api/acts/{actId}/undo',
  'Take an act back',
  { right: 'count', records: ['undone'], stays: true, params: z.object({ actId: wire.actId }) },
  wire.done,
)

export const readRecord = endpoint(
  'GET',
  '/api/record',
  'What moved: of a lot, an item, a kit, a place or by a hand; newest first',
  {
    query: z.object({
      lot: wire.lotId.optional(),
      item: wire.itemId.optional(),
      kit: wire.kitId.optional(),
      place: wire.placeId.optional(),
      who: wire.typed(120).optional(),
      before: z.coerce.number().int().min(0).optional(),
    }),
  },
  record.recordPage,
)

export const readPast = endpoint(
  'GET',
  '/api/past/{day}',
  'What lay where by the end of a past day',
  { params: z.object({ day: wire.plainDate }) },
  record.pastValue,
)
