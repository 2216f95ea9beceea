import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: {
    include: ['src/**/*.test.ts', 'tests/**/*.test.ts'],
    globalSetup: ['tests/support/templateDatabase.ts'],
    // Against hanging for ever, never against being slow.
    testTimeout: 30 * 60_000,
    hookTimeout: 30 * 60_000,
    pool: 'forks',
    maxWorkers: 2,
  },
})
