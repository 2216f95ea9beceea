/** Reading a code: by the camera, from a practice label, from a hand scanner or typed. */

import { useEffect, useRef, useState } from 'react'
import type { PlainDate } from '../../../core/calendar/plainDate'
import { type CodeFields, readCode } from '../../../core/codes/readCode'
import { cameraFrames, stillFrames } from '../../../device/scanner/frames'
import { firstCode } from '../../../device/scanner/scan'
import { labelPicture, PRACTICE_LABELS, type PracticeLabel } from '../../../standIns/labels'
import { Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { Dialog } from '../../../ui/Dialog'
import * as words from '../../../words'
import classes from './round.module.css'
import { useReader } from './useReader'

const scanWords = words.rounds.scan

interface Props {
  readonly today: PlainDate
  readonly onRead: (fields: CodeFields) => void
  readonly onClose: () => void
}

/** A label that is held still is looked at so often. */
const LOOKS_AT_A_LABEL = 2

export function ScanDialog({ today, onRead, onClose }: Props) {
  const [typed, setTyped] = useState('')
  const [said, setSaid] = useState('')
  const [camera, setCamera] = useState<'looking' | 'none'>('looking')
  const video = useRef<HTMLVideoElement>(null)
  const read = useReader()

  const take = (code: string): void => {
    const reading = readCode(code, today)
    if (reading.kind === 'read') onRead(reading.fields)
    else setSaid(scanWords.refused(reading.refusal))
  }
  const taking = useRef(take)
  taking.current = take

  useEffect(() => {
    const stop = new AbortController()
    const look = async () => {
      if (!video.current) return
      try {
        const code = await firstCode(await cameraFrames(video.current), read, stop.signal)
        if (code !== null) taking.current(code)
      } catch {
        if (!stop.signal.aborted) setCamera('none')
      }
    }
    void look()
    return () => stop.abort()
  }, [read])

  const codeOf = async (label: PracticeLabel): Promise<string | null> => {
    const picture = await fetch(labelPicture(label)).then((response) => response.blob())
    const never = new AbortController().signal
    return firstCode(stillFrames(picture), read, never, LOOKS_AT_A_LABEL)
  }
  const scanLabel = async (label: PracticeLabel) => {
    setSaid(scanWords.looking)
    const code = await codeOf(label).catch(() => null)
    if (code === null) setSaid(scanWords.nothing)
    else take(code)
  }

  return (
    <Dialog title={scanWords.title} close={words.rounds.card.closeHelp} onClose={onClose}>
      <Stack gap={5} columns={1} className={classes.scan}>
        {camera === 'none' ? (
          <p className="second">{scanWords.noCamera}</p>
        ) : (
          <video ref={video} muted playsInline aria-label={scanWords.camera} />
        )}
        <Row
          as="form"
          gap={4}
          align="end"
          onSubmit={(event) => {
            event.preventDefault()
            event.stopPropagation()
            take(typed)
          }}
        >
          <Stack as="label" gap={2} weight="bold">
            {scanWords.typed}
            <input
              data-autofocus
              value={typed}
              autoComplete="off"
              onChange={(event) => setTyped(event.currentTarget.value)}
            />
          </Stack>
          <Button type="submit">{scanWords.read}</Button>
        </Row>
        {said && <p role="status">{said}</p>}
        <h2>{scanWords.labels}</h2>
        <Stack
          columns="repeat(auto-fill, minmax(7.5rem, 1fr))"
          as="ul"
          gap={4}
          className={classes.labels}
        >
          {PRACTICE_LABELS.map((label) => (
            <li key={label.id}>
              <Button
                kind="bare"
                aria-label={scanWords.label(label.name)}
                onClick={() => void scanLabel(label)}
              >
                <img src={labelPicture(label)} alt="" loading="lazy" />
                <small>{label.name}</small>
              </Button>
            </li>
          ))}
        </Stack>
      </Stack>
    </Dialog>
  )
}
