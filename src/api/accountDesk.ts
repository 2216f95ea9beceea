/** What account work needs from outside, of one request. */
import type { z } from 'zod'
import { readAccount } from '../app/account/accounts'
import type { AccountDesk } from '../app/account/desk'
import { DEVICE_COOKIE } from '../app/account/enter'
import { type LeavingView, readLeaving } from '../app/account/leaving'
import { cookieIn } from '../app/account/signIn'
import { readHouseholds } from '../app/people/joining'
import type { readAccount as readAccountContract } from '../contract/account'
import { DEMO_EMAIL } from '../core/account/demo'
import { lastBackup } from './lastBackup'
import { runtime } from './runtime'

/** Where a request comes from, as the server itself set it: nobody else's word for it gets here. */
export const PEER_HEADER = 'x-satchel-peer'

/** For the page that shows it. @throws {Refusal} `not_signed_in` */
export async function accountOf(
  request: Request,
): Promise<z.output<(typeof readAccountContract)['result']>> {
  return readAccount(deskOf(request))
}

/** For the page that shows it. @throws {Refusal} `not_signed_in` */
export const leavingOf = (request: Request): Promise<LeavingView> => readLeaving(deskOf(request))

/** For the page that shows them. @throws {Refusal} `not_signed_in` */
export const householdsOf = (request: Request) => readHouseholds(runtime().world, deskOf(request))

/** Who is signed in on this device, in a household or on the way into one; null for nobody. */
export async function whoIsIn(
  request: Request,
): Promise<{ readonly name: string; readonly isDemo: boolean } | null> {
  const found = await runtime().auth.api.getSession({ headers: request.headers })
  return found && { name: found.user.name, isDemo: found.user.email === DEMO_EMAIL }
}

/** Where this application is reached: only this machine's own names get as far as here. */
export const originOf = ({ headers, url }: Pick<Request, 'headers' | 'url'>): string =>
  runtime().publicOrigin ?? `http://${headers.get('host') ?? new URL(url).host}`

export function deskOf({ headers, url }: Request): AccountDesk {
  const { world, auth, secret, letters } = runtime()
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
    origin: originOf({ headers, url }),
    demoEmail: DEMO_EMAIL,
    lastBackup,
  }
}
