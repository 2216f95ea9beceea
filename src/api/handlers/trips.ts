/** Trips: who goes where, packing and unpacking. */
import { readTrip, readTrips } from '../../app/trips/readTrips'
import * as tripActs from '../../app/trips/tripActs'
import type * as contract from '../../contract/trips'
import type { HandlersOf } from '../handler'

export const trips: HandlersOf<typeof contract> = { ...tripActs, readTrips, readTrip }
