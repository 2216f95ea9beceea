/** Kits as they are kept: a kit is made, laid out, filled and lived with; the stock, the record and the review. */
import type { Page } from '@playwright/test'
import { readKits } from '../../src/app/kits/readKits'
import { world } from './support/account'
import { expect, expectAccessible, open, said, test } from './support/test'

const panel = (page: Page) => page.getByRole('complementary')
const pocket = (page: Page, name: string) => page.getByRole('region', { name, exact: true })
const undo = (page: Page) =>
  page.getByRole('status').getByRole('button', { name: 'Undo' }).last().click()

/** Puts a known thing into a pocket, as somebody unpacks their shopping. */
async function putIn(page: Page, into: string, what: string, count: string, date = 'none') {
  await page.getByRole('button', { name: `Add to ${into}` }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('What is it').fill(what)
  await dialog.getByLabel('How many', { exact: true }).fill(count)
  await dialog.getByLabel('Printed date').fill(date)
  await dialog.getByRole('button', { name: 'Put in' }).click()
  await expect(dialog).toHaveCount(0)
  await expect(pocket(page, into)).toContainText(what)
}

test('a new kit is laid out, filled, lived with and read back as it was', async ({ page }) => {
  await open(page, '/kits')
  await page.getByRole('button', { name: 'Add a kit' }).click()
  const adding = page.getByRole('dialog')
  await adding.getByLabel('Name').fill('Walking bag')
  await adding.getByText('Soft bag').click()
  await expectAccessible(page)
  await adding.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Walking bag')
  await expect(page.getByRole('region', { name: 'Main room' })).toBeVisible()
  await expect(page.getByText('780 g')).toBeVisible()

  // Laid out by keys and by pulling; a step is taken back.
  await page.getByRole('button', { name: 'Lay out pockets' }).click()
  const lid = page.getByRole('button', { name: /^Lid net.*column 1, row 2/ })
  await lid.focus()
  await page.keyboard.press('ArrowUp')
  await expect(
    page.getByRole('button', { name: /^Lid net.*column 1, row 1, 4 wide/ }),
  ).toBeVisible()
  await page.keyboard.press('Shift+ArrowRight')
  await expect(
    page.getByRole('button', { name: /^Lid net.*column 1, row 1, 5 wide/ }),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Undo a step' }).click()
  const right = page.getByRole('button', { name: /^Right side/ })
  const from = await right.boundingBox()
  if (!from) throw new Error('Right side is not drawn')
  await page.mouse.move(from.x + 20, from.y + 20)
  await page.mouse.down()
  await page.mouse.move(from.x - 380, from.y + 160, { steps: 8 })
  await page.mouse.up()
  await expect(right).not.toHaveAccessibleName(/column 9, row 1/)
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Save this layout' }).click()
  await expect(said(page)).toContainText(/saved|added|removed/)

  // Filled.
  await putIn(page, 'Main room', 'Windlass tourniquet', '1')
  await putIn(page, 'Main room', 'Tick tweezers', '2')
  await putIn(page, 'Front pocket', 'Acetaminophen 500 mg', '12', '05/2028')
  await putIn(page, 'Left side', 'Eye drops, lubricating 10 mL', '2', '09/2028')
  await expect(panel(page)).toContainText('needed within the first minute')
  await expect(panel(page)).toContainText('Windlass tourniquet')

  // Opened: one of two parts from the other, because it runs on another clock.
  await pocket(page, 'Left side').locator('[data-tag]').first().click()
  await page.keyboard.press('o')
  await page.getByRole('button', { name: 'Open', exact: true }).last().click()
  await expect(pocket(page, 'Left side').locator('[data-tag]')).toHaveCount(2)
  await expect(pocket(page, 'Left side')).toContainText('opened')

  // Lent, and back with one of two.
  await pocket(page, 'Main room').locator('[data-tag]').filter({ hasText: 'Tick tweezers' }).click()
  await page.keyboard.press('l')
  await page.getByLabel('How many', { exact: true }).fill('2')
  await page.getByLabel('To whom').fill('the neighbours')
  await page.getByRole('button', { name: 'Lend', exact: true }).click()
  await expect(pocket(page, 'Main room')).toContainText('lent to the neighbours')
  await page.keyboard.press('b')
  await page.getByLabel('How many came back').fill('1')
  await page.getByRole('button', { name: 'Back', exact: true }).click()
  await expect(pocket(page, 'Main room')).not.toContainText('lent to')
  await expect(panel(page)).toContainText('noted it as back')

  // Used and cleaned: it does not count in between.
  await page.keyboard.press('u')
  await page.getByRole('button', { name: 'Used', exact: true }).click()
  await expect(pocket(page, 'Main room')).toContainText('to be cleaned')
  await page.keyboard.press('k')
  await expect(pocket(page, 'Main room')).not.toContainText('to be cleaned')

  // Decanted: a medicine takes its directions along.
  await pocket(page, 'Front pocket').locator('[data-tag]').first().click()
  await page.keyboard.press('d')
  await page.getByLabel('How many', { exact: true }).fill('4')
  await page.getByRole('combobox', { name: 'To which pocket' }).click()
  await page.getByRole('option', { name: /^Lid net/ }).click()
  await page.getByRole('button', { name: 'Decant', exact: true }).click()
  await expect(page.getByLabel('Directions')).toBeFocused()
  await expect(panel(page)).toContainText('This is still missing.')
  await page.getByLabel('Directions').fill('Label: two tablets, six hours apart')
  await expect(panel(page)).toContainText('Write on the new container')
  await page.getByRole('button', { name: 'Decant', exact: true }).click()
  await expect(pocket(page, 'Lid net')).toContainText('Acetaminophen 500 mg')
  await pocket(page, 'Lid net').locator('[data-tag]').first().click()
  await expect(panel(page)).toContainText('Label: two tablets, six hours apart')
  await expectAccessible(page)

  // Thrown away safely, and taken back.
  await page.keyboard.press('x')
  await expect(panel(page)).toContainText('Hand it in at a pharmacy')
  await page.getByRole('button', { name: 'Thrown away' }).click()
  await expect(pocket(page, 'Lid net')).toContainText('empty')
  await undo(page)
  await expect(pocket(page, 'Lid net')).toContainText('Acetaminophen 500 mg')

  // Pulled from one pocket to another.
  const tag = pocket(page, 'Main room').locator('[data-tag]').filter({ hasText: 'Windlass' })
  // What was said stands in the corner until somebody closes it or it goes.
  const closing = page.getByRole('status').getByRole('button', { name: 'Close' })
  // One that goes by itself meanwhile need not be closed.
  while ((await closing.count()) > 0)
    await closing
      .first()
      .click({ timeout: 5000 })
      .catch(() => {})
  await tag.hover()
  await page.mouse.down()
  const to = await pocket(page, 'Front pocket').boundingBox()
  if (!to) throw new Error('Front pocket is not drawn')
  await page.mouse.move(to.x + to.width / 2, to.y + to.height - 12, { steps: 10 })
  await page.mouse.up()
  await expect(pocket(page, 'Front pocket')).toContainText('Windlass tourniquet')
  await undo(page)
  await expect(pocket(page, 'Main room')).toContainText('Windlass tourniquet')

  // Arranged by the application: the keeper takes what they like of it.
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Arrange for me' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('better kept elsewhere')
  await expect(page.getByText('No layout is better.')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'None', exact: true }).click()
  await page.getByRole('checkbox', { name: /Windlass tourniquet/ }).check()
  await page.getByRole('button', { name: 'Move this one' }).click()
  await expect(pocket(page, 'Main room')).not.toContainText('Windlass tourniquet')

  // As it was: not yet there in March, there today.
  await open(page, '/record')
  await expect(page.getByText('lent it to the neighbours')).toBeVisible()
  await page.getByRole('button', { name: 'As it was on a day' }).click()
  await expect(page.getByRole('region', { name: 'Row house' })).toContainText('Walking bag')
  await page.getByLabel('On the evening of').fill('2026-03-03')
  await expect(page.getByRole('heading', { level: 2 })).toContainText('3 Mar 2026')
  await expect(page.getByRole('region', { name: 'Row house' })).not.toContainText('Walking bag')
  await expect(page.getByRole('region', { name: 'Estate car' })).toContainText('Pressure dressing')
  await page.getByLabel('On the evening of').fill('1.1.2027')
  await page.keyboard.press('Tab')
  await expect(page.getByText('No later than 26 Nov 2026.')).toBeVisible()
})

test('the stock is found, grouped, kept as a view and acted on together', async ({
  page,
  browser,
  account,
  baseURL,
}) => {
  await open(page, '/stock')
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/\d+ things/)
  await page.getByLabel('Words').fill('acetaminophen')
  await page.getByRole('combobox', { name: 'Group by' }).click()
  await page.getByRole('option', { name: 'place' }).click()
  await expect(page.getByRole('rowheader', { name: /Estate car/ })).toBeVisible()
  await page.getByRole('button', { name: 'Save this view' }).click()
  await page.getByLabel('Name of the view').fill('Fever things')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Fever things', exact: true })).toBeVisible()

  const chosen = page.getByRole('region', { name: /chosen/ })
  await page.getByRole('checkbox', { name: 'Choose all shown' }).check()
  await expectAccessible(page)
  // Meanwhile somebody else looks into the same pockets.
  const other = await browser.newContext()
  await other.addCookies([{ ...account.cookie, url: baseURL ?? '' }])
  const elsewhere = await other.newPage()
  await open(elsewhere, '/stock')
  await elsewhere.getByRole('button', { name: 'Fever things', exact: true }).click()
  await elsewhere.getByRole('checkbox', { name: /Choose Acetaminophen 500 mg, Boot bag/ }).check()
  await elsewhere.getByRole('button', { name: 'Confirm counts' }).click()
  await expect(said(elsewhere)).toContainText('one thing confirmed')
  await other.close()

  // What happened meanwhile is said, and settled with one press.
  await chosen.getByRole('button', { name: 'Put on hold' }).click()
  await chosen.getByLabel('Waits for').fill('the recall')
  await chosen.getByRole('button', { name: 'Put on hold' }).click()
  await expect(said(page)).toContainText('One of them has been changed since you looked')
  await said(page).getByRole('button', { name: 'Try again' }).click()
  await expect(said(page)).toContainText('on hold')
  await expect(page.getByRole('cell', { name: 'on hold: the recall' }).first()).toBeVisible()
  await undo(page)
  await expect(page.getByRole('cell', { name: 'on hold: the recall' })).toHaveCount(0)

  await page.getByRole('button', { name: 'Show all' }).click()
  await page.getByRole('button', { name: 'Sure', exact: true }).click()
  await expect(page.getByRole('columnheader', { name: /Sure/ })).toHaveAttribute(
    'aria-sort',
    'ascending',
  )
  await page.getByLabel('Words').fill('nothing is called this')
  await expect(page.getByText('Nothing matches')).toBeVisible()
})

