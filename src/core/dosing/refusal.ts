/** Why a dose is not shown as something to give. Each carries facts; the words live elsewhere. */
import type { PlainDate } from '../calendar/plainDate'
import type { SubstanceId } from '../catalogue/substances'
import type { Objection } from '../cover/objections'
import { type Noted, notedKey } from '../household/noteSays'
import type { Topic } from '../household/told'
import type { Measure, MeasureUnit } from '../quantity/measure'
import type { TimingRefusal } from './allowance'
import type { PortionUnit, Sign } from './card'

export type DoseRefusal =
  // ---- whose rule it is -----------------------------------------------------------------------
  /** An animal, and its vet has not written a rule. */
  | { readonly code: 'ask_vet' }
  | { readonly code: 'card_for_others' }
  /** Nobody else than a vet says what an animal may have. */
  | { readonly code: 'not_a_vet' }
  /** Somebody of whom nothing is known: strangers are given no medicine. */
  | { readonly code: 'stranger' }
  /** Somebody else's child, whose parents said yes to other things, or whose word has ended. */
  | {
      readonly code: 'not_in_word'
      readonly who: string
      readonly phone: string
      readonly endedOn: PlainDate | null
    }
  | { readonly code: 'card_ended'; readonly on: PlainDate }
  | { readonly code: 'card_review_over'; readonly on: PlainDate }
  /** More than ten times, or less than a tenth, of what another source says. */
  | {
      readonly code: 'ten_times_off'
      readonly here: Measure
      readonly other: Measure
      readonly otherSource: string
    }
  /** A prescriber's rule for something on the list of who must not have it. */
  | { readonly code: 'not_confirmed'; readonly who: string; readonly reason: string }
  // ---- whom it suits --------------------------------------------------------------------------
  | { readonly code: 'no_weight' }
  | { readonly code: 'stale_weight'; readonly since: PlainDate }
  | { readonly code: 'age_unknown' }
  | { readonly code: 'too_light'; readonly from: string }
  | { readonly code: 'too_young'; readonly fromMonths: number }
  /** Above the last line of a children's liquid: the adult form by age, or ask. */
  | { readonly code: 'above_bands'; readonly last: string }
  | { readonly code: 'allergy'; readonly to: string }
  | { readonly code: 'rule'; readonly reason: string; readonly source: string }
  | { readonly code: 'taken_already'; readonly substance: string }
  | { readonly code: 'cannot_swallow' }
  // ---- questions: answered, the amount is shown -----------------------------------------------
  /** Nobody has asked; what is not known is not "none". */
  | { readonly code: 'not_asked'; readonly topic: Topic }
  /** The note about the patient speaks of something that nobody has recorded. */
  | { readonly code: 'note_says'; readonly noted: Noted }
  /** The label says to ask a doctor or a pharmacist before use. */
  | {
      readonly code: 'ask_first'
      readonly rule: string
      readonly reason: string
      readonly source: string
      readonly about: SubstanceId
    }
  | { readonly code: 'sign'; readonly sign: Sign }
  | { readonly code: 'days_over'; readonly days: number }
  // ---- the arithmetic -------------------------------------------------------------------------
  | { readonly code: 'no_strength' }
  | {
      readonly code: 'unit_differs'
      readonly rule: MeasureUnit
      readonly strength: MeasureUnit
    }
  /** A rule in millilitres for a tablet, or the other way round. */
  | { readonly code: 'form_differs'; readonly rule: PortionUnit; readonly product: PortionUnit }
  /** The smallest honest piece is more than the rule allows. */
  | {
      readonly code: 'cannot_cut'
      readonly wanted: Measure
      readonly smallest: Measure
    }
  /** Rounded down to what can be measured or cut it falls more than a fifth below the rule. */
  | {
      readonly code: 'rounds_too_far'
      readonly wanted: Measure
      readonly comes: Measure
      /** What one piece may hold at the least, so that one would do; null for what is measured. */
      readonly atLeast: Measure | null
    }
  /** Less than the first mark of the finest syringe. */
  | { readonly code: 'too_little_to_measure' }
  /** More than a mouth takes: the rule, the strength or a unit is wrong. */
  | { readonly code: 'too_much_to_measure' }
  /** More than the card allows at once. */
  | { readonly code: 'above_rule' }
  // ---- the clock ------------------------------------------------------------------------------
  | TimingRefusal
  | { readonly code: 'in_the_future' }
  // ---- what lies there ------------------------------------------------------------------------
  | { readonly code: 'lot_spent'; readonly title: string }
  | { readonly code: 'lot_held'; readonly title: string; readonly reason: string }
  | { readonly code: 'lot_no_period'; readonly title: string; readonly on: PlainDate }
  | { readonly code: 'lot_away'; readonly title: string }
  | { readonly code: 'lot_allergy'; readonly title: string; readonly to: string }
  | { readonly code: 'somebody_elses'; readonly title: string; readonly whose: string }
  | { readonly code: 'left_over'; readonly title: string; readonly prescriber: string }
  /** What else is in it, whom it is made for, a recall: this bottle is forbidden to this patient. */
  | { readonly code: 'lot_forbidden'; readonly title: string; readonly objection: Objection }
  /** Something about this bottle has to be read or asked first. */
  | { readonly code: 'lot_ask'; readonly title: string; readonly objection: Objection }
  /** It is not this strength, or not this thing at all. */
  | { readonly code: 'lot_other'; readonly title: string }
  /** The tablet is not scored: the forms that need no cut are named. */
  | {
      readonly code: 'must_not_cut'
      readonly title: string
      readonly instead: readonly string[]
    }
  /** Nobody has looked whether it is scored, which is not "may be cut". */
  | {
      readonly code: 'cut_unknown'
      readonly title: string
      readonly instead: readonly string[]
    }

export type RefusalCode = DoseRefusal['code']

const WAITS: readonly RefusalCode[] = [
  'interval_not_over',
  'same_ingredient',
  'day_doses_reached',
  'day_amount_reached',
]

/** Only time stands between: the amount may be shown, with the time from which it may be given. */
export const isWait = (refusal: DoseRefusal): refusal is TimingRefusal =>
  WAITS.includes(refusal.code)

/** Settled by an answer, not by another dose or another day. */
export type Question = Extract<DoseRefusal, { code: 'not_asked' | 'note_says' | 'ask_first' }>

export const isQuestion = (refusal: DoseRefusal): refusal is Question =>
  refusal.code === 'not_asked' || refusal.code === 'note_says' || refusal.code === 'ask_first'

/** By which an answer is remembered. */
export function questionKey(question: Question): string {
  switch (question.code) {
    case 'not_asked':
      return `told:${question.topic}`
    case 'note_says':
      return `note:${notedKey(question.noted)}`
    case 'ask_first':
      return `word:${question.rule}:${question.about}`
  }
}
