/** Every JSON endpoint of the application. */
import { z } from 'zod'
import { isTimeZone } from '../core/calendar/plainDate'
import { LABEL_SETS } from '../core/household/labelSet'
import { FIELDS } from '../core/interchange/headings'
import { courseRelease, coverValue } from './coverValues'
import { endpoint, LIST_BYTES } from './endpoint'
import * as kit from './kitValues'
import { chosenSchools, memberFacts, ownFacts } from './memberValues'
import { phone, typed } from './texts'
import * as v from './values'

const ofLot = z.object({ lotId: v.lotId })
const ofKit = z.object({ kitId: v.kitId })
const ofPocket = z.object({ pocketId: v.pocketId })
const ofPlace = z.object({ placeId: v.placeId })
const seen = { seenVersion: v.version.describe('The version of the record that was on the screen') }
const taking = { pocketId: v.pocketId, amount: v.someAmount, ...seen }

const placeFacts = {
  minutesToVet: kit.minutes.nullable().optional(),
  signal: kit.signal.nullable().optional(),
  climate: kit.climate.nullable().optional(),
  usuallyThere: z.array(v.memberId).max(60).optional(),
}

export const readWatch = endpoint(
  'GET',
  '/api/watch',
  'What every place needs, and when',
  {
    query: z.object({ place: v.placeId.optional() }),
  },
  v.watchValue,
)
export const readStrap = endpoint(
  'GET',
  '/api/places',
  'Places with their state and when somebody is next there',
  {},
  v.strap,
)
export const createPlace = endpoint(
  'POST',
  '/api/places',
  'Add a place',
  {
    body: z.object({
      name: v.givenName,
      rhythm: v.rhythm,
      minutesToHelp: kit.minutes.nullable().default(null),
      ...placeFacts,
      note: v.longText.default(''),
      traits: v.placeTraits
        .optional()
        .describe('What can happen there; guessed from the name when left out'),
    }),
  },
  v.done.extend({ placeId: v.placeId }),
)
export const changePlace = endpoint(
  'PATCH',
  '/api/places/{placeId}',
  'Change a place',
  {
    params: ofPlace,
    body: z.object({
      ...seen,
      name: v.givenName.optional(),
      hue: v.hue.optional(),
      rhythm: v.rhythm.optional(),
      minutesToHelp: kit.minutes.nullable().optional(),
      ...placeFacts,
      note: v.longText.optional(),
      traits: v.placeTraits.optional(),
    }),
  },
  v.done,
)
export const addVisit = endpoint(
  'POST',
  '/api/places/{placeId}/visits',
  'Add a dated visit',
  {
    params: ofPlace,
    body: z
      .object({ startsOn: v.plainDate, endsOn: v.plainDate, label: v.shortText.default('') })
      .refine(
        ({ startsOn, endsOn }) => startsOn <= endsOn,
        'A visit ends on or after the day it starts',
      ),
  },
  v.done.extend({ visitId: v.visitId }),
)
export const removeVisit = endpoint(
  'DELETE',
  '/api/visits/{visitId}',
  'Take a visit away',
  {
    params: z.object({ visitId: v.visitId }),
  },
  v.done,
)

export const readKits = endpoint(
  'GET',
  '/api/kits',
  'All kits with their state',
  {},
  z.object({ kits: z.array(v.kitCard), pockets: z.array(v.pocketRef) }),
)
export const createKit = endpoint(
  'POST',
  '/api/kits',
  'Add a kit with its pockets',
  {
    body: z.object({
      placeId: v.placeId,
      name: v.givenName,
      note: v.longText.default(''),
      shape: kit.shape.optional().describe('Fills in the pockets such a container usually has'),
      pockets: z
        .array(v.givenName)
        .max(20)
        .default([])
        .describe('By name alone; after those of the shape'),
    }),
  },
  v.done.extend({ kitId: v.kitId }),
)
export const readKit = endpoint(
  'GET',
  '/api/kits/{kitId}',
  'A kit as a mat: every pocket and lot',
  { params: ofKit },
  v.kitValue,
)
export const changeKit = endpoint(
  'PATCH',
  '/api/kits/{kitId}',
  'Change a kit',
  {
    params: ofKit,
    body: z.object({
      ...seen,
      name: v.givenName.optional(),
      note: v.longText.optional(),
      placeId: v.placeId.optional(),
      checkEveryDays: z.int().min(1).max(1500).optional(),
      container: kit.container.nullable().optional(),
    }),
  },
  v.done,
)
export const checkKit = endpoint(
  'POST',
  '/api/kits/{kitId}/checks',
  'Note that the kit was looked through today',
  { params: ofKit },
  v.done,
)
export const addPocket = endpoint(
  'POST',
  '/api/kits/{kitId}/pockets',
  'Add a pocket',
  {
    params: ofKit,
    body: z.object({ name: v.givenName, ...z.object(kit.pocketFacts).partial().shape }),
  },
  v.done.extend({ pocketId: v.pocketId }),
)
export const changePocket = endpoint(
  'PATCH',
  '/api/pockets/{pocketId}',
  'Rename a pocket, measure it or say how it is reached',
  {
    params: ofPocket,
    body: z.object({
      ...seen,
      name: v.givenName.optional(),
      ...z.object(kit.pocketFacts).partial().shape,
    }),
  },
  v.done,
)

