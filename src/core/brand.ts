declare const name: unique symbol

/** A value of `T` that only its own constructor makes, so that two kinds of string cannot be swapped. */
export type Brand<T, Name extends string> = T & { readonly [name]: Name }

/** Ends a switch over a closed union: a new member then fails to compile here. */
export function assertNever(value: never): never {
  throw new Error(`Unexpected value: ${JSON.stringify(value)}`)
}
