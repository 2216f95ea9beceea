import { defineConfig } from 'vitest/config'

/** Against hanging for ever, never against being slow. */
const PATIENCE = { testTimeout: 30 * 60_000, hookTimeout: 30 * 60_000 }

export default defineConfig({
  test: {
    globalSetup: ['tests/support/templateDatabase.ts'],
    maxWorkers: 2,
    projects: [
      {
        // Pure: what one file loads may serve the next.
        test: {
          name: 'core',
          include: ['src/**/*.test.ts'],
          pool: 'threads',
          isolate: false,
          ...PATIENCE,
        },
      },
      {
        // The parts that screens are made of, by hand and by key, in a page without a browser.
        test: {
          name: 'ui',
          include: ['tests/ui/**/*.test.tsx'],
          environment: 'happy-dom',
          setupFiles: ['tests/support/patience.ts'],
          css: { include: [/.+/], modules: { classNameStrategy: 'non-scoped' } },
          ...PATIENCE,
        },
      },
      {
        // Each has a database, a clock and a runtime of its own.
        test: { name: 'whole', include: ['tests/**/*.test.ts'], pool: 'forks', ...PATIENCE },
      },
    ],
  },
})
