/** Why nobody may use a thing yet. */
import { assertNever } from '../../core/brand'
import type { HeldBecause } from '../../core/stock/judge'
import { fullDay } from './format'

export function heldBecause(because: HeldBecause): string {
  switch (because.kind) {
    case 'said':
      return because.reason
    case 'left_over':
      return `left over: ask ${because.prescriber || 'the prescriber'} before it is used`
    case 'opened_no_period':
      return `opened on ${fullDay(because.on)}, and nobody has said how long it keeps`
    case 'not_judged':
      return 'its dates make no sense: look at the pack and correct them'
    default:
      return assertNever(because)
  }
}
