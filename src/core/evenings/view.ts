/**
 * What a sitter sees, and nothing beside it: the plan, the members in their care, harmless things of the
 * kits that were chosen, and the medicines that a rule allows that evening. Everybody else's medicines
 * are not in it, not even by name.
 */

import { catalogue } from '../catalogue/catalogue'
import { patientIn } from '../cover/patientIn'
import type { Sign } from '../dosing/card'
import type { Instant } from '../dosing/given'
import { type LotOffer, lotFor } from '../dosing/lots'
import type { Dose } from '../dosing/question'
import type { DoseRefusal } from '../dosing/refusal'
import { signsAsked } from '../dosing/workOut'
import type { Contact } from '../household/contact'
import type { Course } from '../household/course'
import type { Member } from '../household/member'
import type { MatCell } from '../household/pocket'
import type { Species } from '../household/species'
import { customaryVitals, type Vitals } from '../household/vitals'
import { ageInMonths } from '../household/weight'
import type { LotId, MemberId, PocketId } from '../ids'
import { isPlainThing } from '../people/plain'
import { NOTHING, sum, type Total } from '../quantity/amount'
import { itemTitle } from '../stock/item'
import type { Line, Survey } from '../watch/survey'
import { askFor, type DoseContext, type EveningPlan, type ToKnow, toKnow } from './plan'

/** Where something is, as one finds it. */
export interface Spot {
  readonly kit: string
  readonly pocket: string
}

export interface MayGive {
  readonly memberId: MemberId
  readonly cardId: string
  readonly who: string
  readonly title: string
  /** Asked before it is given: with any of these it is not, and somebody is called. */
  readonly notWith: readonly Sign[]
  readonly stop: readonly string[]
  readonly last: Instant | null
  readonly state:
    | {
        readonly kind: 'now'
        readonly dose: Dose
        readonly cuts: 1 | 2 | 4
        readonly again: number
        readonly spot: Spot
      }
    | {
        readonly kind: 'later'
        readonly dose: Dose
        readonly cuts: 1 | 2 | 4
        readonly from: Instant | null
        readonly spot: Spot
      }
    | { readonly kind: 'no'; readonly why: readonly DoseRefusal[] }
    /** None of it lies where they are. */
    | { readonly kind: 'none_here' }
}

export interface InCare {
  readonly id: MemberId
  readonly name: string
  readonly species: Species
  readonly know: readonly ToKnow[]
  /** At rest; its own where they were measured. */
  readonly normal: Vitals | null
  readonly isOwnNormal: boolean
  readonly contacts: readonly Contact[]
}

export interface Regular {
  readonly who: string
  readonly title: string
  readonly directions: string
  readonly spot: Spot | null
}

export interface PocketSeen {
  readonly pocketId: PocketId
  readonly name: string
  readonly cell: MatCell
  readonly things: readonly {
    readonly lotId: LotId
    readonly title: string
    readonly unit: string
    readonly amount: Total
  }[]
}

export interface EveningView {
  readonly inCare: readonly InCare[]
  readonly gives: readonly MayGive[]
  readonly regular: readonly Regular[]
  readonly kits: readonly { readonly name: string; readonly pockets: readonly PocketSeen[] }[]
}

export function eveningView(plan: EveningPlan, survey: Survey, context: DoseContext): EveningView {
  const { laid, cards } = context
  const members = plan.members.flatMap(
    (id) => laid.stock.members.find((member) => member.id === id) ?? [],
  )
  return {
    inCare: members.map((member) => inCare(member, laid.stock.courses, context)),
    gives: plan.gives.flatMap(({ memberId, cardId }) => {
      const member = members.find(({ id }) => id === memberId)
      const card = cards.find(({ id }) => id === cardId)
      return member && card ? [mayGive(member, card, context)] : []
    }),
    regular: plan.courses.flatMap((id) => {
      const course = laid.stock.courses.find((one) => one.id === id)
      const member = course && members.find((one) => one.id === course.memberId)
      return course && member ? [regularOf(course, member, survey, plan)] : []
    }),
    kits: kitsSeen(plan, survey),
  }
}

