/** Getting in again: recovery codes, a letter, and the machine’s own word. */
import { createHash, randomBytes } from 'node:crypto'
import { isAPIError } from 'better-auth/api'
import { accountByEmail, setRecoveryCodes, takeRecoveryCode } from '../../db/account/accounts'
import { Refusal } from '../frame/refusal'
import {
  type AccountDesk,
  endEveryWayIn,
  type LetIn,
  mustBeStrong,
  mustKnowPassword,
  setPassword,
} from './desk'
import { signIn } from './enter'
import { clearTries, mayTry } from './guessing'

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
