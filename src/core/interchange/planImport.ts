/**
 * What bringing a list in would change: which places, kits, pockets and items are new, which
 * lots are there already. Pure, so that the preview and the writing agree.
 */
import { formatExpiry } from '../calendar/expiry'
import type { Amount } from '../quantity/amount'
import { itemKey, type Known, nameKey, type Site, siteKey } from './known'
import { type ListLine, singular } from './readLine'

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
  readonly newPockets: readonly string[]
  readonly newItems: readonly string[]
}

/**
 * Where lines go that do not say: whole, so that no line is left without a pocket. A kit that
 * exists takes them into its first pocket; none is made beside it.
 */
export function siteOf(
  value: Pick<ListLine, 'place' | 'kit' | 'pocket'>,
  fallback: Site,
  known: readonly Site[] = [],
): Site {
  const place = value.place || fallback.place
  const atPlace = known.filter((one) => nameKey(one.place) === nameKey(place))
  const kit =
    value.kit ||
    (value.place === '' || nameKey(value.place) === nameKey(fallback.place)
      ? fallback.kit
      : (atPlace[0]?.kit ?? `${place} kit`))
  const inKit = atPlace.filter((one) => nameKey(one.kit) === nameKey(kit))
  const pocket =
    value.pocket ||
    (inKit.find((one) => nameKey(one.pocket) === nameKey(fallback.pocket)) ?? inKit[0])?.pocket ||
    fallback.pocket
  return { place, kit, pocket }
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
  const unitsSeen = new Map(known.items.map((item) => [itemKey(item), singular(item.unit)]))
  const newPlaces = new Map<string, string>()
  const newKits = new Map<string, string>()
  const newPockets = new Map<string, string>()
  const newItems = new Map<string, string>()

  const planned = lines.map(({ line, value }): PlannedLine => {
    const site = siteOf(value, fallback, known.pockets)
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
    if (!pocketId) newPockets.set(keyOfSite, `${site.pocket} (${site.kit})`)
    if (!item) newItems.set(keyOfItem, value.item)
    const kind = value.amount === 0 ? 'only_par' : 'new_lot'
    return { kind, line, value, site, itemKey: keyOfItem, siteKey: keyOfSite }
  })
  return {
    lines: planned,
    newPlaces: [...newPlaces.values()],
    newKits: [...newKits.values()],
    newPockets: [...newPockets.values()],
    newItems: [...newItems.values()],
  }
}
