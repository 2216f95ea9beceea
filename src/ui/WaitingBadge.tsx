/** Says plainly what waits on this device to be sent, and shows it. */

import { Modal } from '@mantine/core'
import { useState, useSyncExternalStore } from 'react'
import { connection, connectionAtFirst, onConnection } from '../device/connection'
import { dropWaiting, sendAgain } from '../device/outbox'
import { forgetUnkept, onUnkept, unkeptAtFirst, unkeptNow } from '../device/unkept'
import { words } from '../words'
import { Box, Stack } from './Box'
import { Button } from './Button'
import type { Outbox } from './useOutbox'
import classes from './WaitingBadge.module.css'

const waitingWords = words.rounds.waiting

export const WaitingBadge = ({ outbox }: { readonly outbox: Outbox }) => (
  <>
    <Unkept />
    <Badge outbox={outbox} />
  </>
)

/** The device is full: what was pressed is not done, and whoever pressed it has to know. */
function Unkept() {
  const unkept = useSyncExternalStore(onUnkept, unkeptNow, unkeptAtFirst)
  const problem = unkept?.problem
  return (
    <Modal
      opened={unkept !== null}
      onClose={forgetUnkept}
      title={waitingWords.full}
      closeButtonProps={{ 'aria-label': words.rounds.card.closeHelp }}
    >
      <Stack gap={5} className={classes.list}>
        <p>{waitingWords.notKept(unkept?.title ?? '')}</p>
        <p>{problem ? `${problem.title}. ${problem.detail}` : waitingWords.makeRoom}</p>
        <Button onClick={forgetUnkept}>
          {problem ? waitingWords.close : waitingWords.haveRead}
        </Button>
      </Stack>
    </Modal>
  )
}

function Badge({ outbox }: { readonly outbox: Outbox }) {
  const [shown, setShown] = useState(false)
  const there = useSyncExternalStore(onConnection, connection, connectionAtFirst)
  const waiting = outbox.waiting.filter(({ state }) => state === 'waiting')
  const refused = outbox.waiting.filter(({ state }) => state === 'refused')
  const away = there.kind === 'away'
  if (waiting.length === 0 && refused.length === 0 && !away) return null
  const says = [
    away && waitingWords.away,
    waiting.length > 0 && waitingWords.count(waiting.length),
    refused.length > 0 && waitingWords.refused(refused.length),
  ].filter((part) => part !== false)
  return (
    <>
      <Button
        className={classes.badge}
        data-tone={refused.length > 0 ? 'refused' : away ? 'away' : 'waiting'}
        onClick={() => setShown(true)}
      >
        {says.join(' · ')}
      </Button>
      <Modal
        opened={shown}
        onClose={() => setShown(false)}
        title={waitingWords.list}
        closeButtonProps={{ 'aria-label': words.rounds.card.closeHelp }}
      >
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
      </Modal>
    </>
  )
}

const whenOf = (iso: string): string =>
  new Date(iso).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  })
