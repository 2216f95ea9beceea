/** Getting in, and what an account is got into by. No act on a household: none of it is recorded there. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import { givenName, typed } from './texts'

const email = typed(200)
  .refine(
    (text) => z.email().safeParse(text).success,
    'Give an e-mail address, such as you@example.org',
  )
  .transform((text) => text.toLowerCase())
/** As it was typed: blanks at its ends belong to it. */
const password = z
  .string()
  .min(1, 'Give the password')
  .max(200, 'A password has at most 200 characters')
  .refine((text) => !/\p{Cc}|\p{Surrogate}/u.test(text), 'Leave out what cannot be typed')
/** Short enough to leave room for what a household is called after its owner. */
const ownName = givenName.max(80, 'Keep the name under 80 characters')
const nothing = z.object({})

export const signUp = endpoint(
  'POST',
  '/api/account/sign-up',
  'Make an account, and be signed in',
  { door: 'open', body: z.object({ name: ownName, email, password }) },
  nothing,
)
export const signIn = endpoint(
  'POST',
  '/api/account/sign-in',
  'Sign in with a password',
  { door: 'open', body: z.object({ email, password }) },
  nothing,
)
export const openDemo = endpoint(
  'POST',
  '/api/demo-session',
  'Open the demo household',
  { door: 'open' },
  nothing,
)
export const signOut = endpoint(
  'POST',
  '/api/account/sign-out',
  'Sign out on this device',
  { door: 'open' },
  nothing,
)
export const askForLetter = endpoint(
  'POST',
  '/api/account/letter',
  'Ask for a letter with a way to set a new password; the answer is the same for every address',
  { door: 'open', body: z.object({ email }) },
  nothing,
)
export const answerLetter = endpoint(
  'POST',
  '/api/account/new-password',
  'Set a new password by the way that a letter told',
  { door: 'open', body: z.object({ token: typed(200).min(1), password }) },
  nothing,
)
export const recover = endpoint(
  'POST',
  '/api/account/recovery',
  'Get in by a recovery code, and set a new password',
  { door: 'open', body: z.object({ email, code: typed(40).min(1), password }) },
  nothing,
)

export const readAccount = endpoint(
  'GET',
  '/api/account',
  'The account, and the devices that are signed in',
  { door: 'account' },
  z.object({
    name: z.string(),
    email: z.string(),
    /** Everybody’s: it cannot be changed. */
    isDemo: z.boolean(),
    codesLeft: z.int(),
    /** When this machine last made a backup; null where it has made none, or where others do. */
    lastBackup: z.string().nullable(),
    devices: z.array(
      z.object({
        id: z.string(),
        isThis: z.boolean(),
        userAgent: z.string(),
        since: z.string(),
        lastUsed: z.string(),
      }),
    ),
  }),
)
export const renameAccount = endpoint(
  'PATCH',
  '/api/account',
  'Change the name that acts are signed with',
  { door: 'account', body: z.object({ name: ownName }) },
  nothing,
)
export const changePassword = endpoint(
  'PUT',
  '/api/account/password',
  'Change the password; every other device is signed out',
  { door: 'account', body: z.object({ old: password, next: password }) },
  z.object({ ended: z.int() }),
)
export const changeEmail = endpoint(
  'PUT',
  '/api/account/email',
  'Change the address one signs in with',
  { door: 'account', body: z.object({ password, email }) },
  nothing,
)
export const endDevice = endpoint(
  'DELETE',
  '/api/account/devices/{deviceId}',
  'Sign one device out',
  { door: 'account', params: z.object({ deviceId: z.uuid() }) },
  nothing,
)
export const endOtherDevices = endpoint(
  'DELETE',
  '/api/account/devices',
  'Sign every device out but this one',
  { door: 'account' },
  z.object({ ended: z.int() }),
)
export const makeRecoveryCodes = endpoint(
  'POST',
  '/api/account/recovery-codes',
  'Make new recovery codes; they are shown once, and those before them are void',
  { door: 'account', body: z.object({ password }) },
  z.object({ codes: z.array(z.string()) }),
)
