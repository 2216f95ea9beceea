/** English for leaving the house in a hurry. */
import { assertNever } from '../../core/brand'
import { daysBetween, type PlainDate } from '../../core/calendar/plainDate'
import type { PlanKind } from '../../core/evacuation/evacuation'
import type { TakenNeed } from '../../core/evacuation/loads'
import type { EvacuationQuestion } from '../../core/evacuation/party'
import type { EvacuationGap } from '../../core/evacuation/plan'
import type { EvacuationTask, TaskKind } from '../../core/evacuation/tasks'
import { capital, fullDay, list, numberWord, shortDay, someThings } from '../frame/format'

/** "4:30", minutes and seconds. */
export const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.round(seconds) % 60).padStart(2, '0')}`

const minutes = (seconds: number): string => {
  const whole = Math.ceil(seconds / 60)
  return whole === 1 ? 'a minute' : `${numberWord(whole)} minutes`
}

/** Who is about to leave: "five people and three animals". */
const party = (people: number, animals: number): string =>
  [
    people > 0 ? someThings(people, 'person', 'people') : '',
    animals > 0 ? someThings(animals, 'animal', 'animals') : '',
  ]
    .filter(Boolean)
    .join(' and ')

function gapText(gap: EvacuationGap): string {
  switch (gap.kind) {
    case 'no_hands':
      return 'Nobody at home can fetch and carry. Agree with a neighbour who comes, and put them first on whom to tell.'
    case 'too_long':
      return `With people alone it takes ${minutes(gap.seconds)}. Leave everything else, and ask a neighbour to come over.`
    case 'no_driver':
      return 'Nobody at home is known to drive. Plan it on foot, or say who fetches you.'
    case 'no_seat':
      return `No seat for ${list(gap.names)}. Say who fetches them, or go twice.`
    case 'no_room':
      return `No room in the car for ${list(gap.names)}. Say who fetches them.`
    case 'few_hands':
      return `On foot it takes ${numberWord(gap.need)} hands, and there are ${numberWord(gap.have)}. A sling or a carrier on the back frees one.`
    case 'led_away':
      return `${list(gap.names)}: led away on foot, or fetched with a trailer. Agree with somebody who has one.`
    case 'nowhere':
      return 'Nobody has said where to go. Write down up to three places, one that takes animals.'
    case 'nowhere_for_animals':
      return 'None of the places takes animals. Find one that does.'
    default:
      return assertNever(gap)
  }
}

function questionText(question: EvacuationQuestion): string {
  switch (question.kind) {
    case 'drives':
      return `Does ${question.name} drive?`
    case 'help':
      return `How does ${question.name} get out?`
    case 'hides':
      return `Does ${question.name} hide when there is noise?`
    case 'seats':
      return `How many seats, and how much room for animals: ${question.name}?`
    case 'go_to':
      return 'Where do you go?'
    case 'animals_there':
      return `May animals come to ${question.name}?`
    case 'tell':
      return 'Whom do you tell that you have left?'
    case 'papers':
      return 'Where are the papers?'
    case 'photo':
      return `There is no photo of ${question.name} to show if it gets lost. Best is one with you in it: it shows whose it is.`
    default:
      return assertNever(question)
  }
}

const NAMED: Readonly<Record<TaskKind, (who: string, where: string) => string>> = {
  shut_in: (who, where) =>
    where === '' ? `Find ${who} and shut the door` : `Shut ${who} in: ${where}`,
  own_shoes: () => 'Shoes, jacket, phone, keys',
  child_shoes: () => 'Shoes and jacket, then to the door',
  ready_hand: (who) => `Shoes and jacket for ${who}; stay together`,
  ready_carried: (who) => `Wrap up ${who} and carry them`,
  into_carrier: (who) => `${who} into the carrier`,
  on_lead: (who) => `${who} on the lead, with a tag`,
  on_halter: (who) => `Halter on, lead out: ${who}`,
  medicines: () => 'Regular medicines and their papers',
  kit: () => 'First aid kit',
  papers: () => 'Papers',
  water: () => 'Water',
  food: () => 'Food',
  warmth: () => 'Blankets and warm clothes',
  beds: () => 'Beds, bowls and covers for the animals',
  shut_house: () => 'Leave the house as planned, lock the door',
  board: () => 'Everybody in; count heads',
}

const TAKEN: Readonly<Record<TakenNeed, string>> = {
  'own-medicine': 'Regular medicines',
  'leave-carried': 'A carrier each',
  'to-the-vet': 'Lead',
  'hold-out-water': 'Water for people',
  'hold-out-water-animal': 'Water for animals',
  'hold-out-food': 'Food for people',
  'hold-out-feed': 'Food for animals',
  chilled: 'Warmth',
  light: 'Light',
  'call-for-help': 'Calling for help',
}

/** What is counted, where it is not things. */
const UNITS: Readonly<Partial<Record<TakenNeed, string>>> = {
  'own-medicine': ' doses',
  'hold-out-water': ' L',
  'hold-out-water-animal': ' L',
  'hold-out-food': ' days of food',
  'hold-out-feed': ' days of food',
}
const round = (value: number): number => Math.round(value * 10) / 10

const PLAN_NAMES: Readonly<Record<PlanKind, string>> = { ten: 'Ten minutes', hour: 'One hour' }

export const evacuation = {
  title: 'Leaving the house',
  plan: 'How much time',
  plans: PLAN_NAMES,
  way: 'How',
  ways: { car: 'By car', foot: 'On foot' },
  time: 'When',
  times: { day: 'By day', night: 'At night' },
  from: 'From where',
  home: 'Who is at home',
  onlyOne: (name: string): string => `Only ${name}`,
  everybody: 'Everybody',
  fire: (number: string): string =>
    `If it burns or smells of gas: out now, with nothing. Call ${number === '' ? 'the emergency number' : number} from outside, and do not go back in.`,
  authority: 'What the fire service or the police say comes before this plan.',
  headline: (
    people: number,
    animals: number,
    seconds: number,
    left: number,
    gaps: readonly EvacuationGap['kind'][] = [],
  ): string => {
    const who = capital(party(people, animals))
    if (people + animals === 0) return 'Nobody is at home'
    if (gaps.includes('no_hands')) return 'Nobody at home can do this alone'
    if (gaps.includes('no_driver'))
      return `${who} can be ready in ${minutes(seconds)}, but nobody is known to drive`
    if (gaps.includes('no_seat'))
      return `${who} can be ready in ${minutes(seconds)}, but there are too few seats`
    return `${who} can be away in ${minutes(seconds)}${left === 0 ? '' : ', and not everything comes along'}`
  },
  withoutAnybody: 'Choose who is at home.',
  usual: 'Times are ours until you have rehearsed.',
  measured: (on: PlainDate, today: PlainDate): string => `rehearsed ${shortDay(on, today)}`,
  steps: 'Who does what',
  own: (name: string): string => name,
  span: (from: number, to: number): string => `${clock(from)}–${clock(to)}`,
  task: ({ kind }: Pick<EvacuationTask, 'kind'>, who: string, where: string): string =>
    NAMED[kind](who, where),
  together: 'Together',
  leftOut: 'No time for',
  waits: (name: string): string => `${name} waits at the door.`,
  missing: 'What is missing',
  toBoard: 'What would close it: see Ready',
  nothingMissing: 'Nothing is missing that we know of.',
  gap: gapText,
  asks: 'Not said yet',
  question: questionText,
  yes: 'Yes',
  no: 'No',
  helps: { none: 'Alone', hand: 'With a hand', carried: 'Carried' },
  answered: (name: string): string => `Noted for ${name}`,
  answer: 'Answer',
  addPhoto: 'Add a photo',
  rides: 'Who rides where',
  driver: (name: string): string => `${name} drives`,
  rideOf: (vehicle: string): string => vehicle,
  onFoot: 'Everybody walks.',
  handsOf: (have: number, need: number): string =>
    `${someThings(need, 'hand', 'hands')} needed, ${numberWord(have)} there.`,
  goTo: 'Where to',
  takes: (animals: boolean | null): string =>
    animals === null ? 'animals: not asked yet' : animals ? 'animals welcome' : 'no animals',
  tell: 'Whom to tell',
  loads: 'What to take, and where it is',
  load: (need: TakenNeed): string => TAKEN[need],
  forWhom: (names: readonly string[]): string => (names.length === 0 ? '' : list(names)),
  lacks: ({
    need,
    missing,
    uses,
  }: {
    readonly need: TakenNeed
    readonly missing: number
    readonly uses: number
  }): string => `${round(missing)} of ${round(uses)}${UNITS[need] ?? ''} missing`,
  nothingThere: 'nothing here',
  kit: 'The kit to grab',
  noKit: 'No kit here answers anything on the way.',
  days: (days: number): string => `for ${someThings(days, 'day', 'days')}`,
  papersAt: (where: string): string => `Papers: ${where}`,
  leftHow: 'How the house is left',
  animals: 'The animals',
  hidesAt: (where: string): string => `hides: ${where}`,
  sheet: 'Sheet of two pages',
  sheetTitle: 'Leaving the house',
  sheetPrinted: (on: PlainDate): string => `As of ${fullDay(on)}`,
  printIt: 'Print',
  back: 'Leaving the house',
  change: 'Change the plan',
  changed: 'The plan for leaving the house is changed',
  form: {
    title: 'Where to, whom to tell, what is taken',
    refuge: (at: number): string => `Place ${at}`,
    name: 'Name',
    phone: 'Phone',
    address: 'Address, and the way there',
    animals: 'Animals',
    animalsUnsaid: 'not asked yet',
    animalsYes: 'welcome',
    animalsNo: 'not there',
    addRefuge: 'Add a place',
    remove: (name: string): string => `Remove ${name}`,
    tell: (at: number): string => `Tell ${at}`,
    addTell: 'Add somebody to tell',
    papers: 'Where the papers are',
    leftHow: 'How the house is left, one line each',
    leftHowHint: 'Gas off. Water off. Windows shut. Fish: two days of food.',
    days: 'Days of water, food and medicine',
    wrongDays: (least: number, most: number): string => `Give ${least} to ${most} days`,
    nameless: 'Give it a name',
    press: 'Save the plan',
  },
  vehicle: {
    title: (name: string): string => `What fits in: ${name}`,
    seats: 'Seats, the driver’s included',
    animals: 'Room for so many carriers or dogs beside the people',
    away: 'It is in the workshop or lent: do not count on it',
    wrong: 'Give a whole number up to 60',
    change: 'Change',
    changeLong: (name: string): string => `Change what fits in: ${name}`,
    press: 'Save',
    saved: (name: string): string => `Noted for ${name}`,
    none: 'No place of yours is a vehicle.',
    isAway: 'in the workshop or lent',
    facts: (seats: number | null, animals: number | null): string =>
      [
        seats === null ? 'seats not said' : someThings(seats, 'seat', 'seats'),
        animals === null
          ? 'room for animals not said'
          : `room for ${someThings(animals, 'animal', 'animals')}`,
      ].join(', '),
  },
  hiding: {
    press: (name: string): string => `Where does ${name} hide?`,
    label: 'Where it hides, and where it can be shut in',
    shares: 'Shares a carrier with',
    sharesNobody: 'nobody',
    hides: 'Hides when there is noise',
    save: 'Save',
    title: (name: string): string => `${name} when the house is left`,
  },
  rehearse: {
    open: 'Rehearse with a clock',
    start: 'Start the clock',
    done: (step: string): string => `Done: ${step}`,
    isDone: 'done',
    left: (count: number): string => `${someThings(count, 'step', 'steps')} to go`,
    all: 'Everybody is out',
    save: 'Keep these times',
    saved: (seconds: number): string =>
      `Out in ${clock(seconds)}. The plan goes by these times now.`,
    drop: 'Do not keep them',
    record: 'Rehearsed so far',
    none: 'Never rehearsed. Once is worth more than any list.',
    line: (plan: PlanKind, seconds: number, on: PlainDate, today: PlainDate): string =>
      `${PLAN_NAMES[plan]}: out in ${clock(seconds)}, ${shortDay(on, today)}`,
    due: (on: PlainDate, today: PlainDate): string =>
      daysBetween(on, today) > 365 ? 'More than a year ago: try it again.' : '',
  },
  lost: {
    title: (name: string): string => `Lost: ${name}`,
    open: 'Page for a lost animal',
    isLost: 'Lost',
    looks: 'What it looks like',
    marks: 'Marks, chip, collar',
    hold: 'How to hold it',
    medicine: 'It needs daily',
    call: 'If you see it, call',
    vet: 'Its vet',
    since: 'Last seen, where and when',
    number: 'Your phone number',
    numberHint: 'It stands on this page only, and is not kept.',
    weighs: (grams: string): string => `about ${grams}`,
    noPhoto: 'No photo yet. Add one on its page.',
    send: 'Send it',
    copied: 'The text is copied. Paste it into a message.',
    keepOff: 'Do not chase it. Keep it in sight and call.',
    text: (name: string, kind: string, marks: string, call: string): string =>
      [
        `Lost: ${name}, ${kind}.`,
        marks,
        call === '' ? '' : `If you see it, call ${call}. Do not chase it.`,
      ]
        .filter(Boolean)
        .join(' '),
  },
} as const
