/**
 * Which passwords are taken. Ten characters or more, nothing that everybody tries first (the
 * commonest passwords, runs of keys, repeats), nothing made of one's own name or address. No rules
 * about digits and signs: they make passwords worse (NIST SP 800-63B, 5.1.1.2).
 */
import { ZxcvbnFactory } from '@zxcvbn-ts/core'
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common'
import { LEAST_CHARACTERS, MOST_CHARACTERS, type PasswordFault } from '../../core/account/password'

/** Less than a million guesses: the estimate's own lowest two of five grades. */
const TOO_EASY = 2
/** So much must be left when one's own words are taken out of it. */
const LEAST_BESIDE_NAME = 6

let judge: ZxcvbnFactory | undefined

/** @param own name, address: what somebody who knows the person tries first */
export function passwordFault(password: string, own: readonly string[]): PasswordFault | null {
  // The same key pressed on another keyboard is the same letter (NFKC), as the sign-in sees it.
  const letters = password.normalize('NFKC')
  if ([...letters].length < LEAST_CHARACTERS) return 'short'
  if (letters.length > MOST_CHARACTERS) return 'long'
  if (letters.trim().length < LEAST_CHARACTERS) return 'common'
  const words = own.flatMap((text) => text.toLowerCase().split(/[^\p{L}\p{N}]+/u))
  const beside = words
    .filter((word) => word.length > 2)
    .reduce((rest, word) => rest.replaceAll(word, ''), letters.toLowerCase())
  if (beside.length < letters.length && beside.replace(/\P{L}+/gu, '').length < LEAST_BESIDE_NAME)
    return 'own_name'
  judge ??= new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs })
  return judge.check(letters, words).score < TOO_EASY ? 'common' : null
}
