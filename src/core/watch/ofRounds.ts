/** Errands about looking: rounds that are due, and packs whose date nobody has read. */
import type { Kit, Place } from '../household/places'
import type { DueReason, KitRound } from '../rounds/due'
import { anErrand, type Errand } from './errand'
import type { Survey } from './survey'

export const ofRounds = (survey: Survey, rounds: readonly KitRound[]): readonly Errand[] => [
  ...rounds.filter(({ isDue }) => isDue).flatMap(errandOfRound),
  ...undated(survey),
]

function errandOfRound({ kit, place, dueOn, pockets, allPockets }: KitRound): Errand[] {
  const first = pockets
    .flatMap(({ reasons }) => reasons)
    .reduce<DueReason | null>((a, b) => (a && a.dueOn <= b.dueOn ? a : b), null)
  return first
    ? [
        anErrand({
          key: `check:${kit.id}`,
          act: 'check',
          title: kit.name,
          kit,
          place,
          due: dueOn,
          reason: {
            code: 'round_due',
            why: first.code,
            since: first.since,
            pockets: pockets.length,
            allPockets,
          },
        }),
      ]
    : []
}

/** Medicine and sterile goods whose date nobody has recorded, kit by kit. */
function undated(survey: Survey): Errand[] {
  const found = new Map<Kit, { readonly place: Place; count: number }>()
  for (const { lot, item, judged, site } of survey.holdings) {
    if (lot.expiry.kind !== 'unknown' || judged.state === 'spent') continue
    if (item.kind !== 'medicine' && item.kind !== 'sterile') continue
    const of = found.get(site.kit) ?? { place: site.place, count: 0 }
    found.set(site.kit, { ...of, count: of.count + 1 })
  }
  return [...found].map(([kit, { place, count }]) =>
    anErrand({
      key: `dates:${kit.id}`,
      act: 'check',
      title: kit.name,
      kit,
      place,
      reason: { code: 'dates_missing', count },
    }),
  )
}
