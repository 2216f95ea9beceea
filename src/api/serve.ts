/** Serves an endpoint of the contract: parse, call one use case, answer. */
import type { APIContext, APIRoute } from 'astro'
import type { z } from 'zod'
import { Refusal } from '../app/refusal'
import type { Caller, World } from '../app/world'
import { type Endpoint, hasBody, isAct } from '../contract/endpoint'
import { problem, problemOf } from './problem'
import { runtime } from './runtime'

export interface Call<E extends Endpoint> {
  readonly world: World
  readonly caller: Caller
  readonly params: z.output<E['params']>
  readonly query: z.output<E['query']>
  readonly body: z.output<E['body']>
  /** The idempotency key of a change; "" for a read. */
  readonly key: string
}

const KEY = /^[\w-]{8,100}$/

export function serve<E extends Endpoint>(
  endpoint: E,
  handle: (call: Call<E>) => Promise<z.input<E['result']>>,
): APIRoute {
  return async (context) => {
    try {
      return await answer(endpoint, handle, context)
    } catch (error) {
      return problemOf(error)
    }
  }
}

async function answer<E extends Endpoint>(
  endpoint: E,
  handle: (call: Call<E>) => Promise<z.input<E['result']>>,
  { request, params: inPath, url, locals }: APIContext,
): Promise<Response> {
  const { caller } = locals
  if (!caller) throw new Refusal({ code: 'not_signed_in' })
  const asked = await readRequest(endpoint, request, inPath, url)
  if (asked instanceof Response) return asked
  const acts = isAct(endpoint)
  return answerOf(
    endpoint,
    await handle({
      world: runtime().world,
      caller: acts ? { ...caller, ...taken(request) } : caller,
      ...asked,
    }),
  )
}

export const answerOf = <E extends Endpoint>(endpoint: E, result: z.input<E['result']>): Response =>
  new Response(JSON.stringify(endpoint.result.parse(result)), {
    headers: { 'content-type': 'application/json', 'cache-control': 'no-store' },
  })

export type Asked<E extends Endpoint> = Pick<Call<E>, 'params' | 'query' | 'body' | 'key'>

/** What was asked, checked against the contract; or the problem with it. */
export async function readRequest<E extends Endpoint>(
  endpoint: E,
  request: Request,
  inPath: APIContext['params'],
  url: URL,
): Promise<Asked<E> | Response> {
  const params = endpoint.params.safeParse(inPath)
  // An id that cannot exist is not found, like one that belongs to somebody else.
  if (!params.success)
    return problem(
      404,
      'not_found',
      'This is not here',
      'Check the address, or go back to the list.',
    )
  const query = endpoint.query.safeParse(Object.fromEntries(url.searchParams))
  if (!query.success) return invalid(query.error)
  const key = isAct(endpoint) ? (request.headers.get('idempotency-key') ?? '') : ''
  if (isAct(endpoint) && !KEY.test(key))
    return problem(
      400,
      'no_idempotency_key',
      'The request has no key of its own',
      'Send an Idempotency-Key header of 8 to 100 letters, digits, - or _, new for each act and the same for each retry.',
    )
  const sent = hasBody(endpoint) ? await bodyOf(request, endpoint.mostBytes) : {}
  if (sent instanceof Response) return sent
  const body = endpoint.body.safeParse(sent)
  if (!body.success) return invalid(body.error)
  return {
    key,
    params: params.data as z.output<E['params']>,
    query: query.data as z.output<E['query']>,
    body: body.data as z.output<E['body']>,
  }
}

/** A device tells how long ago it was pressed, by its own clock: its clock may be wrong, its pace is not. */
const TAKEN_AGO = 'taken-milliseconds-ago'
/** What waited longer than this is not told in time any more; it is recorded as of now. */
const MOST_AGO = 90 * 86_400_000

function taken(request: Request): Pick<Caller, 'takenAgo'> {
  const ago = Number(request.headers.get(TAKEN_AGO) ?? 0)
  return Number.isInteger(ago) && ago > 0 && ago <= MOST_AGO ? { takenAgo: ago } : {}
}

async function bodyOf(request: Request, mostBytes: number): Promise<unknown | Response> {
  if (Number(request.headers.get('content-length') ?? 0) > mostBytes) return tooLarge(mostBytes)
  const text = await textOf(request, mostBytes)
  if (text === null) return tooLarge(mostBytes)
  if (text === '') return {}
  // Forms of other sites can send text, but not JSON with this type.
  if (!request.headers.get('content-type')?.startsWith('application/json'))
    return problem(415, 'not_json', 'This is not JSON', 'Send the body as application/json.')
  try {
    return JSON.parse(text)
  } catch {
    return problem(
      400,
      'not_json',
      'This is not JSON',
      'The body could not be read as JSON. Send it again.',
    )
  }
}

/** A body without a length is measured as it comes; null when it is too long. */
async function textOf({ body }: Request, mostBytes: number): Promise<string | null> {
  if (!body) return ''
  const decoder = new TextDecoder()
  let read = 0
  let text = ''
  for await (const chunk of body as unknown as AsyncIterable<Uint8Array>) {
    read += chunk.byteLength
    if (read > mostBytes) return null
    text += decoder.decode(chunk, { stream: true })
  }
  return text + decoder.decode()
}

const tooLarge = (mostBytes: number): Response =>
  problem(
    413,
    'too_large',
    'That is too much at once',
    `Send at most ${mostBytes >= MEGABYTE ? `${mostBytes / MEGABYTE} MB` : `${mostBytes / 1024} kB`}. A longer list can be brought in in parts.`,
  )
const MEGABYTE = 1024 * 1024

function invalid(error: z.core.$ZodError): Response {
  const errors = error.issues
    .slice(0, 20)
    .map(({ path, message }) => ({ path: path.join('.'), message }))
  return problem(
    422,
    'invalid',
    'Something in this cannot be taken',
    errors.map(({ path, message }) => (path ? `${path}: ${message}` : message)).join(' · '),
    { errors },
  )
}
