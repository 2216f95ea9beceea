/** An evening on the sitter's phone: fetched again and again, kept for no connection, noted down first. */
import { useCallback, useEffect, useState } from 'react'
import type { z } from 'zod'
import { readEvening } from '../../contract/evenings'
import { call, newKey, ProblemError } from '../../device/call'
import { connection } from '../../device/connection'
import { controlled, fetchToKeep } from '../../device/controlled'
import { forgetKept } from '../../device/kept'
import {
  dropNote,
  insist,
  keepNote,
  sendNotes,
  type WaitingNote,
  waitingNotes,
} from '../../device/sitterNotes'

export type Evening = z.output<(typeof readEvening)['result']>

export type Sitting =
  | { readonly kind: 'loading' }
  | { readonly kind: 'there'; readonly evening: Evening; readonly isKept: boolean }
  | {
      readonly kind: 'closed'
      readonly title: string
      readonly detail: string
      readonly from: string | null
    }

const LOOK_AGAIN_MILLISECONDS = 30_000

export interface SittingDesk {
  readonly sitting: Sitting
  readonly waiting: readonly WaitingNote[]
  /** The server's clock, as far as this device knows it. */
  readonly now: number
  readonly write: (body: Omit<WaitingNote['body'], 'entryId'>, title: string) => Promise<void>
  readonly drop: (entryId: string) => void
  readonly insistOn: (entryId: string) => void
}

export interface Part {
  readonly evening: Evening
  readonly desk: SittingDesk
}

/** @param rehearsed the evening as the keeper walks through it: nothing is fetched and nothing written down */
export function useSitting(code: string, rehearsed: Evening | null): SittingDesk {
  const [sitting, setSitting] = useState<Sitting>(
    rehearsed ? { kind: 'there', evening: rehearsed, isKept: false } : { kind: 'loading' },
  )
  const [waiting, setWaiting] = useState<readonly WaitingNote[]>([])
  const [clock, setClock] = useState({ ahead: 0, now: 0 })
  const look = useCallback(async () => {
    if (rehearsed) return
    try {
      if (await sendNotes(code)) setWaiting(waitingNotes(code))
      const evening = await call(readEvening, { params: { code } })
      const isKept = connection().kind !== 'there'
      if (!isKept) setClock(({ now }) => ({ ahead: evening.now - Date.now(), now }))
      setSitting({ kind: 'there', evening, isKept })
    } catch (error) {
      if (!(error instanceof ProblemError)) return
      // What was shown is nobody's to read any more.
      await forgetKept()
      const { from } = (error.facts ?? {}) as { from?: string }
      setSitting({ kind: 'closed', title: error.title, detail: error.message, from: from ?? null })
    }
    setWaiting(waitingNotes(code))
  }, [code, rehearsed])
  useEffect(() => {
    void look()
    // What is shown is asked for once more, so that it is kept as well.
    if (!rehearsed) void keepHere().then(look, () => undefined)
    const again = setInterval(() => void look(), LOOK_AGAIN_MILLISECONDS)
    const tick = setInterval(() => setClock((known) => ({ ...known, now: Date.now() })), 1000)
    const back = () => void look()
    addEventListener('online', back)
    return () => {
      clearInterval(again)
      clearInterval(tick)
      removeEventListener('online', back)
    }
  }, [look, rehearsed])
  const now = (clock.now || Date.now()) + clock.ahead
  const isOver = sitting.kind === 'there' && !rehearsed && now >= sitting.evening.to
  useEffect(() => {
    // Also without a connection it ends when it ends.
    if (isOver) void forgetKept().then(look)
  }, [isOver, look])
  return {
    sitting,
    waiting,
    now,
    write: async (body, title) => {
      if (rehearsed) return
      keepNote(code, { body: { ...body, entryId: newKey() }, title, at: Date.now(), problem: null })
      setWaiting(waitingNotes(code))
      await look()
    },
    drop: (entryId) => {
      dropNote(code, entryId)
      setWaiting(waitingNotes(code))
    },
    insistOn: (entryId) => {
      insist(code, entryId)
      void look()
    },
  }
}

/** This page is kept, so that it opens without a connection. */
async function keepHere(): Promise<void> {
  if (!import.meta.env.PROD || !navigator.serviceWorker) return
  await controlled()
  await fetchToKeep(location.pathname)
}
