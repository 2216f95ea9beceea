import { describe, expect, it } from 'vitest'
import { importKey, seal, unseal } from './seal'

const KEY = Buffer.alloc(32, 7).toString('base64')
const OTHER = Buffer.alloc(32, 8).toString('base64')
const ANSWER = { title: 'Breathing barrier: 1', body: { found: 1000 } }

describe('what is sealed', () => {
  it('is read back with its key', async () => {
    const key = await importKey(KEY)
    expect(await unseal(key, await seal(key, ANSWER))).toEqual(ANSWER)
  })
  it('is noise without it: another key, and changed bytes, are refused', async () => {
    const key = await importKey(KEY)
    const sealed = await seal(key, ANSWER)
    expect(new TextDecoder('latin1').decode(sealed.data)).not.toContain('Breathing')
    await expect(unseal(await importKey(OTHER), sealed)).rejects.toThrow()
    const bent = new Uint8Array(sealed.data.slice(0))
    bent[0] = (bent[0] ?? 0) ^ 1
    await expect(unseal(key, { ...sealed, data: bent.buffer })).rejects.toThrow()
  })
  it('never looks the same twice', async () => {
    const key = await importKey(KEY)
    const [one, two] = [await seal(key, ANSWER), await seal(key, ANSWER)]
    expect(Buffer.from(one.data)).not.toEqual(Buffer.from(two.data))
  })
  it('has a key that cannot be read out of the device', async () => {
    await expect(crypto.subtle.exportKey('raw', await importKey(KEY))).rejects.toThrow()
  })
})
