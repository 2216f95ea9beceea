/** A dialog with one form that is one act. */

import { Modal } from '@mantine/core'
import type { ReactNode } from 'react'
import * as words from '../words'
import { ActForm } from './ActForm'
import type { ActForm as Form } from './useActForm'

interface Props {
  // biome-ignore lint/suspicious/noExplicitAny: whatever its fields are
  readonly form: Form<any>
  readonly title: string
  /** On the button that sends it. */
  readonly press: string
  readonly opened?: boolean
  readonly onClose: () => void
  readonly children: ReactNode
}

export const ActDialog = ({ form, title, press, opened = true, onClose, children }: Props) => (
  <Modal
    opened={opened}
    onClose={onClose}
    title={title}
    closeButtonProps={{ 'aria-label': words.forms.cancel }}
  >
    <ActForm form={form} press={press}>
      {children}
    </ActForm>
  </Modal>
)
