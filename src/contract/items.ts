/** Endpoints of the kinds of thing a household keeps, and the codes on their packs. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as wire from './primitives'
import * as items from './values/items'
import * as members from './values/members'

export const readItems = endpoint(
  'GET',
  '/api/items',
  'The kinds of thing the household keeps',
  { right: 'find' },
  z.object({ items: z.array(items.itemValue) }),
)

export const changeItem = endpoint(
  'PATCH',
  '/api/items/{itemId}',
  'Change an item',
  { records: ['item_changed'], params: z.object({ itemId: wire.itemId }), body: items.itemPatch },
  wire.done,
)

export const matchItems = endpoint(
  'POST',
  '/api/items/matches',
  'Confirm which catalogue entries items are; null for plain items',
  {
    records: ['items_matched'],
    body: z.object({
      matches: z
        .array(
          z.object({
            itemId: wire.itemId,
            catalogueId: wire.catalogueId.nullable(),
            own: members.ownFacts.optional(),
            kind: wire.itemKind.optional(),
            openedClock: wire.openedClock.optional(),
          }),
        )
        .min(1)
        .max(500),
    }),
  },
  wire.done.extend({ matched: z.int() }),
)

export const readCodes = endpoint(
  'GET',
  '/api/codes',
  'Which item each code on a pack stands for',
  { right: 'find' },
  z.object({ codes: z.array(items.itemCode) }),
)

export const teachCode = endpoint(
  'PUT',
  '/api/items/{itemId}/codes/{gtin}',
  'Say which item a code on a pack stands for',
  {
    right: 'count',
    records: ['code_taught'],
    params: z.object({ itemId: wire.itemId, gtin: wire.gtin }),
  },
  wire.done,
)
