/** Job 2: signing in, out, and making an account. */
import { randomUUID } from 'node:crypto'
import { expect, expectAccessible, open, PHONE, said, test, usable } from './support/test'

test.use({ stock: 'nothing' })

test.describe('without a session', () => {
  test.beforeEach(({ context }) => context.clearCookies())

  test('every page leads to signing in, and back to where one wanted to go', async ({
    page,
    account,
  }) => {
    for (const path of [
      '/',
      '/kits',
      '/restock',
      '/bring-in',
      '/print',
      '/household',
      `/kits/${randomUUID()}`,
      `/kits/${randomUUID()}/sheet`,
    ]) {
      await page.goto(path)
      await expect(page).toHaveURL(/\/sign-in/)
    }
    await open(page, '/restock')
    await page.getByLabel('E-mail').fill(account.email)
    await page.getByLabel('Password', { exact: true }).fill('not the password')
    await page.getByRole('button', { name: 'Sign in', exact: true }).click()
    await expect(page.getByRole('alert')).toHaveText(
      'E-mail or password is not right. Check both and try again.',
    )
    await expect(page.getByLabel('E-mail')).toHaveValue(account.email)
    await page.getByLabel('Password', { exact: true }).fill(account.password)
    await page.getByLabel('Password', { exact: true }).press('Enter')
    await expect(page).toHaveURL(/\/restock$/)
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Nothing on the list')
  })

  test('the demo opens with one button, on a phone too', async ({ page }) => {
    await page.setViewportSize(PHONE)
    await open(page, '/sign-in')
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Open the demo household' }).click()
    const places = page.getByRole('navigation', { name: 'Places' })
    await expect(places.getByRole('link', { name: /ready: / })).toHaveCount(4)
  })

  test('a new account has an empty household, and signing out ends it', async ({
    page,
    context,
  }) => {
    await open(page, '/sign-in')
    await page.getByRole('button', { name: 'New here? Make an account' }).click()
    await page.getByLabel('Your name').fill('Nadia')
    await page.getByLabel('E-mail').fill(`${randomUUID()}@example.invalid`)
    await page.getByLabel('Password', { exact: true }).fill('short')
    await page.getByRole('button', { name: 'Make an account', exact: true }).click()
    await expect(page.getByRole('alert')).toHaveText('Use ten characters or more for the password.')
    await page.getByLabel('Password', { exact: true }).fill('ten letters and more')
    await page.getByRole('button', { name: 'Make an account', exact: true }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('First steps')
    await expectAccessible(page)
    // They can be left: Today says what to do first, and every screen has the next step.
    await open(page, '/')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Nothing is kept here yet')
    await expect(page.getByRole('link', { name: 'Take the first steps' })).toBeVisible()
    await open(page, '/begin')
    await page.getByRole('button', { name: 'Put the first steps away' }).click()
    await expect(page.getByRole('button', { name: 'Take the first steps up again' })).toBeVisible()
    await open(page, '/kits')
    await expect(page.getByText(/^First steps: /)).toHaveCount(0)
    const cookies = await context.cookies()
    const cookie = cookies.find(({ name }) => name.endsWith('session_token'))
    expect(cookie?.httpOnly).toBe(true)
    await open(page, '/household')
    await expect(page.getByText('You are signed in as Nadia.')).toBeVisible()
    await page.getByRole('button', { name: 'Sign out' }).click()
    await expect(page).toHaveURL(/\/sign-in/)
    await page.goto('/kits')
    await expect(page).toHaveURL(/\/sign-in/)
  })
})

test('the account: name, password, codes to get in again, and devices, by keyboard', async ({
  page,
  account,
  browser,
  baseURL,
}) => {
  const phone = await browser.newContext({ baseURL: baseURL ?? '', locale: 'en-GB' })
  const onPhone = await phone.newPage()
  await open(onPhone, '/sign-in')
  await onPhone.getByLabel('E-mail').fill(account.email)
  await onPhone.getByLabel('Password', { exact: true }).fill(account.password)
  await onPhone.keyboard.press('Enter')
  await expect(onPhone).toHaveURL(/\/$/)

  await open(page, '/household')
  await page.getByRole('link', { name: 'Account and devices' }).click()
  await usable(page)
  await expectAccessible(page)
  const part = (name: string) => page.getByRole('region', { name })
  await expect(part('Signed in on').getByRole('listitem')).toHaveCount(2)

  const names = part('Name and e-mail')
  await names.getByLabel('Your name').fill('Ilse M.')
  await names.getByLabel('Your name').press('Enter')
  await expect(names.getByRole('status')).toHaveText('From now on acts are signed “Ilse M.”.')

  const password = part('Password')
  const change = async (old: string, next: string) => {
    await password.getByLabel('Password now').fill(old)
    await password.getByLabel('New password').fill(next)
    await password.getByLabel('New password').press('Enter')
  }
  await change('not it at all', 'four grey geese over')
  await expect(password.getByRole('alert')).toHaveText(
    'Type the password that you sign in with now.',
  )
  await change(account.password, 'qwertyuiop')
  await expect(password.getByRole('alert')).toContainText('Too many people use this password')
  await expect(password.getByLabel('New password')).toHaveValue('qwertyuiop')
  await change(account.password, 'four grey geese over')
  await expect(password.getByRole('status')).toHaveText(
    'Your password is changed, and one other device was signed out.',
  )
  await onPhone.goto('/kits')
  await expect(onPhone).toHaveURL(/\/sign-in/)

  const codes = part('Recovery codes')
  await codes.getByLabel('Password now').fill('four grey geese over')
  await codes.getByLabel('Password now').press('Enter')
  await expect(codes.getByRole('listitem')).toHaveCount(10)
  const code = (await codes.getByRole('listitem').first().textContent()) ?? ''
  await page.setViewportSize(PHONE)
  await expectAccessible(page)
  await codes.getByRole('button', { name: 'I have them' }).click()
  await expect(codes).toContainText('10 codes are left.')

  await usable(onPhone)
  await onPhone.getByRole('button', { name: 'I cannot get in' }).click()
  await expectAccessible(onPhone)
  await onPhone.getByLabel('The e-mail you sign in with').fill(account.email)
  await onPhone.getByLabel('Recovery code').fill(code.toLowerCase())
  await onPhone.getByLabel('New password').fill('three red hens under')
  await onPhone.getByRole('button', { name: 'Set the password and sign in' }).click()
  await expect(onPhone).toHaveURL(/\/kits$/)
  await page.goto('/kits')
  await expect(page).toHaveURL(/\/sign-in/)
  await phone.close()
})

test('the demo’s account says that it is everybody’s', async ({ page, context }) => {
  await context.clearCookies()
  await open(page, '/sign-in')
  await page.getByRole('button', { name: 'Open the demo household' }).click()
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible()
  await open(page, '/account')
  await expect(page.getByText('This is the demo’s account.', { exact: false })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Password' })).toHaveCount(0)
})

test('the household, its members and its visits are kept', async ({ page }) => {
  await open(page, '/kits')
  await page.getByRole('button', { name: 'Add a place' }).click()
  await page.getByRole('dialog').getByLabel('Name').fill('Boat')
  await page.getByRole('dialog').getByRole('button', { name: 'Add' }).click()
  await expect(page.getByRole('heading', { name: /Boat/ })).toBeVisible()
  await open(page, '/household')
  await page
    .getByRole('region', { name: 'People and animals' })
    .getByRole('button', { name: 'Add', exact: true })
    .click()
  const form = page.getByRole('form', { name: 'Add a member' })
  await form.getByLabel('Name').fill('<b>Ned</b>')
  await form.getByLabel('Born').fill('2019-03-04')
  await form.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByText('<b>Ned</b>', { exact: true })).toBeVisible()
  await expect(page.getByText('person · 7 years')).toBeVisible()
  await page.getByRole('button', { name: 'Add a visit: Boat' }).click()
  await page.getByLabel('From').fill('2027-05-01')
  await page.getByLabel('To', { exact: true }).fill('1 April 2027')
  await page.keyboard.press('Tab')
  await expect(page.getByText('A visit ends on or after the day it starts')).toBeVisible()
  await page.getByLabel('To', { exact: true }).fill('3/5/27')
  await page
    .getByRole('form', { name: 'Add a visit: Boat' })
    .getByRole('button', { name: 'Add' })
    .click()
  await expect(page.getByText('1 May 2027 – 3 May 2027')).toBeVisible()
  await open(page, '/settings')
  const settings = page.getByRole('region', { name: 'Checks' })
  await settings.getByLabel('Warn me so many days ahead').fill('0')
  await settings.getByRole('button', { name: 'Save' }).click()
  await expect(settings.getByText('Look at the fields that are marked.')).toBeVisible()
  await settings.getByLabel('Warn me so many days ahead').fill('60')
  await settings.getByRole('button', { name: 'Save' }).click()
  await expect(said(page)).toContainText('Settings saved')
  await page.reload()
  await expect(settings.getByLabel('Warn me so many days ahead')).toHaveValue('60')
  // A new country offers what follows from it; nothing changes before that is saved.
  const where = page.getByRole('region', { name: 'Country and numbers to call' })
  await where.getByRole('combobox', { name: 'Country' }).fill('United S')
  await page.getByRole('option', { name: 'United States' }).click()
  await expect(where).toContainText('Usual there: money in USD, US units')
  // The household's own numbers stay its own, and are seen to.
  await expect(where).toContainText('Shown: 555-0100')
  await expect(where.getByRole('combobox', { name: 'Currency' })).toHaveValue('EUR')
  await where.getByRole('button', { name: 'Change these too' }).click()
  await expect(where.getByRole('combobox', { name: 'Currency' })).toHaveValue('USD')
  await where.getByRole('button', { name: 'Save' }).click()
  await expect(where.getByRole('button', { name: 'Change these too' })).toHaveCount(0)
  await expectAccessible(page)
  await open(page, '/household')
  await expect(page.getByText('Ilse changed the household').first()).toBeVisible()
  await page.getByRole('button', { name: 'Undo: Ilse added a member' }).click()
  await expect(page.getByText('Nobody is here yet.')).toBeVisible()
})
