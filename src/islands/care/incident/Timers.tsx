/** Timers that run. */

import type { Instant } from '../../../core/dosing/given'
import type { Timer } from '../../../core/incident/timeline'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import type { PanelProps } from './panel'

const incidentWords = words.care.incident

interface TimersProps {
  readonly timers: readonly Timer[]
  readonly now: Instant
  readonly timeZone: string
  readonly onSay: PanelProps['say']
}

export function Timers({ timers, now, timeZone, onSay }: TimersProps) {
  const coming = timers.filter((timer) => timer.due > now)
  if (coming.length === 0) return null
  return (
    <section>
      <Box as="h2" size={4}>
        {incidentWords.timers}
      </Box>
      <Box as="ul" above={2}>
        {coming.map((timer) => (
          <Row as="li" gap={5} align="center" padY={3} lineAbove="hairline" key={timer.key}>
            <Stack as="span" grow>
              <b>{incidentWords.timer(timer)}</b>
              <Box as="small" tone="second">
                {words.care.time(timer.due, now, timeZone)}
              </Box>
            </Stack>
            <Box as="time" size={3} weight="bold" face="display" nowrap>
              {incidentWords.notYet(words.care.span(timer.due - now))}
            </Box>
            <Button
              kind="plain"
              onClick={() => void onSay({ kind: 'timer_done', timer: timer.key })}
            >
              {incidentWords.done}
            </Button>
          </Row>
        ))}
      </Box>
    </section>
  )
}
