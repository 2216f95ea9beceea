/** The people around the keeper: coming in, what each role sees, several households, a role that ends. */
import { randomUUID } from 'node:crypto'
import type { Browser, Page } from '@playwright/test'
import { readActs } from '../../src/app/record/readActs'
import { may, type Role } from '../../src/core/people/role'
import { world } from './support/account'
import { kept } from './support/kept'
import { answer, begin, heading, press, readBack, startBootBag } from './support/rounds'
import { expect, expectAccessible, open, PHONE, said, test, usable } from './support/test'

const PASSWORD = 'wet socks on the line'

/** Somebody with a phone of their own, who is nobody here yet. */
async function somebodyElse(browser: Browser, baseURL: string | undefined): Promise<Page> {
  const context = await browser.newContext({
    viewport: PHONE,
    baseURL,
    serviceWorkers: 'allow',
  })
  return context.newPage()
}

/** The code that the keeper reads aloud. */
async function invite(page: Page, name: string, role: string): Promise<string> {
  await open(page, '/people')
  await press(page, 'Invite somebody')
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Who is it?').fill(name)
  await dialog.getByRole('radio', { name: new RegExp(`^${role} `) }).check({ force: true })
  await dialog.getByRole('button', { name: 'Make the invitation' }).click()
  await expect(dialog).toContainText(/[2-9A-Z]{4}-[2-9A-Z]{4}-[2-9A-Z]{4}/)
  const [code = ''] =
    /[2-9A-Z]{4}-[2-9A-Z]{4}-[2-9A-Z]{4}/.exec((await dialog.textContent()) ?? '') ?? []
  await dialog.getByRole('button', { name: 'Close' }).last().click()
  return code
}

/** Comes in by a code, with a new account. */
async function comeIn(page: Page, code: string, to: string): Promise<void> {
  await open(page, `/join/${code}`)
  await expect(heading(page)).toContainText('Come into')
  await page.getByLabel('E-mail').fill(`${randomUUID()}@example.invalid`)
  await page.getByLabel('Password', { exact: true }).fill(PASSWORD)
  await press(page, 'Make the account and come in')
  await page.waitForURL(to)
  await usable(page)
}

test('a second adult comes in by a code that is read aloud; what they do bears their name, until their role ends', async ({
  page,
  account,
  browser,
  baseURL,
}) => {
  await open(page, '/people')
  await expectAccessible(page)
  const code = await invite(page, 'Kari', 'Helper')
  const guest = await somebodyElse(browser, baseURL)
  // The code is typed as it was heard.
  await open(guest, '/join')
  await guest.getByLabel('Code').fill('AAAA BBBB CCCC')
  await press(guest, 'Look at it')
  await expect(guest.getByText('no I, L, O, U, 0 or 1')).toBeVisible()
  await guest.getByLabel('Code').fill(code.toLowerCase().replaceAll('-', ' '))
  await press(guest, 'Look at it')
  await expect(guest.getByText('Ilse made this invitation for Kari.')).toBeVisible()
  await expectAccessible(guest)
  await comeIn(guest, code, '/')
  await expect(guest.getByText('Helper at')).toBeVisible()
  await expectAccessible(guest)

  // She does one errand; it is signed with her name, and the settings are not hers.
  await open(guest, '/kits')
  await guest.getByRole('link', { name: /^Hall drawers/ }).click()
  await guest.waitForURL('**/kits/*')
  await usable(guest)
  await press(guest, 'I have checked it')
  await expect(said(guest)).toContainText('Hall drawers')
  const { acts } = await readActs(world(), account.caller)
  expect(acts[0]?.who).toBe('Kari')
  await guest.goto('/settings')
  await expect(heading(guest)).toHaveText('This page is not for you')
  await expect(guest.getByText('You are a helper here.')).toBeVisible()
  await expectAccessible(guest)

  // The code opens nothing a second time.
  const second = await somebodyElse(browser, baseURL)
  await open(second, `/join/${code}`)
  await expect(second.getByText('Ask whoever sent it for a new one.')).toBeVisible()

  // Her role ends with one press, and nothing of the household can be read on her phone any more.
  await open(guest, '/')
  await open(page, '/people')
  await press(page, 'End role: Kari')
  await expectAccessible(page)
  await page.getByRole('dialog').getByRole('button', { name: 'End role' }).click()
  await expect(page.getByText('The role of Kari has ended.')).toBeVisible()
  await guest.goto('/kits')
  await usable(guest)
  await expect(guest.getByText('Boot bag')).toHaveCount(0)
  await expect(guest.getByText('Add a place').first()).toBeVisible()
})

