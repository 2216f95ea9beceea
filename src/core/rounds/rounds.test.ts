import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  ALWAYS,
  aKit,
  aLot,
  anItem,
  aPlace,
  aPocket,
  lookedAt,
  onDay,
  onePocket,
  surveyed,
  TODAY,
  visits,
} from '../../../tests/support/household'
import { addDays, type PlainDate } from '../calendar/plainDate'
import type { Presence } from '../calendar/presence'
import { catalogue } from '../catalogue/catalogue'
import type { LotId, PocketId } from '../ids'
import { type Amount, NOTHING, units } from '../quantity/amount'
import type { Item } from '../stock/item'
import type { Lot } from '../stock/lot'
import { evolve, type LotStock } from '../stock/movement'
import type { Confirmation } from '../trust/certainty'
import { confirmationKey } from '../trust/nextLook'
import type { HouseholdStock } from '../watch/survey'
import { asksOf, conditionsOf, tollOf } from './asks'
import { bringing } from './bring'
import { type Contents, contentsOf, type Sighting, UNSEEN } from './contents'
import { decideLook } from './decideLook'
import { kitRounds } from './due'
import { FIRST_SPEED, learnSpeed, secondsFor } from './duration'
import { inOrderOut } from './order'
import { DUE_RULES, type Pace } from './pace'
import { nextIn, nextPocket, notFound, progressOf } from './progress'
import { reportOf } from './report'
import {
  type Entry,
  type EntryFact,
  type EntryId,
  type Look,
  plainLook,
  type RoundId,
  type Was,
} from './round'
import { smallRounds } from './small'
import { readTallyLine, tallyLines } from './tally'

const NOBODY: ReadonlyMap<string, Confirmation> = new Map()
const confirmedOn = (
  { holdings }: HouseholdStock,
  daysAgo: number,
  more: Partial<Confirmation> = {},
): ReadonlyMap<string, Confirmation> =>
  new Map(
    holdings.map(({ lotId, pocketId }) => [
      confirmationKey(lotId, pocketId),
      { on: addDays(TODAY, -daysAgo), by: 'Ilse', changesSince: 0, changedOn: null, ...more },
    ]),
  )

/** When one lot of an item is due, and for what, at a place of some kind. */
function due(
  {
    item = anItem(1),
    presence = ALWAYS,
    lot = {},
    place = {},
    daysAgo = 0,
    confirmed = {},
    checkEveryDays = 365,
  }: {
    readonly item?: Item
    readonly presence?: Presence
    readonly lot?: Partial<Lot>
    readonly place?: Partial<HouseholdStock['places'][number]>
    readonly daysAgo?: number
    readonly confirmed?: Partial<Confirmation>
    readonly checkEveryDays?: number
  },
  pace: Pace = 'calm',
  more: HouseholdStock['places'] = [],
) {
  const base = onePocket(presence, 1, [{ units: 2, ...lot }], item)
  const stock: HouseholdStock = {
    ...base,
    places: [...base.places.map((one) => ({ ...one, ...place })), ...more],
    kits: base.kits.map((kit) => ({ ...kit, checkEveryDays })),
  }
  const [round] = kitRounds(
    surveyed(stock),
    confirmedOn(stock, daysAgo, confirmed),
    pace,
    catalogue(),
  )
  const [first] = round?.pockets[0]?.reasons ?? []
  return round && first ? { code: first.code, on: first.dueOn, isDue: round.isDue } : null
}
const inDays = (days: number): PlainDate => addDays(TODAY, days)

