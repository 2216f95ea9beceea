/** English for proposed lists. */
import { list, uses } from './frame/format'

export const lists = {
  title: 'Proposed lists',
  headline: (place: string, count: number): string =>
    count === 0
      ? `Every proposed line for ${place} is decided`
      : `${count} ${count === 1 ? 'line' : 'lines'} proposed for ${place}`,
  under: (cost: string): string =>
    `Based on who is there, what can happen and how far help is. Accept a line, and that many belong there. Leave it out, and your reason is kept. What is missing would cost about ${cost}.`,
  who: 'For these',
  days: 'Days to hold out',
  into: 'Into',
  acceptAll: (count: number): string => `Accept ${count === 1 ? 'the line' : `all ${count}`}`,
  accept: 'Accept',
  overrule: 'Leave out',
  reopen: 'Decide again',
  why: 'Why',
  notHere: 'Why not?',
  keepOut: 'Leave it out',
  cancel: 'Cancel',
  accepted: 'accepted',
  overruled: 'left out',
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
  former: 'Left over from earlier days?',
  formerWhy: {
    nobody_it_suits: 'suits nobody who is here any more',
    no_need_here: 'is not needed here',
  },
  makeKit: 'Add a kit',
  kitName: 'First kit',
  noMembers: 'Add the people and animals first. The list depends on them.',
  cost: (cost: string): string => `about ${cost}`,
  free: 'here already',
} as const

/** What somebody did, after a name: "Ilse …". */
export const listsPast = {
  list_decided: 'decided on a proposed list',
} as const
