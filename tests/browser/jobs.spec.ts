/** Jobs 4 to 7 on the demo household: Watch, a kit as a mat, the restock list, the lid sheet. */
import type { Page } from '@playwright/test'
import { readKits } from '../../src/app/kits/readKits'
import { type Account, world } from './support/account'
import {
  expect,
  expectAccessible,
  expectLegible,
  open,
  PHONE,
  said,
  test,
  usable,
} from './support/test'

const kitNamed = async (account: Account, name: string) => {
  const { kits } = await readKits(world(), account.caller)
  const kit = kits.find((one) => one.name === name)
  if (!kit) throw new Error(`The demo has no ${name}`)
  return kit
}
const tag = (page: Page, text: string) =>
  page.locator('[data-tag]').filter({ hasText: text }).first()
const panel = (page: Page) => page.getByRole('complementary')
const undo = (page: Page) =>
  page.getByRole('status').getByRole('button', { name: 'Undo' }).last().click()

test.describe('Today', () => {
  test('an errand is done, put off and taken back with one press each', async ({ page }) => {
    await open(page, '/')
    const home = page.getByRole('region', { name: 'Row house' })
    await home.getByText(/^Show all/).click()
    const errand = page.getByRole('listitem').filter({ hasText: 'Children’s cough syrup' })
    await expect(errand).toContainText('its time after opening ended')
    await expect(errand).toContainText('Hand it in at a pharmacy')
    await errand.getByRole('button', { name: /^Done/ }).click()
    await expect(said(page)).toContainText('thrown away')
    await expect(errand).toHaveCount(0)
    await undo(page)
    await expect(errand).toHaveCount(1)
    await errand.getByRole('button', { name: /^Remind me later/ }).click()
    await expect(said(page)).toContainText('Reminder set for 3 Dec 2026')
    await expect(errand).toHaveCount(0)
    await expect(page.getByText('1 reminder set')).toBeVisible()
    await page.reload()
    await expect(errand).toHaveCount(0)
  })

  test('a lot on the ribbon leads to its place on the mat', async ({ page }) => {
    await open(page, '/')
    await page
      .getByRole('region', { name: 'The coming eighteen months' })
      .getByRole('button', { name: /Adrenaline auto-injec/ })
      .first()
      .click()
    await page.getByRole('dialog').getByRole('link').first().click()
    await expect(page).toHaveURL(/\/kits\/[0-9a-f-]+\?lot=/)
    await expect(panel(page).getByRole('heading', { level: 2 })).toContainText(
      'Adrenaline auto-injector',
    )
  })

  test('narrows to one place from the strap, and works by keys', async ({ page }) => {
    await open(page, '/')
    await page.getByRole('link', { name: /^Hill cottage/ }).click()
    await expect(page).toHaveURL(/\?place=/)
    await expect(page.getByRole('region', { name: 'Row house' })).toHaveCount(0)
    await expect(page.getByRole('region', { name: 'Hill cottage' })).toBeVisible()
    await page.keyboard.press('?')
    await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
    await expectAccessible(page)
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await page.keyboard.press('/')
    await page.getByRole('combobox', { name: 'Find anything' }).fill('tweez')
    await expect(
      page.getByRole('option').filter({ hasText: 'Tick tweezers' }).first(),
    ).toBeVisible()
    await expectAccessible(page)
    await page.keyboard.press('ArrowDown')
    await page.keyboard.press('Enter')
    await expect(panel(page)).toContainText(/tweezers/i)
    await usable(page)
    await page.keyboard.press('t')
    await expect(page.locator('html')).toHaveAttribute('data-look', 'torch')
    await page.keyboard.press('1')
    await expect(page).toHaveURL(/\/$/)
  })
})

