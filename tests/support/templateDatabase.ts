/** Before all tests: the migrated database that each file of database tests is copied from. */
import { execFileSync } from 'node:child_process'

export default function setup(): void {
  // Without a cluster only the tests of the core can run; those that need one say so.
  if (!process.env.ADMIN_DATABASE_URL) return
  execFileSync(process.execPath, ['--import', 'tsx', 'scripts/prepare.ts', 'migrate'], {
    stdio: 'inherit',
  })
}
