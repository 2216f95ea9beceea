/**
 * A key that goes by letter: whoever has it has read the letter. It needs no table, because all
 * it says is signed: which address, what for, and until when.
 */
import { createHmac, timingSafeEqual } from 'node:crypto'

const HOUR_MILLISECONDS = 3_600_000

const signed = (secret: string, what: string, told: string): string =>
  createHmac('sha256', secret).update(`letter ${what} ${told}`).digest('base64url')

/** @param now in milliseconds; the key opens for an hour */
export function letterKey(secret: string, what: string, email: string, now: number): string {
  const told = Buffer.from(JSON.stringify([email.toLowerCase(), now + HOUR_MILLISECONDS])).toString(
    'base64url',
  )
  return `${told}.${signed(secret, what, told)}`
}

/** The address that a key was sent to; null where it is not ours, for something else or too old. */
export function emailOfKey(secret: string, what: string, key: string, now: number): string | null {
  const [told = '', signature = ''] = key.split('.')
  const right = Buffer.from(signed(secret, what, told))
  const given = Buffer.from(signature)
  if (given.length !== right.length || !timingSafeEqual(given, right)) return null
  const [email, until] = JSON.parse(Buffer.from(told, 'base64url').toString()) as [string, number]
  return now < until ? email : null
}
