/** The frame of every change: one transaction, one act, one answer however often it is sent. */
import type { ActKind } from '../../contract'
import { dayAt, type PlainDate } from '../../core/calendar/plainDate'
import type { Household } from '../../core/household/household'
import type { ActId, LotId } from '../../core/ids'
import type { Decision, LotFact } from '../../core/stock/decide'
import { OverfullPocketError } from '../../core/stock/movement'
import { closeAct, openAct } from '../../db/frame/acts'
import { inHousehold } from '../../db/frame/connect'
import { appendMovements, historyOfLot, type LockedLot, lockLots } from '../../db/frame/ledger'
import { type ActScope, type EditOutcome, pointsNowhere } from '../../db/frame/records'
import { readHousehold } from '../../db/household/household'
import { readLotRow } from '../../db/stock/stock'
import { notFound, Refusal } from './refusal'
import type { Caller, World } from './world'

export interface ActRequest {
  readonly key: string
  readonly kind: ActKind
  /** A word on what it is about, for the list of acts. */
  readonly why?: string
  readonly undoes?: ActId
  /** The house does it for somebody who has no rights there: who comes in, who leaves. */
  readonly asHouse?: boolean
  /** Everything that was asked, to tell a retry from another request under the same key. */
  readonly request: unknown
}

export interface Acting extends ActScope {
  /** The day on which it was done. */
  readonly today: PlainDate
  /** When it was done; earlier than it is heard of when it waited for a connection. */
  readonly at: Date
  readonly household: Household
  readonly who: string
}

/**
 * Does an act once. A repeated key answers what the first answered; a key that was used for
 * something else is refused.
 * @throws {Refusal} and then nothing is written
 */
export async function act<R extends object>(
  world: World,
  caller: Caller,
  { key, kind, why = '', undoes, asHouse = false, request }: ActRequest,
  work: (acting: Acting) => Promise<R>,
): Promise<R & { readonly actId: ActId }> {
  return inHousehold(world.db, asHouse ? caller.householdId : caller, async (trx) => {
    const household = await readHousehold(trx)
    const now = world.now()
    const { takenAgo = 0 } = caller
    const at = new Date(now.getTime() - takenAgo)
    const today = dayAt(at.getTime(), household.timeZone)
    const opening = await openAct(trx, {
      householdId: caller.householdId,
      key,
      kind,
      why,
      at,
      receivedAt: takenAgo > 0 ? now : null,
      who: caller.name,
      byUser: caller.userId,
      afterRole: caller.late ?? false,
      day: today,
      undoes: undoes ?? null,
      request: { kind, request },
    })
    if (opening.kind === 'key_used_otherwise') throw new Refusal({ code: 'key_used_otherwise' })
    if (opening.kind === 'repeated') return opening.result as R & { readonly actId: ActId }
    const { actId } = opening
    const done = await work({
      trx,
      householdId: caller.householdId,
      actId,
      today,
      at,
      household,
      who: caller.name,
    })
    // What is still on somebody's screen may have been taken away meanwhile.
    if (await pointsNowhere(trx)) throw undoes ? new Refusal({ code: 'used_since' }) : notFound()
    const result = { ...done, actId }
    await closeAct(trx, caller.householdId, actId, result)
    return result
  })
}

export interface SeenLot {
  readonly lot: LockedLot
  /** The lot it was once part of. */
  readonly rest: LockedLot | null
  /** Both, as `carryOut` takes them. */
  readonly locked: ReadonlyMap<LotId, LockedLot>
}

/**
 * Locks one lot at the version that was seen, and with it the lot it was once part of; tells
 * what happened since when it is another version.
 */
export async function lockSeen(
  scope: ActScope,
  lotId: LotId,
  seenVersion: number,
): Promise<SeenLot> {
  // Where a lot came from never changes, so it may be read before the lock.
  const origin = (await readLotRow(scope.trx, lotId))?.origin?.lotId
  const locked = await lockLots(scope.trx, origin ? [lotId, origin] : [lotId])
  const lot = locked.get(lotId)
  if (!lot) throw notFound()
  if (lot.lot.version !== seenVersion) {
    const since = await historyOfLot(scope.trx, lotId, seenVersion)
    throw new Refusal({
      code: 'changed_meanwhile',
      version: lot.lot.version,
      since: since.map(({ who, fact, at }) => ({ who, kind: fact.kind, at })),
    })
  }
  return { lot, rest: origin ? (locked.get(origin) ?? null) : null, locked }
}

/** Appends what was decided, or refuses with the reason. */
export async function carryOut(
  scope: ActScope,
  locked: ReadonlyMap<LotId, LockedLot>,
  decision: Decision,
): Promise<void> {
  if (decision.kind === 'refuse') throw new Refusal(decision.refusal)
  await append(scope, locked, decision.facts)
}

/** Appends facts that are decided. @throws {Refusal} `too_much` for one pocket */
export async function append(
  scope: ActScope,
  locked: ReadonlyMap<LotId, LockedLot>,
  facts: readonly LotFact[],
): Promise<void> {
  try {
    await appendMovements(scope, locked, facts)
  } catch (error) {
    if (!(error instanceof OverfullPocketError)) throw error
    throw new Refusal({ code: 'too_much', there: error.there })
  }
}

/**
 * Turns the outcome of an edit into a refusal where it is one.
 * @param of what was edited beside that which the act is about
 */
export function mustEdit(outcome: EditOutcome, of?: 'item'): void {
  if (outcome.kind === 'missing') throw notFound()
  if (outcome.kind === 'changed_meanwhile')
    throw new Refusal({
      code: 'changed_meanwhile',
      version: outcome.version,
      since: [],
      ...(of && { of }),
    })
}
