/** Who can do what when the house has to be left. */
import type { PlainDate } from '../calendar/plainDate'
import { isAnimal, type Member } from '../household/member'
import type { AnimalSpecies } from '../household/species'
import { ageInMonths } from '../household/weight'
import type { MemberId } from '../ids'
import type { Help } from './evacuation'

const YEAR = 12
/** From here on somebody fetches, carries and shuts in on their own. Working figures of ours. */
const HANDS_FROM = 13 * YEAR
const LED_UNDER = 7 * YEAR
const CARRIED_UNDER = 2 * YEAR
/** Nobody drives before this age in most countries; whether they do is asked. */
const DRIVES_FROM = 16 * YEAR

export interface Goer {
  readonly id: MemberId
  readonly name: string
  readonly help: Help
  /** Can be sent to fetch and to carry. */
  readonly hasHands: boolean
  readonly drives: boolean
}

/** How an animal gets out. */
export type Out = 'lead' | 'halter' | 'carrier'

export interface Creature {
  readonly id: MemberId
  readonly name: string
  readonly species: AnimalSpecies
  readonly out: Out
  /** Null when nobody has said; then it is shut in like one that does. */
  readonly hides: boolean | null
  readonly where: string
  /** Rides in the carrier of this one. */
  readonly sharesWith: MemberId | null
}

export interface EvacuationParty {
  readonly people: readonly Goer[]
  readonly animals: readonly Creature[]
}

/** What is asked about somebody before the plan can be relied on. */
export type EvacuationQuestion =
  | { readonly kind: 'drives'; readonly memberId: MemberId; readonly name: string }
  | { readonly kind: 'help'; readonly memberId: MemberId; readonly name: string }
  | { readonly kind: 'hides'; readonly memberId: MemberId; readonly name: string }
  | { readonly kind: 'seats'; readonly placeId: string; readonly name: string }
  | { readonly kind: 'go_to' }
  | { readonly kind: 'animals_there'; readonly name: string }
  | { readonly kind: 'tell' }
  | { readonly kind: 'papers' }
  | { readonly kind: 'photo'; readonly memberId: MemberId; readonly name: string }

const OUT: Readonly<Partial<Record<AnimalSpecies, Out>>> = { dog: 'lead', horse: 'halter' }

/** How much help somebody needs: as was said, else by age; of unknown age somebody who helps nobody needs a hand. */
export function helpOf(member: Member, day: PlainDate): Help {
  const said = member.facts.kind === 'person' ? member.facts.evacuation?.help : undefined
  if (said !== undefined) return said
  const months = ageInMonths(member.born, day)
  if (months === null) return member.helper ? 'none' : 'hand'
  return months < CARRIED_UNDER ? 'carried' : months < LED_UNDER ? 'hand' : 'none'
}

/** Where only the household can know: age tells nothing of an elder's knees. */
const ELDER_FROM = 70 * YEAR

export function evacuationParty(
  members: readonly Member[],
  home: ReadonlySet<string>,
  day: PlainDate,
): { readonly party: EvacuationParty; readonly questions: readonly EvacuationQuestion[] } {
  const people: Goer[] = []
  const animals: Creature[] = []
  const questions: EvacuationQuestion[] = []
  const there = members.filter(({ id }) => home.has(id))
  for (const member of there) {
    const { id, name, facts, species } = member
    const months = ageInMonths(member.born, day)
    if (facts.kind === 'person') {
      const help = helpOf(member, day)
      const isGrown = months === null ? member.helper : months >= HANDS_FROM
      const mayDrive = months === null ? member.helper : months >= DRIVES_FROM
      if (mayDrive && facts.evacuation?.drives === undefined)
        questions.push({ kind: 'drives', memberId: id, name })
      if (
        facts.evacuation?.help === undefined &&
        (months === null ? !member.helper : months >= ELDER_FROM)
      )
        questions.push({ kind: 'help', memberId: id, name })
      people.push({
        id,
        name,
        help,
        hasHands: help === 'none' && isGrown,
        drives: mayDrive && help !== 'carried' && facts.evacuation?.drives === true,
      })
    } else if (isAnimal(species)) {
      const hides = facts.evacuation?.hides ?? null
      const out = OUT[species] ?? 'carrier'
      if (hides === null && out === 'carrier') questions.push({ kind: 'hides', memberId: id, name })
      const shares = facts.evacuation?.sharesWith
      animals.push({
        id,
        name,
        species,
        out,
        hides,
        where: facts.evacuation?.where ?? '',
        // The other has to come along, and not to share in turn.
        sharesWith:
          there.find(
            (one) =>
              one.id === shares &&
              one.id !== id &&
              one.facts.kind === 'animal' &&
              one.facts.evacuation?.sharesWith === undefined,
          )?.id ?? null,
      })
    }
  }
  return { party: { people, animals }, questions }
}
