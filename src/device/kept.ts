/** Names that the pages and the service worker share. */

/** Caches of pages and answers begin with this. */
const KEPT = 'kept-'
export const KEPT_PAGES = `${KEPT}pages`
export const KEPT_ANSWERS = `${KEPT}answers`
/** Set on an answer that is shown from what is kept: when it was kept (ISO). */
export const KEPT_AT = 'x-kept-at'
/** Marks a page that is asked for only to be kept. */
export const FOR_KEEPING = 'x-for-keeping'

/** Deletes every page and answer that is kept. */
export async function forgetKept(): Promise<void> {
  if (typeof caches === 'undefined') return
  const names = await caches.keys()
  await Promise.all(
    names.filter((name) => name.startsWith(KEPT)).map((name) => caches.delete(name)),
  )
}
