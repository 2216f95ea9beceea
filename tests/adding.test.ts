/** docs/ADDING.md: its worked example compiles, and the compiler misses what is left out. */
import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import ts from 'typescript'
import { beforeAll, describe, expect, it } from 'vitest'

const ROOT = resolve(import.meta.dirname, '..')
const document = readFileSync(resolve(ROOT, 'docs/ADDING.md'), 'utf8')

interface Block {
  readonly file: string
  readonly where: 'end' | 'after' | 'before'
  readonly anchor: string
  readonly code: string
}

const BLOCK =
  /^`(src\/[^`]+)`, (?:(at the end)|(after|before) `([^`]+)`[^:]*):\n\n```ts\n(.*?)```/gms
const blocks: readonly Block[] = [...document.matchAll(BLOCK)].map(
  ([, file = '', end, where, anchor = '', code = '']) => ({
    file,
    where: end ? 'end' : (where as 'after' | 'before'),
    anchor,
    code,
  }),
)

/** A file with the blocks put where the document says. */
function withBlocks(text: string, put: readonly Block[]): string {
  return put.reduce((done, { where, anchor, code }) => {
    if (where === 'end') return `${done}\n${code}`
    const at = done.indexOf(anchor)
    if (at < 0) throw new Error(`Nowhere to put it: ${anchor}`)
    if (where === 'before') return done.slice(0, at) + code + done.slice(at)
    const line = done.indexOf('\n', at) + 1
    return done.slice(0, line) + code + done.slice(line)
  }, text)
}

/** What leans on the example: who answers, who words the record, who presses, who decides. */
const TOLD = [
  'src/api/handlers/stock.ts',
  'src/words/frame/acts.ts',
  'src/islands/kits/mat/LotPanel.tsx',
  'src/islands/kits/mat/acts.ts',
  'src/app/stock/partActs.ts',
]

const config = ts.parseJsonConfigFileContent(
  ts.readConfigFile(resolve(ROOT, 'tsconfig.json'), ts.sys.readFile).config,
  ts.sys,
  ROOT,
)
let before: ts.Program | undefined

/** What the compiler says of the house with these blocks in it. */
function saidOf(put: readonly Block[], files: readonly string[]): readonly string[] {
  const changed = new Map(
    [...new Set(put.map(({ file }) => file))].map((file) => [
      resolve(ROOT, file),
      withBlocks(
        readFileSync(resolve(ROOT, file), 'utf8'),
        put.filter((one) => one.file === file),
      ),
    ]),
  )
  const host = ts.createCompilerHost(config.options, true)
  const read = host.getSourceFile.bind(host)
  host.getSourceFile = (name, languageVersion, ...rest) => {
    const text = changed.get(resolve(name))
    if (text !== undefined) return ts.createSourceFile(name, text, languageVersion, true)
    return before?.getSourceFile(name) && !blocks.some(({ file }) => resolve(ROOT, file) === name)
      ? before.getSourceFile(name)
      : read(name, languageVersion, ...rest)
  }
  const program = ts.createProgram(
    [...files.map((file) => resolve(ROOT, file)), resolve(ROOT, 'src/env.d.ts')],
    { ...config.options, noUnusedLocals: false },
    host,
  )
  before = program
  return files.flatMap((file) =>
    program
      .getSemanticDiagnostics(program.getSourceFile(resolve(ROOT, file)))
      .map(({ messageText }) => `${file}: ${ts.flattenDiagnosticMessageText(messageText, ' ')}`),
  )
}

describe('the worked example of docs/ADDING.md', () => {
  beforeAll(() => expect(new Set(blocks.map(({ file }) => file)).size).toBe(5))

  it('compiles', () => {
    expect(saidOf(blocks, TOLD)).toEqual([])
  })
  it('does not without its use case: the compiler says what is missing', () => {
    const said = saidOf(
      blocks.filter(({ file }) => file !== 'src/app/stock/partActs.ts'),
      ['src/api/handlers/stock.ts'],
    )
    expect(said.join('\n')).toMatch(/'tearLot' is missing/)
  })
  it('names only files that are there', () => {
    for (const [, path = ''] of document.matchAll(
      /`((?:src|tests|docs)\/[\w/.-]+\.(?:ts|tsx|md))`/g,
    ))
      expect([path, ts.sys.fileExists(resolve(ROOT, path))]).toEqual([path, true])
  })
})
