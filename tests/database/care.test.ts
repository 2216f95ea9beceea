/** Doses and incidents against the database: races, what is heard of late, striking out, stock. */
import pg from 'pg'
import { describe, expect, it } from 'vitest'
import { addCard, changeCard } from '../../src/app/care/cardActs'
import { type CareSaying, sayCare, startIncident } from '../../src/app/care/careActs'
import { readCare } from '../../src/app/care/readCare'
import { Refusal } from '../../src/app/frame/refusal'
import type { Caller, World } from '../../src/app/frame/world'
import { matchItems } from '../../src/app/items/catalogueActs'
import { readLot } from '../../src/app/kits/readKits'
import { addMember } from '../../src/app/members/memberActs'
import { undoAct } from '../../src/app/record/undoAct'
import { receiveLot } from '../../src/app/stock/receiveLot'
import { plainDate } from '../../src/core/calendar/plainDate'
import type { CardId, IngredientKey } from '../../src/core/dosing/card'
import { blankFacts } from '../../src/core/household/member'
import type { LotId, MemberId, PocketId } from '../../src/core/ids'
import type {
  CareEntry,
  CareEntryId,
  CareFact,
  Incident,
  IncidentId,
} from '../../src/core/incident/entry'
import { timelineOf } from '../../src/core/incident/timeline'
import { amount, units } from '../../src/core/quantity/amount'
import type { CardBody } from '../../src/db/care/care'
import { aHousehold, application, newKey, send } from '../support/application'
import { aDoseRule, stocked } from '../support/stocked'

const app = application()
const late = (caller: Caller, minutes: number): Caller => ({
  ...caller,
  takenAgo: minutes * 60_000,
})

const BOTTLE = {
  item: {
    new: {
      name: 'Acetaminophen liquid',
      strength: '160 mg/5 mL',
      unit: 'bottle',
      purpose: '',
      forWhom: '',
    },
  },
  amount: units(2),
  par: null,
  expiry: { kind: 'none' },
  openedOn: null,
  batch: '',
  boughtAt: '',
  unitPriceMinor: null,
  note: '',
} as const

/** A household with a child of 22.4 kg and a bottle of 120 mL. */
async function aHome() {
  const keeper = await aHousehold(app.world, `Keeper ${newKey()}`)
  const kept = await stocked(app.world, keeper)
  const { memberId } = await addMember(app.world, keeper, {
    key: newKey(),
    name: 'Runa',
    species: 'person',
    born: plainDate('2019-03-01'),
    helper: false,
    note: '',
    facts: {
      ...blankFacts('person'),
      told: {
        allergies: { by: 'Ilse', on: plainDate('2026-11-01') },
        conditions: { by: 'Ilse', on: plainDate('2026-11-01') },
        medicines: { by: 'Ilse', on: plainDate('2026-11-01') },
      },
    },
    guestUntil: null,
    grams: 22_400,
  })
  const bottle = await receiveLot(app.world, keeper, {
    ...BOTTLE,
    key: newKey(),
    pocketId: kept.lid,
  })
  const { lot } = await readLot(app.world, keeper, bottle.lotId as LotId)
  await matchItems(app.world, keeper, {
    key: newKey(),
    matches: [{ itemId: lot.itemId, catalogueId: 'acetaminophen-liquid' }],
  })
  const incidentId = newKey() as IncidentId
  await startIncident(app.world, keeper, {
    key: incidentId,
    incidentId,
    kind: 'fever',
    patient: { kind: 'member', memberId },
    placeId: kept.placeId,
  })
  return { ...kept, keeper, child: memberId as MemberId, bottle: bottle.lotId as LotId, incidentId }
}
type Home = Awaited<ReturnType<typeof aHome>>

