/**
 * A dose card: what may be given to whom, how much, how often, for what, and who says so. A
 * card for people comes from a printed label or from a prescriber; one for an animal only from
 * its vet.
 */
import type { Brand } from '../brand'
import type { PlainDate } from '../calendar/plainDate'
import { isSubstanceId, type SubstanceId } from '../catalogue/substances'
import type { ItemId, MemberId } from '../ids'
import type { Measure, Strength } from '../quantity/measure'

/** A household's card by its UUID, a shipped one as "label:…". */
export type CardId = Brand<string, 'CardId'>

export const PORTION_UNITS = [
  'mL',
  'tablet',
  'capsule',
  'sachet',
  'drop',
  'puff',
  'suppository',
  'piece',
] as const
export type PortionUnit = (typeof PORTION_UNITS)[number]

/** So much of the product, as it is given. */
export interface Portion {
  readonly unit: PortionUnit
  /** Whole thousandths: microlitres where the unit is mL. */
  readonly thousandths: number
}

export type DoseAmount =
  | { readonly kind: 'portion'; readonly portion: Portion }
  | { readonly kind: 'measure'; readonly measure: Measure }
  /** For each kilogram of body weight. */
  | { readonly kind: 'rate'; readonly perKg: Measure }
  /** For each pound: as some vets write it, kept as it was said. */
  | { readonly kind: 'pound_rate'; readonly perPound: Measure }

/** Elapsed minutes; a change of the clocks does not count. */
export type Minutes = Brand<number, 'Minutes'>
export const hours = (count: number): Minutes => (count * 60) as Minutes

/** One line of a card: whom it fits, and everything that holds for them. */
export interface Band {
  /** As printed: "48–59 lb (6–8 y)"; "" for a prescriber's single rule. */
  readonly printed: string
  /** Whole grams, both ends included; null where weight does not matter. */
  readonly grams: { readonly from: number; readonly to: number } | null
  /** Months of age from, and below; null where age does not matter. */
  readonly months: { readonly from: number; readonly below: number | null } | null
  /** Age and weight must both fit, as some labels print; else weight decides where it is known. */
  readonly both?: true
  readonly amount: DoseAmount
  /** May be raised to this, where the label says "5 to 10". */
  readonly upTo: DoseAmount | null
  /** After the first within 24 hours, where it differs. */
  readonly afterFirst: DoseAmount | null
  readonly again: Minutes
  readonly mostDoses: number | null
  /** Most in any 24 hours. */
  readonly most: DoseAmount | null
}

/** What speaks against giving it and has to be asked. */
export const SIGNS = {
  fever: 'fever',
  'bloody-stool': 'blood in the stool',
  'flu-or-chickenpox': 'flu or chickenpox',
  vomiting: 'vomits, or cannot keep it down',
  drowsy: 'hard to wake, or confused',
  dehydrated: 'hardly drinks or passes water',
} as const
export type Sign = keyof typeof SIGNS
export const SIGN_IDS = Object.keys(SIGNS) as readonly Sign[]

/** `label`: ships with the application. `pack`: written down from the very pack. */
export const SOURCE_KINDS = ['label', 'pack', 'doctor', 'pharmacist', 'vet'] as const
export type SourceKind = (typeof SOURCE_KINDS)[number]

export interface CardSource {
  readonly kind: SourceKind
  /** Who said so, or which label. */
  readonly who: string
  /** The day it was said or read; null for the shipped labels, which carry none. */
  readonly on: PlainDate | null
}

/** What acts, or an item nobody has matched with the reference list. */
export type About =
  | { readonly kind: 'substance'; readonly substance: SubstanceId }
  | { readonly kind: 'item'; readonly itemId: ItemId; readonly name: string }

/** All products with the same key add up. */
export type IngredientKey = Brand<string, 'IngredientKey'>
export const ingredientKey = (about: About): IngredientKey =>
  (about.kind === 'substance' ? about.substance : `item:${about.itemId}`) as IngredientKey
export const substanceOf = (key: IngredientKey): SubstanceId | null =>
  isSubstanceId(key) ? key : null

export type CardFor =
  | { readonly kind: 'people' }
  | { readonly kind: 'members'; readonly memberIds: readonly MemberId[] }

/** How far a tablet may be divided: not at all, in halves, in quarters. */
export type Cuts = 1 | 2 | 4

/** A second, explicit confirmation: who was asked, on which day, why it stands. */
export interface CardConfirmation {
  readonly who: string
  readonly on: PlainDate
  readonly why: string
}

export interface DoseCard {
  readonly id: CardId
  readonly about: About
  /** What it is: "Acetaminophen liquid". */
  readonly name: string
  readonly unit: PortionUnit
  /** Null where the rule is in portions and nobody needs to know. */
  readonly strength: Strength | null
  readonly cuts: Cuts
  readonly for: CardFor
  readonly bands: readonly [Band, ...Band[]]
  /** Never more at once, whatever the weight says. */
  readonly largest: Measure | null
  readonly purpose: string
  /** Days in a row; after that somebody is asked. Null where nothing is said. */
  readonly days: number | null
  /**
   * Doses less than so many hours apart are one series, and none is given so many hours after its
   * first. Where a label counts a spell of illness, not days in a row.
   */
  readonly series?: { readonly apartHours: number; readonly mostHours: number }
  /** Asked before it is given; any of them refuses. */
  readonly notWith: readonly Sign[]
  /** Years below which a sign counts; all ages when absent. */
  readonly notWithUnderYears: number | null
  /** When to stop and ask. */
  readonly stop: readonly string[]
  readonly directions: string
  readonly source: CardSource
  readonly reviewOn: PlainDate | null
  readonly endsOn: PlainDate | null
  readonly confirmed: CardConfirmation | null
  readonly version: number
}

/** Printed for everybody, on a label that ships or on the household's own pack; no prescriber's word. */
export const isLabel = ({ source }: Pick<DoseCard, 'source'>): boolean =>
  source.kind === 'label' || source.kind === 'pack'

/** Comes with the application and is not changed. */
export const isShipped = ({ source }: Pick<DoseCard, 'source'>): boolean => source.kind === 'label'
