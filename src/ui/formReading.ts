/**
 * What a form comes to: the one act that it asks for, nothing to change, or what is wrong with which
 * field. Forms are read by pure functions of what was typed.
 */
import type { Endpoint } from '../contract/endpoint'
import type { Asked, FieldError } from '../device/call'
import * as words from '../words'
import { issueText } from '../words/frame/forms'

/** What is wrong with a field, in words that say what to do. */
export type Faults<V> = { readonly [Name in keyof V]?: string | undefined }

/** An endpoint with what it is asked. */
export interface Asking<E extends Endpoint = Endpoint> {
  readonly endpoint: E
  readonly asked: Asked<E>
}

export type FormReading<V, E extends Endpoint = Endpoint> =
  | { readonly kind: 'act'; readonly act: Asking<E> }
  | { readonly kind: 'unchanged' }
  | { readonly kind: 'faults'; readonly faults: Faults<V> }

export const UNCHANGED = { kind: 'unchanged' } as const

/** An endpoint with what it is asked. */
export const asking = <E extends Endpoint>(endpoint: E, asked: Asked<E>): Asking<E> => ({
  endpoint,
  asked,
})

/** The act that a form asks for. */
export const act = <E extends Endpoint>(
  endpoint: E,
  asked: Asked<E>,
): { readonly kind: 'act'; readonly act: Asking<E> } => ({
  kind: 'act',
  act: asking(endpoint, asked),
})

/** The faults among what was looked at; null where there are none. */
export function faultsIn<V>(
  found: Faults<V>,
): { readonly kind: 'faults'; readonly faults: Faults<V> } | null {
  return Object.values(found).some((fault) => fault !== undefined)
    ? { kind: 'faults', faults: found }
    : null
}

/** "This is still missing." where nothing but spaces is written. */
export const missing = (text: string | null): string | undefined =>
  text === null || text.trim() === '' ? words.forms.missing : undefined

/**
 * Which field each part of a request that is not taken belongs to: the deepest name in its path that
 * the form has a field of. What belongs to none is answered under "".
 * @example errorsByField([{ path: 'item.new.name', message }], { name: '' }) // { name: message }
 */
export function errorsByField(
  errors: readonly FieldError[],
  values: object,
): Readonly<Record<string, string>> {
  const found: Record<string, string> = {}
  for (const { path, message } of errors) {
    const field = path.split('.').findLast((name) => name in values) ?? ''
    found[field] ??= message
  }
  return found
}

/** What the contract itself does not take in a request; checked before it is sent. */
export function againstContract({ endpoint, asked }: Asking): readonly FieldError[] {
  const body = endpoint.body.safeParse(asked.body ?? {})
  return body.success
    ? []
    : body.error.issues.map((issue) => ({ path: issue.path.join('.'), message: issueText(issue) }))
}
