/** Kits to be laid out, made from a seed: real things of the catalogue in the pockets of a template. */
import { CATALOGUE } from '../../src/core/catalogue/catalogue'
import type { CatalogueEntry } from '../../src/core/catalogue/entry'
import { seeded } from '../../src/core/chance/seeded'
import { SHAPES, TEMPLATES } from '../../src/core/household/container'
import { FULL_AT, fitsIn, volumeOf } from '../../src/core/layout/fill'
import { type Goods, goodsOf } from '../../src/core/layout/goods'
import type { Bay, LayoutProblem, Thing } from '../../src/core/layout/problem'
import { purposeOf } from '../../src/core/layout/purpose'

/** What is commonly packed: the things that lists propose. */
const PACKED = CATALOGUE.filter(({ isProposed }) => isProposed)

/** A thing as the catalogue has it, of which its keeper has said nothing. */
export const goodsOfEntry = (entry: CatalogueEntry): Goods =>
  goodsOf(
    {
      kind: entry.kind,
      own: {},
      name: entry.name,
      unit: entry.unit,
      strength: entry.strength,
      essential: false,
      packPriceMinor: null,
      packSize: null,
    },
    entry,
  )

/** So much of the room is filled: it can be closed, and not by every packing. */
const FILLED = 0.7

/**
 * @param most no more things than this; fewer where the kit is full before
 * @param mostBays only the first so many pockets
 */
export function aLayoutProblem(seed: number, most: number, mostBays = 99): LayoutProblem {
  const random = seeded(seed + 1)
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)] as T
  const shape = SHAPES[seed % SHAPES.length] ?? 'roll'
  const bays: Bay[] = TEMPLATES[shape].pockets
    .slice(0, mostBays)
    .map((pocket, index) => ({ ...pocket, id: `bay-${index}`, purpose: purposeOf(pocket.name) }))
  const inside = bays.filter(({ sort }) => sort !== 'elsewhere')
  let room = inside.reduce((sum, { inner }) => sum + (inner ? volumeOf(inner) : 0), 0)
  room *= FULL_AT * FILLED
  const things: Thing[] = []
  for (let tries = 0; tries < 40 * most && things.length < most; tries++) {
    const entry = pick(PACKED)
    const goods = goodsOfEntry(entry)
    const volume = volumeOf(entry.size.mm) * (1 + Math.floor(random() * 3))
    const stiff = goods.soft ? null : entry.size.mm
    const goesIn = inside.some(({ inner }) => inner && (!stiff || fitsIn(stiff, inner)))
    if (goods.cold || !goesIn || volume > room) continue
    room -= volume
    things.push({
      key: `thing-${things.length}`,
      title: entry.name,
      goods,
      whose: [],
      volume,
      stiff,
      at: Math.floor(random() * bays.length),
      pinned: random() < 0.05,
    })
  }
  return { things, bays }
}
