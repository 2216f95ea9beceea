/** Papers of lots and named views of the stock. */
import type { LotId } from '../../core/ids'
import type { Trx } from '../frame/connect'

export interface StockViewRow {
  readonly id: string
  readonly name: string
  readonly filter: unknown
}

export const readStockViews = async (trx: Trx): Promise<readonly StockViewRow[]> =>
  trx
    .selectFrom('stock_view')
    .select(['id', 'name', 'filter'])
    .where('removed_by_act', 'is', null)
    .orderBy('name')
    .execute()

/** The paper kept with a lot itself. */
export const paperOfLot = (trx: Trx, lotId: LotId) =>
  trx
    .selectFrom('lot_paper')
    .select(['id', 'media_type', 'bytes'])
    .where('lot_id', '=', lotId)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()

/** The lot that has the paper: the lot itself or, for a part, the lot it came from. */
export async function lotWithPaper(trx: Trx, lotId: LotId): Promise<LotId | null> {
  // A part of a part of a part: nobody decants further, and a circle cannot be recorded.
  let at: LotId | null = lotId
  for (let step = 0; at !== null && step < 10; step++) {
    const row: { id: string | null; origin: unknown } | undefined = await trx
      .selectFrom('lot')
      .leftJoin('lot_paper', (join) =>
        join.onRef('lot_paper.lot_id', '=', 'lot.id').on('lot_paper.removed_by_act', 'is', null),
      )
      .select(['lot_paper.id', 'lot.origin'])
      .where('lot.id', '=', at)
      .executeTakeFirst()
    if (row?.id) return at
    at = (row?.origin as { lotId?: LotId } | null | undefined)?.lotId ?? null
  }
  return null
}
