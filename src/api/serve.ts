/** Serves what the contract describes: parse, call one use case, answer. */
import type { z } from 'zod'
import { type LetIn, mustBeSignedIn } from '../app/account/desk'
import { Refusal } from '../app/frame/refusal'
import type { Caller } from '../app/frame/world'
import { mustBeFromBefore } from '../app/people/late'
import { arrivesLate, type Endpoint, type FileEndpoint, hasBody, isAct } from '../contract/endpoint'
import { may, type Right } from '../core/people/role'
import { issueText } from '../words/frame/forms'
import { deskOf, originOf } from './accountDesk'
import { fileHeaders } from './fileNames'
import type {
  AccountHandler,
  Asked,
  AskedFile,
  FileHandler,
  HouseholdHandler,
  ServedFile,
} from './handler'
import { problem } from './problem'
import { runtime } from './runtime'
import { takenAgoOf } from './takenAgo'

/** A request, and the parameters that its path was found with. */
export interface Incoming {
  readonly request: Request
  readonly url: URL
  readonly inPath: Readonly<Record<string, string>>
  readonly caller: Caller | null
}

const KEY = /^[\w-]{8,100}$/

/** @throws {Refusal} `not_signed_in` */
const mustBeCaller = (caller: Caller | null): Caller => {
  if (!caller) throw new Refusal({ code: 'not_signed_in' })
  return caller
}

/** @throws {Refusal} `not_allowed`; `role_ended` */
function mustMay(caller: Caller, right: Right): void {
  if (caller.late) throw new Refusal({ code: 'role_ended' })
  if (!may(caller.role, right)) throw new Refusal({ code: 'not_allowed', role: caller.role, right })
}

/** @throws {Refusal} `not_signed_in`; `not_allowed`; `role_ended` */
export function mustBeAllowed(caller: Caller | null, right: Right): Caller {
  const who = mustBeCaller(caller)
  mustMay(who, right)
  return who
}

/** For a household's own, on its record. */
export async function serveHousehold<E extends Endpoint>(
  endpoint: E,
  handle: HouseholdHandler<E>,
  incoming: Incoming,
): Promise<Response> {
  const caller = mustBeCaller(incoming.caller)
  const { world } = runtime()
  const acting = isAct(endpoint) ? { ...caller, ...taken(incoming.request) } : caller
  if (acting.late && arrivesLate(endpoint)) await mustBeFromBefore(world, acting)
  else mustMay(acting, endpoint.right)
  const asked = await readRequest(endpoint, incoming)
  if (asked instanceof Response) return asked
  return answerOf(endpoint, await handle(world, acting, asked))
}

/** Account work: outside any household, before one is signed in or about how one is. */
export async function serveAccount<E extends Endpoint>(
  endpoint: E,
  handle: AccountHandler<E>,
  incoming: Incoming,
): Promise<Response> {
  const desk = deskOf(incoming.request)
  // Whoever is on the way into a household belongs to none yet.
  if (endpoint.door === 'account' && !incoming.caller) await mustBeSignedIn(desk)
  const asked = await readRequest(endpoint, incoming)
  if (asked instanceof Response) return asked
  const done = (await handle(desk, asked)) ?? {}
  if (!isLetIn(done)) return answerOf(endpoint, done as z.input<E['result']>)
  const answer = answerOf(endpoint, {} as z.input<E['result']>)
  for (const cookie of done.cookies) answer.headers.append('set-cookie', cookie)
  return answer
}

const isLetIn = (done: unknown): done is LetIn =>
  typeof done === 'object' && done !== null && 'cookies' in done

/** A file (a list, a photo, a PDF) for a household's own. */
export async function serveFile<E extends FileEndpoint>(
  endpoint: E,
  handle: FileHandler<E>,
  { request, caller, inPath, url }: Incoming,
): Promise<Response> {
  const who = mustBeAllowed(caller, endpoint.right)
  const asked = readAddress(endpoint, inPath, url)
  if (asked instanceof Response) return asked
  const { name, type, body, inline }: ServedFile = await handle(
    runtime().world,
    who,
    asked as AskedFile<E>,
    originOf(request),
  )
  return new Response(body as BodyInit, { headers: fileHeaders(name, type, inline) })
}

const answerOf = <E extends Endpoint>(endpoint: E, result: z.input<E['result']>): Response =>
  new Response(JSON.stringify(endpoint.result.parse(result)), {
    headers: { 'content-type': 'application/json', 'cache-control': 'no-store' },
  })

/** What was asked, checked against the contract; or the problem with it. */
async function readRequest<E extends Endpoint>(
  endpoint: E,
  { request, inPath, url }: Incoming,
): Promise<Asked<E> | Response> {
  const address = readAddress(endpoint, inPath, url)
  if (address instanceof Response) return address
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
  return { ...address, ...(body.data as object), key } as Asked<E>
}

/** What was asked in the path and behind the question mark. */
function readAddress(
  { params: known, query: asked }: Pick<Endpoint, 'params' | 'query'>,
  inPath: Incoming['inPath'],
  url: URL,
): object | Response {
  const params = known.safeParse(inPath)
  // An id that cannot exist is not found, like one that belongs to somebody else.
  if (!params.success)
    return problem(
      404,
      'not_found',
      'This is not here',
      'Check the address, or go back to the list.',
    )
  const query = asked.safeParse(Object.fromEntries(url.searchParams))
  return query.success ? { ...params.data, ...query.data } : invalid(query.error)
}

function taken({ headers }: Request): Pick<Caller, 'takenAgo'> {
  const takenAgo = takenAgoOf(headers)
  return takenAgo > 0 ? { takenAgo } : {}
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
    .map((issue) => ({ path: issue.path.join('.'), message: issueText(issue) }))
  return problem(
    422,
    'invalid',
    'Something in this cannot be taken',
    errors.map(({ path, message }) => (path ? `${path}: ${message}` : message)).join(' · '),
    { errors },
  )
}
