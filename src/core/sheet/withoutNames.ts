/** Names of members taken out of what others read. */

const GONE = '…'
/** "…: asthma" says no more than "asthma". */
const tidied = (text: string): string =>
  text
    .replace(/^…\s*[:,]\s*/, '')
    .replace(/\s*[:,]\s*…$/, '')
    .replace(/^\p{Ll}/u, (letter) => (text.startsWith(GONE) ? letter.toUpperCase() : letter))

/** Replaces the whole words that are members' names. */
export function withoutNames(names: readonly string[]): (text: string) => string {
  const words = names.flatMap((name) => name.split(/\s+/)).filter((word) => word.length > 1)
  if (words.length === 0) return (text) => text
  const escaped = words.map((word) => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'))
  const pattern = new RegExp(
    `(?<![\\p{L}\\p{N}])(?:${escaped.join('|')})(?:['’]s)?(?![\\p{L}\\p{N}])`,
    'giu',
  )
  return (text) => tidied(text.replace(pattern, GONE))
}
