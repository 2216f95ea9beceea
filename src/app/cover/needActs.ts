/** What a place is to be ready for: the keeper leaves a need out, with a reason, or expects it again. */
import { leftOutKey } from '../../core/cover/leftOut'
import { NEED_BY_ID } from '../../core/cover/needs'
import type { PlaceId } from '../../core/ids'
import { createRecord, removeRecord } from '../../db/frame/records'
import { decisionOf } from '../../db/lists/lists'
import { type Acting, act } from '../frame/act'
import type { Keyed } from '../frame/asked'
import { mustHave } from '../frame/mustHave'
import { notFound } from '../frame/refusal'
import type { Caller, World } from '../frame/world'

interface OnNeed extends Keyed {
  readonly placeId: PlaceId
  readonly needId: string
}

export const leaveOutNeed = (
  world: World,
  caller: Caller,
  { key, placeId, needId, reason }: OnNeed & { readonly reason: string },
) =>
  act(
    world,
    caller,
    { key, kind: 'need_left_out', why: reason, request: { placeId, needId, reason } },
    async (acting) => {
      await mustHave(acting.trx, 'place', placeId)
      if (!NEED_BY_ID.has(needId)) throw notFound()
      await forget(acting, placeId, needId)
      await createRecord(acting, 'list_decision', {
        place_id: placeId,
        line_key: leftOutKey(needId),
        decision: 'overruled',
        note: reason,
      })
      return {}
    },
  )

export const expectNeed = (world: World, caller: Caller, { key, placeId, needId }: OnNeed) =>
  act(
    world,
    caller,
    { key, kind: 'need_expected', request: { placeId, needId } },
    async (acting) => {
      await mustHave(acting.trx, 'place', placeId)
      if (!(await forget(acting, placeId, needId))) throw notFound()
      return {}
    },
  )

/** Whether anything had been said of it. */
async function forget(acting: Acting, placeId: PlaceId, needId: string): Promise<boolean> {
  const id = await decisionOf(acting.trx, placeId, leftOutKey(needId))
  if (id !== null) await removeRecord(acting, 'list_decision', id)
  return id !== null
}
