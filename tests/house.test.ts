/** The house stays easy to build on: each figure of `npm run house` is at its goal or no worse than it was. */
import { describe, expect, it } from 'vitest'
import { circlesOf, codeLines, importsOf, isHeld, measure } from '../scripts/house'
import { mutantsOf, sample } from '../scripts/mutants'

describe('the house', () => {
  it.each(measure())('$name: $value, held at $holds', (figure) => {
    expect([figure.because, isHeld(figure)]).toEqual([figure.because, true])
    // What is held may never be looser than the goal allows once the goal is reached.
    expect(figure.least ? figure.holds <= figure.goal : figure.holds >= figure.goal).toBe(true)
  })
})

describe('how it is measured', () => {
  it('lines of code are those with something on them besides a comment', () => {
    expect(
      codeLines('/** Said.\n * More.\n */\nconst a = 1 // why\n\n// alone\nconst b = `x\ny`\n'),
    ).toBe(3)
  })
  it('a circle is found round any number of corners, and told once', () => {
    const file = (name: string, ...targets: readonly string[]) => ({
      path: `src/${name}.ts`,
      text: targets.map((target) => `import type { X } from './${target}'`).join('\n'),
    })
    const files = [file('a', 'b'), file('b', 'c'), file('c', 'a'), file('d', 'a', 'b')]
    expect(circlesOf(files)).toHaveLength(1)
    expect(circlesOf(files.slice(1))).toEqual([])
    expect(importsOf(file('a', 'b'))).toEqual(['src/b'])
  })
})

describe('a change by one word', () => {
  const text = "export const a = (n: number): string => (n > 1 && !none ? 'not above' : 'today')\n"
  const all = mutantsOf('src/words/a.ts', text)
  it('is made where a reader would believe it, and nowhere else', () => {
    expect(all.map(({ was, is }) => [was, is])).toEqual([
      ["'not above' : 'today'", "'today' : 'not above'"],
      ['&&', '||'],
      ['>', '>='],
      ['1', '(1 + 1)'],
      ['!', ''],
      ['not', 'now'],
      ['today', 'tomorrow'],
    ])
    for (const { from, to, was } of all) expect(text.slice(from, to)).toBe(was)
    expect(mutantsOf('src/core/a.ts', text)).toHaveLength(5)
  })
  it('is chosen by a seed', () => {
    expect(sample(all, 3, 1)).toEqual(sample(all, 3, 1))
    expect(sample(all, 3, 1)).not.toEqual(sample(all, 3, 2))
    expect(new Set(sample(all, 7, 1)).size).toBe(7)
  })
})
