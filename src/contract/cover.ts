/** Endpoints of cover. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as wire from './primitives'
import * as cover from './values/cover'

export const readCover = endpoint(
  'GET',
  '/api/cover',
  'Everything that cover is judged from',
  {},
  cover.coverValue,
)

const ofNeed = z.object({ placeId: wire.placeId, needId: z.string().regex(/^[a-z0-9-]{1,60}$/) })

export const leaveOutNeed = endpoint(
  'POST',
  '/api/places/{placeId}/needs/{needId}/leave-out',
  'Say that a need is not kept ready at a place, and why',
  {
    records: ['need_left_out'],
    params: ofNeed,
    body: z.object({
      memberId: wire.memberId.nullable().describe('For one member; null: for everybody'),
      reason: wire.longText.min(1, 'Say why: the next keeper will ask'),
    }),
  },
  wire.done,
)

export const expectNeed = endpoint(
  'POST',
  '/api/places/{placeId}/needs/{needId}/expect',
  'Keep a need ready at a place again',
  {
    records: ['need_expected'],
    params: ofNeed,
    body: z.object({ memberId: wire.memberId.nullable() }),
  },
  wire.done,
)
