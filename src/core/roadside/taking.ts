/** What was given away at a roadside: until it is made up for, the kit lacks it. */
import type { PlainDate } from '../calendar/plainDate'
import type { ItemId, PocketId } from '../ids'
import type { Amount } from '../quantity/amount'

export interface Taking {
  readonly id: string
  readonly itemId: ItemId
  readonly pocketId: PocketId
  readonly amount: Amount
  readonly on: PlainDate
  /** By whoever opened the kit by the code on its lid. */
  readonly byLid: boolean
}
