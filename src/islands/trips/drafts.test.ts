import { describe, expect, it } from 'vitest'
import { faulty, sent } from '../../../tests/support/forms'
import { idOf } from '../../../tests/support/ids'
import { plainDate } from '../../core/calendar/plainDate'
import type { LotId, MemberId, PlaceId, PocketId, StopId, TripId, TripLineId } from '../../core/ids'
import { units } from '../../core/quantity/amount'
import type { TripPlan } from '../../core/trips/plan'
import { NO_WISHES, type Trip } from '../../core/trips/trip'
import { joinsOf, lanesOf } from './lanes'
import { packedAs } from './packedAs'
import { nextStop, readTripDraft, stopFaults, tripDraft } from './tripDraft'
import { EMPTY_UNPACKING, readUnpackDraft } from './unpackDraft'
import type { TripLine } from './view'

const [ned, tove] = [idOf<MemberId>(6, 1), idOf<MemberId>(6, 2)]
const day = plainDate
const trip: Trip = {
  id: idOf<TripId>(20, 1),
  name: 'Lake week',
  stops: [
    {
      id: idOf<StopId>(21, 1),
      name: 'Lake house',
      placeId: null,
      vehicleId: idOf<PlaceId>(1, 2),
      from: day('2026-12-12'),
      to: day('2026-12-19'),
      members: [ned],
      travel: 'car',
      minutesToHelp: 40,
      minutesToVet: null,
      signal: 'patchy',
      traits: ['water'],
      country: 'NO',
      note: 'Key under the stone',
    },
  ],
  bags: [],
  sources: [],
  wishes: NO_WISHES,
  cabinRules: 'eu',
  version: 3,
}
const none = { sources: [], bags: [] }

describe('the form of a trip', () => {
  it('sends what it shows, and keeps what it does not ask', () => {
    const { body } = sent(readTripDraft(tripDraft(trip, [ned, tove]), trip, none)) as unknown as {
      body: { stops: readonly object[]; seenVersion: number }
    }
    expect(body.seenVersion).toBe(3)
    expect(body.stops).toEqual(trip.stops)
  })
  it('whoever goes by train has left the car at home', () => {
    const draft = tripDraft(trip, [ned, tove])
    const stops = draft.stops.map((one) => ({ ...one, travel: 'train' as const }))
    const { body } = sent(readTripDraft({ ...draft, stops }, trip, none)) as unknown as {
      body: { stops: readonly { readonly vehicleId: string | null }[] }
    }
    expect(body.stops.map(({ vehicleId }) => vehicleId)).toEqual([null])
  })
  it('leaves out who was removed since', () => {
    expect(tripDraft(trip, [tove]).stops[0]?.members).toEqual([])
  })
  it('begins with everybody and no day, and asks for what is missing', () => {
    const draft = tripDraft(null, [ned, tove])
    expect(draft.stops[0]?.members).toEqual([ned, tove])
    expect(Object.keys(faulty(readTripDraft(draft, null, none))).sort()).toEqual(['name', 'stops'])
  })
  it('takes one day for both where nobody says until when', () => {
    const [first] = tripDraft(trip, [ned, tove]).stops
    const draft = { name: 'Day out', stops: [{ ...first, to: '' } as never] }
    const { body } = sent(readTripDraft(draft, null, none)) as unknown as {
      body: { stops: readonly { to: string }[] }
    }
    expect(body.stops[0]?.to).toBe('2026-12-12')
  })
  it('goes on from the day on which the stop before ends, with the same people', () => {
    const [first] = tripDraft(trip, [ned, tove]).stops
    expect(nextStop(first, [])).toMatchObject({
      from: '2026-12-19',
      to: '',
      members: [ned],
      country: 'NO',
      minutesToHelp: '',
    })
  })
  it.each([
    ['name', { name: ' ' }],
    ['from', { from: '' }],
    ['to', { to: '2026-12-01' }],
    ['members', { members: [] }],
    ['minutesToHelp', { minutesToHelp: 'far' }],
    ['minutesToVet', { minutesToVet: '-1' }],
  ])('marks %s', (field, wrong) => {
    const [first] = tripDraft(trip, [ned, tove]).stops
    expect(
      Object.keys(stopFaults({ ...(first as never as object), ...wrong } as never) ?? {}),
    ).toEqual([field])
  })
})

