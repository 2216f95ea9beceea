/** English for cover and a sitter’s evening. */
import { type RoleId, roleName } from '../core/catalogue/roles'
import { SKILLS, type SkillId } from '../core/catalogue/skills'
import type { Step } from '../core/cover/candidates'
import type { CellState } from '../core/cover/cellState'
import type { Closing } from '../core/cover/closing'
import type { Part, Tier } from '../core/cover/need'
import type { MissingLink } from '../core/judgement/evening'
import { GRADE_NAMES, objectionText } from './care/objections'
import { list, lowered, money, reach, uses } from './frame/format'
import { type Ready, ready } from './frame/ready'
import { CELL_SENTENCES, CELL_STATES } from './frame/states'

function step(one: Step, kitName: (kitId: string) => string, currency: string): string {
  switch (one.kind) {
    case 'move':
      return `bring ${one.title} from ${kitName(one.kitId)}`
    case 'buy':
      return `buy ${one.title}, ${one.packs === 1 ? 'one pack' : `${one.packs} packs`}${one.costMinor === null ? '' : `, about ${money(one.costMinor, currency)}`}`
    case 'learn':
      return `have somebody taught and signed off: ${SKILLS[one.skill].name.toLowerCase()} (${one.title} is here)`
  }
}

export const cover = {
  title: 'Ready',
  tabs: {
    label: 'Parts of Ready',
    board: 'Board',
    if: 'If something happens',
    evening: 'Could the sitter cope?',
    lists: 'Proposed lists',
    items: 'What things are',
  },
  headline: ready.headline,
  under: ({ ready: held, of }: Ready): string =>
    `Ready for ${held} of ${of} life-saving and urgent problems, plan B included. It counts what there is; it gives no advice. Call first, the label and the prescriber win.`,
  /** What nobody expects of kits like these. */
  notExpected: (ranges: readonly string[]): string =>
    `These kits are judged for what they are for: ${list(ranges)}. More is expected of kits that reach further.`,
  ifHappens: {
    title: 'If something happens',
    whom: 'To whom',
    what: 'What happens',
    headline: (need: string, whom: string, place: string, state: CellState): string =>
      `${need}, ${whom}, ${place}: ${CELL_STATES[state]}`,
    hands: (skill: SkillId, by: readonly string[]): string =>
      by.length === 0
        ? `Nobody there is signed off: ${lowered(SKILLS[skill].name)}`
        : `${list(by)} ${by.length === 1 ? 'has' : 'have'} been taught: ${lowered(SKILLS[skill].name)}`,
    withSitter: 'With the sitter’s hands alone.',
    sitter: (skill: SkillId, isTaught: boolean): string =>
      `${isTaught ? 'The sitter knows' : 'The sitter has not been shown'}: ${lowered(SKILLS[skill].name)}`,
    help: (place: string, minutes: number | null): string =>
      minutes === null
        ? `Nobody has said how far help is from ${place}.`
        : `Help is ${minutes === 1 ? 'one minute' : `${minutes} minutes`} from ${place}.`,
    elsewhere: 'At the other places',
    onlyCounts: 'It counts what there is; it gives no advice.',
    past: 'This day has passed. History shows what was there then.',
  },
  leftOut: {
    title: 'Not kept ready here',
    press: 'Not needed here',
    explain: 'We then leave it out of everything at this place, until you want it again.',
    of: (need: string, member: string | null): string =>
      member === null ? need : `${need} for ${member}`,
    only: (member: string): string => `Only for ${member}`,
    everybody: 'For everybody here',
    reason: 'Why not',
    reasonHint: 'Two minutes to the ward; the car beside it has one',
    save: 'Leave it out',
    did: (need: string): string => `${need} is left out here`,
    back: 'Keep it ready again',
    backLong: (need: string): string => `Keep it ready again: ${need}`,
    backDid: (need: string): string => `${need} is expected again`,
  },
  place: 'Where',
  kits: 'With these kits',
  on: 'On',
  days: 'Days to hold out',
  without: 'Without',
  withoutNone: 'imagine an item is gone',
  back: (name: string): string => `Bring back ${name}`,
  takeAway: (name: string): string => `Without ${name}`,
  reset: 'As it is today',
  by: { label: 'Columns', members: 'People and animals', kits: 'Kits' },
  onlyGaps: 'Only gaps',
  need: 'Need',
  party: 'All',
  together: (state: CellState): string => `all at once: ${CELL_STATES[state]}`,
  tiers: { life: 'Life-saving', urgent: 'Urgent', comfort: 'Comfort' } satisfies Record<
    Tier,
    string
  >,
  cell: (state: CellState, have: number, need: number): string =>
    state === 'thin'
      ? `${uses(have)} of ${uses(need)}`
      : state === 'covered'
        ? ''
        : CELL_STATES[state],
  cellLong: (need: string, whom: string, state: CellState, have: number, asked: number): string =>
    `${need}, ${whom}: ${state === 'thin' ? `${CELL_STATES.thin}, ${uses(have)} of ${uses(asked)} uses` : CELL_STATES[state]}`,
  states: CELL_STATES,
  legend:
    `Straight: ${CELL_STATES.covered}. Clipped: ${CELL_STATES.plan_b}. Part filled: ${CELL_STATES.thin}. ` +
    `Hatched: ${CELL_STATES.held}. Dashed: ${CELL_STATES.none}.`,
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
    `${title}${count > 1 ? ` × ${uses(count)}` : ''} · ${where}${seconds === null ? '' : ` · ${reach(seconds)}`}`,
  /** Of what saves a life and lies further than at hand. */
  farAway: (minutes: number): string =>
    `The nearest is ${minutes} minutes away, and here minutes count. Keep one within reach.`,
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
    `then ${state === 'thin' ? `${uses(have)} of ${uses(need)}` : CELL_STATES[state]}`,
  caution: 'Careful',
  callFirst: 'First',
  sourceOf: (source: string): string => `After: ${source}.`,
  noMembers: 'Add the people and animals first. We check every kit for each of them.',
  noPlaces: 'Add a place first.',
  unmatched: (count: number): string =>
    count === 1
      ? 'One item is not matched with the catalogue and covers nothing yet.'
      : `${count} items are not matched with the catalogue and cover nothing yet.`,
  match: 'Say what they are',
} as const

export const evening = {
  title: 'Could the sitter cope?',
  headline: (links: number, ready: number, of: number): string =>
    of === 0
      ? 'Nobody is in the sitter’s care'
      : links === 0
        ? 'The sitter could cope'
        : `${links === 1 ? 'One link is' : `${links} links are`} missing; ready for ${ready} of ${of}`,
  handOver: 'Hand an evening to the sitter',
  under: 'Life-saving and urgent problems, counted as on the board, with the sitter’s hands alone.',
  whatThere: 'What is there',
  where: 'Where',
  when: 'Which evening',
  care: 'In their care',
  skills: 'What the sitter has been taught',
  none: 'none of these',
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
            : CELL_SENTENCES[one.state],
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

/** What somebody did, after a name: "Ilse …". */
export const coverPast = {
  need_left_out: 'said what is not kept ready at a place',
  need_expected: 'expects something at a place again',
} as const
