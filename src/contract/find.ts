/** Endpoints of finding anything. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as wire from './primitives'

export const foundThing = z.object({
  kind: z.enum([
    'lot',
    'bare',
    'kit',
    'place',
    'pocket',
    'answer',
    'member',
    'card',
    'sheet',
    'rule',
    'act',
    'history',
  ]),
  title: z.string(),
  where: z.string(),
  detail: z.string(),
  /** When it was done, of an act. */
  day: wire.plainDate.optional(),
  href: z.string(),
  state: z.enum([...wire.LOT_STATES, 'bare', 'none']),
})

export const find = endpoint(
  'GET',
  '/api/find',
  'Find anything by its words',
  { right: 'find', query: z.object({ q: wire.typed(120) }) },
  z.object({ found: z.array(foundThing) }),
)
