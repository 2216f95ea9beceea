/** What a household has already, by the names that a list uses, and how names compare. */
import type { Amount } from '../quantity/amount'

/** What the household has, by its readers' names. */
export interface Known {
  readonly items: readonly {
    readonly id: string
    readonly name: string
    readonly strength: string
    readonly unit: string
  }[]
  readonly pockets: readonly {
    readonly id: string
    readonly place: string
    readonly kit: string
    readonly pocket: string
  }[]
  readonly lots: readonly {
    readonly itemId: string
    readonly pocketId: string
    readonly amount: Amount
    readonly expiry: string
    readonly openedOn: string | null
    readonly batch: string
  }[]
  readonly pars: readonly {
    readonly itemId: string
    readonly pocketId: string
    readonly amount: Amount
  }[]
}

export interface Site {
  readonly place: string
  readonly kit: string
  readonly pocket: string
}

/** Names compare without case, doubled spaces and marks over letters. */
export const nameKey = (name: string): string =>
  name.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase().replace(/\s+/g, ' ').trim()

export const itemKey = (item: { readonly name: string; readonly strength: string }): string =>
  `${nameKey(item.name)}|${nameKey(item.strength)}`

export const siteKey = (site: Site): string =>
  `${nameKey(site.place)}|${nameKey(site.kit)}|${nameKey(site.pocket)}`

/** "Car / boot box / lid" in one cell names place, kit and pocket. */
export function siteWords(cells: {
  readonly place?: string | undefined
  readonly kit?: string | undefined
  readonly pocket?: string | undefined
}): readonly string[] {
  const text = (field: 'place' | 'kit' | 'pocket'): string => (cells[field] ?? '').trim()
  const [place, kit, pocket] = [text('place'), text('kit'), text('pocket')]
  if (kit !== '' || pocket !== '' || !/[/>]/.test(place)) return [place, kit, pocket]
  return place.split(/\s*[/>]\s*/, 3)
}
