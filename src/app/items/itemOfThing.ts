/** A thing by its item, or by the catalogue where the household has none of it yet. */
import type { ItemId } from '../../core/ids'
import { units } from '../../core/quantity/amount'
import type { OpenedClock } from '../../core/shelf-life/openedClock'
import { createRecord } from '../../db/frame/records'
import { itemOfEntry } from '../../db/items/items'
import type { Acting } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { mustBeEntry } from './catalogueActs'

export type ThingMeant = { readonly itemId: ItemId } | { readonly entryId: string }

/** The item that is meant; made from the catalogue when the household has none of that entry yet. */
export async function itemOfThing(acting: Acting, thing: ThingMeant): Promise<ItemId> {
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
