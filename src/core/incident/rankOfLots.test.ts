import { describe, expect, it } from 'vitest'
import { plainDate } from '../calendar/plainDate'
import type { Objection } from '../cover/objections'
import {
  type AtHandLot,
  asLastResort,
  bestFirst,
  inOrder,
  RANKS,
  type Rank,
  rankOf,
  type Scene,
  type UseWay,
} from './rankOfLots'

const day = plainDate('2026-11-20')
const lot = (change: object = {}): AtHandLot =>
  ({
    lotId: 'a',
    shelf: { through: plainDate('2028-01-01'), seconds: 10 },
    title: 'Dressing',
    isHere: true,
    rank: 'taught',
    remarks: [],
    onTheirWord: false,
    ...change,
  }) as unknown as AtHandLot
const ranked = (...ranks: readonly Rank[]) => ranks.map((rank) => lot({ rank }))
const SPENT = { code: 'spent', day } as unknown as Objection
const THEIRS = { code: 'somebody_elses', whose: 'Ned' } as unknown as Objection
const RECALLED = { code: 'recalled', bulletin: 'B-7' } as unknown as Objection
const FORBIDDEN = { code: 'allergy', substance: 'ibuprofen' } as unknown as Objection

describe('how good a way is', () => {
  it.each([
    [[], 'taught'],
    [['taught'], 'taught'],
    [['taught', 'usable'], 'usable'],
    [['usable', 'past_date'], 'past_date'],
    [['taught', 'recalled'], 'recalled'],
    [['past_date', 'prescribed'], 'prescribed'],
  ] as const)('%j: %s', (ranks, rank) => {
    expect(rankOf(ranked(...ranks))).toBe(rank)
  })
})

describe('which lot is offered first', () => {
  const first = (a: object, b: object) => {
    const [one] = [lot({ lotId: 'b', ...b }), lot({ lotId: 'a', ...a })].sort(bestFirst)
    return one?.lotId
  }
  it.each(RANKS.slice(1).map((rank, at) => [RANKS[at], rank]))('%s before %s', (better, worse) => {
    expect(first({ rank: better }, { rank: worse })).toBe('a')
  })
  it('here before elsewhere, one’s own before another’s, near before far', () => {
    expect(first({}, { isHere: false })).toBe('a')
    expect(first({}, { onTheirWord: true })).toBe('a')
    const reach = (seconds: number | null) => ({
      shelf: { through: day, seconds },
    })
    expect(first(reach(5), reach(60))).toBe('a')
  })
  it('of two alike the one that turns sooner; what never turns comes last', () => {
    const until = (through: string | null) => ({ shelf: { through, seconds: 10 } })
    expect(first(until('2027-01-01'), until('2028-01-01'))).toBe('a')
    expect(first(until('2028-01-01'), until(null))).toBe('a')
  })
  it('a better rank elsewhere wins over a lesser one here', () => {
    expect(first({ rank: 'taught', isHere: false }, { rank: 'past_date' })).toBe('a')
  })
})

describe('what is used when there is nothing better', () => {
  it('past its day is said to be', () => {
    expect(asLastResort(lot(), [SPENT], false)?.rank).toBe('past_date')
  })
  it('another’s life-saver only where a life is at stake, and on the line’s word', () => {
    expect(asLastResort(lot(), [THEIRS], false)).toBeNull()
    expect(asLastResort(lot(), [THEIRS], true)).toMatchObject({ onTheirWord: true, rank: 'taught' })
    expect(asLastResort(lot(), [THEIRS, SPENT], true)).toMatchObject({
      onTheirWord: true,
      rank: 'past_date',
    })
  })
  it('a recalled one last of all, and never together with anything else against it', () => {
    expect(asLastResort(lot(), [RECALLED], false)).toBeNull()
    expect(asLastResort(lot(), [RECALLED], true)?.rank).toBe('recalled')
    expect(asLastResort(lot(), [RECALLED, THEIRS], true)).toBeNull()
  })
  it('what must not be had is no last resort, whatever is at stake', () => {
    for (const more of [[], [SPENT], [THEIRS], [RECALLED]])
      expect(asLastResort(lot(), [FORBIDDEN, ...more], true)).toBeNull()
  })
})

describe('in which order ways are offered', () => {
  const scene = (here: string | null) => ({ here }) as unknown as Scene
  const way = (name: string, lots: readonly AtHandLot[] | null): UseWay =>
    ({
      way: name,
      parts: [{ roles: [lots === null ? 'pressure' : 'windlass'], lots: lots ?? [] }],
    }) as unknown as UseWay
  const names = (ways: readonly UseWay[], here: string | null = 'home') =>
    inOrder(scene(here), ways).map(({ way: name }) => name)
  const press = way('press', null)
  const pack = way('pack', null)

  it('a windlass that is here, near and taught keeps its place', () => {
    expect(names([way('windlass', [lot()]), press, pack])).toEqual(['windlass', 'press', 'pack'])
  })
  it.each([
    ['not taught', [lot({ remarks: [{ code: 'no_skill', skill: 'tourniquet' }] })]],
    ['elsewhere', [lot({ isHere: false })]],
    ['too far', [lot({ shelf: { through: day, seconds: 181 } })]],
    ['not to be had', []],
  ])('one that is %s comes after pressing, and before the rest', (_, lots) => {
    expect(names([way('windlass', lots), press, pack])).toEqual(['press', 'windlass', 'pack'])
  })
  it('three minutes away is near enough', () => {
    const near = way('windlass', [lot({ shelf: { through: day, seconds: 180 } })])
    expect(names([near, press])).toEqual(['windlass', 'press'])
  })
  it('where nothing else is there and nobody knows where one is, the order stays', () => {
    const far = way('windlass', [lot({ isHere: false })])
    expect(names([far, far], null)).toEqual(['windlass', 'windlass'])
  })
})
