/** What an act on a lot has to be told, as its form has it, and what that asks for. */
import type { Endpoint } from '../../../contract/endpoint'
import type { PlainDate } from '../../../core/calendar/plainDate'
import { type Amount, formatAmount } from '../../../core/quantity/amount'
import { readAmount } from '../../../core/quantity/readAmount'
import type { ItemKind } from '../../../core/stock/itemKind'
import { type FormReading, faultsIn, missing } from '../../../ui/formReading'
import * as words from '../../../words'
import { dayFault } from '../../../words/frame/forms'
import { type AskedAct, lotAct, type Question, usualAmount } from './acts'
import { type KeepsDraft, NOT_SAID, periodSaid } from './keepsDraft'
import type { LineOnMat, TagOnMat } from './view'

export type LotActDraft = {
  readonly amount: string
  readonly keeps: KeepsDraft
  readonly to: string | null
  readonly whom: string
  readonly on: string
  readonly directions: string
  readonly usedUp: boolean
}

export const lotActDraft = (
  act: AskedAct,
  { item }: LineOnMat,
  { lot, amount }: TagOnMat,
  today: PlainDate,
): LotActDraft => ({
  amount: usualAmount(act, amount, item.unit),
  keeps: NOT_SAID,
  to: null,
  whom: '',
  on: today,
  directions: lot.directions,
  usedUp: false,
})

export const isAsked = (act: AskedAct, question: Question): boolean =>
  lotAct(act).asks?.includes(question) ?? false

/** One more or one fewer of what is written; what cannot be read stays as it is. */
export function stepped(text: string, by: number): string {
  const reading = readAmount(text)
  return reading.kind === 'read'
    ? formatAmount(Math.max(0, reading.amount + by * 1000) as Amount)
    : text
}

interface About {
  readonly lot: TagOnMat['lot']
  readonly pocketId: string
  readonly kind: ItemKind
  readonly today: PlainDate
}

export function readLotActDraft(
  act: AskedAct,
  { amount: typed, keeps, to, whom, on, directions, usedUp }: LotActDraft,
  { lot, pocketId, kind, today }: About,
): FormReading<LotActDraft, Endpoint> {
  const asks = (question: Question): boolean => isAsked(act, question)
  const amount = readAmount(typed)
  const period = asks('day') ? periodSaid(keeps) : null
  const faults = faultsIn<LotActDraft>({
    amount:
      amount.kind === 'refused'
        ? words.imports.fault({ field: 'amount', code: 'amount', refusal: amount.refusal })
        : undefined,
    keeps: period === 'wrong' ? words.stock.keepsFor.wrong : undefined,
    to: asks('place') && to === null ? words.forms.pick : undefined,
    whom: asks('whom') ? missing(whom) : undefined,
    on: asks('day') ? (missing(on) ?? dayFault(on, { max: today })) : undefined,
    // A medicine goes nowhere without what its label says.
    directions: asks('directions') && kind === 'medicine' ? missing(directions) : undefined,
  })
  if (faults || amount.kind === 'refused' || period === 'wrong')
    return faults ?? { kind: 'faults', faults: {} }
  return {
    kind: 'act',
    act: lotAct(act).request({
      lot,
      pocketId,
      amount: amount.amount,
      today,
      to: to ?? '',
      whom,
      on: on as PlainDate,
      period,
      directions,
      usedUp,
    }),
  }
}
