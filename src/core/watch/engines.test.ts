/** Every engine is heard: its errands, what they bring, and its place in the headline. */
import { describe, expect, it } from 'vitest'
import { aMember, aPerson } from '../../../tests/support/cover'
import { TODAY, visits } from '../../../tests/support/household'
import { idOf } from '../../../tests/support/ids'
import { type Household, headlineOf, knownOf } from '../../../tests/support/known'
import { addDays, plainDate } from '../calendar/plainDate'
import type { GoesWith } from '../household/goesWith'
import type { Kit } from '../household/places'
import type { LotId, PlaceId, PocketId } from '../ids'
import { units } from '../quantity/amount'
import { UNSAID } from '../trips/trip'
import {
  anErrand,
  ENGINE_OF,
  ENGINES,
  ERRAND_ACTS,
  type Errand,
  gravityOf,
  isPressed,
  PRESSED_ACTS,
} from './errand'
import { errands, type Known } from './errands'
import { gravest } from './gravest'
import type { TripToDo } from './ofTrips'

const ned = aPerson(12, {
  name: 'Ned',
  kg: 40,
  facts: {
    conditions: ['anaphylaxis'],
    skills: [{ skill: 'auto-injector', until: null, by: 'School' }],
  },
})
const bag = { kit: { range: 'body' } } as const
const of = (household: Household) => errands(knownOf(household))
const about = (all: readonly Errand[], act: Errand['act']) => all.filter((one) => one.act === act)

describe('the headline', () => {
  it('has a voice for every act of every engine: with it open, nothing is well', () => {
    const known = knownOf({ laid: [{ of: 'gauze', there: 2, par: 2, item: { own: {} } }] })
    const [place] = known.survey.places
    if (!place) throw new Error('made above')
    expect(headlineOf(known, []).code).toBe('all_well')
    const heard = new Set<string>()
    for (const act of ERRAND_ACTS) {
      const reason =
        act === 'set_aside'
          ? ({ code: 'recalled', lots: 1 } as const)
          : act === 'refill'
            ? ({ code: 'runs_out', lastDay: null, prescriber: '', openUntil: null } as const)
            : ({ code: 'dates_missing', count: 1 } as const)
      const open = [anErrand({ key: 'k', act, place, title: 'T', reason, memberId: ned.id })]
      const { code } = headlineOf(known, open)
      expect([act, code]).not.toEqual([act, 'all_well'])
      heard.add(ENGINE_OF[act])
    }
    expect([...heard].sort()).toEqual([...ENGINES].sort())
  })
  it('is not "all is well" while something is put off or on the list', () => {
    const known = knownOf({ laid: [{ of: 'gauze', there: 2 }] })
    expect(headlineOf(known, [], 1, 0)).toEqual({ code: 'put_off', later: 1, listed: 0 })
    expect(headlineOf(known, [], 0, 2)).toEqual({ code: 'put_off', later: 0, listed: 2 })
  })
  it('names what is life-saving and missing, whatever was put off', () => {
    const known = knownOf({ members: [ned], places: [bag], laid: [{ of: 'gauze', there: 1 }] })
    expect(headlineOf(known, [], 9, 9)).toMatchObject({
      code: 'not_ready',
      tier: 'life',
      place: { name: 'Place 1' },
      elsewhere: 0,
    })
  })
  it('speaks of the place where somebody is soonest', () => {
    const cottage = { presence: visits(['2026-12-05', '2026-12-07']), name: 'Cottage' }
    const known = knownOf({ members: [ned], places: [cottage, { name: 'Home' }] })
    // Nothing lies anywhere, so something has to: else nothing is kept here yet.
    expect(headlineOf(known).code).toBe('nothing_kept')
    const kept = knownOf({
      members: [ned],
      places: [cottage, { name: 'Home' }],
      laid: [{ of: 'gauze', there: 1 }],
    })
    expect(headlineOf(kept)).toMatchObject({ place: { name: 'Home' }, elsewhere: 1 })
  })
  it('says a medicine that ends within three days before what is merely urgent, and a week ahead after it', () => {
    const dog = aMember('dog', { name: 'Bracken', kg: 14 })
    const household = (there: number): Household => ({
      members: [dog],
      places: [{ kit: { range: 'body' } }],
      laid: [{ of: 'cetirizine-10', there }],
      courses: [{ member: dog, of: 'cetirizine-10' }],
    })
    expect(headlineOf(knownOf(household(2)))).toMatchObject({
      code: 'runs_out',
      count: 1,
      memberId: dog.id,
      lastDay: addDays(TODAY, 1),
    })
    expect(about(of(household(7)), 'refill')[0]?.due).toBe(addDays(TODAY, 6))
    expect(about(of(household(9)), 'refill')).toEqual([])
  })
})

