/** A question that was typed as a name, a problem and a place: "fever Runa", "asthma cottage Ned". */

import type { z } from 'zod'
import type { foundThing } from '../../contract/find'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Need } from '../../core/cover/need'
import type { CoverPlace, Pantry } from '../../core/cover/pantry'
import { exactly, type Finding, sought } from '../../core/finding/sought'
import type { Member } from '../../core/household/member'
import { canHappen } from '../../core/judgement/ifHappens'

type Found = z.infer<typeof foundThing>

/** So many problems are offered for one question. */
const MOST_ANSWERS = 4
/** Shorter pieces of a word are no name. */
const LEAST_LETTERS = 3

/**
 * The answers that words ask for: each word names a member, a place, or a piece of a problem. A problem
 * has to be named; a thing of the same name is found beside it.
 * @param among as it is written, or with slips
 */
export function answersTo(
  pantry: Pantry,
  words: string,
  day: PlainDate,
  among: Finding = exactly,
): Found[] {
  const typed = sought(words)
  const { members, places } = pantry.stock
  const member = members.find(({ name }) => names(typed, name)) ?? null
  const place = places.find(({ name }) => names(typed, name)) ?? null
  const rest = typed.filter(
    (word) => !isOf(word, member?.name ?? '') && !isOf(word, place?.name ?? ''),
  )
  if (rest.length === 0 || rest.some((word) => word.length < LEAST_LETTERS)) return []
  const at = place ?? places.find(({ isStore }) => isStore) ?? places[0]
  if (!at) return []
  const happening = whomOf(members, member).flatMap((one) =>
    canHappen(pantry, one, at, day).map((need) => ({ one, need, title: need.name, text: '' })),
  )
  const seen = new Set<string>()
  return among(rest.join(' '), happening)
    .filter(({ title }) => !seen.has(title) && seen.add(title))
    .slice(0, MOST_ANSWERS)
    .map(({ one, need }) => answer(need, one, at))
}

/** The member who was named; else whoever is there, and everybody in turn. */
const whomOf = (members: readonly Member[], member: Member | null): readonly (Member | null)[] =>
  member ? [member] : [null, ...members]

const isOf = (word: string, name: string): boolean =>
  name !== '' && word.length >= LEAST_LETTERS && sought(name).includes(word)

const names = (typed: readonly string[], name: string): boolean =>
  typed.some((word) => isOf(word, name))

const answer = (need: Need, member: Member | null, place: CoverPlace): Found => ({
  kind: 'answer',
  title: member ? `${need.name}: ${member.name}` : need.name,
  where: place.name,
  detail: '',
  href: `/cover/if?need=${need.id}&place=${place.id}${member ? `&member=${member.id}` : ''}`,
  state: 'none',
})
