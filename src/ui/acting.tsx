/**
 * Doing things: sends an act under a key of its own, says what happened, offers to take it
 * back, and keeps what could not be sent for another try.
 */

import { useQueryClient } from '@tanstack/react-query'
import { createContext, type ReactNode, useContext, useMemo, useRef, useState } from 'react'
import type { z } from 'zod'
import type { Endpoint } from '../contract/endpoint'
import { undoAct } from '../contract/record'
import { type Asked, call, newKey, OfflineError, ProblemError } from '../device/call'
import { keepAct } from '../device/outbox'
import * as words from '../words'
import { keepFocus } from './keepFocus'
import { Messages, useMessages } from './Messages'
import type { ShowsAtOnce } from './shownAtOnce'

/** What to say when it is done; a sentence, or one made from the answer. */
type Said<E extends Endpoint> = string | ((result: z.output<E['result']>) => string)

interface Asking {
  /** What it is, in words, where it may wait on this device for a connection. */
  readonly about?: string | undefined
  /** Whether whoever asked shows this refusal, beside the field that it is about. */
  readonly shows?: (problem: ProblemError) => boolean
  /** What it will do to what is on the screen, shown before there is an answer. */
  readonly atOnce?: ShowsAtOnce
}

interface ActingValue {
  /**
   * @returns the result; null when it was refused (and has been said) or waits
   */
  run<E extends Endpoint>(
    endpoint: E,
    asked: Asked<E>,
    said: Said<E>,
    how?: Asking,
  ): Promise<z.output<E['result']> | null>
  /** What changed is on the screen: for what would show the state before for a moment. */
  refreshed(): Promise<void>
  readonly busy: boolean
  undoLast(): void
}

const Acting = createContext<ActingValue | null>(null)

export function useActing(): ActingValue {
  const value = useContext(Acting)
  if (!value) throw new Error('useActing needs the frame around it')
  return value
}

/** The database or the server is away for now; the same act may be sent again. */
const isAway = (error: unknown): boolean => error instanceof ProblemError && error.status === 503

/** The act as it would be now that its record has changed meanwhile; null when that is no answer. */
function settled<E extends Endpoint>(error: ProblemError, asked: Asked<E>): Asked<E> | null {
  if (error.code === 'some_changed') return settledMany(error, asked)
  const { version, of } = (error.facts ?? {}) as { version?: number; of?: 'item' }
  const body = asked.body as { seenVersion?: number; item?: object } | undefined
  if (of === 'item' && body?.item)
    return { ...asked, body: { ...body, item: { ...body.item, seenVersion: version } } } as Asked<E>
  return error.code === 'changed_meanwhile' &&
    version !== undefined &&
    body?.seenVersion !== undefined
    ? ({ ...asked, body: { ...body, seenVersion: version } } as Asked<E>)
    : null
}

interface Seen {
  readonly lotId: string
  readonly seenVersion: number
}

/** An act on many lots with the versions that they have now. */
function settledMany<E extends Endpoint>(error: ProblemError, asked: Asked<E>): Asked<E> | null {
  const { lots = [] } = (error.facts ?? {}) as { lots?: { lotId: string; version: number }[] }
  const now = new Map(lots.map(({ lotId, version }) => [lotId, version]))
  const body = asked.body as { holdings?: readonly Seen[]; steps?: readonly Seen[] } | undefined
  const name = body?.holdings ? 'holdings' : 'steps'
  const seen = body?.[name]
  return seen && now.size > 0
    ? ({
        ...asked,
        body: {
          ...body,
          [name]: seen.map((one) => ({
            ...one,
            seenVersion: now.get(one.lotId) ?? one.seenVersion,
          })),
        },
      } as Asked<E>)
    : null
}

