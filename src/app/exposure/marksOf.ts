/** What heat and frost did to each part of a lot, or are about to do, as a mark on its tag. */
import type { z } from 'zod'
import type * as kits from '../../contract/values/kits'
import { daysBetween } from '../../core/calendar/plainDate'
import { type HarmAhead, harmsAhead, SOON_DAYS } from '../../core/exposure/harmsAhead'
import { type Unfit, unfitThings } from '../../core/exposure/unfit'
import type { KitId, LotId, PlaceId, PocketId } from '../../core/ids'
import { type Reading, surveyOf } from '../frame/world'
import { exposureOf } from './exposureOf'

type Mark = z.infer<typeof kits.tagValue>['weather']

/** Whatever comes by the model, within two months. @param now minutes */
export async function comingAt(at: Reading, now: number): Promise<readonly HarmAhead[]> {
  const { keepingOfItem, years } = await exposureOf(at, now)
  return harmsAhead(await surveyOf(at), years, (itemId) => keepingOfItem.get(itemId))
}

/** Harm that was measured, else what is to come within two weeks. @param now minutes */
export async function marksOf(
  at: Reading,
  now: number,
): Promise<(lotId: LotId, pocketId: PocketId) => Mark> {
  const { judged } = await exposureOf(at, now)
  const { sites } = await surveyOf(at)
  const harmed = new Set(
    judged.flatMap(({ lotId, pocketId, verdict }) =>
      verdict.kind === 'beyond' ? [`${lotId}/${pocketId}`] : [],
    ),
  )
  const soon = (await comingAt(at, now)).filter(({ on }) => daysBetween(at.today, on) <= SOON_DAYS)
  return (lotId, pocketId) => {
    if (harmed.has(`${lotId}/${pocketId}`)) return { kind: 'harmed' }
    const placeId = sites.get(pocketId)?.place.id
    const [first] = soon
      .filter(
        ({ place, things }) => place.id === placeId && things.some((one) => one.lotId === lotId),
      )
      .sort((a, b) => (a.on < b.on ? -1 : 1))
    return first ? { kind: 'coming', what: first.code, on: first.on } : null
  }
}

/** What does not belong where it lies, each once. @param now minutes */
export async function unfitAt(at: Reading, now: number): Promise<readonly Unfit[]> {
  const { keepingOfItem, years } = await exposureOf(at, now)
  return unfitThings(await surveyOf(at), years, (itemId) => keepingOfItem.get(itemId))
}

/** As it is answered, of all kits of a place or of one. */
export const unfitView = (
  { place, code, days, of, isMeasured, months, things }: Unfit,
  kitId: KitId | null,
): z.infer<typeof kits.unfit> & { readonly placeId: PlaceId } => ({
  placeId: place.id,
  code,
  days,
  of,
  isMeasured,
  months,
  titles: [
    ...new Set(
      things.filter((one) => kitId === null || one.kitId === kitId).map(({ title }) => title),
    ),
  ],
})
