/** The derived list, the sitter's evening and a member's sheet. */
import { describe, expect, it } from 'vitest'
import {
  aMember,
  aPantry,
  aPerson,
  aQuestion,
  DAY,
  type Scene,
  stateOf,
} from '../../../tests/support/cover'
import { addDays } from '../calendar/plainDate'
import { evening } from '../judgement/evening'
import { memberSheet } from '../judgement/memberSheet'
import { board } from './board'
import { propose } from './proposal'

const ilse = aPerson(38, {
  name: 'Ilse',
  helper: true,
  facts: {
    sex: 'female',
    gloveSize: 'S',
    skills: [{ skill: 'rescue-breaths', until: null, by: 'School' }],
    doctor: { name: 'Dr Aske', phone: '555-0131' },
  },
})
const baby = aPerson(0.7, { name: 'Runa', kg: 8, facts: { swallowsTablets: false } })
const dog = aMember('dog', { name: 'Bracken', years: 6, kg: 14 })
const PARTY = [ilse, baby, dog]

function proposalFor(scene: Partial<Scene> = {}) {
  const laid = aPantry({ members: PARTY, put: [], traits: ['tap', 'night'], ...scene })
  const question = aQuestion(laid)
  const [place] = laid.stock.places
  if (!place) throw new Error('The scene has a place')
  return propose(laid, { ...question, place })
}
const lineOf = ({ lines }: ReturnType<typeof proposalFor>, entryId: string) =>
  lines.find((line) => line.entryId === entryId)

describe('the proposed list', () => {
  it('gives each line its chain of reasons, and the largest sets the number', () => {
    const list = proposalFor()
    for (const line of list.lines) {
      expect(line.reasons.length).toBeGreaterThan(0)
      expect(line.reasons.some(({ sets }) => sets)).toBe(true)
      expect(line.par).toBeGreaterThan(0)
    }
    const syringe = lineOf(list, 'oral-syringe-5')
    expect(syringe).toBeUndefined()
    expect(lineOf(list, 'gloves-s')?.par).toBe(2000)
    expect(lineOf(list, 'breathing-barrier')?.par).toBe(2000)
  })
  it('follows the party: nothing for whom it does not suit, something for each that it does', () => {
    const titles = (members: Scene['members']) =>
      proposalFor({ members }).lines.map(({ entryId }) => entryId)
    expect(titles([ilse])).not.toContain('nappies')
    expect(titles(PARTY)).toEqual(expect.arrayContaining(['slip-lead', 'nappies', 'dog-food']))
    const withNed = titles([ilse, aPerson(8, { kg: 26, facts: { conditions: ['asthma'] } })])
    expect(withNed).toEqual(
      expect.arrayContaining(['spacer', 'oral-syringe-5', 'acetaminophen-liquid']),
    )
  })
  it('follows the schools: no tablets of a people’s medicine for a dog, comfort only in the store', () => {
    const list = proposalFor()
    const forDog = list.lines.filter(({ reasons }) =>
      reasons.some(({ members }) => members.some(({ name }) => name === 'Bracken')),
    )
    expect(forDog.map(({ entryId }) => entryId)).not.toContain('cetirizine-10')
    const laid = aPantry({ members: PARTY, put: [], schools: { duplicates: 'one-store' } })
    const [, away] = laid.stock.places
    if (!away) throw new Error('The scene has two places')
    expect(
      new Set(propose(laid, { ...aQuestion(laid), place: away }).lines.map(({ tier }) => tier)),
    ).toEqual(new Set(['life']))
  })
  it('does not change its mind when its lines are accepted', () => {
    const first = proposalFor()
    const put = first.lines.flatMap(({ entryId, par }) =>
      entryId ? [{ of: entryId, count: par / 1000 }] : [],
    )
    const then = proposalFor({ put })
    expect(then.lines.filter(({ here, par }) => here < par)).toEqual([])
    const bare = proposalFor({ put: put.map((one) => ({ ...one, days: -1 })) })
    expect(bare.lines.map(({ entryId }) => entryId).sort()).toEqual(
      first.lines.map(({ entryId }) => entryId).sort(),
    )
  })
  it('says what it cannot meet', () => {
    const tove = aPerson(60, { name: 'Tove', facts: { bloodThinner: true } })
    expect(proposalFor({ members: [tove] }).unmet).toContainEqual({
      needId: 'chest-pain',
      need: 'Chest pain',
      members: ['Tove'],
    })
  })
  it('counts what is good here, prices what is missing in whole packs', () => {
    const list = proposalFor({
      put: [
        { of: 'closure-strips', count: 3 },
        { of: 'non-stick-pad', count: 30, days: -1 },
      ],
    })
    expect(lineOf(list, 'closure-strips')).toMatchObject({ here: 3000, par: 4000, costMinor: 480 })
    expect(lineOf(list, 'non-stick-pad')).toMatchObject({ here: 0 })
  })
  it('notices a kit grown for a former life', () => {
    const former = (members: Scene['members']) =>
      proposalFor({
        members,
        put: [{ of: 'baby-formula' }, { of: 'recovery-food' }, { of: 'gauze' }],
      }).formerLife.map(({ title, why }) => `${title}: ${why}`)
    expect(former(PARTY)).toEqual(['Recovery food 20 g: nobody_it_suits'])
    expect(former([ilse, aMember('rabbit')])).toEqual(['Baby formula: nobody_it_suits'])
  })
})

