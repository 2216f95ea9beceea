/** Rounds, their questions and answers. */
import { z } from 'zod'
import type { ItemId } from '../../core/ids'
import type { Bring } from '../../core/rounds/bring'
import type { Contents } from '../../core/rounds/contents'
import { DUE_CODES, PACES } from '../../core/rounds/pace'
import { GONE, PROOFS } from '../../core/rounds/round'
import { ITEM_KINDS } from '../../core/stock/itemKind'
import { CONDITIONS } from '../../core/stock/lot'
import * as v from '../primitives'
import * as places from './places'

export const roundPace = z.enum(PACES)

/** Made by the core and read by the core: only carried. */
export const contents = z.custom<Contents>(
  (value) => typeof value === 'object' && value !== null && 'pockets' in value,
)

export const bring = z.custom<Bring>(
  (value) => typeof value === 'object' && value !== null && 'kind' in value,
)

export const speed = z.record(z.enum(ITEM_KINDS), z.number())

export const was = z.object({
  title: v.typed(300),
  unit: v.typed(120),
  kind: z.enum(ITEM_KINDS),
  amount: v.amount,
  expiry: v.expiry,
  away: z.boolean(),
})

export const look = z.object({
  found: v.amount,
  gone: z.enum(GONE),
  date: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('not_read') }),
    z.object({ kind: z.literal('as_recorded') }),
    z.object({ kind: z.literal('other'), expiry: v.expiry }),
  ]),
  worse: z.object({ condition: z.enum(CONDITIONS), amount: v.someAmount }).nullable(),
  opened: v.amount,
  proofs: z.array(z.enum(PROOFS)).max(PROOFS.length).readonly(),
  note: v.longText,
})

const foundItem = z.union([
  z.object({ id: v.itemId }),
  z.object({ name: v.shortText.min(1, 'Say what it looks like') }),
]) as unknown as z.ZodType<{ id: ItemId } | { name: string }>

export const entryFact = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('at_pocket'), pocketId: v.pocketId }),
  z.object({
    kind: z.literal('looked'),
    pocketId: v.pocketId,
    lotId: v.lotId,
    was,
    look,
  }),
  z.object({
    kind: z.literal('found'),
    pocketId: v.pocketId,
    item: foundItem,
    title: v.typed(300),
    amount: v.someAmount,
    expiry: v.expiry,
    batch: v.shortText,
  }),
  z.object({ kind: z.literal('closed'), pocketId: v.pocketId }),
])

export const outcome = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('stood') }),
  z.object({ kind: z.literal('overtaken'), by: z.string(), at: z.string() }),
  z.object({ kind: z.literal('contradicted') }),
])

export const entry = z.object({
  id: v.entryId,
  roundId: v.roundId,
  at: z.string(),
  by: z.string(),
  seconds: z.number(),
  fact: entryFact,
  outcome: outcome.nullable(),
})

export const round = z.object({
  id: v.roundId,
  kitId: v.kitId,
  pocketIds: z.array(v.pocketId).readonly(),
  startedAt: z.string(),
  startedBy: z.string(),
  finished: z.object({ at: z.string(), by: z.string() }).nullable(),
})

/** A round as it goes on: everything that a device needs to go on with it. */
export const goingRound = {
  contents,
  speed,
  dateOrder: v.dateOrder,
}

export const roundValue = z.object({
  ...goingRound,
  round,
  entries: z.array(entry).readonly(),
  /** The server's time (ISO): who is at a pocket is told by it. */
  now: z.string(),
})

const toll = z.object({
  things: z.int(),
  asks: z.object({
    count: z.int(),
    date: z.int(),
    battery: z.int(),
    seal: z.int(),
    take_out: z.int(),
    here_again: z.int(),
  }),
})

const kitRef = {
  kitId: v.kitId,
  kit: z.string(),
  placeId: v.placeId,
  place: z.string(),
  hue: places.hue,
}

const pocketRef = z.object({ id: v.pocketId, name: z.string() })

/** A round that is offered: what is due, what it will ask, how long it takes, what to bring. */
export const offeredRound = z.object({
  ...kitRef,
  dueOn: v.plainDate,
  isDue: z.boolean(),
  chance: places.nextThere,
  reasons: z.array(
    z.object({
      code: z.enum(DUE_CODES),
      dueOn: v.plainDate,
      things: z.int(),
      since: v.plainDate.nullable(),
      pockets: z.array(z.string()),
    }),
  ),
  pockets: z.array(pocketRef),
  allPockets: z.array(pocketRef),
  toll,
  seconds: z.int(),
  bring: z.array(bring).readonly(),
})

export const smallRound = z.object({
  ...kitRef,
  pocket: pocketRef,
  toll,
  seconds: z.int(),
  sure: z.int(),
  since: v.plainDate.nullable(),
})

export const roundLine = z.object({
  ...kitRef,
  round,
  pockets: z.array(z.string()),
  asked: z.int(),
  answered: z.int(),
  seconds: z.number(),
  hands: z.array(z.string()),
})

export const roundsValue = z.object({
  pace: roundPace,
  due: z.array(offeredRound),
  later: z.array(offeredRound),
  small: z.array(smallRound),
  open: z.array(roundLine),
  finished: z.array(roundLine),
})
