/** What people do with their accounts: get in, change what they get in by, see where they are in. */
import { createHash, randomBytes } from 'node:crypto'
import { isAPIError } from 'better-auth/api'
import { type Letter, LetterNotSentError, type Letters } from '../../core/account/letters'
import {
  accountByEmail,
  endSession,
  endSessions,
  recoveryCodesLeft,
  renameAccount,
  sessionsOf,
  setEmail,
  setRecoveryCodes,
  takeRecoveryCode,
} from '../../db/account/accounts'
import { passkeysOf, removePasskeys } from '../../db/account/passkeys'
import type { Db } from '../../db/frame/connect'
import { notFound, Refusal } from '../frame/refusal'
import { clearTries, deviceMark, mayTry, type Visitor } from './guessing'
import { emailOfKey, letterKey } from './letterKey'
import { passwordFault } from './passwords'
import type { Auth } from './signIn'

/** What account work needs from outside. */
export interface AccountDesk {
  readonly db: Db
  readonly auth: Auth
  readonly secret: string
  readonly letters: Letters
  /** Of the request: the session is in them. */
  readonly headers: Headers
  readonly visitor: Visitor
  /** Where the browser thinks it is, such as "https://kits.example.org". */
  readonly origin: string
  /** The account of the demo household, which belongs to everybody. */
  readonly demoEmail: string
  /** When the last backup was made; null where none is known. */
  readonly lastBackup: () => Promise<Date | null>
}

/** Somebody is in: the cookies say so, and nothing else does. */
export interface LetIn {
  readonly cookies: readonly string[]
}

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

export interface AccountView {
  readonly name: string
  readonly email: string
  readonly isDemo: boolean
  readonly codesLeft: number
  readonly lastBackup: string | null
  readonly devices: {
    readonly id: string
    readonly isThis: boolean
    readonly userAgent: string
    readonly since: string
    readonly lastUsed: string
  }[]
  readonly passkeys: {
    readonly id: string
    readonly name: string
    readonly madeAt: string
    readonly lastUsed: string | null
  }[]
}

export async function readAccount(desk: AccountDesk): Promise<AccountView> {
  const { user, session } = await mustBeSignedIn(desk)
  const [sessions, passkeys, codesLeft, lastBackup] = await Promise.all([
    sessionsOf(desk.db, user.id),
    passkeysOf(desk.db, user.id),
    recoveryCodesLeft(desk.db, user.id),
    desk.lastBackup(),
  ])
  return {
    name: user.name,
    email: user.email,
    isDemo: user.email === desk.demoEmail,
    codesLeft,
    lastBackup: lastBackup?.toISOString() ?? null,
    // The demo's visitors see nothing of each other.
    devices: sessions
      .filter(({ id }) => user.email !== desk.demoEmail || id === session.id)
      .map(({ id, userAgent, since, lastUsed }) => ({
        id,
        isThis: id === session.id,
        userAgent,
        since: since.toISOString(),
        lastUsed: lastUsed.toISOString(),
      })),
    passkeys: passkeys.map(({ id, name, madeAt, lastUsedAt }) => ({
      id,
      name,
      madeAt: madeAt.toISOString(),
      lastUsed: lastUsedAt?.toISOString() ?? null,
    })),
  }
}

export async function rename(desk: AccountDesk, name: string): Promise<void> {
  const { user } = await mustOwn(desk)
  await renameAccount(desk.db, user.id, name)
}

/**
 * Changes the password. Every other device is signed out, and a letter tells of it.
 * @throws {Refusal} `wrong_password`; `weak_password`
 */
export async function changePassword(
  desk: AccountDesk,
  { old, next }: { readonly old: string; readonly next: string },
  letter: (email: string) => Letter,
): Promise<{ readonly ended: number }> {
  const { user, session } = await mustKnowPassword(desk, old)
  mustBeStrong(next, [user.name, user.email])
  await setPassword(desk, user.id, next)
  const ended = await endSessions(desk.db, user.id, session.id)
  await tell(desk, letter(user.email))
  return { ended }
}

/**
 * Changes the address that one signs in with; the old and the new one get a letter.
 * @throws {Refusal} `wrong_password`; `email_not_changed` when it cannot be had
 */
export async function changeEmail(
  desk: AccountDesk,
  { password, email }: { readonly password: string; readonly email: string },
  letter: (to: string, next: string) => Letter,
): Promise<void> {
  const { user } = await mustKnowPassword(desk, password)
  if (!(await setEmail(desk.db, user.id, email))) throw new Refusal({ code: 'email_not_changed' })
  await tell(desk, letter(user.email, email))
  await tell(desk, letter(email, email))
}

/** Signs one device out, this one too. @throws {Refusal} `not_found` */
export async function endDevice(desk: AccountDesk, sessionId: string): Promise<void> {
  const { user } = await mustOwn(desk)
  if (!(await endSession(desk.db, user.id, sessionId))) throw notFound()
}

/** Signs every device out but this one. */
export async function endOtherDevices(desk: AccountDesk): Promise<{ readonly ended: number }> {
  const { user, session } = await mustOwn(desk)
  return { ended: await endSessions(desk.db, user.id, session.id) }
}

const CODES = 10

/**
 * Makes codes to get in by without the password, once each; those before them are void. They are
 * shown now and never again: only what follows from them is kept.
 * @throws {Refusal} `wrong_password`
 */
export async function makeRecoveryCodes(
  desk: AccountDesk,
  password: string,
): Promise<{ readonly codes: string[] }> {
  const { user } = await mustKnowPassword(desk, password)
  const codes = Array.from({ length: CODES }, () => newCode())
  await setRecoveryCodes(
    desk.db,
    user.id,
    codes.map((code) => hashOfCode(user.id, code)),
  )
  return { codes }
}

