/** Everything that the bench and incidents need besides the stock. */

import type { z } from 'zod'
import type * as care from '../../contract/values/care'
import type { PlainDate } from '../../core/calendar/plainDate'
import { patientIn } from '../../core/cover/patientIn'
import { LABELS } from '../../core/dosing/labels'
import { numbersToCall } from '../../core/household/emergencyNumbers'
import type { Household } from '../../core/household/household'
import { labelSetOf } from '../../core/household/labelSet'
import type { Incident, IncidentId } from '../../core/incident/entry'
import { handoverOf } from '../../core/incident/handover'
import { nextDoseAt } from '../../core/incident/nextDose'
import { memberOf } from '../../core/incident/patient'
import { timelineOf } from '../../core/incident/timeline'
import { SHIPPED_RECIPES } from '../../core/mixing/recipe'
import { itemTitle } from '../../core/stock/item'
import { numbersAt } from '../../core/trips/numbers'
import { stopsOn, withItsBags } from '../../core/trips/underWay'
import {
  readCardPhotos,
  readCards,
  readCareEntries,
  readDosesSince,
  readIncident,
  readIncidents,
  readRecipes,
} from '../../db/care/care'
import type { Trx } from '../../db/frame/connect'
import { readItems } from '../../db/items/items'
import { readCourses, readMembers } from '../../db/members/members'
import { readKeptTrips } from '../../db/trips/trips'
import { readPantry } from '../cover/readPantry'
import { notFound } from '../frame/refusal'
import { type Caller, reading, type World } from '../frame/world'
import { dosesSince } from './careActs'

export type CareView = z.input<typeof care.careValue>

const MOST_ENDED = 20

export const readCare = (world: World, caller: Caller): Promise<CareView> =>
  reading(world, caller, async ({ trx, household, today }) => {
    const incidents = await readIncidents(trx, MOST_ENDED)
    const entries = await readCareEntries(
      trx,
      incidents.map(({ id }) => id),
    )
    const known = new Set<string>(entries.map(({ id }) => id))
    const doses = await readDosesSince(trx, dosesSince(world.now()))
    return {
      now: world.now().getTime(),
      today,
      timeZone: household.timeZone,
      units: household.units,
      pharmacyDays: household.pharmacyDays,
      cards: [...LABELS[labelSetOf(household)], ...(await readCards(trx))],
      photographed: [...(await readCardPhotos(trx))],
      recipes: [...SHIPPED_RECIPES, ...(await readRecipes(trx))],
      incidents,
      stops: await stopsNow(trx, household, today, incidents),
      entries: [...entries, ...doses.filter(({ id }) => !known.has(id))],
    } as CareView
  })

/** Stops of today, and those at which the incidents happened that are listed. */
async function stopsNow(
  trx: Trx,
  household: Household,
  today: PlainDate,
  incidents: readonly Pick<Incident, 'stopId'>[],
): Promise<z.input<typeof care.stopNow>[]> {
  const trips = await readKeptTrips(trx)
  const named = new Set(incidents.flatMap(({ stopId }) => stopId ?? []))
  const now = stopsOn(
    trips.flatMap(({ trip, overOn }) => (overOn === null ? [trip] : [])),
    today,
  )
  const shown = new Set(now.map(({ stop }) => stop.id))
  const earlier = trips.flatMap(({ trip }) =>
    trip.stops.flatMap((stop) =>
      named.has(stop.id) && !shown.has(stop.id) ? [withItsBags(trip, stop)] : [],
    ),
  )
  return [...now, ...earlier].map((one) => {
    const { emergency, poison } = numbersAt(one.stop, household)
    return { ...one, numbers: { emergency: emergency ?? '', poison: poison ?? '' } }
  })
}

/** Incidents that go on, and the timers of these and of those that ended lately. */
export const readOpenIncidents = (
  world: World,
  caller: Caller,
): Promise<z.input<typeof care.openIncidents>> =>
  reading(world, caller, async ({ trx, household, today }) => {
    const incidents = await readIncidents(trx, MOST_ENDED)
    const entries = await readCareEntries(
      trx,
      incidents.map(({ id }) => id),
    )
    const members = incidents.length === 0 ? [] : await readMembers(trx, today)
    const ofIncident = (id: IncidentId) => entries.filter(({ incidentId }) => incidentId === id)
    const goOn = incidents.filter((started) => !timelineOf(started, ofIncident(started.id)).ended)
    // Doses outside the incidents count as well, and the bench's answer is asked, only while one goes on.
    const laid = goOn.length > 0 ? await readPantry({ trx, household, today }) : null
    const doses = laid ? await readDosesSince(trx, dosesSince(world.now())) : []
    const own = laid ? await readCards(trx) : []
    const labels = labelSetOf(household)
    const lines = incidents.map((started) => {
      const patient = memberOf(started.patient, members, today)
      const memberId = started.patient.kind === 'member' ? started.patient.memberId : null
      const line = timelineOf(
        started,
        ofIncident(started.id),
        memberId ? doses.filter((entry) => entry.memberId === memberId) : [],
        laid && patient
          ? (dose, cardId, given) =>
              nextDoseAt(dose, cardId, {
                cards: [...LABELS[labels], ...own],
                patient: patientIn(laid, patient, today),
                schools: laid.stock.schools,
                labels,
                given,
              })
          : undefined,
      )
      const who = memberOf(line.incident.patient, members, today)?.name ?? ''
      return { line, who }
    })
    return {
      now: world.now().getTime(),
      timeZone: household.timeZone,
      going: lines
        .filter(({ line }) => !line.ended)
        .map(({ line: { incident }, who }) => ({
          id: incident.id,
          who,
          kind: incident.kind,
          since: incident.startedAt,
        })),
      timers: lines.flatMap(({ line, who }) =>
        line.timers
          // What may be given again is of interest while it goes on.
          .filter(({ kind }) => kind === 'set' || !line.ended)
          .map((timer) => ({ ...timer, incidentId: line.incident.id, who })),
      ),
    }
  })

/** One incident as it is handed over. */
export const readHandover = (world: World, caller: Caller, incidentId: IncidentId) =>
  reading(world, caller, async ({ trx, household, today }) => {
    const incident = await readIncident(trx, incidentId)
    if (!incident) throw notFound()
    const timeline = timelineOf(incident, await readCareEntries(trx, [incidentId]))
    const patient = memberOf(timeline.incident.patient, await readMembers(trx, today), today)
    if (!patient) throw notFound()
    const items = await readItems(trx)
    const { stopId } = timeline.incident
    const stop = (await readKeptTrips(trx))
      .flatMap(({ trip }) => trip.stops)
      .find(({ id }) => id === stopId)
    return {
      household,
      today,
      now: world.now().getTime(),
      numbers: stop ? numbersAt(stop, household) : numbersToCall(household),
      handover: handoverOf(
        timeline,
        patient,
        await readCourses(trx),
        (itemId) => {
          const item = items.find(({ id }) => id === itemId)
          return item ? itemTitle(item) : ''
        },
        today,
      ),
    }
  })
