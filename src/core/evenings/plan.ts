/** What a keeper hands to whoever sits in for an evening: for whom, from when to when, and what they may do. */
import type { PlainDate } from '../calendar/plainDate'
import { localReader } from '../calendar/zoneOffset'
import type { Pantry } from '../cover/pantry'
import { patientIn } from '../cover/patientIn'
import { doseQuestion } from '../dosing/asked'
import type { CardId, DoseCard } from '../dosing/card'
import type { GivenDose, Instant } from '../dosing/given'
import { isFor } from '../dosing/sources'
import { workOut } from '../dosing/workOut'
import type { Contact } from '../household/contact'
import { type Course, isRunning } from '../household/course'
import type { Allergy, AnimalCondition, Member, PersonCondition } from '../household/member'
import type { Topic } from '../household/told'
import type { CourseId, KitId, MemberId, PlaceId } from '../ids'

export interface EveningPlan {
  readonly placeId: PlaceId
  readonly members: readonly MemberId[]
  readonly kits: readonly KitId[]
  /** The three things to know, in the keeper's words, and what else there is. */
  readonly know: readonly string[]
  /** Whom to call before anybody else. */
  readonly call: Contact
  /** Where they are, to be said to whoever comes to help; "" where the sitter knows. */
  readonly address: string
  /** What they may not do, in the keeper's words. */
  readonly mayNot: readonly string[]
  /** Medicines that may be given this evening, each by its rule. */
  readonly gives: readonly { readonly memberId: MemberId; readonly cardId: CardId }[]
  /** Regular medicines of the evening, as their directions say. */
  readonly courses: readonly CourseId[]
}

/** So long an evening may last: a weekend with the grandparents. */
export const MOST_HOURS = 96

/**
 * The instant of a time of the clock on a day, where the household lives.
 * @param time "18:00"
 * @returns null for what is no time
 */
export function instantAt(day: PlainDate, time: string, timeZone: string): Instant | null {
  const [, hours, minutes] = /^(\d{1,2})[:.](\d{2})$/.exec(time.trim()) ?? []
  if (Number(hours) > 23 || Number(minutes) > 59 || hours === undefined) return null
  const local = Date.parse(`${day}T00:00:00Z`) / 60_000 + Number(hours) * 60 + Number(minutes)
  return (localReader(timeZone)(local, null) * 60_000) as Instant
}

/** What there is to know of somebody, from the record. What nobody has asked is said, never left out. */
export type ToKnow =
  | {
      readonly code: 'person'
      readonly name: string
      readonly allergies: readonly Allergy[]
      readonly conditions: readonly PersonCondition[]
    }
  | {
      readonly code: 'animal'
      readonly name: string
      readonly allergies: readonly Allergy[]
      readonly conditions: readonly AnimalCondition[]
      readonly temperament: string
    }
  | { readonly code: 'not_asked'; readonly name: string; readonly topics: readonly Topic[] }

const ASKED: readonly Topic[] = ['allergies', 'conditions', 'medicines']

export function toKnow(
  member: Member,
  courses: readonly Course[],
  day: PlainDate,
): readonly ToKnow[] {
  const { name, facts } = member
  const { allergies, told = {} } = facts
  const conditions = facts.conditions ?? []
  const known: ToKnow =
    facts.kind === 'person'
      ? { code: 'person', name, allergies, conditions: facts.conditions }
      : {
          code: 'animal',
          name,
          allergies,
          conditions: facts.conditions ?? [],
          temperament: facts.temperament,
        }
  const takes = courses.some((one) => one.memberId === member.id && isRunning(one, day))
  const filled = {
    allergies: allergies.length > 0,
    conditions: conditions.length > 0,
    medicines: takes,
  }
  const topics = ASKED.filter((topic) => !filled[topic] && told[topic] === undefined)
  const says = allergies.length + conditions.length > 0 || facts.kind === 'animal'
  return [
    ...(says ? [known] : []),
    ...(topics.length > 0 ? [{ code: 'not_asked', name, topics } as const] : []),
  ]
}

export interface DoseContext {
  readonly laid: Pantry
  /** Shipped labels of the household's country, and its own. */
  readonly cards: readonly DoseCard[]
  readonly given: (memberId: MemberId) => readonly GivenDose[]
  readonly placeId: PlaceId
  readonly day: PlainDate
  readonly now: Instant
}

/** One rule for one member, asked now and there. */
export function askFor(member: Member, card: DoseCard, context: DoseContext) {
  const { laid, cards, given, placeId, day, now } = context
  const { question, offers } = doseQuestion({
    laid,
    card,
    cards,
    member,
    day,
    given: given(member.id),
    now,
    here: placeId,
  })
  return { answer: workOut(question), offers }
}

/** What could be given to somebody that evening: a rule gives an amount, and it lies there. */
export function mayBeGiven(member: Member, context: DoseContext): readonly DoseCard[] {
  const patient = patientIn(context.laid, member, context.day)
  return context.cards.filter((card) => {
    if (!isFor(card, patient)) return false
    const { answer, offers } = askFor(member, card, context)
    return answer.kind !== 'refused' && offers.good.some((lot) => lot.placeId === context.placeId)
  })
}
