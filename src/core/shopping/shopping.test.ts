import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aKit, anItem, aPlace, aPocket, TODAY, visits } from '../../../tests/support/household'
import { addDays } from '../calendar/plainDate'
import { lookahead } from '../calendar/presence'
import { type Amount, amount, sum, units } from '../quantity/amount'
import { survey } from '../watch/survey'
import { aisleOf } from './aisles'
import { proposePockets } from './proposePockets'
import {
  boughtAmount,
  elsewhere,
  isMissingAt,
  LOOK_AGAIN_DAYS,
  type Purchase,
  partTargets,
  stillWaiting,
} from './purchase'

const item = anItem(1)
const home = aPlace(1, 'House')
const cottage = aPlace(2, 'Cottage', visits(['2026-12-05', '2026-12-07']))
const [box, roll] = [aKit(1, home), aKit(2, cottage)]
const [tray, lid] = [aPocket(1, box), aPocket(2, roll)]
const pars = (atHome: number, atCottage: number) =>
  survey(
    {
      places: [home, cottage],
      kits: [box, roll],
      pockets: [tray, lid],
      items: [item],
      pars: [
        ...(atHome > 0 ? [{ itemId: item.id, pocketId: tray.id, amount: units(atHome) }] : []),
        ...(atCottage > 0 ? [{ itemId: item.id, pocketId: lid.id, amount: units(atCottage) }] : []),
      ],
      lots: [],
      holdings: [],
    },
    TODAY,
    lookahead(60),
  )
const bought = (packs: number, fields: Partial<Purchase> = {}): Purchase => ({
  id: 'p' as Purchase['id'],
  itemId: item.id,
  shop: 'Corner pharmacy',
  packs,
  packSize: units(10),
  priceMinor: 300,
  wantedBy: null,
  goesTo: [{ pocketId: lid.id, amount: units(6) }],
  source: 'plan',
  state: { kind: 'listed' },
  ...fields,
})

describe('what was bought', () => {
  it('goes where it is waited for, the rest to where it is kept at home', () => {
    expect(proposePockets(bought(1), pars(4, 6))).toEqual([
      { pocketId: lid.id, amount: units(6) },
      { pocketId: tray.id, amount: units(4) },
    ])
  })
  it('goes on top of what waits where it is kept nowhere else, or at home already', () => {
    expect(proposePockets(bought(1), pars(0, 6))).toEqual([{ pocketId: lid.id, amount: units(10) }])
    const atHome = bought(1, { goesTo: [{ pocketId: tray.id, amount: units(6) }] })
    expect(proposePockets(atHome, pars(4, 6))).toEqual([{ pocketId: tray.id, amount: units(10) }])
  })
  it('has no pocket where nobody keeps it', () => {
    expect(proposePockets(bought(1, { goesTo: [] }), pars(0, 0))).toEqual([])
  })
})

const someTargets = fc.array(
  fc.record({
    pocketId: fc.constantFrom(tray.id, lid.id),
    amount: fc.integer({ min: 1, max: 60_000 }).map(amount),
  }),
  { maxLength: 5 },
)

describe('a purchase in parts', () => {
  it('fills pockets in their order, none beyond what it waits for or what there is', () => {
    fc.assert(
      fc.property(someTargets, fc.array(fc.integer({ min: 0, max: 4 })), (goesTo, counts) => {
        const purchase = bought(sumOf(counts), { goesTo })
        const parts = partTargets(purchase, counts)
        parts.forEach((part, index) => {
          expect(sum(part.map((one) => one.amount))).toBeLessThanOrEqual(
            (counts[index] ?? 0) * purchase.packSize,
          )
        })
        const put = sum(parts.flat().map((one) => one.amount))
        const waits = sum(goesTo.map((one) => one.amount))
        expect(put).toBe(Math.min(waits, boughtAmount(purchase)))
        // Nobody waits behind somebody who still waits.
        const left = goesTo.map((target) => target.amount as number)
        for (const target of parts.flat()) {
          let due: number = target.amount
          goesTo.forEach(({ pocketId }, at) => {
            if (pocketId !== target.pocketId) return
            const taken = Math.min(due, left[at] ?? 0)
            left[at] = (left[at] ?? 0) - taken
            due -= taken
          })
          expect(due).toBe(0)
        }
      }),
    )
  })
  it('waits for what has not been put yet', () => {
    const goesTo = [
      { pocketId: lid.id, amount: units(6) },
      { pocketId: tray.id, amount: units(4) },
    ]
    expect(stillWaiting(goesTo, [{ pocketId: lid.id, amount: units(8) }])).toEqual([goesTo[1]])
    expect(stillWaiting(goesTo, [{ pocketId: tray.id, amount: units(1) }])).toEqual([
      goesTo[0],
      { pocketId: tray.id, amount: units(3) },
    ])
    expect(stillWaiting(goesTo, goesTo)).toEqual([])
  })
})

describe('what a shop had none of', () => {
  const missing = bought(1, { state: { kind: 'not_there', on: TODAY } })
  it('is looked for elsewhere for two weeks, in that shop only', () => {
    const isMissing = (shop: string, days: number) =>
      isMissingAt([missing], item.id, shop, addDays(TODAY, days))
    expect(isMissing('corner PHARMACY', 0)).toBe(true)
    expect(isMissing('Corner pharmacy', LOOK_AGAIN_DAYS - 1)).toBe(true)
    expect(isMissing('Corner pharmacy', LOOK_AGAIN_DAYS)).toBe(false)
    expect(isMissing('Harbour shop', 0)).toBe(false)
    expect(isMissingAt([bought(1)], item.id, 'Corner pharmacy', TODAY)).toBe(false)
  })
})

describe('another shop', () => {
  const offer = (shop: string, n = 1, leadDays = shop === '' ? 0 : 3) => ({
    itemId: anItem(n).id,
    shop,
    packSize: units(10),
    priceMinor: 300,
    leadDays,
  })
  const none = (shop: string) => (one: { readonly shop: string }) => one.shop === shop
  it('may have what no known one has, and is not asked while another has it', () => {
    expect(elsewhere([offer('A'), offer('B')], none('A'))).toEqual([offer('B')])
    expect(elsewhere([offer('A'), offer('A', 2), offer('B', 2)], none('A'))).toEqual([
      offer('B', 2),
      offer(''),
    ])
    expect(elsewhere([offer('')], none(''))).toEqual([])
  })
})

describe('the aisle', () => {
  it('is the catalogue’s, and of what it does not know by kind', () => {
    expect(aisleOf({ catalogueId: null, kind: 'medicine' }, new Map())).toBe('other_medicine')
    expect(aisleOf({ catalogueId: null, kind: 'supply' }, new Map())).toBe('other')
  })
})

const sumOf = (of: readonly number[]): number => of.reduce((total, one) => total + one, 0) as Amount
