/** A household's survey as a problem to decide, with the names that stand behind its positions. */

import { addDays } from '../calendar/plainDate'
import type { ItemId, PlaceId, PocketId } from '../ids'
import { mustHaveKey } from '../judgement/mustHave'
import { type Goods, goodsOf } from '../layout/goods'
import { type Entries, entryOf } from '../layout/ofKit'
import type { Item } from '../stock/item'
import { expectedUses, lookAhead } from '../usage/expected'
import type { LearnedRate } from '../usage/learned'
import { itemsOf, type JudgedHolding, type Line, type Survey } from '../watch/survey'
import { chancesAt, gapAfter } from './chances'
import { freshDaysOf } from './freshDays'
import { lastDayOf } from './lastDay'
import type { Offer, ParLine, RestockProblem, Shelf, Stays, Thing, Tier, Wish } from './problem'
import { roomFor, type Wanting } from './room'
import { standInsOf } from './standIns'
import { type KitAway, type StopSite, stopsOf } from './stops'
import { hereOf, type KnownWeather, spoilsOf, weatherOf } from './weatherOf'

/** One item in packs as one shop sells them. */
export interface ShopOffer {
  readonly itemId: ItemId
  readonly shop: string
  readonly packSize: number
  /** Null where nobody knows the price. */
  readonly priceMinor: number | null
  readonly leadDays: number
}

/** Packs that a plan has to reckon with, here within so many days. */
export interface Coming extends Omit<ShopOffer, 'leadDays'> {
  readonly packs: number
  readonly inDays: number
}

/** What is missing or impossible; the rest is planned without it. */
export type RestockFault =
  | { readonly code: 'no_price'; readonly itemId: ItemId }
  /** Nobody has said what it costs here: the catalogue's guide price stands in. */
  | { readonly code: 'guide_price'; readonly itemId: ItemId }
  /** The shop had none lately; it is looked for elsewhere for a while. */
  | { readonly code: 'not_there'; readonly itemId: ItemId; readonly shop: string }
  | { readonly code: 'pack_of_nothing'; readonly itemId: ItemId; readonly shop: string }
  | { readonly code: 'no_next_visit'; readonly placeId: PlaceId }
  | {
      readonly code: 'no_room'
      readonly itemId: ItemId
      readonly pocketId: PocketId
      readonly par: number
      readonly room: number
    }

/** The problem, and what each of its positions stands for. */
export interface HouseholdProblem {
  readonly problem: RestockProblem
  /** Places; and kits that leave theirs for a while, which have chances of their own. */
  readonly stops: readonly StopSite[]
  readonly items: readonly Item[]
  readonly lines: readonly Line[]
  readonly holdings: readonly JudgedHolding[]
  /** Offers by which what is coming comes, in its order; null where nothing of it belongs anywhere. */
  readonly coming: readonly (number | null)[]
  readonly faults: readonly RestockFault[]
}

/** What never turns is reckoned to serve for ten years. */
const LASTS_DAYS = 3650
const LEAST_WORN_DAYS = 30

export interface HouseholdInput {
  readonly survey: Survey
  readonly entries: Entries
  readonly offers: readonly ShopOffer[]
  readonly rates: readonly LearnedRate[]
  readonly wishes: readonly KeeperWish[]
  /** Bought or ordered already, or to be bought whatever a plan says. */
  readonly coming: readonly Coming[]
  /** Items that somebody takes by prescription: they stay where they are. */
  readonly ownMedicines: ReadonlySet<ItemId>
  /** Kits that will be on a trip: nobody can fill a bag that is not there. */
  readonly away?: readonly KitAway[]
  /** What the needs of a place ask for, by `mustHaveKey`. */
  readonly mustHave: ReadonlyMap<string, 'life' | 'urgent'>
  /** Where somebody has told how cold and how hot it gets. */
  readonly weather?: KnownWeather
}

/** What the keeper wants, by name, so that it outlives a change of positions. */
export type KeeperWish =
  | {
      readonly kind: 'carry'
      readonly lotId: string
      readonly pocketId: PocketId
      readonly to: PocketId
      readonly amount: number
    }
  | {
      readonly kind: 'no_carry'
      readonly lotId: string
      readonly pocketId: PocketId
      readonly to: PocketId
    }
  | { readonly kind: 'buy'; readonly itemId: ItemId; readonly shop: string; readonly packs: number }
  | { readonly kind: 'no_buy'; readonly itemId: ItemId }

/** What is asked of the plan. */
type Asked = Pick<RestockProblem, 'days' | 'budgetMinor' | 'comfortMinor'>

