/** The name that passkeys belong to: WebAuthn knows domains, and an IP address is none. */
export type PasskeyName =
  | { readonly kind: 'name'; readonly name: string }
  /** Reached by its number; the same machine answers to a name at `open`. */
  | { readonly kind: 'number'; readonly open: string }

/** @param origin as a browser tells it, such as "http://localhost:4321" */
export function passkeyName(origin: string): PasskeyName {
  const { hostname, port, protocol } = new URL(origin)
  return /^[\d.]+$|^\[/.test(hostname)
    ? { kind: 'number', open: `${protocol}//localhost${port && `:${port}`}` }
    : { kind: 'name', name: hostname }
}
