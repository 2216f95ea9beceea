/** The printed date: read and confirmed, or read and different. */

import { useState } from 'react'
import { type Expiry, formatExpiry } from '../../../core/calendar/expiry'
import { readPrintedDate } from '../../../core/calendar/readPrintedDate'
import type { DateLook } from '../../../core/rounds/round'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button, Chip } from '../../../ui/Button'
import * as words from '../../../words'
import { expiryText } from '../../../words/frame/format'
import type { ExpirySettings } from '../../stock/lot/ExpiryField'

const cardWords = words.rounds.card

interface Props {
  readonly recorded: Expiry
  readonly date: DateLook
  readonly settings: ExpirySettings
  readonly onChange: (date: DateLook) => void
}

export function DateAsk({ recorded, date, settings, onChange }: Props) {
  const [typed, setTyped] = useState(
    date.kind === 'other' ? formatExpiry(date.expiry) : recorded.kind === 'unknown' ? '' : null,
  )
  const reading = typed === null ? null : readPrintedDate(typed, settings)
  const type = (text: string): void => {
    setTyped(text)
    const read = readPrintedDate(text, settings)
    onChange(
      read.kind === 'read' && read.expiry.kind !== 'unknown'
        ? { kind: 'other', expiry: read.expiry }
        : { kind: 'not_read' },
    )
  }
  return (
    <Stack as="fieldset" gap={4}>
      <Box as="legend" size={4} weight="bold" face="display">
        {cardWords.dateAsk(recorded)}
      </Box>
      <Row gap={4} align="center" wrap>
        {recorded.kind !== 'unknown' && (
          <Chip
            pressed={date.kind === 'as_recorded'}
            onClick={() => {
              setTyped(null)
              onChange(date.kind === 'as_recorded' ? { kind: 'not_read' } : { kind: 'as_recorded' })
            }}
          >
            {cardWords.sameDate}
          </Chip>
        )}
        {typed === null && <Button onClick={() => type('')}>{cardWords.otherDate}</Button>}
        {(typed !== null || (date.kind === 'other' && date.expiry.kind === 'none')) && (
          <Chip
            pressed={date.kind === 'other' && date.expiry.kind === 'none'}
            onClick={() => {
              setTyped(null)
              onChange({ kind: 'other', expiry: { kind: 'none' } })
            }}
          >
            {cardWords.noDate}
          </Chip>
        )}
      </Row>
      {typed === null && date.kind === 'other' && date.expiry.kind !== 'none' && (
        <p>{expiryText(date.expiry)}</p>
      )}
      {typed !== null && (
        <Stack as="label" gap={2} weight="bold">
          {cardWords.typeDate}
          <input
            value={typed}
            inputMode="text"
            placeholder="03/27"
            aria-invalid={reading?.kind === 'refused'}
            onChange={(event) => type(event.currentTarget.value)}
          />
          {reading?.kind === 'refused' && (
            <Box as="small" weight="normal" role="alert">
              {cardWords.badDate}
            </Box>
          )}
          {date.kind === 'other' && (
            <Box as="small" weight="normal">
              {expiryText(date.expiry)}
            </Box>
          )}
        </Stack>
      )}
      {reading?.kind === 'ask' && (
        <Row gap={4} align="center" wrap>
          <span>{cardWords.twoDates}</span>
          {reading.readings.map((one) => (
            <Chip
              key={formatExpiry(one)}
              pressed={date.kind === 'other' && formatExpiry(date.expiry) === formatExpiry(one)}
              onClick={() => onChange({ kind: 'other', expiry: one })}
            >
              {expiryText(one)}
            </Chip>
          ))}
        </Row>
      )}
    </Stack>
  )
}
