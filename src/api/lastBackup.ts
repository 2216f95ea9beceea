/** When the machine last made a backup, by the files in the folder that ./satchel keeps them in. */
import { readdir, stat } from 'node:fs/promises'
import { join } from 'node:path'

/** Null without a folder, or with none in it; a file is named a backup once it was compared. */
export async function lastBackup(): Promise<Date | null> {
  const folder = process.env.SATCHEL_BACKUPS
  if (!folder) return null
  const names = await readdir(folder).catch(() => [])
  const times = await Promise.all(
    names.filter((name) => name.endsWith('.dump')).map((name) => madeAt(join(folder, name))),
  )
  const last = Math.max(0, ...times)
  return last === 0 ? null : new Date(last)
}

const madeAt = (file: string): Promise<number> =>
  stat(file).then(
    ({ mtimeMs }) => mtimeMs,
    () => 0,
  )
