/** A dialog with one form that is one act. */

import type { ReactNode } from 'react'
import { ActForm } from './ActForm'
import { Dialog } from './Dialog'
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
  <Dialog title={title} opened={opened} isWritten={form.isWritten} onClose={onClose}>
    <ActForm form={form} press={press}>
      {children}
    </ActForm>
  </Dialog>
)
