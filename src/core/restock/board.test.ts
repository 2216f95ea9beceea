import { beforeAll, describe, expect, it } from 'vitest'
import {
  aKit,
  aLot,
  anItem,
  aPlace,
  aPocket,
  onDay,
  surveyed,
  visits,
} from '../../../tests/support/household'
import { highsSolver } from '../../solver/highs'
import { addDays, plainDate } from '../calendar/plainDate'
import type { ItemId, KitId } from '../ids'
import { mustHaveKey } from '../judgement/mustHave'
import { amount } from '../quantity/amount'
import type { Solver } from '../solving/program'
import type { Item } from '../stock/item'
import type { Lot } from '../stock/lot'
import { useRate } from '../usage/rate'
import { EVERY_MONTH } from '../usage/season'
import { Dealers } from './dealers'
import { type HouseholdInput, householdProblem, type KeeperWish, type ShopOffer } from './household'
import { RestockPlanner } from './restockPlan'

let solver: Solver
beforeAll(async () => {
  solver = await highsSolver()
})

const home = aPlace(1, 'Home')
const cottage = aPlace(
  2,
  'Cottage',
  visits(['2026-12-05', '2026-12-07'], ['2027-03-20', '2027-03-22'], ['2027-07-01', '2027-07-14']),
)
const nowhere = aPlace(3, 'Boat', visits())
const kits = [home, cottage, nowhere].map((place, index) => aKit(index + 1, place))
const pockets = kits.map((kit, index) => aPocket(index + 1, kit))

interface Put {
  readonly item: Item
  readonly at: number
  readonly units: number
  readonly lot?: Partial<Lot>
}

function household(
  pars: readonly { readonly item: Item; readonly at: number; readonly units: number }[],
  lots: readonly Put[],
  {
    budgetMinor = null as number | null,
    days = 365,
    comfortMinor = 25,
    ...more
  }: Partial<
    HouseholdInput & { budgetMinor: number | null; days: number; comfortMinor: number }
  > = {},
) {
  const items = [...new Set([...pars, ...lots].map(({ item }) => item))]
  const made = lots.map(({ item, lot = {} }, index) => aLot(index + 1, item, lot))
  const survey = surveyed({
    places: [home, cottage, nowhere],
    kits,
    pockets,
    items,
    pars: pars.map(({ item, at, units }) => ({
      itemId: item.id,
      pocketId: (pockets[at] as (typeof pockets)[number]).id,
      amount: amount(units * 1000),
    })),
    lots: made,
    holdings: lots.map(({ at, units }, index) => ({
      lotId: (made[index] as Lot).id,
      pocketId: (pockets[at] as (typeof pockets)[number]).id,
      amount: amount(units * 1000),
    })),
  })
  const offers: ShopOffer[] = items.map((item) => ({
    itemId: item.id,
    shop: 'Corner pharmacy',
    packSize: item.packSize ?? 1000,
    priceMinor: item.packPriceMinor,
    leadDays: 0,
  }))
  const put = householdProblem(
    {
      survey,
      entries: new Map(),
      offers,
      rates: [],
      wishes: [],
      coming: [],
      ownMedicines: new Set<ItemId>(),
      mustHave: new Map(),
      ...more,
    },
    { days, budgetMinor, comfortMinor },
  )
  const planner = new RestockPlanner(put.problem, new Dealers(solver))
  const plan = planner.plan(budgetMinor)
  return { ...put, ...plan, ...plan.board }
}

const gauze = anItem(1, {
  name: 'Gauze',
  essential: true,
  packSize: amount(5000),
  packPriceMinor: 600,
})
const drops = anItem(2, {
  name: 'Drops',
  essential: true,
  kind: 'medicine',
  packSize: amount(1000),
  packPriceMinor: 800,
})
const [HOME, COTTAGE, BOAT] = [0, 1, 2]

