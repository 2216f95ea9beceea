/** What goes wrong: double presses, two windows, a lost connection, a database that goes away. */
import { connect, createServer, type Server, type Socket } from 'node:net'
import type { Page } from '@playwright/test'
import { readKits, readLot } from '../../src/app/kits/readKits'
import { type Account, world } from './support/account'
import { holderKept } from './support/kept'
import { databaseUrl, freePort, startServer } from './support/serve'
import { expect, expectAccessible, open, said, test } from './support/test'

const openGauze = async (page: Page, account: Account, base = '') => {
  const { kits } = await readKits(world(), account.caller)
  await open(page, `${base}/kits/${kits.find(({ name }) => name === 'Pantry roll')?.id}`)
  // What keeps answers on the device comes after the page; a connection that goes before it keeps none.
  await holderKept(page)
  await page.locator('[data-tag]').filter({ hasText: 'Gauze 7.5 cm' }).first().click()
}
/** How many the first gauze tag shows; twelve at first. */
const gauze = (page: Page) =>
  page.locator('[data-tag]').filter({ hasText: 'Gauze 7.5 cm' }).first().locator('b')
const useOne = async (page: Page) => {
  await page.keyboard.press('u')
  await page.getByRole('button', { name: 'Use', exact: true }).click()
}
const usesOf = async (page: Page, account: Account): Promise<number> => {
  const { kits } = await readKits(world(), account.caller)
  const kit = kits.find(({ name }) => name === 'Pantry roll')
  const answer = await page.request.get(`/api/kits/${kit?.id}`)
  const lots = (await answer.json()).pockets
    .flatMap(
      (pocket: { lines: { item: { name: string }; tags: { lot: { id: string } }[] }[] }) =>
        pocket.lines,
    )
    .find(({ item }: { item: { name: string } }) => item.name === 'Gauze')
  const history = await readLot(world(), account.caller, lots.tags[0].lot.id)
  return history.history.filter(({ kind, day }) => kind === 'used' && day === '2026-11-26').length
}

test('a double press acts once', async ({ page, account }) => {
  await openGauze(page, account)
  await page.route('**/use', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 400))
    await route.continue()
  })
  await page.keyboard.press('u')
  await page.getByRole('button', { name: 'Use', exact: true }).dblclick()
  await expect(gauze(page)).toHaveText('11')
  expect(await usesOf(page, account)).toBe(1)
})

test('two windows on one lot: the second is told what changed and settles it with one press', async ({
  page,
  context,
  account,
}) => {
  await openGauze(page, account)
  const other = await context.newPage()
  await openGauze(other, account)
  await useOne(page)
  await expect(gauze(page)).toHaveText('11')
  // The other window has not looked since.
  await other.route('**/api/kits/*', (route) => route.abort())
  await useOne(other)
  await expect(said(other)).toContainText('Ilse')
  await other.unroute('**/api/kits/*')
  await said(other).getByRole('button', { name: 'Try again' }).click()
  await expect(gauze(other)).toHaveText('10')
  expect(await usesOf(page, account)).toBe(2)
})

test('without a connection the act is kept, and sent by itself when there is one', async ({
  page,
  context,
  account,
}) => {
  await openGauze(page, account)
  await context.setOffline(true)
  await useOne(page)
  await expect(said(page)).toContainText('Kept on this device: Used: 1 pad Gauze 7.5 cm')
  await expect(page.getByRole('button', { name: /1 answer waits to be sent/ })).toBeVisible()
  await context.setOffline(false)
  await expect(gauze(page)).toHaveText('11')
  expect(await usesOf(page, account)).toBe(1)
})

test('a device that is full says plainly what it could neither keep nor send', async ({
  page,
  context,
  account,
}) => {
  await openGauze(page, account)
  await context.setOffline(true)
  // What a browser's database does when the disk has no room left.
  await page.evaluate(() => {
    const { add } = IDBObjectStore.prototype
    IDBObjectStore.prototype.add = () => {
      throw new DOMException('No room', 'QuotaExceededError')
    }
    Object.assign(window, {
      makeRoom: () => {
        IDBObjectStore.prototype.add = add
      },
    })
  })
  await useOne(page)
  const notice = page.getByRole('dialog', { name: 'This was not kept' })
  await expect(notice).toContainText('Used: 1 pad Gauze 7.5 cm')
  await expect(notice).toContainText('Note it on paper now.')
  await expectAccessible(page)
  await notice.getByRole('button', { name: 'I have it on paper' }).press('Enter')
  await expect(notice).toHaveCount(0)
  // There is room again: what is pressed is kept, and goes when there is a connection.
  await page.evaluate(() => (window as unknown as { makeRoom(): void }).makeRoom())
  await page.keyboard.press('u')
  await page.getByRole('button', { name: 'Use', exact: true }).click()
  await expect(page.getByRole('button', { name: /1 answer waits to be sent/ })).toBeVisible()
  await context.setOffline(false)
  await expect(gauze(page)).toHaveText('11')
  expect(await usesOf(page, account)).toBe(1)
})

