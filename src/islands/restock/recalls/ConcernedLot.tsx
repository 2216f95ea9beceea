/** A lot that a bulletin is about, where it lies; its batch can be noted where nobody has. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { amendLot } from '../../../contract/stock'
import { useActing } from '../../../ui/acting'
import { Box, Row } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import classes from './recalls.module.css'
import type { Recalls } from './view'

const recallsWords = words.recalls

interface Props {
  readonly lot: Recalls['bulletins'][number]['lots'][number]
}

export function ConcernedLot({ lot }: Props) {
  const { run, busy } = useActing()
  const [batch, setBatch] = useState('')
  const { title, pocket, kit, place } = lot
  const note = () =>
    void run(
      amendLot,
      {
        params: { lotId: lot.lotId },
        body: { seenVersion: lot.version, batch: batch.trim() },
      },
      recallsWords.noted,
    )
  return (
    <li className={classes.lot} data-hue={lot.hue}>
      <p>
        <b>{recallsWords.lot(lot.amount, lot.unit)}</b> {title}{' '}
        <a href={`/kits/${lot.kitId}?lot=${lot.lotId}`}>{recallsWords.where(pocket, kit, place)}</a>
        {lot.batch !== '' && <> · {recallsWords.ofBatch(lot.batch)}</>}
      </p>
      {lot.how === 'recalled' ? (
        <Box as="em" padX={5} padY={1} weight="bold" line="ink" radius={1} data-held={lot.isHeld}>
          {lot.isHeld ? recallsWords.isHeld : recallsWords.recalled}
        </Box>
      ) : (
        <Row
          as="form"
          gapX={5}
          gapY={3}
          align="center"
          wrap
          aria-label={`${recallsWords.batch}: ${title}, ${pocket}, ${kit}`}
          onSubmit={(event) => {
            event.preventDefault()
            note()
          }}
        >
          <TextInput
            aria-label={recallsWords.batch}
            placeholder={recallsWords.batch}
            size="sm"
            maxLength={120}
            value={batch}
            onChange={(event) => setBatch(event.currentTarget.value)}
          />
          <Button kind="plain" type="submit" disabled={busy || batch.trim() === ''}>
            {recallsWords.note}
          </Button>
        </Row>
      )}
    </li>
  )
}
