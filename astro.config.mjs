import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { brotliCompressSync, gzipSync } from 'node:zlib'
import node from '@astrojs/node'
import react from '@astrojs/react'
import { defineConfig } from 'astro/config'

/** Writes .br and .gz beside every text asset, so that the server never compresses them twice. */
const precompress = {
  name: 'precompress',
  hooks: {
    'astro:build:done': ({ dir }) => {
      const root = fileURLToPath(dir)
      for (const file of readdirSync(root, { recursive: true })) {
        if (!/\.(js|css|svg|html|webmanifest)$/.test(file)) continue
        const bytes = readFileSync(`${root}/${file}`)
        if (bytes.length < 1024) continue
        writeFileSync(`${root}/${file}.br`, brotliCompressSync(bytes))
        writeFileSync(`${root}/${file}.gz`, gzipSync(bytes, { level: 9 }))
      }
    },
  },
}

export default defineConfig({
  output: 'server',
  adapter: node({ mode: 'middleware' }),
  integrations: [react(), precompress],
  // The middleware compares where a change comes from itself, for JSON and empty bodies as well.
  security: { checkOrigin: false },
  devToolbar: { enabled: false },
  experimental: { csp: true },
  build: { inlineStylesheets: 'never' },
  vite: {
    build: { target: 'es2022' },
    worker: { format: 'es' },
    ssr: { noExternal: [/^@mantine\//] },
  },
})