describe('when a kit is due', () => {
  it('is by what lies in it', () => {
    expect(due({ daysAgo: 10 })).toEqual({ code: 'yearly', on: inDays(355), isDue: false })
    expect(due({ item: anItem(1, { kind: 'medicine' }) })).toMatchObject({
      code: 'medicine',
      on: inDays(182),
    })
    expect(due({ item: anItem(1, { kind: 'battery' }) })).toMatchObject({
      code: 'battery',
      on: inDays(182),
    })
    const drops = anItem(1, { kind: 'medicine', catalogueId: dropsInCatalogue() })
    expect(due({ item: drops })).toMatchObject({ code: 'drops', on: inDays(91) })
  })
  it('is sooner where it is opened, where heat and frost reach it, and after a use', () => {
    const medicine = anItem(1, { kind: 'medicine', catalogueId: dropsInCatalogue() })
    expect(due({ lot: { opened: { kind: 'opened', on: inDays(-5) } } })).toMatchObject({
      code: 'opened',
      on: inDays(60),
    })
    expect(due({ item: medicine, place: { climate: 'unheated' } })).toMatchObject({
      code: 'exposed',
      on: inDays(91),
    })
    expect(
      due({ daysAgo: 30, confirmed: { changesSince: 1, changedOn: inDays(-1) } }),
    ).toMatchObject({ code: 'used', on: inDays(13) })
  })
  it('is at once where nobody has ever looked', () => {
    const stock = onePocket(ALWAYS, 1, [{ units: 1 }])
    const [round] = kitRounds(surveyed(stock), NOBODY, 'calm', new Map())
    expect(round).toMatchObject({ isDue: true, dueOn: TODAY })
    expect(round?.pockets[0]?.reasons[0]).toMatchObject({ code: 'never', since: null })
  })
  it('follows the kit’s own interval', () => {
    expect(due({ daysAgo: 31, checkEveryDays: 30 })).toMatchObject({ code: 'yearly', isDue: true })
  })
  it('leaves out what is an errand of its own', () => {
    expect(due({ lot: { expiry: onDay('2026-01-01') }, daysAgo: 900 })).toBeNull()
    expect(
      due({ lot: { standing: { kind: 'lent', to: 'Grete', since: TODAY } }, daysAgo: 900 }),
    ).toBeNull()
  })
  it('is gathered before somebody leaves, when it would fall due while nobody is there', () => {
    const cottage = visits(['2026-12-05', '2026-12-07'], ['2027-07-01', '2027-07-20'])
    const medicine = anItem(1, { kind: 'medicine' })
    expect(due({ presence: cottage, item: medicine, daysAgo: 20 })).toMatchObject({
      code: 'visit_ends',
      on: '2026-12-07',
    })
    // What is not due until they come back can wait.
    expect(due({ presence: cottage, daysAgo: 20 })).toMatchObject({ code: 'yearly' })
    // The thorough look every time.
    expect(due({ presence: cottage, daysAgo: 20 }, 'thorough')).toMatchObject({
      code: 'visit_ends',
    })
  })
  it('is before a trip for what travels, unless it was looked at for it', () => {
    const cottage = aPlace(9, 'Cottage', visits(['2026-12-12', '2026-12-14']))
    const car = { place: { traits: ['vehicle' as const] } }
    expect(due({ ...car, daysAgo: 200 }, 'calm', [cottage])).toMatchObject({
      code: 'trip',
      on: '2026-12-11',
    })
    expect(due({ ...car, daysAgo: 60 }, 'calm', [cottage])?.code).not.toBe('trip')
    expect(due({ ...car, daysAgo: 60 }, 'thorough', [cottage])?.code).toBe('trip')
  })
  it('is before a season begins', () => {
    const summer: Presence = {
      rhythm: { kind: 'season', days: [6, 7], fromMonth: 2, toMonth: 4 },
      visits: [],
    }
    expect(due({ presence: summer, daysAgo: 100 })).toMatchObject({
      code: 'season',
      on: '2027-01-31',
    })
  })
  it('never comes later for the thorough than for the calm', () => {
    const kinds = fc.constantFrom('supply', 'medicine', 'battery', 'sterile', 'food')
    fc.assert(
      fc.property(kinds, fc.nat(500), fc.boolean(), fc.boolean(), (kind, daysAgo, car, open) => {
        const asked = {
          item: anItem(1, { kind }),
          daysAgo,
          place: { climate: car ? ('car' as const) : null },
          lot: open ? { opened: { kind: 'opened', on: inDays(-daysAgo) } as const } : {},
        }
        const calm = due(asked, 'calm')
        const thorough = due(asked, 'thorough')
        expect((thorough?.on ?? '') <= (calm?.on ?? '')).toBe(true)
      }),
    )
  })
  it('names its source for every rule', () => {
    for (const { days, source } of Object.values(DUE_RULES)) {
      expect(source.length).toBeGreaterThan(10)
      if (days) expect(days.thorough).toBeLessThanOrEqual(days.calm)
    }
  })
})

