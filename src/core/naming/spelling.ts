/** Words of the catalogue, and slips of spelling brought back to them. */
import { slipsAllowed, slipsWithin, stem } from './plainText'

export interface Spelling {
  readonly has: (word: string) => boolean
  /**
   * The words that a word stands for: itself, the one word it is a slip of, or the two it joins.
   * A slip that leads to two words leads to none.
   */
  readonly corrected: (word: string) => readonly string[]
}

/** @param ours every word that is right as it stands */
export function spellingOf(ours: ReadonlySet<string>): Spelling {
  const byLength = new Map<number, string[]>()
  for (const word of ours) {
    if (!/^[a-z]{5,}$/.test(word)) continue
    const of = byLength.get(word.length) ?? []
    of.push(word)
    byLength.set(word.length, of)
  }
  const known = new Map<string, readonly string[]>()
  const slipOf = (word: string): string | null => {
    const most = slipsAllowed(word)
    for (let slips = 1; slips <= most; slips++) {
      const near: string[] = []
      for (let length = word.length - slips; length <= word.length + slips; length++)
        for (const other of byLength.get(length) ?? [])
          if (slipsWithin(word, other, slips)) near.push(other)
      if (near.length > 0) return near.length === 1 ? (near[0] ?? null) : null
    }
    return null
  }
  const splitOf = (word: string): readonly string[] | null => {
    for (let at = 3; at <= word.length - 3; at++) {
      const parts = [word.slice(0, at), stem(word.slice(at))]
      if (parts.every((part) => ours.has(part))) return parts
    }
    return null
  }
  return {
    has: (word) => ours.has(word),
    corrected(word) {
      if (ours.has(word) || !/^[a-z]+$/.test(word)) return [word]
      const before = known.get(word)
      if (before) return before
      const slip = slipOf(word)
      const found = slip === null ? (splitOf(word) ?? [word]) : [slip]
      // Lists are short, but a fuzzed one need not be.
      if (known.size > 20_000) known.clear()
      known.set(word, found)
      return found
    },
  }
}
