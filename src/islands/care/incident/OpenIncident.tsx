/** An incident that goes on: what speaks up now, what can be noted, and the line of time. */

import { useEffect, useMemo, useRef, useState } from 'react'
import type { CareFact } from '../../../core/incident/entry'
import type { IncidentKind } from '../../../core/incident/kindNames'
import { kindsFor } from '../../../core/incident/kinds'
import { hasCounted } from '../../../core/incident/timeline'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button, ButtonLink } from '../../../ui/Button'
import { useLook } from '../../../ui/look'
import { useSpeakUp } from '../../../ui/speakUp'
import { WaitingBadge } from '../../../ui/WaitingBadge'
import * as words from '../../../words'
import { NumbersStrap } from '../NumbersStrap'
import { lineOf, patientOfIncident, useNow } from '../useCare'
import { Alarms } from './Alarms'
import { DosePanel } from './DosePanel'
import { GuestPanel } from './GuestPanel'
import { GuidePanel } from './GuidePanel'
import classes from './incident.module.css'
import { LineOfTime } from './LineOfTime'
import {
  CalledPanel,
  NotePanel,
  PhotoPanel,
  SeenPanel,
  TimerPanel,
  TourniquetPanel,
} from './NotePanels'
import { Place } from './Place'
import type { IncidentProps } from './panel'
import { ReadingPanel } from './ReadingPanel'
import { Readings } from './Readings'
import { Refused, Slip } from './Refused'
import { Timers } from './Timers'
import { UsePanel } from './UsePanel'
import { choicesOf, whereaboutsOf } from './whereabouts'

const incidentWords = words.care.incident

const PANELS = {
  dose: DosePanel,
  use: UsePanel,
  reading: ReadingPanel,
  seen: SeenPanel,
  guide: GuidePanel,
  timer: TimerPanel,
  photo: PhotoPanel,
  note: NotePanel,
  called: CalledPanel,
  tourniquet: TourniquetPanel,
} as const
type PanelId = keyof typeof PANELS
const PANEL_IDS = Object.keys(PANELS) as readonly PanelId[]

