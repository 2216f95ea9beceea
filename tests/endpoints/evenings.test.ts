/** An evening with a sitter: what they see, what they note, when it begins and ends. */
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { deskOf } from '../../src/api/accountDesk'
import { sittingWords } from '../../src/api/handlers/evenings'
import { noteEvening, readEvening } from '../../src/app/evenings/sitting'
import { addCourse } from '../../src/app/members/courseActs'
import { addMember } from '../../src/app/members/memberActs'
import { plainDate } from '../../src/core/calendar/plainDate'
import { blankFacts, type PersonFacts } from '../../src/core/household/member'
import type { LotId, MemberId } from '../../src/core/ids'
import { application, newKey, send } from '../support/application'
import { putMatched } from '../support/matched'
import { stocked } from '../support/stocked'

const app = application()
let home: Awaited<ReturnType<typeof stocked>>
let runa: MemberId
let secretive: MemberId
let liquid: LotId
let plasters: LotId
let owner: pg.Client

beforeAll(async () => {
  const url = new URL(process.env.ADMIN_DATABASE_URL ?? '')
  url.pathname = new URL(app.database.appUrl).pathname
  owner = new pg.Client({ connectionString: url.href })
  await owner.connect()
  home = await stocked(app.world, app.keeper)
  const person = async (name: string, facts: Partial<PersonFacts>, grams: number) =>
    (
      await addMember(app.world, app.keeper, {
        key: newKey(),
        name,
        species: 'person',
        born: plainDate('2023-06-01'),
        helper: false,
        note: '',
        facts: { ...(blankFacts('person') as PersonFacts), ...facts },
        guestUntil: null,
        grams,
      })
    ).memberId as MemberId
  const told = { by: 'Ilse', on: plainDate('2026-11-01') }
  const all = { allergies: told, conditions: told, medicines: told }
  runa = await person('Runa', { told: all, conditions: ['asthma'] }, 14_000)
  secretive = await person('MARKER-NAME', { conditions: ['epilepsy'] }, 60_000)
  const put = (name: string, strength: string, unit: string, catalogueId: string, kind: string) =>
    putMatched(app.world, app.keeper, owner, home.lid, {
      name,
      strength,
      unit,
      catalogueId,
      kind,
      count: 2,
      par: 2,
    })
  liquid = (
    await put('Acetaminophen liquid', '160 mg/5 mL', 'bottle', 'acetaminophen-liquid', 'medicine')
  ).lotId
  plasters = (await put('Plasters', '', 'piece', 'plasters', 'sterile')).lotId
  const hidden = await put('MARKER-MEDICINE', '10 mg', 'tablet', 'cetirizine-10', 'medicine')
  await addCourse(app.world, app.keeper, {
    key: newKey(),
    memberId: secretive,
    itemId: hidden.itemId,
    reason: 'MARKER-REASON',
    prescriber: 'MARKER-DOCTOR',
    directions: 'MARKER-DIRECTIONS',
    perDay: null,
    unit: '',
    startsOn: plainDate('2026-11-01'),
    endsOn: null,
    confirmedAgainstWarning: false,
  })
})
afterAll(() => owner.end())

const anEvening = (over: object = {}, plan: object = {}) => ({
  forName: 'Kari',
  day: '2026-11-26',
  // Oslo, where it is one in the afternoon now.
  from: '12:00',
  to: '23:30',
  plan: {
    placeId: home.placeId,
    members: [runa],
    kits: [home.kitId],
    know: ['The red bottle is in the lid.'],
    call: { name: 'Ilse', phone: '555-0151' },
    address: 'Mill Lane 7',
    mayNot: ['No medicine that is not on this page.'],
    gives: [] as object[],
    courses: [],
    ...plan,
  },
  ...over,
})
const give = async (over: object = {}, plan: object = {}) =>
  (
    await send('POST', '/api/evenings', { caller: app.keeper, body: anEvening(over, plan) })
  ).json() as Promise<{ code: string; eveningId: string; actId?: string }>
const see = async (code: string) => send('GET', `/api/evening/${code}`, { caller: null })
const note = async (code: string, memberId: string, body: object, headers = {}) =>
  send('POST', `/api/evening/${code}/notes`, {
    caller: null,
    key: null,
    headers,
    body: { entryId: newKey(), memberId, note: body },
  })
