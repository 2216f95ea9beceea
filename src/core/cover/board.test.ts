/** The board: what must hold for every household, and scenes by name. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  aMember,
  aPantry,
  aPerson,
  aQuestion,
  cellOf,
  DAY,
  judged,
  type Put,
  stateOf,
} from '../../../tests/support/cover'
import { addDays } from '../calendar/plainDate'
import { CATALOGUE, catalogue } from '../catalogue/catalogue'
import { itemFacts } from '../catalogue/itemFacts'
import { Asking } from './asking'
import { board } from './board'
import { type CellState, rank } from './cellState'
import { explain } from './explain'
import { NEEDS } from './needs'
import { loadRuleBook } from './ruleBook'
import { spokenOf } from './spoken'
import { patientOn } from './suitability'

const ned = aPerson(8, {
  kg: 26,
  facts: {
    conditions: ['asthma', 'anaphylaxis'],
    swallowsTablets: false,
    allergies: [{ kind: 'substance', substance: 'nuts' }],
  },
})
const ilse = aPerson(40, {
  helper: true,
  facts: { gloveSize: 'S', skills: [{ skill: 'tourniquet', until: null, by: 'School' }] },
})
const grete = aPerson(75, {
  facts: { allergies: [{ kind: 'substance', substance: 'latex' }], bloodThinner: true },
})
const dog = aMember('dog', { kg: 14 })
const cat = aMember('cat', { kg: 4 })
const EVERYBODY = [ned, ilse, grete, dog, cat]

const aPut = fc.record({
  of: fc.constantFrom(...CATALOGUE.map(({ id }) => id)),
  count: fc.integer({ min: 1, max: 12 }),
  kit: fc.constant(0),
})
const someStock = fc.array(aPut, { minLength: 4, maxLength: 40 })
const TRAITS = ['vehicle', 'night', 'cold', 'ticks'] as const
const ranks = (put: readonly Put[], minutes = 10) =>
  judged({ members: EVERYBODY, put, traits: TRAITS, minutes }).rows.flatMap(({ cells, together }) =>
    [...cells, ...(together ? [together] : [])].map((cell) => ({
      key: `${cell.needId}/${cell.memberId}${cell === together ? '/all' : ''}`,
      rank: rank(cell.state),
      state: cell.state,
    })),
  )

/**
 * Held back and nothing are worth the same: neither can be used. What lacked a companion is held back
 * no longer once that is there; what else is missing is then simply missing.
 */
const worth = ({ state }: { readonly state: CellState }): number =>
  rank(state === 'held' ? 'none' : state)

