/** A form that is one act, with the press that sends it and the one that leaves it. */

import type { FormEvent } from 'react'
import * as words from '../words'
import { Box, type BoxProps, Row, Stack } from './Box'
import { Button } from './Button'
import type { ActForm as Form } from './useActForm'

type Props = Omit<BoxProps<'form'>, 'as' | 'onSubmit' | 'ref'> & {
  // biome-ignore lint/suspicious/noExplicitAny: whatever its fields are
  readonly form: Form<any>
  /** On the button that sends it. */
  readonly press: string
  /** Leaves it as it was; a form that stays has none. */
  readonly onCancel?: (() => void) | undefined
  readonly cancel?: string
}

export function ActForm({
  form,
  press,
  onCancel,
  cancel = words.forms.cancel,
  children,
  ...box
}: Props) {
  return (
    <Stack<'form'>
      gap={5}
      {...box}
      as="form"
      ref={form.element}
      // What is wrong is said in our words, not in the browser's.
      noValidate
      onSubmit={(event: FormEvent) => {
        event.preventDefault()
        void form.submit()
      }}
    >
      {children}
      {form.error && (
        <Box as="p" note="caution" role="alert">
          {form.error}
        </Box>
      )}
      {form.marked && (
        <Box as="p" tone="bad" weight="bold" role="alert">
          {words.forms.look}
        </Box>
      )}
      <Row gap={5} align="center" wrap>
        <Button kind="strong" type="submit" busy={form.busy}>
          {press}
        </Button>
        {onCancel && <Button onClick={onCancel}>{cancel}</Button>}
      </Row>
    </Stack>
  )
}
