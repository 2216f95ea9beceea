/** The judged stock with who looked at what, and from that when each kit is next to be looked at. */
import type { PlainDate, Weekday } from '../../core/calendar/plainDate'
import { catalogue } from '../../core/catalogue/catalogue'
import { type HarmAhead, harmsAhead } from '../../core/exposure/harmsAhead'
import { type Keeping, keepingOf } from '../../core/exposure/storage'
import type { ItemId, LotId } from '../../core/ids'
import { type FollowUp, followUpsOf } from '../../core/incident/followUps'
import { memberOf } from '../../core/incident/patient'
import type { Judged } from '../../core/judgement/judgement'
import { harshLines } from '../../core/restock/weatherOf'
import type { Taking } from '../../core/roadside/taking'
import type { Sighting } from '../../core/rounds/contents'
import { type KitRound, kitRounds } from '../../core/rounds/due'
import { learnSpeed, type Speed } from '../../core/rounds/duration'
import type { LineState } from '../../core/trips/trip'
import type { TripToDo } from '../../core/watch/ofTrips'
import type { Survey } from '../../core/watch/survey'
import { readCareEntries, readIncidents } from '../../db/care/care'
import { readYears } from '../../db/exposure/temperatures'
import { readConfirmations } from '../../db/record/history'
import { openTakings } from '../../db/roadside/takings'
import { readSightings, readTimings } from '../../db/rounds/rounds'
import { openTrips, readTripLines } from '../../db/trips/trips'
import { judgedStockOf, judgedWith } from '../cover/judgementOf'
import { onceAwaitedFor } from '../frame/cache'
import {
  type Confirmed,
  confirmedStockOf,
  type Reading,
  surveyNow,
  type Today,
} from '../frame/world'

export interface InspectedStock extends Confirmed {
  readonly sightings: ReadonlyMap<LotId, Sighting>
  readonly speed: Speed
  readonly rounds: readonly KitRound[]
  readonly judged: Judged
  readonly pharmacyDays: readonly Weekday[]
  readonly followUps: readonly FollowUp[]
  readonly trips: readonly TripToDo[]
  readonly coming: readonly HarmAhead[]
  readonly harsh: ReadonlySet<string>
  readonly takings: readonly Taking[]
}

const inspectedWith = async (
  { trx, household, today }: Today,
  confirmed: Confirmed,
  judged: Judged,
): Promise<InspectedStock> => {
  const years = await readYears(trx)
  const { survey } = confirmed
  return {
    ...confirmed,
    judged,
    pharmacyDays: household.pharmacyDays,
    followUps: await readFollowUps(trx, household.timeZone, judged, today),
    trips: await tripsToDo(trx),
    coming: harmsAhead(survey, years, keepingIn(judged)),
    harsh: harshLines(survey, { years, keepingOf: keepingIn(judged) }),
    takings: await openTakings(trx),
    sightings: await readSightings(trx, household.timeZone),
    speed: learnSpeed(await readTimings(trx)),
    rounds: kitRounds(confirmed.survey, confirmed.confirmations, household.roundPace, catalogue()),
  }
}

/** How each item is to be kept, by what is known of it. */
const keepingIn =
  ({ pantry }: Judged) =>
  (itemId: ItemId): Keeping | undefined => {
    const facts = pantry.things[pantry.thingOf.get(itemId) ?? -1]?.facts
    return facts && keepingOf(facts)
  }

async function tripsToDo(trx: Today['trx']): Promise<readonly TripToDo[]> {
  const open = await openTrips(trx)
  const lines = open.length === 0 ? [] : await readTripLines(trx)
  return open.map((trip) => {
    const count = (wanted: LineState): number =>
      lines.filter(({ tripId, state }) => tripId === trip.id && state === wanted).length
    return { trip, toPack: count('to_pack'), packed: count('packed') }
  })
}

/** So many of those that have ended are looked through for what was to be looked at later. */
const MOST_ENDED = 40

async function readFollowUps(
  trx: Today['trx'],
  timeZone: string,
  { pantry }: Judged,
  today: PlainDate,
): Promise<readonly FollowUp[]> {
  const incidents = await readIncidents(trx, MOST_ENDED)
  const entries = await readCareEntries(
    trx,
    incidents.map(({ id }) => id),
  )
  return followUpsOf(
    incidents,
    entries,
    timeZone,
    ({ patient }) => memberOf(patient, pantry.stock.members, today)?.name ?? '',
  )
}

const inspectedOn = onceAwaitedFor<Survey, InspectedStock>()

/** Kept with the survey: an act changes both, and so does the pace, which is set by an act. */
export async function inspectedStockOf(at: Reading): Promise<InspectedStock> {
  const confirmed = await confirmedStockOf(at)
  return inspectedOn(confirmed.survey, async () =>
    inspectedWith(at, confirmed, await judgedStockOf(at)),
  )
}

/** What a round is answered by, inside an act: nothing is judged for it. */
export async function lookedAtNow(
  at: Today,
): Promise<Pick<InspectedStock, 'survey' | 'confirmations' | 'sightings'>> {
  return {
    survey: await surveyNow(at),
    confirmations: await readConfirmations(at.trx),
    sightings: await readSightings(at.trx, at.household.timeZone),
  }
}

/** The same inside an act. */
export async function inspectedStockNow(at: Today): Promise<InspectedStock> {
  const survey = await surveyNow(at)
  const confirmations = await readConfirmations(at.trx)
  return inspectedWith(at, { survey, confirmations }, await judgedWith(at, survey))
}
