/** Cover, members and the catalogue in words. */

import type { PlainDate } from '../core/calendar/plainDate'
import type { Without } from '../core/catalogue/companions'
import { type RoleId, roleName } from '../core/catalogue/roles'
import { SKILLS } from '../core/catalogue/skills'
import type { CellState } from '../core/cover/board'
import type { Closing, Step } from '../core/cover/closing'
import type { MissingLink } from '../core/cover/evening'
import type { Part, Tier } from '../core/cover/need'
import type { CourseState } from '../core/household/course'
import type { WeightState } from '../core/household/weight'
import { counted, fullDay, list, money, numberWord } from './format'
import { GRADE_NAMES, objectionText } from './objections'
import { weight } from './weights'

/** "4", "0.5", "1½" would mislead: uses are plain decimals. */
const uses = (count: number): string => String(Math.round(count * 10) / 10)

const LEFT: Readonly<Record<CellState, string>> = {
  covered: 'covered',
  plan_b: 'plan B',
  thin: 'thin',
  held: 'held back',
  none: 'nothing',
}

function step(one: Step, kitName: (kitId: string) => string, currency: string): string {
  switch (one.kind) {
    case 'move':
      return `carry ${one.title} over from ${kitName(one.kitId)}`
    case 'buy':
      return `buy ${one.title}, ${one.packs === 1 ? 'one pack' : `${one.packs} packs`}${one.costMinor === null ? '' : `, about ${money(one.costMinor, currency)}`}`
    case 'learn':
      return `have somebody taught and signed off: ${SKILLS[one.skill].name.toLowerCase()} (${one.title} lies here)`
  }
}

export const cover = {
  title: 'Cover',
  tabs: {
    label: 'Parts of Cover',
    board: 'Board',
    evening: 'Could the sitter cope?',
    lists: 'Proposed lists',
    items: 'What things are',
  },
  headline: (place: string, gaps: readonly string[], all: number): string =>
    all === 0
      ? `Nobody is at the ${place.toLowerCase()}`
      : gaps.length === 0
        ? `Nothing life-saving is missing at the ${place.toLowerCase()}`
        : `At the ${place.toLowerCase()}: not ready for ${list(gaps.slice(0, 2).map((gap) => gap.toLowerCase()))}${gaps.length > 2 ? `, and ${numberWord(gaps.length - 2)} more` : ''}`,
  under: (covered: number, all: number): string =>
    `${covered} of ${all} cells hold, plan B included. It counts what there is; it gives no advice. Call first, the label and the prescriber win.`,
  place: 'Where',
  kits: 'With these kits',
  on: 'On',
  days: 'Days to hold out',
  without: 'Without',
  withoutNone: 'think an item away',
  back: (name: string): string => `Bring back ${name}`,
  takeAway: (name: string): string => `Without ${name}`,
  reset: 'As it is today',
  by: { label: 'Columns', members: 'People and animals', kits: 'Kits' },
  onlyGaps: 'Only gaps',
  need: 'Need',
  party: 'All',
  together: (state: CellState): string => `all at once: ${LEFT[state]}`,
  tiers: { life: 'Life-saving', urgent: 'Urgent', comfort: 'Comfort' } satisfies Record<
    Tier,
    string
  >,
  cell: (state: CellState, have: number, need: number): string =>
    state === 'thin' ? `${uses(have)} of ${uses(need)}` : state === 'covered' ? '' : LEFT[state],
  cellLong: (need: string, whom: string, state: CellState, have: number, asked: number): string =>
    `${need}, ${whom}: ${state === 'thin' ? `thin, ${uses(have)} of ${uses(asked)} uses` : LEFT[state]}`,
  states: LEFT,
  legend:
    'Straight: covered. Clipped: plan B. Part filled: thin. Hatched: held back. Dashed: nothing.',
  everybody: 'everybody',
  first: 'First choice',
  planB: 'Plan B',
  part: (part: Part | null, count: number): string =>
    part === null
      ? `Own medicine, ${uses(count)}`
      : `${list(part.any.map((role) => roleName(role)))}${count > 1 ? ` × ${uses(count)}` : ''}`.replace(
          ' and ',
          ' or ',
        ),
  anyOf: (roles: readonly RoleId[]): string => roles.map(roleName).join(' or '),
  fromTap: 'from the tap',
  missing: (count: number): string => `${uses(count)} missing`,
  source: (title: string, count: number, where: string, seconds: number | null): string =>
    `${title}${count > 1 ? ` × ${uses(count)}` : ''} · ${where}${seconds === null ? '' : ` · ${seconds} s`}`,
  heldBack: 'Here, and held back',
  why: objectionText,
  grade: GRADE_NAMES,
  closes: 'What would close it',
  closing: (
    { steps, first }: Closing,
    kitName: (kitId: string) => string,
    currency: string,
  ): string =>
    `${first ? '' : 'Plan B: '}${steps.map((one) => step(one, kitName, currency)).join('; ')}`,
  /** What the cell becomes by it: tried before it is shown. */
  afterIt: ({ state, have, need }: Closing['becomes']): string =>
    `then ${state === 'thin' ? `${uses(have)} of ${uses(need)}` : LEFT[state]}`,
  caution: 'Mind',
  callFirst: 'First',
  sourceOf: (source: string): string => `After: ${source}`,
  noMembers: 'Add the people and animals first: cover is judged for each of them.',
  noPlaces: 'Add a place first.',
  toHousehold: 'To Household',
  toKits: 'To Kits',
  unmatched: (count: number): string =>
    count === 1
      ? 'One item is not matched with the catalogue and covers nothing yet.'
      : `${count} items are not matched with the catalogue and cover nothing yet.`,
  match: 'Say what they are',
} as const

