/** Coming into a household, going out of it, and one account in several. */
import { describe, expect, it } from 'vitest'
import { runtime } from '../../src/api/runtime'
import { callerOf } from '../../src/app/account/signIn'
import type { Caller } from '../../src/app/frame/world'
import { HOUSEHOLD_HEADER } from '../../src/app/people/seats'
import { canBeUndone } from '../../src/app/record/undoAct'
import { allEndpoints } from '../../src/contract'
import { CODE_BITS, readInvitationCode } from '../../src/core/people/invitation'
import type { Role } from '../../src/core/people/role'
import { application, newKey, send } from '../support/application'
import { stocked } from '../support/stocked'
import { type Browser, visitors } from '../support/visitors'

const app = application()
const { anAccount, aBrowser, ask, askAt, callerIn, code, cookieOf, OK, PASSWORD } = visitors(app)

async function keeperOf(name: string): Promise<{ browser: Browser; caller: Caller }> {
  const { browser } = await anAccount(name)
  const caller = await callerIn(browser)
  if (!caller) throw new Error('Nobody is in')
  return { browser, caller }
}
const inviteTo = async (caller: Caller, role: Role, forName = 'Kari') =>
  (
    await send('POST', '/api/people/invitations', { caller, body: { forName, role } })
  ).json() as Promise<{ code: string; invitationId: string; actId: string }>
const look = (browser: Browser, typed: string) =>
  askAt(browser, 'POST', '/api/invitation', { code: typed })
const join = (browser: Browser, typed: string) =>
  askAt(browser, 'POST', '/api/invitation/join', { code: typed })
const peopleOf = async (caller: Caller) =>
  (await (await send('GET', '/api/people', { caller })).json()) as {
    people: { id: string; name: string; role: Role; isYou: boolean }[]
    invitations: { id: string; state: string; usedBy: string | null; code: string | null }[]
  }
const idOf = async (caller: Caller, name: string): Promise<string> =>
  (await peopleOf(caller)).people.find((one) => one.name === name)?.id ?? ''

