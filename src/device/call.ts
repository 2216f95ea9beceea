/** Calls an endpoint of the contract and answers its result, or throws what went wrong in words. */
import type { z } from 'zod'
import { addressOf, type Endpoint } from '../contract/endpoint'
import { noteAnswer, noteSilence } from './connection'
import { forgetDevice } from './forget'
import { forgetKept } from './kept'

export interface Asked<E extends Endpoint> {
  readonly params?: z.input<E['params']>
  readonly query?: z.input<E['query']>
  readonly body?: z.input<E['body']>
}

export interface FieldError {
  /** Where it stands in what was sent: "item.name". */
  readonly path: string
  readonly message: string
}

/** The server refused, with a code and a sentence that says what to do. */
export class ProblemError extends Error {
  override readonly name = 'ProblemError'
  constructor(
    readonly status: number,
    readonly code: string,
    readonly title: string,
    detail: string,
    readonly facts: unknown,
    /** Which parts of what was sent are not taken, and why. */
    readonly errors: readonly FieldError[] = [],
  ) {
    super(detail)
  }
}

/** Nothing came back: the network or the server is away. The request may be sent again. */
export class OfflineError extends Error {
  override readonly name = 'OfflineError'
}

/** What was asked, of an endpoint that only its address is known of. */
export interface AskedAtAll {
  readonly params?: unknown
  readonly query?: unknown
  readonly body?: unknown
}

export const newKey = (): string => crypto.randomUUID()

/** A page says by it which household it belongs to, and an answer which one it is of. */
const HOUSEHOLD_HEADER = 'satchel-household'

/** The household of this page; "" where it belongs to none. */
export const householdHere = (): string =>
  typeof document === 'undefined' ? '' : (document.documentElement.dataset.household ?? '')

export interface Sending {
  /** The household it is meant for, where that is not the one of this page. */
  readonly household?: string
  /** The idempotency key of a change. */
  readonly key?: string
  /** So long ago it was done; it waited for a connection. */
  readonly takenAgo?: number
}

const isOurs = ({ headers }: Response): boolean =>
  /^application\/(?:problem\+)?json\b/.test(headers.get('content-type') ?? '')

export const call = <E extends Endpoint>(
  endpoint: E,
  asked: Asked<E> = {},
  sending: Sending = {},
): Promise<z.output<E['result']>> => request(endpoint, asked, sending)

/** The same for an act that was written down: its endpoint is known by its address alone. */
export async function request(
  endpoint: Pick<Endpoint, 'method' | 'path'>,
  { params, query, body }: AskedAtAll,
  { key, takenAgo = 0, household = householdHere() }: Sending,
  // biome-ignore lint/suspicious/noExplicitAny: `call` knows what it is
): Promise<any> {
  const path = addressOf(endpoint, params as Record<string, unknown> | undefined)
  const search = new URLSearchParams(
    Object.entries(query ?? {}).filter(
      (entry): entry is [string, string] => typeof entry[1] === 'string',
    ),
  )
  let response: Response
  try {
    response = await fetch(search.size > 0 ? `${path}?${search}` : path, {
      method: endpoint.method,
      headers: {
        ...(household !== '' && { [HOUSEHOLD_HEADER]: household }),
        ...(key && { 'idempotency-key': key }),
        ...(takenAgo > 0 && { 'taken-milliseconds-ago': String(Math.round(takenAgo)) }),
        ...(body !== undefined && { 'content-type': 'application/json' }),
      },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    })
  } catch {
    noteSilence()
    throw new OfflineError('No answer')
  }
  // What was kept of another household is no answer to this page.
  const of = response.headers.get(HOUSEHOLD_HEADER)
  if (household !== '' && of !== null && of !== household) {
    noteSilence()
    throw new OfflineError('An answer of another household')
  }
  return answerIn(response)
}

/**
 * What an answer holds.
 * @throws {OfflineError} where it is nobody's of ours; {ProblemError} where it is a refusal
 */
// biome-ignore lint/suspicious/noExplicitAny: whoever asked knows what it is
export async function answerIn(response: Response): Promise<any> {
  // A hotel's network or a proxy answers with a page of its own: that is nobody of ours.
  const answer = isOurs(response) ? await response.json().catch(() => null) : null
  if (answer === null) {
    noteSilence()
    throw new OfflineError('No answer of ours')
  }
  noteAnswer(response)
  if (response.ok) return answer
  if (response.status === 401) await forgetDevice()
  const {
    code = 'unexpected',
    title = 'That did not work',
    detail = 'Try again in a moment.',
    facts,
    errors,
  } = answer
  // Whose role has ended reads nothing of it any more; what they counted before still goes out.
  if (ROLE_GONE.has(code)) await forgetKept()
  throw new ProblemError(response.status, code, title, detail, facts, errors)
}

const ROLE_GONE: ReadonlySet<string> = new Set(['role_ended', 'not_in_household'])
