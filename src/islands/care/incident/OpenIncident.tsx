/** An incident that goes on: what speaks up now, what can be noted, and the line of time. */
import { useEffect, useMemo, useRef, useState } from 'react'
import { removeIncident } from '../../../contract/care'
import type { Instant } from '../../../core/dosing/given'
import type { Member } from '../../../core/household/member'
import { alarmsOfLine } from '../../../core/incident/alarmsOfLine'
import type { CareFact, Incident, Seen } from '../../../core/incident/entry'
import { type IncidentKind, kindsFor } from '../../../core/incident/kinds'
import { hasCounted, type Timeline, type Timer } from '../../../core/incident/timeline'
import { call, newKey, ProblemError } from '../../../device/call'
import { dropWaiting } from '../../../device/outbox'
import { useLook } from '../../../ui/look'
import { useSpeakUp } from '../../../ui/speakUp'
import { useOutbox } from '../../../ui/useOutbox'
import { WaitingBadge } from '../../../ui/WaitingBadge'
import { words } from '../../../words'
import { NumbersStrap } from '../NumbersStrap'
import { type Care, lineOf, patientOfIncident, useNow } from '../useCare'
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
import type { IncidentProps, PanelProps } from './panel'
import { ReadingPanel } from './ReadingPanel'
import { UsePanel } from './UsePanel'

const w = words.care.incident

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

export function Going({ care, started, onGo }: IncidentProps) {
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
  const due = useMemo(() => line.timers.filter((timer) => timer.due <= now), [line.timers, now])
  useSpeakUp(useMemo(() => due.map((timer) => ({ key: timer.key, words: w.timer(timer) })), [due]))
  if (!patient)
    return (
      <main className={classes.page}>
        <h1>{w.title}</h1>
        <p>{words.errors.notFoundHint}</p>
      </main>
    )
  const memberId = incident.patient.kind === 'member' ? incident.patient.memberId : null
  const say = async (fact: CareFact, more: { photo?: string; minutesAgo?: number } = {}) => {
    await care.say({ incidentId: incident.id, memberId, fact, ...more })
  }
  const Panel = open && PANELS[open]
  const place = care.cover.places.find(({ id }) => id === incident.placeId)
  return (
    <main className={classes.page} id="main">
      <header className={classes.top}>
        <a href="/incident" aria-label={w.log}>
          ‹
        </a>
        <b>{w.since(words.care.span(now - incident.startedAt))}</b>
        <WaitingBadge outbox={care.outbox} />
        <button type="button" aria-pressed={look.look === 'torch'} onClick={look.toggleTorch}>
          {words.look.torch}
        </button>
      </header>
      <NumbersStrap numbers={care.cover.numbers} member={patient} />
      <h1>{w.bar(patient.name, w.kind(incident.kind))}</h1>
      <Place
        chosen={place?.name ?? w.noPlace}
        places={care.cover.places}
        onChoose={(placeId) => void say({ kind: 'about', placeId: placeId as never })}
      />
      <Readings care={care} line={line} patient={patient} now={now} onSay={say} />
      <Alarms line={line} patient={patient} now={now} due={due} onSay={say} />
      <Refused care={care} incident={incident} />
      {incident.patient.kind === 'guest' && <GuestPanel guest={incident.patient} onSay={say} />}
      {incident.kind === null && !line.ended ? (
        <section className={classes.step}>
          <h2>{w.what}</h2>
          <div className={classes.tiles}>
            {kindsFor(patient.species).map((kind) => (
              <button
                key={kind}
                type="button"
                onClick={() => void say({ kind: 'about', what: kind as IncidentKind })}
              >
                {w.kind(kind)}
              </button>
            ))}
          </div>
        </section>
      ) : (
        !line.ended &&
        open === null && (
          <nav className={classes.acts} aria-label={w.title}>
            {PANEL_IDS.map((id) => (
              <button key={id} type="button" onClick={() => setOpen(id)}>
                {w.acts[id]}
              </button>
            ))}
          </nav>
        )
      )}
      {Panel && open && (
        <section className={classes.panel} aria-label={w.acts[open]} ref={panel}>
          <header>
            <h2>{w.acts[open]}</h2>
            <button type="button" className={classes.close} onClick={() => setOpen(null)}>
              {w.back}
            </button>
          </header>
          <Panel
            care={care}
            line={line}
            patient={patient}
            now={now}
            say={say}
            onDone={() => setOpen(null)}
            onOpen={setOpen}
          />
        </section>
      )}
      <Timers timers={line.timers} now={now} timeZone={care.view.timeZone} onSay={say} />
      <LineOfTime care={care} line={line} patient={patient} now={now} onSay={say} />
      <footer className={classes.foot}>
        <button type="button" className={classes.go} onClick={() => onGo('handover')}>
          {w.handover}
        </button>
        {line.ended ? (
          <>
            <button type="button" onClick={() => onGo('looking')}>
              {w.looking.title}
            </button>
            <button type="button" onClick={() => void say({ kind: 'reopened' })}>
              {w.goOn}
            </button>
          </>
        ) : (
          <button
            type="button"
            onClick={() => void say({ kind: 'ended' }).then(() => onGo('looking'))}
          >
            {w.end}
          </button>
        )}
        {!hasCounted(line) && <Slip incident={incident} />}
      </footer>
    </main>
  )
}

