/** What still goes into a bag: by its pockets, by what its carrier carries, by what lies in it already. */
import type { Size } from '../catalogue/entry'
import type { ItemFacts } from '../catalogue/itemFacts'
import type { Kit } from '../household/places'
import type { Millimetres, Pocket } from '../household/pocket'
import type { KitId, PocketId } from '../ids'
import { FULL_AT, fitsIn, volumeOf } from '../layout/fill'
import { SOFT_FORMS } from '../layout/goods'
import type { Item } from '../stock/item'

export interface BagRoom {
  readonly kitId: KitId
  readonly name: string
  /** Pockets that are part of it, largest first; null where nobody has measured one. */
  readonly pockets: readonly {
    readonly id: PocketId
    readonly name: string
    readonly inner: Millimetres | null
  }[]
  /** What can be put in beside the bag itself; null where nobody has said. */
  readonly carryGrams: number | null
  /** The empty bag itself; null where nobody has weighed it. */
  readonly ownGrams: number | null
}

/** Reads it off a kit. What is "kept elsewhere" for a kit does not travel with it. */
export function roomOf(
  kit: Pick<Kit, 'id' | 'name' | 'container'>,
  pockets: readonly Pocket[],
): BagRoom {
  const carry = kit.container?.carryGrams ?? null
  return {
    kitId: kit.id,
    name: kit.name,
    pockets: pockets
      .filter(({ kitId, sort }) => kitId === kit.id && sort !== 'elsewhere')
      .map(({ id, name, inner }) => ({ id, name, inner }))
      .sort((a, b) => roomIn(b.inner) - roomIn(a.inner)),
    carryGrams: carry === null ? null : Math.max(0, carry - (kit.container?.grams ?? 0)),
    ownGrams: kit.container?.grams ?? null,
  }
}

const roomIn = (inner: Millimetres | null): number =>
  inner === null ? 0 : volumeOf(inner) * FULL_AT

/** Cubic millimetres that go into a bag when it is empty; null where a pocket is not measured. */
export const volumeIn = ({ pockets }: Pick<BagRoom, 'pockets'>): number | null =>
  pockets.length === 0 || pockets.some(({ inner }) => inner === null)
    ? null
    : pockets.reduce((sum, { inner }) => sum + roomIn(inner), 0)

/** What one of a thing is taken to be where nobody knows its size; said beside it. Working figures of ours. */
export function assumedSize({ unit, kind }: Pick<Item, 'unit' | 'kind'>): Size {
  if (SMALL_UNITS.test(unit)) return { mm: [90, 40, 3], grams: 2 }
  if (FLAT_UNITS.test(unit)) return { mm: [120, 80, 10], grams: 15 }
  return kind === 'medicine' ? { mm: [130, 55, 55], grams: 160 } : { mm: [120, 80, 50], grams: 200 }
}
const SMALL_UNITS = /^(?:tablet|capsule|pill|lozenge|suppositor(?:y|ies)|drop|cell)s?$/i
const FLAT_UNITS = /^(?:sachet|strip|pad|wipe|pair|vial|pod|plaster|sheet|bag|card)s?$/i

export const sizeOf = ({ own, entry }: Pick<ItemFacts, 'own' | 'entry'>): Size | null =>
  own.size ?? entry?.size ?? null

/** Whether one of it goes into some pocket, whichever way it is turned; what bends always does. */
export function goesInto(facts: Pick<ItemFacts, 'own' | 'entry' | 'form'>, room: BagRoom): boolean {
  const size = sizeOf(facts)
  if (size === null || (facts.form !== null && SOFT_FORMS.has(facts.form))) return true
  const mm = [...size.mm].sort((a, b) => b - a) as unknown as Millimetres
  return room.pockets.some(({ inner }) => inner === null || fitsIn(mm, longestFirst(inner)))
}

const longestFirst = (inner: Millimetres): Millimetres =>
  [...inner].sort((a, b) => b - a) as unknown as Millimetres
