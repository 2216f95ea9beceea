/**
 * What closes each gap, found once and kept until something changes that bears on it: looking for it
 * tries what lies in every kit and what can be bought.
 */
import { catalogue } from '../catalogue/catalogue'
import type { RoleId } from '../catalogue/roles'
import { OWN_MEDICINE } from '../cover/asking'
import type { Closing } from '../cover/closing'
import { entryThing } from '../cover/entryThing'
import { behind, leaningOn } from '../cover/leaning'
import type { Need } from '../cover/need'
import type { Pantry, Shelf } from '../cover/pantry'
import { asksFor } from './days'

interface Found {
  readonly need: Need
  readonly closing: Closing | null
}

/** How much of a shelf lies beyond what is wanted there, by `shelfKey`. */
export type Spare = ReadonlyMap<string, number>

export const shelfKey = (lotId: Shelf['lotId'], pocketId: Shelf['pocket']['id']): string =>
  `${lotId}/${pocketId}`

export class ClosingBook {
  private readonly found: Map<string, Found>
  private spare: Spare

  /** @param known what was found before things that play these roles changed, anywhere */
  constructor(known?: ClosingBook, pantry?: Pantry, roles: ReadonlySet<RoleId> = new Set()) {
    this.found = new Map(known?.found)
    this.spare = known?.spare ?? new Map()
    if (pantry) this.forget(pantry, roles)
  }

  /** So many answers are kept. */
  get size(): number {
    return this.found.size
  }

  /** Only what is beyond a target may be carried away: where that differs, it is looked for again. */
  reckonWith(pantry: Pantry, spare: Spare): void {
    if (this.spare === spare) return
    const roles = new Set<RoleId>()
    for (const { lotId, pocket, thing } of pantry.shelves) {
      const key = shelfKey(lotId, pocket.id)
      if (this.spare.get(key) === spare.get(key)) continue
      for (const role of pantry.things[thing]?.facts.roles ?? []) roles.add(role)
    }
    this.spare = spare
    this.forget(pantry, roles)
  }

  /** @param key of the place and of those for whom it is */
  closing(key: string, need: Need, find: () => Closing | null): Closing | null {
    const before = this.found.get(key)
    if (before) return before.closing
    const closing = find()
    this.found.set(key, { need, closing })
    return closing
  }

  private forget(pantry: Pantry, roles: ReadonlySet<RoleId>): void {
    if (roles.size === 0 || this.found.size === 0) return
    const all = new Set([...behind(pantry, roles), ...behindInCatalogue(roles)])
    for (const [key, { need }] of this.found)
      if (need.id === OWN_MEDICINE || asksFor(need, all)) this.found.delete(key)
  }
}

let leaning: ReadonlyMap<RoleId, ReadonlySet<RoleId>> | undefined

/** What could be bought and goes with any of these: it needs its companion bought too, or no longer. */
function* behindInCatalogue(roles: ReadonlySet<RoleId>): Generator<RoleId> {
  leaning ??= leaningOn({ things: [...catalogue().values()].map(entryThing) })
  for (const role of roles) yield* leaning.get(role) ?? []
}
