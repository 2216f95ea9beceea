/** What a restocking plan is made from; the plan itself is worked out where it is looked at. */
import type { z } from 'zod'
import type * as restock from '../../contract/values/restock'
import { daysBetween, type PlainDate } from '../../core/calendar/plainDate'
import { catalogue } from '../../core/catalogue/catalogue'
import { LIMITS } from '../../core/exposure/limits'
import { minutesAbove } from '../../core/exposure/verdict'
import { isRunning } from '../../core/household/course'
import type { ItemId } from '../../core/ids'
import type { Judged } from '../../core/judgement/judgement'
import { mustHaves } from '../../core/judgement/mustHave'
import { less } from '../../core/quantity/amount'
import { type Coming, householdProblem, type RestockFault } from '../../core/restock/household'
import { offersFor, sameShop } from '../../core/restock/offers'
import { settingsOf } from '../../core/restock/settings'
import type { KitAway } from '../../core/restock/stops'
import type { KnownWeather } from '../../core/restock/weatherOf'
import { elsewhere, isComing, isMissingAt, type Purchase } from '../../core/shopping/purchase'
import { itemTitle } from '../../core/stock/item'
import { firstDay, lastDay } from '../../core/trips/trip'
import { itemsOf, type Survey } from '../../core/watch/survey'
import { readCourses } from '../../db/members/members'
import { readOffers, readWishes } from '../../db/restock/plan'
import { readPurchases } from '../../db/restock/shopping'
import { openTrips } from '../../db/trips/trips'
import { judgedStockOf } from '../cover/judgementOf'
import { exposureOf } from '../exposure/exposureOf'
import {
  type Caller,
  type Reading,
  reading,
  surveyOf,
  type Today,
  type World,
} from '../frame/world'
import { coverGapsOf } from '../watch/coverGaps'
import { ratesOf } from './rates'

export type PlanView = z.infer<typeof restock.planValue>

export const readPlan = async (world: World, caller: Caller): Promise<PlanView> => {
  const gapsAt = await coverGapsOf(world)
  return reading(world, caller, async (at) => {
    const { trx, household, today } = at
    const survey = await surveyOf(at)
    const lines = survey.lines.filter(({ par }) => par > 0)
    const items = itemsOf(lines)
    const kept = await readOffers(trx)
    const purchases = await readPurchases(trx)
    const isMissing = ({ itemId, shop }: { readonly itemId: ItemId; readonly shop: string }) =>
      isMissingAt(purchases, itemId, shop, today)
    // Put on the list by hand, it is bought whatever the plan says.
    const reckonedWith = purchases.filter(
      (one) => isComing(one) || (one.state.kind === 'listed' && one.source === 'hand'),
    )
    const wishes = await readWishes(trx)
    const { offers, faults } = offersFor(items, kept, catalogue())
    const missing = offers.filter(isMissing)
    const settings = settingsOf(household.restock)
    const put = householdProblem(
      {
        survey,
        offers: elsewhere(offers, isMissing),
        // What is bought already is no longer only wished for.
        wishes: wishes.filter(
          (wish) =>
            wish.kind !== 'buy' ||
            !reckonedWith.some(
              ({ itemId, shop }) => itemId === wish.itemId && sameShop(shop, wish.shop),
            ),
        ),
        coming: reckonedWith.map((one) => comingOf(one, today)),
        entries: catalogue(),
        rates: await ratesOf(at, survey),
        ownMedicines: await ownMedicinesOf(at),
        away: await kitsAway(trx),
        mustHave: mustHavesOf(await judgedStockOf(at), survey),
        weather: await knownWeather(at, world.now().getTime() / 60_000),
      },
      settings,
    )
    return {
      currency: household.currency,
      settings,
      problem: put.problem,
      faults: [
        ...missing.map(({ itemId, shop }): RestockFault => ({ code: 'not_there', itemId, shop })),
        ...faults,
        ...put.faults,
      ].map((fault) => named(survey, fault)),
      coming: put.coming.flatMap((offer, index) => {
        const purchase = reckonedWith[index]
        return offer === null || !purchase
          ? []
          : [{ offer, purchaseId: purchase.id, state: purchase.state.kind }]
      }),
      gaps: await gapsAt(at),
      stops: put.stops.map(({ place: { id, name, hue }, kit }) => ({
        placeId: id,
        name,
        hue,
        kit: kit?.name ?? '',
      })),
      things: put.items.map((item) => ({
        itemId: item.id,
        title: itemTitle(item),
        unit: item.unit,
      })),
      lines: put.lines.map(({ site }) => where(site)),
      shelves: put.holdings.map(({ lot, site }) => ({
        ...where(site),
        lotId: lot.id,
        version: lot.version,
      })),
      wishes: wishes.map(({ id, ...wish }) => ({ id, wish })),
      offers: offers.map(({ itemId, shop, packSize, priceMinor, leadDays }) => ({
        itemId,
        shop,
        packSize,
        priceMinor,
        leadDays,
        offerId: kept.find((one) => one.itemId === itemId && one.shop === shop)?.id ?? null,
      })),
    } as PlanView
  })
}

