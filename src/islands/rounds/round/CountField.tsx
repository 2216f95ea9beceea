/** How many there are: large steps beside the number, which can also be typed. */

import { IconMinus, IconPlus } from '@tabler/icons-react'
import { useState } from 'react'
import { type Amount, formatAmount } from '../../../core/quantity/amount'
import { readAmount } from '../../../core/quantity/readAmount'
import { Box, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import classes from './round.module.css'

const cardWords = words.rounds.card

interface Props {
  readonly found: Amount
  readonly recorded: Amount
  readonly unit: string
  readonly onStep: (by: 1 | -1) => void
  readonly onType: (found: Amount) => void
}

export function CountField({ found, recorded, unit, onStep, onType }: Props) {
  const [typed, setTyped] = useState<string | null>(null)
  const reading = typed === null ? null : readAmount(typed)
  const unclear = reading !== null && reading.kind === 'refused'
  return (
    <Stack
      columns="5.6rem 1fr 5.6rem"
      gap={5}
      align="center"
      text="center"
      className={classes.count}
    >
      <Button
        kind="step"
        aria-label={cardWords.fewer}
        onClick={() => onStep(-1)}
        disabled={found === 0}
        icon={IconMinus}
      />
      <div>
        <input
          aria-label={`${cardWords.count}${unit ? `, ${unit}` : ''}`}
          aria-invalid={unclear}
          inputMode="decimal"
          enterKeyHint="done"
          value={typed ?? formatAmount(found)}
          onFocus={(event) => event.currentTarget.select()}
          onChange={(event) => {
            const text = event.currentTarget.value
            setTyped(text)
            const read = readAmount(text)
            if (read.kind === 'read' && text.trim() !== '') onType(read.amount)
          }}
          onBlur={() => setTyped(null)}
          size={Math.max(1, (typed ?? formatAmount(found)).length)}
        />
        <Box as="small" tone="second">
          {unit && <span>{unit} · </span>}
          {unclear ? words.rounds.tally.badCount : cardWords.recorded(recorded)}
        </Box>
      </div>
      <Button kind="step" icon={IconPlus} aria-label={cardWords.more} onClick={() => onStep(1)} />
    </Stack>
  )
}
