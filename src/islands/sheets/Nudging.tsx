/** How far the printer is off, told after a test page. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { MOST_NUDGE } from '../../core/labels/formats'
import { Box, Row, Stack } from '../../ui/Box'
import { ButtonLink } from '../../ui/Button'
import * as words from '../../words'
import type { Printer } from './printerKept'

const labelWords = words.labels

interface Props {
  readonly printer: Printer
  readonly onChange: (next: Partial<Printer>) => void
  /** Where the test page is. */
  readonly test: string
}

/** Tenths of a millimetre; null where it is none, or more than a centimetre. */
function tenthsIn(typed: string): number | null {
  const text = typed.trim().replace('−', '-').replace(',', '.')
  if (!/^-?\d{1,2}(\.\d)?$/.test(text)) return null
  const tenths = Math.round(Number(text) * 10)
  return Math.abs(tenths) <= MOST_NUDGE ? tenths : null
}

export function Nudging({ printer, onChange, test }: Props) {
  const [typed, setTyped] = useState({
    right: String(printer.right / 10),
    down: String(printer.down / 10),
  })
  const field = (name: 'right' | 'down') => (
    <TextInput
      label={labelWords[name]}
      inputMode="decimal"
      value={typed[name]}
      maxLength={6}
      error={tenthsIn(typed[name]) === null ? labelWords.wrongNudge : undefined}
      onChange={(event) => {
        const text = event.currentTarget.value
        setTyped((known) => ({ ...known, [name]: text }))
        const tenths = tenthsIn(text)
        if (tenths !== null) onChange({ [name]: tenths })
      }}
      style={{ width: '9rem' }}
    />
  )
  return (
    <Stack gap={4}>
      <Row gap={4} wrap align="start">
        {field('right')}
        {field('down')}
      </Row>
      <Box as="p" size={2} tone="second">
        {labelWords.testHint}
      </Box>
      <Row>
        <ButtonLink href={test} target="_blank">
          {labelWords.test}
        </ButtonLink>
      </Row>
    </Stack>
  )
}
