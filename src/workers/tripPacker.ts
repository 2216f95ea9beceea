/** Works out what to take on a trip, off the main thread; ended by ending the worker. */
import { expose } from 'comlink'
import wasm from 'highs/runtime?url'
import type { CoverStock } from '../core/cover/pantry'
import type { Solver } from '../core/solving/program'
import { planOnTheWay } from '../core/trips/onTheWay'
import { planTripFrom, type TripPlan } from '../core/trips/plan'
import type { BagRoom } from '../core/trips/room'
import type { Trip } from '../core/trips/trip'
import { highsSolver } from '../solver/highs'

/** Longer nobody waits; then what was found is shown with what is proven. */
const LIMITS = { seconds: 8, gap: 0.002 }

let solver: Solver | null = null

const packer = {
  async plan(stock: CoverStock, trip: Trip, rooms: readonly BagRoom[]): Promise<TripPlan> {
    solver ??= await highsSolver({ wasm })
    const known = new Map(rooms.map((room) => [room.kitId, room]))
    return planTripFrom(stock, trip, known, solver, LIMITS)
  },
  onTheWay: planOnTheWay,
}
export type TripPacker = typeof packer

expose(packer)
