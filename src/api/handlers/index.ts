/** Who answers what: every capability's handlers, as the contract names them. */
import type { Contract } from '../../contract'
import type { HandlersOf } from '../handler'
import { account } from './account'
import { care } from './care'
import { cover } from './cover'
import { evacuation } from './evacuation'
import { evenings } from './evenings'
import { exposure } from './exposure'
import { find } from './find'
import { household } from './household'
import { imports } from './imports'
import { items } from './items'
import { kits } from './kits'
import { lists } from './lists'
import { members } from './members'
import { people } from './people'
import { places } from './places'
import { record } from './record'
import { restock } from './restock'
import { roadside } from './roadside'
import { rounds } from './rounds'
import { sheets } from './sheets'
import { stock } from './stock'
import { trips } from './trips'
import { watch } from './watch'

export const handlers: { readonly [Noun in keyof Contract]: HandlersOf<Contract[Noun]> } = {
  account,
  care,
  cover,
  evacuation,
  evenings,
  exposure,
  find,
  household,
  imports,
  items,
  kits,
  lists,
  members,
  people,
  places,
  record,
  restock,
  roadside,
  rounds,
  sheets,
  stock,
  trips,
  watch,
}
