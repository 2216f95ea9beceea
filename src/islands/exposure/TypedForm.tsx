/** A lowest and a highest, as a thermometer keeps them. */
import { TextInput } from '@mantine/core'
import type { Spot } from '../../core/exposure/household'
import { ActDialog } from '../../ui/ActDialog'
import { Box, Stack } from '../../ui/Box'
import { DayField } from '../../ui/DayField'
import { useStrap } from '../../ui/Frame'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import { readTypedDraft } from './drafts'

const typedWords = words.exposure.typed

interface Props {
  readonly spot: Spot
  readonly onClose: () => void
}

export function TypedForm({ spot, onClose }: Props) {
  const { today } = useStrap()
  const form = useActForm({
    initial: { from: today as string, to: today as string, lowest: '', highest: '' },
    read: (draft) => readTypedDraft(draft, spot),
    said: (_, { held }) => typedWords.saved(held),
    onSaved: onClose,
  })
  return (
    <ActDialog form={form} title={typedWords.title} press={typedWords.save} onClose={onClose}>
      <Box as="p" size={2} tone="second">
        {typedWords.under}
      </Box>
      <Stack gap={4} columns={2} align="start">
        <DayField label={typedWords.from} max={today} {...form.choice('from')} />
        <DayField label={typedWords.to} max={today} {...form.choice('to')} />
        <TextInput label={typedWords.lowest} {...form.text('lowest')} />
        <TextInput label={typedWords.highest} {...form.text('highest')} />
      </Stack>
    </ActDialog>
  )
}
