/** A dialog with one form and one press that ends it. */

import type { ReactNode } from 'react'
import { Stack } from './Box'
import { Button } from './Button'
import { Dialog } from './Dialog'

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
  <Dialog title={title} opened={opened} onClose={onClose}>
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
  </Dialog>
)
