/** One act on many lots: moved, thrown away, confirmed, put on hold or missed together. */
import type { ActKind } from '../../contract'
import { assertNever } from '../../core/brand'
import type { LotId, PocketId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import {
  type Decision,
  decideAmend,
  decideCount,
  decideDiscard,
  decideMove,
} from '../../core/stock/decide'
import type { Standing } from '../../core/stock/lot'
import { type LockedLot, lockLots } from '../../db/frame/ledger'
import { type Acting, act, append } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { notFound, Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'
import { decideInTurn } from './decideInTurn'
import { parting } from './parting'

export interface ManyHolding {
  readonly lotId: LotId
  readonly pocketId: PocketId
  readonly amount: Amount
  readonly seenVersion: number
}

export type ManyDeed =
  | { readonly kind: 'move'; readonly to: PocketId }
  | { readonly kind: 'discard' }
  /** The count is what is recorded: somebody looked. */
  | { readonly kind: 'confirm' }
  | { readonly kind: 'hold'; readonly reason: string }
  | { readonly kind: 'missing' }

const ACT_KINDS: Readonly<Record<ManyDeed['kind'], ActKind>> = {
  move: 'many_moved',
  discard: 'many_discarded',
  confirm: 'many_counted',
  hold: 'many_held',
  missing: 'many_missing',
}

/**
 * Does the same to many holdings, all of them or none, as one act that one press takes back.
 * @throws {Refusal} `some_changed` with the present versions when somebody was faster
 */
export const actOnMany = (
  world: World,
  caller: Caller,
  {
    key,
    deed,
    holdings,
  }: {
    readonly key: string
    readonly deed: ManyDeed
    readonly holdings: readonly ManyHolding[]
  },
) =>
  act(
    world,
    caller,
    {
      key,
      kind: ACT_KINDS[deed.kind],
      why: String(holdings.length),
      request: { deed, holdings },
    },
    async (acting) => {
      if (deed.kind === 'move') await mustHave(acting.trx, 'pocket', deed.to)
      const locked = await lockLots(acting.trx, [...new Set(holdings.map(({ lotId }) => lotId))])
      refuseChanged(holdings, locked)
      const { facts, done } = await decideInTurn(locked, holdings, (lot, holding) =>
        parting(acting, lot, 'split', (asLot) => decide(lot, deed, holding, asLot, acting)),
      )
      await append(acting, locked, facts)
      return { done }
    },
  )

/** @throws {Refusal} `some_changed`, `not_found` */
export function refuseChanged(
  holdings: readonly Pick<ManyHolding, 'lotId' | 'seenVersion'>[],
  locked: ReadonlyMap<LotId, LockedLot>,
): void {
  const changed = holdings.flatMap(({ lotId, seenVersion }) => {
    const lot = locked.get(lotId)?.lot
    if (!lot) throw notFound()
    return lot.version === seenVersion ? [] : [{ lotId, version: lot.version }]
  })
  if (changed.length > 0) throw new Refusal({ code: 'some_changed', lots: changed })
}

function decide(
  { lot, stock }: LockedLot,
  deed: ManyDeed,
  { pocketId, amount }: ManyHolding,
  asLot: LotId,
  { today }: Acting,
): Decision {
  const stand = (standing: Standing): Decision =>
    decideAmend(lot, stock, { standing }, today, { pocket: pocketId, amount, asLot })
  switch (deed.kind) {
    case 'move':
      return decideMove(stock, { pocket: pocketId, amount }, deed.to)
    case 'discard':
      return decideDiscard(stock, pocketId, amount)
    case 'confirm':
      return decideCount(stock, pocketId, amount)
    case 'hold':
      // Who has it must not be forgotten over it.
      return lot.standing.kind === 'lent'
        ? { kind: 'refuse', refusal: { code: 'already_lent', to: lot.standing.to } }
        : stand({ kind: 'held', reason: deed.reason })
    case 'missing':
      return stand({ kind: 'missing', since: today })
    default:
      return assertNever(deed)
  }
}
