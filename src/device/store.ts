/** The database in the browser, fetched when it is first asked for: no screen waits for it to be drawn. */
import type { DeviceTables } from './tables'

export const store = async (): Promise<DeviceTables> => (await import('./deviceStore')).opened()
