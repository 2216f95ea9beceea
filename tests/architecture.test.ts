/** Arrows point down: what each folder of src may import. */
import { readdirSync, readFileSync } from 'node:fs'
import { dirname, relative, resolve } from 'node:path'
import { describe, expect, it } from 'vitest'
import { NOUNS } from '../src/contract'

const SRC = resolve(import.meta.dirname, '../src')

/** For each layer the layers it may use, itself included. Packages are listed for the core only. */
const MAY_USE: Readonly<Record<string, readonly string[]>> = {
  core: ['core'],
  db: ['db', 'core'],
  words: ['words', 'core', 'app', 'contract'],
  contract: ['contract', 'core'],
  app: ['app', 'db', 'core', 'contract'],
  sheets: ['sheets', 'core', 'words'],
  demo: ['demo', 'app', 'db', 'core', 'standIns'],
  api: ['api', 'app', 'contract', 'core', 'words', 'sheets', 'db', 'standIns'],
  solver: ['solver', 'core'],
  workers: ['workers', 'device', 'core', 'solver'],
  device: ['device', 'contract', 'core'],
  standIns: ['standIns', 'core'],
  serviceWorker: ['serviceWorker', 'device'],
  ui: ['ui', 'device', 'contract', 'core', 'words'],
  islands: [
    'islands',
    'ui',
    'device',
    'standIns',
    'contract',
    'core',
    'words',
    'sheets',
    'workers',
  ],
  layouts: ['layouts', 'ui', 'words'],
  pages: [
    'pages',
    'layouts',
    'islands',
    'sheets',
    'api',
    'app',
    'contract',
    'core',
    'words',
    'demo',
    'db',
  ],
  'middleware.ts': ['api', 'app'],
  'env.d.ts': ['app'],
}
/** Only types may be taken here, so that no server code reaches the browser. */
const TYPES_ONLY = [
  ['words', 'app'],
  ['words', 'contract'],
  ['islands', 'workers'],
  ['app', 'contract'],
] as const
const CORE_PACKAGES = ['temporal-polyfill', 'papaparse', 'ical.js', 'fraction.js']

interface Import {
  readonly from: string
  readonly layer: string
  readonly target: string
  readonly typeOnly: boolean
  readonly isPackage: boolean
}

const files = readdirSync(SRC, { recursive: true, encoding: 'utf8' }).filter(
  (file) => /\.(ts|tsx|astro)$/.test(file) && !/\.test\.ts$/.test(file),
)
const layerOf = (path: string): string => path.split('/')[0] ?? ''

function importsOf(file: string): Import[] {
  const text = readFileSync(`${SRC}/${file}`, 'utf8')
  const found = [
    ...text.matchAll(
      /^(?:import|export)\s+(type\s)?[^'"]*?from\s+['"]([^'"]+)['"]|new URL\('(\.[^']+)'/gm,
    ),
  ]
  return found.map(([, type, from, worker]) => {
    const target = worker ?? from ?? ''
    const isPackage = !target.startsWith('.')
    const path = isPackage ? target : relative(SRC, resolve(SRC, dirname(file), target))
    return {
      from: file,
      layer: layerOf(file),
      target: path,
      typeOnly: type !== undefined || worker !== undefined,
      isPackage,
    }
  })
}
const imports = files.flatMap(importsOf)

describe('the layers', () => {
  it('are all known', () => {
    expect([...new Set(files.map(layerOf))].filter((layer) => !(layer in MAY_USE))).toEqual([])
    expect(imports.length).toBeGreaterThan(300)
  })
  it('use only what lies below them', () => {
    const broken = imports.filter(
      ({ layer, target, isPackage }) =>
        !isPackage && !target.startsWith('..') && !MAY_USE[layer]?.includes(layerOf(target)),
    )
    expect(broken.map(({ from, target }) => `${from} → ${target}`)).toEqual([])
  })
  it('take only types where a value would drag the server along', () => {
    const broken = imports.filter(
      ({ layer, target, typeOnly, isPackage }) =>
        !isPackage &&
        !typeOnly &&
        TYPES_ONLY.some(([upper, lower]) => layer === upper && layerOf(target) === lower),
    )
    expect(broken.map(({ from, target }) => `${from} → ${target}`)).toEqual([])
  })
  it('keep the core free of packages, clocks, chance and I/O', () => {
    const packages = imports.filter(
      ({ layer, isPackage, target }) =>
        layer === 'core' && isPackage && !CORE_PACKAGES.some((name) => target.startsWith(name)),
    )
    expect(packages.map(({ from, target }) => `${from} → ${target}`)).toEqual([])
    for (const file of files.filter((one) => layerOf(one) === 'core'))
      expect([
        file,
        /\bDate\.now\(|new Date\(\)|Math\.random|\bprocess\.|\bfetch\(|localStorage|\bwindow\./.exec(
          readFileSync(`${SRC}/${file}`, 'utf8'),
        )?.[0],
      ]).toEqual([file, undefined])
  })
})

/** Folders and files of a layer that are no capability, and what they are. */
const SHARED: Readonly<Record<string, readonly string[]>> = {
  contract: ['endpoint', 'householdFile', 'index', 'primitives', 'values'],
  'contract/values': ['forecast', 'shopping'],
  app: ['frame'],
  db: ['frame'],
  words: ['frame', 'index'],
  // Words only: it reads and changes nothing.
  islands: ['help'],
  'api/handlers': ['index'],
}

describe('the capabilities', () => {
  it.each(Object.entries(SHARED))('%s: every room has the name of one', (layer, shared) => {
    const rooms = readdirSync(`${SRC}/${layer}`)
      .filter((name) => !/\.test\.tsx?$/.test(name))
      .map((name) => name.replace(/\.tsx?$/, ''))
    const known = new Set<string>([...NOUNS, ...shared])
    expect(rooms.filter((room) => !known.has(room))).toEqual([])
  })
  it('each has its contract and its handlers', () => {
    for (const noun of NOUNS)
      for (const file of [`contract/${noun}.ts`, `api/handlers/${noun}.ts`])
        expect([file, files.includes(file)]).toEqual([file, true])
  })
})
