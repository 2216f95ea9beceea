/** Keeps this device ready to be of use without a connection: its key, pages and answers. */
import { call } from './call'
import { fetchToKeep } from './controlled'
import { forgetDevice } from './forget'
import { importKey } from './seal'
import { store } from './store'
import type { Holder } from './tables'

let running: Promise<Holder> | undefined

/**
 * Asks the server who is signed in, and keeps what changed since. Runs once at a time.
 * @throws {OfflineError} without a connection
 */
export function keepDevice(): Promise<Holder> {
  running ??= refresh().finally(() => {
    running = undefined
  })
  return running
}

async function refresh(): Promise<Holder> {
  // The page is drawn by then; nothing of it waits for what is known of accounts.
  const { readDevice } = await import('../contract/account')
  const device = await call(readDevice)
  const tables = await store()
  const known = await tables.holder.get('me')
  // Somebody else signed in here, or another household was opened: what was kept is not of it.
  const same = known?.userId === device.userId
  const sameHousehold = same && (known.householdId ?? device.householdId) === device.householdId
  if (known && !sameHousehold) await forgetDevice()
  const holder: Holder = {
    id: 'me',
    userId: device.userId,
    householdId: device.householdId,
    name: device.name,
    key: same ? known.key : await importKey(device.key),
    state: sameHousehold ? known.state : '',
    keptAt: sameHousehold ? known.keptAt : 0,
  }
  await tables.holder.put(holder)
  // Without a service worker nothing could be shown from what is kept.
  if (!navigator.serviceWorker?.controller) return holder
  // What is looked at is kept as it goes by; the rest need not be fetched after every act.
  const lately = Date.now() - holder.keptAt < FETCH_AGAIN_MILLISECONDS
  if (holder.state === device.state || lately) return holder
  // The worker keeps every page and answer that goes by; asking for them is enough.
  const addresses = [...device.answers, ...device.pages]
  for (let from = 0; from < addresses.length; from += AT_ONCE)
    await Promise.all(addresses.slice(from, from + AT_ONCE).map(fetchToKeep))
  const kept: Holder = { ...holder, state: device.state, keptAt: Date.now() }
  await tables.holder.put(kept)
  return kept
}

const AT_ONCE = 4
const FETCH_AGAIN_MILLISECONDS = 5 * 60_000
