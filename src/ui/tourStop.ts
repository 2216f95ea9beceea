/** Where the tour of this tab is. Kept by the tab, so that reload and back keep it, and no other tab has it. */

const KEY = 'tour'

/** Null where none goes on. */
export function tourStop(): number | null {
  const kept = sessionStorage.getItem(KEY)
  return kept !== null && /^\d{1,2}$/.test(kept) ? Number(kept) : null
}

export const setTourStop = (at: number): void => sessionStorage.setItem(KEY, String(at))

export const endTour = (): void => sessionStorage.removeItem(KEY)
