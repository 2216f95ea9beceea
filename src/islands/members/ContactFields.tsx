/** A name and a number. */

import { TextInput } from '@mantine/core'
import type { Contact } from '../../core/household/contact'
import { Box, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import * as words from '../../words'

const membersWords = words.members

export const ContactFields = ({
  legend,
  contact,
  onChange,
  onRemove,
}: {
  readonly legend: string
  readonly contact: Contact
  readonly onChange: (contact: Contact) => void
  readonly onRemove?: () => void
}) => (
  <Stack as="fieldset" gap={4} padX={5} padY={4} line="dashed" radius={2}>
    <Box as="legend" padX={2} size={2} weight="bold">
      {legend}
    </Box>
    <Stack columns="repeat(auto-fit, minmax(9rem, 1fr))" gap={4} align="end">
      <TextInput
        label={membersWords.contactName}
        maxLength={120}
        value={contact.name}
        onChange={(event) => onChange({ ...contact, name: event.currentTarget.value })}
      />
      <TextInput
        label={membersWords.phone}
        type="tel"
        maxLength={40}
        value={contact.phone}
        onChange={(event) => onChange({ ...contact, phone: event.currentTarget.value })}
      />
    </Stack>
    {onRemove && (
      <Button kind="quiet" onClick={onRemove}>
        {membersWords.remove}
      </Button>
    )}
  </Stack>
)
