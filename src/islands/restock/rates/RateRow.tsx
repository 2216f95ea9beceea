/** One rate: a dot on its range, its season month by month, and a field for who knows better. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { setRate } from '../../../contract/restock'
import { type Amount, formatAmount } from '../../../core/quantity/amount'
import { readAmount } from '../../../core/quantity/readAmount'
import { useActing } from '../../../ui/acting'
import { Box, Row } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import classes from './rates.module.css'
import type { Rate } from './view'

const ratesWords = words.rates

interface Props {
  readonly rate: Rate
  /** The highest of all, which ends the scale. */
  readonly most: number
}

export function RateRow({ rate, most }: Props) {
  const { run, busy } = useActing()
  const { itemId, placeId, title, place, unit, perYear, low, high, from, times, days } = rate
  const [typed, setTyped] = useState(rate.byHand === null ? '' : formatAmount(rate.byHand))
  const read = readAmount(typed)
  const params = { itemId, placeId }
  const save = (to: Amount | null, said: string) =>
    run(setRate, { params, body: { perYear: to } }, said)
  const at = (value: number) => `${Math.min(100, (Math.sqrt(value) / Math.sqrt(most)) * 100)}%`
  return (
    <tr data-hue={rate.hue}>
      <th scope="row">
        {title}
        <small>{place}</small>
      </th>
      <td>
        <b>{ratesWords.year(perYear, unit)}</b>
        <small>
          {from === 'record' ? ratesWords.source.record(times, days) : ratesWords.source[from]}
        </small>
      </td>
      <td data-label={from === 'hand' ? undefined : ratesWords.range}>
        {from === 'hand' ? (
          '–'
        ) : (
          <>
            <Box anchor as="span" block className={classes.scale} aria-hidden="true">
              <Box as="i" radius={1} style={{ left: at(low), right: `calc(100% - ${at(high)})` }} />
              <Box as="b" surface="paper" style={{ left: at(perYear) }} />
            </Box>
            {ratesWords.between(low, high)}
          </>
        )}
      </td>
      <td data-label={ratesWords.season}>
        <Season season={rate.season} />
      </td>
      <td data-label={ratesWords.hand}>
        <Row
          as="form"
          gapX={4}
          gapY={2}
          align="center"
          wrap
          onSubmit={(event) => {
            event.preventDefault()
            if (read.kind === 'read') void save(read.amount, ratesWords.saved)
          }}
        >
          <TextInput
            aria-label={ratesWords.set(title, place)}
            inputMode="decimal"
            size="sm"
            value={typed}
            onChange={(event) => setTyped(event.currentTarget.value)}
            error={typed.trim() !== '' && read.kind === 'refused' ? ratesWords.wrong : undefined}
          />
          <Button kind="plain" type="submit" disabled={busy || read.kind !== 'read'}>
            {ratesWords.save}
          </Button>
          {rate.byHand !== null && (
            <Button
              kind="quiet"
              disabled={busy}
              onClick={async () => {
                if (await save(null, ratesWords.left)) setTyped('')
              }}
            >
              {ratesWords.leave}
            </Button>
          )}
        </Row>
      </td>
    </tr>
  )
}

/** A column for each month, as high as what is used in it against the mean of the year. */
const Season = ({ season }: { readonly season: readonly number[] }) => (
  <Row
    inline
    as="span"
    align="end"
    className={classes.season}
    role="img"
    aria-label={ratesWords.seasonTold(season)}
  >
    {season.map((value, month) => (
      <Row
        as="i"
        justify="end"
        size={1}
        tone="second"
        text="center"
        // biome-ignore lint/suspicious/noArrayIndexKey: a month is its position
        key={month}
        data-high={value >= 1.25}
      >
        <Box as="b" line="seam" block style={{ height: `${Math.min(100, value * 45)}%` }} />
        {ratesWords.letters[month]}
      </Row>
    ))}
  </Row>
)
