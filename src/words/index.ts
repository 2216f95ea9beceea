/** Every text that people read, by capability, in one catalogue: one language, one object of the same shape. */
import { account } from './account/account'
import { letters } from './account/letters'
import { signIn } from './account/signIn'
import { whole } from './account/whole'
import { care } from './care/care'
import { cover, evening } from './cover'
import { findText } from './find'
import { forms } from './frame/forms'
import { appName, errors, keys, look, strap, tabs, tagline, undo } from './frame/frame'
import { heldBecause } from './frame/heldBecause'
import { keeps } from './frame/keepsFor'
import { ready } from './frame/ready'
import { LINE_STATES, LOT_STATES } from './frame/states'
import { householdText } from './household'
import { bringing, bringText } from './imports'
import { matching, size, things, verdict } from './items'
import {
  arrange,
  grams,
  kitList,
  kitTabs,
  litres,
  load,
  mat,
  measures,
  pocketText,
  pointers,
  shapes,
} from './kits'
import { lists } from './lists'
import { member } from './members'
import { calendar, importText, placeText } from './places'
import { recordText, told } from './record'
import { forecast, rates } from './restock/forecast'
import { plan } from './restock/plan'
import { recalls } from './restock/recalls'
import { restockText } from './restock/restock'
import { shopping } from './restock/shopping'
import { rounds } from './rounds'
import { label, sheetText } from './sheets'
import { add, lotActs, lotActsText, lotText, reviewText, state, stockListText } from './stock'
import { watchText } from './watch'

const english = {
  name: appName,
  tagline,
  tabs,
  strap,
  ready,
  undo,
  keys,
  look,
  errors,
  forms,
  account: { ...account, signIn, letters, whole },
  care,
  cover: { ...cover, evening },
  find: findText,
  household: householdText,
  imports: { ...bringText, howRead: bringing },
  items: { ...things, matching, verdict, size },
  kits: {
    ...kitList,
    tabs: kitTabs,
    mat,
    shapes,
    load,
    pocket: pocketText,
    pointers,
    arrange,
    litres,
    measures,
    grams,
  },
  lists,
  members: member,
  places: { ...placeText, calendar, importing: importText },
  record: { ...recordText, told },
  restock: { ...restockText, plan, forecast, rates, recalls, shopping },
  rounds,
  sheets: { ...sheetText, label },
  stock: {
    list: stockListText,
    lot: lotText,
    acts: { ...lotActsText, of: lotActs },
    add,
    review: reviewText,
    state,
    stateWord: { ...LOT_STATES, bare: LINE_STATES.bare },
    heldBecause,
    keepsFor: keeps,
  },
  watch: watchText,
}
export type Words = typeof english
export const words: Words = english
