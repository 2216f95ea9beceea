/** Errands about people and animals: what nobody has asked, weights and skills that run out. */
import { addDays, type PlainDate } from '../calendar/plainDate'
import { SKILLS } from '../catalogue/skills'
import type { Pantry } from '../cover/pantry'
import { takesSomething } from '../cover/pantry'
import { expectedAt } from '../cover/scene'
import { notAsked } from '../household/asked'
import { isAnimal, type Member } from '../household/member'
import type { Place } from '../household/places'
import { ageInYears, weightOn } from '../household/weight'
import { anErrand, type Errand } from './errand'

/** A lesson is looked for this long before a certificate ends. */
const LESSON_AHEAD_DAYS = 60
/** From this age a label doses people by age alone. */
const GROWN_YEARS = 16

/** @param places the household's, in its order */
export function ofPeople(
  pantry: Pantry,
  places: readonly Place[],
  today: PlainDate,
): readonly Errand[] {
  return pantry.stock.members
    .filter(({ guestUntil }) => guestUntil === null)
    .flatMap((member) => {
      const place = homeOf(member, pantry, places, today)
      return place
        ? [
            ...unasked(member, pantry, place, today),
            ...unweighed(member, place, today),
            ...lessons(member, place, today),
          ]
        : []
    })
}

/** Where somebody is met: where the household lives if they are usually there, else where they are. */
export function homeOf(
  member: Pick<Member, 'id'>,
  { stock }: Pantry,
  places: readonly Place[],
  today: PlainDate,
): Place | null {
  const usual = stock.places.filter((place) => expectedAt(place, stock, today).has(member.id))
  const home = usual.find(({ isStore }) => isStore) ?? usual[0] ?? stock.places[0]
  return places.find(({ id }) => id === home?.id) ?? null
}

function unasked(member: Member, { stock }: Pantry, place: Place, today: PlainDate): Errand[] {
  const topics = notAsked(member, takesSomething(stock.courses, member.id, today))
  return topics.length === 0
    ? []
    : [
        anErrand({
          key: `ask_member:${member.id}`,
          act: 'ask_member',
          title: member.name,
          place,
          memberId: member.id,
          reason: { code: 'not_asked', topics },
        }),
      ]
}

/** Animals and children are dosed by weight. */
function unweighed(member: Member, place: Place, today: PlainDate): Errand[] {
  const { species, born, weighings } = member
  const years = ageInYears(born, today)
  if (!isAnimal(species) && (years === null || years >= GROWN_YEARS)) return []
  const weight = weightOn(species, born, weighings, today)
  return weight.kind === 'fresh'
    ? []
    : [
        anErrand({
          key: `weigh:${member.id}`,
          act: 'weigh',
          title: member.name,
          place,
          memberId: member.id,
          reason: { code: 'weight', kind: weight.kind },
        }),
      ]
}

function lessons(member: Member, place: Place, today: PlainDate): Errand[] {
  if (member.facts.kind !== 'person') return []
  return member.facts.skills.flatMap(({ skill, until }) =>
    until !== null && until <= addDays(today, LESSON_AHEAD_DAYS)
      ? [
          anErrand({
            key: `skill:${member.id}:${skill}`,
            act: 'teach',
            title: `${member.name}: ${SKILLS[skill].name.toLowerCase()}`,
            place,
            memberId: member.id,
            due: until,
            reason: { code: 'skill_ends', skill, until },
          }),
        ]
      : [],
  )
}
