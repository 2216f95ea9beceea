/** What a trip is: faults, questions, scenes, the cabin. */
import { describe, expect, it } from 'vitest'
import { aPerson, aThing, DAY, stateOf } from '../../../tests/support/cover'
import { idOf } from '../../../tests/support/ids'
import { bagId, goneOut, HOME } from '../../../tests/support/trips'
import { addDays } from '../calendar/plainDate'
import { board } from '../cover/board'
import { pantry } from '../cover/pantry'
import { questionAt } from '../cover/scene'
import type { GoesWith } from '../household/goesWith'
import type { PlaceId, StopId, TripId } from '../ids'
import { tripAgain } from './again'
import { cabinVerdict, holdVerdict } from './cabin'
import { tripFaults, tripQuestions } from './faults'
import { layOutTrip, medicineDaysOf } from './layOut'
import { questionOf, reachOf, scenesOf, staysOf, traitsOf } from './scenes'
import { bagsAwayOn, bagsElsewhere, daysElsewhere, NO_WISHES, type Stop } from './trip'

const [ilse, tove] = [aPerson(40, { helper: true }), aPerson(38)]
const d = (after: number) => addDays(DAY, after)
const stop = (n: number, more: Partial<Stop>): Stop => ({
  id: idOf<StopId>(21, n),
  name: `Stop ${n}`,
  placeId: null,
  from: d(7),
  to: d(9),
  members: [ilse.id],
  travel: 'train',
  minutesToHelp: 30,
  minutesToVet: null,
  signal: null,
  traits: [],
  country: '',
  note: '',
  ...more,
})
const id = idOf<TripId>(20, 1)
const codes = (stops: readonly Stop[], others: Parameters<typeof tripFaults>[1] = []) =>
  tripFaults({ id, stops, bags: [] }, others).map(({ code }) => code)

describe('somebody on the move', () => {
  it('may be in two stops on the day of moving, and on no other', () => {
    expect(codes([stop(1, {}), stop(2, { from: d(9), to: d(11) })])).toEqual([])
    expect(codes([stop(1, {}), stop(2, { from: d(8), to: d(11) })])).toEqual(['in_two_stops'])
    expect(codes([stop(1, { to: d(7) }), stop(2, { to: d(7) })])).toEqual(['in_two_stops'])
    // A day on the way, before the next stop begins.
    expect(codes([stop(1, { to: d(7) }), stop(2, { from: d(7), to: d(9) })])).toEqual([])
  })
  it('may come back from one trip and leave for the next on the same day', () => {
    const other = {
      id: idOf<TripId>(20, 2),
      name: 'Camp',
      stops: [stop(3, { from: d(9), to: d(12) })],
    }
    expect(codes([stop(1, {})], [other])).toEqual([])
    expect(codes([stop(1, { to: d(10) })], [other])).toEqual(['in_two_trips'])
    // A trip is not in its own way.
    expect(codes([stop(1, { to: d(10) })], [{ ...other, id }])).toEqual([])
  })
  it('is asked after where no stop says where they are', () => {
    const asked = {
      stops: [stop(1, { to: d(8) }), stop(2, { from: d(11), to: d(12) })],
      bags: [{ kitId: bagId(0), carrier: ilse.id, stowage: 'with_us' as const, filled: true }],
    }
    const questions = tripQuestions(asked, new Set([ilse.id]))
    expect(tripQuestions(asked, new Set()).map(({ code }) => code)).toEqual([
      'who_is_gone',
      'who_is_gone',
    ])
    expect(questions).toEqual([{ code: 'where_on', member: ilse.id, from: d(9), to: d(10) }])
  })
})

