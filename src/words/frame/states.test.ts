import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'

const WORDS = 'src/words'
const files = readdirSync(WORDS, { recursive: true, encoding: 'utf8' }).filter(
  (name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && name !== 'frame/states.ts',
)

describe('the words of states', () => {
  it.each(['covered', 'plan_b', 'sound', 'turning'])(
    'stand in one table: no other file names %s',
    (state) => {
      expect(files.length).toBeGreaterThan(20)
      const others = files.filter((name) =>
        new RegExp(`\\b${state}: ['"\`]`).test(readFileSync(join(WORDS, name), 'utf8')),
      )
      expect(others).toEqual([])
    },
  )
})
