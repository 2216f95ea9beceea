/** English for what every place needs. */

import type { z } from 'zod'
import type * as watch from '../contract/values/watch'
import { assertNever } from '../core/brand'
import { addDays, type PlainDate } from '../core/calendar/plainDate'
import type { NextThere } from '../core/calendar/presence'
import { type CellState, isReadyState } from '../core/cover/cellState'
import { formatAmount, type Total } from '../core/quantity/amount'
import type { ItemKind } from '../core/stock/itemKind'
import type { SpentWhy } from '../core/stock/judge'
import type { ErrandAct, Gravity } from '../core/watch/errand'
import { pocketsOf, why } from './frame/due'
import {
  awayFrom,
  capital,
  counted,
  fullDay,
  list,
  longDay,
  lowered,
  money,
  numberWord,
  several,
  shortDay,
  someThings,
  weekdayDay,
} from './frame/format'
import { heldBecause } from './frame/heldBecause'
import { ready } from './frame/ready'
import { CELL_STATES } from './frame/states'
import { TOPIC_NAMES } from './frame/topics'

type Headline = z.infer<typeof watch.headline>
type Reason = z.infer<typeof watch.errandReason>
type Errand = z.infer<typeof watch.errandValue>
type Brings = Errand['brings'][number]
type Spare = { place: string; amount: Total } | null

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

/** What is to be done, as one sentence about how much of it and where. */
function toDo({ act, count, title, places }: Extract<Headline, { code: 'to_do' }>): string {
  const things = capital(someThings(count))
  const at = places.length > 0 ? ` at ${list(places)}` : ''
  const is = count === 1 ? 'is' : 'are'
  switch (act) {
    case 'throw_away':
      return `${things} can no longer be used${at}`
    case 'ask':
      return `${things} ${is} on hold${at}`
    case 'put_back':
      return count === 1 ? `${title} is lent out` : `${things} are lent out`
    case 'clean':
      return `${things} ${count === 1 ? 'needs' : 'need'} cleaning${at}`
    case 'look_for':
      return count === 1 ? `${title} was not found` : `${things} were not found`
    case 'replace':
      return `${things} ${count === 1 ? 'expires' : 'expire'} soon${at}`
    case 'top_up':
      return `${things} ${is} short${at}`
    case 'make_up':
      return count === 1
        ? `${title} was given away at a roadside`
        : `${things} were given away at a roadside`
    case 'check':
      return count === 1
        ? `${title} is due for a check`
        : `${capital(someThings(count, 'kit is', 'kits are'))} due for a check`
    case 'ask_member':
      return count === 1
        ? `Nobody has asked about ${title} yet`
        : `Nobody has asked about ${numberWord(count)} of you yet`
    case 'weigh':
      return count === 1 ? `${title} needs weighing` : `${capital(numberWord(count))} need weighing`
    case 'teach':
      return count === 1
        ? `A skill runs out: ${title}`
        : `${capital(numberWord(count))} skills run out`
    case 'identify':
      return 'Some things are not matched yet'
    case 'refill':
      return `${things} will run out`
    case 'follow_up':
      return count === 1
        ? `Check on ${title || 'the patient'}`
        : `${capital(numberWord(count))} patients need checking on`
    case 'set_aside':
      return `${things} ${is} recalled`
    case 'take_in':
      return count === 1
        ? `Heat or frost is about to harm ${title}`
        : 'Heat or frost is about to harm things at several places'
    case 'pack':
      return count === 1
        ? `Pack for ${title}`
        : `${capital(numberWord(count))} trips are to be packed for`
    case 'unpack':
      return count === 1
        ? `${title} is over: unpack the bags`
        : `${capital(numberWord(count))} trips are over: unpack the bags`
    case 'bring_back':
      return count === 1
        ? `${title} has not been put back`
        : `${capital(someThings(count, 'kit has', 'kits have'))} not been put back`
    case 'carry':
    case 'buy':
    case 'find_out':
      return `${things} ${is} needed${at}`
    default:
      return assertNever(act)
  }
}

/** What an errand is about that has no name of its own. */
const UNTITLED: Partial<Readonly<Record<ErrandAct, string>>> = {
  set_aside: 'Recalled packs',
  identify: 'Things not matched yet',
  follow_up: 'the patient',
}

