import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  ALWAYS,
  aKit,
  aLot,
  anItem,
  aPlace,
  aPocket,
  errandsIn,
  headlineIn,
  lookedAt,
  onDay,
  onePocket,
  surveyed,
  TODAY,
  visits,
} from '../../../tests/support/household'
import { addDays, daysBetween, plainDate } from '../calendar/plainDate'
import type { LotId } from '../ids'
import { amount } from '../quantity/amount'
import { lineKey } from '../restock/weatherOf'
import { kitRounds } from '../rounds/due'
import { putOffUntil } from './errand'
import { ofTargets } from './ofStock'
import { DESK_SCALE, ribbon, ribbonTitle } from './ribbon'
import { DanglingReferenceError, lineState, targetsMet } from './survey'

const acts = (stock: ReturnType<typeof onePocket>) =>
  errandsIn(surveyed(stock), []).map(({ act }) => act)

describe('errands', () => {
  it('throw away what is spent and top up what it leaves bare', () => {
    expect(acts(onePocket(ALWAYS, 2, [{ units: 2, expiry: onDay('2026-11-01') }]))).toEqual([
      'throw_away',
      'top_up',
    ])
  })
  it('replace what turns before the visit after the coming one', () => {
    const cottage = visits(['2026-12-05', '2026-12-07', 'A weekend'], ['2027-04-01', '2027-04-03'])
    const stock = onePocket(cottage, 2, [{ units: 2, expiry: onDay('2027-03-15') }])
    const [errand] = errandsIn(surveyed(stock), [])
    expect(errand).toMatchObject({ act: 'replace', amount: 2000, due: '2027-03-15' })
    expect(headlineIn(surveyed(stock))).toMatchObject({
      code: 'turns_before_back',
      count: 1,
      visit: '2026-12-05',
    })
    // Where somebody always is, the same date is no errand yet.
    expect(acts(onePocket(ALWAYS, 2, [{ units: 2, expiry: onDay('2027-03-15') }]))).toEqual([])
  })
  it('send nobody to fill what frost or heat would harm there now', () => {
    const survey = surveyed(onePocket(ALWAYS, 6, [{ units: 1 }]))
    const [line] = survey.lines
    if (!line) throw new Error('There is a line')
    expect(ofTargets(survey, new Set(), []).map(({ act }) => act)).toEqual(['top_up'])
    expect(ofTargets(survey, new Set([lineKey(line)]), [])).toEqual([])
  })
  it('ask about what is held and do not count it as there', () => {
    expect(
      acts(onePocket(ALWAYS, 1, [{ units: 1, standing: { kind: 'held', reason: 'the vet' } }])),
    ).toEqual(['ask', 'top_up'])
  })
  it('put an essential that lacks before all tidying up', () => {
    const vital = anItem(1, { essential: true })
    expect(acts(onePocket(ALWAYS, 2, [{ units: 2, expiry: onDay('2026-11-01') }], vital))).toEqual([
      'top_up',
      'throw_away',
    ])
  })
  it('of what lacks, put the barest first, and alike things by name', () => {
    const of = (n: number, name: string, par: number, there: number) => {
      const item = anItem(n, { name })
      return { item, par, there, n }
    }
    const things = [
      of(1, 'Bandage', 4, 3),
      of(2, 'Tape', 4, 1),
      of(3, 'Gauze', 10, 0),
      of(4, 'Apron', 8, 2),
      of(5, 'Mask', 2, 0),
    ]
    const base = onePocket(ALWAYS, 0, [])
    const pocket = base.pockets[0]
    if (!pocket) throw new Error('made above')
    const lots = things
      .filter(({ there }) => there > 0)
      .map(({ item, there, n }) => ({ lot: aLot(n, item), there }))
    const stock = {
      ...base,
      items: things.map(({ item }) => item),
      pars: things.map(({ item, par }) => ({
        itemId: item.id,
        pocketId: pocket.id,
        amount: amount(par * 1000),
      })),
      lots: lots.map(({ lot }) => lot),
      holdings: lots.map(({ lot, there }) => ({
        lotId: lot.id,
        pocketId: pocket.id,
        amount: amount(there * 1000),
      })),
    }
    const all = errandsIn(surveyed(stock), [])
    expect(all.map(({ item }) => item?.name)).toEqual(['Gauze', 'Mask', 'Apron', 'Tape', 'Bandage'])
    expect(new Set(all.map(({ act }) => act))).toEqual(new Set(['top_up']))
    expect(all.map(({ amount: lacking }) => lacking)).toEqual([10_000, 2000, 6000, 3000, 1000])
  })
  it('say who has some to spare', () => {
    const stock = onePocket(ALWAYS, 4, [{ units: 1 }])
    const home = aPlace(2, 'Home')
    const kit = aKit(2, home)
    const pocket = aPocket(2, kit)
    const [item] = stock.items
    const [lot] = stock.lots
    if (!item || !lot) throw new Error('made above')
    const more = {
      ...stock,
      places: [...stock.places, home],
      kits: [...stock.kits, kit],
      pockets: [...stock.pockets, pocket],
      pars: [...stock.pars, { itemId: item.id, pocketId: pocket.id, amount: amount(1000) }],
      holdings: [...stock.holdings, { lotId: lot.id, pocketId: pocket.id, amount: amount(6000) }],
    }
    const [errand] = errandsIn(surveyed(more), [])
    expect(errand?.reason).toMatchObject({
      code: 'below_par',
      spare: { place: { name: 'Home' }, amount: 5000 },
    })
  })
  it('call for a look when the interval is over, and for dates that nobody read', () => {
    const stock = onePocket(
      ALWAYS,
      0,
      [{ units: 1, expiry: { kind: 'unknown' } }],
      anItem(1, { kind: 'medicine' }),
    )
    const rounds = (daysAgo: number) =>
      kitRounds(surveyed(stock), lookedAt(stock, daysAgo), 'calm', new Map())
    const codes = (daysAgo: number) =>
      errandsIn(surveyed(stock), rounds(daysAgo)).map(({ reason }) => reason.code)
    expect(codes(183)).toEqual(['dates_missing', 'round_due'])
    expect(codes(10)).toEqual(['dates_missing'])
  })
  it('are put off past the coming visit, or for a week', () => {
    expect(putOffUntil(aPlace(1, 'Cottage', visits(['2026-12-05', '2026-12-07'])), TODAY)).toBe(
      '2026-12-06',
    )
    expect(putOffUntil(aPlace(1, 'Home'), TODAY)).toBe('2026-12-03')
  })
  it('keep their key while their reason stands', () => {
    const stock = onePocket(ALWAYS, 2, [{ units: 1, expiry: onDay('2026-12-01') }])
    const keys = (day: typeof TODAY) => errandsIn(surveyed(stock, day), []).map(({ key }) => key)
    expect(keys(TODAY)).toEqual(keys(plainDate('2026-11-27')))
  })
})

