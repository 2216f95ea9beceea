/**
 * Every fixed sentence of the interface in one file, in the order of the catalogue: whoever changes a
 * word sees it there, beside what is said around it, and so does whoever reads the change.
 * After a change on purpose: npx vitest run --project core src/words/frame/english.test.ts -u
 */
import { describe, expect, it } from 'vitest'
import * as words from '..'

function fixedIn(value: unknown, path: string): readonly string[] {
  if (typeof value === 'string') return [`${path}: ${value}`]
  if (typeof value !== 'object' || value === null) return []
  return Object.entries(value).flatMap(([name, part]) =>
    fixedIn(part, path === '' ? name : `${path}.${name}`),
  )
}
const lines = fixedIn(words, '')
const said = lines.map((line) => line.slice(line.indexOf(': ') + 2))

describe('the fixed words of the interface', () => {
  it('are as they were read last', async () => {
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('english.txt')
  })
  it('have no space too many and no mark that was typed for another', () => {
    const careless = said.filter(
      (text) => / {2}|^\s|[^:]\s$|\s[,.;:!?](?:\s|$)|\.\.\.|'|"/.test(text) && !text.includes('\n'),
    )
    expect(careless).toEqual([])
  })
  it('do not shout, and do not say please twice', () => {
    expect(said.filter((text) => /!(?:\s|$)/.test(text))).toEqual([])
    expect(said.filter((text) => /[Cc]lick|[Ss]ubmit|[Ii]nvalid|[Oo]ops/.test(text))).toEqual([])
  })
})
