/** Which needs there are: whom one concerns, and where and when it can arise. */
import { isFar, type Place, type PlaceTrait } from '../household/places'
import type { Need } from './need'
import type { Patient } from './suitability'

export function concerns(need: Need, { member, months }: Patient): boolean {
  const { atRisk } = need
  const { facts, species } = member
  if (atRisk.species && !atRisk.species.includes(species)) return false
  // Of unknown age: everything that adults face.
  if (atRisk.underMonths !== undefined && (months === null || months >= atRisk.underMonths))
    return false
  if (atRisk.fromMonths !== undefined && months !== null && months < atRisk.fromMonths) return false
  if (atRisk.helper && !member.helper) return false
  if (
    atRisk.condition &&
    !(facts.kind === 'person' && atRisk.condition.some((one) => facts.conditions.includes(one)))
  )
    return false
  if (
    atRisk.trait &&
    !(facts.kind === 'animal' && atRisk.trait.some((one) => facts.traits.includes(one)))
  )
    return false
  if (
    atRisk.animalCondition &&
    !(
      facts.kind === 'animal' &&
      atRisk.animalCondition.some((one) => (facts.conditions ?? []).includes(one))
    )
  )
    return false
  if (atRisk.sex && !(facts.kind === 'person' && facts.sex === atRisk.sex)) return false
  return true
}

/** Whether a need can arise at a place in a month. */
export function arises(
  need: Need,
  place: Pick<Place, 'minutesToHelp' | 'traits'>,
  month: number,
): boolean {
  if (need.months) {
    const [first, last] = need.months
    const within = first <= last ? month >= first && month <= last : month >= first || month <= last
    if (!within) return false
  }
  if (need.where.length === 0) return true
  const traits = new Set<PlaceTrait>(place.traits)
  if (isFar(place)) traits.add('remote')
  return need.where.some((one) => traits.has(one))
}
