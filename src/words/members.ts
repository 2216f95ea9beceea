/** English for people and animals. */
import type { PlainDate, Weekday } from '../core/calendar/plainDate'
import type { CourseState } from '../core/household/course'
import type { WeightState } from '../core/household/weight'
import { weight } from './care/weights'
import { counted, fullDay, list, WEEKDAY_NAMES } from './frame/format'

export const member = {
  prescriptionOf: (name: string): string => `Prescription of ${name}`,
  photoOf: (name: string): string => `Photo of ${name}`,
  weightOf: (name: string): string => `Weight of ${name}`,
  sheet: 'What is ready for them',
  notUsual: 'not usually there',
  places: 'What each place holds',
  gaps: (count: number): string =>
    count === 0 ? 'everything holds' : count === 1 ? 'one gap' : `${count} gaps`,
  holds: (count: number): string =>
    count === 1 ? 'Holds for one need' : `Holds for ${count} needs`,
  held: 'On hold for them',
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
  remove: 'Remove',
  removed: 'Removed',
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
    conditions: 'Asked: no long-term condition',
    medicines: 'Asked: nothing regular besides what is under Medicines',
  },
  toldBy: (by: string, on: PlainDate): string => `said ${by} on ${fullDay(on)}`,
  regular: 'Regular medicines',
  below: 'under Medicines',
  settled: 'What a doctor or pharmacist has said may be given',
  settledWord: (what: string, who: string, on: string): string => `${what}: ${who}, ${on}`,
  alarm: 'When the doctor or vet wants a call',
  alarmHint: 'Their own temperatures. Leave empty for the usual ones.',
  alarmHot: 'From',
  alarmCold: 'Under',
  alarmWho: 'Who said so',
  alarmWhoMissing: 'Name the doctor or the vet, or it is not saved',
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
  temperament: 'How to hold it, what it dislikes',
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
  isGuest: (until: PlainDate, days?: readonly Weekday[] | null): string =>
    days
      ? `guest, here on ${list([...days].sort().map((day) => WEEKDAY_NAMES[day - 1] ?? ''))} until ${fullDay(until)}`
      : `guest until ${fullDay(until)}`,
  stay: {
    tonight: 'Until tonight',
    weekend: 'Until Sunday',
    again: 'Comes again every week, on these days',
  },
  word: {
    title: 'What their parents said',
    why: 'A guest is given nothing from a label without the word of who is responsible for them. It holds for what is named here, until its last day.',
    who: 'Who said so',
    whoMissing: 'Say who said so: nothing is given on nobody’s word.',
    phone: 'Their phone',
    substances: 'May be given, as the label says',
    until: 'Their word holds until',
    line: (who: string, names: readonly string[], until: PlainDate): string =>
      `${who}: ${list(names)}, until ${fullDay(until)}`,
  },
  again: {
    title: 'Here before',
    why: 'What you were told about them the last time is kept. Ask again whether it still holds.',
    was: (species: string, until: PlainDate): string => `${species} · here until ${fullDay(until)}`,
    press: (name: string): string => `${name} is here again`,
    did: (name: string, until: PlainDate): string => `${name} is here until ${fullDay(until)}`,
  },
  weightOptional: 'Weight in kg, if known',
  cautionLine:
    'This sheet organises; it is not medical or veterinary advice. Call first. The pack label and the prescriber win.',
} as const

/** What somebody did, after a name: "Ilse …". */
export const membersPast = {
  member_added: 'added a member',
  member_changed: 'changed a member',
  member_removed: 'removed a member',
  guest_added: 'added a guest',
  guest_stays: 'welcomed a guest again',
  weighed: 'noted a weight',
  weighing_removed: 'removed a weight',
  photo_set: 'changed a photo',
  course_added: 'added a prescription',
  course_changed: 'changed a prescription',
  course_removed: 'removed a prescription',
  leftover_released: 'noted the prescriber’s word',
} as const