function dropsInCatalogue(): string {
  const entry = [...catalogue().values()].find(
    ({ form, storage }) => form === 'drops' && storage.frostHarms,
  )
  if (!entry) throw new Error('The catalogue has no drops')
  return entry.id
}

/** A kit of two pockets: strips and drops in the first, a lamp's cells in the second. */
function kitOfTwo(): HouseholdStock {
  const place = aPlace(1, 'Row house')
  const kit = aKit(1, place, { name: 'Hall drawers' })
  const lid = aPocket(1, kit, 'Lid')
  const tray = aPocket(2, kit, 'Tray')
  const plasters = anItem(1, { name: 'Plasters', unit: 'strip', kind: 'sterile' })
  const drops = anItem(2, { name: 'Eye drops', kind: 'medicine' })
  const cells = anItem(3, { name: 'Lamp cells', kind: 'battery' })
  const lots = [
    aLot(1, plasters, { expiry: onDay('2028-01-31') }),
    aLot(2, drops, { expiry: { kind: 'unknown' } }),
    aLot(3, cells, { expiry: onDay('2030-01-31') }),
  ]
  return {
    places: [place],
    kits: [kit],
    pockets: [lid, tray],
    items: [plasters, drops, cells, anItem(4, { name: 'Tweezers' })],
    pars: [{ itemId: anItem(4).id, pocketId: tray.id, amount: units(1) }],
    lots,
    holdings: lots.map(({ id }, index) => ({
      lotId: id,
      pocketId: index < 2 ? lid.id : tray.id,
      amount: units(5),
    })),
  }
}
const PLASTERS = aLot(1, anItem(1)).id
const DROPS = aLot(2, anItem(2)).id
const CELLS = aLot(3, anItem(3)).id
const LID = aPocket(1, aKit(1, aPlace(1, ''))).id
const TRAY = aPocket(2, aKit(1, aPlace(1, ''))).id

function contents(
  daysAgo = 40,
  sightings: ReadonlyMap<LotId, Sighting> = new Map(),
  stock = kitOfTwo(),
): Contents {
  const [kit] = stock.kits
  const [place] = stock.places
  if (!kit || !place) throw new Error('There is a kit')
  return contentsOf(surveyed(stock), kit, place, lookedAt(stock, daysAgo), sightings)
}
const asked = (of: Contents, lotId: LotId) => {
  const thing = of.pockets.flatMap(({ things }) => things).find((one) => one.lotId === lotId)
  return thing ? asksOf(thing, of.today) : null
}

