/** What a dose noted without a card holds, so that it adds up with those given by a card. */
import type { Ingredient } from '../catalogue/entry'
import type { ItemId } from '../ids'
import type { Amount } from '../quantity/amount'
import { exact } from '../quantity/exact'
import { inPortion, wholeUp } from './amounts'
import { ingredientKey } from './card'
import type { Held } from './given'
import { strengthOf } from './lots'

/**
 * What so many pieces of an item hold of each ingredient. The amount is null where the strength
 * is not that of a piece: it counts as given, and nobody knows how much.
 */
export function heldByHand(
  { id, name, strength }: { readonly id: ItemId; readonly name: string; readonly strength: string },
  ingredients: readonly Ingredient[],
  pieces: Amount,
): readonly Held[] {
  if (ingredients.length === 0)
    return [{ key: ingredientKey({ kind: 'item', itemId: id, name }), measure: null }]
  return ingredients.map(({ substance }) => {
    const known = strengthOf({ name, strength }, ingredients, substance)
    return {
      key: ingredientKey({ kind: 'substance', substance }),
      measure: known?.kind === 'each' ? wholeUp(inPortion(exact(pieces), known)) : null,
    }
  })
}
