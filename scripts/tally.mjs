/** Adds the runners' counts up into the closing lines; the exit code says whether all passed. */
import { existsSync, readFileSync } from 'node:fs'

const [checksFailed, vitestFile, playwrightFile] = process.argv.slice(2)
const read = (file) => (file && existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null)
const vitest = read(vitestFile)
const browser = read(playwrightFile)

/** What failed, last, where it is still seen when the words before it have scrolled away. */
const failures = (vitest?.testResults ?? []).flatMap(({ name, message, assertionResults }) => {
  const tests = assertionResults.filter(({ status }) => status === 'failed')
  if (tests.length === 0) return message ? [`${name}\n${message}`] : []
  return tests.map((test) => `${name}: ${test.fullName}\n${test.failureMessages.join('\n')}`)
})
for (const failure of failures) console.log(`✗ ${failure.slice(0, 2_000)}\n`)

const passed =
  (vitest?.numPassedTests ?? 0) + (browser?.stats.expected ?? 0) + (browser?.stats.flaky ?? 0)
const failed =
  Number(checksFailed) +
  (vitest
    ? vitest.numFailedTests + (vitest.success ? 0 : vitest.numFailedTests === 0 ? 1 : 0)
    : 1) +
  (browser ? browser.stats.unexpected + browser.errors.length : playwrightFile ? 1 : 0)
const skipped = (vitest?.numPendingTests ?? 0) + (browser?.stats.skipped ?? 0)
const again = browser?.stats.flaky ?? 0
console.log(
  `${passed} passed, ${failed} failed${skipped > 0 ? `, ${skipped} skipped` : ''}${again > 0 ? `, ${again} on a second try` : ''}`,
)
process.exit(failed === 0 && passed > 0 ? 0 : 1)
