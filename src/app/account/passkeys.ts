/**
 * Passkeys (WebAuthn): a device that knows its owner by finger, face or code signs what it is
 * asked, and no password is typed. They belong to the name under which this machine is reached.
 */
import {
  type AuthenticationResponseJSON,
  generateAuthenticationOptions,
  generateRegistrationOptions,
  type RegistrationResponseJSON,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
} from '@simplewebauthn/server'
import type { Letter } from '../../core/account/letters'
import { passkeyName } from '../../core/account/passkeyName'
import {
  addPasskey,
  askPasskey,
  notePasskeyUse,
  passkeyById,
  passkeysOf,
  removePasskey,
  takeQuestion,
} from '../../db/account/passkeys'
import { isTaken } from '../../db/frame/connect'
import { notFound, Refusal } from '../frame/refusal'
import { type AccountDesk, type LetIn, mustKnowPassword, mustOwn, tell } from './desk'
import { letIn } from './enter'
import { mayTry } from './guessing'

const notRight = () => new Refusal({ code: 'passkey_not_right' })

/** The name that passkeys belong to. @throws {Refusal} `passkeys_need_a_name` for an address that is a number */
function nameOf({ origin }: AccountDesk): string {
  const known = passkeyName(origin)
  if (known.kind === 'name') return known.name
  throw new Refusal({ code: 'passkeys_need_a_name', open: known.open })
}

/**
 * What a device is asked so that it makes a passkey.
 * @throws {Refusal} `wrong_password`; `passkeys_need_a_name`
 */
export async function offerPasskey(desk: AccountDesk, password: string) {
  const { user } = await mustKnowPassword(desk, password)
  const known = await passkeysOf(desk.db, user.id)
  const options = await generateRegistrationOptions({
    rpName: 'Vivid Satchel',
    rpID: nameOf(desk),
    userName: user.email,
    userDisplayName: user.name,
    userID: new TextEncoder().encode(user.id),
    excludeCredentials: known.map(({ id, transports }) => ({ id, transports: [...transports] })),
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
  })
  await askPasskey(desk.db, options.challenge, user.id)
  return options
}

/** Keeps the passkey that a device made; a letter tells of it. @throws {Refusal} `passkey_not_right` */
export async function keepPasskey(
  desk: AccountDesk,
  { name, made }: { readonly name: string; readonly made: RegistrationResponseJSON },
  letter: (to: string, name: string) => Letter,
): Promise<void> {
  const { user } = await mustOwn(desk)
  const rpID = nameOf(desk)
  const verified = await verifyRegistrationResponse({
    response: made,
    expectedChallenge: (challenge) => takeQuestion(desk.db, challenge, user.id),
    expectedOrigin: desk.origin,
    expectedRPID: rpID,
  }).catch(() => null)
  if (!verified?.verified) throw notRight()
  const { id, publicKey, counter } = verified.registrationInfo.credential
  try {
    await addPasskey(desk.db, {
      id,
      userId: user.id,
      publicKey,
      counter,
      transports: (made.response.transports ?? []).slice(0, 8),
      name,
    })
  } catch (error) {
    throw isTaken(error) ? notRight() : error
  }
  await tell(desk, letter(user.email, name))
}

/** Takes a passkey away: it opens nothing any more. @throws {Refusal} `not_found` */
export async function endPasskey(desk: AccountDesk, id: string): Promise<void> {
  const { user } = await mustOwn(desk)
  if (!(await removePasskey(desk.db, user.id, id))) throw notFound()
}

/** What a device is asked so that it signs somebody in; it knows whose passkeys it holds. */
export async function askForPasskey(desk: AccountDesk) {
  await mayTry(desk.db, desk.secret, 'passkey', desk.visitor, '')
  const options = await generateAuthenticationOptions({
    rpID: nameOf(desk),
    userVerification: 'required',
  })
  await askPasskey(desk.db, options.challenge, null)
  return options
}

/** Signs in with what a device answered. @throws {Refusal} `passkey_not_right`, whatever was wrong */
export async function enterByPasskey(
  desk: AccountDesk,
  answer: AuthenticationResponseJSON,
): Promise<LetIn> {
  await mayTry(desk.db, desk.secret, 'passkey', desk.visitor, '')
  const rpID = nameOf(desk)
  const passkey = await passkeyById(desk.db, answer.id)
  if (!passkey) throw notRight()
  const { id, publicKey, counter, transports } = passkey
  const verified = await verifyAuthenticationResponse({
    response: answer,
    expectedChallenge: (challenge) => takeQuestion(desk.db, challenge, null),
    expectedOrigin: desk.origin,
    expectedRPID: rpID,
    credential: { id, publicKey, counter, transports: [...transports] },
  }).catch(() => null)
  if (!verified?.verified) throw notRight()
  await notePasskeyUse(desk.db, id, verified.authenticationInfo.newCounter)
  const { headers, response } = await desk.auth.api.enterByPasskey({
    body: { userId: passkey.userId },
    headers: desk.headers,
    returnHeaders: true,
  })
  if (!response.in) throw notRight()
  const { internalAdapter } = await desk.auth.$context
  const user = await internalAdapter.findUserById(passkey.userId)
  return letIn(desk, headers, user?.email ?? '')
}
