/** Asking shops that take orders: what they charge, ordering from the list, how orders stand. */
import { assertNever } from '../../core/brand'
import type { ShopOrderId } from '../../core/ids'
import { units } from '../../core/quantity/amount'
import { sameShop } from '../../core/restock/offers'
import { type PurchaseState, partTargets } from '../../core/shopping/purchase'
import { type Fate, type Shop, ShopSilentError } from '../../core/shopping/shop'
import { createRecord, editRecord, removeRecord } from '../../db/frame/records'
import { readItems } from '../../db/items/items'
import { readOffers } from '../../db/restock/plan'
import {
  type KeptPurchase,
  purchaseColumns,
  readOrders,
  readPurchases,
  stateColumns,
} from '../../db/restock/shopping'
import { readStock } from '../../db/stock/stock'
import { type Acting, act, mustEdit } from '../frame/act'
import { notFound, Refusal } from '../frame/refusal'
import { patientWith } from '../frame/timeLimits'
import type { Caller, World } from '../frame/world'
import { writeOffer } from './planActs'

interface Asking {
  readonly key: string
  readonly shop: string
}

/** From now on it has so long for all that is asked of it. */
function mustHaveShop({ services }: World, name: string): Shop {
  const shop = services.shops.find((one) => sameShop(one.name, name))
  if (!shop) throw notFound()
  return patientWith(shop)
}

/** @throws {Refusal} `shop_silent` when it does not answer; nothing is written then */
async function answered<Answer>(asking: Promise<Answer>): Promise<Answer> {
  try {
    return await asking
  } catch (error) {
    if (error instanceof ShopSilentError)
      throw new Refusal({ code: 'shop_silent', shop: error.shop })
    throw error
  }
}

/** Takes over its prices of everything that belongs somewhere; what it does not have it has not. */
export const takePrices = (world: World, caller: Caller, { key, shop: name }: Asking) =>
  act(world, caller, { key, kind: 'prices_taken', why: name, request: name }, async (acting) => {
    const shop = mustHaveShop(world, name)
    const { items, pars } = await readStock(acting.trx)
    const kept = new Set(pars.map(({ itemId }) => itemId))
    const asked = items.flatMap(({ id, catalogueId }) =>
      catalogueId !== null && kept.has(id) ? [{ itemId: id, article: catalogueId }] : [],
    )
    const quotes = await answered(
      shop.quote(
        asked.map(({ article }) => article),
        acting.today,
      ),
    )
    const offers = await readOffers(acting.trx)
    let priced = 0
    for (const [index, { itemId }] of asked.entries()) {
      const quote = quotes[index]
      if (quote && quote.availability.kind !== 'none') {
        await writeOffer(acting, {
          itemId,
          shop: shop.name,
          packSize: units(quote.units),
          priceMinor: quote.priceMinor,
          leadDays: quote.leadDays,
        })
        priced++
        continue
      }
      const known = offers.find((one) => one.itemId === itemId && sameShop(one.shop, shop.name))
      if (known) await removeRecord(acting, 'shop_offer', known.id)
    }
    return { priced, without: asked.length - priced }
  })

/** Orders all lines of the list that are for this shop. */
export const orderListed = (world: World, caller: Caller, { key, shop: name }: Asking) =>
  act(world, caller, { key, kind: 'ordered', why: name, request: name }, async (acting) => {
    const shop = mustHaveShop(world, name)
    const lines = await orderable(acting, shop)
    if (lines.length === 0) throw new Refusal({ code: 'nothing_to_order' })
    const { reference, fates } = await answered(
      shop.order(
        key,
        lines.map(({ article, purchase }) => ({ article, packs: purchase.packs })),
        acting.today,
      ),
    )
    const orderId = (await createRecord(acting, 'shop_order', {
      shop: shop.name,
      reference,
      ordered_on: acting.today,
    })) as ShopOrderId
    const counts = { comes: 0, back_ordered: 0, refused: 0 }
    for (const [index, { purchase }] of lines.entries())
      for (const fate of await partAsAnswered(acting, purchase, fates[index] ?? [], orderId))
        counts[fate.kind] += fate.packs
    return { reference, ...counts }
  })

async function orderable(acting: Acting, shop: Shop) {
  const items = await readItems(acting.trx)
  const articles = new Map(items.map(({ id, catalogueId }) => [id, catalogueId]))
  return (await readPurchases(acting.trx)).flatMap((purchase) => {
    const article = articles.get(purchase.itemId)
    return purchase.state.kind === 'listed' && sameShop(purchase.shop, shop.name) && article
      ? [{ purchase, article }]
      : []
  })
}

/** One line for each thing that becomes of its packs; the first stays the line it was. */
async function partAsAnswered(
  acting: Acting,
  purchase: KeptPurchase,
  fates: readonly Fate[],
  orderId: ShopOrderId,
): Promise<readonly Fate[]> {
  const targets = partTargets(
    purchase,
    fates.map(({ packs }) => packs),
  )
  for (const [index, fate] of fates.entries()) {
    const part = {
      ...purchase,
      packs: fate.packs,
      goesTo: targets[index] ?? [],
      state: stateAfter(fate, orderId, acting),
    }
    if (index === 0)
      mustEdit(await editRecord(acting, 'purchase', purchase.id, purchaseColumns(part), null))
    else await createRecord(acting, 'purchase', purchaseColumns(part))
  }
  return fates
}

function stateAfter(fate: Fate, orderId: ShopOrderId, { today }: Acting): PurchaseState {
  switch (fate.kind) {
    case 'comes':
      return { kind: 'ordered', orderId, dueOn: fate.on, backOrdered: false }
    case 'back_ordered':
      return { kind: 'ordered', orderId, dueOn: fate.on, backOrdered: true }
    case 'refused':
      return { kind: 'not_there', on: today }
    default:
      return assertNever(fate)
  }
}

/** Asks how everything stands that this shop was to have brought by now. */
export const askShop = (world: World, caller: Caller, { key, shop: name }: Asking) =>
  act(world, caller, { key, kind: 'shop_asked', why: name, request: name }, async (acting) => {
    const shop = mustHaveShop(world, name)
    const items = await readItems(acting.trx)
    const counts = { here: 0, later: 0, cancelled: 0 }
    const purchases = await readPurchases(acting.trx)
    for (const { id: orderId, shop: of, reference } of await readOrders(acting.trx)) {
      if (!sameShop(of, shop.name)) continue
      const due = purchases.flatMap(({ id, itemId, packs, state }) => {
        const article = items.find((item) => item.id === itemId)?.catalogueId
        return state.kind === 'ordered' &&
          state.orderId === orderId &&
          state.dueOn <= acting.today &&
          article
          ? [{ id, packs, article, dueOn: state.dueOn, backOrdered: state.backOrdered }]
          : []
      })
      const deliveries = await answered(shop.track(reference, due, acting.today))
      for (const [index, { id, packs }] of due.entries()) {
        const delivery = deliveries[index]
        if (!delivery) continue
        counts[delivery.kind] += packs
        const state: PurchaseState =
          delivery.kind === 'here'
            ? { kind: 'arrived', orderId }
            : delivery.kind === 'later'
              ? { kind: 'ordered', orderId, dueOn: delivery.on, backOrdered: true }
              : { kind: 'not_there', on: acting.today }
        mustEdit(await editRecord(acting, 'purchase', id, stateColumns(state), null))
      }
    }
    return counts
  })