describe('for every household', () => {
  it('adding a sound, suitable lot never makes a cell worse, and removing never better', () => {
    fc.assert(
      fc.property(someStock, aPut, (put, more) => {
        const before = ranks(put)
        const after = new Map(ranks([...put, more]).map((cell) => [cell.key, worth(cell)]))
        for (const cell of before) expect(after.get(cell.key)).toBeGreaterThanOrEqual(worth(cell))
      }),
      { numRuns: 60 },
    )
  })
  it('a thing is held back until its companion is there; what is missing besides is missing', () => {
    const wound = (put: readonly Put[]) => {
      const found = ranks(put).find(({ key }) => key === `wound/${ned.id}`)
      return found?.state
    }
    const povidone: Put = { of: 'povidone-10', count: 1, kit: 0 }
    const water: Put = { of: 'water-1-l', count: 1, kit: 0 }
    expect(wound([povidone])).toBe('held')
    expect(wound([povidone, water])).toBe('none')
  })
  it('a spent lot never covers', () => {
    fc.assert(
      fc.property(someStock, (put) => {
        for (const { state } of ranks(put.map((one) => ({ ...one, days: -1 }))))
          expect(['covered', 'thin'].includes(state) ? state : 'not covered').toBe('not covered')
      }),
      { numRuns: 40 },
    )
  })
  it('nothing held, lent or damaged covers', () => {
    const bars: Put['lot'][] = [
      { condition: 'torn' },
      { standing: { kind: 'held', reason: 'the vet' } },
      { standing: { kind: 'lent', to: 'Tove', since: DAY } },
    ]
    fc.assert(
      fc.property(someStock, fc.constantFrom(...bars), (put, lot) => {
        for (const { state } of ranks(put.map((one) => ({ ...one, lot: lot ?? {} }))))
          expect(['held', 'none']).toContain(state)
      }),
      { numRuns: 40 },
    )
  })
  it('an allergy never ends in "covered" by a thing that contains it', () => {
    fc.assert(
      fc.property(someStock, (put) => {
        const laid = aPantry({ members: EVERYBODY, put, traits: TRAITS })
        const question = aQuestion(laid)
        for (const { need, cells } of board(laid, question).rows)
          for (const { memberId, state } of cells) {
            if (state !== 'covered' && state !== 'plan_b') continue
            const { ways, cell } = explain(laid, question, need, memberId)
            const way = ways.find(({ way: one }) => one === need.ways[cell.way ?? -1])
            const lots =
              way?.parts.flatMap(({ sources }) => sources.map(({ title }) => title)) ?? []
            for (const title of lots) {
              const thing = laid.things.find((one) => one.title === title)
              const contains = thing?.facts.substances ?? []
              if (memberId === grete.id) expect(contains).not.toContain('latex')
              if (memberId === ned.id) expect(contains).not.toContain('nuts')
            }
          }
      }),
      { numRuns: 40 },
    )
  })
  it('what a covered cell is explained by gives every use it asks for', () => {
    fc.assert(
      fc.property(someStock, (put) => {
        const laid = aPantry({ members: EVERYBODY, put, traits: TRAITS })
        const question = aQuestion(laid)
        for (const { need, cells } of board(laid, question).rows)
          for (const { memberId, state, way } of cells) {
            const explained = explain(laid, question, need, memberId)
            const taken = explained.ways.find(({ way: one }) => one === need.ways[way ?? -1])
            if (state === 'covered' || state === 'plan_b')
              expect(taken?.parts.map(({ missing }) => missing)).toEqual(taken?.parts.map(() => 0))
          }
      }),
      { numRuns: 40 },
    )
  })
})