test('the review is answered, and says where to look next', async ({ page }) => {
  await open(page, '/review')
  await expect(page.getByRole('complementary', { name: 'Where to look next' })).toContainText(
    '% sure',
  )
  const verdicts = page.getByRole('region', { name: 'Not liked, or did not work' })
  const syrup = verdicts.getByRole('listitem').filter({ hasText: 'cough syrup' }).first()
  await syrup.getByRole('button', { name: 'Throw away', exact: true }).click()
  await expect(syrup).toContainText('Hand it in at a pharmacy')
  await syrup.getByRole('alert').getByRole('button', { name: 'Throw away' }).click()
  await expect(verdicts).not.toContainText('cough syrup')
  await page.getByRole('button', { name: 'Keep it: Itch cream' }).click()
  await expect(said(page)).toContainText('asked about again in a year')
  await expect(verdicts).toHaveCount(0)
  await undo(page)
  await expect(verdicts).toContainText('Itch cream')
})

test('a place is described, and its visits come from a calendar file', async ({
  page,
  account,
}) => {
  const { kits } = await readKits(world(), account.caller)
  expect(kits.length).toBeGreaterThan(5)
  await open(page, '/household')
  await page.getByRole('button', { name: 'Change this place: Cargo bike' }).click()
  const form = page.getByRole('dialog')
  await form.getByLabel('Minutes to a vet').fill('x')
  await page.keyboard.press('Tab')
  await expect(form).toContainText('Give whole minutes')
  await form.getByLabel('Minutes to a vet').fill('25')
  await form.getByRole('combobox', { name: 'When somebody is there' }).click()
  await page.getByRole('option', { name: 'On some days, in a season' }).click()
  await form.getByLabel('Sat').check()
  await expectAccessible(page)
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Mon, Tue, Wed, Thu, Fri, Sat from May to September')).toBeVisible()

  const calendar = (text: string) => ({
    name: 'trips.ics',
    mimeType: 'text/calendar',
    buffer: Buffer.from(text),
  })
  const chooser = page.getByLabel('Visits to Hill cottage from a calendar').first()
  await chooser.setInputFiles(calendar('hello'))
  const reading = page.getByRole('region', { name: 'Visits to Hill cottage from a calendar' })
  await expect(reading).toContainText('This is not a calendar file')
  // A rule that never comes to a day: the screen goes on, and says so.
  const never = [
    'BEGIN:VCALENDAR',
    'BEGIN:VEVENT',
    'DTSTART;VALUE=DATE:20260101',
    'RRULE:FREQ=DAILY;BYMONTH=2;BYMONTHDAY=30',
    'END:VEVENT',
    'END:VCALENDAR',
  ].join('\r\n')
  await chooser.setInputFiles(calendar(never))
  await expect(reading).toContainText('Reading the calendar')
  await expect(page.getByRole('button', { name: 'Sign out' })).toBeEnabled()
  await expect(reading).toContainText('repeats on a day that never comes')
  await chooser.setInputFiles(
    calendar(
      [
        'BEGIN:VCALENDAR',
        'VERSION:2.0',
        'PRODID:-//test//EN',
        'BEGIN:VEVENT',
        'UID:easter',
        'DTSTAMP:20261101T000000Z',
        'DTSTART;VALUE=DATE:20270326',
        'DTEND;VALUE=DATE:20270330',
        'SUMMARY:Easter at the cottage',
        'END:VEVENT',
        'END:VCALENDAR',
      ].join('\r\n'),
    ),
  )
  await expect(reading).toContainText('26 Mar 2027 – 29 Mar 2027 Easter at the cottage')
  await reading.getByRole('button', { name: 'Add this visit' }).click()
  await expect(said(page)).toContainText('1 added')
  await expect(reading).toHaveCount(0)
  await expect(page.getByText('Easter at the cottage')).toBeVisible()
  const file = await page.request.get('/api/calendar.ics')
  expect(await file.text()).toContain('Hill cottage: Easter at the cottage')
})
