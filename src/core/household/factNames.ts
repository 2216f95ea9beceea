/** What stands in somebody's facts, by the names that people use for it. */
import { substanceName } from '../catalogue/substances'
import {
  type Allergy,
  CONDITIONS_OF_ANIMALS,
  CONDITIONS_OF_PEOPLE,
  type MemberFacts,
} from './member'

export const allergyName = (allergy: Allergy): string =>
  allergy.kind === 'substance' ? substanceName(allergy.substance) : allergy.name

export const conditionNames = (facts: MemberFacts): readonly string[] =>
  facts.kind === 'person'
    ? facts.conditions.map((one) => CONDITIONS_OF_PEOPLE[one])
    : (facts.conditions ?? []).map((one) => CONDITIONS_OF_ANIMALS[one])
