/**
 * Takes the pictures of docs/screenshots from the running demo household.
 * npx tsx scripts/pictures.ts http://127.0.0.1:4321
 */
import { chromium, type Page } from '@playwright/test'
import config from '../playwright.config'

const address = process.argv[2] ?? 'http://127.0.0.1:4321'
const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }

const browser = await chromium.launch(config.use?.launchOptions ?? {})
const context = await browser.newContext({
  baseURL: address,
  locale: 'en-GB',
  serviceWorkers: 'block',
})

async function picture(
  name: string,
  path: string,
  size = DESK,
  before: (page: Page) => Promise<unknown> = async () => {},
  of = context,
): Promise<void> {
  const page = await of.newPage()
  await page.setViewportSize(size)
  await page.goto(path, { waitUntil: 'networkidle' })
  await before(page)
  await page.waitForTimeout(400)
  await page.screenshot({ path: `docs/screenshots/${name}.png` })
  await page.close()
}
const look = (name: string) => (page: Page) => page.getByRole('radio', { name }).click()
const tag = (text: string) => (page: Page) =>
  page.locator('[data-tag]').filter({ hasText: text }).first().click()

/** Somebody who has only just made an account. */
const newcomer = await browser.newContext({
  baseURL: address,
  locale: 'en-GB',
  timezoneId: 'Europe/Oslo',
  serviceWorkers: 'block',
})
await newcomer.request.post('/api/account/sign-up', {
  data: {
    name: 'Nadia',
    email: `${crypto.randomUUID()}@example.invalid`,
    password: 'wet socks on the line',
  },
})
const firstSteps = async (page: Page) => {
  await page.getByRole('button', { name: 'Use what is usual in Norway' }).click()
  for (const [name, born, kg] of [
    ['Nadia', '02/03/1988', '63'],
    ['Otis', '20/05/2021', '19'],
  ]) {
    await page.getByLabel('Name').fill(name ?? '')
    await page.getByRole('textbox', { name: 'Born' }).fill(born ?? '')
    await page.getByLabel('Weight in kg, if known').fill(kg ?? '')
    if (name === 'Nadia') await page.getByRole('button', { name: 'None of the three' }).click()
    await page.getByRole('button', { name: 'Add, then the next one' }).click()
    await page.getByText(`${name} added`).waitFor()
  }
  // A message stays as long as the mouse is on it.
  await page.mouse.move(DESK.width - 10, 10)
  await page.getByText('Otis added').waitFor({ state: 'detached', timeout: 30_000 })
}
await picture('first-steps', '/begin', DESK, firstSteps, newcomer)

await context.request.post('/api/demo-session', { data: {} })
const { kits } = await (await context.request.get('/api/kits')).json()
const kit = (name: string): string =>
  `/kits/${kits.find((one: { name: string }) => one.name === name).id}`

await picture('watch', '/')
await picture('kit', kit('Pantry roll'), DESK, tag('Eye drops'))
await picture('stock', '/stock', DESK, async (page) => {
  await page.getByRole('combobox', { name: 'Group by' }).click()
  await page.getByRole('option', { name: 'state' }).click()
})
await picture('exposure', '/exposure', DESK, async (page) => {
  await page.getByRole('combobox', { name: 'Place' }).click()
  await page.getByRole('option', { name: 'Estate car' }).click()
  await page.getByRole('img', { name: 'One week' }).locator('svg').waitFor()
})
await picture('cover', '/cover', DESK, (page) =>
  page.getByRole('button', { name: /^Asthma attack, Ned/ }).click(),
)
await picture('plan', '/restock/plan', DESK, (page) =>
  page.getByRole('heading', { name: /^In two weeks/ }).waitFor({ timeout: 60_000 }),
)
const { trips } = await (await context.request.get('/api/trips')).json()
await picture('trip', `/trips/${trips[0].id}`, DESK, (page) =>
  page.getByRole('button', { name: 'Use this list' }).waitFor({ timeout: 60_000 }),
)
await picture('evacuation', '/evacuation?at=night', DESK, (page) =>
  page.getByRole('heading', { name: 'Who does what' }).waitFor(),
)
await picture('forecast', '/restock/forecast', DESK, (page) =>
  page.getByRole('heading', { name: 'One more, or one fewer' }).waitFor({ timeout: 60_000 }),
)
await picture('restock', '/restock', DESK, async (page) => {
  await page.getByRole('button', { name: 'Make the list' }).click()
  await page.getByRole('heading', { name: /to buy$/ }).waitFor({ timeout: 60_000 })
  await page.getByRole('checkbox').first().click()
  await page.getByRole('button', { name: /^Put away/ }).waitFor()
  // Messages go by themselves.
  await page.getByText('put on the list').waitFor({ state: 'detached', timeout: 20_000 })
})
await picture('bring-in', '/bring-in', DESK, async (page) => {
  await page.getByLabel('Choose a file').setInputFiles('tests/lists/newcomer.csv')
  await page.getByRole('button', { name: /^Needs you/ }).waitFor()
  await page.getByRole('button', { name: 'I wrote it from memory today' }).click()
})
await picture('lid-sheet', `${kit('Pantry roll')}/sheet`, { width: 900, height: 1100 })
const { members } = await (await context.request.get('/api/cover')).json()
const ned = members.find((one: { name: string }) => one.name === 'Ned')
await picture('member', `/members/${ned.id}`)
await picture('bench', '/bench', DESK, async (page) => {
  await page.getByRole('button', { name: 'Ned', exact: true }).click()
  await page.getByRole('button', { name: /Acetaminophen liquid/ }).click()
})
await picture('incident', '/incident', PHONE, async (page) => {
  const press = (name: string | RegExp) =>
    page
      .getByRole('button', { name, exact: typeof name === 'string' })
      .first()
      .click()
  await press(/^Bracken/)
  await press('Sting or bite')
  await press('Called')
  await press(/^Dr Fenwick/)
  await press('Timer')
  await press('Look again in 5 min')
  await press('Seen')
  await press('swollen')
  await page.getByRole('button', { name: 'Note', exact: true }).click()
  await page.getByRole('listitem').filter({ hasText: 'swollen' }).waitFor()
  await page.evaluate(() => scrollTo(0, 0))
})
await picture('phone-torch', kit('Boot bag'), PHONE, (page) => page.keyboard.press('t'))
await picture('round', '/rounds', PHONE, async (page) => {
  await page.getByRole('button', { name: 'Start: Boot bag' }).click()
  await page.getByRole('button', { name: 'Begin' }).click()
  await page.getByRole('heading', { name: 'Breathing barrier' }).waitFor()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'One fewer' }).click()
})
// Last, since it adds to what the household has.
await context.request.post('/api/imports', {
  headers: { 'Idempotency-Key': crypto.randomUUID(), origin: address },
  data: {
    name: 'list',
    fallback: { place: 'Row house', kit: 'Hall cabinet', pocket: 'Upper shelf' },
    claimedOn: '2026-05-03',
    lines: [
      'Cetirizine 10 mg tablets',
      'Instant cold pack',
      'Hydrocortisone cream 1% 15 g',
      'Ibuprofen',
      'Self-sticking wrap 5 cm',
      'Ibuprofen PM 200 mg',
      'white tablets without a label',
    ].map((item, line) => ({ line: line + 2, cells: { item, amount: '2' } })),
  },
})
await picture('things', '/cover/items', DESK, look('Light'))
await browser.close()
