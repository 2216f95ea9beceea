/** English for kits, pockets and mats. */
import type { PlainDate } from '../core/calendar/plainDate'
import { type Shape, TEMPLATES } from '../core/household/container'
import type { KitRange, KitWhom } from '../core/household/kitUse'
import { type Millimetres, SPOTS, type Spot } from '../core/household/pocket'
import type { Closing } from '../core/layout/fill'
import type { Gain, Reason } from '../core/layout/moves'
import { POINTERS, type PointerCode } from '../core/layout/pointers'
import { type Amount, formatAmount, type Total } from '../core/quantity/amount'
import type { KitLook } from '../core/trust/kitLook'
import { aThing, list, reach, shortDay } from './frame/format'
import { LINE_STATES, LOT_STATES } from './frame/states'

/** How far a kit has to reach. */
const RANGES: Readonly<Record<KitRange, string>> = {
  body: 'on the body, to get back to the bag or the car',
  bag: 'in a bag, to get back to the car',
  vehicle: 'in a vehicle, to get to the clinic',
  home: 'at home',
  away: 'away from home, to hold out',
}

/** Kits that go with somebody. */
export const carried = {
  label: 'Who carries it',
  nobody: 'nobody: it stays at its place',
  to: 'Only to',
  everywhere: 'everywhere they go',
  hint: 'What goes with somebody counts for them, where they are, and for nobody else.',
  take: 'Take it along',
  who: (kit: string): string => `Who takes along: ${kit}`,
  whatThen:
    'Until it is put back it counts for whoever has it, wherever they go, and not for those who stay.',
  putBack: (place: string): string => `Put it back: ${place}`,
  isBack: (kit: string, place: string): string => `${kit} is back: ${place}`,
  isWith: (kit: string, name: string): string => `${kit} goes with ${name}`,
  /** On its card. */
  whose: (name: string | null): string =>
    name === null ? 'nobody knows where it is' : `with ${name}`,
  /** Where a kit is that goes with somebody. */
  where: (
    name: string | null,
    to: readonly string[],
    since: PlainDate | null,
    today: PlainDate,
  ): string =>
    name === null
      ? 'It went with somebody who is no longer here. Where is it now?'
      : since !== null
        ? `with ${name} since ${shortDay(since, today)}`
        : to.length === 0
          ? `goes with ${name} everywhere`
          : `goes with ${name}: ${list(to)}`,
}

export const mat = {
  nextCheck: (day: PlainDate, today: PlainDate): string => `must last to ${shortDay(day, today)}`,
  reach,
  away: 'Minutes to fetch it',
  awayHint: 'From where people there usually are. Leave it empty if it is within reach.',
  minutesAway: (minutes: number): string => `${minutes} min away`,
  wrongAway: (most: number): string => `Give whole minutes up to ${most}, or leave it empty`,
  empty: 'empty',
  addHere: 'Add',
  addTo: (pocket: string): string => `Add to ${pocket}`,
  addPocket: 'Add a pocket',
  elsewhere: 'kept elsewhere',
  outside: 'outside',
  print: 'Lid sheet',
  looked: 'I have checked it',
  edit: 'Change kit',
  checkEvery: 'Check it every so many days',
  wrongDays: (most: number): string => `Give a number of days from 1 to ${most}`,
  bare: LINE_STATES.bare,
  countOf: (good: Total, par: Amount): string => `${formatAmount(good)} of ${formatAmount(par)}`,
  range: 'What it is for',
  rangeUnset: 'as its place suggests',
  ranges: RANGES,
  whom: 'For whom',
  whoms: { everybody: 'people and animals', people: 'people', animals: 'animals' } satisfies Record<
    KitWhom,
    string
  >,
  pickOne: 'Pick a tag to see it and act on it.',
  keys: 'Arrows move between tags, Enter opens, then U O M X C E.',
}

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