function inCare(member: Member, courses: readonly Course[], { day }: DoseContext): InCare {
  const { id, name, species, born, facts } = member
  const own = facts.kind === 'animal' ? facts.normal : null
  const isOwnNormal = own !== null && Object.values(own).some((range) => range !== null)
  const customary = customaryVitals(species, born === null ? null : ageInMonths(born, day))
  const normal = isOwnNormal
    ? {
        temperature: own.temperature ?? customary?.temperature ?? null,
        pulse: own.pulse ?? customary?.pulse ?? null,
        breathing: own.breathing ?? customary?.breathing ?? null,
      }
    : customary
  const called =
    facts.kind === 'animal' ? [facts.vet, facts.clinic] : [...facts.contacts, facts.doctor]
  return {
    id,
    name,
    species,
    know: toKnow(member, courses, day),
    normal,
    isOwnNormal,
    contacts: called.filter(({ phone }) => phone !== ''),
  }
}

function mayGive(
  member: Member,
  card: DoseContext['cards'][number],
  context: DoseContext,
): MayGive {
  const { answer, offers } = askFor(member, card, context)
  const common = {
    memberId: member.id,
    cardId: card.id as string,
    who: member.name,
    title: card.name,
    notWith: signsAsked(card, patientIn(context.laid, member, context.day)),
    stop: card.stop,
    last: answer.last?.at ?? null,
  }
  if (answer.kind === 'refused') return { ...common, state: { kind: 'no', why: answer.refusals } }
  const lot = lotFor({ good: offers.good.filter(isHere(context)) }, answer.dose.portion)
  if (!lot) return { ...common, state: { kind: 'none_here' } }
  const { dose } = answer
  return {
    ...common,
    state:
      answer.kind === 'give'
        ? { kind: 'now', dose, cuts: card.cuts, again: answer.again, spot: spotOf(lot) }
        : { kind: 'later', dose, cuts: card.cuts, from: answer.until, spot: spotOf(lot) },
  }
}

export const isHere =
  ({ placeId }: Pick<DoseContext, 'placeId'>) =>
  (lot: Pick<LotOffer, 'placeId'>): boolean =>
    lot.placeId === placeId

const spotOf = ({ kit, pocket }: Pick<LotOffer, 'kit' | 'pocket'>): Spot => ({ kit, pocket })

function regularOf(
  { itemId, directions }: Course,
  { name }: Member,
  survey: Survey,
  { placeId }: EveningPlan,
): Regular {
  const line = survey.lines.find(
    ({ item, site, good }) => item.id === itemId && site.place.id === placeId && good > NOTHING,
  )
  const item = survey.stock.items.find(({ id }) => id === itemId)
  return {
    who: name,
    title: item ? itemTitle(item) : '',
    directions,
    spot: line ? { kit: line.site.kit.name, pocket: line.site.pocket.name } : null,
  }
}

/** Things that are no medicine whatever, as the child who helps sees them. */
export const isForSitter = ({ item }: Pick<Line, 'item'>): boolean =>
  isPlainThing({
    entry: catalogue().get(item.catalogueId ?? ''),
    kind: item.kind,
    own: item.own,
  })

const USABLE: ReadonlySet<string> = new Set(['sound', 'turning'])

function kitsSeen({ kits }: EveningPlan, survey: Survey): EveningView['kits'] {
  return kits.flatMap((kitId) => {
    const kit = survey.kits.find(({ id }) => id === kitId)
    if (!kit) return []
    const sites = [...survey.sites.values()].filter((site) => site.kit.id === kitId)
    return [
      {
        name: kit.name,
        pockets: sites.map(({ pocket }) => ({
          pocketId: pocket.id,
          name: pocket.name,
          cell: pocket.cell,
          things: survey.lines
            .filter((line) => line.site.pocket.id === pocket.id && isForSitter(line))
            .flatMap(({ item, holdings }) => {
              const usable = holdings.filter(({ judged }) => USABLE.has(judged.state))
              const [first] = usable
              return first
                ? [
                    {
                      lotId: first.lot.id,
                      title: itemTitle(item),
                      unit: item.unit,
                      amount: sum(usable.map(({ amount }) => amount)),
                    },
                  ]
                : []
            }),
        })),
      },
    ]
  })
}
