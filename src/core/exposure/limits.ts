/**
 * What each storage class allows. Working figures of ours until the label gives its own: room
 * temperature is 20 to 25 °C with excursions from 15 to 30 and a mean kinetic temperature of at most
 * 25 °C; brief spikes end at 40 °C.
 */
import type { StorageClass } from '../catalogue/storageClass'

export interface Limits {
  /** Hours above this count; hundredths of °C. */
  readonly above: number
  /** Above this at any moment is beyond. */
  readonly ceiling: number
  /** So many minutes above are told, and no more. */
  readonly toldMinutes: number
  /** So many minutes above in all are an excursion; more is beyond. */
  readonly mostMinutes: number
  /** Mean kinetic temperature; null where there is none. */
  readonly mean: number | null
  /** Below this it is told, and nothing more. */
  readonly below: number | null
}

const DAY = 24 * 60
const CEILING = 4000

const warm = (above: number, mean: number, below: number | null): Limits => ({
  above,
  ceiling: CEILING,
  toldMinutes: 0,
  mostMinutes: DAY,
  mean,
  below,
})

/** Of those that set a limit to warmth; the others judge none. */
export const LIMITS: Readonly<Partial<Record<StorageClass, Limits>>> = {
  room: warm(3000, 2500, 1500),
  'below-25': warm(2500, 2500, null),
  'below-30': warm(3000, 3000, null),
  fridge: {
    above: 800,
    ceiling: CEILING,
    toldMinutes: 30,
    mostMinutes: DAY,
    mean: null,
    below: 200,
  },
}

/** The thresholds of which time above is counted. */
export const THRESHOLDS = [800, 2500, 3000] as const

/** At or below this it may freeze; at or below the second it does. Hundredths of °C. */
export const FROST = 0
export const HARD_FROST = -500
export const HARD_FROST_MINUTES = 60

/** Above this a day is hot: no class but "no limit" allows it for long. */
export const HEAT = 3000

/** How long it takes to freeze at the least. Up to 10 mL, and of what nobody has measured, half an hour. */
export const freezesIn = (millilitres: number | null): number =>
  millilitres === null || millilitres <= 10 ? 30 : 120
