/** What the weather of a place is about to do to the things that lie there, by the model. */
import type { Place } from '../household/places'
import type { ItemId, LotId, PocketId } from '../ids'
import type { Amount } from '../quantity/amount'
import { itemTitle } from '../stock/item'
import type { Survey } from '../watch/survey'
import { type Coming, comingAt, isHarmedBy } from './ahead'
import { harshModelOf, isOpenAir, type PlaceYear } from './placeModel'
import type { Keeping } from './storage'

export interface HarmAhead extends Coming {
  readonly place: Place
  readonly things: readonly {
    readonly lotId: LotId
    readonly pocketId: PocketId
    readonly amount: Amount
    readonly version: number
    readonly title: string
    readonly pocket: string
  }[]
}

/**
 * Where somebody has told the year, and what it harms lies ready: no fridge, nothing that is carried about,
 * nothing that is spent or on hold anyhow.
 */
export function harmsAhead(
  { places, holdings, today }: Pick<Survey, 'places' | 'holdings' | 'today'>,
  years: readonly PlaceYear[],
  keepingOf: (itemId: ItemId) => Keeping | undefined,
): readonly HarmAhead[] {
  return places.flatMap((place) => {
    const model = harshModelOf(place, years)
    if (!model) return []
    const here = holdings.filter(
      ({ site, lot, judged }) =>
        site.place.id === place.id &&
        isOpenAir(site) &&
        lot.standing.kind === 'ready' &&
        judged.state !== 'spent',
    )
    return comingAt(model, today).flatMap((coming) => {
      const things = here.flatMap(({ lot, item, site, amount }) => {
        const keeping = keepingOf(item.id)
        return keeping && isHarmedBy(keeping, coming.code)
          ? [
              {
                lotId: lot.id,
                pocketId: site.pocket.id,
                amount,
                version: lot.version,
                title: itemTitle(item),
                pocket: `${site.pocket.name}, ${site.kit.name}`,
              },
            ]
          : []
      })
      return things.length === 0 ? [] : [{ place, ...coming, things }]
    })
  })
}

/** So long before it comes it is on the list. */
export const SOON_DAYS = 14
