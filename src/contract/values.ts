/** The values that cross the wire, as schemas. Text is bounded; dates and ids are checked once, here. */
import { z } from 'zod'
import { DATE_ORDERS } from '../core/calendar/readPrintedDate'
import { TOPICS } from '../core/household/asked'
import { LABEL_SETS } from '../core/household/labelSet'
import { HUES, PLACE_TRAIT_IDS, type PlaceTrait } from '../core/household/places'
import { SPECIES } from '../core/household/species'
import type {
  ActId,
  CourseId,
  ItemId,
  KitId,
  LotId,
  MemberId,
  PlaceId,
  PocketId,
  PurchaseId,
  ShopOfferId,
  ShopOrderId,
  VisitId,
  WeighingId,
  WishId,
} from '../core/ids'
import { type Amount, MOST, type Total } from '../core/quantity/amount'
import { DUE_CODES, PACES } from '../core/rounds/pace'
import { isOpenedRuleId, type OpenedRuleId } from '../core/shelf-life/openedRules'
import { ITEM_KINDS } from '../core/stock/item'
import { CONDITIONS, PART_WAYS } from '../core/stock/lot'
import { TELLING_KINDS } from '../core/stock/telling'
import { VERDICT_KINDS, type VerdictKind } from '../core/stock/verdict'
import { ERRAND_ACTS } from '../core/watch/errands'
import * as kit from './kitValues'
import { chosenSchools, memberFacts, ownFacts } from './memberValues'
import { plainDate, plainMonth, shortText, typed } from './texts'

export { givenName, longText, plainDate, shortText } from './texts'

const idOf = <Id extends string>() => z.uuid().transform((text) => text.toLowerCase() as Id)
export const actId = idOf<ActId>()
export const itemId = idOf<ItemId>()
export const kitId = idOf<KitId>()
export const lotId = idOf<LotId>()
export const memberId = idOf<MemberId>()
export const courseId = idOf<CourseId>()
export const weighingId = idOf<WeighingId>()
export const placeId = idOf<PlaceId>()
export const pocketId = idOf<PocketId>()
export const visitId = idOf<VisitId>()
export const shopOfferId = idOf<ShopOfferId>()
export const wishId = idOf<WishId>()
export const purchaseId = idOf<PurchaseId>()
export const shopOrderId = idOf<ShopOrderId>()

/** Thousandths of the item's unit. */
export const amount = z
  .int('Give a number of thousandths')
  .min(0, 'An amount cannot be less than nothing')
  .max(MOST, 'More than a hundred thousand is refused')
  .transform((value) => value as Amount)
export const someAmount = z
  .int('Give a number of thousandths')
  .min(1, 'Give an amount above nothing')
  .max(MOST, 'More than a hundred thousand is refused')
  .transform((value) => value as Amount)
/** Thousandths over any number of lots: not bounded like one of them. It is only ever answered. */
export const total = z
  .int()
  .min(0)
  .transform((value) => value as Total)
export const version = z.int().min(0)

/** A picture as a data URL. */
export const photo = z
  .string()
  .max(800_000, 'Choose a smaller picture')
  .regex(
    /^data:image\/(?:jpeg|png|webp);base64,[A-Za-z0-9+/]+=*$/,
    'Choose a picture: JPEG, PNG or WebP',
  )

export const minor = z.int().min(0).max(100_000_000)

