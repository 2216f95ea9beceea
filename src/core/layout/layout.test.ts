import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aLayoutProblem } from '../../../tests/support/layout'
import { catalogue } from '../catalogue/catalogue'
import { SHAPES, TEMPLATES } from '../household/container'
import { MAT_COLUMNS, type Millimetres } from '../household/pocket'
import { amount, units } from '../quantity/amount'
import { arrange } from './arrange'
import { overlaps, placeAt } from './cells'
import { FULL_AT, fillOf, fitsIn, loadOf, type Packed } from './fill'
import { firstFit } from './firstFit'
import { goodsOf } from './goods'
import { movesOf } from './moves'
import { pointersOf } from './pointers'
import type { Bay, LayoutProblem, Thing } from './problem'
import { asItLies } from './problem'
import { purposeOf } from './purpose'
import { breakdown, scoreOf, WEIGHTS } from './score'

const plain = {
  own: {},
  name: '',
  unit: '',
  strength: '',
  essential: false,
  packPriceMinor: null,
  packSize: null,
} as const
const entryOf = (id: string) => {
  const entry = catalogue().get(id)
  if (!entry) throw new Error(`The catalogue has no ${id}`)
  return entry
}
const goodsFor = (id: string) => goodsOf({ ...plain, kind: entryOf(id).kind }, entryOf(id))
const thing = (id: string, at: number, more: Partial<Thing> = {}): Thing => ({
  key: id,
  title: entryOf(id).name,
  goods: goodsFor(id),
  whose: [],
  volume: 1000,
  stiff: null,
  at,
  pinned: false,
  ...more,
})
const bay = (name: string, more: Partial<Bay> = {}): Bay => ({
  id: name,
  name,
  purpose: purposeOf(name),
  sort: 'inside',
  spot: null,
  reachSeconds: 10,
  inner: [200, 150, 100],
  clear: false,
  dry: true,
  upright: true,
  ...more,
})

/** Every layout there is, tried. */
function bruteForce(problem: LayoutProblem): number {
  const { things, bays } = problem
  let least = Number.POSITIVE_INFINITY
  const layout = asItLies(problem).slice()
  const walk = (index: number): void => {
    const one = things[index]
    if (!one) {
      least = Math.min(least, scoreOf(problem, layout))
      return
    }
    for (let at = 0; at < bays.length; at++) {
      if (one.pinned && at !== one.at) continue
      layout[index] = at
      walk(index + 1)
    }
  }
  walk(0)
  return least
}

describe('arranging', () => {
  it('is optimal on small kits, against trying everything', () => {
    for (let seed = 0; seed < 40; seed++) {
      const problem = aLayoutProblem(seed, 6, 4)
      const found = arrange(problem, seed)
      expect(found.proven).toBe(true)
      expect(found.score).toBeCloseTo(bruteForce(problem), 6)
      expect(scoreOf(problem, found.layout)).toBeCloseTo(found.score, 6)
    }
  })
  it('is never worse than the kit as it lies or than first-fit, and leaves pinned things', () => {
    for (let seed = 100; seed < 112; seed++) {
      const problem = aLayoutProblem(seed, 24)
      const found = arrange(problem, seed)
      expect(found.score).toBeLessThanOrEqual(scoreOf(problem, firstFit(problem)) + 1e-6)
      expect(found.score).toBeLessThanOrEqual(found.before + 1e-6)
      problem.things.forEach(({ pinned, at }, index) => {
        if (pinned) expect(found.layout[index]).toBe(at)
      })
    }
  })
  it('gives the same layout for the same seed, and says how far it is', () => {
    const problem = aLayoutProblem(7, 20)
    const seen: number[] = []
    const first = arrange(problem, 3, (done, total) => seen.push(done / total))
    expect(arrange(problem, 3).layout).toEqual(first.layout)
    expect(seen.length).toBeGreaterThan(10)
    expect(seen.every((share, at) => at === 0 || share >= (seen[at - 1] ?? 0))).toBe(true)
    expect(seen.at(-1)).toBe(1)
  })
  it('brings what a life depends on to the quickest pocket, and says that is why', () => {
    const problem: LayoutProblem = {
      bays: [bay('Bottom', { reachSeconds: 20 }), bay('Lid', { reachSeconds: 3 })],
      things: [thing('tourniquet-windlass', 0), thing('plaster-cut', 0)],
    }
    const { layout } = arrange(problem)
    expect(layout[0]).toBe(1)
    expect(movesOf(problem, layout)[0]).toMatchObject({
      key: 'tourniquet-windlass',
      from: 0,
      to: 1,
    })
    expect(movesOf(problem, layout)[0]?.why[0]).toEqual({ kind: 'sooner', from: 20, to: 3 })
  })
  it('an empty kit and one pocket have nothing to arrange', () => {
    expect(arrange({ things: [], bays: [bay('Lid')] }).layout).toEqual([])
    expect(
      arrange({ things: [thing('tourniquet-windlass', 0)], bays: [bay('Lid')] }).layout,
    ).toEqual([0])
  })
})

