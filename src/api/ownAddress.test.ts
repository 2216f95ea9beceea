import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ownAddress } from './ownAddress'

describe('where one goes after signing in', () => {
  it.each(['/', '/kits', '/kits/1?day=2026-11-26#lid', '/lots/%E2%9C%93'])(
    '%s is ours',
    (address) => expect(ownAddress(address)).toBe(address),
  )
  it.each([
    null,
    '',
    'kits',
    '//elsewhere.example',
    '/\\elsewhere.example',
    '/\t/elsewhere.example',
    '/\n/elsewhere.example',
    '/\r\n\t\\elsewhere.example',
    '/.//elsewhere.example',
    '/a/..//elsewhere.example',
    'https://elsewhere.example/',
    'javascript:alert(1)',
  ])('%j leads to the first page', (address) => expect(ownAddress(address)).toBe('/'))
  it('never leaves the site, and is a header value, whatever is asked', () => {
    const crafted = fc
      .array(fc.constantFrom('/', '\\', '\t', '\n', '\r', '.', ':', '@', '#', '?', 'a', 'é', '%2f'))
      .map((parts) => parts.join(''))
    fc.assert(
      fc.property(fc.oneof(crafted, fc.string()), (asked) => {
        const address = ownAddress(asked)
        expect(new URL(address, 'http://here.invalid').origin).toBe('http://here.invalid')
        expect(() => new Headers({ location: address })).not.toThrow()
      }),
      { numRuns: 2000 },
    )
  })
})
