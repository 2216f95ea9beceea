/** Leaving: a household, with it or without it, and what is left behind. */
import pg from 'pg'
import { describe, expect, it } from 'vitest'
import { keepHouse } from '../../src/api/runtime'
import { inHousehold } from '../../src/db/frame/connect'
import { addPerson } from '../../src/db/people/memberships'
import { application, send } from '../support/application'
import { type Browser, visitors } from '../support/visitors'

const app = application()
const { anAccount, aBrowser, ask, callerIn, code, OK, PASSWORD, signInOn } = visitors(app)
const password = { password: PASSWORD }
const leaving = async (browser: Browser) => (await ask(browser, 'GET', '/leaving')).json()

/** The same household for two accounts. */
async function two() {
  const [first, second] = [await anAccount('Nadia'), await anAccount('Odd')]
  const [host, guest] = [await callerIn(first.browser), await callerIn(second.browser)]
  if (!host || !guest) throw new Error('Nobody is in')
  await inHousehold(app.world.db, guest.householdId, (trx) =>
    trx.deleteFrom('household_user').where('user_id', '=', guest.userId).execute(),
  )
  await inHousehold(app.world.db, host.householdId, (trx) =>
    trx
      .insertInto('household_user')
      .values({ household_id: host.householdId, user_id: guest.userId, name: 'Odd' })
      .execute(),
  )
  return { first, second, householdId: host.householdId }
}

async function asAdmin<T>(work: (client: pg.Client) => Promise<T>): Promise<T> {
  const url = new URL(process.env.ADMIN_DATABASE_URL ?? '')
  url.pathname = new URL(app.database.appUrl).pathname
  const client = new pg.Client({ connectionString: url.href })
  await client.connect()
  return work(client).finally(() => client.end())
}
const aWeekLater = (householdId: string) =>
  asAdmin((client) =>
    client.query('update household_deletion set due_at = now() where household_id = $1', [
      householdId,
    ]),
  )

describe('a household', () => {
  it('is deleted by whoever knows the password, after a week in which anybody keeps it', async () => {
    const { first, second, householdId } = await two()
    expect(
      await code(await ask(first.browser, 'POST', '/household-deletion', { password: 'no' })),
    ).toEqual([403, 'wrong_password'])
    expect(await leaving(first.browser)).toEqual({ others: true, empty: true, deletion: null })
    expect(await code(await ask(first.browser, 'POST', '/household-deletion', password))).toEqual(
      OK,
    )
    const { deletion } = await leaving(second.browser)
    expect(deletion).toMatchObject({ askedBy: 'Nadia', withAccount: false })
    expect((Date.parse(deletion.dueAt) - Date.now()) / 86_400_000).toBeCloseTo(7, 1)
    const strap = async () =>
      (await send('GET', '/api/watch', { caller: await callerIn(second.browser) })).json()
    expect((await strap()).strap.deletion).toEqual({ askedBy: 'Nadia', dueAt: deletion.dueAt })
    expect(await code(await ask(second.browser, 'DELETE', '/household-deletion'))).toEqual(OK)
    expect((await strap()).strap.deletion).toBeNull()
    await aWeekLater(householdId)
    await keepHouse(app.world.db)
    expect((await callerIn(first.browser))?.householdId).toBe(householdId)
  })

  it('that was deleted leaves its people with their accounts and an empty one each', async () => {
    const { first, second, householdId } = await two()
    await ask(first.browser, 'POST', '/household-deletion', password)
    await aWeekLater(householdId)
    await keepHouse(app.world.db)
    const after = await Promise.all([callerIn(first.browser), callerIn(second.browser)])
    expect(after.map((caller) => caller?.name)).toEqual(['Nadia', 'Odd'])
    expect(new Set([householdId, ...after.map((caller) => caller?.householdId)]).size).toBe(3)
  })

  it('is left by one, kept by the other, and by nobody alone', async () => {
    const { first, second, householdId } = await two()
    expect(await code(await ask(second.browser, 'POST', '/leave-household', password))).toEqual(OK)
    expect((await callerIn(second.browser))?.householdId).not.toBe(householdId)
    expect((await callerIn(first.browser))?.householdId).toBe(householdId)
    expect(await code(await ask(first.browser, 'POST', '/leave-household', password))).toEqual([
      409,
      'nobody_stays',
    ])
  })
})

