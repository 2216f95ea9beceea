/** Which acts a lot is offered, in which order, under which keys. */

import { type Amount, formatAmount } from '../../../core/quantity/amount'
import { NEVER_DECANTED } from '../../../core/stock/decide'
import type { Item } from '../../../core/stock/item'
import type { TagOnMat } from './view'

export const ACT_KEYS = {
  use: 'u',
  reuse: 'u',
  open: 'o',
  move: 'm',
  discard: 'x',
  count: 'c',
  edit: 'e',
  lend: 'l',
  give: 'g',
  decant: 'd',
  missing: 'n',
  clean: 'k',
  takeBack: 'b',
  found: 'f',
} as const
export type Act = keyof typeof ACT_KEYS

/** Done with the press itself: nothing is to be asked. */
export type AtOnce = 'clean' | 'found'
export const isAtOnce = (act: Act): act is AtOnce => act === 'clean' || act === 'found'
export type FormAct = Exclude<Act, AtOnce>

/** What one most likely came for. */
export function firstAct({ kind }: Pick<Item, 'kind'>, { judged }: Pick<TagOnMat, 'judged'>): Act {
  switch (judged.state) {
    case 'lent':
      return 'takeBack'
    case 'unclean':
      return 'clean'
    case 'missing':
      return 'found'
    case 'spent':
      return 'discard'
    default:
      return kind === 'instrument' ? 'reuse' : 'use'
  }
}

export function offeredActs(
  item: Pick<Item, 'kind'>,
  tag: Pick<TagOnMat, 'judged' | 'lot'>,
): { readonly usual: readonly Act[]; readonly rare: readonly Act[] } {
  const first = firstAct(item, tag)
  const away = first === 'takeBack' || first === 'found'
  const uses: readonly Act[] =
    away || first === 'clean' ? [] : [item.kind === 'instrument' ? 'reuse' : 'use']
  const usual: readonly Act[] = [
    ...uses,
    ...(tag.lot.opened.kind === 'sealed' && !away ? (['open'] as const) : []),
    'move',
    'discard',
    'count',
    'edit',
  ]
  const rare: readonly Act[] = away
    ? ['missing']
    : [
        'lend',
        'give',
        ...(NEVER_DECANTED.includes(item.kind) ? [] : (['decant'] as const)),
        'missing',
      ]
  const others = (acts: readonly Act[]): readonly Act[] => acts.filter((one) => one !== first)
  return { usual: others(usual), rare: others(rare) }
}

const MEASURED: ReadonlySet<string> = new Set(['mL', 'L', 'g', 'kg', 'mg', 'ml', 'l'])

/** How many a press usually means: all of it when it goes, one when it is used. */
export function usualAmount(act: FormAct, amount: Amount, unit: string): string {
  // What is counted by what it holds is opened as a whole: nobody opens one millilitre.
  if (act === 'open' && MEASURED.has(unit)) return formatAmount(amount)
  const one =
    act === 'use' || act === 'reuse' || act === 'open' || act === 'lend' || act === 'decant'
  return one && amount >= 1000 ? '1' : formatAmount(amount)
}