/** Crockford's base 32, five bits a letter: no I, L, O and U, which are taken for others. */
const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ'
const CODE_LETTERS = 16

/** Sixteen letters, eighty bits: nobody guesses that, so a plain hash keeps it. */
function newCode(): string {
  const letters = [...randomBytes(CODE_LETTERS)].map((byte) => ALPHABET[byte % 32])
  return letters.join('').replace(/(.{4})(?!$)/g, '$1-')
}

const hashOfCode = (userId: string, code: string): string =>
  createHash('sha256')
    .update(`${userId} ${asWritten(code)}`)
    .digest('base64url')

/** Read off paper: in small letters, with O for 0, with blanks between. */
const asWritten = (code: string): string =>
  code
    .toUpperCase()
    .replace(/[^A-Z0-9]/g, '')
    .replace(/O/g, '0')
    .replace(/[IL]/g, '1')

/**
 * Gets in by a recovery code and sets a new password; every device is signed out before, and
 * passkeys are taken away: one of them may be somebody else's.
 * @throws {Refusal} `wrong_code`, whether the account or the code is not right
 */
export async function recover(
  desk: AccountDesk,
  { email, code, next }: { readonly email: string; readonly code: string; readonly next: string },
): Promise<LetIn> {
  await mayTry(desk.db, desk.secret, 'recovery', desk.visitor, email)
  // Judged by what was typed alone: a name that only the account knows would tell that there is one.
  mustBeStrong(next, [email])
  const account = await accountByEmail(desk.db, email)
  if (!account || email.toLowerCase() === desk.demoEmail) throw new Refusal({ code: 'wrong_code' })
  if (!(await takeRecoveryCode(desk.db, account.id, hashOfCode(account.id, code))))
    throw new Refusal({ code: 'wrong_code' })
  await setPassword(desk, account.id, next)
  await endEveryWayIn(desk.db, account.id)
  await clearTries(desk.db, desk.secret, desk.visitor, email)
  return signIn(desk, { email, password: next })
}

/** Asks for a letter with a way to set a new password. Nobody learns whether there is an account. */
export async function askForLetter(desk: AccountDesk, email: string): Promise<void> {
  await mayTry(desk.db, desk.secret, 'letter', desk.visitor, email)
  if (email.toLowerCase() === desk.demoEmail) return
  await desk.auth.api.requestPasswordReset({ body: { email }, headers: desk.headers })
}

/**
 * Sets a new password by the way that a letter told; every device is signed out.
 * @throws {Refusal} `letter_expired`; `weak_password`
 */
export async function answerLetter(
  desk: AccountDesk,
  { token, next }: { readonly token: string; readonly next: string },
): Promise<void> {
  mustBeStrong(next, [])
  try {
    await desk.auth.api.resetPassword({ body: { token, newPassword: next } })
  } catch (error) {
    if (isAPIError(error)) throw new Refusal({ code: 'letter_expired' })
    throw error
  }
}

/** Sets a password as whoever runs the machine may. @returns whether there is such an account */
export async function overridePassword(
  desk: Pick<AccountDesk, 'db' | 'auth'>,
  email: string,
  next: string,
): Promise<boolean> {
  const account = await accountByEmail(desk.db, email)
  if (!account) return false
  await setPassword(desk, account.id, next)
  await endEveryWayIn(desk.db, account.id)
  return true
}

/** Whoever gets in again is alone in it: sessions end, and passkeys are void. */
export async function endEveryWayIn(db: Db, userId: string): Promise<void> {
  await endSessions(db, userId, null)
  await removePasskeys(db, userId)
}

async function setPassword(
  { auth }: Pick<AccountDesk, 'auth'>,
  userId: string,
  next: string,
): Promise<void> {
  const { password, internalAdapter } = await auth.$context
  await internalAdapter.updatePassword(userId, await password.hash(next))
}

export async function mustBeSignedIn({ auth, headers }: AccountDesk) {
  const found = await auth.api.getSession({ headers })
  if (!found) throw new Refusal({ code: 'not_signed_in' })
  return found
}

/** The demo's account belongs to everybody who looks at it, so nobody changes it. */
export async function mustOwn(desk: AccountDesk) {
  const found = await mustBeSignedIn(desk)
  if (found.user.email === desk.demoEmail) throw new Refusal({ code: 'demo_account' })
  return found
}

export async function mustKnowPassword(desk: AccountDesk, given: string) {
  const found = await mustOwn(desk)
  const { email, id } = found.user
  await mayTry(desk.db, desk.secret, 'password', desk.visitor, email)
  const { password, internalAdapter } = await desk.auth.$context
  const accounts = await internalAdapter.findAccounts(id)
  const hash = accounts.find(({ providerId }) => providerId === 'credential')?.password
  if (!hash || !(await password.verify({ hash, password: given })))
    throw new Refusal({ code: 'wrong_password' })
  await clearTries(desk.db, desk.secret, desk.visitor, email)
  return found
}

function mustBeStrong(password: string, own: readonly string[]): void {
  const fault = passwordFault(password, own)
  if (fault) throw new Refusal({ code: 'weak_password', fault })
}

/** A change is made whether the letter about it goes out or not. */
export async function tell({ letters }: AccountDesk, letter: Letter): Promise<void> {
  try {
    await letters.send(letter)
  } catch (error) {
    if (!(error instanceof LetterNotSentError)) throw error
  }
}
