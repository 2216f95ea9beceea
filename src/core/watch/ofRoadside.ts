/** Errands about what was given away at a roadside and no target asks for. */
import type { PlainDate } from '../calendar/plainDate'
import { NOTHING, sum, upToMost } from '../quantity/amount'
import type { Taking } from '../roadside/taking'
import { itemTitle } from '../stock/item'
import { anErrand, type Errand } from './errand'
import type { Line, Survey } from './survey'

const keyOf = ({ itemId, pocketId }: Pick<Taking, 'itemId' | 'pocketId'>): string =>
  `${itemId}:${pocketId}`

/** The day on which some of a line was given away last; null where none was. */
export function takenOn(takings: readonly Taking[], { item, site }: Line): PlainDate | null {
  const key = keyOf({ itemId: item.id, pocketId: site.pocket.id })
  return takings.findLast((taking) => keyOf(taking) === key)?.on ?? null
}

/**
 * Where a target says how many belong there, that errand tells of it; where the target is met nothing
 * has to be done.
 */
export function ofRoadside(takings: readonly Taking[], survey: Survey): readonly Errand[] {
  const together = new Map<string, Taking[]>()
  for (const taking of takings)
    together.set(keyOf(taking), [...(together.get(keyOf(taking)) ?? []), taking])
  return [...together].flatMap(([key, taken]) => {
    const [first] = taken
    const site = first && survey.sites.get(first.pocketId)
    const item = survey.stock.items.find(({ id }) => id === first?.itemId)
    const line = survey.lines.find(
      (one) => one.item.id === item?.id && one.site.pocket.id === first?.pocketId,
    )
    if (!first || !site || !item || (line?.par ?? NOTHING) > NOTHING) return []
    return [
      anErrand({
        key: `make_up:${key}`,
        act: 'make_up',
        title: itemTitle(item),
        place: site.place,
        kit: site.kit,
        pocketId: site.pocket.id,
        item,
        amount: upToMost(sum(taken.map(({ amount }) => amount))),
        essential: item.essential,
        reason: {
          code: 'given_away',
          on: taken.at(-1)?.on ?? first.on,
          byLid: taken.some(({ byLid }) => byLid),
        },
      }),
    ]
  })
}
