/** What a step of a guided card uses up, out of the kits that are there. */
import { ROLES } from '../catalogue/roles'
import type { CoverKit, Pantry } from '../cover/pantry'
import { reachedFirst } from '../cover/reaching'
import { gradeOfUnsuited, type Patient, unsuited } from '../cover/suitability'
import { isGoodOn, oneUse, turnsFirst } from '../cover/taking'
import type { PlaceId } from '../ids'
import type { Take } from '../incident/entry'
import type { GuideStep } from './card'

/** A kit of the place that is there, or what the patient carries. */
const isWhere = (kit: CoverKit | undefined, { member }: Patient, here: PlaceId | null): boolean =>
  kit?.goesWith
    ? kit.goesWith.memberId === member.id
    : kit?.placeId === here && kit?.isAway !== true

/**
 * One use of each thing, of what is good, suits and is no medicine: what is reached first.
 * Tools stay in the kit. Nothing where it lies at another place.
 */
export const takesOfStep = (
  { stock, things, shelves, house }: Pantry,
  step: Pick<GuideStep, 'takes'>,
  patient: Patient,
  here: PlaceId | null,
): readonly Take[] =>
  step.takes.flatMap((role): readonly Take[] => {
    if (ROLES[role].kind === 'shared') return []
    const [found] = shelves
      .filter((shelf) => {
        const thing = things[shelf.thing]
        return (
          isWhere(stock.kits[shelf.kit], patient, here) &&
          thing?.facts.roles.includes(role) &&
          !thing.facts.isMedicine &&
          shelf.amount >= oneUse(thing.facts.uses) &&
          isGoodOn(shelf, patient.day) &&
          // Too large or too small is better than nothing here.
          unsuited(thing, patient, house).every((one) => gradeOfUnsuited(one) === 'remark')
        )
      })
      .sort((a, b) => reachedFirst(a, b) || turnsFirst(a, b))
    const uses = found && things[found.thing]?.facts.uses
    return found && uses !== undefined
      ? [{ lotId: found.lotId, pocketId: found.pocket.id, amount: oneUse(uses) }]
      : []
  })
