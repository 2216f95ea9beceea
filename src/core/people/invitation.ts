/** An invitation into a household: a code that can be read aloud, and what came of it. */
import type { Role } from './role'

/** Letters and digits that nobody takes for one another when they hear or read them. */
const ALPHABET = '23456789ABCDEFGHJKMNPQRSTVWXYZ'
const LENGTH = 12
const IN_A_GROUP = 4

/** So many days an invitation holds. */
export const INVITATION_DAYS = 7
/** What was counted before a role ended still arrives so many days after. */
export const LATE_COUNT_DAYS = 14

export type InvitationState = 'open' | 'used' | 'over' | 'withdrawn'

export interface Invitation {
  readonly state: InvitationState
  readonly role: Role
  /** For whom, as the keeper calls them. */
  readonly forName: string
}

/**
 * Twelve letters and digits in groups of four, from random numbers.
 * @param random one number from 0 up to, not including, 1 a character; from a safe source
 * @example invitationCode([…]) // "K7TM-3XQ9-PWRD"
 */
export function invitationCode(random: readonly number[]): string {
  const letters = random
    .slice(0, LENGTH)
    .map((one) => ALPHABET[Math.floor(one * ALPHABET.length)] ?? '')
  return grouped(letters.join(''))
}

/** Random numbers that one code takes. */
export const CODE_LENGTH = LENGTH

/** How many bits of chance are in a code. */
export const CODE_BITS = Math.floor(LENGTH * Math.log2(ALPHABET.length))

const grouped = (letters: string): string =>
  (letters.match(new RegExp(`.{1,${IN_A_GROUP}}`, 'g')) ?? []).join('-')

/**
 * A code as it was typed, copied with its link, or heard; null where it cannot be one.
 * @example readInvitationCode('k7tm 3xq9 pwrd') // "K7TM-3XQ9-PWRD"
 */
export function readInvitationCode(typed: string): string | null {
  const last = typed.trim().split('/').pop() ?? ''
  const letters = [...last.toUpperCase()].filter((letter) => /[\p{L}\p{N}]/u.test(letter))
  if (letters.length !== LENGTH) return null
  return letters.every((letter) => ALPHABET.includes(letter)) ? grouped(letters.join('')) : null
}
