/** "If something happens": the answer is the board's, with the hands and the other places. */
import { describe, expect, it } from 'vitest'
import { aMember, aPantry, aPerson, DAY, type Scene } from '../../../tests/support/cover'
import { idOf } from '../../../tests/support/ids'
import { addDays } from '../calendar/plainDate'
import type { SkillId } from '../catalogue/skills'
import { NEED_BY_ID } from '../cover/needs'
import type { PlaceId } from '../ids'
import { canHappen, ifHappens } from './ifHappens'

const ned = aPerson(12, { name: 'Ned', kg: 40, facts: { conditions: ['anaphylaxis'] } })
const ilse = aPerson(40, {
  name: 'Ilse',
  helper: true,
  facts: { skills: [{ skill: 'auto-injector', until: addDays(DAY, 30), by: 'School' }] },
})
const anaphylaxis = NEED_BY_ID.get('anaphylaxis')
const askedOf = (
  scene: Partial<Scene>,
  date = DAY,
  at = 0,
  hands: ReadonlySet<SkillId> | null = null,
) => {
  const pantry = aPantry({ members: [ned, ilse], put: [], ...scene })
  const place = pantry.stock.places[at]
  if (!place || !anaphylaxis) throw new Error('The scene has two places')
  return ifHappens(pantry, { member: ned, place, need: anaphylaxis, date, hands })
}
const pens = { put: [{ of: 'adrenaline-03', count: 2, days: 60 }] }

describe('if it happens', () => {
  it('says by which lots it is answered, and who there has been taught', () => {
    const { explanation, hands } = askedOf(pens)
    expect(explanation.cell.state).toBe('covered')
    expect(explanation.ways[0]?.parts[0]?.sources[0]?.seconds).toBe(5)
    expect(hands.map(({ skill, by }) => [skill, by.map(({ name }) => name)])).toEqual([
      ['auto-injector', ['Ilse']],
    ])
  })
  it.each([
    [null, 5, null],
    [4, 245, null],
    [5, 305, 5],
    [9, 545, 9],
  ])(
    'a kit %s minutes away: in the hand after %s s, told as %s minutes',
    (minutesAway, seconds, told) => {
      const { explanation } = askedOf({ ...pens, kits: [{ minutesAway }] })
      const [part] = explanation.ways[0]?.parts ?? []
      expect(part?.sources[0]?.seconds).toBe(seconds)
      expect(part?.minutesAway).toBe(told)
    },
  )
  it('where one more lies at hand, that is taken, and nothing is far', () => {
    const near = { of: 'adrenaline-03', count: 1, days: 400, kit: 1 }
    const { explanation } = askedOf({
      put: [...pens.put, near],
      kits: [{ minutesAway: 9 }, { placeId: idOf<PlaceId>(1, 1) }],
    })
    const [part] = explanation.ways[0]?.parts ?? []
    // Although the other turns first.
    expect(part?.sources.map(({ seconds }) => seconds)).toEqual([5, 545])
    expect(part?.minutesAway).toBeNull()
  })
  it('on a later day, without what has run out by then', () => {
    const { explanation, hands } = askedOf(pens, addDays(DAY, 61))
    expect(['covered', 'plan_b']).not.toContain(explanation.cell.state)
    expect(hands[0]?.by).toEqual([])
  })
  it('names the other places where it is ready', () => {
    const { explanation, elsewhere } = askedOf(pens, DAY, 1)
    expect(explanation.cell.state).toBe('none')
    expect(elsewhere.map(({ place, state }) => [place.name, state])).toEqual([
      ['Place 1', 'covered'],
    ])
  })
  it('asks neither what the kit is for nor what was left out: it has happened', () => {
    const pantry = aPantry({ members: [ned], put: [] })
    const placeId = pantry.stock.places[0]?.id as never
    const leftOut = [{ placeId, needId: 'anaphylaxis', memberId: null, reason: 'x' }]
    const { explanation } = askedOf({ ...pens, kits: [{ whom: 'animals' }], leftOut })
    expect(explanation.cell.state).toBe('covered')
  })
  it('with a sitter’s hands, here and at the other places: the household’s own do not count', () => {
    const [untaught, taught] = [new Set<SkillId>(), new Set<SkillId>(['auto-injector'])]
    const alone = askedOf(pens, DAY, 0, untaught)
    expect(alone.explanation.cell.state).toBe('held')
    expect(alone.hands).toEqual([{ skill: 'auto-injector', by: [], isTaught: false }])
    const shown = askedOf(pens, DAY, 0, taught)
    expect(shown.explanation.cell.state).toBe('covered')
    expect(shown.hands).toEqual([{ skill: 'auto-injector', by: [], isTaught: true }])
    const from = (hands: ReadonlySet<SkillId>) =>
      askedOf(pens, DAY, 1, hands).elsewhere.map(({ state }) => state)
    expect([from(untaught), from(taught)]).toEqual([['held'], ['covered']])
  })
  it('of somebody who is never there as well', () => {
    expect(askedOf({ ...pens, usuallyThere: [ilse.id] }).explanation.cell.state).toBe('covered')
  })
})

describe('what can happen', () => {
  const pantry = aPantry({ members: [ned, aMember('cat')], put: [], traits: ['ticks'] })
  const [place] = pantry.stock.places
  const names = (member: (typeof pantry.stock.members)[number] | null, date = DAY) =>
    place ? canHappen(pantry, member, place, date).map(({ id }) => id) : []
  it('is what concerns that member there, in that month', () => {
    expect(names(ned)).toContain('anaphylaxis')
    expect(names(ned)).not.toContain('nail')
    expect(names(ned, addDays(DAY, 200))).toContain('tick')
    expect(names(ned, addDays(DAY, 40))).not.toContain('tick')
    expect(names(pantry.stock.members[1] ?? null)).toContain('nail')
  })
  it('for nobody by name is what concerns whoever is there', () => {
    expect(names(null)).toContain('poison')
    expect(names(null)).not.toContain('anaphylaxis')
  })
})
