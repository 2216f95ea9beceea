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

export const barrelById = (id: BarrelId): Barrel =>
  BARRELS.find((barrel) => barrel.id === id) as Barrel

export interface Measuring {
  readonly barrel: Barrel & { readonly id: BarrelId }
  /** What is drawn up each time; one fill unless the barrel is too small. */
  readonly fills: readonly Microlitres[]
  readonly total: Microlitres
  /** The whole volume stands on a mark: nothing was rounded off. */
  readonly onMark: boolean
}

const MOST_FILLS = 20

/** Draws a volume up with a barrel, down to its marks; null for less than one mark, or too many fills. */
export function drawUp(volume: Exact, barrel: Measuring['barrel']): Measuring | null {
  const total = downTo(volume, barrel.mark)
  if (total === 0) return null
  const fills: Microlitres[] = []
  for (let left = total; left > 0; left -= barrel.capacity) {
    if (fills.length === MOST_FILLS) return null
    fills.push(Math.min(left, barrel.capacity) as Microlitres)
  }
  return {
    barrel,
    fills,
    total: total as Microlitres,
    onMark: isMultiple(volume, barrel.mark),
  }
}

/**
 * The barrel to propose: one on whose mark the volume stands, in one fill or two; what is at
 * hand before what is not, then the fewest fills, then the smallest. Where it stands on no mark,
 * the one that loses least.
 * @param thick needs a wide tip
 */
export function proposeBarrel(
  volume: Exact,
  { thick, atHand }: { readonly thick: boolean; readonly atHand: ReadonlySet<string> },
): Measuring | null {
  const ways = BARRELS.filter(({ wide }) => wide === thick).flatMap((barrel) => {
    const way = drawUp(volume, barrel)
    return way ? [way] : []
  })
  const byHand = (a: Measuring, b: Measuring): number =>
    Number(atHand.has(b.barrel.id)) - Number(atHand.has(a.barrel.id))
  return (
    [...ways].sort(
      (a, b) =>
        Number(a.fills.length > MOST_EASY_FILLS) - Number(b.fills.length > MOST_EASY_FILLS) ||
        Number(b.onMark) - Number(a.onMark) ||
        // Off every mark the one that loses least: so the heavier never gets less.
        b.total - a.total ||
        byHand(a, b) ||
        a.fills.length - b.fills.length ||
        a.barrel.capacity - b.barrel.capacity,
    )[0] ?? null
  )
}

/** More fills than this are a way to lose count. */
const MOST_EASY_FILLS = 2

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
