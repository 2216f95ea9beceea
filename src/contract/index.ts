/** Everything that can be asked, by capability. The browser takes the capabilities one by one. */
import * as account from './account'
import * as care from './care'
import * as cover from './cover'
import type { Endpoint, FileEndpoint } from './endpoint'
import * as evacuation from './evacuation'
import * as evenings from './evenings'
import * as exposure from './exposure'
import * as find from './find'
import * as household from './household'
import * as imports from './imports'
import * as items from './items'
import * as kits from './kits'
import * as lists from './lists'
import * as members from './members'
import * as people from './people'
import * as places from './places'
import * as record from './record'
import * as restock from './restock'
import * as roadside from './roadside'
import * as rounds from './rounds'
import * as sheets from './sheets'
import * as stock from './stock'
import * as trips from './trips'
import * as watch from './watch'

export const contract = {
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
export type Contract = typeof contract

type KindsIn<Capability> = {
  [Name in keyof Capability]: Capability[Name] extends { readonly records: readonly (infer Kind)[] }
    ? Kind
    : never
}[keyof Capability]
/**
 * Every kind of act that the record can hold: what the endpoints write, the loading of the demo, and who
 * comes and goes.
 */
export type ActKind =
  | { [Noun in keyof Contract]: KindsIn<Contract[Noun]> }[keyof Contract]
  | 'demo_loaded'
  | 'joined'
  | 'household_left'

type Entry = readonly [name: string, of: Endpoint | FileEndpoint]
const isAsked = (one: unknown): one is Endpoint | FileEndpoint =>
  typeof one === 'object' && one !== null && 'path' in one && 'method' in one

/** What one capability can be asked for, by name. */
export const askedOf = (noun: keyof Contract): readonly Entry[] =>
  Object.entries<unknown>(contract[noun]).flatMap(([name, one]) =>
    isAsked(one) ? [[name, one] as const] : [],
  )

export const NOUNS = Object.keys(contract) as readonly (keyof Contract)[]

/** Every endpoint of JSON and every file, by its name. */
export const allAsked: readonly Entry[] = NOUNS.flatMap(askedOf)

export const isFile = (asked: Endpoint | FileEndpoint): asked is FileEndpoint => 'media' in asked

/** Every endpoint of JSON, by its name. */
export const allEndpoints: readonly (readonly [string, Endpoint])[] = allAsked.filter(
  (entry): entry is readonly [string, Endpoint] => !isFile(entry[1]),
)
