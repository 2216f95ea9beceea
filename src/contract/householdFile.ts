/**
 * A whole household as a file: every record that was ever made, removed ones and the ledger
 * included, table by table. Written by "Save everything", read by "Bring back"; its JSON Schema
 * goes with it. Nothing of accounts, devices and other households is in it.
 */
import { z } from 'zod'
import { parseExpiry } from '../core/calendar/expiry'
import { isTimeZone } from '../core/calendar/plainDate'
import { MOST_READINGS, SOURCES } from '../core/exposure/readings'
import { BEGINNINGS } from '../core/household/beginning'
import { LABEL_SETS } from '../core/household/labelSet'
import { MOST } from '../core/quantity/amount'
import { PACES } from '../core/rounds/pace'
import { PART_WAYS } from '../core/stock/lot'
import { LINE_STATES } from '../core/trips/trip'
import * as wire from './primitives'
import * as care from './values/care'
import * as cover from './values/cover'
import * as evacuation from './values/evacuation'
import * as exposure from './values/exposure'
import * as items from './values/items'
import * as kits from './values/kits'
import * as members from './values/members'
import * as places from './values/places'
import * as restock from './values/restock'
import * as rounds from './values/rounds'
import * as shopping from './values/shopping'
import * as stock from './values/stock'
import * as trips from './values/trips'

const id = z.uuid()

const day = wire.plainDate

const moment = z.iso.datetime({ offset: true })

const whole = z.int().min(0)

const thousandths = z.int().min(0).max(MOST).describe('Thousandths of the item’s unit')

const text = wire.typed(4000)

const json = new WeakSet<z.ZodType>()

/** A column that holds JSON of its own. */
function nested<T extends z.ZodType>(schema: T): T {
  json.add(schema)
  return schema
}

/** Who made it in which act, and in which it was taken away. */
const acted = {
  id,
  version: whole,
  created_by_act: id.nullable(),
  removed_by_act: id.nullable(),
}

/** Its bytes are a file of their own beside this one. */
const picture = {
  ...acted,
  media_type: z.enum(['image/jpeg', 'image/png', 'image/webp']),
  file: z
    .string()
    .regex(/^photos\/[0-9a-f-]{36}\.(?:jpg|png|webp)$/)
    .describe('Where its bytes are in the archive'),
}

const details = z
  .object({
    expiry: wire.expiry,
    opened: wire.opened,
    condition: wire.condition,
    standing: wire.standing,
    batch: wire.shortText,
    boughtAt: wire.shortText,
    unitPriceMinor: wire.minor.nullable(),
    note: text,
    directions: text,
    forMember: wire.memberId.nullable(),
  })
  .partial()

const at = { pocket: wire.pocketId, was: wire.amount, found: wire.amount }

const way = z.enum(PART_WAYS).optional()

const plainFacts = [
  z.object({ kind: z.literal('received'), to: wire.pocketId, amount: wire.amount }),
  z.object({
    kind: z.literal('used'),
    from: wire.pocketId,
    amount: wire.amount,
    insteadOf: wire.lotId.optional(),
  }),
  z.object({ kind: z.literal('discarded'), from: wire.pocketId, amount: wire.amount }),
  z.object({ kind: z.literal('given'), from: wire.pocketId, amount: wire.amount, to: text }),
  z.object({
    kind: z.literal('moved'),
    from: wire.pocketId,
    to: wire.pocketId,
    amount: wire.amount,
    insteadOf: wire.lotId.optional(),
  }),
  z.object({ kind: z.literal('counted'), ...at }),
  z.object({ kind: z.literal('restated'), ...at }),
  z.object({
    kind: z.literal('split_off'),
    from: wire.pocketId,
    amount: wire.amount,
    into: wire.lotId,
    way,
  }),
  z.object({
    kind: z.literal('split_from'),
    to: wire.pocketId,
    amount: wire.amount,
    outOf: wire.lotId,
    way,
  }),
  z.object({ kind: z.literal('amended'), changes: z.object({ from: details, to: details }) }),
] as const