/** Puts the problem together. */
export function householdProblem(
  {
    survey,
    entries,
    offers: asked,
    rates,
    wishes,
    coming,
    ownMedicines,
    mustHave,
    away,
    weather: known,
  }: HouseholdInput,
  { days, budgetMinor, comfortMinor }: Asked,
): HouseholdProblem {
  const { today } = survey
  const faults: RestockFault[] = []
  const lines = survey.lines.filter(({ par }) => par > 0)
  const items = itemsOf(lines)
  const thingOf = new Map(items.map((item, index) => [item.id, index]))
  const goods = items.map((item) => goodsOf(item, entryOf(item, entries)))
  const sites = stopsOf(survey, away ?? [], addDays(today, days))
  const stops = sites.map(({ place: { id, presence }, gone }) => {
    const chances = chancesAt(presence, today, days).filter(
      ({ day }) => !gone.some(({ from, to }) => from <= day && day <= to),
    )
    if (gone.length === 0 && chances.length === 0 && lines.some(({ site }) => site.place.id === id))
      faults.push({ code: 'no_next_visit', placeId: id })
    return { chances }
  })
  const stopOf = new Map(sites.map(({ place, kit }, index) => [kit?.id ?? place.id, index]))
  const stopAt = ({ place, kit }: Line['site']): number =>
    stopOf.get(kit.id) ?? stopOf.get(place.id) ?? -1
  const { offers, shops } = offersOf(asked, thingOf, faults)
  items.forEach((item, thing) => {
    if (!offers.some((offer) => offer.thing === thing))
      faults.push({ code: 'no_price', itemId: item.id })
  })
  // What is coming is an offer of its own, of which exactly so many packs are taken.
  const comes = coming.map((one) => {
    const thing = thingOf.get(one.itemId)
    if (thing === undefined || one.packSize <= 0) return null
    if (!shops.includes(one.shop)) shops.push(one.shop)
    return (
      offers.push({
        thing,
        shop: shops.indexOf(one.shop),
        units: one.packSize / 1000,
        priceMinor: one.priceMinor ?? 0,
        leadDays: one.inDays,
      }) - 1
    )
  })
  const freshDays = items.map((item) => freshDaysOf(item, survey, today))
  const yearly = items.map((item) =>
    rates
      .filter(({ itemId }) => itemId === item.id)
      .reduce((sum, { rate }) => sum + rate.perYear, 0),
  )
  const things = items.map((item, thing): Thing => {
    const pack = Math.max(0, ...offers.filter((one) => one.thing === thing).map((one) => one.units))
    const usedUp = (yearly[thing] ?? 0) > 0 ? (pack * 365) / (yearly[thing] as number) : LASTS_DAYS
    const lasts = Math.min(freshDays[thing] ?? LASTS_DAYS, usedUp)
    return {
      freshDays: freshDays[thing] ?? null,
      wornDays: Math.max(LEAST_WORN_DAYS, Math.round(lasts)),
      standIns: standInsOf(item, items, goods, entries),
    }
  })
  const wanting = lines.map((line): Wanting => {
    const of = goods[thingOf.get(line.item.id) ?? -1] as Goods
    return {
      line,
      goods: of,
      tier: tierOf(line.item, of, mustHave.get(mustHaveKey(line.item.id, line.site.place.id))),
      par: line.par / 1000,
      there: line.good / 1000,
    }
  })
  const rooms = roomFor(wanting)
  const ahead = lookAhead(today, stepsOf(days))
  const usedAt = new Set<string>()
  const parLines = wanting.map(({ line, tier, par }, index): ParLine => {
    const { item, site } = line
    const room = rooms[index] ?? null
    if (room !== null && room < par)
      faults.push({ code: 'no_room', itemId: item.id, pocketId: site.pocket.id, par, room })
    // What is used at a place is used from one pocket of it.
    const at = `${item.id}/${site.place.id}`
    const expected = usedAt.has(at)
      ? undefined
      : rates.find(({ itemId, placeId }) => itemId === item.id && placeId === site.place.id)
    usedAt.add(at)
    return {
      key: `${item.id}/${site.pocket.id}`,
      thing: thingOf.get(item.id) ?? -1,
      stop: stopAt(site),
      par,
      room,
      tier,
      uses: expected ? expectedUses(expected.rate.perYear, expected.season, ahead) : [],
    }
  })
  const lineAt = new Map(parLines.map(({ key }, index) => [key, index]))
  const weather = known ? weatherOf(survey, known, days) : null
  const holdings = survey.holdings.filter(
    ({ item, judged }) =>
      thingOf.has(item.id) && ['sound', 'turning', 'spent'].includes(judged.state),
  )
  const shelves = holdings.map((holding): Shelf => {
    const { lot, item, site, amount, judged } = holding
    const thing = thingOf.get(item.id) ?? -1
    return {
      key: `${lot.id}/${site.pocket.id}`,
      thing,
      stop: stopAt(site),
      line: lineAt.get(`${item.id}/${site.pocket.id}`) ?? null,
      amount: amount / 1000,
      lastDay: judged.state === 'spent' ? -1 : lastDayOf(holding, today),
      here: hereOf(weather?.hereOf(holding) ?? null, stops[stopAt(site)]?.chances[0]?.day ?? 0),
      stays: staysWhy(holding, ownMedicines),
    }
  })
  const shelfAt = new Map(shelves.map(({ key }, index) => [key, index]))
  return {
    problem: {
      today,
      days,
      budgetMinor,
      comfortMinor,
      stops,
      things,
      lines: parLines,
      shelves,
      shops,
      offers,
      wishes: [
        ...comes.flatMap((offer, index): Wish[] =>
          offer === null ? [] : [{ kind: 'buy', offer, packs: coming[index]?.packs ?? 0 }],
        ),
        ...wishes.flatMap((wish): Wish[] => {
          switch (wish.kind) {
            case 'no_buy': {
              const thing = thingOf.get(wish.itemId)
              return thing === undefined ? [] : [{ kind: 'no_buy', thing }]
            }
            case 'buy': {
              const offer = offers.findIndex(
                ({ thing, shop }) =>
                  thing === thingOf.get(wish.itemId) && shops[shop] === wish.shop,
              )
              return offer < 0 ? [] : [{ kind: 'buy', offer, packs: wish.packs }]
            }
            default: {
              const shelf = shelfAt.get(`${wish.lotId}/${wish.pocketId}`)
              const thing = shelves[shelf ?? -1]?.thing
              const line = parLines.findIndex(
                (one) => one.thing === thing && one.key.endsWith(`/${wish.to}`),
              )
              if (shelf === undefined || line < 0) return []
              return wish.kind === 'carry'
                ? [{ kind: 'carry', shelf, line, amount: wish.amount }]
                : [{ kind: 'no_carry', shelf, line }]
            }
          }
        }),
      ],
      ...(weather
        ? spoilsOf(
            lines.map(({ site }, index) => {
              const thing = parLines[index]?.thing ?? -1
              return { site, things: [thing, ...(things[thing]?.standIns ?? [])] }
            }),
            (thing) => items[thing]?.id as ItemId,
            weather,
          )
        : { spells: [], spoils: [] }),
    },
    stops: sites,
    items,
    lines,
    holdings,
    coming: comes,
    faults,
  }
}

