/** Rounds without a connection: offline in the middle, beside a helper, signed out, killed and back. */
import type { ChildProcess } from 'node:child_process'
import { readKits, readLot } from '../../src/app/kits/readKits'
import type { LotId } from '../../src/core/ids'
import { aHelper, world } from './support/account'
import { kept } from './support/kept'
import {
  answer,
  begin,
  heading,
  next,
  press,
  readBack,
  roundOf,
  startBootBag,
  throughPocket,
} from './support/rounds'
import { answering, databaseUrl, freePort, serverOn } from './support/serve'
import { expect, expectAccessible, expectFits, open, PHONE, test, usable } from './support/test'

test.use({ serviceWorkers: 'allow', viewport: PHONE })

test('a whole round on a phone: offline in the middle, beside a helper, every answer once', async ({
  page,
  context,
  account,
  browser,
}) => {
  const roundId = await startBootBag(page)
  await kept(page)
  const before = (await readBack(account, roundId)).contents
  const things = before.pockets.flatMap((pocket) => pocket.things)
  await press(page, 'Begin')
  // One barrier fewer: it was used.
  await expect(heading(page)).toHaveText('Breathing barrier')
  await expectAccessible(page)
  await press(page, 'One fewer')
  await press(page, 'used')
  await answer(page)
  await expect(heading(page)).toHaveText('Clothing shears')

  await context.setOffline(true)
  await throughPocket(page, 'Outer pocket')
  await expect(page.getByRole('button', { name: /No connection.* to be sent/ })).toBeVisible()
  await press(page, 'Put it back and go on')
  await expect(heading(page)).toHaveText('Take out Wounds')

  // The phone is put away and the page opened again, still without a connection.
  await page.reload()
  await expect(heading(page)).toHaveText('Take out Wounds')
  const wound = await begin(page)
  await press(page, 'One more')
  await press(page, 'torn')
  await throughPocket(page, 'Wounds')

  // Somebody else opens the same round and takes the neighbouring pocket.
  const tove = await aHelper(account, 'Tove')
  const hers = await browser.newContext({ viewport: PHONE, locale: 'en-GB' })
  await hers.addCookies([{ ...tove.cookie, url: new URL(page.url()).origin }])
  const helper = await hers.newPage()
  await helper.goto(page.url())
  await expect(heading(helper)).toHaveText(/^Take out /)
  await press(helper, 'Another pocket')
  await expectFits(helper)
  await press(helper, /^Roadside/)
  await begin(helper)

  // The first, offline, has counted one thing of it already, and differently.
  await press(page, 'Put it back and go on')
  await expect(heading(page)).toHaveText('Take out Roadside')
  const both = await begin(page)
  await press(page, 'One more')
  await answer(page)
  await page.waitForTimeout(1100)
  await throughPocket(helper, 'Roadside')
  await press(helper, /^Put /)
  await expect(helper.getByRole('button', { name: /wait/ })).toHaveCount(0)
  await hers.close()

  await press(page, 'Pockets')
  await press(page, /^Comfort/)
  await begin(page)
  await throughPocket(page, 'Comfort')
  await press(page, /^Put /)
  await press(page, 'Pockets')
  await press(page, 'What you found')
  await expect(
    page.getByText('1 found, 2 recorded').or(page.getByText(/recorded, used/)),
  ).toBeVisible()
  await page.getByLabel('Signed by').fill('Ilse')
  await press(page, 'Sign off')
  await expect(page.getByText(/^Signed by Ilse/)).toBeVisible()
  await expect(page.getByText('Errands are worked out as soon as')).toBeVisible()

  await context.setOffline(false)
  await expect(page.getByRole('button', { name: /to be sent/ })).toHaveCount(0)
  await expect(page.getByText('Counted differently')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'What became an errand' })).toBeVisible()
  await expectAccessible(page)

  const after = await readBack(account, roundId)
  expect(after.round.finished?.by).toBe('Ilse')
  const looked = after.entries.filter(({ fact }) => fact.kind === 'looked')
  const keys = looked.map(({ by, fact }) => `${by} ${fact.kind === 'looked' ? fact.lotId : ''}`)
  expect(new Set(keys).size).toBe(keys.length)
  // Every thing of the kit is answered, one of them by both.
  const answered = new Set(looked.map(({ fact }) => (fact.kind === 'looked' ? fact.lotId : '')))
  expect(things.filter(({ lotId }) => !answered.has(lotId)).map(({ title }) => title)).toEqual([])
  expect(looked.length).toBe(answered.size + 1)
  // The later count stands, and both are in the ledger.
  const twice = things.find(({ title, pocketId }) => {
    const roadside = before.pockets.find(({ name }) => name === 'Roadside')
    return title === both && pocketId === roadside?.id
  })
  const { history, holdings } = await readLot(world(), account.caller, twice?.lotId as never)
  expect(history.filter(({ kind, day }) => kind === 'counted' && day === '2026-11-26').length).toBe(
    2,
  )
  expect(holdings.reduce((sum, { amount }) => sum + amount, 0)).toBe(twice?.recorded)
  // What was torn is a part of its own, and the barrier is recorded as used.
  const torn = after.contents.pockets
    .flatMap((pocket) => pocket.things)
    .filter(({ title, condition }) => title === wound && condition === 'torn')
  expect(torn.map(({ recorded }) => recorded)).toEqual([1000])
  const barrier = things.find(({ title }) => title === 'Breathing barrier')
  const used = (await readLot(world(), account.caller, barrier?.lotId as never)).history
  expect(used.filter(({ kind, day }) => kind === 'used' && day === '2026-11-26').length).toBe(1)
})

