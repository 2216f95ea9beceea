/** The small notes: what is seen, words, a photo, a timer, whom one reached, a tourniquet. */

import { useState } from 'react'
import type { Species } from '../../../core/household/species'
import {
  SEEN,
  SEEN_IDS,
  SEEN_OF_ANIMALS,
  SEEN_OF_PEOPLE,
  type Seen,
} from '../../../core/incident/entry'
import { TIMER_PRESETS } from '../../../core/incident/timeline'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button, Chip } from '../../../ui/Button'
import { shrunkPicture } from '../../../ui/picture'
import { askForNotices } from '../../../ui/speakUp'
import * as words from '../../../words'
import classes from './incident.module.css'
import type { PanelProps } from './panel'

const incidentWords = words.care.incident

export function SeenPanel({ patient, say, onDone }: PanelProps) {
  const [seen, setSeen] = useState<ReadonlySet<Seen>>(new Set())
  const [text, setText] = useState('')
  const animal = patient.facts.kind === 'animal'
  const offered = SEEN_IDS.filter(
    (one) => !(animal ? SEEN_OF_PEOPLE : SEEN_OF_ANIMALS).includes(one),
  )
  return (
    <>
      <Row as="fieldset" gap={4} align="center" wrap>
        <legend>{incidentWords.seenLead}</legend>
        {offered.map((one) => (
          <Chip
            key={one}
            pressed={seen.has(one)}
            onClick={() => {
              const next = new Set(seen)
              if (!next.delete(one)) next.add(one)
              setSeen(next)
            }}
          >
            {SEEN[one]}
          </Chip>
        ))}
      </Row>
      <label className={classes.field}>
        {incidentWords.note}
        <textarea rows={2} value={text} onChange={(event) => setText(event.currentTarget.value)} />
      </label>
      <Button
        kind="main"
        className={classes.go}
        disabled={seen.size === 0 && text.trim() === ''}
        onClick={() => void say({ kind: 'seen', seen: [...seen], words: text.trim() }).then(onDone)}
      >
        {incidentWords.save}
      </Button>
    </>
  )
}

export function NotePanel({ say, onDone }: PanelProps) {
  const [text, setText] = useState('')
  return (
    <Stack
      as="form"
      gap={5}
      className={classes.fields}
      onSubmit={(event) => {
        event.preventDefault()
        if (text.trim() !== '') void say({ kind: 'note', words: text.trim() }).then(onDone)
      }}
    >
      <label>
        {incidentWords.note}
        <textarea rows={3} value={text} onChange={(event) => setText(event.currentTarget.value)} />
      </label>
      <Button kind="main" type="submit" className={classes.go} disabled={text.trim() === ''}>
        {incidentWords.save}
      </Button>
    </Stack>
  )
}

const EDGE = 1200

export function PhotoPanel({ say, onDone }: PanelProps) {
  const [text, setText] = useState('')
  const [fault, setFault] = useState('')
  const take = async (file: File | undefined) => {
    if (!file) return
    try {
      const photo = await shrunkPicture(file, EDGE)
      await say({ kind: 'photo', words: text.trim() }, { photo })
      onDone()
    } catch {
      setFault(incidentWords.badPhoto)
    }
  }
  return (
    <Stack gap={5} className={classes.fields}>
      <label>
        {incidentWords.photoWords}
        <input value={text} onChange={(event) => setText(event.currentTarget.value)} />
      </label>
      <label className={classes.go}>
        {incidentWords.photoTake}
        <input
          type="file"
          accept="image/*"
          capture="environment"
          className="visually-hidden"
          onChange={(event) => void take(event.currentTarget.files?.[0])}
        />
      </label>
      {fault && <p role="alert">{fault}</p>}
    </Stack>
  )
}

export function TimerPanel({ say, onDone }: PanelProps) {
  const [what, setWhat] = useState('')
  const [minutes, setMinutes] = useState('')
  const count = Number(minutes)
  const ready = what.trim() !== '' && Number.isInteger(count) && count > 0 && count <= 86_400
  const set = async (text: string, after: number) => {
    askForNotices()
    await say({ kind: 'timer', what: text, minutes: after })
    onDone()
  }
  return (
    <>
      <Stack
        columns="repeat(auto-fill, minmax(min(100%, 9.5rem), 1fr))"
        gap={4}
        className={classes.tiles}
      >
        {TIMER_PRESETS.map(({ id, minutes: after }) => (
          <Button
            kind="tile"
            key={id}
            onClick={() => void set(incidentWords.presetWords[id], after)}
          >
            {incidentWords.presets[id]}
          </Button>
        ))}
      </Stack>
      <Stack
        as="form"
        gap={5}
        className={classes.fields}
        onSubmit={(event) => {
          event.preventDefault()
          if (ready) void set(what.trim(), count)
        }}
      >
        <label>
          {incidentWords.timerWhat}
          <input value={what} onChange={(event) => setWhat(event.currentTarget.value)} />
        </label>
        <label>
          {incidentWords.timerMinutes}
          <input
            inputMode="numeric"
            value={minutes}
            aria-invalid={minutes !== '' && !(Number.isInteger(count) && count > 0)}
            onChange={(event) => setMinutes(event.currentTarget.value)}
          />
        </label>
        <Button kind="main" type="submit" className={classes.go} disabled={!ready}>
          {incidentWords.setTimer}
        </Button>
      </Stack>
    </>
  )
}

export function CalledPanel({ care, patient, say, onDone }: PanelProps) {
  const contacts =
    patient.facts.kind === 'person'
      ? [patient.facts.doctor, ...patient.facts.contacts]
      : [patient.facts.vet, patient.facts.clinic]
  const { emergency, poison } = care.cover.numbers
  const whom = [
    [words.care.numbers.emergency, emergency],
    [words.care.numbers.poison, poison],
    ...contacts.map(({ name, phone }) => [name, phone]),
  ].filter(([, phone]) => phone !== '')
  return (
    <>
      <p>{incidentWords.calledWhom}</p>
      <Stack
        columns="repeat(auto-fill, minmax(min(100%, 9.5rem), 1fr))"
        gap={4}
        className={classes.tiles}
      >
        {whom.map(([name = '', phone = '']) => (
          <Button
            kind="tile"
            key={name}
            onClick={() => void say({ kind: 'called', whom: name }).then(onDone)}
          >
            {name}
            <Box as="small" size={2} weight="normal" tone="second" face="text">
              {phone}
            </Box>
          </Button>
        ))}
      </Stack>
    </>
  )
}

/** A horse's legs are near and off, as everybody calls them who keeps one; animals have no arms. */
const limbsOf = (species: Species): readonly string[] =>
  species === 'person'
    ? ['left arm', 'right arm', 'left leg', 'right leg']
    : species === 'horse'
      ? ['near fore', 'off fore', 'near hind', 'off hind']
      : ['left front leg', 'right front leg', 'left hind leg', 'right hind leg']

export function TourniquetPanel({ patient, say, onDone }: PanelProps) {
  const limbs = limbsOf(patient.species)
  return (
    <>
      <p>{incidentWords.tourniquetWhere}</p>
      <Stack
        columns="repeat(auto-fill, minmax(min(100%, 9.5rem), 1fr))"
        gap={4}
        className={classes.tiles}
      >
        {limbs.map((limb) => (
          <Button
            kind="tile"
            key={limb}
            onClick={() => void say({ kind: 'tourniquet', where: limb }).then(onDone)}
          >
            {limb}
          </Button>
        ))}
      </Stack>
    </>
  )
}
