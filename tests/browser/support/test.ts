/** A person at a screen: signed in to a household of their own, on a desk or a phone. */
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { test as base, expect, type Page } from '@playwright/test'
import { type Account, anAccount, type Stock } from './account'

const axeSource = readFileSync(
  createRequire(import.meta.url).resolve('axe-core/axe.min.js'),
  'utf8',
)

interface Fixtures {
  /** What the household of this test starts with. */
  stock: Stock
  account: Account
}

export const test = base.extend<Fixtures>({
  stock: ['demo', { option: true }],
  account: async ({ stock }, use) => {
    await use(await anAccount(stock))
  },
  context: async ({ context, account, baseURL }, use) => {
    await context.addCookies([{ ...account.cookie, url: baseURL ?? '' }])
    await use(context)
  },
  page: async ({ page }, use) => {
    const wrong: string[] = []
    page.on('pageerror', (error) => wrong.push(error.message))
    page.on('console', (message) => {
      const text = message.text()
      if (message.type() === 'error' && !/Failed to load resource/.test(text)) wrong.push(text)
    })
    page.on('request', (request) => {
      const { hostname, protocol } = new URL(request.url())
      if (!['127.0.0.1', 'localhost'].includes(hostname) && !['data:', 'blob:'].includes(protocol))
        wrong.push(`left the machine: ${request.url()}`)
    })
    // A key pressed before the script has taken over goes nowhere; a person would press it again.
    const press = page.keyboard.press.bind(page.keyboard)
    page.keyboard.press = async (key, options) => {
      await usable(page)
      await press(key, options)
    }
    await use(page)
    expect(wrong, 'no script errors, and nothing leaves the machine').toEqual([])
  },
})

export { expect }

export const PHONE = { width: 390, height: 844 }

/** Opens a page and waits until it can be used. */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(path)
  await usable(page)
}

/** Its script has taken over what the server drew. */
export async function usable(page: Page): Promise<void> {
  try {
    await takenOver(page)
  } catch (error) {
    // A press has led away meanwhile: the page it led to is waited for.
    if (!String(error).includes('context was destroyed')) throw error
    await page.waitForLoadState()
    await usable(page)
  }
}

async function takenOver(page: Page): Promise<void> {
  await page.waitForFunction(() => document.querySelectorAll('astro-island[ssr]').length === 0)
  await page.evaluate(async () => {
    // Once taken over, a page stays so; a new one begins without the mark.
    const { documentElement: root } = document
    if (root.hasAttribute('data-usable')) return
    // Keys are listened to by effects, which run once the browser has drawn and is idle. A page that is
    // never idle (an animation, a loaded machine) is not waited for.
    const idle = () => new Promise((done) => requestIdleCallback(done, { timeout: 250 }))
    await idle()
    await idle()
    root.setAttribute('data-usable', '')
  })
}

/** WCAG 2.2 A and AA by axe, and no sideways scrolling. */
export const expectAccessible = (page: Page): Promise<void> =>
  expectNoViolations(page, ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])

/** What another look can break of a page that was looked at whole. */
export const expectLegible = (page: Page): Promise<void> =>
  expectNoViolations(page, { type: 'rule', values: ['color-contrast', 'link-in-text-block'] })

/** What a smaller screen can break of a page that was looked at whole: targets and the width. */
export const expectFits = (page: Page): Promise<void> =>
  expectNoViolations(page, { type: 'rule', values: ['target-size', 'scrollable-region-focusable'] })

async function expectNoViolations(page: Page, runOnly: unknown): Promise<void> {
  await page.evaluate(axeSource)
  const violations = await page.evaluate(async (only) => {
    const { axe } = window as unknown as {
      axe: {
        run(options: object): Promise<{
          violations: { id: string; nodes: { html: string; failureSummary: string }[] }[]
        }>
      }
    }
    const result = await axe.run({ runOnly: only, resultTypes: ['violations'] })
    return result.violations.map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .slice(0, 3)
          .map(
            ({ html, failureSummary }) =>
              `${html.slice(0, 160)} (${failureSummary.replace(/\s+/g, ' ').slice(0, 200)})`,
          )
          .join(' | ')}`,
    )
  }, runOnly)
  expect(violations).toEqual([])
  expect(await page.evaluate(flatControls)).toEqual([])
  const sideways = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)
  expect(sideways).toBeLessThanOrEqual(0)
}

/** Controls that are shown and measure nothing: pressed by key they work, by hand they are not there. */
function flatControls(): readonly string[] {
  const controls = document.querySelectorAll<HTMLElement>(
    'button, a[href], input:not([type=hidden]), select, textarea, [role=slider], [role=radio]',
  )
  return [...controls].flatMap((control) => {
    if (!control.checkVisibility()) return []
    // A field that is hidden behind its label is pressed there.
    const [label] = (control as HTMLInputElement).labels ?? []
    const sizes = [control, ...(label ? [label] : [])].map((one) => one.getBoundingClientRect())
    return sizes.some(({ width, height }) => width > 0 && height > 0)
      ? []
      : [control.outerHTML.slice(0, 200)]
  })
}

/** What the application said last. */
export const said = (page: Page) => page.getByRole('status').last()
