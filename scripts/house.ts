/**
 * Measures how easy the house is to build on, and holds the figures against their goals.
 * `npm run house` prints them; tests/house.test.ts fails when one is worse than it was.
 */
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, relative, resolve } from 'node:path'
import ts from 'typescript'

const ROOT = resolve(import.meta.dirname, '..')

export interface Figure {
  readonly name: string
  readonly value: number
  /** What is to be reached; `least` where more is better. */
  readonly goal: number
  /** What it may be today, until the goal is reached. */
  readonly holds: number
  readonly least?: true
  /** Where the figure comes from: the worst file, the circle, the act. */
  readonly because: string
}

interface SourceFile {
  readonly path: string
  readonly text: string
}

const filesUnder = (folder: string, kinds: RegExp): readonly SourceFile[] =>
  readdirSync(resolve(ROOT, folder), { recursive: true, encoding: 'utf8' })
    .filter((path) => kinds.test(path))
    .map((path) => ({
      path: `${folder}/${path}`,
      text: readFileSync(resolve(ROOT, folder, path), 'utf8'),
    }))

const isTest = ({ path }: SourceFile): boolean =>
  path.startsWith('tests/') || /\.test\.tsx?$/.test(path)
const linesOf = ({ text }: SourceFile): number => text.split('\n').length - 1
const sum = (numbers: readonly number[]): number => numbers.reduce((all, one) => all + one, 0)

/** Tables and texts that are long because there is much of it: entries, questions, sentences, rows. */
const DATA =
  /^src\/(?:core\/(?:catalogue|guide)\/|core\/cover\/(?:needs|animalNeeds|rules|suitability)|core\/dosing\/labels|core\/incident\/(?:kinds|alarms)|core\/interchange\/headings|words\/|demo\/|db\/frame\/(?:tables|migrations)|contract\/householdFile)/

/** Lines that are neither empty nor comment. */
export function codeLines(text: string): number {
  const scanner = ts.createScanner(ts.ScriptTarget.Latest, true, ts.LanguageVariant.JSX, text)
  const lines = new Set<number>()
  const starts = ts.createSourceFile('x.tsx', text, ts.ScriptTarget.Latest).getLineStarts()
  const lineAt = (position: number): number => {
    let from = 0
    let to = starts.length
    while (to - from > 1) {
      const middle = (from + to) >> 1
      if ((starts[middle] ?? 0) <= position) from = middle
      else to = middle
    }
    return from
  }
  for (let token = scanner.scan(); token !== ts.SyntaxKind.EndOfFileToken; token = scanner.scan()) {
    const last = lineAt(scanner.getTokenEnd() - 1)
    for (let line = lineAt(scanner.getTokenStart()); line <= last; line++) lines.add(line)
  }
  return lines.size
}

/** Relative imports of any kind, also of types alone. */
export function importsOf({ path, text }: SourceFile): readonly string[] {
  const found = [
    ...text.matchAll(
      /^(?:import|export)\s[^'"]*?from\s+['"](\.[^'"]+)['"]|import\(['"](\.[^'"]+)['"]\)/gm,
    ),
  ]
  return found.map(([, from, later]) =>
    relative(ROOT, resolve(ROOT, dirname(path), from ?? later ?? '')),
  )
}

/** Circles of files that import each other, each told once. */
export function circlesOf(files: readonly SourceFile[]): readonly string[] {
  const known = new Map(
    files.flatMap((file) => {
      const bare = file.path.replace(/\.tsx?$/, '')
      return [bare, bare.replace(/\/index$/, '')].map((name) => [name, file.path] as const)
    }),
  )
  const graph = new Map(
    files.map((file) => [
      file.path,
      importsOf(file).flatMap(
        (target) => known.get(target) ?? known.get(target.replace(/\.tsx?$/, '')) ?? [],
      ),
    ]),
  )
  const circles = new Map<string, string>()
  const done = new Set<string>()
  const walk = (file: string, trail: readonly string[]): void => {
    const at = trail.indexOf(file)
    if (at >= 0) {
      const circle = trail.slice(at)
      circles.set([...circle].sort().join(), [...circle, file].join(' → '))
      return
    }
    if (done.has(file)) return
    for (const next of graph.get(file) ?? []) walk(next, [...trail, file])
    done.add(file)
  }
  for (const file of graph.keys()) walk(file, [])
  return [...circles.values()]
}

/** The act on a lot that docs/ADDING.md follows through the house. */
const WORKED_EXAMPLE = { endpoint: 'lendLot', decision: 'decideLend', record: 'lent' }

/** Files in which that act is written down: by its name, its decision, its sentence. */
function filesOfAct(files: readonly SourceFile[]): readonly SourceFile[] {
  const { endpoint, decision, record } = WORKED_EXAMPLE
  const named = new RegExp(`\\b(?:${endpoint}|${decision})\\b`)
  const told = new RegExp(`Past = \\{[^}]*\\b${record}: '`)
  return files.filter(({ text }) => named.test(text) || told.test(text))
}

const distinct = (texts: readonly string[]): readonly string[] => [...new Set(texts)].sort()
const valuesOf = (styles: readonly SourceFile[], property: RegExp): readonly string[] =>
  distinct(
    styles.flatMap(({ text }) =>
      [...text.matchAll(property)].map(([, value = '']) => value.trim().replace(/\s+/g, ' ')),
    ),
  ).filter((value) => !/^(?:inherit|0|initial|50%|100%|1em)$/.test(value))

