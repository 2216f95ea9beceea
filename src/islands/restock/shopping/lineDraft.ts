/** A line of the shopping list, and what was bought, as their forms have it, and what that asks for. */
import type { z } from 'zod'
import { addPurchase, putAway } from '../../../contract/restock'
import type { itemValue } from '../../../contract/values/items'
import { readPrintedDate } from '../../../core/calendar/readPrintedDate'
import {
  type Amount,
  formatAmount,
  less,
  NOTHING,
  sum,
  type Total,
  units,
} from '../../../core/quantity/amount'
import { readAmount } from '../../../core/quantity/readAmount'
import { readNumber } from '../../../core/quantity/readNumber'
import { readPrice, writePrice } from '../../../core/quantity/readPrice'
import { act, type FormReading, faultsIn } from '../../../ui/formReading'
import * as words from '../../../words'
import { type ExpirySettings, expiryFault } from '../../stock/lot/ExpiryField'
import type { Purchase } from './view'

export type LineDraft = {
  readonly itemId: string | null
  readonly packs: string
  /** Null while nobody has said: the shop of the thing itself. */
  readonly shop: string | null
}
export const EMPTY_LINE: LineDraft = { itemId: null, packs: '1', shop: null }

const PACKS = { least: 1, most: 1000, whole: true }

export function readLineDraft(
  { itemId, packs, shop }: LineDraft,
  items: readonly z.infer<typeof itemValue>[],
): FormReading<LineDraft, typeof addPurchase> {
  const item = items.find(({ id }) => id === itemId)
  const count = readNumber(packs, PACKS)
  const faults = faultsIn<LineDraft>({
    itemId: item ? undefined : words.forms.pick,
    packs:
      typeof count === 'number'
        ? undefined
        : count === 'none'
          ? words.forms.missing
          : words.shopping.adding.wrongPacks(PACKS.most),
  })
  if (faults || !item) return faults ?? { kind: 'faults', faults: {} }
  return act(addPurchase, {
    body: {
      itemId: item.id,
      shop: shop ?? item.shop,
      packs: Number(count),
      packSize: item.packSize === null || item.packSize === 0 ? units(1) : item.packSize,
      priceMinor: item.packPriceMinor,
      wantedBy: null,
      goesTo: [],
    },
  })
}

export type PutDraft = {
  readonly expiry: string
  readonly batch: string
  readonly price: string
  /** How many into each of the pockets that are proposed. */
  readonly amounts: readonly string[]
  /** What is left over is not there: this was all. */
  readonly isAll: boolean
}

export const putDraft = ({ priceMinor, proposed }: Purchase): PutDraft => ({
  expiry: '',
  batch: '',
  price: priceMinor === null ? '' : writePrice(priceMinor),
  amounts: proposed.map(({ amount }) => formatAmount(amount)),
  isAll: false,
})

interface Split {
  readonly puts: readonly { readonly pocketId: string; readonly amount: Amount }[]
  readonly bought: Amount
  /** Of what was bought, in no pocket yet. */
  readonly left: Total
  /** More than was bought. */
  readonly over: Total
}

/** How what was bought is divided among its pockets; what cannot be read counts as nothing. */
export function splitOf(
  amounts: readonly string[],
  { packs, packSize, proposed }: Pick<Purchase, 'packs' | 'packSize' | 'proposed'>,
): Split {
  const puts = proposed.flatMap(({ pocketId }, at) => {
    const read = readAmount(amounts[at] ?? '')
    return read.kind === 'read' && read.amount > NOTHING ? [{ pocketId, amount: read.amount }] : []
  })
  const bought = (packs * packSize) as Amount
  const put = sum(puts.map(({ amount }) => amount))
  return { puts, bought, left: less(bought, put), over: less(put, bought) }
}

/** What is wrong with one of the amounts. */
export function amountFault(text: string): string | undefined {
  const read = readAmount(text)
  return read.kind === 'refused'
    ? words.imports.fault({ field: 'amount', code: 'amount', refusal: read.refusal })
    : undefined
}

interface AboutPut extends ExpirySettings {
  readonly purchase: Purchase
  /** The number of the code that was read on the pack; it is learned with it. */
  readonly gtin: string | null
}

export function readPutDraft(
  { expiry: typed, batch, price, amounts, isAll }: PutDraft,
  { purchase, gtin, ...settings }: AboutPut,
): FormReading<PutDraft, typeof putAway> {
  const { puts, left } = splitOf(amounts, purchase)
  const expiry = readPrintedDate(typed, settings)
  const paid = readPrice(price)
  const faults = faultsIn<PutDraft>({
    expiry: expiryFault(typed, settings),
    price: paid === 'not_a_price' ? words.imports.notAPrice : undefined,
    amounts:
      amounts.map(amountFault).find((fault) => fault !== undefined) ??
      (puts.length === 0 ? words.shopping.receive.nothing : undefined),
  })
  if (faults || expiry.kind !== 'read' || paid === 'not_a_price')
    return faults ?? { kind: 'faults', faults: {} }
  return act(putAway, {
    params: { purchaseId: purchase.id },
    body: {
      puts: [...puts],
      expiry: expiry.expiry,
      batch,
      priceMinor: paid,
      gtin,
      isAll: left > 0 && isAll,
    },
  })
}
