/** The second clock of a lot: how long it lasts after it was opened. */
import { assertNever } from '../brand'
import { addDays, addMonths, type PlainDate } from '../calendar/plainDate'
import { OPENED_RULES, type OpenedPeriod, type OpenedRuleId } from './openedRules'

export type OpenedClock =
  | { readonly kind: 'rule'; readonly rule: OpenedRuleId }
  /** From the label or the prescriber; the source says which. */
  | { readonly kind: 'own'; readonly period: OpenedPeriod; readonly source: string }
  /** Nobody has said: opening is recorded, but no day follows from it. */
  | { readonly kind: 'unset' }

export type Opened =
  | { readonly kind: 'sealed' }
  | { readonly kind: 'opened'; readonly on: PlainDate }

/** The period that a clock stands for, or null when it is not set. */
export function openedPeriod(clock: OpenedClock): OpenedPeriod | null {
  switch (clock.kind) {
    case 'rule':
      return OPENED_RULES[clock.rule].period
    case 'own':
      return clock.period
    case 'unset':
      return null
    default:
      return assertNever(clock)
  }
}

export type OpenedEnd =
  | { readonly kind: 'day'; readonly lastDay: PlainDate }
  /** Used up by the opening itself. */
  | { readonly kind: 'over' }
  /** Opening sets no end of its own. */
  | { readonly kind: 'none' }

/** When something opened on a day ends by this clock: the opened day plus the period. */
export function openedEnd(opened: Opened, clock: OpenedClock): OpenedEnd {
  const period = opened.kind === 'opened' ? openedPeriod(clock) : null
  if (opened.kind === 'sealed' || period === null) return { kind: 'none' }
  switch (period.kind) {
    case 'days':
      return { kind: 'day', lastDay: addDays(opened.on, period.days) }
    case 'months':
      return { kind: 'day', lastDay: addMonths(opened.on, period.months) }
    case 'hours':
      // Opened late in the day, 48 hours end two days on; opened early, a day sooner.
      return {
        kind: 'day',
        lastDay: addDays(opened.on, Math.max(0, Math.floor((period.hours - 1) / 24))),
      }
    case 'that_day':
      return { kind: 'day', lastDay: opened.on }
    case 'at_once':
      return { kind: 'over' }
    case 'printed':
    case 'course':
      return { kind: 'none' }
    default:
      return assertNever(period)
  }
}

/** The clock as older records have it, in whole days; read as it is meant today. */
export function asOpenedClock(kept: unknown): OpenedClock {
  const clock = kept as
    | OpenedClock
    | { readonly kind: 'own'; readonly days: number; readonly source: string }
  return clock.kind === 'own' && 'days' in clock
    ? {
        kind: 'own',
        period: clock.days === 0 ? { kind: 'at_once' } : { kind: 'days', days: clock.days },
        source: clock.source,
      }
    : clock
}
