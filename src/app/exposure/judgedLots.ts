/** Every part of a lot that was judged, the gravest first. */
import type { z } from 'zod'
import type * as values from '../../contract/values/exposure'
import { GRAVITY } from '../../core/exposure/verdict'
import { itemTitle } from '../../core/stock/item'
import type { Survey } from '../../core/watch/survey'
import { type HouseholdExposure, keptAs } from './exposureOf'

type JudgedLot = z.infer<typeof values.judgedLot>

export function judgedLots(
  survey: Survey,
  { judged, keepings }: HouseholdExposure,
): readonly JudgedLot[] {
  const held = new Map(
    survey.holdings.map((one) => [`${one.lot.id}/${one.site.pocket.id}`, one] as const),
  )
  return judged
    .flatMap((one) => {
      const holding = held.get(`${one.lotId}/${one.pocketId}`)
      const keeping = keepings.get(one.lotId)
      if (!holding || !keeping) return []
      const { item, lot, site } = holding
      return [
        {
          lotId: one.lotId,
          itemId: item.id,
          title: itemTitle(item),
          pocketId: one.pocketId,
          pocket: site.pocket.name,
          kitId: site.kit.id,
          kit: site.kit.name,
          placeId: site.place.id,
          ...keptAs(keeping),
          verdict: one.verdict,
          told: one.told,
          mean: one.mean,
          share: Math.round(one.share * 1000) / 1000,
          hottest: one.figures.hottest,
          coldest: one.figures.coldest,
          isHeld: lot.standing.kind === 'held',
          since: one.since,
        },
      ]
    })
    .sort(
      (a, b) =>
        GRAVITY[b.verdict.kind] - GRAVITY[a.verdict.kind] ||
        a.title.localeCompare(b.title) ||
        (a.pocket < b.pocket ? -1 : 1),
    )
}
