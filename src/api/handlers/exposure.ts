/** Heat and frost. */
import * as exposureActs from '../../app/exposure/exposureActs'
import { readExposure, readReadings } from '../../app/exposure/readExposure'
import { readLotExposure } from '../../app/exposure/readLotExposure'
import { tellHarmed } from '../../app/exposure/tellHarmed'
import type * as contract from '../../contract/exposure'
import { writeLoggerFile } from '../../core/exposure/writeLoggerFile'
import * as words from '../../words'
import type { HandlersOf } from '../handler'

const JSON_TYPE = 'application/json; charset=utf-8'
const CSV = 'text/csv; charset=utf-8'

export const exposure: HandlersOf<typeof contract> = {
  ...exposureActs,
  fetchReadings: async (world, caller, asked) => {
    const told = await exposureActs.fetchReadings(world, caller, asked)
    if (told.held > 0) await tellHarmed(world, caller, (to) => words.letters.harmed(to, told.held))
    return told
  },
  readExposure,
  readLotExposure: (world, caller, { lotId, pocket }) =>
    readLotExposure(world, caller, lotId, pocket),
  lotExposureFile: async (world, caller, { lotId, pocket }) => {
    const met = await readLotExposure(world, caller, lotId, pocket)
    return { name: `${met.title}.json`, type: JSON_TYPE, body: JSON.stringify(met, null, 2) }
  },
  readingsFile: async (world, caller, { logId }) => {
    const { name, series } = await readReadings(world, caller, logId)
    return { name: `${name}.csv`, type: CSV, body: writeLoggerFile(series) }
  },
}
