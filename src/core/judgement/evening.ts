/** Could the sitter cope? What is missing on a chosen evening, with these in their care. */
import type { PlainDate } from '../calendar/plainDate'
import { SKILL_IDS, type SkillId } from '../catalogue/skills'
import type { Question } from '../cover/asking'
import { board } from '../cover/board'
import { type CellState, isReadyState } from '../cover/cellState'
import type { Need } from '../cover/need'
import type { Pantry } from '../cover/pantry'
import { isRunning } from '../household/course'
import type { Member } from '../household/member'
import { weightOn } from '../household/weight'
import type { MemberId } from '../ids'
import { missingIn, readinessOf } from './readiness'

export type MissingLink =
  /** A need that is not covered with only these hands. */
  | {
      readonly code: 'need'
      readonly need: Need
      readonly memberId: MemberId | null
      readonly state: CellState
      readonly forWantOfSkill: SkillId | null
    }
  | { readonly code: 'no_contact'; readonly memberId: MemberId; readonly whom: 'doctor' | 'vet' }
  | { readonly code: 'no_number'; readonly which: 'emergency' | 'poison' }
  | { readonly code: 'weight'; readonly memberId: MemberId; readonly kind: 'unknown' | 'stale' }
  | { readonly code: 'directions'; readonly memberId: MemberId; readonly title: string }

export interface Evening {
  readonly links: readonly MissingLink[]
  /** Life-saving and urgent problems, counted as on the board. */
  readonly ready: number
  readonly of: number
}

/** What the household's numbers are; "" when not set. */
export interface Numbers {
  readonly emergency: string
  readonly poison: string
}

/**
 * Judges an evening as the board judges a place, with the sitter's skills alone, and the words that a
 * sitter needs.
 * @param question its `skills` are the sitter's
 */
export function evening(pantry: Pantry, question: Question, numbers: Numbers): Evening {
  const links: MissingLink[] = []
  if (numbers.emergency === '') links.push({ code: 'no_number', which: 'emergency' })
  if (numbers.poison === '') links.push({ code: 'no_number', which: 'poison' })
  const { rows, members } = board(pantry, question)
  const ideal = board(pantry, { ...question, skills: new Set(SKILL_IDS) })
  const readiness = readinessOf(rows)
  for (const { missing } of missingIn(readiness))
    for (const { need, cell } of missing)
      links.push({
        code: 'need',
        need,
        memberId: cell.memberId,
        state: cell.state,
        forWantOfSkill: skillFor(need, cell.memberId, ideal.rows, pantry),
      })
  links.sort((a, b) => weightOf(a) - weightOf(b))
  for (const member of members) links.push(...wordsMissing(member, pantry, question.date))
  return { links, ready: readiness.ready, of: readiness.of }
}

/** The skill that alone stands between the need and its cover, or null. */
function skillFor(
  need: Need,
  memberId: MemberId | null,
  ideal: ReturnType<typeof board>['rows'],
  pantry: Pantry,
): SkillId | null {
  const cell = ideal
    .find((row) => row.need.id === need.id)
    ?.cells.find((one) => one.memberId === memberId)
  if (!cell || !isReadyState(cell.state)) return null
  const roles = new Set(need.ways.flatMap(({ parts }) => parts.flatMap(({ any }) => any)))
  const { facts } =
    pantry.things.find(
      ({ facts: one }) => one.skill !== null && one.roles.some((role) => roles.has(role)),
    ) ?? {}
  return facts?.skill ?? null
}

const weightOf = (link: MissingLink): number =>
  link.code !== 'need' ? 0 : link.need.tier === 'life' ? 1 : 2

function wordsMissing(
  member: Member,
  { stock, things, thingOf }: Pantry,
  day: PlainDate,
): readonly MissingLink[] {
  const links: MissingLink[] = []
  const { facts, id } = member
  if (facts.kind === 'animal' && facts.vet.phone === '')
    links.push({ code: 'no_contact', memberId: id, whom: 'vet' })
  if (facts.kind === 'person' && facts.doctor.phone === '' && !member.helper)
    links.push({ code: 'no_contact', memberId: id, whom: 'doctor' })
  const weight = weightOn(member.species, member.born, member.weighings, day)
  const dosedByWeight = facts.kind === 'animal' || !member.helper
  if (dosedByWeight && weight.kind !== 'fresh')
    links.push({ code: 'weight', memberId: id, kind: weight.kind })
  for (const course of stock.courses) {
    if (course.memberId !== id || !isRunning(course, day) || course.directions.trim() !== '')
      continue
    const at = thingOf.get(course.itemId)
    if (at !== undefined)
      links.push({ code: 'directions', memberId: id, title: things[at]?.title ?? '' })
  }
  return links
}