describe('a target that is not met', () => {
  const pens = (there: number, par: number): Household => ({
    members: [ned],
    places: [bag],
    laid: [{ of: 'adrenaline-03', there, par }],
  })
  it('says what meeting it brings, and for whom', () => {
    const [topUp] = about(of(pens(0, 2)), 'top_up')
    expect(topUp?.brings).toEqual([
      {
        problemId: 'anaphylaxis',
        name: 'Known anaphylaxis',
        tier: 'life',
        members: [ned.id],
        from: null,
      },
    ])
    expect(topUp && gravityOf(topUp, TODAY)).toBe('life')
  })
  it('brings nothing where it would not be enough', () => {
    const all = of(pens(0, 1))
    expect(about(all, 'top_up')[0]?.brings).toEqual([])
    // What it does not close is an errand of its own.
    expect(about(all, 'buy').map(({ reason }) => reason)).toContainEqual(
      expect.objectContaining({ code: 'gap', problem: 'Known anaphylaxis', members: [ned.id] }),
    )
  })
  it('is not asked for a second time as a gap', () => {
    const gaps = about(of(pens(0, 2)), 'buy').flatMap(({ reason }) =>
      reason.code === 'gap' ? [reason.problem] : [],
    )
    expect(gaps).not.toContain('Known anaphylaxis')
  })
  it('that will lapse says until when the place is ready', () => {
    const [replace] = about(
      of({
        members: [ned],
        places: [bag],
        laid: [{ of: 'adrenaline-03', there: 2, par: 2, until: '2026-12-10' }],
      }),
      'replace',
    )
    expect(replace?.brings).toContainEqual(
      expect.objectContaining({ problemId: 'anaphylaxis', from: '2026-12-11' }),
    )
  })
})

