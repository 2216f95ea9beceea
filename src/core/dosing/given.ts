/** Doses that were given, by whichever product: all products of one ingredient add up. */
import type { Brand } from '../brand'
import type { Measure } from '../quantity/measure'
import type { IngredientKey, Minutes, Portion } from './card'

/** Milliseconds since 1970: an instant, so that a change of the clocks does not count. */
export type Instant = Brand<number, 'Instant'>

export interface Held {
  readonly key: IngredientKey
  /** Null where nobody knows how much of it. */
  readonly measure: Measure | null
}

/** The limits of the card by which a dose was given, as they were then. */
export interface DoseRule {
  readonly key: IngredientKey
  readonly again: Minutes
  readonly mostDoses: number | null
  /** In any 24 hours. */
  readonly most: Measure | null
}

export interface GivenDose {
  readonly id: string
  readonly at: Instant
  readonly by: string
  /** "Acetaminophen liquid 160 mg/5 mL" */
  readonly title: string
  readonly portion: Portion
  readonly holds: readonly Held[]
  readonly rule: DoseRule | null
}

export const DAY_MILLISECONDS = 86_400_000
const MINUTE_MILLISECONDS = 60_000

export const minutesAfter = (at: Instant, minutes: number): Instant =>
  (at + minutes * MINUTE_MILLISECONDS) as Instant

export const measureOf = (dose: GivenDose, key: IngredientKey): Measure | null =>
  dose.holds.find((held) => held.key === key)?.measure ?? null

/** Doses that hold an ingredient, oldest first; two at once in the order of their ids. */
export const dosesOf = (given: readonly GivenDose[], key: IngredientKey): readonly GivenDose[] =>
  given
    .filter(({ holds }) => holds.some((held) => held.key === key))
    .sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1))
