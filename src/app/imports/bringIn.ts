/** Brings a list in: what the preview showed, read again by the same core, written whole or not at all. */
import { randomUUID } from 'node:crypto'
import { formatExpiry } from '../../core/calendar/expiry'
import type { PlainDate } from '../../core/calendar/plainDate'
import { nextFreeCell } from '../../core/household/places'
import type { MatCell } from '../../core/household/pocket'
import type { ItemId, KitId, LotId, PlaceId, PocketId } from '../../core/ids'
import { type Known, nameKey, type Site, siteKey } from '../../core/interchange/known'
import { type PlannedLine, planImport } from '../../core/interchange/planImport'
import { type Cells, type ListLine, readLine } from '../../core/interchange/readLine'
import { type Amount, amount, NOTHING } from '../../core/quantity/amount'
import { standingFor } from '../../core/stock/holding'
import { guessKind, guessOpenedClock } from '../../core/stock/itemKind'
import { NO_DETAILS } from '../../core/stock/lot'
import type { HouseholdStock } from '../../core/watch/survey'
import { receiveMany } from '../../db/frame/ledger'
import { createRecords } from '../../db/frame/records'
import { readStock } from '../../db/stock/stock'
import { type Acting, act } from '../frame/act'
import { Refusal } from '../frame/refusal'
import { type Caller, reading, type World } from '../frame/world'
import { addKit } from '../kits/kitActs'
import { addPlace } from '../places/placeActs'

export interface ListToBringIn {
  readonly key: string
  readonly name: string
  readonly fallback: Site
  /**
   * The day on which the list was true; null where its writer has just counted everything. Where
   * nobody has said, it is a claim of today: unknown is not counted.
   */
  readonly claimedOn?: PlainDate | null | undefined
  readonly lines: readonly { readonly line: number; readonly cells: Cells }[]
}

export interface BroughtIn {
  readonly lots: number
  readonly already: number
  readonly skipped: number
  readonly items: number
  /** Lines that start on hold. */
  readonly held: number
  /** Names of all that was made for them. */
  readonly made: {
    readonly places: readonly string[]
    readonly kits: readonly string[]
    readonly pockets: readonly string[]
  }
}

export const readKnown = (world: World, caller: Caller) =>
  reading(world, caller, async ({ trx }) => knownOf(await readStock(trx)))

function knownOf(stock: HouseholdStock) {
  const places = new Map(stock.places.map((place) => [place.id, place.name]))
  const kits = new Map(stock.kits.map((kit) => [kit.id, kit]))
  const lots = new Map(stock.lots.map((lot) => [lot.id, lot]))
  return {
    items: stock.items.map(({ id, name, strength, unit }) => ({ id, name, strength, unit })),
    pockets: stock.pockets.map((pocket) => {
      const kit = kits.get(pocket.kitId)
      return {
        id: pocket.id,
        pocket: pocket.name,
        kit: kit?.name ?? '',
        place: (kit && places.get(kit.placeId)) ?? '',
      }
    }),
    lots: stock.holdings.flatMap(({ lotId, pocketId, amount: held }) => {
      const lot = lots.get(lotId)
      return lot
        ? [
            {
              itemId: lot.itemId,
              pocketId,
              amount: held,
              expiry: formatExpiry(lot.expiry),
              openedOn: lot.opened.kind === 'opened' ? lot.opened.on : null,
              batch: lot.batch,
            },
          ]
        : []
    }),
    pars: stock.pars.map(({ itemId, pocketId, amount: par }) => ({
      itemId,
      pocketId,
      amount: par,
    })),
  }
}

/**
 * @throws {Refusal} `lines_not_ready` naming the lines that ask or cannot be read;
 *   `nothing_to_bring_in` when every line is there already
 */
