/** Dose cards, mixtures, incidents and their entries. */
import { z } from 'zod'
import { isRoleId, type RoleId } from '../../core/catalogue/roles'
import {
  type IngredientKey,
  type Minutes,
  PORTION_UNITS,
  SIGN_IDS,
  SOURCE_KINDS,
} from '../../core/dosing/card'
import type { Instant } from '../../core/dosing/given'
import { TOPICS } from '../../core/household/told'
import { AGE_UNITS } from '../../core/household/weight'
import { SEEN_IDS, SITES } from '../../core/incident/entry'
import { INCIDENT_KIND_IDS, type IncidentKind } from '../../core/incident/kindNames'
import { MOST_A_MINUTE } from '../../core/incident/readings'
import { MEASURE_UNITS, type Microlitres, type Temperature } from '../../core/quantity/measure'
import * as wire from '../primitives'
import * as household from './household'
import * as members from './members'
import { stop } from './places'

const MOST_THOUSANDTHS = 1_000_000_000

const thousandths = z
  .int('Give a whole number of thousandths')
  .min(1, 'Give more than nothing')
  .max(MOST_THOUSANDTHS)

export const measure = z.object({ unit: z.enum(MEASURE_UNITS), thousandths })

const microlitres = thousandths.transform((value) => value as Microlitres)

export const strength = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('liquid'), holds: measure, in: microlitres }),
  z.object({ kind: z.literal('each'), holds: measure }),
])

export const portionUnit = z.enum(PORTION_UNITS)

export const portion = z.object({ unit: portionUnit, thousandths })

export const doseAmount = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('portion'), portion }),
  z.object({ kind: z.literal('measure'), measure }),
  z.object({ kind: z.literal('rate'), perKg: measure }),
  z.object({ kind: z.literal('pound_rate'), perPound: measure }),
])

const minutes = z
  .int()
  .min(0)
  .max(60 * 24 * 60)
  .transform((value) => value as Minutes)

const range = z.object({ from: z.int().min(0), to: z.int().min(0) })

export const band = z.object({
  printed: wire.shortText,
  grams: range.nullable(),
  months: z
    .object({ from: z.int().min(0).max(1800), below: z.int().min(0).max(1800).nullable() })
    .nullable(),
  both: z.literal(true).optional(),
  amount: doseAmount,
  upTo: doseAmount.nullable(),
  afterFirst: doseAmount.nullable(),
  again: minutes,
  mostDoses: z.int().min(1, 'At least one dose').max(48).nullable(),
  most: doseAmount.nullable(),
})

const cardSource = z.object({
  kind: z.enum(SOURCE_KINDS),
  who: wire.shortText,
  on: wire.plainDate.nullable(),
})

/** What of a card is written down; whom it is for comes beside it. */
export const cardBody = z.object({
  about: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('substance'), substance: members.substance }),
    z.object({ kind: z.literal('item'), itemId: wire.itemId, name: wire.shortText }),
  ]),
  name: wire.givenName,
  unit: portionUnit,
  strength: strength.nullable(),
  cuts: z.union([z.literal(1), z.literal(2), z.literal(4)]),
  bands: z.tuple([band], band).readonly(),
  largest: measure.nullable(),
  purpose: wire.shortText,
  days: z.int().min(1).max(366).nullable(),
  series: z
    .object({ apartHours: z.int().min(1).max(240), mostHours: z.int().min(1).max(2400) })
    .optional(),
  notWith: z.array(z.enum(SIGN_IDS)).max(SIGN_IDS.length).readonly(),
  notWithUnderYears: z.int().min(1).max(120).nullable(),
  stop: z.array(wire.shortText).max(20).readonly(),
  directions: wire.longText,
  source: cardSource,
  reviewOn: wire.plainDate.nullable(),
  endsOn: wire.plainDate.nullable(),
  confirmed: z.object({ who: wire.shortText, on: wire.plainDate, why: wire.longText }).nullable(),
})

export const cardFor = z.array(wire.memberId).min(1, 'Say whom it is for').max(30)

export const card = cardBody.extend({
  id: wire.cardId,
  for: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('people') }),
    z.object({ kind: z.literal('members'), memberIds: z.array(wire.memberId).readonly() }),
  ]),
  version: wire.version,
})

