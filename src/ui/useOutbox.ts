/** What waits on this device, sent as soon as the server answers. */
import { useCallback, useEffect, useState } from 'react'
import { keepDevice } from '../device/keep'
import { holder as readHolder, sendWaiting, type Waiting, watchWaiting } from '../device/outbox'
import type { Holder } from '../device/tables'

export interface WaitingAct extends Waiting {
  readonly params: unknown
  readonly body: unknown
}

export interface Outbox {
  /** Known: whether anybody is signed in here, and what waits. */
  readonly ready: boolean
  readonly holder: Pick<Holder, 'userId' | 'name'> | null
  /** In order; also what was refused, and what was sent and is not yet seen in the record. */
  readonly waiting: readonly WaitingAct[]
  send(): Promise<void>
}

/** A server that was away is asked again this often while something waits. */
const TRY_AGAIN_MILLISECONDS = 3000

export function useOutbox(): Outbox {
  const [holder, setHolder] = useState<Outbox['holder']>(null)
  const [asked, setAsked] = useState(false)
  const [waiting, setWaiting] = useState<readonly WaitingAct[] | null>(null)

  useEffect(() => {
    let left = false
    const know = async () => {
      const kept = await keepDevice().catch(() => readHolder())
      if (left) return
      setHolder(kept ? { userId: kept.userId, name: kept.name } : null)
      setAsked(true)
    }
    // What is known already is shown at once; the server is asked beside it.
    void readHolder().then((known) => {
      if (known && !left) {
        setHolder({ userId: known.userId, name: known.name })
        setAsked(true)
      }
      void know()
    })
    const stop = watchWaiting((all) =>
      setWaiting(all.map((one) => ({ ...one, params: one.asked.params, body: one.asked.body }))),
    )
    return () => {
      left = true
      stop()
    }
  }, [])

  const send = useCallback(async () => {
    await sendWaiting()
  }, [])

  const some = waiting?.some(({ state }) => state === 'waiting') ?? false
  useEffect(() => {
    if (!some) return
    const trySending = () => void sendWaiting()
    trySending()
    const timer = setInterval(trySending, TRY_AGAIN_MILLISECONDS)
    addEventListener('online', trySending)
    return () => {
      clearInterval(timer)
      removeEventListener('online', trySending)
    }
  }, [some])

  return { ready: asked && waiting !== null, holder, waiting: waiting ?? NOTHING, send }
}

const NOTHING: readonly WaitingAct[] = []