test('an answer that is lost on the way does not make the act happen twice', async ({
  page,
  account,
}) => {
  await openGauze(page, account)
  await page.route(
    '**/use',
    async (route) => {
      await route.fetch()
      await route.abort()
    },
    { times: 1 },
  )
  await useOne(page)
  // It is kept and sent again under the same key: it is still the same act.
  await expect(said(page)).toContainText('Kept on this device')
  await expect(gauze(page)).toHaveText('11')
  expect(await usesOf(page, account)).toBe(1)
})

test('an answer that the server never takes is set aside in words, and what waits behind it goes on', async ({
  page,
  context,
  account,
}) => {
  await openGauze(page, account)
  let faults = 0
  await page.route('**/use', async (route) => {
    // The first of the two is a fault each time it comes; a page of somebody else's comes before it.
    faults += 1
    if (faults === 1)
      return route.fulfill({
        status: 200,
        contentType: 'text/html',
        body: '<h1>Welcome to our lobby</h1>',
      })
    return route.fulfill({
      status: 500,
      contentType: 'application/problem+json',
      body: JSON.stringify({
        status: 500,
        code: 'unexpected',
        title: 'Something went wrong here',
        detail: 'Nothing was changed.',
      }),
    })
  })
  await context.setOffline(true)
  await useOne(page)
  await expect(page.getByRole('button', { name: /1 answer waits to be sent/ })).toBeVisible()
  await context.setOffline(false)
  await expect(page.getByRole('button', { name: /1 was not taken/ })).toBeVisible()
  expect(await usesOf(page, account)).toBe(0)

  // What is done after it is not held up.
  await page.unroute('**/use')
  await useOne(page)
  await expect(gauze(page)).toHaveText('11')
  await page.getByRole('button', { name: /1 was not taken/ }).click()
  const list = page.getByRole('dialog')
  await expect(list).toContainText('Something went wrong here. Nothing was changed.')
  await list.getByRole('button', { name: /^Try again/ }).click()
  // Nothing waits any more, so there is nothing to list.
  await expect(list).toHaveCount(0)
  await expect(gauze(page)).toHaveText('10')
  expect(await usesOf(page, account)).toBe(2)
})

test('a session that has ended says so, and what was typed is still there', async ({
  page,
  context,
  account,
}) => {
  await openGauze(page, account)
  await context.clearCookies()
  await page.keyboard.press('u')
  await page.getByLabel('How many', { exact: true }).fill('7')
  await page.getByRole('button', { name: 'Use', exact: true }).click()
  await expect(said(page)).toContainText('You are not signed in')
  await expect(page.getByLabel('How many', { exact: true })).toHaveValue('7')
})

test.describe('a database that goes away and comes back', () => {
  /** Stands between the application and its database, and can be shut. */
  async function aGate(
    target: URL,
  ): Promise<{ url: string; shut: () => Promise<void>; reopen: () => Promise<void> }> {
    const port = await freePort()
    const open = new Set<Socket>()
    const listen = () =>
      new Promise<Server>((resolve) => {
        const server = createServer((client) => {
          const upstream = connect(Number(target.port), target.hostname)
          for (const socket of [client, upstream]) {
            open.add(socket)
            socket.on('error', () => {})
            socket.on('close', () => open.delete(socket))
          }
          client.pipe(upstream).pipe(client)
        }).listen(port, '127.0.0.1', () => resolve(server))
      })
    let server = await listen()
    const url = new URL(target)
    url.port = String(port)
    return {
      url: url.href,
      shut: () =>
        new Promise((resolve) => {
          server.close(() => resolve())
          for (const socket of open) socket.destroy()
        }),
      reopen: async () => {
        server = await listen()
      },
    }
  }

  test('is told in words; nothing is lost, nothing doubled', async ({ page, context, account }) => {
    const gate = await aGate(new URL(databaseUrl('DATABASE_URL', 'browser')))
    const server = await startServer(gate.url)
    try {
      await context.addCookies([{ ...account.cookie, url: server.address }])
      await openGauze(page, account, server.address)
      await gate.shut()
      await useOne(page)
      await expect(said(page)).toContainText('The record does not answer')
      const away = await page.request.get(`${server.address}/kits`)
      expect(away.status()).toBe(503)
      expect(await away.text()).toContain('Try again')
      await gate.reopen()
      await said(page).getByRole('button', { name: 'Try again' }).click()
      await expect(gauze(page)).toHaveText('11')
      expect(await usesOf(page, account)).toBe(1)
    } finally {
      server.process.kill()
      await gate.shut()
    }
  })
})
