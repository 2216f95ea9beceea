/** A trip as it is lived: planned, packed by two, used under way, unpacked, taken back. */
import { beforeAll, beforeEach, describe, expect, it } from 'vitest'
import type { z } from 'zod'
import { readHandover } from '../../src/app/care/readCare'
import type { Caller } from '../../src/app/frame/world'
import type { readCare } from '../../src/contract/care'
import type { readTrip } from '../../src/contract/trips'
import type { IncidentId } from '../../src/core/incident/entry'
import { NO_WISHES } from '../../src/core/trips/trip'
import { aHousehold, application, newKey, send } from '../support/application'
import { stocked } from '../support/stocked'

const app = application()
type TripView = z.infer<(typeof readTrip)['result']>

let keeper: Caller
let stock: Awaited<ReturnType<typeof stocked>>
let bagPocket: string
let bagKit: string

const json = async (method: string, path: string, body?: unknown, key = newKey()) => {
  const answer = await send(method, path, {
    caller: keeper,
    key,
    ...(body !== undefined && { body }),
  })
  return { status: answer.status, body: await answer.json() }
}
const stop = (more: object = {}) => ({
  id: newKey(),
  name: 'Lake house',
  placeId: null,
  from: '2026-12-12',
  to: '2026-12-19',
  members: [stock.memberId],
  travel: 'car',
  minutesToHelp: null,
  minutesToVet: null,
  signal: null,
  traits: [],
  country: '',
  note: '',
  ...more,
})
const fields = (more: object = {}) => ({
  name: 'Lake week',
  stops: [stop()],
  bags: [{ kitId: bagKit, carrier: stock.memberId, stowage: 'with_us', filled: true }],
  sources: [stock.placeId],
  wishes: NO_WISHES,
  cabinRules: 'eu',
  ...more,
})
const line = (count: number) => ({
  lotId: stock.lotId,
  from: stock.lid,
  into: bagPocket,
  amount: count * 1000,
})
const made = async (more: object = {}): Promise<string> =>
  (await json('POST', '/api/trips', fields(more))).body.tripId
const view = async (tripId: string): Promise<TripView> =>
  (await json('GET', `/api/trips/${tripId}`)).body
const lieIn = async (pocketId: string): Promise<number> => {
  const { body } = await json('GET', '/api/stock')
  const rows = body.rows as { lotId: string; pocketId: string; amount: number }[]
  return rows
    .filter((row) => row.pocketId === pocketId)
    .reduce((sum, { amount }) => sum + amount / 1000, 0)
}

beforeAll(() => undefined)
beforeEach(async () => {
  keeper = await aHousehold(app.world, 'Ilse')
  stock = await stocked(app.world, keeper)
  bagKit = (
    await json('POST', '/api/kits', { placeId: stock.placeId, name: 'Hip bag', shape: 'pouch' })
  ).body.kitId
  bagPocket = (await json('GET', `/api/kits/${bagKit}`)).body.pockets[0].id
})