describe('what is not said', () => {
  it('is asked, and taken at its worst: help is far, and a stop without a bag is told', () => {
    const far = stop(1, { minutesToHelp: null })
    expect(
      tripQuestions({ stops: [far], bags: [] }, new Set([ilse.id])).map(({ code }) => code),
    ).toEqual(['how_far', 'no_bag'])
    expect(traitsOf(far)).toContain('remote')
    expect(traitsOf(stop(1, { minutesToHelp: 59 }))).not.toContain('remote')
  })
})

describe('a part of the party', () => {
  it('has the bags of those who are there, and the kits of a place of ours', () => {
    const { trip, stock } = goneOut({
      scene: { members: [ilse, tove], put: [] },
      bags: [
        { litres: 3, grams: 2000, carrier: ilse.id },
        { litres: 3, grams: 2000, carrier: tove.id },
      ],
      stops: [{ members: [ilse.id] }, { members: [tove.id], placeId: idOf<PlaceId>(1, 2) }],
    })
    expect(scenesOf(trip, stock).map(({ bags, kits }) => [bags, kits.length])).toEqual([
      [[bagId(0)], 0],
      [[bagId(1)], 1],
    ])
  })
  it('is asked for what a home would by night, for what a bag does on a day out on foot', () => {
    expect(reachOf(stop(1, { to: d(7), travel: 'foot' }))).toBe('bag')
    expect(reachOf(stop(1, { to: d(7), travel: 'car' }))).toBe('vehicle')
    expect(reachOf(stop(1, { to: d(8), travel: 'foot' }))).toBe('home')
  })
  it('counts its days, both ends, and a guest who is named for longer than was said at home', () => {
    const guest = aPerson(9, { guestUntil: d(8) })
    const { trip, stock } = goneOut({
      scene: { members: [ilse, guest], put: [] },
      bags: [],
      stops: [{ members: [ilse.id, guest.id], from: d(7), to: d(10) }],
    })
    const [scene] = scenesOf(trip, stock)
    if (!scene) throw new Error('The trip has a stop')
    const on = (day: typeof DAY) => questionOf(scene, stock, NO_WISHES, day)
    expect(on(d(7)).days).toBe(4)
    expect([on(d(8)).members.size, on(d(9)).members.size]).toEqual([2, 2])
  })
  it('that leaves nobody behind keeps nothing ready at home', () => {
    const gone = (members: readonly (typeof ilse)[]) => {
      const { trip, stock } = goneOut({
        scene: { members: [ilse, tove], put: [] },
        bags: [],
        stops: [{ members: members.map((one) => one.id) }],
      })
      return staysOf(trip, stock).map(({ placeId, question }) => [placeId, question.members.size])
    }
    expect(gone([ilse])).toEqual([[HOME, 1]])
    expect(gone([ilse, tove])).toEqual([])
  })
})

it('regular medicines are counted from the first to the last day of whoever takes them, and two more', () => {
  const stops = [stop(1, {}), stop(2, { from: d(9), to: d(14), members: [ilse.id, tove.id] })]
  expect(medicineDaysOf({ stops }, ilse.id)).toBe(10)
  expect(medicineDaysOf({ stops }, tove.id)).toBe(8)
  expect(medicineDaysOf({ stops }, aPerson(3).id)).toBeNull()
})

