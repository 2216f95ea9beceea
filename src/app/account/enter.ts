/** Coming in: making an account, signing in and out. */
import { randomBytes } from 'node:crypto'
import { isAPIError } from 'better-auth/api'
import type { Letter } from '../../core/account/letters'
import { accountByEmail } from '../../db/account/accounts'
import { Refusal } from '../frame/refusal'
import { type AccountDesk, type LetIn, mustBeStrong, tell } from './desk'
import { clearTries, deviceMark, mayTry } from './guessing'
import { emailOfKey, letterKey } from './letterKey'

const NEW_ACCOUNT = 'new account'

/**
 * Asks for a letter with the way to a new account, where letters are sent. Whoever has an account
 * is told so in it: what is answered here is the same for every address.
 */
export async function askForAccount(
  desk: AccountDesk,
  email: string,
  inWords: {
    readonly newAccount: (to: string, address: string) => Letter
    readonly knownAccount: (to: string, address: string) => Letter
  },
): Promise<void> {
  await mayTry(desk.db, desk.secret, 'new_account', desk.visitor, email)
  await mayTry(desk.db, desk.secret, 'letter', desk.visitor, email)
  if (email.toLowerCase() === desk.demoEmail) return
  const key = letterKey(desk.secret, NEW_ACCOUNT, email, Date.now())
  const known = await accountByEmail(desk.db, email)
  await tell(
    desk,
    known
      ? inWords.knownAccount(email, `${desk.origin}/sign-in`)
      : inWords.newAccount(email, `${desk.origin}/new-account?key=${key}`),
  )
}

/** The address that a letter with the way to a new account went to; null for a key that is void. */
export const addressOfKey = ({ secret }: Pick<AccountDesk, 'secret'>, key: string): string | null =>
  emailOfKey(secret, NEW_ACCOUNT, key, Date.now())

/**
 * Makes an account by the way that a letter told, and signs it in.
 * @throws {Refusal} `letter_expired`; `weak_password`; `account_not_made`
 */
export async function openAccount(
  desk: AccountDesk,
  {
    key,
    name,
    password,
  }: { readonly key: string; readonly name: string; readonly password: string },
): Promise<LetIn> {
  const email = addressOfKey(desk, key)
  if (!email) throw new Refusal({ code: 'letter_expired' })
  return makeAccount(desk, { name, email, password })
}

/**
 * Makes an account and signs it in, where no letters are sent.
 * @throws {Refusal} `account_by_letter` where they are; what {@link makeAccount} throws
 */
export async function signUp(
  desk: AccountDesk,
  asked: { readonly name: string; readonly email: string; readonly password: string },
): Promise<LetIn> {
  if (desk.letters.folder === null) throw new Refusal({ code: 'account_by_letter' })
  return makeAccount(desk, asked)
}

/** @throws {Refusal} `weak_password`; `account_not_made`, whatever the reason */
async function makeAccount(
  desk: AccountDesk,
  {
    name,
    email,
    password,
  }: { readonly name: string; readonly email: string; readonly password: string },
): Promise<LetIn> {
  await mayTry(desk.db, desk.secret, 'new_account', desk.visitor, email)
  mustBeStrong(password, [name, email])
  try {
    const { headers } = await desk.auth.api.signUpEmail({
      body: { name, email, password },
      headers: desk.headers,
      returnHeaders: true,
    })
    return letIn(desk, headers, email)
  } catch (error) {
    if (isAPIError(error)) throw new Refusal({ code: 'account_not_made' })
    throw error
  }
}

/** @throws {Refusal} `wrong_sign_in`, whether there is such an account or not */
export async function signIn(
  desk: AccountDesk,
  { email, password }: { readonly email: string; readonly password: string },
): Promise<LetIn> {
  await mayTry(desk.db, desk.secret, 'password', desk.visitor, email)
  const entered = await enter(desk, email, password)
  if (!entered) throw new Refusal({ code: 'wrong_sign_in' })
  await clearTries(desk.db, desk.secret, desk.visitor, email)
  return entered
}

/** Opens the demo household, without a password typed. */
export async function openDemo(desk: AccountDesk, password: string): Promise<LetIn> {
  await mayTry(desk.db, desk.secret, 'demo', desk.visitor, desk.demoEmail)
  const entered = await enter(desk, desk.demoEmail, password)
  if (!entered) throw new Refusal({ code: 'wrong_sign_in' })
  return entered
}

async function enter(desk: AccountDesk, email: string, password: string): Promise<LetIn | null> {
  try {
    const { headers } = await desk.auth.api.signInEmail({
      body: { email, password },
      headers: desk.headers,
      returnHeaders: true,
    })
    return letIn(desk, headers, email)
  } catch (error) {
    if (isAPIError(error)) return null
    throw error
  }
}

/** The cookie that tells this device from a stranger's. */
export const DEVICE_COOKIE = 'satchel.device'

const YEAR_SECONDS = 365 * 86_400

export function letIn({ secret }: AccountDesk, headers: Headers, email: string): LetIn {
  const mark = deviceMark(secret, email, randomBytes(12).toString('base64url'))
  const session = headers.getSetCookie()
  const secure = session.some((cookie) => /;\s*secure/i.test(cookie)) ? '; Secure' : ''
  return {
    cookies: [
      ...session,
      `${DEVICE_COOKIE}=${mark}; Path=/; HttpOnly; SameSite=Lax; Max-Age=${YEAR_SECONDS}${secure}`,
    ],
  }
}

export async function signOut({ auth, headers }: AccountDesk): Promise<LetIn> {
  const { headers: answered } = await auth.api.signOut({ headers, returnHeaders: true })
  return { cookies: answered.getSetCookie() }
}