describe('what a round asks', () => {
  it('is count, date, seal and battery, by the kind of thing', () => {
    expect(asked(contents(), PLASTERS)).toEqual(['count', 'date', 'seal'])
    expect(asked(contents(), DROPS)).toEqual(['count', 'date'])
    expect(asked(contents(), CELLS)).toEqual(['count', 'date', 'battery'])
  })
  it('is not what the record knows: a date that was read, what was counted today', () => {
    const seen = new Map([
      [PLASTERS, { ...UNSEEN, date: inDays(-300) }],
      [CELLS, { ...UNSEEN, date: inDays(-300), battery: inDays(-10) }],
    ])
    expect(asked(contents(40, seen), PLASTERS)).toEqual(['count', 'seal'])
    expect(asked(contents(40, seen), CELLS)).toEqual(['count'])
    expect(asked(contents(0, seen), PLASTERS)).toEqual([])
    // Nobody has ever recorded that date, so reading it is always asked.
    expect(asked(contents(0, new Map([[DROPS, { ...UNSEEN, date: inDays(-3) }]])), DROPS)).toEqual([
      'date',
    ])
  })
  it('is to take out what is spent, and whether what was away is back', () => {
    const spent = onePocket(ALWAYS, 0, [{ units: 1, expiry: onDay('2026-01-01') }])
    const lent = onePocket(ALWAYS, 0, [
      { units: 1, standing: { kind: 'lent', to: 'Grete', since: inDays(-9) } },
    ])
    const first = ({ lots }: HouseholdStock) => lots[0]?.id as LotId
    expect(asked(contents(40, new Map(), spent), first(spent))).toEqual(['take_out'])
    expect(asked(contents(40, new Map(), lent), first(lent))).toEqual(['here_again'])
  })
  it('adds up beforehand, with how long it takes', () => {
    const { pockets, today } = contents()
    expect(tollOf(pockets, today)).toMatchObject({
      things: 3,
      asks: { count: 3, date: 3, seal: 1, battery: 1, take_out: 0 },
    })
    expect(secondsFor(pockets, FIRST_SPEED, today)).toBe(40 + 9 + 10 + 20)
  })
  it('offers the states that such a thing can be in', () => {
    const [lid] = contents().pockets
    const plasters = lid?.things.find(({ lotId }) => lotId === PLASTERS)
    expect(plasters && conditionsOf(plasters)).toContain('no longer sterile')
    expect(plasters && conditionsOf(plasters)).not.toContain('caked')
  })
  it('takes pockets out in the order in which they lie open', () => {
    const at = (name: string, sort: 'inside' | 'outside' | 'elsewhere', row: number) => ({
      name,
      sort,
      cell: { column: 1, row, columns: 1, rows: 1 },
    })
    const order = inOrderOut([
      at('fridge', 'elsewhere', 1),
      at('tray', 'inside', 3),
      at('lid', 'inside', 1),
      at('hook', 'outside', 9),
    ])
    expect(order.map(({ name }) => name)).toEqual(['hook', 'lid', 'tray', 'fridge'])
  })
  it('says what to bring', () => {
    const { pockets, today } = contents()
    const kitId = aKit(1, aPlace(1, '')).id
    const bring = bringing(
      kitId,
      pockets,
      tollOf(pockets, today),
      [],
      [
        { kitId, title: 'Tweezers', unit: '', amount: units(1), pocket: 'Tray' },
        {
          kitId: aKit(2, aPlace(1, '')).id,
          title: 'Other',
          unit: '',
          amount: units(1),
          pocket: 'X',
        },
      ],
    )
    expect(bring.map(({ kind }) => kind)).toEqual(['bought', 'spare_batteries', 'pen'])
  })
  it('learns its speed: the first figures fade as rounds are timed', () => {
    expect(learnSpeed([]).medicine).toBe(FIRST_SPEED.medicine)
    const few = learnSpeed([{ kind: 'medicine', things: 8, seconds: 160 }]).medicine
    const many = learnSpeed([{ kind: 'medicine', things: 800, seconds: 16_000 }]).medicine
    expect(few).toBe(15)
    expect(many).toBeCloseTo(20, 0)
  })
  it('offers a pocket of four minutes where somebody is, and none that is due anyway', () => {
    const stock = kitOfTwo()
    const survey = surveyed(stock)
    const offered = (without: ReadonlySet<PocketId>) =>
      smallRounds(survey, lookedAt(stock, 150), new Map(), FIRST_SPEED, without).map(
        ({ pocket }) => pocket.id,
      )
    expect(offered(new Set())).toEqual([LID])
    expect(offered(new Set([LID]))).toEqual([])
  })
})

const LOOK = plainLook(units(5))
const WAS: Was = {
  title: 'Plasters',
  unit: 'strip',
  kind: 'sterile',
  amount: units(5),
  expiry: onDay('2028-01-31'),
  away: false,
}
let made = 0
function entry(fact: EntryFact, by = 'Ilse', second = made): Entry {
  made += 1
  return {
    id: `entry-${String(made).padStart(4, '0')}` as EntryId,
    roundId: 'round' as RoundId,
    at: new Date(Date.UTC(2026, 10, 26, 12, 50, second)).toISOString(),
    by,
    seconds: 7,
    fact,
  }
}
const looked = (lotId: LotId, found: number, by?: string, second?: number, look = {}) =>
  entry(
    {
      kind: 'looked',
      pocketId: lotId === CELLS ? TRAY : LID,
      lotId,
      was: WAS,
      look: { ...LOOK, found: units(found), ...look },
    },
    by,
    second,
  )
