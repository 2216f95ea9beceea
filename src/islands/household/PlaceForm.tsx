/** Changes what is known of a place: how far help is, the air, who is there and when. */

import { MultiSelect, Select, TextInput } from '@mantine/core'
import { CLIMATES, SIGNALS } from '../../core/household/places'
import { ActDialog } from '../../ui/ActDialog'
import { Box, Row, Stack } from '../../ui/Box'
import { useDayHabits } from '../../ui/dayHabits'
import { Explained } from '../../ui/Explain'
import { Pick } from '../../ui/Pick'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import { onDays, placeDraft, readPlaceDraft } from './placeDraft'
import { FROM_MONDAY, FROM_SUNDAY } from './stayDays'
import type { HouseholdView } from './view'

const placesWords = words.places
const MONTHS = placesWords.monthNames.map((label, at) => ({ value: String(at + 1), label }))

interface Props {
  readonly place: HouseholdView['places'][number]
  readonly members: HouseholdView['members']
  readonly onClose: () => void
}

export function PlaceForm({ place, members, onClose }: Props) {
  const form = useActForm({
    initial: placeDraft(place),
    read: (draft) => readPlaceDraft(draft, place),
    said: ({ name }) => words.undo.did.saved(name),
    onSaved: onClose,
  })
  const { days, rhythm } = form.values
  const week = useDayHabits().weekStart === 'sunday' ? FROM_SUNDAY : FROM_MONDAY
  return (
    <ActDialog form={form} title={placesWords.facts} press={placesWords.save} onClose={onClose}>
      <TextInput data-autofocus label={placesWords.name} maxLength={120} {...form.text('name')} />
      <Stack gap={5} align="start" columns={2}>
        <Explained id="minutesToHelp">
          <TextInput
            label={placesWords.minutesToHelp}
            inputMode="numeric"
            {...form.text('minutesToHelp')}
          />
        </Explained>
        <TextInput
          label={placesWords.minutesToVet}
          inputMode="numeric"
          {...form.text('minutesToVet')}
        />
      </Stack>
      <Stack gap={5} align="start" columns={2}>
        <Explained id="signal">
          <Select
            label={placesWords.signal}
            placeholder={placesWords.unsaid}
            clearable
            {...form.choice('signal')}
            data={SIGNALS.map((value) => ({ value, label: placesWords.signalWord(value) }))}
          />
        </Explained>
        <Explained id="climate">
          <Select
            label={placesWords.climate}
            placeholder={placesWords.unsaid}
            clearable
            {...form.choice('climate')}
            data={CLIMATES.map((value) => ({ value, label: placesWords.climateWord(value) }))}
          />
        </Explained>
      </Stack>
      <Explained id="usually">
        <MultiSelect
          label={placesWords.usually}
          {...form.choice('usuallyThere')}
          data={members.map(({ id, name }) => ({ value: id, label: name }))}
        />
      </Explained>
      <Explained id="rhythm">
        <Select
          label={placesWords.rhythm}
          {...form.choice('rhythm')}
          data={[
            { value: 'always', label: words.kits.always },
            { value: 'weekdays', label: words.kits.weekdays },
            { value: 'season', label: placesWords.season },
            { value: 'visits', label: words.kits.visits },
          ]}
        />
      </Explained>
      {onDays(form.values) && (
        <Row as="fieldset" gap={3} wrap>
          <Box as="legend" below={2} weight="bold">
            {placesWords.days}
          </Box>
          {week.map((day) => (
            <Pick
              key={day}
              type="checkbox"
              checked={days.includes(day)}
              onChange={() =>
                form.set({
                  days: FROM_MONDAY.filter((one) =>
                    one === day ? !days.includes(day) : days.includes(one),
                  ),
                })
              }
            >
              {placesWords.weekdays[day - 1]}
            </Pick>
          ))}
          {days.length === 0 && (
            <Box as="small" tone="bad" role="alert">
              {placesWords.pickDay}
            </Box>
          )}
        </Row>
      )}
      {rhythm === 'season' && (
        <Stack gap={5} align="start" columns={2}>
          <Select
            aria-label={`${placesWords.months}: ${words.household.from}`}
            {...form.choice('fromMonth')}
            data={MONTHS}
          />
          <Select
            aria-label={`${placesWords.months}: ${words.household.to}`}
            {...form.choice('toMonth')}
            data={MONTHS}
          />
        </Stack>
      )}
    </ActDialog>
  )
}
