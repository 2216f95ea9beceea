/** What is asked of a new place: its name, when somebody is there, how far help is. */

import { Select, TextInput } from '@mantine/core'
import { Stack } from '../../ui/Box'
import { Explained } from '../../ui/Explain'
import type { ActForm } from '../../ui/useActForm'
import * as words from '../../words'
import type { NewPlaceDraft } from './kitDraft'

const RHYTHMS = ['always', 'weekdays', 'visits'] as const

export const PlaceFields = ({ form }: { readonly form: ActForm<NewPlaceDraft> }) => (
  <>
    <TextInput data-autofocus label={words.kits.name} maxLength={120} {...form.text('name')} />
    <Select
      label={words.kits.rhythm}
      {...form.choice('rhythm')}
      data={RHYTHMS.map((value) => ({ value, label: words.kits[value] }))}
    />
    <Stack gap={5} align="start" columns={2}>
      <Explained id="minutesToHelp">
        <TextInput
          label={words.places.minutesToHelp}
          inputMode="numeric"
          {...form.text('toHelp')}
        />
      </Explained>
      <TextInput label={words.places.minutesToVet} inputMode="numeric" {...form.text('toVet')} />
    </Stack>
  </>
)