export const evening = {
  title: 'Could the sitter cope?',
  headline: (links: number, held: number, of: number): string =>
    of === 0
      ? 'Nobody is in the sitter’s care'
      : links === 0
        ? 'The sitter could cope'
        : `${links === 1 ? 'One link is' : `${links} links are`} missing; ${held} of ${of} hold`,
  under:
    'Life-saving and urgent needs, with the sitter’s hands alone. Plan B is enough for an evening.',
  where: 'Where',
  when: 'Which evening',
  care: 'In their care',
  skills: 'What the sitter has been taught',
  none: 'nothing of this',
  link: (
    one: MissingLink,
    name: (id: string) => string,
  ): { readonly what: string; readonly todo: string } => {
    switch (one.code) {
      case 'need':
        return {
          what: `${one.need.name}${one.memberId ? `: ${name(one.memberId)}` : ''}`,
          todo: one.forWantOfSkill
            ? `Show the sitter: ${SKILLS[one.forWantOfSkill].name.toLowerCase()}`
            : `${LEFT[one.state]}; see the board`,
        }
      case 'no_contact':
        return {
          what: `No ${one.whom} to call for ${name(one.memberId)}`,
          todo: 'Add the name and number',
        }
      case 'no_number':
        return {
          what: one.which === 'emergency' ? 'No emergency number' : 'No number of a poison line',
          todo: 'Add it in Household',
        }
      case 'weight':
        return {
          what: `${name(one.memberId)}’s weight is ${one.kind === 'stale' ? 'out of date' : 'not known'}`,
          todo: 'Weigh before you leave',
        }
      case 'directions':
        return {
          what: `No directions for ${name(one.memberId)}’s ${one.title}`,
          todo: 'Write down what the prescriber wrote',
        }
    }
  },
} as const

export const lists = {
  title: 'Proposed lists',
  headline: (place: string, count: number): string =>
    count === 0
      ? `Every proposed line of the ${place.toLowerCase()} is decided`
      : `${count} ${count === 1 ? 'line' : 'lines'} proposed for the ${place.toLowerCase()}`,
  under: (cost: string): string =>
    `Derived from who is there, what can happen and how far help is. Accept a line and its number is set; overrule it and your reason stays. What is missing would cost about ${cost}.`,
  who: 'For these',
  days: 'Days to hold out',
  into: 'Into',
  acceptAll: (count: number): string => `Accept ${count === 1 ? 'the line' : `all ${count}`}`,
  accept: 'Accept',
  overrule: 'Overrule',
  reopen: 'Decide again',
  why: 'Why',
  notHere: 'Why not?',
  keepOut: 'Leave it out',
  cancel: 'Cancel',
  accepted: 'accepted',
  overruled: 'overruled',
  decided: (count: number): string => `${count === 1 ? 'One line' : `${count} lines`} decided`,
  line: (par: string, here: string): string => `${par} belong here, ${here} there`,
  reason: (
    need: string,
    names: readonly string[],
    count: number,
    companionOf: string | null,
    sets: boolean,
  ): string =>
    `${companionOf ? `with ${companionOf}, for ` : ''}${need.toLowerCase()}${names.length > 0 ? ` (${list(names)})` : ''}: ${uses(count)} ${count === 1 ? 'use' : 'uses'}${sets ? ', which sets the number' : ''}`,
  unmet: 'Nothing suitable is known for',
  unmetLine: (need: string, names: readonly string[]): string =>
    `${need}${names.length > 0 ? `: ${list(names)}` : ''}. Ask a doctor, pharmacist or vet.`,
  former: 'From a former life?',
  formerWhy: {
    nobody_it_suits: 'suits nobody who is here any more',
    no_need_here: 'serves no need here',
  },
  makeKit: 'Make a kit',
  kitName: 'First kit',
  noMembers: 'Add the people and animals first: the list follows from them.',
  cost: (cost: string): string => `about ${cost}`,
  free: 'here already',
} as const

