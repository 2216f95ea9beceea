/** How full a bag is: by weight, by room, and by its liquids where they are counted. */
import type { KnownItem, Pantry } from '../cover/pantry'
import type { KitId } from '../ids'
import { THOUSAND, type Total, total } from '../quantity/amount'
import { type CabinRulesId, cabinVerdict } from './cabin'
import { assumedSize, sizeOf } from './room'
import type { Bag } from './trip'

export interface BagLoad {
  readonly grams: number
  /** Cubic millimetres. */
  readonly volume: number
  /** Millilitres in containers that a cabin counts; nothing where the bag does not go there. */
  readonly liquidMl: number
}

interface Some {
  /** Position among the pantry's things. */
  readonly thing: number
  readonly amount: Total
}

/** What lies in a bag now, each thing once. @param leaves what is to change to another bag */
export function lyingIn(
  { shelves, stock }: Pick<Pantry, 'shelves' | 'stock'>,
  kitId: KitId,
  leaves: readonly Some[] = [],
): readonly Some[] {
  const found = new Map<number, number>()
  for (const { kit, thing, amount } of shelves)
    if (stock.kits[kit]?.id === kitId) found.set(thing, (found.get(thing) ?? 0) + amount)
  for (const { thing, amount } of leaves) found.set(thing, (found.get(thing) ?? 0) - amount)
  return [...found].flatMap(([thing, amount]) =>
    amount > 0 ? [{ thing, amount: total(amount) }] : [],
  )
}

/** Of whole pieces: a begun one takes the room, and is taken to have the weight, of a whole one. */
export function bagLoad(
  { things, known }: Pick<Pantry, 'things' | 'known'>,
  of: readonly Some[],
  { stowage }: Pick<Bag, 'stowage'>,
  rules: CabinRulesId,
): BagLoad {
  let [grams, volume, liquidMl] = [0, 0, 0]
  for (const { thing, amount } of of) {
    const facts = things[thing]?.facts
    if (!facts) continue
    const size = sizeOf(facts)
    const { mm, grams: each } = size ?? assumedSize((known[thing] as KnownItem).item)
    const count = Math.ceil(amount / THOUSAND)
    grams += count * each
    volume += count * mm[0] * mm[1] * mm[2]
    if (stowage !== 'cabin') continue
    const verdict = cabinVerdict({ facts, mm: size?.mm ?? null }, rules)
    if (verdict.kind === 'in_liquids') liquidMl += count * verdict.millilitres
  }
  return { grams, volume, liquidMl }
}
