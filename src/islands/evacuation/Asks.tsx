/** What is missing, and what nobody has said: answered where it is asked, mostly with one press. */
import { useState } from 'react'
import { changeEvacuation } from '../../contract/evacuation'
import { changeMember } from '../../contract/members'
import { HELPS } from '../../core/evacuation/evacuation'
import type { EvacuationQuestion } from '../../core/evacuation/party'
import type { Member } from '../../core/household/member'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import * as words from '../../words'
import { HidingForm } from './HidingForm'
import type { Shown } from './useEvacuation'
import { VehicleForm } from './VehicleForm'

const said = words.evacuation

interface Props {
  readonly shown: Shown
  /** Opens the form of the plan. */
  readonly onChange: () => void
}

export function Asks({ shown, onChange }: Props) {
  const { plan } = shown
  const { gaps, questions } = plan
  const lacking = plan.loads.loads.filter(({ isReady }) => !isReady)
  return (
    <Stack gap={7} columns={2} collapse align="start" above={7}>
      <section aria-label={said.missing}>
        <h2>{said.missing}</h2>
        {gaps.length + lacking.length === 0 && <p>{said.nothingMissing}</p>}
        <Box as="ul" dots>
          {gaps.map((gap) => (
            <li key={gap.kind}>{said.gap(gap)}</li>
          ))}
          {lacking.map((load) => (
            <li key={load.need}>
              {said.load(load.need)}: {load.missing > 0 ? said.lacks(load) : said.nothingThere}.
            </li>
          ))}
        </Box>
        {lacking.length > 0 && (
          <Box as="p" above={3}>
            <a href={`/cover?at=${shown.asked.from}`}>{said.toBoard}</a>
          </Box>
        )}
      </section>
      {questions.length > 0 && (
        <section aria-label={said.asks}>
          <h2>{said.asks}</h2>
          <ul>
            {questions.map((question) => (
              <Row
                as="li"
                gapX={5}
                gapY={2}
                align="center"
                wrap
                padY={2}
                lineBelow="hairline"
                key={keyOf(question)}
              >
                <Box as="span" grow breakable>
                  {said.question(question)}
                </Box>
                <Answer shown={shown} question={question} onChange={onChange} />
              </Row>
            ))}
          </ul>
        </section>
      )}
    </Stack>
  )
}

const keyOf = (question: EvacuationQuestion): string =>
  [
    question.kind,
    'memberId' in question ? question.memberId : '',
    'name' in question ? question.name : '',
  ].join('/')

type Facts = Member['facts']

function Answer({ shown, question, onChange }: Props & { readonly question: EvacuationQuestion }) {
  const { run, busy } = useActing()
  const [opens, setOpens] = useState(false)
  const close = () => setOpens(false)
  const { household, cover } = shown
  const member =
    'memberId' in question
      ? cover.view.members.find(({ id }) => id === question.memberId)
      : undefined
  const note = (change: (facts: Facts) => Facts) => {
    if (!member) return
    void run(
      changeMember,
      {
        params: { memberId: member.id },
        body: { seenVersion: member.version, facts: change(member.facts as Facts) as never },
      },
      said.answered(member.name),
    )
  }
  const pressOf = (label: string, of: string, act: () => void) => (
    <Button key={label} disabled={busy} aria-label={`${label}: ${of}`} onClick={act}>
      {label}
    </Button>
  )
  const of = said.question(question)
  switch (question.kind) {
    case 'drives':
      return (
        <Row gap={3}>
          {[true, false].map((drives) =>
            pressOf(drives ? said.yes : said.no, of, () =>
              note((facts) =>
                facts.kind === 'person'
                  ? { ...facts, evacuation: { ...facts.evacuation, drives } }
                  : facts,
              ),
            ),
          )}
        </Row>
      )
    case 'help':
      return (
        <Row gap={3} wrap>
          {HELPS.map((help) =>
            pressOf(said.helps[help], of, () =>
              note((facts) =>
                facts.kind === 'person'
                  ? { ...facts, evacuation: { ...facts.evacuation, help } }
                  : facts,
              ),
            ),
          )}
        </Row>
      )
    case 'hides':
      return (
        <Row gap={3}>
          {pressOf(said.yes, of, () => setOpens(true))}
          {pressOf(said.no, of, () =>
            note((facts) =>
              facts.kind === 'animal'
                ? { ...facts, evacuation: { ...facts.evacuation, hides: false } }
                : facts,
            ),
          )}
          {opens && member && <HidingForm shown={shown} memberId={member.id} onClose={close} />}
        </Row>
      )
    case 'seats': {
      const place = household.places.find(({ id }) => id === question.placeId)
      return (
        <>
          {pressOf(said.answer, of, () => setOpens(true))}
          {opens && place && <VehicleForm key={place.version} place={place} onClose={close} />}
        </>
      )
    }
    case 'animals_there':
      return (
        <Row gap={3}>
          {[true, false].map((takesAnimals) =>
            pressOf(takesAnimals ? said.yes : said.no, of, () => {
              const { evacuation, version } = household.household
              void run(
                changeEvacuation,
                {
                  body: {
                    seenVersion: version,
                    goTo: evacuation.goTo.map((one) =>
                      one.name === question.name ? { ...one, takesAnimals } : one,
                    ),
                  },
                },
                said.answered(question.name),
              )
            }),
          )}
        </Row>
      )
    case 'photo':
      return (
        <ButtonLink href={`/members/${question.memberId}`} aria-label={`${said.addPhoto}: ${of}`}>
          {said.addPhoto}
        </ButtonLink>
      )
    default:
      return pressOf(said.answer, of, onChange)
  }
}
