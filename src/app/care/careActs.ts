/**
 * What happened and what was done: incidents and their entries. Written down by phones that may
 * have no connection; a dose that was given is recorded whatever speaks against it, and a dose
 * that is about to be given is refused where somebody else was faster.
 */
import { beyondLimits } from '../../core/dosing/allowance'
import { doseQuestion } from '../../core/dosing/asked'
import { DAY_MILLISECONDS, type DoseRule, type Instant } from '../../core/dosing/given'
import { ALL_LABELS, LABELS } from '../../core/dosing/labels'
import { cutRefusal, type Offers } from '../../core/dosing/lots'
import type { DoseRefusal } from '../../core/dosing/refusal'
import { holdsOf, isAboveRule, workOut } from '../../core/dosing/workOut'
import type { MemberId, PlaceId, StopId } from '../../core/ids'
import {
  type CareEntryId,
  type CareFact,
  type IncidentId,
  type IncidentPatient,
  type TakeOutcome,
  takesOf,
} from '../../core/incident/entry'
import type { IncidentKind } from '../../core/incident/kindNames'
import { memberOf } from '../../core/incident/patient'
import { dosesAmong, hasCounted, timelineOf } from '../../core/incident/timeline'
import {
  findCareEntry,
  lockPatient,
  readCards,
  readCareEntries,
  readCarePhoto,
  readDosesSince,
  readIncident,
} from '../../db/care/care'
import { inHousehold, isTaken, isViolation } from '../../db/frame/connect'
import { createRecord, editRecord, removeRecord } from '../../db/frame/records'
import { readKeptTrips } from '../../db/trips/trips'
import { readPantry } from '../cover/readPantry'
import { type Acting, act, mustEdit } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { notFound, Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'
import { undoMovements } from '../record/undoAct'
import { drawFromStock } from './drawStock'

export async function startIncident(
  world: World,
  caller: Caller,
  {
    key,
    ...incident
  }: {
    readonly key: string
    readonly incidentId: IncidentId
    readonly kind: IncidentKind | null
    readonly patient: IncidentPatient
    readonly placeId: PlaceId | null
    readonly stopId?: StopId | null | undefined
  },
) {
  const { patient } = incident
  try {
    return await act(
      world,
      caller,
      { key, kind: 'incident_started', request: incident },
      async (acting) => {
        if (patient.kind === 'member') await mustHave(acting.trx, 'member', patient.memberId)
        if (incident.placeId) await mustHave(acting.trx, 'place', incident.placeId)
        await createRecord(
          acting,
          'incident',
          {
            kind: incident.kind,
            member_id: patient.kind === 'member' ? patient.memberId : null,
            guest: patient.kind === 'guest' ? JSON.stringify(patient) : null,
            place_id: incident.placeId,
            stop_id: await knownStop(acting, incident.stopId),
            started_at: acting.at,
            started_by: acting.who,
          },
          incident.incidentId,
        )
        return {}
      },
    )
  } catch (error) {
    // The id belongs to an incident that this household does not have.
    if (isTaken(error)) throw notFound()
    throw error
  }
}

/**
 * Takes away an incident that was opened by a slip; undoing it brings it back.
 * @throws {Refusal} `incident_counts` where something was given or used: that is struck out first
 */
export const removeIncident = (
  world: World,
  caller: Caller,
  { key, incidentId, why }: { key: string; incidentId: IncidentId; why: string },
) =>
  act(
    world,
    caller,
    { key, kind: 'incident_removed', why, request: { incidentId, why } },
    async (acting) => {
      const incident = await readIncident(acting.trx, incidentId)
      if (!incident) throw notFound()
      const line = timelineOf(incident, await readCareEntries(acting.trx, [incidentId]))
      if (hasCounted(line)) throw new Refusal({ code: 'incident_counts' })
      if (!(await removeRecord(acting, 'incident', incidentId))) throw notFound()
      return {}
    },
  )

export interface CareSaying {
  readonly key: string
  readonly entryId: CareEntryId
  readonly incidentId: IncidentId | null
  readonly memberId: MemberId | null
  readonly by?: string | undefined
  readonly fact: CareFact
  readonly photo: { readonly type: string; readonly bytes: Buffer } | null
}

/** Takes an entry down, whenever it was made. */
export async function sayCare(world: World, caller: Caller, { key, ...said }: CareSaying) {
  const { fact } = said
  const struck =
    fact.kind === 'struck' ? await mustBeStanding(world, caller, fact.entryId, said.entryId) : null
  try {
    return await act(
      world,
      caller,
      {
        key,
        kind: `care_${fact.kind}`,
        why: 'title' in fact ? fact.title : '',
        request: { ...said, photo: said.photo?.bytes.toString('base64') },
        ...(struck && { undoes: struck }),
      },
      async (acting) => {
        if (said.incidentId && !(await readIncident(acting.trx, said.incidentId))) throw notFound()
        if (said.memberId) await mustHave(acting.trx, 'member', said.memberId)
        const kept =
          fact.kind === 'dose'
            ? await allowedDose(acting, said, fact, (caller.takenAgo ?? 0) > 0)
            : fact
        if (struck) await undoMovements(acting, struck)
        const outcome: TakeOutcome = await drawFromStock(acting, takesOf(fact))
        await createRecord(
          acting,
          'care_entry',
          {
            incident_id: said.incidentId,
            member_id: said.memberId,
            done_at: acting.at,
            done_by: said.by ?? acting.who,
            fact: JSON.stringify(kept),
            outcome: JSON.stringify(outcome),
          },
          said.entryId,
        )
        if (said.photo)
          await createRecord(acting, 'care_photo', {
            entry_id: said.entryId,
            media_type: said.photo.type,
            bytes: said.photo.bytes,
          })
        await keepIncident(acting, said)
        return { outcome }
      },
    )
  } catch (error) {
    if (isViolation(error, 'act_undone_once')) throw new Refusal({ code: 'already_struck' })
    if (isTaken(error)) throw notFound()
    throw error
  }
}

/** What an entry says of the incident itself is kept with it, for finding it. */
async function keepIncident(
  acting: Acting,
  { incidentId, fact }: Pick<CareSaying, 'incidentId' | 'fact'>,
): Promise<void> {
  if (!incidentId) return
  const ended =
    fact.kind === 'ended' ? acting.at.toISOString() : fact.kind === 'reopened' ? null : undefined
  if (ended !== undefined)
    mustEdit(await editRecord(acting, 'incident', incidentId, { ended_at: ended }, null))
  if (fact.kind !== 'about') return
  const { patient, what, placeId, stopId } = fact
  if (patient?.kind === 'member') await mustHave(acting.trx, 'member', patient.memberId)
  if (placeId) await mustHave(acting.trx, 'place', placeId)
  mustEdit(
    await editRecord(
      acting,
      'incident',
      incidentId,
      {
        ...(what && { kind: what }),
        ...(placeId !== undefined && { place_id: placeId }),
        ...(stopId !== undefined && { stop_id: await knownStop(acting, stopId) }),
        ...(patient && {
          member_id: patient.kind === 'member' ? patient.memberId : null,
          guest: patient.kind === 'guest' ? JSON.stringify(patient) : null,
        }),
      },
      null,
    ),
  )
}

/**
 * A stop of a trip of this household. A phone that was away may name one that was taken away meanwhile:
 * what happened is kept all the same.
 */
async function knownStop(
  { trx }: Pick<Acting, 'trx'>,
  stopId: StopId | null | undefined,
): Promise<StopId | null> {
  if (!stopId) return null
  const trips = await readKeptTrips(trx)
  return trips.some(({ trip }) => trip.stops.some(({ id }) => id === stopId)) ? stopId : null
}

/** The act that made an entry; looked up first, so that a stranger's entry is not found. */
async function mustBeStanding(
  world: World,
  caller: Caller,
  entryId: CareEntryId,
  asEntry: CareEntryId,
) {
  return inHousehold(world.db, caller, async (trx) => {
    const found = await findCareEntry(trx, entryId)
    if (!found || found.entry.fact.kind === 'struck' || entryId === asEntry) throw notFound()
    return found.actId
  })
}

const DAYS_OF_DOSES = 14

export const dosesSince = (now: Date): Date =>
  new Date(now.getTime() - DAYS_OF_DOSES * DAY_MILLISECONDS)

type DoseFact = Extract<CareFact, { kind: 'dose' }>

/**
 * Judges a dose on what the record knows now; it is kept with the limits of its card. What is
 * heard of late was given: it is recorded and flagged. So is what somebody notes although it was
 * refused.
 * @throws {Refusal} `dose_refused` with every reason
 */
async function allowedDose(
  acting: Acting,
  { memberId, incidentId }: Pick<CareSaying, 'memberId' | 'incidentId'>,
  fact: DoseFact,
  isLate: boolean,
): Promise<DoseFact> {
  await lockPatient(acting.trx, memberId, incidentId)
  if (isLate || fact.anyway !== '') return fact
  const { refusals, rule } = await judgeDose(acting, memberId, incidentId, fact)
  if (refusals.length > 0) throw new Refusal({ code: 'dose_refused', refusals })
  return { ...fact, rule }
}

async function judgeDose(
  acting: Acting,
  memberId: MemberId | null,
  incidentId: IncidentId | null,
  fact: DoseFact,
): Promise<{ readonly refusals: readonly DoseRefusal[]; readonly rule: DoseRule | null }> {
  const { trx, today } = acting
  const at = acting.at.getTime() as Instant
  const entries = await readDosesSince(trx, dosesSince(acting.at))
  const given = dosesAmong(
    entries.filter((entry) =>
      memberId ? entry.memberId === memberId : entry.incidentId === incidentId,
    ),
  )
  const own = await readCards(trx)
  const card = [...ALL_LABELS, ...own].find(({ id }) => id === fact.cardId)
  if (!card) {
    // Noted by hand: the limits of what was given before it hold.
    const dose = { ...fact, rule: null, id: '~', at, by: '' }
    return { refusals: beyondLimits([...given, dose]).get('~') ?? [], rule: null }
  }
  const laid = await readPantry(acting)
  const { members } = laid.stock
  const incident = incidentId ? await readIncident(trx, incidentId) : null
  const member = memberId
    ? members.find(({ id }) => id === memberId)
    : incident && memberOf(incident.patient, members, today)
  if (!member) throw notFound()
  const { question: asked, offers } = doseQuestion({
    laid,
    card,
    cards: [...LABELS[laid.stock.labels], ...own],
    member,
    day: today,
    given,
    now: at,
    here: incident?.placeId ?? null,
  })
  // Whether a tablet may be cut is asked of the lot that was taken, below.
  const question = { ...asked, offers: null }
  const wrong = lotsRefused(fact, offers)
  const answer = workOut(question)
  if (answer.kind !== 'give') return { refusals: [...wrong, ...answer.refusals], rule: answer.rule }
  // What it holds follows from the card, whatever was sent.
  const isAsOnCard =
    JSON.stringify(fact.holds) === JSON.stringify(holdsOf(card, fact.portion)) &&
    !isAboveRule(question, fact.portion)
  return {
    refusals: isAsOnCard ? wrong : [...wrong, { code: 'above_rule' }],
    rule: answer.rule,
  }
}

/** Why the lots that a dose names are not to be taken for it; none where they are. */
function lotsRefused(fact: DoseFact, offers: Offers): readonly DoseRefusal[] {
  return fact.takes.flatMap(({ lotId }): readonly DoseRefusal[] => {
    const lot = offers.good.find((one) => one.lotId === lotId)
    if (lot) return cutRefusal(lot, fact.portion)
    const barred = offers.barred.find((one) => one.lotId === lotId)
    if (barred) return [barred.why]
    const other = offers.others.find((one) => one.lotId === lotId)
    return [{ code: 'lot_other', title: other?.title ?? fact.title }]
  })
}

export const readPhoto = (world: World, caller: Caller, entryId: CareEntryId) =>
  inHousehold(world.db, caller, async (trx) => {
    const photo = await readCarePhoto(trx, entryId)
    if (!photo) throw notFound()
    return { type: photo.media_type, bytes: photo.bytes }
  })
