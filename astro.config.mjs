import { createHash } from 'node:crypto'
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { brotliCompressSync, gzipSync } from 'node:zlib'
import node from '@astrojs/node'
import react from '@astrojs/react'
import { defineConfig } from 'astro/config'
import { build } from 'esbuild'

/**
 * Builds the service worker with the list of what it keeps from the start: every asset, and the
 * pages that hold nothing of a household.
 */
const serviceWorker = {
  name: 'service-worker',
  hooks: {
    'astro:build:done': async ({ dir }) => {
      const root = fileURLToPath(dir)
      const hash = (bytes) => createHash('sha256').update(bytes).digest('hex').slice(0, 16)
      const assets = readdirSync(root, { recursive: true })
        .filter((file) => /\.(js|css|svg|png|woff2|wasm|webmanifest)$/.test(file))
        .map((file) => ({ url: `/${file}`, revision: hash(readFileSync(`${root}/${file}`)) }))
      // The pages change with what they are made of.
      const revision = hash(JSON.stringify(assets))
      const pages = ['/round', '/incident', '/roadside', '/away'].map((url) => ({ url, revision }))
      await build({
        entryPoints: ['src/serviceWorker/index.ts'],
        outfile: `${root}/sw.js`,
        bundle: true,
        minify: true,
        format: 'iife',
        target: 'es2022',
        define: {
          'self.__WB_MANIFEST': JSON.stringify([...assets, ...pages]),
          'process.env.NODE_ENV': '"production"',
        },
      })
    },
  },
}

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
  integrations: [react(), serviceWorker, precompress],
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
