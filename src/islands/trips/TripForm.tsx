/** Who goes where on which days, as one form: a stop under another, each with its own people. */

import { MultiSelect, Select, Textarea, TextInput } from '@mantine/core'
import { EMERGENCY_NUMBERS } from '../../core/household/emergencyNumbers'
import { PLACE_TRAIT_IDS, PLACE_TRAITS } from '../../core/household/places'
import { TRAVELS, type Travel, type Trip } from '../../core/trips/trip'
import { ActDialog } from '../../ui/ActDialog'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { DayField } from '../../ui/DayField'
import { Folded } from '../../ui/Folded'
import { Pick } from '../../ui/Pick'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import type { CoverView } from '../cover/useCover'
import {
  type Beginnings,
  ELSEWHERE,
  nextStop,
  readTripDraft,
  type StopDraft,
  stopFaults,
  tripDraft,
} from './tripDraft'

const formWords = words.trips.form

interface Props {
  /** The trip that is changed; null for a new one. */
  readonly trip: Trip | null
  /** An earlier one that a new one begins as. */
  readonly like?: Trip
  readonly cover: CoverView
  readonly beginnings: Beginnings
  readonly onSaved: (tripId: string | null) => void
  readonly onClose: () => void
}

export function TripForm({ trip, like, cover, beginnings, onSaved, onClose }: Props) {
  const everybody = cover.members.map(({ id }) => id as string)
  const form = useActForm({
    initial: tripDraft(trip ?? like ?? null, everybody),
    read: (draft) => readTripDraft(draft, trip, beginnings, like),
    refusals: { trip_faulty: 'stops' },
    said: ({ name }) => (trip ? formWords.changed(name) : formWords.saved(name)),
    onSaved: (result) => onSaved(result && 'tripId' in result ? (result.tripId as string) : null),
  })
  const { stops } = form.values
  const set = (at: number, patch: Partial<StopDraft>) =>
    form.set({ stops: stops.map((one, index) => (index === at ? { ...one, ...patch } : one)) })
  const wrong = form.errorOf('stops')
  return (
    <ActDialog
      form={form}
      title={trip ? formWords.change : formWords.title}
      press={formWords.save}
      onClose={onClose}
    >
      <TextInput
        data-autofocus
        label={formWords.name}
        placeholder={formWords.namePlaceholder}
        maxLength={120}
        {...form.text('name')}
      />
      {stops.map((stop, at) => (
        <StopFields
          key={stop.id}
          stop={stop}
          title={stop.name || formWords.stop(at + 1)}
          cover={cover}
          shows={wrong !== undefined}
          onChange={(patch) => set(at, patch)}
          onRemove={
            stops.length > 1
              ? () => form.set({ stops: stops.filter((_, index) => index !== at) })
              : null
          }
        />
      ))}
      {wrong && (
        <Box as="p" tone="bad" role="alert">
          {wrong}
        </Box>
      )}
      <Row gap={4} align="center" wrap>
        <Button
          kind="plain"
          onClick={() => form.set({ stops: [...stops, nextStop(stops.at(-1), everybody)] })}
        >
          {formWords.addStop}
        </Button>
        <small className="second">{formWords.addStopUnder}</small>
      </Row>
    </ActDialog>
  )
}

interface StopProps {
  readonly stop: StopDraft
  readonly title: string
  readonly cover: CoverView
  /** Somebody has sent it: what is wrong is said. */
  readonly shows: boolean
  readonly onChange: (patch: Partial<StopDraft>) => void
  readonly onRemove: (() => void) | null
}