export const expiry = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('day'), day: plainDate }),
  z.object({ kind: z.literal('month'), month: plainMonth }),
  z.object({ kind: z.literal('none') }),
  z.object({ kind: z.literal('unknown') }),
])
export const opened = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('sealed') }),
  z.object({ kind: z.literal('opened'), on: plainDate }),
])
export const openedPeriod = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('days'), days: z.int().min(1).max(3660) }),
  z.object({ kind: z.literal('months'), months: z.int().min(1).max(120) }),
  z.object({ kind: z.literal('hours'), hours: z.int().min(1).max(720) }),
  z.object({ kind: z.literal('that_day') }),
  z.object({ kind: z.literal('at_once') }),
  z.object({ kind: z.literal('printed') }),
  z.object({ kind: z.literal('course') }),
])
export const openedClock = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('rule'),
    rule: z
      .string()
      .refine(isOpenedRuleId, 'Name one of the opened rules')
      .transform((text) => text as OpenedRuleId),
  }),
  z.object({
    kind: z.literal('own'),
    period: openedPeriod,
    source: shortText.min(1, 'Say where the days come from: the label, the prescriber'),
  }),
  z.object({ kind: z.literal('unset') }),
])
export const standing = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('ready') }),
  z.object({
    kind: z.literal('held'),
    reason: shortText.min(1, 'Say what it waits for'),
    recall: shortText.optional(),
  }),
  z.object({ kind: z.literal('lent'), to: shortText.min(1, 'Say who has it'), since: plainDate }),
  z.object({ kind: z.literal('unclean'), since: plainDate }),
  z.object({ kind: z.literal('missing'), since: plainDate }),
])
export const condition = z.enum(CONDITIONS)
export const itemKind = z.enum(ITEM_KINDS)
export const hue = z.enum(HUES)
const weekday = z.union([
  z.literal(1),
  z.literal(2),
  z.literal(3),
  z.literal(4),
  z.literal(5),
  z.literal(6),
  z.literal(7),
])
export const rhythm = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('always') }),
  z.object({
    kind: z.literal('weekdays'),
    days: z.array(weekday).min(1, 'Pick a day').max(7),
  }),
  z.object({
    kind: z.literal('season'),
    days: z.array(weekday).min(1, 'Pick a day').max(7),
    fromMonth: z.int().min(1).max(12),
    toMonth: z.int().min(1).max(12),
  }),
  z.object({ kind: z.literal('visits') }),
])
export const species = z.enum(SPECIES)
export const placeTraits = z
  .array(z.enum(PLACE_TRAIT_IDS as [PlaceTrait, ...PlaceTrait[]]))
  .max(PLACE_TRAIT_IDS.length)
  .readonly()
/** An entry of the shipped catalogue. */
export const catalogueId = typed(80).min(1)
export const grams = z.int('Give whole grams').min(1).max(2_000_000)

const clock = z.enum(['printed', 'opened'])
const lastGood = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('day'), day: plainDate, clock }),
  z.object({ kind: z.literal('over') }),
  z.object({ kind: z.literal('open_ended'), why: z.enum(['none_printed', 'not_recorded']) }),
])
export const spentWhy = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('date'), day: plainDate, clock }),
  z.object({ kind: z.literal('opened') }),
  z.object({ kind: z.literal('condition'), condition }),
])
export const LOT_STATES = [
  'sound',
  'turning',
  'spent',
  'held',
  'unclean',
  'lent',
  'missing',
] as const
const heldBecause = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('said'), reason: z.string() }),
  z.object({ kind: z.literal('left_over'), prescriber: z.string() }),
  z.object({ kind: z.literal('not_judged') }),
  z.object({ kind: z.literal('opened_no_period'), on: plainDate }),
])
export const lotState = z.discriminatedUnion('state', [
  z.object({ state: z.literal('sound'), lastGood }),
  z.object({ state: z.literal('turning'), day: plainDate, clock }),
  z.object({ state: z.literal('spent'), why: spentWhy }),
  z.object({ state: z.literal('held'), because: heldBecause, lastGood }),
  z.object({ state: z.literal('lent'), to: z.string(), since: plainDate, lastGood }),
  z.object({ state: z.literal('unclean'), since: plainDate, lastGood }),
  z.object({ state: z.literal('missing'), since: plainDate, lastGood }),
])
export const nextThere = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('now'), label: z.string() }),
  z.object({ kind: z.literal('on'), day: plainDate, label: z.string() }),
  z.object({ kind: z.literal('unknown') }),
])