describe('an invitation', () => {
  it('lets one person in, with an account of their own and the role it says', async () => {
    const { caller } = await keeperOf('Ilse')
    const made = await inviteTo(caller, 'helper')
    expect(CODE_BITS).toBeGreaterThanOrEqual(58)
    const guest = await anAccount('Kari')
    // Read aloud, typed in small letters with blanks.
    const heard = made.code.toLowerCase().replaceAll('-', ' ')
    expect(await (await look(guest.browser, heard)).json()).toMatchObject({
      household: 'Ilse’s household',
      role: 'helper',
      forName: 'Kari',
      madeBy: 'Ilse',
    })
    expect(await code(await join(guest.browser, heard))).toEqual(OK)
    // Whoever came in by an invitation has no household of their own beside it.
    const seat = await callerIn(guest.browser)
    expect(seat).toMatchObject({ householdId: caller.householdId, role: 'helper', late: false })
    const { households } = await (await ask(guest.browser, 'GET', '/households')).json()
    expect(households).toHaveLength(1)
    const { people, invitations } = await peopleOf(caller)
    expect(people.map(({ name, role }) => `${name} ${role}`)).toEqual([
      'Ilse keeper',
      'Kari helper',
    ])
    expect(invitations).toMatchObject([{ state: 'used', usedBy: 'Kari', code: null }])
    const { acts } = await (await send('GET', '/api/acts', { caller })).json()
    expect(acts.map((one: { kind: string; who: string }) => `${one.who} ${one.kind}`)).toEqual([
      'Kari joined',
      'Ilse invited',
    ])
  })
  it('is one however often it is sent, and no record holds its code', async () => {
    const { caller } = await keeperOf('Ilse')
    const key = newKey()
    const send2 = async () =>
      (
        await send('POST', '/api/people/invitations', {
          caller,
          key,
          body: { forName: 'Kari', role: 'viewer' },
        })
      ).json()
    const [first, again] = [await send2(), await send2()]
    expect(again).toEqual(first)
    const saved = await (await send('GET', '/api/acts', { caller })).text()
    expect(saved).not.toContain(first.code)
    expect((await peopleOf(caller)).invitations).toHaveLength(1)
  })
  it('opens nothing a second time, once withdrawn, or after its week', async () => {
    const { caller } = await keeperOf('Ilse')
    const [used, withdrawn, old] = [
      await inviteTo(caller, 'helper'),
      await inviteTo(caller, 'helper'),
      await inviteTo(caller, 'helper'),
    ]
    const [one, two] = [await anAccount('Kari'), await anAccount('Odd')]
    expect(await code(await join(one.browser, used.code))).toEqual(OK)
    expect(await code(await join(two.browser, used.code))).toEqual([410, 'invitation_gone'])
    expect(await code(await join(one.browser, used.code))).toEqual([409, 'already_there'])
    await send('DELETE', `/api/people/invitations/${withdrawn.invitationId}`, { caller, body: {} })
    expect(await (await look(two.browser, withdrawn.code)).json()).toMatchObject({
      code: 'invitation_gone',
      facts: { state: 'withdrawn' },
    })
    const later = { ...app.world, now: () => new Date(app.world.now().getTime() + 8 * 86_400_000) }
    const { readInvitation } = await import('../../src/app/people/joining')
    const { deskOf } = await import('../../src/api/accountDesk')
    await expect(
      readInvitation(later, deskOf(new Request('http://127.0.0.1/')), old.code),
    ).rejects.toMatchObject({ reason: { code: 'invitation_gone', state: 'over' } })
    expect(await code(await join(two.browser, old.code))).toEqual(OK)
  })
  it('lets in one of two who come at the same moment', async () => {
    const { caller } = await keeperOf('Ilse')
    const made = await inviteTo(caller, 'helper')
    const guests = await Promise.all(['Kari', 'Odd', 'Nadia'].map((name) => anAccount(name)))
    const answers = await Promise.all(guests.map(({ browser }) => join(browser, made.code)))
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 410, 410])
    expect((await peopleOf(caller)).people).toHaveLength(2)
  })
  it('cannot be guessed: tries are counted, and say the same whatever was typed', async () => {
    const guesser = aBrowser()
    const answers = new Set<string>()
    for (let n = 0; n < 30; n++)
      answers.add((await code(await look(guesser, `AAAA-BBBB-C${n + 10}C`))).join())
    answers.add((await code(await look(guesser, 'AAAA-BBBB-CCCC'))).join())
    expect([...answers].sort()).toEqual(['404,code_not_right', '429,too_many_tries'])
  })
  it('is not made for a keeper by somebody who is none, nor by a helper at all', async () => {
    const { caller } = await keeperOf('Ilse')
    const second = await anAccount('Tove')
    await join(second.browser, (await inviteTo(caller, 'second_keeper')).code)
    const tove = await callerIn(second.browser)
    expect(await inviteTo(tove as Caller, 'keeper')).toMatchObject({ code: 'not_allowed' })
    expect(await inviteTo(tove as Caller, 'viewer')).toHaveProperty('actId')
  })
  it('read out wrong is no code', () => {
    expect(readInvitationCode(' k7tm 3xq9-pwrd ')).toBe('K7TM-3XQ9-PWRD')
    expect(readInvitationCode('http://127.0.0.1:4321/join/K7TM-3XQ9-PWRD')).toBe('K7TM-3XQ9-PWRD')
    for (const typed of ['', 'K7TM-3XQ9', 'K7TM-3XQ9-PWR0', 'K7TM-3XQ9-PWRDA', '\u0000'])
      expect([typed, readInvitationCode(typed)]).toEqual([typed, null])
  })
})

