/** Rounds, their questions and answers. */
import { z } from 'zod'
import type { ItemId } from '../../core/ids'
import type { Bring } from '../../core/rounds/bring'
import type { Contents } from '../../core/rounds/contents'
import { DUE_CODES, PACES } from '../../core/rounds/pace'
import { GONE, PROOFS } from '../../core/rounds/round'
import { ITEM_KINDS } from '../../core/stock/itemKind'
import { CONDITIONS } from '../../core/stock/lot'
import * as wire from '../primitives'
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
  title: wire.typed(300),
  unit: wire.typed(120),
  kind: z.enum(ITEM_KINDS),
  amount: wire.amount,
  expiry: wire.expiry,
  away: z.boolean(),
})

export const look = z.object({
  found: wire.amount,
  gone: z.enum(GONE),
  date: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('not_read') }),
    z.object({ kind: z.literal('as_recorded') }),
    z.object({ kind: z.literal('other'), expiry: wire.expiry }),
  ]),
  worse: z.object({ condition: z.enum(CONDITIONS), amount: wire.someAmount }).nullable(),
  opened: wire.amount,
  proofs: z.array(z.enum(PROOFS)).max(PROOFS.length).readonly(),
  note: wire.longText,
})

const foundItem = z.union([
  z.object({ id: wire.itemId }),
  z.object({ name: wire.shortText.min(1, 'Say what it looks like') }),
]) as unknown as z.ZodType<{ id: ItemId } | { name: string }>

export const entryFact = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('at_pocket'), pocketId: wire.pocketId }),
  z.object({
    kind: z.literal('looked'),
    pocketId: wire.pocketId,
    lotId: wire.lotId,
    was,
    look,
  }),
  z.object({
    kind: z.literal('found'),
    pocketId: wire.pocketId,
    item: foundItem,
    title: wire.typed(300),
    amount: wire.someAmount,
    expiry: wire.expiry,
    batch: wire.shortText,
  }),
  z.object({ kind: z.literal('closed'), pocketId: wire.pocketId }),
])

export const outcome = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('stood') }),
  z.object({ kind: z.literal('overtaken'), by: z.string(), at: z.string() }),
  z.object({ kind: z.literal('contradicted') }),
])

export const entry = z.object({
  id: wire.entryId,
  roundId: wire.roundId,
  at: z.string(),
  by: z.string(),
  seconds: z.number(),
  fact: entryFact,
  outcome: outcome.nullable(),
})

export const round = z.object({
  id: wire.roundId,
  kitId: wire.kitId,
  pocketIds: z.array(wire.pocketId).readonly(),
  startedAt: z.string(),
  startedBy: z.string(),
  finished: z.object({ at: z.string(), by: z.string() }).nullable(),
})

/** A round as it goes on: everything that a device needs to go on with it. */
export const goingRound = {
  contents,
  speed,
  dateOrder: wire.dateOrder,
  weekStart: z.enum(['monday', 'sunday']),
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
  kitId: wire.kitId,
  kit: z.string(),
  placeId: wire.placeId,
  place: z.string(),
  hue: places.hue,
}

const pocketRef = z.object({ id: wire.pocketId, name: z.string() })

/** A round that is offered: what is due, what it will ask, how long it takes, what to bring. */
export const offeredRound = z.object({
  ...kitRef,
  dueOn: wire.plainDate,
  isDue: z.boolean(),
  chance: places.nextThere,
  reasons: z.array(
    z.object({
      code: z.enum(DUE_CODES),
      dueOn: wire.plainDate,
      things: z.int(),
      since: wire.plainDate.nullable(),
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
  since: wire.plainDate.nullable(),
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
