/** A packing as the solver sees it: pieces that can be taken, bags, and what must be met. */
import type { KitId, LotId, PlaceId, PocketId } from '../ids'
import type { Amount } from '../quantity/amount'
import type { Requirement, Unmet } from './requirements'

/** Whole units of one thing at one place, or what is left of an opened one. */
export interface Piece {
  readonly thing: number
  readonly placeId: PlaceId
  /** Position of the scene of those who stay there; null where nobody does. */
  readonly stay: number | null
  /** Position of the bag that it lies in already: moved from there to another; null from a shelf. */
  readonly fromBag: number | null
  /** The bag that it lies in and that may stay at home: nothing is taken out of one that comes along. */
  readonly inOptional?: KitId
  /** How many can be taken. */
  readonly count: number
  /** Thousandths of the item's unit in one. */
  readonly each: number
  /** Tenths of a use that one gives, rounded down. */
  readonly tenths: number
  readonly grams: number
  /** Cubic millimetres of one. */
  readonly volume: number
  /** Positions of the bags that may take it. */
  readonly bags: readonly number[]
  /** Millilitres that it takes of a bag's liquids, where the cabin asks. */
  readonly liquidMl: number
  /** Where it comes from, what expires first first. */
  readonly shelves: readonly {
    readonly lotId: LotId
    readonly pocketId: PocketId
    readonly amount: Amount
  }[]
}

/** What is still free in a bag; null where nobody has said. */
export interface PackedBag {
  readonly kitId: KitId
  readonly freeGrams: number | null
  readonly freeVolume: number | null
  /** Millilitres of liquids that the cabin allows in it; null where it does not go there. */
  readonly liquidMl: number | null
  /** Positions of the scenes in which it is there. */
  readonly scenes: readonly number[]
  /** It comes along only if that is lighter in all; the same bag may stand here once for each who could carry it. */
  readonly optional?: OptionalBag
}

/** What coming along adds, and takes from those who stay. */
export interface OptionalBag extends Fixed {
  /** Of the bag itself and of what lies in it. */
  readonly grams: number
  /** Position of the scene of those who stay where it is kept; null where nobody does. */
  readonly stay: number | null
}

/** What is there whatever is taken, in tenths of a use. */
export interface Fixed {
  readonly good: Float64Array
  readonly second: Float64Array
}

export interface LoadoutProblem {
  readonly pieces: readonly Piece[]
  readonly bags: readonly PackedBag[]
  /** Scenes of the trip come first; after them those who stay. */
  readonly sceneCount: number
  readonly fixed: readonly Fixed[]
  readonly requirements: readonly Requirement[]
  readonly unmet: Unmet[]
  /** Things that come along because the keeper says so, by their positions. */
  readonly kept: readonly number[]
  /** All that is put in together; null: as much as the bags take. */
  readonly mostGrams: number | null
  /** So many of the optional bags at most; null: as many as it takes. */
  readonly mostBags: number | null
}
