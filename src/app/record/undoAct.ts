/** Takes an act back: its movements by counter-movements, its edits by their former values. */
import type { ActKind } from '../../contract'
import type { ActId, LotId } from '../../core/ids'
import { may } from '../../core/people/role'
import { sameDetail } from '../../core/stock/lot'
import {
  detailsSetBy,
  NegativeStockError,
  OverfullPocketError,
  reverse,
} from '../../core/stock/movement'
import { changesOf, findAct } from '../../db/frame/acts'
import { inHousehold, isTaken, isViolation } from '../../db/frame/connect'
import { appendMovements, lockLots, movementsOfAct } from '../../db/frame/ledger'
import { editRecord, reverseRecords } from '../../db/frame/records'
import type { ActedTable } from '../../db/frame/tables'
import { type Acting, act } from '../frame/act'
import { notFound, Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'

/**
 * Undoes an act once. An undoing can itself be undone.
 * @throws {Refusal} `already_undone`; `order_stays`; `people_stay`; `not_yours`; `used_since` when what it brought has been used or changed
 */
export async function undoAct(
  world: World,
  caller: Caller,
  { key, actId }: { readonly key: string; readonly actId: ActId },
) {
  await mustBeTheirs(world, caller, actId)
  try {
    return await act(
      world,
      caller,
      { key, kind: 'undone', undoes: actId, request: { actId } },
      async (acting) => {
        await undoMovements(acting, actId)
        await undoEdits(acting, actId)
        await reverseRecords(acting, actId)
        return {}
      },
    )
  } catch (error) {
    // Two windows at once: the database lets only one act undo another.
    if (isViolation(error, 'act_undone_once')) throw new Refusal({ code: 'already_undone' })
    // What it would bring back has been replaced meanwhile: another weight of that day, say.
    if (isTaken(error)) throw new Refusal({ code: 'used_since' })
    throw error
  }
}

/** What left the household cannot be called back from here. */
const ORDERED = 'ordered'
/** Bringing a person back is an invitation; an evening or a code is ended, and another one made. */
const COMING_AND_GOING: ReadonlySet<string> = new Set([
  'evening_given',
  'evening_ended',
  'invited',
  'lid_code_ended',
  'lid_code_made',
  'invitation_withdrawn',
  'joined',
  'household_left',
  'role_given',
  'role_ended',
] satisfies ActKind[])

/** Whether a press that undoes such an act is offered at all. @param byUser whose it is */
export const canBeUndone = (caller: Caller, kind: string, byUser: string | null): boolean =>
  kind !== 'undone' && kind !== ORDERED && !COMING_AND_GOING.has(kind) && isTheirs(caller, byUser)

/** Whoever arranges undoes what others did; everybody else what they did themselves. */
const isTheirs = ({ role, userId }: Caller, byUser: string | null): boolean =>
  may(role, 'arrange') || (may(role, 'count') && byUser === userId)

/** Looked up first, so that a stranger's act is not found rather than a broken reference. */
const mustBeTheirs = (world: World, caller: Caller, actId: ActId): Promise<void> =>
  inHousehold(world.db, caller, async (trx) => {
    const found = await findAct(trx, actId)
    if (!found) throw notFound()
    if (found.kind === ORDERED) throw new Refusal({ code: 'order_stays' })
    if (COMING_AND_GOING.has(found.kind)) throw new Refusal({ code: 'people_stay' })
    if (!isTheirs(caller, found.by_user)) throw new Refusal({ code: 'not_yours' })
  })

/** Moves the stock of an act back. */
export async function undoMovements(acting: Acting, actId: ActId): Promise<void> {
  const movements = await movementsOfAct(acting.trx, actId)
  const locked = await lockLots(acting.trx, [...new Set(movements.map(({ lotId }) => lotId))])
  for (const movement of movements) {
    const details = detailsSetBy(movement.fact)
    const lot = locked.get(movement.lotId as LotId)?.lot
    for (const name of Object.keys(details) as (keyof typeof details)[])
      if (!sameDetail(lot?.[name], details[name])) throw new Refusal({ code: 'used_since' })
  }
  try {
    await appendMovements(
      acting,
      locked,
      movements.map((movement) => ({ lotId: movement.lotId, fact: reverse(movement) })),
    )
  } catch (error) {
    if (error instanceof NegativeStockError || error instanceof OverfullPocketError)
      throw new Refusal({ code: 'used_since' })
    throw error
  }
}

async function undoEdits(acting: Acting, actId: ActId): Promise<void> {
  for (const change of await changesOf(acting.trx, actId)) {
    const table = change.record as ActedTable
    const outcome = await editRecord(
      acting,
      table,
      change.record_id,
      change.before as Parameters<typeof editRecord>[3],
      null,
    )
    if (outcome.kind === 'missing') throw new Refusal({ code: 'used_since' })
  }
}
