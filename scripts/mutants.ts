/**
 * Changes the code by one word and sees whether a test fails: `npm run mutants -- --count 200 --seed 7`.
 * What is changed is a copy; the figure that `npm run house` shows is kept in scripts/mutants.json.
 */
import { spawn } from 'node:child_process'
import {
  cpSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { parseArgs } from 'node:util'
import ts from 'typescript'

const ROOT = resolve(import.meta.dirname, '..')

export interface Mutant {
  readonly file: string
  readonly line: number
  readonly from: number
  readonly to: number
  readonly was: string
  readonly is: string
}

/** What computes, words or reads a form; tables of data are held by tests of their own. */
const TARGETS =
  /^(?:core\/(?!catalogue\/entries|guide\/(?:people|animals)|index)|words\/|device\/outbox|(?:islands\/.*\/(?:\w*[dD]raft|cardForms|acts|rows|columns|sorting)|ui\/formReading)\.ts$)/

const SWAPS: Readonly<Record<string, string>> = {
  '<': '<=',
  '<=': '<',
  '>': '>=',
  '>=': '>',
  '===': '!==',
  '!==': '===',
  '&&': '||',
  '||': '&&',
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
  '??': '&&',
}
/** One word for another that a reader would believe. */
const WORD_SWAPS: readonly (readonly [RegExp, string])[] = [
  [/\bnot\b/, 'now'],
  [/\bbefore\b/, 'after'],
  [/\babove\b/, 'below'],
  [/\bbelow\b/, 'above'],
  [/\bless\b/, 'more'],
  [/\bmore\b/, 'less'],
  [/\btoday\b/, 'tomorrow'],
  [/\bfrom\b/, 'to'],
  [/\buntil\b/, 'since'],
  [/\bon\b/, 'off'],
  [/\bin\b/, 'out of'],
  [/\bno\b/i, 'some'],
  [/\bone\b/i, 'two'],
]

/** Every change by one word that can be made in a file. */
export function mutantsOf(file: string, text: string): readonly Mutant[] {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true)
  const found: Mutant[] = []
  const put = (from: number, to: number, is: string): void => {
    const { line } = source.getLineAndCharacterOfPosition(from)
    found.push({ file, line: line + 1, from, to, was: text.slice(from, to), is })
  }
  const visit = (node: ts.Node): void => {
    if (ts.isTypeNode(node) || ts.isInterfaceDeclaration(node) || ts.isImportDeclaration(node))
      return
    if (ts.isBinaryExpression(node)) {
      const swap = SWAPS[node.operatorToken.getText()]
      if (swap) put(node.operatorToken.getStart(), node.operatorToken.getEnd(), swap)
    } else if (node.kind === ts.SyntaxKind.TrueKeyword) put(node.getStart(), node.getEnd(), 'false')
    else if (node.kind === ts.SyntaxKind.FalseKeyword) put(node.getStart(), node.getEnd(), 'true')
    else if (ts.isNumericLiteral(node)) put(node.getStart(), node.getEnd(), `(${node.text} + 1)`)
    else if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
      put(node.getStart(), node.getStart() + 1, '')
    else if (ts.isConditionalExpression(node)) {
      const { whenTrue, whenFalse } = node
      put(whenTrue.getStart(), whenFalse.getEnd(), `${whenFalse.getText()} : ${whenTrue.getText()}`)
    }
    if (file.startsWith('src/words/')) words(node)
    ts.forEachChild(node, visit)
  }
  /** The first word of a sentence that can be another. */
  const words = (node: ts.Node): void => {
    const isText =
      ts.isStringLiteral(node) ||
      ts.isNoSubstitutionTemplateLiteral(node) ||
      ts.isTemplateHead(node) ||
      ts.isTemplateMiddleOrTemplateTail(node)
    if (!isText || (ts.isPropertyAssignment(node.parent) && node.parent.name === node)) return
    const start = node.getStart()
    const said = text.slice(start, node.getEnd())
    for (const [word, other] of WORD_SWAPS) {
      const at = word.exec(said)
      if (!at) continue
      put(start + at.index, start + at.index + at[0].length, other)
      return
    }
  }
  visit(source)
  return found
}

