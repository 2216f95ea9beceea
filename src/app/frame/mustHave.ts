/** What an act names has to be the household's own, and still there. */
import type { ItemId, KitId, MemberId, PlaceId, PocketId } from '../../core/ids'
import type { Trx } from '../../db/frame/connect'
import { isThere } from '../../db/frame/records'
import { notFound } from './refusal'

interface Named {
  readonly item: ItemId
  readonly kit: KitId
  readonly member: MemberId
  readonly place: PlaceId
  readonly pocket: PocketId
}

/** @throws {Refusal} `not_found` for what was taken away or is another household's */
export async function mustHave<Noun extends keyof Named>(
  trx: Trx,
  noun: Noun,
  id: Named[Noun],
): Promise<void> {
  if (!(await isThere(trx, noun, id))) throw notFound()
}
