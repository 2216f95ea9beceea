/** What lies in the wrong kit: made for animals and kept with the people's things, or the other way round. */
import type { Kit } from '../household/places'
import type { Pocket } from '../household/pocket'
import type { KitId, PocketId } from '../ids'
import { NOTHING } from '../quantity/amount'
import type { Line } from '../watch/survey'
import { type Entries, type KeptFor, madeForWhom, staysPut, thingKey } from './ofKit'
import { isForOthers, type Purpose, purposeOf, type UnderLabel, underLabel } from './purpose'

export interface Misplaced {
  /** As the layout names it. */
  readonly key: string
  readonly line: Line
  readonly made: 'people' | 'animals'
  readonly to: { readonly kitId: KitId; readonly pocketId: PocketId }
}

export interface KitAtPlace {
  readonly kit: Pick<Kit, 'id' | 'whom' | 'name'>
  readonly pockets: readonly Pick<Pocket, 'id' | 'name' | 'sort'>[]
  readonly lines: readonly Line[]
}

/**
 * Things of one kit that belong in another of the same place. What a target asks for where it lies is
 * where its keeper wants it; what is on hold, lent or missing stays.
 */
export function misplacedIn(
  kit: KitAtPlace,
  others: readonly KitAtPlace[],
  entries: Entries,
  keptFor: KeptFor,
): readonly Misplaced[] {
  const reads = (name: string): Purpose => purposeOf(name, keptFor.members)
  const elsewhere = others.map((other) => ({
    other,
    label: reads(other.kit.name),
    pockets: other.pockets
      .filter(({ sort }) => sort !== 'elsewhere')
      .map(({ id, name }) => ({ id, purpose: reads(name) }))
      .filter(({ purpose }) => !purpose.waits),
  }))
  return kit.lines.flatMap((line): Misplaced[] => {
    if (line.par > NOTHING || line.holdings.length === 0 || staysPut(line)) return []
    const { goods, whose } = madeForWhom(line, entries, keptFor)
    const { made } = goods
    if (made === 'both' || isAtHome(kit, made, reads(line.site.pocket.name))) return []
    const [to] = elsewhere.flatMap(({ other, label, pockets }) => {
      const isFor = other.kit.whom === made || label.species.length > 0
      if (!isFor || !isAtHome(other, made, label)) return []
      const fitting = pockets.filter(({ purpose }) => !isForOthers(goods, whose, purpose))
      const under = (wanted: UnderLabel) =>
        fitting.find(({ purpose }) => underLabel(goods, whose, purpose) === wanted)
      const best = under('named') ?? under('plain') ?? under('other')
      return best ? [{ kitId: other.kit.id, pocketId: best.id }] : []
    })
    return to ? [{ key: thingKey(line.item.id, line.site.pocket.id), line, made, to }] : []
  })
}

/** A kit for everybody has room for both; a pocket or kit that names a species only for that. */
function isAtHome({ kit }: KitAtPlace, made: 'people' | 'animals', label: Purpose): boolean {
  if (label.species.length > 0)
    return label.species.some((one) => (one === 'person') === (made === 'people'))
  return kit.whom === 'everybody' || kit.whom === made
}
