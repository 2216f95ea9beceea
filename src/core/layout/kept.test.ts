import { describe, expect, it } from 'vitest'
import { KEPT_KITS, type KeptKit, problemOfKept } from '../../../tests/support/keptKits'
import { seeded } from '../chance/seeded'
import { arrange } from './arrange'
import { FULL_AT, volumeOf } from './fill'
import { proposedLabels } from './labels'
import { gainsOf, movesOf } from './moves'
import { asItLies, type Layout, type LayoutProblem } from './problem'
import { isForOthers } from './purpose'
import { scoreOf, wishesOf } from './score'

/** Things that lie where another species, member or age is at home. */
const strangers = ({ things, bays }: LayoutProblem, layout: Layout): readonly string[] =>
  things.flatMap(({ title, goods, whose }, index) => {
    const bay = bays[layout[index] ?? 0]
    return bay && isForOthers(goods, whose, bay.purpose) ? [`${title} in ${bay.name}`] : []
  })

/** Things that lay beside a companion and do not any more. */
const parted = ({ things }: LayoutProblem, layout: Layout): readonly string[] =>
  wishesOf(things).flatMap(({ index, players, cost }) =>
    cost === 'parted' && !players.some((one) => layout[one] === layout[index])
      ? [things[index]?.title ?? '']
      : [],
  )

describe.each(KEPT_KITS)('$name', (kit) => {
  const { problem } = problemOfKept(kit)
  it('is left nearly as it was, and what is moved has a reason a person would give', () => {
    const { layout, score, before } = arrange(problem)
    expect(score).toBeLessThanOrEqual(before + 1e-6)
    const moves = movesOf(problem, layout)
    expect(moves.length).toBeLessThanOrEqual(1)
    for (const { why } of moves) expect(why).not.toEqual([{ kind: 'room' }])
    expect(parted(problem, layout)).toEqual([])
    expect(strangers(problem, layout)).toEqual(strangers(problem, asItLies(problem)))
  })
  it('turned upside down is laid out from scratch at least as well', () => {
    const random = seeded(7)
    const jumbled = problemOfKept(kit, () => Math.floor(random() * kit.pockets.length))
    const afresh = { ...jumbled.problem, afresh: true }
    const { layout, score } = arrange(afresh)
    expect(score).toBeLessThanOrEqual(scoreOf(afresh, jumbled.kept) + 1e-6)
    expect(strangers(afresh, layout)).toEqual([])
  })
})

it('drawers without labels are laid out as their keeper did', () => {
  const kit = KEPT_KITS.find(({ name }) => name === 'drawers without labels')
  if (!kit) throw new Error('not kept')
  const random = seeded(7)
  const { problem, kept } = problemOfKept(kit, () => Math.floor(random() * kit.pockets.length))
  const { layout } = arrange({ ...problem, afresh: true })
  const together = (of: Layout): string[] =>
    problem.bays
      .map((_, at) => problem.things.flatMap(({ key }, i) => (of[i] === at ? [key] : [])).join(' '))
      .sort()
  expect(together(layout)).toEqual(together(kept))
})

