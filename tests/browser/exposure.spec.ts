/** Heat and frost: a logger's file by hand, what it puts on hold, a thermometer read off, the year told. */
import type { Locator, Page } from '@playwright/test'
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

/** Six hours of this morning in a hot glovebox, in local time, with lines that mean nothing. */
const FILE = [
  'Logger 17;Glovebox',
  'Time;Temperature (°C);Battery',
  ...Array.from(
    { length: 7 },
    (_, hour) => `${TODAY} 0${hour + 3}:00;${hour < 4 ? '31,5' : '47,5'};90`,
  ),
  `${TODAY} 10:00;-273;90`,
  'end of file',
].join('\n')

async function choosePlace(page: Page, place: string): Promise<void> {
  await page.getByRole('combobox', { name: 'Place' }).click()
  await page.getByRole('option', { name: place }).click()
}

/** Opens the import of a logger's file with one in it. */
async function chooseFile(page: Page, name: string, text: string): Promise<Locator> {
  await page.getByRole('button', { name: 'Import a logger’s file' }).click()
  const dialog = page.getByRole('dialog')
  await dialog
    .getByLabel('Choose the file')
    .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) })
  return dialog
}

/** Thirty-six hours at 32 °C, up to this morning. */
const WARM_DAYS = [
  'Time,Temperature °C',
  ...Array.from({ length: 36 }, (_, hour) => {
    const at = new Date(Date.parse(`${TODAY}T06:00:00Z`) - (35 - hour) * 3_600_000)
    return `${at.toISOString()},32.0`
  }),
].join('\n')

