/** A household saved on one account and brought back on another, as a person would. */
import { readFileSync } from 'node:fs'
import { anAccount } from './support/account'
import { expect, expectAccessible, open, test } from './support/test'

test('everything is saved with one press, brought back elsewhere, and kept after all', async ({
  page,
  account,
  browser,
  baseURL,
}) => {
  await open(page, '/account')
  const saving = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Save everything' }).press('Enter')
  const saved = await saving
  expect(saved.suggestedFilename()).toMatch(/household 2026-11-26\.zip$/)
  const file = await saved.path()
  expect(readFileSync(file).subarray(0, 2).toString()).toBe('PK')
  await expect(page.getByRole('region', { name: 'Your household’s data' })).toContainText(
    'only be restored where there is nothing yet',
  )

  const empty = await anAccount('nothing')
  const elsewhere = await browser.newContext({ baseURL: baseURL ?? '', locale: 'en-GB' })
  await elsewhere.addCookies([{ ...empty.cookie, url: baseURL ?? '' }])
  const there = await elsewhere.newPage()
  await open(there, '/account')
  const data = there.getByRole('region', { name: 'Your household’s data' })
  const choose = data.locator('input[type=file]')
  await choose.setInputFiles({
    name: 'other.zip',
    mimeType: 'application/zip',
    buffer: Buffer.from('no'),
  })
  await data.getByRole('button', { name: 'Restore it' }).press('Enter')
  await expect(data.getByRole('alert')).toContainText('Choose the ZIP file')
  await choose.setInputFiles(file)
  await data.getByRole('button', { name: 'Restore it' }).press('Enter')
  await expect(data.getByRole('status')).toContainText(/household is back: 4 places, \d kits/)
  await expectAccessible(there)
  await data.getByRole('link', { name: 'Open it' }).press('Enter')
  const headline = page.getByRole('heading', { level: 1 })
  await open(page, '/')
  await expect(there.getByRole('heading', { level: 1 })).toHaveText(
    (await headline.textContent()) ?? '',
  )

  await open(there, '/account')
  const leave = there.getByRole('region', { name: 'Leave' })
  await leave.getByRole('button', { name: 'Delete the household' }).press('Enter')
  const dialog = there.getByRole('dialog', { name: 'Delete the household' })
  await dialog.getByLabel('Your password').fill('not it at all')
  await dialog.getByLabel('Your password').press('Enter')
  await expect(dialog.getByRole('alert')).toHaveText('Type the password that you sign in with now.')
  await dialog.getByLabel('Your password').fill(empty.password)
  await dialog.getByLabel('Your password').press('Enter')
  await expect(dialog).toHaveCount(0)
  await open(there, '/kits')
  await expect(there.getByRole('note')).toContainText('Ilse asked for this household to be deleted')
  await expectAccessible(there)
  await there.getByRole('link', { name: 'Keep it, or save it' }).click()
  await leave.getByRole('button', { name: 'Keep the household' }).press('Enter')
  await expect(leave.getByRole('status')).toHaveText('The household stays.')
  await expect(there.getByRole('note')).toHaveCount(0)
  await elsewhere.close()
  await expect(page.getByRole('note')).toHaveCount(0)
  expect(account.email).not.toBe(empty.email)
})
