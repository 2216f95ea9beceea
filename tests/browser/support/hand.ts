/** How a person presses: by touch or by keyboard, and how often. Fields are not counted. */
import type { Locator, Page } from '@playwright/test'
import { expect, usable } from './test'

export interface Hand {
  readonly presses: () => number
  readonly press: (target: Locator) => Promise<void>
  /** Chooses in a field; not counted. */
  readonly choose: (field: Locator, option: string) => Promise<void>
}

export function byTouch(page: Page): Hand {
  let count = 0
  return {
    presses: () => count,
    press: async (target) => {
      count++
      await usable(page)
      await target.tap()
    },
    choose: async (field, option) => {
      await field.tap()
      await page.getByRole('option', { name: option, exact: true }).tap()
    },
  }
}

/** So many Tabs lead anywhere on a page. */
const MOST_TABS = 250

/**
 * Presses Tab until the target has the focus. How many are left is guessed from the page and only part
 * of them pressed before it is asked again: asking after each takes longer than pressing.
 * @returns how many were pressed
 */
export async function tabTo(page: Page, target: Locator): Promise<number> {
  let tabs = 0
  while (tabs < MOST_TABS) {
    const left = await target.evaluate(stopsUntil)
    if (left === 0) break
    const next = Math.max(1, Math.floor(left * 0.6))
    for (let pressed = 0; pressed < next; pressed++) {
      await page.keyboard.down('Tab')
      await page.keyboard.up('Tab')
    }
    tabs += next
  }
  await expect(target).toBeFocused()
  return tabs
}

/** In the page: how many stops of Tab there are from the focus to this; 0 where it has it. */
function stopsUntil(target: Element): number {
  const { activeElement } = document
  if (target === activeElement) return 0
  // Of a group of radio buttons Tab stops at the chosen one alone.
  const isStopOfItsGroup = (one: HTMLElement): boolean => {
    if (!(one instanceof HTMLInputElement) || one.type !== 'radio' || one.checked) return true
    const group = document.querySelectorAll<HTMLInputElement>(
      `input[type="radio"][name="${CSS.escape(one.name)}"]`,
    )
    return ![...group].some((other) => other.checked) && group[0] === one
  }
  const stops = [
    ...document.querySelectorAll<HTMLElement>(
      'a[href], button, input, select, textarea, summary, [tabindex="0"]',
    ),
  ].filter(
    (one) =>
      one.tabIndex >= 0 &&
      !one.matches(':disabled, [type="file"]') &&
      one.checkVisibility() &&
      isStopOfItsGroup(one),
  )
  const from = activeElement ? stops.indexOf(activeElement as HTMLElement) : -1
  const to = stops.indexOf(target as HTMLElement)
  return to < 0 ? 1 : (to - from + stops.length) % stops.length || 1
}

/** Tab to it, then Enter, or the space bar where a choice is made. Tabs lead there and press nothing. */
export function byKeyboard(page: Page): Hand {
  let count = 0
  return {
    presses: () => count,
    press: async (target) => {
      count++
      await usable(page)
      await expect(target).toBeEnabled()
      await tabTo(page, target)
      const isBox = await target.evaluate((one) => one.matches('[type="checkbox"]'))
      await page.keyboard.press(isBox ? 'Space' : 'Enter')
    },
    choose: async (field, option) => {
      await field.focus()
      await page.keyboard.press('Enter')
      const wanted = page.getByRole('option', { name: option, exact: true })
      await expect(wanted).toBeVisible()
      for (let steps = 0; steps < 30; steps++) {
        if ((await wanted.getAttribute('data-combobox-selected')) !== null) break
        await page.keyboard.press('ArrowDown')
      }
      await page.keyboard.press('Enter')
      await expect(field).toHaveValue(option)
    },
  }
}
