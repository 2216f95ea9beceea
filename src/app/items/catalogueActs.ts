/** Says which catalogue entry an item is one of, and what the household knows better. */
import { catalogue } from '../../core/catalogue/catalogue'
import type { CatalogueEntry } from '../../core/catalogue/entry'
import { ownFactsFaults } from '../../core/catalogue/itemFacts'
import type { OwnFacts } from '../../core/catalogue/ownFacts'
import type { ItemId } from '../../core/ids'
import type { OpenedClock } from '../../core/shelf-life/openedClock'
import type { ItemKind } from '../../core/stock/itemKind'
import { guessOpenedClock, isForEmesis } from '../../core/stock/itemKind'
import type { Trx } from '../../db/frame/connect'
import { editRecord } from '../../db/frame/records'
import { itemNow, kitsHolding } from '../../db/items/items'
import { act, mustEdit } from '../frame/act'
import { notFound, Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'

/** The entry of an id. @throws {Refusal} when the catalogue has none */
export function mustBeEntry(id: string): CatalogueEntry {
  const entry = catalogue().get(id)
  if (!entry) throw new Refusal({ code: 'not_in_catalogue', id })
  return entry
}

/**
 * The opened clock of an item that is one of an entry: the catalogue's rule where it has one, else
 * what the item's words and the entry's sort suggest.
 * @param around what it is for and where it lies: peroxide for a dog is kept fresh
 */
export function clockOf(
  entry: CatalogueEntry,
  { name, strength }: { readonly name: string; readonly strength: string },
  around = '',
): OpenedClock {
  if (entry.openedRule === 'peroxide' && isForEmesis(name, around))
    return { kind: 'rule', rule: 'peroxide-emesis' }
  if (entry.openedRule) return { kind: 'rule', rule: entry.openedRule }
  if (entry.kind === 'sterile') return { kind: 'rule', rule: 'single-dose' }
  if (entry.form === 'tablet' || entry.form === 'lozenge' || entry.form === 'suppository')
    return { kind: 'rule', rule: 'dry-doses' }
  return guessOpenedClock(`${name} ${entry.name}`, strength, entry.kind, around)
}

/** What a keeper says of an item: the entry it is one of, or what it is where there is none. */
export interface Said {
  readonly itemId: ItemId
  readonly catalogueId: string | null
  readonly own?: OwnFacts | undefined
  readonly kind?: ItemKind | undefined
  readonly openedClock?: OpenedClock | undefined
}

/** Takes what is said of several items in one press; null is an item that no entry knows. */
export const matchItems = (
  world: World,
  caller: Caller,
  {
    key,
    matches,
  }: {
    readonly key: string
    readonly matches: readonly Said[]
  },
) =>
  act(world, caller, { key, kind: 'items_matched', request: matches }, async (acting) => {
    for (const said of matches) {
      const { itemId, catalogueId, own } = said
      const entry = catalogueId === null ? null : mustBeEntry(catalogueId)
      if (own) await mustHoldTogether(acting.trx, itemId, { catalogueId, own })
      const item = await itemNow(acting.trx, itemId)
      if (!item) throw notFound()
      const kind = said.kind ?? entry?.kind
      const clock =
        said.openedClock ??
        (entry && item.openedClock.kind !== 'own'
          ? clockOf(
              entry,
              item,
              // Only of peroxide it matters in whose kit it lies.
              entry.openedRule === 'peroxide'
                ? [item.purpose, item.forWhom, ...(await kitsHolding(acting.trx, itemId))].join(' ')
                : '',
            )
          : null)
      mustEdit(
        await editRecord(
          acting,
          'item',
          itemId,
          {
            catalogue_id: catalogueId,
            // A guess at a name's sort gives way to what the thing is known to be.
            ...(kind && { kind }),
            ...(clock && { opened_clock: JSON.stringify(clock) }),
            ...(own && { own_facts: JSON.stringify({ ...item.own, ...own }) }),
          },
          null,
        ),
      )
    }
    return { matched: matches.length }
  })

/** Refuses what the household says of its item where that contradicts itself or the catalogue without a reason. */
export async function mustHoldTogether(
  trx: Trx,
  itemId: ItemId,
  patch: { readonly catalogueId?: string | null | undefined; readonly own?: OwnFacts | undefined },
): Promise<void> {
  if (patch.catalogueId) mustBeEntry(patch.catalogueId)
  if (!patch.own) return
  const row = await itemNow(trx, itemId)
  if (!row) throw notFound()
  const id = patch.catalogueId === undefined ? row.catalogueId : patch.catalogueId
  const [fault] = ownFactsFaults(patch.own, id === null ? null : (catalogue().get(id) ?? null))
  if (fault) throw new Refusal({ code: 'own_facts', fault })
}
