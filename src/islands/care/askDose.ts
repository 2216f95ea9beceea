/** The question to the core, as every screen asks it: this card, for this member, now. */
import { doseQuestion } from '../../core/dosing/asked'
import type { BarrelId } from '../../core/dosing/barrel'
import type { DoseCard, Sign } from '../../core/dosing/card'
import type { GivenDose, Instant } from '../../core/dosing/given'
import type { Offers } from '../../core/dosing/lots'
import type { DoseAnswer } from '../../core/dosing/question'
import { workOut } from '../../core/dosing/workOut'
import type { Member } from '../../core/household/member'
import type { PlaceId } from '../../core/ids'
import type { Care } from './useCare'

interface Asked {
  readonly now: Instant
  readonly given: readonly GivenDose[]
  /** Where it is given; null where the stock is kept. */
  readonly here: PlaceId | null
  readonly choice?: 'lower' | 'upper'
  readonly signs?: ReadonlySet<Sign>
  /** Questions answered on this screen just now. */
  readonly answered?: ReadonlySet<string>
  /** Null for the one that is proposed. */
  readonly barrel?: BarrelId | null
}

export interface AskedDose {
  readonly answer: DoseAnswer
  readonly offers: Offers
}

const NO_SIGNS: ReadonlySet<Sign> = new Set()
const NO_ANSWERS: ReadonlySet<string> = new Set()

export function askDose(
  care: Care,
  member: Member,
  card: DoseCard,
  {
    now,
    given,
    here,
    choice = 'lower',
    signs = NO_SIGNS,
    answered = NO_ANSWERS,
    barrel = null,
  }: Asked,
): AskedDose {
  const { question, offers } = doseQuestion(
    {
      laid: care.laid,
      card,
      cards: care.view.cards,
      member,
      day: care.view.today,
      given,
      now,
      here,
    },
    { choice, signs, answered, barrel, barrelsAtHand: barrelsAtHand(care) },
  )
  const answer = workOut(question)
  return { answer, offers }
}

/** Barrels of the household's syringes, by the volume on them. */
export const barrelsAtHand = ({ laid }: Pick<Care, 'laid'>): ReadonlySet<string> =>
  new Set(
    laid.shelves.flatMap((shelf) => {
      const { facts, strength } = laid.things[shelf.thing] ?? {}
      if (shelf.barred || !facts?.roles.includes('dose-syringe')) return []
      const millilitres = /^(\d+) mL$/.exec(strength ?? '')?.[1]
      return millilitres ? [millilitres] : []
    }),
  )
