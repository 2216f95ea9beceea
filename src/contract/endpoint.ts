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
}

const none = z.object({})

interface Described {
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
    params: (described.params ?? none) as Given<D, 'params', typeof none>,
    query: (described.query ?? none) as Given<D, 'query', typeof none>,
    body: (described.body ?? none) as Given<D, 'body', typeof none>,
  }
}

/** Changes carry an idempotency key; reads do not. */
export const isChange = (endpoint: Endpoint): boolean => endpoint.method !== 'GET'
