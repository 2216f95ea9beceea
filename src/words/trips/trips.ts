/** English for going out: trips, bags, packing and unpacking. */
import { assertNever } from '../../core/brand'
import { daysBetween, type PlainDate } from '../../core/calendar/plainDate'
import { degrees } from '../../core/exposure/reason'
import type { Amount } from '../../core/quantity/amount'
import type { CabinRefusal } from '../../core/trips/cabin'
import type { TripFault } from '../../core/trips/faults'
import type { Stowage, Travel } from '../../core/trips/trip'
import type { OnTheWay } from '../../core/trips/weather'
import { capital, counted, dayRange, fullDay, list, numberWord, shortDay } from '../frame/format'

/** "half an hour", "1½ hours" */
const hoursSaid = (hours: number): string =>
  hours === 0
    ? 'no time at all'
    : hours === 0.5
      ? 'half an hour'
      : hours === 1
        ? 'an hour'
        : `${Math.floor(hours) || ''}${hours % 1 === 0 ? '' : '½'} hours`

/** Why a trip cannot be planned, and what to do about it. */
export function tripFaultText(
  fault: TripFault,
  {
    who,
    stops: [stop = '', other = ''],
  }: { readonly who: string; readonly stops: readonly string[] },
): string {
  switch (fault.code) {
    case 'no_stop':
      return 'Say where you are going: add a stop.'
    case 'ends_before':
      return `${stop} ends before it begins. Change one of its days.`
    case 'nobody_there':
      return `Nobody goes to ${stop}. Choose who goes.`
    case 'too_long':
      return `${fault.days} days are more than can be packed for at once. Plan at most 400.`
    case 'in_two_stops':
      return stop === other
        ? `${who} is in ${stop} twice on the same days. Remove one of them.`
        : `${who} would be in ${stop} and in ${other} on the same days. Change who goes, or the days.`
    case 'in_two_trips':
      return `${who} is on another trip from ${fullDay(fault.on)}: ${fault.name}. Change who goes, or the days.`
    case 'carrier_stays':
      return `${who || 'Whoever was to carry a bag'} does not go. Choose who carries the bag.`
    case 'bag_twice':
      return 'One bag is in the list twice. Remove one of them.'
    default:
      return assertNever(fault)
  }
}

const TRAVEL: Readonly<Record<Travel, string>> = {
  foot: 'on foot',
  bike: 'by bike',
  car: 'by car',
  train: 'by train or bus',
  boat: 'by boat',
  plane: 'by plane',
}

const STOWAGE: Readonly<Record<Stowage, string>> = {
  with_us: 'with us',
  cabin: 'in the cabin',
  hold: 'in the hold',
}

const REFUSED: Readonly<Record<CabinRefusal, string>> = {
  liquid_too_large: 'a liquid in too large a container for the cabin',
  liquid_unmeasured: 'a liquid, and nobody has said how much is in one',
  blade: 'a blade that is too long for the cabin',
  peroxide: 'peroxide above 3 %, or of unknown strength',
  flammable: 'flammable',
  cells: 'spare cells go in the cabin',
}

/** "3.4 kg", "260 g" */
const weight = (grams: number): string =>
  grams >= 1000 ? `${(Math.round(grams / 100) / 10).toFixed(1)} kg` : `${Math.round(grams)} g`

/** Cubic millimetres as "3.4 L"; what is measured to the millimetre is no truer than that. */
const litresOf = (volume: number): string => `${(Math.round(volume / 100_000) / 10).toFixed(1)} L`

const things = (count: number): string =>
  count === 1 ? 'one thing' : `${numberWord(count)} things`

const minutes = (of: number): string => (of < 120 ? `${of} min` : `${Math.round(of / 60)} h`)

