/** What a place is to be ready for: the keeper leaves a need out, with a reason, or expects it again. */
import { leftOutKey } from '../../core/cover/leftOut'
import { NEED_BY_ID } from '../../core/cover/needs'
import type { MemberId, PlaceId } from '../../core/ids'
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
  /** For one member; null: for everybody. */
  readonly memberId: MemberId | null
}

export const leaveOutNeed = (
  world: World,
  caller: Caller,
  { key, placeId, needId, memberId, reason }: OnNeed & { readonly reason: string },
) =>
  act(
    world,
    caller,
    { key, kind: 'need_left_out', why: reason, request: { placeId, needId, memberId, reason } },
    async (acting) => {
      await mustHave(acting.trx, 'place', placeId)
      if (!NEED_BY_ID.has(needId)) throw notFound()
      if (memberId !== null) await mustHave(acting.trx, 'member', memberId)
      const lineKey = leftOutKey(needId, memberId)
      await forget(acting, placeId, lineKey)
      await createRecord(acting, 'list_decision', {
        place_id: placeId,
        line_key: lineKey,
        decision: 'overruled',
        note: reason,
      })
      return {}
    },
  )

export const expectNeed = (
  world: World,
  caller: Caller,
  { key, placeId, needId, memberId }: OnNeed,
) =>
  act(
    world,
    caller,
    { key, kind: 'need_expected', request: { placeId, needId, memberId } },
    async (acting) => {
      await mustHave(acting.trx, 'place', placeId)
      if (!(await forget(acting, placeId, leftOutKey(needId, memberId)))) throw notFound()
      return {}
    },
  )

/** Whether anything had been said of it. */
async function forget(acting: Acting, placeId: PlaceId, lineKey: string): Promise<boolean> {
  const id = await decisionOf(acting.trx, placeId, lineKey)
  if (id !== null) await removeRecord(acting, 'list_decision', id)
  return id !== null
}
