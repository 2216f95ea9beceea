/** Every style of the component library that a screen uses is loaded; a control without its style measures nothing. */
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, resolve } from 'node:path'
import { describe, expect, it } from 'vitest'

const ROOT = resolve(import.meta.dirname, '../..')
const LIBRARY = resolve(ROOT, 'node_modules/@mantine/core')

/** What the screens take from the library, types aside. */
function componentsUsed(): readonly string[] {
  const used = new Set<string>()
  for (const path of readdirSync(resolve(ROOT, 'src'), { recursive: true, encoding: 'utf8' })) {
    if (!/\.tsx?$/.test(path)) continue
    const text = readFileSync(resolve(ROOT, 'src', path), 'utf8')
    for (const [, names = ''] of text.matchAll(/import \{([^}]*)\} from '@mantine\/core'/g))
      for (const name of names.split(',').map((one) => one.trim()))
        if (/^[A-Z]\w+$/.test(name)) used.add(name)
  }
  return [...used].sort()
}

/** Where the library's entry says that each of its components stands. */
function modulesByName(): ReadonlyMap<string, string> {
  const entry = readFileSync(resolve(LIBRARY, 'esm/index.mjs'), 'utf8')
  return new Map(
    [...entry.matchAll(/import \{([^}]*)\} from "(\.\/[^"]+)"/g)].flatMap(
      ([, names = '', from = '']) =>
        names.split(',').map((name) => [name.trim().split(' as ').at(-1) ?? '', from] as const),
    ),
  )
}

/** Styles of a module and of everything that it is built of. */
function stylesOf(file: string, seen: Set<string>, found: Set<string>): void {
  if (seen.has(file) || !existsSync(file)) return
  seen.add(file)
  const text = readFileSync(file, 'utf8')
  for (const [, target = ''] of text.matchAll(/from "(\.[^"]+)"/g)) {
    const style = /([A-Za-z]+)\.module\.mjs$|([A-Za-z]+)\.module\.css\.mjs$/.exec(target)
    const name = style?.[1] ?? style?.[2]
    if (name) found.add(name)
    else stylesOf(resolve(dirname(file), target), seen, found)
  }
}

const loaded = new Set(
  [
    ...readFileSync(resolve(ROOT, 'src/ui/library.ts'), 'utf8').matchAll(
      /@mantine\/core\/styles\/(\w+)\.layer\.css/g,
    ),
  ].map(([, name]) => name),
)

describe('styles of the component library', () => {
  it.each(componentsUsed())('%s: all it is built of', (component) => {
    const module = modulesByName().get(component)
    expect([component, module]).toEqual([component, expect.any(String)])
    const found = new Set<string>()
    stylesOf(resolve(LIBRARY, 'esm', module ?? ''), new Set(), found)
    const shipped = [...found].filter((name) => existsSync(resolve(LIBRARY, `styles/${name}.css`)))
    if (component !== 'MantineProvider') expect(shipped.length).toBeGreaterThan(0)
    expect(shipped.filter((name) => !loaded.has(name))).toEqual([])
  })
  it.each(['dates', 'notifications'])('@mantine/%s: its one sheet, in the same layer', (name) => {
    const sources = readdirSync(resolve(ROOT, 'src'), { recursive: true, encoding: 'utf8' })
      .filter((path) => /\.tsx?$/.test(path))
      .map((path) => readFileSync(resolve(ROOT, 'src', path), 'utf8'))
    const uses = sources.some((text) => new RegExp(`from '@mantine/${name}'`).test(text))
    const loads = sources.some((text) => text.includes(`@mantine/${name}/styles.layer.css`))
    expect([uses, loads]).toEqual([true, true])
  })
})
