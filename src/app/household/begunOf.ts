/** How far a household's first steps are, from its record. */
import { type Begun, begun } from '../../core/household/beginning'
import { numbersToCall } from '../../core/household/emergencyNumbers'
import { isUnsaid } from '../../core/watch/ofThings'
import { hasSheet } from '../../db/sheets/sheetPrints'
import { judgedStockOf } from '../cover/judgementOf'
import { type Reading, surveyOf } from '../frame/world'

/** Null where they are over: then nothing is looked up. */
export async function begunOf(at: Reading): Promise<Begun | null> {
  if (at.household.beginning === 'over') return null
  const { places, kits, lines, stock } = await surveyOf(at)
  const { members, courses } = (await judgedStockOf(at)).pantry.stock
  const kept = new Set(lines.map(({ item }) => item.id))
  return begun({
    beginning: at.household.beginning,
    canCall: numbersToCall(at.household).emergency !== null,
    members: members.length,
    places: places.length,
    bare: places.filter(({ id }) => kits.every(({ placeId }) => placeId !== id)).length,
    kits: kits.length,
    things: kept.size,
    unmatched: stock.items.filter((item) => kept.has(item.id) && isUnsaid(item, courses)).length,
    checked: kits.filter(({ lastCheck }) => lastCheck !== null).length,
    hasSheet: await hasSheet(at.trx),
  })
}
