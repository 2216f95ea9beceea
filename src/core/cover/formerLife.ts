/** A kit grown for a former life: what serves no need of anybody there any more. */
import { NEVER_COVER } from '../catalogue/roles'
import type { ItemId } from '../ids'
import { arises, concerns } from './arising'
import type { Asking } from './asking'
import type { Need } from './need'
import { NEEDS } from './needs'
import type { CoverPlace } from './pantry'
import { suitOf } from './suitability'

/** Something that lies here and serves no need of anybody here. */
export interface FormerLife {
  readonly itemId: ItemId
  readonly title: string
  readonly why: 'nobody_it_suits' | 'no_need_here'
}

const MONTHS = Array.from({ length: 12 }, (_, at) => at + 1)

/** What lies here for somebody who has grown, left or died: it serves no need of anybody here, in no month. */
export function formerLife(
  asking: Asking,
  place: CoverPlace,
  needs: readonly Need[] = NEEDS,
): readonly FormerLife[] {
  const { pantry, patients } = asking
  // The store holds for the other places as well.
  const places = place.isStore ? pantry.stock.places : [place]
  const here = needs.filter((need) =>
    places.some((one) => MONTHS.some((month) => arises(need, one, month))),
  )
  return pantry.things.flatMap((thing, at): FormerLife[] => {
    const { itemId, facts, title } = thing
    if (
      itemId === null ||
      // What somebody carries is theirs to think of.
      thing.carrier !== undefined ||
      !asking.isPresent(at) ||
      facts.roles.length === 0 ||
      pantry.house.owners.has(itemId)
    )
      return []
    if (facts.roles.some((role) => NEVER_COVER.includes(role))) return []
    const companions = new Set(
      pantry.things.flatMap((other, position) =>
        asking.isPresent(position) ? other.facts.companions.map(({ role }) => role) : [],
      ),
    )
    if (facts.roles.some((role) => companions.has(role) || role === 'lick-guard')) return []
    const asksFor = (need: Need): boolean =>
      need.ways.some(({ parts }) =>
        parts.some(({ any }) => any.some((role) => facts.roles.includes(role))),
      )
    const asked = here.filter(asksFor)
    if (asked.length === 0)
      return needs.some(asksFor) ? [{ itemId, title, why: 'no_need_here' }] : []
    const serves = asked.some(
      (need) =>
        need.scope === 'party' ||
        patients.some(
          (patient) => concerns(need, patient) && suitOf(thing, patient, pantry.house) !== 'not',
        ),
    )
    return serves ? [] : [{ itemId, title, why: 'nobody_it_suits' }]
  })
}
