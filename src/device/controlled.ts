/** Registers the service worker; from then on pages and answers that go by are kept. */
import { FOR_KEEPING } from './kept'

/** @returns when it watches over this page; never where there is none */
export async function controlled(): Promise<void> {
  await navigator.serviceWorker.register('/sw.js')
  await navigator.serviceWorker.ready
  if (navigator.serviceWorker.controller) return
  await new Promise<void>((resolve) => {
    navigator.serviceWorker.addEventListener('controllerchange', () => resolve(), { once: true })
  })
}

/** A page is kept as the page it is, although it is not visited. */
export const fetchToKeep = (address: string): Promise<unknown> =>
  fetch(address, {
    headers: address.startsWith('/api/') ? {} : { accept: 'text/html', [FOR_KEEPING]: '1' },
  }).catch(() => null)