/** A number from 0 to 1, the same for the same seed. */
function chance(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296
  }
}

/** So many of them, each as likely as the others. */
export function sample(all: readonly Mutant[], count: number, seed: number): readonly Mutant[] {
  const next = chance(seed)
  return [...all]
    .map((mutant) => ({ mutant, at: next() }))
    .sort((a, b) => a.at - b.at)
    .slice(0, count)
    .map(({ mutant }) => mutant)
}

const allMutants = (): readonly Mutant[] =>
  readdirSync(resolve(ROOT, 'src'), { recursive: true, encoding: 'utf8' })
    .filter((path) => TARGETS.test(path) && /\.ts$/.test(path) && !/\.test\.ts$/.test(path))
    .sort()
    .flatMap((path) => mutantsOf(`src/${path}`, readFileSync(resolve(ROOT, 'src', path), 'utf8')))

/** A copy of the project in which a test may be run on changed code. */
function workplace(): string {
  const folder = mkdtempSync(join(tmpdir(), 'satchel-mutants-'))
  for (const part of ['src', 'tests', 'docs', 'scripts', 'package.json', 'tsconfig.json'])
    cpSync(resolve(ROOT, part), join(folder, part), { recursive: true })
  symlinkSync(resolve(ROOT, 'node_modules'), join(folder, 'node_modules'))
  writeFileSync(
    join(folder, 'vitest.config.ts'),
    `export default { test: { include: ['src/**/*.test.ts', 'tests/device/*.test.ts'], pool: 'threads', isolate: false, maxWorkers: 1, testTimeout: 60000 } }`,
  )
  return folder
}

const MOST_MILLISECONDS = 180_000

/** Whether a test that uses the file fails; one that never ends counts as failing. */
const isKilled = (folder: string, { file, from, to, is }: Mutant): Promise<boolean> =>
  new Promise((settle) => {
    const path = join(folder, file)
    const text = readFileSync(path, 'utf8')
    writeFileSync(path, text.slice(0, from) + is + text.slice(to))
    const run = spawn(
      process.execPath,
      ['node_modules/vitest/vitest.mjs', 'related', file, '--run', '--bail=1', '--silent'],
      { cwd: folder, stdio: 'ignore' },
    )
    const timer = setTimeout(() => run.kill('SIGKILL'), MOST_MILLISECONDS)
    run.on('close', (code) => {
      clearTimeout(timer)
      writeFileSync(path, text)
      settle(code !== 0)
    })
  })

async function main(): Promise<void> {
  const { values } = parseArgs({
    options: {
      count: { type: 'string', default: '200' },
      seed: { type: 'string', default: '20261129' },
      beside: { type: 'string', default: '2' },
    },
  })
  const all = allMutants()
  const chosen = sample(all, Number(values.count), Number(values.seed))
  console.log(`${chosen.length} of ${all.length} changes by one word, seed ${values.seed}`)
  const left = [...chosen]
  const survivors: Mutant[] = []
  let tried = 0
  const work = async (): Promise<void> => {
    const folder = workplace()
    for (let next = left.shift(); next; next = left.shift()) {
      const killed = await isKilled(folder, next)
      tried += 1
      if (killed) continue
      survivors.push(next)
      console.log(`  survived: ${next.file}:${next.line}  ${next.was} → ${next.is}`.slice(0, 200))
    }
    rmSync(folder, { recursive: true })
  }
  await Promise.all(Array.from({ length: Number(values.beside) }, work))
  const percent = Math.round(((tried - survivors.length) / tried) * 1000) / 10
  console.log(`${tried - survivors.length} of ${tried} killed: ${percent} %`)
  writeFileSync(
    resolve(import.meta.dirname, 'mutants.json'),
    `${JSON.stringify({ percent, tried, seed: Number(values.seed) }, null, 2)}\n`,
  )
}

if (process.argv[1] === import.meta.filename) await main()
