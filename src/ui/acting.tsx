/**
 * Doing things: sends an act under a key of its own, says what happened, offers to take it
 * back, and keeps what could not be sent for another try.
 */
import { useQueryClient } from '@tanstack/react-query'
import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useMemo,
  useRef,
  useState,
} from 'react'
import type { Endpoint } from '../contract/endpoint'
import { undoAct } from '../contract/endpoints'
import { words } from '../words'
import classes from './acting.module.css'
import { type Asked, call, newKey, OfflineError, ProblemError } from './api'

interface Message {
  readonly id: number
  readonly tone: 'done' | 'problem'
  readonly title: string
  readonly detail: string
  readonly press: { readonly label: string; readonly run: () => void } | null
}

interface ActingValue {
  /** @returns the result, or null when it was refused (and has been said) */
  run<E extends Endpoint>(
    endpoint: E,
    asked: Asked<E>,
    said: string,
  ): Promise<import('zod').z.output<E['result']> | null>
  readonly busy: boolean
  undoLast(): void
}

const Acting = createContext<ActingValue | null>(null)

export function useActing(): ActingValue {
  const value = useContext(Acting)
  if (!value) throw new Error('useActing needs the frame around it')
  return value
}

const SHOWN_MILLISECONDS = 9000

export function ActingProvider({ children }: { readonly children: ReactNode }) {
  const queries = useQueryClient()
  const [messages, setMessages] = useState<readonly Message[]>([])
  const [pending, setPending] = useState(0)
  const last = useRef<(() => void) | null>(null)
  const counter = useRef(0)

  const dismiss = useCallback(
    (id: number) => setMessages((all) => all.filter((one) => one.id !== id)),
    [],
  )
  const tell = useCallback(
    (message: Omit<Message, 'id'>) => {
      counter.current += 1
      const id = counter.current
      setMessages((all) => [...all.slice(-2), { ...message, id }])
      if (message.tone === 'done') setTimeout(() => dismiss(id), SHOWN_MILLISECONDS)
    },
    [dismiss],
  )

  const value = useMemo<ActingValue>(() => {
    async function send<E extends Endpoint>(
      endpoint: E,
      asked: Asked<E>,
      said: string,
      key: string,
    ) {
      setPending((count) => count + 1)
      try {
        const result = await call(endpoint, asked, key)
        const actId = (result as { actId?: string }).actId
        const undo = actId && endpoint !== (undoAct as Endpoint) ? () => void takeBack(actId) : null
        last.current = undo
        tell({
          tone: 'done',
          title: said,
          detail: '',
          press: undo && { label: words.undo.undo, run: undo },
        })
        await queries.invalidateQueries()
        return result
      } catch (error) {
        await explain(error, endpoint, asked, said, key)
        return null
      } finally {
        setPending((count) => count - 1)
      }
    }

    async function takeBack(actId: string): Promise<void> {
      last.current = null
      await send(undoAct, { params: { actId } }, words.undo.undone, newKey())
    }

    async function explain<E extends Endpoint>(
      error: unknown,
      endpoint: E,
      asked: Asked<E>,
      said: string,
      key: string,
    ) {
      if (error instanceof OfflineError) {
        tell({
          tone: 'problem',
          title: words.errors.title,
          detail: words.undo.offline,
          press: { label: words.undo.retry, run: () => void send(endpoint, asked, said, key) },
        })
        return
      }
      if (!(error instanceof ProblemError)) throw error
      const version = (error.facts as { version?: number } | undefined)?.version
      const seen = (asked.body as { seenVersion?: number } | undefined)?.seenVersion
      const settle =
        error.code === 'changed_meanwhile' && version !== undefined && seen !== undefined
          ? {
              label: words.undo.retry,
              run: () =>
                void send(
                  endpoint,
                  {
                    ...asked,
                    body: { ...(asked.body as object), seenVersion: version },
                  } as Asked<E>,
                  said,
                  newKey(),
                ),
            }
          : error.status === 503
            ? { label: words.undo.retry, run: () => void send(endpoint, asked, said, key) }
            : null
      tell({ tone: 'problem', title: error.title, detail: error.message, press: settle })
      if (error.status === 409) await queries.invalidateQueries()
    }

    return {
      run: (endpoint, asked, said) => send(endpoint, asked, said, newKey()),
      busy: pending > 0,
      undoLast: () => last.current?.(),
    }
  }, [pending, queries, tell])

  return (
    <Acting.Provider value={value}>
      {children}
      <div className={`${classes.messages} no-print`} role="status" aria-live="polite">
        {messages.map((message) => (
          <div key={message.id} className={classes.message} data-tone={message.tone}>
            <div>
              <strong>{message.title}</strong>
              {message.detail && <p>{message.detail}</p>}
            </div>
            {message.press && (
              <button
                type="button"
                className={classes.press}
                onClick={() => {
                  dismiss(message.id)
                  message.press?.run()
                }}
              >
                {message.press.label}
              </button>
            )}
            <button
              type="button"
              className={classes.close}
              aria-label={words.undo.dismiss}
              onClick={() => dismiss(message.id)}
            >
              ×
            </button>
          </div>
        ))}
      </div>
    </Acting.Provider>
  )
}
