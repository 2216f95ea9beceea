/**
 * What was noted when something happened. An incident is a list of entries in time; who the
 * patient is, which timers run, what was given in all is worked out from them, the same on every
 * phone. Nothing is edited: what was wrong is struck out and stays readable.
 */
import type { Brand } from '../brand'
import type { CardId, Portion } from '../dosing/card'
import type { DoseRule, Held, Instant } from '../dosing/given'
import type { Species } from '../household/species'
import type { Topic } from '../household/told'
import type { SaidAge } from '../household/weight'
import type { LotId, MemberId, PlaceId, PocketId, StopId } from '../ids'
import type { Amount } from '../quantity/amount'
import type { Temperature } from '../quantity/measure'
import type { IncidentKind } from './kindNames'

export type IncidentId = Brand<string, 'IncidentId'>
export type CareEntryId = Brand<string, 'CareEntryId'>

/** A member, or somebody made in seconds of whom nobody knows more than is written here. */
export type IncidentPatient =
  | { readonly kind: 'member'; readonly memberId: MemberId }
  | {
      readonly kind: 'guest'
      readonly name: string
      readonly species: Species
      readonly years: number | null
      /** As somebody said it; wins over the years. */
      readonly age?: SaidAge | null | undefined
      /** Said to be grown up, whatever the age. */
      readonly grownUp?: boolean | undefined
      readonly grams: number | null
      readonly allergies: string
      readonly conditions?: string | undefined
      readonly medicines?: string | undefined
      readonly bloodThinner?: boolean | undefined
      /** Asked, and there is nothing. */
      readonly noneOf?: readonly Topic[] | undefined
    }

export interface Incident {
  readonly id: IncidentId
  /** Null until somebody has said. */
  readonly kind: IncidentKind | null
  readonly patient: IncidentPatient
  readonly placeId: PlaceId | null
  /** At a stop of a trip; then at no place. */
  readonly stopId?: StopId | null | undefined
  readonly startedAt: Instant
  readonly startedBy: string
}

/** So much of a lot out of a pocket. */
export interface Take {
  readonly lotId: LotId
  readonly pocketId: PocketId
  readonly amount: Amount
}

export const SITES = ['mouth', 'ear', 'forehead', 'armpit', 'rectal'] as const
export type Site = (typeof SITES)[number]

export type Reading =
  | { readonly of: 'temperature'; readonly value: Temperature; readonly site: Site }
  /** A minute. */
  | { readonly of: 'pulse'; readonly value: number }
  | { readonly of: 'breathing'; readonly value: number }

/** What is seen, as chips. */
export const SEEN = {
  awake: 'awake and clear',
  drowsy: 'drowsy',
  confused: 'confused',
  seizure: 'has a seizure',
  'in-heat': 'was in the heat, or running',
  'not-in-heat': 'was not in the heat',
  unconscious: 'cannot be woken',
  crying: 'cries, can be comforted',
  pain: 'in pain',
  pale: 'pale',
  flushed: 'flushed',
  blue: 'blue lips or gums',
  sweating: 'sweats',
  shivering: 'shivers',
  rash: 'rash',
  swollen: 'swollen',
  'swollen-both': 'swollen on both sides',
  wheezing: 'noisy breathing',
  vomited: 'vomited',
  diarrhoea: 'loose stool',
  drank: 'drank',
  ate: 'ate',
  'passed-water': 'passed water',
  bleeding: 'bleeds',
  'bleeding-stopped': 'bleeding has stopped',
  lame: 'lame',
  'gums-pink': 'gums pink',
  asleep: 'sleeps, can be woken',
  'looked-at': 'a doctor or vet has looked',
  better: 'better',
  worse: 'worse',
} as const
export type Seen = keyof typeof SEEN
export const SEEN_IDS = Object.keys(SEEN) as readonly Seen[]
export const SEEN_OF_ANIMALS: readonly Seen[] = ['gums-pink', 'lame']
export const SEEN_OF_PEOPLE: readonly Seen[] = ['crying', 'sweating', 'flushed']

export type CareFact =
  | {
      readonly kind: 'about'
      readonly what?: IncidentKind | undefined
      readonly patient?: IncidentPatient | undefined
      readonly placeId?: PlaceId | null | undefined
      readonly stopId?: StopId | null | undefined
    }
  | {
      readonly kind: 'dose'
      readonly cardId: CardId | null
      readonly title: string
      readonly portion: Portion
      readonly holds: readonly Held[]
      readonly rule: DoseRule | null
      readonly takes: readonly Take[]
      /** Why it is noted although something spoke against it; "" where nothing did. */
      readonly anyway: string
    }
  | {
      readonly kind: 'used'
      readonly title: string
      /** "2 pads" */
      readonly words: string
      readonly takes: readonly Take[]
    }
  | { readonly kind: 'reading'; readonly reading: Reading }
  | { readonly kind: 'seen'; readonly seen: readonly Seen[]; readonly words: string }
  | { readonly kind: 'photo'; readonly words: string }
  | { readonly kind: 'note'; readonly words: string }
  | { readonly kind: 'called'; readonly whom: string }
  | { readonly kind: 'tourniquet'; readonly where: string }
  | { readonly kind: 'timer'; readonly what: string; readonly minutes: number }
  | { readonly kind: 'timer_done'; readonly timer: string }
  | { readonly kind: 'step'; readonly guide: string; readonly step: number; readonly words: string }
  | {
      readonly kind: 'mixed'
      readonly title: string
      readonly words: string
      readonly keepHours: number
      readonly takes: readonly Take[]
    }
  | { readonly kind: 'struck'; readonly entryId: CareEntryId }
  | { readonly kind: 'ended' }
  | { readonly kind: 'reopened' }
  | {
      readonly kind: 'looking_back'
      readonly worked: string
      readonly missing: string
      readonly next: string
    }

/** What the record made of what was taken from the kit. */
export type TakeOutcome =
  | { readonly kind: 'taken' }
  /** Less lay there than was taken: somebody has to count. */
  | { readonly kind: 'short'; readonly titles: readonly string[] }

export interface CareEntry {
  readonly id: CareEntryId
  /** Null for a dose that was given without an incident. */
  readonly incidentId: IncidentId | null
  readonly memberId: MemberId | null
  /** When it was done, whenever it was heard of. */
  readonly at: Instant
  readonly by: string
  readonly fact: CareFact
  /** Null while the record has not heard of it. */
  readonly outcome: TakeOutcome | null
}

export const takesOf = (fact: CareFact): readonly Take[] =>
  fact.kind === 'dose' || fact.kind === 'used' || fact.kind === 'mixed' ? fact.takes : []

/** By the time it was done; the id decides between two at once, the same everywhere. */
export const inTime = <E extends Pick<CareEntry, 'at' | 'id'>>(
  entries: readonly E[],
): readonly E[] =>
  [...entries].sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0))
