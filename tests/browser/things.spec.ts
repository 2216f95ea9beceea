/** From a newcomer's list to Watch: asked once, said by keyboard, on hold where nobody knows. */
import type { Page } from '@playwright/test'
import { expect, expectAccessible, open, said, test, usable } from './support/test'

test.use({ stock: 'nothing' })

const headline = (page: Page) => page.getByRole('heading', { level: 1 })

async function toThings(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Say what the things are' }).click()
  await page.waitForURL('**/cover/items')
  await usable(page)
}

/** Presses the button that has, or gets, the keyboard. */
async function press(page: Page, name: string | RegExp): Promise<void> {
  const button = page.getByRole('button', { name }).first()
  await button.focus()
  await page.keyboard.press('Enter')
}

test('a messy list of forty lines is in Watch, with everything said, by keyboard', async ({
  page,
}) => {
  test.slow()
  const presses = { count: 0 }
  const counted = async (name: string | RegExp): Promise<void> => {
    presses.count += 1
    await press(page, name)
  }
  await open(page, '/bring-in')
  await page.getByLabel('Choose a file').setInputFiles('tests/lists/newcomer.csv')
  // Title, headings and total are told; the kits are asked about once, the rest follows.
  await expect(headline(page)).toHaveText('0 ready · 39 to answer')
  await page.getByText('3 rows are no lines of the list').click()
  await expect(page.getByRole('listitem').filter({ hasText: 'Total · 40' })).toContainText(
    'a total',
  )
  await counted('Make all 3')
  await expect(headline(page)).toHaveText('37 ready · 2 to answer')
  await counted('It is older')
  await page.getByLabel('Day it was written').fill('3 May 2026')
  await expect(page.getByText('the list of 3 May 2026')).toBeVisible()
  await expectAccessible(page)
  // Two lines say "some": they hold nothing up.
  await counted('Import 37 lines')
  await expect(headline(page)).toHaveText('37 packs imported, three new kits')
  await expect(page.getByText('New kits: Porch box, Dog tin, Car')).toBeVisible()
  await expect(page.getByText('2 packs are on hold')).toBeVisible()
  await counted('Go on with the other 2 lines')
  for (const item of ['Gauze bandages', 'Chewing gum']) {
    const line = page.getByRole('listitem').filter({ hasText: item })
    await line.getByLabel('How many: Another number').fill('3')
    await page.keyboard.press('Enter')
    presses.count += 1
  }
  await counted('Import 2 lines')
  await toThings(page)

  await expect(headline(page)).toHaveText('39 things wait for your word')
  await expectAccessible(page)
  // What a name says in full is seen with all that it will count as.
  const sure = page.getByRole('list', { name: /are sure$/ })
  await expect(sure).toContainText('Antihistamine · for people from 6 years')
  for (let turn = 0; turn < 4; turn++) {
    const confirm = page.getByRole('button', { name: /^Confirm th(?:ese \d+|is one)$/ })
    if ((await confirm.count()) === 0) break
    const before = await headline(page).textContent()
    await counted(/^Confirm th(?:ese \d+|is one)$/)
    await expect(headline(page)).not.toHaveText(before ?? '')
  }
  await expect(page.getByRole('button', { name: /^Confirm th/ })).toHaveCount(0)
  // The product that only begins with its name is not offered as it.
  await expect(page.getByRole('button', { name: /^Ibuprofen PM 200 mg: Ibuprofen/ })).toHaveCount(0)
  await expect(page.getByText('“pm” makes it another product')).toBeVisible()
  // A strength that is missing is asked: a number answers, and 0 is none of these.
  let answered = 0
  for (let turn = 0; turn < 14; turn++) {
    const none = page.getByRole('button', { name: /: None of these$/ }).first()
    if ((await none.count()) === 0) break
    const label = (await none.getAttribute('aria-label')) ?? ''
    const isIbuprofen = label.startsWith('Ibuprofen: ')
    if (isIbuprofen)
      await expect(page.getByRole('button', { name: 'Ibuprofen: Ibuprofen 200 mg' })).toBeVisible()
    await none.focus()
    await page.keyboard.press(isIbuprofen ? '1' : '0')
    answered += isIbuprofen ? 1 : 0
    presses.count += 1
    await expect(page.getByRole('button', { name: label, exact: true })).toHaveCount(0)
  }
  expect(answered).toBe(1)
  // One is described in a few words, the rest is counted.
  await counted(/^Eye ointment: Say what it is$/)
  await page.getByRole('combobox', { name: 'What is it for?' }).fill('eye lub')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await page.getByLabel('What one holds, if the pack says').fill('5 g, 0.5 g a dose')
  await expect(page.getByText(/gives: 10$/)).toBeVisible()
  await counted('Save')
  for (let turn = 0; turn < 12; turn++) {
    const count = page.getByRole('button', { name: /: Just count it$/ }).first()
    if ((await count.count()) === 0) break
    const label = await count.getAttribute('aria-label')
    await counted(label ?? '')
    await expect(page.getByRole('button', { name: label ?? '', exact: true })).toHaveCount(0)
  }
  await expect(headline(page)).toHaveText('Every thing is known')
  expect(presses.count).toBeLessThan(45)

  // Nobody knows what it is, or it was left over: every screen says so.
  await open(page, '/')
  const watch = page.getByRole('region', { name: 'Errands' })
  await expect(watch).toContainText('white tablets without a label')
  await expect(watch).toContainText('Not identified')
  await expect(watch).toContainText('left-over antibiotic of Pip')
  await open(page, '/stock')
  await expect(page.getByText('on hold').first()).toBeVisible()
})

