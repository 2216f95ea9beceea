/**
 * How many uses one unit of an item gives, in the unit the household counts it in. A hundred
 * millilitres are not a hundred bottles: where the two units cannot be brought together the
 * smallest sensible number stands, and the keeper is asked.
 */
import { plainText, stem } from '../naming/plainText'
import { type Printed, readPrinted } from '../naming/printed'
import type { Item } from '../stock/item'
import type { CatalogueEntry } from './entry'

export interface UsesOfOne {
  readonly uses: number
  /** False where the units do not fit and nobody has said; then `uses` is a lower bound. */
  readonly isKnown: boolean
  /** What one unit holds; null where it is not measured out, or nobody has said. */
  readonly millilitres: number | null
}

export type Counted = Pick<Item, 'name' | 'strength' | 'unit'>

/** Far below any real use: what is counted in drops of an unknown bottle covers nothing. */
const NEXT_TO_NOTHING = 0.001

const VOLUME_UNITS: Readonly<Record<string, number>> = {
  ml: 1,
  cl: 10,
  dl: 100,
  l: 1000,
  litre: 1000,
  liter: 1000,
}
const MASS_UNITS: Readonly<Record<string, number>> = { mg: 1e3, g: 1e6, gram: 1e6, kg: 1e9 }
/** One of these is whatever the catalogue counts by the piece. */
const PIECES: ReadonlySet<string> = new Set(['', 'piece', 'pc', 'unit', 'one', 'item', 'single'])
/** Words for the same single thing. */
const ALIKE: readonly (readonly string[])[] = [
  ['pod', 'vial', 'ampoule', 'single dose'],
  ['tablet', 'capsule', 'caplet', 'pill', 'tab'],
  ['strip', 'plaster', 'dressing'],
  ['pad', 'compress', 'swab', 'square', 'dressing'],
  ['roll', 'bandage', 'wrap'],
  ['bottle', 'flask', 'canister', 'can', 'spray'],
  ['tube', 'cream', 'ointment', 'gel'],
  ['sachet', 'packet', 'bag', 'pouch', 'stick', 'envelope'],
  ['sheet', 'blanket', 'leaf'],
  ['wipe', 'swab'],
  ['pen', 'injector', 'syringe'],
  ['jar', 'pot', 'tub'],
  ['bar', 'piece'],
  ['cell', 'battery', 'batterie'],
]

const POURED: ReadonlySet<CatalogueEntry['form']> = new Set(['liquid', 'drops', 'spray', 'gel'])

const unitWord = (unit: string): string => stem(plainText(unit).replace(/[^a-z ]/g, ''))

/** Names repeat from lot to lot; their figures are read once. */
const readBefore = new Map<string, readonly Printed[]>()
function printedOf({ name, strength }: Counted): readonly Printed[] {
  const key = `${name} ; ${strength}`
  const before = readBefore.get(key)
  if (before) return before
  const { printed } = readPrinted(plainText(key))
  if (readBefore.size > 5000) readBefore.clear()
  readBefore.set(key, printed)
  return printed
}

/** What a container holds by its own words: its volume or, where that is all there is, its mass. */
const volumeOf = (item: Counted): number | null => {
  const held = printedOf(item).find((one) => one.kind === 'volume')
  return held?.kind === 'volume' ? held.microlitres / 1000 : null
}
const massOf = (item: Counted): number | null => {
  const held = printedOf(item).find((one) => one.kind === 'mass')
  return held?.kind === 'mass' ? held.micrograms : null
}

/** @param own what the household has said itself: it wins */
export function usesOfOne(
  item: Counted,
  entry: CatalogueEntry | null,
  own: { readonly uses?: number | undefined; readonly millilitres?: number | undefined },
): UsesOfOne {
  const unit = unitWord(item.unit)
  const asVolume = VOLUME_UNITS[unit]
  const asMass = MASS_UNITS[unit]
  // "10 mL" on a syringe, "3 L" on a bag is its size: only what is poured gives more when it is larger.
  const isPoured = entry === null || POURED.has(entry.form)
  const entryHolds = entry && isPoured ? (entry.millilitres ?? volumeOf(entry)) : null
  const holds =
    own.millilitres ??
    asVolume ??
    (isPoured ? volumeOf(item) : null) ??
    (entry ? entry.millilitres : null)
  if (own.uses !== undefined) return { uses: own.uses, isKnown: true, millilitres: holds }
  if (!entry)
    return { uses: 1, isKnown: asVolume === undefined && asMass === undefined, millilitres: holds }
  const known = (uses: number): UsesOfOne => ({ uses, isKnown: true, millilitres: holds })
  const atLeast = (uses: number): UsesOfOne => ({ uses, isKnown: false, millilitres: holds })
  if (asVolume !== undefined)
    return entryHolds ? known((entry.uses * asVolume) / entryHolds) : atLeast(NEXT_TO_NOTHING)
  if (asMass !== undefined) {
    const entryMass = entry.route === 'none' || entry.kind === 'food' ? massOf(entry) : null
    return entryMass ? known((entry.uses * asMass) / entryMass) : atLeast(NEXT_TO_NOTHING)
  }
  const entryUnit = unitWord(entry.unit)
  // "For a day": how long one bag or one piece lasts nobody has said.
  if (entryUnit === 'day' && unit !== 'day') return atLeast(NEXT_TO_NOTHING)
  // The same container, larger or smaller.
  const scale = holds !== null && entryHolds ? holds / entryHolds : 1
  if (unit === entryUnit || (PIECES.has(unit) && unit === '')) return known(entry.uses * scale)
  if (unit === 'pair') return PIECES.has(entryUnit) ? known(2 * entry.uses) : atLeast(1)
  if (entryUnit === 'pair')
    return PIECES.has(unit) ? known(entry.uses / 2) : atLeast(Math.min(1, entry.uses))
  if (PIECES.has(unit) || PIECES.has(entryUnit))
    return PACKED.has(unit) ? atLeast(Math.min(1, entry.uses)) : known(entry.uses * scale)
  if (ALIKE.some((words) => words.includes(unit) && words.includes(entryUnit)))
    return known(entry.uses * scale)
  return atLeast(Math.min(1, entry.uses))
}

/** Holds several: how many, nobody has said. */
const PACKED: ReadonlySet<string> = new Set([
  'box',
  'pack',
  'packet',
  'set',
  'carton',
  'case',
  'blister',
  'card',
  'kit',
  'bundle',
])