export const newItem = z.object({
  name: v.givenName,
  strength: v.shortText.default(''),
  unit: v.shortText.default(''),
  purpose: v.longText.default(''),
  forWhom: v.shortText.default(''),
  kind: v.itemKind.optional(),
  catalogueId: v.catalogueId.optional().describe('The entry that the keeper chose while typing'),
})
export const receiveLot = endpoint(
  'POST',
  '/api/pockets/{pocketId}/lots',
  'Receive a lot into a pocket, of a known or a new item',
  {
    params: ofPocket,
    body: z.object({
      item: z.union([z.object({ id: v.itemId }), z.object({ new: newItem })]),
      amount: v.someAmount,
      par: v.someAmount
        .nullable()
        .default(null)
        .describe('How many belong here from now on; null leaves it'),
      expiry: v.expiry,
      openedOn: v.plainDate.nullable().default(null),
      batch: v.shortText.default(''),
      boughtAt: v.shortText.default(''),
      unitPriceMinor: v.minor.nullable().default(null),
      note: v.longText.default(''),
      directions: v.longText.default(''),
      forMember: v.memberId.nullable().default(null),
    }),
  },
  v.done.extend({ lotId: v.lotId, itemId: v.itemId }),
)
export const setPar = endpoint(
  'PUT',
  '/api/pockets/{pocketId}/pars/{itemId}',
  'Set how many of an item belong in a pocket; 0 for none',
  {
    params: z.object({ pocketId: v.pocketId, itemId: v.itemId }),
    body: z.object({ amount: v.amount }),
  },
  v.done,
)
export const readItems = endpoint(
  'GET',
  '/api/items',
  'The kinds of thing the household keeps',
  {},
  z.object({ items: z.array(v.itemValue) }),
)
const itemPatch = z.object({
  ...seen,
  name: v.givenName.optional(),
  strength: v.shortText.optional(),
  unit: v.shortText.optional(),
  kind: v.itemKind.optional(),
  purpose: v.longText.optional(),
  forWhom: v.shortText.optional(),
  essential: z.boolean().optional(),
  openedClock: v.openedClock.optional(),
  packSize: v.someAmount.nullable().optional(),
  packPriceMinor: v.minor.nullable().optional(),
  shop: v.shortText.optional(),
  note: v.longText.optional(),
  catalogueId: v.catalogueId.nullable().optional(),
  own: ownFacts.optional(),
  verdict: v.verdict.nullable().optional(),
})
export const changeItem = endpoint(
  'PATCH',
  '/api/items/{itemId}',
  'Change an item',
  {
    params: z.object({ itemId: v.itemId }),
    body: itemPatch,
  },
  v.done,
)
export const matchItems = endpoint(
  'POST',
  '/api/items/matches',
  'Confirm which catalogue entries items are; null for plain items',
  {
    body: z.object({
      matches: z
        .array(
          z.object({
            itemId: v.itemId,
            catalogueId: v.catalogueId.nullable(),
            own: ownFacts.optional(),
            kind: v.itemKind.optional(),
            openedClock: v.openedClock.optional(),
          }),
        )
        .min(1)
        .max(500),
    }),
  },
  v.done.extend({ matched: z.int() }),
)

