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

/** What somebody did, after a name: "Ilse …". */
export const restockPast = {
  plan_set: 'changed what is asked of the restocking plan',
  wish_added: 'changed a line of the restocking plan',
  wish_removed: 'left a line of the restocking plan to the plan',
  rate_set: 'said how much is used up in a year',
  offer_set: 'said what a shop charges',
  offer_removed: 'took a shop’s price away',
  list_made: 'made the shopping list',
  purchase_added: 'put a line on the shopping list',
  purchase_changed: 'changed a line of the shopping list',
  purchase_removed: 'took a line off the shopping list',
  purchase_listed: 'took a tick off',
  purchase_in_bag: 'ticked a line as bought',
  purchase_not_there: 'noted that a shop had none',
  put_away: 'put away what was bought',
  prices_taken: 'took over the prices of a shop',
  ordered: 'ordered from a shop',
  shop_asked: 'asked a shop how its orders stand',
  recall_taken: 'took in a recall',
  recall_written: 'wrote down a recall',
} as const
