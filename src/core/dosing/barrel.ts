/**
 * Syringes for mouths: which barrel to take for a volume, and where its plunger stands. A
 * volume is measured down to a mark, never up.
 */
import { downTo, type Exact, exact, isMultiple } from '../quantity/exact'
import type { Microlitres } from '../quantity/measure'

export const BARRELS = [
  { id: '1', capacity: 1000, mark: 10, numbered: 100, wide: false },
  { id: '3', capacity: 3000, mark: 100, numbered: 500, wide: false },
  { id: '5', capacity: 5000, mark: 200, numbered: 1000, wide: false },
  { id: '10', capacity: 10_000, mark: 500, numbered: 2000, wide: false },
  { id: '20', capacity: 20_000, mark: 1000, numbered: 5000, wide: false },
  { id: '12w', capacity: 12_000, mark: 500, numbered: 2000, wide: true },
  { id: '60w', capacity: 60_000, mark: 1000, numbered: 10_000, wide: true },
] as const satisfies readonly Barrel[]

export interface Barrel {
  readonly id: string
  /** Microlitres that it holds, between two marks, between two numbers. */
  readonly capacity: number
  readonly mark: number
  readonly numbered: number
  /** A wide tip, for what is thick. */
  readonly wide: boolean
}
export type BarrelId = (typeof BARRELS)[number]['id']

export const barrelById = (id: BarrelId): Measuring['barrel'] =>
  BARRELS.find((barrel) => barrel.id === id) as Measuring['barrel']

export interface Measuring {
  readonly barrel: Barrel & { readonly id: BarrelId }
  /** What is drawn up each time; one fill unless the barrel is too small. */
  readonly fills: readonly Microlitres[]
  readonly total: Microlitres
  /** The whole volume stands on a mark: nothing was rounded off. */
  readonly onMark: boolean
}

const MOST_FILLS = 20

/** Draws a volume up with a barrel, in equal fills down to its marks; null for less than one mark, or too many fills. */
export function drawUp(volume: Exact, barrel: Measuring['barrel']): Measuring | null {
  const count = Number(volume.div(barrel.capacity).ceil().valueOf())
  if (count === 0 || count > MOST_FILLS) return null
  const each = downTo(volume.div(count), barrel.mark)
  if (each === 0) return null
  return {
    barrel,
    fills: Array.from({ length: count }, () => each as Microlitres),
    total: (each * count) as Microlitres,
    onMark: isMultiple(volume.div(count), barrel.mark),
  }
}

/** More fills than this are a way to lose count. */
const MOST_EASY_FILLS = 2

/** Rounding down may take so much of the rule and no more. */
export const LEAST_OF_RULE = exact(4, 5)

const isNearEnough = (way: Measuring | null, volume: Exact): way is Measuring =>
  way !== null && exact(way.total).compare(volume.mul(LEAST_OF_RULE)) >= 0

/**
 * The barrel to propose, as a person would choose it: the smallest at hand that holds the exact
 * amount in one fill, then down to its mark; where none holds it, two equal fills of the smallest
 * that holds half. What is not at hand is proposed only where nothing at hand reads it.
 * @param thick needs a wide tip
 */
export function proposeBarrel(
  volume: Exact,
  { thick, atHand }: { readonly thick: boolean; readonly atHand: ReadonlySet<string> },
): Measuring | null {
  const all = BARRELS.filter(({ wide }) => wide === thick)
  const here = all.filter(({ id }) => atHand.has(id))
  for (const barrels of [here, all]) {
    const holding = (share: Exact) =>
      barrels
        .filter(({ capacity }) => share.compare(capacity) <= 0)
        .sort((a, b) => a.capacity - b.capacity)[0]
    for (let fills = 1; fills <= MOST_EASY_FILLS; fills += 1) {
      const barrel = holding(volume.div(fills))
      const way = barrel ? drawUp(volume, barrel) : null
      if (isNearEnough(way, volume)) return way
      if (barrel) break
    }
  }
  return null
}

export interface SyringeDrawing {
  /** Where the face of the plunger stands, from the tip. */
  readonly plunger: number
  readonly marks: readonly {
    readonly at: number
    readonly microlitres: number
    readonly numbered: boolean
  }[]
}

/**
 * Where the marks and the plunger of a barrel stand.
 * @param length of the scale, in whatever unit it is drawn in
 */
export function drawSyringe(barrel: Barrel, fill: Microlitres, length: number): SyringeDrawing {
  const at = (microlitres: number): number =>
    Number(exact(microlitres, barrel.capacity).mul(length).valueOf())
  const marks = []
  for (let volume = 0; volume <= barrel.capacity; volume += markShown(barrel))
    marks.push({
      at: at(volume),
      microlitres: volume,
      numbered: volume % barrel.numbered === 0,
    })
  return { plunger: at(fill), marks }
}

/** More than so many marks would run into each other. */
const MOST_MARKS = 60
const markShown = ({ capacity, mark, numbered }: Barrel): number => {
  let shown = mark
  while (capacity / shown > MOST_MARKS || numbered % shown !== 0) shown += mark
  return shown
}
