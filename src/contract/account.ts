/** Endpoints of accounts: coming in, passwords, passkeys, devices, leaving. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as wire from './primitives'

/** An address, in small letters. */
export const email = wire
  .typed(200)
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
const ownName = wire.givenName.max(80, 'Keep the name under 80 characters')

const nothing = z.object({})

export const signUp = endpoint(
  'POST',
  '/api/account/sign-up',
  'Make an account, and be signed in',
  { door: 'open', body: z.object({ name: ownName, email, password }) },
  nothing,
)

export const askForAccount = endpoint(
  'POST',
  '/api/account/new-account-letter',
  'Ask for a letter with the way to a new account; the answer is the same for every address',
  { door: 'open', body: z.object({ email }) },
  nothing,
)

export const openAccount = endpoint(
  'POST',
  '/api/account/new-account',
  'Make an account by the way that a letter told, and be signed in',
  { door: 'open', body: z.object({ key: wire.typed(800).min(1), name: ownName, password }) },
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
  { door: 'open', body: z.object({ token: wire.typed(200).min(1), password }) },
  nothing,
)

export const recover = endpoint(
  'POST',
  '/api/account/recovery',
  'Get in by a recovery code, and set a new password',
  { door: 'open', body: z.object({ email, code: wire.typed(40).min(1), password }) },
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
    /** Devices that let one in by finger, face or code. */
    passkeys: z.array(
      z.object({
        id: z.string(),
        name: z.string(),
        madeAt: z.string(),
        lastUsed: z.string().nullable(),
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

export const readLeaving = endpoint(
  'GET',
  '/api/account/leaving',
  'Who else is in the household, and whether it is to be deleted',
  { door: 'account' },
  z.object({
    others: z.boolean(),
    /** Nothing is kept in it yet: a saved household can be brought back here. */
    empty: z.boolean(),
    deletion: z
      .object({ askedBy: z.string(), dueAt: z.string(), withAccount: z.boolean() })
      .nullable(),
  }),
)

export const deleteHousehold = endpoint(
  'POST',
  '/api/account/household-deletion',
  'Delete the household in a week; until then it can be kept',
  { door: 'account', body: z.object({ password }) },
  nothing,
)

export const keepHousehold = endpoint(
  'DELETE',
  '/api/account/household-deletion',
  'Keep the household that was to be deleted',
  { door: 'account' },
  nothing,
)

export const leaveHousehold = endpoint(
  'POST',
  '/api/account/leave-household',
  'Leave a household in which others stay',
  { door: 'account', body: z.object({ password }) },
  nothing,
)

export const deleteAccount = endpoint(
  'DELETE',
  '/api/account',
  'Delete the account: now where others stay in the household, else with it in a week',
  { door: 'account', body: z.object({ password }) },
  z.object({ gone: z.enum(['now', 'with_household']) }),
)

/** Base64url, as browsers write bytes in JSON. */
const bytes = z
  .string()
  .max(8000)
  .regex(/^[A-Za-z0-9_-]*$/, 'Send it as the browser gave it')

const credentialId = bytes.min(1).max(1400)

/** What a browser gives back, as its standard writes it in JSON; extensions are not read. */
const credential = <Response extends z.ZodType>(response: Response) =>
  z.object({
    id: credentialId,
    rawId: credentialId,
    type: z.literal('public-key'),
    authenticatorAttachment: z.enum(['cross-platform', 'platform']).optional(),
    clientExtensionResults: z.record(z.string(), z.unknown()).default({}),
    response,
  })

/** Asked of the browser; its standard says what is in it. */
const question = z.record(z.string(), z.unknown())

export const offerPasskey = endpoint(
  'POST',
  '/api/account/passkeys/offer',
  'Ask this device to make a passkey',
  { door: 'account', body: z.object({ password }) },
  question,
)

export const keepPasskey = endpoint(
  'POST',
  '/api/account/passkeys',
  'Keep the passkey that this device made',
  {
    door: 'account',
    body: z.object({
      name: ownName,
      made: credential(
        z.object({
          clientDataJSON: bytes,
          attestationObject: bytes,
          transports: z.array(wire.typed(20)).max(8).optional(),
        }),
      ),
    }),
  },
  nothing,
)

export const endPasskey = endpoint(
  'DELETE',
  '/api/account/passkeys/{passkeyId}',
  'Take a passkey away',
  { door: 'account', params: z.object({ passkeyId: credentialId }) },
  nothing,
)

export const askForPasskey = endpoint(
  'POST',
  '/api/account/passkey-question',
  'Ask this device for a passkey',
  { door: 'open' },
  question,
)

export const enterByPasskey = endpoint(
  'POST',
  '/api/account/passkey-sign-in',
  'Sign in with the passkey that this device showed',
  {
    door: 'open',
    body: credential(
      z.object({
        clientDataJSON: bytes,
        authenticatorData: bytes,
        signature: bytes,
        userHandle: bytes.optional(),
      }),
    ),
  },
  nothing,
)

export const readDevice = endpoint(
  'GET',
  '/api/device',
  'What a device needs to be of use without a connection: its key, and the addresses to keep',
  { right: 'find' },
  z.object({
    userId: z.string(),
    name: z.string(),
    /** Which household these pages and answers are of. */
    householdId: z.string(),
    /** Base64 of 32 bytes; seals what waits on the device. */
    key: z.string(),
    /** The same while nothing changes. */
    state: z.string(),
    pages: z.array(z.string()),
    answers: z.array(z.string()),
  }),
)
