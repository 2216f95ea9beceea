/**
 * What the demo's vet said, a mixture, a tick of last month that is over, and a dose of this
 * morning: so that the bench has something to wait for. All made up.
 */
import { addCard, addRecipe } from '../app/care/cardActs'
import { sayCare, startIncident } from '../app/care/careActs'
import { readOpenIncidents } from '../app/care/readCare'
import type { Caller, World } from '../app/frame/world'
import { addDays, type PlainDate } from '../core/calendar/plainDate'
import { type CardId, hours, type IngredientKey } from '../core/dosing/card'
import type { ItemId, MemberId, PlaceId } from '../core/ids'
import type { CareEntryId, CareFact, IncidentId } from '../core/incident/entry'
import { millilitres } from '../core/quantity/measure'
import type { DemoItemKey } from './household'

export interface DemoCare {
  readonly items: ReadonlyMap<DemoItemKey, ItemId>
  readonly members: ReadonlyMap<string, MemberId>
  readonly placeId: PlaceId
  readonly today: PlainDate
  readonly newId: () => string
}

/** The dose of this morning, so long ago. */
const MINUTES_AGO = 168
const TICK_DAYS_AGO = 31

export async function liveCare(
  on: (daysAgo: number) => World,
  now: World,
  caller: Caller,
  { items, members, placeId, today, newId }: DemoCare,
): Promise<void> {
  const member = (name: string): MemberId => {
    const memberId = members.get(name)
    if (!memberId) throw new Error(`The demo has no member ${name}`)
    return memberId
  }
  const itemId = items.get('thyroid')
  if (!itemId) throw new Error('The demo has no thyroid tablets')
  await addCard(on(118), caller, {
    key: `demo-card-${caller.householdId}`,
    memberIds: [member('Moth')],
    body: {
      about: { kind: 'item', itemId, name: 'Thyroid tablets' },
      name: 'Thyroid tablets',
      unit: 'tablet',
      strength: { kind: 'each', holds: { unit: 'mg', thousandths: 2500 } },
      cuts: 1,
      bands: [
        {
          printed: '',
          grams: null,
          months: null,
          amount: { kind: 'measure', measure: { unit: 'mg', thousandths: 2500 } },
          upTo: null,
          afterFirst: null,
          again: hours(10),
          mostDoses: 2,
          most: null,
        },
      ],
      largest: null,
      purpose: 'Overactive thyroid',
      days: null,
      notWith: ['vomiting'],
      notWithUnderYears: null,
      stop: ['does not eat, scratches at the face, or is dull'],
      directions: 'With food, morning and evening. Gloves for whoever is pregnant.',
      source: { kind: 'vet', who: 'Dr Fenwick', on: addDays(today, -118) },
      reviewOn: addDays(today, 60),
      endsOn: null,
      confirmed: null,
    },
  })
  await addRecipe(on(100), caller, {
    key: `demo-recipe-${caller.householdId}`,
    name: 'Recovery food for Moth',
    purpose: 'Does not eat; only when Dr Fenwick says so',
    body: {
      kind: 'feed',
      rule: { powderParts: 1, waterParts: 2, perKg: millilitres(12), feedsADay: 5 },
      memberId: member('Moth'),
    },
    takes: ['recovery-food'],
    itemId: items.get('recovery') ?? null,
    keepHours: 12,
    cautions: ['Warm, never hot. Upright, from the side, time to swallow.'],
    source: { who: 'Dr Fenwick, and the pack', on: addDays(today, -100) },
  })
  await theTick(on, caller, { memberId: member('Ned'), placeId, newId })
  await say(now, { ...caller, name: 'Tove', takenAgo: MINUTES_AGO * 60_000 }, newId, {
    incidentId: null,
    memberId: member('Ned'),
    fact: {
      kind: 'dose',
      cardId: 'label:acetaminophen-liquid' as CardId,
      title: 'Acetaminophen liquid',
      portion: { unit: 'mL', thousandths: 10_000 },
      holds: [
        { key: 'acetaminophen' as IngredientKey, measure: { unit: 'mg', thousandths: 320_000 } },
      ],
      rule: {
        key: 'acetaminophen' as IngredientKey,
        again: hours(4),
        mostDoses: 5,
        most: { unit: 'mg', thousandths: 1_600_000 },
      },
      takes: [],
      anyway: '',
    },
  })
}

async function say(
  world: World,
  caller: Caller,
  newId: () => string,
  said: {
    readonly incidentId: IncidentId | null
    readonly memberId: MemberId
    readonly fact: CareFact
  },
): Promise<void> {
  const entryId = newId() as CareEntryId
  await sayCare(world, caller, { key: entryId, entryId, ...said, photo: null })
}

async function theTick(
  on: (daysAgo: number) => World,
  caller: Caller,
  {
    memberId,
    placeId,
    newId,
  }: Pick<DemoCare, 'placeId' | 'newId'> & { readonly memberId: MemberId },
): Promise<void> {
  const incidentId = newId() as IncidentId
  await startIncident(on(TICK_DAYS_AGO), caller, {
    key: incidentId,
    incidentId,
    kind: 'tick',
    patient: { kind: 'member', memberId },
    placeId,
  })
  const facts: readonly CareFact[] = [
    { kind: 'note', words: 'Back of the left knee, flat, pulled out whole' },
    { kind: 'timer', what: 'Tick bite: a red ring? Photo, doctor', minutes: 10 * 24 * 60 },
    { kind: 'ended' },
  ]
  for (const fact of facts)
    await say(on(TICK_DAYS_AGO), caller, newId, { incidentId, memberId, fact })
  const timers = await dueTimer(on(TICK_DAYS_AGO - 10), caller, incidentId)
  for (const timer of timers)
    await say(on(TICK_DAYS_AGO - 10), { ...caller, name: 'Tove' }, newId, {
      incidentId,
      memberId,
      fact: { kind: 'timer_done', timer },
    })
}

async function dueTimer(world: World, caller: Caller, incidentId: IncidentId) {
  const { timers } = await readOpenIncidents(world, caller)
  return timers.filter((timer) => timer.incidentId === incidentId).map(({ key }) => key)
}
