/** Normal vital signs at rest. The animal's own recorded normal wins. */
import type { Species } from './species'

/** Both ends included. */
export interface VitalRange {
  readonly from: number
  readonly to: number
}

/** Null where no figure is known to us. */
export interface Vitals {
  /** °C */
  readonly temperature: VitalRange | null
  /** Beats a minute. */
  readonly pulse: VitalRange | null
  /** Breaths a minute. */
  readonly breathing: VitalRange | null
}

const vitals = (
  temperature: readonly [number, number],
  pulse: readonly [number, number],
  breathing: readonly [number, number],
): Vitals => {
  const range = ([from, to]: readonly [number, number]): VitalRange => ({ from, to })
  return { temperature: range(temperature), pulse: range(pulse), breathing: range(breathing) }
}

export const VITALS_SOURCE =
  'Customary resting ranges from first aid and veterinary teaching; the animal’s own normal wins'

/** By the youngest age in months that they hold from; babies have a narrower temperature. */
const PEOPLE: readonly (readonly [number, Vitals])[] = [
  [144, vitals([36.1, 37.8], [60, 100], [12, 20])],
  [72, vitals([36.1, 37.8], [75, 118], [18, 25])],
  [36, vitals([36.1, 37.8], [80, 120], [20, 28])],
  [12, vitals([36.1, 37.8], [98, 140], [22, 37])],
  [3, vitals([36.1, 37.9], [100, 180], [30, 53])],
  [0, vitals([36.1, 37.9], [100, 205], [30, 53])],
]

const ANIMALS: Partial<Record<Species, Vitals>> = {
  dog: vitals([37.8, 39.2], [60, 140], [10, 30]),
  cat: vitals([38.1, 39.2], [140, 220], [20, 30]),
  rabbit: vitals([38.5, 40.0], [180, 300], [30, 60]),
  'guinea pig': vitals([37.2, 39.5], [230, 380], [42, 100]),
  hamster: vitals([37.0, 38.0], [250, 500], [35, 135]),
  horse: vitals([37.5, 38.5], [28, 44], [8, 16]),
  ferret: { temperature: { from: 37.8, to: 40 }, pulse: null, breathing: null },
}

/**
 * The customary range, or null where none ships (birds, tortoises, people of unknown age).
 * @param months whole months of age, null when unknown
 */
export function customaryVitals(species: Species, months: number | null): Vitals | null {
  if (species !== 'person') return ANIMALS[species] ?? null
  if (months === null) return null
  return PEOPLE.find(([from]) => months >= from)?.[1] ?? null
}
