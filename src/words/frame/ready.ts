/** English for what a place or a member is ready for, and for what a kit holds of what belongs in it. */
import { list, lowered, numberWord } from './format'

export interface Ready {
  readonly ready: number
  readonly of: number
}

/** So many names are said; the rest is counted. */
const NAMED = 3

export const ready = {
  /** What a place is not ready for, first of all. */
  headline: (place: string, gaps: readonly string[], all: number): string =>
    all === 0
      ? `${place}: nobody is expected there`
      : gaps.length === 0
        ? `${place}: nothing life-saving is missing`
        : `${place} is not ready for ${list(gaps.slice(0, 2).map(lowered))}${gaps.length > 2 ? `, and ${numberWord(gaps.length - 2)} more` : ''}`,
  /** Beside the name of what it is about; the word "ready" stands beside it, small. */
  figure: (one: Ready | null): string => (one === null ? '–' : `${one.ready} of ${one.of}`),
  ready: 'ready',
  /** The same for ears: which place, and what is missing there. It begins as it is written. */
  long: (
    place: string,
    one: Ready & { readonly missing: readonly { readonly name: string }[] },
  ): string =>
    `${one.ready} of ${one.of} ready: ${place}${one.missing.length === 0 ? '' : `. Missing: ${names(one.missing.map(({ name }) => name))}`}`,
  nobody: (place: string): string => `${place}: nobody is expected there`,
  missing: (problems: readonly string[]): string =>
    problems.length === 0 ? 'Nothing is missing' : `Missing: ${names(problems)}`,
  /** What belongs in a kit against what is there. */
  targets: ({ met, of }: { readonly met: number; readonly of: number }): string =>
    of === 0 ? 'no targets set' : `${met} of ${of} ${of === 1 ? 'target' : 'targets'}`,
  targetsMissed: (count: number): string =>
    count === 1 ? 'One target is not met' : `${count} targets are not met`,
  targetsAllMet: 'Every target is met',
} as const

function names(all: readonly string[]): string {
  if (all.length <= NAMED + 1) return list(all)
  return `${all.slice(0, NAMED).join(', ')} and ${all.length - NAMED} more`
}
