/** Changes what is known of a place: how far help is, the air, who is there and when. */

import { MultiSelect, Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { changePlace } from '../../contract/places'
import type { Weekday } from '../../core/calendar/plainDate'
import type { Rhythm } from '../../core/calendar/presence'
import { CLIMATES, type Climate, SIGNALS, type Signal } from '../../core/household/places'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { FormDialog } from '../../ui/FormDialog'
import { Pick } from '../../ui/Pick'
import { words } from '../../words'
import type { HouseholdView } from './view'

const placesWords = words.places
const MOST_MINUTES = 10_000
const WEEK: readonly Weekday[] = [1, 2, 3, 4, 5, 6, 7]

interface Props {
  readonly place: HouseholdView['places'][number]
  readonly members: HouseholdView['members']
  readonly onClose: () => void
}

export function PlaceForm({ place, members, onClose }: Props) {
  const { run, busy } = useActing()
  const { rhythm } = place
  const [fields, setFields] = useState({
    name: place.name,
    minutesToHelp: place.minutesToHelp === null ? '' : String(place.minutesToHelp),
    minutesToVet: place.minutesToVet === null ? '' : String(place.minutesToVet),
    signal: place.signal as Signal | null,
    climate: place.climate as Climate | null,
    usuallyThere: [...place.usuallyThere] as string[],
    rhythm: rhythm.kind as Rhythm['kind'],
    days: ('days' in rhythm ? rhythm.days : [1, 2, 3, 4, 5]) as readonly Weekday[],
    fromMonth: rhythm.kind === 'season' ? rhythm.fromMonth : 5,
    toMonth: rhythm.kind === 'season' ? rhythm.toMonth : 9,
  })
  const set = (patch: Partial<typeof fields>): void => setFields({ ...fields, ...patch })
  const minutes = (text: string): number | null | 'wrong' => {
    if (text.trim() === '') return null
    const value = Number(text)
    return Number.isInteger(value) && value >= 0 && value <= MOST_MINUTES ? value : 'wrong'
  }
  const toHelp = minutes(fields.minutesToHelp)
  const toVet = minutes(fields.minutesToVet)
  const onDays = fields.rhythm === 'weekdays' || fields.rhythm === 'season'
  const ready =
    fields.name.trim() !== '' &&
    toHelp !== 'wrong' &&
    toVet !== 'wrong' &&
    (!onDays || fields.days.length > 0)

  const rhythmOf = (): Rhythm => {
    const { days, fromMonth, toMonth } = fields
    switch (fields.rhythm) {
      case 'weekdays':
        return { kind: 'weekdays', days }
      case 'season':
        return { kind: 'season', days, fromMonth, toMonth }
      default:
        return { kind: fields.rhythm }
    }
  }
  const submit = async () => {
    if (toHelp === 'wrong' || toVet === 'wrong') return
    const next = rhythmOf()
    const result = await run(
      changePlace,
      {
        params: { placeId: place.id },
        body: {
          seenVersion: place.version,
          name: fields.name,
          minutesToHelp: toHelp,
          minutesToVet: toVet,
          signal: fields.signal,
          climate: fields.climate,
          usuallyThere: fields.usuallyThere,
          rhythm: 'days' in next ? { ...next, days: [...next.days] } : next,
        },
      },
      words.undo.did.saved,
    )
    if (result) onClose()
  }
  const month = (name: 'fromMonth' | 'toMonth') => (
    <Select
      aria-label={`${placesWords.months}: ${name === 'fromMonth' ? words.household.from : words.household.to}`}
      allowDeselect={false}
      value={String(fields[name])}
      onChange={(value) => set({ [name]: Number(value) })}
      data={placesWords.monthNames.map((label, index) => ({ value: String(index + 1), label }))}
    />
  )
  return (
    <FormDialog
      opened
      title={placesWords.facts}
      press={placesWords.save}
      busy={busy}
      ready={ready}
      onSubmit={submit}
      onClose={onClose}
    >
      <TextInput
        data-autofocus
        label={placesWords.name}
        maxLength={120}
        value={fields.name}
        onChange={(event) => set({ name: event.currentTarget.value })}
      />
      <Stack gap={5} align="start" columns={2}>
        <TextInput
          label={placesWords.minutesToHelp}
          inputMode="numeric"
          value={fields.minutesToHelp}
          error={toHelp === 'wrong' ? placesWords.wrongMinutes : undefined}
          onChange={(event) => set({ minutesToHelp: event.currentTarget.value })}
        />
        <TextInput
          label={placesWords.minutesToVet}
          inputMode="numeric"
          value={fields.minutesToVet}
          error={toVet === 'wrong' ? placesWords.wrongMinutes : undefined}
          onChange={(event) => set({ minutesToVet: event.currentTarget.value })}
        />
      </Stack>
      <Stack gap={5} align="start" columns={2}>
        <Select
          label={placesWords.signal}
          placeholder={placesWords.unsaid}
          clearable
          value={fields.signal}
          onChange={(signal) => set({ signal: signal as Signal | null })}
          data={SIGNALS.map((value) => ({ value, label: placesWords.signalWord(value) }))}
        />
        <Select
          label={placesWords.climate}
          placeholder={placesWords.unsaid}
          clearable
          value={fields.climate}
          onChange={(climate) => set({ climate: climate as Climate | null })}
          data={CLIMATES.map((value) => ({ value, label: placesWords.climateWord(value) }))}
        />
      </Stack>
      <MultiSelect
        label={placesWords.usually}
        value={fields.usuallyThere}
        onChange={(usuallyThere) => set({ usuallyThere })}
        data={members.map(({ id, name }) => ({ value: id, label: name }))}
      />
      <Select
        label={placesWords.rhythm}
        allowDeselect={false}
        value={fields.rhythm}
        onChange={(value) => set({ rhythm: (value ?? 'always') as Rhythm['kind'] })}
        data={[
          { value: 'always', label: words.kits.always },
          { value: 'weekdays', label: words.kits.weekdays },
          { value: 'season', label: placesWords.season },
          { value: 'visits', label: words.kits.visits },
        ]}
      />
      {onDays && (
        <Row as="fieldset" gap={3} wrap>
          <Box as="legend" below={2} weight="bold">
            {placesWords.days}
          </Box>
          {WEEK.map((day) => (
            <Pick
              key={day}
              type="checkbox"
              checked={fields.days.includes(day)}
              onChange={() =>
                set({
                  days: WEEK.filter((one) =>
                    one === day ? !fields.days.includes(day) : fields.days.includes(one),
                  ),
                })
              }
            >
              {placesWords.weekdays[day - 1]}
            </Pick>
          ))}
          {fields.days.length === 0 && (
            <Box as="small" tone="bad" role="alert">
              {placesWords.pickDay}
            </Box>
          )}
        </Row>
      )}
      {fields.rhythm === 'season' && (
        <Stack gap={5} align="start" columns={2}>
          {month('fromMonth')}
          {month('toMonth')}
        </Stack>
      )}
    </FormDialog>
  )
}
