/** What a plan asks to be packed, and whether that is what the list to pack says already. */

import type { LotId, PocketId } from '../../core/ids'
import { type Amount, add, upToMost } from '../../core/quantity/amount'
import type { TripPlan } from '../../core/trips/plan'
import type { TripView } from './view'

export interface AskedLine {
  readonly lotId: LotId
  readonly from: PocketId
  readonly into: PocketId
  readonly amount: Amount
}

const keyOf = ({ lotId, from, into }: Omit<AskedLine, 'amount'>): string =>
  `${lotId}/${from}/${into}`

export function packedAs(
  { lines: kept }: Pick<TripView, 'lines'>,
  plan: TripPlan | null,
): { readonly lines: readonly AskedLine[]; readonly isNew: boolean } {
  const lines = new Map<string, AskedLine>()
  for (const { into, from } of plan?.lines ?? [])
    for (const { lotId, pocketId, amount } of from) {
      const line = { lotId, from: pocketId, into, amount }
      const known = lines.get(keyOf(line))
      lines.set(
        keyOf(line),
        known ? { ...known, amount: upToMost(add(known.amount, amount)) } : line,
      )
    }
  const asked = [...lines.values()]
  const said = (of: readonly AskedLine[]): string =>
    of
      .map((line) => `${keyOf(line)}=${line.amount}`)
      .sort()
      .join()
  const open = kept.filter(({ state }) => state === 'to_pack')
  return { lines: asked, isNew: plan !== null && said(asked) !== said(open) }
}
