/** The first hour: from making an account to the lid sheet, by touch and by keyboard. */
import { randomUUID } from 'node:crypto'
import type { Page } from '@playwright/test'
import { byKeyboard, byTouch, type Hand } from './support/hand'
import { expect, open, PHONE, test } from './support/test'

test.use({ stock: 'nothing', timezoneId: 'Europe/Oslo', locale: 'en-GB' })

/** From sign-up to the lid sheet; fields are not counted. */
const MOST_PRESSES = 24

const FAMILY = [
  { name: 'Ada', species: 'person', born: '01/05/1986', kg: '64' },
  { name: 'Bo', species: 'person', born: '14/09/1984', kg: '81' },
  { name: 'Cleo', species: 'person', born: '20/03/2019', kg: '25' },
  { name: 'Dag', species: 'person', born: '02/06/2026', kg: '6.8' },
  { name: 'Fenna', species: 'dog', born: '11/11/2020', kg: '14' },
] as const

const control = (page: Page, name: string | RegExp) =>
  page
    .getByRole('main')
    .getByRole('button', { name, exact: typeof name === 'string' })
    .or(page.getByRole('main').getByRole('link', { name, exact: typeof name === 'string' }))
    .first()

async function fillMember(
  page: Page,
  member: (typeof FAMILY)[number],
  { choose }: Hand,
): Promise<void> {
  const form = page.getByRole('form', { name: 'Add a member' })
  await expect(form.getByLabel('Name')).toHaveValue('')
  await form.getByLabel('Name').fill(member.name)
  if (member.species !== 'person')
    await choose(form.getByRole('combobox', { name: 'Person or animal' }), member.species)
  await form.getByRole('textbox', { name: 'Born' }).fill(member.born)
  await form.getByLabel('Weight in kg, if known').fill(member.kg)
}

async function firstHour(page: Page, hand: Hand): Promise<void> {
  const { presses } = hand
  const press = (name: string | RegExp) => hand.press(control(page, name))
  await press('New here? Make an account')
  await page.getByLabel('Your name').fill('Ada')
  await page.getByLabel('E-mail').fill(`${randomUUID()}@example.invalid`)
  await page.getByLabel('Password', { exact: true }).fill('ten letters and more')
  await press('Make an account')

  await expect(page).toHaveURL(/\/begin$/)
  await expect(page.getByText('Your device seems to be in Norway.')).toBeVisible()
  await press('Use what is usual in Norway')

  for (const member of FAMILY) {
    await fillMember(page, member, hand)
    await press('None of the three')
    await press(member === FAMILY.at(-1) ? 'That is everybody' : 'Add, then the next one')
    await expect(page.getByText(`${member.name} added`).first()).toBeVisible()
  }

  const places = page.getByRole('form', { name: 'Where do you keep kits?' })
  await places.getByLabel('Name').fill('Home')
  await places.getByLabel('Minutes to a clinic').fill('12')
  await press('Add this place')
  await expect(places.getByLabel('Name')).toHaveValue('')
  await places.getByLabel('Name').fill('Car')
  await press('Those are all places')

  await expect(page.getByLabel('Name')).toHaveValue('Home kit')
  await press('Add this kit')
  await expect(page.getByLabel('Name')).toHaveValue('Car kit')
  await press('Add this kit')

  await press(/^Take all \d+: Home$/)
  await expect(page.getByText(/^Home: \d+ things belong here\.$/)).toBeVisible()
  await press(/^Take all \d+: Car$/)
  await expect(page.getByText(/^Car: \d+ things belong here\.$/)).toBeVisible()
  await press('Next')
  await press('Skip for now')
  await press('See and print it: Home kit')
  await expect(page).toHaveURL(/\/sheet$/)
  await expect(page.getByText('113').first()).toBeVisible()
  expect(presses()).toBeLessThanOrEqual(MOST_PRESSES)
}

test.describe('without an account', () => {
  test.beforeEach(({ context }) => context.clearCookies())

  test.describe('by touch', () => {
    test.use({ hasTouch: true, viewport: PHONE })
    test('a family with a dog is set up, from the account to the lid sheet', async ({ page }) => {
      await open(page, '/sign-in')
      await firstHour(page, byTouch(page))
    })
  })

  test('the same by keyboard alone', async ({ page }) => {
    await open(page, '/sign-in')
    await firstHour(page, byKeyboard(page))
  })
})
