/** What hands and eyes expect: where the focus is, what a key does, what is asked before something is lost. */
import type { Page } from '@playwright/test'
import { readKits } from '../../src/app/kits/readKits'
import { inHousehold } from '../../src/db/frame/connect'
import { readMembers } from '../../src/db/members/members'
import { type Account, world } from './support/account'
import { expect, expectAccessible, open, said, test } from './support/test'

const kitCalled = async ({ caller }: Account, name: string): Promise<string> =>
  (await readKits(world(), caller)).kits.find((one) => one.name === name)?.id ?? ''

const focused = (page: Page) => page.locator(':focus')

test('on a mat the first tag is four Tabs away, and letters act on the tag that has the focus', async ({
  page,
  account,
}) => {
  await open(page, `/kits/${await kitCalled(account, 'Pantry roll')}`)
  await page.keyboard.press('Tab')
  await expect(focused(page)).toHaveText('Skip to the content')
  await page.keyboard.press('Enter')
  for (let tabs = 0; tabs < 3; tabs++) await page.keyboard.press('Tab')
  await expect(page.locator('[data-tag]').first()).toBeFocused()

  const gauze = page.locator('[data-tag]').filter({ hasText: 'Gauze 7.5 cm' }).first()
  await gauze.click()
  const panel = page.getByRole('complementary', { name: 'Gauze 7.5 cm' })
  const amount = panel.getByLabel('How many', { exact: true })
  await page.getByRole('link', { name: 'Lid sheet' }).focus()
  await page.keyboard.press('u')
  await expect(amount).toHaveCount(0)
  await gauze.focus()
  await page.keyboard.press('u')
  await expect(amount).toBeVisible()
})

test('what is typed while the search opens is typed into it, and single keys can be turned off', async ({
  page,
}) => {
  await open(page, '/kits')
  await page.keyboard.press('/')
  // Faster than the dialog: none of it may turn the torch on or leave the page.
  for (const letter of 'itz1') await page.keyboard.press(letter)
  const field = page.getByRole('combobox', { name: 'Find anything' })
  await expect(field).toHaveValue(/^itz1$/)
  await expect(page).toHaveURL(/\/kits$/)
  await expect(page.locator('html')).toHaveAttribute('data-look', 'light')
  await page.keyboard.press('Escape')
  await expect(field).toHaveCount(0)

  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toBeVisible()
  await expectAccessible(page)
  await page.getByLabel('Single keys work on this device').uncheck()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await page.reload()
  await page.keyboard.press('t')
  await page.keyboard.press('i')
  await expect(page.locator('html')).toHaveAttribute('data-look', 'light')
  await expect(page).toHaveURL(/\/kits$/)
})

test('a half-written form asks before it is closed, and goes on where it was', async ({
  page,
  account,
}) => {
  await open(page, `/kits/${await kitCalled(account, 'Pantry roll')}`)
  await page
    .getByRole('button', { name: /^Add to / })
    .first()
    .click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('combobox', { name: 'What is it' }).fill('Elastic band')
  await page.keyboard.press('Escape')
  await page.keyboard.press('Escape')
  const asks = dialog.getByRole('alertdialog')
  await expect(asks).toContainText('not saved yet')
  await expectAccessible(page)
  await page.keyboard.press('Enter')
  await expect(asks).toHaveCount(0)
  await expect(dialog.getByRole('combobox', { name: 'What is it' })).toHaveValue('Elastic band')
  await dialog.getByRole('button', { name: 'Cancel' }).first().click()
  await asks.getByRole('button', { name: 'Leave without saving' }).click()
  await expect(dialog).toHaveCount(0)
  // With nothing written there is nothing to ask.
  await page
    .getByRole('button', { name: /^Add to / })
    .first()
    .click()
  await expect(dialog).toBeVisible()
  await page.keyboard.press('Escape')
  await page.keyboard.press('Escape')
  await expect(dialog).toHaveCount(0)
})

