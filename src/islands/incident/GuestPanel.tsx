/** Somebody made in seconds: what is known of them can be filled in while the clock runs. */
import { useState } from 'react'
import { SPECIES, type Species } from '../../core/household/species'
import type { IncidentPatient } from '../../core/incident/entry'
import { words } from '../../words'
import type { PanelProps } from './Going'
import classes from './incident.module.css'

const w = words.care.incident.guest

interface Props {
  readonly guest: Extract<IncidentPatient, { kind: 'guest' }>
  readonly onSay: PanelProps['say']
}

export function GuestPanel({ guest, onSay }: Props) {
  const [fields, setFields] = useState({
    name: guest.name,
    years: guest.years === null ? '' : String(guest.years),
    kilograms: guest.grams === null ? '' : String(guest.grams / 1000),
    allergies: guest.allergies,
  })
  const [species, setSpecies] = useState<Species>(guest.species)
  const years = fields.years.trim() === '' ? null : Number(fields.years)
  const grams =
    fields.kilograms.trim() === ''
      ? null
      : Math.round(Number(fields.kilograms.replace(',', '.')) * 1000)
  const wrong =
    fields.name.trim() === '' ||
    (years !== null && !(Number.isInteger(years) && years >= 0 && years <= 120)) ||
    (grams !== null && !(grams > 0 && grams <= 1_500_000))
  const field = (name: keyof typeof fields, mode?: 'numeric' | 'decimal') => (
    <label>
      {w[name]}
      <input
        inputMode={mode}
        value={fields[name]}
        onChange={(event) => {
          const { value } = event.currentTarget
          setFields((now) => ({ ...now, [name]: value }))
        }}
      />
    </label>
  )
  return (
    <details className={classes.more}>
      <summary>{w.lead}</summary>
      <div className={classes.guest}>
        {field('name')}
        {guest.species !== 'person' && (
          <label>
            {w.species}
            <select
              value={species}
              onChange={(event) => setSpecies(event.currentTarget.value as Species)}
            >
              {SPECIES.filter((one) => one !== 'person').map((one) => (
                <option key={one}>{one}</option>
              ))}
            </select>
          </label>
        )}
        {field('years', 'numeric')}
        {field('kilograms', 'decimal')}
        {field('allergies')}
        <button
          type="button"
          className={classes.go}
          disabled={wrong}
          onClick={() =>
            void onSay({
              kind: 'about',
              patient: {
                kind: 'guest',
                name: fields.name.trim(),
                species,
                years,
                grams,
                allergies: fields.allergies.trim(),
              },
            })
          }
        >
          {w.save}
        </button>
      </div>
    </details>
  )
}
