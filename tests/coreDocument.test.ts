/** Runs the worked examples of docs/core.md against the public face of the core. */
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import * as core from '../src/core'

const document = readFileSync(new URL('../docs/core.md', import.meta.url), 'utf8')
const blocks = [...document.matchAll(/```ts\n(.*?)```/gs)].map(([, code]) => code ?? '')
const EXAMPLE = /^(.+?) \/\/ → (.+)$/

/** One program of all blocks: what is declared earlier can be used later. */
function examplesOf(): { source: string; expected: string }[] {
  const found: { source: string; expected: string }[] = []
  for (const line of blocks.join('\n').split('\n')) {
    const [, source, expected] = EXAMPLE.exec(line) ?? []
    if (source && expected) found.push({ source, expected })
  }
  return found
}

const program = blocks
  .join('\n')
  .split('\n')
  .map((line) => {
    const [, source, expected] = EXAMPLE.exec(line) ?? []
    return source ? `results.push([(${source}), (${expected})]);` : line
  })
  .join('\n')

describe('docs/core.md', () => {
  const run = new Function(
    'core',
    `const { ${Object.keys(core).join(', ')} } = core; const results = [];\n${program}\nreturn results`,
  )
  const results: [unknown, unknown][] = run(core)
  const examples = examplesOf()
  it('has examples of every part', () => {
    expect(examples.length).toBeGreaterThan(25)
    expect(results).toHaveLength(examples.length)
  })
  it.each(examples.map(({ source, expected }, index) => [source, expected, index] as const))(
    '%s → %s',
    (_source, _expected, index) => {
      const [actual, wanted] = results[index] ?? []
      expect(actual).toEqual(wanted)
    },
  )
})
