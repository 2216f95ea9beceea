import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: {
    include: ['src/**/*.test.ts', 'tests/**/*.test.ts'],
    globalSetup: ['tests/support/templateDatabase.ts'],
    testTimeout: 120_000,
    hookTimeout: 30_000,
    pool: 'forks',
    maxWorkers: 2,
  },
})
