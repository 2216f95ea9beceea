/** Adding and changing places and visits. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Rhythm } from '../../core/calendar/presence'
import type { VehicleFacts } from '../../core/evacuation/evacuation'
import {
  type Climate,
  guessTraits,
  HUES,
  type Hue,
  type PlaceTrait,
  type Signal,
} from '../../core/household/places'
import type { MemberId, PlaceId, VisitId } from '../../core/ids'
import { createRecord, editRecord, removeRecord } from '../../db/frame/records'
import { readSites } from '../../db/kits/sites'
import { type Acting, act, mustEdit } from '../frame/act'
import type { Keyed, Seen } from '../frame/asked'
import { mustHave } from '../frame/mustHave'
import { notFound } from '../frame/refusal'
import type { Caller, World } from '../frame/world'

/** What may be said of a place besides its name and rhythm. */
export interface PlaceFacts {
  readonly minutesToVet?: number | null | undefined
  readonly signal?: Signal | null | undefined
  readonly climate?: Climate | null | undefined
  readonly usuallyThere?: readonly MemberId[] | undefined
  readonly vehicle?: VehicleFacts | null | undefined
}

const placeColumns = ({ minutesToVet, signal, climate, usuallyThere, vehicle }: PlaceFacts) => ({
  ...(minutesToVet !== undefined && { minutes_to_vet: minutesToVet }),
  ...(signal !== undefined && { signal }),
  ...(climate !== undefined && { climate }),
  ...(usuallyThere && { usually_there: JSON.stringify(usuallyThere) }),
  ...(vehicle !== undefined && { vehicle: vehicle && JSON.stringify(vehicle) }),
})

export const createPlace = (
  world: World,
  caller: Caller,
  {
    key,
    ...place
  }: Keyed & {
    name: string
    rhythm: Rhythm
    minutesToHelp: number | null
    note: string
    traits?: readonly PlaceTrait[] | undefined
  } & PlaceFacts,
) =>
  act(
    world,
    caller,
    { key, kind: 'place_added', why: place.name, request: place },
    async (acting) => ({
      placeId: await addPlace(acting, place),
    }),
  )

/** Gives a new place the first hue that is free. */
export async function addPlace(
  acting: Acting,
  place: {
    name: string
    rhythm: Rhythm
    minutesToHelp: number | null
    note: string
    hue?: Hue
    traits?: readonly PlaceTrait[] | undefined
  } & PlaceFacts,
): Promise<PlaceId> {
  const { places } = await readSites(acting.trx)
  const hue =
    place.hue ??
    HUES.find((one) => places.every((p) => p.hue !== one)) ??
    HUES[places.length % HUES.length]
  return (await createRecord(acting, 'place', {
    name: place.name,
    hue: hue ?? HUES[0],
    minutes_to_help: place.minutesToHelp,
    note: place.note,
    rhythm: JSON.stringify(place.rhythm),
    traits: JSON.stringify(place.traits ?? guessTraits(place.name, place.rhythm)),
    position: places.length,
    ...placeColumns(place),
  })) as PlaceId
}

export const changePlace = (
  world: World,
  caller: Caller,
  {
    key,
    placeId,
    seenVersion,
    ...patch
  }: Seen & {
    placeId: PlaceId
    name?: string
    hue?: Hue
    rhythm?: Rhythm
    minutesToHelp?: number | null
    note?: string
    traits?: readonly PlaceTrait[] | undefined
  } & PlaceFacts,
) =>
  act(
    world,
    caller,
    { key, kind: 'place_changed', request: { placeId, seenVersion, patch } },
    async (acting) => {
      const { rhythm, minutesToHelp, traits, name, hue, note, ...facts } = patch
      for (const memberId of facts.usuallyThere ?? [])
        await mustHave(acting.trx, 'member', memberId)
      mustEdit(
        await editRecord(
          acting,
          'place',
          placeId,
          {
            ...(name && { name }),
            ...(hue && { hue }),
            ...(note !== undefined && { note }),
            ...placeColumns(facts),
            ...(rhythm && { rhythm: JSON.stringify(rhythm) }),
            ...(traits && { traits: JSON.stringify(traits) }),
            ...(minutesToHelp !== undefined && { minutes_to_help: minutesToHelp }),
          },
          seenVersion,
        ),
      )
      return {}
    },
  )

export const addVisit = (
  world: World,
  caller: Caller,
  {
    key,
    ...visit
  }: Keyed & { placeId: PlaceId; startsOn: PlainDate; endsOn: PlainDate; label: string },
) =>
  act(
    world,
    caller,
    { key, kind: 'visit_added', why: visit.label, request: visit },
    async (acting) => {
      await mustHave(acting.trx, 'place', visit.placeId)
      return { visitId: (await createVisit(acting, visit)) as VisitId }
    },
  )

export const createVisit = (
  acting: Acting,
  visit: { placeId: PlaceId; startsOn: PlainDate; endsOn: PlainDate; label: string },
): Promise<string> =>
  createRecord(acting, 'visit', {
    place_id: visit.placeId,
    starts_on: visit.startsOn,
    ends_on: visit.endsOn,
    label: visit.label,
  })

export const removeVisit = (
  world: World,
  caller: Caller,
  { key, visitId }: Keyed & { visitId: VisitId },
) =>
  act(world, caller, { key, kind: 'visit_removed', request: visitId }, async (acting) => {
    if (!(await removeRecord(acting, 'visit', visitId))) throw notFound()
    return {}
  })