describe('a gap that no target asks for', () => {
  const two = {
    members: [ned],
    places: [
      { name: 'Home', ...bag },
      { name: 'Car', ...bag },
    ],
  } as const
  it('is bought, for this place, with what it costs', () => {
    const [buy] = about(of({ ...two, laid: [{ of: 'gauze', there: 1 }] }), 'buy').filter(
      ({ reason }) => reason.code === 'gap' && reason.problem === 'Known anaphylaxis',
    )
    expect(buy).toMatchObject({
      place: { name: 'Home' },
      reason: { code: 'gap', state: 'none', packs: 2, ready: [] },
      brings: [{ problemId: 'anaphylaxis', members: [ned.id] }],
    })
    expect(buy?.reason).toHaveProperty('costMinor')
  })
  it('is carried where another place has more than belongs there, and never taken from its target', () => {
    const laid = (par: number): Household => ({
      ...two,
      laid: [{ of: 'adrenaline-03', at: 1, there: 4, par }],
    })
    const gap = (household: Household) =>
      of(household).find(
        ({ reason, place }) =>
          reason.code === 'gap' && reason.problem === 'Known anaphylaxis' && place.name === 'Home',
      )
    expect(gap(laid(2))).toMatchObject({
      act: 'carry',
      amount: 2000,
      reason: { ready: [{ name: 'Car' }], from: { name: 'Kit 2' } },
    })
    expect(gap(laid(4))).toMatchObject({ act: 'buy', reason: { ready: [{ name: 'Car' }] } })
  })
  it('of what strikes all at once is got for all at once', () => {
    const three = [aPerson(30), aPerson(40), aPerson(50)]
    const [blankets] = of({
      members: three,
      places: [{ traits: ['cold'], ...bag, kit: { range: 'bag' } }],
      laid: [{ of: 'foil-blanket', there: 1 }],
    }).filter(({ reason }) => reason.code === 'gap' && reason.problem === 'Chilled through')
    expect(blankets).toMatchObject({ act: 'buy', reason: { state: 'thin', members: [] } })
    expect(blankets?.brings).toMatchObject([{ problemId: 'chilled', members: [] }])
  })
  it('of people and of animals under one name is asked for each', () => {
    const all = of({
      members: [aPerson(40), aMember('dog', { kg: 14 })],
      places: [{ traits: ['night'] }],
      laid: [{ of: 'water-bottle', there: 0, par: 12 }],
    })
    const named = all.filter(
      ({ reason, brings }) =>
        (reason.code === 'gap' && reason.problem === 'Three days of water') ||
        brings.some(({ name }) => name === 'Three days of water'),
    )
    expect(new Set(named.map(({ key }) => key)).size).toBe(named.length)
    expect(named.length).toBeGreaterThan(0)
  })
  it('of what strikes all at once is not closed by a target that is enough for one', () => {
    const three = [aPerson(30), aPerson(40), aPerson(50)]
    const all = of({
      members: three,
      places: [{ traits: ['cold'], kit: { range: 'bag' } }],
      laid: [{ of: 'foil-blanket', there: 0, par: 1 }],
    })
    expect(about(all, 'top_up')[0]?.brings.map(({ name }) => name)).not.toContain('Chilled through')
    expect(
      all.some(({ reason }) => reason.code === 'gap' && reason.problem === 'Chilled through'),
    ).toBe(true)
  })
  it('that nothing known answers is said, not hidden', () => {
    const cat = aMember('cat', { kg: 4 })
    const gaps = of({ members: [cat], laid: [{ of: 'gauze', there: 1 }] }).filter(
      ({ reason }) => reason.code === 'gap',
    )
    for (const { act, steps } of gaps) expect(act === 'find_out').toBe(steps.length === 0)
  })
})

describe('people and animals', () => {
  it('are asked about, weighed and taught, each where they are met', () => {
    const runa = aPerson(3, { name: 'Runa', facts: { told: {} } })
    const ilse = aPerson(40, {
      name: 'Ilse',
      helper: true,
      facts: { skills: [{ skill: 'tourniquet', until: addDays(TODAY, 30), by: 'School' }] },
    })
    const all = of({ members: [runa, ilse], laid: [{ of: 'gauze', there: 1 }] })
    expect(about(all, 'ask_member').map(({ title }) => title)).toEqual(['Runa'])
    expect(about(all, 'weigh').map(({ title, reason }) => [title, reason])).toEqual([
      ['Runa', { code: 'weight', kind: 'unknown' }],
    ])
    expect(about(all, 'teach').map(({ due }) => due)).toContain(addDays(TODAY, 30))
  })
  it('of whom a guest is one are not the keeper’s to complete', () => {
    const guest = aPerson(5, { guestUntil: addDays(TODAY, 2), facts: { told: {} } })
    const all = of({ members: [guest], laid: [{ of: 'gauze', there: 1 }] })
    expect([...about(all, 'ask_member'), ...about(all, 'weigh')]).toEqual([])
  })
  it('get their medicine before the pharmacy is shut', () => {
    const grete = aPerson(75, { name: 'Grete' })
    // 26 November 2026 is a Thursday; three tablets last through Saturday.
    const [refill] = about(
      of({
        members: [grete],
        laid: [{ of: 'cetirizine-10', there: 3 }],
        courses: [{ member: grete, of: 'cetirizine-10' }],
        pharmacyDays: [1, 2, 3, 4, 5],
      }),
      'refill',
    )
    expect(refill?.reason).toEqual({
      code: 'runs_out',
      lastDay: addDays(TODAY, 2),
      prescriber: 'Dr Vale',
      openUntil: addDays(TODAY, 1),
    })
  })
})

