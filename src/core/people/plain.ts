/** What a child who helps may find: things that hold nothing and go into nobody. */
import type { CatalogueEntry } from '../catalogue/entry'
import type { OwnFacts } from '../catalogue/ownFacts'
import type { SubstanceId } from '../catalogue/substances'
import type { ItemKind } from '../stock/itemKind'

const KINDS: readonly ItemKind[] = ['sterile', 'supply', 'instrument', 'battery', 'paper', 'food']
/** What a thing is made of, not what is in it to be taken up. */
export const MATERIALS: readonly SubstanceId[] = [
  'adhesive',
  'latex',
  'colophony',
  'acrylate',
  'nickel',
]

/**
 * Whether a thing is known to be no medicine whatever: matched to such an entry, with nothing of its own
 * said of what is in it. Unknown counts as a medicine.
 */
export const isPlainThing = ({
  entry,
  kind,
  own,
}: {
  readonly entry: CatalogueEntry | null | undefined
  readonly kind: ItemKind
  readonly own: Pick<OwnFacts, 'contains'>
}): boolean => !!entry && isPlain({ ...entry, kind }) && !own.contains?.length

/** Whether an entry of the catalogue is no medicine whatever; everything else counts as one. */
export const isPlain = (
  entry: Pick<CatalogueEntry, 'kind' | 'route' | 'ingredients' | 'contains'>,
): boolean =>
  KINDS.includes(entry.kind) &&
  entry.route === 'none' &&
  entry.ingredients.length === 0 &&
  entry.contains.every((substance) => MATERIALS.includes(substance))
