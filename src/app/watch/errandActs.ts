/** Doing an errand with one press, or putting it off. */
import { assertNever } from '../../core/brand'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { PocketId } from '../../core/ids'
import { type Amount, NOTHING, sum, units, upToMost } from '../../core/quantity/amount'
import {
  type Decision,
  decideAmend,
  decideClean,
  decideDiscard,
  decideMove,
  decideTakeBack,
} from '../../core/stock/decide'
import { READY } from '../../core/stock/lot'
import { type Errand, isPressed, putOffUntil } from '../../core/watch/errand'
import { unitsOf } from '../../core/watch/gaps'
import { type LockedLot, lockLots } from '../../db/frame/ledger'
import { createRecord, editRecord, removeRecord } from '../../db/frame/records'
import { itemNow } from '../../db/items/items'
import { deferralsOf } from '../../db/watch/deferrals'
import { type Acting, act, carryOut, lockSeen, mustEdit } from '../frame/act'
import { Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'
import { itemOfThing } from '../items/itemOfThing'
import { listShortfall } from '../restock/shoppingActs'
import { settleTakings } from '../roadside/settling'
import { type InspectedStock, inspectedStockNow } from '../rounds/inspection'
import { writePar } from '../stock/setPar'
import { errandsOf } from './views'

interface OnErrand {
  readonly key: string
  readonly errandKey: string
}

/**
 * Does what the errand says, as it stands now.
 * @throws {Refusal} `errand_gone` when its reason has passed (somebody was faster);
 *   `errand_needs_an_answer` when one press cannot settle it
 */
export const doErrand = (world: World, caller: Caller, { key, errandKey }: OnErrand) =>
  act(world, caller, { key, kind: 'errand_done', request: errandKey }, async (acting) => {
    const { errand, looks } = await findErrand(acting, errandKey)
    const { act: what } = errand
    if (!isPressed(what)) throw new Refusal({ code: 'errand_needs_an_answer' })
    switch (what) {
      case 'throw_away':
      case 'put_back':
      case 'clean':
      case 'look_for':
        await settleLot(acting, errand)
        return {}
      case 'bring_back':
        if (!errand.kit) throw new Refusal({ code: 'errand_gone' })
        mustEdit(await editRecord(acting, 'kit', errand.kit.id, { goes_with: null }, null))
        return {}
      case 'replace':
      case 'top_up':
      case 'make_up':
        if (errand.item && errand.pocketId) {
          await listShortfall(acting, errand.item, errand.pocketId, errand.amount)
          if (what !== 'replace') await settleTakings(acting, errand.item.id, [errand.pocketId])
        }
        return {}
      case 'refill':
        if (!errand.item || !errand.pocketId) throw new Refusal({ code: 'errand_needs_an_answer' })
        await listShortfall(acting, errand.item, errand.pocketId, someOf(errand))
        return {}
      case 'carry':
        // What has to be bought beside it goes onto the list in the same act.
        await carryOver(acting, { errand, looks })
        await keepFromNowOn(acting, { errand, looks })
        return {}
      case 'buy':
        await keepFromNowOn(acting, { errand, looks })
        return {}
      default:
        return assertNever(what)
    }
  })

export const putOffErrand = (
  world: World,
  caller: Caller,
  { key, errandKey }: OnErrand,
): Promise<{ until: PlainDate; actId: Acting['actId'] }> =>
  act(world, caller, { key, kind: 'errand_put_off', request: errandKey }, async (acting) => {
    const { errand } = await findErrand(acting, errandKey)
    const until = putOffUntil(errand.place, acting.today)
    await createRecord(acting, 'errand_deferral', { errand_key: errandKey, until_day: until })
    return { until }
  })

/** It is open again from now on. */
export const takeUpErrand = (world: World, caller: Caller, { key, errandKey }: OnErrand) =>
  act(world, caller, { key, kind: 'errand_taken_up', request: errandKey }, async (acting) => {
    const ids = await deferralsOf(acting.trx, errandKey)
    if (ids.length === 0) throw new Refusal({ code: 'errand_gone' })
    for (const id of ids) await removeRecord(acting, 'errand_deferral', id)
    return {}
  })

interface Found {
  readonly errand: Errand
  readonly looks: InspectedStock
}

async function findErrand(acting: Acting, key: string): Promise<Found> {
  const looks = await inspectedStockNow(acting)
  // What a bulletin recalls is settled where the bulletins are.
  const errand = errandsOf(looks).find((one) => one.key === key)
  if (!errand) throw new Refusal({ code: 'errand_gone' })
  return { errand, looks }
}

async function settleLot(acting: Acting, errand: Errand): Promise<void> {
  const { lotId, lotVersion, pocketId } = errand
  if (!lotId || lotVersion === null || !pocketId) throw new Refusal({ code: 'errand_gone' })
  const { locked, lot, rest } = await lockSeen(acting, lotId, lotVersion)
  await carryOut(acting, locked, settling(errand, pocketId, lot, rest, acting.today))
}

function settling(
  { act: what, amount }: Errand,
  pocket: PocketId,
  { lot, stock }: LockedLot,
  rest: LockedLot | null,
  today: PlainDate,
): Decision {
  switch (what) {
    case 'throw_away':
      return decideDiscard(stock, pocket, amount)
    case 'put_back':
      return decideTakeBack(lot, stock, { pocket, amount }, rest)
    case 'clean':
      return decideClean(lot, stock, pocket, rest)
    default:
      return decideAmend(lot, stock, { standing: READY }, today)
  }
}

/** A pack, where nobody said how many. */
const someOf = ({ amount }: Errand): Amount => (amount === NOTHING ? units(1) : amount)

/** Carries what the errand names from where it is to spare to where it is missing. */
async function carryOver(acting: Acting, { errand, looks }: Found): Promise<void> {
  const { steps, pocketId } = errand
  if (!pocketId) throw new Refusal({ code: 'errand_needs_an_answer' })
  for (const step of steps) {
    if (step.kind !== 'move') continue
    const locked = await lockLots(acting.trx, [step.lotId])
    const lot = locked.get(step.lotId)
    if (!lot) throw new Refusal({ code: 'errand_gone' })
    const from = { pocket: step.pocketId, amount: unitsOf(looks.judged.pantry, step) }
    await carryOut(acting, locked, decideMove(lot.stock, from, pocketId))
  }
}

/** What is missing belongs there from now on, beside what lies there, and is on the list. */
async function keepFromNowOn(acting: Acting, { errand, looks }: Found): Promise<void> {
  const { steps, pocketId } = errand
  if (!pocketId) throw new Refusal({ code: 'errand_needs_an_answer' })
  const { survey, judged } = looks
  for (const step of steps) {
    if (step.kind !== 'buy') continue
    const thing = step.itemId === null ? { entryId: step.entryId ?? '' } : { itemId: step.itemId }
    const itemId = await itemOfThing(acting, thing)
    const item = await itemNow(acting.trx, itemId)
    if (!item) throw new Refusal({ code: 'errand_gone' })
    const missing = unitsOf(judged.pantry, step)
    const there = survey.lines.find(
      (line) => line.item.id === itemId && line.site.pocket.id === pocketId,
    )
    await writePar(acting, itemId, pocketId, upToMost(sum([there?.good ?? NOTHING, missing])))
    await listShortfall(acting, item, pocketId, missing)
  }
}

/** Somebody looked the kit through today. */
export async function noteCheck(
  acting: Acting,
  kitId: string,
  by: string = acting.who,
): Promise<void> {
  await createRecord(acting, 'kit_check', {
    kit_id: kitId,
    on_day: acting.today,
    by_whom: by,
  })
}
