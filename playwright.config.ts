import { existsSync } from 'node:fs'
import { defineConfig } from '@playwright/test'

const SHELL = '/usr/bin/chromium-headless-shell'
/** Chromium as Debian ships it for machines without a screen; it may reach this machine and nothing else. */
const launchOptions = {
  executablePath: existsSync(SHELL) ? SHELL : '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost',
  ],
}

const LONG = /(?:start|faults|away|care)\.spec\.ts$/

export default defineConfig({
  testDir: 'tests/browser',
  globalSetup: './tests/browser/support/setUp.ts',
  outputDir: '.satchel-test/browser',
  fullyParallel: true,
  // What takes longest begins first, so that no worker is left alone with it at the end.
  projects: [
    { name: 'long', testMatch: LONG },
    { name: 'jobs', testIgnore: LONG },
  ],
  // Much of a job is waiting: three at once keep two cores busy.
  workers: 3,
  // One more try on a loaded machine; the closing line tells how many needed it.
  retries: 1,
  // Against hanging for ever, never against being slow: a machine may be four times slower than this.
  timeout: 30 * 60_000,
  expect: { timeout: 3 * 60_000 },
  reporter: [
    ['list'],
    [
      'json',
      { outputFile: process.env.PLAYWRIGHT_JSON_OUTPUT_NAME ?? '.satchel-test/playwright.json' },
    ],
  ],
  use: {
    // Set before the workers start, by globalSetup.
    baseURL: process.env.SATCHEL_ADDRESS ?? '',
    launchOptions,
    viewport: { width: 1280, height: 800 },
    trace: 'off',
    actionTimeout: 5 * 60_000,
    navigationTimeout: 5 * 60_000,
    // Only what is done without a connection needs it; it would answer for the others.
    serviceWorkers: 'block',
    locale: 'en-GB',
    // Every dialog that slides is waited for; that they may slide is looked at elsewhere.
    contextOptions: { reducedMotion: 'reduce' },
  },
})
