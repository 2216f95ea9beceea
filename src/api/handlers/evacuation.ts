/** Leaving the house in a hurry. */
import * as evacuationActs from '../../app/evacuation/evacuationActs'
import type * as contract from '../../contract/evacuation'
import type { HandlersOf } from '../handler'

export const evacuation: HandlersOf<typeof contract> = evacuationActs