describe('a plan over all places', () => {
  it('fills a gap with what is to spare, on the visit, and says what that saves', () => {
    const { carries, buys, bare } = household(
      [
        { item: gauze, at: HOME, units: 2 },
        { item: gauze, at: COTTAGE, units: 3 },
      ],
      [{ item: gauze, at: HOME, units: 6, lot: { expiry: onDay('2029-01-31') } }],
    )
    expect(buys).toEqual([])
    expect(carries).toMatchObject([
      { amount: 3, takeOn: 7, putOn: 9, savesMinor: 360, meets: { short: 3, from: 0 } },
    ])
    // Until the visit nothing can be done.
    expect(bare).toMatchObject([{ why: 'until_the_visit', days: 9 }])
  })
  it('carries what expires soon to where it is used up, and buys for where it would lapse', () => {
    const rate = useRate(
      'medicine',
      2,
      Array.from({ length: 24 }, (_, index) => ({ daysAgo: index * 15, amount: 1 })),
      365,
    )
    const { carries, buys, lived } = household(
      [
        { item: drops, at: HOME, units: 2 },
        { item: drops, at: COTTAGE, units: 2 },
      ],
      [
        { item: drops, at: HOME, units: 2, lot: { expiry: onDay('2028-06-30') } },
        { item: drops, at: COTTAGE, units: 2, lot: { expiry: onDay('2027-04-30') } },
      ],
      {
        rates: [{ itemId: drops.id, placeId: home.id, rate, season: EVERY_MONTH }],
      },
    )
    const home2 = carries.filter(({ line }) => line === 0)
    expect(home2.length).toBeGreaterThan(0)
    expect(home2[0]).toMatchObject({ takeOn: 9, turnsOn: 156 })
    expect(buys.some(({ goesTo }) => goesTo.some(({ line }) => line === 1))).toBe(true)
    // At most one of them is left when they turn.
    expect(lived.turned.reduce((sum, { amount: lapsed }) => sum + lapsed, 0)).toBeLessThan(2)
  })
  it('buys whole packs before the visit they are for, and no sooner than needed', () => {
    const { buys, lived } = household(
      [{ item: gauze, at: COTTAGE, units: 7 }],
      [
        {
          item: gauze,
          at: COTTAGE,
          units: 7,
          lot: { expiry: onDay('2027-04-30'), receivedOn: plainDate('2024-05-01') },
        },
      ],
    )
    // The visit of 20 March is the last before the end of April.
    expect(buys).toMatchObject([{ packs: 2, by: 114, costMinor: 1200, leftOver: 3 }])
    expect(lived.bareDays.urgent).toBe(0)
  })
  it.each([
    ['both lack it now', []],
    ['the second lacks it from April on', [{ at: COTTAGE, until: '2027-04-30' }]],
    ['the first lacks it from April on', [{ at: HOME, until: '2027-04-30' }]],
  ])('uses what one pack leaves over before another is bought: %s', (_, there) => {
    const plasters = anItem(7, { essential: true, packSize: amount(20_000), packPriceMinor: 400 })
    const { buys, bare } = household(
      [HOME, COTTAGE].map((at) => ({ item: plasters, at, units: 8 })),
      there.map(({ at, until }) => ({
        item: plasters,
        at,
        units: 8,
        lot: { expiry: onDay(until), receivedOn: plainDate('2024-05-01') },
      })),
    )
    // Two packs of twenty would leave twelve over each; one serves both.
    expect(buys).toMatchObject([{ packs: 1, leftOver: 4 }])
    expect(buys[0]?.goesTo.map(({ amount: goes }) => goes)).toEqual([8, 8])
    expect(bare.every(({ why }) => why === 'until_the_visit')).toBe(true)
  })
  it('never calls what saves a life not worth its price, and says when it lacks how much', () => {
    const pen = anItem(9, { name: 'Pen', packSize: amount(1000), packPriceMinor: 990_000 })
    const pars = [{ item: pen, at: COTTAGE, units: 2 }]
    const mustHave = new Map([[mustHaveKey(pen.id, cottage.id), 'life' as const]])
    for (const comfortMinor of [1, 25, 400]) {
      const { buys, bare } = household(pars, [], { mustHave, comfortMinor })
      expect(buys.reduce((sum, { packs }) => sum + packs, 0)).toBe(2)
      expect(bare).toMatchObject([
        { why: 'until_the_visit', stretches: [{ from: 0, until: 9, short: 2 }] },
      ])
    }
  })
  it('leaves bare what is not worth its price, and spends a short budget on what must be there', () => {
    const dear = anItem(3, { name: 'Gel', packSize: amount(1000), packPriceMinor: 9000 })
    const pars = [
      { item: gauze, at: HOME, units: 4 },
      { item: dear, at: HOME, units: 1 },
    ]
    const free = household(pars, [])
    expect(free.buys.map(({ offer }) => offer)).toEqual([0])
    expect(free.bare).toMatchObject([{ line: 1, why: 'not_worth' }])
    const worth = { ...dear, packPriceMinor: 200 }
    const two = [
      { item: worth, at: HOME, units: 1 },
      { item: gauze, at: HOME, units: 4 },
    ]
    expect(household(two, []).buys).toHaveLength(2)
    const short = household(two, [], { budgetMinor: 700 })
    expect(short.buys).toMatchObject([{ offer: 1 }])
    expect(short.bare).toMatchObject([{ line: 0, why: 'budget' }])
  })
  it('never takes a member’s own medicine away, nor what somebody takes by prescription', () => {
    const pars = [
      { item: drops, at: HOME, units: 1 },
      { item: drops, at: COTTAGE, units: 2 },
    ]
    const lots = (lot: Partial<Lot>) => [{ item: drops, at: HOME, units: 3, lot }]
    expect(household(pars, lots({})).carries).toHaveLength(1)
    expect(
      household(pars, lots({ forMember: '00000000-0000-4000-8000-000000000001' as never })).carries,
    ).toEqual([])
    expect(household(pars, lots({}), { ownMedicines: new Set([drops.id]) }).carries).toEqual([])
  })
  it('throws away what is spent at the next visit', () => {
    const { takeOuts } = household(
      [{ item: gauze, at: COTTAGE, units: 1 }],
      [{ item: gauze, at: COTTAGE, units: 2, lot: { expiry: onDay('2026-10-31') } }],
    )
    expect(takeOuts).toMatchObject([{ kind: 'throw_away', amount: 2, on: 9, worthMinor: 240 }])
  })
  it('does as the keeper wants, and plans the rest around it', () => {
    const pars = [
      { item: gauze, at: HOME, units: 2 },
      { item: gauze, at: COTTAGE, units: 3 },
    ]
    const lots = [{ item: gauze, at: HOME, units: 6 }]
    const of = (wishes: readonly KeeperWish[]) => household(pars, lots, { wishes })
    const [from, to] = [pockets[HOME], pockets[COTTAGE]] as [
      (typeof pockets)[number],
      (typeof pockets)[number],
    ]
    const lotId = '00000000-0000-4000-8005-000000000001'
    const first = of([])
    const shelf = first.problem.shelves[0]?.key.split('/')[0] ?? lotId
    const forbidden = of([{ kind: 'no_carry', lotId: shelf, pocketId: from.id, to: to.id }])
    expect(forbidden.carries).toEqual([])
    expect(forbidden.buys).toMatchObject([{ packs: 1 }])
    const one = of([{ kind: 'carry', lotId: shelf, pocketId: from.id, to: to.id, amount: 1 }])
    expect(one.carries).toMatchObject([{ amount: 1 }])
    expect(one.buys).toHaveLength(1)
    const none = of([
      { kind: 'no_carry', lotId: shelf, pocketId: from.id, to: to.id },
      { kind: 'no_buy', itemId: gauze.id },
    ])
    expect(none.bare).toMatchObject([{ why: 'not_wanted' }])
    const many = of([{ kind: 'buy', itemId: gauze.id, shop: 'Corner pharmacy', packs: 2 }])
    expect(many.buys.reduce((sum, { packs }) => sum + packs, 0)).toBe(2)
  })
  it('plans the rest and says what is missing', () => {
    const free = anItem(4, { name: 'Unpriced', packPriceMinor: null })
    const { faults, buys, bare } = household(
      [
        { item: gauze, at: HOME, units: 1 },
        { item: gauze, at: BOAT, units: 1 },
        { item: free, at: HOME, units: 1 },
        { item: drops, at: HOME, units: 1 },
      ],
      [],
      {
        offers: [
          { itemId: gauze.id, shop: 'Corner', packSize: 5000, priceMinor: 600, leadDays: 0 },
          { itemId: drops.id, shop: 'Corner', packSize: 0, priceMinor: 600, leadDays: 0 },
        ],
      },
    )
    expect(buys).toHaveLength(1)
    expect(faults).toEqual([
      { code: 'no_next_visit', placeId: nowhere.id },
      { code: 'pack_of_nothing', itemId: drops.id, shop: 'Corner' },
      { code: 'no_price', itemId: free.id },
      { code: 'no_price', itemId: drops.id },
    ])
    expect(bare.map(({ line, why }) => [line, why])).toEqual([
      [1, 'nobody_there'],
      [2, 'no_offer'],
      [3, 'no_offer'],
    ])
  })
  it('never plans more than a kit has room for, what saves a life first', () => {
    const brick = (n: number, fields: Partial<Item>) =>
      anItem(n, {
        own: { size: { mm: [100, 100, 100], grams: 100 } },
        packSize: amount(1000),
        packPriceMinor: 100,
        ...fields,
      })
    const must = brick(5, { name: 'Must', essential: true })
    const nice = brick(6, { name: 'Nice' })
    const [pocket] = pockets
    if (!pocket) throw new Error('No pocket')
    const measured = { ...pocket, inner: [400, 100, 100] as const }
    const survey = surveyed({
      places: [home],
      kits: kits.slice(0, 1),
      pockets: [measured],
      items: [nice, must],
      pars: [nice, must].map(({ id }) => ({
        itemId: id,
        pocketId: pocket.id,
        amount: amount(2000),
      })),
      lots: [],
      holdings: [],
    })
    const offers = [nice, must].map(({ id: itemId }) => ({
      itemId,
      shop: '',
      packSize: 1000,
      priceMinor: 100,
      leadDays: 0,
    }))
    const { problem, faults } = householdProblem(
      {
        survey,
        entries: new Map(),
        offers,
        rates: [],
        wishes: [],
        coming: [],
        ownMedicines: new Set(),
        mustHave: new Map(),
      },
      { days: 100, budgetMinor: null, comfortMinor: 25 },
    )
    // 80 % of four bricks' room is room for three.
    expect(problem.lines.map(({ room }) => room)).toEqual([1, 2])
    expect(faults).toMatchObject([{ code: 'no_room', itemId: nice.id, par: 2, room: 1 }])
    const planner = new RestockPlanner(problem, new Dealers(solver))
    const { board } = planner.plan(null)
    expect(board.buys.reduce((sum, { packs }) => sum + packs, 0)).toBe(3)
    expect(board.bare).toMatchObject([{ why: 'no_room', short: 1 }])
  })
  it('fills a bag that goes on a trip before it leaves or after it is back, never meanwhile', () => {
    const lacks = [{ item: gauze, at: HOME, units: 2 }]
    const leaves = (from: number, to: number) => ({
      away: [
        {
          kitId: kits[HOME]?.id as KitId,
          from: addDays(plainDate('2026-11-26'), from),
          to: addDays(plainDate('2026-11-26'), to),
        },
      ],
    })
    const filled = (more: Partial<HouseholdInput> = {}) => {
      const { buys, problem, stops } = household(lacks, [], more)
      const days = buys.flatMap(({ goesTo }) => goesTo.map(({ putOn }) => putOn))
      return { days, stop: stops[problem.lines[0]?.stop ?? -1] }
    }
    expect(filled()).toMatchObject({ days: [0], stop: { kit: null } })
    expect(filled(leaves(7, 14))).toMatchObject({
      days: [0],
      stop: { kit: { id: kits[HOME]?.id } },
    })
    expect(filled(leaves(-3, 10)).days).toEqual([14])
    // A trip that is over changes nothing.
    expect(filled(leaves(-9, -2))).toMatchObject({ days: [0], stop: { kit: null } })
  })
  it('counts the days of the calendar', () => {
    expect(
      addDays(
        surveyed({
          places: [home],
          kits: [],
          pockets: [],
          items: [],
          pars: [],
          lots: [],
          holdings: [],
        }).today,
        114,
      ),
    ).toBe('2027-03-20')
  })
})