describe('a trip', () => {
  it('is planned, packed, used from, unpacked, and over', async () => {
    const tripId = await made()
    await json('POST', `/api/trips/${tripId}/lines`, { lines: [line(4)] })
    const [first] = (await view(tripId)).lines
    expect(first).toMatchObject({ title: 'Eye drops 10 mL', state: 'to_pack', there: 10_000 })
    expect(
      (await json('POST', `/api/trips/${tripId}/pack`, { packed: [first?.id] })).body.done,
    ).toBe(1)
    expect([await lieIn(stock.lid), await lieIn(bagPocket)]).toEqual([6, 4])
    // Under way one is used from the bag by the ordinary press.
    const lot = (await json('GET', `/api/lots/${stock.lotId}`)).body.lot
    await json('POST', `/api/lots/${stock.lotId}/use`, {
      pocketId: bagPocket,
      amount: 1000,
      seenVersion: lot.version,
    })
    expect((await view(tripId)).lines[0]?.there).toBe(3000)
    const { status } = await json('POST', `/api/trips/${tripId}/unpack`, {
      lines: [
        { lineId: first?.id, back: 1000, used: 1000, lost: 1000, given: 0, state: 'as_packed' },
      ],
      missed: 'A second torch',
      cursed: '',
    })
    expect(status).toBe(200)
    expect([await lieIn(stock.lid), await lieIn(bagPocket)]).toEqual([7, 0])
    const over = await view(tripId)
    expect(over).toMatchObject({ overOn: '2026-11-26', missed: 'A second torch' })
    expect(over.lines[0]?.state).toBe('back')
  })
  it('packed by two without a connection is packed once', async () => {
    const tripId = await made()
    await json('POST', `/api/trips/${tripId}/lines`, { lines: [line(4)] })
    const lineId = (await view(tripId)).lines[0]?.id
    await json('POST', `/api/trips/${tripId}/pack`, { packed: [lineId] })
    const again = await json('POST', `/api/trips/${tripId}/pack`, { packed: [lineId] })
    expect([again.status, again.body.done]).toEqual([200, 0])
    expect(await lieIn(bagPocket)).toBe(4)
  })
  it('packed before somebody counted, and heard of after, does not take twice', async () => {
    const tripId = await made()
    await json('POST', `/api/trips/${tripId}/lines`, { lines: [line(4)] })
    const lineId = (await view(tripId)).lines[0]?.id
    const { lot } = (await json('GET', `/api/lots/${stock.lotId}`)).body
    const packedAt = Date.now()
    await new Promise((later) => setTimeout(later, 30))
    // Four are in the bag already; whoever counts the shelf finds six.
    await json('POST', `/api/lots/${stock.lotId}/count`, {
      pocketId: stock.lid,
      found: 6000,
      seenVersion: lot.version,
    })
    const late = await send('POST', `/api/trips/${tripId}/pack`, {
      caller: keeper,
      headers: { 'taken-milliseconds-ago': String(Date.now() - packedAt) },
      body: { packed: [lineId] },
    })
    expect(late.status).toBe(200)
    expect([await lieIn(stock.lid), await lieIn(bagPocket)]).toEqual([6, 4])
  })
  it('is refused its line where less is there than it says, and nothing is moved', async () => {
    const tripId = await made()
    await json('POST', `/api/trips/${tripId}/lines`, { lines: [line(4)] })
    const lineId = (await view(tripId)).lines[0]?.id
    const lot = (await json('GET', `/api/lots/${stock.lotId}`)).body.lot
    await json('POST', `/api/lots/${stock.lotId}/use`, {
      pocketId: stock.lid,
      amount: 8000,
      seenVersion: lot.version,
    })
    const answer = await json('POST', `/api/trips/${tripId}/pack`, { packed: [lineId] })
    expect([answer.status, answer.body.code]).toEqual([409, 'not_enough'])
    expect((await view(tripId)).lines[0]).toMatchObject({ state: 'to_pack', there: 2000 })
  })
  it('notes what was not there, and takes that back as one', async () => {
    const tripId = await made()
    await json('POST', `/api/trips/${tripId}/lines`, { lines: [line(4)] })
    const lineId = (await view(tripId)).lines[0]?.id
    const { body } = await json('POST', `/api/trips/${tripId}/pack`, { notThere: [lineId] })
    expect((await view(tripId)).lines[0]?.state).toBe('not_there')
    await json('POST', `/api/acts/${body.actId}/undo`, {})
    expect((await view(tripId)).lines[0]?.state).toBe('to_pack')
  })
  it('is taken back step by step: packing, the list, the trip', async () => {
    const trip = (await json('POST', '/api/trips', fields())).body
    const list = (await json('POST', `/api/trips/${trip.tripId}/lines`, { lines: [line(4)] })).body
    const lineId = (await view(trip.tripId)).lines[0]?.id
    const packed = (await json('POST', `/api/trips/${trip.tripId}/pack`, { packed: [lineId] })).body
    for (const { actId } of [packed, list, trip])
      expect((await json('POST', `/api/acts/${actId}/undo`, {})).status).toBe(200)
    expect(await lieIn(stock.lid)).toBe(10)
    expect((await json('GET', `/api/trips/${trip.tripId}`)).status).toBe(404)
  })
  it('worked out again keeps what lies in a bag and replaces the rest', async () => {
    const tripId = await made()
    await json('POST', `/api/trips/${tripId}/lines`, { lines: [line(2), line(3)] })
    const [first] = (await view(tripId)).lines
    await json('POST', `/api/trips/${tripId}/pack`, { packed: [first?.id] })
    await json('POST', `/api/trips/${tripId}/lines`, { lines: [line(1)] })
    expect((await view(tripId)).lines.map(({ amount, state }) => [amount, state]).sort()).toEqual(
      [
        [first?.amount, 'packed'],
        [1000, 'to_pack'],
      ].sort(),
    )
  })
  it('with something in a bag is not removed; emptied it is', async () => {
    const tripId = await made()
    await json('POST', `/api/trips/${tripId}/lines`, { lines: [line(2)] })
    const lineId = (await view(tripId)).lines[0]?.id
    await json('POST', `/api/trips/${tripId}/pack`, { packed: [lineId] })
    expect((await json('DELETE', `/api/trips/${tripId}`)).body.code).toBe('still_in_use')
    await json('POST', `/api/trips/${tripId}/unpack`, {
      lines: [{ lineId, back: 2000, used: 0, lost: 0, given: 0 }],
    })
    expect((await json('DELETE', `/api/trips/${tripId}`)).status).toBe(200)
  })
  it('is not over because something was put back before everything was packed', async () => {
    const tripId = await made()
    await json('POST', `/api/trips/${tripId}/lines`, { lines: [line(2), line(3)] })
    const [first] = (await view(tripId)).lines
    await json('POST', `/api/trips/${tripId}/pack`, { packed: [first?.id] })
    await json('POST', `/api/trips/${tripId}/unpack`, {
      lines: [{ lineId: first?.id, back: first?.amount, used: 0, lost: 0, given: 0 }],
    })
    expect((await view(tripId)).overOn).toBeNull()
  })
  it('can be changed although somebody who goes was removed since', async () => {
    const tripId = await made()
    expect((await json('DELETE', `/api/members/${stock.memberId}`, {})).status).toBe(200)
    const { trip } = await view(tripId)
    const { status } = await json('PATCH', `/api/trips/${tripId}`, {
      seenVersion: trip.version,
      name: 'Another week',
    })
    expect(status).toBe(200)
  })
  it('what got damp comes back and waits to be looked at', async () => {
    const tripId = await made()
    await json('POST', `/api/trips/${tripId}/lines`, { lines: [line(2)] })
    const lineId = (await view(tripId)).lines[0]?.id
    await json('POST', `/api/trips/${tripId}/pack`, { packed: [lineId] })
    await json('POST', `/api/trips/${tripId}/unpack`, {
      lines: [{ lineId, back: 2000, used: 0, lost: 0, given: 0, state: 'damp' }],
    })
    const { body } = await json('GET', '/api/stock')
    const rows = body.rows as { pocketId: string; amount: number; state: { state: string } }[]
    const held = rows.filter((row) => row.pocketId === stock.lid && row.amount === 2000)
    expect(JSON.stringify(held)).toContain('Got damp: Lake week')
  })
})

