/** What cover is judged from. */
import { z } from 'zod'
import { SCHOOL_QUESTIONS, type Schools } from '../../core/cover/schools'
import { LABEL_SETS } from '../../core/household/labelSet'
import * as wire from '../primitives'
import * as items from './items'
import * as kits from './kits'
import * as members from './members'
import * as places from './places'
import * as stock from './stock'

/** The prescriber's word on what is left over. */
export const courseRelease = z.object({
  by: wire.shortText.min(1, 'Name the prescriber'),
  on: wire.plainDate,
  words: wire.longText.min(1, 'Write down what was said'),
})

const courseValue = z.object({
  id: wire.courseId,
  memberId: wire.memberId,
  itemId: wire.itemId,
  reason: z.string(),
  prescriber: z.string(),
  directions: z.string(),
  perDay: wire.amount.nullable(),
  startsOn: wire.plainDate,
  endsOn: wire.plainDate.nullable(),
  release: courseRelease.nullable(),
  confirmedAgainstWarning: z.boolean(),
  version: wire.version,
})

const schools = z.custom<Schools>(
  (value) =>
    typeof value === 'object' &&
    value !== null &&
    SCHOOL_QUESTIONS.every((question) => question in value),
)

export const coverValue = z.object({
  today: wire.plainDate,
  household: z.string(),
  units: z.enum(['metric', 'us']),
  /** ISO 3166, or empty: which of two names of an ingredient is shown. */
  country: z.string(),
  /** Whose labels are followed; none where a device kept its copy before anybody was asked. */
  labels: z.enum(LABEL_SETS).default('none'),
  /** What a vet has written a dose card for. */
  signed: z
    .array(
      z.object({
        memberId: wire.memberId,
        substance: members.substance,
        vet: z.string(),
        until: wire.plainDate.nullable(),
        confirmedAgainstWarning: z.boolean(),
      }),
    )
    .default([]),
  numbers: z.object({ emergency: z.string(), poison: z.string() }),
  schools,
  members: z.array(members.memberValue),
  photos: z.array(z.object({ id: z.string(), memberId: wire.memberId })),
  courses: z.array(courseValue),
  decisions: z.array(
    z.object({
      placeId: wire.placeId,
      key: z.string(),
      decision: z.enum(['accepted', 'overruled']),
      note: z.string(),
    }),
  ),
  places: z.array(
    z.object({
      id: wire.placeId,
      name: z.string(),
      hue: places.hue,
      minutesToHelp: z.int().nullable(),
      traits: places.placeTraits,
      isStore: z.boolean(),
      usuallyThere: z.array(wire.memberId).readonly().default([]),
      elsewhere: z
        .array(z.object({ memberId: wire.memberId, from: wire.plainDate, to: wire.plainDate }))
        .readonly()
        .optional(),
    }),
  ),
  kits: z.array(
    z.object({
      id: wire.kitId,
      placeId: wire.placeId,
      name: z.string(),
      range: kits.range.nullable().default(null),
      whom: kits.whom.default('everybody'),
      minutesAway: kits.minutesAway.nullable().default(null),
      goesWith: kits.goesWith.nullable().default(null),
      isAway: z.boolean().optional(),
    }),
  ),
  pockets: z.array(
    z.object({
      id: wire.pocketId,
      kitId: wire.kitId,
      name: z.string(),
      reachSeconds: z.int().nullable(),
    }),
  ),
  items: z.array(items.itemValue),
  lots: z.array(
    stock.lotValue.pick({
      id: true,
      itemId: true,
      expiry: true,
      opened: true,
      condition: true,
      standing: true,
      forMember: true,
    }),
  ),
  holdings: z.array(z.object({ lotId: wire.lotId, pocketId: wire.pocketId, amount: wire.amount })),
  pars: z.array(z.object({ itemId: wire.itemId, pocketId: wire.pocketId, amount: wire.amount })),
})