const ledgerFact = z.discriminatedUnion('kind', [
  ...plainFacts,
  z.object({
    kind: z.literal('undone'),
    undoes: id,
    of: z.discriminatedUnion('kind', [...plainFacts]),
  }),
])

const bulletin = z.object({
  id: text,
  title: text,
  publishedOn: day,
  product: z.object({ catalogueId: text.nullable(), name: text, strength: text }),
  batches: z
    .array(
      z.discriminatedUnion('kind', [
        z.object({ kind: z.literal('one'), batch: text }),
        z.object({ kind: z.literal('range'), from: text, to: text }),
      ]),
    )
    .max(1000),
  reason: text,
  advice: text,
  source: text,
})

/** What follows is in an order in which nothing refers to what comes later. */
export const RECORDS = {
  household: z.strictObject({
    id,
    name: wire.givenName,
    time_zone: z.string().refine(isTimeZone),
    date_order: wire.dateOrder,
    week_start: z.enum(['monday', 'sunday']),
    units: z.enum(['metric', 'us']),
    country: wire.typed(2),
    labels: z.enum(LABEL_SETS).nullable(),
    emergency_number: wire.phone,
    poison_number: wire.phone,
    currency: z.string().regex(/^[A-Z]{3}$/),
    lookahead_days: z.int().min(1).max(366),
    round_pace: z.enum(PACES),
    pharmacy_days: nested(z.array(z.int().min(1).max(7)).max(7)),
    restock: nested(restock.restockSettings.partial()),
    schools: nested(members.chosenSchools),
    beginning: z.enum(BEGINNINGS).default('over'),
    evacuation: nested(evacuation.evacuation.partial().default({})),
    version: whole,
    created_by_act: id.nullable(),
    removed_by_act: z.null(),
  }),
  act: z.strictObject({
    id,
    kind: wire.shortText.min(1),
    who: wire.typed(200),
    at: moment.describe('When it was done'),
    on_day: day,
    why: text,
    undoes: id.nullable(),
    received_at: moment.nullable().describe('When it was heard of, where that was later'),
    after_role: z.boolean().default(false).describe('Done before a role ended, heard of after it'),
  }),
  member: z.strictObject({
    ...acted,
    name: wire.givenName,
    species: wire.species,
    born: day.nullable(),
    helper: z.boolean(),
    note: wire.longText,
    facts: nested(members.memberFacts.nullable()),
    guest_until: day.nullable(),
    guest_days: nested(members.guestDays.nullable().default(null)),
  }),
  weighing: z.strictObject({
    ...acted,
    member_id: id,
    on_day: day,
    grams: wire.grams,
    noted_at: moment,
  }),
  member_photo: z.strictObject({ ...picture, member_id: id }),
  place: z.strictObject({
    ...acted,
    name: wire.givenName,
    hue: places.hue,
    minutes_to_help: places.minutes.nullable(),
    note: wire.longText,
    traits: nested(places.placeTraits),
    rhythm: nested(places.rhythm),
    position: z.int(),
    minutes_to_vet: places.minutes.nullable(),
    signal: places.signal.nullable(),
    climate: places.climate.nullable(),
    usually_there: nested(z.array(id).max(200)),
    vehicle: nested(places.vehicle.nullable().default(null)),
  }),
  visit: z.strictObject({
    ...acted,
    place_id: id,
    starts_on: day,
    ends_on: day,
    label: wire.typed(300),
    source_uid: text.nullable(),
  }),
  list_decision: z.strictObject({
    ...acted,
    place_id: id,
    line_key: text.min(1),
    decision: z.enum(['accepted', 'overruled']),
    note: wire.longText,
  }),
  kit: z.strictObject({
    ...acted,
    place_id: id,
    name: wire.givenName,
    note: wire.longText,
    check_every_days: z.int().min(1).max(1500),
    container: nested(kits.container.nullable()),
    range: kits.range.nullable(),
    whom: kits.whom,
    minutes_away: kits.minutesAway.nullable().default(null),
    goes_with: nested(kits.goesWith.nullable().default(null)),
  }),
  kit_check: z.strictObject({ ...acted, kit_id: id, on_day: day, by_whom: wire.typed(200) }),
  sheet_print: z.strictObject({ ...acted, kit_id: id, on_day: day, fingerprint: wire.typed(200) }),
  paper_print: z.strictObject({
    ...acted,
    paper_key: text.min(1),
    on_day: day,
    fingerprint: wire.typed(200),
    hangs: wire.typed(200),
  }),
  label_print: z.strictObject({
    ...acted,
    kit_id: id,
    label_key: text.min(1),
    on_day: day,
    fingerprint: wire.typed(200),
  }),
  pocket: z.strictObject({
    ...acted,
    kit_id: id,
    name: wire.givenName,
    sort: kits.pocketFacts.sort,
    cell_column: kits.cell.shape.column,
    cell_row: kits.cell.shape.row,
    cell_columns: kits.cell.shape.columns,
    cell_rows: kits.cell.shape.rows,
    reach_seconds: kits.pocketFacts.reachSeconds,
    spot: kits.pocketFacts.spot,
    inner_mm: nested(kits.pocketFacts.inner),
    clear: z.boolean(),
    dry: z.boolean(),
    upright: z.boolean(),
  }),
  item: z.strictObject({
    ...acted,
    name: wire.givenName,
    strength: wire.shortText,
    unit: wire.shortText,
    kind: wire.itemKind,
    purpose: wire.longText,
    for_whom: wire.longText,
    essential: z.boolean(),
    opened_clock: nested(wire.openedClock),
    pack_size: wire.someAmount.nullable(),
    pack_price_minor: wire.minor.nullable(),
    shop: wire.shortText,
    note: wire.longText,
    catalogue_id: wire.catalogueId.nullable(),
    own_facts: nested(members.ownFacts),
    verdict: nested(items.verdict.nullable()),
  }),
  par: z.strictObject({ ...acted, item_id: id, pocket_id: id, amount: wire.someAmount }),
  item_code: z.strictObject({ ...acted, item_id: id, gtin: wire.gtin }),
  shop_offer: z.strictObject({
    ...acted,
    item_id: id,
    shop: wire.givenName,
    pack_size: wire.someAmount,
    price_minor: wire.minor.nullable(),
    lead_days: z.int().min(0).max(366),
  }),
  use_rate: z.strictObject({ ...acted, item_id: id, place_id: id, per_year: thousandths }),
  course: z.strictObject({
    ...acted,
    member_id: id,
    item_id: id,
    reason: wire.longText,
    prescriber: wire.shortText,
    directions: wire.longText,
    per_day: wire.someAmount.nullable(),
    starts_on: day,
    ends_on: day.nullable(),
    release: nested(cover.courseRelease.nullable()),
    confirmed_against_warning: z.boolean(),
  }),
  lot: z.strictObject({
    id,
    item_id: id,
    expiry: z
      .string()
      .refine((written) => parseExpiry(written) !== null)
      .describe('"2027-03-31", "2027-03", "none" printed, or "" where nobody has looked'),
    opened_on: day.nullable(),
    condition: wire.condition,
    standing: nested(wire.standing),
    batch: wire.shortText,
    bought_at: wire.shortText,
    unit_price_minor: wire.minor.nullable(),
    note: wire.longText,
    received_on: day,
    directions: wire.longText,
    for_member_id: id.nullable(),
    origin: nested(z.object({ lotId: id, way: z.enum(PART_WAYS) }).nullable()),
    claimed_on: day.nullable(),
    version: whole.describe('How many entries of the ledger are about it'),
    created_by_act: id.nullable(),
  }),
  lot_paper: z.strictObject({ ...picture, lot_id: id }),
  movement: z
    .strictObject({ id, act_id: id, lot_id: id, fact: nested(ledgerFact) })
    .describe('The ledger, oldest first: what lies where is the sum of it'),
  restock_wish: z.strictObject({
    ...acted,
    kind: z.enum(['carry', 'no_carry', 'buy', 'no_buy']),
    item_id: id,
    lot_id: id.nullable(),
    from_pocket_id: id.nullable(),
    to_pocket_id: id.nullable(),
    shop: wire.shortText,
    amount: thousandths.nullable(),
  }),
  shop_order: z.strictObject({
    ...acted,
    shop: wire.givenName,
    reference: wire.givenName,
    ordered_on: day,
  }),
  purchase: z.strictObject({
    ...acted,
    item_id: id,
    shop: wire.shortText,
    packs: z.int().min(1).max(1000),
    pack_size: wire.someAmount,
    price_minor: wire.minor.nullable(),
    wanted_by: day.nullable(),
    goes_to: nested(z.array(shopping.target).max(60)),
    source: z.enum(['plan', 'hand']),
    state: z.enum(['listed', 'in_bag', 'not_there', 'ordered', 'arrived']),
    on_day: day.nullable(),
    order_id: id.nullable(),
    back_ordered: z.boolean(),
  }),
  recall_notice: z.strictObject({
    ...acted,
    bulletin_id: wire.typed(200).min(1),
    taken_on: day,
    bulletin: nested(bulletin),
  }),
  temperature_log: z.strictObject({
    ...acted,
    place_id: id.nullable(),
    kit_id: id.nullable(),
    pocket_id: id.nullable(),
    name: wire.givenName,
    source: z.enum(SOURCES),
    from_minute: exposure.minute,
    to_minute: exposure.minute,
    readings: z.int().min(1).max(MOST_READINGS),
    body: nested(exposure.logBody),
  }),
  temperature_year: z.strictObject({
    ...acted,
    place_id: id,
    coldest_month: z.int().min(1).max(12),
    coldest: z.int().min(-60).max(50),
    hottest_month: z.int().min(1).max(12),
    hottest: z.int().min(-60).max(60),
    measured: nested(exposure.monthsMet.nullable().default(null)),
  }),
  trip: z.strictObject({
    ...acted,
    name: wire.givenName,
    body: nested(trips.tripFields.omit({ name: true })),
    over_on: day.nullable(),
    missed: wire.longText,
    cursed: wire.longText,
    said: nested(z.array(trips.tripSaid).max(60).default([])),
  }),
  trip_line: z.strictObject({
    ...acted,
    trip_id: id,
    lot_id: id,
    from_pocket_id: id,
    into_pocket_id: id,
    amount: wire.someAmount,
    state: z.enum(LINE_STATES),
  }),
  roadside_taking: z
    .strictObject({
      ...acted,
      item_id: id,
      pocket_id: id,
      amount: wire.someAmount,
      on_day: day,
      by_lid: z.boolean(),
    })
    .describe('Given away at a roadside, and not made up for yet'),
  errand_deferral: z.strictObject({ ...acted, errand_key: text.min(1), until_day: day }),
  stock_view: z.strictObject({ ...acted, name: wire.givenName, filter: nested(stock.stockFilter) }),
  calendar_feed: z
    .strictObject({ ...acted, name: wire.givenName })
    .describe('Its address is made anew by the machine that it is brought back to'),
  round: z.strictObject({
    ...acted,
    kit_id: id,
    pocket_ids: nested(z.array(id).max(500)),
    started_at: moment,
    started_by: wire.typed(200),
    finished_at: moment.nullable(),
    signed_by: wire.typed(200).nullable(),
  }),
  round_entry: z.strictObject({
    ...acted,
    round_id: id,
    pocket_id: id,
    lot_id: id.nullable(),
    said_at: moment,
    said_by: wire.typed(200),
    seconds: z.int().min(0).max(3600),
    fact: nested(rounds.entryFact),
    outcome: nested(rounds.outcome.nullable()),
  }),
  dose_card: z.strictObject({ ...acted, item_id: id.nullable(), body: nested(care.cardBody) }),
  dose_card_member: z.strictObject({ ...acted, card_id: id, member_id: id }),
  card_photo: z.strictObject({ ...picture, card_id: id }),
  recipe: z.strictObject({
    ...acted,
    item_id: id.nullable(),
    member_id: id.nullable(),
    body: nested(care.recipeFields.omit({ itemId: true })),
  }),
  incident: z.strictObject({
    ...acted,
    kind: care.incidentKind.nullable(),
    member_id: id.nullable(),
    guest: nested(care.incidentPatient.nullable()),
    place_id: id.nullable(),
    stop_id: id.nullable().default(null),
    started_at: moment,
    started_by: wire.typed(200),
    ended_at: moment.nullable(),
  }),
  care_entry: z.strictObject({
    ...acted,
    incident_id: id.nullable(),
    member_id: id.nullable(),
    done_at: moment,
    done_by: wire.typed(200),
    fact: nested(care.careFact),
    outcome: nested(care.takeOutcome.nullable()),
  }),
  care_photo: z.strictObject({ ...picture, entry_id: id }),
} as const

