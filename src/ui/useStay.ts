/** What is written and not saved yet is not lost by a press on a link, a reload or a closed tab. */
import { useEffect } from 'react'

/**
 * While it holds, the browser asks before the page is left.
 * @param isWritten asked again at that moment: what was saved just now may be left
 */
export function useStay(holds: boolean, isWritten: () => boolean = () => true): void {
  useEffect(() => {
    if (!holds) return
    const stay = (event: BeforeUnloadEvent) => {
      if (isWritten()) event.preventDefault()
    }
    addEventListener('beforeunload', stay)
    return () => removeEventListener('beforeunload', stay)
  }, [holds, isWritten])
}
