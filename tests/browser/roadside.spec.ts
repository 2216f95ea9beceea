/** Strangers and guests: a professional with empty hands, whoever opens a kit, somebody else's child. */
import type { Browser, Page } from '@playwright/test'
import { expect, expectAccessible, expectFits, open, PHONE, test, usable } from './support/test'

const press = (page: Page, name: string | RegExp) =>
  page.getByRole('button', { name, exact: typeof name === 'string' }).click()

async function aPhone(browser: Browser, baseURL: string | undefined): Promise<Page> {
  const context = await browser.newContext({ viewport: PHONE, baseURL, serviceWorkers: 'allow' })
  return context.newPage()
}

test.describe('at a roadside', () => {
  test.use({ viewport: PHONE })

  test('the phone is handed over: what is there by what it is for, taken with one press, also without a connection', async ({
    page,
  }) => {
    await open(page, '/incident')
    await page.getByRole('link', { name: 'A professional is here' }).click()
    await page.waitForURL('**/roadside*')
    await press(page, 'Estate car')
    const bleeding = page.getByRole('region', { name: 'Bleeding' })
    await expect(bleeding).toContainText('Pressure dressing 10 cm')
    await expect(bleeding).toContainText('2 pieces')
    await expectAccessible(page)
    await expectFits(page)
    // Nobody's name, and nothing that is a medicine.
    expect(await page.locator('main').textContent()).not.toMatch(
      /Ilse|Ned|Runa|Bracken|Ibuprofen|Acetaminophen|Cetirizine|inhaler|injector/i,
    )
    await bleeding.getByRole('button', { name: 'Taken, thank you: Pressure dressing' }).click()
    await expect(bleeding).toContainText('1 piece')
    await expect(page.getByText('Pressure dressing 10 cm: taken, thank you')).toBeVisible()

    await page.context().setOffline(true)
    const tools = page.getByRole('region', { name: 'Gloves and tools' })
    await tools.getByRole('button', { name: 'Taken, thank you: Clothing shears' }).click()
    await expect(tools.getByText('Clothing shears')).toHaveCount(0)
    await page.context().setOffline(false)
    await page.evaluate(() => dispatchEvent(new Event('online')))

    // It is to be made up for.
    await expect
      .poll(async () => {
        await open(page, '/')
        return page.getByText(/given away at a roadside/).count()
      })
      .toBeGreaterThan(1)
  })
})

test('a code on a lid opens the kit on a stranger’s phone, as far as the keeper lets it, until it ends', async ({
  page,
  browser,
  baseURL,
}) => {
  await open(page, '/kits')
  await page
    .getByRole('link', { name: /Boot bag/ })
    .first()
    .click()
  await page.waitForURL(/\/kits\/[0-9a-f-]+/)
  const kit = new URL(page.url()).pathname
  await open(page, `${kit}/sheet`)
  await press(page, 'Put a code on this lid')
  const drawn = page.getByRole('img', { name: 'Code that opens this kit on a phone' })
  await expect(drawn).toBeVisible()
  await expectAccessible(page)
  const code = (await page.locator('figcaption b').textContent()) ?? ''

  const stranger = await aPhone(browser, baseURL)
  await open(stranger, '/lid')
  await stranger.getByLabel('Code').fill(code.toLowerCase().replaceAll('-', ' '))
  await press(stranger, 'Open')
  await expect(stranger.getByRole('heading', { level: 1 })).toHaveText('What is in “Boot bag”')
  await expect(stranger.getByRole('link', { name: /Emergency/ })).toHaveAttribute('href', /^tel:/)
  await expectAccessible(stranger)
  await expectFits(stranger)
  expect(await stranger.content()).not.toMatch(/Ilse|Ned\b|Runa|Marrow|Ibuprofen|Acetaminophen/)
  await press(stranger, 'Taken, thank you: Windlass tourniquet')
  await expect(stranger.getByRole('status')).toHaveText('Windlass tourniquet: taken, thank you')
  await expect(stranger.getByRole('region', { name: 'Bleeding' })).not.toContainText('tourniquet')

  // Looking only, from the next moment on.
  await usable(page)
  await page.getByRole('checkbox', { name: 'They may note what they took' }).uncheck()
  await expect(page.getByText('The code opens as far as you said')).toBeVisible()
  await stranger.reload()
  await expect(stranger.getByRole('region', { name: 'Bleeding' })).toBeVisible()
  await expect(stranger.getByRole('button', { name: /^Taken, thank you/ })).toHaveCount(0)

  await usable(page)
  await press(page, 'End the code')
  await expect(drawn).toHaveCount(0)
  await stranger.reload()
  await expect(stranger.getByRole('heading', { level: 1 })).toHaveText('This code opens nothing')
})

test('a child who comes every weekend is given what their mother named, and nothing else', async ({
  page,
}) => {
  await open(page, '/household')
  await press(page, 'Add a guest')
  await page.getByLabel('Name').fill('Emil')
  await page.getByLabel('Born').fill('1 May 2019')
  await page.getByLabel('Weight in kg, if known').fill('22.4')
  for (const day of ['Sat', 'Sun']) await press(page, day)
  await expect(page.getByLabel('Stays until')).toHaveValue(/May 2027/)
  await press(page, 'None of the three')
  await press(page, 'Add')
  await expect(page.getByText(/here on Saturday and Sunday until/)).toBeVisible()

  await open(page, '/bench')
  const about = async (card: RegExp) => {
    await press(page, 'Emil')
    await press(page, card)
  }
  await about(/^Pain and fever Acetaminophen liquid/)
  await expect(page.getByText(/Give strangers no medicine/).first()).toBeVisible()

  await open(page, '/household')
  await page.getByRole('link', { name: 'Emil' }).first().click()
  await page.waitForURL('**/members/*')
  await usable(page)
  await press(page, 'Change')
  const word = page.getByRole('group', { name: 'What their parents said' })
  await word.getByLabel('May be given, as the label says').fill('acetaminophen')
  await page.getByRole('option', { name: 'acetaminophen', exact: true }).click()
  await expect(word.getByText(/nothing is given on nobody’s word/)).toBeVisible()
  await word.getByLabel('Who said so').fill('Mara Holt')
  await word.getByLabel('Their phone').fill('555-0170')
  await expectAccessible(page)
  await press(page, 'Save')
  await expect(page.getByText(/Mara Holt: acetaminophen, until/)).toBeVisible()

  await open(page, '/bench')
  await about(/^Pain and fever Acetaminophen liquid/)
  await expect(page.getByText(/Give strangers no medicine|has not said yes/)).toHaveCount(0)
  await expect(page.getByText(/10 mL/).first()).toBeVisible()
  await press(page, /^Pain and fever Ibuprofen liquid/)
  await expect(page.getByText(/Mara Holt has not said yes to this/).first()).toBeVisible()
})
