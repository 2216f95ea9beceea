/** What every place needs, as it is answered. */
import { z } from 'zod'
import { TOPICS } from '../../core/household/told'
import { DUE_CODES } from '../../core/rounds/pace'
import { ERRAND_ACTS } from '../../core/watch/errands'
import * as v from '../primitives'
import * as places from './places'
import * as stock from './stock'

const spareAt = z.object({ place: z.string(), amount: v.total }).nullable()

export const errandReason = z.discriminatedUnion('code', [
  z.object({ code: z.literal('spent'), why: stock.spentWhy }),
  z.object({ code: z.literal('held'), because: stock.heldBecause }),
  z.object({ code: z.literal('lent'), to: z.string(), since: v.plainDate }),
  z.object({ code: z.literal('unclean'), since: v.plainDate }),
  z.object({ code: z.literal('missing'), since: v.plainDate }),
  z.object({ code: z.literal('turns'), day: v.plainDate, clock: stock.clock, spare: spareAt }),
  z.object({ code: z.literal('below_par'), good: v.total, par: v.amount, spare: spareAt }),
  z.object({
    code: z.literal('round_due'),
    why: z.enum(DUE_CODES),
    since: v.plainDate.nullable(),
    pockets: z.int(),
    allPockets: z.int(),
  }),
  z.object({ code: z.literal('dates_missing'), count: z.int() }),
])

export const errandAct = z.enum(ERRAND_ACTS)

export const errandValue = z.object({
  key: z.string(),
  act: errandAct,
  kitId: v.kitId,
  kit: z.string(),
  pocket: z.string(),
  title: z.string(),
  unit: z.string(),
  itemKind: v.itemKind.nullable(),
  lotId: v.lotId.nullable(),
  amount: v.amount,
  reason: errandReason,
  due: v.plainDate.nullable(),
  essential: z.boolean(),
})

const ribbonLot = z.object({
  lotId: v.lotId,
  kitId: v.kitId,
  kit: z.string(),
  title: z.string(),
  day: v.plainDate,
  amount: v.amount,
  unit: z.string(),
  turning: z.boolean(),
})

export const ribbonValue = z.object({
  from: v.plainDate,
  to: v.plainDate,
  lanes: z.array(
    z.object({
      placeId: v.placeId,
      visits: z.array(z.object({ startsOn: v.plainDate, endsOn: v.plainDate, label: z.string() })),
      tags: z.array(
        z.object({
          day: v.plainDate,
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
    visit: v.plainDate,
  }),
  z.object({ code: z.literal('spent'), count: z.int(), places: z.array(z.string()) }),
  z.object({ code: z.literal('turning'), count: z.int(), places: z.array(z.string()) }),
  z.object({ code: z.literal('below_par'), count: z.int(), places: z.array(z.string()) }),
  z.object({ code: z.literal('all_well'), nextDay: v.plainDate.nullable() }),
])

export const watchValue = z.object({
  strap: places.strap,
  headline,
  ribbon: ribbonValue,
  groups: z.array(
    z.object({
      placeId: v.placeId,
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
    z.object({ memberId: v.memberId, name: z.string(), topics: z.array(z.enum(TOPICS)) }),
  ),
})
