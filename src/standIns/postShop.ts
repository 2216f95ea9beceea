/**
 * A made-up shop that takes orders and delivers twice a week. What it has changes from week to
 * week, some of it comes late and some never; the same question on the same day gets the same
 * answer, so that a run can be repeated.
 */
import {
  addDays,
  daysBetween,
  type PlainDate,
  plainDate,
  weekdayOf,
} from '../core/calendar/plainDate'
import { catalogue } from '../core/catalogue/catalogue'
import { seeded } from '../core/chance/seeded'
import type { ArticleId, Availability, Delivery, Fate, Quote, Shop } from '../core/shopping/shop'

const TUESDAY = 2
const FRIDAY = 5
const DELIVERS_ON = [TUESDAY, FRIDAY] as const
/** What it does not have it hopes to have after so many days. */
const BACK_ORDER_DAYS = 10
const A_WEEK = 7
/** Where weeks are counted from; a Monday. */
const FIRST_MONDAY = plainDate('2024-01-01')

/** Shares of all articles. */
const IN_STOCK = 0.78
const FEW = 0.9
/** Of what it does not have, the share that it does not get again. */
const GONE = 0.3
/** Of what it had to order itself, the shares that come later still, and never. */
const LATER = 0.2
const CANCELLED = 0.28

export const postShop: Shop = {
  name: 'Tideway Post Pharmacy',
  isStandIn: true,
  deliversOn: DELIVERS_ON,
  quote: async (articles, today) => articles.map((article) => quoteOf(article, today)),
  order: async (key, lines, today) => ({
    reference: `TW-${today.slice(5).replace('-', '')}-${String(Math.floor(chance('order', key) * 1000)).padStart(3, '0')}`,
    fates: lines.map(({ article, packs }) => fatesOf(article, packs, today)),
  }),
  track: async (reference, promised, today) =>
    promised.map(({ article, dueOn, backOrdered }): Delivery => {
      if (dueOn > today) return { kind: 'later', on: dueOn }
      const at = backOrdered ? chance('track', reference, article, dueOn) : 1
      if (at < LATER) return { kind: 'later', on: deliveryFrom(addDays(today, A_WEEK)) }
      return { kind: at < CANCELLED ? 'cancelled' : 'here' }
    }),
}

function quoteOf(article: ArticleId, today: PlainDate): Quote | null {
  const pack = catalogue().get(article)?.pack
  if (!pack) return null
  // A little cheaper or dearer than elsewhere, and always ending in five or nothing.
  const factor = 0.8 + chance('price', article) * 0.3
  return {
    units: pack.units,
    priceMinor: Math.max(5, Math.round((pack.priceMinor * factor) / 5) * 5),
    leadDays: daysBetween(today, deliveryFrom(addDays(today, 1))),
    availability: availabilityOf(article, today),
  }
}

function availabilityOf(article: ArticleId, today: PlainDate): Availability {
  const week = String(Math.floor(daysBetween(FIRST_MONDAY, today) / A_WEEK))
  const at = chance('stock', article, week)
  if (at < IN_STOCK) return { kind: 'in_stock' }
  return at < FEW ? { kind: 'few', packs: at < (IN_STOCK + FEW) / 2 ? 1 : 2 } : { kind: 'none' }
}

function fatesOf(article: ArticleId, packs: number, today: PlainDate): readonly Fate[] {
  if (!quoteOf(article, today)) return [{ kind: 'refused', packs }]
  const has = availabilityOf(article, today)
  const here = has.kind === 'in_stock' ? packs : has.kind === 'few' ? Math.min(packs, has.packs) : 0
  const fates: Fate[] = []
  if (here > 0) fates.push({ kind: 'comes', packs: here, on: deliveryFrom(addDays(today, 1)) })
  if (here < packs)
    fates.push(
      here === 0 && chance('gone', article, today) < GONE
        ? { kind: 'refused', packs }
        : {
            kind: 'back_ordered',
            packs: packs - here,
            on: deliveryFrom(addDays(today, BACK_ORDER_DAYS)),
          },
    )
  return fates
}

function deliveryFrom(day: PlainDate): PlainDate {
  let at = day
  while (!DELIVERS_ON.some((weekday) => weekday === weekdayOf(at))) at = addDays(at, 1)
  return at
}

/** From 0 to below 1, the same for the same words. */
function chance(...of: readonly string[]): number {
  let seed = 2166136261
  for (const letter of of.join('\n')) seed = Math.imul(seed ^ letter.charCodeAt(0), 16777619)
  return seeded(seed >>> 0)()
}