const later = (hours: number) => ({
  ...app.world,
  now: () => new Date(app.world.now().getTime() + hours * 3_600_000),
})
const desk = () => deskOf(new Request('http://127.0.0.1/'))
const codeIn = async (answer: Response) => [answer.status, (await answer.json()).code ?? '']

describe('what is proposed', () => {
  it('is what is noted, what a rule allows there, and what nobody has asked', async () => {
    const cards = await (
      await send(
        'GET',
        `/api/evenings/proposal?placeId=${home.placeId}&members=${runa},${home.memberId}`,
        { caller: app.keeper },
      )
    ).json()
    expect(cards.know).toContainEqual({ memberId: runa, words: 'Runa: asthma.' })
    expect(cards.asks).toContain(
      'Nobody has noted whether Ned has any allergies or conditions or regular medicines. Ask before they go.',
    )
    expect(cards.gives.map((one: { title: string }) => one.title).join()).toMatch(/Acetaminophen/)
    // Ned has no age and no weight: no rule gives an amount.
    expect(cards.gives.every((one: { who: string }) => one.who === 'Runa')).toBe(true)
    expect(cards.kits).toEqual([{ id: home.kitId, name: 'Pantry roll' }])
  })
})

describe('what the sitter sees', () => {
  it('is what was chosen: the dose drawn, where it is, whom to call; and nothing of anybody else', async () => {
    const { code } = await give({}, { gives: await givesOf(runa) })
    const answer = await see(code)
    const text = await answer.text()
    expect(text).not.toMatch(/MARKER|Ned\b|Eye drops|Hay fever|Corner pharmacy|Dr Aske/)
    const view = JSON.parse(text)
    expect(view.call.map((one: { name: string }) => one.name)).toEqual([
      'Ilse',
      'Emergency',
      'Poison line',
    ])
    expect(view.seen.inCare).toMatchObject([
      { name: 'Runa', normal: { pulse: { from: 80, to: 120 } } },
    ])
    expect(view.seen.gives[0]).toMatchObject({
      who: 'Runa',
      last: null,
      state: {
        kind: 'now',
        dose: { portion: { unit: 'mL' } },
        spot: { kit: 'Pantry roll', pocket: 'Lid' },
      },
    })
    const things = view.seen.kits[0].pockets.flatMap((pocket: { things: { title: string }[] }) =>
      pocket.things.map(({ title }) => title),
    )
    expect(things).toEqual(['Plasters'])
  })
  it('says that nobody has asked, rather than that there is nothing', async () => {
    const { code } = await give({}, { members: [home.memberId], gives: [] })
    const view = await (await see(code)).json()
    expect(view.asks.join()).toContain('Nobody has noted whether Ned')
  })
  it('begins when it begins and ends by itself, or with one press', async () => {
    const early = await give({ from: '20:00', to: '22:00' })
    expect(await codeIn(await see(early.code))).toEqual([403, 'evening_not_yet'])
    const one = await give()
    await expect(readEvening(later(12), desk(), one.code, sittingWords)).rejects.toMatchObject({
      reason: { code: 'evening_over' },
    })
    await send('DELETE', `/api/evenings/${one.eveningId}`, { caller: app.keeper, body: {} })
    expect(await codeIn(await see(one.code))).toEqual([410, 'evening_over'])
    expect(await codeIn(await see('AAAA-BBBB-CCCC'))).toEqual([404, 'code_not_right'])
    const { evenings } = await (await send('GET', '/api/evenings', { caller: app.keeper })).json()
    expect(evenings.find(({ id }: { id: string }) => id === one.eveningId)).toMatchObject({
      state: 'over',
      code: null,
    })
  })
  it('lasts over midnight, and not longer than a long weekend', async () => {
    const night = await give({ from: '12:30', to: '02:00' })
    const view = await (await see(night.code)).json()
    expect(view.to - view.from).toBe(13.5 * 3_600_000)
    for (const over of [{ to: 'late' }, { from: '25:00' }, { day: '2026-11-20', to: '14:00' }])
      expect(await give(over)).toMatchObject({ code: 'evening_times' })
  })
})

