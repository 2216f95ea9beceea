/** What a household asks of its restocking plan. */

/** Look-aheads to choose from, in days. */
export const LOOK_AHEADS = [91, 182, 365, 730] as const
export type LookAhead = (typeof LOOK_AHEADS)[number]

export interface RestockSettings {
  /** Looked ahead so many days. */
  readonly days: LookAhead
  /** What may be spent in that time; null for no limit. */
  readonly budgetMinor: number | null
  /** What it is worth to have one line that is good to have complete for thirty days. */
  readonly comfortMinor: number
}

/**
 * How much what is good to have is worth, from sparing to thorough. What must be there is worth
 * a thousand times as much, whatever is chosen here.
 */
export const THOROUGHNESS = { sparing: 25, usual: 100, thorough: 400 } as const
export type Thoroughness = keyof typeof THOROUGHNESS
export const THOROUGHNESS_IDS = Object.keys(THOROUGHNESS) as readonly Thoroughness[]

export const USUAL_SETTINGS: RestockSettings = {
  days: 365,
  budgetMinor: null,
  comfortMinor: THOROUGHNESS.usual,
}

export const settingsOf = (chosen: Partial<RestockSettings>): RestockSettings => ({
  ...USUAL_SETTINGS,
  ...chosen,
})
