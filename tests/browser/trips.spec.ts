/** Going out: planned at a desk, packed on the phone without a connection, unpacked, and in other hands. */
import type { Page } from '@playwright/test'
import { createKit } from '../../src/app/kits/kitActs'
import { readKits } from '../../src/app/kits/readKits'
import { addMember } from '../../src/app/members/memberActs'
import { readStockList } from '../../src/app/stock/readStockList'
import { createTrip, planTrip } from '../../src/app/trips/tripActs'
import { addDays, plainDate } from '../../src/core/calendar/plainDate'
import type { MemberId, StopId } from '../../src/core/ids'
import { units } from '../../src/core/quantity/amount'
import { NO_WISHES } from '../../src/core/trips/trip'
import { type Account, world } from './support/account'
import { holderKept } from './support/kept'
import { TODAY } from './support/serve'
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

const day = (after: number) => addDays(plainDate(TODAY), after)
const heading = (page: Page) => page.getByRole('heading', { level: 1 })

test.describe('the demo household', () => {
  test.use({ stock: 'demo' })

  test('a lake week with a party that splits is worked out, changed by a wish, and packed', async ({
    page,
  }) => {
    await open(page, '/household')
    await page.getByRole('link', { name: 'Going out' }).click()
    await usable(page)
    await expect(page.getByRole('listitem').filter({ hasText: 'Lake week' })).toContainText(
      'in 14 days',
    )
    await expectAccessible(page)
    await page.getByRole('link', { name: 'Lake week' }).click()
    await usable(page)
    const take = page.getByRole('button', { name: 'Use this list' })
    await expect(take).toBeVisible({ timeout: 90_000 })
    await expect(heading(page)).toHaveText(/^Lake week: .+ things still missing$/)
    // Each part of the party has its own line, with how ready it is.
    for (const stop of ['Hut on the far shore', 'Lake house meanwhile'])
      await expect(
        page
          .getByRole('listitem')
          .filter({ hasText: `${stop},` })
          .first(),
      ).toContainText(/ready for \d+ of \d+/)
    await expectAccessible(page)
    await expectFits(page)
    // What goes along is said with its reason, and may be left at home.
    const line = page
      .getByRole('region', { name: 'What goes along, and why' })
      .getByRole('listitem')
      .filter({ hasText: /^Acetaminophen liquid/ })
    await expect(line).toContainText('Fever and pain')
    await page.getByRole('button', { name: /^Leave at home: Acetaminophen liquid/ }).click()
    await expect(
      page.getByRole('button', { name: /^Stays at home: Acetaminophen liquid/ }),
    ).toBeVisible()
    await expect(line).toHaveCount(0, { timeout: 90_000 })
    await page.getByRole('button', { name: /^Stays at home: Acetaminophen liquid/ }).click()
    await expect(line).toHaveCount(1, { timeout: 90_000 })
    await take.click()
    await expect(said(page)).toContainText('to pack')
    await page.getByRole('link', { name: 'Pack on the phone' }).click()
    await usable(page)
    await expect(heading(page)).toHaveText(/^Lake week: .+ things to pack$/)
    await expect(
      page.getByRole('region', { name: /Bathroom cabinet, Row house$/ }).first(),
    ).toBeVisible()
    await expectAccessible(page)
  })

  test('in dark, torch and on the phone nothing is cut off', async ({ page }) => {
    await page.setViewportSize(PHONE)
    await open(page, '/trips')
    await expectFits(page)
    await page.getByRole('link', { name: 'Lake week' }).click()
    await usable(page)
    await expect(page.getByRole('button', { name: 'Use this list' })).toBeVisible({
      timeout: 90_000,
    })
    await expectFits(page)
    await expectAccessible(page)
  })
})