describe('what each of them says of a trip', () => {
  it('is kept by who said it, said again in place of before, and told to the next trip', async () => {
    const [tripId, next] = [
      await made(),
      await made({ name: 'Next week', stops: [stop({ from: '2027-03-01', to: '2027-03-05' })] }),
    ]
    const says = (said: object[]) =>
      json('POST', `/api/trips/${tripId}/unpack`, { lines: [], said })
    const by = (missed: string) => ({ memberId: stock.memberId, missed, cursed: '' })
    expect((await says([by('A tick hook')])).status).toBe(200)
    expect((await says([by('A second torch')])).status).toBe(200)
    expect((await view(next)).lessons).toContainEqual({
      trip: 'Lake week',
      memberId: stock.memberId,
      missed: 'A second torch',
      cursed: '',
    })
    expect(JSON.stringify((await view(next)).lessons)).not.toContain('tick hook')
    expect((await says([{ ...by('x'), memberId: newKey() }])).status).toBe(404)
    expect((await says([])).status).toBe(422)
  })
})

describe('a bag that is on its way', () => {
  const isAway = async () => {
    const { body } = await json('GET', '/api/cover')
    const kits = body.kits as { id: string; isAway?: boolean }[]
    return kits.find(({ id }) => id === bagKit)?.isAway ?? false
  }
  it.each([
    ['2026-11-27', '2026-11-30', false],
    ['2026-11-26', '2026-11-26', true],
    ['2026-11-20', '2026-11-25', false],
  ])('from %s to %s is away today: %s', async (from, to, away) => {
    await made({ stops: [stop({ from, to })] })
    expect(await isAway()).toBe(away)
  })
  it('is at home again once it is unpacked, and when the trip is taken back', async () => {
    const { body } = await json(
      'POST',
      '/api/trips',
      fields({ stops: [stop({ from: '2026-11-25', to: '2026-11-28' })] }),
    )
    expect(await isAway()).toBe(true)
    await json('POST', `/api/trips/${body.tripId}/unpack`, {
      lines: [],
      missed: 'Nothing',
      cursed: '',
    })
    expect(await isAway()).toBe(false)
    await json('POST', `/api/acts/${body.actId}/undo`, {})
    expect(await isAway()).toBe(false)
  })
})

