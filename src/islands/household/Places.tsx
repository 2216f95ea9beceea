/** Places, how often somebody is there, and the dated visits that errands are planned by. */

import { TextInput } from '@mantine/core'
import { lazy, Suspense, useState } from 'react'
import { calendarFile, removeVisit } from '../../contract/places'
import { ActForm } from '../../ui/ActForm'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { DayField } from '../../ui/DayField'
import { useStrap } from '../../ui/Frame'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import { fullDay } from '../../words/frame/format'
import { TripLinks } from '../trips/TripLinks'
import { CalendarImport } from './CalendarImport'
import classes from './household.module.css'
import { PlaceTraits } from './PlaceTraits'
import { EMPTY_VISIT, readVisitDraft } from './placeDraft'
import type { HouseholdView } from './view'

/** Its fields come when somebody changes a place. */
const PlaceForm = lazy(() => import('./PlaceForm').then((file) => ({ default: file.PlaceForm })))

const householdWords = words.household
type Place = HouseholdView['places'][number]

interface PlacesProps {
  readonly places: readonly Place[]
  readonly members: HouseholdView['members']
}

export const Places = ({ places, members }: PlacesProps) => (
  <Box
    as="section"
    asides="below"
    id="places"
    className={classes.part}
    aria-label={householdWords.places}
  >
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
  const [adding, setAdding] = useState(false)
  const upcoming = place.visits.filter(({ endsOn }) => endsOn >= today)
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
      <TripLinks of={place.id} />
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
                void run(
                  removeVisit,
                  { params: { visitId: one.id } },
                  words.undo.did.removed(words.places.visitTo(place.name)),
                )
              }
            >
              {householdWords.remove}
            </Button>
          </Row>
        ))}
      </ul>
      {adding ? (
        <AddVisit place={place} onDone={() => setAdding(false)} />
      ) : (
        <Row gapX={6} gapY={2} align="center" wrap>
          <Button
            kind="quiet"
            aria-label={`${householdWords.addVisit}: ${place.name}`}
            onClick={() => setAdding(true)}
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
        <Suspense fallback={<p role="status">{words.forms.opening}</p>}>
          <PlaceForm
            key={place.version}
            place={place}
            members={members}
            onClose={() => setChanging(false)}
          />
        </Suspense>
      )}
    </Box>
  )
}

function AddVisit({ place, onDone }: { readonly place: Place; readonly onDone: () => void }) {
  const form = useActForm({
    initial: EMPTY_VISIT,
    read: (draft) => readVisitDraft(draft, place.id),
    said: words.undo.did.added(words.places.visitTo(place.name)),
    onSaved: onDone,
  })
  return (
    <ActForm
      form={form}
      above={4}
      aria-label={`${householdWords.addVisit}: ${place.name}`}
      press={householdWords.add}
      onCancel={onDone}
    >
      <Stack gap={5} align="start" columns={2}>
        <DayField autoFocus label={householdWords.from} {...form.choice('from')} />
        <DayField label={householdWords.to} {...form.choice('to')} />
      </Stack>
      <TextInput label={householdWords.label} maxLength={120} {...form.text('label')} />
    </ActForm>
  )
}
