/** The keys, shown on "?". */

import { Checkbox } from '@mantine/core'
import { useEffect, useState } from 'react'
import * as words from '../words'
import { Box, Stack } from './Box'
import { Dialog } from './Dialog'
import { KEYS_TOLD, keysAct, setKeysAct } from './hotkeys'

export function KeysHelp({
  opened,
  onClose,
}: {
  readonly opened: boolean
  readonly onClose: () => void
}) {
  const [act, setAct] = useState(true)
  useEffect(() => setAct(keysAct()), [])
  return (
    <Dialog title={words.keys.title} opened={opened} close={words.find.close} onClose={onClose}>
      <dl>
        {KEYS_TOLD.map(([key, what]) => (
          <Stack columns="7.5rem 1fr" gap={6} padY={3} lineBelow="hairline" key={key}>
            <Box as="dt" weight="bold">
              <kbd>{key}</kbd>
            </Box>
            <dd>{what}</dd>
          </Stack>
        ))}
      </dl>
      <Checkbox
        mt="md"
        label={words.keys.act}
        description={words.keys.actWhy}
        checked={act}
        onChange={({ currentTarget: { checked } }) => {
          setKeysAct(checked)
          setAct(checked)
        }}
      />
    </Dialog>
  )
}