describe('the survey', () => {
  it('counts only what is good, and only what lasts, against the par', () => {
    const [line] = surveyed(
      onePocket(ALWAYS, 6, [
        { units: 1, expiry: onDay('2026-11-01') },
        { units: 2, expiry: onDay('2026-12-10') },
        { units: 3, expiry: onDay('2028-01-01') },
      ]),
    ).lines
    expect(line).toMatchObject({ par: 6000, good: 5000, lasting: 3000 })
    expect(line && lineState(line)).toBe('thin')
  })
  it('meets a target with all of it, not with most of it, and counts what has none neither way', () => {
    const met = (par: number, units: number) =>
      targetsMet(surveyed(onePocket(ALWAYS, par, units > 0 ? [{ units }] : [])).lines)
    expect(met(3, 3)).toEqual({ met: 1, of: 1 })
    expect(met(1000, 999)).toEqual({ met: 0, of: 1 })
    expect(met(0, 2)).toEqual({ met: 0, of: 0 })
  })
  it('refuses stock that is not whole', () => {
    const stock = onePocket(ALWAYS, 1, [{ units: 1 }])
    expect(() => surveyed({ ...stock, lots: [] })).toThrow(DanglingReferenceError)
  })
  it('has a headline for an empty and for a sound household', () => {
    expect(headlineIn(surveyed(onePocket(ALWAYS, 0, []))).code).toBe('nothing_kept')
    const sound = surveyed(onePocket(ALWAYS, 1, [{ units: 1, expiry: onDay('2027-06-30') }]))
    expect(headlineIn(sound)).toEqual({ code: 'all_well', nextDay: '2027-06-30' })
  })
})

describe('the ribbon', () => {
  it('names everything that a life depends on, however crowded the days are', () => {
    const ahead = Array.from({ length: 24 }, (_, n) => 40 + (n % 8))
    const survey = surveyed(
      onePocket(
        ALWAYS,
        0,
        ahead.map((days) => ({ units: 1, expiry: onDay(addDays(TODAY, days)) })),
      ),
    )
    const saving = new Set(survey.holdings.slice(-3).map(({ lot }) => lot.id))
    const isLife = ({ lot }: { readonly lot: { readonly id: LotId } }) => saving.has(lot.id)
    const { lanes } = ribbon(survey, isLife)
    const tags = lanes.flatMap((lane) => lane.tags)
    const named = tags.flatMap(({ holdings: [first] }) => (first ? [first.lot.id] : []))
    const sameDay = tags.filter(({ holdings }) => holdings.filter(isLife).length > 1)
    for (const one of saving)
      expect(
        named.includes(one) ||
          sameDay.some(({ holdings }) => holdings.some((h) => h.lot.id === one)),
      ).toBe(true)
    expect(tags.flatMap(({ holdings }) => holdings)).toHaveLength(24)
    for (const { day, holdings } of tags)
      for (const { judged } of holdings)
        if (judged.state === 'sound' && judged.lastGood.kind === 'day')
          expect(judged.lastGood.day >= day).toBe(true)
  })
  it('shows every lot that turns within eighteen months once, and lets no tag hide another', () => {
    const lots = fc.array(fc.integer({ min: -60, max: 700 }), { maxLength: 60 })
    fc.assert(
      fc.property(lots, (days) => {
        const survey = surveyed(
          onePocket(
            ALWAYS,
            0,
            days.map((ahead) => ({
              units: 1,
              expiry: { kind: 'day', day: addDays(TODAY, ahead) } as const,
            })),
          ),
        )
        const { to, lanes } = ribbon(survey, () => false)
        const tags = lanes.flatMap((lane) => lane.tags)
        const shown = tags.flatMap(({ holdings }) => holdings)
        const expected = days.filter((ahead) => ahead >= 0 && addDays(TODAY, ahead) <= to)
        expect(shown).toHaveLength(expected.length)
        const span = daysBetween(TODAY, to)
        const wide = (title: string) =>
          (title.length * DESK_SCALE.pixelsPerCharacter * span) / DESK_SCALE.widthPixels
        for (const row of [0, 1]) {
          const inRow = tags.filter((tag) => tag.row === row)
          inRow.slice(1).forEach((tag, index) => {
            const former = inRow[index]
            if (!former?.holdings[0]) return
            const from = Math.min(
              daysBetween(TODAY, former.day),
              span - wide(ribbonTitle(former.holdings[0])),
            )
            expect(daysBetween(TODAY, tag.day)).toBeGreaterThan(from)
          })
        }
      }),
    )
  })
})
