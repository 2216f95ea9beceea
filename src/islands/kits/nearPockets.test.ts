import { describe, expect, it } from 'vitest'
import { nearPockets } from './nearPockets'

type Ref = Parameters<typeof nearPockets>[0][number]
const pocket = (id: string, name: string, kit: string, place: string): Ref =>
  ({ id, name, kitId: kit, kit, placeId: place, place }) as unknown as Ref

const ALL = [
  pocket('1', 'Lid', 'Boot bag', 'Estate car'),
  pocket('2', 'Tray 2', 'Hall drawers', 'Row house'),
  pocket('3', 'Tray 10', 'Hall drawers', 'Row house'),
  pocket('4', 'Shelf', 'Bathroom cabinet', 'Row house'),
  pocket('5', 'Pouch', 'Pantry roll', 'Cottage'),
]

describe('where something may go', () => {
  it('is the same kit first, then the same place, then the others by name', () =>
    expect(
      nearPockets(ALL, '3').map(({ group, items }) => [group, items.map(({ label }) => label)]),
    ).toEqual([
      ['In this kit', ['Tray 2', 'Tray 10']],
      ['Row house', ['Shelf · Bathroom cabinet']],
      ['Cottage', ['Pouch · Pantry roll']],
      ['Estate car', ['Lid · Boot bag']],
    ]))
  it('from nowhere it is by name alone, and none is lost', () => {
    const groups = nearPockets(ALL, null)
    expect(groups.map(({ group }) => group)).toEqual(['Cottage', 'Estate car', 'Row house'])
    expect(groups.flatMap(({ items }) => items.map(({ value }) => value)).sort()).toEqual(
      ALL.map(({ id }) => id),
    )
  })
})
