/** Decides proposed lines of a place's list: accepted lines set a par, overruled ones keep their note. */
import type { ItemId, PlaceId, PocketId } from '../../core/ids'
import { type Amount, units } from '../../core/quantity/amount'
import type { OpenedClock } from '../../core/shelf-life/openedClock'
import { createRecord, removeRecord } from '../../db/frame/records'
import { itemOfEntry } from '../../db/items/items'
import { pocketIsAt } from '../../db/kits/sites'
import { decisionOf } from '../../db/lists/lists'
import { type Acting, act } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { notFound } from '../frame/refusal'
import type { Caller, World } from '../frame/world'
import { mustBeEntry } from '../items/catalogueActs'
import { writePar } from '../stock/setPar'

export type LineDecision =
  | {
      readonly decision: 'accepted'
      readonly key: string
      readonly thing: { readonly itemId: ItemId } | { readonly entryId: string }
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
        await writePar(acting, await itemOf(acting, line.thing), line.pocketId, line.par)
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

/** The item that is meant; made from the catalogue when the household has none of that entry yet. */
async function itemOf(
  acting: Acting,
  thing: Extract<LineDecision, { decision: 'accepted' }>['thing'],
): Promise<ItemId> {
  if ('itemId' in thing) {
    await mustHave(acting.trx, 'item', thing.itemId)
    return thing.itemId
  }
  const known = await itemOfEntry(acting.trx, thing.entryId)
  if (known) return known
  const entry = mustBeEntry(thing.entryId)
  const clock: OpenedClock = entry.openedRule
    ? { kind: 'rule', rule: entry.openedRule }
    : { kind: 'unset' }
  return (await createRecord(acting, 'item', {
    name: entry.name,
    strength: entry.strength,
    unit: entry.unit,
    kind: entry.kind,
    purpose: entry.purpose,
    for_whom: '',
    essential: false,
    opened_clock: JSON.stringify(clock),
    pack_size: units(entry.pack.units),
    pack_price_minor: entry.pack.priceMinor,
    shop: '',
    note: entry.spec,
    catalogue_id: entry.id,
  })) as ItemId
}
