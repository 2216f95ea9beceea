/** Several decisions on lots in one act, each on what the earlier ones leave. */
import type { LotId } from '../../core/ids'
import type { Decision, LotFact } from '../../core/stock/decide'
import { evolve } from '../../core/stock/movement'
import type { LockedLot } from '../../db/frame/ledger'
import { notFound, Refusal } from '../frame/refusal'

export interface DecidedInTurn {
  readonly facts: readonly LotFact[]
  /** Of how many steps something is to be recorded. */
  readonly done: number
}

/** Refusals that leave one step out and spoil nothing: it lies there already, or is so already. */
const NOTHING_TO_DO: ReadonlySet<string> = new Set(['same_pocket', 'nothing_changed'])

/**
 * Decides steps one after the other, each on what the earlier ones leave of its lot.
 * @throws {Refusal} for the first step that cannot be; `nothing_changed` when none does anything
 */
export async function decideInTurn<Step extends { readonly lotId: LotId }>(
  locked: ReadonlyMap<LotId, LockedLot>,
  steps: readonly Step[],
  decide: (lot: LockedLot, step: Step) => Promise<Decision> | Decision,
): Promise<DecidedInTurn> {
  const now = new Map(locked)
  const facts: LotFact[] = []
  let done = 0
  for (const step of steps) {
    const lot = now.get(step.lotId)
    if (!lot) throw notFound()
    const decision = await decide(lot, step)
    if (decision.kind === 'refuse') {
      if (NOTHING_TO_DO.has(decision.refusal.code)) continue
      throw new Refusal(decision.refusal)
    }
    facts.push(...decision.facts)
    done += 1
    now.set(step.lotId, {
      lot: lot.lot,
      stock: decision.facts
        .filter(({ lotId }) => lotId === step.lotId)
        .reduce((stock, { fact }) => evolve(stock, fact), lot.stock),
    })
  }
  if (facts.length === 0) throw new Refusal({ code: 'nothing_changed' })
  return { facts, done }
}
