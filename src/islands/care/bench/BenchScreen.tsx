/** The bench (in need, and at a desk): how much, for whom, drawn; or why not. */

import { useEffect, useMemo, useRef, useState } from 'react'
import { sayCare } from '../../../contract/care'
import type { Instant } from '../../../core/dosing/given'
import type { DoseAnswer } from '../../../core/dosing/question'
import { isFor } from '../../../core/dosing/sources'
import { asksOnly } from '../../../core/dosing/workOut'
import type { Member } from '../../../core/household/member'
import type { PlaceId } from '../../../core/ids'
import type { CareFact } from '../../../core/incident/entry'
import { strengthText } from '../../../core/quantity/measure'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button, ButtonLink, Chip } from '../../../ui/Button'
import { Empty } from '../../../ui/Empty'
import { Explain } from '../../../ui/Explain'
import { Frame, type Strap } from '../../../ui/Frame'
import * as words from '../../../words'
import { AskVet } from '../AskVet'
import { askDose } from '../askDose'
import { DosePaper } from '../DosePaper'
import { NumbersStrap } from '../NumbersStrap'
import { type Care, givenTo, openWith, patientNow, useNow } from '../useCare'
import { WithCare } from '../WithCare'
import { BenchTabs } from './BenchTabs'
import classes from './bench.module.css'

interface Props {
  readonly strap: Strap
  readonly place: string | null
}

export const BenchScreen = ({ strap, place }: Props) => (
  <Frame tab="bench" strap={strap} place={place}>
    <BenchTabs part="doses" />
    <WithCare title={words.care.bench.title}>
      {(care) => <Bench care={care} place={place as PlaceId | null} />}
    </WithCare>
  </Frame>
)

const benchWords = words.care.bench

const inAddress = (name: string): string | null =>
  typeof location === 'undefined' ? null : new URLSearchParams(location.search).get(name)

function Bench({ care, place }: { readonly care: Care; readonly place: PlaceId | null }) {
  const [who, setWho] = useState(() => inAddress('for'))
  const [what, setWhat] = useState(() => inAddress('card'))
  const sheet = useRef<HTMLDivElement>(null)
  const { members } = care
  const member = members.find(({ id }) => id === who) ?? null
  /** The list may be longer than the screen: the paper comes into sight. */
  const choose = (cardId: string): void => {
    setWhat(cardId)
    const { current } = sheet
    if (current && (current.getBoundingClientRect().top < 0 || innerWidth < 960))
      requestAnimationFrame(() => current.scrollIntoView({ block: 'start' }))
  }
  useEffect(() => {
    const search = new URLSearchParams(location.search)
    if (who) search.set('for', who)
    if (what) search.set('card', what)
    history.replaceState(null, '', `?${search}`)
  }, [who, what])
  if (members.length === 0)
    return (
      <>
        <h1>{benchWords.title}</h1>
        <Empty text={benchWords.nobody}>
          <ButtonLink kind="strong" href="/begin?step=members">
            {words.ways.members}
          </ButtonLink>
        </Empty>
      </>
    )
  return (
    <div className={classes.bench}>
      <Stack gap={5} className="no-print">
        <Row gap={4} align="center">
          <h1>{benchWords.title}</h1>
          <Explain id="amount" />
        </Row>
        <Row as="fieldset" gap={4} align="center" wrap>
          <Box as="legend" tone="second">
            {benchWords.who}
          </Box>
          {members.map(({ id, name }) => (
            <Chip
              key={id}
              pressed={id === who}
              onClick={() => {
                setWho(id)
                setWhat(null)
              }}
            >
              {name}
            </Chip>
          ))}
        </Row>
        {member && (
          <Cards care={care} member={member} place={place} chosen={what} onChoose={choose} />
        )}
      </Stack>
      <Stack gap={6} pad={7} surface="paper" line="hairline" radius={2} ref={sheet}>
        <NumbersStrap numbers={care.cover.numbers} member={member} />
        {member ? (
          <Answer care={care} member={member} cardId={what} place={place} />
        ) : (
          <Box as="p" padY={8} size={4} tone="second" text="center">
            {benchWords.choose}
          </Box>
        )}
      </Stack>
    </div>
  )
}