test('an errand goes at once, the focus stays beside it, and a refusal brings it back', async ({
  page,
}) => {
  await open(page, '/')
  await page
    .getByRole('link', { name: /^Row house/ })
    .first()
    .click()
  await page.waitForURL(/place=/)
  const errand = page.getByRole('listitem').filter({ hasText: 'Children’s cough syrup' })
  const done = errand.getByRole('button', { name: /^Done/ })
  await page.route('**/api/errands/done', async (route) => {
    // It stays where it was, marked: nothing moves under a second press.
    await expect(errand).toContainText('Noted')
    await expect(done).toHaveCount(0)
    await route.fulfill({
      status: 503,
      contentType: 'application/problem+json',
      body: JSON.stringify({ title: 'Away', detail: 'Away for now.', code: 'away', status: 503 }),
    })
  })
  await done.focus()
  await page.keyboard.press('Enter')
  await expect(said(page)).toContainText('Away for now')
  await expect(done).toBeVisible()
  await page.unroute('**/api/errands/done')
  await done.focus()
  await page.keyboard.press('Enter')
  await expect(said(page)).toContainText('thrown away')
  await expect(errand).toHaveCount(0)
  await expect(page.getByRole('main').locator(':focus')).toHaveCount(1)
})

test('a question mark says what a figure means, and help is found by asking', async ({ page }) => {
  await open(page, '/cover')
  const mark = page.getByRole('button', { name: 'What does “ready” mean?' })
  await mark.focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText('Press the figure to see what is missing.')).toBeVisible()
  await expectAccessible(page)
  await page.keyboard.press('Escape')
  await expect(page.getByText('Press the figure to see what is missing.')).toBeHidden()
  await expect(mark).toBeFocused()

  await page.keyboard.press('?')
  await page.getByRole('link', { name: 'Help for this page' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Help: Ready')
  await expectAccessible(page)
  await page.keyboard.press('/')
  await page.getByRole('combobox', { name: 'Find anything' }).fill('help doses')
  await expect(page.getByRole('option').first()).toContainText('Help: Doses')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/help\/bench$/)
})

test('at 400 % nothing runs off the side', async ({ page, account }) => {
  await page.setViewportSize({ width: 320, height: 256 })
  const { caller } = account
  const [member] = await inHousehold(world().db, caller.householdId, (trx) =>
    readMembers(trx, '2026-11-28' as never),
  )
  for (const path of [
    '/',
    `/kits/${await kitCalled(account, 'Pantry roll')}`,
    '/stock',
    '/cover',
    '/bench',
    '/incident',
    '/restock',
    '/household',
    `/members/${member?.id}`,
    '/settings',
    '/help',
  ]) {
    await open(page, path)
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeAttached()
    const width = await page.evaluate(() => document.documentElement.scrollWidth)
    expect([path, width]).toEqual([path, 320])
  }
})

test.describe('before any script', () => {
  test.use({ javaScriptEnabled: false })
  test('whom to call stands on the page of an incident', async ({ page }) => {
    await page.goto('/incident')
    await expect(page.getByRole('navigation', { name: 'Whom to call' })).toContainText('555-0100')
  })
})

test('a guest comes again with one press, and the list of acts says what Undo does', async ({
  page,
  account,
}) => {
  await open(page, '/household')
  await page.getByRole('button', { name: 'Add a guest' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Ottilie')
  await page.getByLabel('Stays until').fill('28.11.2026')
  await page.getByRole('button', { name: 'Add', exact: true }).last().click()
  await expect(said(page)).toContainText('Ottilie added')
  const acts = page.getByRole('region', { name: 'Done lately' })
  await expect(acts.getByRole('listitem').first()).toContainText('Undo removes Ottilie.')
  await inHousehold(world().db, account.caller.householdId, (trx) =>
    trx
      .updateTable('member')
      .set({ guest_until: '2026-11-20' })
      .where('name', '=', 'Ottilie')
      .execute(),
  )
  await page.getByRole('button', { name: 'Add a guest' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Somebody else')
  await page.getByRole('button', { name: 'Add', exact: true }).last().click()
  await expect(said(page)).toContainText('Somebody else added')
  await page.reload()
  await page.getByRole('button', { name: 'Add a guest' }).click()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Ottilie is here again' }).click()
  await expect(said(page)).toContainText('Ottilie is here until 28 Nov 2026')
  await expect(page.getByRole('link', { name: 'Ottilie' })).toBeVisible()
})
