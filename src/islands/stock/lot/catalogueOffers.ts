/** The catalogue while one types: its titles under both names of an ingredient, and what a name is taken for. */
import { CATALOGUE } from '../../../core/catalogue/catalogue'
import { itemFacts } from '../../../core/catalogue/itemFacts'
import { proposeEntry } from '../../../core/naming/proposeEntry'
import { shownName } from '../../../core/naming/shownName'
import { itemTitle } from '../../../core/stock/item'
import * as words from '../../../words'

export interface Offered {
  readonly id: string
  readonly name: string
  readonly strength: string
  readonly unit: string
}

/** By title; both "Paracetamol 500 mg" and "Acetaminophen 500 mg" lead to the one entry. */
export const TITLES: ReadonlyMap<string, Offered> = new Map(
  CATALOGUE.flatMap((entry) =>
    ['US', 'GB'].map((country) => {
      const { id, strength, unit } = entry
      const name = shownName(entry.name, country)
      return [itemTitle({ name, strength }), { id, name, strength, unit }] as const
    }),
  ),
)

export interface Taken {
  readonly id: string
  readonly title: string
  /** What it would count as, or what is open. */
  readonly says: string
}

/** What a name is taken for: one thing where nothing is open, else what it may be. */
export function takenFor(
  name: string,
  strength: string,
  unit: string,
): {
  readonly isSure: boolean
  readonly entries: readonly Taken[]
} {
  const found = proposeEntry({ name, strength, unit })
  const item = { name, strength, unit, kind: 'supply' as const }
  if (found.kind === 'sure')
    return {
      isSure: true,
      entries: [
        {
          id: found.entry.id,
          title: itemTitle(found.entry),
          says: words.items.countsAs(itemFacts(item, found.entry, {}), unit).join(' · '),
        },
      ],
    }
  if (found.kind === 'unknown') return { isSure: false, entries: [] }
  return {
    isSure: false,
    entries: found.candidates.map(({ entry, open }) => ({
      id: entry.id,
      title: itemTitle(entry),
      says: open.slice(0, 2).map(words.items.open).join(' · '),
    })),
  }
}