/** The share of mutants that the tests kill, in percent, as `npm run mutants` last measured it; 0 where it has not. */
function mutantsKilled(): number {
  const file = resolve(import.meta.dirname, 'mutants.json')
  return existsSync(file) ? Number(JSON.parse(readFileSync(file, 'utf8')).percent) : 0
}

export function measure(): readonly Figure[] {
  const source = filesUnder('src', /\.(?:ts|tsx|astro)$/)
  const tests = [...filesUnder('tests', /\.tsx?$/), ...source.filter(isTest)]
  const code = source.filter((file) => !isTest(file))
  const styles = filesUnder('src', /\.css$/)
  const others = [...filesUnder('scripts', /\.m?ts$/), ...filesUnder('bench', /\.ts$/)]
  const act = filesOfAct(code)
  const circles = circlesOf(code.filter(({ path }) => !path.endsWith('.astro')))
  const buttons = code
    .filter(({ path }) => !path.startsWith('src/ui/'))
    .map((file) => ({ file, count: file.text.match(/<button\b/g)?.length ?? 0 }))
    .sort((a, b) => b.count - a.count)
  const queries = code
    .filter(({ path }) => !path.startsWith('src/db/'))
    .map((file) => ({
      file,
      count:
        file.text.match(/\.(?:selectFrom|insertInto|updateTable|deleteFrom)\(|\bsql(?:<[^>]*>)?`/g)
          ?.length ?? 0,
    }))
    .sort((a, b) => b.count - a.count)
  const longest = code
    .filter(({ path }) => !DATA.test(path) && !path.endsWith('.astro'))
    .map((file) => ({ file, lines: codeLines(file.text) }))
    .sort((a, b) => b.lines - a.lines)
  // A share of the whole (the torch look) is no size; a corner of several values is counted by each.
  const sizes = distinct([
    ...valuesOf(styles, /font-size:\s*([^;}]+)/g),
    ...valuesOf(styles, /\bfont:[^;}/]*?(var\(--text-\d\)|\d[\d.]*(?:rem|em|px|pt|mm))(?=[\s;/])/g),
  ]).filter((size) => !size.endsWith('%'))
  const radii = distinct(
    valuesOf(styles, /border(?:-[a-z]+)*-radius:\s*([^;}]+)/g).flatMap((value) => value.split(' ')),
  ).filter((radius) => radius !== '0')
  const all = sum([...code, ...styles, ...others, ...tests].map(linesOf))
  return [
    {
      name: 'files an act on a lot touches',
      value: act.length,
      goal: 5,
      holds: 5,
      because: act.map(({ path }) => path).join(', '),
    },
    {
      name: 'lines of style',
      value: sum(styles.map(linesOf)),
      goal: 4600,
      holds: 4600,
      because: `${styles.length} sheets`,
    },
    { name: 'font sizes', value: sizes.length, goal: 6, holds: 6, because: sizes.join(' · ') },
    { name: 'radii', value: radii.length, goal: 3, holds: 3, because: radii.join(' · ') },
    {
      name: 'raw buttons outside src/ui',
      value: sum(buttons.map(({ count }) => count)),
      goal: 0,
      holds: 0,
      because: `most in ${buttons[0]?.file.path}`,
    },
    {
      name: 'queries outside src/db',
      value: sum(queries.map(({ count }) => count)),
      goal: 0,
      holds: 0,
      because: queries
        .filter(({ count }) => count > 0)
        .map(({ file, count }) => `${file.path} ${count}`)
        .join(', '),
    },
    {
      name: 'circles of imports',
      value: circles.length,
      goal: 0,
      holds: 0,
      because: circles.join('; '),
    },
    {
      name: 'longest file, lines of code',
      value: longest[0]?.lines ?? 0,
      goal: 350,
      holds: 350,
      because: longest
        .slice(0, 8)
        .map(({ file, lines }) => `${file.path} ${lines}`)
        .join(', '),
    },
    {
      name: 'tests, percent of all lines',
      value: Math.round((sum(tests.map(linesOf)) / all) * 1000) / 10,
      goal: 25,
      holds: 25,
      least: true,
      because: `${sum(tests.map(linesOf))} of ${all}`,
    },
    {
      name: 'mutants killed, percent',
      value: mutantsKilled(),
      goal: 80,
      holds: 60,
      least: true,
      because: 'npm run mutants',
    },
  ]
}

/** Whether a figure is as good as it has to be today. */
export const isHeld = ({ value, holds, least }: Figure): boolean =>
  least ? value >= holds : value <= holds

const isReached = ({ value, goal, least }: Figure): boolean =>
  least ? value >= goal : value <= goal

if (process.argv[1] === import.meta.filename)
  for (const figure of measure()) {
    const { name, value, goal, least, because } = figure
    const mark = isReached(figure) ? 'reached' : isHeld(figure) ? 'open' : 'WORSE'
    console.log(
      `${name.padEnd(32)} ${String(value).padStart(6)}  goal ${least ? '≥' : '≤'} ${goal}  ${mark}`,
    )
    if (!isReached(figure) || process.argv.includes('--because')) console.log(`    ${because}`)
  }