test.describe('the kit as a mat', () => {
  test('every act on a lot, each taken back', async ({ page, account }) => {
    const kit = await kitNamed(account, 'Pantry roll')
    await open(page, `/kits/${kit.id}`)
    const gauze = tag(page, 'Gauze 7.5 cm')
    const shown = gauze.locator('b')
    await expect(shown).toHaveText('12')
    await gauze.click()

    await page.keyboard.press('u')
    await page.getByLabel('How many', { exact: true }).fill('3')
    await page.getByRole('button', { name: 'Use', exact: true }).click()
    await expect(shown).toHaveText('9')
    await expect(panel(page)).toContainText('Ilse used 3 pads')
    await undo(page)
    await expect(shown).toHaveText('12')

    await page.getByRole('button', { name: /^Correct the count/ }).click()
    await page.getByLabel('How many are there').fill('½')
    await page.getByRole('button', { name: 'Count', exact: true }).click()
    await expect(shown).toHaveText('½')
    await page.keyboard.press('z')
    await expect(shown).toHaveText('12')

    await page.keyboard.press('x')
    await page.getByLabel('How many', { exact: true }).fill('20')
    await page.getByRole('button', { name: 'Thrown away' }).click()
    await expect(said(page)).toContainText('12')
    await page.getByRole('button', { name: 'Close', exact: true }).last().click()
    await page.getByLabel('How many', { exact: true }).fill('-1')
    await page.getByRole('button', { name: 'Thrown away' }).click()
    await expect(panel(page)).toContainText('cannot be less than nothing')
    await expect(page.getByLabel('How many', { exact: true })).toBeFocused()
    await page.getByRole('button', { name: 'Cancel' }).click()

    await page.keyboard.press('m')
    await page.getByLabel('How many', { exact: true }).fill('4')
    await page.getByRole('combobox', { name: 'To which pocket' }).click()
    await page.getByRole('option', { name: /^Tall sleeve/ }).click()
    await page.getByRole('button', { name: 'Move', exact: true }).click()
    await expect(page.getByRole('region', { name: 'Tall sleeve' })).toContainText('Gauze 7.5 cm')
    await expect(shown).toHaveText('8')
    await undo(page)
    await expect(page.getByRole('region', { name: 'Tall sleeve' })).not.toContainText('Gauze')

    await page.keyboard.press('e')
    await page.getByLabel('Printed date').fill('03/04/27')
    await page.getByRole('button', { name: '3 Apr 2027' }).click()
    await page.getByLabel('Batch').fill('B-77')
    await page.getByRole('button', { name: 'Save' }).click()
    await expect(panel(page)).toContainText('B-77')
    await expect(panel(page)).toContainText('3 Apr 2027')
  })

  test('details of a lot on hold are changed, and what cannot be read is said', async ({
    page,
    account,
  }) => {
    const kit = await kitNamed(account, 'Pantry roll')
    await open(page, `/kits/${kit.id}`)
    await tag(page, 'on hold: not for Tove').click()
    await page.keyboard.press('e')
    await page.getByLabel('Price of a pack').fill('cheap')
    await page.getByRole('button', { name: 'Save' }).click()
    await expect(panel(page)).toContainText('this is not a price; write it like 4.90')
    await expect(panel(page)).toContainText('Look at the fields that are marked.')
    await page.getByLabel('Price of a pack').fill('€ 3,20')
    await page.getByLabel('Pack holds').fill('lots')
    await page.keyboard.press('Tab')
    await expect(panel(page)).toContainText('there is no number in this')
    await page.getByLabel('Pack holds').fill('2 x 10')
    await page.getByLabel('What for').fill('Pain, grown-ups')
    await page.getByRole('button', { name: 'Save' }).click()
    await expect(panel(page)).toContainText('Pain, grown-ups')
    await expect(panel(page)).toContainText('On hold')
    await page.keyboard.press('e')
    await page.getByRole('combobox', { name: 'May it be used?' }).click()
    await page.getByRole('option', { name: 'Lent' }).click()
    await page.getByLabel('Who has it').fill('Grete')
    await page.getByRole('button', { name: 'Save' }).click()
    await expect(panel(page)).toContainText('Grete, 26 Nov 2026')
    // Changing the item alone leaves the lot alone, in whatever order the record gives it back.
    await page.keyboard.press('e')
    await page.getByLabel('What for').fill('Pain')
    await page.getByRole('button', { name: 'Save' }).click()
    await expect(page.getByRole('button', { name: 'Save' })).toHaveCount(0)
    await expect(panel(page)).toContainText('Grete, 26 Nov 2026')
  })

  test('one of several is opened and goes on by its own clock', async ({ page, account }) => {
    const kit = await kitNamed(account, 'Pantry roll')
    await open(page, `/kits/${kit.id}`)
    await tag(page, 'Recovery food').click()
    await page.keyboard.press('o')
    await page.getByRole('button', { name: 'Open', exact: true }).click()
    const opened = page.locator('[data-tag]').filter({ hasText: 'Recovery food' })
    await expect(opened).toHaveCount(2)
    await opened.filter({ has: page.locator('b', { hasText: /^1(\/|$)/ }) }).click()
    await expect(panel(page)).toContainText('Opened')
    await expect(panel(page)).toContainText('26 Nov 2026')
    await expect(panel(page)).toContainText('Recovery food powder, kept cold')
    await expect(panel(page)).toContainText('the label wins')
    await expectAccessible(page)
  })

  test('a thing is added, and its par set, without leaving the mat', async ({ page, account }) => {
    const kit = await kitNamed(account, 'Boot bag')
    await open(page, `/kits/${kit.id}`)
    await page.getByRole('button', { name: 'Add to Roadside' }).click()
    const dialog = page.getByRole('dialog')
    await expectAccessible(page)
    await dialog.getByLabel('What is it').fill('Reflective triangle')
    await dialog.getByLabel('How many', { exact: true }).fill('two')
    await dialog.getByLabel('How many belong here').fill('2')
    await dialog.getByLabel('Printed date').fill('31/02/2027')
    await expect(dialog).toContainText('there is no such day')
    await dialog.getByRole('button', { name: 'Put in' }).click()
    await expect(dialog.getByLabel('Printed date')).toBeFocused()
    await dialog.getByLabel('Printed date').fill('none')
    await dialog.getByRole('button', { name: 'Put in' }).click()
    await expect(dialog).toHaveCount(0)
    await expect(page.getByRole('region', { name: 'Roadside' })).toContainText(
      'Reflective triangle',
    )
    await tag(page, 'Reflective triangle').click()
    await page.getByRole('button', { name: '+1' }).click()
    await expect(tag(page, 'Reflective triangle')).toContainText('2/3')
    await page.getByRole('button', { name: 'I have checked it' }).click()
    await expect(page.getByText(/checked 26 Nov by Ilse/)).toBeVisible()
  })

  test('is walked with the arrows and worked with one hand on a phone', async ({
    page,
    account,
  }) => {
    const kit = await kitNamed(account, 'Pantry roll')
    await open(page, `/kits/${kit.id}`)
    const tags = page.locator('[data-tag]')
    await tags.first().focus()
    await page.keyboard.press('ArrowRight')
    await page.keyboard.press('ArrowDown')
    await expect(tags.first()).not.toBeFocused()
    await page.keyboard.press('Enter')
    await expect(panel(page)).toBeVisible()
    await page.keyboard.press('Escape')
    await page.setViewportSize(PHONE)
    await tag(page, 'Saline pods').click()
    const small = () =>
      panel(page)
        .getByRole('button')
        .evaluateAll((buttons) =>
          buttons
            // A file is asked for by the label round its hidden field.
            .map((button) => button.closest('label') ?? button)
            .filter((pressed) => pressed.getBoundingClientRect().height < 43)
            .map((pressed) => pressed.outerHTML),
        )
    await expect(panel(page).getByText('Keep a photo of the carton')).toBeVisible()
    await expect.poll(small).toEqual([])
    await expectAccessible(page)
  })
})

