/**
 * How often somebody may try. Wrong tries are counted for the account, and apart from that for a
 * device on which its owner has signed in before: whoever guesses from outside can use up the
 * account's tries, and the household still gets in on its own devices.
 */
import { createHmac, timingSafeEqual } from 'node:crypto'
import { countTry, forgetTries, type TryLimit } from '../../db/account/accounts'
import type { Db } from '../../db/frame/connect'
import { Refusal } from '../frame/refusal'

/** What is known of where a request comes from. */
export interface Visitor {
  /** The network address, as the server itself saw it or a proxy it trusts told. */
  readonly address: string
  /** The cookie that tells a device that was let in before; "" without one. */
  readonly deviceMark: string
}

const PER_ACCOUNT = { most: 20, minutes: 15 }
const PER_DEVICE = { most: 10, minutes: 15 }
const PER_ADDRESS = { most: 100, minutes: 15 }
const DEMO = { most: 40, minutes: 10 }
const LETTERS = { most: 3, minutes: 60 }
/** Of one address; nobody mistypes a code more often. */
const INVITATIONS = { most: 30, minutes: 15 }
/** Of one lid: nobody takes more out of a kit. */
const TAKEN_BY_LID = { most: 60, minutes: 60 }
const NEW_ACCOUNTS = { most: 20, minutes: 60 }

/** No address and no e-mail is kept: only what follows from it and the server's secret. */
const hashed = (secret: string, what: string, value: string): string =>
  `${what}:${createHmac('sha256', secret).update(`${what} ${value}`).digest('base64url')}`

export type Tried =
  | 'password'
  | 'recovery'
  | 'demo'
  | 'letter'
  | 'new_account'
  | 'passkey'
  | 'invitation'
  | 'lid'

/** @throws {Refusal} `too_many_tries` with the minutes to wait */
export async function mayTry(
  db: Db,
  secret: string,
  what: Tried,
  { address, deviceMark }: Visitor,
  email: string,
): Promise<void> {
  const minutes = await countTry(db, limitsOf(secret, what, address, deviceMark, email))
  if (minutes !== null) throw new Refusal({ code: 'too_many_tries', minutes })
}

function limitsOf(
  secret: string,
  what: Tried,
  address: string,
  deviceMark: string,
  email: string,
): readonly TryLimit[] {
  const from = { bucket: hashed(secret, 'address', address), ...PER_ADDRESS }
  switch (what) {
    case 'demo':
      return [{ bucket: hashed(secret, 'demo', address), ...DEMO }]
    // Nobody guesses one; what is counted is how many questions a stranger may have asked.
    case 'passkey':
      return [from]
    case 'invitation':
      return [{ bucket: hashed(secret, 'invitation', address), ...INVITATIONS }]
    case 'lid':
      return [{ bucket: hashed(secret, 'lid', email), ...TAKEN_BY_LID }]
    case 'new_account':
      return [{ bucket: hashed(secret, 'new', address), ...NEW_ACCOUNTS }]
    case 'letter':
      return [{ bucket: hashed(secret, 'letter', email.toLowerCase()), ...LETTERS }, from]
    default:
      return [{ ...ownBucket(secret, deviceMark, email) }, from]
  }
}

function ownBucket(secret: string, deviceMark: string, email: string): TryLimit {
  const account = email.toLowerCase()
  return isKnownDevice(secret, deviceMark, account)
    ? { bucket: hashed(secret, 'device', deviceMark), ...PER_DEVICE }
    : { bucket: hashed(secret, 'account', account), ...PER_ACCOUNT }
}

/** After a right try. */
export const clearTries = (
  db: Db,
  secret: string,
  { deviceMark }: Visitor,
  email: string,
): Promise<void> => forgetTries(db, [ownBucket(secret, deviceMark, email).bucket])

/** What a device is given when its owner has signed in on it: "nonce.signature". */
export function deviceMark(secret: string, email: string, nonce: string): string {
  const signed = createHmac('sha256', secret)
    .update(`device ${email.toLowerCase()} ${nonce}`)
    .digest('base64url')
  return `${nonce}.${signed}`
}

function isKnownDevice(secret: string, mark: string, email: string): boolean {
  const [nonce = ''] = mark.split('.')
  const right = Buffer.from(deviceMark(secret, email, nonce))
  const given = Buffer.from(mark)
  return nonce !== '' && right.length === given.length && timingSafeEqual(right, given)
}
