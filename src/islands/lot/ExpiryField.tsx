/** A printed date as typed; one that can be read in two ways is asked about. */
import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { type Expiry, formatExpiry } from '../../core/calendar/expiry'
import {
  type DateReading,
  readPrintedDate,
  writePrintedDate,
} from '../../core/calendar/readPrintedDate'
import { useStrap } from '../../ui/Frame'
import { words } from '../../words'
import { expiryText } from '../../words/format'
import classes from './lot.module.css'

export interface ExpiryState {
  readonly typed: string
  readonly reading: DateReading
  /** null while it is unclear or refused. */
  readonly value: Expiry | null
  type(text: string): void
}

export function useExpiry(first: string): ExpiryState {
  const { today, habits } = useStrap()
  const [typed, type] = useState(first)
  const reading = readPrintedDate(typed, { order: habits.dateOrder, today })
  return { typed, type, reading, value: reading.kind === 'read' ? reading.expiry : null }
}

export function ExpiryField({
  expiry,
  autoFocus = false,
}: {
  readonly expiry: ExpiryState
  readonly autoFocus?: boolean
}) {
  const { reading } = expiry
  const { today } = useStrap()
  return (
    <div>
      <TextInput
        label={words.lot.expiry}
        description={words.lot.expiryHint}
        autoFocus={autoFocus}
        value={expiry.typed}
        onChange={(event) => expiry.type(event.currentTarget.value)}
        error={reading.kind === 'refused' ? words.lot.unclear.refused(reading.refusal) : undefined}
      />
      {reading.kind === 'ask' && (
        <fieldset className={classes.ask}>
          <legend>{reading.why === 'far_off' ? words.bring.farOff : words.lot.unclear.ask}</legend>
          {reading.readings.map((one) => (
            <button
              key={formatExpiry(one)}
              type="button"
              onClick={() => expiry.type(writePrintedDate(one, today))}
            >
              {expiryText(one)}
            </button>
          ))}
        </fieldset>
      )}
    </div>
  )
}