const dose = (
  home: Pick<Home, 'bottle' | 'lid'>,
  more: Partial<Extract<CareFact, { kind: 'dose' }>> = {},
): CareFact => ({
  kind: 'dose',
  cardId: 'label:acetaminophen-liquid' as CardId,
  title: 'Acetaminophen liquid',
  portion: { unit: 'mL', thousandths: 10_000 },
  holds: [{ key: 'acetaminophen' as IngredientKey, measure: { unit: 'mg', thousandths: 320_000 } }],
  rule: {
    key: 'acetaminophen' as IngredientKey,
    again: 240 as never,
    mostDoses: 5,
    most: { unit: 'mg', thousandths: 1_600_000 },
  },
  takes: [{ lotId: home.bottle, pocketId: home.lid as PocketId, amount: amount(83) }],
  anyway: '',
  ...more,
})

const say = (
  home: Home,
  fact: CareFact,
  world: World = app.world,
  caller: Caller = home.keeper,
  more: Partial<CareSaying> = {},
) => {
  const entryId = newKey() as CareEntryId
  return sayCare(world, caller, {
    key: entryId,
    entryId,
    incidentId: home.incidentId,
    memberId: home.child,
    fact,
    photo: null,
    ...more,
  }).then((said) => ({ ...said, entryId }))
}
const codes = (work: Promise<unknown>) =>
  work.then(
    () => 'done',
    (error: unknown) =>
      error instanceof Refusal
        ? error.reason.code === 'dose_refused'
          ? error.reason.refusals.map(({ code }) => code).join(' ')
          : error.reason.code
        : String(error),
  )
const lineOf = async (home: Home, world: World = app.world) => {
  const { incidents, entries } = await readCare(world, home.keeper)
  const incident = incidents.find(({ id }) => id === home.incidentId) as unknown as Incident
  return timelineOf(
    incident,
    (entries as unknown as CareEntry[]).filter((entry) => entry.incidentId === home.incidentId),
  )
}

