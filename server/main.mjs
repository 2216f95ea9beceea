/** The HTTP server: compressed assets from the build, everything else from the application. */
import http from 'node:http'
import { fileURLToPath } from 'node:url'
import compression from 'compression'
import sirv from 'sirv'
import { handler } from '../dist/server/entry.mjs'

const port = Number(process.env.PORT ?? 4321)
const assets = sirv(fileURLToPath(new URL('../dist/client', import.meta.url)), {
  gzip: true,
  brotli: true,
  etag: true,
  setHeaders: (response, path) => {
    if (path.startsWith('/_astro/'))
      response.setHeader('cache-control', 'public, max-age=31536000, immutable')
  },
})
const compress = compression()
/** Only names of this machine: a foreign name that points here is refused. */
const ours = new Set([`127.0.0.1:${port}`, `localhost:${port}`])

const server = http.createServer((request, response) => {
  if (!ours.has(request.headers.host ?? '')) {
    response.writeHead(421, { 'content-type': 'text/plain' }).end(`Open http://127.0.0.1:${port}`)
    return
  }
  compress(request, response, () => assets(request, response, () => handler(request, response)))
})

server.listen(port, '127.0.0.1')
for (const signal of ['SIGTERM', 'SIGINT'])
  process.on(signal, () => {
    server.close(() => process.exit(0))
    server.closeAllConnections()
  })
process.on('unhandledRejection', (error) => console.error(error))
