/** A problem to be ready for, as data. */
import type { RoleId } from '../catalogue/roles'
import type { KitRange } from '../household/kitUse'
import type { AnimalCondition, AnimalTrait, PersonCondition } from '../household/member'
import type { PlaceTrait } from '../household/places'
import type { Species } from '../household/species'
import type { SchoolQuestion } from './schools'

export const TIERS = ['life', 'urgent', 'comfort'] as const
export type Tier = (typeof TIERS)[number]

/** Whom it can happen to; all that are given must hold. */
export interface AtRisk {
  readonly species?: readonly Species[]
  readonly fromMonths?: number
  readonly underMonths?: number
  readonly condition?: readonly PersonCondition[]
  readonly trait?: readonly AnimalTrait[]
  readonly animalCondition?: readonly AnimalCondition[]
  readonly sex?: 'female'
  /** Those who help the others. */
  readonly helper?: true
  /** Animals that do not share another's carrier. */
  readonly ownCarrier?: true
}

/** One thing that is needed, in uses. */
export interface Part {
  /** Any of these roles will do. */
  readonly any: readonly RoleId[]
  readonly uses: number
  /** For each further day. */
  readonly perDay?: number
  /** For each kilogram and day, instead of `uses`, where the weight is known (litres of water). */
  readonly perKgDay?: number
  /** Must be kept: what runs from a tap does not count. */
  readonly stored?: true
  /** Times this where help is far; 1.5 unless said otherwise for what is spent. */
  readonly far?: number
}

/** One way of meeting a need: all its parts. */
export interface Way {
  readonly name: string
  readonly parts: readonly Part[]
  /** Only for households that answer one of these. */
  readonly school?: readonly [SchoolQuestion, readonly string[]]
  readonly caution?: string
  /** What one does with nothing better; it never counts as cover. */
  readonly lastResort?: true
}

export interface Need {
  readonly id: string
  readonly name: string
  readonly tier: Tier
  /** The smallest kit that is expected to answer it; every further-reaching one is as well. */
  readonly range: KitRange
  /** `each`: member by member. `party`: once for whoever is there. */
  readonly scope: 'each' | 'party'
  readonly atRisk: AtRisk
  /** Expected to strike everybody at once (cold, thirst), not one at a time. */
  readonly everybodyAtOnce?: true
  /** Only at places with one of these; anywhere when empty. */
  readonly where: readonly PlaceTrait[]
  /** First and last month; over the turn of the year where the first is later. */
  readonly months?: readonly [number, number]
  /** First choice first; what follows is plan B. */
  readonly ways: readonly [Way, ...Way[]]
  /** Questions whose chosen answer's caution is shown. */
  readonly schools: readonly SchoolQuestion[]
  /** When to call, and whom, before anything else. */
  readonly call: string
  readonly source: string
}