test.describe('the demo household', () => {
  test.use({ stock: 'demo' })

  test('a logger’s file is imported; what met too much goes on hold, and Undo takes both back', async ({
    page,
  }) => {
    await open(page, '/kits')
    await page.getByRole('link', { name: 'Heat and frost' }).click()
    await page.waitForURL('**/exposure')
    await usable(page)
    await expectAccessible(page)
    await expectFits(page)
    const strap = page.getByRole('navigation', { name: 'Places' })
    const before = (await strap.textContent()) ?? ''
    await choosePlace(page, 'Estate car')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(
      /^Estate car was above 30 °C on 7 days of this year$/,
    )
    const dialog = await chooseFile(page, 'glovebox.csv', FILE)
    await expect(dialog.getByText(/^7 readings, /)).toBeVisible()
    await expect(
      dialog.getByText('Line 10: colder or hotter than a household can be'),
    ).toBeVisible()
    await expect(dialog.getByText('Line 11: no time that can be read')).toBeVisible()
    await expectAccessible(page)
    await dialog.getByRole('combobox', { name: 'Where it is' }).click()
    await page.getByRole('option', { name: 'Glovebox pouch', exact: true }).click()
    await dialog.getByRole('button', { name: 'Import these readings' }).click()
    await expect(said(page)).toContainText(/7 readings imported; .* put on hold/)
    const pen = page.getByRole('listitem').filter({ hasText: /^Adrenaline auto-injector/ })
    await expect(pen.first()).toContainText('on hold')
    await expect(pen.first()).toContainText('Met 47.5 °C')
    await pen.first().getByText('What to say').click()
    await expect(pen.first()).toContainText('It met 47.5 °C')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/met more heat or frost than/)
    // The strap follows: what is on hold covers nobody.
    await expect.poll(() => strap.textContent()).not.toBe(before)
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect.poll(() => strap.textContent()).toBe(before)
    await expect(
      page.getByRole('listitem').filter({ hasText: 'Logger, Glovebox pouch' }),
    ).toHaveCount(0)
  })

  test('a lot goes on hold with its hours; the rest is moved out of harm, and plan and headline follow', async ({
    page,
  }) => {
    await open(page, '/exposure')
    await choosePlace(page, 'Estate car')
    const dialog = await chooseFile(page, 'boot.csv', WARM_DAYS)
    await dialog.getByRole('combobox', { name: 'Where it is' }).click()
    await page.getByRole('option', { name: 'Comfort, Boot bag', exact: true }).click()
    await dialog.getByRole('button', { name: 'Import these readings' }).click()
    await expect(said(page)).toContainText(/36 readings imported; .* put on hold/)
    // Thirty-six hours this week, and those of the hot week that the car’s own logger told.
    const tablets = page.getByRole('listitem').filter({ hasText: /^Acetaminophen 500 mg: on hold/ })
    await expect(tablets).toContainText('57 hours above 30 °C')
    const headline = page.getByRole('heading', { level: 1 })
    await expect(headline).toHaveText(/met more heat or frost than/)

    // The page of the lot says the same, and prints.
    await tablets.getByRole('link', { name: 'Its heat and frost' }).click()
    await page.waitForURL('**/lots/*/exposure?*')
    await usable(page)
    await expect(headline).toHaveText('Acetaminophen 500 mg: on hold')
    await expect(page.getByRole('region', { name: 'What it met' })).toContainText('57 hours')
    await expect(page.getByRole('region', { name: 'What to say' })).toContainText('57 hours')
    await expectAccessible(page)
    await expectFits(page)

    // A page that gets narrower takes its chart along.
    const desk = page.viewportSize()
    await page.setViewportSize(PHONE)
    await expectFits(page)
    if (desk) await page.setViewportSize(desk)

    // Nothing is said to be usable before somebody has answered, and no answer makes a date longer.
    const answer = page.getByRole('region', { name: 'What was answered' })
    await answer.getByRole('button', { name: 'It may be used' }).click()
    await expect(answer.getByLabel('Who answered, and what')).toBeFocused()
    await answer.getByLabel('Who answered, and what').fill('Corner pharmacy: use it first')
    await answer.getByLabel(/^Use it until/).fill('1 Jan 2040')
    await answer.getByRole('button', { name: 'It may be used' }).click()
    await expect(answer.getByText(/Heat never makes a date longer/)).toBeVisible()
    await answer.getByLabel(/^Use it until/).fill('31 Jan 2027')
    await answer.getByRole('button', { name: 'It may be used' }).click()
    await page.waitForURL('**/kits/*?lot=*')
    await usable(page)
    const answered = page.getByRole('complementary').filter({ hasText: 'Acetaminophen 500 mg' })
    await expect(answered).toContainText('31 Jan 2027')
    await expect(answered).toContainText('Corner pharmacy: use it first')

    // What is still good is moved indoors before the frost, in one act.
    const ahead = page.getByRole('region', { name: 'What is coming, by the model' })
    await page.goto('/exposure')
    await usable(page)
    await choosePlace(page, 'Cargo bike')
    const frost = ahead.getByRole('listitem').filter({ hasText: /^Cargo bike: frost/ })
    await frost.getByRole('combobox', { name: 'Where it is warm and dry' }).click()
    await page.getByRole('option', { name: /^Lid, Hall drawers/ }).click()
    await frost.getByRole('button', { name: /^Move all .* there$/ }).click()
    await expect(said(page)).toContainText(/moved to Lid, Hall drawers/)
    await expect(frost).toHaveCount(0)

    // The plan takes nothing indoors from the bike any more, and keeps the line empty until spring.
    await page.goto('/restock/plan')
    await usable(page)
    const kept = page.getByRole('region', { name: 'Not kept there in frost or heat' })
    await expect(kept).toContainText(/Reliever inhaler 100 µg.*Cargo bike/)
    const visits = page.getByRole('listitem').filter({ hasText: /^Mon 30 Nov.*Cargo bike/ })
    await expect(visits.filter({ hasText: 'Take indoors' })).toHaveCount(0)
    // What is to be done asks about what is on hold, and sends nobody to fill the frosty pouch again.
    await page.goto('/print/errands')
    const list = page.getByRole('main')
    await expect(list).toContainText(/57 hours above 30 °C/)
    await expect(list).not.toContainText(/Top up: Reliever inhaler 100 µg.{0,40}Pannier/)
  })

  test('a week is chosen by keys, the year reads as a table, and what is no file of a logger is refused', async ({
    page,
  }) => {
    await open(page, '/exposure')
    const week = page.getByRole('slider', { name: 'Week' })
    const first = await week.getAttribute('aria-valuetext')
    await week.focus()
    await page.keyboard.press('ArrowLeft')
    await expect(week).not.toHaveAttribute('aria-valuetext', first ?? '')
    await page.getByText('The same as a table').click()
    await expect(page.getByRole('table').getByRole('row')).toHaveCount(14)
    await page.getByRole('button', { name: 'Import a logger’s file' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByRole('button', { name: 'Import these readings' }).click()
    await expect(dialog.getByText('Choose a file with readings first.')).toBeVisible()
    await dialog.getByLabel('Choose the file').setInputFiles({
      name: 'words.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from('only words\nand more words'),
    })
    await expect(dialog.getByText(/No column with a day and a time of day was found/)).toBeVisible()
    await expectAccessible(page)
  })

  test('on a phone nothing is cut off', async ({ page }) => {
    await page.setViewportSize(PHONE)
    await open(page, '/exposure')
    await expectFits(page)
    await expectAccessible(page)
  })
})

test.describe('a small household', () => {
  test.use({ stock: 'two places' })

  test('says how cold it gets, sees what is to come, and notes what a thermometer kept', async ({
    page,
  }) => {
    await open(page, '/exposure')
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Nobody has said how warm')
    const year = page.getByRole('region', { name: /^How cold and how hot it gets at/ })
    await year.getByRole('button', { name: 'Save the year' }).click()
    await expect(year.getByText('Give whole degrees from −60 to 60.').first()).toBeVisible()
    await year.getByLabel('Its mean in °C').first().fill('-4')
    await year.getByLabel('Its mean in °C').last().fill('16')
    await year.getByRole('button', { name: 'Save the year' }).click()
    await expect(said(page)).toContainText('noted')
    await page.getByRole('button', { name: 'Note a lowest and a highest' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Lowest, °C').fill('4')
    await dialog.getByLabel('Highest, °C').fill('2')
    await dialog.getByRole('button', { name: 'Note them' }).click()
    await expect(dialog.getByText('The lowest is not above the highest.')).toBeVisible()
    await dialog.getByLabel('Highest, °C').fill('21')
    await dialog.getByRole('button', { name: 'Note them' }).click()
    await expect(said(page)).toContainText('Noted')
    await expect(page.getByRole('listitem').filter({ hasText: /^Typed, / })).toHaveCount(1)
    await expectAccessible(page)
  })
})
