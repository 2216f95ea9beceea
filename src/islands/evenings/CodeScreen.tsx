/** A code that is typed. */

import { MantineProvider } from '@mantine/core'
import { Stack } from '../../ui/Box'
import { TypeCode } from '../../ui/TypeCode'
import { theme } from '../../ui/theme'
import * as words from '../../words'

const sittingWords = words.sitting

export const CodeScreen = () => (
  <MantineProvider theme={theme}>
    <Stack as="main" id="main" gap={6} pad={6} style={{ maxWidth: '34rem', margin: '0 auto' }}>
      <h1>{sittingWords.typeCode}</h1>
      <TypeCode label={sittingWords.code} press={sittingWords.open} under="/evening/" />
    </Stack>
  </MantineProvider>
)
