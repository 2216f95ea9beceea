/** Works out what to take on a trip, off the main thread; ended by ending the worker. */
import { expose } from 'comlink'
import wasm from 'highs/runtime?url'
import type { CoverStock } from '../core/cover/pantry'
import type { Solver } from '../core/solving/program'
import { type BagsChosen, chooseBags } from '../core/trips/chooseBags'
import { planOnTheWay } from '../core/trips/onTheWay'
import { planTripFrom, type TripPlan } from '../core/trips/plan'
import type { BagRoom } from '../core/trips/room'
import type { Trip } from '../core/trips/trip'
import { highsSolver } from '../solver/highs'

/** Longer nobody waits; then what was found is shown with what is proven. */
const LIMITS = { seconds: 8, gap: 0.002 }

const roomOfEach = (rooms: readonly BagRoom[]) => new Map(rooms.map((room) => [room.kitId, room]))

let solver: Solver | null = null

const packer = {
  async plan(stock: CoverStock, trip: Trip, rooms: readonly BagRoom[]): Promise<TripPlan> {
    solver ??= await highsSolver({ wasm })
    return planTripFrom(stock, trip, roomOfEach(rooms), solver, LIMITS)
  },
  async chooseBags(
    stock: CoverStock,
    trip: Trip,
    rooms: readonly BagRoom[],
    mostBags: number | null,
  ): Promise<BagsChosen> {
    solver ??= await highsSolver({ wasm })
    return chooseBags(stock, trip, roomOfEach(rooms), solver, LIMITS, mostBags)
  },
  onTheWay: planOnTheWay,
}
export type TripPacker = typeof packer

expose(packer)
