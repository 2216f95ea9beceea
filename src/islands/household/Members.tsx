/** People and animals as cards with their readiness, and adding one or a guest. */

import { useMemo, useState } from 'react'
import { removeMember } from '../../contract/members'
import { takesSomething } from '../../core/cover/pantry'
import { notAsked } from '../../core/household/asked'
import { weightOn } from '../../core/household/weight'
import { type MemberCard, memberCards } from '../../core/judgement/memberSheet'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { TOPIC_NAMES } from '../../words/frame/topics'
import { type CoverView, useCover } from '../cover/useCover'
import { Portrait } from '../members/Photo'
import { AddMember } from './AddMember'
import { EarlierGuests } from './EarlierGuests'
import classes from './household.module.css'
import { memberLine } from './memberLine'
import type { HouseholdView } from './view'

const householdWords = words.household

interface Props {
  readonly initial: CoverView
  readonly earlierGuests: HouseholdView['earlierGuests']
}

export function Members({ initial, earlierGuests }: Props) {
  const cover = useCover(initial)
  const { view, laid } = cover
  const { today } = useStrap()
  const [adding, setAdding] = useState<'member' | 'guest' | null>(null)
  const cards = useMemo(() => memberCards(laid, today), [laid, today])
  return (
    <Box as="section" below={6} aria-label={householdWords.members}>
      <Row as="header" gap={6} align="baseline" justify="between" wrap>
        <Box as="h2" size={4}>
          {householdWords.members}
        </Box>
        {!adding && (
          <Row as="span" gap={6}>
            <Button kind="quiet" onClick={() => setAdding('member')}>
              {householdWords.add}
            </Button>
            <Button kind="quiet" onClick={() => setAdding('guest')}>
              {words.members.guest}
            </Button>
          </Row>
        )}
      </Row>
      {adding === 'guest' && (
        <EarlierGuests guests={earlierGuests} onBack={() => setAdding(null)} />
      )}
      {adding && <AddMember isGuest={adding === 'guest'} onDone={() => setAdding(null)} />}
      {view.members.length === 0 && !adding && <p className="second">{householdWords.noMembers}</p>}
      {view.places.length > 0 && view.members.length > 0 && (
        <p className="second">{householdWords.readyBy}</p>
      )}
      <Stack columns="repeat(auto-fill, minmax(18.5rem, 1fr))" as="ul" gap={5} above={4}>
        {cards.map((card) => (
          <Card key={card.member.id} card={card} view={view} />
        ))}
      </Stack>
    </Box>
  )
}

function Card({
  card: { member, places, courses },
  view,
}: {
  readonly card: MemberCard
  readonly view: CoverView
}) {
  const { run, busy } = useActing()
  const { today } = useStrap()
  const weight = weightOn(member.species, member.born, member.weighings, today)
  const unasked = notAsked(member, takesSomething(view.courses, member.id, today))
  const minded = [
    unasked.length > 0 ? householdWords.notAsked(unasked.map((topic) => TOPIC_NAMES[topic])) : '',
    weight.kind === 'stale' ? householdWords.weighAgain : '',
    ...courses.flatMap(({ title, state, unit }) =>
      state.kind === 'falls_short' ||
      state.kind === 'left_over' ||
      (state.kind === 'regular' && state.days < householdWords.fewDays)
        ? [`${title}: ${words.members.course(state, unit)}`]
        : [],
    ),
  ].filter(Boolean)
  return (
    <Stack
      columns="auto minmax(0, 1fr) auto"
      as="li"
      gap={5}
      align="start"
      padX={5}
      padY={4}
      line="dashed"
      radius={2}
      className={classes.card}
    >
      <Portrait member={member} photo={view.photos.find((one) => one.memberId === member.id)} />
      <div>
        <Box unlined as="a" size={4} weight="bold" face="display" href={`/members/${member.id}`}>
          {member.name}
        </Box>
        <Box as="small" size={2} tone="second" block>
          {memberLine(member, today)}
        </Box>
        <Box as="ul" above={3} below={2}>
          {places.map(({ placeId, ready, missing }) => {
            const place = view.places.find(({ id }) => id === placeId)
            return (
              place &&
              ready.of > 0 && (
                <Box as="li" size={2} padY={1} key={placeId} data-hue={place.hue}>
                  <Box as="a" weight="bold" tone="hue" href={`/cover?place=${placeId}`}>
                    {place.name}
                  </Box>{' '}
                  <b>{words.ready.figure(ready)}</b>
                  {missing.length > 0 && (
                    <Box as="span" tone="second">
                      {' '}
                      {words.ready.missing(missing.map(({ name }) => name))}
                    </Box>
                  )}
                </Box>
              )
            )
          })}
        </Box>
        {minded.map((line) => (
          <Box as="small" size={2} tone="second" block key={line}>
            {line}
          </Box>
        ))}
      </div>
      <Button
        kind="quiet"
        disabled={busy}
        aria-label={`${householdWords.remove}: ${member.name}`}
        onClick={() =>
          void run(
            removeMember,
            { params: { memberId: member.id } },
            householdWords.removed(member.name),
          )
        }
      >
        {householdWords.remove}
      </Button>
    </Stack>
  )
}