export function ActingProvider({ children }: { readonly children: ReactNode }) {
  const queries = useQueryClient()
  const { store, tell, answered } = useMessages()
  const [pending, setPending] = useState(0)
  const last = useRef<(() => void) | null>(null)
  /** Keys of acts that got no answer, by what was asked. */
  const unanswered = useRef(new Map<string, string>())

  const value = useMemo<ActingValue>(() => {
    async function send<E extends Endpoint>(
      endpoint: E,
      asked: Asked<E>,
      said: Said<E>,
      how: Asking = {},
    ): Promise<z.output<E['result']> | null> {
      const { about, shows, atOnce } = how
      const focusAgain = keepFocus()
      const bringBack = atOnce?.(queries)
      // The same act sent again after no answer keeps its key: it may have arrived after all.
      const signature = `${endpoint.method} ${endpoint.path} ${JSON.stringify(asked)}`
      const key = unanswered.current.get(signature) ?? newKey()
      setPending((count) => count + 1)
      const sent = await call(endpoint, asked, { key })
        .then(
          (result) => ({ result }),
          (error: unknown) => ({ error }),
        )
        .finally(() => setPending((count) => count - 1))
      if ('result' in sent) {
        unanswered.current.delete(signature)
        answered(signature)
        done(endpoint, sent.result, said)
        // Not waited for: a form that cleared itself only then would wipe what is typed next.
        void queries.invalidateQueries().then(() => requestAnimationFrame(focusAgain))
        return sent.result
      }
      requestAnimationFrame(focusAgain)
      if (sent.error instanceof OfflineError && about && endpoint.offline)
        if (await waits(endpoint, asked, key, about)) return null
      bringBack?.()
      const problem = sent.error instanceof ProblemError ? sent.error : null
      const away = sent.error instanceof OfflineError || isAway(sent.error)
      if (away) unanswered.current.set(signature, key)
      else unanswered.current.delete(signature)
      if (!away && !problem) throw sent.error
      const isShown = problem !== null && shows?.(problem) === true
      if (problem?.status === 409) await queries.invalidateQueries()
      if (isShown) return null
      const next = away ? asked : problem && settled(problem, asked)
      return new Promise((settle) => {
        tell({
          tone: 'problem',
          title: problem?.title ?? words.errors.title,
          detail: problem?.message ?? words.undo.offline,
          about: away ? signature : null,
          press: next && {
            label: words.undo.retry,
            run: () => void send(endpoint, next, said, how).then(settle),
          },
          settle: () => settle(null),
        })
        if (!next) settle(null)
      })
    }

    /** Keeps an act until there is a connection; false on a device that cannot keep it. */
    async function waits<E extends Endpoint>(
      endpoint: E,
      asked: Asked<E>,
      key: string,
      about: string,
    ): Promise<boolean> {
      try {
        await keepAct(endpoint, asked, { key, title: about })
      } catch {
        return false
      }
      tell({
        tone: 'done',
        title: words.waiting.kept(about),
        detail: words.waiting.noConnection,
        about: null,
        press: null,
        settle: null,
      })
      return true
    }

    /** Says that it is done, and offers to take it back. */
    function done<E extends Endpoint>(
      endpoint: E,
      result: z.output<E['result']>,
      said: Said<E>,
    ): void {
      const { actId } = result as { actId?: string }
      const undo = actId && !endpoint.stays ? () => takeBack(actId) : null
      last.current = undo
      tell({
        tone: 'done',
        title: typeof said === 'string' ? said : said(result),
        detail: '',
        about: null,
        press: undo && { label: words.undo.undo, run: undo },
        settle: null,
      })
    }

    function takeBack(actId: string): void {
      last.current = null
      void send(undoAct, { params: { actId } }, words.undo.undone)
    }

    return {
      run: send,
      refreshed: () => queries.invalidateQueries({}, { cancelRefetch: false }),
      busy: pending > 0,
      undoLast: () => last.current?.(),
    }
  }, [pending, queries, tell, answered])

  return (
    <Acting.Provider value={value}>
      {children}
      <Messages store={store} />
    </Acting.Provider>
  )
}