const TO_DO_UNDER: Readonly<Record<ErrandAct, string>> = {
  set_aside: 'Set them aside until the maker has answered.',
  follow_up: 'It is time to look again. If it is no better, call the doctor or the vet.',
  throw_away: 'Throw them away safely. What is short because of it stands below.',
  clean: 'They do not count until they are clean.',
  ask: 'They do not count until somebody has answered.',
  put_back: 'They do not count until they are back.',
  look_for: 'They do not count until they are found.',
  take_in: 'Move them to where it is neither hot nor freezing, or take them along.',
  pack: 'The list says what goes into which bag and where to find it.',
  unpack: 'Until then what was packed is not where it belongs.',
  bring_back: 'While it is away it covers nobody but whoever has it.',
  carry: 'Another place has some to spare.',
  buy: 'One press puts them on the list.',
  refill: 'Ask for the next pack in time.',
  replace: 'Replace them before they expire, or use them up where they are needed.',
  top_up: 'What belongs there is not all there. The restock list has the packs.',
  make_up: 'Put it on the list, so that the kit is whole again.',
  check: 'A look takes a few minutes, and a phone in one hand.',
  weigh: 'Doses by weight wait for it.',
  ask_member: 'What nobody has asked is not taken for none.',
  teach: 'What nobody there can use does not count.',
  find_out: 'Nothing that we know of answers it. Look at the board.',
  identify: 'They count for nothing until somebody says what they are.',
}

function gap(
  {
    problem,
    members,
    state,
    ready,
    also,
    packs,
    costMinor,
    from,
  }: Extract<Reason, { code: 'gap' }>,
  { act, brings }: Pick<Errand, 'act' | 'brings'>,
  currency: string,
): string {
  const isQuestion = act === 'find_out'
  const whom = list(members)
  // What it brings has named the problem; a question has it for its title.
  const about = isQuestion
    ? whom && `${whom}: `
    : brings.length > 0
      ? ''
      : `${lowered(problem)}${whom && ` (${whom})`}: `
  return [
    `${about}${gapState(state)}`,
    from === null ? '' : `${from} has some to spare`,
    ready.length > 0 ? `ready at ${list(ready)}` : '',
    also.length === 0 ? '' : isQuestion ? `the same at ${list(also)}` : `with ${list(also)}`,
    costMinor === null
      ? ''
      : `${packs > 1 ? `${packs} packs, ` : ''}about ${money(costMinor, currency)}`,
  ]
    .filter(Boolean)
    .join('; ')
}

/** What is there for a problem. */
const gapState = (state: CellState): string =>
  isReadyState(state)
    ? CELL_STATES[state]
    : state === 'held'
      ? `what is here is ${CELL_STATES.held}`
      : `${CELL_STATES[state]} here`