describe('two who leave at the same moment', () => {
  it('do not both go: nobody would be left', async () => {
    const { first, second } = await two()
    const answers = await Promise.all(
      [first, second].map(async ({ browser }) =>
        code(await ask(browser, 'POST', '/leave-household', password)),
      ),
    )
    expect(answers.map(([status]) => status).sort()).toEqual([200, 409])
  })
})

describe('an account', () => {
  it('stays when its owner has left the household that it was to go with', async () => {
    const { first, second, householdId } = await two()
    expect(await code(await ask(second.browser, 'POST', '/leave-household', password))).toEqual(OK)
    await ask(first.browser, 'DELETE', '', password)
    // Somebody comes in, and the first one goes after all.
    const third = await callerIn(second.browser)
    await inHousehold(app.world.db, third?.householdId as typeof householdId, (trx) =>
      trx
        .deleteFrom('household_user')
        .where('user_id', '=', third?.userId ?? '')
        .execute(),
    )
    await inHousehold(app.world.db, householdId, (trx) =>
      addPerson(trx, {
        householdId,
        userId: third?.userId ?? '',
        name: 'Odd',
        role: 'keeper',
        since: new Date(),
      }),
    )
    expect(await code(await ask(first.browser, 'POST', '/leave-household', password))).toEqual(OK)
    await aWeekLater(householdId)
    await keepHouse(app.world.db)
    expect((await callerIn(second.browser))?.householdId).not.toBe(householdId)
    expect(await code(await signInOn(aBrowser(), first.email))).toEqual(OK)
  })

  it('goes at once where others stay, and nothing lets it in again', async () => {
    const { first, second, householdId } = await two()
    const answer = await ask(second.browser, 'DELETE', '', password)
    expect(await answer.json()).toEqual({ gone: 'now' })
    expect(await callerIn(second.browser)).toBeNull()
    expect(await code(await signInOn(aBrowser(), second.email))).toEqual([403, 'wrong_sign_in'])
    expect((await callerIn(first.browser))?.householdId).toBe(householdId)
  })

  it('that is alone in its household goes with it, after the week in which both are kept', async () => {
    const { browser, email } = await anAccount()
    const caller = await callerIn(browser)
    await ask(browser, 'POST', '/recovery-codes', password)
    expect(await (await ask(browser, 'DELETE', '', password)).json()).toEqual({
      gone: 'with_household',
    })
    expect((await leaving(browser)).deletion).toMatchObject({ withAccount: true })
    expect(await code(await signInOn(aBrowser(), email))).toEqual(OK)
    await aWeekLater(caller?.householdId ?? '')
    await keepHouse(app.world.db)
    expect(await callerIn(browser)).toBeNull()
    expect(await code(await signInOn(aBrowser(), email))).toEqual([403, 'wrong_sign_in'])
    const left = await asAdmin(async (client) => {
      const { rows } = await client.query(
        `select (select count(*) from auth."user" where id = $1) + (select count(*) from auth.session where "userId" = $1)
              + (select count(*) from auth.account where "userId" = $1) + (select count(*) from auth.recovery_code where user_id = $1) as n`,
        [caller?.userId],
      )
      return Number(rows[0].n)
    })
    expect(left).toBe(0)
    // The address is free again.
    expect(
      await code(
        await ask(aBrowser(), 'POST', '/sign-up', { name: 'Nadia', email, password: PASSWORD }),
      ),
    ).toEqual(OK)
  })
})