describe('what is said of a layout', () => {
  const kept = (name: string): KeptKit => {
    const kit = KEPT_KITS.find((one) => one.name === name)
    if (!kit) throw new Error(`There is no ${name}`)
    return kit
  }
  it('names what comes to hand, with its seconds before and after', () => {
    const { problem } = problemOfKept(kept('a tray box for a family'), (_, at) =>
      // The lid's things lie at the bottom, as in many a box that was bought.
      at === 0 ? 3 : at,
    )
    const { layout } = arrange(problem)
    expect(gainsOf(problem, layout)).toContainEqual({
      kind: 'sooner',
      title: 'Windlass tourniquet',
      from: 18,
      to: 3,
    })
    const moves = movesOf(problem, layout)
    const pen = moves.find(({ title }) => title === 'Pen and incident card')
    expect(pen?.why).toContainEqual({ kind: 'beside', title: 'Windlass tourniquet' })
    expect(parted(problem, layout)).toEqual([])
  })
  it('says which pocket closes then, which does not, and what lies among fewer things', () => {
    const { problem } = problemOfKept(kept('drawers without labels'))
    // The first drawer closes only without the first two things.
    const rest = problem.things.slice(2).reduce((sum, one) => sum + one.volume, 0)
    const edge = Math.cbrt((rest / FULL_AT) * 1.0001)
    const bays = problem.bays.map((bay) => ({ ...bay, inner: [edge, edge, edge] as const }))
    const things = problem.things.map((one) => ({ ...one, at: 0, stiff: null }))
    const crowded: LayoutProblem = { bays, things }
    const apart = things.map((_, index) => (index < 2 ? 1 : 0))
    expect(gainsOf(crowded, apart)).toContainEqual({ kind: 'closes', bay: 'Drawer 1' })
    expect(gainsOf(crowded, apart).some(({ kind }) => kind === 'fuller')).toBe(false)
    const other: LayoutProblem = {
      bays,
      things: things.map((one, index) => ({ ...one, at: apart[index] ?? 0 })),
    }
    expect(gainsOf(other, asItLies(crowded))).toContainEqual({ kind: 'fuller', bay: 'Drawer 1' })
    const reasons = movesOf(crowded, apart).flatMap(({ why }) => why)
    expect(reasons).toContainEqual({ kind: 'closes', bay: 'Drawer 1' })
    expect(reasons).toContainEqual({
      kind: 'fewer',
      from: things.length - 1,
      to: 1,
    })
  })
  it('tells a pair once, though each of the two wishes for the other', () => {
    const kit = kept('an asthmatic’s bag')
    const { problem } = problemOfKept(kit, (index, at) => (index === 1 ? 2 : at))
    const { layout } = arrange(problem)
    const told = gainsOf(problem, layout).flatMap((one) =>
      one.kind === 'beside' ? [[one.title, one.with].sort().join()] : [],
    )
    expect(told).toContain('Inhaler spacer,Reliever inhaler')
    expect(new Set(told).size).toBe(told.length)
  })
  it('a pocket is too full only where it is so now', () => {
    const { problem } = problemOfKept(kept('a stable box'))
    const roomy = { ...problem, bays: problem.bays.map((bay) => ({ ...bay, inner: null })) }
    const tray = problem.bays.findIndex(({ name }) => name === 'Tray · horses')
    const tight = arrange(problem)
    expect(shareIn(problem, asItLies(problem), tray)).toBeGreaterThan(1)
    for (const { layout } of [tight, arrange(roomy)])
      for (const { why } of movesOf(roomy, layout))
        expect(why.some(({ kind }) => kind === 'closes')).toBe(false)
  })
  it('proposes a label for a drawer that says nothing, and leaves a keeper’s own words', () => {
    const { problem } = problemOfKept(kept('drawers without labels'))
    expect(proposedLabels(problem, asItLies(problem)).map(({ name }) => name)).toEqual([
      'Drawer 1 · wounds',
      'Drawer 2 · fever, pain',
      'Drawer 3 · bandages',
    ])
    const labelled = problemOfKept(kept('a tray box for a family')).problem
    expect(proposedLabels(labelled, asItLies(labelled))).toEqual([])
    const own = { ...problem, bays: problem.bays.map((bay) => ({ ...bay, name: 'Grandma’s' })) }
    expect(proposedLabels(own, asItLies(own))).toEqual([])
  })
  it('proposes another label where nothing fits the one there is', () => {
    const kit = kept('drawers without labels')
    const wrong: KeptKit = {
      ...kit,
      pockets: kit.pockets.map((one, at) => (at === 1 ? { ...one, name: 'Two · burns' } : one)),
    }
    const { problem } = problemOfKept(wrong)
    expect(proposedLabels(problem, asItLies(problem))).toContainEqual({
      bay: 1,
      name: 'Two · fever, pain',
      names: 4,
      of: 4,
    })
  })
})

const shareIn = ({ things, bays }: LayoutProblem, layout: Layout, at: number): number => {
  const inner = bays[at]?.inner
  const volume = things.reduce(
    (sum, one, index) => sum + (layout[index] === at ? one.volume : 0),
    0,
  )
  return inner ? volume / (FULL_AT * volumeOf(inner)) : 0
}