function StopFields({ stop, title, cover, shows, onChange, onRemove }: StopProps) {
  const faults = (shows && stopFaults(stop)) || {}
  const place = cover.places.find(({ id }) => id === stop.placeId)
  const vehicles = cover.places.filter(({ traits }) => traits.includes('vehicle'))
  /** A place of ours brings along what is known of it. */
  const choose = (placeId: string | null) => {
    const found = cover.places.find(({ id }) => id === placeId)
    onChange(
      found
        ? {
            placeId: found.id,
            name: found.name,
            traits: found.traits,
            minutesToHelp: found.minutesToHelp === null ? '' : String(found.minutesToHelp),
          }
        : { placeId: ELSEWHERE },
    )
  }
  return (
    <Stack as="fieldset" gap={4} pad={5} line="dashed" radius={2}>
      <Box as="legend" weight="bold">
        {title}
      </Box>
      <Stack gap={5} align="start" columns={2}>
        <Select
          label={formWords.stops}
          value={stop.placeId || 'elsewhere'}
          onChange={choose}
          allowDeselect={false}
          data={[
            { value: 'elsewhere', label: formWords.elsewhere },
            ...cover.places.map(({ id, name }) => ({ value: id as string, label: name })),
          ]}
        />
        <TextInput
          label={formWords.stopName}
          placeholder={formWords.stopPlaceholder}
          maxLength={120}
          value={stop.name}
          error={faults.name}
          onChange={(event) => onChange({ name: event.currentTarget.value })}
        />
        <DayField
          label={formWords.from}
          value={stop.from}
          error={faults.from}
          onChange={(from) => onChange({ from })}
        />
        <DayField
          label={formWords.to}
          value={stop.to}
          error={faults.to}
          onChange={(to) => onChange({ to })}
        />
      </Stack>
      <Row as="fieldset" gap={3} wrap>
        <Box as="legend" below={2} weight="bold">
          {formWords.who}
        </Box>
        {cover.members.map(({ id, name }) => (
          <Pick
            key={id}
            type="checkbox"
            checked={stop.members.includes(id)}
            onChange={() =>
              onChange({
                members: stop.members.includes(id)
                  ? stop.members.filter((one) => one !== id)
                  : [...stop.members, id],
              })
            }
          >
            {name}
          </Pick>
        ))}
      </Row>
      {faults.members && (
        <Box as="small" tone="bad" role="alert">
          {faults.members}
        </Box>
      )}
      <Stack gap={5} align="start" columns={2}>
        <Select
          label={formWords.travel}
          value={stop.travel}
          allowDeselect={false}
          onChange={(travel) => travel && onChange({ travel: travel as Travel })}
          data={TRAVELS.map((value) => ({ value, label: words.trips.travel[value] }))}
        />
        <TextInput
          label={formWords.help}
          description={formWords.helpUnder}
          inputMode="numeric"
          value={stop.minutesToHelp}
          error={faults.minutesToHelp}
          onChange={(event) => onChange({ minutesToHelp: event.currentTarget.value })}
        />
      </Stack>
      {stop.travel === 'car' && vehicles.length > 0 && (
        <Select
          label={formWords.vehicle}
          description={formWords.vehicleUnder}
          value={stop.vehicleId || null}
          placeholder={formWords.noVehicle}
          clearable
          onChange={(vehicleId) => onChange({ vehicleId: vehicleId ?? '' })}
          data={vehicles.map(({ id, name }) => ({ value: id, label: name }))}
        />
      )}
      <Folded title={formWords.more}>
        {() => (
          <Stack gap={5} align="start" columns={2}>
            <TextInput
              label={formWords.vet}
              inputMode="numeric"
              value={stop.minutesToVet}
              error={faults.minutesToVet}
              onChange={(event) => onChange({ minutesToVet: event.currentTarget.value })}
            />
            <Select
              label={formWords.country}
              value={stop.country || 'home'}
              allowDeselect={false}
              searchable
              onChange={(country) =>
                onChange({ country: country === 'home' ? '' : (country ?? '') })
              }
              data={[
                { value: 'home', label: formWords.asHome },
                ...EMERGENCY_NUMBERS.map((one) => ({ value: one.country, label: one.name })),
              ]}
            />
            {!place && (
              <MultiSelect
                label={formWords.traits}
                value={[...stop.traits]}
                onChange={(traits) => onChange({ traits: traits as StopDraft['traits'] })}
                data={PLACE_TRAIT_IDS.map((value) => ({ value, label: PLACE_TRAITS[value] }))}
              />
            )}
            <Textarea
              label={formWords.note}
              placeholder={formWords.notePlaceholder}
              maxLength={2000}
              autosize
              value={stop.note}
              onChange={(event) => onChange({ note: event.currentTarget.value })}
            />
          </Stack>
        )}
      </Folded>
      {onRemove && (
        <Row>
          <Button kind="quiet" onClick={onRemove}>
            {formWords.removeStop(title)}
          </Button>
        </Row>
      )}
    </Stack>
  )
}
