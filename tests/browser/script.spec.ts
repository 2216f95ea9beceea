/** How much script a screen needs before it can be used: followed from the page, file by file. */
import { readFileSync } from 'node:fs'
import { brotliCompressSync } from 'node:zlib'
import { expect, test } from './support/test'

/** A screen and the compressed kilobytes that it may take; what comes when the page is idle is not in it. */
const MOST: Readonly<Record<string, number>> = {
  '/': 205,
  '/kits': 240,
  '/cover': 300,
  '/bench': 260,
  '/restock/plan': 220,
  '/household': 340,
  '/stock': 265,
}

function bytesFrom(html: string): number {
  const seen = new Map<string, number>()
  const follow = (path: string): void => {
    if (seen.has(path)) return
    const text = readFileSync(`dist/client${path}`, 'utf8')
    seen.set(path, brotliCompressSync(text).length)
    for (const [, file] of text.matchAll(/(?:from|import)\s*["']\.\/([^"']+\.js)["']/g))
      follow(`/_astro/${file}`)
  }
  for (const [, path] of html.matchAll(/(?:component-url|renderer-url|src)="(\/[^"]+\.js)"/g))
    follow(path ?? '')
  return [...seen.values()].reduce((sum, bytes) => sum + bytes, 0)
}

for (const [path, most] of Object.entries(MOST))
  test(`${path} takes at most ${most} kB of script`, async ({ page }) => {
    const html = await (await page.request.get(path)).text()
    const kilobytes = Math.round(bytesFrom(html) / 1024)
    expect(kilobytes).toBeLessThanOrEqual(most)
    // Else the page was no page, or the files were not found.
    expect(kilobytes).toBeGreaterThan(100)
  })
