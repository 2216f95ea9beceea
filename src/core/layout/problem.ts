/** A kit to be laid out: things, pockets, and what it costs to put one into the other. */
import type { Millimetres, PocketFacts } from '../household/pocket'
import type { Goods } from './goods'
import type { Purpose } from './purpose'

/** All of an item that lies in one pocket: it is moved as one. */
export interface Thing {
  /** Names it among the others. */
  readonly key: string
  readonly title: string
  readonly goods: Goods
  /** Ids of the members it is for; empty where it is nobody's own. */
  readonly whose: readonly string[]
  /** Cubic millimetres and the stiff measures of one; 0 and null where nobody knows. */
  readonly volume: number
  readonly stiff: Millimetres | null
  /** Index of the pocket it lies in. */
  readonly at: number
  /** On hold, or its keeper's own order: it stays. */
  readonly pinned: boolean
}

export interface Bay extends PocketFacts {
  readonly id: string
  readonly name: string
  /** What its label says it is for. */
  readonly purpose: Purpose
}

export interface LayoutProblem {
  readonly things: readonly Thing[]
  readonly bays: readonly Bay[]
  /** Everything is on the table: where a thing lay counts for nothing. */
  readonly afresh?: boolean
}

/** For each thing the index of its bay. */
export type Layout = readonly number[]

export const asItLies = ({ things }: LayoutProblem): Layout => things.map(({ at }) => at)

/** Bays are bits of a number while groups are counted; no kit has as many pockets. */
export const MOST_BAYS = 31
