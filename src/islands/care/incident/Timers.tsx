/** Timers that run. */
import type { Instant } from '../../../core/dosing/given'
import type { Timer } from '../../../core/incident/timeline'
import { words } from '../../../words'
import classes from './incident.module.css'
import type { PanelProps } from './panel'

const incidentWords = words.care.incident

interface TimersProps {
  readonly timers: readonly Timer[]
  readonly now: Instant
  readonly timeZone: string
  readonly onSay: PanelProps['say']
}

export function Timers({ timers, now, timeZone, onSay }: TimersProps) {
  const coming = timers.filter((timer) => timer.due > now)
  if (coming.length === 0) return null
  return (
    <section className={classes.timers}>
      <h2>{incidentWords.timers}</h2>
      <ul>
        {coming.map((timer) => (
          <li key={timer.key}>
            <span>
              <b>{incidentWords.timer(timer)}</b>
              <small>{words.care.time(timer.due, now, timeZone)}</small>
            </span>
            <time>{incidentWords.notYet(words.care.span(timer.due - now))}</time>
            <button
              type="button"
              onClick={() => void onSay({ kind: 'timer_done', timer: timer.key })}
            >
              {incidentWords.done}
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}
