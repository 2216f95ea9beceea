/** A dialog with one form and one press that ends it. */

import { Modal } from '@mantine/core'
import type { ReactNode } from 'react'
import * as words from '../words'
import { Stack } from './Box'
import { Button } from './Button'

interface Props {
  readonly opened: boolean
  readonly title: string
  /** On the button that sends the form. */
  readonly press: string
  readonly busy: boolean
  readonly ready?: boolean
  readonly onSubmit: () => Promise<void>
  readonly onClose: () => void
  readonly children: ReactNode
}

export const FormDialog = ({
  opened,
  title,
  press,
  busy,
  ready = true,
  onSubmit,
  onClose,
  children,
}: Props) => (
  <Modal
    opened={opened}
    onClose={onClose}
    title={title}
    closeButtonProps={{ 'aria-label': words.kits.cancel }}
  >
    <Stack
      as="form"
      gap={5}
      onSubmit={(event) => {
        event.preventDefault()
        void onSubmit()
      }}
    >
      {children}
      <Button kind="strong" type="submit" busy={busy} disabled={!ready}>
        {press}
      </Button>
    </Stack>
  </Modal>
)
