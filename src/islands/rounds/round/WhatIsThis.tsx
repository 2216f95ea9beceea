/** What the thing on the card is, for whoever has never seen it. */

import type { Thing } from '../../../core/rounds/contents'
import { Stack } from '../../../ui/Box'
import { Dialog } from '../../../ui/Dialog'
import * as words from '../../../words'
import { expiryText } from '../../../words/frame/format'

const cardWords = words.rounds.card

export function WhatIsThis({
  thing,
  opened,
  onClose,
}: {
  readonly thing: Thing
  readonly opened: boolean
  readonly onClose: () => void
}) {
  const known = [
    thing.purpose && cardWords.for(thing.purpose),
    thing.forWhom && cardWords.forWhom(thing.forWhom),
    thing.batch && cardWords.batch(thing.batch),
    thing.note,
  ].filter((line) => line !== '')
  return (
    <Dialog title={thing.title} opened={opened} close={cardWords.closeHelp} onClose={onClose}>
      <Stack gap={5} columns={1}>
        <p>{expiryText(thing.expiry)}</p>
        {known.map((line) => (
          <p key={line}>{line}</p>
        ))}
        {thing.directions && (
          <>
            <h2>{cardWords.directions}</h2>
            <p>{thing.directions}</p>
          </>
        )}
        {known.length === 0 && thing.directions === '' && <p>{cardWords.notKnown}</p>}
      </Stack>
    </Dialog>
  )
}
