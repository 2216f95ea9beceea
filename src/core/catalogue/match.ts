/** Finds the catalogue entry that people mean by a name: other words and slips of spelling are borne. */
import { CATALOGUE } from './catalogue'
import type { CatalogueEntry } from './entry'

export interface Match {
  readonly entry: CatalogueEntry
  /** 0 to 1. From {@link CLEAR} on, and clearly ahead of the next, it may be taken together with others. */
  readonly score: number
}

export const CLEAR = 0.8
const CLEAR_AHEAD = 0.08

const normal = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[̀-ͯ]/g, '')
    .replace(/[’']/g, '')
    .replace(/µg|mcg/g, 'ug')
    .replace(/(\d),(\d)/g, '$1.$2')
    .replace(/(\d)\s*(mg|ug|g|ml|l|cm|mm|%)/g, '$1$2')
    .replace(/[^a-z0-9.%/]+/g, ' ')
    .trim()

const stem = (word: string): string =>
  word.length > 3 && word.endsWith('s') && !word.endsWith('ss') ? word.slice(0, -1) : word

const wordsOf = (text: string): readonly string[] =>
  normal(text)
    .split(' ')
    .filter((word) => word !== '' && !FILLERS.has(word))
    .map(stem)

const FILLERS = new Set([
  'the',
  'a',
  'of',
  'for',
  'with',
  'and',
  'in',
  'to',
  'x',
  'per',
  'pack',
  'box',
  'sterile',
  'assorted',
  'small',
  'large',
  'new',
])

interface Indexed {
  readonly entry: CatalogueEntry
  /** Each way to say it. */
  readonly names: readonly (readonly string[])[]
  readonly strength: string
}

const index = (entries: readonly CatalogueEntry[]): readonly Indexed[] =>
  entries.map((entry) => ({
    entry,
    names: [entry.name, ...entry.also].map(wordsOf),
    strength: normal(entry.strength).replace(/ /g, ''),
  }))

let shipped: readonly Indexed[] | undefined

/**
 * The entries that fit best, best first.
 * @param strength as on the pack; tells apart what goes by the same name
 */
export function matches(name: string, strength: string, most = 5): readonly Match[] {
  shipped ??= index(CATALOGUE)
  const wanted = wordsOf(name)
  if (wanted.length === 0) return []
  const wantedStrength = normal(strength).replace(/ /g, '')
  return shipped
    .map(({ entry, names, strength: printed }) => {
      const best = Math.max(...names.map((words) => likeness(wanted, words)))
      return { entry, score: Math.min(1, best * 0.94 + strengthLikeness(wantedStrength, printed)) }
    })
    .filter(({ score }) => score >= 0.45)
    .sort((a, b) => b.score - a.score || a.entry.name.length - b.entry.name.length)
    .slice(0, most)
}

/** The one match that is clear enough to be offered ticked, or null. */
export function clearMatch(found: readonly Match[]): CatalogueEntry | null {
  const [first, second] = found
  if (!first || first.score < CLEAR) return null
  return second && first.score - second.score < CLEAR_AHEAD && first.score < 0.99
    ? null
    : first.entry
}

/** Up to 0.06 for the same strength; a contradiction weighs heavily, since it is another thing. */
function strengthLikeness(wanted: string, printed: string): number {
  if (wanted === '' || printed === '') return wanted === printed ? 0.06 : 0.03
  return wanted === printed ? 0.06 : -0.1
}

/** How alike two names are, 0 to 1: words found in each other, weighed by their length. */
function likeness(wanted: readonly string[], words: readonly string[]): number {
  const found = (from: readonly string[], among: readonly string[]): number => {
    const total = from.reduce((sum, word) => sum + word.length, 0)
    const hit = from.reduce(
      (sum, word) =>
        sum + word.length * Math.max(0, ...among.map((other) => wordLikeness(word, other))),
      0,
    )
    return total === 0 ? 0 : hit / total
  }
  const forth = found(wanted, words)
  const back = found(words, wanted)
  return forth + back === 0 ? 0 : (2 * forth * back) / (forth + back)
}

function wordLikeness(a: string, b: string): number {
  if (a === b) return 1
  if (Math.min(a.length, b.length) >= 5 && (a.startsWith(b) || b.startsWith(a))) return 0.9
  const most = a.length <= 4 ? 0 : a.length <= 7 ? 1 : 2
  return editsWithin(a, b, most) ? 0.85 : 0
}

/** Whether so many slips (a letter more, less, other or swapped) lead from one word to the other. */
function editsWithin(a: string, b: string, most: number): boolean {
  if (Math.abs(a.length - b.length) > most) return false
  let before: number[] = []
  let last = Array.from({ length: b.length + 1 }, (_, at) => at)
  for (let i = 1; i <= a.length; i++) {
    const row = [i]
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1]
      let cost = Math.min(
        (last[j] ?? 0) + 1,
        (row[j - 1] ?? 0) + 1,
        (last[j - 1] ?? 0) + (same ? 0 : 1),
      )
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        cost = Math.min(cost, (before[j - 2] ?? 0) + 1)
      row.push(cost)
    }
    before = last
    last = row
  }
  return (last[b.length] ?? most + 1) <= most
}
