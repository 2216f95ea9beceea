import { existsSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { findAmong } from '../core/finding/sought'
import { PAGES } from './pages'
import { MORE, TABS } from './tabs'

const first = (typed: string) => findAmong(typed, PAGES)[0]?.id

describe('our own pages', () => {
  it.each([
    ['undo', 'undo'],
    ['export', 'export'],
    ['lid sheet', 'print'],
    ['print', 'print'],
    ['settings', 'settings'],
    ['currency', 'settings'],
    ['babysitter', 'evening'],
    ['history', 'record'],
    ['how do I import a list', 'bring'],
    ['where do I change the country', 'settings'],
    ['emergency number', 'numbers'],
    ['night mode', 'look'],
    ['setings', 'settings'],
    ['prescritpions', 'courses'],
    ['password', 'account'],
    ['delete the household', 'leaving'],
  ] as const)('%j leads to %s', (typed, id) => {
    expect(first(typed)).toBe(id)
  })
  it('holds everything that the frame leads to', () => {
    const hrefs = new Set(PAGES.map(({ href }) => href))
    const led: readonly string[] = [...TABS, ...MORE].map(({ href }) => href)
    expect(led.filter((href) => !hrefs.has(href) && !href.startsWith('/api/'))).toEqual([])
  })
  it('is there: each address has its page', () => {
    const wrong = PAGES.map(({ href }) => href.split('#')[0] ?? '').filter(
      (path) =>
        ![
          `${path}.astro`,
          `${path}/index.astro`,
          `${path}/[...part].astro`,
          `${path.replace(/[^/]*$/, '')}[...part].astro`,
        ].some((file) => existsSync(`src/pages${file}`)),
    )
    expect(wrong).toEqual([])
  })
  it('is each found first by its own name', () => {
    for (const { id, title } of PAGES) expect([title, first(title)]).toEqual([title, id])
  })
})