test('a kit and a pocket are added', async ({ page }) => {
  await open(page, '/kits')
  await page.getByRole('button', { name: 'Add a kit' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Name').fill('Desk drawer')
  await dialog.getByLabel('Pockets, one a line').fill('Left\nRight')
  await expectAccessible(page)
  await dialog.getByRole('button', { name: 'Add' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Desk drawer')
  await expect(page.getByRole('region', { name: 'Left' })).toBeVisible()
  await usable(page)
  await page.getByRole('textbox', { name: 'Add a pocket' }).fill('Fridge door')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByRole('region', { name: 'Fridge door' })).toBeVisible()
  await page.getByRole('button', { name: 'Change kit' }).click()
  await dialog.getByLabel('Name').fill('Desk box')
  await dialog.getByLabel('Check it every so many days').fill('0')
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(dialog.getByText('Give a number of days from 1 to 1500')).toBeVisible()
  await dialog.getByLabel('Check it every so many days').fill('90')
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Desk box')
})

test('an errand sent to the list is there, and counted', async ({ page }) => {
  await open(page, '/')
  const cottage = page.getByRole('region', { name: 'Hill cottage' })
  await cottage.getByText(/^Show all/).click()
  const errand = cottage.getByRole('listitem').filter({ hasText: 'Ice grips' })
  await errand.getByRole('button', { name: /^Put on list/ }).click()
  await expect(errand).toHaveCount(0)
  await expect(page.getByText('1 on the shopping list')).toBeVisible()
  await page.keyboard.press('5')
  const listed = page
    .getByRole('listitem')
    .filter({ hasText: 'Ice grips' })
    .filter({ hasText: 'put here by hand' })
  await expect(listed).toHaveCount(1)
})

test('what is not of every day is under More: by keyboard at a desk, by thumb on a phone', async ({
  page,
}) => {
  await open(page, '/')
  const more = page.locator('summary').filter({ hasText: 'More' })
  await more.focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('link', { name: 'History' })).toBeVisible()
  // What lies under the open menu is not pressed while it is open.
  await expectLegible(page)
  await page.keyboard.press('Escape')
  await expect(page.getByRole('link', { name: 'History' })).toBeHidden()
  await expect(more).toBeFocused()
  await more.press('Enter')
  await page.getByRole('link', { name: 'Print', exact: true }).press('Enter')
  await expect(page).toHaveURL(/\/print$/)

  await page.setViewportSize(PHONE)
  await open(page, '/cover')
  const strap = await page.getByRole('banner').boundingBox()
  const bar = await page.getByRole('link', { name: 'Something happened' }).evaluate((link) => {
    const { top, bottom } = (link.parentElement as HTMLElement).getBoundingClientRect()
    return { top, bottom }
  })
  expect((strap?.height ?? 999) + bar.bottom - bar.top).toBeLessThanOrEqual(120)
  expect(bar.bottom).toBe(PHONE.height)
  await more.click()
  const ready = page.getByRole('link', { name: 'Ready', exact: true })
  await expect(ready).toHaveAttribute('aria-current', 'page')
  await expect(page.getByRole('radio', { name: 'Torch' })).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('link', { name: 'Restock', exact: true }).click()
  await expect(page).toHaveURL(/\/restock$/)
  await usable(page)
  await page.getByRole('button', { name: 'Find anything' }).click()
  await expect(page.getByRole('combobox', { name: 'Find anything' })).toBeFocused()
})

test('a label is written alone, by keyboard, and taken back', async ({ page, account }) => {
  const kit = await kitNamed(account, 'Animal tote')
  await open(page, `/kits/${kit.id}`)
  await page.getByRole('button', { name: 'Arrange for me' }).click()
  const label = page.getByRole('checkbox', { name: /Call Main “Main · / })
  await expect(page.getByRole('button', { name: 'Nothing is chosen' })).toBeDisabled()
  await label.focus()
  await page.keyboard.press('Space')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Write this label' }).press('Enter')
  await expect(page.getByRole('region', { name: /^Main · / })).toBeVisible()
  await undo(page)
  await expect(page.getByRole('region', { name: /^Main · / })).toBeHidden()
})

test('what is to be done is printed place by place, all of it', async ({ page }) => {
  await open(page, '/')
  const cottage = page.getByRole('region', { name: 'Hill cottage' })
  const total = Number(/\d+/.exec((await cottage.getByText(/^Show all/).textContent()) ?? '')?.[0])
  await open(page, '/print')
  await page.getByRole('link', { name: 'What is to be done, place by place' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What is to be done')
  await expectAccessible(page)
  const there = page.locator('section').filter({ hasText: /^Hill cottage/ })
  await expect(there.getByRole('listitem')).toHaveCount(total)
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden()
})

test('the lid sheet prints and names nobody', async ({ page, account }) => {
  const kit = await kitNamed(account, 'Pantry roll')
  await open(page, '/print')
  await page.getByRole('link', { name: 'Pantry roll', exact: true }).click()
  const sheet = page.getByRole('main')
  await expect(sheet).toContainText('Emergency 555-0100')
  await expect(sheet).toContainText('Poison line 555-0122')
  await expect(sheet).toContainText('Belongs to the Marrow & Quill household')
  await expect(sheet.getByRole('row', { name: /Gauze 7.5 cm/ })).toContainText('14 of 10')
  await expect(sheet.getByRole('row', { name: /Itch cream/ })).toContainText('none here')
  const text = (await sheet.textContent()) ?? ''
  for (const name of ['Ned', 'Ilse', 'Tove', 'Grete', 'Arlo', 'Runa', 'Bracken', 'Moth', 'Pip'])
    expect(text).not.toMatch(new RegExp(`\\b${name}\\b`))
  expect(text).not.toMatch(/€|\d\.\d\d EUR/)
  await page.getByRole('link', { name: 'A5' }).click()
  await expect(page.getByRole('link', { name: 'PDF' })).toHaveAttribute('href', /size=A5/)
  const sizes = { A4: '595', A5: '419', LETTER: '612' }
  for (const [size, points] of Object.entries(sizes)) {
    const answer = await page.request.get(`/api/kits/${kit.id}/sheet.pdf?size=${size}`)
    expect(answer.headers()['content-type']).toBe('application/pdf')
    const bytes = (await answer.body()).toString('latin1')
    expect(bytes.slice(0, 5)).toBe('%PDF-')
    expect(bytes).toMatch(new RegExp(`MediaBox \\[0 0 ${points}`))
  }
})
