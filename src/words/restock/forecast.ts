/** Words of the forecast and of rates of use. */
import type { Total } from '../../core/quantity/amount'
import { counted, MONTH_NAMES } from '../frame/format'

const few = (value: number): string =>
  value >= 10 || value === 0 ? String(Math.round(value)) : String(Math.round(value * 10) / 10)
const units = (value: number, unit: string): string =>
  counted((Math.round(value * 10) * 100) as Total, unit)

export const forecast = {
  title: 'Forecast',
  headline: (spent: string, lapsed: string): string =>
    `About ${spent} a year, of which ${lapsed} expires unused`,
  waiting: 'What the next two years may cost',
  under: (futures: number): string =>
    `From ${futures} futures that chance makes, each place filled up to its target at every visit, without carrying between places. Visits that are planned are taken to come again a year later.`,
  working: 'Working out the next two years …',
  stopped: 'Stopped.',
  failed: 'The forecast could not be worked out. Nothing is lost; try again.',
  again: 'Work it out',
  none: 'No target is set yet. Open a kit and say how many of a thing belong there. Then the forecast begins.',
  unpriced: (titles: readonly string[]): string =>
    `Without a price, and so not in the sums: ${titles.join(', ')}. Enter one on the plan.`,
  spending: 'Spending by month',
  lapsing: 'Expires unused by month, at the price of a new one',
  likely:
    'The bar is the middle: more is as likely as less. One future in ten is below the whisker, one above.',
  range: (low: string, middle: string, high: string): string => `${middle} (${low} to ${high})`,
  table: 'As a table',
  month: 'Month',
  oneInTen: 'One in ten below',
  middle: 'Middle',
  nineInTen: 'One in ten above',
  risk: 'What may expire where, in two years',
  place: 'Place',
  whatIf: 'One more, or one fewer',
  whatIfUnder:
    'A year on average, in the same futures, so that only the target differs. Days short are days on which it is not complete.',
  weighing: 'Trying one more and one fewer of each …',
  thing: 'What and where',
  now: 'As it is',
  fewer: 'One fewer',
  more: 'One more',
  perYear: (sum: string): string => `${sum} a year`,
  saves: (sum: string): string => `saves ${sum}`,
  costs: (sum: string): string => `costs ${sum}`,
  same: 'costs the same',
  bareDays: (days: number): string =>
    days < 0.05 ? 'never short' : `${few(days)} ${few(days) === '1' ? 'day' : 'days'} short`,
  without: (value: number, unit: string): string =>
    value < 0.05 ? '' : `${units(value, unit)} wanted and not there`,
  mustBe: 'must be there',
  showAll: (count: number): string => `Show all ${count}`,
  order: 'In the order of what one fewer saves.',
}

export const rates = {
  title: 'Use',
  headline: (learned: number, all: number): string =>
    learned === 0
      ? 'How much is used is still a guess'
      : `How much is used: ${learned} of ${all} learned`,
  under:
    'Learned from what was used, and from what is usual as long as little was. The plan and the forecast use it.',
  none: 'No target is set yet. Open a kit and say how many of a thing belong there. Then we learn how fast it is used.',
  thing: 'What',
  place: 'Where',
  perYear: 'In a year',
  range: 'Nine times in ten between',
  from: 'From',
  season: 'Season',
  hand: 'You know better',
  year: (value: number, unit: string): string => units(value, unit),
  between: (low: number, high: number): string => `${few(low)} and ${few(high)}`,
  source: {
    usual: 'what is usual',
    record: (times: number, days: number): string =>
      `${times} ${times === 1 ? 'time' : 'times'} in ${days} days`,
    hand: 'you',
  },
  letters: MONTH_NAMES.map((month) => month.charAt(0)),
  seasonTold: (season: readonly number[]): string => {
    const high = season
      .map((value, month) => [value, MONTH_NAMES[month]] as const)
      .filter(([value]) => value >= 1.25)
      .map(([, name]) => name)
    return high.length === 0 ? 'no season to see' : `more in ${high.join(', ')}`
  },
  set: (title: string, place: string): string => `In a year: ${title}, ${place}`,
  save: 'Save',
  saved: 'The plan now uses it',
  leave: 'Leave it to the record',
  left: 'Left to the record',
  wrong: 'Give a number such as 12 or 0.5',
  showUsual: (count: number): string => `${count} of which nothing was used yet`,
}
