/** The errand about things of which nobody has said what they are: they answer nothing until then. */
import type { Pantry } from '../cover/pantry'
import type { Item } from '../stock/item'
import { anErrand, type Errand } from './errand'
import type { Survey } from './survey'

export function ofThings(pantry: Pantry, survey: Survey): readonly Errand[] {
  const unknown = survey.stock.items.filter((item) => isUnsaid(item, pantry.stock.courses))
  const lying = new Set(survey.holdings.map(({ item }) => item.id))
  const count = unknown.filter(({ id }) => lying.has(id)).length
  const [place] = survey.places
  return count === 0 || !place
    ? []
    : [
        anErrand({
          key: 'identify',
          act: 'identify',
          title: '',
          place,
          reason: { code: 'unknown_things', count },
        }),
      ]
}

/** Neither matched nor described; what was prescribed for somebody needs no entry. */
export const isUnsaid = (
  { id, catalogueId, own }: Pick<Item, 'id' | 'catalogueId' | 'own'>,
  courses: readonly { readonly itemId: Item['id'] }[],
): boolean =>
  catalogueId === null &&
  own.roles === undefined &&
  own.why === undefined &&
  !courses.some(({ itemId }) => itemId === id)
