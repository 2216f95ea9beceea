/** Parts that nobody sees until they are opened: fetched when the page has nothing else to do. */
import { type ComponentType, useEffect, useState } from 'react'

/** At the latest then, on a device that is never idle. */
const LATEST_MILLISECONDS = 3000

/**
 * A part whose script comes after the screen: fetched when the page is idle, so that it is there
 * without a connection too, or at once when it is wanted before that.
 * @param load the same function at every call: one of the module
 * @param onMissed it is wanted and did not come: nobody waits for what does not open
 * @returns null until it is there; without a connection it is asked for again when it is wanted next
 */
export function useLater<P>(
  load: () => Promise<ComponentType<P>>,
  wanted: boolean,
  onMissed?: () => void,
): ComponentType<P> | null {
  const [Part, setPart] = useState<ComponentType<P> | null>(null)
  const isThere = Part !== null
  useEffect(() => {
    if (isThere) return
    let left = false
    const take = () =>
      void load().then(
        (part) => {
          if (!left) setPart(() => part)
        },
        () => {
          if (!left && wanted) onMissed?.()
        },
      )
    const stop = wanted ? take() : whenIdle(take)
    return () => {
      left = true
      stop?.()
    }
  }, [load, isThere, wanted, onMissed])
  return Part
}

function whenIdle(act: () => void): () => void {
  if (typeof requestIdleCallback === 'function') {
    const asked = requestIdleCallback(act, { timeout: LATEST_MILLISECONDS })
    return () => cancelIdleCallback(asked)
  }
  const timer = setTimeout(act, LATEST_MILLISECONDS)
  return () => clearTimeout(timer)
}
