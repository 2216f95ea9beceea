/** Accounts with a household, made beside the server as a sign-up would make them. */
import { randomUUID } from 'node:crypto'
import { accountsUrl } from '../../../src/api/runtime'
import { createAuth } from '../../../src/app/account/signIn'
import { revisionCache } from '../../../src/app/frame/cache'
import { type Caller, clockFrom, type World } from '../../../src/app/frame/world'
import { createHousehold } from '../../../src/app/household/householdActs'
import { plainDate } from '../../../src/core/calendar/plainDate'
import type { HouseholdId } from '../../../src/core/ids'
import { createDb, createPool, inHousehold } from '../../../src/db/frame/connect'
import { DEMO_HOUSEHOLD } from '../../../src/demo/household'
import { fillDemo } from '../../../src/demo/loadDemo'
import { standInServices } from '../../../src/standIns/services'
import { copyHousehold } from '../../support/copyHousehold'
import { twoPlaces } from '../../support/twoPlaces'
import { databaseUrl, SECRET, TODAY } from './serve'

export interface Account {
  readonly caller: Caller
  readonly email: string
  readonly password: string
  readonly cookie: { readonly name: string; readonly value: string }
}

const url = () => databaseUrl('DATABASE_URL', 'browser')
let made: { db: ReturnType<typeof createDb>; auth: ReturnType<typeof createAuth> } | undefined

function tools() {
  made ??= {
    db: createDb(createPool(url(), 2)),
    auth: createAuth(createPool(accountsUrl(url()), 1), {
      secret: SECRET,
      baseUrl: process.env.SATCHEL_ADDRESS ?? '',
      alsoTrusted: [],
    }),
  }
  return made
}

/** What a household starts with. */
export type Stock = 'demo' | 'two places' | 'nothing'

export async function anAccount(stock: Stock): Promise<Account> {
  const { auth } = tools()
  const email = `${randomUUID()}@example.invalid`
  const password = 'ten letters and more'
  const { headers, response } = await auth.api.signUpEmail({
    body: { email, password, name: 'Ilse' },
    returnHeaders: true,
  })
  const [name = '', value = ''] =
    (headers.getSetCookie()[0] ?? '').split(';')[0]?.split(/=(.*)/s) ?? []
  const userId = response.user.id
  const caller = stock === 'demo' ? await inACopy(userId) : await inANewOne(userId)
  if (stock === 'two places') await twoPlaces(world(), caller)
  return { caller, email, password, cookie: { name, value: decodeURIComponent(value) } }
}

async function inANewOne(userId: string): Promise<Caller> {
  const householdId = randomUUID() as HouseholdId
  const user = { id: userId, name: 'Ilse' }
  await createHousehold(tools().db, { id: householdId, ...DEMO_HOUSEHOLD }, user)
  return { userId, name: 'Ilse', householdId, role: 'keeper' }
}

async function inACopy(userId: string): Promise<Caller> {
  const householdId = (await copyHousehold(
    process.env.SATCHEL_FILLED ?? '',
    databaseUrl('ADMIN_DATABASE_URL', 'browser'),
  )) as HouseholdId
  await join(householdId, userId, 'Ilse')
  return { userId, name: 'Ilse', householdId, role: 'keeper' }
}

/** A household with all that the demo has, that no test lives in; to be copied. */
export async function aFilledHousehold(): Promise<string> {
  const caller = await inANewOne(randomUUID())
  const noon = () => new Date(`${TODAY}T12:00:00Z`)
  await fillDemo(tools().db, caller, plainDate(TODAY), noon)
  return caller.householdId
}

const join = (householdId: HouseholdId, userId: string, name: string): Promise<void> =>
  inHousehold(tools().db, householdId, async (trx) => {
    await trx
      .insertInto('household_user')
      .values({ household_id: householdId, user_id: userId, name })
      .execute()
  })

/** Somebody else of the same household, with an account of their own. */
export async function aHelper(of: Account, name: string): Promise<Account> {
  const { auth } = tools()
  const email = `${randomUUID()}@example.invalid`
  const password = 'ten letters and more'
  const { headers, response } = await auth.api.signUpEmail({
    body: { email, password, name },
    returnHeaders: true,
  })
  const { householdId } = of.caller
  await join(householdId, response.user.id, name)
  const [cookieName = '', value = ''] =
    (headers.getSetCookie()[0] ?? '').split(';')[0]?.split(/=(.*)/s) ?? []
  return {
    caller: { userId: response.user.id, name, householdId, role: 'keeper' },
    email,
    password,
    cookie: { name: cookieName, value: decodeURIComponent(value) },
  }
}

/** The same clock as the server's, for use cases called beside it. */
export const world = (): World => ({
  db: tools().db,
  now: clockFrom(TODAY),
  surveys: revisionCache(),
  services: standInServices,
})
