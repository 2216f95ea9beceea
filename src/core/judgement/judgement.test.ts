/** The judgement: every day as if judged alone, and what a place is ready for, named. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aMember, aPantry, aPerson, DAY, type Put, type Scene } from '../../../tests/support/cover'
import { addDays, type PlainDate, weekdayOf } from '../calendar/plainDate'
import { CATALOGUE, catalogue } from '../catalogue/catalogue'
import { ASK_FIRST } from '../cover/askFirst'
import { board, type Row } from '../cover/board'
import { NEEDS } from '../cover/needs'
import type { CoverPlace, Pantry } from '../cover/pantry'
import { MONTHS_MATTER_UNTIL } from '../cover/patientBook'
import { RULES } from '../cover/rules'
import { expectedAt, questionAt } from '../cover/scene'
import { judgeAgain } from './again'
import { stretches } from './days'
import { judge, judgePlace } from './judgement'
import { isCounted, membersOf, missingIn, readinessOf } from './readiness'

const ned = aPerson(8, {
  kg: 26,
  facts: {
    conditions: ['asthma', 'anaphylaxis'],
    skills: [{ skill: 'auto-injector', until: null, by: 'School' }],
  },
})
const runa = aPerson(2.9, { kg: 13 })
const ilse = aPerson(40, {
  helper: true,
  facts: {
    gloveSize: 'S',
    skills: [{ skill: 'tourniquet', until: addDays(DAY, 20), by: 'School' }],
  },
})
const guest = aPerson(30, { guestUntil: addDays(DAY, 9) })
/** Comes at weekends, for some weeks. */
const weekly = aPerson(5, { kg: 18, guestUntil: addDays(DAY, 50), guestDays: [6, 7] })
const dog = aMember('dog', { kg: 14 })
const ALL = [ned, runa, ilse, guest, dog]

const placeOf = ({ stock }: Pantry, at = 0) => {
  const place = stock.places[at]
  if (!place) throw new Error('The scene has two places')
  return place
}
const states = (rows: readonly Row[]) =>
  rows.flatMap(({ need, cells, together }) => [
    ...cells.map(({ memberId, state, have }) => `${need.id}/${memberId}/${state}/${have}`),
    `${need.id}/together/${together?.state}/${together?.have}`,
  ])
const boardOn = (laid: Pantry, day: PlainDate) =>
  board(laid, questionAt(laid.stock, placeOf(laid), day)).rows

const aPut = fc.record({
  of: fc.constantFrom(...CATALOGUE.map(({ id }) => id)),
  count: fc.integer({ min: 1, max: 8 }),
  days: fc.option(fc.integer({ min: -5, max: 70 }), { nil: undefined }),
}) as fc.Arbitrary<Put>

describe('the days until the next check', () => {
  it('are each as if that day were judged alone', () => {
    fc.assert(
      fc.property(
        fc.array(aPut, { minLength: 3, maxLength: 25 }),
        fc.subarray(['night', 'vehicle', 'ticks', 'blades', 'cold'] as const),
        fc.constantFrom(null, 'body', 'bag', 'vehicle', 'away'),
        (put, traits, range) => {
          const laid = aPantry({
            members: [...ALL, weekly],
            put,
            traits,
            kits: [{ range }],
            courses: put
              .slice(0, 1)
              .map(({ of }) => ({ member: dog, of, endsOn: addDays(DAY, 30) })),
          })
          const made = stretches(laid, placeOf(laid), { from: DAY, to: addDays(DAY, 65) })
          for (let ahead = 0; ahead <= 65; ahead++) {
            const day = addDays(DAY, ahead)
            const of = made.findLast(({ from }) => from <= day)
            expect([day, states(of?.rows ?? [])]).toEqual([day, states(boardOn(laid, day))])
          }
        },
      ),
      { numRuns: 25 },
    )
  })
  it('name the lots that end where something lapses, and for whom', () => {
    const laid = aPantry({
      members: [ned],
      put: [
        { of: 'adrenaline-03', count: 2, days: 10 },
        { of: 'reliever-inhaler', count: 1 },
      ],
    })
    const judged = judgePlace(laid, placeOf(laid), { from: DAY, to: addDays(DAY, 30) })
    expect(judged.lapses.filter(({ tier }) => tier === 'life')).toEqual([
      {
        problemId: 'anaphylaxis',
        name: 'Known anaphylaxis',
        tier: 'life',
        from: addDays(DAY, 11),
        members: [ned.id],
        ended: [laid.stock.lots[0]?.id],
      },
    ])
    expect(judgePlace(laid, placeOf(laid), { from: DAY, to: addDays(DAY, 10) }).lapses).toEqual([])
  })
  it('are cut at every age that a rule, a need or a label names', () => {
    const named = [...RULES, ...ASK_FIRST].flatMap(({ whom }) => [
      whom.fromMonths,
      whom.underMonths,
    ])
    const asked = NEEDS.flatMap(({ atRisk }) => [atRisk.fromMonths, atRisk.underMonths])
    const labels = [...catalogue().values()].flatMap(({ madeFor }) => [
      madeFor.fromMonths,
      madeFor.toMonths,
    ])
    for (const months of [...named, ...asked, ...labels])
      if (months !== undefined && months !== null)
        expect([months, months <= MONTHS_MATTER_UNTIL || months % 12 === 0]).toEqual([months, true])
  })
})

