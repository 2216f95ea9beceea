/** Everything that was noted, the latest first; what was wrong is struck out and stays readable. */

import { carePhoto } from '../../../contract/care'
import { addressOf } from '../../../contract/endpoint'
import type { Instant } from '../../../core/dosing/given'
import type { Member } from '../../../core/household/member'
import { readingsOf } from '../../../core/incident/handover'
import type { Timeline, TimelineEntry } from '../../../core/incident/timeline'
import { Box, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import type { Care } from '../useCare'
import classes from './incident.module.css'
import type { PanelProps } from './panel'
import { ReadingsChart } from './ReadingsChart'

const incidentWords = words.care.incident

interface Props {
  readonly care: Care
  readonly line: Timeline
  readonly patient: Member
  readonly now: Instant
  readonly onSay: PanelProps['say']
}

export function LineOfTime({ care, line, patient, now, onSay }: Props) {
  const { view } = care
  const standing = line.entries.filter(({ struck }) => !struck)
  const readings = readingsOf(standing, patient, view.today)
  const shown = [...line.entries].reverse().filter(({ fact }) => fact.kind !== 'struck')
  return (
    <>
      {(['temperature', 'pulse', 'breathing'] as const).map((of) => {
        const these = readings.filter(({ reading }) => reading.of === of)
        return these.length > 1 ? (
          <ReadingsChart
            key={of}
            of={of}
            readings={these}
            units={view.units}
            timeZone={view.timeZone}
            now={now}
          />
        ) : null
      })}
      <section className={classes.line}>
        <Box as="h2" size={4}>
          {incidentWords.title2}
        </Box>
        <Box as="ol" above={3}>
          {shown.map((entry) => (
            <Line
              key={entry.id}
              entry={entry}
              care={care}
              patient={patient}
              now={now}
              onSay={onSay}
            />
          ))}
          <Stack columns="3.7rem minmax(0, 1fr) auto" anchor as="li" gap={4} align="start">
            <Box as="time" tone="second">
              {words.care.time(line.incident.startedAt, now, view.timeZone)}
            </Box>
            <div>
              {words.happened}{' '}
              <Box as="small" tone="second">
                {incidentWords.by(line.incident.startedBy)}
              </Box>
            </div>
          </Stack>
        </Box>
      </section>
    </>
  )
}

interface LineProps {
  readonly entry: TimelineEntry
  readonly care: Care
  readonly patient: Member
  readonly now: Instant
  readonly onSay: PanelProps['say']
}

function Line({ entry, care, patient, now, onSay }: LineProps) {
  const { view } = care
  const { fact, struck, outcome, beyond } = entry
  const [reading] = readingsOf([entry], patient, view.today)
  return (
    <Stack
      columns="3.7rem minmax(0, 1fr) auto"
      anchor
      as="li"
      gap={4}
      align="start"
      data-struck={struck}
      data-kind={fact.kind}
      data-beyond={beyond.length > 0}
    >
      <Box as="time" tone="second">
        {words.care.time(entry.at, now, view.timeZone)}
      </Box>
      <div>
        <Box as="span" weight="bold" breakable className={classes.fact}>
          {incidentWords.fact(fact, view.units)}
        </Box>{' '}
        <Box as="small" tone="second">
          {incidentWords.by(entry.by)}
          {struck && `, ${incidentWords.struck}`}
          {outcome === null && `, ${incidentWords.waiting}`}
        </Box>
        {reading && reading.standing !== 'unknown' && reading.normal && (
          <Box
            tone="second"
            as="small"
            block
            className={classes.standing}
            data-standing={reading.standing}
          >
            {incidentWords.standing[reading.standing]} (
            {incidentWords.normal(reading.normal, reading.reading.of, view.units)})
            {reading.corrected !== reading.reading &&
              `; ${incidentWords.corrected(incidentWords.reading(reading.corrected, view.units))}`}
          </Box>
        )}
        {outcome?.kind === 'short' && (
          <Box tone="second" as="small" block className={classes.standing}>
            {incidentWords.short(outcome.titles)}
          </Box>
        )}
        {beyond.map((refusal) => (
          <Box
            tone="second"
            as="small"
            block
            key={refusal.code}
            className={classes.standing}
            data-standing="above"
          >
            {words.care.refusal(refusal, { now, timeZone: view.timeZone })}
          </Box>
        ))}
        {fact.kind === 'photo' && outcome !== null && (
          <img
            src={addressOf(carePhoto, { entryId: entry.id })}
            alt={fact.words || incidentWords.acts.photo}
            loading="lazy"
          />
        )}
      </div>
      {!struck && fact.kind !== 'ended' && fact.kind !== 'reopened' && (
        <Button
          kind="quiet"
          aria-label={`${incidentWords.strike}: ${incidentWords.fact(fact, view.units)}`}
          onClick={() => void onSay({ kind: 'struck', entryId: entry.id })}
        >
          {incidentWords.strike}
        </Button>
      )}
    </Stack>
  )
}
