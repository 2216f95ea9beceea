/** English for incidents: what happened, what is noted, what can be used. */
import { assertNever } from '../../core/brand'
import type { PlainDate } from '../../core/calendar/plainDate'
import { type RoleId, roleName } from '../../core/catalogue/roles'
import type { Objection } from '../../core/cover/objections'
import type { Shelf } from '../../core/cover/pantry'
import { type CareFact, type Reading, SEEN, type Site } from '../../core/incident/entry'
import { type IncidentKind, KIND_NAMES } from '../../core/incident/kindNames'
import type { AtHandLot, Rank } from '../../core/incident/rankOfLots'
import type { Normal, Standing } from '../../core/incident/readings'
import type { Timer } from '../../core/incident/timeline'
import { measureText, temperatureText } from '../../core/quantity/measure'
import { capital, list, reach, shortDay } from '../frame/format'
import { adviceText, causeText, trendText, urgencyText } from './alarms'
import { portionText } from './doses'
import { objectionText } from './objections'

type Units = 'metric' | 'us'

const SITES: Readonly<Record<Site, string>> = {
  mouth: 'mouth',
  ear: 'ear',
  forehead: 'forehead',
  armpit: 'armpit',
  rectal: 'rectal',
}

const OF: Readonly<Record<Reading['of'], string>> = {
  temperature: 'Temperature',
  pulse: 'Pulse',
  breathing: 'Breaths',
}

const readingText = (reading: Reading, units: Units): string =>
  reading.of === 'temperature'
    ? `${temperatureText(reading.value, units)}, ${SITES[reading.site]}`
    : `${reading.value} a minute`

const STANDINGS: Readonly<Record<Standing, string>> = {
  below: 'below normal',
  within: 'normal',
  above: 'above normal',
  unknown: 'no normal known',
}

const normalText = ({ range, own }: Normal, of: Reading['of'], units: Units): string => {
  const value = (number: number): string =>
    of === 'temperature'
      ? temperatureText(Math.round(number * 100) as never, units)
      : String(number)
  return `${own ? 'own normal' : 'usual'} ${value(range.from)} to ${value(range.to)}`
}

/** What is there where people live, in their words. */
const HOME_WORDS: Partial<Readonly<Record<RoleId, string>>> = {
  water: 'running water',
  'cool-burn': 'running water',
  'rinse-wound': 'clean running water',
  cloth: 'a cloth',
  'wrap-animal': 'a towel',
}

/** What has to be said of a lot in a hurry, the gravest first. */
function remarksText(
  rank: Rank,
  onTheirWord: boolean,
  through: PlainDate | null,
  remarks: readonly Objection[],
  today: PlainDate,
): string {
  const said: string[] = []
  if (onTheirWord) said.push('somebody else’s: only if the emergency line says so')
  if (rank === 'recalled') said.push('recalled: only because there is nothing else')
  if (rank === 'past_date' && through)
    said.push(`past its date, ${shortDay(through, today)}: only because there is nothing better`)
  const spoken = new Set(['somebody_elses', 'spent', 'past_date'])
  for (const remark of remarks)
    if (!spoken.has(remark.code)) said.push(objectionText(remark, today))
  return said.join('; ')
}

/** One entry as a line. */
function factText(fact: CareFact, units: Units): string {
  switch (fact.kind) {
    case 'about':
      return [
        fact.what && kindName(fact.what),
        fact.patient?.kind === 'guest' && fact.patient.name,
        fact.placeId !== undefined && 'place changed',
      ]
        .filter(Boolean)
        .join(', ')
    case 'dose': {
      const [held] = fact.holds
      return `${fact.title}: ${portionText(fact.portion)}${held?.measure ? ` (${measureText(held.measure)})` : ''}`
    }
    case 'used':
      return `Used: ${fact.title}${fact.words ? `, ${fact.words}` : ''}`
    case 'reading':
      return `${OF[fact.reading.of]} ${readingText(fact.reading, units)}`
    case 'seen':
      return [...fact.seen.map((one) => SEEN[one]), fact.words].filter(Boolean).join(', ')
    case 'photo':
      return `Photo${fact.words ? `: ${fact.words}` : ''}`
    case 'note':
      return fact.words
    case 'called':
      return `Called ${fact.whom}`
    case 'tourniquet':
      return `Tourniquet on${fact.where ? `: ${fact.where}` : ''}`
    case 'timer':
      return `Timer: ${fact.what}`
    case 'timer_done':
      return 'Checked'
    case 'step':
      return fact.words
    case 'mixed':
      return `Mixed: ${fact.title}, ${fact.words}`
    case 'struck':
      return 'Struck out'
    case 'ended':
      return 'Ended'
    case 'reopened':
      return 'Goes on'
    case 'looking_back':
      return 'Looked back on it'
    default:
      return assertNever(fact)
  }
}