export const matching = {
  title: 'What things are',
  headline: (open: number): string =>
    open === 0
      ? 'Every item is known'
      : open === 1
        ? 'One item is not matched yet'
        : `${open} items are not matched yet`,
  under:
    'The catalogue knows what a thing can be used for, what is in it and whom it suits. You confirm; what is not matched stays a plain item, counted and dated, and covers nothing.',
  confirmClear: (count: number): string =>
    `Confirm the ${count === 1 ? 'clear one' : `${count} clear ones`}`,
  confirm: 'Confirm',
  plain: 'Plain item',
  isPlain: 'plain item: covers nothing',
  other: 'Search the catalogue',
  none: 'Nothing alike was found',
  known: 'Known items',
  matched: (count: number): string => `${count === 1 ? 'One item' : `${count} items`} matched`,
  change: 'Change',
  roles: 'Can be used as',
  contains: 'Contains',
  keeps: (from: number, to: number, frost: boolean): string =>
    `keeps at ${from}–${to} °C${frost ? ', never frozen' : ''}`,
  skill: 'Only by the trained',
  companions: {
    unsafe: 'Not safe without',
    weaker: 'Better with',
    tidier: 'Goes with',
  } satisfies Record<Without, string>,
  spec: 'Ask for',
  standIns: 'Or else',
  source: 'Source',
  ownTitle: 'What you know better',
  ownContains: 'Contains, as your label says',
  ownRead: 'I have read the label: this is what is in it',
  ownUses: 'Uses that one gives',
  ownWhy: 'Why, on whose word',
  save: 'Save',
  cancel: 'Cancel',
  noItems: 'There are no items yet. Bring a list in or add a thing to a kit.',
} as const

