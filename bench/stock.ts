/** The stock screen with thousands of rows: until the first row stands, and how it scrolls. */
import { chromium } from '@playwright/test'

export interface StockScreen {
  /** Milliseconds from asking for the page to the first row. */
  readonly firstRow: number
  /** Milliseconds between frames while it scrolls fast: median, the slowest of twenty, worst. */
  readonly frames: { readonly median: number; readonly p95: number; readonly worst: number }
  /** The same for scrolling an empty page of that height: what this machine gives at best. */
  readonly bare: { readonly median: number; readonly p95: number }
  readonly rowsDrawn: number
  /** Milliseconds to filter by a word. */
  readonly filter: number
}

/** Scrolls as fast as a wheel is turned, a step a frame, and tells how long each took. */
const scrolled = async (steps: number): Promise<readonly number[]> => {
  const pixels = 240
  const times: number[] = []
  let last = performance.now()
  for (let step = 1; step <= steps; step++) {
    scrollTo(0, pixels * step)
    await new Promise((done) => requestAnimationFrame(done))
    const now = performance.now()
    times.push(now - last)
    last = now
  }
  return times
}
const STEPS = 240
const at = (times: readonly number[], share: number): number =>
  [...times].sort((a, b) => a - b)[Math.floor(share * (times.length - 1))] ?? 0

export async function timeStockScreen(address: string, cookie: string): Promise<StockScreen> {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  })
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
  const [name = '', value = ''] = cookie.split('=')
  await context.addCookies([{ name, value, url: address }])
  const page = await context.newPage()
  const start = performance.now()
  await page.goto(`${address}/stock`)
  await page.getByRole('row').nth(1).waitFor()
  const firstRow = performance.now() - start
  const times = await page.evaluate(scrolled, STEPS)
  const rowsDrawn = await page.getByRole('row').count()
  await page.evaluate(() => scrollTo(0, 0))
  const typing = performance.now()
  await page.getByLabel('Words').fill('gauze')
  await page.getByRole('heading', { name: /of \d+ lots/ }).waitFor()
  const filter = performance.now() - typing
  const empty = await context.newPage()
  await empty.setContent('<div style="height: 260000px"></div>')
  const bare = await empty.evaluate(scrolled, STEPS)
  await browser.close()
  return {
    firstRow,
    frames: { median: at(times, 0.5), p95: at(times, 0.95), worst: at(times, 1) },
    bare: { median: at(bare, 0.5), p95: at(bare, 0.95) },
    rowsDrawn,
    filter,
  }
}
