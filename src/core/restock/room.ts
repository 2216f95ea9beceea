/**
 * What of each par a kit has room for: by the volume of a measured pocket and by the weight that
 * whoever carries the kit can carry. What saves a life is packed first, whatever else lies there;
 * then what must be there, then the rest.
 */
import type { KitId, PocketId } from '../ids'
import { FULL_AT, fitsIn, volumeOf } from '../layout/fill'
import type { Goods } from '../layout/goods'
import type { Line } from '../watch/survey'
import type { Tier } from './problem'

/** A par line with what is known of the thing; amounts in units. */
export interface Wanting {
  readonly line: Line
  readonly goods: Pick<Goods, 'size' | 'soft'>
  readonly tier: Tier
  readonly par: number
  /** Usable now. */
  readonly there: number
}

/** So many of each the kit has room for, in the order given; null where nobody has measured. */
export function roomFor(wanting: readonly Wanting[]): readonly (number | null)[] {
  const volumeLeft = new Map<PocketId, number>()
  const gramsLeft = new Map<KitId, number>()
  for (const { line } of wanting) {
    const { pocket, kit } = line.site
    if (pocket.inner) volumeLeft.set(pocket.id, FULL_AT * volumeOf(pocket.inner))
    const { container } = kit
    if (container?.carryGrams != null) gramsLeft.set(kit.id, container.carryGrams - container.grams)
  }
  const take = ({ line, goods }: Wanting, units: number) => {
    const { pocket, kit } = line.site
    const { size } = goods
    if (!size) return
    const volume = volumeLeft.get(pocket.id)
    if (volume !== undefined) volumeLeft.set(pocket.id, volume - volumeOf(size.mm) * units)
    const grams = gramsLeft.get(kit.id)
    if (grams !== undefined) gramsLeft.set(kit.id, grams - size.grams * units)
  }
  const rooms = new Map<Wanting, number | null>()
  for (const tier of ['life', 'urgent', 'comfort'] as const) {
    const of = wanting.filter((one) => one.tier === tier)
    for (const one of of) take(one, Math.min(one.there, one.par))
    for (const one of of) {
      const { line, goods, par, there } = one
      const { size, soft } = goods
      const { pocket, kit } = line.site
      const volume = volumeLeft.get(pocket.id)
      const grams = gramsLeft.get(kit.id)
      if (!size || (volume === undefined && grams === undefined)) {
        rooms.set(one, null)
        continue
      }
      const tooBig = pocket.inner !== null && !soft && !fitsIn(size.mm, pocket.inner)
      const more = Math.floor(
        Math.min(
          (volume ?? Number.POSITIVE_INFINITY) / volumeOf(size.mm),
          (grams ?? Number.POSITIVE_INFINITY) / Math.max(1, size.grams),
        ),
      )
      const lacking = Math.max(0, par - there)
      // For what saves a life everything else makes room.
      const added = tier === 'life' ? lacking : Math.min(lacking, tooBig ? 0 : Math.max(0, more))
      take(one, added)
      rooms.set(one, Math.min(par, there + added))
    }
  }
  return wanting.map((one) => rooms.get(one) ?? null)
}
