/**
 * What answers an endpoint: a use case by the endpoint's name. What was asked, in the path, in the
 * query and in the body, comes as one value.
 */
import type { z } from 'zod'
import type { AccountDesk, LetIn } from '../app/account/desk'
import type { Keyed } from '../app/frame/asked'
import type { Caller, World } from '../app/frame/world'
import type { Endpoint, FileEndpoint } from '../contract/endpoint'

/** Nothing where a part of an endpoint is empty. */
type Part<Schema extends z.ZodType> =
  z.output<Schema> extends Record<string, never> ? unknown : z.output<Schema>

export type Asked<E extends Endpoint> = Part<E['params']> &
  Part<E['query']> &
  Part<E['body']> &
  Keyed
export type AskedFile<E extends FileEndpoint> = Part<E['params']> & Part<E['query']>

export interface ServedFile {
  readonly name: string
  readonly type: string
  readonly body: string | Uint8Array
  /** Shown in the browser rather than saved. */
  readonly inline?: boolean
}

export type HouseholdHandler<E extends Endpoint> = (
  world: World,
  caller: Caller,
  asked: Asked<E>,
) => Promise<z.input<E['result']>>

/** Account work answers a value, nothing, or only cookies where somebody is let in or out. */
export type AccountHandler<E extends Endpoint> = (
  desk: AccountDesk,
  asked: Asked<E>,
  // biome-ignore lint/suspicious/noConfusingVoidType: most account work has nothing to say
) => Promise<z.input<E['result']> | LetIn | void>

export type FileHandler<E extends FileEndpoint> = (
  world: World,
  caller: Caller,
  asked: AskedFile<E>,
  /** Where the application is reached, for what is printed. */
  origin: string,
) => Promise<ServedFile>

type Handler<E> = E extends FileEndpoint
  ? FileHandler<E>
  : E extends Endpoint
    ? E['door'] extends 'household'
      ? HouseholdHandler<E>
      : AccountHandler<E>
    : never

/** A handler for each endpoint of a capability, under its name: the compiler misses none. */
export type HandlersOf<Capability> = {
  readonly [Name in keyof Capability as Capability[Name] extends Endpoint | FileEndpoint
    ? Name
    : never]: Handler<Capability[Name]>
}
