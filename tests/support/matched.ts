/** Things that are put into a kit and matched with the reference list, by the owner of the database. */
import type pg from 'pg'
import type { Caller, World } from '../../src/app/frame/world'
import { receiveLot } from '../../src/app/stock/receiveLot'
import type { ItemId, LotId, PocketId } from '../../src/core/ids'
import { units } from '../../src/core/quantity/amount'
import { newKey } from './application'

interface Put {
  readonly name: string
  readonly strength?: string
  readonly unit?: string
  readonly catalogueId: string | null
  readonly kind: string
  readonly count: number
  /** So many belong there; none where it says nothing. */
  readonly par?: number
}

export async function putMatched(
  world: World,
  caller: Caller,
  owner: pg.Client,
  pocketId: PocketId,
  { name, strength = '', unit = 'piece', catalogueId, kind, count, par = 0 }: Put,
): Promise<{ readonly lotId: LotId; readonly itemId: ItemId }> {
  const { lotId, itemId } = await receiveLot(world, caller, {
    key: newKey(),
    pocketId,
    item: { new: { name, strength, unit, purpose: '', forWhom: '' } },
    amount: units(count),
    par: units(par),
    expiry: { kind: 'none' },
    openedOn: null,
    batch: '',
    boughtAt: '',
    unitPriceMinor: null,
    note: '',
  })
  await owner.query('update item set catalogue_id = $2, kind = $3 where id = $1', [
    itemId,
    catalogueId,
    kind,
  ])
  return { lotId: lotId as LotId, itemId: itemId as ItemId }
}
