/** What lies in the wrong kit: made for animals and kept with the people's things, or the other way round. */
import type { Kit } from '../household/places'
import type { Pocket } from '../household/pocket'
import type { KitId, PocketId } from '../ids'
import { NOTHING } from '../quantity/amount'
import type { Line } from '../watch/survey'
import { type Entries, type KeptFor, madeForWhom, thingKey } from './ofKit'
import { isForOthers, type Purpose, purposeOf, underLabel } from './purpose'

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
  return kit.lines.flatMap((line): Misplaced[] => {
    if (line.par > NOTHING || line.holdings.length === 0 || !mayMove(line)) return []
    const { goods, whose } = madeForWhom(line, entries, keptFor)
    const { made } = goods
    if (made === 'both' || isAtHome(kit, made, reads(line.site.pocket.name))) return []
    const targets = others.flatMap((other) => {
      const pocket = bestPocket(other, (name) => {
        const purpose = reads(name)
        if (purpose.waits || isForOthers(goods, whose, purpose)) return null
        return underLabel(goods, whose, purpose)
      })
      const isFor = other.kit.whom === made || reads(other.kit.name).species.length > 0
      return isFor && isAtHome(other, made, reads(other.kit.name)) && pocket
        ? [{ kitId: other.kit.id, pocketId: pocket }]
        : []
    })
    const [to] = targets
    return to ? [{ key: thingKey(line.item.id, line.site.pocket.id), line, made, to }] : []
  })
}

const mayMove = ({ holdings }: Line): boolean =>
  holdings.every(
    ({ judged: { state } }) => state !== 'held' && state !== 'lent' && state !== 'missing',
  )

/** A kit for everybody has room for both; a pocket or kit that names a species only for that. */
function isAtHome({ kit }: KitAtPlace, made: 'people' | 'animals', label: Purpose): boolean {
  if (label.species.length > 0)
    return label.species.some((one) => (one === 'person') === (made === 'people'))
  return kit.whom === 'everybody' || kit.whom === made
}

function bestPocket(
  { pockets }: KitAtPlace,
  standing: (name: string) => 'named' | 'plain' | 'other' | null,
): PocketId | null {
  const inside = pockets.filter(({ sort }) => sort !== 'elsewhere')
  const pick = (wanted: 'named' | 'plain' | 'other') =>
    inside.find(({ name }) => standing(name) === wanted)
  return (pick('named') ?? pick('plain') ?? pick('other'))?.id ?? null
}
