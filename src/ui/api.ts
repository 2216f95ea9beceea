/** Calls an endpoint of the contract and answers its result, or throws what went wrong in words. */
import type { z } from 'zod'
import type { Endpoint } from '../contract/endpoint'

export interface Asked<E extends Endpoint> {
  readonly params?: z.input<E['params']>
  readonly query?: z.input<E['query']>
  readonly body?: z.input<E['body']>
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
  ) {
    super(detail)
  }
}

/** Nothing came back: the network or the server is away. The request may be sent again. */
export class OfflineError extends Error {
  override readonly name = 'OfflineError'
}

export const newKey = (): string => crypto.randomUUID()

export async function call<E extends Endpoint>(
  endpoint: E,
  { params, query, body }: Asked<E> = {},
  key?: string,
): Promise<z.output<E['result']>> {
  const path = endpoint.path.replace(/\{(\w+)\}/g, (_, name: string) =>
    encodeURIComponent(String((params as Record<string, unknown> | undefined)?.[name])),
  )
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
        ...(key && { 'idempotency-key': key }),
        ...(body !== undefined && { 'content-type': 'application/json' }),
      },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    })
  } catch {
    throw new OfflineError('No answer')
  }
  const answer = await response.json().catch(() => null)
  if (response.ok) return answer as z.output<E['result']>
  const {
    code = 'unexpected',
    title = 'That did not work',
    detail = 'Try again in a moment.',
    facts,
  } = answer ?? {}
  throw new ProblemError(response.status, code, title, detail, facts)
}
