/** Endpoints of leaving the house in a hurry; what is said for it is read with the household. */

import { z } from 'zod'
import { endpoint } from './endpoint'
import * as wire from './primitives'
import * as evacuation from './values/evacuation'

export const changeEvacuation = endpoint(
  'PATCH',
  '/api/evacuation',
  'Say where to go, whom to tell and how the house is left; what is not said stays',
  {
    records: ['evacuation_changed'],
    body: z.object({
      ...wire.seen,
      ...evacuation.evacuation.omit({ rehearsals: true }).partial().shape,
    }),
  },
  wire.done,
)

export const rehearseEvacuation = endpoint(
  'POST',
  '/api/evacuation/rehearsals',
  'Note how long it took to leave the house when it was tried',
  {
    right: 'use',
    records: ['evacuation_rehearsed'],
    body: evacuation.rehearsal.omit({ on: true }),
  },
  wire.done,
)
