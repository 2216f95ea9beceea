/// <reference lib="webworker" />
/**
 * Serves the application from what it has kept when the network is away. Assets and the
 * pages that hold no household are kept at installation; pages and answers as they go by, for
 * as long as somebody is signed in.
 */
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching'
import { registerRoute, setCatchHandler } from 'workbox-routing'
import { FOR_KEEPING, forgetKept, KEPT_ANSWERS, KEPT_AT, KEPT_PAGES } from '../device/kept'

declare const self: ServiceWorkerGlobalScope & {
  readonly __WB_MANIFEST: { url: string; revision: string | null }[]
}

/** Rounds and incidents are gone through on these pages, whichever they are; kits are shown at a roadside. */
const STANDING_PAGES = ['/round', '/incident', '/roadside']
const AWAY_PAGE = '/away'
/** Always asked of the server. */
const SIGN_IN = '/sign-in'
/** Nobody waits longer at a kit. */
const PATIENCE_MILLISECONDS = 6000

self.addEventListener('install', () => void self.skipWaiting())
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))
cleanupOutdatedCaches()
precacheAndRoute(self.__WB_MANIFEST, { ignoreURLParametersMatching: [/.*/] })

/** Not kept: what is private to the session, made anew each time, or large. */
const NOT_KEPT = /^\/api\/(?:auth|device|openapi|export|health|demo-session|acts|past|record)/

registerRoute(
  ({ url, request, sameOrigin }) =>
    sameOrigin &&
    request.method === 'GET' &&
    url.pathname.startsWith('/api/') &&
    !NOT_KEPT.test(url.pathname),
  ({ request }) => freshOrKept(request, KEPT_ANSWERS),
)
registerRoute(
  ({ url, request, sameOrigin }) =>
    sameOrigin &&
    (request.mode === 'navigate' || request.headers.has(FOR_KEEPING)) &&
    !url.pathname.startsWith('/api/') &&
    url.pathname !== SIGN_IN,
  async ({ request, url }) => {
    if (STANDING_PAGES.includes(url.pathname)) {
      const page = await matchPrecache(url.pathname)
      if (page) return page
    }
    return freshOrKept(request, KEPT_PAGES)
  },
)
setCatchHandler(async ({ request }) =>
  request.mode === 'navigate'
    ? ((await matchPrecache(AWAY_PAGE)) ?? Response.error())
    : Response.error(),
)

/** What the server says; where it says nothing, what it said last. */
async function freshOrKept(request: Request, cacheName: string): Promise<Response> {
  try {
    const response = await withPatience(request)
    if (response.status === 401 || isSignIn(response)) await forgetKept()
    else if (response.ok && !response.redirected) await keep(request, response, cacheName)
    // The server is there and its database is not.
    else if (response.status === 503) return await kept(request, cacheName)
    return handedOn(request, response)
  } catch {
    return kept(request, cacheName)
  }
}

async function withPatience(request: Request): Promise<Response> {
  const stop = new AbortController()
  const timer = setTimeout(() => stop.abort(), PATIENCE_MILLISECONDS)
  // A navigation cannot be sent on as it is; its address can.
  const asked =
    request.mode === 'navigate'
      ? new Request(request.url, { headers: request.headers, credentials: 'same-origin' })
      : request
  try {
    return await fetch(asked, { signal: stop.signal })
  } finally {
    clearTimeout(timer)
  }
}

/** A page that was fetched elsewhere may not stand for the one that was asked for: go there. */
const handedOn = (request: Request, response: Response): Response =>
  request.mode === 'navigate' && response.redirected
    ? Response.redirect(response.url, 302)
    : response

const isSignIn = (response: Response): boolean =>
  response.redirected && new URL(response.url).pathname === SIGN_IN

async function keep(request: Request, response: Response, cacheName: string): Promise<void> {
  const headers = new Headers(response.headers)
  headers.set(KEPT_AT, new Date().toISOString())
  headers.delete('content-encoding')
  const { status, statusText } = response
  const copy = new Response(await response.clone().blob(), { status, statusText, headers })
  const cache = await caches.open(cacheName)
  await cache.put(request.url, copy)
}

async function kept(request: Request, cacheName: string): Promise<Response> {
  const cache = await caches.open(cacheName)
  const found =
    (await cache.match(request.url)) ??
    // A page narrowed to a place is better shown wide than not at all.
    (cacheName === KEPT_PAGES ? await cache.match(request.url, { ignoreSearch: true }) : undefined)
  if (!found) throw new Error('Nothing of it is kept')
  return found
}
