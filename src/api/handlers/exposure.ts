/** Heat and frost. */
import * as exposureActs from '../../app/exposure/exposureActs'
import { readExposure, readReadings } from '../../app/exposure/readExposure'
import type * as contract from '../../contract/exposure'
import { writeLoggerFile } from '../../core/exposure/writeLoggerFile'
import type { HandlersOf } from '../handler'

const CSV = 'text/csv; charset=utf-8'

export const exposure: HandlersOf<typeof contract> = {
  ...exposureActs,
  readExposure,
  readingsFile: async (world, caller, { logId }) => {
    const { name, series } = await readReadings(world, caller, logId)
    return { name: `${name}.csv`, type: CSV, body: writeLoggerFile(series) }
  },
}
