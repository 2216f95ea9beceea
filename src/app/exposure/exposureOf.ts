/** Heat and frost of a household, judged from its loggers and its ledger. */
import { catalogue } from '../../core/catalogue/catalogue'
import {
  type JudgedExposure,
  judgeHousehold,
  type Log,
  linesOf,
  type PocketLine,
  type PocketSite,
} from '../../core/exposure/household'
import { type Keeping, keepingOfItem } from '../../core/exposure/storage'
import type { ItemId, LotId, PocketId } from '../../core/ids'
import type { HouseholdStock, Survey } from '../../core/watch/survey'
import {
  type KeptLog,
  type KeptYear,
  linesIn,
  readLogs,
  readTimedMovements,
  readYears,
} from '../../db/exposure/temperatures'
import type { Trx } from '../../db/frame/connect'
import { onceAwaitedFor } from '../frame/cache'
import { type Reading, surveyOf } from '../frame/world'

export interface HouseholdExposure {
  readonly logs: readonly KeptLog[]
  /** The same as lines, one a logger. */
  readonly told: readonly Log[]
  readonly lines: ReadonlyMap<PocketId, PocketLine>
  readonly keepings: ReadonlyMap<LotId, Keeping>
  readonly keepingOfItem: ReadonlyMap<ItemId, Keeping>
  readonly judged: readonly JudgedExposure[]
  readonly years: readonly KeptYear[]
}

/** Judged from what is given: inside an act, or for a page. @param now minutes */
export async function judgeExposures(
  trx: Trx,
  stock: HouseholdStock,
  now: number,
): Promise<HouseholdExposure> {
  const logs = await readLogs(trx)
  const years = await readYears(trx)
  const sites = sitesOf(stock)
  const ofItem = new Map(
    stock.items.map((item) => [item.id, keepingOfItem(item, catalogue())] as const),
  )
  const keepings = new Map(
    stock.lots.flatMap(({ id, itemId }) => {
      const keeping = ofItem.get(itemId)
      return keeping ? [[id, keeping] as const] : []
    }),
  )
  const told = linesIn(logs)
  const lines = linesOf(told, sites)
  const judged =
    lines.size === 0
      ? []
      : judgeHousehold(lines, await readTimedMovements(trx), (lotId) => keepings.get(lotId), now)
  return { logs, told, lines, keepings, keepingOfItem: ofItem, judged, years }
}

const kept = onceAwaitedFor<Survey, HouseholdExposure>()

/** Kept with the survey: the same revision has the same past. */
export async function exposureOf(at: Reading, now: number): Promise<HouseholdExposure> {
  const survey = await surveyOf(at)
  return kept(survey, () => judgeExposures(at.trx, survey.stock, now))
}

/** What lies where; a kit that goes with somebody is not as warm as the place where it belongs. */
function sitesOf({ pockets, kits }: HouseholdStock): readonly PocketSite[] {
  const known = new Map(kits.map((kit) => [kit.id, kit]))
  return pockets.flatMap(({ id, kitId, sort, spot }) => {
    const kit = known.get(kitId)
    return kit
      ? [{ id, kitId, sort, spot, placeId: kit.placeId, isCarried: kit.goesWith !== null }]
      : []
  })
}

/** As it is answered: how much one holds is the lot's own business. */
export const keptAs = ({ storage, source, frostHarms }: Keeping) => ({
  storage,
  source,
  frostHarms,
})
