/** The safety case names its tests; a name without a test is a hazard without a guard. */
import { existsSync, readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { describe, expect, it } from 'vitest'

const ROOT = resolve(import.meta.dirname, '../..')
const COLUMNS = 4

/** Lines of the hazard tables: who is hurt, control, test, what is left. */
const hazards = readFileSync(resolve(ROOT, 'docs/safety.md'), 'utf8')
  .split('## Hazards')
  .slice(1)
  .join('')
  .split('\n')
  .filter((line) => line.startsWith('|') && !/^\|[\s-|]+$/.test(line))
  .map((line) =>
    line
      .slice(1, -1)
      .split(' | ')
      .map((cell) => cell.trim()),
  )
  .filter(([first]) => first !== 'who is hurt, and how')

const NAMED = /^`([^`]+)` "([^"]+)"$/

/** The titles of a file as they are written, also those that stand as the first cell of a row. */
const has = (file: string, title: string): boolean => {
  const text = readFileSync(resolve(ROOT, file), 'utf8')
  return text.includes(`'${title}'`) || text.includes(title)
}

describe('the safety case', () => {
  it('has at least sixty hazards, each whole', () => {
    expect(hazards.length).toBeGreaterThanOrEqual(60)
    for (const row of hazards) {
      expect([row[0], row.length]).toEqual([row[0], COLUMNS])
      expect(row.every((cell) => cell !== '')).toBe(true)
    }
  })
  it('names none twice', () => {
    const names = hazards.map(([hazard]) => hazard)
    expect(new Set(names).size).toBe(names.length)
  })
  it.each(hazards.map(([hazard = '', , test = '']) => [hazard, test] as const))(
    '%s: its test is there',
    (_, test) => {
      const [, file = '', title = ''] = NAMED.exec(test) ?? []
      expect(file).not.toBe('')
      expect([file, existsSync(resolve(ROOT, file))]).toEqual([file, true])
      expect([title, has(file, title)]).toEqual([title, true])
    },
  )
})
