/** How cold and how hot it gets at a place: asked once, for where nobody measures. */
import { Select, TextInput } from '@mantine/core'
import { ActForm } from '../../ui/ActForm'
import { Box, Stack } from '../../ui/Box'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import { MONTH_NAMES } from '../../words/frame/format'
import { readYearDraft, yearDraft } from './drafts'
import type { ExposureView } from './view'

const modelWords = words.exposure.model
const MONTHS = MONTH_NAMES.map((label, at) => ({ value: String(at + 1), label }))

export function YearForm({ place }: { readonly place: ExposureView['places'][number] }) {
  const form = useActForm({
    initial: yearDraft(place.year),
    read: (draft) => readYearDraft(draft, place.id),
    said: modelWords.saved(place.name),
    onSaved: () => {},
  })
  return (
    <ActForm form={form} press={modelWords.save}>
      <Box as="p" size={2} tone="second">
        {modelWords.under} {place.climate === null && modelWords.noClimate(place.name)}
      </Box>
      <Stack gap={4} columns={2} align="start">
        <Select
          label={modelWords.coldestMonth}
          allowDeselect={false}
          {...form.choice('coldestMonth')}
          data={MONTHS}
        />
        <TextInput label={modelWords.coldest} {...form.text('coldest')} />
        <Select
          label={modelWords.hottestMonth}
          allowDeselect={false}
          {...form.choice('hottestMonth')}
          data={MONTHS}
        />
        <TextInput label={modelWords.hottest} {...form.text('hottest')} />
      </Stack>
    </ActForm>
  )
}
