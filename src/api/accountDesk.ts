/** Serves account work: outside any household, before one is signed in or about how one is. */
import type { APIRoute } from 'astro'
import type { z } from 'zod'
import { type AccountDesk, DEVICE_COOKIE, type LetIn, readAccount } from '../app/accounts'
import { type LeavingView, readLeaving } from '../app/leaving'
import { Refusal } from '../app/refusal'
import { cookieIn } from '../app/signIn'
import type * as accountContract from '../contract/accountEndpoints'
import type { Endpoint } from '../contract/endpoint'
import { DEMO_EMAIL } from '../core/account/demo'
import { lastBackup } from './lastBackup'
import { problemOf } from './problem'
import { runtime } from './runtime'
import { type Asked, answerOf, readRequest } from './serve'

/** Where a request comes from, as the server itself set it: nobody else's word for it gets here. */
export const PEER_HEADER = 'x-satchel-peer'

export interface AccountCall<E extends Endpoint> extends Asked<E> {
  readonly desk: AccountDesk
}

/** What an endpoint answers; nothing but cookies where somebody is let in or out. */
export type AccountAnswer<E extends Endpoint> = z.input<E['result']> | LetIn

export function serveAccount<E extends Endpoint>(
  endpoint: E,
  handle: (call: AccountCall<E>) => Promise<AccountAnswer<E>>,
): APIRoute {
  return async ({ request, params, url, locals }) => {
    try {
      if (endpoint.door === 'account' && !locals.caller)
        throw new Refusal({ code: 'not_signed_in' })
      const asked = await readRequest(endpoint, request, params, url)
      if (asked instanceof Response) return asked
      const done = await handle({ ...asked, desk: deskOf(request) })
      if (!isLetIn(done)) return answerOf(endpoint, done)
      const answer = answerOf(endpoint, {} as z.input<E['result']>)
      for (const cookie of done.cookies) answer.headers.append('set-cookie', cookie)
      return answer
    } catch (error) {
      return problemOf(error)
    }
  }
}

const isLetIn = (done: unknown): done is LetIn =>
  typeof done === 'object' && done !== null && 'cookies' in done

/** For the page that shows it. @throws {Refusal} `not_signed_in` */
export async function accountOf(
  request: Request,
): Promise<z.output<typeof accountContract.readAccount.result>> {
  return readAccount(deskOf(request))
}

/** For the page that shows it. @throws {Refusal} `not_signed_in` */
export const leavingOf = (request: Request): Promise<LeavingView> => readLeaving(deskOf(request))

function deskOf({ headers, url }: Request): AccountDesk {
  const { world, auth, secret, letters, publicOrigin } = runtime()
  return {
    db: world.db,
    auth,
    secret,
    letters,
    headers,
    visitor: {
      address: headers.get(PEER_HEADER) ?? '',
      deviceMark: cookieIn(headers, DEVICE_COOKIE),
    },
    // Only this machine's own names get as far as here.
    origin: publicOrigin ?? `http://${headers.get('host') ?? new URL(url).host}`,
    demoEmail: DEMO_EMAIL,
    lastBackup,
  }
}
