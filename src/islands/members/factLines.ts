/** A member's facts as lines of a sheet; what nobody has said is left out. */
import type { PlainDate } from '../../core/calendar/plainDate'
import { SKILLS } from '../../core/catalogue/skills'
import { substanceName } from '../../core/catalogue/substances'
import { knowledgeOf } from '../../core/household/asked'
import { allergyName, conditionNames } from '../../core/household/factNames'
import { type Member, TRAITS_OF_ANIMALS } from '../../core/household/member'
import type { Topic } from '../../core/household/told'
import { customaryVitals, VITALS_SOURCE, type VitalRange } from '../../core/household/vitals'
import { ageInMonths } from '../../core/household/weight'
import * as words from '../../words'
import { ownLineText } from '../../words/care/alarms'
import { fullDay } from '../../words/frame/format'

const membersWords = words.members

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
    if (knowledge.kind === 'not_asked') return add(name, membersWords.notAskedYet)
    return add(
      name,
      knowledge.kind === 'none' ? membersWords.none(knowledge.told.by, knowledge.told.on) : text,
    )
  }
  known(membersWords.allergies, 'allergies', facts.allergies.map(allergyName).join(', '))
  if (facts.kind === 'person') {
    known(membersWords.conditions, 'conditions', conditionNames(facts).join(', '))
    known(
      membersWords.regular,
      'medicines',
      facts.bloodThinner && !takesSomething ? membersWords.thinner : membersWords.below,
    )
    if (facts.bloodThinner) add(membersWords.thinner, membersWords.swallowsAnswers.yes)
    if (facts.pregnancy !== 'no')
      add(membersWords.pregnancy, membersWords.pregnancies[facts.pregnancy])
    if (facts.swallowsTablets !== null)
      add(
        membersWords.swallows,
        facts.swallowsTablets ? membersWords.swallowsAnswers.yes : membersWords.swallowsAnswers.no,
      )
    if (facts.sex !== 'unsaid') add(membersWords.sex, membersWords.sexes[facts.sex])
    add(membersWords.glove, facts.gloveSize ?? '')
    add(
      membersWords.skills,
      facts.skills
        .map(
          ({ skill, until }) =>
            `${SKILLS[skill].name}${until ? ` ${membersWords.skillUntil} ${fullDay(until)}` : ''}`,
        )
        .join('; '),
    )
  } else {
    known(membersWords.conditions, 'conditions', conditionNames(facts).join(', '))
    known(membersWords.regular, 'medicines', membersWords.below)
    add(membersWords.traits, facts.traits.map((one) => TRAITS_OF_ANIMALS[one]).join(', '))
    add(membersWords.coat, facts.coat)
    add(membersWords.temperament, facts.temperament)
    for (const { substance, words: said, vet, on, confirmedAgainstWarning } of facts.agreed)
      add(
        `${membersWords.agreed}: ${substanceName(substance)}`,
        `“${said}” (${vet}, ${fullDay(on)})${confirmedAgainstWarning ? `; ${membersWords.confirmed.toLowerCase()}` : ''}`,
      )
  }
  if (facts.kind === 'person' && facts.word) {
    const { who, substances, until } = facts.word
    add(membersWords.word.title, membersWords.word.line(who, substances.map(substanceName), until))
  }
  if (facts.alarm) add(membersWords.alarm, ownLineText(facts.alarm, units))
  const customary = customaryVitals(species, ageInMonths(born, today))
  const own = facts.kind === 'animal' ? facts.normal : null
  for (const [name, key] of [
    [membersWords.temperature, 'temperature'],
    [membersWords.pulse, 'pulse'],
    [membersWords.breathing, 'breathing'],
  ] as const)
    add(
      name,
      own?.[key]
        ? `${rangeText(own[key])} (${membersWords.own})`
        : customary?.[key]
          ? `${rangeText(customary[key])} (${membersWords.customary})`
          : '',
    )
  if (customary && !(own?.temperature && own.pulse && own.breathing))
    add(words.items.matching.source, VITALS_SOURCE)
  return lines
}
