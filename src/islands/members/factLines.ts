/** A member's facts as lines of a sheet; what nobody has said is left out. */

import type { PlainDate } from '../../core/calendar/plainDate'
import { SKILLS } from '../../core/catalogue/skills'
import { substanceName } from '../../core/catalogue/substances'
import { knowledgeOf } from '../../core/household/asked'
import {
  type Allergy,
  CONDITIONS_OF_ANIMALS,
  CONDITIONS_OF_PEOPLE,
  type Member,
  TRAITS_OF_ANIMALS,
} from '../../core/household/member'
import type { Topic } from '../../core/household/told'
import { customaryVitals, VITALS_SOURCE, type VitalRange } from '../../core/household/vitals'
import { ageInMonths } from '../../core/household/weight'
import { words } from '../../words'
import { ownLineText } from '../../words/care/alarms'
import { fullDay } from '../../words/frame/format'

const w = words.members
export const allergyName = (allergy: Allergy): string =>
  allergy.kind === 'substance' ? substanceName(allergy.substance) : allergy.name

const rangeText = (range: VitalRange | undefined | null): string =>
  range ? `${range.from}–${range.to}` : ''

export function factLines(
  member: Member,
  today: PlainDate,
  takesSomething: boolean,
  units: 'metric' | 'us',
): readonly (readonly [string, string])[] {
  const { facts, species, born } = member
  const lines: [string, string][] = []
  const add = (name: string, text: string) => text !== '' && lines.push([name, text])
  /** What is known, known to be nothing, or not asked yet: never left out. */
  const known = (name: string, topic: Topic, text: string) => {
    const knowledge = knowledgeOf(member, topic, takesSomething)
    if (knowledge.kind === 'not_asked') return add(name, w.notAskedYet)
    return add(
      name,
      knowledge.kind === 'none' ? w.none(knowledge.told.by, knowledge.told.on) : text,
    )
  }
  known(w.allergies, 'allergies', facts.allergies.map(allergyName).join(', '))
  if (facts.kind === 'person') {
    known(
      w.conditions,
      'conditions',
      facts.conditions.map((one) => CONDITIONS_OF_PEOPLE[one]).join(', '),
    )
    known(w.regular, 'medicines', facts.bloodThinner && !takesSomething ? w.thinner : w.below)
    if (facts.bloodThinner) add(w.thinner, w.swallowsAnswers.yes)
    if (facts.pregnancy !== 'no') add(w.pregnancy, w.pregnancies[facts.pregnancy])
    if (facts.swallowsTablets !== null)
      add(w.swallows, facts.swallowsTablets ? w.swallowsAnswers.yes : w.swallowsAnswers.no)
    if (facts.sex !== 'unsaid') add(w.sex, w.sexes[facts.sex])
    add(w.glove, facts.gloveSize ?? '')
    add(
      w.skills,
      facts.skills
        .map(
          ({ skill, until }) =>
            `${SKILLS[skill].name}${until ? ` ${w.skillUntil} ${fullDay(until)}` : ''}`,
        )
        .join('; '),
    )
  } else {
    known(
      w.conditions,
      'conditions',
      (facts.conditions ?? []).map((one) => CONDITIONS_OF_ANIMALS[one]).join(', '),
    )
    known(w.regular, 'medicines', w.below)
    add(w.traits, facts.traits.map((one) => TRAITS_OF_ANIMALS[one]).join(', '))
    add(w.coat, facts.coat)
    add(w.temperament, facts.temperament)
    for (const { substance, words: said, vet, on, confirmedAgainstWarning } of facts.agreed)
      add(
        `${w.agreed}: ${substanceName(substance)}`,
        `“${said}” (${vet}, ${fullDay(on)})${confirmedAgainstWarning ? `; ${w.confirmed.toLowerCase()}` : ''}`,
      )
  }
  if (facts.alarm) add(w.alarm, ownLineText(facts.alarm, units))
  const customary = customaryVitals(species, ageInMonths(born, today))
  const own = facts.kind === 'animal' ? facts.normal : null
  for (const [name, key] of [
    [w.temperature, 'temperature'],
    [w.pulse, 'pulse'],
    [w.breathing, 'breathing'],
  ] as const)
    add(
      name,
      own?.[key]
        ? `${rangeText(own[key])} (${w.own})`
        : customary?.[key]
          ? `${rangeText(customary[key])} (${w.customary})`
          : '',
    )
  if (customary && !(own?.temperature && own.pulse && own.breathing))
    add(words.items.matching.source, VITALS_SOURCE)
  return lines
}
