/** Leaving the house: who does what, who rides where, what is taken, and what nobody has said. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aMember, aPantry, aPerson, DAY, type Put } from '../../../tests/support/cover'
import { idOf } from '../../../tests/support/ids'
import { board } from '../cover/board'
import { questionAt } from '../cover/scene'
import type { AnimalFacts, Member, PersonFacts } from '../household/member'
import type { MemberId, PlaceId } from '../ids'
import { type Evacuation, type EvacuationAsked, NOTHING_SAID } from './evacuation'
import { type EvacuationParty, evacuationParty, type Goer, helpOf } from './party'
import { planEvacuation } from './plan'
import { handsOnFoot, ridesFor, type Vehicle } from './rides'
import { scheduleTasks } from './schedule'
import { type EvacuationTask, evacuationTasks, TIERS_OF_EVACUATION, USUAL_SECONDS } from './tasks'

const HOUSE = idOf<PlaceId>(1, 1)
const hand = (n: number) => idOf<MemberId>(6, 900 + n)

// ---- one thing after the other -----------------------------------------------------------------

const aTask = (at: number, given: Partial<EvacuationTask> = {}): EvacuationTask => ({
  key: `t${at}`,
  kind: 'kit',
  about: null,
  by: null,
  seconds: 60,
  isMeasured: false,
  tier: 'rest',
  isEarly: false,
  after: [],
  ...given,
})
const someTasks = fc
  .array(
    fc.record({
      seconds: fc.integer({ min: 10, max: 300 }),
      tier: fc.constantFrom(...TIERS_OF_EVACUATION),
      waits: fc.boolean(),
    }),
    { maxLength: 14 },
  )
  .map((all) => {
    const sorted = [...all].sort(
      (a, b) => TIERS_OF_EVACUATION.indexOf(a.tier) - TIERS_OF_EVACUATION.indexOf(b.tier),
    )
    return sorted.map(({ seconds, tier, waits }, at) =>
      aTask(at, { seconds, tier, after: waits && at > 0 ? [`t${at - 1}`] : [] }),
    )
  })
const someHands = fc
  .integer({ min: 1, max: 4 })
  .map((n) => Array.from({ length: n }, (_, at) => hand(at)))

describe('who does what', () => {
  it('nobody does two things at once, nothing before what it waits for, nothing after the time', () => {
    fc.assert(
      fc.property(
        someTasks,
        someHands,
        fc.integer({ min: 60, max: 900 }),
        (tasks, hands, limit) => {
          const { steps, leftOut, done } = scheduleTasks(tasks, hands, limit)
          expect(steps.length + leftOut.length).toBe(tasks.length)
          const others = steps.filter(({ task }) => task.tier !== 'people')
          for (const { to } of others) expect(to).toBeLessThanOrEqual(limit)
          expect(leftOut.every(({ tier }) => tier !== 'people')).toBe(true)
          expect(done).toBe(Math.max(0, ...steps.map(({ to }) => to)))
          for (const by of hands) {
            const own = steps.filter((step) => step.by === by).sort((a, b) => a.from - b.from)
            own.slice(1).forEach((step, at) => {
              expect(step.from).toBeGreaterThanOrEqual(own[at]?.to ?? 0)
            })
          }
          for (const { task, from } of steps)
            for (const key of task.after) {
              const before = steps.find((one) => one.task.key === key)
              expect(before && before.to <= from).toBe(true)
            }
        },
      ),
    )
  })
  it('the people are out as soon with everything else to do as with nothing else', () => {
    fc.assert(
      fc.property(
        someTasks,
        someHands,
        fc.integer({ min: 60, max: 900 }),
        (tasks, hands, limit) => {
          const lastOf = (all: readonly EvacuationTask[]): number =>
            Math.max(
              limit,
              ...scheduleTasks(all, hands, limit).steps.flatMap(({ task, to }) =>
                task.tier === 'people' ? [to] : [],
              ),
            )
          const early = tasks.map((task) => ({ ...task, isEarly: task.tier === 'animals' }))
          const people = tasks.filter(({ tier }) => tier === 'people')
          expect(lastOf(tasks)).toBe(lastOf(people))
          expect(lastOf(early)).toBe(lastOf(people))
        },
      ),
    )
  })
  it('takes at most what the hands need together and the longest chain after another', () => {
    fc.assert(
      fc.property(someTasks, someHands, (tasks, hands) => {
        const { done, leftOut } = scheduleTasks(tasks, hands, 1e9)
        expect(leftOut).toEqual([])
        const sum = tasks.reduce((all, { seconds }) => all + seconds, 0)
        const chain = new Map<string, number>()
        for (const { key, seconds, after } of tasks)
          chain.set(key, seconds + Math.max(0, ...after.map((one) => chain.get(one) ?? 0)))
        expect(done).toBeLessThanOrEqual(
          sum / hands.length + Math.max(0, ...chain.values()) * TIERS_OF_EVACUATION.length,
        )
        if (hands.length === 1) expect(done).toBe(sum)
      }),
    )
  })
  it('where nobody has hands nothing is done, and that is not taken for being ready', () => {
    const { steps, leftOut } = scheduleTasks([aTask(0)], [], 600)
    expect([steps, leftOut.length]).toEqual([[], 1])
  })
})

// ---- who rides where ---------------------------------------------------------------------------

const goer = (at: number, drives: boolean): Goer => ({
  id: hand(at),
  name: `P${at}`,
  help: 'none',
  hasHands: true,
  drives,
})
const aCar = (
  at: number,
  seats: number | null,
  animals: number | null,
  isAway = false,
): Vehicle => ({
  id: idOf<PlaceId>(1, 50 + at),
  name: `Car ${at}`,
  facts: { seats, animals, isAway },
})
const aParty = (drivers: number, others: number, cats: number): EvacuationParty => ({
  people: [
    ...Array.from({ length: drivers }, (_, at) => goer(at, true)),
    ...Array.from({ length: others }, (_, at) => goer(drivers + at, false)),
  ],
  animals: Array.from({ length: cats }, (_, at) => ({
    id: hand(50 + at),
    name: `Cat ${at}`,
    species: 'cat' as const,
    out: 'carrier' as const,
    hides: true,
    where: '',
    sharesWith: null,
  })),
})

describe('who rides where', () => {
  it('seats as many as the best choice of vehicles does, and nobody twice', () => {
    fc.assert(
      fc.property(
        fc.nat({ max: 3 }),
        fc.nat({ max: 6 }),
        fc.nat({ max: 4 }),
        fc.array(fc.tuple(fc.integer({ min: 1, max: 6 }), fc.nat({ max: 3 }), fc.boolean()), {
          maxLength: 3,
        }),
        (drivers, others, cats, cars) => {
          const party = aParty(drivers, others, cats)
          const vehicles = cars.map(([seats, room, isAway], at) => aCar(at, seats, room, isAway))
          const { rides, unseated, left } = ridesFor(party, vehicles)
          const seated = rides.flatMap(({ people }) => people)
          expect(new Set(seated).size).toBe(seated.length)
          expect(seated.length + unseated.length).toBe(party.people.length)
          for (const { vehicle, people, driver } of rides) {
            expect(people[0]).toBe(driver)
            expect(people.length).toBeLessThanOrEqual(vehicle.facts?.seats ?? 1)
            expect(vehicle.facts?.isAway).toBe(false)
          }
          // By hand: the largest vehicles that somebody can drive.
          const there = cars.filter(([, , isAway]) => !isAway).map(([seats]) => seats)
          const most = there
            .sort((a, b) => b - a)
            .slice(0, drivers)
            .reduce((sum, seats) => sum + seats, 0)
          expect(seated.length).toBe(Math.min(party.people.length, most))
          expect(left.length).toBeGreaterThanOrEqual(
            cats - cars.reduce((sum, [, room]) => sum + room, 0),
          )
        },
      ),
    )
  })
  it('of those for whom there is no seat none is a child while an adult rides', () => {
    const party = aParty(1, 3, 0)
    const people = party.people.map((one, at) => (at < 3 ? one : { ...one, hasHands: false }))
    const { unseated } = ridesFor({ ...party, people }, [aCar(0, 3, 0)])
    expect(unseated).toEqual([hand(2)])
  })
  it('of a car of which nobody has said anything only the driver’s seat counts', () => {
    const { rides, unseated, left } = ridesFor(aParty(1, 1, 1), [
      { ...aCar(0, null, null), facts: null },
    ])
    expect([rides[0]?.people.length, unseated.length, left.length]).toEqual([1, 1, 1])
  })
  it('who shares a carrier goes where the other goes and takes no room', () => {
    const party = aParty(1, 0, 2)
    const [first, second] = party.animals
    if (!first || !second) throw new Error('Two cats')
    const pair = { ...party, animals: [first, { ...second, sharesWith: first.id }] }
    expect(ridesFor(pair, [aCar(0, 1, 1)]).rides[0]?.animals).toEqual([first.id, second.id])
    expect(ridesFor(pair, [aCar(0, 1, 0)]).left).toEqual([first.id, second.id])
    expect(handsOnFoot(pair)).toEqual({ have: 2, need: 1 })
  })
})

// ---- the whole plan ----------------------------------------------------------------------------

const said = (facts: Partial<PersonFacts>) => ({ facts })
const driver = aPerson(40, {
  name: 'Maren',
  helper: true,
  ...said({ evacuation: { drives: true } }),
})
const teen = aPerson(15, { name: 'Ida' })
const small = aPerson(3, { name: 'Sam' })
const baby = aPerson(0.5, { name: 'Ola' })
const elder = aPerson(82, { name: 'Tove' })
const cat = (name: string, evacuation?: AnimalFacts['evacuation']): Member =>
  aMember('cat', { name, kg: 4, facts: evacuation ? { evacuation } : {} })
const dog = aMember('dog', { name: 'Bracken', kg: 20 })

const asked = (home: readonly Member[], more: Partial<EvacuationAsked> = {}): EvacuationAsked => ({
  from: HOUSE,
  plan: 'ten',
  night: false,
  onFoot: false,
  home: home.map(({ id }) => id),
  ...more,
})
const CAR = aCar(0, 5, 3)
const planned = (
  home: readonly Member[],
  more: Partial<EvacuationAsked> = {},
  evacuation: Partial<Evacuation> = {},
  put: readonly Put[] = [],
) =>
  planEvacuation(
    {
      pantry: aPantry({ members: home, put, traits: ['night', 'tap'] }),
      evacuation: { ...NOTHING_SAID, ...evacuation },
      vehicles: [CAR],
      photos: new Set(),
    },
    asked(home, more),
    DAY,
  )

describe('who needs help', () => {
  it.each([
    ['a baby is carried', baby, 'carried'],
    ['a small child is led', small, 'hand'],
    ['a teenager goes alone', teen, 'none'],
    ['somebody of unknown age who helps nobody needs a hand', aPerson(null), 'hand'],
    ['a helper of unknown age needs none', aPerson(null, { helper: true }), 'none'],
    ['what was said wins', aPerson(30, said({ evacuation: { help: 'carried' } })), 'carried'],
  ] as const)('%s', (_, member, help) => {
    expect(helpOf(member, DAY)).toBe(help)
  })
  it('what only the household knows is asked: an elder’s legs, who drives, who hides', () => {
    const home = [elder, aPerson(40, { name: 'Per' }), cat('Mott'), dog]
    const { questions } = evacuationParty(home, new Set(home.map(({ id }) => id)), DAY)
    expect(questions.map((one) => [one.kind, 'name' in one ? one.name : ''])).toEqual([
      ['drives', 'Tove'],
      ['help', 'Tove'],
      ['drives', 'Per'],
      ['hides', 'Mott'],
    ])
  })
  it('until somebody says that they drive, nobody does', () => {
    const plan = planned([aPerson(40, { name: 'Per', helper: true })])
    expect(plan.gaps).toContainEqual({ kind: 'no_driver' })
  })
})

describe('the plan', () => {
  it('shuts in who hides first, and looks where nobody has said where', () => {
    const home = [driver, cat('Mott', { hides: true, where: 'bathroom' }), cat('Nib')]
    const { steps } = planned(home).schedule
    expect(steps[0]?.task.kind).toBe('shut_in')
    const shut = steps.filter(({ task }) => task.kind === 'shut_in')
    expect(shut.map(({ task }) => task.seconds)).toEqual([
      USUAL_SECONDS.shut_in + 120,
      USUAL_SECONDS.shut_in,
    ])
  })
  it('of a cat that does not hide nobody shuts a door', () => {
    const kinds = planned([driver, cat('Mott', { hides: false })]).schedule.steps.map(
      ({ task }) => task.kind,
    )
    expect(kinds).not.toContain('shut_in')
    expect(kinds).toContain('into_carrier')
  })
  it('by night whoever sleeps is woken: it takes longer', () => {
    const home = [driver, small, baby]
    const doneBy = (night: boolean) => planned(home, { night, plan: 'hour' }).schedule.done
    expect(doneBy(true) - doneBy(false)).toBe(3 * 60)
  })
  it('in ten minutes the rest is left before an animal, an animal before a person', () => {
    const home = [driver, small, baby, elder, cat('Mott'), cat('Nib'), dog]
    const { leftOut } = planned(home, { night: true }).schedule
    expect(leftOut.length).toBeGreaterThan(0)
    const tiers = new Set(leftOut.map(({ tier }) => tier))
    expect(tiers.has('people')).toBe(false)
    expect(tiers.has('rest')).toBe(true)
    // An hour is enough for everything.
    expect(planned(home, { plan: 'hour', night: true }).schedule.leftOut).toEqual([])
  })
  it('people who cannot be out in time are never left out of it: it is said how long it takes', () => {
    const many = [0, 1, 2, 3].map((at) => aPerson(3, { name: `Child ${at}` }))
    const { schedule, gaps } = planned([driver, ...many], { night: true })
    expect(schedule.leftOut.some(({ tier }) => tier === 'people')).toBe(false)
    expect(gaps[0]).toEqual({ kind: 'too_long', seconds: 60 + 60 + 4 * 180 + 120 })
  })
  it('when only the teenager is home she does it all, and nobody drives', () => {
    const plan = planned([teen, small, dog])
    expect(new Set(plan.schedule.steps.flatMap(({ task, by }) => (task.by ? [] : [by])))).toEqual(
      new Set([teen.id]),
    )
    expect(plan.gaps.map(({ kind }) => kind)).toEqual(['no_driver', 'nowhere'])
  })
  it('with nobody who has hands it says so', () => {
    expect(planned([small, dog]).gaps.map(({ kind }) => kind)).toContain('no_hands')
  })
  it('on foot hands are counted: a child, a lead and a carrier each take one', () => {
    const home = [driver, small, cat('Mott'), dog]
    expect(planned(home, { onFoot: true }).gaps).toContainEqual({
      kind: 'few_hands',
      have: 2,
      need: 3,
    })
    expect(planned(home, { onFoot: true }).rides).toBeNull()
  })
  it('who has no seat and what has no room is named', () => {
    const others = [0, 1, 2, 3, 4].map((at) => aPerson(30 + at, { name: `Guest ${at}` }))
    const cats = [0, 1, 2, 3].map((at) => cat(`Cat ${at}`))
    const { gaps } = planned([driver, ...others, ...cats])
    expect(gaps).toContainEqual({ kind: 'no_seat', names: ['Guest 4'] })
    expect(gaps).toContainEqual({ kind: 'no_room', names: ['Cat 3'] })
  })
  it('three refuges of which none takes animals are a gap; one of which nobody asked is a question', () => {
    const refuge = { name: 'Anna', phone: '', address: 'Hill 2', takesAnimals: false }
    const home = [driver, dog]
    expect(planned(home, {}, { goTo: [refuge] }).gaps).toContainEqual({
      kind: 'nowhere_for_animals',
    })
    const asks = planned(home, {}, { goTo: [{ ...refuge, takesAnimals: null }] })
    expect(asks.gaps.map(({ kind }) => kind)).not.toContain('nowhere_for_animals')
    expect(asks.questions).toContainEqual({ kind: 'animals_there', name: 'Anna' })
  })
  it('a rehearsal’s times are taken from then on, for the plan that was rehearsed', () => {
    const key = 'kit'
    const rehearsals = [
      { on: DAY, plan: 'ten' as const, seconds: 300, steps: { [key]: 200 } },
      { on: DAY, plan: 'ten' as const, seconds: 250, steps: { [key]: 25 } },
    ]
    const taskIn = (plan: 'ten' | 'hour') =>
      planned([driver], { plan }, { rehearsals }).schedule.steps.find(
        ({ task }) => task.key === key,
      )?.task
    expect(taskIn('ten')).toMatchObject({ seconds: 25, isMeasured: true })
    expect(taskIn('hour')).toMatchObject({ seconds: USUAL_SECONDS.kit, isMeasured: false })
  })
})

describe('what is taken', () => {
  const loadOf = (plan: ReturnType<typeof planned>, need: string) =>
    plan.loads.loads.find((one) => one.need === need)
  const carriers: readonly Put[] = [{ of: 'carrier', count: 1 }]

  it('two cats and one carrier: one is missing, here and on the board alike', () => {
    const home = [driver, cat('Mott'), cat('Nib')]
    expect(loadOf(planned(home, {}, {}, carriers), 'leave-carried')).toMatchObject({
      isReady: false,
      missing: 1,
      uses: 2,
    })
    const pantry = aPantry({ members: home, put: carriers, traits: ['night'] })
    const [place] = pantry.stock.places
    const row =
      place &&
      board(pantry, questionAt(pantry.stock, place, DAY)).rows.find(
        ({ need }) => need.id === 'leave-carried',
      )
    expect(row?.together?.state).toBe('thin')
  })
  it('a pair that shares one is ready with one', () => {
    const mott = cat('Mott')
    const home = [driver, mott, cat('Nib', { sharesWith: mott.id })]
    const plan = planned(home, { plan: 'hour' }, {}, carriers)
    expect(loadOf(plan, 'leave-carried')).toMatchObject({ isReady: true, uses: 1 })
    const into = plan.schedule.steps.filter(({ task }) => task.kind === 'into_carrier')
    expect(into.map(({ task }) => [task.about, task.seconds])).toEqual([
      [mott.id, 2 * USUAL_SECONDS.into_carrier],
    ])
  })
  it('a pair of which the other is not there has no carrier to share', () => {
    const mott = cat('Mott')
    const nib = cat('Nib', { sharesWith: mott.id })
    const home = [driver, nib]
    expect(loadOf(planned(home), 'leave-carried')).toMatchObject({ missing: 1, uses: 1 })
    // Nor do two that each name the other.
    const both = [
      driver,
      { ...mott, facts: { ...mott.facts, evacuation: { sharesWith: nib.id } } },
      nib,
    ]
    expect(loadOf(planned(both as Member[]), 'leave-carried')).toMatchObject({ uses: 2 })
  })
  it('water is counted for everybody and the days that were said, not from the tap', () => {
    const home = [driver, small]
    const water = loadOf(planned(home), 'hold-out-water')
    expect(water).toMatchObject({ isReady: false, uses: 24 })
    expect(loadOf(planned(home, {}, { days: 7 }), 'hold-out-water')?.uses).toBe(56)
    const enough = planned(home, {}, {}, [{ of: 'water-bottle', count: 60 }])
    expect(loadOf(enough, 'hold-out-water')).toMatchObject({ isReady: true, missing: 0 })
    expect(loadOf(enough, 'hold-out-water')?.sources[0]?.pocket.name).toBe('Pocket 0')
  })
})

describe('every step', () => {
  it('has its own key, so that its time is found again', () => {
    const home = [driver, teen, small, baby, elder, cat('Mott'), cat('Nib'), dog]
    const { party } = evacuationParty(home, new Set(home.map(({ id }) => id)), DAY)
    for (const plan of ['ten', 'hour'] as const) {
      const keys = evacuationTasks(party, { plan, night: true, measured: {} }).map(({ key }) => key)
      expect(new Set(keys).size).toBe(keys.length)
    }
  })
})
