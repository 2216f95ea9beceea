/** What readings and timers call for, at the head of an incident. */

import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import classes from './incident.module.css'
import type { AlarmProps } from './panel'

const incidentWords = words.care.incident

/** What cannot wait: beyond the limits, heat that does not fall, a tourniquet, timers. */
export function Alarms({ line, patient, now, due, onSay }: AlarmProps) {
  const animal = patient.facts.kind === 'animal'
  const beyond = line.entries.filter((entry) => entry.beyond.length > 0 && !entry.struck)
  return (
    <Stack gap={4} className={classes.alarms} role="alert">
      {beyond.length > 0 && (
        <Box
          as="p"
          padX={6}
          padY={5}
          size={4}
          weight="bold"
          face="display"
          surface="spent"
          line="bad"
          radius={2}
        >
          {animal ? incidentWords.beyondAnimal : incidentWords.beyond}{' '}
          {beyond.map(({ fact }) => incidentWords.fact(fact, 'metric')).join(', ')}
        </Box>
      )}
      {line.tourniquet && (
        <Box
          as="p"
          padX={6}
          padY={5}
          size={4}
          weight="bold"
          face="display"
          surface="spent"
          line="bad"
          radius={2}
        >
          {incidentWords.tourniquetOn(
            line.tourniquet.where,
            words.care.span(now - line.tourniquet.at),
          )}
        </Box>
      )}
      {due.map((timer) => (
        <Row
          as="p"
          gap={5}
          align="center"
          justify="between"
          padX={6}
          padY={4}
          size={4}
          tone="canvas"
          surface="ink"
          radius={2}
          key={timer.key}
        >
          <b>{incidentWords.timer(timer)}</b>
          <Button onClick={() => void onSay({ kind: 'timer_done', timer: timer.key })}>
            {incidentWords.done}
          </Button>
        </Row>
      ))}
    </Stack>
  )
}
