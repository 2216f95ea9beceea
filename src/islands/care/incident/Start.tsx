/** Who? One press, and the clock runs. What happened is asked while it does. */

import { useState } from 'react'
import { undoAct } from '../../../contract/record'
import type { Member } from '../../../core/household/member'
import type { ActId } from '../../../core/ids'
import type { IncidentId, IncidentPatient } from '../../../core/incident/entry'
import type { Timeline } from '../../../core/incident/timeline'
import { call, newKey } from '../../../device/call'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button, ButtonLink } from '../../../ui/Button'
import { WaitingBadge } from '../../../ui/WaitingBadge'
import * as words from '../../../words'
import { list } from '../../../words/frame/format'
import { NumbersStrap } from '../NumbersStrap'
import { type Care, lineOf, patientOfIncident, useNow } from '../useCare'
import classes from './incident.module.css'
import { numbersAbroad, usualWhere } from './whereabouts'

const incidentWords = words.care.incident

interface Props {
  readonly care: Care
  readonly onStarted: (id: IncidentId) => void
}

export function Start({ care, onStarted }: Props) {
  const now = useNow(30_000)
  const [busy, setBusy] = useState(false)
  const start = async (patient: IncidentPatient) => {
    setBusy(true)
    const id = await care
      .start(patient, null, usualWhere(care, patient))
      .finally(() => setBusy(false))
    onStarted(id)
  }
  const guest = (species: 'person' | 'other'): IncidentPatient => ({
    kind: 'guest',
    name: species === 'person' ? incidentWords.guestPerson : incidentWords.guestAnimal,
    species,
    years: null,
    grams: null,
    allergies: '',
  })
  const lines = care.incidents.map((incident) => ({ incident, line: lineOf(care, incident) }))
  const open = lines.filter(({ line }) => !line.ended)
  const ended = lines.filter(({ line }) => line.ended)
  return (
    <Stack packed as="main" gap={6} className={classes.page} id="main">
      <Row as="header" gapX={5} gapY={4} align="center" wrap className={classes.top}>
        <ButtonLink kind="close" href="/" aria-label={words.errors.home}>
          ‹
        </ButtonLink>
        <Box as="b" grow>
          {incidentWords.title}
        </Box>
        <WaitingBadge outbox={care.outbox} />
      </Row>
      <NumbersStrap numbers={care.cover.numbers} member={null} />
      {numbersAbroad(care.view).map(({ numbers, stops }) => (
        <NumbersStrap key={stops.join()} numbers={numbers} member={null} where={list(stops)} />
      ))}
      {open.map(({ incident, line }) => (
        <Row
          unlined
          note="caution"
          as="a"
          gapX={5}
          gapY={2}
          justify="between"
          wrap
          key={incident.id}
          href={`/incident?id=${incident.id}`}
        >
          <b>
            {incidentWords.bar(
              patientOfIncident(care, line.incident)?.name ?? '',
              incidentWords.kind(line.incident.kind),
            )}
          </b>
          <span>{incidentWords.since(words.care.span(now - incident.startedAt))}</span>
        </Row>
      ))}
      <Gone />
      <Stack as="section" gap={4}>
        <Box as="h1" size={6} breakable>
          {incidentWords.who}
        </Box>
        {!care.ready && (
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
            {incidentWords.signIn}
          </Box>
        )}
        <Stack
          columns="repeat(auto-fill, minmax(min(100%, 9.5rem), 1fr))"
          gap={4}
          className={classes.tiles}
        >
          {care.members.map((member) => (
            <Tile key={member.id} member={member} busy={busy || !care.ready} onStart={start} />
          ))}
          <Button
            kind="tile"
            disabled={busy || !care.ready}
            data-guest
            onClick={() => void start(guest('person'))}
          >
            {incidentWords.guestPerson}
          </Button>
          <Button
            kind="tile"
            disabled={busy || !care.ready}
            data-guest
            onClick={() => void start(guest('other'))}
          >
            {incidentWords.guestAnimal}
          </Button>
        </Stack>
      </Stack>
      <Row>
        <ButtonLink href="/roadside">{words.roadside.open}</ButtonLink>
      </Row>
      <section className={classes.log}>
        <Box as="h2" size={4}>
          {incidentWords.log}
        </Box>
        {ended.length === 0 && (
          <Box as="p" tone="second">
            {incidentWords.noneEnded}
          </Box>
        )}
        <Box as="ul" above={2}>
          {ended.map(({ incident, line }) => (
            <Row
              as="li"
              gapX={5}
              gapY={2}
              justify="between"
              wrap
              padY={4}
              lineAbove="hairline"
              key={incident.id}
            >
              <a href={`/incident?id=${incident.id}`}>
                {incidentWords.bar(
                  patientOfIncident(care, line.incident)?.name ?? '',
                  incidentWords.kind(line.incident.kind),
                )}
              </a>
              <Box as="small" tone="second">
                {words.care.time(incident.startedAt, now, care.view.timeZone)}
              </Box>
              {nextList(line) && <em>{incidentWords.looking.noted(nextList(line))}</em>}
            </Row>
          ))}
        </Box>
      </section>
    </Stack>
  )
}

/** An incident that was taken away just now comes back with one press. */
function Gone() {
  const [actId, setActId] = useState(() => new URLSearchParams(location.search).get('gone'))
  if (!actId) return null
  return (
    <p className={classes.slip} role="status">
      {incidentWords.slipTaken}
      <Button
        kind="plain"
        onClick={() =>
          void call(undoAct, { params: { actId: actId as ActId } }, { key: newKey() }).then(() => {
            setActId(null)
            location.assign('/incident')
          })
        }
      >
        {incidentWords.slipBack}
      </Button>
    </p>
  )
}

/** What somebody noted afterwards for the next list: what was missing, what to add. */
function nextList({ entries }: Timeline): string {
  const last = entries.findLast(({ fact, struck }) => fact.kind === 'looking_back' && !struck)
  return last?.fact.kind === 'looking_back'
    ? [last.fact.missing, last.fact.next].filter((text) => text !== '').join('; ')
    : ''
}

function Tile({
  member,
  busy,
  onStart,
}: {
  readonly member: Member
  readonly busy: boolean
  readonly onStart: (patient: IncidentPatient) => Promise<void>
}) {
  return (
    <Button
      kind="tile"
      disabled={busy}
      onClick={() => void onStart({ kind: 'member', memberId: member.id })}
    >
      {member.name}
      {member.species !== 'person' && (
        <Box as="small" size={2} weight="normal" tone="second" face="text">
          {member.species}
        </Box>
      )}
    </Button>
  )
}
