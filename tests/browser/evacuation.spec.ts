/** Leaving the house with ten minutes to go, and a kit that goes to school in a bag. */
import type { Page } from '@playwright/test'
import { readHousehold } from '../../src/app/household/householdActs'
import { createKit } from '../../src/app/kits/kitActs'
import { readKit, readKits } from '../../src/app/kits/readKits'
import { createPlace } from '../../src/app/places/placeActs'
import { moveLot } from '../../src/app/stock/lotActs'
import { readStockList } from '../../src/app/stock/readStockList'
import type { MemberId, PlaceId } from '../../src/core/ids'
import { type Account, world } from './support/account'
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

const heading = (page: Page) => page.getByRole('heading', { level: 1 })
const region = (page: Page, name: string) => page.getByRole('region', { name, exact: true })

test.use({ stock: 'demo' })

test('ten minutes to leave at night, with five people and three animals', async ({ page }) => {
  await open(page, '/household')
  await page.getByRole('link', { name: 'Leaving the house' }).first().click()
  await usable(page)
  // Grete is a guest: tonight she is not there.
  const grete = page.getByRole('checkbox', { name: 'Grete' })
  if (await grete.isChecked()) await grete.click()
  await page.getByRole('radio', { name: 'At night' }).check()
  await expect(heading(page)).toHaveText(/^Five people and three animals can be away in /)
  await expect(page.getByText('out now, with nothing')).toBeVisible()
  // The one that hides is shut in first, by name and place.
  const steps = region(page, 'Who does what')
  await expect(steps.getByText('Shut Moth in: behind the bath')).toBeVisible()
  await expect(steps.getByText('0:00–0:45')).toBeVisible()
  await expectAccessible(page)
  await expectFits(page)
  // Two animals, one carrier: it is missing, in what is.
  await expect(region(page, 'What is missing')).toContainText('A carrier each: 1 of 2 missing')
  await expect(region(page, 'Who rides where')).toContainText('Ilse drives')
  // What nobody has said is answered where it is asked.
  const asks = region(page, 'Not said yet')
  await asks.getByRole('button', { name: 'Yes: Does Tove drive?' }).click()
  await expect(said(page)).toContainText('Noted for Tove')
  await expect(asks.getByText('Does Tove drive?')).toHaveCount(0)
  await asks.getByRole('button', { name: 'Yes: Does Pip hide when there is noise?' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Where it hides, and where it can be shut in').fill('cage in the kitchen')
  await expectAccessible(page)
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(steps.getByText('Shut Pip in: cage in the kitchen')).toBeVisible()
  // The car is in the workshop: there is no driver, and hands are counted.
  await page.getByRole('button', { name: 'Change what fits in: Estate car' }).click()
  await dialog.getByLabel(/in the workshop/).check()
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(region(page, 'What is missing')).toContainText('Nobody at home is known to drive')
  await page.getByRole('radio', { name: 'On foot' }).check()
  await expect(region(page, 'Who rides where')).toContainText('Everybody walks.')
  // The address keeps what was asked.
  await page.reload()
  await usable(page)
  await expect(page.getByRole('radio', { name: 'On foot' })).toBeChecked()
  await expect(page.getByRole('checkbox', { name: 'Grete' })).not.toBeChecked()
})

test('by keyboard: the plan is written, only the teenager is home, and it is rehearsed', async ({
  page,
}) => {
  await open(page, '/evacuation')
  await page.getByRole('button', { name: 'Change the plan' }).press('Enter')
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Add a place' }).press('Enter')
  const third = dialog.getByRole('group', { name: 'Place 3' })
  await third.getByLabel('Phone').fill('555-0188')
  await dialog.getByLabel('Days of water').fill('2')
  await dialog.getByRole('button', { name: 'Save the plan' }).press('Enter')
  await expect(dialog.getByText('Give 3 to 14 days')).toBeVisible()
  await expect(dialog.getByText('Give it a name')).toBeVisible()
  await third.getByLabel('Name', { exact: true }).fill('Campsite')
  await dialog.getByLabel('Days of water').fill('4')
  await dialog.getByRole('button', { name: 'Save the plan' }).press('Enter')
  await expect(region(page, 'Where to')).toContainText('Campsite')
  await expect(page.getByText('for four days')).toBeVisible()
  for (const name of ['Grete', 'Ilse', 'Tove', 'Runa'])
    if (await page.getByRole('checkbox', { name }).isChecked())
      await page.getByRole('checkbox', { name }).press('Space')
  await expect(region(page, 'What is missing')).toContainText('Nobody at home is known to drive')
  await expect(region(page, 'Arlo').getByRole('listitem').first()).toBeVisible()
  await page.getByRole('button', { name: 'Rehearse with a clock' }).press('Enter')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Start the clock' }).press('Enter')
  const first = page.getByRole('button', { name: /^Done: / }).first()
  await first.press('Enter')
  await expect(first).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'Everybody is out' }).press('Enter')
  await page.getByRole('button', { name: 'Keep these times' }).press('Enter')
  await expect(said(page)).toContainText('The plan goes by these times now')
  await expect(page.getByText(/^rehearsed /)).toBeVisible()
  await open(page, '/household')
  await expect(page.getByText('rehearsed leaving the house').first()).toBeVisible()
})