test('without a connection kits, members and sheets are readable, and nothing once signed out', async ({
  page,
  context,
  account,
}) => {
  await open(page, '/')
  await kept(page)
  const { kits } = await readKits(world(), account.caller)
  const roll = kits.find(({ name }) => name === 'Pantry roll')?.id
  await context.setOffline(true)
  await page.goto(`/kits/${roll}`)
  await expect(page.locator('[data-tag]').first()).toBeVisible()
  await expect(page.getByRole('button', { name: /^No connection/ })).toBeVisible()
  await page.goto(`/kits/${roll}/sheet`)
  await expect(heading(page)).toHaveText('Pantry roll')
  await page.goto('/evacuation')
  await expect(heading(page)).toHaveText(/can be (?:away|ready) in/)
  await page.goto('/evacuation/sheet')
  await expect(heading(page).first()).toHaveText('Leaving the house: Ten minutes')
  await page.goto('/rounds')
  await expect(heading(page)).toContainText('due for a check')
  // A page that was never kept says so, and what is.
  await page.goto('/bring-in')
  await expect(heading(page)).toHaveText('No connection')
  await expect(page.getByRole('link', { name: /Pantry roll/ }).first()).toBeVisible()

  // As soon as there is a connection the page is opened that was asked for.
  await context.setOffline(false)
  await expect(heading(page)).not.toHaveText('No connection')
  await open(page, '/household')
  await press(page, 'Sign out')
  await page.waitForURL(/sign-in/)
  await context.setOffline(true)
  await page.goto(`/kits/${roll}`)
  await expect(page.getByText('Nothing is kept here.', { exact: false })).toBeVisible()
  const left = await page.evaluate(async () => {
    const names = await caches.keys()
    const kept = names.filter((name) => name.startsWith('kept-'))
    const sizes = await Promise.all(
      kept.map(async (name) => (await (await caches.open(name)).keys()).length),
    )
    return sizes.reduce((sum, size) => sum + size, 0)
  })
  expect(left).toBe(0)
})

