/** Doing an errand with one press, or putting it off. */
import { assertNever } from '../../core/brand'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { PocketId } from '../../core/ids'
import {
  type Decision,
  decideAmend,
  decideClean,
  decideDiscard,
  decideTakeBack,
} from '../../core/stock/decide'
import { READY } from '../../core/stock/lot'
import { type Errand, errands, putOffUntil } from '../../core/watch/errands'
import type { LockedLot } from '../../db/frame/ledger'
import { createRecord } from '../../db/frame/records'
import { type Acting, act, carryOut, lockSeen } from '../frame/act'
import { Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'
import { listShortfall } from '../restock/shoppingActs'
import { inspectedStockNow } from '../rounds/inspection'

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
    const errand = await findErrand(acting, errandKey)
    switch (errand.act) {
      case 'throw_away':
      case 'put_back':
      case 'clean':
      case 'look_for':
        await settleLot(acting, errand)
        return {}
      case 'replace':
      case 'top_up':
        if (errand.item && errand.pocketId)
          await listShortfall(acting, errand.item, errand.pocketId, errand.amount)
        return {}
      case 'check':
      case 'ask':
        throw new Refusal({ code: 'errand_needs_an_answer' })
      default:
        return assertNever(errand.act)
    }
  })

export const putOffErrand = (
  world: World,
  caller: Caller,
  { key, errandKey }: OnErrand,
): Promise<{ until: PlainDate; actId: Acting['actId'] }> =>
  act(world, caller, { key, kind: 'errand_put_off', request: errandKey }, async (acting) => {
    const errand = await findErrand(acting, errandKey)
    const until = putOffUntil(errand.place, acting.today)
    await createRecord(acting, 'errand_deferral', { errand_key: errandKey, until_day: until })
    return { until }
  })

async function findErrand(acting: Acting, key: string): Promise<Errand> {
  const { survey, rounds } = await inspectedStockNow(acting)
  const errand = errands(survey, rounds).find((one) => one.key === key)
  if (!errand) throw new Refusal({ code: 'errand_gone' })
  return errand
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
