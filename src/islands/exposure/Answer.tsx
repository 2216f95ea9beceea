/** What was answered about a thing on hold: who said it, and until when it may be used. */
import { TextInput } from '@mantine/core'
import { ActForm } from '../../ui/ActForm'
import { Box, Stack } from '../../ui/Box'
import { DayField } from '../../ui/DayField'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import { NO_ANSWER, readAnswerDraft } from './answerDraft'
import type { LotMet } from './view'

const answerWords = words.exposure.answer

export function Answer({ met }: { readonly met: LotMet }) {
  const form = useActForm({
    initial: NO_ANSWER,
    read: (draft) => readAnswerDraft(draft, met),
    said: answerWords.saved(met.title),
    onSaved: () => location.assign(`/kits/${met.kitId}?lot=${met.lotId}&pocket=${met.pocketId}`),
  })
  return (
    <Box as="section" measure className="no-print" aria-label={answerWords.title}>
      <Box as="h2" size={3}>
        {answerWords.title}
      </Box>
      <ActForm form={form} press={answerWords.press}>
        <Box as="p" size={2} tone="second">
          {answerWords.under}
        </Box>
        <Stack gap={4} columns={2} align="start" collapse>
          <TextInput label={answerWords.who} maxLength={200} {...form.text('who')} />
          <DayField label={answerWords.until} min={met.today} {...form.choice('until')} />
        </Stack>
      </ActForm>
    </Box>
  )
}
