/** No number without its vet: whom to ask, and what to tell them. */

import { substanceName } from '../../core/catalogue/substances'
import { DAY_MILLISECONDS, type GivenDose, type Instant } from '../../core/dosing/given'
import { knowledgeOf } from '../../core/household/asked'
import { allergyName } from '../../core/household/factNames'
import type { Member } from '../../core/household/member'
import type { Topic } from '../../core/household/told'
import { ageInMonths, weightOn } from '../../core/household/weight'
import { Box, Row, Stack } from '../../ui/Box'
import * as words from '../../words'
import { ageText, weight } from '../../words/care/weights'
import { fullDay } from '../../words/frame/format'
import classes from './care.module.css'
import type { Care } from './useCare'

interface Props {
  readonly care: Care
  readonly member: Member
  readonly given: readonly GivenDose[]
  readonly now: Instant
}

const benchWords = words.care.bench

export function AskVet({ care, member, given, now }: Props) {
  const { view, laid } = care
  const state = weightOn(member.species, member.born, member.weighings, view.today)
  const age = ageInMonths(member.born, view.today)
  const lately = given.filter(({ at }) => at > now - DAY_MILLISECONDS)
  const takes = laid.stock.courses
    .filter(
      ({ memberId, endsOn }) => memberId === member.id && (endsOn === null || endsOn >= view.today),
    )
    .map(({ itemId }) => laid.things[laid.thingOf.get(itemId) ?? -1]?.title ?? '')
  const knownNone = (topic: Topic): string => {
    const knowledge = knowledgeOf(member, topic, takes.length > 0)
    return knowledge.kind === 'none'
      ? words.care.handover.toldNone(knowledge.told.by, knowledge.told.on)
      : words.care.handover.notAsked
  }
  const agreed = member.facts.kind === 'animal' ? member.facts.agreed : []
  const tell: readonly (readonly [string, string])[] = [
    [benchWords.tellLines.species, member.species],
    [
      benchWords.tellLines.weight,
      state.kind === 'unknown'
        ? words.care.handover.weightUnknown
        : `${weight(state.weighing.grams, view.units)}, ${fullDay(state.weighing.on)}`,
    ],
    [benchWords.tellLines.age, age === null ? words.care.handover.weightUnknown : ageText(age)],
    [
      benchWords.tellLines.allergies,
      member.facts.allergies.map(allergyName).join(', ') || knownNone('allergies'),
    ],
    [benchWords.tellLines.medicines, takes.join(', ') || knownNone('medicines')],
    [
      benchWords.tellLines.given,
      lately
        .map(({ title, at }) => `${title} ${words.care.time(at, now, view.timeZone)}`)
        .join(', ') || benchWords.tellLines.nothing,
    ],
    [benchWords.tellLines.eaten, '…'],
  ]
  return (
    <Stack as="section" gap={4}>
      <Box as="h3" size={5}>
        {agreed.length > 0 ? benchWords.agreedInWords(member.name) : benchWords.noRule(member.name)}
      </Box>
      <p>{words.care.refusal({ code: 'ask_vet' }, { now, timeZone: view.timeZone })}</p>
      {agreed.map(({ substance, words: said, vet, on }) => (
        <Box edge="seam" as="blockquote" padX={5} padY={4} key={substance}>
          {substanceName(substance)}: {said} ({vet}, {fullDay(on)}){' '}
          <a href={`/bench/cards?for=${member.id}&agreed=${substance}`}>{benchWords.asCard}</a>
        </Box>
      ))}
      <Box as="h4" size={3}>
        {benchWords.tell}
      </Box>
      <Stack as="dl" className={classes.rows}>
        {tell.map(([name, text]) => (
          <Row gapX={6} gapY={1} justify="between" wrap padY={3} lineAbove="hairline" key={name}>
            <dt>{name}</dt>
            <Box as="dd" weight="bold" text="right" breakable>
              {text}
            </Box>
          </Row>
        ))}
      </Stack>
      <Box as="a" size={2} weight="bold" face="text" href={`/bench/cards?for=${member.id}`}>
        {benchWords.askVet}
      </Box>
    </Stack>
  )
}
