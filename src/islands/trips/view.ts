/** What the screens of trips share. */
import type { z } from 'zod'
import type { readTrip, readTrips } from '../../contract/trips'
import { isUnderWay } from '../../core/trips/onTheWay'
import type { BagRoom } from '../../core/trips/room'
import type { Trip } from '../../core/trips/trip'

export type TripsView = z.infer<(typeof readTrips)['result']>
export type TripView = z.infer<(typeof readTrip)['result']>
export type TripLine = TripView['lines'][number]
export type StopView = TripView['trip']['stops'][number]

/** What a trip is, as the core takes it. */
export const tripOf = ({ trip }: Pick<TripView, 'trip'>): Trip => trip

export const roomsOf = ({ rooms }: Pick<TripView, 'rooms'>): readonly BagRoom[] => rooms

/** They have left: what they have is judged, and nothing is packed out of the house. */
export const isOutNow = ({ trip, today, lines }: Pick<TripView, 'trip' | 'today' | 'lines'>) =>
  isUnderWay(trip, today, {
    toPack: lines.filter(({ state }) => state === 'to_pack').length,
    packed: lines.filter(({ state }) => state === 'packed').length,
  })

/** What is changed of a trip without its form: the version goes with it. */
export type TripPatch = Partial<Pick<Trip, 'bags' | 'sources' | 'wishes' | 'cabinRules'>>

/** Where a pocket is, as the keeper calls it. */
export const pocketName = (
  { pockets }: Pick<TripView, 'pockets'>,
  id: string,
): TripView['pockets'][number] | undefined => pockets.find((one) => one.id === id)
