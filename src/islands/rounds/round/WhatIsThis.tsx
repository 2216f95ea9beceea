/** What the thing on the card is, for whoever has never seen it. */

import { Modal } from '@mantine/core'
import type { Thing } from '../../../core/rounds/contents'
import { Stack } from '../../../ui/Box'
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
    <Modal
      opened={opened}
      onClose={onClose}
      title={thing.title}
      closeButtonProps={{ 'aria-label': cardWords.closeHelp }}
    >
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
    </Modal>
  )
}
