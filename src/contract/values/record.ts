/** The record as it is answered. */
import { z } from 'zod'
import { TELLING_KINDS } from '../../core/stock/telling'
import * as wire from '../primitives'
import * as places from './places'
import * as stock from './stock'

export const historyEntry = z.object({
  actId: wire.actId,
  day: wire.plainDate,
  who: z.string(),
  why: z.string(),
  kind: z.enum(TELLING_KINDS),
  /** It takes a movement back. */
  undone: z.boolean(),
  amount: wire.amount.nullable(),
  from: z.string().nullable(),
  to: z.string().nullable(),
  /** Names of the details that were changed. */
  fields: z.array(z.string()).readonly(),
  about: z.string(),
  overruled: z.boolean(),
})

/** A movement of an act, as whoever looks back at the act reads it. */
export const actMovement = historyEntry.extend({ title: z.string(), unit: z.string() })

export const actEntry = z.object({
  id: wire.actId,
  kind: z.string(),
  who: z.string(),
  at: z.string(),
  why: z.string(),
  undone: z.boolean(),
  /** It was done before a role ended, and arrived after. */
  afterRole: z.boolean(),
  /** False for what undoes another, and for what has left the household. */
  canBeUndone: z.boolean(),
  /** The first few things that it moved. */
  moved: z.array(actMovement),
  movedMore: z.boolean(),
  /** Records that have names: the first few, and how many. */
  touched: z.array(
    z.object({
      what: z.enum(['added', 'changed', 'removed']),
      names: z.array(z.string()),
      count: z.int(),
    }),
  ),
})

export const recordEntry = historyEntry.extend({
  position: z.int(),
  at: z.string(),
  lotId: wire.lotId,
  itemId: wire.itemId,
  title: z.string(),
  unit: z.string(),
})

export const recordPage = z.object({
  entries: z.array(recordEntry),
  /** Where to go on; null at the beginning of the record. */
  before: z.int().nullable(),
  hands: z.array(z.string()),
  items: z.array(z.object({ id: wire.itemId, title: z.string() })),
})

export const pastValue = z.object({
  day: wire.plainDate,
  firstDay: wire.plainDate.nullable(),
  places: z.array(z.object({ id: wire.placeId, name: z.string(), hue: places.hue })),
  holdings: z.array(
    z.object({
      lotId: wire.lotId,
      title: z.string(),
      unit: z.string(),
      amount: wire.amount,
      judged: stock.lotState,
      pocket: z.string(),
      kitId: wire.kitId,
      kit: z.string(),
      placeId: wire.placeId,
    }),
  ),
})
