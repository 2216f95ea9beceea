/** The shape of one endpoint: what goes in, what comes out. Served, called and documented from here. */
import type { z } from 'zod'

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

/** Changes carry an idempotency key; reads do not. */
export const isChange = (endpoint: Endpoint): boolean => endpoint.method !== 'GET'
