/** Serves an endpoint of the contract: parse, call one use case, answer. */
import type { APIContext, APIRoute } from 'astro'
import type { z } from 'zod'
import type { Caller, World } from '../app/world'
import { type Endpoint, isChange } from '../contract/endpoint'
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

/** Larger bodies are refused before they are parsed. */
const MOST_BODY = 12 * 1024 * 1024
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
  if (!caller)
    return problem(
      401,
      'not_signed_in',
      'You are not signed in',
      'Sign in and do it again; what you typed is still here.',
    )
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
  const key = isChange(endpoint) ? (request.headers.get('idempotency-key') ?? '') : ''
  if (isChange(endpoint) && !KEY.test(key))
    return problem(
      400,
      'no_idempotency_key',
      'The request has no key of its own',
      'Send an Idempotency-Key header of 8 to 100 letters, digits, - or _, new for each act and the same for each retry.',
    )
  const sent = isChange(endpoint) ? await bodyOf(request) : {}
  if (sent instanceof Response) return sent
  const body = endpoint.body.safeParse(sent)
  if (!body.success) return invalid(body.error)
  const result = await handle({
    world: runtime().world,
    caller: isChange(endpoint) ? { ...caller, ...taken(request) } : caller,
    key,
    params: params.data as z.output<E['params']>,
    query: query.data as z.output<E['query']>,
    body: body.data as z.output<E['body']>,
  })
  return new Response(JSON.stringify(endpoint.result.parse(result)), {
    headers: { 'content-type': 'application/json', 'cache-control': 'no-store' },
  })
}

/** A device tells how long ago it was pressed, by its own clock: its clock may be wrong, its pace is not. */
const TAKEN_AGO = 'taken-milliseconds-ago'
/** What waited longer than this is not told in time any more; it is recorded as of now. */
const MOST_AGO = 90 * 86_400_000

function taken(request: Request): Pick<Caller, 'takenAgo'> {
  const ago = Number(request.headers.get(TAKEN_AGO) ?? 0)
  return Number.isInteger(ago) && ago > 0 && ago <= MOST_AGO ? { takenAgo: ago } : {}
}

async function bodyOf(request: Request): Promise<unknown | Response> {
  if (Number(request.headers.get('content-length') ?? 0) > MOST_BODY) return tooLarge()
  const text = await request.text()
  if (text.length > MOST_BODY) return tooLarge()
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

const tooLarge = (): Response =>
  problem(
    413,
    'too_large',
    'That is too much at once',
    'Send at most 12 MB. A longer list can be brought in in parts.',
  )

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