/** First days of the steps in which use is reckoned, ended by the end of what is looked ahead. */
function stepsOf(days: number): readonly number[] {
  const steps: number[] = []
  for (let day = 0; day < days; day += gapAfter(day)) steps.push(day)
  return [...steps, days]
}

function offersOf(
  asked: readonly ShopOffer[],
  thingOf: ReadonlyMap<ItemId, number>,
  faults: RestockFault[],
) {
  const shops: string[] = []
  const offers = asked.flatMap((offer): Offer[] => {
    const { itemId, shop: name, packSize, priceMinor, leadDays } = offer
    const thing = thingOf.get(itemId)
    if (thing === undefined || priceMinor === null) return []
    if (packSize <= 0) {
      faults.push({ code: 'pack_of_nothing', itemId, shop: name })
      return []
    }
    if (!shops.includes(name)) shops.push(name)
    return [
      {
        thing,
        shop: shops.indexOf(name),
        units: packSize / 1000,
        priceMinor,
        leadDays,
      },
    ]
  })
  return { offers, shops }
}

/** What the needs ask for, then what the keeper says must be there; the graver of the two. */
const tierOf = (
  { essential }: Pick<Item, 'essential'>,
  { urgency }: Pick<Goods, 'urgency'>,
  needed: 'life' | 'urgent' | undefined,
): Tier =>
  urgency === 'life' || needed === 'life'
    ? 'life'
    : essential || needed === 'urgent'
      ? 'urgent'
      : 'comfort'

function staysWhy(
  { lot, item, site, judged }: JudgedHolding,
  own: ReadonlySet<ItemId>,
): Stays | null {
  if (judged.state === 'spent') return 'spent'
  if (lot.forMember !== null || own.has(item.id)) return 'own_medicine'
  if (lot.opened.kind === 'opened') return 'opened'
  return site.pocket.sort === 'elsewhere' ? 'elsewhere' : null
}
