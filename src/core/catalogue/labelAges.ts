/**
 * From which age and weight what is sold over the counter may be had, where the labels of a
 * country differ from the reference entry. A test holds each against the label cards that ship.
 */
import type { LabelSet } from '../household/labelSet'
import type { CatalogueEntry, MadeFor } from './entry'

type Ages = Pick<MadeFor, 'fromMonths' | 'fromGrams'>

const UK: Readonly<Record<string, Ages>> = {
  'ibuprofen-liquid': { fromMonths: 3, fromGrams: 5001 },
  'loperamide-2': { fromMonths: 144, fromGrams: 0 },
  'acetaminophen-500': { fromMonths: 120, fromGrams: 0 },
  'cetirizine-10': { fromMonths: 72, fromGrams: 0 },
}

/** Ages by the household's labels; null where the entry's own stand. */
export const labelAges = (entryId: string, labels: LabelSet): Ages | null =>
  labels === 'uk' ? (UK[entryId] ?? null) : null

/** Strengths that are sold in one country and not in the other: only what can be got is proposed. */
const SOLD_ONLY: Readonly<Record<string, LabelSet>> = {
  'acetaminophen-120-in-5-liquid': 'uk',
  'acetaminophen-250-in-5-liquid': 'uk',
}
const NOT_SOLD: Readonly<Record<string, LabelSet>> = { 'acetaminophen-liquid': 'uk' }

/** Whether lists and plans may propose to get it where these labels are followed. */
export const isProposedIn = (
  { id, isProposed }: Pick<CatalogueEntry, 'id' | 'isProposed'>,
  labels: LabelSet,
): boolean => SOLD_ONLY[id] === labels || (isProposed && NOT_SOLD[id] !== labels)