describe('a kit that was taken along', () => {
  const errands = async (act: string) => {
    const { groups } = (await json('GET', '/api/watch')).body
    return groups
      .flatMap(
        (group: { errands: { key: string; act: string; kitIs: unknown }[] }) => group.errands,
      )
      .filter((errand: { act: string }) => errand.act === act)
  }
  const carrier = async () => {
    const { kits } = (await json('GET', '/api/cover')).body
    return kits.find(({ id }: { id: string }) => id === bagKit)?.goesWith ?? null
  }
  it('is asked back the day after, comes back with one press, and the press with Undo', async () => {
    const { version } = (await json('GET', `/api/kits/${bagKit}`)).body
    const taken = { memberId: stock.memberId, to: [], since: '2026-11-25' }
    await json('PATCH', `/api/kits/${bagKit}`, { seenVersion: version, goesWith: taken })
    const [errand] = await errands('bring_back')
    expect(errand).toMatchObject({
      title: 'Hip bag',
      member: 'Ned',
      reason: { code: 'taken_along', since: '2026-11-25' },
      kitIs: { code: 'with', member: 'Ned' },
    })
    const { status, body } = await json('POST', '/api/errands/done', { errandKey: errand.key })
    expect([status, await carrier()]).toEqual([200, null])
    expect(await errands('bring_back')).toEqual([])
    await json('POST', `/api/acts/${body.actId}/undo`, {})
    expect(await carrier()).toEqual(taken)
  })
  it('is with its party while a trip goes on: what is asked of it says so', async () => {
    await made({ stops: [stop({ from: '2026-11-25', to: '2026-11-28' })] })
    await json('PUT', `/api/pockets/${bagPocket}/pars/${stock.itemId}`, { amount: 2000 })
    const trips = (await json('GET', '/api/watch')).body.strap.trips
    expect(trips).toMatchObject([
      { name: 'Lake week', from: '2026-11-25', about: [stock.memberId, bagKit] },
    ])
    const ofBag = (await json('GET', '/api/watch')).body.groups
      .flatMap((group: { errands: { kitId: string }[] }) => group.errands)
      .filter((errand: { kitId: string }) => errand.kitId === bagKit)
    expect(ofBag.length).toBeGreaterThan(0)
    for (const { kitIs } of ofBag)
      expect(kitIs).toEqual({ code: 'on_trip', trip: 'Lake week', until: '2026-11-28' })
  })
})