export const watchText = {
  headline: (h: Headline): string => {
    switch (h.code) {
      case 'nothing_kept':
        return 'Nothing is kept here yet'
      case 'not_ready':
        return ready.headline(h.place, h.problems, h.problems.length)
      case 'lapses':
        return `${h.place} is ready for ${lowered(h.problem)} only until ${longDay(h.from)}`
      case 'runs_out':
        return h.lastDay === null
          ? `${h.member} has no ${h.title} left`
          : `${h.member} has ${h.title} until ${longDay(h.lastDay)}`
      case 'recalled':
        return h.lots === 1
          ? 'A pack of yours is recalled'
          : `${capital(numberWord(h.lots))} packs of yours are recalled`
      case 'essentials_bare':
        return h.count === 1
          ? `${h.title} is missing at ${h.place}`
          : `${capital(someThings(h.count, 'essential', 'essentials'))} are missing at ${h.place}`
      case 'turns_before_back':
        return `${capital(someThings(h.count))} ${h.count === 1 ? 'expires' : 'expire'} at ${h.place} before anybody is back there`
      case 'to_do':
        return toDo(h)
      case 'put_off':
        return 'Nothing is waiting today'
      case 'all_well':
        return 'All is well'
    }
  },
  under: (h: Headline, today: PlainDate): string => {
    switch (h.code) {
      case 'nothing_kept':
        return 'Import the list you have, or add a kit and put things into it.'
      case 'not_ready':
        return [
          h.members.length > 0 ? `It concerns ${list(h.members)}.` : '',
          h.elsewhere > 0
            ? `${capital(someThings(h.elsewhere, 'other place lacks', 'other places lack'))} something as grave.`
            : '',
          'What you can do stands here first.',
        ]
          .filter(Boolean)
          .join(' ')
      case 'lapses':
        return 'What ends then is to be replaced before that day.'
      case 'runs_out':
        return h.count === 1
          ? 'Ask for the next pack in time.'
          : `Ask for the next pack in time. ${capital(someThings(h.count - 1, 'other medicine runs', 'other medicines run'))} out soon.`
      case 'recalled':
        return 'Set it aside until the maker has answered.'
      case 'essentials_bare':
        return 'An essential is something a person may need within minutes. Put it back first.'
      case 'turns_before_back':
        return `Carry replacements on ${longDay(h.visit)}. The rest can wait for its next visit.`
      case 'to_do':
        return TO_DO_UNDER[h.act]
      case 'put_off':
        return [
          h.later > 0
            ? `${capital(someThings(h.later, 'errand waits', 'errands wait'))} for a reminder.`
            : '',
          h.listed > 0
            ? `${capital(someThings(h.listed, 'errand is', 'errands are'))} on the shopping list.`
            : '',
        ]
          .filter(Boolean)
          .join(' ')
      case 'all_well':
        return h.nextDay === null
          ? 'Nothing has a date that runs out.'
          : `The next thing expires ${fullDay(h.nextDay)}, ${awayFrom(h.nextDay, today)}.`
    }
  },
  ribbon: 'The coming eighteen months',
  ribbonLots: (count: number): string =>
    count === 1 ? '1 thing expires' : `${count} things expire`,
  more: (count: number): string => `+${count}`,
  andMore: (count: number): string => `and ${count} more around this time`,
  today: 'today',
  nothingTurns: 'nothing expires here',
  group: (place: string, next: NextThere, today: PlainDate): string =>
    next.kind === 'now'
      ? `${place}, now`
      : next.kind === 'on'
        ? `${place}, ${awayFrom(next.day, today) === 'tomorrow' ? 'tomorrow' : weekdayDay(next.day, today)}`
        : place,
  visit: (next: NextThere): string => (next.kind === 'on' ? next.label : ''),
  errands: 'Errands',
  first: 'What comes first',
  acts: {
    set_aside: 'Set aside',
    follow_up: 'Check on',
    throw_away: 'Throw away safely',
    ask: 'Ask',
    clean: 'Clean',
    put_back: 'Put back',
    look_for: 'Look for',
    take_in: 'Move out of harm’s way',
    pack: 'Pack for',
    unpack: 'Unpack after',
    bring_back: 'Put back',
    carry: 'Carry here',
    buy: 'Get',
    refill: 'Get the next pack',
    replace: 'Replace',
    top_up: 'Top up',
    make_up: 'Make up for',
    check: 'Check',
    weigh: 'Weigh',
    ask_member: 'Ask about',
    teach: 'Learn or refresh',
    find_out: 'Find a way',
    identify: 'Say what they are',
  } satisfies Record<ErrandAct, string>,
  gravity: {
    life: 'Life-saving',
    soon: 'Cannot wait',
    essential: 'Essential',
    urgent: 'For urgent problems',
    other: 'Everything else',
  } satisfies Record<Gravity, string>,
  /** Of errands that are about nothing with a name of its own. */
  untitled: (act: ErrandAct): string => UNTITLED[act] ?? '',
  /** What the place is ready for once it is done. */
  brings: ({ name, members, from }: Brings, today: PlainDate): string => {
    const whom = members.length > 0 ? `: ${list(members)}` : ''
    return from === null
      ? `For ${lowered(name)}${whom}`
      : `Keeps it ready for ${lowered(name)} after ${shortDay(addDays(from, -1), today)}${whom}`
  },
  reason: (
    { reason, act, member, brings }: Pick<Errand, 'reason' | 'act' | 'member' | 'brings'>,
    today: PlainDate,
    currency: string,
  ): string => {
    const from = (spare: Spare) =>
      spare ? `; ${spare.place} has ${formatAmount(spare.amount)} to spare` : ''
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
        return `${formatAmount(reason.good)} of ${formatAmount(reason.par)} there${reason.takenOn ? `; given away at a roadside ${shortDay(reason.takenOn, today)}` : ''}${from(reason.spare)}`
      case 'round_due':
        return `${pocketsOf(reason.pockets, reason.allPockets)}: ${why(reason.why, reason.since, today)}`
      case 'gap':
        return gap(reason, { act, brings }, currency)
      case 'runs_out':
        return [
          reason.lastDay === null
            ? `${member} has none left`
            : `${member}: lasts until ${weekdayDay(reason.lastDay, today)}`,
          reason.openUntil === null
            ? ''
            : `the pharmacy is shut that day; go by ${weekdayDay(reason.openUntil, today)}`,
          reason.prescriber === '' ? '' : `from ${reason.prescriber}`,
        ]
          .filter(Boolean)
          .join('; ')
      case 'recalled':
        return reason.lots === 1
          ? 'a bulletin names one pack of yours'
          : `bulletins name ${numberWord(reason.lots)} packs of yours`
      case 'weight':
        return reason.kind === 'unknown'
          ? 'nobody has written a weight down; doses by weight wait for it'
          : 'the weight is out of date; doses by weight wait for it'
      case 'not_asked':
        return `not asked yet: ${list(reason.topics.map((topic) => TOPIC_NAMES[topic]))}`
      case 'skill_ends':
        return `signed off until ${fullDay(reason.until)}`
      case 'unknown_things':
        return `${someThings(reason.count, 'thing counts', 'things count')} for nothing until somebody says what ${reason.count === 1 ? 'it is' : 'they are'}`
      case 'weather':
        return `by the model ${reason.what === 'frost' ? 'frost' : 'above 30 °C'} ${reason.on === today ? 'from today' : `from ${weekdayDay(reason.on, today)}`}; ${several(reason.things, 'thing is', 'things are')} not made for it`
      case 'trip_soon':
        return [
          reason.from === today
            ? 'you leave today'
            : `you leave ${weekdayDay(reason.from, today)}, ${awayFrom(reason.from, today)}`,
          reason.toPack === 0
            ? 'nothing is on its list yet'
            : `${several(reason.toPack, 'line', 'lines')} of the list left to pack`,
        ].join('; ')
      case 'trip_over':
        return `over since ${shortDay(reason.to, today)}; ${several(reason.packed, 'line is', 'lines are')} still in the bags`
      case 'given_away':
        return `${reason.byLid ? 'taken by whoever opened the kit' : 'given away at a roadside'} ${shortDay(reason.on, today)}`
      case 'taken_along':
        return `${member || 'somebody who is no longer here'} took it along ${shortDay(reason.since, today)}`
      case 'follow_up':
        return reason.why === 'not_ended'
          ? 'nobody has said how it ended'
          : `due since ${shortDay(reason.on, today)}: ${reason.what}`
      case 'dates_missing':
        return `${capital(someThings(reason.count, 'pack has', 'packs have'))} no date recorded; read it off the pack`
    }
  },
  /** Where a kit is that is not at its place. */
  kitIs: (kit: NonNullable<Errand['kitIs']>, today: PlainDate): string =>
    kit.code === 'with'
      ? `goes with ${kit.member || 'somebody who is no longer here'}`
      : `on ${kit.trip} until ${shortDay(kit.until, today)}`,
  /** How much of it, after its name. */
  amount: ({ amount, unit, act }: Pick<Errand, 'amount' | 'unit' | 'act'>): string =>
    amount <= 0 || act === 'check' || act === 'refill'
      ? ''
      : `${unit === '' ? ' ×' : ','} ${counted(amount, unit)}`,
  press: {
    set_aside: 'See which',
    follow_up: 'Open',
    throw_away: 'Done',
    ask: 'Open',
    clean: 'Clean',
    put_back: 'Back',
    look_for: 'Found',
    take_in: 'Look',
    pack: 'Open',
    unpack: 'Unpack',
    bring_back: 'It is back',
    carry: 'Carried',
    buy: 'Put on list',
    refill: 'Put on list',
    replace: 'Put on list',
    top_up: 'Put on list',
    make_up: 'Put on list',
    check: 'Start',
    weigh: 'Weigh',
    ask_member: 'Answer',
    teach: 'Open',
    find_out: 'Look',
    identify: 'Say what',
  } satisfies Record<ErrandAct, string>,
  isDone: 'Noted',
  open: 'Open',
  later: 'Remind me later',
  laterLong: (title: string): string => `Remind me later: ${title}`,
  safeWay: (kind: ItemKind | null): string => (kind ? SAFE_WAY[kind] : ''),
  showAll: (total: number): string => `Show all ${total}`,
  listed: (count: number): string => `${count} on the shopping list`,
  putOff: (count: number): string => several(count, 'reminder set', 'reminders set'),
  until: (day: PlainDate, today: PlainDate): string => `until ${shortDay(day, today)}`,
  takeUp: 'Do it now',
  takeUpLong: (title: string): string => `Do it now: ${title}`,
  emptyBegin: 'Take the first steps',
  emptyBring: 'Import a list',
  emptyKit: 'Add a kit',
  disclaimer:
    'Vivid Satchel keeps count; it gives no medical or veterinary advice. In an emergency call first. The pack label and the prescriber win.',
}

/** What somebody did, after a name: "Ilse …". */
export const watchPast = {
  errand_done: 'did an errand',
  errand_put_off: 'asked to be reminded later',
  errand_taken_up: 'took up an errand again',
} as const
