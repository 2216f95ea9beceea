/**
 * Where practitioners disagree. Each question is a setting of the household with our default,
 * the reason for it and the caution that is shown wherever it matters. What is chosen changes
 * what counts as covering a need.
 */

interface School {
  readonly name: string
  /** Shown where this answer matters. */
  readonly caution: string
}
interface Question {
  readonly name: string
  readonly why: string
  readonly first: string
  readonly answers: Readonly<Record<string, School>>
}

export const SCHOOLS = {
  cleaning: {
    name: 'Cleaning wounds',
    why: 'Clean water or saline first and a dilute antiseptic second; peroxide and spirit harm tissue.',
    first: 'dilute',
    answers: {
      water: {
        name: 'Water or saline, mild soap around',
        caution: 'Rinse long; do not scrub a deep wound.',
      },
      dilute: {
        name: 'Rinse, then a dilute antiseptic',
        caution: 'Dilute to wound strength; not into eyes, ears or deep wounds.',
      },
      harsh: {
        name: 'Peroxide or spirit',
        caution: 'Peroxide and spirit harm tissue: better kept for instruments.',
      },
    },
  },
  'bring-up': {
    name: 'Peroxide in an animal kit',
    why: 'Kept fresh and small, only on a vet’s or the poison line’s word, dogs only.',
    first: 'on-word',
    answers: {
      'on-word': {
        name: 'Kept, used only on the line’s word',
        caution:
          'Call first. Dogs only, never a cat, rabbit, rodent or horse, never one that is drowsy or swallowed something that burns.',
      },
      no: { name: 'Not kept', caution: 'Call the poison line or the vet at once.' },
    },
  },
  closing: {
    name: 'Closing wounds',
    why: 'Strips and a dressing suffice on the way to help; staples only in trained hands, never over dirt.',
    first: 'strips',
    answers: {
      strips: {
        name: 'Strips and dressing',
        caution: 'Clean and dry first; a gaping wound goes to a doctor.',
      },
      adhesive: {
        name: 'Tissue adhesive too',
        caution: 'Small clean cuts only; never near an eye, never on a bite.',
      },
      staples: {
        name: 'Staples too, by the trained',
        caution: 'Never over a dirty wound; out by a professional at about ten days.',
      },
    },
  },
  'animal-bandage': {
    name: 'Bandaging an animal without a vet',
    why: 'A tight wrap does harm within hours; pressure with a non-stick pad and a light padded wrap get it to the vet.',
    first: 'light',
    answers: {
      light: {
        name: 'Pressure, then a light padded wrap',
        caution: 'Two fingers must fit under it; look at the toes every hour.',
      },
      full: {
        name: 'Padding and a pre-stretched wrap',
        caution: 'Unroll the wrap and let it slacken first; look at the toes every hour.',
      },
      pressure: { name: 'Pressure only', caution: 'Hold it by hand until the vet takes over.' },
    },
  },
  'animal-medicine': {
    name: 'Shop medicine for animals',
    why: 'Doses of people’s medicine kill animals; only what their vet wrote beforehand is used.',
    first: 'vet-rule',
    answers: {
      'vet-rule': {
        name: 'Only what the vet wrote',
        caution: 'none without the vet’s written word: call the vet.',
      },
      ask: {
        name: 'Carried, asked about each time',
        caution: 'Nothing is given before the vet has said so on the telephone.',
      },
    },
  },
  leftovers: {
    name: 'Leftover prescriptions',
    why: 'Kept labelled and on hold until the prescriber says; antibiotics go back.',
    first: 'hold',
    answers: {
      hold: {
        name: 'On hold until the prescriber says',
        caution: 'Ask the prescriber before any of it is given.',
      },
      discard: { name: 'Handed in', caution: 'Hand leftovers in at a pharmacy.' },
    },
  },
  repackaging: {
    name: 'Repackaging',
    why: 'A loose tablet is nobody’s: without name, strength, date and directions it goes.',
    first: 'labelled',
    answers: {
      original: { name: 'Original packs only', caution: 'Keep the carton and its directions.' },
      labelled: {
        name: 'Original, or a labelled pouch',
        caution: 'The pouch carries name, strength, date and directions.',
      },
      mixed: {
        name: 'Several in one tube',
        caution: 'Mixed tablets are mistaken for each other; label every one.',
      },
    },
  },
  size: {
    name: 'Size of a kit',
    why: 'The further help is, the longer a kit must hold out.',
    first: 'distance',
    answers: {
      minimal: { name: 'As small as can be', caution: 'One event, then restock.' },
      distance: { name: 'By distance from help', caution: 'More where help is further.' },
      complete: { name: 'Complete everywhere', caution: 'Heavy, and more of it runs out of date.' },
    },
  },
  remedies: {
    name: 'Remedies without evidence',
    why: 'They may comfort; they never count as cover.',
    first: 'not-carried',
    answers: {
      'not-carried': { name: 'Not carried', caution: '' },
      carried: { name: 'Carried for comfort', caution: 'Comfort only: it covers nothing.' },
    },
  },
  suction: {
    name: 'Suction devices for bites',
    why: 'They do not remove venom and can harm the skin; they never count as cover.',
    first: 'not-carried',
    answers: {
      'not-carried': { name: 'Not carried', caution: '' },
      carried: { name: 'Carried', caution: 'It covers nothing: keep still and call.' },
    },
  },
  tourniquet: {
    name: 'Tourniquet',
    why: 'A windlass in trained hands holds; an elastic strap rarely does.',
    first: 'windlass',
    answers: {
      windlass: {
        name: 'Windlass type, by the trained',
        caution: 'Write the time down; do not loosen it.',
      },
      strap: {
        name: 'Any strap',
        caution: 'An elastic strap often slips or presses too little: write the time down and go.',
      },
      several: { name: 'Two windlass types', caution: 'Write the time down; do not loosen it.' },
    },
  },
  'past-date': {
    name: 'Things past their date',
    why: 'Medicines and sterile goods are replaced; plain goods are only looked at.',
    first: 'plain-flagged',
    answers: {
      'plain-flagged': {
        name: 'Medicines and sterile goods go, plain goods are looked at',
        caution: 'Past its date: look at it before you rely on it.',
      },
      'sealed-dressings': {
        name: 'Sealed dressings stay too',
        caution:
          'Past its date and only as good as its seal: not for an open wound if there is better.',
      },
      all: { name: 'Everything goes', caution: '' },
    },
  },
  duplicates: {
    name: 'The same thing in several places',
    why: 'What saves a life is wherever people are; the rest has one store and is refilled from it.',
    first: 'essentials',
    answers: {
      essentials: { name: 'Essentials everywhere, one store for the rest', caution: '' },
      everywhere: { name: 'Everything everywhere', caution: 'More of it runs out of date unused.' },
      'one-store': {
        name: 'One store',
        caution: 'Only the life-saving things are kept elsewhere: fill a bag before you leave.',
      },
    },
  },
} as const satisfies Record<string, Question>

export type SchoolQuestion = keyof typeof SCHOOLS
export type SchoolAnswer<Q extends SchoolQuestion = SchoolQuestion> = Q extends SchoolQuestion
  ? keyof (typeof SCHOOLS)[Q]['answers'] & string
  : never
/** One answer for each question. */
export type Schools = { readonly [Q in SchoolQuestion]: SchoolAnswer<Q> }
/** Only what the household has chosen otherwise than we would. */
export type ChosenSchools = Partial<Schools>

export const SCHOOL_QUESTIONS = Object.keys(SCHOOLS) as readonly SchoolQuestion[]

export const DEFAULT_SCHOOLS = Object.fromEntries(
  SCHOOL_QUESTIONS.map((question) => [question, SCHOOLS[question].first]),
) as unknown as Schools

export const schoolsOf = (chosen: ChosenSchools): Schools => ({ ...DEFAULT_SCHOOLS, ...chosen })

export const isSchoolAnswer = (question: SchoolQuestion, answer: string): boolean =>
  Object.hasOwn(SCHOOLS[question].answers, answer)

export const schoolAnswer = (question: SchoolQuestion, schools: Schools): School =>
  (SCHOOLS[question].answers as Readonly<Record<string, School>>)[schools[question]] as School
