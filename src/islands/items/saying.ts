/** An item that waits for the keeper's word, and the answers that the screen sends. */
import type { z } from 'zod'
import type { matchItems } from '../../contract/items'
import { catalogue } from '../../core/catalogue/catalogue'
import type { Saying } from '../../core/naming/saying'
import { shownName } from '../../core/naming/shownName'
import { itemTitle } from '../../core/stock/item'
import type { CoverView } from '../cover/useCover'

export type ItemView = CoverView['items'][number]
export interface Unsaid {
  readonly item: ItemView
  readonly saying: Saying
}
export type Answer = z.input<(typeof matchItems)['body']>['matches'][number]

/** Every entry to choose from, in the words of the household's country. */
export const entryChoices = (country: string) =>
  [...catalogue().values()].map((entry) => ({
    value: entry.id,
    label: shownName(itemTitle(entry), country),
  }))