const line = (n: number, more: Partial<TripLine> = {}): TripLine => ({
  id: idOf<TripLineId>(22, n),
  lotId: idOf<LotId>(5, n),
  itemId: idOf(4, n),
  title: 'Gauze',
  unit: 'pad',
  directions: '',
  from: idOf<PocketId>(3, 1),
  into: idOf<PocketId>(3, 2),
  amount: units(4),
  state: 'packed',
  there: units(4),
  ...more,
})

describe('unpacking', () => {
  const read = (lines: readonly TripLine[], said: object = {}) =>
    readUnpackDraft({ ...EMPTY_UNPACKING, lines: said as never }, { lines: [...lines], trip })
  const bodyOf = (...of: Parameters<typeof read>) =>
    (sent(read(...of)) as unknown as { body: { lines: readonly object[] } }).body.lines
  it('puts back what is in the bag now, of lines that are packed and of no others', () => {
    expect(bodyOf([line(1, { there: units(3) }), line(2, { state: 'to_pack' })])).toEqual([
      { lineId: line(1).id, back: 3000, used: 0, lost: 0, given: 0, state: 'as_packed' },
    ])
  })
  it('takes all that is there as used, lost or given where nobody counts', () => {
    for (const outcome of ['used', 'lost', 'given'] as const)
      expect(bodyOf([line(1)], { [line(1).id]: { outcome, count: '' } })[0]).toMatchObject({
        back: 0,
        [outcome]: 4000,
      })
  })
  it('puts back the rest where somebody counts', () => {
    expect(bodyOf([line(1)], { [line(1).id]: { outcome: 'used', count: '1' } })[0]).toMatchObject({
      back: 3000,
      used: 1000,
    })
  })
  it('refuses more than is there', () => {
    const { lines } = faulty(
      read([line(1)], { [line(1).id]: { outcome: 'lost', count: '5' } }),
    ) as {
      lines: string
    }
    expect(lines).toBe('Give a number up to 4 pads.')
  })
  it('opened and damp things come back whole', () => {
    expect(bodyOf([line(1)], { [line(1).id]: { outcome: 'damp', count: '' } })[0]).toMatchObject({
      back: 4000,
      state: 'damp',
    })
  })
})

describe('a plan and the list that was made of it', () => {
  const plan = (amounts: readonly number[]) =>
    ({
      lines: [
        {
          into: line(1).into,
          from: amounts.map((count) => ({
            lotId: line(1).lotId,
            pocketId: line(1).from,
            amount: units(count),
          })),
        },
      ],
    }) as unknown as TripPlan
  it('are the same whatever was packed since, and one line where one lot comes twice', () => {
    const { lines, isNew } = packedAs({ lines: [line(1, { state: 'to_pack' })] }, plan([1, 3]))
    expect([lines.map(({ amount }) => amount), isNew]).toEqual([[4000], false])
  })
  it('differ where an amount does', () => {
    expect(packedAs({ lines: [line(1, { state: 'to_pack' })] }, plan([3])).isNew).toBe(true)
  })
  it('without a plan there is nothing new', () => {
    expect(packedAs({ lines: [] }, null)).toEqual({ lines: [], isNew: false })
  })
})

describe('strands', () => {
  const at = (from: number, to: number, members: readonly MemberId[]) => ({
    from: day(`2026-12-${from}`),
    to: day(`2026-12-${to}`),
    members,
  })
  const stops = [
    at(12, 14, [ned, tove]),
    at(14, 16, [ned]),
    at(14, 16, [tove]),
    at(16, 19, [ned, tove]),
  ]
  it('stand below each other where they are beside each other in time', () => {
    expect(lanesOf(stops)).toEqual([0, 0, 1, 0])
    expect(lanesOf([at(12, 12, [ned]), at(12, 12, [tove])])).toEqual([0, 1])
  })
  it('are joined where somebody goes from one to the other', () => {
    expect(joinsOf(stops)).toEqual([
      [0, 1],
      [1, 3],
      [0, 2],
      [2, 3],
    ])
  })
})
