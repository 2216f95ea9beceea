/** Job 3: a hand-kept list goes in, and what to do comes out. */
import type { Page } from '@playwright/test'
import { expect, expectAccessible, open, said, test } from './support/test'

test.use({ stock: 'nothing' })

const MESSY = 'tests/lists/messy.csv'
const line = (page: Page, number: number) =>
  page.getByRole('listitem').filter({ has: page.getByText(new RegExp(`^Line ${number}$`)) })

async function answerAll(page: Page) {
  await line(page, 6).getByRole('button', { name: '1 Oct 2026' }).click()
  await line(page, 16).getByRole('button', { name: '10 Nov 2026' }).click()
  await line(page, 23).getByRole('button', { name: '5 Mar 2027' }).click()
  await line(page, 51).getByRole('button', { name: '3 Apr 2027' }).click()
  await line(page, 61).getByRole('button', { name: '1 Feb 2099' }).click()
}
async function mend(page: Page, number: number, field: string, text: string) {
  await line(page, number).getByLabel(field, { exact: true }).fill(text)
  await line(page, number).getByRole('button', { name: 'Save the line' }).click()
}

test('a messy list of sixty lines is answered, mended, brought in, taken back and recognised', async ({
  page,
}) => {
  await open(page, '/bring-in')
  await page.getByLabel('Choose a file').setInputFiles(MESSY)
  // Nothing exists yet: the four places are asked about once, and what lies in them follows.
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    '0 ready · 56 to answer · 4 to correct',
  )
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Make all 4' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    '51 ready · 5 to answer · 4 to correct',
  )
  await page.getByRole('button', { name: 'Needs you' }).click()
  const confirm = page.getByRole('button', { name: /^Import \d+ lines?$/ })
  await expect(confirm).toBeDisabled()
  await page.getByRole('button', { name: 'I have just counted everything' }).click()
  await expect(confirm).toBeEnabled()
  await expect(line(page, 50)).toContainText('there is no such day')
  await answerAll(page)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('56 ready · 4 to correct')
  await mend(page, 50, 'Expiry', '29/02/2027')
  await expect(line(page, 50)).toContainText('there is no such day')
  await mend(page, 50, 'Expiry', '28/02/2027')
  await mend(page, 52, 'How many', '1 bottle')
  await mend(page, 53, 'How many', '1')
  await line(page, 56)
    .getByRole('button', { name: /Leave out/ })
    .click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('59 ready')
  await confirm.click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    '58 packs imported, five new kits',
  )

  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click()
  await expect(said(page)).toContainText('Undone')
  await open(page, '/')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Nothing is kept here yet')

  await open(page, '/bring-in')
  await page.getByLabel('Choose a file').setInputFiles(MESSY)
  await page.getByRole('button', { name: 'Make all 4' }).click()
  await page.getByRole('button', { name: 'Needs you' }).click()
  await answerAll(page)
  await page.getByRole('button', { name: 'I have just counted everything' }).click()
  // Four lines cannot be read yet, and hold nothing up.
  await confirm.click()
  await page.getByRole('button', { name: 'Go on with the other 4 lines' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('4 to correct')
  await page.goBack().catch(() => {})
  await open(page, '/')
  const home = page.getByRole('region', { name: 'Home' })
  await expect(home).toContainText('Old ointment')
  await expect(page.getByRole('region', { name: 'Errands' })).toContainText('5 of 6 there')
  await expect(page.getByText('alert(1)')).toHaveCount(0)
  await expectAccessible(page)

  await open(page, '/bring-in')
  await page.getByLabel('Choose a file').setInputFiles(MESSY)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('51 already here')
})

test('a pasted list is read by its columns, which may mean something else', async ({ page }) => {
  await open(page, '/bring-in')
  await page
    .getByLabel('or paste it here')
    .fill('Thing\tHave\tPlan\tbin\nPads\t3\t5\tLid\nTape\t1\t\tLid')
  await page.getByRole('button', { name: 'Read it' }).click()
  await page.getByText('What the columns mean').click()
  await page.getByRole('combobox', { name: 'Plan' }).click()
  await page.getByRole('option', { name: 'How many belong there' }).click()
  // The next column can be named at once: nothing has folded away.
  await expect(page.getByRole('combobox', { name: 'bin' })).toBeVisible()
  await page.getByRole('button', { name: 'New pocket' }).click()
  await page.getByRole('button', { name: 'All lines' }).click()
  await expect(line(page, 2)).toContainText('3 of 5')
  await page
    .getByRole('textbox', { name: 'Place' })
    .or(page.getByRole('combobox', { name: 'Place' }))
    .fill('Boat')
  await page.getByRole('button', { name: 'I have just counted everything' }).click()
  await line(page, 3).getByRole('button', { name: 'Change line 3' }).click()
  await line(page, 3)
    .getByLabel('Strength or size')
    .or(line(page, 3).getByLabel('How many', { exact: true }))
    .last()
    .fill('2 rolls')
  await line(page, 3).getByRole('button', { name: 'Save the line' }).click()
  await expect(line(page, 3)).toContainText('2 rolls')
  await page.getByRole('button', { name: 'Import 2 lines' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Two packs imported, one new kit',
  )
  await open(page, '/kits')
  await expect(page.getByRole('heading', { name: /Boat/ })).toBeVisible()
})

test('what is no list is refused in words, and another may be tried', async ({ page }) => {
  await open(page, '/bring-in')
  const choose = (name: string, buffer: Buffer) =>
    page.getByLabel('Choose a file').setInputFiles({ name, mimeType: 'text/csv', buffer })
  await choose('list.xlsx', Buffer.from([0x50, 0x4b, 3, 4, 0, 0, 0]))
  await expect(page.getByRole('alert')).toContainText('This is a workbook, not text.')
  await choose('photo.csv', Buffer.from(Array.from({ length: 900 }, (_, n) => n % 256)))
  await expect(page.getByRole('alert')).toContainText('This is not a text file.')
  await choose('long.csv', Buffer.alloc(10 * 1024 * 1024, 'item;1\n'))
  await expect(page.getByRole('alert')).toContainText('more than 8 MB')
  await choose('empty.csv', Buffer.from('\n\n'))
  await expect(page.getByRole('alert')).toContainText('The file is empty.')
  await choose('list.csv', Buffer.from('item;qty\nPads;3'))
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('1 ready')
})

test('five thousand lines show how far they are, and go in as one', async ({ page }) => {
  test.slow()
  await open(page, '/bring-in')
  const text = `item;qty;exp;kit\n${Array.from({ length: 5000 }, (_, n) => `Thing ${n};${(n % 9) + 1};03/2${n % 9};Kit ${n % 40}`).join('\n')}`
  await page.evaluate(() => {
    const seen: string[] = []
    Object.assign(window, { seen })
    new MutationObserver(() => {
      const progress = document.querySelector('progress')
      if (progress && progress.value > 0) seen.push(`${progress.value}/${progress.max}`)
    }).observe(document.body, { subtree: true, childList: true, attributes: true })
  })
  await page
    .getByLabel('Choose a file')
    .setInputFiles({ name: 'long.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  await page.getByRole('button', { name: 'Make all 40' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('5000 ready')
  await page.getByRole('button', { name: 'I wrote it from memory today' }).click()
  const seen = await page.evaluate(() => (window as unknown as { seen: string[] }).seen)
  expect(seen.length).toBeGreaterThan(0)
  await page.getByRole('button', { name: 'Import 5000 lines' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    '5000 packs imported, 40 new kits',
    {},
  )
  await open(page, '/')
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
})
