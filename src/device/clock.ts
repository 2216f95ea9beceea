/**
 * The server's time as this device knows it. Devices' clocks are often wrong; how far this one is
 * off is remembered, so that times are right without a connection as well.
 */
const KEY = 'satchel-clock'

let ahead: number | undefined

const read = (): number => {
  if (typeof localStorage === 'undefined') return 0
  const kept = Number(localStorage.getItem(KEY) ?? 0)
  return Number.isFinite(kept) ? kept : 0
}

/** @param serverTime as the server said it, in milliseconds. @param heardAt by this device's clock */
export function noteServerTime(serverTime: number, heardAt: number): void {
  ahead = serverTime - heardAt
  localStorage.setItem(KEY, String(ahead))
}

/** Milliseconds since 1970 by the server's clock. */
export const serverNow = (): number => Date.now() + (ahead ?? read())
