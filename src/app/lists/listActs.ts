/** Decides proposed lines of a place's list: accepted lines set a par, overruled ones keep their note. */
import type { ItemId, PlaceId, PocketId } from '../../core/ids'
import { type Amount, units } from '../../core/quantity/amount'
import type { OpenedClock } from '../../core/shelf-life/openedClock'
import { createRecord, removeRecord } from '../../db/frame/records'
import { type Acting, act } from '../frame/act'
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
    await mustBePlace(acting, placeId)
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

async function mustBePlace({ trx }: Acting, placeId: PlaceId): Promise<void> {
  const row = await trx
    .selectFrom('place')
    .select('id')
    .where('id', '=', placeId)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
  if (!row) throw notFound()
}

/** A line of one place's list is not kept at another. */
async function mustBePocketAt(
  { trx }: Acting,
  pocketId: PocketId,
  placeId: PlaceId,
): Promise<void> {
  const row = await trx
    .selectFrom('pocket')
    .innerJoin('kit', 'kit.id', 'pocket.kit_id')
    .select('pocket.id')
    .where('pocket.id', '=', pocketId)
    .where('kit.place_id', '=', placeId)
    .where('pocket.removed_by_act', 'is', null)
    .where('kit.removed_by_act', 'is', null)
    .executeTakeFirst()
  if (!row) throw notFound()
}

async function forget(acting: Acting, placeId: PlaceId, lineKey: string): Promise<void> {
  const row = await acting.trx
    .selectFrom('list_decision')
    .select('id')
    .where('place_id', '=', placeId)
    .where('line_key', '=', lineKey)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
  if (row) await removeRecord(acting, 'list_decision', row.id)
}

/** The item that is meant; made from the catalogue when the household has none of that entry yet. */
async function itemOf(
  acting: Acting,
  thing: Extract<LineDecision, { decision: 'accepted' }>['thing'],
): Promise<ItemId> {
  const known = await acting.trx
    .selectFrom('item')
    .select('id')
    .where('removed_by_act', 'is', null)
    .where(
      'itemId' in thing ? 'id' : 'catalogue_id',
      '=',
      'itemId' in thing ? thing.itemId : thing.entryId,
    )
    .orderBy('id')
    .executeTakeFirst()
  if (known) return known.id as ItemId
  if ('itemId' in thing) throw notFound()
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