describe('scenes', () => {
  const only = (member: typeof ned, put: readonly Put[], rest: object = {}) =>
    judged({ members: [member], put, ...rest })

  it('anaphylaxis: one auto-injector is thin, two cover', () => {
    const one = cellOf(only(ned, [{ of: 'adrenaline-015', count: 1 }]), 'anaphylaxis', ned)
    expect(one).toMatchObject({ state: 'held' })
    const skilled = {
      ...ned,
      facts: { ...ned.facts, skills: [{ skill: 'auto-injector', until: null, by: 'Dr Aske' }] },
    } as typeof ned
    expect(
      cellOf(only(skilled, [{ of: 'adrenaline-015', count: 1 }]), 'anaphylaxis', skilled),
    ).toMatchObject({ state: 'thin', have: 1, need: 2 })
    expect(
      stateOf(only(skilled, [{ of: 'adrenaline-015', count: 2 }]), 'anaphylaxis', skilled),
    ).toBe('covered')
  })
  it('the adult strength does not cover a child too light for it', () => {
    const light = aPerson(6, {
      kg: 20,
      facts: {
        conditions: ['anaphylaxis'],
        skills: [{ skill: 'auto-injector', until: null, by: 'Dr Aske' }],
      },
    })
    expect(stateOf(only(light, [{ of: 'adrenaline-03', count: 2 }]), 'anaphylaxis', light)).toBe(
      'held',
    )
  })
  it('a windlass covers only with a trained helper; without a pen it counts, and that is said', () => {
    const put = [
      { of: 'tourniquet-windlass', count: 1 },
      { of: 'pressure-dressing', count: 1 },
    ]
    expect(stateOf(only(ilse, put), 'bleed-limb', ilse)).toBe('covered')
    const bare = aPantry({ members: [ilse], put })
    const spoken = spokenOf(
      new Asking(bare, aQuestion(bare)),
      { any: ['windlass'], uses: 1 },
      patientOn(ilse, [], DAY),
    )
    expect(spoken.map(({ grade, why }) => [grade, why])).toEqual([
      ['weaker', [{ code: 'no_companion', without: 'weaker', roles: ['pen'] }]],
    ])
    expect(stateOf(only(ilse, [...put, { of: 'pen-card', count: 1 }]), 'bleed-limb', ilse)).toBe(
      'covered',
    )
    const untaught = { ...ilse, facts: { ...ilse.facts, skills: [] } } as typeof ilse
    expect(
      stateOf(only(untaught, [...put, { of: 'pen-card', count: 1 }]), 'bleed-limb', untaught),
    ).not.toBe('covered')
    const lapsed = {
      ...ilse,
      facts: {
        ...ilse.facts,
        skills: [{ skill: 'tourniquet', until: addDays(DAY, -1), by: 'School' }],
      },
    } as typeof ilse
    expect(
      stateOf(only(lapsed, [...put, { of: 'pen-card', count: 1 }]), 'bleed-limb', lapsed),
    ).not.toBe('covered')
  })
  it('an elastic strap counts only in the school that takes any strap', () => {
    const put = [
      { of: 'tourniquet-strap', count: 1 },
      { of: 'pressure-dressing', count: 1 },
      { of: 'pen-card', count: 1 },
    ]
    expect(stateOf(only(ilse, put), 'bleed-limb', ilse)).toBe('thin')
    expect(stateOf(only(ilse, put, { schools: { tourniquet: 'strap' } }), 'bleed-limb', ilse)).toBe(
      'plan_b',
    )
  })
  it('a lead is not leash and muzzle at once', () => {
    expect(stateOf(only(dog, [{ of: 'slip-lead', count: 1 }]), 'to-the-vet', dog)).toBe('plan_b')
    expect(stateOf(only(dog, [{ of: 'slip-lead', count: 2 }]), 'to-the-vet', dog)).toBe('covered')
  })
  it('one bottle promised twice within an event is not two', () => {
    const put = [
      { of: 'saline-pods', count: 1 },
      { of: 'closure-strips', count: 4 },
      { of: 'gauze', count: 2 },
      { of: 'tape-fabric', count: 1 },
    ]
    expect(cellOf(only(ilse, put), 'gaping-cut', ilse).state).toBe('plan_b')
    expect(stateOf(only(ilse, [...put, { of: 'saline-pods', count: 1 }]), 'gaping-cut', ilse)).toBe(
      'covered',
    )
  })
  it('ointment an animal licks covers nothing without a collar', () => {
    const put = [{ of: 'povidone-1' }, { of: 'non-stick-pad' }]
    const laid = aPantry({ members: [dog], put })
    const need = NEEDS.find(({ id }) => id === 'wound-animal')
    if (!need) throw new Error('There is such a need')
    const held = explain(
      laid,
      aQuestion(laid),
      { ...need, ways: [{ name: 'Antiseptic', parts: [{ any: ['dilute-antiseptic'], uses: 1 }] }] },
      dog.id,
    )
    expect(held.cell.state).toBe('held')
    expect(held.ways[0]?.parts[0]?.held[0]?.why).toEqual([{ code: 'lick_risk' }])
  })
  it('a splint is not safe without a wrap, and that is what would close it', () => {
    const taught = {
      ...ilse,
      facts: { ...ilse.facts, skills: [{ skill: 'splinting', until: null, by: 'School' }] },
    } as typeof ilse
    const laid = aPantry({
      members: [taught],
      put: [
        { of: 'splint-foldable', count: 1 },
        { of: 'triangular-bandage', count: 1 },
      ],
      traits: ['blades'],
    })
    const need = NEEDS.find(({ id }) => id === 'broken-limb')
    if (!need) throw new Error('There is such a need')
    const { cell, ways, closings } = explain(laid, aQuestion(laid), need, taught.id)
    expect(cell.state).toBe('plan_b')
    expect(ways[0]?.parts[0]?.held.map(({ grade, why }) => [grade, why])).toEqual([
      ['not_as_it_is', [{ code: 'no_companion', without: 'unsafe', roles: ['elastic-wrap'] }]],
    ])
    expect(closings[0]?.becomes.state).toBe('covered')
    expect(closings[0]?.steps.every((step) => !step.title.startsWith('Folding splint'))).toBe(true)
  })
  it('a thermometer without covers counts, with a remark', () => {
    const laid = aPantry({
      members: [ilse],
      put: [{ of: 'thermometer', count: 1 }, { of: 'acetaminophen-500' }],
    })
    const need = NEEDS.find(({ id }) => id === 'fever-pain')
    if (!need) throw new Error('There is such a need')
    const { cell, ways } = explain(laid, aQuestion(laid), need, ilse.id)
    expect(cell.state).toBe('covered')
    expect(ways[0]?.parts[1]?.held).toEqual([])
  })
  it('what a vet has to agree to is asked about, and is plan B at best in the school that asks', () => {
    const put = [{ of: 'cetirizine-10' }]
    expect(stateOf(only(dog, put), 'sting-animal', dog)).toBe('held')
    expect(
      stateOf(only(dog, put, { schools: { 'animal-medicine': 'ask' } }), 'sting-animal', dog),
    ).toBe('plan_b')
  })
  it('plain goods past their date are plan B at best, sterile ones and medicines nothing', () => {
    const put = (days: number) => [
      { of: 'elastic-bandage', days },
      { of: 'gauze', days },
    ]
    expect(stateOf(only(ilse, put(5)), 'sprain', ilse)).toBe('plan_b')
    expect(stateOf(only(ilse, put(-5)), 'sprain', ilse)).toBe('plan_b')
    expect(stateOf(only(ilse, put(-5), { schools: { 'past-date': 'all' } }), 'sprain', ilse)).toBe(
      'held',
    )
    expect(stateOf(only(ilse, [{ of: 'eye-rinse-vials', days: -1 }]), 'eye', ilse)).toBe('held')
  })
  it('"on this date" lets a lot turn', () => {
    const laid = aPantry({ members: [ilse], put: [{ of: 'eye-rinse-vials', days: 30 }] })
    const on = (ahead: number) =>
      stateOf(board(laid, aQuestion(laid, { date: addDays(DAY, ahead) })), 'eye', ilse)
    expect([on(0), on(30), on(31)]).toEqual(['covered', 'covered', 'held'])
  })
  it('"without this item" and "take this kit away" think things away', () => {
    const laid = aPantry({ members: [ilse], put: [{ of: 'eye-rinse-vials' }] })
    const [item] = laid.known
    const question = aQuestion(laid)
    expect(stateOf(board(laid, question), 'eye', ilse)).toBe('covered')
    expect(
      stateOf(
        board(laid, { ...question, without: new Set(item ? [item.item.id] : []) }),
        'eye',
        ilse,
      ),
    ).toBe('none')
    expect(stateOf(board(laid, { ...question, kits: new Set() }), 'eye', ilse)).toBe('none')
  })
  it('a covered cell is never explained by a lot past its date', () => {
    const laid = aPantry({
      members: [ilse],
      put: [
        { of: 'elastic-bandage', count: 2, days: -30 },
        { of: 'elastic-bandage', count: 1, days: 400 },
        { of: 'cold-pack-instant', count: 1 },
        { of: 'thin-cloth', count: 1 },
      ],
    })
    const need = NEEDS.find(({ id }) => id === 'sprain')
    if (!need) throw new Error('There is such a need')
    const { cell, ways } = explain(laid, aQuestion(laid), need, ilse.id)
    expect(cell.state).toBe('covered')
    const through = ways[0]?.parts.flatMap(({ sources }) => sources.map((one) => one.through))
    expect(through).toContain(addDays(DAY, 400))
    expect(through).not.toContain(addDays(DAY, -30))
  })
  it('a tap gives water to cool a burn, and no stored water', () => {
    const put = [{ of: 'non-stick-pad' }, { of: 'tape-fabric', count: 1 }]
    expect(stateOf(only(ilse, put), 'burn', ilse)).toBe('plan_b')
    const tap = only(ilse, put, { traits: ['tap', 'night'] })
    expect(stateOf(tap, 'burn', ilse)).toBe('covered')
    expect(stateOf(tap, 'hold-out-water', ilse)).toBe('none')
  })
  it('demand grows with the days and the distance from help', () => {
    const need = (days: number, minutes: number) => {
      const laid = aPantry({
        members: [ilse],
        put: [{ of: 'acetaminophen-500', count: 2 }, { of: 'thermometer' }, { of: 'probe-covers' }],
        minutes,
      })
      return cellOf(board(laid, aQuestion(laid, { days })), 'fever-pain', ilse).need
    }
    expect(need(1, 10)).toBe(4)
    expect(need(3, 10)).toBe(10)
    expect(need(3, 90)).toBe(15)
  })
  it('ticks have their season, and a place its own needs', () => {
    const needs = (date: string, traits: readonly ('ticks' | 'vehicle')[]) => {
      const laid = aPantry({ members: [ilse], put: [{ of: 'gauze' }], traits })
      return board(laid, aQuestion(laid, { date: date as typeof DAY })).rows.map(
        ({ need }) => need.id,
      )
    }
    expect(needs('2026-06-10', ['ticks'])).toContain('tick')
    expect(needs('2026-01-10', ['ticks'])).not.toContain('tick')
    expect(needs('2026-06-10', ['vehicle'])).toEqual(
      expect.arrayContaining(['roadside', 'trapped']),
    )
    expect(needs('2026-06-10', [])).not.toContain('roadside')
  })
  it('all at once share what there is', () => {
    const board2 = judged({
      members: [ilse, grete],
      put: [{ of: 'foil-blanket', count: 1 }],
      traits: ['cold'],
    })
    const row = board2.rows.find(({ need }) => need.id === 'chilled')
    expect(row?.cells.map(({ state }) => state)).toEqual(['covered', 'covered'])
    expect(row?.together?.state).not.toBe('covered')
  })
  it('comfort and suction devices never cover', () => {
    for (const entry of CATALOGUE.filter(
      ({ roles }) => roles.includes('comfort') || roles.includes('suction-device'),
    ))
      expect(itemFacts(entry, entry, {}).roles).toHaveLength(1)
    expect(
      NEEDS.some(({ ways }) =>
        ways.some(({ parts }) =>
          parts.some(({ any }) => any.includes('comfort') || any.includes('suction-device')),
        ),
      ),
    ).toBe(false)
  })
  it('never proposes to bring anything up', () => {
    expect(
      NEEDS.some(({ ways }) =>
        ways.some(({ parts }) => parts.some(({ any }) => any.includes('bring-up'))),
      ),
    ).toBe(false)
  })
})