describe('a role', () => {
  async function three() {
    const { caller, browser } = await keeperOf('Ilse')
    const [second, helper] = [await anAccount('Tove'), await anAccount('Odd')]
    await join(second.browser, (await inviteTo(caller, 'second_keeper')).code)
    await join(helper.browser, (await inviteTo(caller, 'helper')).code)
    return {
      ilse: { caller, browser },
      tove: { caller: (await callerIn(second.browser)) as Caller, browser: second.browser },
      odd: { caller: (await callerIn(helper.browser)) as Caller, browser: helper.browser },
    }
  }
  const give = (by: Caller, personId: string, role: Role) =>
    send('POST', `/api/people/${personId}/role`, { caller: by, body: { role } })
  const end = (by: Caller, personId: string) =>
    send('DELETE', `/api/people/${personId}`, { caller: by, body: {} })

  it('ends with one press, at once, on every device', async () => {
    const { ilse, odd } = await three()
    expect((await end(ilse.caller, await idOf(ilse.caller, 'Odd'))).status).toBe(200)
    // What was let in before, and asks now.
    const before = await send('GET', '/api/kits', { caller: odd.caller })
    expect(await code(before)).toEqual([403, 'not_in_household'])
    // The page he had open names the household; a new one opens a household of his own.
    const named = new Headers({ cookie: cookieOf(odd.browser) })
    named.set(HOUSEHOLD_HEADER, ilse.caller.householdId)
    expect(await callerOf(runtime().auth, app.world.db, named)).toMatchObject({ late: true })
    expect((await callerIn(odd.browser))?.householdId).not.toBe(ilse.caller.householdId)
  })
  it('of keepers is given and ended by keepers, and one of them stays', async () => {
    const { ilse, tove } = await three()
    const [ilseId, oddId] = [await idOf(ilse.caller, 'Ilse'), await idOf(ilse.caller, 'Odd')]
    expect(await code(await give(tove.caller, ilseId, 'viewer'))).toEqual([403, 'not_allowed'])
    expect(await code(await end(tove.caller, ilseId))).toEqual([403, 'not_allowed'])
    expect(await code(await give(tove.caller, oddId, 'keeper'))).toEqual([403, 'not_allowed'])
    expect(await code(await give(tove.caller, oddId, 'viewer'))).toEqual(OK)
    expect(await code(await give(ilse.caller, ilseId, 'helper'))).toEqual([409, 'last_keeper'])
    expect(await code(await end(ilse.caller, ilseId))).toEqual([409, 'last_keeper'])
    const password = { password: PASSWORD }
    expect(await code(await ask(ilse.browser, 'POST', '/leave-household', password))).toEqual([
      409,
      'last_keeper',
    ])
    expect(await code(await ask(ilse.browser, 'DELETE', '', password))).toEqual([
      409,
      'last_keeper',
    ])
    expect(await code(await ask(tove.browser, 'POST', '/household-deletion', password))).toEqual([
      403,
      'not_allowed',
    ])
    expect(await code(await give(ilse.caller, await idOf(ilse.caller, 'Tove'), 'keeper'))).toEqual(
      OK,
    )
    expect(await code(await ask(ilse.browser, 'POST', '/leave-household', password))).toEqual(OK)
    expect((await peopleOf((await callerIn(tove.browser)) as Caller)).people).toHaveLength(2)
  })
  it('of the last two keepers who leave at once, one stays', async () => {
    const { ilse, tove } = await three()
    await give(ilse.caller, await idOf(ilse.caller, 'Tove'), 'keeper')
    const answers = await Promise.all(
      [ilse, tove].map(({ browser }) =>
        ask(browser, 'POST', '/leave-household', { password: PASSWORD }),
      ),
    )
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409])
  })
  it('that was given or ended is not undone from the list of acts', async () => {
    const { ilse } = await three()
    const { actId } = await (await end(ilse.caller, await idOf(ilse.caller, 'Odd'))).json()
    const undo = await send('POST', `/api/acts/${actId}/undo`, { caller: ilse.caller, body: {} })
    expect(await code(undo)).toEqual([409, 'people_stay'])
    const staying = allEndpoints.flatMap(([, { records, stays }]) => (stays ? records : []))
    const others = allEndpoints.flatMap(([, { records, stays }]) => (stays ? [] : records))
    expect(staying.filter((kind) => canBeUndone(ilse.caller, kind, null))).toEqual([])
    expect(others.filter((kind) => !canBeUndone(ilse.caller, kind, null))).toEqual([])
  })
})

