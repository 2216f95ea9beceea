/** Noting that a dose was given: now, earlier, or although something speaks against it. */

import { useState } from 'react'
import type { Dose, DoseAnswer } from '../../core/dosing/question'
import { Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import * as words from '../../words'
import classes from './care.module.css'

const benchWords = words.care.bench

interface Props {
  readonly answer: DoseAnswer
  readonly dose: Dose
  readonly onNote: (minutesAgo: number, anyway: string) => Promise<void>
}

export function NoteDose({ answer, dose, onNote }: Props) {
  const [minutes, setMinutes] = useState('')
  const [why, setWhy] = useState('')
  const [busy, setBusy] = useState(false)
  const ago = Number(minutes || 0)
  const wrong = minutes !== '' && !(Number.isInteger(ago) && ago >= 0 && ago <= 2880)
  const note = async (anyway: string) => {
    setBusy(true)
    await onNote(wrong ? 0 : ago, anyway).finally(() => setBusy(false))
    setMinutes('')
    setWhy('')
  }
  const earlier = (
    <Row as="label" gap={4} align="center" className={classes.minutes}>
      {benchWords.minutesAgo}
      <input
        inputMode="numeric"
        value={minutes}
        onChange={(event) => setMinutes(event.currentTarget.value)}
        aria-invalid={wrong}
      />
    </Row>
  )
  if (answer.kind === 'give')
    return (
      <Row gapX={6} gapY={4} align="center" wrap className="no-print">
        <Button kind="main" disabled={busy || wrong} onClick={() => void note('')}>
          {benchWords.give(words.care.portion(dose.portion))}
        </Button>
        <details>
          <Row as="summary" align="center">
            {benchWords.earlier}
          </Row>
          {earlier}
        </details>
      </Row>
    )
  return (
    <details className="no-print">
      <summary>{benchWords.anyway}</summary>
      <p>{benchWords.anywayLead}</p>
      <Stack as="label" gap={2} above={3} below={3}>
        {benchWords.why}
        <textarea value={why} rows={2} onChange={(event) => setWhy(event.currentTarget.value)} />
      </Stack>
      {earlier}
      <Button disabled={busy || wrong || why.trim() === ''} onClick={() => void note(why.trim())}>
        {benchWords.give(words.care.portion(dose.portion))}
      </Button>
    </details>
  )
}