export const member = {
  sheet: 'Cover sheet',
  readiness: (value: number | null): string => (value === null ? '–' : String(value)),
  places: 'What each place holds',
  gaps: (count: number): string =>
    count === 0 ? 'everything holds' : count === 1 ? 'one gap' : `${count} gaps`,
  holds: (count: number): string =>
    count === 1 ? 'Holds for one need' : `Holds for ${count} needs`,
  held: 'Held back for them',
  notFor: (name: string): string => `not for ${name}`,
  medicines: 'Medicines',
  noMedicines: 'None are written down.',
  addCourse: 'Add a prescription',
  changeCourse: 'Change the prescription',
  item: 'Item',
  reason: 'What for',
  prescriber: 'Who prescribed it',
  directions: 'As it was written',
  perDay: 'On an ordinary day',
  asNeeded: 'empty when taken as needed',
  starts: 'From',
  ends: 'Last day',
  endsHint: 'empty for a regular medicine',
  wrongAmount: 'Give an amount such as 2 or ½',
  remove: 'Take away',
  removed: 'Taken away',
  release: 'Prescriber’s word',
  releaseBy: 'Who said so',
  releaseWords: 'What was said',
  course: (state: CourseState, unit: string): string => {
    switch (state.kind) {
      case 'coming':
        return `begins in ${state.inDays} ${state.inDays === 1 ? 'day' : 'days'}`
      case 'as_needed':
        return 'as needed'
      case 'regular':
        return state.lastDay === null
          ? 'none left'
          : `${state.days} ${state.days === 1 ? 'day' : 'days'} left, through ${fullDay(state.lastDay)}`
      case 'finishes':
        return `will finish; ${state.days} ${state.days === 1 ? 'day' : 'days'} to go`
      case 'falls_short':
        return `will not finish: ${counted(state.missing, unit)} missing from ${fullDay(state.from)}`
      case 'left_over':
        return `ended; ${counted(state.amount, unit)} left over, on hold until the prescriber says`
      case 'released':
        return `ended; ${counted(state.amount, unit)} left, released`
      case 'ended':
        return 'ended'
    }
  },
  released: (by: string, on: PlainDate, words: string): string =>
    `${by}, ${fullDay(on)}: “${words}”`,
  weight: 'Weight',
  weighed: (state: WeightState, units: 'metric' | 'us'): string =>
    state.kind === 'unknown'
      ? 'never weighed'
      : state.kind === 'fresh'
        ? `${weight(state.weighing.grams, units)}, weighed ${fullDay(state.weighing.on)}`
        : `${weight(state.weighing.grams, units)} on ${fullDay(state.weighing.on)}: out of date, weigh again`,
  weigh: 'Note a weight',
  weighIn: { kg: 'Weight in kg', g: 'Weight in g', lb: 'Weight in lb' },
  unit: 'Unit',
  on: 'On',
  sure: 'I have weighed twice: keep it',
  table: 'All weights',
  numbers: 'Whom to call',
  emergency: 'Emergency',
  poison: 'Poison line',
  doctor: 'Doctor',
  vet: 'Vet',
  clinic: 'Emergency clinic',
  vitals: 'Normal at rest',
  own: 'its own',
  customary: 'customary',
  temperature: 'Temperature °C',
  pulse: 'Pulse a minute',
  breathing: 'Breaths a minute',
  withPrivate: 'With private data',
  print: 'Print',
  edit: 'Facts',
  save: 'Save',
  cancel: 'Cancel',
  sex: 'Sex, where it matters',
  sexes: { female: 'female', male: 'male', unsaid: 'not said' },
  conditions: 'Conditions',
  unasked: 'Not asked yet',
  notAskedYet: 'not asked yet',
  none: (by: string, on: PlainDate): string => `none, said ${by} on ${fullDay(on)}`,
  toldNone: {
    allergies: 'Asked: no allergies',
    conditions: 'Asked: no illness that lasts',
    medicines: 'Asked: takes nothing regularly beside what stands under Medicines',
  },
  toldBy: (by: string, on: PlainDate): string => `said ${by} on ${fullDay(on)}`,
  regular: 'Regular medicines',
  below: 'under Medicines',
  settled: 'What a doctor or pharmacist has said may be given',
  settledWord: (what: string, who: string, on: string): string => `${what}: ${who}, ${on}`,
  alarm: 'The doctor’s or vet’s own line',
  alarmHint: 'From which temperature they want to be called. Empty: the customary lines.',
  alarmHot: 'From',
  alarmCold: 'Under',
  alarmWho: 'Who said so',
  alarmWhoMissing: 'Name the doctor or the vet, or it is not kept',
  wrongTemperature: 'Give a body temperature such as 39.5',
  allergies: 'Allergies',
  allergyHint: 'a substance, a food, latex, adhesive; press Enter after each',
  swallows: 'Swallows tablets',
  swallowsAnswers: { yes: 'yes', no: 'no', unknown: 'not known' },
  pregnancy: 'Pregnancy',
  pregnancies: {
    no: 'no',
    early: 'pregnant',
    late: 'late pregnancy',
    breastfeeding: 'breastfeeding',
  },
  thinner: 'Takes a blood thinner',
  glove: 'Glove size',
  gloveNone: 'not known',
  skills: 'Taught and signed off',
  skillUntil: 'until',
  skillBy: 'by whom',
  addSkill: 'Add a skill',
  helper: 'Helps others',
  contacts: 'Others to call',
  addContact: 'Add somebody',
  contactName: 'Name',
  phone: 'Telephone',
  traits: 'What matters about the breed',
  coat: 'Coat',
  temperament: 'How to hold it, what it minds',
  agreed: 'Shop medicines its vet has agreed to',
  agreedHint: 'In the vet’s own words. No amount is worked out from them.',
  addAgreed: 'Add what the vet wrote',
  substance: 'Substance',
  vetsWords: 'What the vet wrote',
  confirmed: 'Asked again about the warning, by name and day',
  photo: 'Photo',
  changePhoto: 'Change photo',
  tooLarge: 'That picture could not be read. Choose a JPEG, PNG or WebP.',
  guest: 'Add a guest',
  guestUntil: 'Stays until',
  guestFacts: 'Three facts are enough; the rest can wait.',
  isGuest: (until: PlainDate): string => `guest until ${fullDay(until)}`,
  weightOptional: 'Weight in kg, if known',
  schools: 'Where practitioners disagree',
  schoolsUnder: 'What this household does; it changes what counts as cover.',
  cautionLine:
    'This sheet organises; it is no medical or veterinary advice. Call first. The pack label and the prescriber win.',
} as const
