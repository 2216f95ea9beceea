/** Going out: planning a trip, packing what it asks for, and putting back what is left of it. */
import { randomUUID } from 'node:crypto'
import type { LotId, MemberId, PocketId, TripId, TripLineId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import { type Decision, decideAmend, decideMove } from '../../core/stock/decide'
import { type TripFault, tripFaults } from '../../core/trips/faults'
import { lastDay, type Trip, type TripSaid } from '../../core/trips/trip'
import { type LockedLot, lockLots } from '../../db/frame/ledger'
import { createRecord, createRecords, editRecord, removeRecord } from '../../db/frame/records'
import { readMembers } from '../../db/members/members'
import {
  type KeptTrip,
  readKeptTrips,
  readTripLines,
  type TripLine,
  tripColumns,
} from '../../db/trips/trips'
import { type Acting, act, append, mustEdit } from '../frame/act'
import type { Keyed, Seen } from '../frame/asked'
import { appendAsOfThen } from '../frame/backdated'
import { mustHave } from '../frame/mustHave'
import { notFound, Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'
import { decideInTurn } from '../stock/decideInTurn'
import { parting } from '../stock/parting'
import { type ComingBack, decideStep, stepsOf } from './unpacking'

type TripFields = Omit<Trip, 'id' | 'version'>
type OnTrip = Keyed & { readonly tripId: TripId }

export const createTrip = (world: World, caller: Caller, { key, ...fields }: Keyed & TripFields) =>
  act(
    world,
    caller,
    { key, kind: 'trip_added', why: fields.name, request: fields },
    async (acting) => {
      const tripId = randomUUID() as TripId
      await mustHold(acting, { ...fields, id: tripId, version: 1 }, fields)
      await createRecord(acting, 'trip', tripColumns(fields), tripId)
      return { tripId }
    },
  )

/** @throws {Refusal} `trip_faulty`, `changed_meanwhile` */
export const changeTrip = (
  world: World,
  caller: Caller,
  {
    key,
    tripId,
    seenVersion,
    ...patch
  }: Seen & { readonly tripId: TripId } & {
    readonly [Field in keyof TripFields]?: TripFields[Field] | undefined
  },
) =>
  act(
    world,
    caller,
    { key, kind: 'trip_changed', request: { tripId, seenVersion, patch } },
    async (acting) => {
      const { trip } = await tripNow(acting, tripId)
      const given = Object.fromEntries(
        Object.entries(patch).filter(([, value]) => value !== undefined),
      )
      const changed: Trip = { ...trip, ...given }
      await mustHold(acting, changed, given)
      const { id: _, version: __, ...fields } = changed
      mustEdit(await editRecord(acting, 'trip', tripId, tripColumns(fields), seenVersion))
      return {}
    },
  )

/** @throws {Refusal} `still_in_use` while something of it lies in a bag */
export const removeTrip = (world: World, caller: Caller, { key, tripId }: OnTrip) =>
  act(world, caller, { key, kind: 'trip_removed', request: tripId }, async (acting) => {
    await tripNow(acting, tripId)
    const lines = await readTripLines(acting.trx, tripId)
    if (lines.some(({ state }) => state === 'packed')) throw new Refusal({ code: 'still_in_use' })
    for (const { id } of lines) await removeRecord(acting, 'trip_line', id)
    await removeRecord(acting, 'trip', tripId)
    return {}
  })

/** Replaces what is still to be packed; what lies in a bag already stays on the list. */
export const planTrip = (
  world: World,
  caller: Caller,
  {
    key,
    tripId,
    lines,
  }: OnTrip & {
    readonly lines: readonly {
      readonly lotId: LotId
      readonly from: PocketId
      readonly into: PocketId
      readonly amount: Amount
    }[]
  },
) =>
  act(world, caller, { key, kind: 'trip_planned', request: { tripId, lines } }, async (acting) => {
    await tripNow(acting, tripId)
    for (const { id, state } of await readTripLines(acting.trx, tripId))
      if (state !== 'packed' && state !== 'back') await removeRecord(acting, 'trip_line', id)
    for (const pocket of new Set(lines.flatMap(({ from, into }) => [from, into])))
      await mustHave(acting.trx, 'pocket', pocket)
    const lots = await lockLots(acting.trx, [...new Set(lines.map(({ lotId }) => lotId))])
    if (lines.some(({ lotId }) => !lots.has(lotId))) throw notFound()
    await createRecords(
      acting,
      'trip_line',
      lines.map(({ lotId, from, into, amount }) => ({
        id: randomUUID(),
        trip_id: tripId,
        lot_id: lotId,
        from_pocket_id: from,
        into_pocket_id: into,
        amount,
        state: 'to_pack',
      })),
    )
    return { lines: lines.length }
  })

/**
 * Notes what went into its bag and what was not where it should be. Two may pack without a connection:
 * a line that somebody has packed already is left as it is.
 * @throws {Refusal} where less of a lot is there than the line says
 */
export const packTrip = (
  world: World,
  caller: Caller,
  {
    key,
    tripId,
    packed,
    notThere,
  }: OnTrip & {
    readonly packed: readonly TripLineId[]
    readonly notThere: readonly TripLineId[]
  },
) =>
  act(
    world,
    caller,
    { key, kind: 'trip_packed', request: { tripId, packed, notThere } },
    async (acting) => {
      await tripNow(acting, tripId)
      const open = new Map(
        (await readTripLines(acting.trx, tripId)).map((line) => [line.id, line] as const),
      )
      const wanted = (ids: readonly TripLineId[]): readonly TripLine[] =>
        ids.flatMap((id) => {
          const line = open.get(id)
          if (!line) throw notFound()
          return line.state === 'to_pack' || line.state === 'not_there' ? [line] : []
        })
      const put = wanted(packed)
      const gone = wanted(notThere).filter(({ id }) => !packed.includes(id))
      const move = ({ stock }: Pick<LockedLot, 'stock'>, line: TripLine): Decision =>
        decideMove(stock, { pocket: line.from, amount: line.amount }, line.into)
      if (caller.takenAgo) await packThen(acting, put, move)
      else await inTurn(acting, put, move)
      await inTurn(acting, gone, (lot, line) =>
        parting(acting, lot, 'split', (asLot) =>
          decideAmend(
            lot.lot,
            lot.stock,
            { standing: { kind: 'missing', since: acting.today } },
            acting.today,
            { pocket: line.from, amount: line.amount, asLot },
          ),
        ),
      )
      for (const { id } of put) await setState(acting, id, 'packed')
      for (const { id } of gone) await setState(acting, id, 'not_there')
      return { done: put.length + gone.length }
    },
  )

/**
 * Puts back what was packed, each to where it came from. The trip is over once nothing of it lies in a
 * bag any more; what was missed and what was cursed stays with it for the next one.
 */
export const unpackTrip = (
  world: World,
  caller: Caller,
  {
    key,
    tripId,
    lines,
    missed,
    cursed,
    said,
  }: OnTrip & {
    readonly lines: readonly ComingBack[]
    readonly missed: string
    readonly cursed: string
    readonly said: readonly TripSaid[]
  },
) =>
  act(
    world,
    caller,
    { key, kind: 'trip_unpacked', request: { tripId, lines, missed, cursed, said } },
    async (acting) => {
      const { trip, ...kept } = await tripNow(acting, tripId)
      const all = await readTripLines(acting.trx, tripId)
      const steps = lines.flatMap((coming) => {
        const line = all.find(({ id }) => id === coming.lineId)
        if (!line) throw notFound()
        return line.state === 'packed' ? stepsOf(line, coming) : []
      })
      await inTurn(acting, steps, (lot, step) => decideStep(acting, trip, lot, step))
      const done = new Set(lines.map(({ lineId }) => lineId))
      for (const id of done) await setState(acting, id, 'back')
      // What was packed and put back before leaving ends no trip: something is still to be packed.
      const isOver = all.every(
        ({ id, state }) =>
          done.has(id) ||
          (state !== 'packed' && (state !== 'to_pack' || lastDay(trip) < acting.today)),
      )
      for (const { memberId } of said) await mustHave(acting.trx, 'member', memberId)
      const others = kept.said.filter((one) =>
        said.every(({ memberId }) => memberId !== one.memberId),
      )
      mustEdit(
        await editRecord(
          acting,
          'trip',
          tripId,
          {
            ...(isOver && kept.overOn === null && { over_on: acting.today }),
            ...(missed !== '' && { missed }),
            ...(cursed !== '' && { cursed }),
            ...(said.length > 0 && { said: JSON.stringify([...others, ...said]) }),
          },
          null,
        ),
      )
      return { done: done.size }
    },
  )

// ---- parts -------------------------------------------------------------------------------------

async function tripNow(acting: Acting, tripId: TripId): Promise<KeptTrip> {
  const kept = (await readKeptTrips(acting.trx)).find(({ trip }) => trip.id === tripId)
  if (!kept) throw notFound()
  return kept
}

const setState = async (
  acting: Acting,
  id: TripLineId,
  state: TripLine['state'],
): Promise<void> => {
  mustEdit(await editRecord(acting, 'trip_line', id, { state }, null))
}

/** Decides for lots one after the other, all locked before; a trip of nothing but paper moves nothing. */
async function inTurn<Step extends { readonly lotId: LotId }>(
  acting: Acting,
  steps: readonly Step[],
  decide: (lot: LockedLot, step: Step) => Promise<Decision> | Decision,
): Promise<void> {
  if (steps.length === 0) return
  const locked = await lockLots(acting.trx, [...new Set(steps.map(({ lotId }) => lotId))])
  const { facts } = await decideInTurn(locked, steps, decide)
  await append(acting, locked, facts)
}

/** Packed without a connection: decided on what was there then, whatever has been counted since. */
async function packThen(
  acting: Acting,
  lines: readonly TripLine[],
  decide: (lot: Pick<LockedLot, 'stock'>, line: TripLine) => Decision,
): Promise<void> {
  for (const line of lines)
    await appendAsOfThen(acting, line.lotId, line.from, (then) => {
      const decision = decide(then, line)
      if (decision.kind === 'refuse') throw new Refusal(decision.refusal)
      return decision.facts
    })
}

/**
 * What is newly said must be there; what was taken away since it was said holds no other change back.
 * @throws {Refusal} `trip_faulty` with the first that does not hold together, `not_found`
 */
async function mustHold(acting: Acting, trip: Trip, said: Partial<TripFields>): Promise<void> {
  const { trx, today } = acting
  for (const { placeId, vehicleId } of said.stops ?? [])
    for (const id of [placeId, vehicleId]) if (id) await mustHave(trx, 'place', id)
  for (const place of said.sources ?? []) await mustHave(trx, 'place', place)
  for (const { kitId } of said.bags ?? []) await mustHave(trx, 'kit', kitId)
  const { keep = [], leave = [] } = said.wishes ?? {}
  for (const item of [...keep, ...leave]) await mustHave(trx, 'item', item)
  const members = await readMembers(trx, today)
  const names = new Map<MemberId, string>(members.map(({ id, name }) => [id, name]))
  const going = (said.stops ?? []).flatMap(({ members: there }) => there)
  for (const member of going) if (!names.has(member)) throw notFound()
  const others = (await readKeptTrips(trx)).flatMap((one) =>
    one.overOn === null ? [one.trip] : [],
  )
  const [fault] = tripFaults(trip, others)
  if (fault) throw new Refusal({ code: 'trip_faulty', fault, about: aboutOf(fault, trip, names) })
}

function aboutOf(
  fault: TripFault,
  { stops }: Trip,
  names: ReadonlyMap<MemberId, string>,
): { readonly who: string; readonly stops: readonly string[] } {
  const called = (id: string): string => stops.find((stop) => stop.id === id)?.name ?? ''
  return {
    who: 'member' in fault ? (names.get(fault.member) ?? '') : '',
    stops: 'stop' in fault ? [called(fault.stop)] : 'stops' in fault ? fault.stops.map(called) : [],
  }
}
