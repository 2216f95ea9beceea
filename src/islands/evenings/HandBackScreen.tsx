/** What came back from an evening: what was given, used and seen, and what to replace. */

import { useQuery } from '@tanstack/react-query'
import type { z } from 'zod'
import { readHandBack } from '../../contract/evenings'
import { dayAt } from '../../core/calendar/plainDate'
import type { Instant } from '../../core/dosing/given'
import { call } from '../../device/call'
import { Box, Stack } from '../../ui/Box'
import { Frame, type Strap } from '../../ui/Frame'
import * as words from '../../words'
import { counted, fullDay } from '../../words/frame/format'
import { CoverTabs } from '../cover/CoverTabs'

const eveningWords = words.evenings

type HandBack = z.output<(typeof readHandBack)['result']>

interface Props {
  readonly strap: Strap
  readonly initial: HandBack
}

export const HandBackScreen = ({ strap, initial }: Props) => (
  <Frame tab="cover" strap={strap} place={null}>
    <CoverTabs part="evening" place={null} />
    <HandedBack initial={initial} />
  </Frame>
)

const LOOK_AGAIN_MILLISECONDS = 30_000

function HandedBack({ initial }: Pick<Props, 'initial'>) {
  const { data } = useQuery({
    queryKey: ['evening', initial.evening.id],
    queryFn: () => call(readHandBack, { params: { eveningId: initial.evening.id } }),
    initialData: initial,
    refetchInterval: LOOK_AGAIN_MILLISECONDS,
  })
  const { evening, notes, names, replace, timeZone } = data
  const { forName, from, to, endedAt, state } = evening
  const begins = Date.parse(from) as Instant
  /** Of the day on which it begins; another day is named. */
  const clock = (at: string): string => words.care.time(Date.parse(at) as Instant, begins, timeZone)
  return (
    <>
      <Box as="header" below={6}>
        <h1>{eveningWords.backTitle(forName)}</h1>
        <p className="second">
          {fullDay(dayAt(Date.parse(from), timeZone))}, {clock(from)} – {clock(endedAt ?? to)},{' '}
          {eveningWords.state[state]}
        </p>
      </Box>
      <Box as="section" below={7} aria-label={eveningWords.back}>
        <Box as="h2" size={4} below={4}>
          {eveningWords.back}
        </Box>
        {notes.length === 0 && <p>{eveningWords.noNotes}</p>}
        <Stack as="ol" gap={3}>
          {notes.map(({ id, at, by, memberId, fact }) => (
            <Box as="li" key={id} padY={3} lineBelow="hairline">
              <b>{words.care.time(at as Instant, begins, timeZone)}</b>{' '}
              {words.noteText(fact, names[memberId ?? ''] ?? '')}{' '}
              <span className="second">{by}</span>
            </Box>
          ))}
        </Stack>
      </Box>
      <Box as="section" aria-label={eveningWords.replace}>
        <Box as="h2" size={4} below={4}>
          {eveningWords.replace}
        </Box>
        {replace.length === 0 && <p>{eveningWords.nothingToReplace}</p>}
        <Stack as="ul" gap={3}>
          {replace.map(({ title, unit, amount, kit, pocket }) => (
            <li key={`${title}${kit}${pocket}`}>
              <b>{title}</b>: {counted(amount, unit)}, {pocket}, {kit}
            </li>
          ))}
        </Stack>
      </Box>
      <p>
        <a href="/evenings">{eveningWords.title}</a>
      </p>
    </>
  )
}
