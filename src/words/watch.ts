/** English for what every place needs. */
import type { PlainDate } from '../core/calendar/plainDate'
import type { NextThere } from '../core/calendar/presence'
import { formatAmount, type Total } from '../core/quantity/amount'
import type { DueCode } from '../core/rounds/pace'
import type { ItemKind } from '../core/stock/itemKind'
import type { HeldBecause, SpentWhy } from '../core/stock/judge'
import {
  awayFrom,
  capital,
  fullDay,
  list,
  longDay,
  shortDay,
  someThings,
  weekdayDay,
} from './frame/format'
import { heldBecause } from './frame/heldBecause'
import { rounds } from './rounds'

const the = (place: string): string => `the ${place.charAt(0).toLowerCase()}${place.slice(1)}`

type Headline =
  | { code: 'nothing_kept' }
  | { code: 'essentials_bare'; count: number; place: string; title: string }
  | { code: 'turns_before_back'; count: number; place: string; visit: PlainDate }
  | { code: 'spent' | 'turning' | 'below_par'; count: number; places: string[] }
  | { code: 'all_well'; nextDay: PlainDate | null }

type Spare = { place: string; amount: Total } | null

type Reason =
  | { code: 'spent'; why: SpentWhy }
  | { code: 'held'; because: HeldBecause }
  | { code: 'lent'; to: string; since: PlainDate }
  | { code: 'unclean' | 'missing'; since: PlainDate }
  | { code: 'turns'; day: PlainDate; clock: 'printed' | 'opened'; spare: Spare }
  | { code: 'below_par'; good: Total; par: Total; spare: Spare }
  | {
      code: 'round_due'
      why: DueCode
      since: PlainDate | null
      pockets: number
      allPockets: number
    }
  | { code: 'dates_missing'; count: number }

const spentBecause = (why: SpentWhy, today: PlainDate): string => {
  switch (why.kind) {
    case 'date':
      return why.clock === 'opened'
        ? `its time after opening ended ${shortDay(why.day, today)}; the printed date no longer counts`
        : `past its date, ${shortDay(why.day, today)}`
    case 'opened':
      return 'opened, so no longer sterile'
    case 'condition':
      return why.condition
  }
}

/** What must not go into the household bin; "" where it may. */
const SAFE_WAY: Readonly<Record<ItemKind, string>> = {
  medicine: 'Hand it in at a pharmacy; not in the sink, not in the bin.',
  sharp: 'Into a sharps box, then to the pharmacy or recycling yard; never loose in a bin.',
  battery: 'Into the battery box of a shop; tape the poles.',
  pressurised: 'Hand it in: it may burst when pierced or heated.',
  sterile: '',
  supply: '',
  instrument: '',
  food: '',
  paper: 'Shred what names a person.',
}

