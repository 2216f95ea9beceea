/** Says which catalogue entry an item is one of, and what the household knows better. */
import { catalogue } from '../core/catalogue/catalogue'
import type { CatalogueEntry } from '../core/catalogue/entry'
import { type OwnFacts, ownFactsFaults } from '../core/catalogue/itemFacts'
import type { ItemId } from '../core/ids'
import type { Trx } from '../db/connect'
import { editRecord } from '../db/records'
import { act, mustEdit } from './act'
import { notFound, Refusal } from './refusal'
import type { Caller, World } from './world'

/** The entry of an id. @throws {Refusal} when the catalogue has none */
export function mustBeEntry(id: string): CatalogueEntry {
  const entry = catalogue().get(id)
  if (!entry) throw new Refusal({ code: 'not_in_catalogue', id })
  return entry
}

/** Confirms the entries of several items in one press; null for plain items. */
export const matchItems = (
  world: World,
  caller: Caller,
  {
    key,
    matches,
  }: {
    readonly key: string
    readonly matches: readonly { readonly itemId: ItemId; readonly catalogueId: string | null }[]
  },
) =>
  act(world, caller, { key, kind: 'items_matched', request: matches }, async (acting) => {
    for (const { itemId, catalogueId } of matches) {
      const entry = catalogueId === null ? null : mustBeEntry(catalogueId)
      mustEdit(
        await editRecord(
          acting,
          'item',
          itemId,
          {
            catalogue_id: catalogueId,
            ...(entry?.openedRule && {
              opened_clock: JSON.stringify({ kind: 'rule', rule: entry.openedRule }),
            }),
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
  const row = await trx
    .selectFrom('item')
    .select('catalogue_id')
    .where('id', '=', itemId)
    .executeTakeFirst()
  if (!row) throw notFound()
  const id = patch.catalogueId === undefined ? row.catalogue_id : patch.catalogueId
  const [fault] = ownFactsFaults(patch.own, id === null ? null : (catalogue().get(id) ?? null))
  if (fault) throw new Refusal({ code: 'own_facts', fault })
}
