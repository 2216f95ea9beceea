/** A place with a kit of two pockets and one lot in it, made by the use cases themselves. */

import { addCard, addRecipe } from '../../src/app/care/cardActs'
import { sayCare, startIncident } from '../../src/app/care/careActs'
import type { Caller, World } from '../../src/app/frame/world'
import { createKit } from '../../src/app/kits/kitActs'
import { readKit } from '../../src/app/kits/readKits'
import { addCourse } from '../../src/app/members/courseActs'
import { addMember, weigh } from '../../src/app/members/memberActs'
import { addVisit, createPlace } from '../../src/app/places/placeActs'
import { receiveLot } from '../../src/app/stock/receiveLot'
import { plainDate, plainMonth } from '../../src/core/calendar/plainDate'
import type { CareEntryId, IncidentId } from '../../src/core/incident/entry'
import { units } from '../../src/core/quantity/amount'
import type { CardBody } from '../../src/db/care/care'
import { newKey } from './application'
import { A_PHOTO } from './photo'

export async function stocked(world: World, caller: Caller, howMany = 10) {
  const { placeId } = await createPlace(world, caller, {
    key: newKey(),
    name: 'Cottage',
    rhythm: { kind: 'visits' },
    minutesToHelp: 40,
    note: '',
    traits: [],
  })
  const { visitId } = await addVisit(world, caller, {
    key: newKey(),
    placeId,
    startsOn: plainDate('2026-12-05'),
    endsOn: plainDate('2026-12-07'),
    label: 'A weekend',
  })
  const { kitId } = await createKit(world, caller, {
    key: newKey(),
    placeId,
    name: 'Pantry roll',
    note: '',
    pockets: ['Lid', 'Tray'],
  })
  const { memberId } = await addMember(world, caller, {
    key: newKey(),
    name: 'Ned',
    species: 'person',
    born: null,
    helper: false,
    note: '',
    facts: null,
    guestUntil: null,
    grams: null,
  })
  const { pockets } = await readKit(world, caller, kitId)
  const [lid, tray] = pockets.map(({ id }) => id)
  if (!lid || !tray) throw new Error('The kit was made with two pockets')
  const { lotId, itemId, actId } = await receiveLot(world, caller, {
    key: newKey(),
    pocketId: lid,
    item: {
      new: {
        name: 'Eye drops',
        strength: '10 mL',
        unit: 'bottle',
        purpose: 'Dry eyes',
        forWhom: '',
      },
    },
    amount: units(howMany),
    par: units(12),
    expiry: { kind: 'month', month: plainMonth('2028-03') },
    openedOn: null,
    batch: 'B7',
    boughtAt: 'Corner pharmacy',
    unitPriceMinor: 490,
    note: '',
  })
  return { placeId, visitId, kitId, memberId, lid, tray, pocketId: lid, lotId, itemId, actId }
}

/** A weight and a prescription for the member of a stocked household. */
export async function cared(
  world: World,
  caller: Caller,
  { memberId, itemId }: Awaited<ReturnType<typeof stocked>>,
) {
  const { weighingId } = await weigh(world, caller, {
    key: newKey(),
    memberId,
    on: plainDate('2026-11-01'),
    grams: 25_100,
    sure: false,
  })
  const { courseId } = await addCourse(world, caller, {
    key: newKey(),
    memberId,
    itemId,
    reason: 'Hay fever',
    prescriber: 'Dr Aske',
    directions: 'One drop a day',
    perDay: null,
    unit: '',
    startsOn: plainDate('2026-11-01'),
    endsOn: null,
    confirmedAgainstWarning: false,
  })
  return { weighingId, courseId }
}

/** What a doctor said, as it is sent. */
export const aDoseRule = {
  about: { kind: 'substance', substance: 'cetirizine' },
  name: 'Cetirizine as Dr Aske said',
  unit: 'tablet',
  strength: { kind: 'each', holds: { unit: 'mg', thousandths: 10_000 } },
  cuts: 2,
  bands: [
    {
      printed: '',
      grams: null,
      months: null,
      amount: { kind: 'measure', measure: { unit: 'mg', thousandths: 5000 } },
      upTo: null,
      afterFirst: null,
      again: 720,
      mostDoses: 2,
      most: { kind: 'measure', measure: { unit: 'mg', thousandths: 10_000 } },
    },
  ],
  largest: null,
  purpose: 'Hay fever',
  days: null,
  notWith: [],
  notWithUnderYears: null,
  stop: ['swelling'],
  directions: '',
  source: { kind: 'doctor', who: 'Dr Aske', on: '2026-11-01' },
  reviewOn: null,
  endsOn: null,
  confirmed: null,
} as const

/** A rule, a mixture and an incident with an entry and its photo. */
export async function minded(
  world: World,
  caller: Caller,
  {
    memberId,
    placeId,
    itemId,
  }: Pick<Awaited<ReturnType<typeof stocked>>, 'memberId' | 'placeId' | 'itemId'>,
) {
  const { cardId } = await addCard(world, caller, {
    key: newKey(),
    memberIds: [memberId],
    body: aDoseRule as unknown as CardBody,
  })
  const { recipeId } = await addRecipe(world, caller, {
    key: newKey(),
    name: 'Salt water',
    purpose: '',
    body: { kind: 'saline' },
    takes: [],
    itemId,
    keepHours: 24,
    cautions: [],
    source: { who: 'Dr Aske', on: null },
  })
  const incidentId = newKey() as IncidentId
  await startIncident(world, caller, {
    key: incidentId,
    incidentId,
    kind: 'fever',
    patient: { kind: 'member', memberId },
    placeId,
  })
  const entryId = newKey() as CareEntryId
  await sayCare(world, caller, {
    key: entryId,
    entryId,
    incidentId,
    memberId,
    fact: { kind: 'photo', words: 'Rash' },
    photo: { type: 'image/png', bytes: Buffer.from(A_PHOTO.split(',')[1] ?? '', 'base64') },
  })
  return { cardId, recipeId, incidentId, entryId }
}