const at = (pocketId: PocketId, by = 'Ilse') => entry({ kind: 'at_pocket', pocketId }, by)
const ROUND = { pocketIds: [LID, TRAY] }
const NOW = '2026-11-26T12:59:00Z'
const progress = (entries: readonly Entry[], of = contents()) => progressOf(ROUND, of, entries, NOW)

describe('a round under way', () => {
  it('counts what is answered, and goes on with what is not', () => {
    const { asked: all, answered, pockets, seconds } = progress([at(LID), looked(PLASTERS, 5)])
    expect([answered, all, seconds]).toEqual([1, 3, 14])
    expect(pockets[0] && nextIn(pockets[0])?.lotId).toBe(DROPS)
  })
  it('takes the latest answer, in whatever order answers arrive', () => {
    const first = looked(PLASTERS, 5, 'Ilse', 1)
    const second = looked(PLASTERS, 4, 'Ilse', 2)
    for (const entries of [
      [first, second],
      [second, first],
    ])
      expect(progress(entries).pockets[0]?.things[1]?.answer?.fact.look.found).toBe(units(4))
  })
  it('shows what two people counted differently, and not what one corrected', () => {
    const two = reportOf(progress([looked(PLASTERS, 5, 'Ilse', 1), looked(PLASTERS, 4, 'Tove', 2)]))
    expect(two.contradicted.map(({ lotId }) => lotId)).toEqual([PLASTERS])
    const one = reportOf(progress([looked(PLASTERS, 5, 'Ilse', 1), looked(PLASTERS, 4, 'Ilse', 2)]))
    expect(one.contradicted).toEqual([])
  })
  it('asks about what belongs there until it is found', () => {
    const stock = kitOfTwo()
    // Everything belongs where it lay, and nothing is recorded: the first look at a new list.
    const bare: HouseholdStock = {
      ...stock,
      pars: stock.holdings.map(({ lotId, pocketId }) => ({
        itemId: stock.lots.find(({ id }) => id === lotId)?.itemId ?? anItem(1).id,
        pocketId,
        amount: units(2),
      })),
      lots: [],
      holdings: [],
    }
    const inLid = (entries: readonly Entry[]) => {
      const [lid] = progress(entries, contents(40, new Map(), bare)).pockets
      return lid ? notFound(lid).map(({ title, par }) => [title, par]) : []
    }
    expect(inLid([])).toEqual([
      ['Eye drops', units(2)],
      ['Plasters', units(2)],
    ])
    const plasters = stock.lots.find(({ id }) => id === PLASTERS)?.itemId ?? anItem(1).id
    const fact = { kind: 'found', pocketId: LID, title: '', amount: units(1), batch: '' } as const
    const one = entry({ ...fact, item: { id: plasters }, expiry: { kind: 'none' } })
    expect(inLid([one])).toEqual([['Eye drops', units(2)]])
    const named = entry({ ...fact, item: { name: 'Plasters' }, expiry: { kind: 'none' } })
    expect(inLid([named])).toHaveLength(2)
  })
  it('sends the second helper to a pocket that nobody has open', () => {
    const now = progress([at(LID, 'Ilse')])
    expect(nextPocket(now, 'Tove')?.pocket.id).toBe(TRAY)
    expect(nextPocket(now, 'Ilse')?.pocket.id).toBe(LID)
  })
  it('knows that a pocket is closed, and that it was opened again', () => {
    const entries = [at(LID), entry({ kind: 'closed', pocketId: LID })]
    expect(progress(entries).pockets[0]?.closed).toBe(true)
    expect(progress([...entries, at(LID)]).pockets[0]?.closed).toBe(false)
  })
  it('keeps an answer of a thing that has left the pocket since', () => {
    const stock = kitOfTwo()
    const without = { ...stock, holdings: stock.holdings.filter(({ lotId }) => lotId !== PLASTERS) }
    const now = progress([looked(PLASTERS, 0)], contents(40, new Map(), without))
    expect(now.answered).toBe(1)
    expect(reportOf(now).lines.map(({ title }) => title)).toEqual(['Plasters'])
  })
  it('reports what differs, by what was recorded when it was looked at', () => {
    const report = reportOf(
      progress([
        looked(PLASTERS, 3, 'Ilse', 1, { gone: 'used' }),
        looked(DROPS, 5, 'Ilse', 2, { date: { kind: 'other', expiry: onDay('2027-05-31') } }),
        looked(CELLS, 5, 'Tove', 3, { worse: { condition: 'leaked', amount: units(1) } }),
        entry({
          kind: 'found',
          pocketId: TRAY,
          item: { name: 'A key' },
          title: 'A key',
          amount: units(1),
          expiry: { kind: 'none' },
          batch: '',
        }),
      ]),
    )
    expect(report.lines.map(({ findings }) => findings.map(({ kind }) => kind))).toEqual([
      ['other_date'],
      ['fewer'],
      ['worse'],
    ])
    expect(report.extra.map(({ title }) => title)).toEqual(['A key'])
    expect(report.notLookedAt).toBe(0)
  })
})