export const bringIn = (world: World, caller: Caller, { key, ...list }: ListToBringIn) =>
  act(world, caller, { key, kind: 'brought_in', why: list.name, request: list }, async (acting) => {
    const options = { order: acting.household.dateOrder, today: acting.today }
    const read = list.lines.map(({ line, cells }) => ({ line, reading: readLine(cells, options) }))
    const notReady = read
      .filter(({ reading: { kind } }) => kind !== 'ready')
      .map(({ line }) => line)
    if (notReady.length > 0)
      throw new Refusal({ code: 'lines_not_ready', lines: notReady.slice(0, 50) })
    const ready = read.flatMap(({ line, reading: one }) =>
      one.kind === 'ready' ? [{ line, value: one.value }] : [],
    )
    const claimedOn = list.claimedOn === undefined ? acting.today : list.claimedOn
    if (claimedOn !== null && claimedOn > acting.today)
      throw new Refusal({ code: 'list_in_future', today: acting.today })
    const stock = await readStock(acting.trx)
    const plan = planImport(ready, knownOf(stock) as Known, list.fallback)
    const toWrite = plan.lines.filter((line) => line.kind === 'new_lot' || line.kind === 'only_par')
    if (toWrite.length === 0) throw new Refusal({ code: 'nothing_to_bring_in' })
    await writePlan(acting, stock, toWrite, claimedOn)
    return {
      lots: toWrite.filter(({ kind }) => kind === 'new_lot').length,
      already: plan.lines.filter(({ kind }) => kind === 'already_there').length,
      skipped: plan.lines.filter(({ kind }) => kind === 'count_differs' || kind === 'unit_differs')
        .length,
      items: plan.newItems.length,
      held: toWrite.filter(({ kind, value }) => kind === 'new_lot' && value.hold !== null).length,
      made: { places: plan.newPlaces, kits: plan.newKits, pockets: plan.newPockets },
    }
  })

type LineToWrite = Extract<PlannedLine, { kind: 'new_lot' | 'only_par' }>

async function writePlan(
  acting: Acting,
  stock: HouseholdStock,
  lines: readonly LineToWrite[],
  claimedOn: PlainDate | null,
): Promise<void> {
  const pockets = await pocketsFor(acting, stock, lines)
  const items = await itemsFor(acting, stock, lines)
  await parsFor(acting, stock, lines, items, pockets)
  await receiveMany(
    acting,
    lines
      .filter(({ kind }) => kind === 'new_lot')
      .map(({ value, itemKey, siteKey: key }) => ({
        to: required(pockets, key),
        amount: value.amount,
        lot: {
          id: randomUUID() as LotId,
          itemId: required(items, itemKey),
          expiry: value.expiry,
          opened:
            value.openedOn === null
              ? { kind: 'sealed' as const }
              : { kind: 'opened' as const, on: value.openedOn },
          condition: 'sound' as const,
          standing: standingFor(value.hold),
          batch: value.batch,
          boughtAt: value.shop,
          unitPriceMinor: value.priceMinor,
          ...NO_DETAILS,
          receivedOn: acting.today,
          origin: null,
          claimedOn,
          note: value.note,
        },
      })),
  )
}

function required<Value>(map: ReadonlyMap<string, Value>, key: string): Value {
  const value = map.get(key)
  if (value === undefined) throw new Error(`${key} was planned and not made`)
  return value
}

/** The pockets that lines go to, with the places and kits around them made where they are new. */
async function pocketsFor(acting: Acting, stock: HouseholdStock, lines: readonly LineToWrite[]) {
  const places = new Map(stock.places.map((place) => [nameKey(place.name), place.id]))
  const kits = new Map(
    stock.kits.map((kit) => {
      const place = stock.places.find(({ id }) => id === kit.placeId)
      return [`${nameKey(place?.name ?? '')}|${nameKey(kit.name)}`, kit.id]
    }),
  )
  const kitKeys = new Map([...kits].map(([key, id]) => [id, key]))
  const pockets = new Map(
    stock.pockets.map((p) => [`${kitKeys.get(p.kitId)}|${nameKey(p.name)}`, p.id]),
  )
  const cells = new Map<KitId, MatCell[]>()
  for (const pocket of stock.pockets)
    cells.set(pocket.kitId, [...(cells.get(pocket.kitId) ?? []), pocket.cell])
  const made: Parameters<typeof createRecords<'pocket'>>[2][number][] = []
  for (const { site } of lines) {
    const key = siteKey(site)
    if (pockets.has(key)) continue
    const kitId = await kitFor(acting, site, places, kits)
    const taken = cells.get(kitId) ?? []
    const cell = nextFreeCell(taken)
    cells.set(kitId, [...taken, cell])
    const id = randomUUID()
    made.push({
      id,
      kit_id: kitId,
      name: site.pocket,
      sort: 'inside',
      cell_column: cell.column,
      cell_row: cell.row,
      cell_columns: cell.columns,
      cell_rows: cell.rows,
      reach_seconds: null,
    })
    pockets.set(key, id as PocketId)
  }
  await createRecords(acting, 'pocket', made)
  return pockets
}

