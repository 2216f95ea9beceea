/** What the demo household was stocked with. */
import type { ItemId, KitId, LotId, MemberId, PlaceId, PocketId } from '../core/ids'
import type { DemoItemKey } from './household'

export interface Stocked {
  readonly lots: ReadonlyMap<string, LotId>
  readonly pockets: ReadonlyMap<string, PocketId>
  readonly items: ReadonlyMap<DemoItemKey, ItemId>
  readonly kits: ReadonlyMap<string, KitId>
  readonly members: ReadonlyMap<string, MemberId>
  readonly places: ReadonlyMap<string, PlaceId>
}
