/** The restocking plan of a small household: read, kept to, forbidden, priced and budgeted. */
import type { Page } from '@playwright/test'
import { expect, expectAccessible, expectFits, open, PHONE, said, test } from './support/test'

/** A plan is worked out on the device; two others may be at work beside it. */
/** Several plans one after the other, on a machine that does other things as well. */
test.use({ stock: 'two places' })

const planned = async (page: Page) => {
  await expect(page.getByRole('progressbar')).toHaveCount(0)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('In two weeks')
}
const spent = async (page: Page): Promise<number> => {
  const text = await page.getByRole('region', { name: 'What the plan should do' }).textContent()
  return Number(/€([\d.]+)/.exec(text ?? '')?.[1] ?? Number.NaN)
}

test('a plan says what, when and why, and goes round what is forbidden', async ({ page }) => {
  await open(page, '/restock/plan')
  await planned(page)
  const today = page.getByRole('listitem').filter({ hasText: /^Today House/ })
  await expect(today).toContainText('Thermometer')
  await expect(today).toContainText(/1 for Tray, House box/)
  await expect(page.getByRole('region', { name: 'Beside other plans' })).toContainText(
    /This plan€[\d.]+.*Shelf by shelf€/,
  )
  await expectAccessible(page)

  await page.getByRole('button', { name: 'Not this: Thermometer' }).click()
  await expect(said(page)).toContainText('The plan leaves it out.')
  await expect(page.getByRole('button', { name: 'Not this: Thermometer' })).toHaveCount(0)
  await expect(page.getByRole('region', { name: 'Stays short' })).toContainText(
    /Thermometer.*you want none bought/,
  )
  await page
    .getByRole('region', { name: 'What you want' })
    .getByRole('button', { name: 'Leave it to the plan' })
    .click()
  await expect(page.getByRole('button', { name: 'Not this: Thermometer' })).toHaveCount(1)

  await page.getByRole('button', { name: 'Keep: Thermometer' }).click()
  await expect(
    page.getByRole('button', { name: 'Leave it to the plan: Thermometer' }),
  ).toBeVisible()
  await page.setViewportSize(PHONE)
  await expectFits(page)
})

test('planning can be stopped; less money and other prices make another plan', async ({ page }) => {
  await open(page, '/restock/plan')
  await page.getByRole('button', { name: 'Stop', exact: true }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Stopped' })).toBeVisible()
  await page.getByRole('button', { name: 'Plan again' }).click()
  await planned(page)
  const free = await spent(page)
  await page.getByRole('button', { name: 'Set a limit' }).click()
  const slider = page.getByRole('slider', { name: 'May be spent' })
  await slider.focus()
  for (let step = 0; step < 2; step++) await page.keyboard.press('ArrowLeft')
  await planned(page)
  await expect.poll(() => spent(page)).toBeLessThan(free)
  await expect(page.getByRole('region', { name: 'Stays short' })).toContainText(
    'the money goes to what is needed more',
  )
  await expect(page.getByRole('region', { name: 'Beside other plans' })).toContainText(
    'The plan before',
  )
  await page.reload()
  await planned(page)
  await expect(page.getByRole('button', { name: 'No limit' })).toBeVisible()

  await page.getByText('Packs and prices').click()
  const form = page.getByRole('form', { name: 'Change the price of Thermometer' })
  await form.getByLabel('Price').fill('twelve')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(form).toContainText('Give a price as 4.50')
  await form.getByLabel('Price').fill('1.20')
  await form.getByRole('button', { name: 'Save' }).click()
  await planned(page)
  await expect(page.getByRole('listitem').filter({ hasText: /^Today House/ })).toContainText(
    '€1.20',
  )
})