describe('errands', () => {
  it('come by place, and in each what saves a life before everything', () => {
    const all = of({
      members: [ned],
      places: [
        { name: 'Home', ...bag },
        { name: 'Car', ...bag },
      ],
      laid: [
        { of: 'gauze', there: 1, until: '2026-11-01' },
        { of: 'gauze', at: 1, there: 1, until: '2026-11-01' },
      ],
    })
    const places = all.map(({ place }) => place.name)
    expect(places).toEqual([...places].sort().reverse())
    for (const place of ['Home', 'Car']) {
      const gravities = all
        .filter((one) => one.place.name === place)
        .map((one) => gravityOf(one, TODAY))
      const ranks = gravities.map((one) =>
        ['life', 'soon', 'essential', 'urgent', 'other'].indexOf(one),
      )
      expect(ranks).toEqual([...ranks].sort((a, b) => a - b))
      expect(gravities[0]).toBe('life')
    }
  })
  it('of all places the three gravest are offered, the soonest place first', () => {
    const known = knownOf({
      members: [ned],
      places: [
        { name: 'Cottage', presence: visits(['2026-12-05', '2026-12-07']), ...bag },
        { name: 'Home', ...bag },
      ],
      laid: [{ of: 'gauze', there: 1 }],
      recalled: 2,
    })
    const offered = gravest(errands(known), TODAY)
    expect(offered).toHaveLength(3)
    const places = offered.map(({ place }) => place.name)
    expect(places[0]).toBe('Home')
    expect(places).toEqual([...places].sort().reverse())
    expect(offered.every((one) => gravityOf(one, TODAY) === 'life')).toBe(true)
  })
  it('what happened is looked at again from its day on, at the place where it happened', () => {
    const followUp = (on: string, why: 'look_again' | 'not_ended' = 'look_again') => ({
      key: on,
      incidentId: 'i' as never,
      on: plainDate(on),
      why,
      what: 'better?',
      who: 'Ned',
      memberId: null,
      placeId: idOf<PlaceId>(1, 2),
    })
    const known = knownOf({
      places: [{ name: 'Home' }, { name: 'Cottage' }],
      laid: [{ of: 'gauze', there: 1 }],
      followUps: [followUp(TODAY), followUp(addDays(TODAY, 1)), followUp('2026-11-20')],
    })
    const again = errands(known).filter(({ act }) => act === 'follow_up')
    expect(again.map(({ due, place, title }) => [due, place.name, title])).toEqual([
      ['2026-11-20', 'Cottage', 'Ned'],
      [TODAY, 'Cottage', 'Ned'],
    ])
    expect(again.map((one) => gravityOf(one, TODAY))).toEqual(['urgent', 'urgent'])
    expect(headlineOf(known, again)).toMatchObject({ code: 'to_do', act: 'follow_up', count: 2 })
  })
  describe('of going out', () => {
    const lake = (from: number, more: Partial<TripToDo> = {}): TripToDo => ({
      trip: {
        id: idOf(20, 1),
        name: 'Lake week',
        stops: [
          {
            id: idOf(21, 1),
            name: 'Lake house',
            placeId: null,
            from: addDays(TODAY, from),
            to: addDays(TODAY, from + 3),
            members: [ned.id],
            travel: 'car',
            ...UNSAID,
          },
        ],
        bags: [{ kitId: idOf(2, 1), carrier: ned.id, stowage: 'with_us', filled: true }],
        sources: [idOf(1, 2)],
      },
      toPack: 3,
      packed: 0,
      ...more,
    })
    const going = (trips: readonly TripToDo[], kit: Partial<Kit> = {}) =>
      knownOf({
        members: [ned],
        places: [{ name: 'Home', kit }, { name: 'Cottage' }],
        laid: [{ of: 'gauze', there: 1 }],
        trips,
      })
    const acts = (known: Known) =>
      errands(known).flatMap(({ act, reason, place, due }) =>
        act === 'pack' || act === 'unpack' || act === 'bring_back'
          ? [[act, place.name, reason.code, due]]
          : [],
      )

    it('what frost would harm is brought out of its way in the two weeks before', () => {
      const known = going([])
      const [place] = known.survey.places
      if (!place) throw new Error('There is a place')
      const part = { pocketId: idOf<PocketId>(4, 1), amount: units(1), version: 1 }
      const coming = (after: number) => ({
        place,
        code: 'frost' as const,
        on: addDays(TODAY, after),
        hundredths: -310,
        things: [
          { ...part, lotId: idOf<LotId>(5, 1), title: 'Saline pods', pocket: 'Lid, Box' },
          { ...part, lotId: idOf<LotId>(5, 2), title: 'Saline pods', pocket: 'Tray, Box' },
        ],
      })
      const found = (after: number) =>
        errands({ ...known, coming: [coming(after)] }).filter(({ act }) => act === 'take_in')
      expect(found(15)).toEqual([])
      expect(found(14)).toMatchObject([
        {
          title: 'Saline pods',
          due: addDays(TODAY, 14),
          reason: { code: 'weather', what: 'frost', hundredths: -310, things: 2 },
        },
      ])
    })
    it('the bags are packed in the week before, where they are filled from', () => {
      for (const days of [0, 1, 7])
        expect(acts(going([lake(days)]))).toEqual([
          ['pack', 'Cottage', 'trip_soon', addDays(TODAY, days)],
        ])
      for (const days of [-1, 8]) expect(acts(going([lake(days)]))).toEqual([])
    })
    it('a trip without a list is packed for; one whose bags are packed, or come as they are, is not', () => {
      expect(acts(going([lake(2, { toPack: 0 })]))).toHaveLength(1)
      expect(acts(going([lake(2, { toPack: 0, packed: 5 })]))).toEqual([])
      const { trip } = lake(2)
      const asTheyAre = { ...trip, bags: trip.bags.map((bag) => ({ ...bag, filled: false })) }
      expect(acts(going([lake(2, { toPack: 0, trip: asTheyAre })]))).toEqual([])
    })
    it('they are unpacked from the day after, as long as something is in them', () => {
      expect(acts(going([lake(-4, { toPack: 0, packed: 2 })]))).toEqual([
        ['unpack', 'Cottage', 'trip_over', null],
      ])
      expect(acts(going([lake(-3, { toPack: 0, packed: 2 })]))).toEqual([])
      expect(acts(going([lake(-4, { toPack: 2 })]))).toEqual([])
    })
    it('the headline says it three days before, and after what is graver', () => {
      const soon = errands(going([lake(3)])).filter(({ act }) => act === 'pack')
      expect(soon.map((one) => gravityOf(one, TODAY))).toEqual(['urgent'])
      const later = errands(going([lake(4)])).filter(({ act }) => act === 'pack')
      expect(later.map((one) => gravityOf(one, TODAY))).toEqual(['other'])
    })
    it('what was taken along comes back, unless its carrier is on a trip or takes it every day', () => {
      const since = addDays(TODAY, -1)
      const taken = (more: Partial<GoesWith> = {}) => ({
        goesWith: { memberId: ned.id, to: [], since, ...more },
      })
      expect(acts(going([], taken()))).toEqual([['bring_back', 'Home', 'taken_along', null]])
      expect(acts(going([], taken({ since: TODAY })))).toEqual([])
      expect(acts(going([], taken({ since: null })))).toEqual([])
      expect(acts(going([lake(-1, { toPack: 0 })], taken()))).toEqual([])
    })
  })
  it('are settled by a press or asked where they are answered: each act is one of the two', () => {
    expect(ERRAND_ACTS.filter(isPressed).sort()).toEqual([...PRESSED_ACTS].sort())
  })
  it('keep keys that fit into a request, and no two are alike', () => {
    const all = of({
      members: [ned, aPerson(70), aMember('dog', { kg: 10 })],
      places: [{ traits: ['night', 'cold', 'remote'] }, { traits: ['vehicle'] }],
      laid: [{ of: 'gauze', there: 1, par: 4 }],
    })
    const keys = all.map(({ key }) => key)
    expect(new Set(keys).size).toBe(keys.length)
    for (const key of keys) expect([key, key.length <= 120 && key.length >= 7]).toEqual([key, true])
  })
})
