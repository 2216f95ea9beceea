/** Shopping and what follows from the plan: in the shop, at the kit, from a shop that delivers, over three visits. */
import type { Page } from '@playwright/test'
import { matchItems } from '../../src/app/items/catalogueActs'
import { readKit, readKits } from '../../src/app/kits/readKits'
import { type Account, world } from './support/account'
import { databaseUrl, startServer } from './support/serve'
import {
  expect,
  expectAccessible,
  expectFits,
  open,
  PHONE,
  said,
  test,
  usable,
} from './support/test'

/** A plan is worked out on the device; two other tests may be at work beside it. */
test.use({ stock: 'two places' })

const makeTheList = async (page: Page) => {
  await page.getByRole('button', { name: /^Make (the list|it again)$/ }).click()
  await expect(said(page)).toContainText('put on the list')
}
const lineOf = (page: Page, title: string) =>
  page
    .getByRole('listitem')
    .filter({ has: page.getByRole('checkbox', { name: new RegExp(title) }) })
const tick = async (page: Page, title: string) => {
  // Ticked before the page's script has taken over, a box only looks ticked.
  await usable(page)
  await page.getByRole('checkbox', { name: `In the bag: ${title}` }).click()
  await expect(page.getByRole('checkbox', { name: `In the bag: ${title}` })).toBeChecked()
}
const putAway = async (page: Page, title: string, date: string) => {
  await page.getByRole('button', { name: `Put away: ${title}` }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Printed date').fill(date)
  await dialog.getByRole('button', { name: 'Put away' }).click()
  await page.getByRole('button', { name: 'No label' }).click()
  await expect(page.getByRole('dialog')).toHaveCount(0)
}

test('a list is made, ticked on the phone, and put away with date, batch and label', async ({
  page,
}) => {
  await page.setViewportSize(PHONE)
  await open(page, '/restock')
  const heading = page.getByRole('heading', { level: 1 })
  await expect(heading).toHaveText('Nothing on the list')
  await makeTheList(page)
  await expect(heading).toHaveText('Three to buy')
  await expectAccessible(page)
  await expectFits(page)
  const shop = page.getByRole('region', { name: 'Corner pharmacy' })
  await expect(shop).toContainText(/Gauze.*1 pack of 10 pads.*6 for Tray, Cottage box/)
  // The tick is shown at once; a page that is read again before its answer may be older than it.
  const ticked = page.waitForResponse(
    (answer) => answer.request().method() !== 'GET' && answer.ok(),
  )
  await tick(page, 'Gauze')
  await expect(heading).toHaveText('Two to buy and one to put away')
  await ticked
  await page.reload()
  await expect(page.getByRole('checkbox', { name: 'In the bag: Gauze' })).toBeChecked()

  await page.getByRole('button', { name: 'Put away: Gauze' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByLabel('Tray, Cottage box (Cottage)')).toHaveValue('6')
  await expect(dialog.getByLabel('Tray, House box (House)')).toHaveValue('4')
  // Read from the pack, without a camera: a practice label.
  const scan = async (label: RegExp) => {
    await dialog.getByRole('button', { name: 'Scan the pack' }).click()
    await page.getByRole('button', { name: label }).click()
  }
  await scan(/^Practice label: Gauze 10 cm/)
  await expect(dialog.getByLabel('Batch', { exact: true })).toHaveValue('G-310')
  await expect(dialog.getByLabel('Printed date')).toHaveValue('2029-03-31')
  await dialog.getByLabel('Paid for a pack').fill('3.50')
  await expectAccessible(page)
  await dialog.getByRole('button', { name: 'Put away' }).click()
  const label = page.getByRole('link', { name: 'Print its label' })
  await expect(label).toBeVisible()
  const href = (await label.getAttribute('href')) ?? ''
  await page.getByRole('button', { name: 'No label' }).click()
  await expect(lineOf(page, 'Gauze')).toHaveCount(0)

  // Its number is learned: the same pack is not taken for something else.
  await tick(page, 'Thermometer')
  await page.getByRole('button', { name: 'Put away: Thermometer' }).click()
  await scan(/^Practice label: Gauze 10 cm/)
  await expect(
    page.getByText('The code on this pack says Gauze. Nothing was taken from it'),
  ).toBeVisible()
  await expect(dialog.getByLabel('Printed date')).toHaveValue('')
  await expectAccessible(page)
  await page.keyboard.press('Escape')

  await open(page, href)
  await expect(page.getByRole('main')).toContainText(/Gauze.*Good through.*Batch G-310/)
  await expect(page.getByRole('img', { name: 'Code with its date and batch' })).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  const bytes = (await page.pdf({ preferCSSPageSize: true })).toString('latin1')
  expect(bytes.match(/\/Type \/Page\b/g)).toHaveLength(1)
})

test('what is not to be had is bought elsewhere, and the list says where', async ({ page }) => {
  await open(page, '/restock')
  await makeTheList(page)
  const harbour = page.getByRole('region', { name: 'Harbour shop' })
  await expect(harbour).toContainText('Saline pods')
  await page.getByRole('button', { name: 'Not available: Saline pods' }).click()
  await expect(page.getByRole('region', { name: 'Not available' })).toContainText(
    /Saline pods.*Harbour shop had none.*On the list instead: Saline pods at Corner pharmacy/,
  )
  await expect(harbour).toHaveCount(0)
  await expectAccessible(page)
  await page.getByRole('main').getByText('More', { exact: true }).first().click()
  await page
    .getByRole('button', { name: /^One pack more/ })
    .first()
    .click()
  await expect(said(page)).toContainText('Packs changed')
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeHidden()
  await expect(page.getByText('As of 26 Nov 2026')).toBeVisible()
})

test('a shop that delivers is ordered from, asked, and what came is put away', async ({
  page,
  account,
}) => {
  await matched(account)
  await open(page, '/restock')
  await page.getByRole('button', { name: 'Add a line' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('combobox', { name: 'What' }).click()
  await page.getByRole('option', { name: 'Saline pods' }).click()
  await dialog.getByLabel('Packs').fill('4')
  await dialog.getByLabel('Shop').fill('Tideway Post Pharmacy')
  await page.keyboard.press('Escape')
  await dialog.getByRole('button', { name: 'Put on the list' }).click()
  const shop = page.getByRole('region', { name: 'Tideway Post Pharmacy' })
  await expect(shop).toContainText('delivers on Tuesdays and Fridays')
  await shop.getByRole('button', { name: 'Order this line' }).click()
  await expect(said(page)).toContainText(/Ordered as TW-1126-\d+: .*(confirmed|back-ordered)/)
  // What the shop has taken on is not taken back here.
  const ordered = said(page).getByRole('group').filter({ hasText: 'Ordered as' })
  await expect(ordered.getByRole('button', { name: 'Close' })).toBeVisible()
  await expect(ordered.getByRole('button')).toHaveCount(1)
  const orders = page.getByRole('region', { name: 'On its way' })
  await expect(orders).toContainText('Saline pods')
  await expectAccessible(page)

  // It has one pack of the four; weeks later that is here, whatever became of the others.
  const { address, process: server } = await startServer(
    databaseUrl('DATABASE_URL', 'browser'),
    '2027-01-20',
  )
  try {
    await open(page, `${address}/restock`)
    await page.getByRole('button', { name: 'Ask for news' }).click()
    await expect(said(page)).toContainText(/packs? (here|later|cancelled)/)
    await page.getByRole('button', { name: 'Put away: Saline pods' }).first().click()
    await dialog.getByLabel('Printed date').fill('03/2031')
    await dialog.getByRole('button', { name: 'Put away' }).click()
    await page.getByRole('button', { name: 'No label' }).click()
    const { house } = await boxes(account)
    expect(await goodOf(account, house, 'Saline pods')).toBeGreaterThan(10)
  } finally {
    server.kill()
  }
})

test('a plan is carried out over three visits, and every par is met', async ({ page, account }) => {
  const { house, cottage } = await boxes(account)
  const at = async (day: string, work: (base: string) => Promise<void>) => {
    const { address, process: server } = await startServer(
      databaseUrl('DATABASE_URL', 'browser'),
      day,
    )
    try {
      await work(address)
    } finally {
      server.kill()
    }
  }
  // Today, at home: the list is made from the plan, and what is for the house put away.
  await open(page, '/restock/plan')
  await page.getByRole('button', { name: 'Put on the shopping list' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Three to buy')
  await tick(page, 'Thermometer')
  await putAway(page, 'Thermometer', 'none')
  await tick(page, 'Gauze')
  await tick(page, 'Saline pods')
  expect(await lacking(account, house)).toEqual([])

  // The first weekend: what was bought and what is carried is put into the cottage's kit.
  await at('2026-12-05', async (base) => {
    await open(page, `${base}/restock/plan`)
    await page.getByRole('button', { name: 'Carried: Plasters' }).click()
    await expect(said(page)).toContainText('brought over')
    await open(page, `${base}/restock`)
    await putAway(page, 'Gauze', '06/2031')
    await putAway(page, 'Saline pods', '06/2030')
    expect(await lacking(account, cottage)).toEqual([])
    await open(page, `${base}/`)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await expect(page.getByRole('main')).not.toContainText('Top up')
  })

  // The second: what has turned is thrown away, and nothing lacks anywhere.
  await at('2027-01-09', async (base) => {
    await open(page, `${base}/restock/plan`)
    await page.getByRole('button', { name: 'Thrown away: Gauze' }).click()
    await expect(said(page)).toContainText('thrown away')
    await expect(page.getByRole('button', { name: 'Thrown away: Gauze' })).toHaveCount(0)
    expect(await lacking(account, cottage)).toEqual([])
    expect(await lacking(account, house)).toEqual([])
    expect(await goodOf(account, cottage, 'Gauze')).toBe(6)
  })
})

test('the forecast tells what two years may cost, and a rate of one’s own changes it', async ({
  page,
}) => {
  await open(page, '/restock/forecast')
  const heading = page.getByRole('heading', { level: 1 })
  await expect(heading).toContainText(/About €\d+ a year, of which €\d+ expires unused/)
  const before = await heading.textContent()
  await expect(page.getByRole('img', { name: 'Spending by month' })).toBeVisible()
  await page.getByText('As a table').first().click()
  await expect(page.getByRole('row', { name: /^Nov 2026/ }).first()).toContainText('€')
  await expect(page.getByRole('region', { name: 'One more, or one fewer' })).toContainText(
    'Plasters',
  )
  await expectAccessible(page)
  await page.setViewportSize(PHONE)
  await expectFits(page)

  await open(page, '/restock/use')
  await expect(heading).toHaveText('How much is used is still a guess')
  const field = page.getByRole('textbox', { name: 'In a year: Plasters, House' })
  const row = page.getByRole('row').filter({ has: field })
  await field.fill('many')
  await expect(row).toContainText('Give a number such as 12 or 0.5')
  await field.fill('400')
  await row.getByRole('button', { name: 'Save' }).click()
  await expect(said(page)).toContainText('The plan now uses it')
  await expect(row).toContainText('400 strips')
  await page.setViewportSize({ width: 1280, height: 800 })
  await expectAccessible(page)
  await open(page, '/restock/forecast')
  await expect(heading).toContainText('About')
  await expect(heading).not.toHaveText(before ?? '')
  await open(page, '/restock/use')
  await row.getByRole('button', { name: 'Leave it to the record' }).click()
  await expect(row).not.toContainText('400 strips')
})

test.describe('of the demo household', () => {
  test.use({ stock: 'demo' })
  test('a recall is seen on Watch, held everywhere, and becomes an errand', async ({ page }) => {
    await open(page, '/')
    await page.getByRole('link', { name: 'See which' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(
      'One pack of yours is recalled',
    )
    const bulletin = page.getByRole('article', { name: /^Cleansing wipes/ })
    await expect(bulletin).toContainText('batch W3116')
    await expectAccessible(page)
    // A batch that nobody had noted turns out to be one of those.
    const unknown = bulletin.getByRole('form', { name: /Pannier pouch$/ })
    await unknown.getByRole('textbox').fill('w 3150')
    await unknown.getByRole('button', { name: 'Note it' }).click()
    await bulletin.getByRole('button', { name: 'Put all 2 on hold' }).click()
    await expect(said(page)).toContainText('Two packs put on hold')
    await expect(bulletin).toContainText('Taken in on')
    await page.setViewportSize(PHONE)
    await expectFits(page)
    await open(page, '/')
    await page
      .getByRole('region', { name: 'Estate car' })
      .getByText(/^Show all/)
      .click()
    await expect(page.getByText('Recalled, OSG-2026-118').first()).toBeVisible()
    await expect(page.getByRole('link', { name: 'See which' })).toHaveCount(0)
  })
})

async function boxes({ caller }: Account) {
  const { kits } = await readKits(world(), caller)
  const named = (name: string) => {
    const kit = kits.find((one) => one.name === name)
    if (!kit) throw new Error(`No kit ${name}`)
    return kit.id
  }
  return { house: named('House box'), cottage: named('Cottage box') }
}

type KitId = Awaited<ReturnType<typeof boxes>>['house']

const linesIn = async ({ caller }: Account, kitId: KitId) =>
  (await readKit(world(), caller, kitId)).pockets.flatMap(({ lines }) => lines)

/** Of which less is good than belongs there, on the present day of the tests. */
const lacking = async (account: Account, kitId: KitId) =>
  (await linesIn(account, kitId))
    .filter(({ par, good }) => good < par)
    .map(({ item, par, good }) => `${item.name}: ${good} of ${par}`)

const goodOf = async (account: Account, kitId: KitId, name: string): Promise<number> =>
  (await linesIn(account, kitId))
    .filter(({ item }) => item.name === name)
    .reduce((sum, { good }) => sum + good / 1000, 0)

/** Saline is known by the catalogue, so that a shop can be asked for it. */
async function matched(account: Account): Promise<void> {
  const { house } = await boxes(account)
  const saline = (await linesIn(account, house)).find(({ item }) => item.name === 'Saline pods')
  if (!saline) throw new Error('No saline')
  await matchItems(world(), account.caller, {
    key: crypto.randomUUID(),
    matches: [{ itemId: saline.item.id, catalogueId: 'saline-pods' }],
  })
}
