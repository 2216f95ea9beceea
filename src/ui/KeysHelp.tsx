/** The keys, shown on "?", and whether they do anything on this device. */

import { Checkbox } from '@mantine/core'
import { useEffect, useState } from 'react'
import * as words from '../words'
import { Box, Row, Stack } from './Box'
import { Dialog } from './Dialog'
import { KEYS_TOLD, keysAct, setKeysAct } from './hotkeys'
import { TABS, type TabId } from './tabs'

interface Props {
  readonly opened: boolean
  readonly tab: TabId
  readonly onClose: () => void
}

export const KeysHelp = ({ opened, tab, onClose }: Props) => (
  <Dialog title={words.keys.title} opened={opened} close={words.find.close} onClose={onClose}>
    <Row below={4}>
      <a href={TABS.some(({ id }) => id === tab) ? `/help/${tab}` : '/help'}>{words.keys.ofPage}</a>
    </Row>
    <KeysTold />
  </Dialog>
)

export function KeysTold() {
  const [act, setAct] = useState(true)
  useEffect(() => setAct(keysAct()), [])
  return (
    <>
      <dl>
        {KEYS_TOLD.map(([key, what]) => (
          <Stack columns="7.5rem 1fr" gap={6} padY={3} lineBelow="hairline" key={key}>
            <Box as="dt" weight="bold">
              {key}
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
    </>
  )
}