const percent = z.int().min(1).max(100_000)

const role = z
  .string()
  .refine(isRoleId, 'Name a role of the reference list')
  .transform((text) => text as RoleId)

const perLitre = z.object({
  name: wire.shortText,
  eighths: z.int().min(1).max(2000),
  never: z.enum(['more', 'either']),
})

export const recipeBody = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('dilution'),
    substance: members.substance,
    stocks: z.array(percent).min(1).max(10).readonly(),
    wanted: percent,
  }),
  z.object({ kind: z.literal('drink'), perLitre: z.array(perLitre).min(1).max(10).readonly() }),
  z.object({ kind: z.literal('saline') }),
  z.object({
    kind: z.literal('feed'),
    rule: z.object({
      powderParts: z.int().min(1).max(100),
      waterParts: z.int().min(1).max(100),
      makes: z.number().positive().max(200).optional(),
      perKg: microlitres,
      feedsADay: z.int().min(1, 'At least one feed a day').max(24),
    }),
    memberId: wire.memberId.nullable(),
  }),
])

export const recipeFields = z.object({
  name: wire.givenName,
  purpose: wire.shortText,
  body: recipeBody,
  takes: z.array(role).max(10).readonly(),
  itemId: wire.itemId.nullable(),
  keepHours: z
    .int()
    .min(1, 'Say how many hours it keeps')
    .max(24 * 60),
  cautions: z.array(wire.shortText).max(10).readonly(),
  source: z.object({
    who: wire.shortText.min(1, 'Say who says so: the pack, the vet'),
    on: wire.plainDate.nullable(),
  }),
})

export const recipe = recipeFields.extend({ id: z.string(), version: wire.version })

export const incidentKind = z.enum(INCIDENT_KIND_IDS as readonly [IncidentKind, ...IncidentKind[]])

export const incidentPatient = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('member'), memberId: wire.memberId }),
  z.object({
    kind: z.literal('guest'),
    name: wire.givenName,
    species: wire.species,
    years: z.int().min(0).max(120).nullable(),
    age: z
      .object({ count: z.int().min(0).max(40_000), unit: z.enum(AGE_UNITS) })
      .nullable()
      .optional(),
    grownUp: z.boolean().optional(),
    conditions: wire.shortText.optional(),
    medicines: wire.shortText.optional(),
    bloodThinner: z.boolean().optional(),
    noneOf: z.array(z.enum(TOPICS)).max(3).readonly().optional(),
    grams: z.int().min(1).max(1_500_000).nullable(),
    allergies: wire.shortText,
  }),
])

const instant = z.number().transform((value) => value as Instant)

const ingredientKey = wire
  .typed(80)
  .min(1)
  .transform((text) => text as IngredientKey)

const held = z.object({ key: ingredientKey, measure: measure.nullable() })

const doseRule = z.object({
  key: ingredientKey,
  again: minutes,
  mostDoses: z.int().min(1).max(48).nullable(),
  most: measure.nullable(),
})

const takes = z
  .array(z.object({ lotId: wire.lotId, pocketId: wire.pocketId, amount: wire.someAmount }))
  .max(30)
  .readonly()

const rate = z.int().min(1).max(MOST_A_MINUTE)

const reading = z.discriminatedUnion('of', [
  z.object({
    of: z.literal('temperature'),
    value: z
      .int()
      .min(1500, 'No body is that cold: is it another unit?')
      .max(4600, 'No body is that hot: is it another unit?')
      .transform((value) => value as Temperature),
    site: z.enum(SITES),
  }),
  z.object({ of: z.literal('pulse'), value: rate }),
  z.object({ of: z.literal('breathing'), value: rate }),
])

