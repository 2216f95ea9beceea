/** What waits on this device to be sent, and what was not taken. */

import { useSyncExternalStore } from 'react'
import { connection, connectionAtFirst, onConnection } from '../device/connection'
import { dropWaiting, sendAgain } from '../device/outbox'
import * as words from '../words'
import { Box, Stack } from './Box'
import { Button } from './Button'
import { Dialog } from './Dialog'
import type { Outbox } from './useOutbox'
import classes from './WaitingBadge.module.css'

const waitingWords = words.waiting

interface DialogProps {
  readonly opened: boolean
  readonly onClose: () => void
}

export function WaitingList({
  opened,
  onClose,
  outbox,
}: DialogProps & { readonly outbox: Outbox }) {
  const there = useSyncExternalStore(onConnection, connection, connectionAtFirst)
  const waiting = outbox.waiting.filter(({ state }) => state === 'waiting')
  const refused = outbox.waiting.filter(({ state }) => state === 'refused')
  const away = there.kind === 'away'
  return (
    <Dialog title={waitingWords.list} opened={opened} close={words.waiting.close} onClose={onClose}>
      <Stack gap={5} className={classes.list}>
        <p>
          {away
            ? there.keptAt
              ? waitingWords.keptAt(whenOf(there.keptAt))
              : waitingWords.noConnection
            : waiting.length + refused.length === 0
              ? waitingWords.none
              : ''}
        </p>
        <Stack as="ol" gap={4}>
          {[...refused, ...waiting].map(({ key, title, takenAt, problem }) => (
            <Stack as="li" gap={1} lineBelow="dashed" key={key} data-refused={problem !== null}>
              <b>{title}</b>
              <Box as="small" tone="second">
                {waitingWords.since(whenOf(new Date(takenAt).toISOString()))}
              </Box>
              {problem && (
                <>
                  <p>
                    {problem.title}. {problem.detail}
                  </p>
                  <Button
                    aria-label={waitingWords.againOf(title)}
                    onClick={() => void sendAgain(key)}
                  >
                    {waitingWords.again}
                  </Button>{' '}
                  <Button
                    aria-label={waitingWords.dropOf(title)}
                    onClick={() => void dropWaiting([key])}
                  >
                    {waitingWords.drop}
                  </Button>
                </>
              )}
            </Stack>
          ))}
        </Stack>
        {waiting.length > 0 && (
          <Button onClick={() => void outbox.send()}>{waitingWords.sendNow}</Button>
        )}
      </Stack>
    </Dialog>
  )
}

const whenOf = (iso: string): string =>
  new Date(iso).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  })
