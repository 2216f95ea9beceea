/**
 * What is known of a member, what is known to be nothing, and what nobody has asked yet. An empty
 * list is "none" only where somebody said so.
 */
import type { PlainDate } from '../calendar/plainDate'
import type { Member, MemberFacts } from './member'
import { TOPICS, type Told, type Topic } from './told'

/** The server puts who it was and the day in the place of this. */
export const UNSIGNED = 'unsigned'

export type Knowledge =
  | { readonly kind: 'not_asked' }
  | { readonly kind: 'none'; readonly told: Told }
  | { readonly kind: 'known' }

/** Whether something of a topic stands in the facts. */
function stands(facts: MemberFacts, topic: Topic, takesSomething: boolean): boolean {
  switch (topic) {
    case 'allergies':
      return facts.allergies.length > 0
    case 'conditions':
      return (facts.conditions ?? []).length > 0
    case 'medicines':
      return takesSomething || (facts.kind === 'person' && facts.bloodThinner)
  }
}

/** @param takesSomething a prescription runs */
export function knowledgeOf(
  { facts }: Pick<Member, 'facts'>,
  topic: Topic,
  takesSomething: boolean,
): Knowledge {
  if (stands(facts, topic, takesSomething)) return { kind: 'known' }
  const told = facts.told?.[topic]
  return told ? { kind: 'none', told } : { kind: 'not_asked' }
}

/** The topics that nobody has asked about. */
export const notAsked = (
  member: Pick<Member, 'facts'>,
  takesSomething: boolean,
): readonly Topic[] =>
  TOPICS.filter((topic) => knowledgeOf(member, topic, takesSomething).kind === 'not_asked')

/**
 * What somebody has just said gets their name and the day; what stood before keeps its own.
 * @param told of the member before the change
 */
export function signed(
  facts: MemberFacts,
  told: MemberFacts['told'],
  by: string,
  on: PlainDate,
): MemberFacts {
  if (!facts.told) return facts
  const next = Object.fromEntries(
    TOPICS.flatMap((topic) => {
      if (!facts.told?.[topic]) return []
      return [[topic, told?.[topic] ?? { by, on }]]
    }),
  )
  return { ...facts, told: next }
}

/** The facts once somebody has said that there is nothing of a topic; the server signs it. */
export const toldNone = (
  facts: MemberFacts,
  topic: Topic,
  on: PlainDate,
  by: string = UNSIGNED,
): MemberFacts => ({ ...facts, told: { ...facts.told, [topic]: { by, on } } })
