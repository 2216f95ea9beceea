/** Accounts: made, got into, guessed at, lost and got into again; each with a household of its own. */
import { randomUUID } from 'node:crypto'
import { mkdtempSync, readdirSync, readFileSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import pg from 'pg'
import { beforeAll, describe, expect, it } from 'vitest'
import { accountsUrl, runtime } from '../../src/api/runtime'
import { mayTry } from '../../src/app/account/guessing'
import { overridePassword } from '../../src/app/account/recovery'
import { addPasskey, passkeysOf } from '../../src/db/account/passkeys'
import { application, send } from '../support/application'
import { visitors } from '../support/visitors'

const folder = mkdtempSync(join(tmpdir(), 'satchel-letters-'))
process.env.SATCHEL_LETTERS = join(folder, 'letters')
const app = application()
beforeAll(async () => {
  // The accounts' tables came with the copy of the migrated database.
  const client = new pg.Client({ connectionString: accountsUrl(app.database.appUrl) })
  await client.connect()
  const { rows } = await client.query(`select count(*)::int as n from "user"`)
  await client.end()
  expect(rows[0].n).toBe(0)
})

const { aBrowser, anAccount, ask, callerIn, code, OK, PASSWORD, signInOn } = visitors(app)

const letters = () =>
  readdirSync(join(folder, 'letters'))
    .sort()
    .map((name) => readFileSync(join(folder, 'letters', name), 'utf8').replaceAll(/=\r?\n/g, ''))
const lettersTo = (email: string) => letters().filter((letter) => letter.includes(`To: ${email}`))

describe('an account', () => {
  it('is made with an empty household, seen first by three requests at once', async () => {
    const { browser } = await anAccount()
    const callers = await Promise.all([callerIn(browser), callerIn(browser), callerIn(browser)])
    expect(new Set(callers.map((caller) => caller?.householdId)).size).toBe(1)
    const [caller] = callers
    const { kits } = await (await send('GET', '/api/kits', { caller: caller ?? null })).json()
    expect([caller?.name, kits]).toEqual(['Nadia', []])
  })
  it('gives its session to the browser alone: a cookie no script reads, and nothing in the answer', async () => {
    const browser = aBrowser()
    const answer = await ask(browser, 'POST', '/sign-up', {
      name: 'Nadia',
      email: `${randomUUID()}@example.invalid`,
      password: PASSWORD,
    })
    const cookies = answer.headers.getSetCookie()
    expect(cookies.length).toBeGreaterThan(1)
    for (const cookie of cookies)
      expect(cookie).toMatch(/HttpOnly.*SameSite=Lax|SameSite=Lax.*HttpOnly/i)
    expect(await answer.json()).toEqual({})
  })
  it('works with the longest name there is', async () => {
    const { browser } = await anAccount('N'.repeat(80))
    const { household } = await (
      await send('GET', '/api/household', { caller: await callerIn(browser) })
    ).json()
    expect(household.name.length).toBeLessThanOrEqual(120)
    const tooLong = await ask(aBrowser(), 'POST', '/sign-up', {
      name: 'N'.repeat(109),
      email: `${randomUUID()}@example.invalid`,
      password: PASSWORD,
    })
    expect(await code(tooLong)).toEqual([422, 'invalid'])
  })
  it('keeps days by the zone of the device it was made on, or by UTC', async () => {
    for (const [zone, kept] of [
      ['America/Denver', 'America/Denver'],
      ['Moon/Base', 'Etc/UTC'],
      ['%E0%A4%A', 'Etc/UTC'],
    ] as const) {
      const browser = aBrowser()
      browser.cookies.set('satchel.zone', zone)
      const email = `${randomUUID()}@example.invalid`
      await ask(browser, 'POST', '/sign-up', { name: 'Nadia', email, password: PASSWORD })
      const { household } = await (
        await send('GET', '/api/household', { caller: await callerIn(browser) })
      ).json()
      expect(household.timeZone).toBe(kept)
    }
  })
  it('is not made twice for one address, and the refusal does not say that there is one', async () => {
    const { email } = await anAccount()
    const again = await ask(aBrowser(), 'POST', '/sign-up', {
      name: 'Somebody',
      email: email.toUpperCase(),
      password: PASSWORD,
    })
    const problem = await again.json()
    expect([again.status, problem.code]).toEqual([409, 'account_not_made'])
    expect(problem.detail).not.toContain(email)
  })
  it.each([
    ['short', 'nine char'],
    ['common', 'password1234'],
    ['common', '            '],
    ['own_name', 'NadiaNadia2026'],
  ])('is not made with a password that is %s', async (fault, password) => {
    const answer = await ask(aBrowser(), 'POST', '/sign-up', {
      name: 'Nadia',
      email: `${randomUUID()}@example.invalid`,
      password,
    })
    const problem = await answer.json()
    expect([answer.status, problem.code, problem.facts?.fault]).toEqual([
      422,
      'weak_password',
      fault,
    ])
  })
  it('signs in with its password only, and a stranger’s address is refused in the same words', async () => {
    const { email } = await anAccount()
    const wrong = await signInOn(aBrowser(), email, 'something else entirely')
    const nobody = await signInOn(aBrowser(), 'nobody@example.invalid', 'something else entirely')
    expect([await wrong.text(), wrong.status]).toEqual([await nobody.text(), nobody.status])
    const browser = aBrowser()
    expect(await code(await signInOn(browser, email))).toEqual(OK)
    expect((await callerIn(browser))?.name).toBe('Nadia')
  })
  it('signs out: the cookie opens nothing any more', async () => {
    const { browser } = await anAccount()
    const kept = { ...browser, cookies: new Map(browser.cookies) }
    expect(await code(await ask(browser, 'POST', '/sign-out'))).toEqual(OK)
    expect(await callerIn(kept)).toBeNull()
    const madeUp = aBrowser()
    madeUp.cookies.set('satchel.session_token', 'made.up')
    expect(await callerIn(madeUp)).toBeNull()
  })
  it('there is no demo where none was set up', async () => {
    const answer = await send('POST', '/api/demo-session', { caller: null, key: null, body: {} })
    expect(answer.status).toBe(runtime().demoPassword === null ? 404 : 403)
  })
})

describe('guessing', () => {
  it('is stopped for the account, whoever says where they come from; its owner’s device still gets in', async () => {
    const { browser, email } = await anAccount()
    const codes: string[] = []
    for (let at = 0; at < 22; at++)
      // Every try says that it comes from somewhere else.
      codes.push((await code(await signInOn(aBrowser(), email, `wrong guess ${at}`)))[1])
    expect(codes.slice(0, 20)).toEqual(Array(20).fill('wrong_sign_in'))
    expect(codes.slice(20)).toEqual(['too_many_tries', 'too_many_tries'])
    // The right password from a strange device has to wait too: else guessing could go on.
    expect(await code(await signInOn(aBrowser(), email))).toEqual([429, 'too_many_tries'])
    expect(await code(await signInOn(browser, email))).toEqual(OK)
  })
  it('on one’s own device is stopped as well, and nobody else’s mark helps', async () => {
    const { browser, email } = await anAccount()
    const other = await anAccount()
    for (let at = 0; at < 10; at++) await signInOn(browser, email, `wrong guess ${at}`)
    expect(await code(await signInOn(browser, email))).toEqual([429, 'too_many_tries'])
    for (let at = 0; at < 20; at++) await signInOn(aBrowser(), email, `wrong guess ${at}`)
    expect(await code(await signInOn(other.browser, email))).toEqual([429, 'too_many_tries'])
  })
  it('of many accounts from one address is stopped, and other addresses go on', async () => {
    const { email } = await anAccount()
    const guesser = aBrowser()
    const visitor = { address: guesser.address, deviceMark: '' }
    for (let at = 0; at < 99; at++)
      await mayTry(
        app.world.db,
        runtime().secret,
        'password',
        visitor,
        `nobody-${at}@example.invalid`,
      )
    expect(await code(await signInOn(guesser, email, 'a guess of theirs'))).toEqual([
      403,
      'wrong_sign_in',
    ])
    expect(await code(await signInOn(guesser, email))).toEqual([429, 'too_many_tries'])
    expect(await code(await signInOn(aBrowser(), email))).toEqual(OK)
  })
  it('says how long to wait', async () => {
    const { browser, email } = await anAccount()
    for (let at = 0; at < 10; at++) await signInOn(browser, email, `wrong guess ${at}`)
    const problem = await (await signInOn(browser, email)).json()
    expect(problem.facts.minutes).toBeGreaterThan(0)
    expect(problem.detail).toMatch(/^Wait \d+ minutes/)
  })
})

describe('what one gets in by', () => {
  it('a password is changed with the old one; every other device is out, and a letter tells', async () => {
    const { browser, email } = await anAccount()
    const phone = aBrowser('Mozilla/5.0 (Linux; Android 16) Chrome/140.0 Mobile')
    await signInOn(phone, email)
    const next = 'four grey geese over'
    expect(
      await code(await ask(browser, 'PUT', '/password', { old: 'not it at all', next })),
    ).toEqual([403, 'wrong_password'])
    expect(
      await code(await ask(browser, 'PUT', '/password', { old: PASSWORD, next: 'qwertyuiop' })),
    ).toEqual([422, 'weak_password'])
    const changed = await ask(browser, 'PUT', '/password', { old: PASSWORD, next })
    expect(await changed.json()).toEqual({ ended: 1 })
    expect(await callerIn(phone)).toBeNull()
    expect(await callerIn(browser)).not.toBeNull()
    expect(await code(await signInOn(aBrowser(), email))).toEqual([403, 'wrong_sign_in'])
    expect(await code(await signInOn(aBrowser(), email, next))).toEqual(OK)
    expect(lettersTo(email).join()).toContain('Your password was changed')
    expect(lettersTo(email).join()).not.toContain(next)
  })
  it('an address is changed with the password; the old and the new one are told', async () => {
    const { browser, email } = await anAccount()
    const taken = await anAccount()
    const next = `${randomUUID()}@example.invalid`
    expect(
      await code(await ask(browser, 'PUT', '/email', { password: PASSWORD, email: taken.email })),
    ).toEqual([409, 'email_not_changed'])
    expect(
      await code(await ask(browser, 'PUT', '/email', { password: PASSWORD, email: next })),
    ).toEqual(OK)
    expect(await code(await signInOn(aBrowser(), next))).toEqual(OK)
    expect(await code(await signInOn(aBrowser(), email))).toEqual([403, 'wrong_sign_in'])
    expect([lettersTo(email).length, lettersTo(next).length]).toEqual([1, 1])
  })
  it('a name is changed, and signs what is done from now on', async () => {
    const { browser } = await anAccount()
    expect(await code(await ask(browser, 'PATCH', '', { name: 'Nadia B.' }))).toEqual(OK)
    expect((await callerIn(browser))?.name).toBe('Nadia B.')
  })
  it('devices are listed, and signed out one by one or all at once, never somebody else’s', async () => {
    const { browser, email } = await anAccount()
    const phone = aBrowser('Mozilla/5.0 (Linux; Android 16) Chrome/140.0 Mobile')
    const tablet = aBrowser('Mozilla/5.0 (iPad; CPU OS 19_0) Safari/605')
    await signInOn(phone, email)
    await signInOn(tablet, email)
    const { devices } = await (await ask(browser, 'GET', '')).json()
    expect(devices.filter(({ isThis }: { isThis: boolean }) => isThis)).toHaveLength(1)
    expect(devices).toHaveLength(3)
    const onPhone = devices.find(({ userAgent }: { userAgent: string }) =>
      /Android/.test(userAgent),
    )
    const stranger = await anAccount()
    expect(await code(await ask(stranger.browser, 'DELETE', `/devices/${onPhone.id}`))).toEqual([
      404,
      'not_found',
    ])
    expect(await callerIn(phone)).not.toBeNull()
    expect(await code(await ask(browser, 'DELETE', `/devices/${onPhone.id}`))).toEqual(OK)
    expect(await callerIn(phone)).toBeNull()
    expect(await (await ask(browser, 'DELETE', '/devices')).json()).toEqual({ ended: 1 })
    expect(await callerIn(tablet)).toBeNull()
    expect(await callerIn(browser)).not.toBeNull()
  })
  it('the demo’s account is nobody’s to change', async () => {
    const { browser } = await anAccount()
    const client = new pg.Client({ connectionString: accountsUrl(app.database.ownerUrl) })
    await client.connect()
    const caller = await callerIn(browser)
    await client.query(`update "user" set email = 'keeper@satchel.example' where id = $1`, [
      caller?.userId,
    ])
    await client.end()
    for (const [method, path, body] of [
      ['PUT', '/password', { old: PASSWORD, next: 'four grey geese over' }],
      ['PUT', '/email', { password: PASSWORD, email: 'a@example.invalid' }],
      ['PATCH', '', { name: 'Mine' }],
      ['POST', '/recovery-codes', { password: PASSWORD }],
      ['DELETE', '/devices', {}],
    ] as const)
      expect(await code(await ask(browser, method, path, body))).toEqual([403, 'demo_account'])
  })
})

describe('getting in again', () => {
  it('by a code: each once, read off paper as one likes, and every device is out', async () => {
    const { browser, email } = await anAccount()
    const { codes } = await (
      await ask(browser, 'POST', '/recovery-codes', { password: PASSWORD })
    ).json()
    expect(codes).toHaveLength(10)
    expect(new Set(codes).size).toBe(10)
    for (const one of codes)
      expect(one).toMatch(/^[0-9A-HJKMNP-TV-Z]{4}(-[0-9A-HJKMNP-TV-Z]{4}){3}$/)
    const next = 'four grey geese over'
    const phone = aBrowser()
    const asRead = ` ${codes[0].toLowerCase().replaceAll('-', ' ').replaceAll('0', 'o').replaceAll('1', 'l')}`
    const entered = await ask(phone, 'POST', '/recovery', { email, code: asRead, password: next })
    expect(await code(entered)).toEqual(OK)
    expect((await callerIn(phone))?.name).toBe('Nadia')
    expect(await callerIn(browser)).toBeNull()
    const again = { email, code: codes[0], password: 'three red hens under' }
    expect(await code(await ask(aBrowser(), 'POST', '/recovery', again))).toEqual([
      403,
      'wrong_code',
    ])
    expect((await (await ask(phone, 'GET', '')).json()).codesLeft).toBe(9)
    await ask(phone, 'POST', '/recovery-codes', { password: next })
    expect(
      await code(await ask(aBrowser(), 'POST', '/recovery', { ...again, code: codes[1] })),
    ).toEqual([403, 'wrong_code'])
  })
  it('by a code of somebody else’s, or for nobody’s address, is refused in the same words', async () => {
    const { browser } = await anAccount()
    const other = await anAccount()
    const { codes } = await (
      await ask(browser, 'POST', '/recovery-codes', { password: PASSWORD })
    ).json()
    const tried = async (email: string) => {
      const answer = await ask(aBrowser(), 'POST', '/recovery', {
        email,
        code: codes[0],
        password: 'four grey geese over',
      })
      return [answer.status, await answer.text()]
    }
    expect(await tried(other.email)).toEqual(await tried('nobody@example.invalid'))
  })
  it('by letter: the address in it works once; nobody learns who has an account', async () => {
    const { browser, email } = await anAccount()
    const known = await ask(aBrowser(), 'POST', '/letter', { email })
    const unknown = await ask(aBrowser(), 'POST', '/letter', { email: 'nobody@example.invalid' })
    expect([known.status, await known.json()]).toEqual([unknown.status, await unknown.json()])
    expect(lettersTo('nobody@example.invalid')).toEqual([])
    const token = /new-password\?token=3?D?([\w-]+)/.exec(lettersTo(email).join())?.[1] ?? ''
    expect(token).not.toBe('')
    expect(statSync(join(folder, 'letters')).mode & 0o777).toBe(0o700)
    const next = 'four grey geese over'
    expect(
      await code(await ask(aBrowser(), 'POST', '/new-password', { token, password: 'qwertyuiop' })),
    ).toEqual([422, 'weak_password'])
    expect(
      await code(await ask(aBrowser(), 'POST', '/new-password', { token, password: next })),
    ).toEqual(OK)
    expect(
      await code(await ask(aBrowser(), 'POST', '/new-password', { token, password: next })),
    ).toEqual([403, 'letter_expired'])
    expect(await callerIn(browser)).toBeNull()
    expect(await code(await signInOn(aBrowser(), email, next))).toEqual(OK)
    for (let at = 0; at < 3; at++) await ask(aBrowser(), 'POST', '/letter', { email })
    expect(await code(await ask(aBrowser(), 'POST', '/letter', { email }))).toEqual([
      429,
      'too_many_tries',
    ])
  })
  it('by whoever runs the machine', async () => {
    const { browser, email } = await anAccount()
    const desk = { db: app.world.db, auth: runtime().auth }
    expect(await overridePassword(desk, email, 'four grey geese over')).toBe(true)
    expect(await overridePassword(desk, 'nobody@example.invalid', 'x')).toBe(false)
    expect(await callerIn(browser)).toBeNull()
    expect(await code(await signInOn(aBrowser(), email, 'four grey geese over'))).toEqual(OK)
  })
})

describe('a passkey that may be somebody else’s', () => {
  const withOne = async () => {
    const { browser, email } = await anAccount()
    const userId = (await callerIn(browser))?.userId ?? ''
    const one = {
      id: randomUUID().replaceAll('-', ''),
      userId,
      publicKey: new Uint8Array([1]),
      counter: 0,
      transports: [],
      name: 'Not mine',
    }
    await addPasskey(app.world.db, one)
    expect((await (await ask(browser, 'GET', '')).json()).passkeys).toMatchObject([
      { name: 'Not mine', lastUsed: null },
    ])
    return { browser, email, left: () => passkeysOf(app.world.db, userId) }
  }
  const next = 'three red hens under'

  it('is void when its owner gets in by a code', async () => {
    const { browser, email, left } = await withOne()
    const { codes } = await (
      await ask(browser, 'POST', '/recovery-codes', { password: PASSWORD })
    ).json()
    expect(
      await code(
        await ask(aBrowser(), 'POST', '/recovery', { email, code: codes[0], password: next }),
      ),
    ).toEqual(OK)
    expect(await left()).toEqual([])
  })
  it('is void when its owner gets in by letter', async () => {
    const { email, left } = await withOne()
    await ask(aBrowser(), 'POST', '/letter', { email })
    const token = /token=3?D?([\w-]+)/.exec(lettersTo(email).at(-1) ?? '')?.[1] ?? ''
    expect(
      await code(await ask(aBrowser(), 'POST', '/new-password', { token, password: next })),
    ).toEqual(OK)
    expect(await left()).toEqual([])
  })
  it('is void when whoever runs the machine sets a password', async () => {
    const { email, left } = await withOne()
    await overridePassword({ db: app.world.db, auth: runtime().auth }, email, next)
    expect(await left()).toEqual([])
  })
  it('is kept while its owner only changes the password, and taken away by nobody else', async () => {
    const { browser, left } = await withOne()
    const stranger = await anAccount('Mallory')
    const [one] = await left()
    expect(await code(await ask(stranger.browser, 'DELETE', `/passkeys/${one?.id}`))).toEqual([
      404,
      'not_found',
    ])
    await ask(browser, 'PUT', '/password', { old: PASSWORD, next })
    expect(await left()).toHaveLength(1)
    expect(await code(await ask(browser, 'DELETE', `/passkeys/${one?.id}`))).toEqual(OK)
    expect(await left()).toEqual([])
  })
})