describe('something that happens on a trip', () => {
  const care = async () =>
    (await json('GET', '/api/care')).body as z.infer<(typeof readCare)['result']>
  const happens = async (more: object) => {
    const incidentId = newKey()
    const { status } = await json('POST', '/api/incidents', {
      incidentId,
      kind: null,
      patient: { kind: 'member', memberId: stock.memberId },
      placeId: null,
      ...more,
    })
    expect(status).toBe(200)
    return incidentId
  }
  const at = async (incidentId: string) =>
    (await care()).incidents.find(({ id }) => id === incidentId)
  const today = { from: '2026-11-25', to: '2026-11-28' }

  it('is at a stop, with what is there and the numbers of that country', async () => {
    const lake = stop({ ...today, country: 'NO' })
    await made({ stops: [lake, stop({ from: '2026-12-01', to: '2026-12-02' })] })
    expect((await care()).stops).toMatchObject([
      { trip: 'Lake week', stop: { id: lake.id }, bags: [bagKit], numbers: { emergency: '113' } },
    ])
    const incidentId = await happens({ stopId: lake.id })
    expect(await at(incidentId)).toMatchObject({ placeId: null, stopId: lake.id })
    // The page that is handed over says the same as the screen.
    const { numbers } = await readHandover(app.world, keeper, incidentId as IncidentId)
    expect(numbers.emergency).toBe('113')
  })
  it('is somewhere else once somebody says so, and keeps its stop after the trip', async () => {
    const lake = stop(today)
    const tripId = await made({ stops: [lake] })
    const incidentId = await happens({ placeId: stock.placeId })
    const about = (fact: object) =>
      json('POST', '/api/care/entries', {
        entryId: newKey(),
        incidentId,
        memberId: stock.memberId,
        fact: { kind: 'about', ...fact },
      })
    await about({ placeId: null, stopId: lake.id })
    expect(await at(incidentId)).toMatchObject({ placeId: null, stopId: lake.id })
    await json('POST', `/api/trips/${tripId}/unpack`, { lines: [], missed: 'No', cursed: '' })
    expect((await care()).stops.map((one) => one.stop.id)).toEqual([lake.id])
    await about({ placeId: stock.placeId, stopId: null })
    expect(await at(incidentId)).toMatchObject({ placeId: stock.placeId, stopId: null })
    expect((await care()).stops).toEqual([])
  })
  it('is kept although its trip was taken away meanwhile, or is another household’s', async () => {
    const theirs = newKey()
    expect(await at(await happens({ stopId: theirs }))).toMatchObject({ stopId: null })
  })
})

describe('a trip that cannot be', () => {
  const refused = async (more: object) => {
    const answer = await json('POST', '/api/trips', fields(more))
    return [answer.status, answer.body.code, answer.body.detail] as const
  }
  it.each([
    ['without a stop', () => ({ stops: [] }), 'add a stop'],
    [
      'ending before it begins',
      () => ({ stops: [stop({ to: '2026-12-01' })] }),
      'ends before it begins',
    ],
    ['with nobody going', () => ({ stops: [stop({ members: [] })] }), 'Nobody goes to Lake house'],
    ['of 500 days', () => ({ stops: [stop({ to: '2028-05-01' })] }), 'at most 400'],
    [
      'with somebody in two stops at once',
      () => ({ stops: [stop(), stop({ name: 'Hut', from: '2026-12-14', to: '2026-12-15' })] }),
      'Ned would be in Lake house and in Hut',
    ],
    [
      'with a bag twice',
      () => ({
        bags: [0, 1].map(() => ({
          kitId: bagKit,
          carrier: stock.memberId,
          stowage: 'with_us',
          filled: true,
        })),
      }),
      'twice',
    ],
  ])('%s is refused in words', async (_, more, says) => {
    const [status, code, detail] = await refused(more())
    expect([status, code]).toEqual([422, 'trip_faulty'])
    expect(detail).toContain(says)
  })
  it('because somebody is on another one names both', async () => {
    await made()
    const [, , detail] = await refused({
      name: 'School camp',
      stops: [stop({ from: '2026-12-15' })],
    })
    expect(detail).toBe(
      'Ned is on another trip from 15 Dec 2026: Lake week. Change who goes, or the days.',
    )
  })
})