test('when the session has ended elsewhere, pages lead to signing in, and back', async ({
  page,
  context,
  account,
}) => {
  await open(page, '/')
  await kept(page)
  await context.clearCookies()
  for (const path of ['/kits', '/rounds', '/stock']) {
    await page.goto(path)
    await expect(page).toHaveURL(/\/sign-in\?next=/)
    await expect(page.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible()
  }
  await usable(page)
  await page.getByLabel('E-mail').fill(account.email)
  await page.getByLabel('Password', { exact: true }).fill(account.password)
  await press(page, 'Sign in')
  await expect(page).toHaveURL(/\/stock$/)
})

test('a round that nobody chose says so, and leads to the list', async ({ page }) => {
  for (const path of ['/round', '/round?id=', '/round?id=x']) {
    await page.goto(path)
    await expect(page.getByText('No round is chosen.', { exact: false })).toBeVisible()
    await expect(page.getByRole('link', { name: 'All rounds' })).toHaveAttribute('href', '/rounds')
  }
})

test('what waits is sealed: another who signs in cannot read it, its owner finds it again', async ({
  page,
  context,
  account,
}) => {
  const roundId = await startBootBag(page)
  await kept(page)
  await press(page, 'Begin')
  await context.setOffline(true)
  await next(page)
  await expect(page.getByRole('button', { name: /to be sent/ })).toBeVisible()
  // The session ends while the device is away; then somebody else signs in on it.
  await context.clearCookies()
  await context.setOffline(false)
  const stranger = await aHelper(account, 'Guest')
  await open(page, '/sign-in')
  await context.addCookies([{ ...stranger.cookie, url: new URL(page.url()).origin }])
  await open(page, '/rounds')
  await kept(page)
  await expect(page.getByRole('button', { name: /wait/ })).toHaveCount(0)
  const readable = await page.evaluate(
    () =>
      new Promise<string>((resolve) => {
        const asked = indexedDB.open('vivid-satchel')
        asked.onsuccess = () => {
          const all = asked.result.transaction('waiting').objectStore('waiting').getAll()
          all.onsuccess = () =>
            resolve(
              all.result
                .map((row: { sealed: { data: ArrayBuffer } }) =>
                  new TextDecoder('latin1').decode(row.sealed.data),
                )
                .join(),
            )
        }
      }),
  )
  expect(readable.length).toBeGreaterThan(0)
  expect(readable).not.toContain('Breathing')
  // Its owner comes back: it is sent.
  await context.clearCookies()
  await context.addCookies([{ ...account.cookie, url: new URL(page.url()).origin }])
  await open(page, '/rounds')
  await expect.poll(async () => (await readBack(account, roundId)).entries.length).toBe(2)
})

/** Numbers that follow from a seed (a linear congruence). */
function seeded(seed: number): (below: number) => number {
  let state = seed
  return (below) => {
    state = (state * 1664525 + 1013904223) % 4294967296
    return Math.floor((state / 4294967296) * below)
  }
}

/** Enough for every kind of kill in every state of the outbox; more with SATCHEL_KILLS. */
const KILLS = Number(process.env.SATCHEL_KILLS ?? 30)
const SEED = 20261126

test(`page and server are killed ${KILLS} times at random points (seed ${SEED}), and nothing is lost`, async ({
  context,
  account,
}) => {
  const port = await freePort()
  const appUrl = databaseUrl('DATABASE_URL', 'browser')
  const address = `http://127.0.0.1:${port}`
  let server: ChildProcess = serverOn(port, appUrl)
  await answering(port)
  const random = seeded(SEED)
  try {
    let page = await context.newPage()
    await page.goto(`${address}/rounds`)
    await kept(page)
    const { kits } = await readKits(world(), account.caller)
    const kit = kits.find(({ name }) => name === 'Hall drawers')
    const kitHead = page.getByRole('button', { name: /^Hall drawers/ })
    if ((await kitHead.getAttribute('aria-expanded')) !== 'true') await kitHead.click()
    await press(page, 'Whole kit')
    await press(page, 'Start: Hall drawers')
    await page.waitForURL(/round\?id=/)
    const roundId = roundOf(page)
    await answering(port)
    const round = page.url()
    expect(kit).toBeDefined()

    /** What the page said was answered: by the title, with a number that no other answer has. */
    const said: number[] = []
    let number = 100
    const answerOne = async (): Promise<void> => {
      for (const name of [
        'Begin',
        'Put it back and go on',
        'Put everything back, last out first',
      ]) {
        const button = page.getByRole('button', { name, exact: true })
        if (await button.isVisible()) {
          await button.click()
          await button.waitFor({ state: 'hidden' })
        }
      }
      const count = page.getByLabel(/^How many are there/)
      const step = heading(page)
      const title = await step.textContent()
      number += 1
      if (await count.isVisible()) {
        await count.fill(String(number))
        await next(page)
        await page.waitForFunction((typed) => {
          const field = document.querySelector<HTMLInputElement>('input[inputmode="decimal"]')
          return field?.value !== typed
        }, String(number))
        said.push(number)
      } else if (/is done$|^What you found$|^Take out /.test(title ?? '')) return
      else await next(page)
    }

    for (let kill = 0; kill < KILLS; kill++) {
      for (let times = random(3); times > 0; times--) await answerOne()
      const what = random(3)
      if (what !== 0) {
        server.kill('SIGKILL')
        // The next answer is given while nobody answers.
        await answerOne()
        server = serverOn(port, appUrl)
      }
      if (what !== 1) {
        // In the middle of an answer: pressed, and gone.
        const card = page.getByLabel(/^How many are there/)
        if (random(2) === 0 && (await card.isVisible())) void next(page).catch(() => undefined)
        await page.close({ runBeforeUnload: false })
        page = await context.newPage()
        await page.goto(round)
        await heading(page).waitFor()
      }
    }
    await answering(port)
    await expect(page.getByRole('button', { name: /to be sent/ })).toHaveCount(0, {})
    const { entries } = await readBack(account, roundId)
    const looked = entries.flatMap(({ fact }) => (fact.kind === 'looked' ? [fact] : []))
    const numbers = looked.map(({ look }) => look.found / 1000).filter((found) => found > 100)
    // Every answer that the page took is there once; none is there twice.
    expect(said.length).toBeGreaterThan(25)
    expect(said.filter((one) => !numbers.includes(one))).toEqual([])
    expect(new Set(numbers).size).toBe(numbers.length)
    // And each has its count in the ledger.
    const counts = await Promise.all(
      [...new Set(looked.map(({ lotId }) => lotId as LotId))].map(async (lotId) => {
        const { history } = await readLot(world(), account.caller, lotId)
        return history.filter(({ kind, day }) => kind === 'counted' && day === '2026-11-26').length
      }),
    )
    const counted = looked.filter(
      ({ look }) => look.gone !== 'still_away' && look.gone !== 'missing',
    )
    expect(counts.reduce((sum, count) => sum + count, 0)).toBe(counted.length)
  } finally {
    server.kill('SIGKILL')
  }
})
