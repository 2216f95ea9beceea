/**
 * What must be there, from the needs: without it, and with every other target met, a place would not
 * be ready for a problem, or not for a member whom nothing else there suits. No tick says so.
 */
import type { PlainDate } from '../calendar/plainDate'
import { type Added, withAdded } from '../cover/added'
import { Asking } from '../cover/asking'
import { rowOf } from '../cover/board'
import { behind } from '../cover/leaning'
import type { Need, Tier } from '../cover/need'
import { NEEDS } from '../cover/needs'
import type { CoverPlace, Pantry } from '../cover/pantry'
import { questionAt } from '../cover/scene'
import type { ItemId, PlaceId } from '../ids'
import { THOUSAND } from '../quantity/amount'
import { asksFor } from './days'
import { isCounted, isReady } from './readiness'

/** So much of an item belongs at a place and is not there, in thousandths of its unit. */
export interface Lacking {
  readonly itemId: ItemId
  readonly placeId: PlaceId
  readonly amount: number
}

export const mustHaveKey = (itemId: ItemId, placeId: PlaceId): string => `${itemId}/${placeId}`

/**
 * The gravest tier for which an item with a target at a place must be there, by `mustHaveKey`; what
 * nothing depends on is not named.
 * @param targets items that belong somewhere, with what of them is lacking there: what may be let go
 *   the soonest comes first
 */
export function mustHaves(
  pantry: Pantry,
  today: PlainDate,
  targets: readonly Lacking[],
): ReadonlyMap<string, Exclude<Tier, 'comfort'>> {
  const found = new Map<string, Exclude<Tier, 'comfort'>>()
  for (const place of pantry.stock.places) {
    const here = targets.filter(({ placeId }) => placeId === place.id)
    if (here.length === 0) continue
    const full = stocked(pantry, place, here)
    const whole = new Asking(full, questionAt(pantry.stock, place, today))
    // Of two things that do the same one may go: what is thought away stays away for the next.
    const away = new Set<ItemId>()
    for (const itemId of new Set(here.map((one) => one.itemId))) {
      const without = new Asking(
        full,
        { ...whole.question, without: new Set([...away, itemId]) },
        whole.book,
      )
      const tier = lost(full, whole, without, itemId)
      if (tier) found.set(mustHaveKey(itemId, place.id), tier)
      else away.add(itemId)
    }
  }
  return found
}

/** The place with every target met. */
function stocked(pantry: Pantry, place: CoverPlace, targets: readonly Lacking[]): Pantry {
  const kit = pantry.stock.kits.findIndex(({ placeId }) => placeId === place.id)
  const added = targets.flatMap(({ itemId, amount }): Added[] => {
    const at = pantry.thingOf.get(itemId)
    const thing = at === undefined ? undefined : pantry.things[at]
    if (at === undefined || !thing || amount <= 0) return []
    const uses = (amount / THOUSAND) * thing.facts.uses
    return [{ thing, known: pantry.known[at] ?? null, uses, through: null }]
  })
  return kit < 0 ? pantry : withAdded(pantry, kit, added)
}

/** The gravest tier of a problem that an item's going leaves unanswered for somebody. */
function lost(
  pantry: Pantry,
  whole: Asking,
  without: Asking,
  itemId: ItemId,
): Exclude<Tier, 'comfort'> | null {
  const own = pantry.things[pantry.thingOf.get(itemId) ?? -1]?.facts.roles ?? []
  const roles = behind(pantry, new Set(own))
  const tiers = NEEDS.filter(
    (need) =>
      isCounted(need) && asksFor(need, roles) && answers(whole, need) > answers(without, need),
  ).map(({ tier }) => tier)
  return tiers.includes('life') ? 'life' : tiers.length > 0 ? 'urgent' : null
}

/** For how many of those whom it concerns a need is answered, and for all of them at once. */
function answers(asking: Asking, need: Need): number {
  const row = rowOf(asking, need)
  if (!row) return 0
  const cells = row.together ? [...row.cells, row.together] : row.cells
  return cells.filter(isReady).length
}
