/** Noting that a dose was given: now, earlier, or although something speaks against it. */
import { useState } from 'react'
import type { Dose, DoseAnswer } from '../../core/dosing/question'
import { words } from '../../words'
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
    <label className={classes.minutes}>
      {benchWords.minutesAgo}
      <input
        inputMode="numeric"
        value={minutes}
        onChange={(event) => setMinutes(event.currentTarget.value)}
        aria-invalid={wrong}
      />
    </label>
  )
  if (answer.kind === 'give')
    return (
      <div className={`${classes.note} no-print`}>
        <button
          type="button"
          className={classes.go}
          disabled={busy || wrong}
          onClick={() => void note('')}
        >
          {benchWords.give(words.care.portion(dose.portion))}
        </button>
        <details>
          <summary>{benchWords.earlier}</summary>
          {earlier}
        </details>
      </div>
    )
  return (
    <details className={`${classes.anyway} no-print`}>
      <summary>{benchWords.anyway}</summary>
      <p>{benchWords.anywayLead}</p>
      <label>
        {benchWords.why}
        <textarea value={why} rows={2} onChange={(event) => setWhy(event.currentTarget.value)} />
      </label>
      {earlier}
      <button
        type="button"
        disabled={busy || wrong || why.trim() === ''}
        onClick={() => void note(why.trim())}
      >
        {benchWords.give(words.care.portion(dose.portion))}
      </button>
    </details>
  )
}