export const readLot = endpoint(
  'GET',
  '/api/lots/{lotId}',
  'A lot, where it lies and what became of it',
  { params: ofLot },
  z.object({
    lot: v.lotValue,
    item: v.itemValue,
    /** A photo of the directions is kept with it or with the lot it came from. */
    hasPaper: z.boolean(),
    holdings: z.array(z.object({ pocket: v.pocketRef, amount: v.amount, judged: v.lotState })),
    history: z.array(v.historyEntry),
    /** How many there were after each movement, oldest first. */
    totals: z.array(z.object({ day: v.plainDate, total: v.total })),
  }),
)
export const useLot = endpoint(
  'POST',
  '/api/lots/{lotId}/use',
  'Use some',
  { params: ofLot, body: z.object(taking) },
  v.done,
)
export const openLot = endpoint(
  'POST',
  '/api/lots/{lotId}/open',
  'Open some: what is opened runs on its own clock',
  {
    params: ofLot,
    body: z.object({
      ...taking,
      on: v.plainDate,
      keeps: z
        .object({
          period: v.openedPeriod,
          source: v.shortText.min(1, 'Say where it stands: the label, the prescriber'),
        })
        .optional()
        .describe(
          'How long it keeps once opened, as its label says; from now on for all of the item',
        ),
    }),
  },
  v.done,
)
export const moveLot = endpoint(
  'POST',
  '/api/lots/{lotId}/move',
  'Move some to another pocket',
  {
    params: ofLot,
    body: z.object({ ...taking, to: v.pocketId }),
  },
  v.done,
)
export const discardLot = endpoint(
  'POST',
  '/api/lots/{lotId}/discard',
  'Throw some away safely',
  { params: ofLot, body: z.object(taking) },
  v.done,
)
export const countLot = endpoint(
  'POST',
  '/api/lots/{lotId}/count',
  'Correct or confirm the count',
  {
    params: ofLot,
    body: z.object({ pocketId: v.pocketId, found: v.amount, ...seen }),
  },
  v.done,
)
export const amendLot = endpoint(
  'PATCH',
  '/api/lots/{lotId}',
  'Change the details of a lot',
  {
    params: ofLot,
    body: z.object({
      ...seen,
      expiry: v.expiry.optional(),
      opened: v.opened.optional(),
      condition: v.condition.optional(),
      standing: v.standing.optional(),
      batch: v.shortText.optional(),
      boughtAt: v.shortText.optional(),
      unitPriceMinor: v.minor.nullable().optional(),
      note: v.longText.optional(),
      directions: v.longText.optional(),
      forMember: v.memberId.nullable().optional(),
      part: z
        .object({ pocketId: v.pocketId, amount: v.someAmount })
        .optional()
        .describe('When it is true only of some; they go on as a lot of their own'),
      item: itemPatch.optional().describe('Details of its item that change with it'),
    }),
  },
  v.done,
)

export const readActs = endpoint(
  'GET',
  '/api/acts',
  'What was done lately',
  {},
  z.object({
    acts: z.array(
      z.object({
        id: v.actId,
        kind: z.string(),
        who: z.string(),
        at: z.string(),
        why: z.string(),
        undone: z.boolean(),
      }),
    ),
  }),
)
export const undoAct = endpoint(
  'POST',
  '/api/acts/{actId}/undo',
  'Take an act back',
  { params: z.object({ actId: v.actId }) },
  v.done,
)

const errandKey = typed(120).min(8)
export const doErrand = endpoint(
  'POST',
  '/api/errands/done',
  'Do an errand: throw away, put on the list, note the check, put back',
  { body: z.object({ key: errandKey }) },
  v.done,
)
export const putOffErrand = endpoint(
  'POST',
  '/api/errands/put-off',
  'Put an errand off to the next chance',
  { body: z.object({ key: errandKey }) },
  v.done.extend({ until: v.plainDate }),
)

export const find = endpoint(
  'GET',
  '/api/find',
  'Find anything by its words',
  { query: z.object({ q: typed(120) }) },
  z.object({ found: z.array(v.foundThing) }),
)

