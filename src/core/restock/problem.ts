/**
 * What is to be decided over all places together, as plain data: days are counted from today,
 * amounts in whole or part units, and things name each other by their position. It goes to a
 * worker and comes back unharmed.
 */
import type { PlainDate } from '../calendar/plainDate'
import type { Weather } from '../exposure/ahead'
import type { Spell } from '../exposure/spell'
import type { Urgency } from '../layout/urgency'
import type { ExpectedUse } from '../usage/expected'

/** What comes first: what saves a life, what must be there, what is good to have. */
export type Tier = Urgency

/** A day on which somebody is at a place, and the day on which they leave it again. */
export interface Chance {
  readonly day: number
  readonly leaves: number
}

export interface Stop {
  /** In order; none where nobody knows when somebody will be there. */
  readonly chances: readonly Chance[]
}

export interface Thing {
  /** A fresh pack is good for so many days; null when it never turns. */
  readonly freshDays: number | null
  /** A pack is worn out after so many days: turned, or used up. */
  readonly wornDays: number
  /** Things that may stand in for it, at a stated penalty. */
  readonly standIns: readonly number[]
}

/** So many of a thing belong in one pocket. */
export interface ParLine {
  readonly key: string
  readonly thing: number
  readonly stop: number
  readonly par: number
  /** So many the kit has room for; null where nobody has measured it. */
  readonly room: number | null
  readonly tier: Tier
  readonly uses: readonly ExpectedUse[]
}

/** Why a lot is not carried elsewhere. */
export const STAYS = ['own_medicine', 'opened', 'elsewhere', 'spent'] as const
export type Stays = (typeof STAYS)[number]

/** A thing that the weather harms on a line, and which of the spells says when. */
export interface Spoils {
  readonly thing: number
  readonly line: number
  readonly spell: number
}

/** Good through a day, and what ends it. */
export interface End {
  readonly last: number
  readonly by: 'date' | Weather
  /** The first day on which that is so. */
  readonly on: number
}

/** So much of a lot, where it lies. */
export interface Shelf {
  readonly key: string
  readonly thing: number
  readonly stop: number
  /** The par line that it lies on; null where none is set. */
  readonly line: number | null
  readonly amount: number
  /** The last day on which it is good; below zero when it is past; null when it never turns. */
  readonly lastDay: number | null
  /** What the weather makes of it if it stays there; null where it does nothing. */
  readonly here: End | null
  readonly stays: Stays | null
}

/** One thing in packs as one supplier sells them. */
export interface Offer {
  readonly thing: number
  readonly shop: number
  readonly units: number
  readonly priceMinor: number
  /** Days from ordering until it is here. */
  readonly leadDays: number
}

/** What the keeper wants of the plan, whatever it costs. */
export type Wish =
  | {
      readonly kind: 'carry'
      readonly shelf: number
      readonly line: number
      readonly amount: number
    }
  | { readonly kind: 'no_carry'; readonly shelf: number; readonly line: number }
  | { readonly kind: 'buy'; readonly offer: number; readonly packs: number }
  | { readonly kind: 'no_buy'; readonly thing: number }

export interface RestockProblem {
  readonly today: PlainDate
  /** Looked ahead so many days. */
  readonly days: number
  /** What may be spent in that time; null for no limit. */
  readonly budgetMinor: number | null
  /** What it is worth to have one line that is good to have complete for thirty days. */
  readonly comfortMinor: number
  readonly stops: readonly Stop[]
  readonly things: readonly Thing[]
  readonly lines: readonly ParLine[]
  readonly shelves: readonly Shelf[]
  /** Their names. */
  readonly shops: readonly string[]
  readonly offers: readonly Offer[]
  readonly wishes: readonly Wish[]
  readonly spells: readonly Spell[]
  readonly spoils: readonly Spoils[]
}

/** Each tier counts a thousand times the next, so that no sum of lesser things outweighs it. */
const TIER_FACTOR: Readonly<Record<Tier, number>> = { comfort: 1, urgent: 1e3, life: 1e6 }
const MONTH_DAYS = 30

/** What a line that is wholly bare costs for each day. */
export const bareDayMinor = (
  { comfortMinor }: Pick<RestockProblem, 'comfortMinor'>,
  tier: Tier,
): number => (comfortMinor * TIER_FACTOR[tier]) / MONTH_DAYS

/**
 * What one expected use that nothing serves costs: more than all that keeping the last one back
 * could save, so that no plan lets somebody go without to look better stocked.
 */
export const unservedMinor = (
  problem: Pick<RestockProblem, 'comfortMinor' | 'days'>,
  line: Pick<ParLine, 'tier' | 'par'>,
  day: number,
): number => (bareDayMinor(problem, line.tier) * (problem.days - day + MONTH_DAYS)) / line.par

/** A day on which a whole line is held by stand-ins counts half a comfort. */
export const standInDayMinor = ({ comfortMinor }: Pick<RestockProblem, 'comfortMinor'>): number =>
  comfortMinor / 2 / MONTH_DAYS

/** Carrying a whole line from one place to another is worth twenty hundredths of bother. */
export const CARRY_MINOR = 20

/** So many a plan puts there: the par, or what there is room for. */
export const wantedOn = ({ par, room }: Pick<ParLine, 'par' | 'room'>): number =>
  Math.min(par, room ?? par)

/** A pack that outlasts the time looked ahead is charged for its share of it only. */
export const wearOf = (
  { days }: Pick<RestockProblem, 'days'>,
  { wornDays }: Pick<Thing, 'wornDays'>,
  priceMinor: number,
  day: number,
): number => priceMinor * Math.min(1, (days - day) / wornDays)
