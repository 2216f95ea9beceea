/** Heat and frost. */
import * as exposureActs from '../../app/exposure/exposureActs'
import { readExposure } from '../../app/exposure/readExposure'
import type * as contract from '../../contract/exposure'
import type { HandlersOf } from '../handler'

export const exposure: HandlersOf<typeof contract> = { ...exposureActs, readExposure }