export const dateOrder = z.enum(DATE_ORDERS)
export const householdValue = z.object({
  name: z.string(),
  timeZone: z.string(),
  dateOrder: dateOrder,
  weekStart: z.enum(['monday', 'sunday']),
  units: z.enum(['metric', 'us']),
  country: z.string(),
  labels: z.enum(LABEL_SETS).nullable(),
  emergencyNumber: z.string(),
  poisonNumber: z.string(),
  currency: z.string(),
  lookaheadDays: z.int(),
  roundPace: z.enum(PACES),
  pharmacyDays: z.array(weekday).max(7).readonly(),
  schools: chosenSchools,
  version,
})
export const memberValue = z.object({
  id: memberId,
  name: z.string(),
  species,
  born: plainDate.nullable(),
  helper: z.boolean(),
  note: z.string(),
  facts: memberFacts,
  weighings: z
    .array(
      z.object({
        id: weighingId,
        on: plainDate,
        grams: z.int(),
        notedAt: z.number().optional(),
      }),
    )
    .readonly(),
  guestUntil: plainDate.nullable(),
  version,
})
export const visitValue = z.object({
  id: visitId,
  startsOn: plainDate,
  endsOn: plainDate,
  label: z.string(),
})

/** A place on the strap. */
export const strapPlace = z.object({
  id: placeId,
  name: z.string(),
  hue,
  next: nextThere,
  readiness: z.int().nullable(),
  todo: z.int(),
})
export const strap = z.object({
  today: plainDate,
  /** How the household writes dates and money. */
  habits: z.object({
    dateOrder,
    currency: z.string(),
    units: z.enum(['metric', 'us']),
    timeZone: z.string(),
  }),
  places: z.array(strapPlace),
  /** When the household is deleted, and who asked for it; null where it stays. */
  deletion: z.object({ askedBy: z.string(), dueAt: z.string() }).nullable().default(null),
})

export const verdict = z.object({
  kind: z.enum(VERDICT_KINDS as [VerdictKind, ...VerdictKind[]]),
  words: shortText,
  on: plainDate,
})
export const itemValue = z.object({
  id: itemId,
  name: z.string(),
  strength: z.string(),
  unit: z.string(),
  kind: itemKind,
  purpose: z.string(),
  forWhom: z.string(),
  essential: z.boolean(),
  openedClock,
  packSize: amount.nullable(),
  packPriceMinor: minor.nullable(),
  shop: z.string(),
  note: z.string(),
  catalogueId: z.string().nullable(),
  own: ownFacts,
  verdict: verdict.nullable(),
  version,
})
export const lotValue = z.object({
  id: lotId,
  itemId,
  expiry,
  opened,
  condition,
  standing,
  batch: z.string(),
  boughtAt: z.string(),
  unitPriceMinor: minor.nullable(),
  note: z.string(),
  directions: z.string(),
  forMember: memberId.nullable(),
  receivedOn: plainDate,
  origin: z.object({ lotId, way: z.enum(PART_WAYS) }).nullable(),
  claimedOn: plainDate.nullable(),
  version,
})

const spareAt = z.object({ place: z.string(), amount: total }).nullable()
export const errandReason = z.discriminatedUnion('code', [
  z.object({ code: z.literal('spent'), why: spentWhy }),
  z.object({ code: z.literal('held'), because: heldBecause }),
  z.object({ code: z.literal('lent'), to: z.string(), since: plainDate }),
  z.object({ code: z.literal('unclean'), since: plainDate }),
  z.object({ code: z.literal('missing'), since: plainDate }),
  z.object({ code: z.literal('turns'), day: plainDate, clock, spare: spareAt }),
  z.object({ code: z.literal('below_par'), good: total, par: amount, spare: spareAt }),
  z.object({
    code: z.literal('round_due'),
    why: z.enum(DUE_CODES),
    since: plainDate.nullable(),
    pockets: z.int(),
    allPockets: z.int(),
  }),
  z.object({ code: z.literal('dates_missing'), count: z.int() }),
])
export const errandAct = z.enum(ERRAND_ACTS)
export const errandValue = z.object({
  key: z.string(),
  act: errandAct,
  kitId,
  kit: z.string(),
  pocket: z.string(),
  title: z.string(),
  unit: z.string(),
  itemKind: itemKind.nullable(),
  lotId: lotId.nullable(),
  amount,
  reason: errandReason,
  due: plainDate.nullable(),
  essential: z.boolean(),
})

