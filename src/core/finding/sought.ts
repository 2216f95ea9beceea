/**
 * What somebody looks for, as it was typed: "where are the tweezers", "lid shet". Pure: the server asks
 * it of the record, the screen of its own pages.
 */
import { plainText, slipsWithin, stem } from '../naming/plainText'

/** Said around what is meant; they find nothing themselves. */
const FILLERS = new Set(
  `a an and any are at can could do does find for from get give has have how i in is it me my need of on or our
   please show some that the there this to want was we what when where which who whom with you your`
    .split(/\s+/)
    .filter(Boolean),
)
/** Up to here a slip leads to too many words. */
const SHORT = 3
const OF_FIVE = 5

const WORD = /[\p{L}\p{N}%]+/gu

const wordsOf = (text: string): readonly string[] => plainText(text).match(WORD) ?? []

/** The words that say something; with nothing but fillers, none. */
export const sought = (text: string): readonly string[] =>
  wordsOf(text)
    .filter((word) => !FILLERS.has(word))
    .map(stem)

export interface Findable {
  readonly title: string
  /** What else it may be looked for by: purpose, place, note, other names. */
  readonly text: string
}

/** Slips that a word may have: a short one must begin as it should. */
const isSlip = (typed: string, word: string): boolean =>
  typed.length <= SHORT
    ? false
    : typed.length <= OF_FIVE
      ? typed[0] === word[0] && slipsWithin(typed, word, 1)
      : slipsWithin(typed, word, typed.length <= 8 ? 1 : 2)

const IN_TITLE = { same: 8, begins: 6, inside: 3, slip: 2 } as const
const BESIDE = { same: 3, begins: 2, inside: 1, slip: 0.5 } as const

function scoreIn(
  words: readonly string[],
  typed: string,
  worth: typeof IN_TITLE | typeof BESIDE,
  withSlips: boolean,
): number {
  let best = 0
  for (const word of words) {
    if (word === typed) return worth.same
    if (word.startsWith(typed)) best = Math.max(best, worth.begins)
    else if (typed.length >= SHORT && word.includes(typed)) best = Math.max(best, worth.inside)
    else if (withSlips && isSlip(typed, word)) best = Math.max(best, worth.slip)
  }
  return best
}

interface Words {
  readonly title: readonly string[]
  readonly beside: readonly string[]
}

/** What is looked through again with the next letter is taken apart once. */
const taken = new WeakMap<Findable, Words>()

function wordsIn(findable: Findable): Words {
  const known = taken.get(findable)
  if (known) return known
  const words = {
    title: wordsOf(findable.title).map(stem),
    beside: wordsOf(findable.text).map(stem),
  }
  taken.set(findable, words)
  return words
}

/** How well something answers; 0 where a word of the question is nowhere in it. */
export function matchOf(
  question: readonly string[],
  findable: Findable,
  withSlips = false,
): number {
  const { title, beside } = wordsIn(findable)
  let sum = 0
  for (const typed of question) {
    const score =
      scoreIn(title, typed, IN_TITLE, withSlips) || scoreIn(beside, typed, BESIDE, withSlips)
    if (score === 0) return 0
    sum += score
  }
  // Of two that answer as well, the one whose name says little else.
  return question.length === 0 ? 0 : sum - title.length / 100
}

export type Finding = <T extends Findable>(typed: string, all: readonly T[]) => readonly T[]

const finding =
  (withSlips: boolean): Finding =>
  (typed, all) => {
    const question = sought(typed)
    return all
      .map((one) => ({ one, score: matchOf(question, one, withSlips) }))
      .filter(({ score }) => score > 0)
      .sort((a, b) => b.score - a.score || a.one.title.localeCompare(b.one.title))
      .map(({ one }) => one)
  }

/** What answers a question as it is written, the best first. */
export const exactly = finding(false)

/** The same with slips: for what nothing answers as it is written. */
export const nearly = finding(true)

/**
 * What answers a question, the best first. Slips are looked for only where nothing answers as it is
 * written: a word that is right means what it says.
 */
export const findAmong: Finding = (typed, all) => {
  const found = exactly(typed, all)
  return found.length > 0 ? found : nearly(typed, all)
}
