/** A household's survey as a forecast's problem, with what stands behind its positions. */
import { addDays, daysBetween, type PlainDate } from '../calendar/plainDate'
import { type Presence, staysFrom } from '../calendar/presence'
import type { ItemId } from '../ids'
import { goodsOf } from '../layout/goods'
import { type Entries, entryOf } from '../layout/ofKit'
import { freshDaysOf } from '../restock/freshDays'
import type { ShopOffer } from '../restock/household'
import { lastDayOf } from '../restock/lastDay'
import type { Item } from '../stock/item'
import { isGoodNow } from '../stock/judge'
import type { LearnedRate } from '../usage/learned'
import { EVERY_MONTH } from '../usage/season'
import { itemsOf, type Line, type Survey } from '../watch/survey'
import type { ForecastLine, ForecastProblem, ForecastShelf } from './problem'

export const FORECAST_MONTHS = 24
const STEP_DAYS = 7
const YEAR_DAYS = 365

export interface HouseholdForecast {
  readonly problem: ForecastProblem
  readonly items: readonly Item[]
  readonly lines: readonly Line[]
  /** Items without a price: what they cost is not in the sums. */
  readonly unpriced: readonly Item[]
}

interface ForecastInput {
  readonly survey: Survey
  readonly offers: readonly ShopOffer[]
  readonly rates: readonly LearnedRate[]
  readonly entries: Entries
  /** Items that somebody takes by prescription. */
  readonly ownMedicines: ReadonlySet<ItemId>
}

/** Puts the problem together. */
export function householdForecast(
  { survey, offers, rates, entries, ownMedicines }: ForecastInput,
  months: number = FORECAST_MONTHS,
): HouseholdForecast {
  const { today } = survey
  const lines = survey.lines.filter(({ par, good }) => par > 0 || good > 0)
  const items = itemsOf(lines)
  const thingOf = new Map(items.map(({ id }, index) => [id, index]))
  const stopOf = new Map(survey.places.map(({ id }, index) => [id, index]))
  const packs = items.map(({ id }) => cheapest(id, offers))
  const days = months * 31
  const usedAt = new Set<string>()
  const forecastLines = lines.map(({ item, site, par }): ForecastLine => {
    // What is used at a place is used from one pocket of it.
    const at = `${item.id}/${site.place.id}`
    const learned =
      par === 0 || usedAt.has(at)
        ? undefined
        : rates.find(({ itemId, placeId }) => itemId === item.id && placeId === site.place.id)
    if (par > 0) usedAt.add(at)
    return {
      thing: thingOf.get(item.id) ?? -1,
      stop: stopOf.get(site.place.id) ?? -1,
      par: par / 1000,
      mustBe:
        item.essential ||
        ownMedicines.has(item.id) ||
        goodsOf(item, entryOf(item, entries)).urgency === 'life',
      perYear: learned?.rate.perYear ?? 0,
      each: learned?.rate.each ?? 1,
      shape: learned?.rate.shape ?? null,
      season: learned?.season ?? EVERY_MONTH,
    }
  })
  const lineAt = new Map(
    lines.map((line, index) => [`${line.item.id}/${line.site.pocket.id}`, index]),
  )
  return {
    problem: {
      today,
      months,
      stops: survey.places.map(({ presence }) => visitDays(presence, today, days)),
      things: items.map((item, thing) => ({
        freshDays: freshDaysOf(item, survey, today),
        pack: packs[thing] ?? null,
      })),
      lines: forecastLines,
      shelves: survey.holdings.flatMap((holding): ForecastShelf[] => {
        const { item, site, amount, judged } = holding
        const thing = thingOf.get(item.id)
        if (thing === undefined || !isGoodNow(judged)) return []
        const line = lineAt.get(`${item.id}/${site.pocket.id}`) ?? null
        const stop = stopOf.get(site.place.id) ?? -1
        return [{ thing, stop, line, amount: amount / 1000, lastDay: lastDayOf(holding, today) }]
      }),
    },
    items,
    lines,
    unpriced: items.filter((_, thing) => packs[thing] === null),
  }
}

/** The pack with the least to pay for each of it; null where no price is known. */
function cheapest(itemId: ItemId, offers: readonly ShopOffer[]) {
  const of = offers.flatMap(({ itemId: one, packSize, priceMinor }) =>
    one === itemId && packSize > 0 && priceMinor !== null
      ? [{ units: packSize / 1000, priceMinor }]
      : [],
  )
  return of.sort((a, b) => a.priceMinor / a.units - b.priceMinor / b.units)[0] ?? null
}

/**
 * Days on which somebody can act at a place: every week where somebody lives, on the first day of
 * each visit elsewhere. Visits that are planned are taken to come again a year later, where none
 * is planned yet.
 */
export function visitDays(presence: Presence, today: PlainDate, days: number): readonly number[] {
  const found: number[] = []
  let next = 0
  for (const { kind, from, to } of staysFrom(presence, today, addDays(today, days - 1))) {
    const first = Math.max(0, daysBetween(today, from))
    const last = Math.min(days - 1, daysBetween(today, to))
    if (kind === 'visit') found.push(first)
    else
      for (let day = Math.max(first, next); day <= last; day = next) {
        found.push(day)
        next = day + STEP_DAYS
      }
  }
  const planned = [...new Set(found)].sort((a, b) => a - b)
  const end = planned.at(-1)
  if (end === undefined) return []
  const year = planned.filter((day) => day < YEAR_DAYS)
  const again: number[] = []
  for (let later = YEAR_DAYS; later < days; later += YEAR_DAYS)
    again.push(...year.map((day) => day + later).filter((day) => day > end && day < days))
  return [...planned, ...again]
}