const kindName = (kind: IncidentKind | null): string =>
  kind === null ? 'Something happened' : KIND_NAMES[kind]

function timerText(timer: Timer): string {
  switch (timer.kind) {
    case 'set':
      return timer.what
    case 'next_dose':
      return `${timer.what}: may be given again, if it is still needed`
    case 'throw_away':
      return `${timer.what}: throw away what is left`
    default:
      return assertNever(timer.kind)
  }
}

export const numbers = {
  emergency: 'Emergency',
  poison: 'Poison line',
  label: 'Whom to call',
  labelAt: (stop: string): string => `Whom to call at ${stop}`,
  none: 'not set: add it',
  /** In another country: the household’s own settings have nothing to do with it. */
  unknownThere: 'not known: ask there',
} as const

export const incident = {
  title: 'Incident',
  log: 'Incident log',
  going: 'Going on',
  ended: 'Earlier',
  noneEnded: 'Nothing has been noted yet.',
  slip: 'Opened by mistake',
  slipWhy: 'opened by mistake',
  slipTaken: 'It was removed.',
  slipBack: 'Restore it',
  slipAway: 'You need a connection for this.',
  who: 'Who?',
  what: 'What happened?',
  where: 'Where?',
  guestPerson: 'Somebody else',
  guestAnimal: 'Another animal',
  loading: 'Opening …',
  notHere: 'This incident is not saved on this device. Open it once with a connection.',
  signIn: 'Sign in once with a connection; from then on incidents start without one.',
  since: (span: string): string => `began ${span} ago`,
  kind: kindName,
  acts: {
    dose: 'Dose',
    use: 'What can I use?',
    reading: 'Reading',
    seen: 'Seen',
    photo: 'Photo',
    timer: 'Timer',
    guide: 'Guided card',
    note: 'Note',
    tourniquet: 'Tourniquet on',
    called: 'Called',
  },
  handover: 'Hand over',
  end: 'It is over',
  goOn: 'It goes on',
  fact: factText,
  strike: 'Strike out',
  struck: 'struck out',
  waiting: 'waits on this device',
  refused: 'Not saved',
  short: (titles: readonly string[]): string =>
    `fewer were there than noted: count ${titles.join(', ')}`,
  beyond: 'Too much or too soon. Call the poison line or the doctor now.',
  beyondAnimal: 'Too much or too soon. Call the vet or the poison line now.',
  by: (who: string): string => `by ${who}`,
  timers: 'Timers',
  timer: timerText,
  due: 'now',
  done: 'Checked',
  notYet: (span: string): string => `in ${span}`,
  presets: {
    recheck: 'Look again in 5 min',
    look: 'in 15 min',
    hour: 'in an hour',
    dressing: 'Dressing, in 12 h',
    day3: 'on day 3',
    day10: 'on day 10',
  },
  presetWords: {
    recheck: 'Look again',
    look: 'Look again',
    hour: 'Look again',
    dressing: 'Dressing: toes, swelling, dryness',
    day3: 'Day 3: better? Else the doctor or vet',
    day10: 'Day 10: stitches or staples out, by a professional',
  },
  timerWhat: 'What to look at',
  timerMinutes: 'Minutes',
  setTimer: 'Set',
  readings: 'Readings',
  of: OF,
  reading: readingText,
  standing: STANDINGS,
  normal: normalText,
  noNormal: 'No customary range is known to us for this patient. Ask the doctor or vet.',
  corrected: (text: string): string => `taken as ${text}: an armpit reads lower (a rough guide)`,
  temperature: 'Temperature',
  temperatureHelp: (units: Units): string =>
    units === 'us' ? '102.6 or 39.2 C' : '39.2 or 102.6 F',
  site: 'Where measured',
  sites: SITES,
  tapPulse: 'Tap with each beat',
  tapBreath: 'Tap with each breath',
  rate: (perMinute: number): string => `${perMinute} a minute`,
  tapOn: 'Keep tapping: at least four times',
  uneven: 'uneven: keep tapping, or count again',
  again: 'Again',
  noteReading: 'Note it',
  typed: 'or type it, per minute',
  urgency: urgencyText,
  cause: causeText,
  advice: adviceText,
  trend: trendText,
  readNow: 'Read again now',
  yesHeat: 'Yes, heat or running',
  noHeat: 'No',
  lookedAt: (whom: 'doctor' | 'vet'): string => `A ${whom} has looked`,
  asked: (text: string): string => `Is it ${text}?`,
  seenLead: 'What do you see?',
  note: 'In your words',
  save: 'Note',
  photoWords: 'What it shows',
  photoTake: 'Take or choose a photo',
  badPhoto: 'This picture cannot be read. Take another.',
  tourniquetWhere: 'Which limb',
  tourniquetOn: (where: string, span: string): string =>
    `Tourniquet${where ? `, ${where}` : ''}: on for ${span}`,
  calledWhom: 'Whom did you reach?',
  atOnce: 'At once:',
  useLead: 'What you have, best first.',
  useNothing: 'Nothing in the kits is for this. Call, and do the line above.',
  prescribed: 'prescribed for this',
  fromHome: (roles: readonly RoleId[]): string =>
    `${capital(list(roles.map((role) => HOME_WORDS[role] ?? roleName(role).toLowerCase())))}: from the house`,
  lacking: (parts: readonly (readonly RoleId[])[]): string =>
    `Not here: ${list(parts.map((roles) => roles.map((role) => roleName(role).toLowerCase()).join(' or ')))}. Go on without.`,
  /** The minutes are those at its own place: of what lies at another place they would mislead. */
  whereLies: (
    place: string,
    kit: string,
    pocket: string,
    {
      isHere,
      carrier,
      shelf: { seconds },
    }: Pick<AtHandLot, 'isHere' | 'carrier'> & { shelf: Pick<Shelf, 'seconds'> },
  ): string =>
    [
      carrier === null ? place : `with ${carrier}`,
      kit,
      pocket,
      isHere && seconds !== null && seconds > 60 && `${reach(seconds)} away`,
    ]
      .filter(Boolean)
      .join(', '),
  remarks: remarksText,
  use: 'Used',
  usedOf: (title: string): string => `Used: ${title}`,
  doseOf: (title: string): string => `Dose: ${title}`,
  chooseKind: 'Say what happened, and this lists what suits.',
  doseLead: 'Only what a card allows. Doses has the sum.',
  manual: 'Something else was given',
  manualName: 'What',
  manualAmount: 'How much (as a person counts it)',
  manualActs: 'Active ingredient',
  manualActsUnknown: 'Not known, or none of these',
  manualNotCounted:
    'Without its active ingredient it is not counted with the other doses. Tell whoever you call.',
  guest: {
    lead: 'What is known of them',
    name: 'Name',
    species: 'Kind',
    age: 'Age',
    monthsPlease: 'Under a year: say weeks or months. Until then the strictest figures hold.',
    grownUp: 'Grown up',
    conditions: 'Illnesses, as they say',
    medicines: 'Medicines they take, as they say',
    thinner: 'Takes a blood thinner',
    none: {
      allergies: 'No allergies',
      conditions: 'No illness',
      medicines: 'No medicines',
    },
    kilograms: 'kg',
    allergies: 'Allergies, as they say',
    save: 'Write it down',
  },
  looking: {
    title: 'Looking back',
    worked: 'What worked',
    missing: 'What was missing',
    next: 'For the next list',
    used: 'Used, and to be restocked',
    toRestock: 'These are errands now: see Restock',
    nothing: 'Nothing from the kits was used.',
    save: 'Keep',
    kept: 'Kept',
    noted: (text: string): string => `For the next list: ${text}`,
  },
  pdf: 'PDF',
  print: 'Print',
  readAloud: 'To read aloud',
  back: 'Back',
  bar: (who: string, what: string): string => `${who}: ${what}`,
  barDue: (what: string): string => `Now: ${what}`,
  title2: 'What happened',
  place: (name: string): string => `at ${name}`,
  noPlace: 'Place not said',
  times: (time: string): string => `since ${time}`,
} as const
