/** What was used at an incident, out of the kit: as much as the record knows of, and never lost. */
import { randomUUID } from 'node:crypto'
import type { LotId } from '../../core/ids'
import type { Take, TakeOutcome } from '../../core/incident/entry'
import { type Amount, amount, NOTHING, THOUSAND } from '../../core/quantity/amount'
import { decideOpen, decideUse, type LotFact } from '../../core/stock/decide'
import { itemTitle } from '../../core/stock/item'
import type { Lot } from '../../core/stock/lot'
import { evolve, type LotStock } from '../../core/stock/movement'
import { createLots } from '../../db/frame/ledger'
import { itemOfLot } from '../../db/items/items'
import type { Acting } from '../frame/act'
import { appendAsOfThen } from '../frame/backdated'
import { mustHave } from '../frame/mustHave'
import { notFound } from '../frame/refusal'

/**
 * Takes each out of its pocket. Where less lies there than was used, what lies there is taken
 * and the outcome names it: what was done to a patient is true whatever the count says.
 */
export async function drawFromStock(acting: Acting, takes: readonly Take[]): Promise<TakeOutcome> {
  const short: string[] = []
  for (const take of takes) {
    await mustHave(acting.trx, 'pocket', take.pocketId)
    const item = await itemOfLot(acting.trx, take.lotId)
    if (!item) throw notFound()
    let taken: Amount = NOTHING
    await appendAsOfThen(acting, take.lotId, take.pocketId, async ({ lot, stock }) => {
      const there = stock.held.get(take.pocketId) ?? NOTHING
      taken = amount(Math.min(there, take.amount))
      if (taken === NOTHING) return []
      const measuredOut = item.openedClock.kind !== 'unset' && taken % THOUSAND !== 0
      return measuredOut
        ? useOpened(acting, lot, stock, { ...take, amount: taken })
        : factsOf(decideUse(lot, stock, { pocket: take.pocketId, amount: taken }))
    })
    if (taken < take.amount) short.push(itemTitle(item))
  }
  return short.length === 0 ? { kind: 'taken' } : { kind: 'short', titles: short }
}

const factsOf = (decision: ReturnType<typeof decideUse>): readonly LotFact[] =>
  decision.kind === 'refuse' ? [] : decision.facts

/** Part of a bottle: the bottle is open from now on. */
async function useOpened(
  acting: Acting,
  lot: Lot,
  stock: LotStock,
  { pocketId, amount: used }: Take,
): Promise<readonly LotFact[]> {
  if (lot.opened.kind === 'opened')
    return factsOf(decideUse(lot, stock, { pocket: pocketId, amount: used }))
  const there = stock.held.get(pocketId) ?? NOTHING
  const whole = amount(Math.min(there, Math.ceil(used / THOUSAND) * THOUSAND))
  const part = randomUUID() as LotId
  const opening = factsOf(
    decideOpen(
      lot,
      stock,
      { pocket: pocketId, amount: whole, on: acting.today },
      acting.today,
      part,
    ),
  )
  const parted = opening.some(({ lotId }) => lotId === part)
  if (parted)
    await createLots(acting, [{ ...lot, id: part, origin: { lotId: lot.id, way: 'opened' } }])
  const opened: LotStock = opening
    .filter(({ lotId }) => lotId === (parted ? part : lot.id))
    .reduce((now, { fact }) => evolve(now, fact), parted ? emptyOf(part) : stock)
  return [...opening, ...factsOf(decideUse(lot, opened, { pocket: pocketId, amount: used }))]
}

const emptyOf = (lotId: LotId): LotStock => ({ lotId, version: 0, held: new Map() })