/** A household of two with a bag at home, and a day out that is planned. */
async function dayOut(account: Account, from = 3) {
  const { caller } = account
  const { kits } = await readKits(world(), caller)
  const home = kits.find(({ name }) => name === 'House box')
  if (!home) throw new Error('There is a house with a box')
  const member = async (name: string) =>
    (
      await addMember(world(), caller, {
        key: crypto.randomUUID(),
        name,
        species: 'person',
        born: null,
        helper: true,
        note: '',
        facts: null,
        guestUntil: null,
        grams: null,
      })
    ).memberId as MemberId
  const ilse = await member('Ilse')
  const { kitId } = await createKit(world(), caller, {
    key: crypto.randomUUID(),
    placeId: home.placeId,
    name: 'Hip bag',
    note: '',
    shape: 'pouch',
    pockets: [],
  })
  const { pockets } = await readKits(world(), caller)
  const into = pockets.find((one) => one.kit === 'Hip bag')
  const { rows } = await readStockList(world(), caller)
  const [gauze, plaster] = rows.filter(({ placeId }) => placeId === home.placeId)
  if (!into || !gauze || !plaster) throw new Error('Something lies in the house')
  const { tripId } = await createTrip(world(), caller, {
    key: crypto.randomUUID(),
    name: 'Day in the hills',
    stops: [
      {
        id: crypto.randomUUID() as StopId,
        name: 'Hills',
        placeId: null,
        from: day(from),
        to: day(from + 1),
        members: [ilse],
        travel: 'foot',
        minutesToHelp: null,
        minutesToVet: null,
        signal: null,
        traits: [],
        country: '',
        note: '',
      },
    ],
    bags: [{ kitId, carrier: ilse, stowage: 'with_us', filled: true }],
    sources: [home.placeId],
    wishes: NO_WISHES,
    cabinRules: 'eu',
  })
  const line = (row: typeof gauze) => ({
    lotId: row.lotId,
    from: row.pocketId,
    into: into.id,
    amount: units(1),
  })
  await planTrip(world(), caller, {
    key: crypto.randomUUID(),
    tripId,
    lines: [line(gauze), line(plaster)],
  })
  return { tripId, titles: [gauze.title, plaster.title] as const }
}

test.describe('a small household', () => {
  test.use({ stock: 'two places' })

  test('packs on the phone without a connection; what was ticked arrives, and comes back unpacked', async ({
    page,
    context,
    account,
  }) => {
    const { tripId, titles } = await dayOut(account)
    await page.setViewportSize(PHONE)
    await open(page, `/trips/${tripId}/pack`)
    await expect(heading(page)).toHaveText('Day in the hills: two things to pack')
    await expectAccessible(page)
    await expectFits(page)
    await holderKept(page)
    await context.setOffline(true)
    await page.getByRole('checkbox', { name: `${titles[0]} is packed` }).click()
    await expect(said(page)).toContainText(titles[0])
    await context.setOffline(false)
    await expect(heading(page)).toHaveText('Day in the hills: one thing to pack', {
      timeout: 60_000,
    })
    await page.getByRole('checkbox', { name: `${titles[1]} is packed` }).click()
    await expect(heading(page)).toHaveText('Day in the hills: everything is packed')
    // Back: one was used, the other is as it was packed.
    await page.getByText('Two things packed: put back or take note of it').click()
    await page.getByRole('combobox', { name: `What became of it: ${titles[0]}` }).click()
    await page.getByRole('option', { name: 'Used' }).click()
    await page.getByLabel('What did you miss?').fill('A second pair of gloves')
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Put everything back' }).click()
    await expect(said(page)).toContainText('Two things back where they belong')
    await open(page, '/trips')
    await expect(page.getByRole('region', { name: 'Over' })).toContainText('Day in the hills')
  })

  test('a trip is planned by keyboard alone, and a fault is said beside its field', async ({
    page,
    account,
  }) => {
    await dayOut(account)
    await open(page, '/trips')
    await page.getByRole('button', { name: 'Plan a trip' }).press('Enter')
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Name', { exact: true }).fill('Beach day')
    await dialog.getByRole('button', { name: 'Save the trip' }).press('Enter')
    await expect(dialog.getByText('Say where.')).toBeVisible()
    await dialog.getByLabel('Place').fill('Sand beach')
    await dialog.getByLabel('First day').fill(day(3))
    await dialog.getByLabel('Last day').fill(day(4))
    await expectAccessible(page)
    await dialog.getByRole('button', { name: 'Save the trip' }).press('Enter')
    // Ilse is in the hills that day.
    await expect(dialog.getByRole('alert').first()).toBeVisible()
    await dialog.getByLabel('First day').fill(day(5))
    await dialog.getByLabel('Last day').fill(day(6))
    await dialog.getByRole('button', { name: 'Save the trip' }).press('Enter')
    await page.waitForURL(/\/trips\/[0-9a-f-]+$/)
    await usable(page)
    await expect(heading(page)).toHaveText('Beach day: what to take')
    await expect(page.getByText('No bag comes along yet')).toBeVisible()
    await expect(page.getByText(/Nobody has said how far help is from Sand beach/)).toBeVisible()
    await page.getByRole('combobox', { name: 'Add a bag' }).click()
    await page.getByRole('option', { name: 'Hip bag' }).click()
    await expect(page.getByRole('article', { name: 'Hip bag' })).toBeVisible()
    await expect(heading(page)).toHaveText(/^Beach day: /, { timeout: 90_000 })
  })
})
