/** A sitter's evening: handed over, sat on another phone with a lost connection, handed back. */
import type { Browser, Page } from '@playwright/test'
import { expect, expectAccessible, expectFits, open, PHONE, test, usable } from './support/test'

const press = (page: Page, name: string | RegExp) =>
  page.getByRole('button', { name, exact: typeof name === 'string' }).click()

async function plan(page: Page, how: { from?: string; to?: string } = {}): Promise<string> {
  await open(page, '/evenings')
  await press(page, 'Plan an evening')
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Hand it over' }).click()
  await expect(dialog.getByText('Look at the fields that are marked.')).toBeVisible()
  await dialog.getByLabel('Who comes?').fill('Kari')
  await dialog.getByLabel('From').fill(how.from ?? '12:30')
  await dialog.getByLabel('Until').fill(how.to ?? '23:30')
  await dialog.getByLabel('At which number?').fill('555-0151')
  await dialog.getByLabel('Where is that?').fill('Mill Lane 7')
  await dialog.getByRole('button', { name: 'Fill in what is noted' }).click()
  const know = dialog.getByLabel('What they have to know')
  await expect(know).toHaveValue(/Grete: allergic to latex/)
  // Only the small ones: the others go along, and what is known of them is not the sitter's.
  for (const name of ['Grete', 'Pip', 'Moth']) await dialog.getByRole('button', { name }).click()
  await expect(know).toHaveValue(/Ned: allergic to nuts/)
  await expect(know).not.toHaveValue(/Grete|Pip|Moth/)
  await dialog.getByRole('checkbox', { name: 'Runa: Ibuprofen liquid' }).check()
  await dialog.getByRole('checkbox', { name: 'Hall drawers' }).check()
  await expectAccessible(page)
  await dialog.getByRole('button', { name: 'Hand it over' }).click()
  await expect(dialog).toContainText(/[2-9A-Z]{4}-[2-9A-Z]{4}-[2-9A-Z]{4}/)
  const [code = ''] =
    /[2-9A-Z]{4}-[2-9A-Z]{4}-[2-9A-Z]{4}/.exec((await dialog.textContent()) ?? '') ?? []
  await dialog.getByRole('button', { name: 'Close' }).click()
  return code
}

async function aPhone(browser: Browser, baseURL: string | undefined): Promise<Page> {
  const context = await browser.newContext({ viewport: PHONE, baseURL, serviceWorkers: 'allow' })
  return context.newPage()
}

/** What is on the page without a connection is kept. */
const isKept = (page: Page, path: string): Promise<void> =>
  expect
    .poll(() =>
      page.evaluate(async (wanted) => {
        const cache = await caches.open('kept-pages')
        return (await cache.keys()).some(({ url }) => url.endsWith(wanted))
      }, path),
    )
    .toBe(true)

