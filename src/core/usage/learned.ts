/** Rates of use of every item at every place where it belongs, from the record. */
import { addDays, daysBetween, earlier, monthNumber, type PlainDate } from '../calendar/plainDate'
import type { ItemId, PlaceId } from '../ids'
import { type Amount, add, THOUSAND, type Total } from '../quantity/amount'
import type { Item } from '../stock/item'
import { rateByHand, type UseRate, useRate } from './rate'
import { EVERY_MONTH, type Season, seasonOf } from './season'

/** What was used of an item at a place, and since when it has been kept there. */
export interface Recorded {
  readonly itemId: ItemId
  readonly placeId: PlaceId
  readonly since: PlainDate
  readonly uses: readonly { readonly on: PlainDate; readonly amount: Amount }[]
}

/** So much of an item belongs at a place. */
export interface Belonging {
  readonly item: Pick<Item, 'id' | 'kind'>
  readonly placeId: PlaceId
  readonly par: Total
}

export interface LearnedRate {
  readonly itemId: ItemId
  readonly placeId: PlaceId
  readonly rate: UseRate
  readonly season: Season
}

/** Older uses tell little of next year. */
export const LOOK_BACK_DAYS = 1096

/** @param byHand what the keeper knows better, in thousandths a year */
export function learnedRates(
  belonging: readonly Belonging[],
  recorded: readonly Recorded[],
  byHand: readonly {
    readonly itemId: ItemId
    readonly placeId: PlaceId
    readonly perYear: Amount
  }[],
  today: PlainDate,
): readonly LearnedRate[] {
  const at = (itemId: ItemId, placeId: PlaceId) => `${itemId}/${placeId}`
  const records = new Map(recorded.map((one) => [at(one.itemId, one.placeId), one]))
  const hand = new Map(byHand.map((one) => [at(one.itemId, one.placeId), one.perYear]))
  const pars = new Map<string, Belonging>()
  for (const one of belonging) {
    const key = at(one.item.id, one.placeId)
    const known = pars.get(key)
    pars.set(key, known ? { ...known, par: add(known.par, one.par) } : one)
  }
  const seasons = new Map<ItemId, Season>()
  return [...pars].map(([key, { item, placeId, par }]) => {
    const record = records.get(key)
    const days = record ? Math.max(0, daysBetween(record.since, today)) : 0
    const past = (record?.uses ?? []).map(({ on, amount }) => ({
      daysAgo: daysBetween(on, today),
      amount: amount / THOUSAND,
    }))
    const learned = useRate(item.kind, par / THOUSAND, past, days)
    const known = hand.get(key)
    let season = seasons.get(item.id)
    if (!season) {
      season = seasonFrom(
        recorded.filter(({ itemId }) => itemId === item.id),
        today,
      )
      seasons.set(item.id, season)
    }
    return {
      itemId: item.id,
      placeId,
      season,
      rate: known === undefined ? learned : rateByHand(known / THOUSAND, learned),
    }
  })
}

/** From all places together: when a thing is used depends on the thing. */
function seasonFrom(recorded: readonly Recorded[], today: PlainDate): Season {
  const months = recorded.flatMap(({ uses }) => uses.map(({ on }) => monthNumber(on)))
  if (months.length === 0) return EVERY_MONTH
  const since = recorded.reduce((first, one) => earlier(first, one.since), today)
  const seen = EVERY_MONTH.map(() => 0)
  for (let day = since; day <= today; day = addDays(day, 15)) {
    const month = monthNumber(day) - 1
    seen[month] = (seen[month] ?? 0) + 0.5
  }
  return seasonOf(months, seen)
}
