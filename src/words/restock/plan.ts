/** Words of the restocking plan. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Weather } from '../../core/exposure/ahead'
import { formatAmount, nearest } from '../../core/quantity/amount'
import type { BareWhy, Meets, TakeOutLine } from '../../core/restock/board'
import type { Lack } from '../../core/restock/replay'
import type { Thoroughness } from '../../core/restock/settings'
import { capital, counted, numberWord, shortDay, weekdayDay } from '../frame/format'

/** Units, as the plan counts them, in the words of the item. */
const some = (units: number, unit: string): string => counted(nearest(units), unit)
const number = (units: number): string => formatAmount(nearest(units))
/** So many stretches of days are told. */
const STRETCHES = 3
const WEATHER: Readonly<Record<Weather, string>> = { frost: 'frost', heat: 'too hot' }
const times = (count: number, one: string, many: string): string =>
  `${numberWord(count)} ${count === 1 ? one : many}`

export type PlanFault =
  | { readonly code: 'no_price' | 'guide_price'; readonly item: string }
  | {
      readonly code: 'pack_of_nothing' | 'not_there'
      readonly item: string
      readonly shop: string
    }
  | { readonly code: 'no_next_visit'; readonly place: string }
  | {
      readonly code: 'no_room'
      readonly item: string
      readonly pocket: string
      readonly par: number
      readonly room: number
    }

