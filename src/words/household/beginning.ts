/** English for the first steps. */
import { FIRST_STEPS, type FirstStep } from '../../core/household/beginning'
import { capital, list, several, someThings } from '../frame/format'
import { firstSteps } from '../frame/frame'

/** How many of what is proposed a life may depend on. */
function lifeSaving(lines: number, life: number): string {
  if (life === 0) return ''
  if (lines === 1) return ', and it is life-saving'
  return life === lines ? ', all of them life-saving' : `, ${life} of them life-saving`
}

export const beginning = {
  title: 'First steps',
  under: 'Leave whenever you like. What you have said so far is kept.',
  overTitle: 'The first steps are done',
  overUnder: 'You can go back to any of them here.',
  steps: firstSteps.names,
  question: {
    country: 'Where do you live?',
    members: 'Who is covered?',
    places: 'Where do you keep kits?',
    kits: 'What do you keep things in?',
    things: 'What belongs in them?',
    check: 'What is really there?',
    sheet: 'What goes into the lid?',
  } satisfies Record<FirstStep, string>,
  /** What a step is good for, in a sentence. */
  brings: {
    country:
      'The numbers to call then stand on every emergency screen and on paper, and dates and money look as you know them.',
    members:
      'Age, weight and allergies decide what suits whom. What nobody has told us is asked later, never taken for “none”.',
    places:
      'How far help is decides how much a kit has to hold. The small kit gets you to the car, the car kit to the clinic.',
    kits: 'You see each kit unpacked, pocket by pocket, and find things without digging.',
    things:
      'For each place we propose what should be there, with the reasons. You take it, change it, or import your own list.',
    check:
      'A list is a promise. Look once, count, and note the dates: from then on we tell you what is short and what expires.',
    sheet:
      'On paper it works without power: what is in the kit, what for, until when, and whom to call.',
  } satisfies Record<FirstStep, string>,
  at: (step: FirstStep): string => `Step ${FIRST_STEPS.indexOf(step) + 1} of ${FIRST_STEPS.length}`,
  progress: (done: number): string => `${done} of ${FIRST_STEPS.length} steps done`,
  step: (step: FirstStep, isDone: boolean): string =>
    isDone ? `${firstSteps.names[step]}, done` : firstSteps.names[step],
  later: 'Skip for now',
  on: 'Next',
  leave: 'Put the first steps away',
  left: 'First steps put away. You find them under More.',
  again: 'Take the first steps up again',
  takenUp: 'First steps taken up again',
  country: {
    label: 'Country',
    elsewhere: 'another country',
    guessed: (country: string): string =>
      `Your device seems to be in ${country}. Choose another if that is wrong.`,
    follows: 'What follows from it',
    emergency: 'Emergency number',
    poison: 'Poison line',
    noPoison: 'We know of none. Ask your doctor, and write it under Settings.',
    money: 'Money',
    dates: 'Dates',
    week: 'The week begins on',
    units: 'Units',
    labels: 'Medicine labels',
    labelsOf: {
      us: 'United States',
      uk: 'United Kingdom and Ireland',
      none: 'you copy those of your packs',
    },
    change: 'You can change each of these under Settings.',
    own: 'We do not know the numbers there. Write down the emergency number, and the poison line if there is one.',
    press: (country: string): string => `Use what is usual in ${country}`,
    pressOwn: 'Use this number',
    saved: 'Country saved',
  },
  members: {
    first: 'Who is the first?',
    another: 'Who else?',
    press: 'Add, then the next one',
    all: 'That is everybody',
    here: 'So far',
  },
  places: {
    press: 'Add this place',
    all: 'Those are all places',
    usual: ['Home', 'Car', 'Cottage', 'Work', 'Boat'],
    suggest: 'Usual ones',
  },
  kits: {
    of: (place: string): string => `A kit for ${place}`,
    name: (place: string): string => `${place} kit`,
    press: 'Add this kit',
    all: 'Those are all kits',
  },
  things: {
    none: 'Add a kit first. Then we can propose what belongs in it.',
    proposes: (place: string, lines: number, life: number): string =>
      `${place}: we propose ${someThings(lines)}${lifeSaving(lines, life)}.`,
    settled: (place: string, things: number): string =>
      `${place}: ${someThings(things)} ${things === 1 ? 'belongs' : 'belong'} here.`,
    take: (lines: number): string => (lines === 1 ? 'Take it' : `Take all ${lines}`),
    took: (place: string, lines: number): string =>
      `${capital(someThings(lines))} ${lines === 1 ? 'belongs' : 'belong'} at ${place} now`,
    look: 'Look through it first',
    bring: 'Import a list you have',
    unmatched: (count: number): string =>
      `We do not know yet what ${someThings(count, 'thing is', 'things are')}.`,
    match: 'Say what they are',
  },
  check: {
    none: 'Add a kit first. Then you can check it.',
    kit: (kit: string, pockets: number): string =>
      `${kit}: ${several(pockets, 'pocket', 'pockets')}`,
    press: 'Check it now',
    checked: (kits: readonly string[]): string => `Checked: ${list(kits)}.`,
  },
  sheet: {
    none: 'Add a kit first. Then its sheet can be printed.',
    press: 'See and print it',
  },
} as const