export const careFact = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('about'),
    what: incidentKind.optional(),
    patient: incidentPatient.optional(),
    placeId: wire.placeId.nullable().optional(),
    stopId: wire.stopId.nullable().optional(),
  }),
  z.object({
    kind: z.literal('dose'),
    cardId: wire.cardId.nullable(),
    title: wire.givenName,
    portion,
    holds: z.array(held).max(10).readonly(),
    rule: doseRule.nullable(),
    takes,
    anyway: wire.longText,
  }),
  z.object({ kind: z.literal('used'), title: wire.givenName, words: wire.shortText, takes }),
  z.object({ kind: z.literal('reading'), reading }),
  z.object({
    kind: z.literal('seen'),
    seen: z
      .array(z.enum(SEEN_IDS as readonly [string, ...string[]]))
      .max(SEEN_IDS.length)
      .readonly(),
    words: wire.longText,
  }),
  z.object({ kind: z.literal('photo'), words: wire.shortText }),
  z.object({ kind: z.literal('note'), words: wire.longText.min(1, 'Say something') }),
  z.object({ kind: z.literal('called'), whom: wire.shortText.min(1) }),
  z.object({ kind: z.literal('tourniquet'), where: wire.shortText }),
  z.object({
    kind: z.literal('timer'),
    what: wire.shortText.min(1),
    minutes: z
      .int()
      .min(1)
      .max(60 * 24 * 60),
  }),
  z.object({ kind: z.literal('timer_done'), timer: wire.shortText.min(1) }),
  z.object({
    kind: z.literal('step'),
    guide: wire.shortText.min(1),
    step: z.int().min(0).max(60),
    words: wire.longText,
  }),
  z.object({
    kind: z.literal('mixed'),
    title: wire.givenName,
    words: wire.shortText,
    keepHours: z
      .int()
      .min(1)
      .max(24 * 60),
    takes,
  }),
  z.object({ kind: z.literal('struck'), entryId: wire.careEntryId }),
  z.object({ kind: z.literal('ended') }),
  z.object({ kind: z.literal('reopened') }),
  z.object({
    kind: z.literal('looking_back'),
    worked: wire.longText,
    missing: wire.longText,
    next: wire.longText,
  }),
])

/** The act that each kind of entry is recorded as. */
export const careActs = careFact.options.map(({ shape }) => `care_${shape.kind.value}` as const)

export const takeOutcome = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('taken') }),
  z.object({ kind: z.literal('short'), titles: z.array(z.string()).readonly() }),
])

export const careEntry = z.object({
  id: wire.careEntryId,
  incidentId: wire.incidentId.nullable(),
  memberId: wire.memberId.nullable(),
  at: instant,
  by: z.string(),
  fact: careFact,
  outcome: takeOutcome.nullable(),
})

export const incident = z.object({
  id: wire.incidentId,
  kind: incidentKind.nullable(),
  patient: incidentPatient,
  placeId: wire.placeId.nullable(),
  stopId: wire.stopId.nullable().optional(),
  startedAt: instant,
  startedBy: z.string(),
})

/** What goes on, and which timers run, for every screen. */
export const openIncidents = z.object({
  now: instant,
  timeZone: z.string(),
  going: z.array(
    z.object({
      id: wire.incidentId,
      who: z.string(),
      kind: incidentKind.nullable(),
      since: instant,
    }),
  ),
  timers: z.array(
    z.object({
      key: z.string(),
      incidentId: wire.incidentId,
      who: z.string(),
      what: z.string(),
      kind: z.enum(['set', 'next_dose', 'throw_away']),
      due: instant,
    }),
  ),
})

/** A stop of a trip on the day: what lies there, and whom to call. */
export const stopNow = z.object({
  trip: z.string(),
  stop,
  bags: z.array(wire.kitId).readonly(),
  numbers: z.object({ emergency: z.string(), poison: z.string() }),
})

/** Everything that the bench and incidents need besides the stock. */
export const careValue = z.object({
  /** The server's time: devices' clocks differ. */
  now: instant,
  today: wire.plainDate,
  timeZone: z.string(),
  units: z.enum(['metric', 'us']),
  pharmacyDays: household.householdValue.shape.pharmacyDays,
  cards: z.array(card).readonly(),
  /** Cards of which the label of the pack was photographed. */
  photographed: z.array(z.string()).default([]),
  recipes: z.array(recipe).readonly(),
  /** All that go on, and the latest that have ended. */
  incidents: z.array(incident).readonly(),
  /** Where somebody of the household is on a trip today, and where the incidents that are listed happened. */
  stops: z.array(stopNow).readonly().default([]),
  /** Of these incidents, and every dose of the last two weeks. */
  entries: z.array(careEntry).readonly(),
})
