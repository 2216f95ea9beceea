/**
 * Everything a household has, judged on one day: each lot where it lies, and each par against
 * what is there. Watch, the mat and the restock list all read this one survey, so that they
 * can never disagree.
 */
import type { PlainDate } from '../calendar/plainDate'
import { type Lookahead, nextCheckDay } from '../calendar/presence'
import { type Course, leftOverItems } from '../household/course'
import type { Kit, Place } from '../household/places'
import type { Pocket } from '../household/pocket'
import type { ItemId, KitId, PlaceId, PocketId } from '../ids'
import { type Amount, add, NOTHING, type Total } from '../quantity/amount'
import type { Item, Par } from '../stock/item'
import { isGoodNow, judgeOrHold, type LotState } from '../stock/judge'
import type { Holding, Lot } from '../stock/lot'

/** Plain records as they are kept. */
export interface HouseholdStock {
  readonly places: readonly Place[]
  readonly kits: readonly Kit[]
  readonly pockets: readonly Pocket[]
  readonly items: readonly Item[]
  readonly pars: readonly Par[]
  readonly lots: readonly Lot[]
  readonly holdings: readonly Holding[]
  /** Prescriptions: what is left of one that has ended is on hold. Absent where the past is read. */
  readonly courses?: readonly Course[]
}

/** The way from a pocket up to its place. */
export interface Site {
  readonly place: Place
  readonly kit: Kit
  readonly pocket: Pocket
  /** Stock here must last through this day. */
  readonly nextCheck: PlainDate
}

export interface JudgedHolding {
  readonly lot: Lot
  readonly item: Item
  readonly site: Site
  readonly amount: Amount
  readonly judged: LotState
}

/** One item in one pocket: what belongs there against what is there. */
export interface Line {
  readonly item: Item
  readonly site: Site
  readonly par: Amount
  /** Usable today. */
  readonly good: Total
  /** Usable today and still through the next check. */
  readonly lasting: Total
  readonly holdings: readonly JudgedHolding[]
}

export type LineState = 'enough' | 'thin' | 'bare'

export interface Survey {
  readonly today: PlainDate
  /** What was judged. */
  readonly stock: HouseholdStock
  readonly places: readonly Place[]
  readonly kits: readonly Kit[]
  readonly sites: ReadonlyMap<PocketId, Site>
  readonly holdings: readonly JudgedHolding[]
  /** Every (item, pocket) with a par or with something there. */
  readonly lines: readonly Line[]
}

/** A record names another that is not there: the stock handed in is not whole. */
export class DanglingReferenceError extends Error {
  override readonly name = 'DanglingReferenceError'
}

function found<Key, Value>(map: ReadonlyMap<Key, Value>, key: Key, what: string): Value {
  const value = map.get(key)
  if (value === undefined) throw new DanglingReferenceError(`${what} ${String(key)} is missing`)
  return value
}

/** The items of lines, each once, in the order in which they first come. */
export const itemsOf = (lines: readonly Pick<Line, 'item'>[]): readonly Item[] => [
  ...new Map(lines.map(({ item }) => [item.id, item])).values(),
]

const lineKey = (itemId: ItemId, pocketId: PocketId): string => `${itemId}/${pocketId}`

/**
 * Judges the whole stock; linear in its size.
 * @throws {DanglingReferenceError} when a holding, pocket or kit points nowhere
 */
export function survey(stock: HouseholdStock, today: PlainDate, ahead: Lookahead): Survey {
  const sites = sitesOf(stock, today, ahead)
  const items = new Map(stock.items.map((item) => [item.id, item]))
  const lots = new Map(stock.lots.map((lot) => [lot.id, lot]))
  const lines = new Map<
    string,
    { -readonly [K in keyof Line]: Line[K] } & { holdings: JudgedHolding[] }
  >()
  const lineFor = (item: Item, site: Site) => {
    const key = lineKey(item.id, site.pocket.id)
    let line = lines.get(key)
    if (!line) {
      line = { item, site, par: NOTHING, good: NOTHING, lasting: NOTHING, holdings: [] }
      lines.set(key, line)
    }
    return line
  }
  for (const par of stock.pars)
    lineFor(found(items, par.itemId, 'Item'), found(sites, par.pocketId, 'Pocket')).par = par.amount

  const leftOvers = leftOverItems(stock.courses ?? [], today)
  const holdings = stock.holdings.map((holding): JudgedHolding => {
    const lot = found(lots, holding.lotId, 'Lot')
    const item = found(items, lot.itemId, 'Item')
    const site = found(sites, holding.pocketId, 'Pocket')
    const judged = judgeOrHold(lot, item, today, site.nextCheck, leftOvers.get(item.id) ?? null)
    const entry = { lot, item, site, amount: holding.amount, judged }
    const line = lineFor(item, site)
    line.holdings.push(entry)
    if (isGoodNow(judged)) line.good = add(line.good, holding.amount)
    if (judged.state === 'sound') line.lasting = add(line.lasting, holding.amount)
    return entry
  })
  return {
    today,
    stock,
    places: stock.places,
    kits: stock.kits,
    sites,
    holdings,
    lines: [...lines.values()],
  }
}

function sitesOf(stock: HouseholdStock, today: PlainDate, ahead: Lookahead): Map<PocketId, Site> {
  const places = new Map<PlaceId, { place: Place; nextCheck: PlainDate }>(
    stock.places.map((place) => [
      place.id,
      { place, nextCheck: nextCheckDay(place.presence, today, ahead) },
    ]),
  )
  const kits = new Map<KitId, Kit>(stock.kits.map((kit) => [kit.id, kit]))
  return new Map(
    stock.pockets.map((pocket) => {
      const kit = found(kits, pocket.kitId, 'Kit')
      return [pocket.id, { pocket, kit, ...found(places, kit.placeId, 'Place') }]
    }),
  )
}

/** Bare: something belongs here and nothing usable is there. Thin: less than belongs here. */
export function lineState(line: Pick<Line, 'par' | 'good'>): LineState {
  if (line.good >= line.par) return 'enough'
  return line.good === NOTHING ? 'bare' : 'thin'
}

/** How many of the targets are met today; a line without a target counts neither way. */
export function targetsMet(lines: readonly Line[]): { readonly met: number; readonly of: number } {
  const targets = lines.filter(({ par }) => par > NOTHING)
  return {
    met: targets.filter((line) => lineState(line) === 'enough').length,
    of: targets.length,
  }
}
