/** Rounds (planning, and standing at the door): what is due and why, what it asks, what to bring. */

import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import { readRounds } from '../../contract/rounds'
import { dayAt } from '../../core/calendar/plainDate'
import { call } from '../../device/call'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { Empty } from '../../ui/Empty'
import { Frame, type Strap, useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { KitTabs } from '../kits/KitTabs'
import { Offered } from './Offered'
import classes from './rounds.module.css'
import { useStart } from './useStart'
import type { RoundsValue } from './view'

const roundsWords = words.rounds

interface Props {
  readonly strap: Strap
  readonly initial: RoundsValue
  readonly place: string | null
  /** The kit that somebody came for; it is shown first and open. */
  readonly kit: string | null
}

export const RoundsScreen = (props: Props) => (
  <Frame tab="kits" strap={props.strap} place={props.place}>
    <Rounds {...props} />
  </Frame>
)

function Rounds({ initial, place, kit }: Props) {
  const { data } = useQuery({
    queryKey: ['rounds'],
    queryFn: () => call(readRounds),
    initialData: initial,
  })
  const { today, habits } = useStrap()
  const start = useStart()
  const [shown, setShown] = useState(kit)
  const here = <T extends { readonly placeId: string }>(all: readonly T[]): readonly T[] =>
    all.filter(({ placeId }) => place === null || placeId === place)
  const due = here(data.due)
  const later = here(data.later)
  const small = here(data.small)
  const open = here(data.open)
  const finished = here(data.finished)
  const offer = (offered: RoundsValue['due'][number]) => (
    <li key={offered.kitId}>
      <Offered
        offered={offered}
        today={today}
        open={shown === offered.kitId || (shown === null && offered === due[0])}
        onToggle={() => setShown(shown === offered.kitId ? '' : offered.kitId)}
        start={start}
      />
    </li>
  )
  return (
    <>
      <KitTabs part="rounds" place={place} />
      <Stack measure as="header" gap={2} className={classes.head}>
        <h1>{roundsWords.headline(due.length)}</h1>
        <p className="second">{roundsWords.lead}</p>
      </Stack>
      {start.problem && (
        <Box as="p" padX={6} padY={4} above={5} surface="spent" radius={2} role="alert">
          {start.problem}
        </Box>
      )}
      <Stack gapX={7} gapY={6} above={6} className={classes.parts}>
        {open.length > 0 && (
          <section className={classes.open}>
            <Box as="h2" below={3}>
              {roundsWords.openNow}
            </Box>
            <Stack as="ul" gap={4} className={classes.lines}>
              {open.map((line) => (
                <Line
                  key={line.round.id}
                  hue={line.hue}
                  title={`${line.kit}, ${line.place}`}
                  under={`${roundsWords.answered(line.answered, line.asked)} · ${roundsWords.hands(line.hands)}`}
                >
                  <Go href={`/rounds/${line.round.id}/tally`} about={line.kit} quiet>
                    {roundsWords.paper}
                  </Go>
                  <Go href={`/round?id=${line.round.id}`} about={line.kit}>
                    {roundsWords.resume}
                  </Go>
                </Line>
              ))}
            </Stack>
          </section>
        )}
        {due.length > 0 && (
          <section className={classes.due}>
            <Box as="h2" below={3}>
              {roundsWords.dueNow}
            </Box>
            <Stack as="ul" gap={4}>
              {due.map(offer)}
            </Stack>
          </section>
        )}
        <Stack packed gap={6} className={classes.side}>
          {small.length > 0 && (
            <section>
              <Box as="h2" below={3}>
                {roundsWords.smallTitle}
              </Box>
              <Stack as="ul" gap={4} className={classes.lines}>
                {small.map((one) => (
                  <Line
                    key={one.pocket.id}
                    hue={one.hue}
                    title={`${one.place}: ${roundsWords.small(one.pocket.name, one.kit)}`}
                    under={`${roundsWords.takes(one.seconds)} · ${roundsWords.toll(one.toll)} · ${roundsWords.sure(one.sure)}`}
                  >
                    <Button
                      kind="strong"
                      disabled={start.busy}
                      aria-label={`${roundsWords.start}: ${roundsWords.small(one.pocket.name, one.kit)}`}
                      onClick={() => void start.begin(one.kitId, one.kit, [one.pocket.id])}
                    >
                      {roundsWords.start}
                    </Button>
                  </Line>
                ))}
              </Stack>
            </section>
          )}
          {finished.length > 0 && (
            <section>
              <Box as="h2" below={3}>
                {roundsWords.done}
              </Box>
              <Stack as="ul" gap={4} className={classes.lines}>
                {finished.map(({ round, kit: name, place: at, hue, seconds }) => (
                  <Line
                    key={round.id}
                    hue={hue}
                    title={`${name}, ${at}`}
                    under={[
                      round.finished &&
                        roundsWords.signed(
                          round.finished.by,
                          dayAt(Date.parse(round.finished.at), habits.timeZone),
                          today,
                        ),
                      seconds > 0 && roundsWords.duration(seconds),
                    ]
                      .filter(Boolean)
                      .join(' · ')}
                  >
                    <Go href={`/round?id=${round.id}`} about={name} quiet>
                      {roundsWords.open}
                    </Go>
                  </Line>
                ))}
              </Stack>
            </section>
          )}
        </Stack>
        <section className={classes.later}>
          <Box as="h2" below={3}>
            {roundsWords.laterOn}
          </Box>
          {due.length + later.length === 0 && (
            <Empty text={roundsWords.noKits}>
              <ButtonLink kind="strong" href="/kits">
                {roundsWords.addKit}
              </ButtonLink>
            </Empty>
          )}
          <Stack as="ul" gap={4}>
            {later.map(offer)}
          </Stack>
        </section>
      </Stack>
    </>
  )
}

/** A round in one line, with what one may do with it. */
const Line = ({
  hue,
  title,
  under,
  children,
}: {
  readonly hue: string
  readonly title: string
  readonly under: string
  readonly children: ReactNode
}) => (
  <Row edge="hue" as="li" gapX={4} gapY={3} align="center" wrap surface="paper" data-hue={hue}>
    <span>
      <b>{title}</b>
      <Box as="small" tone="second">
        {under}
      </Box>
    </span>
    {children}
  </Row>
)

const Go = ({
  href,
  about,
  quiet = false,
  children,
}: {
  readonly href: string
  readonly about: string
  readonly quiet?: boolean
  readonly children: string
}) => (
  <ButtonLink href={href} kind={quiet ? 'firm' : 'strong'} aria-label={`${children}: ${about}`}>
    {children}
  </ButtonLink>
)
