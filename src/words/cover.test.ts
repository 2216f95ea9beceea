/** Cover and a sitter's evening: every state, step and missing link from an example of it. */
import { describe, expect, it } from 'vitest'
import { ROLES } from '../core/catalogue/roles'
import { SKILLS } from '../core/catalogue/skills'
import type { Step } from '../core/cover/candidates'
import type { CellState } from '../core/cover/cellState'
import type { MissingLink } from '../core/judgement/evening'
import { cover, evening } from './cover'

const STATES: readonly CellState[] = ['covered', 'plan_b', 'thin', 'held', 'none']
const skill = Object.keys(SKILLS)[0] as keyof typeof SKILLS
const role = Object.keys(ROLES)[0] as keyof typeof ROLES
const kitName = (id: string) => `kit ${id}`

describe('the headline of the board', () => {
  it.each([
    [[], 0, 'Hill cottage: nobody is expected there'],
    [[], 5, 'Hill cottage: nothing life-saving is missing'],
    [['Choking'], 5, 'Hill cottage is not ready for choking'],
    [['Choking', 'Burn'], 5, 'Hill cottage is not ready for choking and burn'],
    [['Choking', 'Burn', 'Cut'], 5, 'Hill cottage is not ready for choking and burn, and one more'],
  ])('%j of %i', (gaps, all, said) => {
    expect(cover.headline('Hill cottage', gaps, all)).toBe(said)
  })
  it('says that it counts and does not advise', () => {
    expect(cover.under({ ready: 9, of: 11 })).toMatch(/^Ready for 9 of 11 life-saving and urgent/)
    expect(cover.under({ ready: 9, of: 11 })).toContain('it gives no advice')
  })
})

describe('if something happens', () => {
  const { ifHappens } = cover
  it.each([
    ['covered', 'Burn, Ned, Car: ready'],
    ['none', 'Burn, Ned, Car: nothing'],
  ] as const)('%s', (state, said) => {
    expect(ifHappens.headline('Burn', 'Ned', 'Car', state)).toBe(said)
  })
  it.each([
    [[], 'Nobody there is signed off: tourniquet'],
    [['Tove'], 'Tove has been taught: tourniquet'],
    [['Tove', 'Ilse'], 'Tove and Ilse have been taught: tourniquet'],
  ])('taught: %j', (by, said) => {
    expect(ifHappens.hands('tourniquet', by)).toBe(said)
  })
  it.each([
    [null, 'Nobody has said how far help is from Car.'],
    [1, 'Help is one minute from Car.'],
    [20, 'Help is 20 minutes from Car.'],
  ])('%s minutes', (minutes, said) => {
    expect(ifHappens.help('Car', minutes)).toBe(said)
  })
  it('leaving a need out is said of somebody, or of all', () => {
    const { leftOut } = cover
    expect([leftOut.of('Burn', null), leftOut.of('Burn', 'Ned')]).toEqual(['Burn', 'Burn for Ned'])
    expect(leftOut.did('Burn')).toBe('Burn is left out here')
    expect(leftOut.backDid('Burn for Ned')).toBe('Burn for Ned is expected again')
  })
})

describe('a cell', () => {
  it.each([
    ['covered', '', 'Burn, Ned: ready'],
    ['plan_b', 'plan B', 'Burn, Ned: plan B'],
    ['thin', '2 of 6', 'Burn, Ned: not enough, 2 of 6 uses'],
    ['held', 'held back', 'Burn, Ned: held back'],
    ['none', 'nothing', 'Burn, Ned: nothing'],
  ] as const)('%s', (state, short, long) => {
    expect(cover.cell(state, 2, 6)).toBe(short)
    expect(cover.cellLong('Burn', 'Ned', state, 2, 6)).toBe(long)
  })
  it('what it becomes is tried before it is said', () => {
    const becomes = (state: CellState) => ({ state, have: 3, need: 4 }) as never
    expect(STATES.map((state) => cover.afterIt(becomes(state)))).toEqual([
      'then ready',
      'then plan B',
      'then 3 of 4',
      'then held back',
      'then nothing',
    ])
    expect(STATES.map((state) => cover.together(state))[2]).toBe('all at once: not enough')
  })
  it('a part is any of what can serve, and how many of it', () => {
    const part = { any: [role] } as never
    expect(cover.part(null, 3)).toBe('Own medicine, 3')
    expect(cover.part(part, 1)).toBe(ROLES[role].name)
    expect(cover.part(part, 2)).toBe(`${ROLES[role].name} × 2`)
    const [a, b] = Object.keys(ROLES) as (keyof typeof ROLES)[]
    expect(cover.anyOf([a, b] as never)).toContain(' or ')
  })
  it.each([
    [1, null, 'Gauze · Lid'],
    [3, null, 'Gauze × 3 · Lid'],
    [1, 20, 'Gauze · Lid · 20 s'],
  ])('%i from where, in %s seconds', (count, seconds, said) => {
    expect(cover.source('Gauze', count, 'Lid', seconds)).toBe(said)
  })
})

