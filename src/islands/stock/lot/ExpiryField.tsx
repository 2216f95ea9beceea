/** A printed date as typed; one that can be read in two ways is asked about. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { type Expiry, formatExpiry } from '../../../core/calendar/expiry'
import type { PlainDate } from '../../../core/calendar/plainDate'
import {
  type DateOrder,
  type DateReading,
  readPrintedDate,
  writePrintedDate,
} from '../../../core/calendar/readPrintedDate'
import { Box, Row } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import { expiryText } from '../../../words/frame/format'

export interface ExpirySettings {
  readonly today: PlainDate
  readonly order: DateOrder
}

export interface ExpiryState {
  readonly today: PlainDate
  readonly typed: string
  readonly reading: DateReading
  /** null while it is unclear or refused. */
  readonly value: Expiry | null
  type(text: string): void
}

/** A date as typed, with what can be read of it and what writes another. */
export function expiryOf(
  typed: string,
  type: (text: string) => void,
  { today, order }: ExpirySettings,
): ExpiryState {
  const reading = readPrintedDate(typed, { order, today })
  return { today, typed, type, reading, value: reading.kind === 'read' ? reading.expiry : null }
}

export function useExpiryWith(first: string, settings: ExpirySettings): ExpiryState {
  const [typed, type] = useState(first)
  return expiryOf(typed, type, settings)
}

/** What keeps a date from being taken, for a form; undefined where it is read. */
export function expiryFault(typed: string, settings: ExpirySettings): string | undefined {
  const reading = readPrintedDate(typed, settings)
  switch (reading.kind) {
    case 'read':
      return undefined
    case 'ask':
      return words.stock.lot.pickDate
    case 'refused':
      return words.stock.lot.unclear.refused(reading.refusal)
  }
}

export function ExpiryField({
  expiry,
  autoFocus = false,
  error,
}: {
  readonly expiry: ExpiryState
  readonly autoFocus?: boolean
  /** What the form that it stands in has against it. */
  readonly error?: string | undefined
}) {
  const { reading, today } = expiry
  return (
    <div>
      <TextInput
        label={words.stock.lot.expiry}
        description={words.stock.lot.expiryHint}
        autoFocus={autoFocus}
        value={expiry.typed}
        onChange={(event) => expiry.type(event.currentTarget.value)}
        error={
          error ??
          (reading.kind === 'refused'
            ? words.stock.lot.unclear.refused(reading.refusal)
            : undefined)
        }
      />
      {reading.kind === 'ask' && (
        <Row as="fieldset" gap={3} wrap pad={4} above={3} line="dashed" radius={2}>
          <Box as="legend" size={2} weight="bold">
            {reading.why === 'far_off'
              ? words.imports.farOff
              : words.stock.lot.unclear[reading.why]}
          </Box>
          {reading.readings.map((one) => (
            <Button
              key={formatExpiry(one)}
              onClick={() => expiry.type(writePrintedDate(one, today))}
            >
              {expiryText(one)}
            </Button>
          ))}
        </Row>
      )}
    </div>
  )
}
