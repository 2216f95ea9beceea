/**
 * The one question: may this lot go into, or onto, this patient now? Every reason against it, each
 * with its grade. Bench, incident, board, sheets, restocking and the server ask here, so that no
 * screen knows better than another.
 */
import type { PlainDate } from '../calendar/plainDate'
import type { Without } from '../catalogue/companions'
import type { RoleId } from '../catalogue/roles'
import type { SkillId } from '../catalogue/skills'
import type { MemberId } from '../ids'
import type { Barred, Pantry, Shelf } from './pantry'
import {
  GRADES,
  type Grade,
  gradeOfUnsuited,
  isFor,
  isLifeSaver,
  type Patient,
  type Thing,
  type Unsuited,
  unsuited,
} from './suitability'

export type Objection =
  | Unsuited
  | Barred
  | { readonly code: 'spent'; readonly day: PlainDate }
  /** Past its date, and of a kind that the household keeps: looked at before it is used. */
  | { readonly code: 'past_date'; readonly day: PlainDate }
  /** It lies in a kit that goes with somebody else: it may be away. */
  | { readonly code: 'goes_with'; readonly whose: string }
  | { readonly code: 'no_skill'; readonly skill: SkillId }
  | {
      readonly code: 'no_companion'
      readonly without: Without
      readonly roles: readonly RoleId[]
    }

/** Only `forbidden` may be called so: allergy, species, age, interaction, poison, recall. */
export function gradeOf(objection: Objection): Grade {
  switch (objection.code) {
    case 'recalled':
      return 'forbidden'
    case 'condition':
    case 'opened_over':
    case 'opened_no_period':
    case 'held':
    case 'lent':
    case 'unclean':
    case 'not_judged':
    case 'missing':
    case 'spent':
      return 'not_as_it_is'
    case 'past_date':
    case 'goes_with':
    case 'no_skill':
      return 'remark'
    case 'no_companion':
      return objection.without === 'unsafe'
        ? 'not_as_it_is'
        : objection.without === 'weaker'
          ? 'weaker'
          : 'remark'
    default:
      return gradeOfUnsuited(objection)
  }
}

/** The gravest grade among reasons; null where there is none. */
export const gravest = (objections: readonly Objection[]): Grade | null => {
  const grades = new Set(objections.map(gradeOf))
  return GRADES.find((grade) => grades.has(grade)) ?? null
}

/** Forbidden, asked first, or not as it is: nothing to be used as it lies there. */
export const isSetAside = (grade: Grade | null): boolean =>
  grade === 'forbidden' || grade === 'ask_first' || grade === 'not_as_it_is'

/** How a lot counts by its date on a day: `second` only as plan B. */
export type DateGrade = 'good' | 'second' | 'spent'

export function dateGrade(
  { known, stock }: Pick<Pantry, 'known' | 'stock'>,
  shelf: Pick<Shelf, 'thing' | 'through'>,
  day: PlainDate,
): DateGrade {
  if (shelf.through === null || shelf.through >= day) return 'good'
  const { kind } = known[shelf.thing]?.item ?? {}
  const school = stock.schools['past-date']
  const isPlain = kind === 'supply' || kind === 'instrument'
  if (school === 'plain-flagged' && isPlain) return 'second'
  if (school === 'sealed-dressings' && (isPlain || kind === 'sterile')) return 'second'
  return 'spent'
}

/** Who is there to use it and what lies beside it; null where nobody asks about that. */
export interface Hands {
  hasSkill(thing: number, patient: Patient | null): boolean
  /** What it goes with and lacks here, with how much that matters. */
  missing(
    thing: number,
    patient: Patient | null,
  ): readonly { readonly role: RoleId; readonly without: Without }[]
}

/**
 * Every reason against a lot for a patient on a day; none when it may simply be used.
 * @param patient null where it is for whoever needs it
 */
export function objectionsTo(
  pantry: Pantry,
  shelf: Shelf,
  patient: Patient | null,
  day: PlainDate,
  hands: Hands | null = null,
): readonly Objection[] {
  const thing = pantry.things[shelf.thing]
  if (!thing) return []
  return [
    ...(patient ? unsuited(thing, patient, pantry.house) : []),
    ...ofLot(pantry, shelf, thing, patient, day),
    ...(hands ? ofHands(shelf, thing, patient, hands) : []),
  ]
}

function ofLot(
  pantry: Pantry,
  shelf: Shelf,
  thing: Thing,
  patient: Patient | null,
  day: PlainDate,
): readonly Objection[] {
  const { barred, through } = shelf
  const { facts, carrier } = thing
  const nameOf = (id: MemberId): string =>
    pantry.stock.members.find((member) => member.id === id)?.name ?? ''
  const objections: Objection[] = []
  if (barred) objections.push(barred)
  else if (through !== null) {
    const grade = dateGrade(pantry, shelf, day)
    if (grade !== 'good')
      objections.push({ code: grade === 'spent' ? 'spent' : 'past_date', day: through })
  }
  const keeper = shelf.forMember
  if (keeper !== null && patient && keeper !== patient.member.id && isLifeSaver(facts)) {
    objections.push({ code: 'somebody_elses', whose: nameOf(keeper) })
  }
  if (carrier !== undefined && !isFor(thing, patient))
    objections.push({ code: 'goes_with', whose: nameOf(carrier) })
  return objections
}

function ofHands(
  shelf: Shelf,
  { facts }: Thing,
  patient: Patient | null,
  hands: Hands,
): readonly Objection[] {
  const objections: Objection[] = []
  if (facts.skill !== null && !hands.hasSkill(shelf.thing, patient))
    objections.push({ code: 'no_skill', skill: facts.skill })
  const missing = hands.missing(shelf.thing, patient)
  if (missing.some(({ role }) => role === 'lick-guard')) objections.push({ code: 'lick_risk' })
  for (const without of ['unsafe', 'weaker', 'tidier'] as const) {
    const roles = missing.flatMap((one) =>
      one.without === without && one.role !== 'lick-guard' ? [one.role] : [],
    )
    if (roles.length > 0) objections.push({ code: 'no_companion', without, roles })
  }
  return objections
}
