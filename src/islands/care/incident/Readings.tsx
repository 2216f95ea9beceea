/** The last readings, each beside what is usual. */

import { useMemo } from 'react'
import type { Instant } from '../../../core/dosing/given'
import { ALARM_SOURCE } from '../../../core/incident/alarmLines'
import { alarmsOfLine } from '../../../core/incident/alarmsOfLine'
import type { Seen } from '../../../core/incident/entry'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { useSpeakUp } from '../../../ui/speakUp'
import * as words from '../../../words'
import type { Care } from '../useCare'
import classes from './incident.module.css'
import type { AlarmProps } from './panel'

const incidentWords = words.care.incident

/** What the readings say has to be done, by whom and when to read again. */
export function Readings({
  care,
  line,
  patient,
  now,
  onSay,
}: Pick<AlarmProps, 'line' | 'patient' | 'now' | 'onSay'> & { readonly care: Care }) {
  const { units, timeZone } = care.view
  const minute = Math.floor(now / 60_000)
  const state = useMemo(
    () => alarmsOfLine(line, patient, (minute * 60_000 + 59_999) as Instant, timeZone),
    [line, patient, minute, timeZone],
  )
  const { told, advice, trend } = state
  const again = advice.find((one) => one.kind === 'read_again')
  useSpeakUp(
    useMemo(
      () =>
        again && again.due <= now
          ? [{ key: `read:${again.due}`, words: incidentWords.readNow }]
          : [],
      [again, now],
    ),
  )
  if (!told && advice.length === 0) return null
  const how = { units, time: (at: Instant) => words.care.time(at, now, timeZone) }
  const seen = (one: Seen) => void onSay({ kind: 'seen', seen: [one], words: '' })
  return (
    <Stack
      as="section"
      gap={3}
      padX={6}
      padY={5}
      line="seam"
      radius={2}
      className={classes.readings}
      data-urgency={told?.urgency}
      role="alert"
      aria-label={incidentWords.readings}
    >
      {told && (
        <>
          <Box as="strong" size={5} weight="bold" face="display">
            {incidentWords.urgency(told)}
          </Box>
          <p>
            {incidentWords.cause(told, units)} {incidentWords.trend(trend, units)}
          </p>
          <Box as="small" size={2} tone="second">
            {words.cover.sourceOf(ALARM_SOURCE)}
          </Box>
        </>
      )}
      <Stack as="ul" gap={2}>
        {advice.map((one) => (
          <li key={one.kind + ('of' in one ? one.of : '')}>{incidentWords.advice(one, how)}</li>
        ))}
      </Stack>
      <Row gapX={5} gapY={4} align="center" wrap className={classes.row}>
        {advice.some(({ kind }) => kind === 'ask_heat') && (
          <>
            <Button onClick={() => seen('in-heat')}>{incidentWords.yesHeat}</Button>
            <Button onClick={() => seen('not-in-heat')}>{incidentWords.noHeat}</Button>
          </>
        )}
        {told && (
          <Button onClick={() => seen('looked-at')}>{incidentWords.lookedAt(told.whom)}</Button>
        )}
      </Row>
    </Stack>
  )
}