describe('who is expected', () => {
  const nobodySaid = { usuallyThere: [], isStore: false } as const
  const at = (
    place: Pick<CoverPlace, 'usuallyThere' | 'isStore'>,
    others: (typeof place)[] = [],
  ) => [...expectedAt(place, { members: ALL, places: [place, ...others] as CoverPlace[] }, DAY)]
  it('is everybody where nobody has said', () => {
    expect(at(nobodySaid)).toEqual(ALL.map(({ id }) => id))
  })
  it('is who is usually there, and guests where the household lives', () => {
    const car = { usuallyThere: [ilse.id], isStore: false }
    const home = { usuallyThere: [ilse.id, ned.id, runa.id, dog.id], isStore: true }
    expect(at(car, [home])).toEqual([ilse.id])
    expect(at(home, [car])).toEqual(ALL.map(({ id }) => id))
  })
  it('never leaves anybody out everywhere: who is named nowhere is where the household lives', () => {
    const car = { usuallyThere: [ilse.id], isStore: false }
    const home = { usuallyThere: [ilse.id], isStore: true }
    expect(at(home, [car])).toContain(dog.id)
    expect(at(car, [home])).not.toContain(dog.id)
    // A household that lives nowhere of these: wherever they are, they are expected.
    expect(at(car)).toContain(dog.id)
  })
  it('is a guest of every week on those days alone, and nobody else’s child on a Monday', () => {
    const stock = { members: [...ALL, weekly], places: [] }
    const days = Array.from({ length: 70 }, (_, at) => addDays(DAY, at))
    const here = days.filter((day) => expectedAt(nobodySaid, stock, day).has(weekly.id))
    expect(here.map(weekdayOf).every((day) => day === 6 || day === 7)).toBe(true)
    expect(here).toEqual(days.filter((day) => weekdayOf(day) >= 6 && day <= addDays(DAY, 50)))
    expect(here.length).toBeGreaterThan(12)
    // Who has come to stay is here every day, whatever was said while they were a guest.
    const stays = { ...weekly, guestUntil: null }
    const all = { members: [...ALL, stays], places: [] }
    expect(days.every((day) => expectedAt(nobodySaid, all, day).has(stays.id))).toBe(true)
  })
  it('leaves guests out after their last day, and those who are gone out of what was said', () => {
    const stock = { members: ALL, places: [] }
    expect([...expectedAt(nobodySaid, stock, addDays(DAY, 10))]).not.toContain(guest.id)
    const gone = { ...nobodySaid, usuallyThere: ['gone' as never] }
    expect([...expectedAt(gone, stock, DAY)]).toHaveLength(5)
  })
})

const today = (scene: Scene) => {
  const laid = aPantry(scene)
  return readinessOf(boardOn(laid, DAY))
}
const names = (scene: Scene) => missingIn(today(scene)).map(({ name }) => name)

