/** Decides proposed lines of a place's list: accepted lines set a par, overruled ones keep their note. */
import type { PlaceId, PocketId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import { createRecord, removeRecord } from '../../db/frame/records'
import { pocketIsAt } from '../../db/kits/sites'
import { decisionOf } from '../../db/lists/lists'
import { type Acting, act } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { notFound } from '../frame/refusal'
import type { Caller, World } from '../frame/world'
import { itemOfThing, type ThingMeant } from '../items/itemOfThing'
import { writePar } from '../stock/setPar'

export type LineDecision =
  | {
      readonly decision: 'accepted'
      readonly key: string
      readonly thing: ThingMeant
      readonly par: Amount
      readonly pocketId: PocketId
    }
  | { readonly decision: 'overruled'; readonly key: string; readonly note: string }
  /** As if nobody had decided. */
  | { readonly decision: 'open'; readonly key: string }

export const decideLines = (
  world: World,
  caller: Caller,
  {
    key,
    placeId,
    lines,
  }: { readonly key: string; readonly placeId: PlaceId; readonly lines: readonly LineDecision[] },
) =>
  act(world, caller, { key, kind: 'list_decided', request: { placeId, lines } }, async (acting) => {
    await mustHave(acting.trx, 'place', placeId)
    const pockets = new Set<PocketId>()
    for (const line of lines) {
      await forget(acting, placeId, line.key)
      if (line.decision === 'open') continue
      if (line.decision === 'accepted') {
        if (!pockets.has(line.pocketId)) await mustBePocketAt(acting, line.pocketId, placeId)
        pockets.add(line.pocketId)
        await writePar(acting, await itemOfThing(acting, line.thing), line.pocketId, line.par)
      }
      await createRecord(acting, 'list_decision', {
        place_id: placeId,
        line_key: line.key,
        decision: line.decision,
        note: line.decision === 'overruled' ? line.note : '',
      })
    }
    return { decided: lines.length }
  })

/** A line of one place's list is not kept at another. */
async function mustBePocketAt(
  { trx }: Acting,
  pocketId: PocketId,
  placeId: PlaceId,
): Promise<void> {
  if (!(await pocketIsAt(trx, pocketId, placeId))) throw notFound()
}

async function forget(acting: Acting, placeId: PlaceId, lineKey: string): Promise<void> {
  const id = await decisionOf(acting.trx, placeId, lineKey)
  if (id !== null) await removeRecord(acting, 'list_decision', id)
}