/** What the needs of each place ask for among its targets: what nobody ticked may be let go the soonest. */
export const mustHavesOf = ({ pantry, judgement }: Judged, { lines }: Survey) =>
  mustHaves(
    pantry,
    judgement.today,
    lines
      .filter(({ par }) => par > 0)
      .sort((a, b) => Number(a.item.essential) - Number(b.item.essential))
      .map(({ item, site, par, good }) => ({
        itemId: item.id,
        placeId: site.place.id,
        amount: less(par, good),
      })),
  )

/** How cold and hot it gets where somebody has told it, and what each thing has borne of it so far. */
async function knownWeather(at: Reading, now: number): Promise<KnownWeather> {
  const { judged, keepings, keepingOfItem, years } = await exposureOf(at, now)
  const borne = new Map(
    judged.map(({ lotId, pocketId, figures }) => {
      const limits = LIMITS[keepings.get(lotId)?.storage ?? 'no-limit']
      return [`${lotId}/${pocketId}`, limits ? minutesAbove(limits, figures) : 0]
    }),
  )
  return {
    years,
    keepingOf: (itemId) => keepingOfItem.get(itemId),
    borne: (lotId, pocketId) => borne.get(`${lotId}/${pocketId}`) ?? 0,
  }
}

/** Items that somebody takes by prescription now. */
export const ownMedicinesOf = async ({ trx, today }: Today): Promise<ReadonlySet<ItemId>> =>
  new Set(
    (await readCourses(trx))
      .filter((course) => isRunning(course, today))
      .map(({ itemId }) => itemId),
  )

/** Bags of trips that are planned or under way. */
const kitsAway = async (trx: Today['trx']): Promise<readonly KitAway[]> =>
  (await openTrips(trx)).flatMap((trip) =>
    trip.bags.map(({ kitId }) => ({ kitId, from: firstDay(trip), to: lastDay(trip) })),
  )

const comingOf = ({ state, ...purchase }: Purchase, today: PlainDate): Coming => ({
  itemId: purchase.itemId,
  shop: purchase.shop,
  packSize: purchase.packSize,
  priceMinor: purchase.priceMinor,
  packs: purchase.packs,
  inDays: state.kind === 'ordered' ? Math.max(0, daysBetween(today, state.dueOn)) : 0,
})

const where = ({ pocket, kit }: Survey['lines'][number]['site']) => ({
  pocketId: pocket.id,
  pocket: pocket.name,
  kitId: kit.id,
  kit: kit.name,
})

/** A fault with names in place of ids. */
function named(survey: Survey, fault: RestockFault): PlanView['faults'][number] {
  const item =
    'itemId' in fault ? survey.lines.find((line) => line.item.id === fault.itemId)?.item : undefined
  const title = item ? itemTitle(item) : ''
  switch (fault.code) {
    case 'no_next_visit': {
      const place = survey.places.find(({ id }) => id === fault.placeId)
      return { code: fault.code, place: place?.name ?? '' }
    }
    case 'no_room': {
      const { par, room, pocketId } = fault
      const site = survey.sites.get(pocketId)
      const pocket = site ? `${site.pocket.name}, ${site.kit.name}` : ''
      return { code: fault.code, item: title, pocket, par, room }
    }
    case 'not_there':
    case 'pack_of_nothing':
      return { code: fault.code, item: title, shop: fault.shop }
    default:
      return { code: fault.code, item: title }
  }
}