describe('the score', () => {
  const cost = (problem: LayoutProblem, name: keyof typeof WEIGHTS | 'reach') =>
    breakdown(problem, asItLies(problem))[name]
  const saline = [...catalogue().values()].find(({ hazards }) => hazards.includes('liquid'))?.id
  it.each([
    ['spoilt', [thing(saline ?? '', 0), thing('gauze', 0)], [bay('A')], WEIGHTS.spoilt],
    ['lying', [thing(saline ?? '', 0)], [bay('A', { upright: false })], WEIGHTS.lying],
    ['damp', [thing('gauze', 0)], [bay('A', { dry: false })], WEIGHTS.damp],
    ['spread', [thing('gauze', 0), thing('plasters', 1)], [bay('A'), bay('B')], WEIGHTS.spread],
    ['spread', [thing('gauze', 0), thing('plasters', 1)], [bay('Wounds'), bay('Cuts')], 0],
    [
      'bulges',
      [thing('tourniquet-windlass', 0, { stiff: [190, 60, 30] })],
      [bay('A', { inner: [120, 100, 60] })],
      WEIGHTS.bulges,
    ],
    [
      'overfull',
      [thing('gauze', 0, { volume: 2 * FULL_AT * 3_000_000 })],
      [bay('A')],
      WEIGHTS.overfull,
    ],
    ['digging', [thing('gauze', 0), thing('plasters', 0)], [bay('A')], 2 * WEIGHTS.digging],
    ['digging', [thing('gauze', 0), thing('plasters', 0)], [bay('A', { clear: true })], 0.3],
    ['homeless', [thing('gauze', 0)], [bay('Fever and pain')], WEIGHTS.homeless],
    ['label', [thing('gauze', 0)], [bay('Fever and pain'), bay('Wounds')], WEIGHTS.label],
    ['unlabelled', [thing('gauze', 0)], [bay('Tray 1'), bay('Wounds')], WEIGHTS.unlabelled],
    ['whom', [thing('muzzle', 0)], [bay('Children and people')], WEIGHTS.whom],
    ['label', [thing('gauze', 0)], [bay('Small wounds')], 0],
    ['elsewhere', [thing('gauze', 0)], [bay('F', { sort: 'elsewhere' })], WEIGHTS.elsewhere],
  ] as const)('counts %s', (name, things, bays, expected) => {
    expect(cost({ things, bays }, name)).toBeCloseTo(expected)
  })
  it('keeps two strengths of one ingredient apart, and animal medicine from people’s', () => {
    const junior = thing('gauze', 0, {
      goods: {
        ...goodsFor('gauze'),
        isMedicine: true,
        ingredient: 'ibuprofen',
        strength: '100 mg',
        made: 'people',
      },
    })
    const adult = { ...junior, key: 'b', goods: { ...junior.goods, strength: '200 mg' } }
    const drops = {
      ...junior,
      key: 'c',
      goods: { ...junior.goods, ingredient: 'x', made: 'animals' as const },
    }
    expect(cost({ things: [junior, adult], bays: [bay('A')] }, 'strengths')).toBe(WEIGHTS.strengths)
    expect(cost({ things: [junior, drops], bays: [bay('A')] }, 'species')).toBe(WEIGHTS.species)
    expect(
      cost({ things: [junior, { ...adult, at: 1 }], bays: [bay('A'), bay('B')] }, 'strengths'),
    ).toBe(0)
  })
  it('asks a companion to lie beside its thing, wherever one of them does', () => {
    const [needing] = [...catalogue().values()].filter(
      ({ companions: [first, ...rest] }) => first?.without === 'unsafe' && rest.length === 0,
    )
    const role = needing?.companions[0]?.role
    const [player] = [...catalogue().values()].filter(({ roles }) => role && roles.includes(role))
    if (!needing || !player) throw new Error('No companions in the catalogue')
    const bays = [bay('A'), bay('B')]
    const apart = { things: [thing(needing.id, 0), thing(player.id, 1)], bays }
    const beside = { things: [thing(needing.id, 0), thing(player.id, 0)], bays }
    expect(cost(apart, 'companion')).toBe(WEIGHTS.companion)
    expect(cost(beside, 'companion')).toBe(0)
    // What lies together is not parted for less.
    expect(breakdown(beside, [0, 1])).toMatchObject({ parted: WEIGHTS.parted, companion: 0 })
    expect(breakdown({ ...beside, afresh: true }, [0, 1])).toMatchObject({ parted: 0 })
  })
})

