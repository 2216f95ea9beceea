/** The state of a lot where it lies, as the outline of its tag shows it. */
import type { PlainDate } from '../calendar/plainDate'
import { type LastGood, lastGoodDay } from '../shelf-life/lastGoodDay'
import type { Item } from './item'
import type { Condition, Lot } from './lot'

export type SpentWhy =
  | { readonly kind: 'date'; readonly day: PlainDate; readonly clock: 'printed' | 'opened' }
  | { readonly kind: 'opened' }
  | { readonly kind: 'condition'; readonly condition: Condition }

/** Why nobody may use it yet. */
export type HeldBecause =
  /** Somebody put it on hold, and said why. */
  | { readonly kind: 'said'; readonly reason: string }
  /** Its course has ended, and the prescriber has not been asked about what is left. */
  | { readonly kind: 'left_over'; readonly prescriber: string }
  /** Opened, and nobody has said how long it keeps: the printed date is that of the closed pack. */
  | { readonly kind: 'opened_no_period'; readonly on: PlainDate }
  /** Its record says what cannot be reckoned with, such as a day that no calendar has. */
  | { readonly kind: 'not_judged' }

export type LotState =
  | { readonly state: 'sound'; readonly lastGood: LastGood }
  /** Ends on or before the day through which the place must last. */
  | { readonly state: 'turning'; readonly day: PlainDate; readonly clock: 'printed' | 'opened' }
  | { readonly state: 'spent'; readonly why: SpentWhy }
  | { readonly state: 'held'; readonly because: HeldBecause; readonly lastGood: LastGood }
  | {
      readonly state: 'lent'
      readonly to: string
      readonly since: PlainDate
      readonly lastGood: LastGood
    }
  /** Used and not yet cleaned. */
  | { readonly state: 'unclean'; readonly since: PlainDate; readonly lastGood: LastGood }
  /** Somebody looked, and it was not there. */
  | { readonly state: 'missing'; readonly since: PlainDate; readonly lastGood: LastGood }

/**
 * Judges a lot. Spent comes before all else: a thing past its day is not "held", it is to go.
 * @param nextCheck stock must last through this day (see `nextCheckDay`)
 * @param leftOver where its course has ended and nobody has asked the prescriber
 */
export function judgeLot(
  lot: Pick<Lot, 'expiry' | 'opened' | 'condition' | 'standing'>,
  item: Pick<Item, 'openedClock' | 'kind'>,
  today: PlainDate,
  nextCheck: PlainDate,
  leftOver: Extract<HeldBecause, { kind: 'left_over' }> | null = null,
): LotState {
  const lastGood = lastGoodDay(lot, item.openedClock)
  const { standing } = lot
  // What is not there can neither be used nor thrown away, whatever its date.
  if (standing.kind === 'missing') return { state: 'missing', since: standing.since, lastGood }
  if (lot.condition !== 'sound')
    return { state: 'spent', why: { kind: 'condition', condition: lot.condition } }
  if (lastGood.kind === 'over') return { state: 'spent', why: { kind: 'opened' } }
  if (lastGood.kind === 'day' && lastGood.day < today)
    return { state: 'spent', why: { kind: 'date', day: lastGood.day, clock: lastGood.clock } }
  if (standing.kind === 'lent')
    return { state: 'lent', to: standing.to, since: standing.since, lastGood }
  if (standing.kind === 'held')
    return { state: 'held', because: { kind: 'said', reason: standing.reason }, lastGood }
  if (leftOver) return { state: 'held', because: leftOver, lastGood }
  const openedOn = openedWithoutPeriod(lot, item)
  if (openedOn)
    return { state: 'held', because: { kind: 'opened_no_period', on: openedOn }, lastGood }
  if (standing.kind === 'unclean') return { state: 'unclean', since: standing.since, lastGood }
  if (lastGood.kind === 'day' && lastGood.day <= nextCheck)
    return { state: 'turning', day: lastGood.day, clock: lastGood.clock }
  return { state: 'sound', lastGood }
}

/**
 * Judges a lot; one that cannot be judged is held, and takes nothing else down with it. What is
 * not known is never safe.
 */
export function judgeOrHold(...asked: Parameters<typeof judgeLot>): LotState {
  try {
    return judgeLot(...asked)
  } catch {
    return {
      state: 'held',
      because: { kind: 'not_judged' },
      lastGood: { kind: 'open_ended', why: 'not_recorded' },
    }
  }
}

/**
 * The day on which a medicine was opened whose period after opening nobody has said; null for all
 * else. Unknown is not "as long as the closed pack".
 */
export const openedWithoutPeriod = (
  { opened }: Pick<Lot, 'opened'>,
  { kind, openedClock }: Pick<Item, 'openedClock' | 'kind'>,
): PlainDate | null =>
  kind === 'medicine' && opened.kind === 'opened' && openedClock.kind === 'unset' ? opened.on : null

/** Usable today: sound or turning. */
export const isGoodNow = (judged: LotState): boolean =>
  judged.state === 'sound' || judged.state === 'turning'