describe('a sitter’s evening', () => {
  const asked = (scene: Partial<Scene>, skills: readonly 'auto-injector'[] = []) => {
    const ned = aPerson(8, { name: 'Ned', kg: 26, facts: { conditions: ['anaphylaxis'] } })
    const laid = aPantry({
      members: [ned],
      put: [{ of: 'adrenaline-015', count: 2 }],
      courses: [{ member: ned, of: 'adrenaline-015', perDay: null, directions: '' }],
      ...scene,
    })
    return evening(laid, aQuestion(laid, { skills: new Set(skills) }), {
      emergency: '112',
      poison: '',
    })
  }
  it('names the missing skill, number, doctor, and directions', () => {
    const { links } = asked({})
    expect(links).toContainEqual(
      expect.objectContaining({ code: 'need', state: 'held', forWantOfSkill: 'auto-injector' }),
    )
    expect(links).toContainEqual({ code: 'no_number', which: 'poison' })
    expect(links.map(({ code }) => code)).toEqual(
      expect.arrayContaining(['no_contact', 'directions']),
    )
  })
  it('a sitter who was taught has one link less', () => {
    const untaught = asked({})
    const taught = asked({}, ['auto-injector'])
    expect(taught.ready).toBe(untaught.ready + 1)
    expect(taught.of).toBe(untaught.of)
    expect(
      taught.links.some((link) => link.code === 'need' && link.need.id === 'anaphylaxis'),
    ).toBe(false)
  })
})

describe('a member’s sheet', () => {
  it('shows by place what holds, what is held back with its reasons, and the medicines', () => {
    const cat = aMember('cat', { name: 'Moth', kg: 4 })
    const laid = aPantry({
      members: [ilse, cat],
      put: [
        { of: 'acetaminophen-500' },
        { of: 'cetirizine-10' },
        { of: 'towel-wrap' },
        { of: 'gauze', kit: 1 },
      ],
      courses: [{ member: cat, of: 'cetirizine-10', perDay: 1000 as never }],
    })
    const sheet = memberSheet(laid, cat.id, DAY)
    expect(sheet?.places).toHaveLength(2)
    expect(sheet?.courses[0]?.state).toEqual({
      kind: 'regular',
      days: 10,
      lastDay: addDays(DAY, 9),
    })
    expect(sheet?.places[0]?.ready.ready).toBeGreaterThan(sheet?.places[1]?.ready.ready ?? 100)
    expect(memberSheet(laid, 'nobody' as never, DAY)).toBeNull()
  })
  it('what is left over of a course waits for the prescriber’s word', () => {
    const ned = aPerson(20, { name: 'Ned' })
    const course = {
      member: ned,
      of: 'cetirizine-10',
      startsOn: addDays(DAY, -30),
      endsOn: addDays(DAY, -10),
    }
    const stateWith = (courses: Scene['courses']) => {
      const laid = aPantry({ members: [ned], put: [{ of: 'cetirizine-10' }], courses })
      return stateOf(board(laid, aQuestion(laid)), 'allergy', ned)
    }
    expect(stateWith([course])).toBe('held')
    const release = { by: 'Dr Aske', on: DAY, words: 'Fine for hay fever' }
    expect(stateWith([{ ...course, release }])).toBe('covered')
    expect(stateWith([course, { ...course, startsOn: DAY, endsOn: null }])).toBe('held')
    expect(stateWith([course, { ...course, startsOn: DAY, endsOn: null, perDay: null }])).toBe(
      'covered',
    )
  })
  it('what is left over stands on the sheet as left over, and what is held otherwise does not count', () => {
    const ned = aPerson(20, { name: 'Ned' })
    const course = { member: ned, of: 'cetirizine-10', startsOn: addDays(DAY, -30) }
    const line = (endsOn: typeof DAY | null) =>
      memberSheet(
        aPantry({
          members: [ned],
          put: [{ of: 'cetirizine-10' }],
          courses: [{ ...course, endsOn, perDay: 1000 as never }],
        }),
        ned.id,
        DAY,
      )?.courses[0]
    const ended = line(addDays(DAY, -10))
    expect(ended?.state.kind).toBe('left_over')
    expect(ended?.there).toBeGreaterThan(0)
    expect(ended?.state).toEqual({ kind: 'left_over', amount: ended?.there })
    expect(line(null)?.state.kind).toBe('regular')
  })
  it('a medicine of one is held back from another, by name', () => {
    const moth = aMember('cat', { name: 'Moth' })
    const other = aMember('cat', { name: 'Fern' })
    const laid = aPantry({
      members: [moth, other],
      put: [{ of: 'styptic-powder' }, { of: 'towel-wrap' }],
      courses: [{ member: moth, of: 'styptic-powder' }],
    })
    expect(memberSheet(laid, other.id, DAY)?.places[0]?.held[0]?.why).toEqual([
      { code: 'somebody_elses', whose: 'Moth' },
    ])
    expect(memberSheet(laid, moth.id, DAY)?.places[0]?.held).toEqual([])
  })
})
