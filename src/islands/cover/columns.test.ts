/** Columns of the board: rows of one name share a row, and a kit is judged alone by who is served worst. */
import { describe, expect, it } from 'vitest'
import { aMember, aPantry, aPerson, aQuestion, type Scene } from '../../../tests/support/cover'
import { byKits, byMembers, PARTY } from './columns'
import type { Cover } from './useCover'

const ilse = aPerson(40, { name: 'Ilse' })
const grete = aPerson(75, {
  name: 'Grete',
  facts: { allergies: [{ kind: 'substance', substance: 'latex' }] },
})
const dog = aMember('dog', { name: 'Bracken' })

function gridsOf(put: Scene['put']) {
  const laid = aPantry({ members: [ilse, grete, dog], put })
  const kits = laid.stock.kits
  const cover = { view: { members: laid.stock.members, kits }, laid } as unknown as Cover
  const question = aQuestion(laid, { kits: new Set(kits.map(({ id }) => id)) })
  return { people: byMembers(cover, question), kits: byKits(cover, question), ids: kits }
}
const rowOf = ({ rows }: ReturnType<typeof byMembers>, name: string, tier = 'urgent') =>
  rows.find((row) => row.name === name && row.tier === tier)

describe('by people and animals', () => {
  it('one row a name, each cell with the need of its own species', () => {
    const { people } = gridsOf([{ of: 'gauze' }])
    expect(people.rows.filter(({ name }) => name === 'Wound')).toHaveLength(1)
    const bleeding = rowOf(people, 'Heavy bleeding', 'life')
    expect(bleeding?.cells.map(({ column, of }) => [column, of.id])).toEqual([
      [ilse.id, 'bleed-heavy'],
      [grete.id, 'bleed-heavy'],
      [dog.id, 'bleed-animal'],
    ])
  })
  it('what concerns whoever is there has a column of its own', () => {
    const { people } = gridsOf([{ of: 'numbers-card', count: 1 }])
    expect(rowOf(people, 'Poison swallowed', 'life')?.cells).toEqual([
      expect.objectContaining({ column: PARTY, memberId: null, state: 'covered' }),
    ])
  })
})

describe('by kits', () => {
  it('shows each kit alone, by the member it serves worst', () => {
    const { kits, ids } = gridsOf([
      { of: 'elastic-bandage-latex', count: 3, kit: 0 },
      { of: 'elastic-bandage', count: 3, kit: 1 },
    ])
    const sprain = rowOf(kits, 'Sprain')
    expect(sprain?.cells.map(({ column, state, memberId }) => [column, state, memberId])).toEqual([
      [ids[0]?.id, 'held', grete.id],
      [ids[1]?.id, 'plan_b', ilse.id],
    ])
  })
  it('names only the kits that were taken along', () => {
    const laid = aPantry({ members: [ilse], put: [{ of: 'gauze' }] })
    const cover = {
      view: { members: laid.stock.members, kits: laid.stock.kits },
      laid,
    } as unknown as Cover
    expect(byKits(cover, aQuestion(laid)).columns.map(({ id }) => id)).toEqual([
      laid.stock.kits[0]?.id,
    ])
  })
})
