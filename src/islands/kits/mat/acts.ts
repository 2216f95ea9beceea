/** Acts on a lot: which are offered, in which order, under which keys; what each asks and sends. */
import type { z } from 'zod'
import type { openedPeriod } from '../../../contract/primitives'
import {
  amendLot,
  cleanLot,
  countLot,
  decantLot,
  discardLot,
  giveLot,
  lendLot,
  moveLot,
  openLot,
  reuseLot,
  takeBackLot,
  useLot,
} from '../../../contract/stock'
import type { PlainDate } from '../../../core/calendar/plainDate'
import { type Amount, formatAmount } from '../../../core/quantity/amount'
import { NEVER_DECANTED } from '../../../core/stock/decide'
import type { Item } from '../../../core/stock/item'
import { type Asking, asking } from '../../../ui/formReading'
import * as words from '../../../words'
import type { TagOnMat } from './view'

type OpenedPeriod = z.input<typeof openedPeriod>

/** What the form of an act has been told. */
export interface Told {
  readonly lot: TagOnMat['lot']
  readonly pocketId: string
  readonly amount: Amount
  readonly today: PlainDate
  /** The pocket it goes to. */
  readonly to: string
  readonly whom: string
  readonly on: PlainDate
  /** How long it keeps once open, as its label says; null where that was not said. */
  readonly period: OpenedPeriod | null
  readonly directions: string
  readonly usedUp: boolean
}

/** What a form asks besides how many. */
export type Question = 'place' | 'whom' | 'day' | 'directions' | 'usedUp'

interface LotAct {
  /** The key that begins it. */
  readonly hotkey: string
  /** What has to be asked; null where the press itself is enough. */
  readonly asks: readonly Question[] | null
  /** Another lot of its line may be the one to take first. */
  readonly passesOver?: true
  /** The request that it is. */
  readonly request: (told: Told) => Asking
}

const ofLot = ({ lot }: Told) => ({ lotId: lot.id })
const seen = ({ lot }: Told) => ({ seenVersion: lot.version })
const taking = (told: Told) => ({ pocketId: told.pocketId, amount: told.amount, ...seen(told) })

/** Every act on a lot, in one place: its key, what it asks, what it sends. Its words stand beside in `words.stock.acts.of`. */
export const LOT_ACTS = {
  use: {
    hotkey: 'u',
    asks: [],
    passesOver: true,
    request: (told) => asking(useLot, { params: ofLot(told), body: taking(told) }),
  },
  reuse: {
    hotkey: 'u',
    asks: ['usedUp'],
    // Used up, it is gone like anything else that is used.
    request: (told) =>
      asking(told.usedUp ? useLot : reuseLot, { params: ofLot(told), body: taking(told) }),
  },
  open: {
    hotkey: 'o',
    asks: ['day'],
    request: (told) => {
      const keeps = told.period && { period: told.period, source: words.stock.keepsFor.source }
      const body = { ...taking(told), on: told.on, ...(keeps && { keeps }) }
      return asking(openLot, { params: ofLot(told), body })
    },
  },
  move: {
    hotkey: 'm',
    asks: ['place'],
    passesOver: true,
    request: (told) =>
      asking(moveLot, { params: ofLot(told), body: { ...taking(told), to: told.to } }),
  },
  discard: {
    hotkey: 'x',
    asks: [],
    request: (told) => asking(discardLot, { params: ofLot(told), body: taking(told) }),
  },
  count: {
    hotkey: 'c',
    asks: [],
    request: (told) =>
      asking(countLot, {
        params: ofLot(told),
        body: { pocketId: told.pocketId, found: told.amount, ...seen(told) },
      }),
  },
  lend: {
    hotkey: 'l',
    asks: ['whom'],
    request: (told) =>
      asking(lendLot, { params: ofLot(told), body: { ...taking(told), to: told.whom } }),
  },
  give: {
    hotkey: 'g',
    asks: ['whom'],
    request: (told) =>
      asking(giveLot, { params: ofLot(told), body: { ...taking(told), to: told.whom } }),
  },
  decant: {
    hotkey: 'd',
    asks: ['place', 'directions'],
    request: (told) => {
      const { to, directions } = told
      return asking(decantLot, { params: ofLot(told), body: { ...taking(told), to, directions } })
    },
  },
  missing: {
    hotkey: 'n',
    asks: [],
    request: (told) => {
      const part = { pocketId: told.pocketId, amount: told.amount }
      const standing = { kind: 'missing', since: told.today } as const
      return asking(amendLot, { params: ofLot(told), body: { ...seen(told), standing, part } })
    },
  },
  takeBack: {
    hotkey: 'b',
    asks: [],
    request: (told) => asking(takeBackLot, { params: ofLot(told), body: taking(told) }),
  },
  clean: {
    hotkey: 'k',
    asks: null,
    request: (told) =>
      asking(cleanLot, { params: ofLot(told), body: { pocketId: told.pocketId, ...seen(told) } }),
  },
  found: {
    hotkey: 'f',
    asks: null,
    request: (told) =>
      asking(amendLot, {
        params: ofLot(told),
        body: { ...seen(told), standing: { kind: 'ready' } },
      }),
  },
} as const satisfies Readonly<Record<string, LotAct>>

/** Changing the details is a form of its own. */
const EDIT_KEY = 'e'

export type AskedAct = keyof typeof LOT_ACTS
export type Act = AskedAct | 'edit'
export const hotkeyOf = (act: Act): string => (act === 'edit' ? EDIT_KEY : LOT_ACTS[act].hotkey)
export const lotAct = (act: AskedAct): LotAct => LOT_ACTS[act]

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
export function usualAmount(act: Act, amount: Amount, unit: string): string {
  // What is counted by what it holds is opened as a whole: nobody opens one millilitre.
  if (act === 'open' && MEASURED.has(unit)) return formatAmount(amount)
  const one =
    act === 'use' || act === 'reuse' || act === 'open' || act === 'lend' || act === 'decant'
  return one && amount >= 1000 ? '1' : formatAmount(amount)
}
