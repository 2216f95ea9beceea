/** From when a medicine may be given again: the bench's own answer, for timers and for lists. */
import type { Schools } from '../cover/schools'
import type { Patient } from '../cover/suitability'
import { nextAllowed } from '../dosing/allowance'
import { type DoseCard, type IngredientKey, ingredientKey } from '../dosing/card'
import { dosesOf, type GivenDose, type Instant } from '../dosing/given'
import { workOut } from '../dosing/workOut'
import type { LabelSet } from '../household/labelSet'

export interface NextDoseQuestion {
  readonly cards: readonly DoseCard[]
  readonly patient: Patient
  readonly schools: Schools
  readonly labels: LabelSet
  /** Everything that this patient was given lately. */
  readonly given: readonly GivenDose[]
}

/** Questions are asked at the bench; a timer only speaks of time. */
const ALL_ANSWERED = { has: () => true } as unknown as ReadonlySet<string>

/**
 * The first moment at which the bench would allow the next dose; null where time alone does not
 * free it (days are over, a doctor has to be asked), or where nothing has to be waited for.
 * @param cardId the card by which it was given, where there was one
 */
export function nextDoseAt(
  dose: GivenDose,
  cardId: string | null,
  { cards, given, ...question }: NextDoseQuestion,
): Instant | null {
  const card = cards.find(({ id }) => id === cardId)
  if (!card || !isAbout(card, dose)) return nextDoseByRule(dose, given)
  const at = lastGiven(dose, ingredientKey(card.about), given)
  const answer = workOut({
    ...question,
    card,
    cards,
    given,
    at,
    now: at,
    choice: 'lower',
    signs: new Set(),
    answered: ALL_ANSWERED,
    barrel: null,
    barrelsAtHand: new Set(),
    offers: null,
  })
  return answer.kind === 'wait' ? answer.until : null
}

/** When the ingredient was last given, in whatever product; at the earliest with this dose. */
const lastGiven = (dose: GivenDose, key: IngredientKey, given: readonly GivenDose[]): Instant =>
  Math.max(dosesOf(given, key).at(-1)?.at ?? dose.at, dose.at) as Instant

const isAbout = (card: DoseCard, dose: GivenDose): boolean =>
  dose.holds.some(({ key }) => key === ingredientKey(card.about))

/** By the limits that it was given by, for as much again: where its card is not known. */
export function nextDoseByRule(dose: GivenDose, given: readonly GivenDose[]): Instant | null {
  const { rule } = dose
  if (!rule) return null
  const measure = dose.holds.find(({ key }) => key === rule.key)?.measure ?? null
  const at = lastGiven(dose, rule.key, given)
  const next = nextAllowed(given, { rule, measure, title: dose.title }, at)
  return next !== null && next > at ? next : null
}
