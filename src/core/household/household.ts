/** The household's own settings. */
import type { Weekday } from '../calendar/plainDate'
import type { DateOrder } from '../calendar/readPrintedDate'
import type { ChosenSchools } from '../cover/schools'
import type { Evacuation } from '../evacuation/evacuation'
import type { HouseholdId } from '../ids'
import type { RestockSettings } from '../restock/settings'
import type { Pace } from '../rounds/pace'
import type { Beginning } from './beginning'
import type { LabelSet } from './labelSet'

export interface Household {
  readonly id: HouseholdId
  readonly name: string
  /** IANA name; "today" is the day it is there. */
  readonly timeZone: string
  readonly dateOrder: DateOrder
  readonly weekStart: 'monday' | 'sunday'
  readonly units: 'metric' | 'us'
  /** ISO 3166 code of a country in the reference table, or "" when the numbers are its own. */
  readonly country: string
  /** Whose labels its medicine boxes follow; null: its country's. */
  readonly labels: LabelSet | null
  /** Overrule the reference table; "" keeps the table's. */
  readonly emergencyNumber: string
  readonly poisonNumber: string
  /** ISO 4217, for prices. */
  readonly currency: string
  /** Days ahead within which stock counts as turning. */
  readonly lookaheadDays: number
  /** How often kits are looked at. */
  readonly roundPace: Pace
  /** Days on which the pharmacy is open. */
  readonly pharmacyDays: readonly Weekday[]
  /** What is asked of a restocking plan; absent members are as usual. */
  readonly restock: Partial<RestockSettings>
  /** Where practitioners disagree: what this household does. */
  readonly schools: ChosenSchools
  /** Whether the first steps are still to be taken. */
  readonly beginning: Beginning
  /** What was said for leaving the house in a hurry. */
  readonly evacuation: Evacuation
  readonly version: number
}
