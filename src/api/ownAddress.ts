/** Addresses inside the application. */

/** Anything will do: an address is ours when it stays on it. */
const OURS = 'http://own.invalid'

/**
 * Where somebody wanted to go before they had to sign in; the first page where that would lead to
 * another site. It is read as a browser reads it: tabs and line breaks in an address are nothing.
 */
export function ownAddress(asked: string | null): string {
  if (!asked?.startsWith('/') || !URL.canParse(asked, OURS)) return '/'
  const { origin, pathname, search, hash } = new URL(asked, OURS)
  // "/.//elsewhere" stays with us until its path is read again.
  return origin === OURS && !pathname.startsWith('//') ? pathname + search + hash : '/'
}
