/** Says plainly what waits on this device to be sent, and shows it. */

import { useState, useSyncExternalStore } from 'react'
import { connection, connectionAtFirst, onConnection } from '../device/connection'
import { onUnkept, unkeptAtFirst, unkeptNow } from '../device/unkept'
import * as words from '../words'
import { Button } from './Button'
import { NotKept } from './NotKept'
import { useLater } from './useLater'
import type { Outbox } from './useOutbox'
import classes from './WaitingBadge.module.css'

const waitingWords = words.waiting
const loadList = () => import('./WaitingList').then((file) => file.WaitingList)

export function WaitingBadge({ outbox }: { readonly outbox: Outbox }) {
  const unkept = useSyncExternalStore(onUnkept, unkeptNow, unkeptAtFirst)
  return (
    <>
      {unkept && <NotKept unkept={unkept} />}
      <Badge outbox={outbox} />
    </>
  )
}

function Badge({ outbox }: { readonly outbox: Outbox }) {
  const [shown, setShown] = useState(false)
  const WaitingList = useLater(loadList, shown)
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
      {WaitingList && (
        <WaitingList opened={shown} onClose={() => setShown(false)} outbox={outbox} />
      )}
    </>
  )
}
