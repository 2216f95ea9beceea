/** A question of a dose, and what is answered. */
import type { Schools } from '../cover/schools'
import type { Patient } from '../cover/suitability'
import type { LabelSet } from '../household/labelSet'
import type { Exact } from '../quantity/exact'
import type { Measure, Strength } from '../quantity/measure'
import type { DaySoFar } from './allowance'
import type { BandStep } from './band'
import type { BarrelId, Measuring } from './barrel'
import type { Band, DoseAmount, DoseCard, Minutes, Portion, Sign } from './card'
import type { DoseRule, GivenDose, Instant } from './given'
import type { Offers } from './lots'
import type { DoseRefusal } from './refusal'

export interface DoseQuestion {
  readonly card: DoseCard
  /** Every card there is: sources are held against each other. */
  readonly cards: readonly DoseCard[]
  readonly patient: Patient
  readonly schools: Schools
  readonly labels: LabelSet
  /** What this patient was given, by anybody. */
  readonly given: readonly GivenDose[]
  readonly at: Instant
  readonly now: Instant
  /** Where a card says "5 to 10". */
  readonly choice: 'lower' | 'upper'
  readonly signs: ReadonlySet<Sign>
  /** Questions that somebody has answered just now, by their keys. */
  readonly answered: ReadonlySet<string>
  /** Null: the one that is proposed. */
  readonly barrel: BarrelId | null
  readonly barrelsAtHand: ReadonlySet<string>
  /** Null where nobody asks for a lot. */
  readonly offers: Offers | null
}

/** One line of the sum. Exact numbers, so that whoever shows it can check it. */
export type Step =
  | BandStep
  | {
      readonly kind: 'rate'
      readonly perKg: Measure
      readonly grams: number
      readonly comes: Exact
    }
  | {
      readonly kind: 'pound_rate'
      readonly perPound: Measure
      readonly pounds: Exact
      readonly comes: Exact
    }
  | { readonly kind: 'fixed'; readonly amount: DoseAmount }
  | { readonly kind: 'capped'; readonly to: Measure }
  | {
      readonly kind: 'volume'
      readonly measure: Exact
      readonly strength: Strength
      /** Microlitres, or thousandths of a piece. */
      readonly comes: Exact
    }
  | {
      readonly kind: 'rounded'
      readonly from: Exact
      readonly to: Portion
      /** Thousandths between two marks or cuts. */
      readonly step: number
    }
  | { readonly kind: 'holds'; readonly portion: Portion; readonly measure: Measure }

export interface Dose {
  readonly portion: Portion
  readonly measure: Measure | null
  /** For what is measured out. */
  readonly measuring: Measuring | null
  /** Whole pieces and parts, in quarters. */
  readonly quarters: number | null
}

export interface Common {
  readonly card: DoseCard
  readonly steps: readonly Step[]
  readonly band: Band | null
  readonly rule: DoseRule | null
  readonly day: DaySoFar | null
  readonly last: GivenDose | null
  /** The range is still open to be raised. */
  readonly mayRaise: boolean
}

export type DoseAnswer =
  | (Common & {
      readonly kind: 'give'
      readonly dose: Dose
      readonly again: Minutes
      /** Rounding leaves clearly less than the rule says. */
      readonly muchLess: boolean
    })
  | (Common & {
      readonly kind: 'wait'
      readonly dose: Dose
      readonly until: Instant | null
      readonly refusals: readonly [DoseRefusal, ...DoseRefusal[]]
    })
  | (Common & {
      readonly kind: 'refused'
      readonly refusals: readonly [DoseRefusal, ...DoseRefusal[]]
    })
