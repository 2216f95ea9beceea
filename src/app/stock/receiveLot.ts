/** Receives a lot into a pocket; the item may be new, and the par may be set with it. */
import { randomUUID } from 'node:crypto'
import type { Expiry } from '../../core/calendar/expiry'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { ItemId, LotId, MemberId, PocketId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import { decideReceiveInto } from '../../core/stock/decide'
import { doubtIn, standingFor } from '../../core/stock/holding'
import { itemTitle } from '../../core/stock/item'
import { guessKind, guessOpenedClock, type ItemKind } from '../../core/stock/itemKind'
import { emptyStock } from '../../core/stock/movement'
import { createLots } from '../../db/frame/ledger'
import { createRecord } from '../../db/frame/records'
import { itemNow, readItems } from '../../db/items/items'
import { type Acting, act, carryOut } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { notFound, Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'
import { clockOf, mustBeEntry } from '../items/catalogueActs'
import { settleTakings } from '../roadside/settling'
import { writePar } from './setPar'

export interface NewItem {
  readonly name: string
  readonly strength: string
  readonly unit: string
  readonly purpose: string
  readonly forWhom: string
  readonly kind?: ItemKind | undefined
  /** The catalogue entry that the keeper chose while typing. */
  readonly catalogueId?: string | undefined
}

export interface Receipt {
  readonly key: string
  readonly pocketId: PocketId
  readonly item: { readonly id: ItemId } | { readonly new: NewItem }
  readonly amount: Amount
  readonly par: Amount | null
  readonly expiry: Expiry
  readonly openedOn: PlainDate | null
  readonly batch: string
  readonly boughtAt: string
  readonly unitPriceMinor: number | null
  readonly note: string
  readonly directions?: string | undefined
  readonly forMember?: MemberId | null | undefined
}

export async function receiveLot(world: World, caller: Caller, { key, ...receipt }: Receipt) {
  const why = 'new' in receipt.item ? receipt.item.new.name : ''
  return act(world, caller, { key, kind: 'received', why, request: receipt }, (acting) =>
    receive(acting, { ...receipt, held: null }),
  )
}

interface Held {
  /** What it waits for before anybody may use it; null when it is ready. */
  readonly held: string | null
}

/** Receives within an act. */
export const receive = (
  acting: Acting,
  { pocketId, amount, ...receipt }: Omit<Receipt, 'key'> & Held,
) => receiveInto(acting, { ...receipt, puts: [{ pocketId, amount }] })

/** Receives one lot into several pockets within an act; the par is that of the first. */
export async function receiveInto(
  acting: Acting,
  {
    puts,
    ...receipt
  }: Omit<Receipt, 'key' | 'pocketId' | 'amount'> &
    Held & { readonly puts: readonly { readonly pocketId: PocketId; readonly amount: Amount }[] },
) {
  for (const { pocketId } of puts) await mustHave(acting.trx, 'pocket', pocketId)
  if (receipt.forMember) await mustHave(acting.trx, 'member', receipt.forMember)
  if (receipt.openedOn !== null && receipt.openedOn > acting.today)
    throw new Refusal({ code: 'opened_in_future', today: acting.today })
  const { itemId, title } = await itemFor(acting, receipt.item)
  const lotId = randomUUID() as LotId
  await createLots(acting, [
    {
      id: lotId,
      itemId,
      expiry: receipt.expiry,
      opened:
        receipt.openedOn === null ? { kind: 'sealed' } : { kind: 'opened', on: receipt.openedOn },
      condition: 'sound',
      standing:
        receipt.held === null
          ? standingFor(doubtIn(title, receipt.note))
          : { kind: 'held', reason: receipt.held },
      batch: receipt.batch,
      boughtAt: receipt.boughtAt,
      unitPriceMinor: receipt.unitPriceMinor,
      note: receipt.note,
      directions: receipt.directions ?? '',
      forMember: receipt.forMember ?? null,
      receivedOn: acting.today,
      origin: null,
    },
  ])
  await carryOut(
    acting,
    new Map(),
    decideReceiveInto(
      emptyStock(lotId),
      puts.map(({ pocketId, amount }) => ({ pocket: pocketId, amount })),
    ),
  )
  await settleTakings(
    acting,
    itemId as ItemId,
    puts.map(({ pocketId }) => pocketId),
  )
  const [first] = puts
  if (first && receipt.par !== null) await writePar(acting, itemId, first.pocketId, receipt.par)
  return { lotId, itemId }
}

/** A new item under the very name of one that is there is that one: a list on a screen may be old. */
async function itemFor(
  acting: Acting,
  item: Receipt['item'],
): Promise<{ readonly itemId: ItemId; readonly title: string }> {
  if ('new' in item) {
    const title = itemTitle(item.new).trim()
    const same = (await readItems(acting.trx)).find(
      (one) => itemTitle(one).toLowerCase() === title.toLowerCase(),
    )
    if (same) return { itemId: same.id, title }
    const kind = item.new.kind ?? guessKind(item.new.name, item.new.strength)
    const entry = item.new.catalogueId ? mustBeEntry(item.new.catalogueId) : null
    const itemId = (await createRecord(acting, 'item', {
      name: item.new.name,
      strength: item.new.strength,
      unit: item.new.unit,
      kind,
      purpose: item.new.purpose,
      for_whom: item.new.forWhom,
      essential: false,
      opened_clock: JSON.stringify(
        entry
          ? clockOf(entry, item.new)
          : guessOpenedClock(item.new.name, item.new.strength, kind, item.new.purpose),
      ),
      pack_size: null,
      pack_price_minor: null,
      shop: '',
      note: '',
      ...(entry && { catalogue_id: entry.id, kind: entry.kind }),
    })) as ItemId
    return { itemId, title }
  }
  const known = await itemNow(acting.trx, item.id)
  if (!known) throw notFound()
  return { itemId: item.id, title: itemTitle(known) }
}
