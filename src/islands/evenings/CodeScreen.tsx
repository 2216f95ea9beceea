/** A code that is typed. */

import { MantineProvider, TextInput } from '@mantine/core'
import { useState } from 'react'
import { Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { theme } from '../../ui/theme'
import * as words from '../../words'

const sittingWords = words.sitting

export const CodeScreen = () => (
  <MantineProvider theme={theme}>
    <Stack as="main" id="main" gap={6} pad={6} style={{ maxWidth: '34rem', margin: '0 auto' }}>
      <h1>{sittingWords.typeCode}</h1>
      <TypeCode />
    </Stack>
  </MantineProvider>
)

function TypeCode() {
  const [code, setCode] = useState('')
  return (
    <Stack
      as="form"
      gap={5}
      onSubmit={(event) => {
        event.preventDefault()
        location.assign(`/evening/${encodeURIComponent(code.trim())}`)
      }}
    >
      <TextInput
        label={sittingWords.code}
        autoCapitalize="characters"
        autoComplete="off"
        spellCheck={false}
        maxLength={60}
        value={code}
        onChange={(event) => setCode(event.currentTarget.value)}
      />
      <Row>
        <Button kind="strong" type="submit" disabled={code.trim() === ''}>
          {sittingWords.open}
        </Button>
      </Row>
    </Stack>
  )
}
