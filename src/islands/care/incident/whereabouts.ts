/** Where it happened: a place of the household, or a stop of a trip that is under way. */
import { type Pantry, pantry } from '../../../core/cover/pantry'
import type { PlaceId } from '../../../core/ids'
import type { CareFact, Incident, IncidentPatient } from '../../../core/incident/entry'
import { asPlace, isOn, type StopNow, stopOf, withStop } from '../../../core/trips/underWay'
import type { Care } from '../useCare'

/** What an incident is answered from: everything in reach of where it happened. */
export interface Whereabouts {
  readonly laid: Pantry
  readonly here: PlaceId | null
  /** "" where nobody has said. */
  readonly name: string
  readonly numbers: StopNow['numbers']
  /** The stop, where the numbers are another country’s. */
  readonly abroad: string | undefined
}

type Known = Pick<Care, 'laid' | 'cover' | 'view'>

export function whereaboutsOf(
  { laid, cover, view }: Known,
  { placeId, stopId }: Pick<Incident, 'placeId' | 'stopId'>,
): Whereabouts {
  const at = stopId ? view.stops.find(({ stop }) => stop.id === stopId) : undefined
  if (at)
    return {
      laid: pantry(withStop(laid.stock, at)),
      here: asPlace(at.stop.id),
      name: at.stop.name,
      numbers: at.numbers,
      abroad: at.stop.country === '' ? undefined : at.stop.name,
    }
  const place = cover.places.find(({ id }) => id === placeId)
  const { numbers } = cover
  return { laid, here: placeId, name: place?.name ?? '', numbers, abroad: undefined }
}

type WhereFact = Pick<Extract<CareFact, { kind: 'about' }>, 'placeId' | 'stopId'>

/** What can be chosen, stops of today first: whoever is on a trip is asked about what is there. */
export const choicesOf = ({
  cover,
  view,
}: Pick<Known, 'cover' | 'view'>): readonly {
  readonly id: string
  readonly name: string
  readonly fact: WhereFact
}[] => [
  ...stopsToday(view).map(({ trip, stop }) => ({
    id: stop.id,
    name: `${stop.name} (${trip})`,
    fact: { placeId: null, stopId: stop.id },
  })),
  ...cover.places.map(({ id, name }) => ({ id, name, fact: { placeId: id, stopId: null } })),
]

/** Without those of earlier incidents. */
export const stopsToday = ({
  stops,
  today,
}: Pick<Care['view'], 'stops' | 'today'>): readonly StopNow[] =>
  stops.filter(({ stop }) => isOn(stop, today))

/** Numbers of other countries, each once, with the stops at which they are the ones to call. */
export function numbersAbroad(
  view: Pick<Care['view'], 'stops' | 'today'>,
): readonly { readonly numbers: StopNow['numbers']; readonly stops: readonly string[] }[] {
  const found = new Map<string, { numbers: StopNow['numbers']; stops: string[] }>()
  for (const { stop, numbers } of stopsToday(view)) {
    if (stop.country === '') continue
    const key = `${numbers.emergency}/${numbers.poison}`
    const known = found.get(key) ?? { numbers, stops: [] }
    if (!known.stops.includes(stop.name)) known.stops.push(stop.name)
    found.set(key, known)
  }
  return [...found.values()]
}

/** Until somebody says otherwise: where the patient is on a trip, else where the stock is kept. */
export function usualWhere(
  { cover, view, members }: Pick<Care, 'cover' | 'view' | 'members'>,
  patient: IncidentPatient,
): Pick<Incident, 'placeId' | 'stopId'> {
  const people = members.filter(({ species }) => species === 'person').map(({ id }) => id)
  const memberId = patient.kind === 'member' ? patient.memberId : null
  const at = stopOf(stopsToday(view), memberId, people)
  if (at) return { placeId: null, stopId: at.stop.id }
  const place = cover.places.find(({ isStore }) => isStore) ?? cover.places[0]
  return { placeId: place?.id ?? null, stopId: null }
}