export const trips = {
  planAgain: 'Plan it again',
  title: 'Going out',
  under:
    'Plan who goes where. What to take is worked out from what you have, so that every part of you can cope alone and those who stay are as ready as before.',
  add: 'Plan a trip',
  none: 'No trip is planned',
  noneText:
    'For a week at a lake, a day in the hills, a school camp: say who goes and where, and get a list of what to take from which shelf.',
  calendar: {
    title: 'Trips from a calendar file',
    choose: 'Plan from a calendar file',
    found: (count: number): string =>
      count === 1 ? 'One entry to come' : `${count} entries to come`,
    unnamed: 'Without a name',
    plan: 'Plan it',
    planLong: (name: string): string => `Plan it: ${name}`,
    isPlanned: 'planned already',
    close: 'Close the calendar',
  },
  over: 'Over',
  next: 'To come',
  days: dayRange,
  weight,
  travel: TRAVEL,
  stowage: STOWAGE,
  card: (from: PlainDate, to: PlainDate, today: PlainDate): string => {
    if (to < today) return `${dayRange(from, to, today)} · to be unpacked`
    if (from <= today) return `${dayRange(from, to, today)} · under way`
    const ahead = daysBetween(today, from)
    return `${dayRange(from, to, today)} · ${ahead === 1 ? 'tomorrow' : `in ${ahead} days`}`
  },
  cardOver: (on: PlainDate, today: PlainDate): string => `Unpacked ${shortDay(on, today)}`,
  packing: (packed: number, of: number): string =>
    of === 0 ? 'Nothing worked out yet' : packed === of ? 'Packed' : `${packed} of ${of} packed`,
  form: {
    title: 'Plan a trip',
    change: 'Who, when and where',
    name: 'Name',
    namePlaceholder: 'Lake week',
    stops: 'Where',
    stop: (at: number): string => `Stop ${at}`,
    stopName: 'Place',
    stopPlaceholder: 'Lake house',
    elsewhere: 'Elsewhere',
    from: 'First day',
    to: 'Last day',
    who: 'Who is there',
    travel: 'How you get there',
    help: 'Minutes to a clinic',
    vehicle: 'Which car stays with you',
    vehicleUnder: 'Its kits are there as well.',
    noVehicle: 'none of ours',
    helpUnder: 'Leave it empty if you do not know: then help is taken to be an hour away.',
    vet: 'Minutes to a vet',
    country: 'Country',
    asHome: 'As at home',
    traits: 'What there is',
    more: 'Vet, country, what there is',
    note: 'What else to know there',
    notePlaceholder: 'Language, customs, pharmacy and shop, a cold store',
    addStop: 'Add a stop',
    addStopUnder: 'Two stops on the same days with different people: the party splits.',
    removeStop: (name: string): string => `Remove ${name}`,
    save: 'Save the trip',
    saved: (name: string): string => `${name} planned`,
    changed: (name: string): string => `${name} changed`,
    missingName: 'Give the trip a name.',
    missingStop: 'Say where.',
    lookAtStops: 'Something is still missing at a stop.',
    missingDay: 'Choose a day.',
    missingWho: 'Choose who goes.',
    minutes: 'Give whole minutes, or nothing.',
  },
  headline: (name: string, gaps: number, isPlanned: boolean): string =>
    !isPlanned
      ? `${name}: what to take`
      : gaps === 0
        ? `${name}: everything you need is on the list`
        : `${name}: ${things(gaps)} still missing`,
  summary: (
    from: PlainDate,
    to: PlainDate,
    today: PlainDate,
    people: number,
    animals: number,
    halves: number,
  ): string =>
    [
      dayRange(from, to, today),
      [
        people > 0 ? (people === 1 ? 'one person' : `${numberWord(people)} people`) : '',
        animals > 0 ? (animals === 1 ? 'one animal' : `${numberWord(animals)} animals`) : '',
      ]
        .filter(Boolean)
        .join(' and '),
      ...(halves > 1 ? ['the party splits: each part can cope alone'] : []),
    ].join(' · '),
  strands: 'Who is where on which day',
  moveDays: 'First and last days: pull an end, or move it with the arrow keys',
  edge: {
    from: (stop: string): string => `First day: ${stop}`,
    to: (stop: string): string => `Last day: ${stop}`,
  },
  strandAbout: (
    name: string,
    who: readonly string[],
    from: PlainDate,
    to: PlainDate,
    today: PlainDate,
  ): string => `${name}, ${dayRange(from, to, today)}: ${list(who)}`,
  toHelp: (of: number | null): string =>
    of === null ? 'how far help is nobody has said' : `${minutes(of)} to a clinic`,
  readyHere: (ready: number, of: number): string => `ready for ${ready} of ${of}`,
  short: (count: number): string => `${count} missing`,
  /** Of a stop that they have gone on from. */
  left: 'over',
  headlineOut: (name: string, gaps: number, isJudged: boolean): string =>
    !isJudged
      ? `${name}: under way`
      : gaps === 0
        ? `${name}: under way, with everything you need`
        : `${name}: under way, ${things(gaps)} missing`,
  shop: {
    title: 'At a pharmacy or a shop on the way',
    nothing: 'Nothing to buy on the way',
    used: (left: string, of: string): string => `${left} of ${of} left`,
    packs: (title: string, packs: number): string =>
      packs > 1 ? `${title}, ${packs} packs` : title,
    for: (problems: string, who: readonly string[]): string =>
      who.length === 0 ? `for ${problems}` : `for ${problems}: ${list(who)}`,
    copy: 'Copy the list',
    copied: 'Copied',
    ask: 'Some of it is on prescription only. Abroad the same thing has another name and may be of another strength: show the pharmacist the label you have, and compare.',
  },
  bags: 'Bags',
  bag: {
    add: 'Add a bag',
    choose: 'Which bag',
    chooseLightest: 'Choose the lightest bags',
    oneLess: 'With one bag less',
    choosing: 'Choosing the bags …',
    noneOfUse: 'No bag is needed: nothing you have would answer what can happen there.',
    chosen: (bags: readonly string[], isShort: boolean): string =>
      bags.length === 0
        ? 'No bag comes along: nothing you have would answer what can happen there'
        : `${list(bags)} ${bags.length === 1 ? 'comes' : 'come'} along${isShort ? '. Not everything fits: see what is missing' : ''}`,
    already: 'The lightest bags come along already.',
    notChosen: 'The bags could not be chosen in time. They are as they were.',
    left: 'Stopped. The bags are as they were.',
    carries: (bag: string, who: string): string => `${bag} (${who})`,
    carrier: 'Who carries it',
    stowage: 'On the way',
    filled: 'Fill it for this trip',
    asItIs: 'Comes along as it is',
    none: 'No bag comes along yet. Choose one to work out what to take.',
    noneToChoose:
      'None of your kits can be carried. Add one of the shape of a bag or a pouch first.',
    addKit: 'Add a bag in Kits',
    remove: (name: string): string => `Leave ${name} at home`,
    load: (grams: number, most: number | null): string =>
      most === null ? weight(grams) : `${weight(grams)} of ${weight(most)}`,
    volume: (of: number, most: number | null): string =>
      most === null ? litresOf(of) : `${litresOf(of)} of ${litresOf(most)}`,
    liquids: (of: number, most: number): string => `liquids ${of} of ${most} mL`,
    takeOut: (things: readonly string[]): string =>
      `Take out before you leave, it is not counted: ${list(things)}`,
    loadLabel: (name: string): string => `How heavy ${name} is`,
    empty: 'Nothing goes in.',
    by: (who: string): string => `carried by ${who}`,
    cabinRules: 'Rules of the cabin',
    cabinSource: (name: string, source: string): string =>
      `${name}: ${source}. The airline and the airport decide.`,
    more: 'Who carries it, and how',
    toGoIn: 'to go in',
    keptOut: (things: readonly string[]): string => `Stays at home: ${list(things)}`,
    keptOutBecause: (title: string, because: CabinRefusal): string =>
      `${title} (${REFUSED[because]})`,
    papers: 'with its label or prescription',
    assumed: 'size not known, taken as usual',
  },
  again: 'Work it out again',
  working: 'Working out the lightest load …',
  stop: 'Stop',
  stopped: 'Stopped. What was worked out before still stands.',
  failed: 'It could not be worked out in time. Nothing is lost; try again, or with fewer bags.',
  take: 'Use this list',
  taken: (count: number): string => `${capital(things(count))} to pack`,
  loadout: (grams: number, proven: number, isProven: boolean): string =>
    isProven
      ? `${weight(grams)} to put in. Nothing lighter would do the same.`
      : `${weight(grams)} to put in. At least ${weight(proven)} is needed for the same.`,
  unchanged: 'What is packed already does all of it.',
  foodAndWater: 'Food and drinking water for days are not counted here.',
  missing: {
    title: 'What is still missing',
    none: 'Nothing is missing.',
    at: (name: string, who: readonly string[]): string =>
      who.length === 0 ? name : `${name}, for ${list(who)}`,
    everywhere: 'At every stop',
    noWay: 'nothing you have does it, and nothing known could be bought for it',
    because: {
      room: 'you have it, and the bags have no room for it',
      home: 'those who stay need what you have of it',
    },
    bare: 'let those who stay go without, or do without it',
    second: 'Only another way comes along; the first choice stays behind.',
    without: 'Do without',
    withoutLabel: (name: string): string => `Do without: ${name}`,
  },
  bareHome: 'Those who stay may lack it',
  wish: {
    title: 'Wishes',
    margin: 'Good for so many days beyond the last one',
    most: 'No heavier than, in grams',
    lighter: (grams: number): string => `Lighter by ${weight(grams)}`,
    anyWeight: 'As heavy as need be',
    sources: 'Take it from',
    leave: (title: string): string => `Leave at home: ${title}`,
    leaveShort: 'Leave at home',
    more: 'More wishes',
    choose: 'Choose a thing',
    atMost: (grams: number): string => `At most ${weight(grams)}`,
    days: (count: number): string => (count === 0 ? 'not at all' : `${count} days`),
    left: 'Stays at home',
    kept: 'Comes along',
    keep: 'Take something more',
    withoutList: 'Not prepared for',
  },
  whys: 'What goes along, and why',
  why: {
    for: (needs: readonly string[]): string => `for ${list(needs)}`,
    whom: (need: string, who: string): string => `${need} (${who})`,
    at: (stop: string): string => `At ${stop}`,
    more: (count: number): string => `${count} more`,
    into: (bag: string): string => `into ${bag}`,
    wished: 'because you said so',
    beside: 'beside something else that comes along',
    from: (pocket: string, kit: string, place: string): string => `${pocket}, ${kit}, ${place}`,
    until: (day: PlainDate): string => `good until ${fullDay(day)}`,
  },
  questions: {
    how_far: (stop: string): string =>
      `Nobody has said how far help is from ${stop}. It is taken to be an hour away.`,
    where_on: (who: string, from: PlainDate, to: PlainDate): string =>
      from === to
        ? `Where is ${who} on ${fullDay(from)}? No stop says so.`
        : `Where is ${who} from ${fullDay(from)} to ${fullDay(to)}? No stop says so.`,
    who_is_gone: (stop: string): string =>
      `Somebody who was to be in ${stop} is no longer in the household and is not counted. Choose who goes.`,
    no_bag: (stop: string): string => `Nobody in ${stop} carries a bag.`,
  },
  pack: {
    title: 'Pack',
    open: 'Pack on the phone',
    headline: (left: number, name: string): string =>
      left === 0 ? `${name}: everything is packed` : `${name}: ${things(left)} to pack`,
    under: 'By where it is now. Tick what is in its bag.',
    into: (pocket: string, bag: string): string => `into ${pocket}, ${bag}`,
    tick: (title: string): string => `${title} is packed`,
    notThere: 'Not there',
    notThereLabel: (title: string): string => `${title} is not there`,
    missingNow: (title: string): string => `${title} was not there`,
    replan: 'Work the rest out again',
    changed: (there: Amount, unit: string): string =>
      there === 0 ? 'nothing is left there' : `only ${counted(there, unit)} left there`,
    done: (title: string): string => `${title} packed`,
    gone: (title: string): string => `${title} noted as not there`,
    nothing: 'Nothing is to be packed. Work out what to take first.',
    back: 'To the trip',
  },
  unpack: {
    title: 'Unpack',
    open: 'Unpack',
    headline: (name: string): string => `${name}: what comes back`,
    under: 'Everything goes back to where it came from. Change only what is different.',
    outcome: 'What became of it',
    outcomes: {
      as_packed: 'As packed',
      used: 'Used',
      lost: 'Lost',
      opened: 'Opened',
      damp: 'Damp',
      given: 'Given away',
    },
    howMany: (unit: string): string => (unit === '' ? 'How many' : `How many (${unit})`),
    wrong: (most: Amount, unit: string): string => `Give a number up to ${counted(most, unit)}.`,
    goesTo: (pocket: string, kit: string): string => `back to ${pocket}, ${kit}`,
    usedUp: 'used up on the way',
    packed: (count: number): string =>
      `${capital(things(count))} packed: put back or take note of it`,
    missed: 'What did you miss?',
    cursed: 'What did you carry for nothing?',
    reviewUnder: 'One or two lines; they are shown when the next trip is planned.',
    alsoAsk: 'What somebody else says',
    missedBy: (who: string): string => `What did ${who} miss?`,
    cursedBy: (who: string): string => `What did ${who} carry for nothing?`,
    save: 'Put everything back',
    done: (count: number): string =>
      count === 0
        ? 'Noted'
        : `${capital(things(count))} back where ${count === 1 ? 'it' : 'they'} belong${count === 1 ? 's' : ''}`,
  },
  weather: {
    title: 'Heat and frost on the way',
    unknown:
      'Nobody has said how cold and how hot it gets anywhere, and some of what comes along may mind.',
    say: 'Say it under Heat and frost',
    like: (places: readonly string[]): string =>
      `Reckoned as at ${list(places)}, by the model. Where you go it may be hotter or colder.`,
    at: (stops: readonly string[]): string => `(${list(stops)})`,
    harm: (harm: OnTheWay): string => {
      const things = list(harm.titles)
      switch (harm.code) {
        case 'car':
          return `A closed car in the sun gets up to about ${degrees(harm.hundredths)}. Do not leave these in it: ${things}.`
        case 'heat':
          return `Up to about ${degrees(harm.hundredths)}. Keep these in the shade, deep in the bag: ${things}.`
        case 'unknown':
          return `Up to about ${degrees(harm.hundredths)}, and nobody has said how these are to be kept: ${things}. Look at their labels.`
        case 'frost':
          return `Down to about ${degrees(harm.hundredths)}. Keep these on the body or indoors at night: ${things}.`
        case 'cold':
          return `To stay at 2 to 8 °C: ${things}. At ${degrees(harm.hundredths)} a cool bag keeps that for about ${hoursSaid(harm.hours)}, with two frozen packs beside it about ${hoursSaid(harm.hoursWithIce)}. These are figures of ours: put a thermometer in.`
      }
    },
  },
  lessons: {
    title: 'From earlier trips',
    missed: (text: string, trip: string, who: string): string =>
      `${who === '' ? 'Missed' : `${who} missed`} in ${trip}: ${text}`,
    cursed: (text: string, trip: string, who: string): string =>
      `Carried for nothing in ${trip}${who === '' ? '' : `, says ${who}`}: ${text}`,
  },
  remove: {
    press: 'Remove the trip',
    did: (name: string): string => `${name} removed`,
  },
  sheets: {
    emergency: (number: string): string => `Emergency ${number}`,
    poison: (number: string): string => `Poison line ${number}`,
    title: 'Sheets and labels for the bags',
    open: 'Sheets and labels',
    labels: 'Labels',
    labelsUnder: 'Cut them out and put one into or onto each small bag.',
    labelOf: (trip: string, carrier: string): string => `${trip}, with ${carrier}`,
    noBags: 'No bag comes along yet.',
    carriedBy: (name: string): string => `Carried by ${name}.`,
    asOf: (on: PlainDate): string => `As of ${fullDay(on)}.`,
    emergencyUnknown: 'Emergency number: find it out before you leave',
    empty: 'Nothing is in it, and nothing is to be packed into it.',
    what: 'What',
    where: 'Where in it',
    forWhom: 'For',
    directions: 'Directions',
    toPack: 'still to be packed',
  },
  notAdvice:
    'It sorts and adds up; it is no medical advice. Labels, prescribers, airlines and local rules win.',
} as const
