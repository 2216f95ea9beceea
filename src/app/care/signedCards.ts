/** Dose cards that a vet wrote, as far as they say what an animal may have. */
import type { SignedCard } from '../../core/cover/suitability'
import type { DoseCard } from '../../core/dosing/card'

export const signedCards = (cards: readonly DoseCard[]): readonly SignedCard[] =>
  cards.flatMap(({ about, for: whom, source, endsOn, confirmed }): readonly SignedCard[] => {
    if (source.kind !== 'vet' || about.kind !== 'substance' || whom.kind !== 'members') return []
    return whom.memberIds.map((memberId) => ({
      memberId,
      substance: about.substance,
      vet: source.who,
      until: endsOn,
      confirmedAgainstWarning: confirmed !== null,
    }))
  })
