/** A passkey, made and used with an authenticator that the browser itself plays. */
import { expect, expectAccessible, open, test } from './support/test'

test('a passkey is made with the password, signs in without it, and is taken away', async ({
  page,
  account,
  context,
  baseURL,
}) => {
  await open(page, '/account')
  const part = page.getByRole('region', { name: 'Passkeys' })
  // An address that is a number has no name for it, and says where there is one.
  const named = (baseURL ?? '').replace('127.0.0.1', 'localhost')
  await expect(part.getByRole('link', { name: named })).toHaveAttribute('href', `${named}/account`)
  await context.addCookies([{ ...account.cookie, url: named }])

  const devtools = await context.newCDPSession(page)
  await devtools.send('WebAuthn.enable')
  const { authenticatorId } = await devtools.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      protocol: 'ctap2',
      transport: 'internal',
      hasResidentKey: true,
      hasUserVerification: true,
      isUserVerified: true,
      automaticPresenceSimulation: true,
    },
  })
  await open(page, `${named}/account`)
  await part.getByLabel('What to call it').fill('The old laptop')
  await part.getByLabel('Password now').fill('not it at all')
  await part.getByLabel('Password now').press('Enter')
  await expect(part.getByRole('alert')).toHaveText('Type the password that you sign in with now.')
  await part.getByLabel('Password now').fill(account.password)
  await part.getByLabel('Password now').press('Enter')
  await expect(part.getByRole('status')).toHaveText('“The old laptop” lets you in from now on.')
  await expect(part.getByRole('listitem')).toContainText('not used yet')
  await expectAccessible(page)

  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page).toHaveURL(/\/sign-in/)
  const asked = page.waitForRequest((request) => request.url().endsWith('/passkey-sign-in'))
  await open(page, `${named}/sign-in`)
  await page.getByRole('button', { name: 'Sign in with a passkey' }).press('Enter')
  await expect(page).toHaveURL(`${named}/`)
  await open(page, `${named}/account`)
  await expect(part.getByRole('listitem')).toContainText('last used')

  // What opened once opens nothing again, here or for a stranger.
  const answer = (await asked).postDataJSON()
  const again = await page.request.post(`${named}/api/account/passkey-sign-in`, { data: answer })
  expect([again.status(), (await again.json()).code]).toEqual([403, 'passkey_not_right'])

  await part.getByRole('button', { name: 'Remove it: The old laptop' }).press('Enter')
  await expect(part.getByRole('status')).toHaveText('“The old laptop” lets nobody in any more.')
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page).toHaveURL(/\/sign-in/)
  await open(page, `${named}/sign-in`)
  await page.getByRole('button', { name: 'Sign in with a passkey' }).press('Enter')
  await expect(page.getByRole('alert')).toContainText('It may have been removed')

  // A device that holds none: nothing is lost by having tried.
  await devtools.send('WebAuthn.clearCredentials', { authenticatorId })
  await page.getByLabel('E-mail').fill(account.email)
  await page.getByRole('button', { name: 'Sign in with a passkey' }).press('Enter')
  await expect(page.getByRole('alert')).toHaveText(
    'No passkey was shown. Try again, or use the password.',
  )
  await expect(page.getByLabel('E-mail')).toHaveValue(account.email)
})