const givesOf = async (memberId: MemberId) => {
  const { gives } = await (
    await send('GET', `/api/evenings/proposal?placeId=${home.placeId}&members=${memberId}`, {
      caller: app.keeper,
    })
  ).json()
  return gives
    .filter((one: { title: string }) => /liquid/i.test(one.title))
    .slice(0, 1)
    .map((one: { memberId: string; cardId: string }) => ({
      memberId: one.memberId,
      cardId: one.cardId,
    }))
}

describe('what the sitter notes', () => {
  it('is in the record under their name, counts for the next dose, and comes back in the morning', async () => {
    const gives = await givesOf(runa)
    const { code, eveningId } = await give({}, { gives })
    const view = await (await see(code)).json()
    const { portion } = view.seen.gives[0].state.dose
    const given = { kind: 'given', cardId: gives[0].cardId, portion }
    expect((await note(code, runa, given)).status).toBe(200)
    // The next one waits, on the sitter's page and at the bench.
    const after = await (await see(code)).json()
    expect(after.seen.gives[0].state.kind).toBe('later')
    expect(after.seen.gives[0].last).not.toBeNull()
    expect(await codeIn(await note(code, runa, given))).toEqual([409, 'dose_refused'])
    const used = { kind: 'used', lotId: plasters, pocketId: home.lid, amount: 1000 }
    expect((await note(code, runa, used)).status).toBe(200)
    expect((await note(code, runa, { kind: 'seen', words: 'Slept at nine' })).status).toBe(200)
    const back = await (
      await send('GET', `/api/evenings/${eveningId}`, { caller: app.keeper })
    ).json()
    expect(
      back.notes.map(
        ({ by, fact }: { by: string; fact: { kind: string } }) => `${by} ${fact.kind}`,
      ),
    ).toEqual(['Kari dose', 'Kari used', 'Kari seen'])
    expect(back.replace).toMatchObject([{ title: 'Plasters', amount: 1000, pocket: 'Lid' }])
    const kit = await (await send('GET', `/api/lots/${plasters}`, { caller: app.keeper })).json()
    expect(kit.holdings[0].amount).toBe(1000)
    const { acts } = await (await send('GET', '/api/acts', { caller: app.keeper })).json()
    expect(acts.slice(0, 3).every(({ who }: { who: string }) => who === 'Kari')).toBe(true)
  })
  it('is once what is sent twice', async () => {
    const { code, eveningId } = await give()
    const body = { entryId: newKey(), memberId: runa, note: { kind: 'seen', words: 'Woke up' } }
    for (let n = 0; n < 2; n++)
      expect(
        (await send('POST', `/api/evening/${code}/notes`, { caller: null, key: null, body }))
          .status,
      ).toBe(200)
    const back = await (
      await send('GET', `/api/evenings/${eveningId}`, { caller: app.keeper })
    ).json()
    expect(back.notes).toHaveLength(1)
  })
  it('is of those in their care, of what is on the page, and of nothing else', async () => {
    const { code } = await give()
    const [planned] = await givesOf(runa)
    const portion = { unit: 'mL', thousandths: 5000 }
    for (const [memberId, body] of [
      [secretive, { kind: 'seen', words: 'x' }],
      [app.keeper.userId, { kind: 'seen', words: 'x' }],
      [runa, { kind: 'given', cardId: planned.cardId, portion }],
      [runa, { kind: 'used', lotId: liquid, pocketId: home.lid, amount: 1000 }],
      [runa, { kind: 'used', lotId: plasters, pocketId: home.tray, amount: 1000 }],
    ] as const)
      expect([body.kind, ...(await codeIn(await note(code, memberId, body)))]).toEqual([
        body.kind,
        404,
        'not_found',
      ])
  })
  it('still arrives after the end where it was noted before, and nothing that came after', async () => {
    const { code } = await give()
    const say = (hours: number, ago: number) =>
      noteEvening(
        later(hours),
        desk(),
        code,
        { entryId: newKey() as never, memberId: runa, note: { kind: 'seen', words: 'In time' } },
        ago * 3_600_000,
      )
    await expect(say(14, 0)).rejects.toMatchObject({ reason: { code: 'evening_over' } })
    await expect(say(14, 5)).resolves.toHaveProperty('entryId')
    await expect(say(24 * 16, 24 * 16 - 2)).rejects.toMatchObject({
      reason: { code: 'evening_over' },
    })
  })
})