const listLine = z.object({
  line: z.int().min(0),
  cells: z.partialRecord(z.enum(FIELDS), typed(4000)),
})
const site = z.object({ place: v.givenName, kit: v.givenName, pocket: v.givenName })
export const readKnown = endpoint(
  'GET',
  '/api/imports/known',
  'What a list is compared with',
  {},
  z.object({
    items: z.array(
      z.object({ id: v.itemId, name: z.string(), strength: z.string(), unit: z.string() }),
    ),
    pockets: z.array(
      z.object({ id: v.pocketId, place: z.string(), kit: z.string(), pocket: z.string() }),
    ),
    lots: z.array(
      z.object({
        itemId: v.itemId,
        pocketId: v.pocketId,
        amount: v.amount,
        expiry: z.string(),
        openedOn: z.string().nullable(),
        batch: z.string(),
      }),
    ),
    pars: z.array(z.object({ itemId: v.itemId, pocketId: v.pocketId, amount: v.amount })),
  }),
)
export const bringIn = endpoint(
  'POST',
  '/api/imports',
  'Bring a list in, whole or not at all',
  {
    mostBytes: LIST_BYTES,
    body: z.object({
      name: v.shortText.default(''),
      fallback: site,
      claimedOn: v.plainDate
        .nullable()
        .optional()
        .describe(
          'The day on which the list was true; null where all of it has just been counted; left out, it is a claim of today',
        ),
      lines: z.array(listLine).min(1, 'There is no line to bring in').max(20_000),
    }),
  },
  v.done.extend({
    lots: z.int(),
    already: z.int(),
    skipped: z.int(),
    items: z.int(),
    held: z.int(),
    made: z.object({
      places: z.array(z.string()).readonly(),
      kits: z.array(z.string()).readonly(),
      pockets: z.array(z.string()).readonly(),
    }),
  }),
)

export const readHousehold = endpoint(
  'GET',
  '/api/household',
  'The household, its members and places',
  {},
  z.object({
    household: v.householdValue,
    members: z.array(v.memberValue),
    places: z.array(
      z.object({
        id: v.placeId,
        name: z.string(),
        hue: v.hue,
        minutesToHelp: z.int().nullable(),
        note: z.string(),
        traits: v.placeTraits,
        minutesToVet: z.int().nullable(),
        signal: kit.signal.nullable(),
        climate: kit.climate.nullable(),
        usuallyThere: z.array(v.memberId).readonly(),
        rhythm: v.rhythm,
        visits: z.array(v.visitValue),
        version: v.version,
      }),
    ),
  }),
)
export const changeHousehold = endpoint(
  'PATCH',
  '/api/household',
  'Change the household',
  {
    body: z.object({
      ...seen,
      name: v.givenName.optional(),
      timeZone: z
        .string()
        .max(60)
        .refine(isTimeZone, 'Give a time zone such as Europe/Oslo')
        .optional(),
      dateOrder: v.dateOrder.optional(),
      weekStart: z.enum(['monday', 'sunday']).optional(),
      units: z.enum(['metric', 'us']).optional(),
      country: z
        .string()
        .regex(/^(?:[A-Z]{2})?$/, 'Give a country code of two letters')
        .optional(),
      labels: z.enum(LABEL_SETS).nullable().optional(),
      emergencyNumber: phone.optional(),
      poisonNumber: phone.optional(),
      currency: z
        .string()
        .regex(/^[A-Z]{3}$/, 'Give a currency code of three letters')
        .optional(),
      lookaheadDays: z.int().min(1).max(366).optional(),
      roundPace: v.householdValue.shape.roundPace.optional(),
      pharmacyDays: v.householdValue.shape.pharmacyDays.optional(),
      schools: chosenSchools.optional(),
    }),
  },
  v.done,
)
const memberFields = {
  name: v.givenName,
  species: v.species,
  born: v.plainDate.nullable(),
  helper: z.boolean(),
  note: v.longText,
  facts: memberFacts,
  guestUntil: v.plainDate.nullable(),
}
const ofMember = z.object({ memberId: v.memberId })
const ofCourse = z.object({ courseId: v.courseId })
export const addMember = endpoint(
  'POST',
  '/api/members',
  'Add a person or an animal; a guest goes after a day',
  {
    body: z.object({
      ...memberFields,
      born: memberFields.born.default(null),
      helper: memberFields.helper.default(false),
      note: memberFields.note.default(''),
      facts: memberFields.facts.nullable().default(null),
      guestUntil: memberFields.guestUntil.default(null),
      grams: v.grams.nullable().default(null),
    }),
  },
  v.done.extend({ memberId: v.memberId }),
)
export const changeMember = endpoint(
  'PATCH',
  '/api/members/{memberId}',
  'Change a member',
  { params: ofMember, body: z.object({ ...seen, ...z.object(memberFields).partial().shape }) },
  v.done,
)
export const removeMember = endpoint(
  'DELETE',
  '/api/members/{memberId}',
  'Take a member off the household',
  { params: ofMember },
  v.done,
)
export const weigh = endpoint(
  'POST',
  '/api/members/{memberId}/weighings',
  'Note a weight',
  {
    params: ofMember,
    body: z.object({
      on: v.plainDate,
      grams: v.grams,
      sure: z.boolean().default(false).describe('It differs much from the last one, and is meant'),
    }),
  },
  v.done.extend({ weighingId: v.weighingId }),
)
export const removeWeighing = endpoint(
  'DELETE',
  '/api/weighings/{weighingId}',
  'Take a weight away',
  { params: z.object({ weighingId: v.weighingId }) },
  v.done,
)
export const setPhoto = endpoint(
  'PUT',
  '/api/members/{memberId}/photo',
  'Set the photo of a member; null takes it away',
  {
    params: ofMember,
    body: z.object({
      photo: v.photo.nullable(),
    }),
  },
  v.done,
)