test('each role opens its own pages and is told of the others; a child sees no medicine on any of them', async ({
  page,
  browser,
  baseURL,
}) => {
  await open(page, '/kits')
  const kit = await page.getByRole('link', { name: /^Hall drawers/ }).getAttribute('href')
  const PAGES = {
    find: ['/kits', kit ?? '', '/rounds', '/guide', '/help', '/account', '/households'],
    look: [
      '/',
      '/stock',
      '/record',
      '/review',
      '/cover',
      '/cover/evening',
      '/bench',
      '/bench/cards',
      '/restock',
      '/restock/plan',
      '/household',
      '/trips',
      '/evacuation',
      '/exposure',
      '/print',
      '/people',
      `${kit}/sheet`,
    ],
    arrange: ['/begin', '/bring-in'],
    settings: ['/settings'],
  } as const
  const MEDICINES = /acetaminophen|ibuprofen|cetirizine|salbutamol|adrenaline|antihistamine/i
  for (const [role, name, home] of [
    ['child_helper', 'Child who helps', '/kits'],
    ['viewer', 'Viewer', '/'],
  ] as const satisfies readonly (readonly [Role, string, string])[]) {
    const guest = await somebodyElse(browser, baseURL)
    const problems: string[] = []
    guest.on('pageerror', ({ message }) => problems.push(message))
    guest.on('response', (response) => {
      if (response.status() >= 400 && response.url().includes('/api/'))
        problems.push(`${response.status()} ${response.url()}`)
    })
    await comeIn(guest, await invite(page, name, name), home)
    for (const [right, pages] of Object.entries(PAGES))
      for (const path of pages) {
        const opened = await guest.goto(path)
        if (!may(role, right as keyof typeof PAGES)) {
          expect([path, opened?.status()]).toEqual([path, 403])
          await expect(heading(guest)).toHaveText('This page is not for you')
          continue
        }
        expect([path, opened?.status()]).toEqual([path, 200])
        await usable(guest)
        if (role === 'child_helper')
          // Guided cards and help are the same for everybody; what is kept here is not in them.
          expect([path, /guide|help/.test(path) || !MEDICINES.test(await guest.content())]).toEqual(
            [path, true],
          )
      }
    if (role === 'child_helper') {
      await open(guest, kit ?? '')
      await expect(guest.getByRole('button', { name: /Plasters/ }).first()).toBeVisible()
      await expectAccessible(guest)
      await open(guest, '/kits')
      await expectAccessible(guest)
    }
    // Whom to call is there for whoever may write nothing.
    await guest.goto('/incident')
    await usable(guest)
    await expect(guest.getByRole('link', { name: /555-0100|112/ }).first()).toBeVisible()
    expect(problems).toEqual([])
    await guest.context().close()
  }
})

test('one account in two households: each window acts on the one that it shows', async ({
  page,
  account,
  browser,
  baseURL,
}) => {
  const guest = await somebodyElse(browser, baseURL)
  const code = await invite(page, 'Tove', 'Second keeper')
  await comeIn(guest, code, '/')
  await open(guest, '/households')
  await expect(guest.getByText('You are a second keeper.')).toBeVisible()
  await expect(guest.getByText(/\d+ of \d+ ready/).first()).toBeVisible()
  await guest.getByLabel('What is it called?').fill('Cabin club')
  await press(guest, 'Begin it')
  await guest.waitForURL('/')
  // The second window goes on with the first household.
  await open(guest, '/households')
  await expectAccessible(guest)
  const other = await guest.context().newPage()
  await open(other, '/households')
  await other.getByRole('button', { name: /^Open .*household/ }).click()
  await other.waitForURL('/')
  await usable(other)
  await open(other, '/kits')
  await expect(other.getByText('Boot bag').first()).toBeVisible()
  // The first window still shows the club, and acts on it.
  await guest.getByLabel('What is it called?').fill('Third')
  await open(guest, '/households')
  await guest.getByRole('button', { name: 'Open Cabin club' }).click()
  await guest.waitForURL('/')
  await usable(guest)
  await other.getByRole('button', { name: 'Add a place' }).click()
  const dialog = other.getByRole('dialog')
  await dialog.getByLabel('Name').fill('Boat house')
  await dialog.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(said(other)).toContainText('Boat house')
  const { acts } = await readActs(world(), account.caller)
  expect(acts[0]).toMatchObject({ who: 'Tove', kind: 'place_added' })
})

test('a role ends in the middle of a round without a connection: its counts arrive, marked, and nothing else', async ({
  page,
  account,
  browser,
  baseURL,
}) => {
  const guest = await somebodyElse(browser, baseURL)
  await comeIn(guest, await invite(page, 'Odd', 'Helper'), '/')
  await kept(guest)
  const roundId = await startBootBag(guest)
  await begin(guest)
  await guest.context().setOffline(true)
  await answer(guest)
  await answer(guest)
  // Nothing is told apart that lies within a few seconds.
  await guest.waitForTimeout(4000)
  await open(page, '/people')
  await press(page, 'End role: Odd')
  await page.getByRole('dialog').getByRole('button', { name: 'End role' }).click()
  await expect(page.getByText('The role of Odd has ended.')).toBeVisible()
  await guest.context().setOffline(false)
  await guest.evaluate(() => dispatchEvent(new Event('online')))
  await expect
    .poll(
      async () =>
        (await readBack(account, roundId)).entries.filter(({ fact }) => fact.kind === 'looked')
          .length,
    )
    .toBe(2)
  const { acts } = await readActs(world(), account.caller)
  // That they were at the pocket may have waited as well.
  const late = acts.filter(({ afterRole }) => afterRole)
  expect(late.length).toBeGreaterThanOrEqual(2)
  expect(new Set(late.map(({ who, kind }) => `${who} ${kind}`))).toEqual(
    new Set(['Odd round_entry']),
  )
  await open(page, '/household#lately')
  await expect(page.getByText('arrived after the role had ended').first()).toBeVisible()
})