describe('how full a pocket is', () => {
  const packed = (id: string, count: number, inner: Partial<Packed['lot']> = {}): Packed => ({
    item: { name: entryOf(id).name, strength: '', openedClock: { kind: 'unset' } },
    goods: goodsFor(id),
    amount: units(count),
    lot: {
      expiry: { kind: 'none' },
      opened: { kind: 'sealed' },
      unitPriceMinor: null,
      receivedOn: '2026-01-01' as Packed['lot']['receivedOn'],
      ...inner,
    },
  })
  it('counts whole packs by room and what is left of them by weight', () => {
    const { size } = entryOf('gauze')
    const [l, w, h] = size.mm
    const half = { ...packed('gauze', 1), amount: amount(500) }
    expect(fillOf(null, [half])).toMatchObject({
      volume: l * w * h,
      grams: Math.round(size.grams / 2),
      share: null,
    })
  })
  it('says what is too big, whichever way it is turned, and what has no size', () => {
    const stick: Packed = {
      ...packed('tourniquet-windlass', 1),
      goods: {
        ...goodsFor('tourniquet-windlass'),
        soft: false,
        size: { mm: [400, 20, 20], grams: 90 },
      },
    }
    const unknown = { ...stick, goods: { ...stick.goods, size: null } }
    const fill = fillOf([300, 200, 100], [stick, unknown])
    expect(fill.tooBig).toHaveLength(1)
    expect(fill.unsized).toBe(1)
    expect(
      loadOf({ container: null }, [
        { pocket: { name: 'A', sort: 'inside', inner: [300, 200, 100] }, fill, packed: [stick] },
      ]).closes,
    ).toEqual({ kind: 'does_not', pockets: ['A'], overall: false })
  })
  it('a kit closes when every carried pocket does; the fridge weighs nothing', () => {
    const one = [packed('gauze', 1, { unitPriceMinor: 100 })]
    const at = (sort: 'inside' | 'elsewhere', inner: Millimetres | null) => ({
      pocket: { name: sort, sort, inner },
      fill: fillOf(inner, one),
      packed: one,
    })
    const load = loadOf({ container: TEMPLATES.pouch.container }, [
      at('inside', [200, 150, 100]),
      at('elsewhere', null),
    ])
    expect(load.closes).toEqual({ kind: 'closes' })
    expect(load.grams).toBe(TEMPLATES.pouch.container.grams + entryOf('gauze').size.grams)
    expect(load.valueMinor).toBe(200)
    expect(loadOf({ container: null }, [at('inside', null)]).closes).toMatchObject({
      kind: 'unknown',
      unmeasured: 1,
    })
  })
  it('a lot of two years costs half its price a year, one that never turns nothing', () => {
    const lasting = packed('gauze', 1, {
      unitPriceMinor: 1000,
      expiry: { kind: 'day', day: '2028-01-01' as never },
    })
    const forever = packed('gauze', 1, { unitPriceMinor: 1000 })
    const load = loadOf({ container: null }, [
      {
        pocket: { name: 'A', sort: 'inside', inner: null },
        fill: fillOf(null, [lasting, forever]),
        packed: [lasting, forever],
      },
    ])
    expect(load.yearlyMinor).toBe(500)
    expect(load.valueMinor).toBe(2000)
  })
  it('fitting does not depend on the order in which edges were typed', () => {
    expect(fitsIn([100, 40, 10], [120, 50, 20])).toBe(true)
    expect(fitsIn([130, 10, 10], [120, 50, 20])).toBe(false)
  })
})

describe('what is pointed out', () => {
  it('life-saving things that lie deep, what leaks lying down, and what frost harms', () => {
    const problem: LayoutProblem = {
      bays: [bay('Bottom', { reachSeconds: 20, upright: false })],
      things: [
        thing('tourniquet-windlass', 0),
        thing('gauze', 0, { goods: { ...goodsFor('gauze'), leaks: true, frostHarms: true } }),
      ],
    }
    expect(pointersOf(problem, 'unheated').map(({ code }) => code)).toEqual([
      'deep',
      'frost',
      'upright',
    ])
    expect(pointersOf(problem, 'heated').map(({ code }) => code)).toEqual(['deep', 'upright'])
  })
})

