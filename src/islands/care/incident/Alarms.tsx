/** What readings and timers call for, at the head of an incident. */
import { words } from '../../../words'
import classes from './incident.module.css'
import type { AlarmProps } from './panel'

const incidentWords = words.care.incident

/** What cannot wait: beyond the limits, heat that does not fall, a tourniquet, timers. */
export function Alarms({ line, patient, now, due, onSay }: AlarmProps) {
  const animal = patient.facts.kind === 'animal'
  const beyond = line.entries.filter((entry) => entry.beyond.length > 0 && !entry.struck)
  return (
    <div className={classes.alarms} role="alert">
      {beyond.length > 0 && (
        <p className={classes.alarm}>
          {animal ? incidentWords.beyondAnimal : incidentWords.beyond}{' '}
          {beyond.map(({ fact }) => incidentWords.fact(fact, 'metric')).join(', ')}
        </p>
      )}
      {line.tourniquet && (
        <p className={classes.alarm}>
          {incidentWords.tourniquetOn(
            line.tourniquet.where,
            words.care.span(now - line.tourniquet.at),
          )}
        </p>
      )}
      {due.map((timer) => (
        <p key={timer.key} className={classes.due}>
          <b>{incidentWords.timer(timer)}</b>
          <button
            type="button"
            onClick={() => void onSay({ kind: 'timer_done', timer: timer.key })}
          >
            {incidentWords.done}
          </button>
        </p>
      ))}
    </div>
  )
}
