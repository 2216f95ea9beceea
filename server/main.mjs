/** The HTTP server: compressed assets from the build, everything else from the application. */
import http from 'node:http'
import { fileURLToPath } from 'node:url'
import compression from 'compression'
import pino from 'pino'
import sirv from 'sirv'
import { handler } from '../dist/server/entry.mjs'
import { HEADERS, limitsFrom, pathForLog, pathOf, problem, seal } from './limits.mjs'

const port = Number(process.env.PORT ?? 4321)
const log = pino({ base: { pid: process.pid } })
const limits = limitsFrom(process.env, port)
const assets = sirv(fileURLToPath(new URL('../dist/client', import.meta.url)), {
  gzip: true,
  brotli: true,
  etag: true,
  setHeaders: (response, path) => {
    // A worker may load what the page may; its own address decides, not the page's policy.
    response.setHeader(
      'content-security-policy',
      "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; frame-ancestors 'none'",
    )
    if (path.startsWith('/_astro/'))
      response.setHeader('cache-control', 'public, max-age=31536000, immutable')
  },
})
const compress = compression()

const server = http.createServer(
  { requestTimeout: 600_000, headersTimeout: 20_000 },
  (request, response) => {
    const began = performance.now()
    const path = pathOf(request)
    response.on('close', () =>
      log.info({
        method: request.method,
        path: pathForLog(path ?? ''),
        status: response.statusCode,
        ms: Math.round(performance.now() - began),
        ...(response.writableFinished ? {} : { cut: true }),
      }),
    )
    for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value)
    const refuse = (status, code, title, detail) =>
      response
        .writeHead(status, { 'content-type': 'application/problem+json', connection: 'close' })
        .end(problem(status, code, title, detail))
    if (!limits.isOurs(request))
      return refuse(421, 'other_host', 'This is another address', `Open ${limits.home}`)
    if (path === null)
      return refuse(400, 'no_address', 'This address cannot be read', `Open ${limits.home}`)
    seal(request, limits.peerOf(request))
    compress(request, response, () => assets(request, response, () => handler(request, response)))
  },
)

server.listen(port, process.env.SATCHEL_LISTEN ?? '127.0.0.1')
log.info({ at: limits.home }, 'listening')

/** What is under way is answered; no new work is taken. */
const GRACE_MILLISECONDS = 10_000
for (const signal of ['SIGTERM', 'SIGINT'])
  process.once(signal, () => {
    log.info({ signal }, 'stopping')
    server.close(() => process.exit(0))
    server.closeIdleConnections()
    // Pages keep their connections; what still runs after this is cut.
    setTimeout(() => server.closeAllConnections(), GRACE_MILLISECONDS).unref()
  })
process.on('unhandledRejection', (error) =>
  log.error({ kind: error instanceof Error ? error.name : typeof error }, 'unhandled'),
)
