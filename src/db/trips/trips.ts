/** Trips, and what is to go into which bag for them. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { LotId, PocketId, TripId, TripLineId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import type { LineState, Trip, TripSaid } from '../../core/trips/trip'
import type { Trx } from '../frame/connect'

export type TripBody = Omit<Trip, 'id' | 'name' | 'version'>

/** A trip with what became of it. */
export interface KeptTrip {
  readonly trip: Trip
  readonly overOn: PlainDate | null
  readonly missed: string
  readonly cursed: string
  /** The same by whoever says it. */
  readonly said: readonly TripSaid[]
}

export interface TripLine {
  readonly id: TripLineId
  readonly tripId: TripId
  readonly lotId: LotId
  readonly from: PocketId
  readonly into: PocketId
  readonly amount: Amount
  readonly state: LineState
}

/** Every trip that has not been taken away, in the order of their ids. */
export async function readKeptTrips(trx: Trx): Promise<readonly KeptTrip[]> {
  const rows = await trx
    .selectFrom('trip')
    .select(['id', 'name', 'body', 'over_on', 'missed', 'cursed', 'said', 'version'])
    .where('removed_by_act', 'is', null)
    .orderBy('id')
    .execute()
  return rows.map((row) => ({
    trip: {
      ...(row.body as TripBody),
      id: row.id as TripId,
      name: row.name,
      version: row.version,
    },
    overOn: row.over_on as PlainDate | null,
    missed: row.missed,
    cursed: row.cursed,
    said: row.said as readonly TripSaid[],
  }))
}

/** Those that are not over. */
export const openTrips = async (trx: Trx): Promise<readonly Trip[]> =>
  (await readKeptTrips(trx)).flatMap(({ trip, overOn }) => (overOn === null ? [trip] : []))

export const tripColumns = ({ name, ...body }: Omit<Trip, 'id' | 'version'>) => ({
  name,
  body: JSON.stringify(body),
})

/** @param tripId of one trip; absent: of all */
export async function readTripLines(trx: Trx, tripId?: TripId): Promise<readonly TripLine[]> {
  const lines = trx
    .selectFrom('trip_line')
    .select(['id', 'trip_id', 'lot_id', 'from_pocket_id', 'into_pocket_id', 'amount', 'state'])
    .where('removed_by_act', 'is', null)
    .orderBy('id')
  const rows = await (tripId ? lines.where('trip_id', '=', tripId) : lines).execute()
  return rows.map((row) => ({
    id: row.id as TripLineId,
    tripId: row.trip_id as TripId,
    lotId: row.lot_id as LotId,
    from: row.from_pocket_id as PocketId,
    into: row.into_pocket_id as PocketId,
    amount: row.amount as Amount,
    state: row.state as LineState,
  }))
}
