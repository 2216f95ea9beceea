/** The parts of a kit: where each lies on the mat, how big it is inside, what it is good for. */
import type { KitId, PocketId } from '../ids'

/** Where a pocket lies: part of the kit, or kept elsewhere for it (fridge, hook). */
export type PocketSort = 'inside' | 'outside' | 'elsewhere'

/** Where an "elsewhere" pocket is, with the temperature that is usual there in °C. */
export const SPOTS = {
  fridge: { name: 'in the fridge', from: 2, to: 8 },
  freezer: { name: 'in the freezer', from: -25, to: -15 },
  outdoors: { name: 'hung outside', from: -20, to: 35 },
  bedside: { name: 'at the bedside', from: 15, to: 25 },
  shelf: { name: 'on a shelf', from: 5, to: 30 },
} as const
export type Spot = keyof typeof SPOTS
export const SPOT_IDS = Object.keys(SPOTS) as readonly Spot[]

/** Length, width, height in millimetres, longest first. */
export type Millimetres = readonly [number, number, number]

/** Its place on the mat, in cells of a twelve-column grid, 1-based. */
export interface MatCell {
  readonly column: number
  readonly row: number
  readonly columns: number
  readonly rows: number
}

export const MAT_COLUMNS = 12
/** A mat longer than this is two kits. */
export const MAT_ROWS = 200

export interface PocketFacts {
  readonly sort: PocketSort
  /** Only for a pocket kept elsewhere; null where nobody has said. */
  readonly spot: Spot | null
  /** Seconds to get a thing out; null when nobody has timed it. */
  readonly reachSeconds: number | null
  /** Inner measures; null when nobody has measured it. */
  readonly inner: Millimetres | null
  /** One sees through it: found at a glance, and light gets in. */
  readonly clear: boolean
  readonly dry: boolean
  /** Bottles stand in it. */
  readonly upright: boolean
}

export interface Pocket extends PocketFacts {
  readonly id: PocketId
  readonly kitId: KitId
  readonly name: string
  readonly cell: MatCell
  readonly version: number
}

/** What is taken of a pocket that nobody has described. */
export const PLAIN_POCKET: PocketFacts = {
  sort: 'inside',
  spot: null,
  reachSeconds: null,
  inner: null,
  clear: false,
  dry: true,
  upright: false,
}
