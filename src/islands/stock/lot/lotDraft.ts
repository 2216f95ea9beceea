/** What is put into a pocket as the form has it, and what that asks for. */
import type { z } from 'zod'
import { receiveLot } from '../../../contract/stock'
import type { itemValue } from '../../../contract/values/items'
import { readPrintedDate } from '../../../core/calendar/readPrintedDate'
import { singular } from '../../../core/interchange/readLine'
import { type Amount, formatAmount } from '../../../core/quantity/amount'
import { readAmount } from '../../../core/quantity/readAmount'
import { readPrice, writePrice } from '../../../core/quantity/readPrice'
import { itemTitle } from '../../../core/stock/item'
import { act, type FormReading, faultsIn, missing } from '../../../ui/formReading'
import * as words from '../../../words'
import { type ExpirySettings, expiryFault } from './ExpiryField'

type Item = z.infer<typeof itemValue>

export type LotDraft = {
  readonly name: string
  readonly strength: string
  readonly amount: string
  readonly unit: string
  readonly par: string
  readonly purpose: string
  readonly expiry: string
  readonly price: string
  readonly batch: string
  readonly boughtAt: string
  readonly note: string
  readonly directions: string
  readonly forMember: string | null
  /** The entry that a new thing is taken for; null for none, undefined while nobody has said. */
  readonly entryId: string | null | undefined
}

export const lotDraft = (
  item: Item | undefined,
  expected: Amount | undefined,
  boughtAt: string,
): LotDraft => ({
  name: item ? itemTitle(item) : '',
  strength: '',
  amount: expected === undefined ? '1' : formatAmount(expected),
  unit: '',
  par: '',
  purpose: '',
  expiry: '',
  price: item ? usualPrice(item) : '',
  batch: '',
  boughtAt,
  note: '',
  directions: '',
  forMember: null,
  entryId: undefined,
})

/** The thing of the household that is called so. */
export const itemCalled = (name: string, items: readonly Item[]): Item | undefined =>
  items.find((one) => itemTitle(one).toLowerCase() === name.trim().toLowerCase())

interface About extends ExpirySettings {
  readonly pocketId: string
  readonly items: readonly Item[]
}

export function readLotDraft(
  draft: LotDraft,
  { pocketId, items, ...settings }: About,
): FormReading<LotDraft, typeof receiveLot> {
  const known = itemCalled(draft.name, items)
  const amount = readAmount(draft.amount, true)
  const par = draft.par.trim() === '' ? null : readAmount(draft.par, true)
  const expiry = readPrintedDate(draft.expiry, settings)
  const price = readPrice(draft.price)
  const refused = (reading: typeof amount | null, field: 'amount' | 'par') =>
    reading?.kind === 'refused'
      ? words.imports.fault({ field, code: 'amount', refusal: reading.refusal })
      : undefined
  const faults = faultsIn<LotDraft>({
    name: missing(draft.name),
    amount:
      refused(amount, 'amount') ??
      (amount.kind === 'read' && amount.amount === 0 ? words.stock.add.nothing : undefined),
    par: refused(par, 'par'),
    expiry: expiryFault(draft.expiry, settings),
    price: price === 'not_a_price' ? words.imports.notAPrice : undefined,
  })
  if (faults || amount.kind !== 'read' || expiry.kind !== 'read' || price === 'not_a_price')
    return faults ?? { kind: 'faults', faults: {} }
  return act(receiveLot, {
    params: { pocketId },
    body: {
      item: known
        ? { id: known.id }
        : {
            new: {
              name: draft.name,
              strength: draft.strength,
              unit: singular(draft.unit || amount.unit),
              purpose: draft.purpose,
              ...(draft.entryId && { catalogueId: draft.entryId }),
            },
          },
      amount: amount.amount,
      par: par?.kind === 'read' && par.amount > 0 ? (par.amount as Amount) : null,
      expiry: expiry.expiry,
      batch: draft.batch,
      boughtAt: draft.boughtAt,
      note: draft.note,
      directions: draft.directions,
      forMember: draft.forMember,
      unitPriceMinor: price,
    },
  })
}

/** Of one, by what its pack costs. */
const usualPrice = ({ packPriceMinor, packSize }: Item): string =>
  packPriceMinor === null || packSize === null || packSize === 0
    ? ''
    : writePrice(Math.round((packPriceMinor * 1000) / packSize))
