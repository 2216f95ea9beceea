/** Taking something out: from which shelf first, and how much of the count one use is. */
import type { PlainDate } from '../calendar/plainDate'
import { type Amount, amount, MOST, THOUSAND } from '../quantity/amount'
import type { Shelf } from './pantry'

/** Neither held, lent, missing or unclean, nor past its last good day. */
export const isGoodOn = (
  { barred, through }: Pick<Shelf, 'barred' | 'through'>,
  day: PlainDate,
): boolean => barred === null && (through === null || through >= day)

type Turning = Pick<Shelf, 'through'>

/** First expiring, first out (FEFO); what never turns comes last. */
export const turnsFirst = (a: Turning, b: Turning): number =>
  (a.through ?? '9').localeCompare(b.through ?? '9')

/** One use of something that gives so many: a part of a bottle, else one. */
export const oneUse = (uses: number): Amount =>
  amount(Math.min(MOST, Math.max(1, Math.round(THOUSAND / Math.max(1, uses)))))