test('on the phone nothing is cut off; the sheet and the page for a lost animal print', async ({
  page,
}) => {
  await page.setViewportSize(PHONE)
  await open(page, '/evacuation')
  await expectAccessible(page)
  await expectFits(page)
  await open(page, '/evacuation/sheet')
  await expect(page.getByText('Shut Moth in: behind the bath').first()).toBeVisible()
  await expect(page.getByText('555-0163').first()).toBeVisible()
  const pages = await page.pdf({ format: 'A4' })
  expect(pages.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(2)
  await open(page, '/household')
  await page.getByRole('link', { name: 'Moth' }).first().click()
  await usable(page)
  await page.getByRole('link', { name: 'Page for a lost animal' }).click()
  await usable(page)
  await expect(heading(page)).toHaveText('Lost: Moth')
  await page.getByLabel('Your phone number').fill('555-0101')
  await expect(page.getByText('If you see it, call: 555-0101')).toBeVisible()
  // No address stands on what is sent.
  await expect(page.getByText('Orchard Rise')).toHaveCount(0)
  await expectAccessible(page)
})

/** A school, an empty school bag, and what Ned needs in an attack lying in it. */
async function schoolBag({ caller }: Account) {
  const key = () => crypto.randomUUID()
  const { members, places } = await readHousehold(world(), caller)
  const ned = members.find(({ name }) => name === 'Ned')
  const house = places.find(({ name }) => name === 'Row house')
  if (!ned || !house) throw new Error('Ned lives in the row house')
  const { placeId } = await createPlace(world(), caller, {
    key: key(),
    name: 'School',
    rhythm: { kind: 'weekdays', days: [1, 2, 3, 4, 5] },
    minutesToHelp: 15,
    note: '',
    traits: [],
    usuallyThere: [ned.id as MemberId],
  })
  const { kitId } = await createKit(world(), caller, {
    key: key(),
    placeId: house.id as PlaceId,
    name: 'School bag',
    note: '',
    pockets: ['Front'],
  })
  const { pockets } = await readKit(world(), caller, kitId)
  const [front] = pockets
  const { rows } = await readStockList(world(), caller)
  const needed = rows.filter(({ title }) => /^(Reliever inhaler|Spacer)/.test(title))
  if (!front || needed.length < 2) throw new Error('The demo has an inhaler and a spacer')
  for (const { lotId, pocketId, amount, version } of needed)
    await moveLot(world(), caller, {
      key: key(),
      lotId,
      pocketId,
      amount,
      seenVersion: version,
      to: front.id,
    })
  return { placeId, kitId }
}

test('a school day: what is in the bag covers Ned at school and at home, and nobody else', async ({
  page,
  account,
}) => {
  const { placeId, kitId } = await schoolBag(account)
  const attack = (who: string) => page.getByRole('button', { name: `Asthma attack, ${who}` })
  await open(page, `/cover?at=${placeId}`)
  await expect(attack('Ned: nothing')).toBeVisible()
  await open(page, `/kits/${kitId}`)
  await page.getByRole('button', { name: 'Change kit' }).press('Enter')
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('combobox', { name: 'Who carries it' }).click()
  await page.getByRole('option', { name: 'Ned' }).click()
  await dialog.getByRole('combobox', { name: 'Only to' }).click()
  await page.getByRole('option', { name: 'School' }).click()
  await page.getByRole('option', { name: 'Row house' }).click()
  await page.keyboard.press('Escape')
  await expectAccessible(page)
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText(/goes with Ned: .*School/)).toBeVisible()
  await open(page, '/kits')
  await expect(page.getByRole('link', { name: /School bag/ })).toContainText('with Ned')
  await open(page, `/cover?at=${placeId}`)
  await expect(attack('Ned: plan B')).toBeVisible()
  await open(page, '/cover')
  await expect(attack('Ned: plan B')).toBeVisible()
  // It has happened at school: what he carries is told with whom it is.
  await open(page, '/incident')
  await page.getByRole('button', { name: /^Ned/ }).click()
  await page.getByRole('button', { name: 'Choking or breathing badly' }).click()
  await page.getByRole('button', { name: 'What can I use?' }).click()
  await expect(page.getByText(/with Ned/).first()).toBeVisible()
})

test('a kit is taken along with one press on a name, and put back', async ({ page, account }) => {
  const { kits } = await readKits(world(), account.caller)
  const pouch = kits.find(({ name }) => name === 'Boot bag')
  await page.setViewportSize(PHONE)
  await open(page, `/kits/${pouch?.id}`)
  await page.getByRole('button', { name: 'Take it along' }).click()
  await expectAccessible(page)
  await page.getByRole('dialog').getByRole('button', { name: 'Tove' }).click()
  await expect(said(page)).toContainText('Boot bag goes with Tove')
  await expect(page.getByText(/with Tove since/)).toBeVisible()
  await expectFits(page)
  await page.getByRole('button', { name: 'Put it back: Estate car' }).click()
  await expect(said(page)).toContainText('Boot bag is back: Estate car')
  await expect(page.getByRole('button', { name: 'Take it along' })).toBeVisible()
})
