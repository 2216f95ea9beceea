/**
 * The shape of one endpoint: what goes in, what comes out, who may ask, what it writes down.
 * Served, called, documented, kept without a connection and put into words from here.
 */
import { z } from 'zod'
import type { Right } from '../core/people/role'

export type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE'

/**
 * Who may come in: anybody; whoever is signed in, for the account alone; or a household's own, who
 * act on its record under an idempotency key.
 */
export type Door = 'open' | 'account' | 'household'

/**
 * What may wait on a device for a connection. `adds_up`: it says how much was taken, and is as true
 * of a lot that others have used meanwhile. `device_first`: it is written down before it is sent,
 * and shown from there until the server shows it. Everything else needs a connection.
 */
export type Offline = 'adds_up' | 'device_first'

interface Asking<Params extends z.ZodObject, Query extends z.ZodObject> {
  /** With parameters in braces: "/api/lots/{lotId}/use". */
  readonly path: `/api/${string}`
  readonly summary: string
  readonly params: Params
  readonly query: Query
}

export interface Endpoint<
  Params extends z.ZodObject = z.ZodObject,
  Query extends z.ZodObject = z.ZodObject,
  Body extends z.ZodType = z.ZodType,
  Result extends z.ZodType = z.ZodType,
> extends Asking<Params, Query> {
  readonly method: Method
  readonly body: Body
  readonly result: Result
  readonly door: Door
  /** What somebody of the household must be allowed to, to ask it. */
  readonly right: Right
  /** The largest body that is read, in bytes. */
  readonly mostBytes: number
  /** The kinds of act it may write into the record; none for reads and account work. */
  readonly records: readonly string[]
  readonly offline: Offline | null
  /** What it did cannot be taken back. */
  readonly stays: boolean
}

/** An endpoint that answers a file, for a household's own. */
export interface FileEndpoint<
  Params extends z.ZodObject = z.ZodObject,
  Query extends z.ZodObject = z.ZodObject,
> extends Asking<Params, Query> {
  readonly method: 'GET'
  readonly door: 'household'
  readonly right: Right
  /** What kind of file it is, such as "application/pdf". */
  readonly media: string
}

/** A body holds at most a photo beside its words. */
const USUAL_BYTES = 2 * 1024 * 1024
/** Whoever is not signed in sends a name and a password. */
const OPEN_BYTES = 16 * 1024
/** A household's whole list. */
export const LIST_BYTES = 12 * 1024 * 1024

const none = z.object({})

interface Described {
  readonly door?: Door
  readonly right?: Right
  readonly mostBytes?: number
  readonly records?: readonly string[]
  readonly offline?: Offline
  readonly stays?: boolean
  readonly params?: z.ZodObject
  readonly query?: z.ZodObject
  readonly body?: z.ZodType
}
type Given<D extends Described, Key extends keyof Described, Otherwise> = D[Key] extends z.ZodType
  ? D[Key]
  : Otherwise
type DoorOf<D extends Described> = D['door'] extends Door ? D['door'] : 'household'
type RecordsOf<D extends Described> = D['records'] extends readonly string[] ? D['records'] : []
/** A change of the record says what it is recorded as. */
type Complete<M extends Method, D extends Described> = M extends 'GET'
  ? unknown
  : DoorOf<D> extends 'household'
    ? { readonly records: readonly string[] }
    : unknown

/**
 * Describes an endpoint; what is left out of it is empty. Where no right is named, reading needs to be
 * allowed to look at everything, and a change to arrange everything: what is forgotten is closed.
 */
export function endpoint<
  const M extends Method,
  const D extends Described,
  Result extends z.ZodType,
>(
  method: M,
  path: Endpoint['path'],
  summary: string,
  described: D & Complete<M, D>,
  result: Result,
) {
  const { door, right, mostBytes, records, offline, stays, params, query, body }: Described =
    described
  return {
    method: method as Method,
    path,
    summary,
    result,
    door: (door ?? 'household') as DoorOf<D>,
    right: right ?? (method === 'GET' ? 'look' : 'arrange'),
    mostBytes: mostBytes ?? (door === 'open' ? OPEN_BYTES : USUAL_BYTES),
    records: (records ?? []) as RecordsOf<D>,
    offline: offline ?? null,
    stays: stays ?? false,
    params: (params ?? none) as Given<D, 'params', typeof none>,
    query: (query ?? none) as Given<D, 'query', typeof none>,
    body: (body ?? none) as Given<D, 'body', typeof none>,
  }
}

/** Describes a file that is answered. */
export function file<const D extends Pick<Described, 'params' | 'query' | 'right'>>(
  path: Endpoint['path'],
  summary: string,
  described: D,
  media: string,
) {
  const { right, params, query }: Pick<Described, 'params' | 'query' | 'right'> = described
  return {
    method: 'GET' as const,
    path,
    summary,
    media,
    door: 'household' as const,
    right: right ?? ('look' as Right),
    params: (params ?? none) as Given<D, 'params', typeof none>,
    query: (query ?? none) as Given<D, 'query', typeof none>,
  }
}

/** Changes of the record carry an idempotency key; reads and account work do not. */
export const isAct = (endpoint: Pick<Endpoint, 'method' | 'door'>): boolean =>
  endpoint.method !== 'GET' && endpoint.door === 'household'

/** Counts that were written down on a device before a role ended still arrive; nothing else does. */
export const arrivesLate = (
  endpoint: Pick<Endpoint, 'right' | 'offline' | 'method' | 'door'>,
): boolean => isAct(endpoint) && endpoint.right === 'count' && endpoint.offline !== null

/** What changes something has a body. */
export const hasBody = (endpoint: Pick<Endpoint, 'method'>): boolean => endpoint.method !== 'GET'

/** The address of what is asked, with its parameters written so that each stays one step of it. */
export const addressOf = (
  { path }: { readonly path: string },
  params: Readonly<Record<string, unknown>> = {},
): string =>
  path.replace(/\{(\w+)\}/g, (_, name: string) => encodeURIComponent(String(params[name])))
