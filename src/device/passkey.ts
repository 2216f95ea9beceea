/** What this browser can do with passkeys, and doing it. */
import {
  browserSupportsWebAuthn,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
  startAuthentication,
  startRegistration,
  WebAuthnError,
} from '@simplewebauthn/browser'
import * as account from '../contract/account'
import { passkeyName } from '../core/account/passkeyName'
import { call } from './call'

export type PasskeysHere =
  | { readonly kind: 'can' }
  | { readonly kind: 'cannot' }
  /** They belong to a name; here is one of this machine. */
  | { readonly kind: 'elsewhere'; readonly open: string }

export function passkeysHere(): PasskeysHere {
  if (!browserSupportsWebAuthn()) return { kind: 'cannot' }
  const name = passkeyName(location.origin)
  return name.kind === 'name' ? { kind: 'can' } : { kind: 'elsewhere', open: name.open }
}

/** Nothing came of it: it was called off, took too long, or the device has none that fits. */
export class NoPasskeyError extends Error {
  override readonly name = 'NoPasskeyError'
}

/** @throws {NoPasskeyError}; what {@link call} throws */
export async function makePasskey(password: string, name: string): Promise<void> {
  const asked = await call(account.offerPasskey, { body: { password } })
  const made = await shown(() =>
    startRegistration({ optionsJSON: asked as unknown as PublicKeyCredentialCreationOptionsJSON }),
  )
  await call(account.keepPasskey, { body: { name, made: JSON.parse(JSON.stringify(made)) } })
}

/** @throws {NoPasskeyError}; what {@link call} throws */
export async function signInByPasskey(): Promise<object> {
  const asked = await call(account.askForPasskey)
  const answer = await shown(() =>
    startAuthentication({ optionsJSON: asked as unknown as PublicKeyCredentialRequestOptionsJSON }),
  )
  return call(account.enterByPasskey, { body: JSON.parse(JSON.stringify(answer)) })
}

async function shown<T>(ask: () => Promise<T>): Promise<T> {
  try {
    return await ask()
  } catch (error) {
    if (error instanceof WebAuthnError || error instanceof DOMException || isNamed(error))
      throw new NoPasskeyError('No passkey was shown')
    throw error
  }
}

const isNamed = (error: unknown): boolean =>
  error instanceof Error && /^(?:NotAllowed|Abort|Security|InvalidState)Error$/.test(error.name)
