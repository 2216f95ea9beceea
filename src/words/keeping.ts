/** English for kits as they are kept: mats, lots, the stock, the record, the review. */

import type { PlainDate } from '../core/calendar/plainDate'
import type { NextThere, Rhythm } from '../core/calendar/presence'
import type { Shape } from '../core/household/container'
import { TEMPLATES } from '../core/household/container'
import type { Climate, Signal } from '../core/household/places'
import { type Millimetres, SPOTS, type Spot } from '../core/household/pocket'
import type { Closing } from '../core/layout/fill'
import { POINTERS, type PointerCode } from '../core/layout/pointers'
import type { Cost } from '../core/layout/score'
import type { Total } from '../core/quantity/amount'
import type { PartWay } from '../core/stock/lot'
import { VERDICTS, type VerdictKind } from '../core/stock/verdict'
import { counted, fullDay, MONTH_NAMES, shortDay } from './format'

const thing = (count: number): string => (count === 1 ? 'one thing' : `${count} things`)
const list = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`

/** "2.4 kg", "310 g"; in pounds and ounces where the household counts so. */
export function grams(value: number, units: 'metric' | 'us' = 'metric'): string {
  if (units === 'us') {
    const ounces = value / 28.3495
    return ounces < 16 ? `${Math.round(ounces)} oz` : `${Math.round((10 * ounces) / 16) / 10} lb`
  }
  return value < 1000 ? `${Math.round(value)} g` : `${Math.round(value / 100) / 10} kg`
}

/** Cubic millimetres as litres: "1.2 L", "0.04 L". */
export function litres(cubicMillimetres: number): string {
  const value = cubicMillimetres / 1_000_000
  return `${value >= 1 ? Math.round(value * 10) / 10 : Math.round(value * 100) / 100} L`
}

/** "30 × 18 × 6 cm" */
export const measures = (mm: Millimetres): string =>
  `${mm.map((edge) => Math.round(edge) / 10).join(' × ')} cm`

const CLIMATE_WORDS: Readonly<Record<Climate, string>> = {
  heated: 'heated',
  car: 'a car: hot and cold',
  unheated: 'unheated',
}
const SIGNAL_WORDS: Readonly<Record<Signal, string>> = {
  good: 'good',
  patchy: 'patchy',
  none: 'none',
}
const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const

/** What a move of a computed layout is good for. */
const WHY: Readonly<Record<Cost, string>> = {
  reach: 'reached sooner',
  digging: 'less to dig through',
  overfull: 'the pocket it leaves is too full',
  tooBig: 'it fits there',
  temperature: 'the right temperature',
  elsewhere: 'it need not lie there',
  label: 'its label says so',
  spread: 'beside what belongs with it',
  companion: 'beside what it needs',
  strengths: 'away from another strength',
  species: 'people’s and animals’ medicine apart',
  spoilt: 'liquids apart from what they spoil',
  lying: 'it can stand upright',
  light: 'out of the light',
  damp: 'in the dry',
  burns: 'away from what sparks',
  moved: '',
}

export const keeping = {
  litres,
  measures,
  grams,
  tabs: {
    label: 'Parts of Kits',
    kits: 'Kits',
    rounds: 'Rounds',
    stock: 'Stock',
    review: 'Review',
    record: 'Record',
  },
  shapes: {
    label: 'What it is kept in',
    none: 'Pockets of my own',
    name: (shape: Shape): string => TEMPLATES[shape].name,
    about: (shape: Shape): string => TEMPLATES[shape].about,
    outer: 'Outer measures when closed, cm',
    empty: 'Weighs empty, g',
    carry: 'Carried weight at most, g',
    carryHint: 'Leave empty where it stays put',
    measures: 'Three numbers like 30 × 18 × 6',
    wrong: 'Give three numbers of centimetres, like 30 × 18 × 6',
    wrongGrams: 'Give whole grams',
  },
  load: {
    weighs: (value: number, units: 'metric' | 'us'): string => grams(value, units),
    tooHeavy: (over: number, units: 'metric' | 'us'): string =>
      `${grams(over, units)} more than it may weigh`,
    worth: (money: string): string => `worth ${money}`,
    yearly: (money: string): string => `${money} a year to keep up`,
    closes: (closing: Closing): string => {
      if (closing.kind === 'closes') return 'closes'
      if (closing.kind === 'unknown')
        return closing.unmeasured > 0
          ? 'measure the pockets to know whether it closes'
          : 'closes, as far as sizes are known'
      return closing.pockets.length > 0
        ? `does not close: ${list(closing.pockets)}`
        : 'does not close: too much in all'
    },
    unsized: (count: number): string => `${thing(count)} without a size`,
    unpriced: (count: number): string => `${thing(count)} without a price`,
  },
  pocket: {
    full: (share: number): string =>
      `${share > 1 ? Math.ceil(100 * share) : Math.round(100 * share)} % full`,
    fill: (name: string): string => `How full ${name} is`,
    longest: (mm: number): string => `takes ${Math.round(mm) / 10} cm`,
    edit: (name: string): string => `Change ${name}`,
    title: 'Change a pocket',
    name: 'Name',
    sort: 'Where it is',
    inside: 'In the kit',
    outside: 'Outside or on top',
    elsewhere: 'Kept elsewhere',
    spot: 'Where',
    spotName: (spot: Spot): string => SPOTS[spot].name,
    noSpot: 'not said',
    reach: 'Seconds to get a thing out',
    inner: 'Inner measures, cm',
    clear: 'One sees through it',
    dry: 'It stays dry inside',
    upright: 'Bottles stand in it',
    remove: 'Take this pocket away',
    wrongSeconds: 'Give whole seconds up to 3600',
    mind: (count: number): string => `${count} to mind`,
  },
  pointers: {
    title: 'To mind in this kit',
    none: 'Nothing lies where it should not.',
    rule: (code: PointerCode): string => POINTERS[code].rule,
    source: (code: PointerCode): string => POINTERS[code].source,
  },
  arrange: {
    pockets: 'Lay out pockets',
    pocketsTitle: 'Lay out the pockets as they are',
    pocketsHelp:
      'Drag a pocket, or choose it and use the arrows; with Shift they make it wider or taller.',
    save: 'Save this layout',
    step: 'Undo a step',
    cancel: 'Leave as it was',
    wider: 'Wider',
    narrower: 'Narrower',
    taller: 'Taller',
    shorter: 'Shorter',
    at: (column: number, row: number, columns: number, rows: number): string =>
      `column ${column}, row ${row}, ${columns} wide, ${rows} high`,
    forMe: 'Arrange for me',
    working: 'Trying layouts',
    stop: 'Stop',
    stopped: 'Stopped. Nothing was moved.',
    failed: 'It could not be worked out here. Load the page again and try once more.',
    again: 'Try again',
    fine: 'Everything lies well: no other layout is better.',
    title: (count: number): string =>
      count === 1
        ? 'One thing would lie better elsewhere'
        : `${count} things would lie better elsewhere`,
    score: (before: number, after: number): string =>
      `Effort of reaching and minding: ${Math.round(before)} now, ${Math.round(after)} then.`,
    proven: 'No layout is better.',
    found: 'The best that was found.',
    before: 'Now',
    after: 'Then',
    moves: 'What moves, and why',
    why: (why: readonly Cost[]): string =>
      why.length === 0
        ? 'makes room for others'
        : why
            .slice(0, 2)
            .map((one) => WHY[one])
            .join('; '),
    take: (count: number): string => (count === 1 ? 'Move this one' : `Move these ${count}`),
    none: 'Leave everything',
    all: 'All',
    nobody: 'None',
    done: (count: number): string => (count === 1 ? 'One thing moved' : `${count} things moved`),
    printed: 'Print',
  },
  lot: {
    uses: (count: number): string => `about ${count} uses left`,
    sure: 'Count confirmed',
    never: 'not yet',
    confirmed: (on: PlainDate, by: string): string => `${fullDay(on)}, ${by}`,
    received: 'Came in',
    bought: 'Bought at',
    forMember: 'For',
    anybody: 'whoever it suits',
    directions: 'Directions',
    paper: 'Photo of the directions',
    addPaper: 'Keep a photo of the carton',
    changePaper: 'Another photo',
    removePaper: 'Take the photo away',
    paperAlt: (title: string): string => `Directions of ${title}`,
    origin: (way: PartWay): string =>
      ({
        opened: 'Opened out of a pack of several',
        lent: 'Lent out of a pack of several',
        unclean: 'Used out of several',
        decanted: 'Filled in from another container',
        split: 'Parted from the others',
        rejoined: 'Parted from the others',
      })[way],
    acts: {
      reuse: 'Use, then clean',
      lend: 'Lend',
      give: 'Give away',
      decant: 'Decant',
      missing: 'Not here',
      clean: 'Cleaned',
      takeBack: 'It is back',
      found: 'Found it',
    },
    confirm: {
      reuse: 'Used',
      lend: 'Lend',
      give: 'Give',
      decant: 'Decant',
      missing: 'Not found',
      takeBack: 'Back',
    },
    did: {
      reuse: 'Used; to be cleaned',
      lend: 'Lent',
      give: 'Given away',
      decant: 'Decanted',
      missing: 'Noted as not found',
      clean: 'Clean again',
      takeBack: 'Back in its pocket',
      found: 'Found again',
      paper: 'Photo kept',
      noPaper: 'Photo taken away',
    },
    more: 'More acts',
    toWhom: 'To whom',
    whoGets: 'Who gets it',
    back: 'How many came back',
    backHint: 'What is short counts as used up there',
    usedUp: 'It is used up and does not come back',
    decantHint: 'Write on the new container:',
    label: (title: string, until: string, batch: string): string =>
      [title, `good until ${until}`, batch && `batch ${batch}`].filter(Boolean).join(' · '),
    first: (until: string): string => `Take the one that ends ${until} first.`,
    takeThat: 'Take that one',
    only: 'Only some of them',
    onlyHint: (count: string): string => `Leave empty when it is so for all ${count}`,
    historyLine: 'How many there were',
    records: 'Whole record',
  },
  verdict: {
    label: 'What you think of it',
    none: 'No complaint',
    name: (kind: VerdictKind): string => VERDICTS[kind],
    words: 'In your words',
  },
  size: {
    label: 'One of it measures, cm',
    grams: 'and weighs, g',
    wrongGrams: 'Give grams above nothing',
  },
  stock: {
    title: (shown: number, all: number): string =>
      shown === all ? `${all} lots` : `${shown} of ${all} lots`,
    loading: 'Reading the stock …',
    empty: 'Nothing is kept yet. Put something into a kit, or bring a list in.',
    nothing: 'No lot is like that. Take a filter off.',
    words: 'Words',
    states: 'States',
    kinds: 'Sorts',
    anyKind: 'Every sort',
    patient: 'For whom',
    anyPatient: 'Anybody',
    group: 'Group by',
    groups: {
      none: 'nothing',
      item: 'item',
      place: 'place',
      patient: 'patient',
      state: 'state',
    },
    nobody: 'for nobody in particular',
    columns: {
      title: 'What',
      amount: 'How many',
      end: 'State',
      where: 'Where',
      forMember: 'For',
      sure: 'Sure',
      worth: 'Worth',
    },
    sure: (
      share: number,
      confirmed: { on: PlainDate; by: string } | null,
      today: PlainDate,
    ): string =>
      confirmed
        ? `${share} %, last confirmed ${shortDay(confirmed.on, today)} by ${confirmed.by}`
        : 'never confirmed',
    choose: (title: string): string => `Choose ${title}`,
    chooseAll: 'Choose all shown',
    chosen: (count: number): string => (count === 1 ? 'One chosen' : `${count} chosen`),
    drop: 'Choose none',
    deeds: {
      move: 'Move to…',
      confirm: 'Confirm counts',
      hold: 'Put on hold',
      missing: 'Not found',
      discard: 'Throw away',
    },
    sureDiscard: (count: number): string =>
      `Throw away ${count === 1 ? 'one lot' : `${count} lots`}?`,
    holdReason: 'Waits for',
    toWhere: 'To which pocket',
    did: {
      move: (count: number): string => `${thing(count)} moved`,
      confirm: (count: number): string => `${thing(count)} confirmed`,
      hold: (count: number): string => `${thing(count)} on hold`,
      missing: (count: number): string => `${thing(count)} noted as not found`,
      discard: (count: number): string => `${thing(count)} thrown away`,
    },
    views: 'Views',
    saveView: 'Keep this view',
    viewName: 'Name of the view',
    viewSaved: 'View kept',
    viewRemoved: 'View taken away',
    removeView: (name: string): string => `Take the view ${name} away`,
    clear: 'Show all',
    most: 'At most 500 at once: choose fewer.',
  },
  record: {
    title: 'Record',
    happened: 'What happened',
    asItWas: 'As it was on a day',
    item: 'Of',
    anyItem: 'everything',
    kit: 'In',
    anyKit: 'every kit',
    who: 'By',
    anybody: 'everybody',
    day: 'On the evening of',
    notADay: (today: PlainDate): string => `Give a day up to ${fullDay(today)}`,
    more: 'Earlier',
    none: 'Nothing is recorded like that.',
    nothingThen: (day: PlainDate): string => `Nothing was recorded by ${fullDay(day)}.`,
    since: (day: PlainDate): string => `The record begins on ${fullDay(day)}.`,
    thenTitle: (day: PlainDate, lots: number): string =>
      `${fullDay(day)}: ${lots === 1 ? 'one lot' : `${lots} lots`}`,
    thenHint: 'As it had been recorded by that evening; what was taken back later still counts.',
  },
  review: {
    title: (count: number): string =>
      count === 0
        ? 'Nothing is carried without need'
        : count === 1
          ? 'One thing to think about'
          : `${count} things to think about`,
    intro: 'What it takes to carry it. Nothing here has to go.',
    kept: (count: number): string =>
      count === 0
        ? ''
        : `${count === 1 ? 'One more was' : `${count} more were`} decided to be kept.`,
    reasons: {
      verdict: 'Not liked, or did not work',
      duplicate: 'In several kits, beyond what belongs there',
      idle: 'Kept just in case: a year without use',
    },
    duplicate: (surplus: Total, kits: number, unit: string): string =>
      `${counted(surplus, unit)} more than belong in ${kits} kits together`,
    idle: (since: PlainDate): string =>
      `here since ${fullDay(since)}, and no use of it is recorded`,
    verdict: (kind: VerdictKind, said: string): string =>
      said ? `${VERDICTS[kind]} (${said})` : VERDICTS[kind],
    takes: (weight: string, volume: string, money: string): string =>
      `${weight} · ${volume} · ${money}`,
    unknown: 'size or price not known of all of it',
    keep: 'Keep it',
    keepLong: (title: string): string => `Keep it: ${title}`,
    didKeep: 'Kept; asked about again in a year',
    discard: 'Throw away',
    sure: (title: string): string => `Throw away all of ${title}?`,
    looks: 'Where to look next',
    looksIntro: 'Where a look makes the record surer by most. An estimate of ours.',
    look: (lots: number, minutes: number): string =>
      `${lots === 1 ? 'one lot' : `${lots} lots`}, about ${minutes === 1 ? 'one minute' : `${minutes} minutes`}`,
    sureNow: (share: number): string => `${share} % sure`,
    oldest: (on: PlainDate | null, today: PlainDate): string =>
      on ? `oldest count ${shortDay(on, today)}` : 'never counted',
    next: (next: NextThere, today: PlainDate): string =>
      next.kind === 'now' ? '' : next.kind === 'on' ? `there ${shortDay(next.day, today)}` : '',
    allSure: 'Every count is fresh.',
    loading: 'Looking through the stock …',
  },
  place: {
    facts: 'Change this place',
    name: 'Name',
    minutesToHelp: 'Minutes to a clinic',
    minutesToVet: 'Minutes to a vet',
    signal: 'Mobile signal',
    climate: 'Climate',
    unsaid: 'not said',
    usually: 'Usually there',
    rhythm: 'When somebody is there',
    season: 'On some days, in a season',
    days: 'On',
    months: 'From and to',
    weekdays: WEEKDAYS,
    monthNames: MONTH_NAMES,
    save: 'Save',
    wrongMinutes: 'Give whole minutes up to 10000',
    pickDay: 'Pick a day',
    signalWord: (signal: Signal): string => SIGNAL_WORDS[signal],
    climateWord: (climate: Climate): string => CLIMATE_WORDS[climate],
    summary: (place: {
      minutesToHelp: number | null
      minutesToVet: number | null
      signal: Signal | null
      climate: Climate | null
    }): string =>
      [
        place.minutesToHelp === null ? '' : `${place.minutesToHelp} min to a clinic`,
        place.minutesToVet === null ? '' : `${place.minutesToVet} min to a vet`,
        place.signal === null ? '' : `signal ${SIGNAL_WORDS[place.signal]}`,
        place.climate === null ? '' : CLIMATE_WORDS[place.climate],
      ]
        .filter(Boolean)
        .join(' · '),
    seasonal: (rhythm: Extract<Rhythm, { kind: 'season' }>): string =>
      `${rhythm.days.map((day) => WEEKDAYS[day - 1]).join(', ')} from ${MONTH_NAMES[rhythm.fromMonth - 1]} to ${MONTH_NAMES[rhythm.toMonth - 1]}`,
  },
  calendar: {
    import: 'Read a calendar file',
    importTo: (place: string): string => `Visits to ${place} from a calendar`,
    choose: 'Choose an .ics file',
    export: 'Dates that matter as a calendar file',
    refused: {
      not_a_calendar: 'This is no calendar file. Export one as .ics and choose that.',
      too_large: 'This file is larger than a calendar is. Export fewer entries.',
      too_slow:
        'This calendar takes too long to read: something in it repeats on a day that never comes. Remove that entry and try again.',
    },
    reading: 'Reading the calendar',
    nothing: 'There is nothing to come in this calendar.',
    found: (count: number): string =>
      count === 1 ? 'One visit to come' : `${count} visits to come`,
    leftOut: (past: number, unreadable: number): string =>
      [
        past > 0 ? `${past} past` : '',
        unreadable > 0 ? `${unreadable} without a day that can be read` : '',
      ]
        .filter(Boolean)
        .join(', '),
    take: (count: number): string => (count === 1 ? 'Add this visit' : `Add ${count} visits`),
    did: (added: number, changed: number, already: number): string =>
      [
        `${added} added`,
        changed > 0 ? `${changed} brought up to date` : '',
        already > 0 ? `${already} there already` : '',
      ]
        .filter(Boolean)
        .join(', '),
  },
}
