/** What is asked of a member, and who answered. */
import type { PlainDate } from '../calendar/plainDate'

export const TOPICS = ['allergies', 'conditions', 'medicines'] as const

export type Topic = (typeof TOPICS)[number]

/** Who said that there is nothing, or nothing more, and when. */
export interface Told {
  readonly by: string
  readonly on: PlainDate
}