const ribbonLot = z.object({
  lotId,
  kitId,
  kit: z.string(),
  title: z.string(),
  day: plainDate,
  amount,
  unit: z.string(),
  turning: z.boolean(),
})
export const ribbonValue = z.object({
  from: plainDate,
  to: plainDate,
  lanes: z.array(
    z.object({
      placeId,
      visits: z.array(z.object({ startsOn: plainDate, endsOn: plainDate, label: z.string() })),
      tags: z.array(
        z.object({
          day: plainDate,
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
    visit: plainDate,
  }),
  z.object({ code: z.literal('spent'), count: z.int(), places: z.array(z.string()) }),
  z.object({ code: z.literal('turning'), count: z.int(), places: z.array(z.string()) }),
  z.object({ code: z.literal('below_par'), count: z.int(), places: z.array(z.string()) }),
  z.object({ code: z.literal('all_well'), nextDay: plainDate.nullable() }),
])

export const watchValue = z.object({
  strap,
  headline,
  ribbon: ribbonValue,
  groups: z.array(
    z.object({ placeId, next: nextThere, total: z.int(), errands: z.array(errandValue) }),
  ),
  /** Put off for now. */
  later: z.int(),
  /** On the shopping list already. */
  listed: z.int(),
  /** Lots that a bulletin recalls and that are not on hold yet. */
  recalled: z.int(),
  /** Members of whom nobody has asked what decides who may have what. */
  unasked: z.array(z.object({ memberId, name: z.string(), topics: z.array(z.enum(TOPICS)) })),
})

export const tagValue = z.object({
  lot: lotValue,
  amount,
  judged: lotState,
  /** About so many uses are left; null where one is one use. */
  uses: z.int().nullable(),
  confirmed: z.object({ on: plainDate, by: z.string() }).nullable(),
})
export const lineValue = z.object({
  item: itemValue,
  par: amount,
  good: total,
  state: z.enum(['enough', 'thin', 'bare']),
  /** The lot to take first; null when none may be used. */
  firstOut: lotId.nullable(),
  tags: z.array(tagValue),
})
export const pocketValue = z.object({
  id: pocketId,
  name: z.string(),
  ...kit.pocketFacts,
  cell: kit.cell,
  fill: kit.fill,
  version,
  lines: z.array(lineValue),
})
export const pocketRef = z.object({
  id: pocketId,
  name: z.string(),
  kitId,
  kit: z.string(),
  placeId,
  place: z.string(),
})
export const kitValue = z.object({
  /** The lid sheet that somebody noted as printed; null when nobody has. */
  lidSheet: z.object({ on: plainDate, upToDate: z.boolean() }).nullable(),
  id: kitId,
  name: z.string(),
  note: z.string(),
  checkEveryDays: z.int(),
  container: kit.container.nullable(),
  load: kit.load,
  pointers: z.array(
    z.object({
      code: kit.pointerCode,
      pocketId,
      things: z.array(z.string()).readonly(),
      seconds: z.number().nullable(),
    }),
  ),
  members: z.array(z.object({ id: memberId, name: z.string() })),
  lastCheck: z.object({ on: plainDate, by: z.string() }).nullable(),
  version,
  place: strapPlace,
  nextCheck: plainDate,
  readiness: z.int().nullable(),
  pockets: z.array(pocketValue),
})
export const kitCard = z.object({
  id: kitId,
  placeId,
  name: z.string(),
  note: z.string(),
  readiness: z.int().nullable(),
  pockets: z.int(),
  lots: z.int(),
  spent: z.int(),
  turning: z.int(),
  short: z.int(),
  lastCheck: z.object({ on: plainDate, by: z.string() }).nullable(),
})

export const foundThing = z.object({
  kind: z.enum(['lot', 'bare', 'kit', 'place', 'pocket']),
  title: z.string(),
  where: z.string(),
  detail: z.string(),
  href: z.string(),
  state: z.enum([...LOT_STATES, 'bare', 'none']),
})

export const historyEntry = z.object({
  actId,
  day: plainDate,
  who: z.string(),
  why: z.string(),
  kind: z.enum(TELLING_KINDS),
  /** It takes a movement back. */
  undone: z.boolean(),
  amount: amount.nullable(),
  from: z.string().nullable(),
  to: z.string().nullable(),
  /** Names of the details that were changed. */
  fields: z.array(z.string()).readonly(),
  about: z.string(),
  overruled: z.boolean(),
})

/** What every change answers: the act, for undoing it. */
export const done = z.object({ actId })
