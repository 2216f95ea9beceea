/**
 * What a name says of a thing: what is in it, how strong, in which form, where it goes, whom it
 * is made for, what it is without. Nothing is guessed: a word that is not understood is kept as
 * such, and whoever compares names may not overlook it.
 */
import type { Route } from '../catalogue/entry'
import { SUBSTANCE_IDS, type SubstanceId, substanceWords } from '../catalogue/substances'
import type { Species } from '../household/species'
import { plainText, stem } from './plainText'
import { type Printed, readPrinted } from './printed'
import {
  DOUBTS,
  type Doubt,
  FORM_WORDS,
  ROUTE_WORDS,
  SIZE_WORDS,
  SPECIES_WORDS,
  WITHOUT_EVIDENCE,
} from './vocabulary'

export interface ThingName {
  /** What the name says is in it. */
  readonly substances: ReadonlySet<SubstanceId>
  /** What the name says is not in it ("latex-free"): a substance, or the word as written. */
  readonly without: ReadonlySet<string>
  readonly printed: readonly Printed[]
  readonly forms: ReadonlySet<string>
  readonly routes: ReadonlySet<Route>
  /** Null where the name says nothing of whom it is for. */
  readonly species: readonly Species[] | null
  readonly doubts: ReadonlySet<Doubt>
  readonly withoutEvidence: boolean
  /** Several things are named together: "X + Y", "X and Y", "X with Y". */
  readonly isJoined: boolean
  /** Every word that says something, in the singular; what it is without as "not:latex". */
  readonly words: readonly string[]
}

interface Phrase {
  readonly words: readonly string[]
  readonly substance: SubstanceId
}

const wordsIn = (text: string): readonly string[] =>
  text
    .replace(/[^a-z0-9:%#.]+/g, ' ')
    .split(' ')
    .map((word) => word.replace(/^\.+|\.+$/g, ''))
    .filter((word) => word !== '')

let phrases: readonly Phrase[] | undefined
/** Names of substances as words, the longest first: "tea tree oil" before "oil". */
const substancePhrases = (): readonly Phrase[] => {
  phrases ??= SUBSTANCE_IDS.flatMap((substance) =>
    substanceWords(substance).map((name) => ({
      substance,
      words: wordsIn(plainText(name).replace(/-/g, ' ')).map(stem),
    })),
  ).sort((a, b) => b.words.length - a.words.length)
  return phrases
}

const byFirstWord = (): ReadonlyMap<string, readonly Phrase[]> => {
  if (phrasesByFirst) return phrasesByFirst
  const found = new Map<string, Phrase[]>()
  for (const phrase of substancePhrases()) {
    const [first = ''] = phrase.words
    found.set(first, [...(found.get(first) ?? []), phrase])
  }
  phrasesByFirst = found
  return found
}
let phrasesByFirst: ReadonlyMap<string, readonly Phrase[]> | undefined

/** The substance that the words at a position name, with how many words it takes; null when none. */
function substanceAt(
  words: readonly string[],
  at: number,
): { readonly substance: SubstanceId; readonly length: number } | null {
  for (const { words: phrase, substance } of byFirstWord().get(words[at] ?? '') ?? [])
    if (phrase.every((word, offset) => words[at + offset] === word))
      return { substance, length: phrase.length }
  return null
}

/** Words of which the names of substances are made, so that a slip leads back to them. */
export const substanceSpellings = (): readonly string[] =>
  substancePhrases().flatMap(({ words }) => words)

const NEGATIONS: readonly RegExp[] = [
  /\b(?:free (?:of|from)|without|w\/o|no added|no|not|zero|minus|contains no|excluding) (?:any )?([a-z]{3,})\b/g,
  /\b([a-z]{3,})[- ]free\b/g,
  /\bnon[- ]?([a-z]{3,})\b/g,
]

/**
 * Reads a name together with its strength or size as written beside it.
 * @param corrected brings a slip of spelling back to the word that is meant
 * @example readName('Gloves, latex-free', 'M').without // Set { 'latex' }
 */
export function readName(
  name: string,
  strength = '',
  corrected: (word: string) => readonly string[] = (word) => [word],
): ThingName {
  const text = plainText(`${name} ${strength}`.replace(/guinea[- ]pigs?/gi, 'guinea-pig'))
  const doubts = new Set(DOUBTS.flatMap(([doubt, pattern]) => (pattern.test(text) ? [doubt] : [])))
  const { printed, rest } = readPrinted(text)
  const without = new Set<string>()
  let positive = rest.replace(/\bextra large\b/g, 'xl').replace(/\bguinea-pig\b/g, 'guinea_pig')
  for (const pattern of NEGATIONS)
    positive = positive.replace(pattern, (_, word: string) => {
      const [one = word] = corrected(stem(word))
      without.add(substanceAt([one], 0)?.substance ?? one)
      return ' '
    })
  const raw = wordsIn(positive.replace(/_/g, '#').replace(/-/g, ' ')).flatMap((word) =>
    word === 'guinea#pig' ? ['guinea-pig'] : corrected(stem(word)),
  )
  const substances = new Set<SubstanceId>()
  const forms = new Set<string>()
  const routes = new Set<Route>()
  const species = new Set<Species>()
  const words: string[] = []
  for (let at = 0; at < raw.length; ) {
    const named = substanceAt(raw, at)
    if (named) {
      substances.add(named.substance)
      words.push(`is:${named.substance}`)
      at += named.length
      continue
    }
    const word = raw[at] ?? ''
    at += 1
    const form = Object.hasOwn(FORM_WORDS, word) ? FORM_WORDS[word] : undefined
    const route = Object.hasOwn(ROUTE_WORDS, word) ? ROUTE_WORDS[word] : undefined
    const kinds = Object.hasOwn(SPECIES_WORDS, word) ? SPECIES_WORDS[word] : undefined
    if (form !== undefined) forms.add(form)
    if (route !== undefined) routes.add(route)
    for (const kind of kinds ?? []) species.add(kind)
    // One form is one word, however it is called: a syrup is a liquid.
    words.push(form ?? (Object.hasOwn(SIZE_WORDS, word) ? (SIZE_WORDS[word] ?? word) : word))
  }
  for (const one of without) words.push(`not:${one}`)
  return {
    substances,
    without,
    printed,
    forms,
    routes,
    species: species.size === 0 ? null : [...species],
    doubts,
    withoutEvidence: WITHOUT_EVIDENCE.test(text),
    isJoined: /[+&]|\band\b|\bwith\b|\bplus\b|[a-z] ?\/ ?[a-z]/.test(rest),
    words,
  }
}
