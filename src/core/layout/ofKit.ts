/** A kit of the survey as layout sees it: its things packed, and the problem of laying them out. */
import type { CatalogueEntry } from '../catalogue/entry'
import type { Course } from '../household/course'
import type { Pocket } from '../household/pocket'
import { wholeUnitsUp } from '../quantity/amount'
import { type Item, itemTitle } from '../stock/item'
import type { Line } from '../watch/survey'
import { type Packed, volumeOf } from './fill'
import { type Goods, goodsOf } from './goods'
import type { LayoutProblem, Thing } from './problem'
import { membersNamed, type Named, purposeOf } from './purpose'

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

/** Those for whom things are kept, as far as a layout asks. */
export interface KeptFor {
  readonly members: readonly Named[]
  readonly courses: readonly Pick<Course, 'memberId' | 'itemId'>[]
}

/**
 * For whom a thing is: who takes it, for whom it is said to be, and whose name it bears. What the catalogue
 * knows bears the name of a thing: ginger chews are not the cat Ginger's.
 */
function whoseIs(
  item: Pick<Item, 'id' | 'name' | 'forWhom' | 'catalogueId'>,
  members: readonly Named[],
  courses: KeptFor['courses'],
): readonly Named[] {
  const takers = new Set<string>(
    courses.flatMap(({ memberId, itemId }) => (itemId === item.id ? [memberId] : [])),
  )
  const written = membersNamed(
    item.catalogueId === null ? `${item.forWhom} ${item.name}` : item.forWhom,
    members,
  )
  return members.filter((one) => takers.has(one.id) || written.includes(one))
}

/** What a line is of, and whose. */
export function madeForWhom(
  line: Pick<Line, 'item'>,
  entries: Entries,
  { members, courses }: KeptFor,
): { readonly goods: Goods; readonly whose: readonly string[] } {
  const whose = whoseIs(line.item, members, courses)
  return {
    goods: madeFor(goodsOfLine(line, entries), whose),
    whose: whose.map(({ id }) => id),
  }
}

/** What is known of a thing that is somebody's own and that the catalogue does not know. */
function madeFor(goods: Goods, whose: readonly Named[]): Goods {
  if (whose.length === 0 || goods.group !== '') return goods
  const species = [...new Set(whose.map((one) => one.species))]
  const people = species.includes('person')
  const made = !people ? 'animals' : species.length > 1 ? 'both' : 'people'
  return { ...goods, species, made }
}

/** On hold, lent or missing: nobody moves it. */
export const staysPut = ({ holdings }: Pick<Line, 'holdings'>): boolean =>
  holdings.some(
    ({ judged: { state } }) => state === 'held' || state === 'lent' || state === 'missing',
  )

/**
 * Everything that lies in the kit. On hold, lent and what is kept elsewhere on purpose stays
 * where it is; so does what nobody can see to move, the missing.
 */
export function layoutProblem(
  pockets: readonly Pocket[],
  lines: readonly Line[],
  entries: Entries,
  keptFor: KeptFor,
): LayoutProblem {
  const at = new Map(pockets.map(({ id }, index) => [id, index]))
  return {
    bays: pockets.map((pocket) => ({
      ...pocket,
      purpose: purposeOf(pocket.name, keptFor.members),
    })),
    things: lines.flatMap((line): Thing[] => {
      const { item, site, holdings } = line
      const index = at.get(site.pocket.id)
      if (index === undefined || holdings.length === 0) return []
      const { goods, whose } = madeForWhom(line, entries, keptFor)
      const count = holdings.reduce((total, { amount }) => total + wholeUnitsUp(amount), 0)
      return [
        {
          key: thingKey(item.id, site.pocket.id),
          title: itemTitle(item),
          goods,
          whose,
          volume: goods.size ? volumeOf(goods.size.mm) * count : 0,
          stiff: goods.size && !goods.soft ? goods.size.mm : null,
          at: index,
          pinned: staysPut(line) || (site.pocket.sort === 'elsewhere' && !goods.cold),
        },
      ]
    }),
  }
}
