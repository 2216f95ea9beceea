/** Every main view, on a desk and on a phone, in every look: axe finds nothing, nothing is cut off sideways. */
import { readKits } from '../../src/app/kits/readKits'
import { world } from './support/account'
import {
  expect,
  expectAccessible,
  expectFits,
  expectLegible,
  open,
  PHONE,
  test,
} from './support/test'

const VIEWS = [
  '/',
  '/kits',
  '/rounds',
  '/stock',
  '/review',
  '/record',
  '/cover',
  '/cover/evening',
  '/cover/lists',
  '/cover/items',
  '/restock',
  '/restock/plan',
  '/bring-in',
  '/print',
  '/household',
  '/settings',
  '/begin',
  '/bench',
  '/bench/mixes',
  '/incident',
  '/guide',
] as const

/** Looked at whole where they are used (shopping.spec.ts); here with nothing in them. */
const AT_WORK = ['/restock/forecast', '/restock/use', '/restock/recalls'] as const

const DEVICES = [
  ['desk', { width: 1280, height: 800 }],
  ['phone', PHONE],
] as const

/** A household of its own takes longer to make than a view to look at: a few views share one. */
const AT_ONCE = 6
const groups = Array.from({ length: Math.ceil(VIEWS.length / AT_ONCE) }, (_, at) =>
  VIEWS.slice(at * AT_ONCE, (at + 1) * AT_ONCE),
)

for (const paths of groups)
  test(`${paths.join(', ')} on a desk and on a phone`, async ({ page }) => {
    for (const path of paths) {
      await page.setViewportSize({ width: 1280, height: 800 })
      await open(page, path)
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      await expectAccessible(page)
      await page.setViewportSize(PHONE)
      await expectFits(page)
    }
  })

for (const [device, viewport] of DEVICES)
  test(`a kit and its sheet on a ${device}`, async ({ page, account }) => {
    const { kits } = await readKits(world(), account.caller)
    const kit = kits.find(({ name }) => name === 'Pantry roll')
    await page.setViewportSize(viewport)
    await open(page, `/kits/${kit?.id}`)
    await expectAccessible(page)
    await page.locator('[data-tag]').first().click()
    await expect(page.getByRole('complementary')).toBeVisible()
    await expectAccessible(page)
    await open(page, `/kits/${kit?.id}/sheet`)
    await expectAccessible(page)
  })

for (const look of ['dark', 'torch'] as const)
  test(`Watch, a kit and Restock in ${look}`, async ({ page, account }) => {
    const { kits } = await readKits(world(), account.caller)
    await open(page, '/')
    await page.getByRole('radio', { name: new RegExp(look, 'i') }).click()
    await expect(page.locator('html')).toHaveAttribute('data-look', look)
    await expectLegible(page)
    for (const path of [
      `/kits/${kits[0]?.id}`,
      '/cover',
      '/restock',
      '/restock/use',
      '/restock/recalls',
      '/stock',
      '/household',
    ]) {
      await open(page, path)
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      await expect(page.locator('html')).toHaveAttribute('data-look', look)
      await expectLegible(page)
    }
  })

test.describe('with nothing kept yet', () => {
  test.use({ stock: 'nothing' })
  test('every view says what to do first', async ({ page }) => {
    for (const path of [...VIEWS, ...AT_WORK]) {
      await open(page, path)
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      await expectFits(page)
    }
  })
  test('an address that is not there says so and leads back', async ({ page }) => {
    await page.goto('/kits/00000000-0000-4000-8000-000000000000')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('This is not here')
    await page.getByRole('link', { name: 'To Today' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Nothing is kept here yet')
  })
})
