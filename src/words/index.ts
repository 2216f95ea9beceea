/**
 * Every text that people read, by capability: one language. Modules, not one object: a screen that
 * says `words.watch.title` takes the words of Watch along and no others. A second language is a
 * second folder of the same modules.
 */
export { account } from './account/account'
export { letters } from './account/letters'
export { signIn } from './account/signIn'
export { whole } from './account/whole'
export * as care from './care'
export { cover, evening } from './cover'
export { evacuation } from './evacuation/evacuation'
export { evenings, noteText, sitting } from './evenings/evenings'
export { exposure } from './exposure/exposure'
export { storage } from './exposure/storage'
export { findText as find } from './find/find'
export { type ExplainedId, whatIs } from './frame/explained'
export { forms } from './frame/forms'
export {
  appName as name,
  errors,
  firstSteps,
  happened,
  householdParts,
  keys,
  leaving,
  look,
  more,
  strap,
  tabs,
  tagline,
  tripNamed,
  undo,
  ways,
} from './frame/frame'
export { type HelpId, type HelpPage, help, helpPages } from './frame/helpPages'
export { ready } from './frame/ready'
export { tour } from './frame/tour'
export { waiting } from './frame/waiting'
export { beginning } from './household/beginning'
export { householdText as household } from './household/household'
export { settings } from './household/settings'
export { imports } from './imports'
export { items } from './items'
export { kits } from './kits'
export { lists } from './lists'
export { member as members } from './members'
export { households, joining, people } from './people/people'
export { roleHere } from './people/roleHere'
export { places } from './places'
export { record } from './record'
export { forecast, rates } from './restock/forecast'
export { plan } from './restock/plan'
export { recalls } from './restock/recalls'
export { restockText as restock } from './restock/restock'
export { shopping } from './restock/shopping'
export { roadside } from './roadside'
export { rounds } from './rounds'
export { labels, labelText } from './sheets/labels'
export { sheets } from './sheets/sheets'
export { wallet, walletFaces } from './sheets/wallet'
export * as stock from './stock'
export { trips } from './trips/trips'
export { watchText as watch } from './watch'
