/** A code that is typed, for whoever has no camera at hand. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { Row, Stack } from './Box'
import { Button } from './Button'

interface Props {
  readonly label: string
  readonly press: string
  /** The page that a code opens begins with this. */
  readonly under: `/${string}/`
}

export function TypeCode({ label, press, under }: Props) {
  const [code, setCode] = useState('')
  return (
    <Stack
      as="form"
      gap={5}
      onSubmit={(event) => {
        event.preventDefault()
        location.assign(`${under}${encodeURIComponent(code.trim())}`)
      }}
    >
      <TextInput
        label={label}
        autoCapitalize="characters"
        autoComplete="off"
        spellCheck={false}
        maxLength={60}
        value={code}
        onChange={(event) => setCode(event.currentTarget.value)}
      />
      <Row>
        <Button kind="strong" type="submit" disabled={code.trim() === ''}>
          {press}
        </Button>
      </Row>
    </Stack>
  )
}