describe('a dose', () => {
  it('comes out of the bottle, which is open from then on', async () => {
    const home = await aHome()
    const { outcome } = await say(home, dose(home))
    expect(outcome).toEqual({ kind: 'taken' })
    // One of two bottles is open now: a lot of its own.
    const rest = await readLot(app.world, home.keeper, home.bottle)
    expect(rest.lot.opened.kind).toBe('sealed')
    const { rows } = await balances(home)
    expect(rows.map(({ amount: left }) => Number(left)).sort((a, b) => a - b)).toEqual([917, 1000])
  })
  it('of two phones at once is given once: the other is told', async () => {
    const home = await aHome()
    const both = await Promise.all([
      codes(say(home, dose(home))),
      codes(say(home, dose(home), app.world, { ...home.keeper, name: 'Tove' })),
    ])
    expect([...both].sort()).toEqual(['done', 'interval_not_over'])
    expect((await lineOf(home)).doses.length).toBe(1)
  })
  it('that is heard of late is recorded and flagged, whichever came first', async () => {
    const home = await aHome()
    await say(home, dose(home))
    await say(home, dose(home), app.world, late({ ...home.keeper, name: 'Tove' }, 30))
    const { entries } = await lineOf(home)
    const doses = entries.filter(({ fact }) => fact.kind === 'dose')
    // The one that was given first stands; the one that was heard of first is the one too soon.
    expect(
      doses.map(({ by, beyond }) => [by.startsWith('Tove'), beyond.map(({ code }) => code)]),
    ).toEqual([
      [true, []],
      [false, ['interval_not_over']],
    ])
  })
  it('is refused on what the record knows: age, allergy, above the rule, what it holds', async () => {
    const home = await aHome()
    expect(
      await codes(say(home, dose(home, { portion: { unit: 'mL', thousandths: 12_500 } }))),
    ).toBe('above_rule')
    expect(
      await codes(
        say(
          home,
          dose(home, {
            holds: [
              { key: 'acetaminophen' as IngredientKey, measure: { unit: 'mg', thousandths: 1 } },
            ],
          }),
        ),
      ),
    ).toBe('above_rule')
    expect(await codes(say(home, dose(home, { cardId: 'label:aspirin-325' as CardId })))).toContain(
      'too_young',
    )
    expect((await lineOf(home)).doses).toEqual([])
  })
  it('is kept with the limits of its card, whatever was sent', async () => {
    const home = await aHome()
    await say(home, dose(home, { rule: null }))
    expect((await lineOf(home)).doses[0]?.rule).toMatchObject({ again: 240, mostDoses: 5 })
  })
  it('from a bottle that is not what the card is about is refused', async () => {
    const home = await aHome()
    // The same ingredient for babies, in drops: another strength, another number of millilitres.
    const drops = await receiveLot(app.world, home.keeper, {
      ...BOTTLE,
      key: newKey(),
      pocketId: home.lid,
      item: { new: { ...BOTTLE.item.new, name: 'Acetaminophen drops', strength: '80 mg/0.8 mL' } },
    })
    const { lot } = await readLot(app.world, home.keeper, drops.lotId as LotId)
    await matchItems(app.world, home.keeper, {
      key: newKey(),
      matches: [{ itemId: lot.itemId, catalogueId: 'acetaminophen-liquid' }],
    })
    const from = (lotId: string): CareFact =>
      dose(home, {
        takes: [{ lotId: lotId as LotId, pocketId: home.lid as PocketId, amount: amount(83) }],
      })
    expect(await codes(say(home, from(drops.lotId)))).toBe('lot_other')
    // Neither is anything else that lies beside it.
    expect(await codes(say(home, from(home.lotId)))).toBe('lot_other')
    expect((await lineOf(home)).doses).toEqual([])
    expect(await codes(say(home, from(home.bottle)))).toBe('done')
  })
  it('that was given all the same is recorded with what was said', async () => {
    const home = await aHome()
    await say(home, dose(home))
    await say(home, dose(home, { anyway: 'Tove had not seen the phone' }))
    const flagged = (await lineOf(home)).entries.filter(({ beyond }) => beyond.length > 0)
    expect(flagged.length).toBe(1)
  })
  it('noted by hand is held against the limits of what was given', async () => {
    const home = await aHome()
    await say(home, dose(home))
    const remedy = dose(home, { cardId: null, title: 'Cold remedy', rule: null, takes: [] })
    expect(await codes(say(home, remedy))).toBe('same_ingredient')
  })
  it('is the same when its answer was lost', async () => {
    const home = await aHome()
    const entryId = newKey() as CareEntryId
    const saying: CareSaying = {
      key: entryId,
      entryId,
      incidentId: home.incidentId,
      memberId: home.child,
      fact: dose(home),
      photo: null,
    }
    const first = await sayCare(app.world, home.keeper, saying)
    expect(await sayCare(app.world, late(home.keeper, 1), saying)).toEqual(first)
    expect((await lineOf(home)).doses.length).toBe(1)
  })
})

const balances = async (home: Home) => {
  const client = new pg.Client({ connectionString: app.database.ownerUrl })
  await client.connect()
  try {
    await client.query(`select set_config('app.household', $1, false)`, [home.keeper.householdId])
    return await client.query(
      `select b.amount from balance b join lot l on l.id = b.lot_id
       where b.pocket_id = $1 and l.item_id = (select item_id from lot where id = $2) and b.amount > 0`,
      [home.lid, home.bottle],
    )
  } finally {
    await client.end()
  }
}

