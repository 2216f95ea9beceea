/** Endpoints of what every place needs, and when. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as wire from './primitives'
import * as watch from './values/watch'

export const readWatch = endpoint(
  'GET',
  '/api/watch',
  'What every place needs, and when',
  {
    query: z.object({ place: wire.placeId.optional() }),
  },
  watch.watchValue,
)

const errandKey = wire.typed(120).min(8)

export const doErrand = endpoint(
  'POST',
  '/api/errands/done',
  'Do an errand: throw away, put on the list, carry over, put back',
  { right: 'use', records: ['errand_done'], body: z.object({ errandKey }) },
  wire.done,
)

export const takeUpErrand = endpoint(
  'POST',
  '/api/errands/take-up',
  'Take an errand up again that was put off',
  { right: 'use', records: ['errand_taken_up'], body: z.object({ errandKey }) },
  wire.done,
)

export const putOffErrand = endpoint(
  'POST',
  '/api/errands/put-off',
  'Put an errand off to the next chance',
  { right: 'use', records: ['errand_put_off'], body: z.object({ errandKey }) },
  wire.done.extend({ until: wire.plainDate }),
)
