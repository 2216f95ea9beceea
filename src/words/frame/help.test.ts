/** Help is there for every tab, leads to pages that exist, and no question mark explains nothing. */
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { TABS } from '../../ui/tabs'
import { explained } from './explained'
import { explanations } from './explanations'
import { type HelpPage, helpPages } from './helpPages'

const screens = readdirSync('src/islands', { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.tsx'))
  .map((name) => readFileSync(`src/islands/${name}`, 'utf8'))
  .join('\n')

const PAGES: readonly (readonly [string, HelpPage])[] = Object.entries(helpPages)
const links = PAGES.flatMap(([, { questions }]) => questions.flatMap(({ href }) => href ?? []))

describe('a sentence behind a question mark', () => {
  it.each(Object.entries(explanations))('%s stands on a screen, and says something', (id, text) => {
    expect([id, screens.includes(`id="${id}"`)]).toEqual([id, true])
    expect(explained).toHaveProperty(id)
    expect(text).toMatch(/^[A-Z].*\.$/s)
    expect(text.split(/\s+/).length).toBeLessThanOrEqual(50)
  })
})

describe('a page of help', () => {
  it('is there for each tab, and for nothing else', () => {
    expect(PAGES.map(([id]) => id)).toEqual(TABS.map(({ id }) => id))
  })
  it.each(PAGES)('%s asks as a keeper would, and answers in whole sentences', (_, page) => {
    expect(page.questions.length).toBeGreaterThanOrEqual(5)
    expect(page.lead).toMatch(/\.$/)
    for (const { asks, says } of page.questions) {
      expect(asks).toMatch(/[?.]$/)
      expect(says).toMatch(/\.$/)
    }
  })
  it.each([...new Set(links)])('leads to %s, which is a page', (href) => {
    const path = href.replace(/#.*/, '')
    const [first = ''] = path.slice(1).split('/')
    const ways = [`${path}.astro`, `${path}/index.astro`, `/${first}/[...part].astro`]
    expect([href, ways.some((way) => existsSync(`src/pages${way}`))]).toEqual([href, true])
  })
})
