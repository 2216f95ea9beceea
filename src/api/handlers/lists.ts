/** The lists that are proposed for a place. */
import { decideLines } from '../../app/lists/listActs'
import type * as contract from '../../contract/lists'
import type { HandlersOf } from '../handler'

export const lists: HandlersOf<typeof contract> = { decideLines }
