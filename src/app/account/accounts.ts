import type { Letter } from '../../core/account/letters'
import {
  endSession,
  endSessions,
  recoveryCodesLeft,
  renameAccount,
  sessionsOf,
  setEmail,
} from '../../db/account/accounts'
import { passkeysOf } from '../../db/account/passkeys'
import { notFound, Refusal } from '../frame/refusal'
import {
  type AccountDesk,
  mustBeSignedIn,
  mustBeStrong,
  mustKnowPassword,
  mustOwn,
  setPassword,
  tell,
} from './desk'

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