/** What a move of a computed layout is good for. */
function why(reason: Reason): string {
  switch (reason.kind) {
    case 'sooner':
      return `in ${reason.to} s instead of ${reason.from} s`
    case 'closes':
      return `${reason.bay} is too full now`
    case 'beside':
    case 'group':
      return `beside ${reason.title}`
    case 'fewer':
      return reason.to === 0
        ? 'alone there'
        : `among ${reason.to} instead of ${reason.from} other things`
    case 'fits':
    case 'label':
    case 'whom':
    case 'temperature':
    case 'elsewhere':
    case 'strengths':
    case 'species':
    case 'spoilt':
    case 'lying':
    case 'light':
    case 'damp':
    case 'burns':
    case 'room':
      return WHY[reason.kind]
  }
}

const WHY = {
  fits: 'it fits in there',
  label: 'the label there names it',
  whom: 'where it is now is for others',
  temperature: 'the right temperature',
  elsewhere: 'it need not be there',
  strengths: 'away from another strength',
  species: 'people’s and animals’ medicine apart',
  spoilt: 'liquids apart from what they spoil',
  lying: 'it can stand upright',
  light: 'out of the light',
  damp: 'in the dry',
  burns: 'away from what sparks',
  room: 'makes room for others',
}

/** What somebody has of a computed layout. */
function gain(one: Gain): string {
  switch (one.kind) {
    case 'sooner':
      return `${one.title} in ${one.to} seconds instead of ${one.from}.`
    case 'closes':
      return `${one.bay} closes.`
    case 'fuller':
      return `${one.bay} does not close then.`
    case 'beside':
      return `${one.title}: beside ${one.with}.`
    case 'labelled':
      return one.count === 1
        ? 'One more thing is under a label that names it.'
        : `${one.count} more things are under a label that names them.`
  }
}

export const kitTabs = {
  label: 'Parts of Kits',
  kits: 'Kits',
  rounds: 'Rounds',
  stock: 'Stock',
  review: 'Review',
  exposure: 'Heat and frost',
  record: 'History',
}

export const shapes = {
  label: 'What it is kept in',
  none: 'Pockets of my own',
  name: (shape: Shape): string => TEMPLATES[shape].name,
  about: (shape: Shape): string => TEMPLATES[shape].about,
  outer: 'Outer measures when closed, cm',
  empty: 'Weighs empty, g',
  carry: 'Most weight to carry, g',
  carryHint: 'Leave empty where it stays put',
  measures: 'Three numbers like 30 × 18 × 6',
  wrong: 'Give three numbers of centimetres, like 30 × 18 × 6',
  wrongGrams: 'Give whole grams',
}

export const load = {
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
  unsized: (count: number): string => `${aThing(count)} without a size`,
  unpriced: (count: number): string => `${aThing(count)} without a price`,
}

export const pocketText = {
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
  clear: 'You can see through it',
  dry: 'It stays dry inside',
  upright: 'Bottles stand in it',
  remove: 'Remove this pocket',
  wrongSeconds: 'Give whole seconds up to 3600',
  mind: (count: number): string => `${count} to put right`,
}

export const pointers = {
  title: 'Worth putting right in this kit',
  none: 'Everything is where it should be.',
  rule: (code: PointerCode): string => POINTERS[code].rule,
  source: (code: PointerCode): string => POINTERS[code].source,
}

