import type { ActKind } from '../../contract'
import type { Expiry } from '../../core/calendar/expiry'
import { daysBetween } from '../../core/calendar/plainDate'
import type { PocketId, PurchaseId } from '../../core/ids'
import {
  type Amount,
  less,
  NOTHING,
  packsFor,
  sum,
  units,
  upToMost,
} from '../../core/quantity/amount'
import { sameShop } from '../../core/restock/offers'
import {
  boughtAmount,
  isHere,
  LOOK_AGAIN_DAYS,
  type Purchase,
  stillWaiting,
  type Target,
} from '../../core/shopping/purchase'
import type { Item } from '../../core/stock/item'
import { createRecord, editRecord, removeRecord } from '../../db/frame/records'
import { itemNow, itemOfPurchase } from '../../db/items/items'
import { readOffers } from '../../db/restock/plan'
import {
  type KeptPurchase,
  purchaseColumns,
  readPurchases,
  stateColumns,
} from '../../db/restock/shopping'
import { type Acting, act, mustEdit } from '../frame/act'
import type { Keyed } from '../frame/asked'
import { mustHave } from '../frame/mustHave'
import { notFound, Refusal } from '../frame/refusal'
import { titleIn } from '../frame/titleIn'
import type { Caller, World } from '../frame/world'
import { learnCode } from '../items/codeActs'
import { receiveInto } from '../stock/receiveLot'
import { writeOffer } from './planActs'
import { buyCameTrue } from './wishes'

interface OnPurchase extends Keyed {
  readonly purchaseId: PurchaseId
}

/** A line as the plan or the keeper asks for it. */
export type Asked = Omit<Purchase, 'id' | 'state' | 'source'>

/** Replaces what the plan had put on the list; what was put there by hand or bought stays. */
export const makeList = (
  world: World,
  caller: Caller,
  { key, lines }: Keyed & { readonly lines: readonly Asked[] },
) =>
  act(world, caller, { key, kind: 'list_made', request: lines }, async (acting) => {
    for (const { id, state, source } of await readPurchases(acting.trx)) {
      const isOld = state.kind === 'listed' && source === 'plan'
      const isForgotten =
        state.kind === 'not_there' && daysBetween(state.on, acting.today) >= LOOK_AGAIN_DAYS
      if (isOld || isForgotten) await removeRecord(acting, 'purchase', id)
    }
    for (const line of lines) await addLine(acting, { ...line, source: 'plan' })
    return { lines: lines.length }
  })

export const addPurchase = async (
  world: World,
  caller: Caller,
  { key, ...asked }: Keyed & Asked,
): Promise<{ purchaseId: PurchaseId; actId: Acting['actId'] }> => {
  const why = await titleIn(world, caller, (trx) => itemNow(trx, asked.itemId))
  return act(
    world,
    caller,
    { key, kind: 'purchase_added', why, request: asked },
    async (acting) => ({
      purchaseId: await addLine(acting, { ...asked, source: 'hand' }),
    }),
  )
}

/** What is asked of a line of the list, under the name of its thing. */
const aboutLine = async (
  world: World,
  caller: Caller,
  kind: ActKind,
  { key, ...request }: OnPurchase,
) => ({
  key,
  kind,
  why: await titleIn(world, caller, (trx) => itemOfPurchase(trx, request.purchaseId)),
  request,
})

async function addLine(
  acting: Acting,
  asked: Asked & Pick<Purchase, 'source'>,
): Promise<PurchaseId> {
  await mustHave(acting.trx, 'item', asked.itemId)
  for (const { pocketId } of asked.goesTo) await mustHave(acting.trx, 'pocket', pocketId)
  return (await createRecord(
    acting,
    'purchase',
    purchaseColumns({ ...asked, state: { kind: 'listed' } }),
  )) as PurchaseId
}

/** Puts what a pocket lacks on the list, unless it is there already. */
export async function listShortfall(
  acting: Acting,
  item: Item,
  pocketId: PocketId,
  missing: Amount,
): Promise<void> {
  const isThere = (await readPurchases(acting.trx)).some(
    ({ itemId, goesTo, state }) =>
      itemId === item.id &&
      state.kind !== 'not_there' &&
      goesTo.some((target) => target.pocketId === pocketId),
  )
  if (isThere) return
  const packSize = item.packSize === null || item.packSize === NOTHING ? units(1) : item.packSize
  await addLine(acting, {
    itemId: item.id,
    shop: item.shop,
    packs: Math.max(1, packsFor(missing, packSize)),
    packSize,
    priceMinor: item.packSize === packSize ? item.packPriceMinor : null,
    wantedBy: null,
    goesTo: [{ pocketId, amount: missing }],
    source: 'hand',
  })
}

export async function mustHavePurchase(
  acting: Acting,
  purchaseId: PurchaseId,
): Promise<KeptPurchase> {
  const found = (await readPurchases(acting.trx)).find(({ id }) => id === purchaseId)
  if (!found) throw notFound()
  return found
}