describe('what a place is ready for', () => {
  it('counts life-saving and urgent problems, never comfort, and never a share of one', () => {
    const found = today({ members: [ilse], put: [], traits: ['tap'] })
    const counted = found.problems.filter(isCounted)
    expect(found.of).toBe(counted.length)
    expect(found.ready).toBe(counted.filter(({ missing }) => missing.length === 0).length)
    expect(found.problems.some(({ tier }) => tier === 'comfort')).toBe(true)
  })
  it('names the life-saving ones first', () => {
    const tiers = missingIn(today({ members: ALL, put: [] })).map(({ tier }) => tier)
    expect(tiers).toEqual([...tiers].sort())
    expect(tiers[0]).toBe('life')
  })
  it('is not ready for many at once with enough for one', () => {
    const blankets = (count: number) =>
      today({
        members: [ilse, ned],
        put: [{ of: 'foil-blanket', count }],
        traits: ['cold'],
      }).problems.find(({ id }) => id === 'chilled')
    expect(blankets(2)?.isReady).toBe(true)
    const one = blankets(1)
    expect(one && [one.isReady, membersOf(one), one.missing[0]?.cell.state]).toEqual([
      false,
      [],
      'thin',
    ])
  })
  it('expects of a pouch what bridges the way, of a car what reaches the clinic', () => {
    const away = { members: [ilse], put: [], traits: ['night', 'remote'] } as const
    const of = (range: 'body' | 'bag' | 'vehicle' | 'away') => names({ ...away, kits: [{ range }] })
    expect(of('body')).not.toContain('Three days of water')
    expect(of('bag')).not.toContain('Fever and pain')
    expect(of('body')).toContain('Heavy bleeding')
    expect(of('vehicle')).toContain('Broken limb')
    expect(of('vehicle')).not.toContain('Three days of water')
    expect(of('away')).toContain('Three days of water')
  })
  it('expects more of what reaches further, never less', () => {
    const sizes = (['body', 'bag', 'vehicle', 'home', 'away'] as const).map(
      (range) => today({ members: ALL, put: [], traits: ['night', 'cold'], kits: [{ range }] }).of,
    )
    expect(sizes).toEqual([...sizes].sort((a, b) => a - b))
    expect(new Set(sizes.slice(0, 4)).size).toBe(4)
  })
  it('of the animals’ kit nothing for people, and of the people’s nothing for animals', () => {
    const members = [aPerson(60), dog]
    const of = (whom: 'people' | 'animals') => names({ members, put: [], kits: [{ whom }] })
    expect(of('animals')).not.toContain('Chest pain')
    expect(of('animals')).toContain('Torn nail')
    expect(of('people')).toContain('Chest pain')
    expect(of('people')).not.toContain('Torn nail')
  })
  it('leaves out what the keeper does not keep ready there, and counts it neither way', () => {
    const scene = { members: [aPerson(60)], put: [] } as const
    const before = today(scene)
    const laid = aPantry(scene)
    const after = today({
      ...scene,
      leftOut: [
        {
          placeId: placeOf(laid).id,
          needId: 'chest-pain',
          memberId: null,
          reason: 'Two minutes to a ward',
        },
      ],
    })
    expect([before.of - after.of, before.ready - after.ready]).toEqual([1, 0])
    expect(missingIn(after).map(({ id }) => id)).not.toContain('chest-pain')
  })
  it('leaves out for one member what is still expected for the others', () => {
    const [tove, grete] = [aPerson(60), aPerson(70)]
    const scene = { members: [tove, grete], put: [] }
    const laid = aPantry(scene)
    const chest = today({
      ...scene,
      leftOut: [
        {
          placeId: placeOf(laid).id,
          needId: 'chest-pain',
          memberId: tove.id,
          reason: 'The doctor said: call only',
        },
      ],
    }).problems.find(({ id }) => id === 'chest-pain')
    expect(chest && membersOf(chest)).toEqual([grete.id])
  })
  it('far from help asks more of what holds out than of what is only carried', () => {
    const scene = (range: 'body' | 'away'): Scene => ({
      members: [aPerson(30)],
      put: [
        { of: 'non-stick-pad', count: 2 },
        { of: 'tape-paper', count: 1 },
      ],
      traits: ['remote', 'tap'],
      minutes: 90,
      kits: [{ range }],
    })
    const wound = (range: 'body' | 'away') =>
      today(scene(range)).problems.find(({ id }) => id === 'wound')?.isReady
    expect([wound('body'), wound('away')]).toEqual([true, false])
  })
})

