/** Where letters are sent, nobody learns who has an account: it is made by letter. */
import { randomUUID } from 'node:crypto'
import { describe, expect, it } from 'vitest'
import { runtime } from '../../src/api/runtime'
import type { AccountDesk } from '../../src/app/account/desk'
import {
  addressOfKey,
  askForAccount,
  openAccount,
  signIn,
  signUp,
} from '../../src/app/account/enter'
import { DEMO_EMAIL } from '../../src/core/account/demo'
import type { Letter } from '../../src/core/account/letters'
import * as words from '../../src/words'
import { application } from '../support/application'

const app = application()
const password = 'wet socks on the line'

/** Account work on a machine that sends letters. */
function aDesk() {
  const sent: Letter[] = []
  const desk: AccountDesk = {
    db: app.world.db,
    auth: runtime().auth,
    secret: 'a secret for tests that is long enough',
    letters: {
      folder: null,
      send: async (letter) => {
        sent.push(letter)
      },
    },
    headers: new Headers(),
    visitor: { address: randomUUID(), deviceMark: '' },
    origin: 'https://kits.example.org',
    demoEmail: DEMO_EMAIL,
    lastBackup: async () => null,
  }
  const ask = (email: string) => askForAccount(desk, email, words.letters)
  const keyTo = (email: string): string =>
    /new-account\?key=(\S+)/.exec(sent.findLast(({ to }) => to === email)?.text ?? '')?.[1] ?? ''
  return { desk, sent, ask, keyTo }
}

describe('an account where letters are sent', () => {
  it('is made by the way that the letter tells, once, for the address it went to', async () => {
    const { desk, ask, keyTo } = aDesk()
    const email = `${randomUUID()}@example.invalid`
    await ask(email)
    const key = keyTo(email)
    expect(addressOfKey(desk, key)).toBe(email)
    await expect(
      openAccount(desk, { key, name: 'Nadia', password: 'short' }),
    ).rejects.toMatchObject({
      reason: { code: 'weak_password' },
    })
    const { cookies } = await openAccount(desk, { key, name: 'Nadia', password })
    expect(cookies.join()).toContain('session_token')
    expect((await signIn(desk, { email, password })).cookies.length).toBeGreaterThan(1)
    await expect(openAccount(desk, { key, name: 'Mallory', password })).rejects.toMatchObject({
      reason: { code: 'account_not_made' },
    })
  })

  it('that is there already is told of in a letter alone', async () => {
    const { desk, sent, ask, keyTo } = aDesk()
    const [known, unknown] = [randomUUID(), randomUUID()].map((name) => `${name}@example.invalid`)
    await ask(known ?? '')
    await openAccount(desk, { key: keyTo(known ?? ''), name: 'Nadia', password })
    const answers = [await ask(known ?? ''), await ask(unknown ?? '')]
    expect(answers).toEqual([undefined, undefined])
    expect(sent.map(({ to, subject }) => [to === known, subject])).toEqual([
      [true, 'Make your account'],
      [true, 'You have an account already'],
      [false, 'Make your account'],
    ])
    expect(sent[1]?.text).toContain('https://kits.example.org/sign-in')
    expect(sent[1]?.text).not.toContain('key=')
  })

  it('is not made past the letter, nor by a key of one’s own making', async () => {
    const { desk } = aDesk()
    const email = `${randomUUID()}@example.invalid`
    await expect(signUp(desk, { name: 'Nadia', email, password })).rejects.toMatchObject({
      reason: { code: 'account_by_letter' },
    })
    for (const key of ['', 'a.b', `${Buffer.from(`["${email}",9e15]`).toString('base64url')}.x`])
      await expect(openAccount(desk, { key, name: 'Nadia', password })).rejects.toMatchObject({
        reason: { code: 'letter_expired' },
      })
  })

  it('is not asked for without end', async () => {
    const { ask } = aDesk()
    const email = `${randomUUID()}@example.invalid`
    for (let times = 0; times < 3; times++) await ask(email)
    await expect(ask(email)).rejects.toMatchObject({ reason: { code: 'too_many_tries' } })
  })
})