describe('what would close a gap', () => {
  const move = { kind: 'move', title: 'Gauze', kitId: 'A' } as unknown as Step
  const buy = (packs: number, costMinor: number | null) =>
    ({ kind: 'buy', title: 'Tape', packs, costMinor }) as unknown as Step
  const learn = { kind: 'learn', skill, title: 'Tourniquet' } as unknown as Step
  const closing = (first: boolean, ...steps: Step[]) =>
    cover.closing({ steps, first } as never, kitName, 'EUR')
  it('is carried over, bought or learned', () => {
    expect(closing(true, move)).toBe('bring Gauze from kit A')
    expect(closing(true, buy(1, null))).toBe('buy Tape, one pack')
    expect(closing(true, buy(2, 250))).toMatch(/^buy Tape, 2 packs, about .*2\.50/)
    expect(closing(true, learn)).toContain(SKILLS[skill].name.toLowerCase())
    expect(closing(true, learn)).toContain(
      'have somebody taught and signed off: first aid course (Tourniquet is here)',
    )
  })
  it('says where only plan B comes of it, and all its steps', () => {
    expect(closing(false, move, buy(1, null))).toBe(
      'Plan B: bring Gauze from kit A; buy Tape, one pack',
    )
  })
})

describe('a sitter’s evening', () => {
  it.each([
    [0, 0, 0, 'Nobody is in the sitter’s care'],
    [0, 9, 9, 'The sitter could cope'],
    [1, 8, 9, 'One link is missing; ready for 8 of 9'],
    [3, 6, 9, '3 links are missing; ready for 6 of 9'],
  ])('%i links', (links, held, of, said) => {
    expect(evening.headline(links, held, of)).toBe(said)
  })
  const link = (one: object) => evening.link(one as MissingLink, () => 'Ned')
  it.each([
    [
      {
        code: 'need',
        need: { name: 'Choking' },
        memberId: 'x',
        state: 'thin',
        forWantOfSkill: null,
      },
      { what: 'Choking: Ned', todo: 'Not enough is there.' },
    ],
    [
      {
        code: 'need',
        need: { name: 'Choking' },
        memberId: null,
        state: 'none',
        forWantOfSkill: null,
      },
      { what: 'Choking', todo: 'Nothing is there.' },
    ],
    [
      { code: 'no_contact', whom: 'vet', memberId: 'x' },
      { what: 'No vet to call for Ned', todo: 'Add the name and number' },
    ],
    [
      { code: 'no_number', which: 'emergency' },
      { what: 'No emergency number', todo: 'Add it in Household' },
    ],
    [
      { code: 'no_number', which: 'poison' },
      { what: 'No number of a poison line', todo: 'Add it in Household' },
    ],
    [
      { code: 'weight', memberId: 'x', kind: 'stale' },
      { what: 'Ned’s weight is out of date', todo: 'Weigh before you leave' },
    ],
    [
      { code: 'weight', memberId: 'x', kind: 'unknown' },
      { what: 'Ned’s weight is not known', todo: 'Weigh before you leave' },
    ],
    [
      { code: 'directions', memberId: 'x', title: 'Injector' },
      {
        what: 'No directions for Ned’s Injector',
        todo: 'Write down what the prescriber wrote',
      },
    ],
  ])('%j', (one, said) => {
    expect(link(one)).toEqual(said)
  })
  it('what the sitter was not taught is shown to the sitter', () => {
    const { todo } = link({
      code: 'need',
      need: { name: 'Choking' },
      memberId: null,
      state: 'none',
      forWantOfSkill: skill,
    })
    expect(todo).toBe(`Show the sitter: ${SKILLS[skill].name.toLowerCase()}`)
  })
})

describe('what is not matched covers nothing', () => {
  it.each([
    [1, 'One item is not matched with the catalogue and covers nothing yet.'],
    [4, '4 items are not matched with the catalogue and cover nothing yet.'],
  ])('%i', (count, said) => {
    expect(cover.unmatched(count)).toBe(said)
  })
})
