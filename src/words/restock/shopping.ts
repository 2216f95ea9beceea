/** Words of the shopping list, of orders and of putting away. */
import type { PlainDate } from '../../core/calendar/plainDate'
import { SECTIONS } from '../../core/catalogue/entry'
import { formatAmount, type Total, units } from '../../core/quantity/amount'
import type { Aisle } from '../../core/shopping/aisles'
import { capital, counted, fullDay, numberWord, weekdayDay } from '../frame/format'

const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']
const packs = (count: number): string => `${count} ${count === 1 ? 'pack' : 'packs'}`
const lines = (count: number): string => `${numberWord(count)} ${count === 1 ? 'line' : 'lines'}`
const joined = (parts: readonly string[]): string =>
  parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`

export const shopping = {
  title: 'To buy',
  headline: (toBuy: number, toPutAway: number, onItsWay: number, gaps: number): string => {
    const parts = [
      ...(toBuy > 0 ? [`${numberWord(toBuy)} to buy`] : []),
      ...(toPutAway > 0 ? [`${numberWord(toPutAway)} to put away`] : []),
    ]
    if (parts.length > 0) return capital(joined(parts))
    if (onItsWay > 0)
      return `${capital(numberWord(onItsWay))} on ${onItsWay === 1 ? 'its' : 'their'} way`
    return gaps > 0
      ? `Nothing on the list yet; ${numberWord(gaps)} ${gaps === 1 ? 'thing is' : 'things are'} missing`
      : 'Nothing on the list'
  },
  under: 'Tick what is in the bag. At the kit, put it away with the date on its pack.',
  empty:
    'The list is made from the plan over all places: what to buy or order in the next two weeks, in packs as they are sold.',
  make: 'Make the list',
  makeAgain: 'Make it again',
  making: 'Working out the plan …',
  failed: 'The plan could not be worked out. Nothing is lost; try again.',
  made: (count: number, gaps: number): string =>
    count > 0
      ? `${capital(lines(count))} put on the list`
      : gaps > 0
        ? 'No target asks for anything in the next two weeks. See what the board lacks'
        : 'Nothing has to be bought in the next two weeks',
  gaps: {
    title: 'What is missing on the Ready board',
    under:
      'No target asks for these. What you get or carry gets a target, and is planned for from then on.',
  },
  add: 'Add a line',
  print: 'Print',
  printed: (day: PlainDate): string => `As of ${fullDay(day)}`,
  noShop: 'Any shop',
  sum: (sum: string, unpriced: number): string =>
    `about ${sum}${unpriced > 0 ? ` and ${unpriced} without a price` : ''}`,
  aisle: (aisle: string): string =>
    aisle in SECTIONS
      ? SECTIONS[aisle as keyof typeof SECTIONS]
      : aisle === ('other_medicine' satisfies Aisle)
        ? 'Other medicine'
        : 'Other things',
  packs: (count: number, size: Total, unit: string): string =>
    size === 1000 && count > 0
      ? counted(units(count), unit)
      : unit === 'pack'
        ? `${count} × ${counted(size, unit)}`
        : `${packs(count)} of ${unit === '' ? formatAmount(size) : counted(size, unit)}`,
  askFor: (spec: string): string => spec,
  instead: 'What else would do',
  insteadOf: (title: string, spec: string): string => (spec === '' ? title : `${title}: ${spec}`),
  keptToo: 'kept here too',
  judged: 'Ready shows who it counts for.',
  by: (day: PlainDate, near: PlainDate): string => `by ${weekdayDay(day, near)}`,
  goesTo: (amount: Total, pocket: string, kit: string): string =>
    `${formatAmount(amount)} for ${pocket}, ${kit}`,
  byHand: 'put here by hand',
  tick: (title: string): string => `In the bag: ${title}`,
  more: 'More',
  onePackMore: (title: string): string => `One pack more: ${title}`,
  onePackFewer: (title: string): string => `One pack fewer: ${title}`,
  none: 'Not available',
  noneOf: (title: string): string => `Not available: ${title}`,
  remove: 'Remove',
  removeOf: (title: string): string => `Remove from the list: ${title}`,
  putAway: 'Put away',
  putAwayOf: (title: string): string => `Put away: ${title}`,
  missing: 'Not available',
  missingAt: (shop: string, until: PlainDate, near: PlainDate): string =>
    `${shop === '' ? 'No shop' : shop} had none; looked for elsewhere until ${weekdayDay(until, near)}`,
  replaced: (shop: string, what: string): string =>
    `On the list instead: ${what} ${shop === '' ? 'in any other shop' : `at ${shop}`}`,
  notReplaced:
    'Nothing else is worth buying in its place now. Make the list again to ask the plan.',
  backOn: 'Try there again',
  standIn: 'This shop is made up, a stand-in: nothing is ordered or paid for real.',
  orders: 'On its way',
  order: (count: number): string => (count === 1 ? 'Order this line' : `Order these ${count}`),
  delivers: (days: readonly number[]): string =>
    `Takes orders; delivers on ${joined(days.map((day) => `${WEEKDAYS[day - 1]}s`))}`,
  ordered: (
    reference: string,
    { comes, back_ordered, refused }: { comes: number; back_ordered: number; refused: number },
  ): string =>
    `Ordered as ${reference}: ${joined([
      ...(comes > 0 ? [`${packs(comes)} confirmed`] : []),
      ...(back_ordered > 0 ? [`${packs(back_ordered)} back-ordered`] : []),
      ...(refused > 0 ? [`${packs(refused)} not available`] : []),
    ])}`,
  orderedOn: (reference: string, day: PlainDate, near: PlainDate): string =>
    `${reference}, ordered ${weekdayDay(day, near)}`,
  due: (day: PlainDate, near: PlainDate): string => `due ${weekdayDay(day, near)}`,
  backOrdered: 'back-ordered',
  arrived: 'here',
  ask: 'Ask for news',
  asked: ({
    here,
    later,
    cancelled,
  }: {
    here: number
    later: number
    cancelled: number
  }): string =>
    here + later + cancelled === 0
      ? 'Nothing was due yet'
      : capital(
          joined([
            ...(here > 0 ? [`${packs(here)} here`] : []),
            ...(later > 0 ? [`${packs(later)} later`] : []),
            ...(cancelled > 0 ? [`${packs(cancelled)} cancelled`] : []),
          ]),
        ),
  prices: (shop: string): string => `Take over the prices of ${shop}`,
  priced: (priced: number, without: number): string =>
    `${priced} prices taken over${without > 0 ? `; ${without} it does not have now` : ''}`,
  did: {
    bag: 'In the bag',
    listed: 'Back on the list',
    none: 'Noted as not available there',
    packs: 'Packs changed',
    removed: 'Removed from the list',
    added: 'On the list',
  },
  receive: {
    title: (title: string): string => `Put away: ${title}`,
    scan: 'Scan the pack',
    nothing: 'Say how many go into at least one of the pockets.',
    isOther: (title: string): string =>
      `The code on this pack says ${title}. Nothing was taken from it: look at what is in your hand.`,
    whole: (amount: Total, unit: string): string => `${counted(amount, unit)} bought`,
    into: (pocket: string, kit: string, place: string): string => `${pocket}, ${kit} (${place})`,
    batch: 'Batch',
    price: 'Paid for a pack',
    press: 'Put away',
    rest: (amount: Total, unit: string): string =>
      `${counted(amount, unit)} ${amount === 1000 ? 'is' : 'are'} left: another date, or`,
    isAll: 'that is all',
    tooMuch: (amount: Total, unit: string): string =>
      `${counted(amount, unit)} more than was bought. That is fine where the pack held more.`,
    noPocket:
      'It has no pocket yet. Open a kit and say how many of it belong there, then put it away here.',
    put: 'Put away',
    label: 'Print its label',
    labelWhy: 'A label for the pocket tells what it is, its batch, and until when it is good.',
    noLabel: 'No label',
    done: (title: string): string => `Put away: ${title}`,
  },
  adding: {
    title: 'Put a line on the list',
    item: 'What',
    unknown: 'Choose something you have. New things are added in a kit.',
    packs: 'Packs',
    wrongPacks: (most: number): string => `Give whole packs, 1 to ${most}`,
    shop: 'Shop',
    shopHint: 'Empty for any shop',
    press: 'Put on the list',
  },
}