export const watchText = {
  headline: (h: Headline): string => {
    switch (h.code) {
      case 'nothing_kept':
        return 'Nothing is kept here yet'
      case 'essentials_bare':
        return h.count === 1
          ? `${h.title} is missing at ${the(h.place)}`
          : `${capital(someThings(h.count, 'essential', 'essentials'))} are missing at ${the(h.place)}`
      case 'turns_before_back':
        return `${capital(someThings(h.count))} ${h.count === 1 ? 'turns' : 'turn'} before anyone is back at ${the(h.place)}`
      case 'spent':
        return `${capital(someThings(h.count))} ${h.count === 1 ? 'is' : 'are'} spent at ${list(h.places.map(the))}`
      case 'turning':
        return `${capital(someThings(h.count))} ${h.count === 1 ? 'turns' : 'turn'} soon at ${list(h.places.map(the))}`
      case 'below_par':
        return `${capital(someThings(h.count))} ${h.count === 1 ? 'is' : 'are'} short at ${list(h.places.map(the))}`
      case 'all_well':
        return 'All is sound'
    }
  },
  under: (h: Headline, today: PlainDate): string => {
    switch (h.code) {
      case 'nothing_kept':
        return 'Bring in the list you have, or add a kit and put things into it.'
      case 'essentials_bare':
        return 'An essential is something a person may need within minutes. Put it back first.'
      case 'turns_before_back':
        return `Carry replacements on ${longDay(h.visit)}. The rest can wait for its next visit.`
      case 'spent':
        return 'Throw them away safely; what they leave bare is on the list below.'
      case 'turning':
        return 'Replace them before they turn, or use them up where they are needed.'
      case 'below_par':
        return 'What belongs there is not all there. The restock list has the packs.'
      case 'all_well':
        return h.nextDay === null
          ? 'Nothing has a date that runs out.'
          : `The next thing turns ${fullDay(h.nextDay)}, ${awayFrom(h.nextDay, today)}.`
    }
  },
  ribbon: 'The coming eighteen months',
  ribbonLots: (count: number): string => (count === 1 ? '1 lot turns' : `${count} lots turn`),
  more: (count: number): string => `+${count}`,
  andMore: (count: number): string => `and ${count} more around this time`,
  today: 'today',
  nothingTurns: 'nothing turns here',
  group: (place: string, next: NextThere, today: PlainDate): string =>
    next.kind === 'now'
      ? `${place}, now`
      : next.kind === 'on'
        ? `${place}, ${awayFrom(next.day, today) === 'tomorrow' ? 'tomorrow' : weekdayDay(next.day, today)}`
        : place,
  visit: (next: NextThere): string => (next.kind === 'on' ? next.label : ''),
  errands: 'Errands',
  unasked: 'Not asked yet about allergies, illnesses or regular medicines:',
  acts: {
    throw_away: 'Throw away safely',
    ask: 'Ask',
    clean: 'Clean',
    put_back: 'Put back',
    look_for: 'Look for',
    replace: 'Replace',
    top_up: 'Top up',
    check: 'Check',
  },
  reason: (reason: Reason, today: PlainDate): string => {
    const from = (spare: Spare) =>
      spare ? `; ${the(spare.place)} has ${formatAmount(spare.amount)} to spare` : ''
    switch (reason.code) {
      case 'spent':
        return spentBecause(reason.why, today)
      case 'held':
        return `on hold: ${heldBecause(reason.because)}`
      case 'lent':
        return `${reason.to} has it since ${shortDay(reason.since, today)}`
      case 'unclean':
        return `used ${shortDay(reason.since, today)}; does not count until it is clean`
      case 'missing':
        return `was not found ${shortDay(reason.since, today)}`
      case 'turns':
        return `${reason.clock === 'opened' ? 'opened, good' : 'good'} to ${shortDay(reason.day, today)}${from(reason.spare)}`
      case 'below_par':
        return `${formatAmount(reason.good)} of ${formatAmount(reason.par)} there${from(reason.spare)}`
      case 'round_due':
        return `${rounds.pocketsOf(reason.pockets, reason.allPockets)}: ${rounds.why(reason.why, reason.since, today)}`
      case 'dates_missing':
        return `${capital(someThings(reason.count, 'pack has', 'packs have'))} no date recorded; read it off the pack`
    }
  },
  press: {
    throw_away: 'Done',
    ask: 'Open',
    clean: 'Clean',
    put_back: 'Back',
    look_for: 'Found',
    replace: 'To list',
    top_up: 'To list',
    check: 'Start',
  },
  open: 'Open',
  later: 'Later',
  laterLong: (title: string): string => `Later: ${title}`,
  safeWay: (kind: ItemKind | null): string => (kind ? SAFE_WAY[kind] : ''),
  showAll: (total: number): string => `Show all ${total}`,
  aside: (later: number, listed: number): string =>
    [later > 0 ? `${later} put off` : '', listed > 0 ? `${listed} on the shopping list` : '']
      .filter(Boolean)
      .join(' · '),
  emptyBring: 'Bring a list in',
  emptyKit: 'Add a kit',
  disclaimer:
    'Vivid Satchel keeps count; it gives no medical or veterinary advice. In need call first. The pack label and the prescriber win.',
}

/** What somebody did, after a name: "Ilse …". */
export const watchPast = {
  errand_done: 'did an errand',
  errand_put_off: 'put an errand off',
} as const
