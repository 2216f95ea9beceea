/**
 * Doses and incidents as this device knows them: what the server said last, and what was noted
 * here and has not arrived there yet. Everything is written down on the device first.
 */
import { useQuery } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react'
import type { z } from 'zod'
import { readCare, sayCare, startIncident } from '../../contract/care'
import { readCover } from '../../contract/cover'
import type { careFact, incidentPatient } from '../../contract/values/care'
import { type Pantry, pantry } from '../../core/cover/pantry'
import { patientIn } from '../../core/cover/patientIn'
import type { Patient } from '../../core/cover/suitability'
import type { DoseCard } from '../../core/dosing/card'
import type { GivenDose, Instant } from '../../core/dosing/given'
import type { Member } from '../../core/household/member'
import type { MemberId, PlaceId } from '../../core/ids'
import type {
  CareEntry,
  CareEntryId,
  CareFact,
  Incident,
  IncidentId,
  IncidentPatient,
} from '../../core/incident/entry'
import type { IncidentKind } from '../../core/incident/kindNames'
import { nextDoseAt } from '../../core/incident/nextDose'
import { memberOf } from '../../core/incident/patient'
import { dosesAmong, type Timeline, timelineOf } from '../../core/incident/timeline'
import type { Recipe } from '../../core/mixing/recipe'
import { type StopNow, withStops } from '../../core/trips/underWay'
import { call, newKey } from '../../device/call'
import { noteServerTime, serverNow } from '../../device/clock'
import { connection, connectionAtFirst, onConnection } from '../../device/connection'
import { dropWaiting, keepAct } from '../../device/outbox'
import { type Outbox, useOutbox, type WaitingAct } from '../../ui/useOutbox'
import * as words from '../../words'
import { layOut } from '../cover/useCover'

type CareView = Omit<
  z.output<(typeof readCare)['result']>,
  'cards' | 'recipes' | 'incidents' | 'entries' | 'stops'
> & {
  readonly stops: readonly StopNow[]
  readonly cards: readonly DoseCard[]
  readonly recipes: readonly Recipe[]
  readonly incidents: readonly Incident[]
  readonly entries: readonly CareEntry[]
}
export type CoverView = z.output<(typeof readCover)['result']>

export interface Saying {
  readonly incidentId: IncidentId | null
  readonly memberId: MemberId | null
  readonly fact: CareFact
  readonly photo?: string
  /** So long ago it was done. */
  readonly minutesAgo?: number
  readonly by?: string
}

export interface Care {
  readonly view: CareView
  readonly cover: CoverView
  readonly laid: Pantry
  readonly members: readonly Member[]
  readonly incidents: readonly Incident[]
  readonly entries: readonly CareEntry[]
  readonly me: string
  /** Known: who is signed in here. Without that nothing can be kept. */
  readonly ready: boolean
  readonly outbox: Outbox
  /** Notes that the server did not take, with why. */
  readonly refused: readonly (WaitingAct & {
    readonly fact: CareFact
    readonly incidentId: string | null
  })[]
  say(saying: Saying): Promise<CareEntryId>
  start(
    patient: IncidentPatient,
    kind: IncidentKind | null,
    where: Pick<Incident, 'placeId' | 'stopId'>,
  ): Promise<IncidentId>
}

export type CareState =
  | { readonly kind: 'loading' }
  | { readonly kind: 'not_here' }
  | { readonly kind: 'there'; readonly care: Care }

/** Others' notes are looked for this often, while something happens and at the bench. */
export const AT_AN_INCIDENT = 4000
const AT_THE_BENCH = 15_000

