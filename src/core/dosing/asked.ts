/** A question of a dose, put together in one way wherever it is asked: on a screen and on the server. */
import type { PlainDate } from '../calendar/plainDate'
import type { Pantry } from '../cover/pantry'
import { patientIn } from '../cover/patientIn'
import type { Member } from '../household/member'
import type { PlaceId } from '../ids'
import type { DoseCard } from './card'
import type { GivenDose, Instant } from './given'
import { type Offers, offersFor } from './lots'
import type { DoseQuestion } from './question'

interface AskedOf {
  readonly laid: Pantry
  readonly card: DoseCard
  /** Every card there is: sources are held against each other. */
  readonly cards: readonly DoseCard[]
  readonly member: Member
  readonly day: PlainDate
  /** What this patient was given, by anybody. */
  readonly given: readonly GivenDose[]
  readonly now: Instant
  /** Where it is given; null where the stock is kept. */
  readonly here: PlaceId | null
}

/** What a screen has been told besides; on the server nobody says anything. */
type Said = Partial<
  Pick<DoseQuestion, 'choice' | 'signs' | 'answered' | 'barrel' | 'barrelsAtHand'>
>

/**
 * The question of one card for one member now, and the lots that are offered for it. Schools and labels
 * are those of the household whose stock is laid out.
 */
export function doseQuestion(
  { laid, card, cards, member, day, given, now, here }: AskedOf,
  said: Said = {},
): { readonly question: DoseQuestion; readonly offers: Offers } {
  const patient = patientIn(laid, member, day)
  const offers = offersFor(laid, card, patient, here)
  return {
    offers,
    question: {
      card,
      cards,
      patient,
      schools: laid.stock.schools,
      labels: laid.stock.labels,
      given,
      at: now,
      now,
      choice: 'lower',
      signs: new Set(),
      answered: new Set(),
      barrel: null,
      barrelsAtHand: new Set(),
      ...said,
      offers,
    },
  }
}
