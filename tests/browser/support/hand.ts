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

/** Tab to it, then Enter, or the space bar where a choice is made. Tabs lead there and press nothing. */
export function byKeyboard(page: Page): Hand {
  let count = 0
  return {
    presses: () => count,
    press: async (target) => {
      count++
      await usable(page)
      await expect(target).toBeEnabled()
      for (let tabs = 0; tabs < MOST_TABS; tabs++) {
        if (await target.evaluate((one) => one === document.activeElement)) break
        await page.keyboard.press('Tab')
      }
      await expect(target).toBeFocused()
      await page.keyboard.press('Enter')
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