describe('what is there without being packed', () => {
  const PUT = [{ of: 'gauze', kit: 1 }]
  const kitsIn = (
    goesWith: GoesWith | null,
    more: Partial<Stop> = {},
    bags: Parameters<typeof goneOut>[0]['bags'] = [],
  ) => {
    const { trip, stock } = goneOut({
      scene: { members: [ilse, tove], put: PUT, kits: [{}, { goesWith }] },
      bags,
      stops: [{ members: [ilse.id], ...more }],
    })
    return scenesOf(trip, stock)[0]?.kits.length
  }
  const CAR = idOf<PlaceId>(1, 2)
  const carried = (memberId = ilse.id, to: readonly PlaceId[] = []): GoesWith => ({
    memberId,
    to,
    since: null,
  })
  it('a kit that goes with somebody everywhere comes along with them, and with nobody else', () => {
    expect(kitsIn(carried())).toBe(1)
    expect(kitsIn(carried(tove.id))).toBe(0)
    expect(kitsIn(carried(ilse.id, [HOME]))).toBe(0)
    expect(kitsIn(carried(ilse.id, [HOME]), { placeId: HOME })).toBe(2)
  })
  it('a car that stays with them brings its kits; left at home it brings none', () => {
    expect(kitsIn(null, { travel: 'car' })).toBe(0)
    expect(kitsIn(null, { travel: 'car', vehicleId: CAR })).toBe(1)
  })
  it('nothing is taken out of what goes with somebody', () => {
    const { trip, laid, rooms } = goneOut({
      scene: { members: [ilse, tove], put: [{ of: 'gauze' }], kits: [{ goesWith: carried() }] },
      bags: [{ litres: 3, grams: 2000, carrier: ilse.id }],
      stops: [{ members: [ilse.id] }],
    })
    expect(layOutTrip(laid, trip, rooms).problem.pieces).toEqual([])
  })
  it('those who stay do not reckon with what the others carry', () => {
    const { trip, stock } = goneOut({
      scene: { members: [ilse, tove], put: PUT, kits: [{}, { goesWith: carried() }] },
      bags: [],
      stops: [{ members: [ilse.id] }],
    })
    expect(staysOf(trip, stock)[0]?.question.kits.size).toBe(1)
  })
})

describe('whole days away', () => {
  const trip = {
    stops: [
      stop(1, { members: [ilse.id, tove.id] }),
      stop(2, { from: d(9), to: d(12), placeId: HOME, members: [tove.id] }),
    ],
  }
  it('neither the day of leaving nor the day of coming back, and not where the trip leads', () => {
    expect(daysElsewhere([trip], idOf<PlaceId>(1, 2))).toEqual([
      { memberId: ilse.id, from: d(8), to: d(8) },
      { memberId: tove.id, from: d(8), to: d(11) },
    ])
    expect(daysElsewhere([trip], HOME).map(({ memberId }) => memberId)).toEqual([ilse.id])
    expect(daysElsewhere([{ stops: [stop(1, { to: d(8) })] }], HOME)).toEqual([])
  })
})

describe('planned again', () => {
  it('falls on the same days of the week, after today and after the earlier one, with its parts as they lay', () => {
    const { trip } = goneOut({
      scene: { members: [ilse], put: [] },
      bags: [],
      stops: [
        { members: [ilse.id], from: d(-40), to: d(-37), note: 'Key under the stone' },
        { members: [ilse.id], from: d(-37), to: d(-34) },
      ],
    })
    const again = tripAgain(trip, DAY, () => idOf<StopId>(21, 99))
    expect(again.stops.map(({ from, to }) => [from, to])).toEqual([
      [d(2), d(5)],
      [d(5), d(8)],
    ])
    expect(again.stops[0]).toMatchObject({ id: idOf<StopId>(21, 99), note: 'Key under the stone' })
    const toCome = { ...trip, stops: [stop(1, { from: d(3), to: d(11) })] }
    expect(tripAgain(toCome, DAY, () => idOf<StopId>(21, 99)).stops[0]?.from).toBe(d(17))
    const gone = { ...trip, stops: [stop(1, { from: d(-7), to: d(-7) })] }
    expect(tripAgain(gone, DAY, () => idOf<StopId>(21, 99)).stops[0]?.from).toBe(d(7))
  })
})

