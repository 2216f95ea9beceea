/** What cover is judged from. */
import { expectNeed, leaveOutNeed } from '../../app/cover/needActs'
import { readCover } from '../../app/cover/readCover'
import type * as contract from '../../contract/cover'
import type { HandlersOf } from '../handler'

export const cover: HandlersOf<typeof contract> = { readCover, leaveOutNeed, expectNeed }