describe('one account', () => {
  it('opens one of its households and acts on the one that its page shows', async () => {
    const [first, second] = [await keeperOf('Ilse'), await keeperOf('Tove')]
    await join(first.browser, (await inviteTo(second.caller, 'viewer')).code)
    expect((await callerIn(first.browser))?.householdId).toBe(second.caller.householdId)
    const open = await ask(first.browser, 'POST', `/households/${first.caller.householdId}/open`)
    expect(open.status).toBe(200)
    expect((await callerIn(first.browser))?.householdId).toBe(first.caller.householdId)
    // A window that still shows the other one asks for that.
    const named = new Headers({ cookie: cookieOf(first.browser) })
    named.set(HOUSEHOLD_HEADER, second.caller.householdId)
    expect(await callerOf(runtime().auth, app.world.db, named)).toMatchObject({
      householdId: second.caller.householdId,
      role: 'viewer',
    })
    named.set(HOUSEHOLD_HEADER, app.keeper.householdId)
    await expect(callerOf(runtime().auth, app.world.db, named)).rejects.toMatchObject({
      reason: { code: 'not_in_household' },
    })
    const stranger = await ask(first.browser, 'POST', `/households/${app.keeper.householdId}/open`)
    expect(await code(stranger)).toEqual([404, 'not_found'])
  })
  it('sees side by side how ready its households are, and an overseer nothing else', async () => {
    const club = await keeperOf('Club')
    const owner = await keeperOf('Tove')
    await stocked(app.world, owner.caller)
    await join(club.browser, (await inviteTo(owner.caller, 'overseer')).code)
    const answer = await ask(club.browser, 'GET', '/households')
    const text = await answer.text()
    expect(JSON.parse(text).households).toMatchObject([
      { household: 'Club’s household', role: 'keeper', opens: true, isThis: true },
      {
        household: 'Tove’s household',
        role: 'overseer',
        opens: false,
        isThis: false,
        places: [{ name: 'Cottage' }],
      },
    ])
    expect(text).not.toMatch(/Eye drops|Ned|Pantry roll|weekend/)
    const open = await ask(club.browser, 'POST', `/households/${owner.caller.householdId}/open`)
    expect(await code(open)).toEqual([404, 'not_found'])
    const named = new Headers({ cookie: cookieOf(club.browser) })
    named.set(HOUSEHOLD_HEADER, owner.caller.householdId)
    await expect(callerOf(runtime().auth, app.world.db, named)).rejects.toMatchObject({
      reason: { code: 'not_in_household' },
    })
  })
  it('begins another household, whose keeper it is', async () => {
    const { browser } = await keeperOf('Ilse')
    expect(await code(await ask(browser, 'POST', '/households', { name: 'Cabin club' }))).toEqual(
      OK,
    )
    expect((await callerIn(browser))?.role).toBe('keeper')
    const { households } = await (await ask(browser, 'GET', '/households')).json()
    expect(households.map((one: { household: string }) => one.household)).toEqual([
      'Ilse’s household',
      'Cabin club',
    ])
  })
  it('gets one household of its own however many windows begin at once', async () => {
    const { browser } = await anAccount('Ilse')
    const seats = await Promise.all(Array.from({ length: 6 }, () => callerIn(browser)))
    expect(new Set(seats.map((seat) => seat?.householdId)).size).toBe(1)
  })
})