/** Opened by mistake: taken away with its reason; the log brings it back. */
function Slip({ incident }: { readonly incident: Incident }) {
  const [failed, setFailed] = useState('')
  const { waiting } = useOutbox()
  /** What was sent of it is not waited for: it would stand here as if it were still going on. */
  const forget = () =>
    dropWaiting(
      waiting
        .filter(
          ({ state, body }) =>
            state === 'sent' &&
            (body as { incidentId?: unknown } | null)?.incidentId === incident.id,
        )
        .map(({ key }) => key),
    )
  return (
    <span className={classes.slip}>
      <button
        type="button"
        onClick={() =>
          void call(
            removeIncident,
            { params: { incidentId: incident.id }, body: { why: w.slipWhy } },
            { key: newKey() },
          )
            .then(async ({ actId }) => {
              await forget()
              location.assign(`/incident?gone=${actId}`)
            })
            .catch((error: unknown) =>
              setFailed(error instanceof ProblemError ? error.message : w.slipAway),
            )
        }
      >
        {w.slip}
      </button>
      {failed && <small role="alert">{failed}</small>}
    </span>
  )
}

function Place({
  chosen,
  places,
  onChoose,
}: {
  readonly chosen: string
  readonly places: readonly { readonly id: string; readonly name: string }[]
  readonly onChoose: (id: string) => void
}) {
  const [open, setOpen] = useState(false)
  return (
    <div className={classes.place}>
      <button type="button" aria-expanded={open} onClick={() => setOpen(!open)}>
        {w.place(chosen)}
      </button>
      {open &&
        places.map(({ id, name }) => (
          <button
            key={id}
            type="button"
            data-choice
            onClick={() => {
              onChoose(id)
              setOpen(false)
            }}
          >
            {name}
          </button>
        ))}
    </div>
  )
}

interface AlarmProps {
  readonly line: Timeline
  readonly patient: Member
  readonly now: Instant
  readonly due: readonly Timer[]
  readonly onSay: PanelProps['say']
}

/** What cannot wait: beyond the limits, heat that does not fall, a tourniquet, timers. */
function Alarms({ line, patient, now, due, onSay }: AlarmProps) {
  const animal = patient.facts.kind === 'animal'
  const beyond = line.entries.filter((entry) => entry.beyond.length > 0 && !entry.struck)
  return (
    <div className={classes.alarms} role="alert">
      {beyond.length > 0 && (
        <p className={classes.alarm}>
          {animal ? w.beyondAnimal : w.beyond}{' '}
          {beyond.map(({ fact }) => w.fact(fact, 'metric')).join(', ')}
        </p>
      )}
      {line.tourniquet && (
        <p className={classes.alarm}>
          {w.tourniquetOn(line.tourniquet.where, words.care.span(now - line.tourniquet.at))}
        </p>
      )}
      {due.map((timer) => (
        <p key={timer.key} className={classes.due}>
          <b>{w.timer(timer)}</b>
          <button
            type="button"
            onClick={() => void onSay({ kind: 'timer_done', timer: timer.key })}
          >
            {w.done}
          </button>
        </p>
      ))}
    </div>
  )
}

