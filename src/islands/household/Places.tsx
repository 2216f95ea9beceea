/** Places, how often somebody is there, and the dated visits that errands are planned by. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { addVisit, calendarFile, removeVisit } from '../../contract/places'
import type { PlainDate } from '../../core/calendar/plainDate'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import { words } from '../../words'
import { fullDay } from '../../words/frame/format'
import { CalendarImport } from './CalendarImport'
import classes from './household.module.css'
import { PlaceForm } from './PlaceForm'
import { PlaceTraits } from './PlaceTraits'
import type { HouseholdView } from './view'

const householdWords = words.household
type Place = HouseholdView['places'][number]

interface PlacesProps {
  readonly places: readonly Place[]
  readonly members: HouseholdView['members']
}

export const Places = ({ places, members }: PlacesProps) => (
  <Box as="section" asides="below" className={classes.part} aria-label={householdWords.places}>
    <Row as="header" gap={5} align="baseline" justify="between">
      <Box as="h2" size={4}>
        {householdWords.places}
      </Box>
      <a href="/kits">{words.kits.addPlace}</a>
    </Row>
    {places.length === 0 && <p className="second">{words.kits.noPlaces}</p>}
    {places.map((place) => (
      <PlaceVisits key={place.id} place={place} members={members} />
    ))}
    {places.length > 0 && (
      <p>
        <a href={calendarFile.path} download>
          {words.places.importing.export}
        </a>
      </p>
    )}
  </Box>
)

interface PlaceProps {
  readonly place: Place
  readonly members: HouseholdView['members']
}

function PlaceVisits({ place, members }: PlaceProps) {
  const { run, busy } = useActing()
  const { today } = useStrap()
  const [changing, setChanging] = useState(false)
  const [visit, setVisit] = useState<{ from: string; to: string; label: string } | null>(null)
  const upcoming = place.visits.filter(({ endsOn }) => endsOn >= today)
  const submit = async () => {
    if (!visit) return
    const result = await run(
      addVisit,
      {
        params: { placeId: place.id },
        body: {
          startsOn: visit.from as PlainDate,
          endsOn: (visit.to || visit.from) as PlainDate,
          label: visit.label,
        },
      },
      words.undo.did.saved,
    )
    if (result) setVisit(null)
  }
  const backwards = visit !== null && visit.to !== '' && visit.to < visit.from
  return (
    <Box above={4} data-hue={place.hue}>
      <Box as="h3" size={3} tone="hue">
        {place.name}
      </Box>
      <Box as="p" size={2} className="second">
        {[householdWords.rhythm(place.rhythm), words.places.summary(place), place.note]
          .filter(Boolean)
          .join(' · ')}
      </Box>
      <PlaceTraits key={place.version} place={place} />
      <ul>
        {upcoming.map((one) => (
          <Row
            as="li"
            gap={5}
            align="center"
            justify="between"
            padY={3}
            lineBelow="hairline"
            key={one.id}
          >
            <div>
              {fullDay(one.startsOn)}
              {one.endsOn === one.startsOn ? '' : ` – ${fullDay(one.endsOn)}`} {one.label}
            </div>
            <Button
              kind="quiet"
              disabled={busy}
              aria-label={`${householdWords.remove}: ${place.name}, ${fullDay(one.startsOn)}`}
              onClick={() =>
                void run(removeVisit, { params: { visitId: one.id } }, words.undo.did.saved)
              }
            >
              {householdWords.remove}
            </Button>
          </Row>
        ))}
      </ul>
      {visit ? (
        <Stack
          as="form"
          gap={5}
          above={4}
          aria-label={`${householdWords.addVisit}: ${place.name}`}
          onSubmit={(event) => {
            event.preventDefault()
            void submit()
          }}
        >
          <Stack gap={5} align="start" columns={2}>
            <TextInput
              autoFocus
              required
              withAsterisk={false}
              type="date"
              label={householdWords.from}
              value={visit.from}
              onChange={(event) => setVisit({ ...visit, from: event.currentTarget.value })}
            />
            <TextInput
              type="date"
              label={householdWords.to}
              min={visit.from}
              value={visit.to}
              error={backwards ? householdWords.backwards : undefined}
              onChange={(event) => setVisit({ ...visit, to: event.currentTarget.value })}
            />
          </Stack>
          <TextInput
            label={householdWords.label}
            maxLength={120}
            value={visit.label}
            onChange={(event) => setVisit({ ...visit, label: event.currentTarget.value })}
          />
          <Row gap={4}>
            <Button kind="strong" type="submit" busy={busy} disabled={backwards}>
              {householdWords.add}
            </Button>
            <Button onClick={() => setVisit(null)}>{words.kits.cancel}</Button>
          </Row>
        </Stack>
      ) : (
        <Row gapX={6} gapY={2} align="center" wrap>
          <Button
            kind="quiet"
            aria-label={`${householdWords.addVisit}: ${place.name}`}
            onClick={() => setVisit({ from: '', to: '', label: '' })}
          >
            {householdWords.addVisit}
          </Button>
          <Button
            kind="quiet"
            aria-label={`${words.places.facts}: ${place.name}`}
            onClick={() => setChanging(true)}
          >
            {words.places.facts}
          </Button>
          <CalendarImport place={place} />
        </Row>
      )}
      {changing && (
        <PlaceForm
          key={place.version}
          place={place}
          members={members}
          onClose={() => setChanging(false)}
        />
      )}
    </Box>
  )
}