describe('what an answer comes to', () => {
  const POCKET = LID
  const lot = (more: Partial<Lot> = {}) => aLot(1, anItem(1), more)
  const stock = (count: number, elsewhere = 0): LotStock => ({
    lotId: PLASTERS,
    version: 1,
    held: new Map<PocketId, Amount>([
      [POCKET, units(count)],
      ...(elsewhere > 0 ? ([[TRAY, units(elsewhere)]] as const) : []),
    ]),
  })
  const NEW = [91, 92, 93].map((n) => aLot(n, anItem(1)).id)
  const decide = (look: Partial<Look>, of = lot(), held = stock(5), settled: (keyof Lot)[] = []) =>
    decideLook(
      of,
      held,
      POCKET,
      { ...LOOK, ...look },
      {
        today: TODAY,
        newIds: NEW,
        settled: new Set(settled) as never,
      },
    )
  const kinds = ({ facts }: ReturnType<typeof decide>) => facts.map(({ fact }) => fact.kind)

  it('is a confirmed count where all is as recorded', () => {
    expect(kinds(decide({}))).toEqual(['counted'])
  })
  it('says what became of what is gone', () => {
    expect(kinds(decide({ found: units(3), gone: 'used' }))).toEqual(['used', 'counted'])
    expect(kinds(decide({ found: units(3), gone: 'thrown_away' }))).toEqual([
      'discarded',
      'counted',
    ])
    expect(kinds(decide({ found: units(3) }))).toEqual(['counted'])
  })
  it('notes as missing what is not here, and leaves alone what is known to be away', () => {
    const [fact] = decide({ found: NOTHING, gone: 'missing' }).facts
    expect(fact?.fact).toMatchObject({
      kind: 'amended',
      changes: { to: { standing: { kind: 'missing' } } },
    })
    expect(decide({ found: NOTHING, gone: 'still_away' }).facts).toEqual([])
  })
  it('takes back what was away and lies here', () => {
    const away = lot({ standing: { kind: 'missing', since: TODAY } })
    expect(kinds(decide({}, away))).toEqual(['amended', 'counted'])
  })
  it('changes the date of the whole lot, or parts off what has the other date', () => {
    const other = { date: { kind: 'other', expiry: onDay('2027-05-31') } } as const
    expect(decide(other).parts).toEqual([])
    const parted = decide(other, lot(), stock(5, 2))
    expect(parted.parts.map(({ id }) => id)).toEqual([NEW[0]])
    expect(kinds(parted)).toEqual(['counted', 'split_off', 'split_from', 'amended'])
  })
  it('parts off what is torn, also of a part whose date differs, with that date', () => {
    const both = decide(
      {
        date: { kind: 'other', expiry: onDay('2027-05-31') },
        worse: { condition: 'torn', amount: units(2) },
      },
      lot(),
      stock(5, 2),
    )
    expect(both.parts.map(({ id, of }) => [id, of.id])).toEqual([
      [NEW[0], PLASTERS],
      [NEW[1], NEW[0]],
    ])
    expect(both.parts[1]?.of.expiry).toEqual(onDay('2027-05-31'))
  })
  it('does not touch what somebody settled later', () => {
    const other = { date: { kind: 'other', expiry: onDay('2027-05-31') } } as const
    expect(kinds(decide(other, lot(), stock(5), ['expiry']))).toEqual(['counted'])
  })
  it('always leaves in the pocket what was found, whatever else was said', () => {
    const look = fc.record({
      found: fc.nat(8).map(units),
      gone: fc.constantFrom('unknown', 'used', 'thrown_away'),
      worse: fc.option(
        fc.record({
          condition: fc.constantFrom('torn', 'leaked'),
          amount: fc.integer({ min: 1, max: 9 }).map(units),
        }),
        { nil: null },
      ),
      opened: fc.nat(9).map(units),
    })
    fc.assert(
      fc.property(look, fc.nat(9), fc.nat(3), (said, there, elsewhere) => {
        const { facts, parts } = decide(said as Partial<Look>, lot(), stock(there, elsewhere))
        const lots = new Map<LotId, LotStock>([[PLASTERS, stock(there, elsewhere)]])
        for (const { id } of parts) lots.set(id, { lotId: id, version: 0, held: new Map() })
        for (const { lotId, fact } of facts)
          lots.set(lotId, evolve(lots.get(lotId) as LotStock, fact))
        const inPocket = [...lots.values()].reduce(
          (sum, { held }) => sum + (held.get(POCKET) ?? 0),
          0,
        )
        expect(inPocket).toBe(said.found)
        expect(lots.get(PLASTERS)?.held.get(TRAY) ?? 0).toBe(units(elsewhere))
      }),
    )
  })
})

