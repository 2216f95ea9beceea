/** One ingredient under two names: which one is shown follows the household's country. */

/** In the United States and Canada · elsewhere. Both are found, typed and matched everywhere. */
const PAIRS: readonly (readonly [string, string])[] = [
  ['acetaminophen', 'paracetamol'],
  ['epinephrine', 'adrenaline'],
  ['albuterol', 'salbutamol'],
  ['lidocaine', 'lignocaine'],
  ['chlorpheniramine', 'chlorphenamine'],
  ['meclizine', 'meclozine'],
]
/** Lignocaine and meclozine are the older names; most countries print the other today. */
const EVERYWHERE_FIRST: ReadonlySet<string> = new Set(['lidocaine', 'meclizine'])
const AMERICAN: ReadonlySet<string> = new Set(['US', 'CA'])

/**
 * A title in the words of a country; the keeper's own words are never put through this.
 * @param country ISO 3166 code; "" shows the name first and the other in brackets where they differ
 * @example shownName('Acetaminophen liquid', 'GB') // 'Paracetamol liquid'
 */
export function shownName(title: string, country: string): string {
  let shown = title
  for (const [american, other] of PAIRS) {
    const wanted = AMERICAN.has(country) || EVERYWHERE_FIRST.has(american) ? american : other
    for (const name of [american, other]) {
      if (name === wanted) continue
      shown = shown.replace(new RegExp(`\\b${name}\\b`, 'gi'), (found) =>
        /^[A-Z]/.test(found) ? wanted.charAt(0).toUpperCase() + wanted.slice(1) : wanted,
      )
    }
  }
  return shown
}
