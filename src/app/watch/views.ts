/** From judged stock to what the screens are sent. */
import type { z } from 'zod'
import type * as places from '../../contract/values/places'
import type * as watch from '../../contract/values/watch'
import type { PlainDate } from '../../core/calendar/plainDate'
import { nextThere } from '../../core/calendar/presence'
import type { Household } from '../../core/household/household'
import type { Place } from '../../core/household/places'
import type { PlaceId } from '../../core/ids'
import type { Judgement, PlaceJudgement } from '../../core/judgement/judgement'
import { missingIn } from '../../core/judgement/readiness'
import type { Purchase } from '../../core/shopping/purchase'
import { itemTitle } from '../../core/stock/item'
import { type Errand, errands, type SpareAt } from '../../core/watch/errands'
import type { Site, Survey } from '../../core/watch/survey'
import type { Deletion } from '../../db/account/leaving'
import { onceFor } from '../frame/cache'
import type { InspectedStock } from '../rounds/inspection'

export type StrapPlace = z.infer<typeof places.strapPlace>
export type ErrandView = z.infer<typeof watch.errandValue>

export const errandsOf = onceFor(({ survey, rounds }: InspectedStock) => errands(survey, rounds))

/** Errands that are open now, as against put off or on the shopping list already. */
export interface OpenErrands {
  readonly open: readonly Errand[]
  readonly later: number
  readonly listed: number
}

export function openErrands(
  looks: InspectedStock,
  deferred: ReadonlyMap<string, PlainDate>,
  purchases: readonly Pick<Purchase, 'itemId' | 'goesTo' | 'state'>[],
): OpenErrands {
  const marked = new Set(
    purchases.flatMap(({ itemId, goesTo, state }) =>
      state.kind === 'not_there' ? [] : goesTo.map(({ pocketId }) => `${itemId}:${pocketId}`),
    ),
  )
  const onList = (errand: Errand): boolean =>
    (errand.act === 'replace' || errand.act === 'top_up') &&
    marked.has(`${errand.item?.id}:${errand.pocketId}`)
  const open: Errand[] = []
  let later = 0
  let listed = 0
  for (const errand of errandsOf(looks)) {
    if (onList(errand)) listed++
    else if (deferred.has(errand.key)) later++
    else open.push(errand)
  }
  return { open, later, listed }
}

export function strapOf(
  survey: Survey,
  judgement: Judgement,
  open: readonly Errand[],
  { dateOrder, weekStart, currency, units, timeZone }: Household,
  deletion: Deletion | null,
): z.infer<typeof places.strap> {
  const todo = new Map<PlaceId, number>()
  for (const { place } of open) todo.set(place.id, (todo.get(place.id) ?? 0) + 1)
  return {
    today: survey.today,
    habits: { dateOrder, weekStart, currency, units, timeZone },
    deletion: deletion && { askedBy: deletion.askedBy, dueAt: deletion.dueAt.toISOString() },
    places: survey.places.map((place) =>
      strapPlace(survey, place, judgement.of.get(place.id), todo.get(place.id) ?? 0),
    ),
  }
}

const readyFor = ({ today }: PlaceJudgement): StrapPlace['ready'] =>
  today.of === 0
    ? null
    : {
        ready: today.ready,
        of: today.of,
        missing: missingIn(today).map(({ id, name, tier }) => ({
          id,
          name,
          isLife: tier === 'life',
        })),
      }

const strapPlace = (
  survey: Survey,
  place: Place,
  judged: PlaceJudgement | undefined,
  todo: number,
): StrapPlace => ({
  id: place.id,
  name: place.name,
  hue: place.hue,
  next: nextThere(place.presence, survey.today),
  ready: judged ? readyFor(judged) : null,
  todo,
})

export const errandView = (survey: Survey, errand: Errand): ErrandView => ({
  key: errand.key,
  act: errand.act,
  kitId: errand.kit.id,
  kit: errand.kit.name,
  pocket: errand.pocketId === null ? '' : (survey.sites.get(errand.pocketId)?.pocket.name ?? ''),
  title: errand.item ? itemTitle(errand.item) : errand.kit.name,
  unit: errand.item?.unit ?? '',
  itemKind: errand.item?.kind ?? null,
  lotId: errand.lotId,
  amount: errand.amount,
  reason:
    errand.reason.code === 'turns' || errand.reason.code === 'below_par'
      ? { ...errand.reason, spare: spareView(errand.reason.spare) }
      : errand.reason,
  due: errand.due,
  essential: errand.essential,
})

const spareView = (spare: SpareAt | null) =>
  spare && { place: spare.place.name, amount: spare.amount }

/** The way from a pocket up to its place, by name. */
export const siteRef = ({ pocket, kit, place }: Site) => ({
  pocketId: pocket.id,
  pocket: pocket.name,
  kitId: kit.id,
  kit: kit.name,
  placeId: place.id,
  place: place.name,
})
