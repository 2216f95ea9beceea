/** The pantry thought a little fuller: for trying what would close a gap. */
import type { PlainDate } from '../calendar/plainDate'
import type { ItemId, KitId, LotId, PocketId } from '../ids'
import { amount, MOST, THOUSAND } from '../quantity/amount'
import { type CoverPocket, type KnownItem, type Pantry, playersOf, type Shelf } from './pantry'
import { secondsTo } from './reaching'
import type { Thing } from './suitability'

/** Something thought to lie in a kit as well. */
export interface Added {
  readonly thing: Thing
  readonly known: KnownItem | null
  readonly uses: number
  readonly through: PlainDate | null
}

/** The pantry with more in one of its kits, for trying what would close a gap. */
export function withAdded(pantry: Pantry, kit: number, added: readonly Added[]): Pantry {
  const pocket = pantry.stock.pockets.find(({ kitId }) => kitId === pantry.stock.kits[kit]?.id)
  // Most of what is tried is more of what is here: then nothing but the shelves differs.
  const isNew = added.some(({ thing }) => positionOf(pantry, pantry.things, thing) < 0)
  const things = isNew ? [...pantry.things] : (pantry.things as Thing[])
  const known = isNew ? [...pantry.known] : (pantry.known as KnownItem[])
  const shelves = [...pantry.shelves]
  const shelvesOf = [...pantry.shelvesOf]
  for (const one of added) {
    const before = positionOf(pantry, things, one.thing)
    const thing = before < 0 ? things.length : before
    if (before < 0) {
      things.push({ ...one.thing, itemId: one.thing.itemId ?? THOUGHT_OF })
      known.push(one.known ?? thoughtOf(one.thing))
      shelvesOf.push([])
    }
    const shelf: Shelf = {
      lotId: `thought-of-${thing}` as LotId,
      thing,
      kit,
      pocket: pocket ?? NOWHERE,
      seconds: secondsTo(pantry.stock.kits[kit], pocket ?? NOWHERE),
      amount: amount(Math.min(MOST, Math.round((one.uses / one.thing.facts.uses) * THOUSAND))),
      uses: one.uses,
      through: one.through,
      barred: null,
      forMember: null,
    }
    shelves.push(shelf)
    shelvesOf[thing] = [...(shelvesOf[thing] ?? []), shelf]
  }
  if (!isNew) return { ...pantry, shelves, shelvesOf }
  const newcomers = playersOf(things, pantry.things.length)
  const byRole = new Map([
    ...pantry.byRole,
    ...[...newcomers].map(
      ([role, more]) => [role, [...(pantry.byRole.get(role) ?? []), ...more]] as const,
    ),
  ])
  return { ...pantry, things, known, shelves, shelvesOf, byRole }
}

/** Where a thing stands; -1 for what is only thought of. */
function positionOf({ thingOf }: Pantry, things: readonly Thing[], thing: Thing): number {
  if (thing.itemId === null) return -1
  const at = thingOf.get(thing.itemId)
  return at !== undefined && things[at] === thing ? at : things.indexOf(thing)
}

const THOUGHT_OF = 'thought-of' as ItemId
const NOWHERE: CoverPocket = {
  id: 'nowhere' as PocketId,
  kitId: 'nowhere' as KitId,
  name: '',
  reachSeconds: null,
}
const thoughtOf = ({ title, strength, facts }: Thing): KnownItem => ({
  item: {
    id: THOUGHT_OF,
    name: facts.entry?.name ?? title,
    strength,
    unit: facts.entry?.unit ?? '',
    kind: facts.entry?.kind ?? 'supply',
    openedClock: { kind: 'unset' },
    packSize: null,
    packPriceMinor: null,
    shop: '',
  },
  facts,
})
