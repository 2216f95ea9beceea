/** What every answer says, what a request may be, and whose word about it is believed. */
import { compile } from 'proxy-addr'

/** On every answer; pages have a longer content-security-policy of their own. */
export const HEADERS = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'x-frame-options': 'DENY',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'camera=(self), geolocation=(), microphone=(), payment=()',
  'content-security-policy': "default-src 'none'; frame-ancestors 'none'",
}

/** Headers that only the server itself may set: what a stranger sends of them is dropped. */
const OURS_ALONE = [
  'x-satchel-peer',
  'x-forwarded-for',
  'x-forwarded-host',
  'x-forwarded-proto',
  'x-forwarded-port',
  'forwarded',
]

/**
 * @param env SATCHEL_ORIGIN: where people reach it, such as "https://kits.example.org", when a
 *   proxy stands before it; SATCHEL_TRUSTED_PROXIES: its addresses, by comma ("loopback" without)
 */
export function limitsFrom(env, port) {
  const origin = env.SATCHEL_ORIGIN ? new URL(env.SATCHEL_ORIGIN) : null
  const hosts = new Set(origin ? [origin.host] : [`127.0.0.1:${port}`, `localhost:${port}`])
  const proxies = (env.SATCHEL_TRUSTED_PROXIES ?? (origin ? 'loopback' : ''))
    .split(',')
    .map((one) => one.trim())
    .filter(Boolean)
  const isTrusted = compile(proxies)
  return {
    /** Where people reach it. */
    home: origin?.origin ?? `http://127.0.0.1:${port}`,
    isOurs: (request) => hosts.has(request.headers.host ?? ''),
    /** The address that a request comes from: the first one, from behind, that is no trusted proxy. */
    peerOf: (request) => {
      const told = String(request.headers['x-forwarded-for'] ?? '').split(',')
      const way = [...told.map((one) => one.trim()).filter(Boolean), request.socket.remoteAddress]
      for (let at = way.length - 1; at > 0; at--)
        if (!trusts(isTrusted, way[at], way.length - 1 - at)) return way[at] ?? ''
      return way[0] ?? ''
    },
  }
}

/** An address that is none is nobody's proxy. */
function trusts(isTrusted, address, hops) {
  try {
    return isTrusted(address, hops)
  } catch {
    return false
  }
}

/** Drops what a stranger may not say, and says it for them. */
export function seal(request, peer) {
  for (const name of OURS_ALONE) delete request.headers[name]
  request.headers['x-satchel-peer'] = peer
}

/** The address as one can be read, or null: such a request is answered before anything reads it. */
export function pathOf(request) {
  try {
    const { pathname } = new URL(request.url ?? '', 'http://own.invalid')
    decodeURIComponent(pathname)
    return request.url?.startsWith('/') ? pathname : null
  } catch {
    return null
  }
}

const ID = /[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/gi

/** An address for the log: no ids, no keys of calendars, nothing that was searched for. */
export const pathForLog = (pathname) =>
  pathname.startsWith('/feed/') ? '/feed/*' : pathname.replace(ID, '*').slice(0, 200)

export const problem = (status, code, title, detail) =>
  JSON.stringify({ type: `urn:vivid-satchel:problem:${code}`, title, status, code, detail })
