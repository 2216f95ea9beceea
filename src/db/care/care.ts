/** Dose cards, recipes, incidents and what was noted in them. */
import { sql } from 'kysely'
import type { CardId, DoseCard } from '../../core/dosing/card'
import type { Instant } from '../../core/dosing/given'
import type { ActId, ItemId, MemberId, PlaceId, StopId } from '../../core/ids'
import type {
  CareEntry,
  CareEntryId,
  CareFact,
  Incident,
  IncidentId,
  IncidentPatient,
  TakeOutcome,
} from '../../core/incident/entry'
import type { IncidentKind } from '../../core/incident/kindNames'
import type { Recipe, RecipeId } from '../../core/mixing/recipe'
import type { Trx } from '../frame/connect'

/** What of a card is kept as one value; whom it is for are rows. */
export type CardBody = Omit<DoseCard, 'id' | 'version' | 'for'>
export type RecipeFields = Omit<Recipe, 'id' | 'version'>

export async function readCards(trx: Trx): Promise<readonly DoseCard[]> {
  const cards = await trx
    .selectFrom('dose_card')
    .select(['id', 'body', 'version'])
    .where('removed_by_act', 'is', null)
    .orderBy('id')
    .execute()
  const members = await trx
    .selectFrom('dose_card_member')
    .select(['card_id', 'member_id'])
    .where('removed_by_act', 'is', null)
    .orderBy('member_id')
    .execute()
  return cards.map(({ id, body, version }) => ({
    ...(body as CardBody),
    id: id as CardId,
    for: {
      kind: 'members',
      memberIds: members
        .filter(({ card_id }) => card_id === id)
        .map(({ member_id }) => member_id as MemberId),
    },
    version,
  }))
}

export async function readRecipes(trx: Trx): Promise<readonly Recipe[]> {
  const rows = await trx
    .selectFrom('recipe')
    .select(['id', 'item_id', 'body', 'version'])
    .where('removed_by_act', 'is', null)
    .orderBy('id')
    .execute()
  return rows.map(({ id, item_id, body, version }) => ({
    ...(body as RecipeFields),
    id: id as RecipeId,
    itemId: item_id as ItemId | null,
    version,
  }))
}

const incidents = (trx: Trx) =>
  trx
    .selectFrom('incident')
    .select([
      'id',
      'kind',
      'member_id',
      'guest',
      'place_id',
      'stop_id',
      'started_at',
      'started_by',
      'ended_at',
    ])
    .where('removed_by_act', 'is', null)

const toIncident = (row: {
  id: string
  kind: string | null
  member_id: string | null
  guest: unknown
  place_id: string | null
  stop_id: string | null
  started_at: Date
  started_by: string
}): Incident => ({
  id: row.id as IncidentId,
  kind: row.kind as IncidentKind | null,
  patient:
    row.member_id === null
      ? (row.guest as Extract<IncidentPatient, { kind: 'guest' }>)
      : { kind: 'member', memberId: row.member_id as MemberId },
  placeId: row.place_id as PlaceId | null,
  stopId: row.stop_id as StopId | null,
  startedAt: row.started_at.getTime() as Instant,
  startedBy: row.started_by,
})

export async function readIncident(trx: Trx, incidentId: IncidentId): Promise<Incident | null> {
  const row = await incidents(trx).where('id', '=', incidentId).executeTakeFirst()
  return row ? toIncident(row) : null
}

/** All that go on, and the latest that have ended; newest first. */
export async function readIncidents(trx: Trx, mostEnded: number): Promise<readonly Incident[]> {
  const open = await incidents(trx)
    .where('ended_at', 'is', null)
    .orderBy('started_at', 'desc')
    .execute()
  const ended = await incidents(trx)
    .where('ended_at', 'is not', null)
    .orderBy('ended_at', 'desc')
    .limit(mostEnded)
    .execute()
  return [...open, ...ended].map(toIncident)
}

/** Locks what doses of a patient hang on, so that two at once are decided one after the other. */
export async function lockPatient(
  trx: Trx,
  memberId: MemberId | null,
  incidentId: IncidentId | null,
): Promise<void> {
  if (memberId) await sql`select 1 from member where id = ${memberId} for update`.execute(trx)
  else if (incidentId)
    await sql`select 1 from incident where id = ${incidentId} for update`.execute(trx)
}

const entries = (trx: Trx) =>
  trx
    .selectFrom('care_entry')
    .select(['id', 'incident_id', 'member_id', 'done_at', 'done_by', 'fact', 'outcome'])
    .where('removed_by_act', 'is', null)
    .orderBy('done_at')
    .orderBy('id')

export const toEntry = (row: {
  id: string
  incident_id: string | null
  member_id: string | null
  done_at: Date
  done_by: string
  fact: unknown
  outcome: unknown
}): CareEntry => ({
  id: row.id as CareEntryId,
  incidentId: row.incident_id as IncidentId | null,
  memberId: row.member_id as MemberId | null,
  at: row.done_at.getTime() as Instant,
  by: row.done_by,
  fact: row.fact as CareFact,
  outcome: row.outcome as TakeOutcome | null,
})

export async function readCareEntries(
  trx: Trx,
  incidentIds: readonly IncidentId[],
): Promise<readonly CareEntry[]> {
  if (incidentIds.length === 0) return []
  const rows = await entries(trx)
    .where('incident_id', 'in', [...incidentIds])
    .execute()
  return rows.map(toEntry)
}

/** Doses since a moment, of everybody, and what struck some of them out. */
export async function readDosesSince(trx: Trx, since: Date): Promise<readonly CareEntry[]> {
  const rows = await entries(trx)
    .where('done_at', '>=', since)
    .where(sql<boolean>`fact ->> 'kind' in ('dose', 'struck')`)
    .execute()
  return rows.map(toEntry)
}

export interface EntryOrigin {
  readonly entry: CareEntry
  readonly actId: ActId
}

/** An entry with the act that made it. */
export async function findCareEntry(trx: Trx, entryId: CareEntryId): Promise<EntryOrigin | null> {
  const row = await entries(trx)
    .select('created_by_act')
    .where('id', '=', entryId)
    .executeTakeFirst()
  return row?.created_by_act ? { entry: toEntry(row), actId: row.created_by_act as ActId } : null
}

/** The photo of the pack that a card was written down from. */
export async function readCardPhoto(trx: Trx, cardId: CardId) {
  return trx
    .selectFrom('card_photo')
    .select(['media_type', 'bytes'])
    .where('card_id', '=', cardId)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
}

/** Cards that have a photo. */
export const readCardPhotos = async (trx: Trx): Promise<ReadonlySet<string>> =>
  new Set(
    (
      await trx
        .selectFrom('card_photo')
        .select('card_id')
        .where('removed_by_act', 'is', null)
        .execute()
    ).map(({ card_id }) => card_id),
  )

export async function readCarePhoto(trx: Trx, entryId: CareEntryId) {
  return trx
    .selectFrom('care_photo')
    .select(['media_type', 'bytes'])
    .where('entry_id', '=', entryId)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
}

/** The records that say whom a dose card is for. */
export const patientsOfCard = (trx: Trx, cardId: CardId) =>
  trx
    .selectFrom('dose_card_member')
    .select('id')
    .where('card_id', '=', cardId)
    .where('removed_by_act', 'is', null)
    .execute()