export const plan = {
  title: 'Plan',
  parts: { plan: 'Plan', list: 'To buy', forecast: 'Forecast', use: 'Use', recalls: 'Recalls' },
  done: {
    carried: 'Carried',
    didCarry: (title: string): string => `${title} brought over`,
    thrownAway: 'Thrown away',
    didThrowAway: (title: string): string => `${title} thrown away`,
  },
  toList: 'Put on the shopping list',
  coming: {
    listed: 'on the list by hand',
    in_bag: 'in the bag',
    ordered: 'ordered',
    arrived: 'here, to put away',
  },
  headline: (carries: number, packs: number, outs: number, later: number, gaps: number): string => {
    const parts = [
      ...(carries > 0 ? [`carry ${times(carries, 'thing', 'things')}`] : []),
      ...(packs > 0 ? [`buy ${times(packs, 'pack', 'packs')}`] : []),
      ...(outs > 0 ? [`take out ${numberWord(outs)}`] : []),
    ]
    if (parts.length === 0) {
      if (gaps > 0)
        return `The targets ask for nothing now; ${times(gaps, 'thing is', 'things are')} missing`
      return later === 0 ? 'Nothing to carry, nothing to buy' : 'Nothing to do for two weeks'
    }
    const last = parts.pop() ?? ''
    return `In two weeks: ${parts.length === 0 ? last : `${parts.join(', ')} and ${last}`}`
  },
  /** @param more what keeping all of it would cost more; null where money is not what lacks */
  under: (days: number, short: number, more: string | null): string =>
    short === 0
      ? `Every target is kept for ${lookAhead(days)}, over all places, at the least cost.`
      : `${capital(times(short, 'target stays', 'targets stay'))} short within ${lookAhead(days)}${more === null ? '' : `; about ${more} more keeps ${short === 1 ? 'it' : 'them'}`}. They are named below.`,
  looking: (days: number): string => `For ${lookAhead(days)}, over all places.`,
  working: 'Working out what to move, to buy and to let expire …',
  stop: 'Stop',
  again: 'Plan again',
  stopped: 'Stopped. What is below, if anything, is the plan before.',
  failed: 'The plan could not be worked out. Nothing is lost; try again.',
  none: 'No target is set yet. Open a kit and say how many of a thing belong there. Then the plan begins.',
  controls: 'What the plan should do',
  budget: 'May be spent',
  noLimit: 'No limit',
  limit: 'Set a limit',
  ofBudget: (spent: string, budget: string | null): string =>
    budget === null ? `${spent} in all` : `${spent} of ${budget}`,
  lookAheadLabel: 'Look ahead',
  lookAhead,
  thoroughness: 'What is good to have',
  thorough: {
    sparing: 'Sparing',
    usual: 'Usual',
    thorough: 'Thorough',
  } satisfies Record<Thoroughness, string>,
  gap: (gap: number, stopped: boolean): string =>
    stopped
      ? gap > 0.99
        ? 'Stopped before a best plan was found: this is the plain one, shelf by shelf.'
        : `Stopped before it was proven: at most ${percent(gap)} above the best.`
      : gap < 0.0005
        ? 'Proven: no plan costs less.'
        : `Proven: no plan costs more than ${percent(gap)} less.`,
  unheeded: (title: string): string =>
    `${title}: what you want of it cannot be done as things are. The plan goes without it.`,
  overBudget: 'What you want bought costs more than may be spent.',
  compare: 'Beside other plans',
  columns: {
    plan: 'This plan',
    plain: 'Shelf by shelf',
    idle: 'Nothing done',
    before: 'The plan before',
  },
  rows: {
    spent: 'Spent',
    must: 'Days short: must-haves',
    nice: 'Days short: others',
  },
  days: (days: number): string => (days < 0.5 ? 'none' : String(Math.round(days))),
  compareUnder:
    'Days are summed over all lines, by the share that is lacking. ' +
    'Shelf by shelf: fill each gap at each visit with what is to spare, else the cheapest pack.',
  day: (day: PlainDate, today: PlainDate): string =>
    day === today ? 'Today' : weekdayDay(day, today),
  soFar: (spent: string, budget: string | null): string =>
    budget === null ? `${spent} so far` : `${spent} of ${budget} so far`,
  buyBefore: 'Buy before',
  takeAlong: 'Take along',
  putHere: 'Carry here',
  takeOut: {
    swap_out: 'Swap out',
    take_in: 'Take indoors',
    throw_away: 'Throw away',
  } satisfies Record<TakeOutLine['kind'], string>,
  later: (count: number): string => `${capital(times(count, 'visit', 'visits'))} later`,
  some,
  packs: (packs: number, units: number, unit: string): string =>
    units === 1
      ? some(packs, unit)
      : `${packs} ${packs === 1 ? 'pack' : 'packs'} of ${some(units, unit)}`,
  anyShop: 'any shop',
  at: (shop: string): string => `at ${shop}`,
  orderBy: (day: PlainDate, today: PlainDate): string => `order by ${shortDay(day, today)}`,
  goesTo: (amount: number, where: string): string => `${number(amount)} for ${where}`,
  leftOver: (amount: number): string => `${number(amount)} left over for later`,
  from: (where: string): string => `from ${where}`,
  to: (where: string): string => `to ${where}`,
  meets: ({ short, from }: Meets, day: (offset: number) => PlainDate, today: PlainDate): string =>
    from === 0
      ? `${number(short)} lacking there now`
      : `${number(short)} lacking there from ${shortDay(day(from), today)}`,
  tops: 'keeps it full',
  saves: (sum: string): string => `saves ${sum}`,
  wouldLapse: (day: PlainDate, today: PlainDate): string =>
    `would expire ${shortDay(day, today)} otherwise`,
  spent: (day: PlainDate, today: PlainDate): string =>
    day <= today ? 'expired' : `expires ${shortDay(day, today)}`,
  worth: (sum: string): string => `worth ${sum} new`,
  swapWhy: (day: PlainDate, today: PlainDate): string =>
    `makes room; good until ${shortDay(day, today)}, use it up at home`,
  harmed: (by: Weather, day: PlainDate, today: PlainDate): string =>
    `${WEATHER[by]} ${day <= today ? 'likely now' : `from ${shortDay(day, today)}`}, by the model`,
  indoors: (until: PlainDate, today: PlainDate): string =>
    `keep it indoors until ${shortDay(until, today)}, and take it along when you go`,
  backFrom: 'from indoors',
  pinned: 'as you want it',
  pin: 'Keep',
  forbid: 'Not this',
  release: 'Leave it to the plan',
  didPin: 'The line stays as it is.',
  didForbid: 'The plan leaves it out.',
  didRelease: 'Left to the plan.',
  didSet: 'The plan is worked out again.',
  wishes: 'What you want',
  wish: {
    carry: (amount: number, title: string, to: string): string =>
      `Carry ${number(amount)} ${title} to ${to}`,
    no_carry: (title: string, to: string): string => `${title} does not go to ${to}`,
    buy: (packs: number, title: string): string =>
      `Buy ${packs} ${packs === 1 ? 'pack' : 'packs'} of ${title}`,
    no_buy: (title: string): string => `Buy no ${title}`,
    gone: 'No longer there',
  },
  bare: 'Stays short',
  weather: 'Not kept there in frost or heat',
  weatherUnder:
    'By the model, frost or heat would harm these. Keep them indoors, and take them along when you go.',
  untilVisit: (lines: number): string =>
    `${capital(times(lines, 'line is', 'lines are'))} short until the next visit there, and full from then on.`,
  bareLine: (
    stretches: readonly Lack[],
    par: number,
    day: (offset: number) => PlainDate,
    { today, days }: { readonly today: PlainDate; readonly days: number },
  ): string => {
    const told = stretches.slice(0, STRETCHES).map(({ from, until, short }) => {
      const when =
        from === 0 && until >= days
          ? 'all the time'
          : until >= days
            ? `from ${shortDay(day(from), today)} on`
            : until - from === 1
              ? `on ${shortDay(day(from), today)}`
              : `${from === 0 ? 'until' : `${shortDay(day(from), today)} to`} ${shortDay(day(until - 1), today)}`
      return `${number(short)} of ${number(par)} lacking ${when}`
    })
    const more = stretches.length - told.length
    return [...told, ...(more > 0 ? [`and ${times(more, 'time', 'times')} more`] : [])].join('; ')
  },
  bareWhy: {
    nobody_there: 'nobody knows when somebody is next there',
    until_the_visit: 'until somebody is there',
    no_room: 'the kit has no room for more',
    no_offer: 'no shop with a price is known',
    not_wanted: 'you want none bought',
    budget: 'the money goes to what is needed more',
    not_worth: 'not worth its price with this setting',
  } satisfies Record<Exclude<BareWhy, 'weather'>, string>,
  missing: 'What the plan does not know',
  fault: (fault: PlanFault): string => {
    switch (fault.code) {
      case 'no_price':
        return `${fault.item}: no price. Enter a pack and a price below, and it is planned.`
      case 'guide_price':
        return `${fault.item}: planned at the catalogue’s guide price until you enter one.`
      case 'not_there':
        return `${fault.item}: ${fault.shop === '' ? 'not available' : `${fault.shop} had none`} lately, so it is looked for elsewhere.`
      case 'pack_of_nothing':
        return `${fault.item}${fault.shop === '' ? '' : ` at ${fault.shop}`}: a pack holds nothing. Enter how many are in it.`
      case 'no_next_visit':
        return `${fault.place}: no next visit is known. Add one on the household’s page.`
      case 'no_room':
        return `${fault.item}: ${number(fault.par)} belong in ${fault.pocket}, which has room for ${number(fault.room)}.`
    }
  },
  prices: 'Packs and prices',
  pricesUnder: 'What a pack costs where. The plan uses it at once.',
  shop: 'Shop',
  inPack: 'In a pack',
  price: 'Price',
  lead: 'Days to come',
  save: 'Save',
  noShopName: 'Name the shop',
  badPack: 'Say how many are in a pack, as 10 or ½',
  badLead: 'Give whole days, as 0 or 3',
  badPrice: 'Give a price as 4.50, or leave it empty',
  addShop: 'Another shop',
  removeShop: 'Not sold there',
  change: (title: string): string => `Change the price of ${title}`,
}

const percent = (gap: number): string => `${(gap * 100).toFixed(gap < 0.01 ? 1 : 0)} %`

function lookAhead(days: number): string {
  if (days < 100) return 'three months'
  if (days < 200) return 'half a year'
  return days < 400 ? 'a year' : 'two years'
}