export function OpenIncident({ care, started, onGo }: IncidentProps) {
  const now = useNow(1000)
  const look = useLook()
  const [open, setOpen] = useState<PanelId | null>(null)
  const panel = useRef<HTMLElement>(null)
  // Opened with the thumb below: its beginning comes into sight, once.
  useEffect(() => {
    if (open) panel.current?.scrollIntoView({ block: 'nearest' })
  }, [open])
  const line = useMemo(() => lineOf(care, started), [care, started])
  const { incident } = line
  const patient = patientOfIncident(care, incident)
  const { laid, cover, view } = care
  const { placeId, stopId } = incident
  const where = useMemo(
    () => whereaboutsOf({ laid, cover, view }, { placeId, stopId }),
    [laid, cover, view, placeId, stopId],
  )
  const there = useMemo(() => ({ ...care, laid: where.laid }), [care, where.laid])
  const due = useMemo(() => line.timers.filter((timer) => timer.due <= now), [line.timers, now])
  useSpeakUp(
    useMemo(
      () => due.map((timer) => ({ key: timer.key, words: incidentWords.timer(timer) })),
      [due],
    ),
  )
  if (!patient)
    return (
      <Stack packed as="main" gap={6} className={classes.page}>
        <Box as="h1" size={6} breakable>
          {incidentWords.title}
        </Box>
        <p>{words.errors.notFoundHint}</p>
      </Stack>
    )
  const memberId = incident.patient.kind === 'member' ? incident.patient.memberId : null
  const say = async (fact: CareFact, more: { photo?: string; minutesAgo?: number } = {}) => {
    await care.say({ incidentId: incident.id, memberId, fact, ...more })
  }
  const Panel = open && PANELS[open]
  return (
    <Stack packed as="main" gap={6} className={classes.page} id="main">
      <Row as="header" gapX={5} gapY={4} align="center" wrap className={classes.top}>
        <ButtonLink kind="close" href="/incident" aria-label={incidentWords.log}>
          ‹
        </ButtonLink>
        <Box as="b" grow>
          {incidentWords.since(words.care.span(now - incident.startedAt))}
        </Box>
        <WaitingBadge outbox={care.outbox} />
        <Button kind="plain" aria-pressed={look.look === 'torch'} onClick={look.toggleTorch}>
          {words.look.torch}
        </Button>
      </Row>
      <NumbersStrap numbers={where.numbers} member={patient} where={where.abroad} />
      <Box as="h1" size={6} breakable>
        {incidentWords.bar(patient.name, incidentWords.kind(incident.kind))}
      </Box>
      <Place
        chosen={where.name || incidentWords.noPlace}
        choices={choicesOf(care)}
        onChoose={(fact) => void say({ kind: 'about', ...fact })}
      />
      <Readings care={care} line={line} patient={patient} now={now} onSay={say} />
      <Alarms line={line} patient={patient} now={now} due={due} onSay={say} />
      <Refused care={care} incident={incident} />
      {incident.patient.kind === 'guest' && <GuestPanel guest={incident.patient} onSay={say} />}
      {incident.kind === null && !line.ended ? (
        <Stack as="section" gap={4}>
          <Box as="h2" size={4}>
            {incidentWords.what}
          </Box>
          <Stack
            columns="repeat(auto-fill, minmax(min(100%, 9.5rem), 1fr))"
            gap={4}
            className={classes.tiles}
          >
            {kindsFor(patient.species).map((kind) => (
              <Button
                kind="tile"
                key={kind}
                onClick={() => void say({ kind: 'about', what: kind as IncidentKind })}
              >
                {incidentWords.kind(kind)}
              </Button>
            ))}
          </Stack>
        </Stack>
      ) : (
        !line.ended &&
        open === null && (
          <Stack
            columns="repeat(auto-fill, minmax(8rem, 1fr))"
            as="nav"
            gap={4}
            aria-label={incidentWords.title}
          >
            {PANEL_IDS.map((id) => (
              <Button key={id} onClick={() => setOpen(id)}>
                {incidentWords.acts[id]}
              </Button>
            ))}
          </Stack>
        )
      )}
      {Panel && open && (
        <Stack
          as="section"
          gap={5}
          pad={6}
          surface="paper"
          line="seam"
          radius={2}
          aria-label={incidentWords.acts[open]}
          ref={panel}
        >
          <Row as="header" align="center" justify="between">
            <Box as="h2" size={4}>
              {incidentWords.acts[open]}
            </Box>
            <Button kind="plain" onClick={() => setOpen(null)}>
              {incidentWords.back}
            </Button>
          </Row>
          <Panel
            care={there}
            line={line}
            here={where.here}
            patient={patient}
            now={now}
            say={say}
            onDone={() => setOpen(null)}
            onOpen={setOpen}
          />
        </Stack>
      )}
      <Timers timers={line.timers} now={now} timeZone={care.view.timeZone} onSay={say} />
      <LineOfTime care={care} line={line} patient={patient} now={now} onSay={say} />
      <Row as="footer" gap={4} wrap lineAbove="dashed" className={classes.foot}>
        <Button kind="main" className={classes.go} onClick={() => onGo('handover')}>
          {incidentWords.handover}
        </Button>
        {line.ended ? (
          <>
            <Button kind="plain" onClick={() => onGo('looking')}>
              {incidentWords.looking.title}
            </Button>
            <Button kind="plain" onClick={() => void say({ kind: 'reopened' })}>
              {incidentWords.goOn}
            </Button>
          </>
        ) : (
          <Button
            kind="plain"
            onClick={() => void say({ kind: 'ended' }).then(() => onGo('looking'))}
          >
            {incidentWords.end}
          </Button>
        )}
        {!hasCounted(line) && <Slip incident={incident} />}
      </Row>
    </Stack>
  )
}
