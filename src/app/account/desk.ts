/** What account work needs from outside, and who may do it. */
import { type Letter, LetterNotSentError, type Letters } from '../../core/account/letters'
import { endSessions } from '../../db/account/accounts'
import { removePasskeys } from '../../db/account/passkeys'
import type { Db } from '../../db/frame/connect'
import { Refusal } from '../frame/refusal'
import { clearTries, mayTry, type Visitor } from './guessing'
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

/** Whoever gets in again is alone in it: sessions end, and passkeys are void. */
export async function endEveryWayIn(db: Db, userId: string): Promise<void> {
  await endSessions(db, userId, null)
  await removePasskeys(db, userId)
}

export async function setPassword(
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

export function mustBeStrong(password: string, own: readonly string[]): void {
  const fault = passwordFault(password, own)
  if (fault) throw new Refusal({ code: 'weak_password', fault })
}

/** A change is made whether the letter about it goes out or not. */
export async function tell(
  { letters }: Pick<AccountDesk, 'letters'>,
  letter: Letter,
): Promise<void> {
  try {
    await letters.send(letter)
  } catch (error) {
    if (!(error instanceof LetterNotSentError)) throw error
  }
}
