/** What every place needs, as it is answered. */
import { z } from 'zod'
import { TOPICS } from '../../core/household/told'
import { DUE_CODES } from '../../core/rounds/pace'
import { ERRAND_ACTS } from '../../core/watch/errands'
import * as wire from '../primitives'
import * as places from './places'
import * as stock from './stock'

const spareAt = z.object({ place: z.string(), amount: wire.total }).nullable()

export const errandReason = z.discriminatedUnion('code', [
  z.object({ code: z.literal('spent'), why: stock.spentWhy }),
  z.object({ code: z.literal('held'), because: stock.heldBecause }),
  z.object({ code: z.literal('lent'), to: z.string(), since: wire.plainDate }),
  z.object({ code: z.literal('unclean'), since: wire.plainDate }),
  z.object({ code: z.literal('missing'), since: wire.plainDate }),
  z.object({ code: z.literal('turns'), day: wire.plainDate, clock: stock.clock, spare: spareAt }),
  z.object({ code: z.literal('below_par'), good: wire.total, par: wire.amount, spare: spareAt }),
  z.object({
    code: z.literal('round_due'),
    why: z.enum(DUE_CODES),
    since: wire.plainDate.nullable(),
    pockets: z.int(),
    allPockets: z.int(),
  }),
  z.object({ code: z.literal('dates_missing'), count: z.int() }),
])

export const errandAct = z.enum(ERRAND_ACTS)

export const errandValue = z.object({
  key: z.string(),
  act: errandAct,
  kitId: wire.kitId,
  kit: z.string(),
  pocket: z.string(),
  title: z.string(),
  unit: z.string(),
  itemKind: wire.itemKind.nullable(),
  lotId: wire.lotId.nullable(),
  amount: wire.amount,
  reason: errandReason,
  due: wire.plainDate.nullable(),
  essential: z.boolean(),
})

const ribbonLot = z.object({
  lotId: wire.lotId,
  kitId: wire.kitId,
  kit: z.string(),
  title: z.string(),
  day: wire.plainDate,
  amount: wire.amount,
  unit: z.string(),
  turning: z.boolean(),
})

export const ribbonValue = z.object({
  from: wire.plainDate,
  to: wire.plainDate,
  lanes: z.array(
    z.object({
      placeId: wire.placeId,
      visits: z.array(
        z.object({ startsOn: wire.plainDate, endsOn: wire.plainDate, label: z.string() }),
      ),
      tags: z.array(
        z.object({
          day: wire.plainDate,
          row: z.int(),
          title: z.string(),
          count: z.int(),
          turning: z.boolean(),
          /** At most twelve; `count` says how many there are. */
          lots: z.array(ribbonLot),
        }),
      ),
    }),
  ),
})

export const headline = z.discriminatedUnion('code', [
  z.object({ code: z.literal('nothing_kept') }),
  z.object({
    code: z.literal('essentials_bare'),
    count: z.int(),
    place: z.string(),
    title: z.string(),
  }),
  z.object({
    code: z.literal('turns_before_back'),
    count: z.int(),
    place: z.string(),
    visit: wire.plainDate,
  }),
  z.object({ code: z.literal('spent'), count: z.int(), places: z.array(z.string()) }),
  z.object({ code: z.literal('turning'), count: z.int(), places: z.array(z.string()) }),
  z.object({ code: z.literal('below_par'), count: z.int(), places: z.array(z.string()) }),
  z.object({ code: z.literal('all_well'), nextDay: wire.plainDate.nullable() }),
])

export const watchValue = z.object({
  strap: places.strap,
  headline,
  ribbon: ribbonValue,
  groups: z.array(
    z.object({
      placeId: wire.placeId,
      next: places.nextThere,
      total: z.int(),
      errands: z.array(errandValue),
    }),
  ),
  /** Put off for now. */
  later: z.int(),
  /** On the shopping list already. */
  listed: z.int(),
  /** Lots that a bulletin recalls and that are not on hold yet. */
  recalled: z.int(),
  /** Members of whom nobody has asked what decides who may have what. */
  unasked: z.array(
    z.object({ memberId: wire.memberId, name: z.string(), topics: z.array(z.enum(TOPICS)) }),
  ),
})
