/** Who is asking, for every page and endpoint; and the headers that keep the pages to themselves. */
import { defineMiddleware } from 'astro:middleware'
import { mayOpenPage } from './api/pageGate'
import { problem, problemOf } from './api/problem'
import { unserved } from './api/route'
import { runtime } from './api/runtime'
import { callerOf } from './app/account/signIn'
import { HOUSEHOLD_HEADER } from './app/people/seats'

/** Reachable without a session. */
const OPEN = [
  '/evening',
  '/evening/',
  '/join',
  '/lid',
  '/lid/',
  '/roadside',
  '/join/',
  '/sign-in',
  '/new-password',
  '/new-account',
  '/feed/',
  '/round',
  '/incident',
  '/away',
]

export const onRequest = defineMiddleware(async (context, next) => {
  const { pathname } = context.url
  context.locals.caller = null
  if (context.isPrerendered) return next()
  const isApi = pathname.startsWith('/api/')
  // What the framework would serve of itself, its picture service among it, is not part of this.
  if (pathname.startsWith('/_')) return withHeaders(unserved(pathname, context.request.method))
  if (isForeignChange(context.request)) return withHeaders(foreign())
  const open = OPEN.some(
    (path) => pathname === path || (path.endsWith('/') && pathname.startsWith(path)),
  )
  try {
    if (!pathname.startsWith('/api/health'))
      context.locals.caller = await callerOf(
        runtime().auth,
        runtime().world.db,
        context.request.headers,
        isOnTheWay(pathname),
      )
  } catch (error) {
    if (isApi) return withHeaders(problemOf(error))
    if (!open) return withHeaders(await databaseAway(error))
  }
  // Endpoints answer 401 themselves, in the words of the contract.
  if (!context.locals.caller && !open && !isApi)
    return withHeaders(
      context.redirect(`/sign-in?next=${encodeURIComponent(pathname + context.url.search)}`),
    )
  const { caller } = context.locals
  if (caller && !open && !isApi && !mayOpenPage(caller, pathname))
    return withHeaders(await context.rewrite(`/not-yours?role=${caller.role}`))
  const answer = await next()
  // What a device keeps says whose it is.
  if (caller && isApi) answer.headers.set(HOUSEHOLD_HEADER, caller.householdId)
  const isPage = answer.headers.get('content-type')?.startsWith('text/html') ?? true
  if (isApi && answer.status >= 400 && isPage)
    return withHeaders(unserved(pathname, context.request.method))
  return withHeaders(answer)
})

/** Whoever comes in by an invitation gets no household of their own beside it. */
const isOnTheWay = (pathname: string): boolean =>
  /^\/(?:join|evening|lid|api\/lid|api\/evening|api\/invitation|api\/account)(?:\/|$)/.test(
    pathname,
  )

const foreign = (): Response =>
  problem(
    403,
    'from_another_site',
    'Sent from another site',
    'Nothing was changed. Open Vivid Satchel itself and do it there.',
  )

/** A browser says where a request comes from; a change from another site is refused. */
function isForeignChange({ method, headers }: Request): boolean {
  if (method === 'GET' || method === 'HEAD') return false
  const site = headers.get('sec-fetch-site')
  if (site !== null) return site !== 'same-origin' && site !== 'none'
  const origin = headers.get('origin')
  return origin !== null && !(URL.canParse(origin) && new URL(origin).host === headers.get('host'))
}

async function databaseAway(error: unknown): Promise<Response> {
  const problem = await problemOf(error).json()
  const page = `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>${problem.title}</title><body style="font:1.1rem/1.5 system-ui;background:#F3ECDF;color:#2A1A33;max-width:36rem;margin:15vh auto;padding:0 1rem"><h1>${problem.title}</h1><p>${problem.detail}</p><p><a href="">Try again</a></p></body></html>`
  return new Response(page, {
    status: problem.status,
    headers: { 'content-type': 'text/html; charset=utf-8' },
  })
}

/** Inline styles are the component library's; scripts run only from here or by their hash. */
function withHeaders(response: Response): Response {
  const { headers } = response
  headers.set('x-content-type-options', 'nosniff')
  headers.set('referrer-policy', 'same-origin')
  if (!headers.get('content-type')?.startsWith('text/html')) return response
  const scripts =
    /script-src[^;]*/.exec(headers.get('content-security-policy') ?? '')?.[0] ?? "script-src 'self'"
  headers.set(
    'content-security-policy',
    [
      "default-src 'self'",
      scripts,
      "style-src 'self' 'unsafe-inline'",
      "img-src 'self' data: blob:",
      "worker-src 'self' blob:",
      "object-src 'none'",
      "base-uri 'none'",
      "form-action 'self'",
      "frame-ancestors 'none'",
    ].join('; '),
  )
  headers.set('cache-control', 'no-store')
  return response
}
