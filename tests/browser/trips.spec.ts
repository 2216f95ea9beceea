/** Going out: planned at a desk, packed on the phone without a connection, unpacked, and in other hands. */
import type { Page } from '@playwright/test'
import { readCover } from '../../src/app/cover/readCover'
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
import { incidentOf, lineOnServer, press } from './support/care'
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
    for (const stop of ['Flight to the lake', 'Hut on the far shore', 'Lake house meanwhile'])
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
    // Tove flies: her tablets are in her own pouch, and what a cabin refuses is not.
    const own = page.getByRole('listitem').filter({ hasText: /^Apixaban/ })
    await expect(own.last()).toContainText('Own regular medicine (Tove)')
    await expect(own.last()).toContainText('into Pannier pouch')
    const bag = page.getByRole('article', { name: 'Pannier pouch' })
    await expect(bag).toContainText('in the cabin')
    for (const refused of [/scissors/i, /lighter/i]) await expect(bag).not.toContainText(refused)
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

  test('which bags come along is worked out, and taken back with one press', async ({ page }) => {
    await open(page, '/trips')
    await page.getByRole('link', { name: 'Lake week' }).click()
    await usable(page)
    const bags = page.getByRole('region', { name: 'Bags', exact: true })
    const before = await bags.getByRole('article').count()
    await page.getByRole('button', { name: 'Choose the lightest bags' }).click()
    await expect(said(page)).toContainText(/Boot bag \((Ilse|Tove)\).* come along/, {
      timeout: 90_000,
    })
    await expect(bags.getByRole('article')).not.toHaveCount(before)
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(bags.getByRole('article')).toHaveCount(before)
  })

  test('days are moved by keys and with the mouse, and whoever goes on that day goes along', async ({
    page,
  }) => {
    await open(page, '/trips')
    await page.getByRole('link', { name: 'Lake week' }).click()
    await usable(page)
    const end = (name: string) => page.getByRole('slider', { name, exact: true })
    const days = (stop: string) =>
      page
        .getByRole('listitem')
        .filter({ hasText: `${stop},` })
        .first()
        .getByRole('heading')
    const shortDay = (after: number) => String(Number(day(after).slice(8)))
    // The halves part a day sooner: all three stops that meet there move.
    await end('First day: Hut on the far shore').focus()
    await page.keyboard.press('ArrowLeft')
    await expect(end('Last day: Lake house')).toHaveAttribute(
      'aria-valuetext',
      new RegExp(`^${shortDay(16)} `),
    )
    await page.keyboard.press('Enter')
    await expect(said(page)).toContainText('Lake week changed')
    await expect(days('Lake house meanwhile')).toContainText(`${shortDay(16)}–${shortDay(19)} `)
    // Escape takes a step back that was not kept.
    await page.keyboard.press('ArrowLeft')
    await page.keyboard.press('Escape')
    await expect(end('First day: Hut on the far shore')).toHaveAttribute(
      'aria-valuetext',
      new RegExp(`^${shortDay(16)} `),
    )
    // A day more at the end, pulled with the mouse.
    const box = await end('Last day: Last days at the lake').boundingBox()
    const group = await page.getByRole('group', { name: /^First and last days/ }).boundingBox()
    if (!box || !group) throw new Error('The strands are drawn')
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
    await page.mouse.down()
    await page.mouse.move(box.x + box.width / 2 + group.width / 8, box.y + 5, { steps: 6 })
    await page.mouse.up()
    await expect(days('Last days at the lake')).toContainText(`–${shortDay(22)} `)
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

/** Ilse, Ned and the dog have been at a hut in another country since yesterday, with the pouch of the bike. */
async function atTheHut({ caller }: Account): Promise<string> {
  const { kits } = await readKits(world(), caller)
  const { members } = await readCover(world(), caller)
  const pouch = kits.find(({ name }) => name === 'Pannier pouch')
  const who = (name: string) => members.find((one) => one.name === name)?.id as MemberId
  if (!pouch) throw new Error('The demo has a pouch')
  const { tripId } = await createTrip(world(), caller, {
    key: crypto.randomUUID(),
    name: 'Hut weekend',
    stops: [
      {
        id: crypto.randomUUID() as StopId,
        name: 'Forest hut',
        placeId: null,
        from: day(-1),
        to: day(1),
        members: ['Ilse', 'Ned', 'Bracken'].map(who),
        travel: 'car',
        minutesToHelp: 50,
        minutesToVet: null,
        signal: 'none',
        traits: [],
        country: 'NO',
        note: '',
      },
    ],
    bags: [{ kitId: pouch.id, carrier: who('Ilse'), stowage: 'with_us', filled: true }],
    sources: [pouch.placeId],
    wishes: NO_WISHES,
    cabinRules: 'eu',
  })
  return tripId
}

test.describe('under way', () => {
  test.use({ stock: 'demo', viewport: PHONE })

  test('what happens at a hut is answered by what was carried there, and by that country’s numbers', async ({
    page,
    account,
  }) => {
    const tripId = await atTheHut(account)
    await open(page, '/incident')
    await expect(
      page.getByRole('navigation', { name: 'Whom to call at Forest hut' }),
    ).toContainText('113')
    await expectAccessible(page)
    await press(page, /^Ned/)
    await press(page, 'Wound')
    // Nobody had to say where: Ned is at the hut. The numbers on top are those of there.
    await expect(page.getByRole('navigation', { name: 'Whom to call' })).toContainText('113')
    await expect(page.getByRole('button', { name: 'at Forest hut' })).toBeVisible()
    await press(page, 'What can I use?')
    const panel = page.getByRole('region', { name: 'What can I use?' })
    await expect(panel.getByRole('listitem').first()).toContainText('Forest hut, Pannier pouch')
    await expectFits(page)
    await press(page, 'at Forest hut')
    await page.getByRole('button', { name: 'Row house', exact: true }).click()
    await expect(page.getByRole('button', { name: 'at Row house' })).toBeVisible()
    await expect(panel.getByRole('listitem').first()).not.toContainText('Forest hut')
    await press(page, 'at Row house')
    await page.getByRole('button', { name: 'Forest hut (Hut weekend)' }).click()
    await expect(page.getByRole('button', { name: 'at Forest hut' })).toBeVisible()
    await page
      .getByRole('button', { name: /^Used: Gauze/ })
      .first()
      .click()
    await expect
      .poll(async () => (await lineOnServer(account, incidentOf(page))).takes.length)
      .toBe(1)
    const { incident } = await lineOnServer(account, incidentOf(page))
    expect(incident).toMatchObject({ placeId: null })
    expect(incident.stopId).not.toBeNull()
    // The trip says what there is now, and what a shop could put right.
    await open(page, `/trips/${tripId}`)
    await expect(heading(page)).toHaveText(/^Hut weekend: under way, /, { timeout: 60_000 })
    const shop = page.getByRole('region', { name: 'At a pharmacy or a shop on the way' })
    await expect(shop.getByRole('listitem').first()).toBeVisible()
    await expectFits(page)
    await expectAccessible(page)
    // Today names it, and what is asked of the pouch says where it is.
    await open(page, '/')
    await page.getByRole('link', { name: /^Hut weekend, .*under way$/ }).click()
    await page.waitForURL(`**/trips/${tripId}`)
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
    await page.getByRole('button', { name: 'Ilse', exact: true }).click()
    await page.getByLabel('What did Ilse carry for nothing?').fill('The big lamp')
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Put everything back' }).click()
    await expect(said(page)).toContainText('Two things back where they belong')
    await open(page, '/trips')
    await expect(page.getByRole('region', { name: 'Over' })).toContainText('Day in the hills')
  })

  test('a trip comes out of a calendar file with its days, and is proposed once', async ({
    page,
    account,
  }) => {
    await dayOut(account)
    await open(page, '/trips')
    const file = page.getByRole('button', { name: 'Trips from a calendar file' })
    await file.setInputFiles({
      name: 'shared.ics',
      mimeType: 'text/calendar',
      buffer: Buffer.from('no calendar at all'),
    })
    await expect(page.getByRole('alert')).toContainText('This is not a calendar file')
    const entry = [
      'BEGIN:VEVENT',
      'UID:camp@example.invalid',
      `DTSTART;VALUE=DATE:${day(20).replaceAll('-', '')}`,
      `DTEND;VALUE=DATE:${day(23).replaceAll('-', '')}`,
      'SUMMARY:Winter camp',
      'LOCATION:Camp house',
      'END:VEVENT',
    ]
    await file.setInputFiles({
      name: 'shared.ics',
      mimeType: 'text/calendar',
      buffer: Buffer.from(
        ['BEGIN:VCALENDAR', 'VERSION:2.0', ...entry, 'END:VCALENDAR'].join('\r\n'),
      ),
    })
    await page.getByRole('button', { name: 'Plan it: Winter camp' }).click()
    const dialog = page.getByRole('dialog')
    await expect(dialog.getByLabel('Name', { exact: true })).toHaveValue('Winter camp')
    await expect(dialog.getByLabel('Place')).toHaveValue('Camp house')
    await expectAccessible(page)
    await dialog.getByRole('button', { name: 'Save the trip' }).click()
    await page.waitForURL(/\/trips\/[0-9a-f-]+$/)
    await usable(page)
    await expect(heading(page)).toHaveText('Winter camp: what to take')
    // The same file again proposes nothing twice.
    await open(page, '/trips')
    await page.getByRole('button', { name: 'Trips from a calendar file' }).setInputFiles({
      name: 'shared.ics',
      mimeType: 'text/calendar',
      buffer: Buffer.from(
        ['BEGIN:VCALENDAR', 'VERSION:2.0', ...entry, 'END:VCALENDAR'].join('\r\n'),
      ),
    })
    await expect(page.getByText('planned already')).toBeVisible()
    await expect(page.getByRole('button', { name: 'Plan it: Winter camp' })).toHaveCount(0)
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
    // Two rolls of gauze alone answer nothing: no bag is carried for them.
    await page.getByRole('button', { name: 'Choose the lightest bags' }).press('Enter')
    await expect(page.getByText('No bag is needed: nothing you have')).toBeVisible({
      timeout: 60_000,
    })
    await page.getByRole('combobox', { name: 'Add a bag' }).click()
    await page.getByRole('option', { name: 'Hip bag' }).click()
    await expect(page.getByRole('article', { name: 'Hip bag' })).toBeVisible()
    await expect(heading(page)).toHaveText(/^Beach day: /, { timeout: 90_000 })
  })
})