/** The cards that say something of a member; what may be given first. */
function useAnswers(care: Care, member: Member, place: PlaceId | null, now: Instant) {
  return useMemo(() => {
    const patient = patientNow(care, member)
    const given = givenTo(care, member.id)
    return care.view.cards
      .filter((card) => isFor(card, patient))
      .map((card) => ({ card, ...askDose(care, member, card, { now, given, here: place }) }))
      .sort(
        (a, b) =>
          orderOf(a.answer) - orderOf(b.answer) ||
          a.card.purpose.localeCompare(b.card.purpose) ||
          a.card.name.localeCompare(b.card.name),
      )
  }, [care, member, place, now])
}
const ORDER = { give: 0, wait: 1, refused: 3 } as const
const orderOf = (answer: DoseAnswer): number => (asksOnly(answer) ? 2 : ORDER[answer.kind])

interface CardsProps {
  readonly care: Care
  readonly member: Member
  readonly place: PlaceId | null
  readonly chosen: string | null
  readonly onChoose: (cardId: string) => void
}

function Cards({ care, member, place, chosen, onChoose }: CardsProps) {
  const now = useNow(30_000)
  const answers = useAnswers(care, member, place, now)
  if (answers.length === 0) return null
  return (
    <Stack as="fieldset" gap={3} className={classes.what}>
      <Box as="legend" below={3} tone="second">
        {benchWords.what}
      </Box>
      {answers.map(({ card, answer }) => (
        <Button
          kind="row"
          key={card.id}
          aria-pressed={card.id === chosen}
          data-state={asksOnly(answer) ? 'wait' : answer.kind}
          onClick={() => onChoose(card.id)}
        >
          <span>
            <Box as="b" block>
              {card.purpose || card.name}
            </Box>
            <Box as="small" size={2} tone="second" block>
              {card.name}
              {card.strength ? `, ${strengthText(card.strength)}` : ''}
            </Box>
          </span>
          <Box as="em" size={2} weight="bold" nowrap>
            {answer.kind === 'give'
              ? benchWords.states.give
              : answer.kind === 'wait' && answer.until
                ? benchWords.states.wait(words.care.time(answer.until, now, care.view.timeZone))
                : asksOnly(answer)
                  ? benchWords.states.asks
                  : benchWords.states.refused}
          </Box>
        </Button>
      ))}
    </Stack>
  )
}

function Answer({
  care,
  member,
  cardId,
  place,
}: {
  readonly care: Care
  readonly member: Member
  readonly cardId: string | null
  readonly place: PlaceId | null
}) {
  const now = useNow(30_000)
  const { run } = useActing()
  const answers = useAnswers(care, member, place, now)
  const card = care.view.cards.find(({ id }) => id === cardId) ?? null
  if (member.facts.kind === 'animal' && answers.length === 0)
    return <AskVet care={care} member={member} given={givenTo(care, member.id)} now={now} />
  if (!card)
    return (
      <Box padY={8} size={4} tone="second" text="center">
        <p>{answers.length === 0 ? benchWords.noCards : benchWords.choose}</p>
        {member.facts.kind === 'person' && care.cover.labels === 'none' && (
          <>
            <p>{benchWords.noLabels}</p>
            <p>
              <a href="/bench/cards?pack=1">{benchWords.writeLabel}</a>{' '}
              <a href="/household">{benchWords.chooseLabels}</a>
            </p>
          </>
        )}
      </Box>
    )
  const give = async (fact: Extract<CareFact, { kind: 'dose' }>, minutesAgo: number) => {
    const incidentId = openWith(care, member.id)?.id ?? null
    const said = words.care.bench.noted(
      `${member.name}, ${words.care.incident.fact(fact, 'metric')}`,
    )
    if (minutesAgo > 0) {
      await care.say({ incidentId, memberId: member.id, fact, minutesAgo })
      return
    }
    await run(
      sayCare,
      { body: { entryId: crypto.randomUUID(), incidentId, memberId: member.id, fact } as never },
      said,
      { about: said },
    )
  }
  return (
    <DosePaper
      key={`${member.id}${card.id}`}
      care={care}
      member={member}
      card={card}
      here={place}
      onGiven={give}
    />
  )
}
