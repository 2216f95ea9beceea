/** Errands about what lies in the pockets, and about what belongs there and does not. */
import { byDay, type PlainDate } from '../calendar/plainDate'
import { less, NOTHING } from '../quantity/amount'
import { type Shortfall, type Spare, shortfalls, spares } from '../restock/shortfall'
import { lineKey } from '../restock/weatherOf'
import type { Taking } from '../roadside/taking'
import { itemTitle } from '../stock/item'
import { anErrand, type Errand, type ErrandAct, type ErrandReason, type SpareAt } from './errand'
import { takenOn } from './ofRoadside'
import type { JudgedHolding, Line, Survey } from './survey'

/** What is spent, held, lent, used, or not where it belongs. */
export const ofStock = ({ holdings }: Survey): readonly Errand[] =>
  holdings.flatMap(errandOfHolding)

function errandOfHolding(holding: JudgedHolding): Errand[] {
  const { judged } = holding
  switch (judged.state) {
    case 'spent':
      return [aboutLot(holding, 'throw_away', { code: 'spent', why: judged.why })]
    case 'held':
      return [aboutLot(holding, 'ask', { code: 'held', because: judged.because })]
    case 'lent':
      return [aboutLot(holding, 'put_back', { code: 'lent', to: judged.to, since: judged.since })]
    case 'unclean':
      return [aboutLot(holding, 'clean', { code: 'unclean', since: judged.since })]
    case 'missing':
      return [aboutLot(holding, 'look_for', { code: 'missing', since: judged.since })]
    case 'turning':
    case 'sound':
      return []
  }
}

const aboutLot = (
  { lot, item, site, amount }: JudgedHolding,
  act: ErrandAct,
  reason: ErrandReason,
): Errand =>
  anErrand({
    key: `${act}:${lot.id}:${site.pocket.id}`,
    act,
    reason,
    item,
    amount,
    title: itemTitle(item),
    place: site.place,
    kit: site.kit,
    pocketId: site.pocket.id,
    lotId: lot.id,
    lotVersion: lot.version,
    essential: item.essential,
  })

/**
 * What is below its target, or will be before somebody looks again.
 * @param takings what was given away at a roadside
 * @param harsh lines where frost or heat would harm it now, by {@link lineKey}: nobody is sent to fill them
 */
export function ofTargets(
  survey: Survey,
  harsh: ReadonlySet<string>,
  takings: readonly Taking[],
): readonly Errand[] {
  const spare = spares(survey)
  return shortfalls(survey).flatMap((shortfall) =>
    errandsOfShortfall(shortfall, spare, takenOn(takings, shortfall.line)).filter(
      ({ act }) => act !== 'top_up' || !harsh.has(lineKey(shortfall.line)),
    ),
  )
}

function errandsOfShortfall(
  shortfall: Shortfall,
  spare: ReadonlyMap<string, Spare>,
  given: PlainDate | null,
): Errand[] {
  const { line, missing, turning } = shortfall
  const { item, site } = line
  const elsewhere = spare.get(item.id)
  const at: SpareAt | null =
    elsewhere && elsewhere.pocketId !== site.pocket.id
      ? { place: elsewhere.line.site.place, amount: elsewhere.amount }
      : null
  const common = {
    title: itemTitle(item),
    place: site.place,
    kit: site.kit,
    pocketId: site.pocket.id,
    item,
    essential: item.essential,
  }
  const made: Errand[] = []
  const first = turning > NOTHING ? firstTurning(line) : null
  if (first)
    made.push(
      anErrand({
        ...common,
        key: `replace:${item.id}:${site.pocket.id}`,
        act: 'replace',
        amount: turning,
        due: first.day,
        reason: { code: 'turns', day: first.day, clock: first.clock, spare: at },
      }),
    )
  const lacking = less(missing, turning)
  if (lacking > NOTHING)
    made.push(
      anErrand({
        ...common,
        key: `top_up:${item.id}:${site.pocket.id}`,
        act: 'top_up',
        amount: lacking,
        reason: { code: 'below_par', good: line.good, par: line.par, spare: at, takenOn: given },
      }),
    )
  return made
}

function firstTurning(line: Line) {
  const turning = line.holdings.flatMap(({ judged }) =>
    judged.state === 'turning' ? [judged] : [],
  )
  return turning.sort((a, b) => byDay(a.day, b.day))[0] ?? null
}
