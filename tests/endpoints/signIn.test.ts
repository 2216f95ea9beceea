/** Accounts: made, signed in, signed out; each with an empty household of its own. */

import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { beforeAll, describe, expect, it } from 'vitest'
import { accountsUrl, runtime } from '../../src/api/runtime'
import { callerOf } from '../../src/app/signIn'
import { application, send } from '../support/application'

const app = application()
beforeAll(async () => {
  // The accounts' tables came with the copy of the migrated database.
  const client = new pg.Client({ connectionString: accountsUrl(app.database.appUrl) })
  await client.connect()
  const { rows } = await client.query(`select count(*)::int as n from "user"`)
  await client.end()
  expect(rows[0].n).toBe(0)
})

const post = (path: string, body: object, cookie = '') =>
  send('POST', path, {
    caller: null,
    body,
    key: null,
    headers: { origin: 'http://127.0.0.1:4321', ...(cookie && { cookie }) },
  })
const cookieOf = (answer: Response) =>
  answer.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ')
const callerWith = (cookie: string) =>
  callerOf(runtime().auth, app.world.db, new Headers({ cookie }))

describe('an account', () => {
  const who = { name: 'Nadia', email: 'nadia@example.invalid', password: 'ten letters and more' }
  let cookie = ''
  it('is made with an empty household, seen first by two requests at once', async () => {
    const answer = await post('/api/auth/sign-up/email', who)
    expect(answer.status).toBe(200)
    cookie = cookieOf(answer)
    expect(answer.headers.getSetCookie().join()).toMatch(/HttpOnly/i)
    const callers = await Promise.all([callerWith(cookie), callerWith(cookie), callerWith(cookie)])
    expect(new Set(callers.map((caller) => caller?.householdId)).size).toBe(1)
    const [caller] = callers
    const { kits } = await (await send('GET', '/api/kits', { caller: caller ?? null })).json()
    expect([caller?.name, kits]).toEqual(['Nadia', []])
  })
  it('keeps days by the zone of the device it was made on, or by UTC', async () => {
    for (const [zone, kept] of [
      ['America/Denver', 'America/Denver'],
      ['Moon/Base', 'Etc/UTC'],
      ['%E0%A4%A', 'Etc/UTC'],
    ] as const) {
      const made = cookieOf(
        await runtime().auth.api.signUpEmail({
          body: { ...who, email: `${randomUUID()}@example.invalid` },
          asResponse: true,
        }),
      )
      const caller = await callerWith(`${made}; satchel.zone=${zone}`)
      const { household } = await (await send('GET', '/api/household', { caller })).json()
      expect(household.timeZone).toBe(kept)
    }
  })
  it('is refused twice for one address, and for a short password', async () => {
    expect((await post('/api/auth/sign-up/email', who)).status).toBe(422)
    expect(
      (
        await post('/api/auth/sign-up/email', {
          ...who,
          email: 'b@example.invalid',
          password: 'short',
        })
      ).status,
    ).toBe(400)
  })
  it('signs in with its password only', async () => {
    expect(
      (await post('/api/auth/sign-in/email', { email: who.email, password: 'something else' }))
        .status,
    ).toBe(401)
    const answer = await post('/api/auth/sign-in/email', {
      email: who.email,
      password: who.password,
    })
    expect(answer.status).toBe(200)
    expect((await callerWith(cookieOf(answer)))?.name).toBe('Nadia')
  })
  it('signs out: the cookie opens nothing any more', async () => {
    expect((await post('/api/auth/sign-out', {}, cookie)).status).toBe(200)
    expect(await callerWith(cookie)).toBeNull()
    expect(await callerWith('satchel.session_token=made.up')).toBeNull()
  })
  it('there is no demo where none was set up', async () => {
    if (runtime().demoPassword === null)
      expect((await post('/api/demo-session', {})).status).toBe(404)
    else expect((await post('/api/demo-session', {})).status).toBe(401)
  })
})
