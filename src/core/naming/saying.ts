/** What an item of the household is taken for, as it is put to the keeper: sure, asked or unknown. */
import type { CatalogueEntry } from '../catalogue/entry'
import { type ItemFacts, itemFacts } from '../catalogue/itemFacts'
import type { SubstanceId } from '../catalogue/substances'
import type { Item } from '../stock/item'
import { type Candidate, proposeEntry, type SetAside } from './proposeEntry'
import type { Doubt } from './vocabulary'

export type NamedItem = Pick<Item, 'id' | 'name' | 'strength' | 'unit' | 'kind' | 'own'>

export type Saying =
  | { readonly kind: 'sure'; readonly entry: CatalogueEntry; readonly facts: ItemFacts }
  /** The thing is sure; how many uses one of it gives is not. */
  | { readonly kind: 'uses'; readonly entry: CatalogueEntry; readonly facts: ItemFacts }
  | { readonly kind: 'asked'; readonly candidates: readonly Candidate[] }
  | {
      readonly kind: 'unknown'
      readonly setAside: SetAside | null
      readonly substances: readonly SubstanceId[]
      readonly doubts: readonly Doubt[]
    }

/** What to put to the keeper about an item that nobody has matched. */
export function sayingOf(item: NamedItem): Saying {
  const proposal = proposeEntry(item)
  switch (proposal.kind) {
    case 'sure': {
      const facts = itemFacts(item, proposal.entry, item.own)
      return { kind: facts.usesKnown ? 'sure' : 'uses', entry: proposal.entry, facts }
    }
    case 'asked':
      return { kind: 'asked', candidates: proposal.candidates }
    case 'unknown':
      return {
        kind: 'unknown',
        setAside: proposal.setAside,
        substances: [...proposal.name.substances],
        doubts: [...proposal.name.doubts],
      }
  }
}
