/** The database in the browser. */
import Dexie, { type EntityTable, liveQuery } from 'dexie'
import type { DeviceTables, Holder, WaitingRow } from './tables'

class DeviceStore extends Dexie implements DeviceTables {
  declare holder: EntityTable<Holder, 'id'>
  declare waiting: EntityTable<WaitingRow, 'seq'>

  constructor() {
    super('vivid-satchel')
    this.version(1).stores({ holder: 'id', waiting: '++seq, &key, [userId+state]' })
  }
}

let device: DeviceStore | undefined

export function opened(): DeviceTables {
  device ??= new DeviceStore()
  return device
}

/** What is read from the tables, now and again whenever it changes, also from another window. */
export function watch<T>(
  read: (tables: DeviceTables) => Promise<T>,
  listener: (found: T) => void,
): () => void {
  const tables = opened()
  const subscription = liveQuery(() => read(tables)).subscribe(listener)
  return () => subscription.unsubscribe()
}