const courseFields = {
  reason: v.shortText,
  prescriber: v.shortText,
  directions: v.longText,
  perDay: v.someAmount.nullable(),
  unit: v.shortText.describe('The unit the amount was given in; empty for the item’s own'),
  startsOn: v.plainDate,
  endsOn: v.plainDate.nullable(),
  confirmedAgainstWarning: z.boolean(),
}
const inOrder = ({
  startsOn,
  endsOn,
}: {
  startsOn?: string | undefined
  endsOn?: string | null | undefined
}): boolean => !startsOn || !endsOn || startsOn <= endsOn
export const addCourse = endpoint(
  'POST',
  '/api/members/{memberId}/courses',
  'Add a prescription',
  {
    params: ofMember,
    body: z
      .object({
        itemId: v.itemId,
        ...courseFields,
        directions: courseFields.directions.default(''),
        unit: courseFields.unit.default(''),
        confirmedAgainstWarning: courseFields.confirmedAgainstWarning.default(false),
      })
      .refine(inOrder, 'A course ends on or after the day it starts'),
  },
  v.done.extend({ courseId: v.courseId }),
)
export const changeCourse = endpoint(
  'PATCH',
  '/api/courses/{courseId}',
  'Change a prescription, or note the prescriber’s word on what is left',
  {
    params: ofCourse,
    body: z
      .object({
        ...seen,
        ...z.object(courseFields).partial().shape,
        release: courseRelease.nullable().optional(),
      })
      .refine(inOrder, 'A course ends on or after the day it starts'),
  },
  v.done,
)
export const removeCourse = endpoint(
  'DELETE',
  '/api/courses/{courseId}',
  'Take a prescription away',
  { params: ofCourse },
  v.done,
)

const lineKey = typed(120).min(1)
export const decideLines = endpoint(
  'POST',
  '/api/places/{placeId}/list',
  'Accept, overrule or reopen proposed lines of a place’s list',
  {
    params: ofPlace,
    body: z.object({
      lines: z
        .array(
          z.discriminatedUnion('decision', [
            z.object({
              decision: z.literal('accepted'),
              key: lineKey,
              thing: z.union([
                z.object({ itemId: v.itemId }),
                z.object({ entryId: v.catalogueId }),
              ]),
              par: v.someAmount,
              pocketId: v.pocketId,
            }),
            z.object({
              decision: z.literal('overruled'),
              key: lineKey,
              note: v.longText.min(1, 'Say why: the next keeper will ask'),
            }),
            z.object({ decision: z.literal('open'), key: lineKey }),
          ]),
        )
        .min(1)
        .max(300),
    }),
  },
  v.done.extend({ decided: z.int() }),
)

export const readCover = endpoint(
  'GET',
  '/api/cover',
  'Everything that cover is judged from',
  {},
  coverValue,
)