describe('closing a gap', () => {
  const gap = (put: readonly Put[], member = ilse) => {
    const laid = aPantry({ members: [member], put })
    const need = NEEDS.find(({ id }) => id === 'eye')
    if (!need) throw new Error('There is such a need')
    return explain(laid, aQuestion(laid), need, member.id).closings
  }
  it('moves what lies in another kit before it buys', () => {
    const [closing] = gap([{ of: 'eye-rinse-vials', count: 10, kit: 1 }])
    expect(closing).toMatchObject({ costMinor: 0, first: true, steps: [{ kind: 'move', uses: 4 }] })
  })
  it('buys the cheapest that suits, in whole packs, and only what is missing', () => {
    const [closing] = gap([{ of: 'gauze' }])
    expect(closing?.steps).toEqual([expect.objectContaining({ kind: 'buy', packs: 1 })])
    expect(closing?.costMinor).toBeGreaterThan(0)
  })
  it('asks for a lesson where only the skill is missing', () => {
    const untaught = { ...ilse, facts: { ...ilse.facts, skills: [] } } as typeof ilse
    const laid = aPantry({ members: [untaught], put: [{ of: 'breathing-barrier', count: 1 }] })
    const need = NEEDS.find(({ id }) => id === 'not-breathing')
    if (!need) throw new Error('There is such a need')
    expect(explain(laid, aQuestion(laid), need, untaught.id).closings[0]?.steps).toEqual([
      expect.objectContaining({ kind: 'learn', skill: 'rescue-breaths' }),
    ])
  })
})

describe('the rule book', () => {
  it('holds together', () => {
    expect(() => loadRuleBook()).not.toThrow()
    expect(NEEDS.length).toBeGreaterThanOrEqual(40)
    expect(catalogue().size).toBeGreaterThanOrEqual(180)
  })
  it('names the offender', () => {
    const [entry] = CATALOGUE
    const [need] = NEEDS
    if (!entry || !need) throw new Error('Neither is empty')
    expect(() =>
      loadRuleBook({ entries: [{ ...entry, roles: [] }, ...CATALOGUE.slice(1)] }),
    ).toThrow(/pressure-dressing: plays no role/)
    expect(() => loadRuleBook({ entries: [...CATALOGUE, entry] })).toThrow(
      /pressure-dressing: stands twice/,
    )
    expect(() =>
      loadRuleBook({ entries: [{ ...entry, standIns: ['nothing'] }, ...CATALOGUE.slice(1)] }),
    ).toThrow(/pressure-dressing: names nothing to stand in/)
    expect(() =>
      loadRuleBook({ needs: [{ ...need, ways: [{ name: 'By hope', parts: [] }] }] }),
    ).toThrow(/bleed-limb: the way "By hope" needs nothing/)
  })
})
