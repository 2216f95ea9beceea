/** What comes back of a line of the list, step by step. */
import type { LotId, TripLineId } from '../../core/ids'
import { type Amount, NOTHING } from '../../core/quantity/amount'
import {
  type Decision,
  decideAmend,
  decideDiscard,
  decideGive,
  decideMove,
  decideUse,
} from '../../core/stock/decide'
import type { Trip } from '../../core/trips/trip'
import type { LockedLot } from '../../db/frame/ledger'
import type { TripLine } from '../../db/trips/trips'
import type { Acting } from '../frame/act'
import { parting } from '../stock/parting'

/** What comes back of a line, and how. */
export interface ComingBack {
  readonly lineId: TripLineId
  readonly back: Amount
  readonly used: Amount
  readonly lost: Amount
  readonly given: Amount
  readonly state: 'as_packed' | 'opened' | 'damp'
}

type Unpacking = { readonly lotId: LotId; readonly line: TripLine } & (
  | { readonly kind: 'back' | 'used' | 'lost' | 'given'; readonly amount: Amount }
  | { readonly kind: 'opened' | 'damp'; readonly amount: Amount }
)

/** First what is gone, then what is said of the rest, then its way back. */
export function stepsOf(
  line: TripLine,
  { back, used, lost, given, state }: ComingBack,
): Unpacking[] {
  const of = (kind: Unpacking['kind'], amount: Amount): Unpacking[] =>
    amount === NOTHING ? [] : [{ lotId: line.lotId, line, kind, amount }]
  return [
    ...of('used', used),
    ...of('lost', lost),
    ...of('given', given),
    ...of('back', back),
    ...(state === 'as_packed' ? [] : of(state, back)),
  ]
}

export function decideStep(
  acting: Acting,
  trip: Trip,
  lot: LockedLot,
  { kind, line, amount }: Unpacking,
): Promise<Decision> | Decision {
  const inBag = { pocket: line.into, amount }
  switch (kind) {
    case 'used':
      return decideUse(lot.lot, lot.stock, inBag)
    case 'lost':
      return decideDiscard(lot.stock, line.into, amount)
    case 'given':
      return decideGive(lot.stock, inBag, trip.name)
    case 'back':
      return decideMove(lot.stock, inBag, line.from)
    case 'opened':
    case 'damp':
      return parting(acting, lot, 'split', (asLot) =>
        decideAmend(
          lot.lot,
          lot.stock,
          kind === 'opened'
            ? { opened: { kind: 'opened', on: acting.today } }
            : { standing: { kind: 'held', reason: `Got damp: ${trip.name}`.slice(0, 120) } },
          acting.today,
          { pocket: line.from, amount, asLot },
        ),
      )
  }
}