describe('a bag that is on a trip', () => {
  it('counts for nothing at home: what is in it is not there', () => {
    const home = (isAway: boolean) => {
      const { stock } = goneOut({
        scene: { members: [ilse], put: [{ of: 'pressure-dressing', count: 4, kit: 49 }] },
        bags: [{ litres: 3, grams: 2000, carrier: ilse.id }],
        stops: [{ members: [ilse.id] }],
      })
      const laid = pantry({
        ...stock,
        kits: stock.kits.map((kit) => (kit.id === bagId(0) ? { ...kit, isAway } : kit)),
      })
      const place = laid.stock.places[0]
      if (!place) throw new Error('There is a home')
      const { rows } = board(laid, questionAt(laid.stock, place, DAY))
      return stateOf({ rows, members: [] }, 'bleed-heavy', ilse)
    }
    expect([home(false), home(true)]).toEqual(['covered', 'none'])
  })
  it('is away from the first day to the last', () => {
    const trip = {
      stops: [stop(1, {}), stop(2, { from: d(9), to: d(12) })],
      bags: [{ kitId: bagId(0), carrier: ilse.id, stowage: 'with_us' as const, filled: true }],
    }
    expect([6, 7, 12, 13].map((after) => bagsAwayOn([trip], d(after)).size)).toEqual([0, 1, 1, 0])
  })
})

describe('a bag of two trips', () => {
  it('is elsewhere where their days meet, the last one included', () => {
    const one = (from: number, to: number) =>
      goneOut({
        scene: { members: [ilse], put: [] },
        bags: [{ litres: 2, grams: 500, carrier: ilse.id }],
        stops: [{ members: [ilse.id], from: d(from), to: d(to) }],
      }).trip
    expect([...bagsElsewhere(one(1, 3), [one(3, 5)])]).toEqual([bagId(0)])
    expect([...bagsElsewhere(one(4, 9), [one(5, 6)])]).toEqual([bagId(0)])
    expect([...bagsElsewhere(one(1, 2), [one(3, 5)])]).toEqual([])
    expect([...bagsElsewhere({ stops: [] }, [one(3, 5)])]).toEqual([])
  })
})

describe('in a cabin', () => {
  const verdict = (entry: string, rules: 'eu' | 'us' = 'eu') => {
    const { facts } = aThing(entry)
    return cabinVerdict({ facts, mm: facts.entry?.size.mm ?? null }, rules)
  }
  const kind = (entry: string, rules?: 'eu' | 'us') => {
    const said = verdict(entry, rules)
    return said.kind === 'refused' ? said.because : said.kind
  }
  it.each([
    ['saline-bottle', 'liquid_too_large'],
    ['saline-pods', 'in_liquids'],
    ['acetaminophen-liquid', 'with_papers'],
    ['adrenaline-03', 'with_papers'],
    ['gauze', 'allowed'],
    ['peroxide-6', 'peroxide'],
    ['shears', 'blade'],
  ])('%s: %s', (entry, said) => expect(kind(entry)).toBe(said))
  it('a blade counts by the rules of the country', () => {
    const { facts } = aThing('scissors-blunt')
    const of = (mm: number, rules: 'eu' | 'us') =>
      cabinVerdict({ facts, mm: [mm, 60, 10] }, rules).kind
    expect([of(119, 'eu'), of(120, 'eu'), of(120, 'us'), of(200, 'us')]).toEqual([
      'allowed',
      'refused',
      'allowed',
      'refused',
    ])
  })
  it('what nobody has measured is refused: a blade of unknown length, a liquid in an unknown container', () => {
    expect(cabinVerdict({ facts: aThing('scissors-blunt').facts, mm: null }, 'us').kind).toBe(
      'refused',
    )
    expect(
      cabinVerdict(
        { facts: { ...aThing('soap-mild').facts, millilitres: null, isMedicine: false }, mm: null },
        'eu',
      ),
    ).toEqual({ kind: 'refused', because: 'liquid_unmeasured' })
  })
  it('the hold refuses spare cells, which the cabin takes', () => {
    const { facts } = aThing('lamp-cells')
    expect(holdVerdict({ facts, mm: null })).toEqual({ kind: 'refused', because: 'cells' })
    expect(kind('lamp-cells')).toBe('allowed')
  })
})
