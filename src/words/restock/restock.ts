/** English for the way to what is restocked. */

import type { PlainDate } from '../../core/calendar/plainDate'
import { formatAmount, type Total } from '../../core/quantity/amount'
import { capital, counted, fullDay, numberWord, someThings } from '../frame/format'

export const restockText = {
  title: 'Restock',
  none: 'Every par is met until the next check. Nothing to buy.',
  noShop: 'Any shop',
  total: (sum: string, unpriced: number): string =>
    `about ${sum}${unpriced > 0 ? ` and ${unpriced} without a price` : ''}`,
  headline: (lines: number, bought: number): string =>
    lines === 0
      ? 'Nothing to buy'
      : `${capital(someThings(lines, 'line', 'lines'))} to buy${bought > 0 ? `, ${numberWord(bought)} in the bag` : ''}`,
  under: 'Counted is only what is still good at the next check there.',
  packs: (packs: number | null, size: Total | null, unit: string): string =>
    packs === null || size === null
      ? ''
      : packs === 0
        ? 'from the pack above'
        : `${packs} ${packs === 1 ? 'pack' : 'packs'} of ${formatAmount(size)}${unit && size === 1000 ? ` ${unit}` : ''}`,
  why: (good: Total, par: Total, turning: Total): string =>
    `${formatAmount(good)} of ${formatAmount(par)} there${turning === 0 ? '' : turning === good ? ', turning' : `, ${formatAmount(turning)} of them turning`}`,
  bought: 'Bought',
  putAway: 'Put away',
  print: 'Print',
  receive: (title: string): string => `Put away: ${title}`,
  printed: (day: PlainDate): string => `As of ${fullDay(day)}`,
  listed: 'on the list',
  noPrice: 'no price',
  inAll: (sum: string): string => `About ${sum} in all`,
  bag: (bought: number): string =>
    bought === 0
      ? 'Tick what is in the bag. At the kit, put it away with the date on its pack.'
      : `${capital(someThings(bought, 'line is', 'lines are'))} in the bag. At the kit, put each away with the date on its pack.`,
  need: (units: number, unit: string): string => counted((units * 1000) as Total, unit),
}
