/** A small household in memory, put together in a test's own words. */
import type { Expiry } from '../../src/core/calendar/expiry'
import { addDays, plainDate } from '../../src/core/calendar/plainDate'
import { lookahead, type Presence } from '../../src/core/calendar/presence'
import { itemFacts } from '../../src/core/catalogue/itemFacts'
import { pantry } from '../../src/core/cover/pantry'
import { schoolsOf } from '../../src/core/cover/schools'
import type { Kit, Place } from '../../src/core/household/places'
import { PLAIN_POCKET, type Pocket } from '../../src/core/household/pocket'
import type { ItemId, KitId, LotId, PlaceId, PocketId } from '../../src/core/ids'
import type { Judged } from '../../src/core/judgement/judgement'
import { judge } from '../../src/core/judgement/judgement'
import { amount } from '../../src/core/quantity/amount'
import type { KitRound } from '../../src/core/rounds/due'
import type { Item } from '../../src/core/stock/item'
import { type Lot, NO_DETAILS, READY } from '../../src/core/stock/lot'
import type { Confirmation } from '../../src/core/trust/certainty'
import { confirmationKey } from '../../src/core/trust/nextLook'
import type { Errand } from '../../src/core/watch/errand'
import { errands } from '../../src/core/watch/errands'
import { type Headline, headline } from '../../src/core/watch/headline'
import { type HouseholdStock, type Survey, survey } from '../../src/core/watch/survey'
import { idOf } from './ids'

export const TODAY = plainDate('2026-11-26')
export const ALWAYS: Presence = { rhythm: { kind: 'always' }, visits: [] }

export const visits = (...spans: [string, string, string?][]): Presence => ({
  rhythm: { kind: 'visits' },
  visits: spans.map(([from, to, label = '']) => ({
    startsOn: plainDate(from),
    endsOn: plainDate(to),
    label,
  })),
})

export const aPlace = (n: number, name: string, presence: Presence = ALWAYS): Place => ({
  id: idOf<PlaceId>(1, n),
  name,
  hue: 'fern',
  minutesToHelp: null,
  note: '',
  traits: [],
  minutesToVet: null,
  signal: null,
  climate: null,
  usuallyThere: [],
  vehicle: null,
  presence,
  version: 1,
})
export const aKit = (n: number, place: Place, fields: Partial<Kit> = {}): Kit => ({
  id: idOf<KitId>(2, n),
  placeId: place.id,
  name: `Kit ${n}`,
  note: '',
  checkEveryDays: 182,
  container: null,
  range: null,
  whom: 'everybody',
  minutesAway: null,
  goesWith: null,
  lastCheck: { on: TODAY, by: 'Ilse' },
  version: 1,
  ...fields,
})
export const aPocket = (n: number, kit: Kit, name = `Pocket ${n}`): Pocket => ({
  id: idOf<PocketId>(3, n),
  ...PLAIN_POCKET,
  kitId: kit.id,
  name,
  cell: { column: 1, row: n, columns: 4, rows: 1 },
  version: 1,
})
export const anItem = (n: number, fields: Partial<Item> = {}): Item => ({
  id: idOf<ItemId>(4, n),
  name: `Item ${n}`,
  strength: '',
  unit: '',
  kind: 'supply',
  purpose: '',
  forWhom: '',
  essential: false,
  openedClock: { kind: 'unset' },
  packSize: null,
  packPriceMinor: null,
  shop: '',
  note: '',
  catalogueId: null,
  own: {},
  verdict: null,
  version: 1,
  ...fields,
})
export const aLot = (n: number, item: Item, fields: Partial<Lot> = {}): Lot => ({
  id: idOf<LotId>(5, n),
  itemId: item.id,
  expiry: { kind: 'none' },
  opened: { kind: 'sealed' },
  condition: 'sound',
  standing: READY,
  batch: '',
  boughtAt: '',
  unitPriceMinor: null,
  note: '',
  ...NO_DETAILS,
  receivedOn: TODAY,
  origin: null,
  claimedOn: null,
  version: 1,
  ...fields,
})

export const onDay = (day: string): Expiry => ({ kind: 'day', day: plainDate(day) })

/** One item in one pocket at one place: what belongs there and lots of so many units each. */
export function onePocket(
  presence: Presence,
  par: number,
  lots: readonly (Partial<Lot> & { readonly units: number })[],
  item: Item = anItem(1),
): HouseholdStock {
  const place = aPlace(1, 'Cottage', presence)
  const kit = aKit(1, place)
  const pocket = aPocket(1, kit)
  const made = lots.map(({ units, ...fields }, index) => ({
    lot: aLot(index + 1, item, fields),
    units,
  }))
  return {
    places: [place],
    kits: [kit],
    pockets: [pocket],
    items: [item],
    pars: par > 0 ? [{ itemId: item.id, pocketId: pocket.id, amount: amount(par * 1000) }] : [],
    lots: made.map(({ lot }) => lot),
    holdings: made.map(({ lot, units }) => ({
      lotId: lot.id,
      pocketId: pocket.id,
      amount: amount(units * 1000),
    })),
  }
}

export const surveyed = (stock: HouseholdStock, today = TODAY) =>
  survey(stock, today, lookahead(30))

/** Everything in the stock was counted by Ilse so many days ago, and not touched since. */
export const lookedAt = (
  { holdings }: HouseholdStock,
  daysAgo: number,
): ReadonlyMap<string, Confirmation> =>
  new Map(
    holdings.map(({ lotId, pocketId }) => [
      confirmationKey(lotId, pocketId),
      { on: addDays(TODAY, -daysAgo), by: 'Ilse', changesSince: 0, changedOn: null },
    ]),
  )

/** Judged for nobody: what is there is still to be looked after. */
export function judgedForNobody({ stock, today, places }: Survey): Judged {
  const laid = pantry({
    members: [],
    courses: [...(stock.courses ?? [])],
    places: places.map((place) => ({ ...place, isStore: place.presence.rhythm.kind === 'always' })),
    kits: stock.kits,
    pockets: stock.pockets,
    items: stock.items.map((item) => ({ item, facts: itemFacts(item, null, item.own) })),
    lots: stock.lots,
    holdings: stock.holdings,
    schools: schoolsOf({}),
    labels: 'none',
    signed: [],
    leftOut: [],
  })
  return { pantry: laid, judgement: judge(laid, today, new Map()) }
}

/** Errands about stock, targets and rounds: things are known, and nobody is there to be ready for. */
export const errandsIn = (survey: Survey, rounds: readonly KitRound[] = []): readonly Errand[] =>
  errands({
    survey,
    rounds,
    judged: judgedForNobody(survey),
    pharmacyDays: [],
    followUps: [],
    trips: [],
    coming: [],
    harsh: new Set(),
    takings: [],
    recalled: 0,
  }).filter(({ act }) => act !== 'identify')

export const headlineIn = (survey: Survey, later = 0, listed = 0): Headline =>
  headline({
    survey,
    judgement: judgedForNobody(survey).judgement,
    open: errandsIn(survey),
    later,
    listed,
  })
