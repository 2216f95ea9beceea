/** Registers the service worker, which serves what is kept when the network is away. */
import { useEffect } from 'react'
import { keepDevice } from '../device/keep'

export function useWorker(): void {
  useEffect(() => {
    // While developing, an old page from a cache would only puzzle.
    if (!import.meta.env.PROD || !navigator.serviceWorker) return
    void navigator.serviceWorker
      .register('/sw.js')
      .then(() => navigator.serviceWorker.ready)
      // From now on pages and answers that go by are kept.
      .then(whenControlled)
      .then(() => keepDevice())
      .catch(() => undefined)
  }, [])
}

const whenControlled = (): Promise<void> =>
  navigator.serviceWorker.controller
    ? Promise.resolve()
    : new Promise((resolve) => {
        navigator.serviceWorker.addEventListener('controllerchange', () => resolve(), {
          once: true,
        })
      })