describe('a round on paper', () => {
  const settings = { today: TODAY, order: 'day-first' as const }
  const thing = { recorded: units(5), expiry: onDay('2028-01-31') }
  const read = (count: string, date = '', marks = '') =>
    readTallyLine(thing, { count, date, marks }, settings)
  const said = (count: string, date = '', marks = '') => {
    const reading = read(count, date, marks)
    return reading.kind === 'read' ? reading.look : reading
  }

  it('has a line for each thing, numbered through', () => {
    const lines = tallyLines(contents(), ROUND)
    expect(lines.map(({ number, thing: { title } }) => [number, title])).toEqual([
      [1, 'Eye drops'],
      [2, 'Plasters'],
      [3, 'Lamp cells'],
    ])
  })
  it('leaves alone what is blank', () => {
    expect(read('', ' ', '')).toEqual({ kind: 'blank' })
  })
  it('reads counts, dates and marks', () => {
    expect(said('4')).toMatchObject({ found: units(4), date: { kind: 'not_read' } })
    expect(said('=', '=')).toMatchObject({ found: units(5), date: { kind: 'as_recorded' } })
    expect(said('', '03/27')).toMatchObject({
      found: units(5),
      date: { kind: 'other', expiry: { kind: 'month', month: '2027-03' } },
    })
    expect(said('5', '', '2T K')).toMatchObject({
      worse: { condition: 'torn', amount: units(2) },
      proofs: ['seal'],
    })
    expect(said('3', '', 'u')).toMatchObject({ found: units(3), gone: 'used' })
    expect(said('5', '', 'o')).toMatchObject({ opened: units(1) })
  })
  it('refuses by name what cannot be read', () => {
    expect(read('five-ish')).toMatchObject({ fault: { code: 'bad_count' } })
    expect(read('5', 'soon')).toMatchObject({ fault: { code: 'bad_date' } })
    expect(read('5', '03/04/27')).toMatchObject({ fault: { code: 'date_two_ways' } })
    expect(read('5', '', 'Q')).toMatchObject({ fault: { code: 'bad_mark', mark: 'Q' } })
  })
})
