/** What the reference catalogue knows about a kind of thing. */
import type { Species } from '../household/species'
import type { OpenedRuleId } from '../shelf-life/openedRules'
import type { ItemKind } from '../stock/itemKind'
import type { Companion } from './companions'
import type { RoleId } from './roles'
import type { SkillId } from './skills'
import type { SubstanceId } from './substances'

export const FORMS = [
  'tablet',
  'liquid',
  'drops',
  'spray',
  'inhaler',
  'injector',
  'powder',
  'cream',
  'gel',
  'suppository',
  'lozenge',
  'pad',
  'roll',
  'strip',
  'wipe',
  'tool',
  'device',
  'pack',
  'cloth',
  'paper',
  'food',
] as const
export type Form = (typeof FORMS)[number]

/** How a medicine gets in; `none` for what is no medicine. */
export const ROUTES = [
  'none',
  'mouth',
  'skin',
  'eye',
  'ear',
  'nose',
  'lungs',
  'muscle',
  'rectum',
] as const
export type Route = (typeof ROUTES)[number]

export const HAZARDS = [
  'liquid',
  'blade',
  'needle',
  'flammable',
  'pressure',
  'glass',
  'cell',
] as const
export type Hazard = (typeof HAZARDS)[number]

export interface Ingredient {
  readonly substance: SubstanceId
  /** As on the pack: "100 mg/5 mL"; "" where it has no printed strength. */
  readonly strength: string
}

/** Whom it is made for. Rules about substances come on top. */
export interface MadeFor {
  readonly species: readonly Species[]
  /** From this age in months; people only. */
  readonly fromMonths: number
  /** To below this age in months; null for no end. */
  readonly toMonths: number | null
  /** From this weight in grams, where the weight is known. */
  readonly fromGrams: number
}

/** Where it keeps. Whole °C. */
export interface Storage {
  readonly from: number
  readonly to: number
  readonly frostHarms: boolean
  readonly lightHarms: boolean
}

/** Outer measures of one unit. */
export interface Size {
  /** Length, width, height in millimetres, longest first. */
  readonly mm: readonly [number, number, number]
  readonly grams: number
}

export interface CatalogueEntry {
  readonly id: string
  readonly name: string
  /** As on the pack; "" when it has none. */
  readonly strength: string
  readonly section: SectionId
  readonly kind: ItemKind
  /** What one of it is called. */
  readonly unit: string
  /** Other words people use for it. */
  readonly also: readonly string[]
  readonly form: Form
  readonly route: Route
  readonly roles: readonly RoleId[]
  /** Uses that one unit gives, whichever role it plays. */
  readonly uses: number
  readonly ingredients: readonly Ingredient[]
  /** What else is in it that somebody may not have. */
  readonly contains: readonly SubstanceId[]
  readonly madeFor: MadeFor
  /** Somebody present must have been taught this. */
  readonly skill: SkillId | null
  /** What it goes with, and how much it matters. */
  readonly companions: readonly Companion[]
  /** May be licked off and must not be. */
  readonly lickRisk: boolean
  readonly openedRule: OpenedRuleId | null
  readonly storage: Storage
  readonly hazards: readonly Hazard[]
  readonly size: Size
  /** What one unit holds, where it is a liquid that is measured out. */
  readonly millilitres: number | null
  readonly pack: { readonly units: number; readonly priceMinor: number }
  /** What to ask for in the shop. */
  readonly spec: string
  /** Entries that may stand in, best first. */
  readonly standIns: readonly string[]
  readonly purpose: string
  /** Where what is said of it comes from. */
  readonly source: string
  /** Lists and plans may propose to get it; what is only known when somebody has it is not. */
  readonly isProposed: boolean
}

export const SECTIONS = {
  bleeding: 'Bleeding',
  wounds: 'Wounds',
  burns: 'Burns and blisters',
  wraps: 'Wraps, slings and splints',
  tools: 'Tools',
  eyes: 'Eyes, ears and nose',
  pain: 'Pain and fever',
  allergy: 'Allergy, bites and skin',
  stomach: 'Stomach and travel',
  emergency: 'Own emergency medicine',
  animals: 'Animals',
  shelter: 'Weather, road and shelter',
  food: 'Food and water',
  information: 'Information',
} as const
export type SectionId = keyof typeof SECTIONS
