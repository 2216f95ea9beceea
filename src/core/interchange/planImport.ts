/**
 * What bringing a list in would change: which places, kits, pockets and items are new, which
 * lots are there already. Pure, so that the preview and the writing agree.
 */
import { formatExpiry } from '../calendar/expiry'
import type { Amount } from '../quantity/amount'
import type { ListLine } from './readLine'

/** What the household has, by its readers' names. */
export interface Known {
  readonly items: readonly {
    readonly id: string
    readonly name: string
    readonly strength: string
    readonly unit: string
  }[]
  readonly pockets: readonly {
    readonly id: string
    readonly place: string
    readonly kit: string
    readonly pocket: string
  }[]
  readonly lots: readonly {
    readonly itemId: string
    readonly pocketId: string
    readonly amount: Amount
    readonly expiry: string
    readonly openedOn: string | null
    readonly batch: string
  }[]
  readonly pars: readonly {
    readonly itemId: string
    readonly pocketId: string
    readonly amount: Amount
  }[]
}

export interface Site {
  readonly place: string
  readonly kit: string
  readonly pocket: string
}

export type PlannedLine =
  | {
      readonly kind: 'new_lot'
      readonly line: number
      readonly value: ListLine
      readonly site: Site
      readonly itemKey: string
      readonly siteKey: string
    }
  | {
      readonly kind: 'only_par'
      readonly line: number
      readonly value: ListLine
      readonly site: Site
      readonly itemKey: string
      readonly siteKey: string
    }
  | { readonly kind: 'already_there'; readonly line: number }
  | {
      readonly kind: 'count_differs'
      readonly line: number
      readonly there: Amount
      readonly listed: Amount
    }
  | {
      readonly kind: 'unit_differs'
      readonly line: number
      readonly ours: string
      readonly theirs: string
    }

export interface ImportPlan {
  readonly lines: readonly PlannedLine[]
  readonly newPlaces: readonly string[]
  readonly newKits: readonly string[]
  readonly newItems: readonly string[]
}

/** Names compare without case, doubled spaces and marks over letters. */
export const nameKey = (name: string): string =>
  name.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase().replace(/\s+/g, ' ').trim()

export const itemKey = (item: { readonly name: string; readonly strength: string }): string =>
  `${nameKey(item.name)}|${nameKey(item.strength)}`

export const siteKey = (site: Site): string =>
  `${nameKey(site.place)}|${nameKey(site.kit)}|${nameKey(site.pocket)}`

/** Where lines go that do not say: whole, so that no line is left without a pocket. */
export function siteOf(value: Pick<ListLine, 'place' | 'kit' | 'pocket'>, fallback: Site): Site {
  const place = value.place || fallback.place
  const kit =
    value.kit ||
    (value.place === '' || nameKey(value.place) === nameKey(fallback.place)
      ? fallback.kit
      : `${place} kit`)
  return { place, kit, pocket: value.pocket || fallback.pocket }
}

/**
 * Compares lines with what is there. Equal lines are matched one to one, so that a list that
 * names the same thing twice brings in two lots, once.
 */
export function planImport(
  lines: readonly { readonly line: number; readonly value: ListLine }[],
  known: Known,
  fallback: Site,
): ImportPlan {
  const items = new Map(known.items.map((item) => [itemKey(item), item]))
  const pockets = new Map(known.pockets.map((pocket) => [siteKey(pocket), pocket.id]))
  const placeNames = new Map(known.pockets.map((pocket) => [nameKey(pocket.place), pocket.place]))
  const kitNames = new Map(
    known.pockets.map((p) => [`${nameKey(p.place)}|${nameKey(p.kit)}`, p.kit]),
  )
  const pars = new Map(known.pars.map((par) => [`${par.itemId}|${par.pocketId}`, par.amount]))
  const lots = new Map<string, Amount[]>()
  for (const lot of known.lots) {
    const key = `${lot.itemId}|${lot.pocketId}|${lot.expiry}|${lot.openedOn ?? ''}|${nameKey(lot.batch)}`
    lots.set(key, [...(lots.get(key) ?? []), lot.amount])
  }
  const unitsSeen = new Map(known.items.map((item) => [itemKey(item), item.unit]))
  const newPlaces = new Map<string, string>()
  const newKits = new Map<string, string>()
  const newItems = new Map<string, string>()

  const planned = lines.map(({ line, value }): PlannedLine => {
    const site = siteOf(value, fallback)
    const keyOfItem = itemKey({ name: value.item, strength: value.strength })
    const keyOfSite = siteKey(site)
    const item = items.get(keyOfItem)
    const pocketId = pockets.get(keyOfSite)
    const unit = unitsSeen.get(keyOfItem)
    if (unit && value.unit && unit !== value.unit)
      return { kind: 'unit_differs', line, ours: unit, theirs: value.unit }
    if (!unit) unitsSeen.set(keyOfItem, value.unit)

    if (
      item &&
      pocketId &&
      value.amount === 0 &&
      pars.get(`${item.id}|${pocketId}`) === (value.par ?? 0)
    )
      return { kind: 'already_there', line }
    if (item && pocketId && value.amount > 0) {
      const key = `${item.id}|${pocketId}|${formatExpiry(value.expiry)}|${value.openedOn ?? ''}|${nameKey(value.batch)}`
      const there = lots.get(key) ?? []
      const same = there.indexOf(value.amount)
      if (same >= 0) {
        there.splice(same, 1)
        return { kind: 'already_there', line }
      }
      const other = there.shift()
      if (other !== undefined)
        return { kind: 'count_differs', line, there: other, listed: value.amount }
    }
    if (!placeNames.has(nameKey(site.place))) newPlaces.set(nameKey(site.place), site.place)
    const kitKey = `${nameKey(site.place)}|${nameKey(site.kit)}`
    if (!kitNames.has(kitKey)) newKits.set(kitKey, site.kit)
    if (!item) newItems.set(keyOfItem, value.item)
    const kind = value.amount === 0 ? 'only_par' : 'new_lot'
    return { kind, line, value, site, itemKey: keyOfItem, siteKey: keyOfSite }
  })
  return {
    lines: planned,
    newPlaces: [...newPlaces.values()],
    newKits: [...newKits.values()],
    newItems: [...newItems.values()],
  }
}
