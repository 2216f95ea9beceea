/** The kinds of thing a household keeps, and the codes on their packs. */
import * as catalogueActs from '../../app/catalogueActs'
import * as codeActs from '../../app/codeActs'
import { changeItem, readItems } from '../../app/householdActs'
import type * as contract from '../../contract/items'
import type { HandlersOf } from '../handler'

export const items: HandlersOf<typeof contract> = {
  ...catalogueActs,
  ...codeActs,
  readItems,
  changeItem,
}
