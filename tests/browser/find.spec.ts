/** Finding anything: by key and by hand, with slips, and the pages themselves. */
import type { Page } from '@playwright/test'
import { expect, expectAccessible, open, PHONE, test, usable } from './support/test'

const field = (page: Page) => page.getByRole('combobox', { name: 'Find anything' })
const first = (page: Page) => page.getByRole('option').first()

/** The next page is there and can be used: a key before that goes nowhere. */
async function arrived(page: Page): Promise<void> {
  await page.waitForLoadState()
  await usable(page)
}

async function ask(page: Page, words: string): Promise<void> {
  await page.keyboard.press('/')
  await expect(field(page)).toBeFocused()
  await expect(field(page)).toHaveValue('')
  await field(page).fill(words)
}

test('a question leads to its answer with two presses: the key, and Enter', async ({ page }) => {
  await open(page, '/')
  await ask(page, 'where are the tweesers?')
  await expect(first(page)).toContainText('weezers')
  await expectAccessible(page)
  await page.keyboard.press('Escape')
  // Empty at each opening.
  await ask(page, 'fever Ned')
  await expect(first(page)).toContainText('Fever and pain: Ned')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/cover\/if\?need=/)
  await arrived(page)

  await ask(page, 'paracetamol')
  await expect(first(page)).toContainText('Acetaminophen')
  await page.keyboard.press('Escape')
  await ask(page, 'Bracken')
  await expect(first(page)).toContainText('Bracken')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Bracken')
  await arrived(page)

  await ask(page, 'undo')
  await expect(first(page)).toContainText('Undo something done lately')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/household#lately$/)
  await arrived(page)
  await expect(page.getByRole('region', { name: 'Done lately' })).toBeInViewport()

  await ask(page, 'xyzzy')
  await expect(page.getByText('Nothing here is called “xyzzy”.')).toBeVisible()
})

test('on a phone the glass opens it, and a page is found by what it does', async ({ page }) => {
  await page.setViewportSize(PHONE)
  await open(page, '/kits')
  await page.getByRole('button', { name: 'Find anything' }).click()
  await field(page).fill('export')
  await expect(first(page)).toContainText('Save the whole household')
  await first(page).click()
  await expect(page).toHaveURL(/\/account#whole$/)
})

test('the tour goes through the demo, and is left at any point', async ({ page, context }) => {
  await context.clearCookies()
  await open(page, '/sign-in')
  await page.getByRole('button', { name: 'Show me around' }).click()
  const tour = page.getByRole('complementary', { name: 'Tour of the demo household' })
  await expect(tour).toContainText('1 of 7')
  await expectAccessible(page)
  await tour.getByRole('button', { name: 'Next: Kits' }).click()
  await expect(page).toHaveURL(/\/kits$/)
  await expect(tour).toContainText('2 of 7')
  await page.reload()
  await expect(tour).toContainText('2 of 7')
  await tour.getByRole('button', { name: 'Leave the tour' }).click()
  await expect(tour).toHaveCount(0)
  await page.reload()
  await usable(page)
  await expect(page.getByRole('heading', { level: 1, name: 'Kits' })).toBeVisible()
  await expect(tour).toHaveCount(0)
})
