/** What a movement tells when it is read out: an amendment to "lent" is a lending, not a change. */
import type { Amount } from '../quantity/amount'
import type { LotDetails } from './lot'
import type { Fact } from './movement'

export const TELLING_KINDS = [
  'received',
  'used',
  'discarded',
  'given',
  'moved',
  'counted',
  'restated',
  'split_off',
  'split_from',
  'decanted_off',
  'decanted_from',
  'rejoined',
  'opened',
  'lent',
  'back',
  'unclean',
  'cleaned',
  'held',
  'released',
  'missing',
  'found',
  'worsened',
  'amended',
] as const
export type TellingKind = (typeof TELLING_KINDS)[number]

export interface Telling {
  readonly kind: TellingKind
  /** It takes a movement back. */
  readonly undone: boolean
  readonly amount: Amount | null
  /** Names of the details that changed. */
  readonly fields: readonly (keyof LotDetails)[]
  /** The borrower, the receiver, the condition, what it waits for; "" where nothing is to be said. */
  readonly about: string
  /** Another lot should have gone first. */
  readonly overruled: boolean
}

export function tellingOf(fact: Fact): Telling {
  const told = fact.kind === 'undone' ? fact.of : fact
  const common = {
    undone: fact.kind === 'undone',
    fields: [] as readonly (keyof LotDetails)[],
    about: '',
    overruled: false,
  }
  switch (told.kind) {
    case 'amended': {
      const fields = Object.keys(told.changes.to) as (keyof LotDetails)[]
      return { ...common, ...changeTold(told.changes.from, told.changes.to), amount: null, fields }
    }
    case 'counted':
    case 'restated':
      return { ...common, kind: told.kind, amount: told.found }
    case 'split_off':
    case 'split_from': {
      const decanted = told.kind === 'split_off' ? 'decanted_off' : 'decanted_from'
      return {
        ...common,
        kind: told.way === 'decanted' ? decanted : told.way === 'rejoined' ? 'rejoined' : told.kind,
        amount: told.amount,
      }
    }
    case 'given':
      return { ...common, kind: 'given', amount: told.amount, about: told.to }
    case 'used':
    case 'moved':
      return {
        ...common,
        kind: told.kind,
        amount: told.amount,
        overruled: told.insteadOf !== undefined,
      }
    case 'received':
    case 'discarded':
      return { ...common, kind: told.kind, amount: told.amount }
  }
}

function changeTold(
  from: Partial<LotDetails>,
  to: Partial<LotDetails>,
): { readonly kind: TellingKind; readonly about: string } {
  if (to.standing)
    switch (to.standing.kind) {
      case 'lent':
        return { kind: 'lent', about: to.standing.to }
      case 'held':
        return { kind: 'held', about: to.standing.reason }
      case 'unclean':
        return { kind: 'unclean', about: '' }
      case 'missing':
        return { kind: 'missing', about: '' }
      case 'ready':
        return { kind: WAS_READY[from.standing?.kind ?? 'held'] ?? 'released', about: '' }
    }
  if (to.condition && to.condition !== 'sound') return { kind: 'worsened', about: to.condition }
  if (to.opened?.kind === 'opened') return { kind: 'opened', about: '' }
  return { kind: 'amended', about: '' }
}

const WAS_READY: Readonly<Record<string, TellingKind>> = {
  lent: 'back',
  unclean: 'cleaned',
  missing: 'found',
  held: 'released',
}

/** Told only where nothing else of the same act is: they are how an act is written down. */
const ACCOMPANY: ReadonlySet<TellingKind> = new Set([
  'split_off',
  'split_from',
  'decanted_from',
  'rejoined',
])

/** Of the movements of one act those that tell something of their own. */
export function tellingOnes<T extends { readonly kind: TellingKind }>(
  ofOneAct: readonly T[],
): readonly T[] {
  const decants = ofOneAct.some(({ kind }) => kind === 'decanted_off')
  const own = ofOneAct.filter(({ kind }) => !ACCOMPANY.has(kind) && !(decants && kind === 'opened'))
  return own.length > 0 ? own : ofOneAct.slice(0, 1)
}