describe('judged again after an act', () => {
  const at = (laid: Pantry, days: number) =>
    new Map(laid.stock.places.map(({ id }) => [id, addDays(DAY, days)]))
  it('says what judging from scratch says, whatever was put in, used up, changed or taken away', () => {
    fc.assert(
      fc.property(
        fc.array(aPut, { minLength: 2, maxLength: 20 }),
        fc.array(aPut, { maxLength: 3 }),
        fc.nat(20),
        fc.nat(20),
        fc.boolean(),
        (put, added, gone, changed, isSomebodyElse) => {
          const scene = (of: readonly Put[], members = ALL) =>
            aPantry({
              members,
              put: of,
              traits: ['night', 'vehicle'],
              courses: of
                .slice(0, 1)
                .map((one) => ({ member: dog, of: one.of, endsOn: addDays(DAY, 30) })),
            })
          const first = scene(put)
          const later = [
            ...put
              .filter((_, n) => n === 0 || n !== gone % put.length)
              .map((one, n) =>
                n === changed % put.length
                  ? { ...one, count: (one.count ?? 1) + 2, days: 12 }
                  : one,
              ),
            ...added,
          ]
          const second = scene(later, isSomebodyElse ? ALL.slice(1) : ALL)
          const before = { pantry: first, judgement: judge(first, DAY, at(first, 65)) }
          const again = judgeAgain(before, second, DAY, at(second, 65))
          const whole = judge(second, DAY, at(second, 65))
          for (const [n, one] of again.places.entries()) {
            const other = whole.places[n]
            expect(states(one.today.problems.flatMap(({ rows }) => rows))).toEqual(
              states(other?.today.problems.flatMap(({ rows }) => rows) ?? []),
            )
            expect([one.today.ready, one.today.of]).toEqual([other?.today.ready, other?.today.of])
            const told = (lapses: typeof one.lapses) =>
              lapses.map((lapse) => JSON.stringify(lapse)).sort()
            expect(told(one.lapses)).toEqual(told(other?.lapses ?? []))
          }
        },
      ),
      { numRuns: 60 },
    )
  })
  it('knows what leans on what is gone: each thing of the catalogue without its companion', () => {
    const all = [...catalogue().values()]
    let differ = 0
    for (const { id, companions, lickRisk } of all)
      for (const role of [
        ...companions.map((one) => one.role),
        ...(lickRisk ? (['lick-guard'] as const) : []),
      ]) {
        const player = all.find(({ roles }) => roles.includes(role))
        if (!player || player.id === id) continue
        const scene = (...of: readonly string[]) =>
          aPantry({
            members: ALL,
            put: of.map((one) => ({ of: one, count: 9 })),
            traits: ['night'],
          })
        const [first, second] = [scene(id, player.id), scene(id)]
        const before = { pantry: first, judgement: judge(first, DAY, at(first, 0)) }
        const [again] = judgeAgain(before, second, DAY, at(second, 0)).places
        const [whole] = judge(second, DAY, at(second, 0)).places
        const rowsOf = (one: typeof again) =>
          states(one?.today.problems.flatMap(({ rows }) => rows) ?? [])
        expect([id, rowsOf(again)]).toEqual([id, rowsOf(whole)])
        if (again?.today.ready !== before.judgement.places[0]?.today.ready) differ += 1
      }
    expect(differ).toBeGreaterThan(3)
  })
  it('judges nothing again where nothing changed, and all of it on another day', () => {
    const put: readonly Put[] = [{ of: 'adrenaline-03', count: 2, days: 10 }]
    const laid = aPantry({ members: [ned], put })
    const before = { pantry: laid, judgement: judge(laid, DAY, at(laid, 30)) }
    const same = judgeAgain(before, aPantry({ members: [ned], put }), DAY, at(laid, 30))
    expect(same.places[0]?.today).toBe(before.judgement.places[0]?.today)
    const tomorrow = addDays(DAY, 1)
    expect(judgeAgain(before, laid, tomorrow, at(laid, 30)).places).toEqual(
      judge(laid, tomorrow, at(laid, 30)).places,
    )
  })
})
