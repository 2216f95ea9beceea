/** How long it keeps once it is open, as the form has it. */
import { readNumber } from '../../../core/quantity/readNumber'
import type { OpenedPeriod } from '../../../core/shelf-life/openedRules'

export const PERIODS = ['days', 'months', 'hours', 'course', 'at_once', 'printed'] as const
export type PeriodKind = (typeof PERIODS)[number]

export interface KeepsDraft {
  readonly kind: PeriodKind
  readonly count: string
}
export const NOT_SAID: KeepsDraft = { kind: 'days', count: '' }

const MOST = { days: 3660, months: 120, hours: 720 }
/** Whether so many of them are said. */
export const isCounted = (kind: PeriodKind): kind is keyof typeof MOST => kind in MOST

/** The period that is said; null where nothing is, and "wrong" where it is no number of them. */
export function periodSaid({ kind, count }: KeepsDraft): OpenedPeriod | null | 'wrong' {
  if (!isCounted(kind)) return { kind }
  if (count.trim() === '') return null
  const number = readNumber(count, { least: 1, most: MOST[kind], whole: true })
  if (typeof number !== 'number') return 'wrong'
  return kind === 'days'
    ? { kind, days: number }
    : kind === 'months'
      ? { kind, months: number }
      : { kind, hours: number }
}
