/** How many uses one pack gives, as people write it: "12", "12 uses", "141 g, 20 g a feed". */
import { plainText } from './plainText'
import { readPrinted } from './printed'

/**
 * @returns whole uses, rounded down; null where the text does not say
 * @example usesWritten('141 g, 20 g a feed') // 7
 */
export function usesWritten(written: string): number | null {
  const text = plainText(written)
  const plain = /^(\d+(?:\.\d+)?)(?: (?:uses?|doses?|times|portions?|feeds?))?$/.exec(text)
  if (plain) return Number(plain[1]) > 0 && Number(plain[1]) <= 1000 ? Number(plain[1]) : null
  const [whole, each, more] = readPrinted(text.replace(/,|;| at | by /g, ' ; ')).printed
  if (!whole || !each || more) return null
  const held =
    whole.kind === 'mass' && each.kind === 'mass'
      ? whole.micrograms / each.micrograms
      : whole.kind === 'volume' && each.kind === 'volume'
        ? whole.microlitres / each.microlitres
        : 0
  const uses = Math.floor(held)
  return uses >= 1 && uses <= 1000 ? uses : null
}
