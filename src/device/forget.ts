/** Nothing readable stays on a device on which nobody is signed in. */
import { forgetKept } from './kept'
import { store } from './store'

/** Deletes what can be read; what waits to be sent stays, sealed, for its owner to come back. */
export async function forgetDevice(): Promise<void> {
  if (typeof indexedDB === 'undefined') return
  await (await store()).holder.clear()
  await forgetKept()
}
