/**
 * "If something happens to X at Y on Z": what is there for it, how soon it is reached, who can use it,
 * what would be missing, and where else it is ready. One answer for the board, the search and the sitter.
 */
import { monthNumber, type PlainDate } from '../calendar/plainDate'
import { mayUse, type SkillId } from '../catalogue/skills'
import { arises, concerns } from '../cover/arising'
import { Asking, type Question } from '../cover/asking'
import { judgeNeed } from '../cover/board'
import type { CellState } from '../cover/cellState'
import { type Explanation, explain } from '../cover/explain'
import type { Need } from '../cover/need'
import { NEEDS } from '../cover/needs'
import type { CoverPlace, Pantry } from '../cover/pantry'
import { PatientBook } from '../cover/patientBook'
import { questionAt, withMember } from '../cover/scene'
import { type Member, skillsOn } from '../household/member'

export interface IfHappens {
  /** Null for what concerns whoever is there. */
  readonly member: Member | null
  readonly place: CoverPlace
  readonly need: Need
  readonly date: PlainDate
  /** What those who are there have been taught, where it is not the household's own who are. */
  readonly hands?: ReadonlySet<SkillId> | null
}

export interface IfAnswer {
  readonly question: Question
  readonly explanation: Explanation
  /** What has to have been taught for what is there, and who there has been. */
  readonly hands: readonly {
    readonly skill: SkillId
    readonly isTaught: boolean
    /** Nobody of the household where others are there. */
    readonly by: readonly Member[]
  }[]
  /** The same at the other places. */
  readonly elsewhere: readonly { readonly place: CoverPlace; readonly state: CellState }[]
}

/** What can happen to a member at a place on a day, whatever its kits are for; the gravest first. */
export function canHappen(
  pantry: Pantry,
  member: Member | null,
  place: CoverPlace,
  date: PlainDate,
): readonly Need[] {
  const month = monthNumber(date)
  const patient = member && new PatientBook(pantry).on(member, date)
  return NEEDS.filter(
    (need) =>
      arises(need, place, month) &&
      (patient === null
        ? need.scope === 'party'
        : need.scope === 'each' && concerns(need, patient)),
  )
}

export function ifHappens(
  pantry: Pantry,
  { member, place, need, date, hands = null }: IfHappens,
): IfAnswer {
  const at = (where: CoverPlace): Question => {
    const usual = asked(pantry, member, where, date)
    return hands ? { ...usual, skills: hands } : usual
  }
  const question = at(place)
  return {
    question,
    explanation: explain(pantry, question, need, member?.id ?? null),
    hands: handsFor(pantry, question, need, hands !== null),
    elsewhere: pantry.stock.places.flatMap((other) => {
      if (other.id === place.id) return []
      const asking = new Asking(pantry, at(other))
      const patient = asking.patients.find((one) => one.member.id === member?.id) ?? null
      return [{ place: other, state: judgeNeed(asking, need, [patient]).state }]
    }),
  }
}

/** The place as every screen asks about it, with the member there whether they usually are or not. */
function asked(
  { stock }: Pantry,
  member: Member | null,
  place: CoverPlace,
  date: PlainDate,
): Question {
  const usual = questionAt(stock, place, date)
  const {
    expected: _all,
    leftOut: _none,
    ...happened
  } = member ? withMember(stock, place, usual, member.id) : usual
  // It has happened: what the kits are for and what was left out no longer matters.
  return happened
}

function handsFor(
  pantry: Pantry,
  question: Question,
  need: Need,
  areOthers: boolean,
): IfAnswer['hands'] {
  const asking = new Asking(pantry, question)
  const roles = new Set(need.ways.flatMap(({ parts }) => parts.flatMap(({ any }) => any)))
  const skills = new Set(
    [...roles].flatMap((role) =>
      (pantry.byRole.get(role) ?? []).flatMap((thing) => {
        const skill = pantry.things[thing]?.facts.skill ?? null
        return skill !== null && asking.isPresent(thing) ? [skill] : []
      }),
    ),
  )
  return [...skills].map((skill) => {
    const by = pantry.stock.members.filter(
      (one) =>
        !areOthers &&
        question.members.has(one.id) &&
        mayUse(skill, new Set(skillsOn(one, question.date))),
    )
    return { skill, by, isTaught: by.length > 0 || mayUse(skill, question.skills) }
  })
}