describe('each rule', () => {
  const base = goodsFor('gauze')
  const lying = (goods: Partial<typeof base>, more: Partial<Thing> = {}): Thing =>
    thing('gauze', 0, { ...more, goods: { ...base, ...goods } })
  const medicine = { isMedicine: true, ingredient: 'a', strength: '1 mg', made: 'people' } as const
  it.each([
    ['deep', [lying({ urgency: 'life' })], { reachSeconds: 11 }, { reachSeconds: 10 }],
    ['too_big', [lying({}, { stiff: [210, 10, 10] })], {}, { inner: null }],
    ['fridge', [lying({ cold: true })], {}, { sort: 'elsewhere', spot: 'fridge' }],
    ['frost', [lying({ frostHarms: true })], { spot: 'freezer' }, { spot: 'bedside' }],
    ['upright', [lying({ leaks: true })], { upright: false }, { upright: true }],
    ['light', [lying({ lightHarms: true })], { clear: true }, { clear: false }],
  ] as const)('%s is pointed out where it holds, and only there', (code, things, wrong, right) => {
    const codes = (more: Partial<Bay>) =>
      pointersOf({ things, bays: [bay('A', { ...more })] }, 'heated').map((one) => one.code)
    expect(codes(wrong)).toContain(code)
    expect(codes(right)).not.toContain(code)
  })
  it.each([
    ['strengths', lying(medicine), lying({ ...medicine, strength: '2 mg' })],
    ['mixed', lying(medicine), lying({ ...medicine, ingredient: 'b', made: 'animals' })],
    ['burns', lying({ flammable: true }), lying({ sparks: true })],
  ] as const)('%s is pointed out for two together, not apart', (code, one, other) => {
    const codes = (at: number) =>
      pointersOf({ things: [one, { ...other, at }], bays: [bay('A'), bay('B')] }, 'heated').map(
        (pointer) => pointer.code,
      )
    expect(codes(0)).toContain(code)
    expect(codes(1)).not.toContain(code)
  })
})

describe('pockets on the mat', () => {
  const cells = fc.array(
    fc.record({
      column: fc.integer({ min: 1, max: 12 }),
      row: fc.integer({ min: 1, max: 6 }),
      columns: fc.integer({ min: 2, max: 12 }),
      rows: fc.integer({ min: 1, max: 3 }),
    }),
    { minLength: 1, maxLength: 9 },
  )
  const settle = (
    raw: readonly { column: number; row: number; columns: number; rows: number }[],
  ) => {
    let placed: ReturnType<typeof placeAt> = []
    raw.forEach((cell, index) => {
      placed = placeAt([...placed, { id: `${index}`, cell }], `${index}`, cell)
    })
    return placed
  }
  it('never lie on each other, stay on the mat and leave no empty row', () => {
    fc.assert(
      fc.property(cells, fc.nat(8), fc.integer({ min: -3, max: 15 }), (raw, which, column) => {
        const placed = settle(raw)
        const id = `${which % raw.length}`
        const before = placed.find((one) => one.id === id)
        if (!before) return
        const after = placeAt(placed, id, { ...before.cell, column, row: before.cell.row + 1 })
        expect(after.map((one) => one.id).sort()).toEqual(placed.map((one) => one.id).sort())
        after.forEach((one, at) => {
          expect(one.cell.column).toBeGreaterThanOrEqual(1)
          expect(one.cell.column + one.cell.columns - 1).toBeLessThanOrEqual(MAT_COLUMNS)
          for (const other of after.slice(0, at)) expect(overlaps(one.cell, other.cell)).toBe(false)
        })
        const last = Math.max(...after.map(({ cell }) => cell.row + cell.rows - 1))
        for (let row = 1; row <= last; row++)
          expect(after.some(({ cell }) => cell.row <= row && row < cell.row + cell.rows)).toBe(true)
      }),
    )
  })
  it('push away what lies where one is put', () => {
    const two = settle([
      { column: 1, row: 1, columns: 6, rows: 1 },
      { column: 7, row: 1, columns: 6, rows: 1 },
    ])
    const moved = placeAt(two, '0', { column: 5, row: 1, columns: 6, rows: 1 })
    expect(moved.map(({ cell }) => [cell.column, cell.row])).toEqual([
      [5, 1],
      [7, 2],
    ])
  })
})

describe('templates', () => {
  it.each(SHAPES)(
    '%s: pockets lie on the mat, none over another, measures longest first',
    (shape) => {
      const { pockets, container } = TEMPLATES[shape]
      pockets.forEach((one, at) => {
        expect(one.cell.column + one.cell.columns - 1).toBeLessThanOrEqual(MAT_COLUMNS)
        for (const other of pockets.slice(0, at)) expect(overlaps(one.cell, other.cell)).toBe(false)
        const { inner } = one
        expect(inner && inner[0] >= inner[1] && inner[1] >= inner[2]).toBe(true)
      })
      expect(container.grams).toBeGreaterThan(0)
    },
  )
})
