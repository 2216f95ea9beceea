/** The code on a lid: made and ended by the household, read by whoever opens the kit, without an account. */
import { randomUUID } from 'node:crypto'
import type { Pantry } from '../../core/cover/pantry'
import { numbersToCall } from '../../core/household/emergencyNumbers'
import type { KitId, LidCodeId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import type { LidShows } from '../../core/roadside/lid'
import { roadside } from '../../core/roadside/roadside'
import { withoutNames } from '../../core/sheet/withoutNames'
import { everyName } from '../../db/members/members'
import * as db from '../../db/roadside/lidCodes'
import type { AccountDesk } from '../account/desk'
import { mayTry } from '../account/guessing'
import { judgedStockOf } from '../cover/judgementOf'
import { pantryOf } from '../cover/readPantry'
import { type Acting, act } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { notFound, Refusal } from '../frame/refusal'
import { type Caller, reading, surveyNow, type Today, type World } from '../frame/world'
import { codeFrom } from '../people/codes'
import { openedByCode } from '../people/openedByCode'
import { type TakingAsked, takeAtRoadside } from './takings'

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
export const readLidCode = (
  world: World,
  caller: Caller,
  { kitId }: { readonly kitId: KitId },
  secret: string,
) =>
  reading(world, caller, async (at) => {
    await mustHave(at.trx, 'kit', kitId)
    const kept = await db.lidCodeOf(at.trx, kitId)
    return {
      onLid: kept && { code: codeOf(secret, kept.id), shows: kept.shows, mayTake: kept.mayTake },
    }
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

async function openedBy(at: Today, pantry: Pantry, code: string) {
  const { kits } = pantry.stock
  const lid = await db.lidCodeBy(at.trx, code)
  const kit = lid && kits.find(({ id }) => id === lid.kitId)
  if (!lid || !kit) throw new Refusal({ code: 'code_not_right' })
  const shown = kits.filter(
    ({ id, placeId, isAway }) =>
      id === kit.id || (lid.shows === 'place' && placeId === kit.placeId && !isAway),
  )
  const names = await everyName(at.trx)
  return {
    lid,
    kit: withoutNames(names)(kit.name),
    view: roadside(pantry, new Set(shown.map(({ id }) => id)), at.today, names),
  }
}

/**
 * What a kit says to whoever opens it: how to call for help, what is no medicine, where and how many.
 * @throws {Refusal} `code_not_right`, `too_many_tries`
 */
export async function readLid(world: World, desk: AccountDesk, typed: string) {
  const { householdId, code } = await openedByCode(desk, typed, db.householdOfLid)
  return reading(world, householdId, async (at) => {
    const { lid, kit, view } = await openedBy(at, (await judgedStockOf(at)).pantry, code)
    const { emergency, poison } = numbersToCall(at.household)
    return { kit, emergency, poison, mayTake: lid.mayTake, ...view }
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
  { takingId, lotId, pocketId }: Omit<TakingAsked, 'key'> & { readonly takingId: string },
  by: { readonly to: string; readonly who: string },
): Promise<Record<string, never>> {
  const { householdId, code } = await openedByCode(desk, typed, db.householdOfLid)
  // Whoever holds the code could empty the kit on paper: some presses an hour are enough.
  await mayTry(desk.db, desk.secret, 'lid', desk.visitor, code)
  const lid = await reading(world, householdId, ({ trx }) => db.lidCodeBy(trx, code))
  if (!lid) throw new Refusal({ code: 'code_not_right' })
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
    { key: `lid-${takingId}`, lotId, pocketId },
    { to: by.to, isByLid: true },
    (acting) => offeredBy(acting, code, { lotId, pocketId }),
  )
  return {}
}

/** What one press takes, as the kit is now. */
async function offeredBy(
  acting: Acting,
  code: string,
  { lotId, pocketId }: Omit<TakingAsked, 'key'>,
): Promise<Amount> {
  const laid = await pantryOf(acting, (await surveyNow(acting)).stock)
  const { lid, view } = await openedBy(acting, laid, code)
  const offered = view.groups
    .flatMap(({ things }) => things)
    .find(({ take }) => take.lotId === lotId && take.pocketId === pocketId)
  if (!lid.mayTake || !offered) throw notFound()
  return offered.take.amount
}