export const arrange = {
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
  how: 'How much may move',
  hows: { worth: 'Only what is worth it', afresh: 'From scratch' },
  working: 'Trying layouts',
  stop: 'Stop',
  stopped: 'Stopped. Nothing was moved.',
  failed: 'It could not be worked out here. Load the page again and try once more.',
  again: 'Try again',
  fine: 'Everything is in a good place. Nothing has to move.',
  fineHere: 'Nothing has to move within this kit.',
  title: (count: number): string =>
    count === 1
      ? 'One thing is better kept elsewhere'
      : `${count} things are better kept elsewhere`,
  gains: 'What you gain',
  gain,
  proven: 'No layout is better.',
  found: 'The best that was found.',
  before: 'Now',
  after: 'Then',
  moves: 'What moves, and why',
  why: (reasons: readonly Reason[]): string => reasons.slice(0, 2).map(why).join('; '),
  take: (moved: number, labelled: number): string =>
    moved + labelled === 0
      ? 'Nothing is chosen'
      : moved === 0
        ? labelled === 1
          ? 'Write this label'
          : `Write these ${labelled} labels`
        : `${moved === 1 ? 'Move this one' : `Move these ${moved}`}${
            labelled === 0
              ? ''
              : labelled === 1
                ? ' and write a label'
                : ` and write ${labelled} labels`
          }`,
  labels: 'Labels that would say more',
  label: (from: string, to: string): string => `Call ${from} “${to}”`,
  labelWhy: (names: number, of: number): string =>
    names === of ? 'That names everything there.' : `That names ${names} of ${of} things there.`,
  elsewhere: 'Better kept in another kit',
  toKit: (kit: string, pocket: string): string => `Move to ${kit}, ${pocket}`,
  forAnimals: 'It is made for animals.',
  forPeople: 'It is made for people.',
  movedTo: (title: string, kit: string): string => `${title} moved to ${kit}`,
  none: 'Leave everything',
  all: 'All',
  nobody: 'None',
  done: (moved: number, labelled: number): string =>
    [
      moved === 0 ? '' : moved === 1 ? 'One thing moved' : `${moved} things moved`,
      labelled === 0 ? '' : labelled === 1 ? 'one label changed' : `${labelled} labels changed`,
    ]
      .filter(Boolean)
      .join(', '),
  printed: 'Print',
}

export const kits = {
  title: 'Kits',
  add: 'Add a kit',
  addPlace: 'Add a place',
  name: 'Name',
  where: 'Place',
  note: 'Where to find it',
  pockets: 'Pockets, one a line',
  morePockets: 'More pockets, one a line',
  pocketsHint: 'As they are: lid, tray 1, side pocket, fridge door',
  none: 'No kit here yet.',
  inThisKit: 'In this kit',
  noPlaces: 'Add a place first: home, car, cottage.',
  summary: (pockets: number, lots: number): string =>
    `${pockets} ${pockets === 1 ? 'pocket' : 'pockets'} · ${lots} ${lots === 1 ? 'thing' : 'things'}`,
  counts: (spent: number, turning: number, short: number): string =>
    [
      spent > 0 ? `${spent} ${LOT_STATES.spent}` : '',
      turning > 0 ? `${turning} ${LOT_STATES.turning}` : '',
      short > 0 ? `${short} short` : '',
    ]
      .filter(Boolean)
      .join(' · ') || `all ${LOT_STATES.sound}`,
  look: (look: KitLook, today: PlainDate): string => {
    switch (look.kind) {
      case 'whole':
        return `checked ${shortDay(look.on, today)} by ${look.by}`
      case 'partly':
        return look.seen === look.of
          ? `every thing looked at since ${shortDay(look.since, today)}`
          : `${look.seen} of ${look.of} things looked at, last on ${shortDay(look.on, today)}`
      case 'never':
        return 'not checked yet'
    }
  },
  rhythm: 'Who is there',
  always: 'Always somebody',
  weekdays: 'On weekdays',
  visits: 'Only on visits',
  create: 'Add',
  cancel: 'Cancel',
  tabs: kitTabs,
  mat,
  carried,
  shapes,
  load,
  pocket: pocketText,
  pointers,
  arrange,
  litres,
  measures,
  grams,
} as const

/** What somebody did, after a name: "Ilse …". */
export const kitsPast = {
  kit_arranged: 'arranged a mat',
  kit_added: 'added a kit',
  kit_changed: 'changed a kit',
  kit_checked: 'checked a kit',
  pocket_added: 'added a pocket',
  pocket_changed: 'changed a pocket',
  pocket_removed: 'removed a pocket',
} as const