describe('an entry', () => {
  it('is never lost for want of stock: what lay there is taken, and the rest is said', async () => {
    const home = await aHome()
    const { outcome } = await say(home, {
      kind: 'used',
      title: 'Eye drops',
      words: '',
      takes: [{ lotId: home.lotId as LotId, pocketId: home.lid as PocketId, amount: units(99) }],
    })
    expect(outcome).toEqual({ kind: 'short', titles: ['Eye drops 10 mL'] })
    expect((await lineOf(home)).takes.length).toBe(1)
  })
  it('that is struck out gives the stock back once, and stays readable', async () => {
    const home = await aHome()
    const { entryId } = await say(home, dose(home))
    await say(home, { kind: 'struck', entryId })
    expect(await codes(say(home, { kind: 'struck', entryId }))).toBe('already_struck')
    const { rows } = await balances(home)
    expect(rows.reduce((sum, { amount: left }) => sum + Number(left), 0)).toBe(2000)
    const line = await lineOf(home)
    expect([line.doses.length, line.entries[0]?.struck]).toEqual([0, true])
  })
  it('can be taken back like every act', async () => {
    const home = await aHome()
    const { actId } = await say(home, { kind: 'ended' })
    expect((await lineOf(home)).ended).not.toBeNull()
    await undoAct(app.world, home.keeper, { key: newKey(), actId })
    expect((await lineOf(home)).ended).toBeNull()
  })
  it('of a guest needs no member, and is given no medicine by a label', async () => {
    const home = await aHome()
    const incidentId = newKey() as IncidentId
    await startIncident(app.world, home.keeper, {
      key: incidentId,
      incidentId,
      kind: null,
      patient: {
        kind: 'guest',
        name: 'A friend',
        species: 'person',
        years: 7,
        grams: 22_000,
        allergies: '',
      },
      placeId: null,
    })
    const asGuest = { incidentId, memberId: null }
    expect(await codes(say(home, dose(home), app.world, home.keeper, asGuest))).toContain(
      'stranger',
    )
    await say(home, { kind: 'about', what: 'sting' }, app.world, home.keeper, asGuest)
    const { incidents } = await readCare(app.world, home.keeper)
    expect(incidents.find(({ id }) => id === incidentId)?.kind).toBe('sting')
  })
})

describe('a rule', () => {
  const body = aDoseRule as unknown as CardBody
  const add = (home: Home, more: Partial<CardBody> = {}, memberIds = [home.child]) =>
    addCard(app.world, home.keeper, { key: newKey(), memberIds, body: { ...body, ...more } })
  it.each<readonly [string, Partial<CardBody>, string]>([
    [
      'that nobody said',
      { source: { kind: 'doctor', who: ' ', on: plainDate('2026-11-01') } },
      'who_says',
    ],
    ['without its day', { source: { kind: 'doctor', who: 'Dr Aske', on: null } }, 'said_when'],
    [
      'of tomorrow',
      { source: { kind: 'doctor', who: 'Dr Aske', on: plainDate('2026-11-28') } },
      'said_in_future',
    ],
    [
      'of a vet, for a child',
      { source: { kind: 'vet', who: 'Dr Fenwick', on: plainDate('2026-11-01') } },
      'vet_for_person',
    ],
    [
      'that calls itself a label',
      { source: { kind: 'label', who: 'Mine', on: plainDate('2026-11-01') } },
      'labels_ship',
    ],
    ['in milligrams without a strength', { strength: null }, 'needs_strength'],
  ])('%s is not kept', async (_, more, code) => {
    const home = await aHome()
    const refused = await add(home, more).catch((error: unknown) => error)
    expect(
      refused instanceof Refusal &&
        refused.reason.code === 'card_faulty' &&
        refused.reason.fault.code,
    ).toBe(code)
  })
  it('is changed at the version that was seen', async () => {
    const home = await aHome()
    const { cardId } = await add(home)
    const change = (seenVersion: number) =>
      changeCard(app.world, home.keeper, {
        key: newKey(),
        cardId,
        seenVersion,
        memberIds: [home.child],
        body: { ...body, purpose: 'Hives' },
      })
    await change(1)
    expect(await codes(change(1))).toBe('changed_meanwhile')
    const { cards } = await readCare(app.world, home.keeper)
    expect(cards.find(({ id }) => id === cardId)?.purpose).toBe('Hives')
  })
})

describe('the handover', () => {
  it('is a PDF of one incident', async () => {
    const home = await aHome()
    await say(home, dose(home))
    const answer = await send('GET', `/api/incidents/${home.incidentId}/handover.pdf`, {
      caller: home.keeper,
    })
    const bytes = Buffer.from(await answer.arrayBuffer())
    expect([answer.headers.get('content-type'), bytes.subarray(0, 5).toString()]).toEqual([
      'application/pdf',
      '%PDF-',
    ])
  })
})