test('what is ticked as sure may be something else: none of it is taken', async ({ page }) => {
  await open(page, '/bring-in')
  await page.getByLabel('or paste it here').fill('Item;Qty\nWhistle;1\nSafety pins;6')
  await page.getByRole('button', { name: 'Read it' }).click()
  await page.getByRole('button', { name: 'I have just counted everything' }).click()
  await page.getByRole('button', { name: 'Import 2 lines' }).click()
  await toThings(page)
  await page.getByRole('checkbox', { name: 'Whistle' }).uncheck()
  await page.getByRole('button', { name: 'Confirm this one' }).click()
  await expect(headline(page)).toHaveText('One thing waits for your word')
  await expect(page.getByRole('button', { name: 'Whistle: Say what it is' })).toBeVisible()
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click()
  await expect(said(page)).toContainText('Undone')
})

test('a thing added by hand is offered the catalogue, and seen before it counts', async ({
  page,
}) => {
  await open(page, '/bring-in')
  await page.getByLabel('or paste it here').fill('Item;Qty\nWhistle;1\nTape;2')
  await page.getByRole('button', { name: 'Read it' }).click()
  await page.getByRole('button', { name: 'I have just counted everything' }).click()
  await page.getByRole('button', { name: 'Import 2 lines' }).click()
  await expect(headline(page)).toContainText('imported')
  await open(page, '/kits')
  await page
    .getByRole('link', { name: /First aid kit/ })
    .first()
    .click()
  await page
    .getByRole('button', { name: /^Add to / })
    .first()
    .click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('What is it', { exact: true }).fill('Paracetamol liquid 250 mg/5 mL')
  const offered = dialog.getByRole('group', { name: 'It counts as' })
  await expect(offered.getByRole('button', { pressed: true })).toContainText('250 mg/5 mL')
  await expect(offered).not.toContainText('160 mg/5 mL')
  await dialog.getByLabel('What is it', { exact: true }).fill('Paracetamol liquid')
  await expect(dialog.getByRole('group', { name: 'Is it one of these?' })).toContainText(
    'the name does not say how strong it is',
  )
  await expect(dialog.getByRole('button', { pressed: true })).toHaveCount(0)
  await expectAccessible(page)
})
