import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { emailOfKey, letterKey } from './letterKey'

const SECRET = 'a secret for tests that is long enough'
const NOW = 1_795_000_000_000
const key = letterKey(SECRET, 'new account', 'Nadia@example.org', NOW)

describe('a key that goes by letter', () => {
  it('tells the address for an hour, and for what it was sent', () => {
    expect(emailOfKey(SECRET, 'new account', key, NOW)).toBe('nadia@example.org')
    expect(emailOfKey(SECRET, 'new account', key, NOW + 3_599_999)).toBe('nadia@example.org')
    expect(emailOfKey(SECRET, 'new account', key, NOW + 3_600_000)).toBeNull()
    expect(emailOfKey(SECRET, 'invitation', key, NOW)).toBeNull()
    expect(emailOfKey('another secret, as long as the first', 'new account', key, NOW)).toBeNull()
  })
  it('opens nothing when a letter of it is another', () =>
    fc.assert(
      fc.property(
        fc.nat(key.length - 1),
        fc.string({ minLength: 1, maxLength: 1 }),
        (at, other) => {
          fc.pre(other !== key[at])
          const changed = key.slice(0, at) + other + key.slice(at + 1)
          const email = emailOfKey(SECRET, 'new account', changed, NOW)
          // The last letter of a base64 text carries bits that nobody reads.
          expect([null, 'nadia@example.org']).toContain(email)
          if (at < key.indexOf('.')) expect(email).toBeNull()
        },
      ),
    ))
  it.each(['', '.', 'a.b', 'a.b.c', '🐌'])('%j opens nothing', (text) =>
    expect(emailOfKey(SECRET, 'new account', text, NOW)).toBeNull(),
  )
})
