/** What every capability speaks of: ids, amounts, days, and texts as people give them. Bounded, checked once. */
import { z } from 'zod'
import {
  isPlainDate,
  isPlainMonth,
  type PlainDate,
  type PlainMonth,
} from '../core/calendar/plainDate'
import { DATE_ORDERS } from '../core/calendar/readPrintedDate'
import type { CardId } from '../core/dosing/card'
import type { Millimetres } from '../core/household/pocket'
import { SPECIES } from '../core/household/species'
import type {
  ActId,
  CourseId,
  EveningId,
  InvitationId,
  ItemId,
  KitId,
  LotId,
  MemberId,
  PersonId,
  PlaceId,
  PocketId,
  PurchaseId,
  ShopOfferId,
  ShopOrderId,
  StopId,
  TemperatureLogId,
  TripId,
  TripLineId,
  VisitId,
  WeighingId,
  WishId,
} from '../core/ids'
import type { CareEntryId, IncidentId } from '../core/incident/entry'
import type { RecipeId } from '../core/mixing/recipe'
import { type Amount, MOST, type Total } from '../core/quantity/amount'
import type { EntryId, RoundId } from '../core/rounds/round'
import { isOpenedRuleId, type OpenedRuleId } from '../core/shelf-life/openedRules'
import { ITEM_KINDS } from '../core/stock/itemKind'
import { CONDITIONS } from '../core/stock/lot'

// ---- ids ---------------------------------------------------------------------------------

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
export const tripId = idOf<TripId>()
export const stopId = idOf<StopId>()
export const tripLineId = idOf<TripLineId>()
export const temperatureLogId = idOf<TemperatureLogId>()
export const personId = idOf<PersonId>()
export const invitationId = idOf<InvitationId>()
export const eveningId = idOf<EveningId>()
export const roundId = idOf<RoundId>()
export const entryId = idOf<EntryId>()
export const incidentId = idOf<IncidentId>()
export const careEntryId = idOf<CareEntryId>()
export const recipeId = idOf<RecipeId>()

/** A card of the household; a shipped one cannot be changed. */
export const ownCardId = idOf<CardId>()

export const cardId = z
  .string()
  .regex(/^(?:label:[a-z0-9-]{1,60}|[0-9a-f-]{36})$/, 'Name a card')
  .transform((text) => text as CardId)

export const gtin = z.string().regex(/^\d{14}$/, 'Give fourteen digits')

// ---- texts and days ----------------------------------------------------------------------

/** Line breaks and tabs may be written; other control characters and half characters may not. */
const isWritable = (text: string): boolean =>
  !/[^\P{Cc}\t\n\r]/u.test(text) && !/\p{Surrogate}/u.test(text)

/**
 * Text that somebody typed, trimmed, of at most so many characters. The database keeps no NUL, UTF-8 no half
 * of a surrogate pair, and no screen shows the other control characters: they are refused by name.
 */
export const typed = (most: number, tooLong = `Keep this under ${most} characters`) =>
  z
    .string()
    .trim()
    .max(most, tooLong)
    .refine(isWritable, 'Leave out the characters that cannot be shown (control characters)')

/** A name somebody gives: trimmed, one line, 1–120 characters. */
export const givenName = typed(120, 'Keep the name under 120 characters')
  .min(1, 'Give a name')
  .refine((text) => !/\p{Cc}/u.test(text), 'Leave out line breaks and control characters')

export const shortText = typed(120)

export const longText = typed(2000)

/** A number to call, as it is written on a card. */
export const phone = typed(40)

/** An entry of the shipped catalogue. */
export const catalogueId = typed(80).min(1)

export const plainDate = z
  .string()
  .refine(isPlainDate, 'Give a day of the calendar as 2027-03-31')
  .transform((text) => text as PlainDate)

export const plainMonth = z
  .string()
  .refine(isPlainMonth, 'Give a month as 2027-03')
  .transform((text) => text as PlainMonth)

export const weekday = z.union([
  z.literal(1),
  z.literal(2),
  z.literal(3),
  z.literal(4),
  z.literal(5),
  z.literal(6),
  z.literal(7),
])

export const dateOrder = z.enum(DATE_ORDERS)

/** A picture as a data URL. */
export const photo = z
  .string()
  .max(800_000, 'Choose a smaller picture')
  .regex(
    /^data:image\/(?:jpeg|png|webp);base64,[A-Za-z0-9+/]+=*$/,
    'Choose a picture: JPEG, PNG or WebP',
  )

/** A paper's name; one that is none of ours stands for A4. */
export const paper = typed(20).optional()

// ---- amounts -----------------------------------------------------------------------------

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

export const grams = z.int('Give whole grams').min(1).max(2_000_000)

export const minor = z.int().min(0).max(100_000_000)

const edge = z.int('Give whole millimetres').min(1).max(5000)

/** Longest first, however they were typed. */
export const millimetres = z
  .tuple([edge, edge, edge])
  .readonly()
  .transform((edges) => [...edges].sort((a, b) => b - a) as unknown as Millimetres)

// ---- what a lot is -----------------------------------------------------------------------

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

export const condition = z.enum(CONDITIONS)

export const standing = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('ready') }),
  z.object({
    kind: z.literal('held'),
    reason: shortText.min(1, 'Say what it waits for'),
    recall: shortText.optional(),
    exposure: z.literal(true).optional(),
  }),
  z.object({ kind: z.literal('lent'), to: shortText.min(1, 'Say who has it'), since: plainDate }),
  z.object({ kind: z.literal('unclean'), since: plainDate }),
  z.object({ kind: z.literal('missing'), since: plainDate }),
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

export const itemKind = z.enum(ITEM_KINDS)

export const species = z.enum(SPECIES)

export const oneOf = <T extends string>(ids: readonly T[]) => z.enum(ids as readonly [T, ...T[]])

// ---- what acts on a record ask and answer ------------------------------------------------

export const version = z.int().min(0)

export const seen = {
  seenVersion: version.describe('The version of the record that was on the screen'),
}

export const ofLot = z.object({ lotId })
export const ofKit = z.object({ kitId })
export const ofPocket = z.object({ pocketId })
export const ofPlace = z.object({ placeId })

export const taking = { pocketId, amount: someAmount, ...seen }

/** What every change answers: the act, for undoing it. */
export const done = z.object({ actId })