/** What the readings say has to be done, by whom and when to read again. */
function Readings({
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
      () => (again && again.due <= now ? [{ key: `read:${again.due}`, words: w.readNow }] : []),
      [again, now],
    ),
  )
  if (!told && advice.length === 0) return null
  const how = { units, time: (at: Instant) => words.care.time(at, now, timeZone) }
  const seen = (one: Seen) => void onSay({ kind: 'seen', seen: [one], words: '' })
  return (
    <section
      className={classes.readings}
      data-urgency={told?.urgency}
      role="alert"
      aria-label={w.readings}
    >
      {told && (
        <>
          <strong>{w.urgency(told)}</strong>
          <p>
            {w.cause(told, units)} {w.trend(trend, units)}
          </p>
        </>
      )}
      <ul>
        {advice.map((one) => (
          <li key={one.kind + ('of' in one ? one.of : '')}>{w.advice(one, how)}</li>
        ))}
      </ul>
      <div className={classes.row}>
        {advice.some(({ kind }) => kind === 'ask_heat') && (
          <>
            <button type="button" onClick={() => seen('in-heat')}>
              {w.yesHeat}
            </button>
            <button type="button" onClick={() => seen('not-in-heat')}>
              {w.noHeat}
            </button>
          </>
        )}
        {told && (
          <button type="button" onClick={() => seen('looked-at')}>
            {w.lookedAt(told.whom)}
          </button>
        )}
      </div>
    </section>
  )
}

/** Notes that the server did not take; a dose can be noted although it was refused. */
function Refused({ care, incident }: { readonly care: Care; readonly incident: Incident }) {
  const of = care.refused.filter(({ incidentId }) => incidentId === incident.id)
  if (of.length === 0) return null
  return (
    <div className={classes.alarms} role="alert">
      {of.map((act) => (
        <div key={act.key} className={classes.alarm}>
          <p>
            {w.refused}: {w.fact(act.fact, care.view.units)}. {act.problem?.title}.{' '}
            {act.problem?.detail}
          </p>
          <p className={classes.row}>
            {act.fact.kind === 'dose' && (
              <button
                type="button"
                onClick={() =>
                  void care
                    .say({
                      incidentId: incident.id,
                      memberId:
                        incident.patient.kind === 'member' ? incident.patient.memberId : null,
                      fact: {
                        ...(act.fact as Extract<CareFact, { kind: 'dose' }>),
                        anyway: act.problem?.title ?? w.refused,
                      },
                    })
                    .then(() => dropWaiting([act.key]))
                }
              >
                {words.care.bench.anyway}
              </button>
            )}
            <button type="button" onClick={() => void dropWaiting([act.key])}>
              {words.rounds.waiting.drop}
            </button>
          </p>
        </div>
      ))}
    </div>
  )
}

interface TimersProps {
  readonly timers: readonly Timer[]
  readonly now: Instant
  readonly timeZone: string
  readonly onSay: PanelProps['say']
}

function Timers({ timers, now, timeZone, onSay }: TimersProps) {
  const coming = timers.filter((timer) => timer.due > now)
  if (coming.length === 0) return null
  return (
    <section className={classes.timers}>
      <h2>{w.timers}</h2>
      <ul>
        {coming.map((timer) => (
          <li key={timer.key}>
            <span>
              <b>{w.timer(timer)}</b>
              <small>{words.care.time(timer.due, now, timeZone)}</small>
            </span>
            <time>{w.notYet(words.care.span(timer.due - now))}</time>
            <button
              type="button"
              onClick={() => void onSay({ kind: 'timer_done', timer: timer.key })}
            >
              {w.done}
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}
