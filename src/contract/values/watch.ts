/** What every place needs, as it is answered. */
import { z } from 'zod'
import { CELL_STATES } from '../../core/cover/cellState'
import { TIERS } from '../../core/cover/need'
import { TOPICS } from '../../core/household/told'
import { DUE_CODES } from '../../core/rounds/pace'
import { ERRAND_ACTS, GRAVITIES } from '../../core/watch/errand'
import * as wire from '../primitives'
import * as members from './members'
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
  z.object({
    code: z.literal('below_par'),
    good: wire.total,
    par: wire.amount,
    spare: spareAt,
    takenOn: wire.plainDate.nullable(),
  }),
  z.object({
    code: z.literal('round_due'),
    why: z.enum(DUE_CODES),
    since: wire.plainDate.nullable(),
    pockets: z.int(),
    allPockets: z.int(),
  }),
  z.object({ code: z.literal('dates_missing'), count: z.int() }),
  z.object({
    code: z.literal('gap'),
    problem: z.string(),
    tier: z.enum(TIERS),
    members: z.array(z.string()),
    state: z.enum(CELL_STATES),
    /** Places where the same is ready for the same. */
    ready: z.array(z.string()),
    also: z.array(z.string()),
    packs: z.int(),
    costMinor: z.int().nullable(),
    from: z.string().nullable(),
  }),
  z.object({
    code: z.literal('runs_out'),
    lastDay: wire.plainDate.nullable(),
    prescriber: z.string(),
    openUntil: wire.plainDate.nullable(),
  }),
  z.object({ code: z.literal('recalled'), lots: z.int() }),
  z.object({ code: z.literal('weight'), kind: z.enum(['unknown', 'stale']) }),
  z.object({ code: z.literal('not_asked'), topics: z.array(z.enum(TOPICS)) }),
  z.object({
    code: z.literal('skill_ends'),
    skill: members.skill,
    until: wire.plainDate,
  }),
  z.object({ code: z.literal('unknown_things'), count: z.int() }),
  z.object({
    code: z.literal('trip_soon'),
    tripId: wire.tripId,
    from: wire.plainDate,
    toPack: z.int(),
  }),
  z.object({
    code: z.literal('trip_over'),
    tripId: wire.tripId,
    to: wire.plainDate,
    packed: z.int(),
  }),
  z.object({
    code: z.literal('weather'),
    what: z.enum(['frost', 'heat']),
    on: wire.plainDate,
    hundredths: z.int(),
    things: z.int(),
  }),
  z.object({ code: z.literal('given_away'), on: wire.plainDate, byLid: z.boolean() }),
  z.object({ code: z.literal('taken_along'), since: wire.plainDate }),
  z.object({
    code: z.literal('follow_up'),
    why: z.enum(['look_again', 'not_ended']),
    what: z.string(),
    on: wire.plainDate,
    incidentId: wire.incidentId,
  }),
])

/** With somebody who carries it; on a trip until a day. */
const kitIs = z.discriminatedUnion('code', [
  z.object({ code: z.literal('with'), member: z.string() }),
  z.object({ code: z.literal('on_trip'), trip: z.string(), until: wire.plainDate }),
])

export const errandAct = z.enum(ERRAND_ACTS)

export const errandValue = z.object({
  key: z.string(),
  act: errandAct,
  gravity: z.enum(GRAVITIES),
  placeId: wire.placeId,
  kitId: wire.kitId.nullable(),
  kit: z.string(),
  /** Where its kit is, where it is not at its place. */
  kitIs: kitIs.nullable(),
  pocket: z.string(),
  memberId: wire.memberId.nullable(),
  member: z.string(),
  title: z.string(),
  unit: z.string(),
  itemKind: wire.itemKind.nullable(),
  lotId: wire.lotId.nullable(),
  amount: wire.amount,
  reason: errandReason,
  /** What the place is ready for once it is done. */
  brings: z.array(
    z.object({
      problemId: z.string(),
      name: z.string(),
      tier: z.enum(TIERS),
      members: z.array(z.string()),
      /** It is ready until then without it; null where it is not ready now. */
      from: wire.plainDate.nullable(),
    }),
  ),
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
    code: z.literal('not_ready'),
    tier: z.enum(['life', 'urgent']),
    place: z.string(),
    placeId: wire.placeId,
    problems: z.array(z.string()),
    members: z.array(z.string()),
    elsewhere: z.int(),
  }),
  z.object({
    code: z.literal('lapses'),
    place: z.string(),
    problem: z.string(),
    from: wire.plainDate,
  }),
  z.object({
    code: z.literal('runs_out'),
    count: z.int(),
    title: z.string(),
    member: z.string(),
    lastDay: wire.plainDate.nullable(),
  }),
  z.object({ code: z.literal('recalled'), lots: z.int() }),
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
  z.object({
    code: z.literal('to_do'),
    act: errandAct,
    count: z.int(),
    title: z.string(),
    places: z.array(z.string()),
  }),
  z.object({ code: z.literal('put_off'), later: z.int(), listed: z.int() }),
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
  /** The gravest of all places, at most three: the headline offers them. */
  gravest: z.array(errandValue),
  /** Put off, each until a day; they can be taken up again. */
  putOff: z.array(z.object({ errand: errandValue, until: wire.plainDate })),
  /** On the shopping list already. */
  listed: z.int(),
})
