/** How a thing is to be kept, and who says so. */
import type { CatalogueEntry, Form } from '../catalogue/entry'
import { type ItemFacts, itemFacts } from '../catalogue/itemFacts'
import type { StorageClass } from '../catalogue/storageClass'
import type { Item } from '../stock/item'

export interface Keeping {
  readonly storage: StorageClass | null
  /** The household copied it from the label; or it is what the catalogue takes for usual. */
  readonly source: 'label' | 'catalogue' | null
  /** Frost spoils it: what is liquid, unless its label allows it. */
  readonly frostHarms: boolean
  /** Of one; null where nobody has said. */
  readonly millilitres: number | null
}

/** Dry textiles, paper and metal: no temperature of a household harms them. */
const HARDY: ReadonlySet<Form> = new Set(['tool', 'cloth', 'paper', 'pad', 'roll'])
const WET: ReadonlySet<Form> = new Set(['liquid', 'drops', 'spray', 'gel', 'cream', 'injector'])

/** Without a word on its label a thing is kept as its catalogue entry says; without one it is unknown. */
export function keepingOf({
  own,
  entry,
  form,
  isMedicine,
  millilitres,
}: Pick<ItemFacts, 'own' | 'entry' | 'form' | 'isMedicine' | 'millilitres'>): Keeping {
  const isWet = (form !== null && WET.has(form)) || millilitres !== null
  const of = (
    storage: StorageClass | null,
    source: Keeping['source'],
    frostHarms: boolean,
  ): Keeping => ({ storage, source, frostHarms, millilitres })
  if (own.storage)
    return of(
      own.storage,
      'label',
      own.storage === 'never-frozen' ||
        own.storage === 'fridge' ||
        (own.storage !== 'no-limit' && (isWet || (entry?.storage.frostHarms ?? false))),
    )
  if (!entry) return of(null, null, isWet)
  const { from, to, frostHarms } = entry.storage
  const frost = frostHarms || (isMedicine && isWet)
  if (to <= 8) return of('fridge', 'catalogue', true)
  if (to > 30) return of('no-limit', 'catalogue', frost)
  if (to <= 25) return of(from >= 15 ? 'room' : 'below-25', 'catalogue', frost)
  if (isMedicine) return of('below-30', 'catalogue', frost)
  return HARDY.has(entry.form) ? of('no-limit', 'catalogue', frost) : of(null, null, frost)
}

/** Of an item of the household, with what the catalogue says of it. */
export const keepingOfItem = (item: Item, entries: ReadonlyMap<string, CatalogueEntry>): Keeping =>
  keepingOf(itemFacts(item, entries.get(item.catalogueId ?? '') ?? null, item.own))