test('an evening: a dose is given once although two phones ask, notes wait for a connection, and come back in the morning', async ({
  page,
  browser,
  baseURL,
}) => {
  const code = await plan(page)
  const [sitter, other] = [await aPhone(browser, baseURL), await aPhone(browser, baseURL)]
  // The code is typed as it was read aloud.
  await open(sitter, '/evening')
  await sitter.getByLabel('Code').fill(code.toLowerCase().replaceAll('-', ' '))
  await press(sitter, 'Open it')
  await expect(sitter.getByText('You see Ned, Runa and Bracken.')).toBeVisible()
  await expect(sitter.getByRole('link', { name: 'Call Ilse' })).toHaveAttribute(
    'href',
    'tel:5550151',
  )
  await expect(sitter.getByText('Say where you are: Mill Lane 7')).toBeVisible()
  await expectAccessible(sitter)
  await expectFits(sitter)
  // Nobody else's medicines, nor anybody else.
  expect(await sitter.content()).not.toMatch(/Grete|Pip|Moth|Thyroid|Blood pressure|Acetaminophen/)

  await open(other, `/evening/${code}`)
  await expect(other.getByRole('button', { name: /^Given now: Ibuprofen/ })).toBeVisible()
  await isKept(sitter, new URL(sitter.url()).pathname)

  // Without a connection it opens again, and a dose that is given is not offered twice.
  await sitter.context().setOffline(true)
  await sitter.reload()
  await expect(sitter.getByText('No connection: this is what was shown last.')).toBeVisible()
  await press(sitter, /^Given now: Ibuprofen/)
  await expect(sitter.getByText(/^Not before \d\d:\d\d\.$/)).toBeVisible()
  await expect(sitter.getByRole('button', { name: /^Given now: Ibuprofen/ })).toHaveCount(0)
  await sitter.getByLabel('What did you see?').fill('Asleep at nine')
  await press(sitter, 'Write it down')
  await expect(sitter.getByText('waits for a connection')).toHaveCount(2)
  await sitter.getByRole('region', { name: 'Where things are' }).getByText('Hall drawers').click()
  await press(sitter, /^used one: Plasters/)
  await expect(sitter.getByText('waits for a connection')).toHaveCount(3)

  // It goes out by itself; the other phone is refused the same dose.
  await sitter.waitForTimeout(3500)
  await sitter.context().setOffline(false)
  await sitter.evaluate(() => dispatchEvent(new Event('online')))
  await expect(sitter.getByText('waits for a connection')).toHaveCount(0)
  await press(other, /^Given now: Ibuprofen/)
  await expect(other.getByText(/not taken:/)).toBeVisible()
  await press(other, 'It was not given: take it off')
  await expect(other.getByText(/not taken:/)).toHaveCount(0)
  await expect(other.getByText(/^Not before \d\d:\d\d\.$/)).toBeVisible()

  // What came back.
  await page.getByRole('link', { name: 'What they wrote: Kari' }).click()
  await page.waitForURL('**/evenings/*')
  await usable(page)
  const wrote = page.getByRole('region', { name: 'What they wrote' })
  await expect(wrote.getByRole('listitem')).toHaveCount(3)
  await expect(wrote).toContainText('gave Runa')
  await expect(wrote).toContainText('Asleep at nine')
  await expect(page.getByRole('region', { name: 'To replace' })).toContainText('Plasters')
  await expectAccessible(page)

  // It ends with one press, and shows nothing any more.
  await open(page, '/evenings')
  await press(page, 'End it now: Kari')
  await expect(page.getByText('The evening with Kari has ended.')).toBeVisible()
  await sitter.reload()
  await expect(sitter.getByRole('heading', { level: 1 })).toHaveText('This evening is over')
  expect(await sitter.content()).not.toMatch(/Runa|Ned|Ilse|555-0151|Mill Lane/)
  await sitter.context().setOffline(true)
  await sitter.goto(`/evening/${code}`).catch(() => null)
  expect(await sitter.content()).not.toMatch(/Runa|Ned|Mill Lane/)
})

test('an evening is walked through together before it begins, and nothing is written down', async ({
  page,
  browser,
  baseURL,
}) => {
  const code = await plan(page, { from: '19:00' })
  const sitter = await aPhone(browser, baseURL)
  await open(sitter, `/evening/${code}`)
  await expect(sitter.getByRole('heading', { level: 1 })).toHaveText('It has not begun yet')
  await page.getByRole('link', { name: 'Walk through it together: Kari' }).click()
  await page.waitForURL('**/rehearsal')
  await usable(page)
  await expect(page.getByText('Nothing is written down.')).toBeVisible()
  await press(page, /^Given now: Ibuprofen/)
  await page.getByText('When something happens').click()
  await press(page, /Severe bleeding/)
  await expect(page.getByRole('link', { name: 'Call Emergency' })).toBeVisible()
  await expectAccessible(page)
  await open(page, '/evenings')
  await page.getByRole('link', { name: 'What they wrote: Kari' }).click()
  await page.waitForURL('**/evenings/*')
  await expect(page.getByText('Nothing was noted.')).toBeVisible()
})
