/** Evenings with a sitter (planning, before leaving): hand one over, end it, read what came back. */

import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { z } from 'zod'
import { endEvening, readEvenings } from '../../contract/evenings'
import { dayAt } from '../../core/calendar/plainDate'
import type { Instant } from '../../core/dosing/given'
import { call } from '../../device/call'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { Empty } from '../../ui/Empty'
import { Folded } from '../../ui/Folded'
import { Frame, type Strap, useStrap } from '../../ui/Frame'
import { useMay } from '../../ui/role'
import * as words from '../../words'
import { fullDay } from '../../words/frame/format'
import { CoverTabs } from '../cover/CoverTabs'
import { CodeToSay } from '../people/CodeToSay'
import { type Choosable, PlanEvening } from './PlanEvening'

const eveningWords = words.evenings

type Lines = z.output<(typeof readEvenings)['result']>['evenings']

interface Props {
  readonly strap: Strap
  readonly initial: Lines
  readonly members: Choosable[]
  readonly who: string
}

export const EveningsScreen = ({ strap, ...rest }: Props) => (
  <Frame tab="cover" strap={strap} place={null}>
    <CoverTabs part="evening" place={null} />
    <Evenings {...rest} />
  </Frame>
)

function Evenings({ initial, members, who }: Omit<Props, 'strap'>) {
  const { data } = useQuery({
    queryKey: ['evenings'],
    queryFn: () => call(readEvenings),
    initialData: { evenings: initial },
  })
  const [planning, setPlanning] = useState(false)
  const arranges = useMay('arrange')
  const plan = (
    <Button kind="strong" onClick={() => setPlanning(true)}>
      {eveningWords.plan}
    </Button>
  )
  return (
    <>
      <Row as="header" gap={6} align="start" justify="between" wrap below={6}>
        <div>
          <h1>{eveningWords.title}</h1>
          <Box as="p" measure className="second">
            {eveningWords.lead} <a href="/cover/evening">{eveningWords.cope}</a>
          </Box>
        </div>
        {arranges && data.evenings.length > 0 && plan}
      </Row>
      {data.evenings.length === 0 && <Empty text={eveningWords.none}>{arranges && plan}</Empty>}
      <Stack as="ul" gap={4} aria-label={eveningWords.title}>
        {data.evenings.map((one) => (
          <EveningLine key={one.id} evening={one} />
        ))}
      </Stack>
      {planning && <PlanEvening members={members} who={who} onClose={() => setPlanning(false)} />}
    </>
  )
}

function EveningLine({ evening }: { readonly evening: Lines[number] }) {
  const { id, forName, from, to, endedAt, state, code, members } = evening
  const { timeZone } = useStrap().habits
  const { run, busy } = useActing()
  const arranges = useMay('arrange')
  const begins = Date.parse(from) as Instant
  /** Of the day on which it begins; another day is named. */
  const clock = (at: string): string => words.care.time(Date.parse(at) as Instant, begins, timeZone)
  return (
    <Row as="li" gap={5} align="start" justify="between" wrap pad={5} line="seam" radius={2}>
      <Box grow shrink>
        <Box as="b" size={4} face="display">
          {forName}
        </Box>{' '}
        <b>{eveningWords.state[state]}</b>
        <p>
          {fullDay(dayAt(Date.parse(from), timeZone))}, {clock(from)} – {clock(endedAt ?? to)} ·{' '}
          {members.join(', ')}
        </p>
        {code && (
          <Folded title={eveningWords.codeFor(forName)}>
            {() => <CodeToSay code={code} under="evening" how={eveningWords.howCode} />}
          </Folded>
        )}
      </Box>
      <Row gap={4} wrap>
        <ButtonLink href={`/evenings/${id}`} aria-label={`${eveningWords.back}: ${forName}`}>
          {eveningWords.back}
        </ButtonLink>
        <ButtonLink
          kind="quiet"
          href={`/evenings/${id}/rehearsal`}
          aria-label={`${eveningWords.rehearse}: ${forName}`}
        >
          {eveningWords.rehearse}
        </ButtonLink>
        {arranges && state !== 'over' && (
          <Button
            kind="quiet"
            disabled={busy}
            aria-label={eveningWords.endOf(forName)}
            onClick={() =>
              void run(endEvening, { params: { eveningId: id } }, eveningWords.ended(forName))
            }
          >
            {eveningWords.end}
          </Button>
        )}
      </Row>
    </Row>
  )
}
