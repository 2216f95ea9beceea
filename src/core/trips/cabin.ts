/**
 * What may go into the cabin of an aeroplane. Rule sets are data with their source and year; the
 * airline and the airport win.
 */
import type { ItemFacts } from '../catalogue/itemFacts'
import { volumeOf } from '../layout/fill'

export const CABIN_RULES = {
  eu: {
    name: 'European Union',
    containerMl: 100,
    bagMl: 1000,
    bladeMm: 60,
    source: 'Commission Implementing Regulation (EU) 2015/1998, as known in 2026',
  },
  us: {
    name: 'United States',
    containerMl: 100,
    bagMl: 1000,
    bladeMm: 100,
    source: 'Federal screening rules for cabin bags, as known in 2026',
  },
} as const
export type CabinRulesId = keyof typeof CABIN_RULES
export const CABIN_RULES_IDS = Object.keys(CABIN_RULES) as readonly CabinRulesId[]

export type CabinVerdict =
  | { readonly kind: 'allowed' }
  /** Counts into the clear bag of liquids, with what its container holds. */
  | { readonly kind: 'in_liquids'; readonly millilitres: number }
  /** Outside the bag of liquids: with its label, prescription or letter. */
  | { readonly kind: 'with_papers' }
  | { readonly kind: 'refused'; readonly because: CabinRefusal }
export type CabinRefusal =
  | 'liquid_too_large'
  | 'liquid_unmeasured'
  | 'blade'
  | 'peroxide'
  | 'flammable'
  /** Spare cells and power banks: in the cabin, never in the hold. */
  | 'cells'

/** What a verdict is given on: what the thing is, and its outer measures where somebody knows them. */
export interface Stowed {
  readonly facts: Pick<
    ItemFacts,
    'entry' | 'form' | 'isMedicine' | 'millilitres' | 'acting' | 'roles'
  >
  readonly mm: readonly [number, number, number] | null
}

/** A liquid, gel, paste or aerosol. */
const POURS: ReadonlySet<string> = new Set(['liquid', 'drops', 'spray', 'cream', 'gel'])

/**
 * What a cabin says of one unit of a thing. The size of the container counts, not what is left in it;
 * where nobody knows it, the outer measures bound it, and what has none is refused. A blade of
 * unknown length is a blade.
 */
export function cabinVerdict({ facts, mm }: Stowed, rules: CabinRulesId): CabinVerdict {
  const { containerMl, bladeMm } = CABIN_RULES[rules]
  const hazards = facts.entry?.hazards ?? []
  if (isStrongPeroxide(facts)) return { kind: 'refused', because: 'peroxide' }
  if (hazards.includes('flammable')) return { kind: 'refused', because: 'flammable' }
  // From the pivot: half of what is measured over all.
  if (hazards.includes('blade') && (mm === null || mm[0] / 2 >= bladeMm))
    return { kind: 'refused', because: 'blade' }
  if (facts.form === 'injector' || hazards.includes('needle')) return { kind: 'with_papers' }
  const pours =
    (facts.form !== null && POURS.has(facts.form)) ||
    hazards.includes('liquid') ||
    hazards.includes('pressure')
  if (!pours) return { kind: 'allowed' }
  if (facts.isMedicine) return { kind: 'with_papers' }
  const millilitres = facts.millilitres ?? (mm === null ? null : Math.ceil(volumeOf(mm) / 1000))
  if (millilitres === null) return { kind: 'refused', because: 'liquid_unmeasured' }
  return millilitres > containerMl
    ? { kind: 'refused', because: 'liquid_too_large' }
    : { kind: 'in_liquids', millilitres }
}

/** What the hold of an aeroplane says of it. */
export function holdVerdict({ facts }: Stowed): CabinVerdict {
  const hazards = facts.entry?.hazards ?? []
  if (hazards.includes('flammable')) return { kind: 'refused', because: 'flammable' }
  if (facts.roles.some((role) => SPARE_CELLS.has(role)))
    return { kind: 'refused', because: 'cells' }
  return isStrongPeroxide(facts) ? { kind: 'refused', because: 'peroxide' } : { kind: 'allowed' }
}

/** Cells that are no part of a device; of what kind they are nobody says, so they count as lithium. */
const SPARE_CELLS: ReadonlySet<string> = new Set(['lamp-cells', 'button-cells', 'phone-power'])

/** Above three per cent, or nobody knows. */
const MOST_PEROXIDE_PERCENT = 3
function isStrongPeroxide({ acting, entry }: Stowed['facts']): boolean {
  if (!acting.includes('peroxide')) return false
  const printed = entry?.ingredients.find(({ substance }) => substance === 'peroxide')?.strength
  const percent = Number(/^(\d+(?:\.\d+)?)\s*%$/.exec(printed ?? '')?.[1] ?? Number.NaN)
  return !(percent <= MOST_PEROXIDE_PERCENT)
}
