/**
 * Whole numbers by branch and bound: where the relaxation leaves a column in part, it is at most
 * the whole number below or at least the one above, and each half is a program of its own. Each
 * relaxation starts from where the last one ended and takes a few steps of the simplex; the
 * program of a family takes tens of them.
 */
import type { Solution, Whole } from '../solving/program'

/** How near to the best is near enough, and when to give up looking. */
export interface Effort {
  readonly within: number
  readonly stopped: () => boolean
}

/** Where a column may lie in one half, and in all halves that it is a half of. */
export interface Half {
  readonly column: number
  readonly lower: number
  readonly upper: number
  readonly of: Half | null
}

export interface Search extends Effort {
  /** What the best that is known already costs; only what costs less is looked for. */
  readonly known: number
  /** The cheapest within a half, whole or not; null where there is none. */
  readonly relax: (half: Half | null) => Solution | null
}

export interface Found {
  /** Null where nothing whole is better than what was known. */
  readonly best: Solution | null
  /** Nothing whole costs less; infinite where there is nothing at all. */
  readonly bound: number
}

/** How far from whole a number may be and still be one. */
const WHOLE = 1e-5
/** So many halves of halves are followed down before the most promising of all is taken up. */
const DEPTH = 12
/** A half that is no dearer still counts for something, so that the other one is seen. */
const LEAST_RISE = 1e-6

const isPart = (value: number): boolean => Math.abs(value - Math.round(value)) > WHOLE

/** Whether all is whole that must be. */
export const isWhole = (whole: readonly Whole[], values: readonly number[]): boolean =>
  values.every((value, column) => whole[column] === 'any' || !isPart(value))

interface Node extends Solution {
  readonly half: Half | null
}

/** How much dearer a column made a solution for each unit by which it was moved, and how often. */
interface Rise {
  readonly sum: number
  readonly count: number
}

/**
 * The cheapest solution in which everything is whole that must be; costs are in the units of the
 * program's objective. The same program and search give the same answer. What `relax` throws
 * goes through.
 */
export function branchAndBound(whole: readonly Whole[], search: Search): Found {
  return new Tree(whole, search).grow()
}

class Tree {
  private best: Solution | null = null
  private cost: number
  /** The least that a half which is not followed further costs. */
  private closed = Number.POSITIVE_INFINITY
  private readonly open: Node[] = []
  private readonly down = new Map<number, Rise>()
  private readonly up = new Map<number, Rise>()

  constructor(
    private readonly whole: readonly Whole[],
    private readonly search: Search,
  ) {
    this.cost = search.known
  }

  grow(): Found {
    const { open, search } = this
    const relaxed = search.relax(null)
    const root = relaxed && this.take({ ...relaxed, half: null })
    if (root) open.push(root)
    while (open.length > 0 && !search.stopped()) {
      open.sort((a, b) => b.objective - a.objective)
      let node = open.pop() ?? null
      if (node && !this.helps(node)) {
        // None of the others does either.
        open.length = 0
        break
      }
      for (let depth = 0; node; depth++) {
        const [near, far] = this.halve(node)
        if (far) open.push(far)
        node = near
        if (near && (depth === DEPTH || search.stopped())) {
          open.push(near)
          node = null
        }
      }
    }
    const bound = Math.min(this.closed, this.cost, ...open.map(({ objective }) => objective))
    return { best: this.best, bound }
  }

  /** A node that is worth halving; null where it is whole, or no better than what is known. */
  private take(node: Node): Node | null {
    if (!this.helps(node)) return null
    if (!isWhole(this.whole, node.values)) return node
    this.best = node
    this.cost = node.objective
    return null
  }

  private helps({ objective }: Node): boolean {
    if (objective < this.cost - this.search.within) return true
    this.closed = Math.min(this.closed, objective)
    return false
  }

  /** The halves that are worth following, the cheaper one first. */
  private halve(node: Node): readonly [near: Node | null, far: Node | null] {
    const { tried, fresh } = this.columnsOf(node)
    let halves = fresh === null ? null : this.halvesAt(node, fresh)
    if (tried && (!halves || halves.gain < tried.gain)) halves = this.halvesAt(node, tried.column)
    if (!halves) throw new RangeError('Nothing is in part')
    const { most, least } = halves
    const [near, far] = costOf(most) <= costOf(least) ? [most, least] : [least, most]
    return [near && this.take(near), far && this.take(far)]
  }

  private halvesAt(node: Node, column: number): Halves {
    const value = node.values[column] ?? 0
    const below = Math.floor(value)
    const half = (lower: number, upper: number): Node | null => {
      const of = { column, lower, upper, of: node.half }
      const solved = this.search.relax(of)
      return solved && { ...solved, half: of }
    }
    const most = half(Number.NEGATIVE_INFINITY, below)
    const least = half(below + 1, Number.POSITIVE_INFINITY)
    const down = costOf(most) - node.objective
    const up = costOf(least) - node.objective
    learn(this.down, column, down / (value - below))
    learn(this.up, column, up / (below + 1 - value))
    return { most, least, gain: gainOf(down, up) }
  }

  /**
   * Of the columns that are in part, the one whose halves should be dearest by what they were
   * before, and the one that is most in part of those that were never halved. What follows from
   * others is looked at only after them.
   */
  private columnsOf({ values }: Node): Columns {
    for (const kind of ['whole', 'follows'] as const) {
      let tried: Columns['tried'] = null
      let fresh: number | null = null
      let mostInPart = 0
      for (const [column, value] of values.entries()) {
        if (this.whole[column] !== kind || !isPart(value)) continue
        const part = value - Math.floor(value)
        const [down, up] = [this.down.get(column), this.up.get(column)]
        if (down && up) {
          const gain = gainOf((down.sum / down.count) * part, (up.sum / up.count) * (1 - part))
          if (!tried || gain > tried.gain) tried = { column, gain }
        } else if (Math.min(part, 1 - part) > mostInPart) {
          fresh = column
          mostInPart = Math.min(part, 1 - part)
        }
      }
      if (tried || fresh !== null) return { tried, fresh }
    }
    return { tried: null, fresh: null }
  }
}

interface Halves {
  readonly most: Node | null
  readonly least: Node | null
  readonly gain: number
}

interface Columns {
  readonly tried: { readonly column: number; readonly gain: number } | null
  readonly fresh: number | null
}

const costOf = (node: Node | null): number => node?.objective ?? Number.POSITIVE_INFINITY

/** Both halves have to become dearer, or the cheaper one is as good as the whole. */
const gainOf = (down: number, up: number): number =>
  Math.max(LEAST_RISE, down) * Math.max(LEAST_RISE, up)

function learn(of: Map<number, Rise>, column: number, rise: number): void {
  const known = of.get(column) ?? { sum: 0, count: 0 }
  // A half in which there is nothing says nothing of the next one.
  if (Number.isFinite(rise)) of.set(column, { sum: known.sum + rise, count: known.count + 1 })
}
