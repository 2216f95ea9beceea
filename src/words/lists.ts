/** English for proposed lists. */
import { list, uses } from './frame/format'

export const lists = {
  title: 'Proposed lists',
  headline: (place: string, count: number): string =>
    count === 0
      ? `Every proposed line for ${place} is decided`
      : `${count} ${count === 1 ? 'line' : 'lines'} proposed for ${place}`,
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

/** What somebody did, after a name: "Ilse …". */
export const listsPast = {
  list_decided: 'decided on a proposed list',
} as const
