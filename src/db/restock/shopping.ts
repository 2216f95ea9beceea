/** The shopping list, orders, and the bulletins that were taken in. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { ItemId, PurchaseId, ShopOrderId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import type { Bulletin } from '../../core/recall/bulletin'
import type { Purchase, PurchaseState, Target } from '../../core/shopping/purchase'
import type { Trx } from '../frame/connect'

/** A line of the list as it stands, with the version that edits answer to. */
export type KeptPurchase = Purchase & { readonly version: number }

/** What is on the list, in the bag or on its way, in an order that stays. */
export async function readPurchases(trx: Trx): Promise<readonly KeptPurchase[]> {
  const rows = await trx
    .selectFrom('purchase')
    .selectAll()
    .where('removed_by_act', 'is', null)
    .orderBy('wanted_by')
    .orderBy('id')
    .execute()
  return rows.map((row) => ({
    id: row.id as PurchaseId,
    itemId: row.item_id as ItemId,
    shop: row.shop,
    packs: row.packs,
    packSize: row.pack_size as Amount,
    priceMinor: row.price_minor,
    wantedBy: row.wanted_by as PlainDate | null,
    goesTo: row.goes_to as readonly Target[],
    source: row.source,
    state: stateOf(row.state, row),
    version: row.version,
  }))
}

interface StateColumns {
  readonly on_day: string | null
  readonly order_id: string | null
  readonly back_ordered: boolean
}

/** The database lets no state be without what it needs. */
function stateOf(kind: string, row: StateColumns): PurchaseState {
  const on = row.on_day as PlainDate
  const orderId = row.order_id as ShopOrderId
  switch (kind) {
    case 'in_bag':
      return { kind: 'in_bag' }
    case 'not_there':
      return { kind: 'not_there', on }
    case 'ordered':
      return { kind: 'ordered', orderId, dueOn: on, backOrdered: row.back_ordered }
    case 'arrived':
      return { kind: 'arrived', orderId }
    default:
      return { kind: 'listed' }
  }
}

export const stateColumns = (state: PurchaseState) => ({
  state: state.kind,
  on_day: state.kind === 'ordered' ? state.dueOn : state.kind === 'not_there' ? state.on : null,
  order_id: 'orderId' in state ? state.orderId : null,
  back_ordered: state.kind === 'ordered' && state.backOrdered,
})

/** As a new row has it. */
export const purchaseColumns = (purchase: Omit<Purchase, 'id'>) => ({
  item_id: purchase.itemId,
  shop: purchase.shop,
  packs: purchase.packs,
  pack_size: purchase.packSize,
  price_minor: purchase.priceMinor,
  wanted_by: purchase.wantedBy,
  goes_to: JSON.stringify(purchase.goesTo),
  source: purchase.source,
  ...stateColumns(purchase.state),
})

export interface ShopOrder {
  readonly id: ShopOrderId
  readonly shop: string
  readonly reference: string
  readonly orderedOn: PlainDate
}

/** The newest first. */
export async function readOrders(trx: Trx): Promise<readonly ShopOrder[]> {
  const rows = await trx
    .selectFrom('shop_order')
    .selectAll()
    .where('removed_by_act', 'is', null)
    .orderBy('ordered_on', 'desc')
    .orderBy('reference')
    .execute()
  return rows.map((row) => ({
    id: row.id as ShopOrderId,
    shop: row.shop,
    reference: row.reference,
    orderedOn: row.ordered_on as PlainDate,
  }))
}

export interface KeptNotice {
  readonly id: string
  readonly takenOn: PlainDate
  readonly bulletin: Bulletin
}

/** Bulletins that were taken in, the newest first. */
export async function readNotices(trx: Trx): Promise<readonly KeptNotice[]> {
  const rows = await trx
    .selectFrom('recall_notice')
    .selectAll()
    .where('removed_by_act', 'is', null)
    .orderBy('taken_on', 'desc')
    .orderBy('bulletin_id')
    .execute()
  return rows.map((row) => ({
    id: row.id,
    takenOn: row.taken_on as PlainDate,
    bulletin: row.bulletin as Bulletin,
  }))
}