export function useCare(lookAgainMilliseconds = AT_THE_BENCH): CareState {
  const outbox = useOutbox()
  const { waiting, send, holder } = outbox
  const there = useSyncExternalStore(onConnection, connection, connectionAtFirst)
  const care = useQuery({
    queryKey: ['care'],
    queryFn: async () => {
      const view = (await call(readCare)) as unknown as CareView
      if (connection().kind === 'there') noteServerTime(view.now, Date.now())
      return view
    },
    refetchInterval: lookAgainMilliseconds,
    staleTime: 0,
    retry: false,
  })
  const cover = useQuery({
    queryKey: ['cover'],
    queryFn: () => call(readCover),
    staleTime: 20_000,
    retry: false,
  })
  const { stops, today } = care.data ?? {}
  const laid = useMemo(() => {
    if (!cover.data) return null
    const atHome = layOut(cover.data)
    return stops && today && stops.length > 0
      ? pantry(withStops(atHome.stock, stops, today))
      : atHome
  }, [cover.data, stops, today])
  const local = useMemo(() => notedHere(waiting, holder?.name ?? ''), [waiting, holder?.name])

  // What has arrived need not be kept any more; what it took from the stock shows now.
  const known = care.data
  const { refetch: refetchCover } = cover
  useEffect(() => {
    if (!known) return
    const ids = new Set<string>([
      ...known.entries.map(({ id }) => id),
      ...known.incidents.map(({ id }) => id),
    ])
    const arrived = waiting.filter(({ key, state }) => state === 'sent' && ids.has(key))
    if (arrived.length === 0) return
    void dropWaiting(arrived.map(({ key }) => key))
    void refetchCover()
  }, [known, waiting, refetchCover])

  const { refetch } = care
  const say = useCallback(
    async ({ incidentId, memberId, fact, photo, minutesAgo = 0, by }: Saying) => {
      const entryId = newKey() as CareEntryId
      await keepAct(
        sayCare,
        {
          body: {
            entryId,
            incidentId,
            memberId,
            // The schema's input is wider than the core's closed type.
            fact: fact as z.input<typeof careFact>,
            ...(photo && { photo }),
            ...(by && { by }),
          },
        },
        {
          key: entryId,
          title: words.care.incident.fact(fact, 'metric') || words.care.incident.title,
          takenAt: Date.now() - minutesAgo * 60_000,
        },
      )
      void send().then(() => refetch())
      return entryId
    },
    [send, refetch],
  )
  const start = useCallback(
    async (
      patient: IncidentPatient,
      kind: IncidentKind | null,
      where: Pick<Incident, 'placeId' | 'stopId'>,
    ) => {
      const incidentId = newKey() as IncidentId
      await keepAct(
        startIncident,
        {
          body: {
            incidentId,
            kind,
            patient: patient as z.input<typeof incidentPatient>,
            ...where,
          },
        },
        { key: incidentId, title: words.happened },
      )
      void send().then(() => refetch())
      return incidentId
    },
    [send, refetch],
  )

  if (!known || !cover.data || !laid) {
    const failed = care.isError || cover.isError
    return failed && (there.kind === 'away' || !care.isFetching)
      ? { kind: 'not_here' }
      : { kind: 'loading' }
  }
  const arrived = new Set<string>([
    ...known.entries.map(({ id }) => id),
    ...known.incidents.map(({ id }) => id),
  ])
  return {
    kind: 'there',
    care: {
      view: known,
      cover: cover.data,
      laid,
      members: cover.data.members as readonly Member[],
      incidents: [...local.incidents.filter(({ id }) => !arrived.has(id)), ...known.incidents],
      entries: [...known.entries, ...local.entries.filter(({ id }) => !arrived.has(id))],
      me: holder?.name ?? '',
      ready: outbox.ready && holder !== null,
      outbox,
      refused: local.refused,
      say,
      start,
    },
  }
}

interface NotedHere {
  readonly incidents: readonly Incident[]
  readonly entries: readonly CareEntry[]
  readonly refused: Care['refused']
}

/** What waits on this device, by the server's clock. */
function notedHere(waiting: readonly WaitingAct[], me: string): NotedHere {
  const ahead = serverNow() - Date.now()
  const incidents: Incident[] = []
  const entries: CareEntry[] = []
  const refused: Care['refused'][number][] = []
  for (const act of waiting) {
    const at = (act.takenAt + ahead) as Instant
    if (act.path === startIncident.path && act.method === 'POST') {
      const body = act.body as z.input<(typeof startIncident)['body']>
      if (act.state !== 'refused')
        incidents.push({
          id: body.incidentId as IncidentId,
          kind: body.kind,
          patient: body.patient as IncidentPatient,
          placeId: body.placeId as PlaceId | null,
          stopId: body.stopId as Incident['stopId'],
          startedAt: at,
          startedBy: me,
        })
    }
    if (act.path !== sayCare.path) continue
    const body = act.body as {
      entryId: CareEntryId
      incidentId: IncidentId | null
      memberId: MemberId | null
      by?: string
      fact: CareFact
    }
    if (act.state === 'refused')
      refused.push({ ...act, fact: body.fact, incidentId: body.incidentId })
    else
      entries.push({
        id: body.entryId,
        incidentId: body.incidentId,
        memberId: body.memberId,
        at,
        by: body.by ?? me,
        fact: body.fact,
        outcome: null,
      })
  }
  return { incidents, entries, refused }
}

/** The time, moving on. */
export function useNow(everyMilliseconds = 10_000): Instant {
  const [now, setNow] = useState(() => serverNow())
  useEffect(() => {
    const timer = setInterval(() => setNow(serverNow()), everyMilliseconds)
    return () => clearInterval(timer)
  }, [everyMilliseconds])
  return now as Instant
}

/** What a member was given lately, by anybody, struck out entries left aside. */
export const givenTo = (care: Pick<Care, 'entries'>, memberId: MemberId): readonly GivenDose[] =>
  dosesAmong(care.entries.filter((entry) => entry.memberId === memberId))

export const patientNow = ({ laid, view }: Pick<Care, 'laid' | 'view'>, member: Member): Patient =>
  patientIn(laid, member, view.today)

/** Whom an incident is about as the rules see them; null when the member is gone. */
export const patientOfIncident = (
  care: Care,
  { patient }: Pick<Incident, 'patient'>,
): Member | null => memberOf(patient, care.members, care.view.today)

export function lineOf(care: Care, incident: Incident): Timeline {
  const memberId = incident.patient.kind === 'member' ? incident.patient.memberId : null
  const member = patientOfIncident(care, incident)
  const patient = member && patientNow(care, member)
  return timelineOf(
    incident,
    care.entries.filter((entry) => entry.incidentId === incident.id),
    memberId ? care.entries.filter((entry) => entry.memberId === memberId) : [],
    patient
      ? (dose, cardId, given) =>
          nextDoseAt(dose, cardId, {
            cards: care.view.cards,
            patient,
            schools: care.cover.schools,
            labels: care.cover.labels,
            given,
          })
      : undefined,
  )
}

/** The incident that goes on with a member, newest first. */
export const openWith = (care: Care, memberId: MemberId): Incident | null =>
  care.incidents.find((incident) => {
    const line = lineOf(care, incident)
    const { patient } = line.incident
    return !line.ended && patient.kind === 'member' && patient.memberId === memberId
  }) ?? null
