/** A mixed-integer program as it is built up, and what a solver answers to its relaxation. */

/** Position and factor in a row. */
export type Entry = readonly [column: number, factor: number]

export interface Program {
  readonly cost: readonly number[]
  readonly lower: readonly number[]
  readonly upper: readonly number[]
  readonly whole: readonly Whole[]
  readonly rows: readonly Row[]
}

interface Row {
  readonly lower: number
  readonly upper: number
  readonly entries: readonly Entry[]
}

/**
 * Whether a column must be a whole number. `follows`: where the others are whole it is so as a
 * rule by itself, and only where not it has to be asked for.
 */
export type Whole = 'any' | 'whole' | 'follows'

export interface Column {
  readonly cost?: number
  readonly upper?: number
  readonly whole?: Whole
}

export class ProgramBuilder implements Program {
  readonly cost: number[] = []
  readonly lower: number[] = []
  readonly upper: number[] = []
  readonly whole: Whole[] = []
  readonly rows: Row[] = []

  /** Adds a column from nothing up and gives its position. */
  column({ cost = 0, upper = Number.POSITIVE_INFINITY, whole = 'any' }: Column = {}): number {
    this.lower.push(0)
    this.upper.push(upper)
    this.whole.push(whole)
    return this.cost.push(cost) - 1
  }
  atMost(upper: number, entries: readonly Entry[]): void {
    this.rows.push({ lower: Number.NEGATIVE_INFINITY, upper, entries })
  }
  atLeast(lower: number, entries: readonly Entry[]): void {
    this.rows.push({ lower, upper: Number.POSITIVE_INFINITY, entries })
  }
  exactly(value: number, entries: readonly Entry[]): void {
    this.rows.push({ lower: value, upper: value, entries })
  }
}

export interface Solution {
  readonly values: readonly number[]
  readonly objective: number
}

/** What may be changed of a program that is kept. */
export interface Change {
  readonly cost: readonly number[]
  readonly lower: readonly number[]
  readonly upper: readonly number[]
  /** Other bounds of one row. */
  readonly row?: { readonly index: number; readonly lower: number; readonly upper: number }
}

/** A program that is solved again and again with other costs and bounds, each time from the last. */
export interface Prepared {
  /**
   * The cheapest without regard to what must be whole; null where nothing fulfils all rows.
   * @throws {UnsolvedError}
   */
  relax(change: Change): Solution | null
  /** Gives its memory back. */
  dispose(): void
}

/** A program for which the solver has no answer, even from a fresh start. */
export class UnsolvedError extends Error {
  override readonly name = 'UnsolvedError'
  constructor(readonly status: string) {
    super(`The solver ended with ${status}`)
  }
}

/** What was found when a solver stopped. */
export interface Stopped extends Solution {
  /** Nothing costs less than this. */
  readonly bound: number
  readonly isOptimal: boolean
}

export interface WholeLimits {
  readonly seconds: number
  /** Relative distance between what was found and what is proven at which it is good enough. */
  readonly gap: number
}

/** Finds the cheapest solution of programs; the same program gives the same solution. */
export interface Solver {
  prepare(program: Program): Prepared
  /**
   * The cheapest with everything whole that must be; null where nothing fulfils all rows.
   * @throws {UnsolvedError} where nothing was found in the time that it has
   */
  best(program: Program, limits: WholeLimits): Stopped | null
}
