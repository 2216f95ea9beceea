/**
 * The shapes of kits as they are offered. After a change on purpose:
 * npx vitest run --project core src/core/household/container -u
 */
import { describe, expect, it } from 'vitest'
import { SHAPES, TEMPLATES } from './container'

const told = SHAPES.flatMap((shape) => {
  const { name, about, soft, container, pockets } = TEMPLATES[shape]
  return [
    `${name} (${shape})${soft ? ', soft' : ''}: ${about}`,
    `  outside ${container.outer?.join(' × ') ?? 'unknown'} mm, ${container.grams} g, carries ${container.carryGrams ?? 'any'} g`,
    ...pockets.map(
      ({ name: pocket, cell, inner, reachSeconds, sort, spot, clear, dry, upright }) =>
        `  ${pocket}: ${inner?.join(' × ') ?? 'unknown'} mm, ${reachSeconds} s, at ${cell.column}/${cell.row} ${cell.columns}×${cell.rows}, ${[sort, spot, clear && 'clear', dry && 'dry', upright && 'upright'].filter(Boolean).join(', ')}`,
    ),
    '',
  ]
})

describe('the shapes of kits', () => {
  it('are as they were read last', async () => {
    await expect(told.join('\n')).toMatchFileSnapshot('container.txt')
  })
  it.each(SHAPES)('%s: its pockets lie on the mat without covering each other', (shape) => {
    const { pockets } = TEMPLATES[shape]
    const taken = new Set<string>()
    for (const { name, cell } of pockets)
      for (let column = cell.column; column < cell.column + cell.columns; column++)
        for (let row = cell.row; row < cell.row + cell.rows; row++) {
          expect([name, column, column <= 12]).toEqual([name, column, true])
          expect([name, taken.has(`${column}/${row}`)]).toEqual([name, false])
          taken.add(`${column}/${row}`)
        }
  })
  it.each(SHAPES)('%s: what lies inside is no larger than it', (shape) => {
    const { container, pockets, soft } = TEMPLATES[shape]
    if (!container.outer) return
    const outer = [...container.outer].sort((a, b) => b - a)
    for (const { name, inner, sort } of pockets) {
      if (sort !== 'inside' || !inner) continue
      const edges = [...inner].sort((a, b) => b - a)
      // Cloth gives a little.
      const give = soft ? 1.15 : 1
      expect([name, edges.every((edge, at) => edge <= (outer[at] ?? 0) * give)]).toEqual([
        name,
        true,
      ])
    }
  })
})
