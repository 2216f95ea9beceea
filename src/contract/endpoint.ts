/** The shape of one endpoint: what goes in, what comes out. Served, called and documented from here. */
import { z } from 'zod'

export interface Endpoint<
  Params extends z.ZodObject = z.ZodObject,
  Query extends z.ZodObject = z.ZodObject,
  Body extends z.ZodType = z.ZodType,
  Result extends z.ZodType = z.ZodType,
> {
  readonly method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE'
  /** With parameters in braces: "/api/lots/{lotId}/use". */
  readonly path: `/api/${string}`
  readonly summary: string
  readonly params: Params
  readonly query: Query
  readonly body: Body
  readonly result: Result
  readonly door: Door
  /** The largest body that is read, in bytes. */
  readonly mostBytes: number
}

/** A body holds at most a photo beside its words. */
const USUAL_BYTES = 2 * 1024 * 1024
/** Whoever is not signed in sends a name and a password. */
const OPEN_BYTES = 16 * 1024
/** A household's whole list. */
export const LIST_BYTES = 12 * 1024 * 1024

/**
 * Who may come in: anybody; whoever is signed in, for the account alone; or a household's own, who
 * act on its record under an idempotency key.
 */
export type Door = 'open' | 'account' | 'household'

const none = z.object({})

interface Described {
  readonly door?: Door
  readonly mostBytes?: number
  readonly params?: z.ZodObject
  readonly query?: z.ZodObject
  readonly body?: z.ZodType
}
type Given<D extends Described, Key extends keyof Described, Otherwise> = D[Key] extends z.ZodType
  ? D[Key]
  : Otherwise

/** Describes an endpoint; what is left out of it is empty. */
export function endpoint<const D extends Described, Result extends z.ZodType>(
  method: Endpoint['method'],
  path: Endpoint['path'],
  summary: string,
  described: D,
  result: Result,
) {
  return {
    method,
    path,
    summary,
    result,
    door: described.door ?? ('household' as Door),
    mostBytes: described.mostBytes ?? (described.door === 'open' ? OPEN_BYTES : USUAL_BYTES),
    params: (described.params ?? none) as Given<D, 'params', typeof none>,
    query: (described.query ?? none) as Given<D, 'query', typeof none>,
    body: (described.body ?? none) as Given<D, 'body', typeof none>,
  }
}

/** Changes of the record carry an idempotency key; reads and account work do not. */
export const isAct = (endpoint: Pick<Endpoint, 'method' | 'door'>): boolean =>
  endpoint.method !== 'GET' && endpoint.door === 'household'

/** What changes something has a body. */
export const hasBody = (endpoint: Pick<Endpoint, 'method'>): boolean => endpoint.method !== 'GET'
