/** The code on a lid: made and ended by the household, read by whoever opens the kit, without an account. */
import { randomUUID } from 'node:crypto'
import { numbersToCall } from '../../core/household/emergencyNumbers'
import type { KitId, LidCodeId } from '../../core/ids'
import { readInvitationCode } from '../../core/people/invitation'
import type { LidShows } from '../../core/roadside/lid'
import { roadside } from '../../core/roadside/roadside'
import { withoutNames } from '../../core/sheet/withoutNames'
import * as db from '../../db/roadside/lidCodes'
import type { AccountDesk } from '../account/desk'
import { mayTry } from '../account/guessing'
import { judgedStockOf } from '../cover/judgementOf'
import { act } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { notFound, Refusal } from '../frame/refusal'
import { type Caller, type Reading, reading, type World } from '../frame/world'
import { codeFrom } from '../people/codes'
import { type TakenBy, type TakingAsked, takeAtRoadside } from './takings'

const codeOf = (secret: string, id: LidCodeId): string => codeFrom(secret, `lid ${id}`)

interface OfKit {
  readonly key: string
  readonly kitId: KitId
}
interface Told {
  readonly shows: LidShows
  readonly mayTake: boolean
}

/** The code that is on a kit's lid, with how far it goes; null without one. */
export const lidCodeAt = async (at: Reading, kitId: KitId, secret: string) => {
  const kept = await db.lidCodeOf(at.trx, kitId)
  return kept && { code: codeOf(secret, kept.id), shows: kept.shows, mayTake: kept.mayTake }
}

export const readLidCode = (
  world: World,
  caller: Caller,
  { kitId }: { readonly kitId: KitId },
  secret: string,
) =>
  reading(world, caller, async (at) => {
    await mustHave(at.trx, 'kit', kitId)
    return { onLid: await lidCodeAt(at, kitId, secret) }
  })

/** Puts a code on a lid, or says anew how far the one that is there goes. */
export const setLidCode = (
  world: World,
  caller: Caller,
  { key, kitId, ...told }: OfKit & Told,
  secret: string,
) =>
  act(
    world,
    caller,
    { key, kind: 'lid_code_made', request: { kitId, ...told } },
    async ({ trx, householdId, at, who }) => {
      await mustHave(trx, 'kit', kitId)
      const kept = await db.lidCodeOf(trx, kitId)
      if (kept) await db.changeLidCode(trx, kept.id, told)
      else {
        const id = randomUUID() as LidCodeId
        const code = codeOf(secret, id)
        await db.addLidCode(trx, { id, kitId, ...told, householdId, code, madeBy: who, at })
      }
      return {}
    },
  )

export const endLidCode = (world: World, caller: Caller, { key, kitId }: OfKit) =>
  act(world, caller, { key, kind: 'lid_code_ended', request: kitId }, async ({ trx, at }) => {
    if (!(await db.endLidCode(trx, kitId, at))) throw notFound()
    return {}
  })

// ---- whoever opens the kit ---------------------------------------------------------------------

/** Only what is wrong is counted; a code that has ended is as wrong as one that never was. */
async function mustKnow(desk: AccountDesk, typed: string) {
  const code = readInvitationCode(typed)
  const householdId = code && (await db.householdOfLid(desk.db, code))
  if (code && householdId) return { householdId, code }
  await mayTry(desk.db, desk.secret, 'invitation', desk.visitor, '')
  throw new Refusal({ code: 'code_not_right' })
}

async function openedBy(at: Reading, code: string) {
  const { pantry } = await judgedStockOf(at)
  const { kits, members } = pantry.stock
  const lid = await db.lidCodeBy(at.trx, code)
  const kit = lid && kits.find(({ id }) => id === lid.kitId)
  if (!lid || !kit) throw new Refusal({ code: 'code_not_right' })
  const shown = kits.filter(
    ({ id, placeId, isAway }) =>
      id === kit.id || (lid.shows === 'place' && placeId === kit.placeId && !isAway),
  )
  return {
    lid,
    hide: withoutNames(members.map(({ name }) => name)),
    kit,
    view: roadside(pantry, new Set(shown.map(({ id }) => id)), at.today),
  }
}

/**
 * What a kit says to whoever opens it: how to call for help, what is no medicine, where and how many.
 * @throws {Refusal} `code_not_right`, `too_many_tries`
 */
export async function readLid(world: World, desk: AccountDesk, typed: string) {
  const { householdId, code } = await mustKnow(desk, typed)
  return reading(world, householdId, async (at) => {
    const { lid, hide, kit, view } = await openedBy(at, code)
    const { emergency, poison } = numbersToCall(at.household)
    return { kit: hide(kit.name), emergency, poison, mayTake: lid.mayTake, ...view }
  })
}

/**
 * Whoever opened the kit took something. Only what the page offers can be taken, and no more at once
 * than one press takes.
 * @throws {Refusal} `code_not_right`, `too_many_tries`; `not_found` for what is not offered
 */
export async function takeByLid(
  world: World,
  desk: AccountDesk,
  typed: string,
  {
    takingId,
    lotId,
    pocketId,
  }: Omit<TakingAsked, 'key' | 'amount'> & { readonly takingId: string },
  by: Pick<TakenBy, 'to'> & { readonly who: string },
): Promise<Record<string, never>> {
  const { householdId, code } = await mustKnow(desk, typed)
  // Whoever holds the code could empty the kit on paper: some presses an hour are enough.
  await mayTry(desk.db, desk.secret, 'lid', desk.visitor, code)
  const { lid, take } = await reading(world, householdId, async (at) => {
    const opened = await openedBy(at, code)
    const offered = opened.view.groups
      .flatMap(({ things }) => things)
      .find((one) => one.take.lotId === lotId && one.take.pocketId === pocketId)
    if (!opened.lid.mayTake || !offered) throw notFound()
    return { lid: opened.lid, take: offered.take }
  })
  const taker: Caller = {
    householdId,
    userId: db.atLid(lid.id),
    name: by.who,
    role: 'helper',
    byHouse: true,
  }
  await takeAtRoadside(
    world,
    taker,
    { key: `lid-${takingId}`, ...take },
    { to: by.to, isByLid: true },
  )
  return {}
}
