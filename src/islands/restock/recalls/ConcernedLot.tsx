/** A lot that a bulletin is about, where it lies; its batch can be noted where nobody has. */
import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { amendLot } from '../../../contract/stock'
import { useActing } from '../../../ui/acting'
import presses from '../../../ui/presses.module.css'
import { words } from '../../../words'
import classes from './recalls.module.css'
import type { Recalls } from './view'

const w = words.restock.recalls

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
      w.noted,
    )
  return (
    <li className={classes.lot} data-hue={lot.hue}>
      <p>
        <b>{w.lot(lot.amount, lot.unit)}</b> {title}{' '}
        <a href={`/kits/${lot.kitId}?lot=${lot.lotId}`}>{w.where(pocket, kit, place)}</a>
        {lot.batch !== '' && <> · {w.ofBatch(lot.batch)}</>}
      </p>
      {lot.how === 'recalled' ? (
        <em data-held={lot.isHeld}>{lot.isHeld ? w.isHeld : w.recalled}</em>
      ) : (
        <form
          aria-label={`${w.batch}: ${title}, ${pocket}, ${kit}`}
          onSubmit={(event) => {
            event.preventDefault()
            note()
          }}
        >
          <TextInput
            aria-label={w.batch}
            placeholder={w.batch}
            size="sm"
            maxLength={120}
            value={batch}
            onChange={(event) => setBatch(event.currentTarget.value)}
          />
          <button type="submit" className={presses.press} disabled={busy || batch.trim() === ''}>
            {w.note}
          </button>
        </form>
      )}
    </li>
  )
}
