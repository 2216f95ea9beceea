/** What could not be written down because the device is full: said once, on whatever screen is open. */

/** The device has no room, and nobody took the act otherwise: it is not done. */
export class DeviceFullError extends Error {
  override readonly name = 'DeviceFullError'
}

/** What was pressed, in words. */
export interface Unkept {
  readonly title: string
  /** Why the server did not take it; null where it did not answer. */
  readonly problem: { readonly title: string; readonly detail: string } | null
}

/** Null when everything is kept. */
let unkept: Unkept | null = null
const listeners = new Set<() => void>()
let isHeard = false

export const unkeptNow = (): Unkept | null => unkept
export const unkeptAtFirst = (): Unkept | null => null

export function onUnkept(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

function set(next: Unkept | null): void {
  unkept = next
  for (const listener of listeners) listener()
}

export const forgetUnkept = (): void => set(null)

export function noteUnkept(title: string, problem: Unkept['problem']): DeviceFullError {
  // Whoever pressed is told here; nothing else has to catch it.
  if (!isHeard && typeof addEventListener === 'function') {
    isHeard = true
    addEventListener('unhandledrejection', (event) => {
      if (event.reason instanceof DeviceFullError) event.preventDefault()
    })
  }
  set({ title, problem })
  return new DeviceFullError(title)
}

/** What a database in the browser throws when there is no room; Dexie wraps it. */
export function isFull(error: unknown): boolean {
  const { name, inner } = error as { name?: string; inner?: { name?: string } }
  return name === 'QuotaExceededError' || inner?.name === 'QuotaExceededError'
}
