/** Readings: temperature with where it was measured; pulse and breaths by tapping along. */

import { useState } from 'react'
import { type Reading, SITES, type Site } from '../../../core/incident/entry'
import {
  correctedReading,
  isCorrected,
  MOST_A_MINUTE,
  normalFor,
  tapRate,
} from '../../../core/incident/readings'
import { type MeasureFault, readTemperature } from '../../../core/quantity/measure'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button, Chip } from '../../../ui/Button'
import * as words from '../../../words'
import classes from './incident.module.css'
import type { PanelProps } from './panel'

const incidentWords = words.care.incident

export function ReadingPanel({ care, patient, say, onDone }: PanelProps) {
  const { units, today } = care.view
  const animal = patient.facts.kind === 'animal'
  const [text, setText] = useState('')
  const [site, setSite] = useState<Site>(animal ? 'rectal' : 'ear')
  const read = text.trim() === '' ? null : readTemperature(text, units)
  const reading: Reading | null =
    read?.kind === 'read' ? { of: 'temperature', value: read.value, site } : null
  const normal = normalFor(patient, 'temperature', today)
  return (
    <>
      <Stack
        as="form"
        gap={5}
        className={classes.fields}
        onSubmit={(event) => {
          event.preventDefault()
          if (reading) void say({ kind: 'reading', reading }).then(onDone)
        }}
      >
        <label>
          {incidentWords.temperature}
          <input
            inputMode="decimal"
            value={text}
            aria-invalid={read?.kind === 'refused'}
            onChange={(event) => setText(event.currentTarget.value)}
          />
          <small>
            {read?.kind === 'refused'
              ? words.care.measureFault(read.fault)
              : incidentWords.temperatureHelp(units)}
          </small>
        </label>
        {read?.kind === 'refused' && read.fault.code === 'other_unit' && (
          <Button kind="plain" onClick={() => setText(otherUnit(text, read.fault))}>
            {incidentWords.asked(`${text.trim()} ${read.fault.unit}`)}
          </Button>
        )}
        <Row as="fieldset" gap={4} align="center" wrap>
          <legend>{incidentWords.site}</legend>
          {SITES.filter(
            (one) => !animal || one === 'rectal' || one === 'ear' || one === 'armpit',
          ).map((one) => (
            <Chip key={one} pressed={site === one} onClick={() => setSite(one)}>
              {incidentWords.sites[one]}
            </Chip>
          ))}
        </Row>
        {reading && isCorrected(reading, animal) && (
          <Box as="p" tone="second">
            {incidentWords.corrected(
              incidentWords.reading(correctedReading(reading, animal), units),
            )}
          </Box>
        )}
        <Box as="p" tone="second">
          {normal ? incidentWords.normal(normal, 'temperature', units) : incidentWords.noNormal}
        </Box>
        <Button kind="main" type="submit" className={classes.go} disabled={!reading}>
          {incidentWords.noteReading}
        </Button>
      </Stack>
      <Tapping
        of="pulse"
        label={incidentWords.tapPulse}
        patient={patient}
        today={today}
        onNote={(value) => say({ kind: 'reading', reading: { of: 'pulse', value } }).then(onDone)}
      />
      <Tapping
        of="breathing"
        label={incidentWords.tapBreath}
        patient={patient}
        today={today}
        onNote={(value) =>
          say({ kind: 'reading', reading: { of: 'breathing', value } }).then(onDone)
        }
      />
    </>
  )
}

/** The number as it was typed, in the unit in which it can be true. */
const otherUnit = (text: string, fault: MeasureFault): string =>
  fault.code === 'other_unit' ? `${text.trim()} ${fault.unit}` : text

interface TappingProps {
  readonly of: 'pulse' | 'breathing'
  readonly label: string
  readonly patient: PanelProps['patient']
  readonly today: PanelProps['care']['view']['today']
  readonly onNote: (perMinute: number) => Promise<void>
}

const MOST_TAPS = 40

function Tapping({ of, label, patient, today, onNote }: TappingProps) {
  const [taps, setTaps] = useState<readonly number[]>([])
  const [typed, setTyped] = useState('')
  const rate = tapRate(taps)
  const normal = normalFor(patient, of, today)
  const own = Number(typed)
  const value =
    typed.trim() === ''
      ? (rate?.perMinute ?? null)
      : Number.isInteger(own) && own > 0 && own <= MOST_A_MINUTE
        ? own
        : null
  return (
    <Stack as="section" gap={3} className={classes.tapping} aria-label={incidentWords.of[of]}>
      <Button
        kind="bare"
        className={classes.tap}
        onPointerDown={(event) => {
          const at = event.timeStamp
          setTaps((now) => [...now, at].slice(-MOST_TAPS))
        }}
        onKeyDown={(event) => {
          if (event.key !== ' ' && event.key !== 'Enter') return
          event.preventDefault()
          if (event.repeat) return
          const at = event.timeStamp
          setTaps((now) => [...now, at].slice(-MOST_TAPS))
        }}
      >
        {label}
        <Box as="strong" size={6} weight="bold" face="display" aria-live="polite">
          {rate ? incidentWords.rate(rate.perMinute) : incidentWords.tapOn}
        </Box>
        {rate && !rate.steady && <small>{incidentWords.uneven}</small>}
      </Button>
      <Box as="p" tone="second">
        {normal ? incidentWords.normal(normal, of, 'metric') : incidentWords.noNormal}
      </Box>
      <Row gapX={5} gapY={4} align="center" wrap className={classes.row}>
        <label>
          {incidentWords.typed}
          <input
            inputMode="numeric"
            value={typed}
            onChange={(event) => setTyped(event.currentTarget.value)}
          />
        </label>
        <Button kind="plain" onClick={() => setTaps([])}>
          {incidentWords.again}
        </Button>
        <Button
          kind="plain"
          disabled={value === null}
          onClick={() => value !== null && void onNote(value)}
        >
          {incidentWords.noteReading}
        </Button>
      </Row>
    </Stack>
  )
}
