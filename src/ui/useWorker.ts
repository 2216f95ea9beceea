/** Registers the service worker, which serves what is kept when the network is away. */
import { useEffect } from 'react'
import { controlled } from '../device/controlled'
import { keepDevice } from '../device/keep'

export function useWorker(): void {
  useEffect(() => {
    // While developing, an old page from a cache would only puzzle.
    if (!import.meta.env.PROD || !navigator.serviceWorker) return
    void controlled()
      .then(() => keepDevice())
      .catch(() => undefined)
  }, [])
}
