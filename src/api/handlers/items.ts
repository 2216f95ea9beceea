/** The kinds of thing a household keeps, and the codes on their packs. */
import { changeItem, readItems } from '../../app/household/householdActs'
import * as catalogueActs from '../../app/items/catalogueActs'
import * as codeActs from '../../app/items/codeActs'
import type * as contract from '../../contract/items'
import type { HandlersOf } from '../handler'

export const items: HandlersOf<typeof contract> = {
  ...catalogueActs,
  ...codeActs,
  readItems,
  changeItem,
}