/** Ticked, not to be had, or back on the list. @throws {Refusal} `on_order` for what was ordered */
export const markPurchase = async (
  world: World,
  caller: Caller,
  asked: OnPurchase & { readonly state: 'listed' | 'in_bag' | 'not_there' },
) => {
  const { purchaseId, state } = asked
  return act(
    world,
    caller,
    await aboutLine(world, caller, `purchase_${state}`, asked),
    async (acting) => {
      const { state: now } = await mustHavePurchase(acting, purchaseId)
      if ('orderId' in now) throw new Refusal({ code: 'on_order' })
      const columns = stateColumns(
        state === 'not_there' ? { kind: state, on: acting.today } : { kind: state },
      )
      mustEdit(await editRecord(acting, 'purchase', purchaseId, columns, null))
      return {}
    },
  )
}

/** Other packs, or another shop. @throws {Refusal} `on_order` for what was ordered */
export const changePurchase = async (
  world: World,
  caller: Caller,
  asked: OnPurchase & { readonly packs?: number | undefined; readonly shop?: string | undefined },
) => {
  const { purchaseId, ...changed } = asked
  return act(
    world,
    caller,
    await aboutLine(world, caller, 'purchase_changed', asked),
    async (acting) => {
      const { state } = await mustHavePurchase(acting, purchaseId)
      if ('orderId' in state) throw new Refusal({ code: 'on_order' })
      const patch = {
        ...(changed.packs !== undefined && { packs: changed.packs }),
        ...(changed.shop !== undefined && { shop: changed.shop }),
        // A line that somebody changed is theirs; the plan does not take it away again.
        source: 'hand' as const,
      }
      mustEdit(await editRecord(acting, 'purchase', purchaseId, patch, null))
      return {}
    },
  )
}

export const removePurchase = async (world: World, caller: Caller, asked: OnPurchase) =>
  act(world, caller, await aboutLine(world, caller, 'purchase_removed', asked), async (acting) => {
    if (!(await removeRecord(acting, 'purchase', asked.purchaseId))) throw notFound()
    return {}
  })

export interface PutAway extends OnPurchase {
  readonly puts: readonly Target[]
  readonly expiry: Expiry
  readonly batch: string
  /** Paid for a pack; null when nobody says. */
  readonly priceMinor: number | null
  readonly note: string
  /** The number that was read from the pack; null where it was typed. */
  readonly gtin: string | null
  /** What is not put now is not kept: nothing of it waits for another date. */
  readonly isAll: boolean
}

/**
 * Puts what was bought into its pockets as one lot; of what has another date, the rest waits. The
 * price that was paid is what the shop charges from now on.
 * @throws {Refusal} `not_here_yet` for what is still to come
 */
export const putAway = async (world: World, caller: Caller, put: PutAway) =>
  act(world, caller, await aboutLine(world, caller, 'put_away', put), async (acting) => {
    const purchase = await mustHavePurchase(acting, put.purchaseId)
    const { itemId, shop, packs, packSize, state } = purchase
    if (!isHere(purchase) && state.kind !== 'listed') throw new Refusal({ code: 'not_here_yet' })
    if (put.gtin !== null) await learnCode(acting, itemId, put.gtin)
    const { lotId } = await receiveInto(acting, {
      item: { id: itemId },
      puts: put.puts,
      par: null,
      expiry: put.expiry,
      openedOn: null,
      batch: put.batch,
      boughtAt: shop,
      unitPriceMinor: unitPrice(put.priceMinor, packSize),
      note: put.note,
      held: null,
    })
    if (put.priceMinor !== null && put.priceMinor !== purchase.priceMinor)
      await learnPrice(acting, purchase, put.priceMinor)
    await buyCameTrue(acting, purchase)
    const left = less(boughtAmount(purchase), sum(put.puts.map(({ amount }) => amount)))
    if (left === NOTHING || put.isAll) await removeRecord(acting, 'purchase', put.purchaseId)
    else
      mustEdit(
        await editRecord(
          acting,
          'purchase',
          put.purchaseId,
          {
            ...(left % packSize === 0
              ? { packs: left / packSize }
              : { packs: 1, pack_size: upToMost(left), ...(packs > 1 && { price_minor: null }) }),
            goes_to: JSON.stringify(stillWaiting(purchase.goesTo, put.puts)),
            ...(state.kind === 'listed' && stateColumns({ kind: 'in_bag' })),
          },
          null,
        ),
      )
    return { lotId, left }
  })

const unitPrice = (packMinor: number | null, packSize: Amount): number | null =>
  packMinor === null ? null : Math.round((packMinor * 1000) / packSize)

/** A price at no shop in particular is the item's own. */
async function learnPrice(
  acting: Acting,
  { itemId, shop, packSize }: Purchase,
  priceMinor: number,
): Promise<void> {
  const known = (await readOffers(acting.trx)).find(
    (one) => one.itemId === itemId && sameShop(one.shop, shop),
  )
  const item = await itemNow(acting.trx, itemId)
  if (!item) throw notFound()
  if (shop === '' && item.shop !== '') return
  await writeOffer(acting, {
    itemId,
    shop,
    packSize,
    priceMinor,
    leadDays: known?.leadDays ?? 0,
  })
}
