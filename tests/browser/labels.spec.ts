/** A whole kit's labels: on a sheet with one press, and on the label printer until its roll runs out. */
import type { Page } from '@playwright/test'
import { pagesOf } from '../support/pdf'
import { expect, expectAccessible, expectFits, open, PHONE, test, usable } from './support/test'

async function labelsOf(page: Page, kit: string): Promise<void> {
  await open(page, '/print')
  await page.getByRole('link', { name: `Labels for ${kit}` }).click()
  await page.waitForURL('**/labels')
  await usable(page)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(`Labels for ${kit}`)
}
const choose = async (page: Page, format: string) => {
  await page.getByRole('combobox', { name: 'Labels of' }).click()
  await page.getByRole('option', { name: format }).click()
}

test('labels are laid out as they will be printed; what was printed is printed again only once it changes', async ({
  page,
}) => {
  await labelsOf(page, 'Hall drawers')
  const drawn = page.getByRole('list', { name: 'Labels', exact: true }).getByRole('img')
  await expect(page.getByText('7 of 7 are new or have changed')).toBeVisible()
  await expect(drawn).toHaveCount(7)
  await expect(page.getByRole('img', { name: /^Chlorhexidine antiseptic/ })).toHaveAccessibleName(
    /Opened .*throw away after/,
  )
  await expectAccessible(page)
  await page.setViewportSize(PHONE)
  await expectFits(page)
  await page.setViewportSize({ width: 1280, height: 800 })

  // One is left; the sheet was begun.
  await page.getByRole('checkbox', { name: 'Print this one: Lid' }).uncheck()
  await page.getByRole('combobox', { name: 'First label on the sheet' }).click()
  await page.getByRole('option', { name: '4', exact: true }).click()
  const link = page.getByRole('link', { name: 'Open the PDF' })
  const href = (await link.getAttribute('href')) ?? ''
  expect(href).toContain('skip=3')
  const pdf = await page.request.get(href)
  expect(pdf.headers()['content-type']).toBe('application/pdf')
  const text = async (address: string) =>
    (await pagesOf(new Uint8Array(await (await page.request.get(address)).body())))[0]?.text ?? ''
  expect(await text(href)).toContain('Tray 1')
  // A PDF that was opened is not printed yet.
  const opened = page.waitForEvent('popup')
  await link.click()
  await (await opened).close()
  await expect(page.getByText('7 of 7 are new or have changed')).toBeVisible()
  await page.getByRole('button', { name: 'They are printed' }).click()
  await expect(page.getByText('1 of 7 are new or have changed')).toBeVisible()
  await expect(drawn).toHaveCount(1)

  // Another size: too small for some, which is said and never cut.
  await page.getByText('All', { exact: true }).click()
  await choose(page, 'A4, 65 of 38.1 × 21.2 mm')
  await expect(page.getByText(/does not go onto a label of this size/).first()).toBeVisible()
  await choose(page, 'A4, 14 of 99.1 × 38.1 mm')
  await expect(page.getByText(/does not go onto a label of this size/)).toHaveCount(0)
  // The device knows its printer the next time.
  await page.getByText('Printer is off').click()
  await page.getByLabel('To the right, mm').fill('20')
  await expect(page.getByText(/from −10 to 10/)).toBeVisible()
  await page.getByLabel('To the right, mm').fill('0,5')
  await page.reload()
  await usable(page)
  await expect(page.getByRole('combobox', { name: 'Labels of' })).toHaveValue(/99\.1/)
  await page.getByText('Printer is off').click()
  await expect(page.getByLabel('To the right, mm')).toHaveValue('0.5')
})

test('the label printer says that it is made up, shows the strip, and says when its roll is out', async ({
  page,
}) => {
  await labelsOf(page, 'Hall drawers')
  await choose(page, 'Roll, 62 × 29 mm')
  await expect(page.getByText('This label printer is simulated')).toBeVisible()
  await expect(page.getByText('40 labels left on the roll')).toBeVisible()
  const print = page.getByRole('button', { name: 'Print on the label printer' })
  await print.click()
  const strip = page.getByRole('region', { name: 'What came out' })
  await expect(strip.getByRole('img')).toHaveCount(7)
  await expect(page.getByText('33 labels left on the roll')).toBeVisible()
  await expectAccessible(page)
  await page.getByText('All', { exact: true }).click()
  for (const left of [26, 19, 12, 5]) {
    await print.click()
    await expect(page.getByText(`${left} labels left on the roll`)).toBeVisible()
  }
  await print.click()
  await expect(page.getByRole('alert')).toContainText('5 of 7 were printed')
  await expect(print).toBeDisabled()
  await page.getByRole('button', { name: 'New roll is in: print' }).click()
  await expect(page.getByText('33 labels left on the roll')).toBeVisible()
  await expect(page.getByRole('alert')).toHaveCount(0)
})

test('a card for the wallet is printed, told where it is, and stays true until something changes', async ({
  page,
}) => {
  await open(page, '/print')
  const cards = page.getByRole('region', { name: 'Cards for the wallet' })
  const pdf = await page.request.get(
    (await cards.getByRole('link', { name: 'Card of Ned' }).getAttribute('href')) ?? '',
  )
  expect(pdf.headers()['content-type']).toBe('application/pdf')
  await cards.getByRole('textbox', { name: 'Where the card of Ned is' }).fill('School bag')
  await cards.getByRole('button', { name: 'It is printed: card of Ned' }).click()
  await expect(cards.getByText(/^printed .*, still true$/)).toHaveCount(1)
  await expectAccessible(page)
  await page.setViewportSize(PHONE)
  await expectFits(page)
  await page.reload()
  await usable(page)
  await expect(cards.getByRole('textbox', { name: 'Where the card of Ned is' })).toHaveValue(
    'School bag',
  )
})
