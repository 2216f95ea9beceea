/** The keys, shown on "?". */

import { Modal } from '@mantine/core'
import * as words from '../words'
import { Box, Row } from './Box'
import { KEYS_TOLD } from './hotkeys'
import classes from './KeysHelp.module.css'

export function KeysHelp({
  opened,
  onClose,
}: {
  readonly opened: boolean
  readonly onClose: () => void
}) {
  return (
    <Modal
      opened={opened}
      onClose={onClose}
      title={words.keys.title}
      closeButtonProps={{ 'aria-label': words.find.close }}
    >
      <dl className={classes.keys}>
        {KEYS_TOLD.map(([key, what]) => (
          <Row gap={6} padY={3} lineBelow="hairline" key={key}>
            <Box as="dt" weight="bold">
              <kbd>{key}</kbd>
            </Box>
            <dd>{what}</dd>
          </Row>
        ))}
      </dl>
    </Modal>
  )
}
