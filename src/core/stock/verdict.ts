/** What a household has come to think of an item. */
import type { PlainDate } from '../calendar/plainDate'

export const VERDICTS = {
  refused: 'refused: the patient would not have it',
  did_not_work: 'did not work',
  disliked: 'nobody likes to use it',
} as const
export type VerdictKind = keyof typeof VERDICTS
export const VERDICT_KINDS = Object.keys(VERDICTS) as readonly VerdictKind[]

export interface Verdict {
  readonly kind: VerdictKind
  /** Who said so, about whom, in which words. */
  readonly words: string
  readonly on: PlainDate
}
