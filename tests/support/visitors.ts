/** Whoever comes to the account endpoints with a browser of their own. */
import { randomUUID } from 'node:crypto'
import { expect } from 'vitest'
import { runtime } from '../../src/api/runtime'
import { callerOf } from '../../src/app/account/signIn'
import type { Caller } from '../../src/app/frame/world'
import { type Application, send } from './application'

/** A browser: it keeps its cookies, and comes from one address. */
export interface Browser {
  cookies: Map<string, string>
  readonly address: string
  readonly userAgent: string
}
let addresses = 0

export function visitors(app: Application) {
  const aBrowser = (
    userAgent = 'Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Firefox/140.0',
  ): Browser => {
    addresses += 1
    return { cookies: new Map(), address: `203.0.113.${addresses}`, userAgent }
  }
  const cookieOf = ({ cookies }: Browser): string =>
    [...cookies].map(([name, value]) => `${name}=${value}`).join('; ')
  const callerIn = (browser: Browser, isOnTheWay = false): Promise<Caller | null> =>
    callerOf(runtime().auth, app.world.db, new Headers({ cookie: cookieOf(browser) }), isOnTheWay)

  const ask = (browser: Browser, method: string, path: string, body?: object) =>
    askAt(browser, method, `/api/account${path}`, body)

  async function askAt(browser: Browser, method: string, path: string, body?: object) {
    const answer = await send(method, path, {
      caller: await callerIn(browser, path.startsWith('/api/invitation')),
      body: body ?? (method === 'GET' ? undefined : {}),
      key: null,
      headers: {
        'x-satchel-peer': browser.address,
        'user-agent': browser.userAgent,
        cookie: cookieOf(browser),
      },
    })
    for (const cookie of answer.headers.getSetCookie()) {
      const [pair = ''] = cookie.split(';')
      const [name = '', value = ''] = pair.split(/=(.*)/s)
      if (value === '' || /max-age=0/i.test(cookie)) browser.cookies.delete(name)
      else browser.cookies.set(name, value)
    }
    return answer
  }
  const code = async (answer: Response): Promise<[number, string]> => [
    answer.status,
    (await answer.json()).code ?? '',
  ]
  const OK = [200, ''] as const

  const PASSWORD = 'wet socks on the line'
  const anAccount = async (name = 'Nadia') => {
    const browser = aBrowser()
    const email = `${randomUUID()}@example.invalid`
    expect(
      await code(await ask(browser, 'POST', '/sign-up', { name, email, password: PASSWORD })),
    ).toEqual(OK)
    return { browser, email, name }
  }
  const signInOn = (browser: Browser, email: string, password = PASSWORD) =>
    ask(browser, 'POST', '/sign-in', { email, password })

  return { aBrowser, anAccount, ask, askAt, callerIn, code, cookieOf, OK, PASSWORD, signInOn }
}