async function kitFor(
  acting: Acting,
  site: Site,
  places: Map<string, PlaceId>,
  kits: Map<string, KitId>,
): Promise<KitId> {
  const placeKey = nameKey(site.place)
  const kitKey = `${placeKey}|${nameKey(site.kit)}`
  const known = kits.get(kitKey)
  if (known) return known
  let placeId = places.get(placeKey)
  if (!placeId) {
    placeId = await addPlace(acting, {
      name: site.place,
      rhythm: { kind: 'always' },
      minutesToHelp: null,
      note: '',
    })
    places.set(placeKey, placeId)
  }
  const kitId = await addKit(acting, { placeId, name: site.kit, note: '' })
  kits.set(kitKey, kitId)
  return kitId
}

async function itemsFor(acting: Acting, stock: HouseholdStock, lines: readonly LineToWrite[]) {
  const items = new Map(
    stock.items.map((item) => [`${nameKey(item.name)}|${nameKey(item.strength)}`, item.id]),
  )
  const made = []
  for (const { itemKey, value, site } of lines) {
    if (items.has(itemKey)) continue
    const id = randomUUID() as ItemId
    items.set(itemKey, id)
    made.push({ id, ...newItemColumns(value, `${site.place} ${site.kit}`) })
  }
  await createRecords(acting, 'item', made)
  return items
}

function newItemColumns(value: ListLine, where: string) {
  const kind = guessKind(value.item, value.strength)
  return {
    name: value.item,
    strength: value.strength,
    unit: value.unit,
    kind,
    purpose: value.purpose,
    for_whom: value.forWhom,
    essential: false,
    opened_clock: JSON.stringify(
      guessOpenedClock(
        value.item,
        value.strength,
        kind,
        `${where} ${value.purpose} ${value.forWhom}`,
      ),
    ),
    pack_size: value.packSize,
    pack_price_minor:
      value.packSize !== null && value.priceMinor !== null
        ? Math.min(100_000_000, Math.round((value.priceMinor * value.packSize) / 1000))
        : null,
    shop: value.shop,
    note: '',
  }
}

/** The largest par that the lines of one item in one pocket name, where none is set yet. */
async function parsFor(
  acting: Acting,
  stock: HouseholdStock,
  lines: readonly LineToWrite[],
  items: ReadonlyMap<string, ItemId>,
  pockets: ReadonlyMap<string, PocketId>,
): Promise<void> {
  const set = new Set(stock.pars.map(({ itemId, pocketId }) => `${itemId}|${pocketId}`))
  const wanted = new Map<string, { itemId: ItemId; pocketId: PocketId; par: Amount }>()
  for (const { value, itemKey, siteKey: key } of lines) {
    if (value.par === null || value.par === NOTHING) continue
    const itemId = required(items, itemKey)
    const pocketId = required(pockets, key)
    const pair = `${itemId}|${pocketId}`
    if (set.has(pair)) continue
    const former = wanted.get(pair)?.par ?? NOTHING
    wanted.set(pair, { itemId, pocketId, par: amount(Math.max(former, value.par)) })
  }
  await createRecords(
    acting,
    'par',
    [...wanted.values()].map(({ itemId, pocketId, par }) => ({
      id: randomUUID(),
      item_id: itemId,
      pocket_id: pocketId,
      amount: par,
    })),
  )
}
