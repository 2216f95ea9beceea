/** Somebody made in seconds: what is known of them is filled in while the clock runs. */

import { useState } from 'react'
import { SPECIES, type Species } from '../../../core/household/species'
import { TOPICS, type Topic } from '../../../core/household/told'
import { AGE_UNITS, type AgeUnit } from '../../../core/household/weight'
import type { IncidentPatient } from '../../../core/incident/entry'
import { Row, Stack } from '../../../ui/Box'
import { Button, Chip } from '../../../ui/Button'
import * as words from '../../../words'
import { AGE_UNIT_NAMES } from '../../../words/care/weights'
import classes from './incident.module.css'
import type { PanelProps } from './panel'

const guestWords = words.care.incident.guest

type Guest = Extract<IncidentPatient, { kind: 'guest' }>

interface Props {
  readonly guest: Guest
  readonly onSay: PanelProps['say']
}

const MOST_AGE: Readonly<Record<AgeUnit, number>> = {
  days: 400,
  weeks: 104,
  months: 240,
  years: 120,
}

export function GuestPanel({ guest, onSay }: Props) {
  const isPerson = guest.species === 'person'
  const [fields, setFields] = useState({
    name: guest.name,
    age: guest.age ? String(guest.age.count) : guest.years === null ? '' : String(guest.years),
    kilograms: guest.grams === null ? '' : String(guest.grams / 1000),
    allergies: guest.allergies,
    conditions: guest.conditions ?? '',
    medicines: guest.medicines ?? '',
  })
  const [unit, setUnit] = useState<AgeUnit>(guest.age?.unit ?? 'years')
  const [species, setSpecies] = useState<Species>(guest.species)
  const [none, setNone] = useState<ReadonlySet<Topic>>(new Set(guest.noneOf ?? []))
  const [grownUp, setGrownUp] = useState(guest.grownUp ?? false)
  const [thinner, setThinner] = useState(guest.bloodThinner ?? false)
  const age = fields.age.trim() === '' ? null : Number(fields.age)
  const grams =
    fields.kilograms.trim() === ''
      ? null
      : Math.round(Number(fields.kilograms.replace(',', '.')) * 1000)
  const wrong =
    fields.name.trim() === '' ||
    (age !== null && !(Number.isInteger(age) && age >= 0 && age <= MOST_AGE[unit])) ||
    (grams !== null && !(grams > 0 && grams <= 1_500_000))
  const field = (name: keyof typeof fields, mode?: 'numeric' | 'decimal') => (
    <label>
      {guestWords[name]}
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
  /** A list with "none" beside it: an answer of its own. */
  const listed = (topic: Topic) => (
    <div key={topic}>
      {field(topic)}
      <Chip
        pressed={none.has(topic)}
        disabled={fields[topic].trim() !== ''}
        onClick={() => {
          const next = new Set(none)
          if (!next.delete(topic)) next.add(topic)
          setNone(next)
        }}
      >
        {guestWords.none[topic]}
      </Chip>
    </div>
  )
  return (
    <Stack as="details" gap={5} className={classes.more}>
      <summary>{guestWords.lead}</summary>
      <Stack gap={5} className={classes.guest}>
        {field('name')}
        {!isPerson && (
          <label>
            {guestWords.species}
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
        <div>
          {field('age', 'numeric')}
          <Row as="span" gap={3} wrap>
            {AGE_UNITS.map((one) => (
              <Chip key={one} pressed={unit === one} onClick={() => setUnit(one)}>
                {AGE_UNIT_NAMES[one]}
              </Chip>
            ))}
          </Row>
          {unit === 'years' && age === 0 && <small>{guestWords.monthsPlease}</small>}
          {isPerson && (
            <Chip pressed={grownUp} onClick={() => setGrownUp((now) => !now)}>
              {guestWords.grownUp}
            </Chip>
          )}
        </div>
        {field('kilograms', 'decimal')}
        {TOPICS.filter((topic) => isPerson || topic === 'allergies').map(listed)}
        {isPerson && (
          <Chip pressed={thinner} onClick={() => setThinner((now) => !now)}>
            {guestWords.thinner}
          </Chip>
        )}
        <Button
          kind="main"
          className={classes.go}
          disabled={wrong}
          onClick={() =>
            void onSay({
              kind: 'about',
              patient: {
                kind: 'guest',
                name: fields.name.trim(),
                species,
                years: unit === 'years' ? age : null,
                age: age === null ? null : { count: age, unit },
                grownUp,
                grams,
                allergies: fields.allergies.trim(),
                conditions: fields.conditions.trim(),
                medicines: fields.medicines.trim(),
                bloodThinner: thinner,
                noneOf: TOPICS.filter((topic) => none.has(topic) && fields[topic].trim() === ''),
              },
            })
          }
        >
          {guestWords.save}
        </Button>
      </Stack>
    </Stack>
  )
}
