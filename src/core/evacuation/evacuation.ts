/**
 * Leaving the house in a hurry: what a household has said beforehand, so that nobody has to think of it
 * then. What nobody has said is asked, and until then taken at its worst.
 */
import type { PlainDate } from '../calendar/plainDate'
import type { Contact } from '../household/contact'
import type { PlaceId } from '../ids'

/** How much help somebody needs to be out of the house. */
export const HELPS = ['none', 'hand', 'carried'] as const
export type Help = (typeof HELPS)[number]

/** Of a person; absent where nobody has asked. */
export interface PersonEvacuation {
  readonly drives?: boolean | undefined
  readonly help?: Help | undefined
}

/** Of an animal; absent where nobody has asked. */
export interface AnimalEvacuation {
  readonly hides?: boolean | undefined
  /** Where it hides, and where it can be shut in. */
  readonly where?: string | undefined
  /** It rides in the carrier of this one, as the keeper says: they belong together. */
  readonly sharesWith?: string | undefined
}

/** Of a place that is a vehicle. */
export interface VehicleFacts {
  /** For people, the driver's included; null when nobody has said. */
  readonly seats: number | null
  /** Carriers, or dogs on a lead, that it takes beside the people; null when nobody has said. */
  readonly animals: number | null
  /** In the workshop, or lent: not to be counted on. */
  readonly isAway: boolean
}

/** Where one can go. */
export interface Refuge extends Contact {
  readonly address: string
  /** Null when nobody has asked there. */
  readonly takesAnimals: boolean | null
}

export const PLANS = ['ten', 'hour'] as const
export type PlanKind = (typeof PLANS)[number]
export const PLAN_MINUTES: Readonly<Record<PlanKind, number>> = { ten: 10, hour: 60 }

/** Done once with a clock. */
export interface Rehearsal {
  readonly on: PlainDate
  readonly plan: PlanKind
  /** From the first step to the last. */
  readonly seconds: number
  /** How long a step took, by its key. */
  readonly steps: Readonly<Record<string, number>>
}

export interface Evacuation {
  readonly goTo: readonly Refuge[]
  readonly tell: readonly Contact[]
  /** Where the papers lie. */
  readonly papers: string
  /** How the house is left: gas, water, windows, what stays and with what. */
  readonly leftHow: readonly string[]
  /** So many days of water, food and medicine. */
  readonly days: number
  /** The latest last. */
  readonly rehearsals: readonly Rehearsal[]
}

export const LEAST_DAYS = 3
export const MOST_DAYS = 14
export const MOST_REFUGES = 5
export const MOST_REHEARSALS = 30

export const NOTHING_SAID: Evacuation = {
  goTo: [],
  tell: [],
  papers: '',
  leftHow: [],
  days: LEAST_DAYS,
  rehearsals: [],
}

/** Under what the household leaves. */
export interface EvacuationAsked {
  readonly from: PlaceId
  readonly plan: PlanKind
  readonly night: boolean
  /** No vehicle, or none that may be counted on. */
  readonly onFoot: boolean
  /** Who is at home, people and animals. */
  readonly home: readonly string[]
}