export type RecordName = keyof typeof RECORDS

export const RECORD_NAMES = Object.keys(RECORDS) as RecordName[]

/** Their bytes are files of their own. */
export const PICTURE_RECORDS = RECORD_NAMES.filter((name) => 'file' in RECORDS[name].shape)

function parsed(value: unknown): unknown {
  if (typeof value !== 'string') return value
  try {
    return JSON.parse(value)
  } catch {
    return undefined
  }
}

/** Values as an edit keeps them: columns of that table, JSON among them as text. */
function isOfTable(name: RecordName, values: Readonly<Record<string, unknown>>): boolean {
  const columns: Readonly<Record<string, z.ZodType>> = RECORDS[name].shape
  return Object.entries(values).every(([column, value]) => {
    const schema = columns[column]
    if (!schema || column === 'id') return false
    return schema.safeParse(json.has(schema) ? parsed(value) : value).success
  })
}

const recordChange = z
  .strictObject({
    act_id: id,
    position: whole,
    record: z.enum(RECORD_NAMES as [RecordName, ...RecordName[]]),
    record_id: id,
    before: z.record(z.string(), z.unknown()),
    after: z.record(z.string(), z.unknown()),
  })
  .refine(
    ({ record, before, after }) => isOfTable(record, before) && isOfTable(record, after),
    'An edit holds columns of its table',
  )
  .describe('Edits, with what stood there before; undoing puts it back')

export const FORMAT = 'vivid-satchel-household'

/** Raised when an older program could not read what is written. */
export const VERSION = 1

const listOf = <T extends z.ZodType>(row: T) => z.array(row).max(2_000_000)

export const householdFile = z.object({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  savedAt: moment,
  records: z.strictObject({
    ...(Object.fromEntries(
      RECORD_NAMES.map((name) => [
        name,
        name === 'household' ? z.array(RECORDS[name]).length(1) : listOf(RECORDS[name]),
      ]),
    ) as { [Name in RecordName]: z.ZodArray<(typeof RECORDS)[Name]> }),
    record_change: listOf(recordChange),
  }),
})

export type HouseholdFile = z.input<typeof householdFile>

/** How the file is made, for whoever reads it with other tools. */
export const householdFileSchema = (): unknown => ({
  ...z.toJSONSchema(householdFile, { io: 'input', unrepresentable: 'any' }),
  title: 'A household of Vivid Satchel',
  description:
    'Everything that a household recorded. Removed records stay, with the act that removed them. Amounts are whole thousandths of a unit; days are calendar days of the household’s time zone; edits keep JSON columns as text.',
})
