/** What the plan of leaving is worked out from, and what is asked of it first. */
import type { Pantry } from '../../core/cover/pantry'
import { PatientBook } from '../../core/cover/patientBook'
import { expectedAt } from '../../core/cover/scene'
import type { EvacuationAsked } from '../../core/evacuation/evacuation'
import type { EvacuationKnown } from '../../core/evacuation/plan'
import { idsIn } from '../../ui/useKept'
import type { CoverView } from '../cover/useCover'
import type { HouseholdView } from '../household/view'

export const knownOf = (
  view: CoverView,
  pantry: Pantry,
  { household, places }: HouseholdView,
): EvacuationKnown => ({
  pantry,
  evacuation: household.evacuation,
  vehicles: places.flatMap(({ id, name, traits, vehicle }) =>
    traits.includes('vehicle') ? [{ id, name, facts: vehicle }] : [],
  ),
  book: new PatientBook(pantry),
  photos: new Set<string>(view.photos.map(({ memberId }) => memberId)),
})

/**
 * Ten minutes, by car, by day, from where the household lives, with everybody who is expected there, unless
 * the address says otherwise; null where there is no place yet.
 */
export function usualAsked(
  { today }: Pick<CoverView, 'today'>,
  { stock }: Pantry,
  address: Readonly<Record<string, string>>,
): EvacuationAsked | null {
  const place =
    stock.places.find(({ id }) => id === address.from) ??
    stock.places.find(({ isStore }) => isStore) ??
    stock.places[0]
  if (!place) return null
  const named = idsIn(address.home)
  const home =
    address.home === undefined
      ? [...expectedAt(place, stock, today)]
      : stock.members.flatMap(({ id }) => (named.has(id) ? [id] : []))
  return {
    from: place.id,
    plan: address.plan === 'hour' ? 'hour' : 'ten',
    onFoot: address.on === 'foot',
    night: address.at === 'night',
    home,
  }
}
