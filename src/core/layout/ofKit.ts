/** A kit of the survey as layout sees it: its things packed, and the problem of laying them out. */
import type { CatalogueEntry } from '../catalogue/entry'
import type { Pocket } from '../household/pocket'
import { wholeUnitsUp } from '../quantity/amount'
import { type Item, itemTitle } from '../stock/item'
import type { Line } from '../watch/survey'
import { type Packed, volumeOf } from './fill'
import { type Goods, goodsOf } from './goods'
import type { LayoutProblem, Thing } from './problem'
import { topicsOf } from './topics'

export type Entries = ReadonlyMap<string, CatalogueEntry>

export const entryOf = (
  { catalogueId }: Pick<Item, 'catalogueId'>,
  entries: Entries,
): CatalogueEntry | null => (catalogueId === null ? null : (entries.get(catalogueId) ?? null))

export const goodsOfLine = ({ item }: Pick<Line, 'item'>, entries: Entries): Goods =>
  goodsOf(item, entryOf(item, entries))

export function packedOf(line: Line, entries: Entries): readonly Packed[] {
  const goods = goodsOfLine(line, entries)
  return line.holdings.map(({ item, lot, amount }) => ({ item, goods, lot, amount }))
}

/** Names all of an item in a pocket. */
export const thingKey = (itemId: string, pocketId: string): string => `${itemId}/${pocketId}`

/**
 * Everything that lies in the kit. On hold, lent and what is kept elsewhere on purpose stays
 * where it is; so does what nobody can see to move, the missing.
 */
export function layoutProblem(
  pockets: readonly Pocket[],
  lines: readonly Line[],
  entries: Entries,
): LayoutProblem {
  const at = new Map(pockets.map(({ id }, index) => [id, index]))
  return {
    bays: pockets.map((pocket) => ({ ...pocket, topics: topicsOf(pocket.name) })),
    things: lines.flatMap((line): Thing[] => {
      const { item, site, holdings } = line
      const index = at.get(site.pocket.id)
      if (index === undefined || holdings.length === 0) return []
      const goods = goodsOfLine(line, entries)
      const count = holdings.reduce((total, { amount }) => total + wholeUnitsUp(amount), 0)
      const stays = holdings.some(
        ({ judged: { state } }) => state === 'held' || state === 'lent' || state === 'missing',
      )
      return [
        {
          key: thingKey(item.id, site.pocket.id),
          title: itemTitle(item),
          goods,
          volume: goods.size ? volumeOf(goods.size.mm) * count : 0,
          stiff: goods.size && !goods.soft ? goods.size.mm : null,
          at: index,
          pinned: stays || (site.pocket.sort === 'elsewhere' && !goods.cold),
        },
      ]
    }),
  }
}
