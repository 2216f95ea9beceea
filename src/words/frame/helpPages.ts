/** English for help: a page for each tab. */

/** A question as a keeper would ask it, its answer, and where to do it. */
interface Answered {
  readonly asks: string
  readonly says: string
  readonly href?: string
  readonly to?: string
}

export interface HelpPage {
  readonly title: string
  readonly lead: string
  readonly questions: readonly Answered[]
}

const ask = (asks: string, says: string, href?: string, to?: string): Answered => ({
  asks,
  says,
  ...(href && to && { href, to }),
})

export const helpPages = {
  watch: {
    title: 'Help: Today',
    lead: 'What to do next, at the place where you will be. Each line says why, and is done with one press.',
    questions: [
      ask(
        'What do the figures on the places mean?',
        'For how many problems the place is ready: “9 of 11 ready”. An underlined figure means that something life-saving is missing there. Press it to see what.',
      ),
      ask(
        'I did it already. How do I say so?',
        'Press the button on the line, like “Done” or “Carried”. It is recorded, and the line goes. A message offers Undo for a while.',
      ),
      ask(
        'Not now. Can it wait?',
        'Press “Remind me later”. It comes back after your next visit there, or in a week where somebody always is. Until then you find it under “reminders set”.',
      ),
      ask(
        'I pressed the wrong thing.',
        'Press Undo in the message, or the key Z. Later you find every act, with what Undo would do, under Household.',
        '/household#lately',
        'Undo something',
      ),
      ask(
        'Something has happened right now.',
        'Press “Something happened”, on every screen, or the key I. The numbers to call stand on top. It works without a connection.',
        '/incident',
        'Something happened',
      ),
    ],
  },
  kits: {
    title: 'Help: Kits',
    lead: 'Every bag, box and shelf, opened as if it were unpacked on a mat: all of it in sight, nothing under anything.',
    questions: [
      ask(
        'What do the shapes of the tags mean?',
        'Straight: usable. A cut corner: expires before the next check. A torn edge: no longer usable. An outline only: none here. Stripes: on hold, or not for somebody who is there.',
      ),
      ask(
        'How do I take something out?',
        'Press its tag, then “Use some”. With keys: arrows to the tag, Enter, then U.',
      ),
      ask(
        'How do I add something?',
        'Press + on the pocket and type its name. If we know it, name, strength and unit are filled in.',
      ),
      ask(
        'How do I check a kit?',
        'Press “Start a round”. It leads you pocket by pocket, works without a connection, and is signed at the end.',
        '/rounds',
        'Check a kit',
      ),
      ask(
        'I have a list already.',
        'Import it, from a file or pasted. Any columns and any order; we ask about what we cannot read.',
        '/bring-in',
        'Import a list',
      ),
      ask(
        'How do I print what is in a kit?',
        'Every kit has a lid sheet: what is in it, until when, whom to call.',
        '/print',
        'Print',
      ),
    ],
  },
  cover: {
    title: 'Help: Ready',
    lead: 'Whether you could help: for each problem and each of you, with what is there and usable.',
    questions: [
      ask(
        'How do I read the board?',
        'Rows are problems, columns are people and animals, or kits. A cell says what you would use, or why nothing suits. Press it for the whole answer.',
        '/cover',
        'Open the board',
      ),
      ask(
        'What if we take this bag along?',
        'Above the board you can take kits away, leave somebody out and choose a day. Nothing is changed by it.',
      ),
      ask(
        'What would we do if …?',
        'Choose who and what. You see what to use, in which order, where it is, and whom to call.',
        '/cover/if',
        'If something happens',
      ),
      ask(
        'Could the sitter cope?',
        'Say who is in their care and what they have been taught. You get what they could do, and a page for them to hold.',
        '/cover/evening',
        'Could the sitter cope?',
      ),
      ask(
        'A thing is there, but the board says nothing suits.',
        'Perhaps we do not know yet what it is. Say so, and it counts at once.',
        '/cover/items',
        'What things are',
      ),
      ask(
        'We do not want to keep this ready.',
        'Leave the problem out for that place, with your reason. It is never counted as covered; it is listed as left out.',
      ),
    ],
  },
  bench: {
    title: 'Help: Doses',
    lead: 'How much to give, drawn and with its sum. Only where a rule says so: a label, or what your prescriber or vet told you.',
    questions: [
      ask(
        'Why is there no amount?',
        'Something is missing or speaks against it: no rule, an old weight, a strength nobody confirmed, a condition. The reason is named, with whom to call and what to read out.',
      ),
      ask(
        'How do I write down what the vet said?',
        'Write a dose card: for whom, what, how much, how often, who said it and when. Then it is worked out like a label.',
        '/bench/cards',
        'Dose cards',
      ),
      ask(
        'I gave it. What now?',
        'Press “Given”. From then on the next dose waits its time, also for another product with the same ingredient.',
      ),
      ask(
        'How do I mix this?',
        'Choose a mix and how much you need. You see it in spoons, cups and millilitres.',
        '/bench/mixes',
        'Mixes',
      ),
      ask(
        'Will the regular medicine last?',
        'Under Prescriptions you see how many days are left, and when to ask for more.',
        '/bench/courses',
        'Prescriptions',
      ),
      ask(
        'Is this medical advice?',
        'No. It does the sum that the rule asks for and shows where the rule is from. The label, the prescriber, the vet and the poison line come first.',
      ),
    ],
  },
  restock: {
    title: 'Help: Restock',
    lead: 'What to buy, what to carry from one place to another, and what to let expire.',
    questions: [
      ask(
        'Where does the shopping list come from?',
        'From your targets and your errands, or from the plan. You can add lines by hand.',
        '/restock',
        'To buy',
      ),
      ask(
        'What does the plan do?',
        'It looks at all places, dates, prices and visits at once and finds the cheapest way to keep your targets. It says what, when and why.',
        '/restock/plan',
        'Plan',
      ),
      ask(
        'I bought it. How does it get into the kit?',
        'Tick it in the shop. At home press “Put away”: read or scan the date, and it is in its pocket.',
      ),
      ask(
        'The shop had none.',
        'Say “Not available”. We propose what else would do, with what is different about it.',
      ),
      ask(
        'A batch is recalled.',
        'Look under Recalls. What you have of it is put on hold, with where it is.',
        '/restock/recalls',
        'Recalls',
      ),
    ],
  },
  household: {
    title: 'Help: Household',
    lead: 'Who belongs to it, where it keeps things, and how it writes dates and money.',
    questions: [
      ask(
        'Why do you ask about allergies?',
        'So that nothing is offered that could harm. “None” is an answer. As long as nobody has answered, we treat it as unknown and say so.',
      ),
      ask(
        'Somebody stays for a weekend.',
        'Add a guest: three facts are enough. After their last day they are not counted any more. When they come again, press their name.',
        '/household',
        'Household',
      ),
      ask(
        'We are only there now and then.',
        'Say when somebody is at a place: always, on some days of the week, in a season, or on visits. Visits can come from your calendar.',
        '/household#places',
        'Places and visits',
      ),
      ask(
        'The number to call is wrong.',
        'Choose your country or type your own number in the settings.',
        '/settings#where',
        'Numbers to call',
      ),
      ask(
        'Where is my data?',
        'In the database of this installation, and on your device for when there is no connection. You can save all of it as a file at any time.',
        '/account#whole',
        'Save everything',
      ),
    ],
  },
} as const satisfies Record<string, HelpPage>

export type HelpId = keyof typeof helpPages

export const help = {
  pages: 'Pages of help',
  keys: 'Keys',
} as const
