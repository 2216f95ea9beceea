/** Before all browser tests: a database with the demo household, and the application on it. */
import { spawnSync } from 'node:child_process'
import { aFilledHousehold } from './account'
import { databaseUrl, freshDatabase, SECRET, startServer, TODAY } from './serve'

export default async function setUp(): Promise<() => void> {
  await freshDatabase('browser')
  const demo = spawnSync(
    process.execPath,
    ['--import', 'tsx', 'scripts/prepare.ts', 'demo-if-missing'],
    {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: {
        ...process.env,
        DATABASE_URL: databaseUrl('DATABASE_URL', 'browser'),
        SATCHEL_SECRET: SECRET,
        SATCHEL_TODAY: TODAY,
      },
    },
  )
  if (demo.status !== 0) throw new Error('The demo household could not be loaded')
  const { address, process: server } = await startServer(databaseUrl('DATABASE_URL', 'browser'))
  process.env.SATCHEL_ADDRESS = address
  process.env.SATCHEL_SERVER_PID = String(server.pid)
  process.env.SATCHEL_FILLED = await aFilledHousehold()
  return () => {
    server.kill()
  }
}
